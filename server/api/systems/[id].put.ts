import { nameplateRequest } from '#contracts'
import { write } from '../../database/write'
import { handle, idOf, nowOf, readBodyAs } from '../../http/handle'
import { auditWork } from '../../services/audit'
import { saveNameplate } from '../../services/facts'

export default handle('call', async ({ db, event, who }) => {
  const { nameplate } = await readBodyAs(event, nameplateRequest)
  const saved = await saveNameplate(db, idOf(event), nameplate, { from: nowOf(), by: who.name })
  await write(db, [auditWork(db, who.name, 'nameplate-changed', { system: saved.id })])
  return saved
})
