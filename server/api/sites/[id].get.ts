import { handle, idOf } from '../../http/handle'
import { readSite } from '../../services/sites'

export default handle('read', ({ db, event }) => readSite(db, idOf(event)))
