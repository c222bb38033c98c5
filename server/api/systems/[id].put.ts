import { nameplateRequest } from '#contracts'
import { handle, idOf, nowOf, readBodyAs } from '../../http/handle'
import { saveNameplate } from '../../services/facts'

export default handle('call', async ({ db, event, who }) => {
  const { nameplate } = await readBodyAs(event, nameplateRequest)
  return saveNameplate(db, idOf(event), nameplate, { from: nowOf(), by: who.name })
})
