import { handle, idOf } from '../../../http/handle'
import { bookKey, seal } from '../../../services/bookKey'
import { readTab } from '../../../services/tabs'
import { headOf } from '../../../database/chain'

/** A tab, with where its chain stands, signed: for the printed sheet. */
export default handle('read', async ({ db, url, event }) => {
  const reply = await readTab(db, idOf(event))
  const { at, heads, signature } = seal(bookKey(url), { [reply.tab.id]: await headOf(db, reply.tab.id) })
  return { ...reply, record: { at, head: heads[reply.tab.id]!, signature } }
})
