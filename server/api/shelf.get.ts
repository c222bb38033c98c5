import { handle, todayOf } from '../http/handle'
import { readShelf } from '../services/shelf'

export default handle('read', ({ db, event }) => readShelf(db, todayOf(event)))
