import { packArchive } from '#core/formats'
import { write } from '../database/write'
import { handle } from '../http/handle'
import { auditWork } from '../services/audit'
import { bookKey, seal } from '../services/bookKey'
import { exportBook, readAttachments } from '../services/books'
import { readHeads } from '../services/verify'

/** Plain JSON, or an archive where there are pictures. */
export default handle('read', async ({ db, url, event, files, who }) => {
  const { site } = getQuery(event)
  const of = typeof site === 'string' ? site : undefined
  const { book: bare, attachments } = await exportBook(db, of)
  const tabs = new Set(bare.sites.flatMap(s => s.systems.flatMap(y => (y.tabs ?? []).map(t => t.id ?? ''))))
  const book = { ...bare, seal: seal(bookKey(url), await readHeads(db, tabs)) }
  await write(db, [auditWork(db, who.name, 'exported', of ? { site: of } : {})])
  const name = (ending: string) => setHeader(event, 'content-disposition', `attachment; filename="keep-tab.${ending}"`)
  if (attachments.length === 0) {
    name('json')
    return book
  }
  name('zip')
  setHeader(event, 'content-type', 'application/zip')
  return new ReadableStream<Uint8Array>({
    start: async (stream) => {
      await packArchive(JSON.stringify(book), readAttachments(files, attachments), piece => stream.enqueue(piece))
      stream.close()
    },
  })
})
