import { signInRequest } from '#contracts'
import { connectionOf } from '../../http/connection'
import { handleAnyone, readBodyAs } from '../../http/handle'
import { limits } from '../../http/limits'
import { keepSession, refuseBare } from '../../http/who'
import { knownAs, signIn } from '../../services/sessions'

export default handleAnyone(async ({ db, event }) => {
  refuseBare(event)
  const { address } = connectionOf(event)
  limits.count('sign-in', address)
  const asked = await readBodyAs(event, signInRequest)
  const name = `name ${knownAs(asked.name)}`
  limits.count('sign-in', name)
  const begun = await signIn(db, { ...asked, device: getRequestHeader(event, 'user-agent') ?? '' })
  limits.forgive('sign-in', address)
  limits.forgive('sign-in', name)
  keepSession(event, begun)
  return { done: true }
})
