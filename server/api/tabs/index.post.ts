import { openTabRequest } from '#contracts'
import { handle, readBodyAs } from '../../http/handle'
import { limits } from '../../http/limits'
import { openTab } from '../../services/tabs'

export default handle('call', async ({ db, event, who }) => {
  limits.count('posts', who.session)
  return openTab(db, await readBodyAs(event, openTabRequest), { session: who.session, sender: who.name })
})
