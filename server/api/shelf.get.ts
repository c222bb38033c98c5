import { handle } from '../http/handle'
import { readShelf } from '../services/shelf'

export default handle('read', ({ db }) => readShelf(db))
