import { handle, idOf } from '../../http/handle'
import { mayDo } from '../../http/who'
import { endSession } from '../../services/sessions'

export default handle('read', async ({ db, event, who }) => {
  await endSession(db, who, idOf(event), mayDo(who.role, 'keep'))
  return { done: true }
})
