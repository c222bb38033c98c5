import { nameplateRequest } from '#contracts'
import { handle, idOf, nowOf, readBodyAs } from '../../http/handle'
import { saveNameplate } from '../../services/facts'

export default handle(async (db, event) => {
  const { nameplate, by = '' } = await readBodyAs(event, nameplateRequest)
  return saveNameplate(db, idOf(event), nameplate, { from: nowOf(), by })
})
