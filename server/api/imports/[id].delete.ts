import { handle, idOf } from '../../http/handle'
import { cancelImport } from '../../services/imports'

export default handle('papers', async ({ db, event }) => cancelImport(db, idOf(event)))
