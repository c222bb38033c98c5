import { handle } from '../../http/handle'
import { listSites } from '../../services/sites'

export default handle('read', ({ db }) => listSites(db))
