import { passkeyRequest } from '#contracts'
import { handle, placeOf, readBodyAs } from '../../../http/handle'
import { addPasskey } from '../../../services/passkeys'

export default handle('read', async ({ db, event, who }) => {
  await addPasskey(db, who, placeOf(event), (await readBodyAs(event, passkeyRequest)).response)
  return { done: true }
})
