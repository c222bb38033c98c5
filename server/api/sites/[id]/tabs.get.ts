import { olderTabsQuery } from '#contracts'
import { handle, idOf, readQueryAs } from '../../../http/handle'
import { readOlderTabs } from '../../../services/sites'

/** Tabs of a site that came before those in its file. */
export default handle('read', ({ db, event }) =>
  readOlderTabs(db, idOf(event), readQueryAs(event, olderTabsQuery).page))
