import { handle, idOf, numberOf } from '../../../http/handle'
import { readLinesAfter } from '../../../services/tabs'

export default handle('read', ({ db, event }) => readLinesAfter(db, idOf(event), numberOf(event, 'after')))
