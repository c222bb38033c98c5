import { handle, todayOf } from '../http/handle'
import { readToday } from '../services/tabs'

export default handle('read', ({ db, event }) => readToday(db, todayOf(event)))
