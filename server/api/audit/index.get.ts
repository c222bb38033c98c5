import papa from 'papaparse'
import { handle } from '../../http/handle'
import { readAudit } from '../../services/audit'

/** The acts on record, the latest first; as CSV with `?as=csv`, where nothing begins as a formula does. */
export default handle('keep', async ({ db, event }) => {
  if (getQuery(event).as !== 'csv') return readAudit(db)
  setHeaders(event, {
    'content-type': 'text/csv; charset=utf-8',
    'content-disposition': 'attachment; filename="keep-tab-acts.csv"',
  })
  const rows = await readAudit(db, Infinity)
  const table = rows.map(({ facts, ...row }) => ({ ...row, facts: JSON.stringify(facts) }))
  return papa.unparse(table, { escapeFormulae: true })
})
