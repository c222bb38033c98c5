import { handle } from '../http/handle'
import { search } from '../services/search'

export default handle('read', async ({ db, event }) => {
  const { q } = getQuery(event)
  return search(db, typeof q === 'string' ? q.slice(0, 200) : '')
})
