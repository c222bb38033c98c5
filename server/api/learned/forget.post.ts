import { write } from '../../database/write'
import { handle, nowOf } from '../../http/handle'
import { auditWork } from '../../services/audit'
import { forgetLearned } from '../../services/learned'

export default handle('keep', async ({ db, who }) => {
  await write(db, [auditWork(db, who.name, 'forgot-learned')])
  return forgetLearned(db, nowOf())
})
