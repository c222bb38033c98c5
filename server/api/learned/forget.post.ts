import { handle, nowOf } from '../../http/handle'
import { forgetLearned } from '../../services/learned'

export default handle('keep', ({ db, who }) => forgetLearned(db, nowOf(), who.name))
