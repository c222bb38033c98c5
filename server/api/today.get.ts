import { handle, todayOf } from '../http/handle'
import { readToday } from '../services/today'

export default handle('read', ({ db, event }) => readToday(db, todayOf(event)))
