import { roleRequest } from '#contracts'
import { handle, idOf, readBodyAs } from '../../../http/handle'
import { changeRole, leave, listPeople } from '../../../services/people'

/** Another role, or none from now on. */
export default handle('keep', async ({ db, event, who }) => {
  const { role } = await readBodyAs(event, roleRequest)
  if (role === 'left') await leave(db, who, idOf(event))
  else await changeRole(db, who, idOf(event), role)
  return listPeople(db)
})
