import { handle } from '../http/handle'
import { importBook } from '../services/books'

export default handle(async (db, event, files) => {
  const { layTo } = getQuery(event)
  return importBook(
    db,
    files,
    (await readRawBody(event, false)) ?? new Uint8Array(),
    typeof layTo === 'string' ? layTo : undefined,
  )
})
