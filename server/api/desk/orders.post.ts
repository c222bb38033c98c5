import { orderRequest } from '#contracts'
import { write } from '../../database/write'
import { handle, readBodyAs } from '../../http/handle'
import { auditWork } from '../../services/audit'
import { openDesk } from '../../services/desk'

/** Orders at the supplier's desk; what is on order becomes a line of the ledger, written by who asked. */
export default handle('write', async ({ db, event, who }) => {
  const asked = await readBodyAs(event, orderRequest)
  const ordered = await openDesk().order(asked)
  await write(db, [auditWork(db, who.name, 'part-ordered', { number: asked.number, count: asked.count })])
  return ordered
})
