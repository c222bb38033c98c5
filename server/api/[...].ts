import { handleAnyone } from '../http/handle'
import { notFound } from '../services/problems'

/** Nothing else is here, in whichever way it is asked for. */
export default handleAnyone(async () => {
  throw notFound('page')
})
