import { demandInPlace } from '../database/inPlace'
import { handleAnyone } from '../http/handle'

/** Ready for work: the book is open, where it was, and answers. */
export default handleAnyone(async ({ db }) => {
  demandInPlace(db)
  await db.$client.execute('SELECT 1')
  return { ready: true }
})
