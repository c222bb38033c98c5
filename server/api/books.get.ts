import { handle } from '../http/handle'
import { exportBook } from '../services/books'

export default handle(async (db, event) => {
  const { site } = getQuery(event)
  setHeader(event, 'content-disposition', 'attachment; filename="keep-tab.json"')
  return exportBook(db, typeof site === 'string' ? site : undefined)
})
