import { handle, idOf } from '../../http/handle'
import { readImport } from '../../services/imports'

/** How far a file is that is being taken in. */
export default handle('papers', async ({ db, event }) => readImport(db, idOf(event)))
