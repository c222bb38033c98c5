import { practiceRequest } from '#contracts'
import { handle, nowOf, readBodyAs } from '../../http/handle'
import { savePractice } from '../../services/facts'

export default handle('keep', async ({ db, event, who }) => {
  const { practice } = await readBodyAs(event, practiceRequest)
  return savePractice(db, practice, { from: nowOf(), by: who.name })
})
