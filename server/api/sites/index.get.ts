import { handle } from '../../http/handle'
import { listSites } from '../../services/sites'

export default handle(db => listSites(db))
