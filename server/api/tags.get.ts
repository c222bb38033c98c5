import { handle } from '../http/handle'
import { readTags } from '../services/sites'

export default handle('read', async ({ db }) => readTags(db))
