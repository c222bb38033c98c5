import { handle, idOf } from '../../../http/handle'
import { heldOf } from '../../../services/lines'

export default handle('read', ({ db, event }) => heldOf(db, idOf(event)))
