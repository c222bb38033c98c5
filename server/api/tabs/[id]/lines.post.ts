import { addLinesRequest } from '#contracts'
import { handle, idOf, readBodyAs } from '../../../http/handle'
import { limits } from '../../../http/limits'
import { mayWriteLine } from '../../../http/who'
import { addLines } from '../../../services/lines'

/** A hundred lines, and long ones. */
const MOST = 4 * 1024 * 1024

export default handle('write', async ({ db, event, who }) => {
  limits.count('posts', who.session)
  const { lines } = await readBodyAs(event, addLinesRequest, MOST)
  return addLines(db, idOf(event), lines, {
    session: who.session,
    sender: who.name,
    mayWrite: mayWriteLine(who.role),
  })
})
