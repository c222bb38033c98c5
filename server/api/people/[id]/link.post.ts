import { handle, idOf } from '../../../http/handle'
import { inviteAgain } from '../../../services/people'

export default handle('keep', ({ db, event, who }) => inviteAgain(db, who, idOf(event)))
