import { PIECE_BYTES } from '#contracts'
import { handle, idOf, numberOf, readBytes } from '../../http/handle'
import { limits } from '../../http/limits'
import { addPiece } from '../../services/attachments'

export default handle('write', async ({ db, event, files, who }) => {
  limits.count('posts', who.session)
  const piece = await readBytes(event, 2 * PIECE_BYTES)
  return addPiece(db, files, idOf(event), piece, numberOf(event, 'from'), numberOf(event, 'size'))
})
