import { handle } from '../../http/handle'
import { forgetLearned } from '../../services/learned'

export default handle(db => forgetLearned(db, process.env.KEEP_TAB_NOW ?? new Date().toISOString()))
