import { handle } from '../http/handle'
import { importBook } from '../services/books'

export default handle(async (db, event) => {
  const { layTo } = getQuery(event)
  return importBook(db, (await readRawBody(event)) ?? '', typeof layTo === 'string' ? layTo : undefined)
})
