import { write } from '../../../database/write'
import { handle, idOf } from '../../../http/handle'
import { auditWork } from '../../../services/audit'
import { bookKey } from '../../../services/bookKey'
import { makeSheetWord, readSheet } from '../../../services/sheetLinks'

/** A link by which the customer reads this tab's sheet, once it is settled. */
export default handle('write', async ({ db, url, event, who }) => {
  const tab = idOf(event)
  await readSheet(db, tab)
  await write(db, [auditWork(db, who.name, 'sheet-link-made', { tab })])
  return { word: makeSheetWord(bookKey(url), tab, Date.now()) }
})
