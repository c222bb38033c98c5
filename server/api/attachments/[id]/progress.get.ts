import { handle, idOf } from '../../../http/handle'
import { attachmentProgress } from '../../../services/attachments'

export default handle('read', ({ db, event, files }) => attachmentProgress(db, files, idOf(event)))
