import { inviteRequest } from '#contracts'
import { handle, readBodyAs } from '../../http/handle'
import { invite } from '../../services/people'

export default handle('keep', async ({ db, event, who }) => {
  const { name, role } = await readBodyAs(event, inviteRequest)
  return invite(db, who, name, role)
})
