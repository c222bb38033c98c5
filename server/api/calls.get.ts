import { MOST_NAMED } from '#contracts'
import { handle } from '../http/handle'
import { nameCalls } from '../services/sums'

export default handle('read', ({ db, event }) => {
  const { tabs } = getQuery(event)
  const ids = typeof tabs === 'string' ? tabs.split(',').filter(Boolean).slice(0, MOST_NAMED) : []
  return nameCalls(db, ids)
})
