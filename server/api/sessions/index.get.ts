import { handle } from '../../http/handle'
import { mayDo } from '../../http/who'
import { listSessions } from '../../services/sessions'

export default handle('read', ({ db, who }) => listSessions(db, who, mayDo(who.role, 'keep')))
