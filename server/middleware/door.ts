import { mayEnter, namesFrom, OWN } from '../http/door'
import { refuse } from '../http/handle'

/** Everything that the server answers passes here first. */
export default defineEventHandler((event) => {
  if (import.meta.prerender) return
  const knock = { method: event.method, host: getRequestHeader(event, 'host') ?? '', origin: getRequestHeader(event, 'origin'), own: getRequestHeader(event, OWN) }
  if (!mayEnter(knock, namesFrom(process.env))) return refuse(event, 403, { code: 'not-here', facts: {} })
})
