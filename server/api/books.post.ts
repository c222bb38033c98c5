import { handle, readBytes } from '../http/handle'
import { limits } from '../http/limits'
import { importBook } from '../services/books'

/** A book with its pictures. */
const MOST = 256 * 1024 * 1024

export default handle('papers', async ({ db, event, files, who }) => {
  limits.count('imports', who.session)
  const { layTo } = getQuery(event)
  return importBook(db, files, await readBytes(event, MOST), {
    layTo: typeof layTo === 'string' ? layTo : undefined,
    session: who.session,
    sender: who.name,
  })
})
