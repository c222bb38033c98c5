import { practiceRequest } from '#contracts'
import { write } from '../../database/write'
import { handle, nowOf, readBodyAs } from '../../http/handle'
import { auditWork } from '../../services/audit'
import { savePractice } from '../../services/facts'

export default handle('keep', async ({ db, event, who }) => {
  const { practice } = await readBodyAs(event, practiceRequest)
  const saved = await savePractice(db, practice, { from: nowOf(), by: who.name })
  await write(db, [auditWork(db, who.name, 'practice-changed')])
  return saved
})
