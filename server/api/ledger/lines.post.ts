import { addLinesRequest, MOST_LINES } from '#contracts'
import { MOST_LINE_LENGTH } from '#core/tab'
import { handle, readBodyAs } from '../../http/handle'
import { limits } from '../../http/limits'
import { addLedgerLines } from '../../services/ledger'

export default handle('write', async ({ db, event, who }) => {
  limits.count('posts', who.session)
  const { lines } = await readBodyAs(event, addLinesRequest, 3 * MOST_LINES * (MOST_LINE_LENGTH + 1))
  return addLedgerLines(db, lines, { session: who.session, sender: who.name })
})
