import { handle, todayOf } from '../http/handle'
import { readToday } from '../services/tabs'

export default handle((db, event) => readToday(db, todayOf(event)))
