import { handle } from '../../http/handle'
import { dropSession } from '../../http/who'
import { endSession } from '../../services/sessions'

export default handle('read', async ({ db, event, who }) => {
  await endSession(db, who, who.session, false)
  dropSession(event)
  // pictures that the browser has kept by their address
  setHeader(event, 'clear-site-data', '"cache"')
  return { done: true }
})
