import { joinRequest } from '#contracts'
import { connectionOf } from '../../http/connection'
import { handleAnyone, readBodyAs } from '../../http/handle'
import { limits } from '../../http/limits'
import { keepSession, refuseBare } from '../../http/who'
import { join } from '../../services/people'
import { beginSession } from '../../services/sessions'

/** Takes up a one-time link, and signs in by it. */
export default handleAnyone(async ({ db, event }) => {
  refuseBare(event)
  limits.count('sign-in', connectionOf(event).address)
  const { word, name, passphrase, trusted } = await readBodyAs(event, joinRequest)
  const person = await join(db, word, name, passphrase)
  const device = getRequestHeader(event, 'user-agent') ?? ''
  keepSession(event, await beginSession(db, person, { trusted, device, how: 'link' }))
  return { done: true }
})
