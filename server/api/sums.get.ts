import papa from 'papaparse'
import { booksQuery, SUM_TABLES } from '#contracts'
import { handle, readQueryAs, todayOf } from '../http/handle'
import { askJob } from '../jobs/ask'

/** The books; with `?table=faults` one table of them as CSV, where nothing begins as a formula does. */
export default handle('read', async ({ db, url, files, event }) => {
  const of = readQueryAs(event, booksQuery)
  const table = SUM_TABLES.find(t => t === getQuery(event).table)
  const today = todayOf(event)
  if (!table) return askJob('sums', { db, files, url }, { of, today })
  setHeaders(event, {
    'content-type': 'text/csv; charset=utf-8',
    'content-disposition': `attachment; filename="keep-tab-${table}.csv"`,
  })
  return papa.unparse([...(await askJob('table', { db, files, url }, { of, table, today }))], { escapeFormulae: true })
})
