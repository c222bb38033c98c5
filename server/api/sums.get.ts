import papa from 'papaparse'
import { booksQuery, SUM_TABLES } from '#contracts'
import { handle, readQueryAs, todayOf } from '../http/handle'
import { readBooks, tableOf } from '../services/sums'

/** The books; with `?table=faults` one table of them as CSV, where nothing begins as a formula does. */
export default handle('read', async ({ db, event }) => {
  const asked = readQueryAs(event, booksQuery)
  const table = SUM_TABLES.find(t => t === getQuery(event).table)
  if (!table) return readBooks(db, asked, todayOf(event))
  setHeaders(event, {
    'content-type': 'text/csv; charset=utf-8',
    'content-disposition': `attachment; filename="keep-tab-${table}.csv"`,
  })
  return papa.unparse([...(await tableOf(db, table, asked, todayOf(event)))], { escapeFormulae: true })
})
