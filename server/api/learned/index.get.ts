import { handle } from '../../http/handle'
import { readLearned } from '../../services/learned'

export default handle(db => readLearned(db))
