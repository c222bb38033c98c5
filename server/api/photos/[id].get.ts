import { handle, idOf } from '../../http/handle'
import { readPhoto } from '../../services/photos'

export default handle(async (db, event) => {
  const { type, bytes } = await readPhoto(db, idOf(event))
  setHeaders(event, { 'content-type': type, 'cache-control': 'private, max-age=31536000, immutable', 'x-content-type-options': 'nosniff' })
  return bytes
})
