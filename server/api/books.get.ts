import { packArchive } from '#core/formats'
import { handle } from '../http/handle'
import { exportBook, readAttachments } from '../services/books'

/** Plain JSON, or an archive where there are pictures. */
export default handle(async (db, event, files) => {
  const { site } = getQuery(event)
  const { book, attachments } = await exportBook(db, typeof site === 'string' ? site : undefined)
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
