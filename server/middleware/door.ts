import { mayEnter, namesFrom, OWN } from '../http/door'
import { refuse } from '../http/handle'

/**
 * Everything that the server answers passes here first. A person who asks for a page is told what to do; a program
 * gets the code.
 */
export default defineEventHandler((event) => {
  if (import.meta.prerender) return
  const host = getRequestHeader(event, 'host') ?? ''
  const knock = {
    method: event.method,
    host,
    origin: getRequestHeader(event, 'origin'),
    own: getRequestHeader(event, OWN),
  }
  if (mayEnter(knock, namesFrom(process.env))) return
  if (event.path.startsWith('/api/')) return refuse(event, 403, { code: 'not-here', facts: {} })
  setResponseStatus(event, 403)
  setHeader(event, 'content-type', 'text/plain; charset=utf-8')
  return 'This Keep Tab is not known under the name in the address. Whoever runs it can add that name to '
    + 'KEEP_TAB_HOSTS and start it again.\n'
})
