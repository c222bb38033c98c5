import { randomUUID } from 'node:crypto'
import type { H3Event } from 'h3'
import { countRequest } from '../http/counts'

/**
 * One line of JSON for each request that failed here, or for each at all with KEEP_TAB_LOG=all: its id, route, status
 * and time. No names, no addresses, no ids of tabs: whose request it was is in the audit record.
 */
export default defineNitroPlugin((nitro) => {
  if (import.meta.prerender) return
  nitro.hooks.hook('request', (event) => {
    event.context.request = { id: randomUUID(), began: performance.now() }
    setHeader(event, 'x-request-id', requestOf(event).id)
  })
  nitro.hooks.hook('afterResponse', (event) => {
    const { id, began } = requestOf(event)
    const [status, ms] = [getResponseStatus(event), performance.now() - began]
    countRequest(event.method, status, ms)
    if (status >= 500 || process.env.KEEP_TAB_LOG === 'all')
      say({
        at: new Date().toISOString(), id, method: event.method, route: routeOf(event.path), status, ms: Math.round(ms),
      })
  })
  nitro.hooks.hook('error', (error, { event }) => {
    say({
      at: new Date().toISOString(),
      ...(event ? { id: requestOf(event).id, route: routeOf(event.path) } : {}),
      error: error.message,
      stack: error.stack?.split('\n').slice(1, 6).map(l => l.trim()),
    })
  })
})

const requestOf = (event: H3Event) => event.context.request as { readonly id: string, readonly began: number }
const say = (what: object) => console.error(JSON.stringify(what))
/** Without what is asked for, and without whose it is. */
const routeOf = (path: string) => path.split('?')[0]!.replace(/\/[^/]*\d[^/]*/g, '/…')
