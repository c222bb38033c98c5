import { handle, idOf, todayOf } from '../../http/handle'
import { readSite } from '../../services/sites'

export default handle('read', ({ db, event }) => readSite(db, idOf(event), todayOf(event)))
