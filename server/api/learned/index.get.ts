import { handle } from '../../http/handle'
import { readLearned } from '../../services/learned'

export default handle('read', ({ db }) => readLearned(db))
