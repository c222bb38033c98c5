import { handle, nowOf } from '../../http/handle'
import { forgetLearned } from '../../services/learned'

export default handle(db => forgetLearned(db, nowOf()))
