import { addLinesRequest, MOST_LINES } from '#contracts'
import { MOST_LINE_LENGTH } from '#core/tab'
import { handle, idOf, readBodyAs } from '../../../http/handle'
import { limits } from '../../../http/limits'
import { mayWriteLine } from '../../../http/who'
import { addLines } from '../../../services/lines'

/** As many lines as are posted at once, each as long as one may be, in letters of three bytes. */
const MOST = 3 * MOST_LINES * (MOST_LINE_LENGTH + 1)

export default handle('write', async ({ db, event, who }) => {
  limits.count('posts', who.session)
  const { lines } = await readBodyAs(event, addLinesRequest, MOST)
  return addLines(db, idOf(event), lines, {
    session: who.session,
    sender: who.name,
    mayWrite: mayWriteLine(who.role),
  })
})
