import { sitesQuery } from '#contracts'
import { handle, readQueryAs } from '../../http/handle'
import { listSites } from '../../services/sites'

export default handle('read', async ({ db, event }) => listSites(db, readQueryAs(event, sitesQuery)))
