import papa from 'papaparse'
import { handle } from '../http/handle'
import { readReadings } from '../services/readings'

const COLUMNS = ['at', 'site', 'system', 'kind', 'tab', 'test', 'title', 'value', 'unit', 'seen', 'by']

/** Readings as CSV, where nothing begins as a formula does: `?tab=`, `?site=`, or all. */
export default handle('read', async ({ db, event }) => {
  const { tab, site } = getQuery(event)
  const text = (of: unknown) => (typeof of === 'string' ? of : undefined)
  const pieces = readReadings(db, { tab: text(tab), site: text(site) })
  setHeaders(event, {
    'content-type': 'text/csv; charset=utf-8',
    'content-disposition': 'attachment; filename="keep-tab-readings.csv"',
  })
  const encoder = new TextEncoder()
  return new ReadableStream<Uint8Array>({
    start: stream => stream.enqueue(encoder.encode(`${COLUMNS.join(',')}\r\n`)),
    async pull(stream) {
      const { value, done } = await pieces.next()
      if (done) return stream.close()
      const rows = papa.unparse([...value], { header: false, columns: COLUMNS, escapeFormulae: true })
      stream.enqueue(encoder.encode(rows ? `${rows}\r\n` : ''))
    },
  })
})
