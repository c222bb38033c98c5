import { handle, idOf, numberOf } from '../../http/handle'
import { addPiece } from '../../services/attachments'

export default handle(async (db, event, files) =>
  addPiece(
    db,
    files,
    idOf(event),
    await readRawBody(event, false),
    numberOf(event, 'from'),
    numberOf(event, 'size'),
  ),
)
