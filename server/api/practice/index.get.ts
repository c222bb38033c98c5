import { handle } from '../../http/handle'
import { readPractices } from '../../services/facts'

export default handle('read', ({ db }) => readPractices(db))
