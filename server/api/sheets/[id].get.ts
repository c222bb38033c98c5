import { connectionOf } from '../../http/connection'
import { handleAnyone, idOf } from '../../http/handle'
import { limits } from '../../http/limits'
import { bookKey } from '../../services/bookKey'
import { readSheet, readSheetWord } from '../../services/sheetLinks'

/** One customer's sheet, by its signed link. */
export default handleAnyone(async ({ db, url, event }) => {
  limits.count('sheets', connectionOf(event).address)
  return readSheet(db, readSheetWord(bookKey(url), idOf(event), Date.now()))
})
