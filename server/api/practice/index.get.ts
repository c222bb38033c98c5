import { handle } from '../../http/handle'
import { readPractices } from '../../services/facts'

export default handle(db => readPractices(db))
