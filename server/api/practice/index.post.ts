import { practiceRequest } from '#contracts'
import { handle, nowOf, readBodyAs } from '../../http/handle'
import { savePractice } from '../../services/facts'

export default handle(async (db, event) => {
  const { practice, by = '' } = await readBodyAs(event, practiceRequest)
  return savePractice(db, practice, { from: nowOf(), by })
})
