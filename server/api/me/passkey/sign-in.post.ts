import { passkeyRequest } from '#contracts'
import { connectionOf } from '../../../http/connection'
import { handleAnyone, placeOf, readBodyAs } from '../../../http/handle'
import { limits } from '../../../http/limits'
import { keepSession } from '../../../http/who'
import { signInByPasskey } from '../../../services/passkeys'

export default handleAnyone(async ({ db, event }) => {
  limits.count('sign-in', connectionOf(event).address)
  const { response, trusted = true } = await readBodyAs(event, passkeyRequest)
  const device = getRequestHeader(event, 'user-agent') ?? ''
  keepSession(event, await signInByPasskey(db, placeOf(event), response, { trusted, device }))
  return { done: true }
})
