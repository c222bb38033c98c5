import { handle, idOf } from '../../http/handle'
import { readAttachment } from '../../services/attachments'

export default handle('read', async ({ db, event, files }) => {
  const { type, bytes } = await readAttachment(db, files, idOf(event))
  setHeaders(event, {
    'content-type': type,
    'cache-control': 'private, max-age=31536000, immutable',
    ...(type === 'text/csv' ? { 'content-disposition': 'attachment; filename="trace.csv"' } : {}),
  })
  return Buffer.from(bytes)
})
