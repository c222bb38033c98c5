import { connectionOf } from '../../../http/connection'
import { handleAnyone, placeOf } from '../../../http/handle'
import { limits } from '../../../http/limits'
import { askToSignIn } from '../../../services/passkeys'

export default handleAnyone(({ event }) => {
  limits.count('sign-in', connectionOf(event).address)
  return askToSignIn(placeOf(event))
})
