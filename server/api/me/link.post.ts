import { wordRequest } from '#contracts'
import { connectionOf } from '../../http/connection'
import { handleAnyone, readBodyAs } from '../../http/handle'
import { limits } from '../../http/limits'
import { readLink } from '../../services/people'

/** Whose one-time link it is. */
export default handleAnyone(async ({ db, event }) => {
  limits.count('sign-in', connectionOf(event).address)
  return readLink(db, (await readBodyAs(event, wordRequest)).word)
})
