import { randomUUID } from 'node:crypto'
import type { H3Event } from 'h3'
import { countRequest } from '../http/counts'
import { writeError, writeRequest } from '../http/logs'

/** Requests that failed here are logged, with KEEP_TAB_LOG=all every one; each answer carries its id. */
export default defineNitroPlugin((nitro) => {
  if (import.meta.prerender) return
  nitro.hooks.hook('request', (event) => {
    event.context.request = { id: randomUUID(), began: performance.now() }
    setHeader(event, 'x-request-id', requestOf(event).id)
  })
  nitro.hooks.hook('afterResponse', (event) => {
    const { id, began } = requestOf(event)
    const { method, path } = event
    const [status, ms] = [getResponseStatus(event), performance.now() - began]
    countRequest(method, status, ms)
    if (status >= 500 || process.env.KEEP_TAB_LOG === 'all')
      console.error(writeRequest({ id, method, path, status, ms }, new Date().toISOString()))
  })
  nitro.hooks.hook('error', (error, { event }) =>
    console.error(writeError(error, new Date().toISOString(), event && { id: requestOf(event).id, path: event.path })))
})

const requestOf = (event: H3Event) => event.context.request as { readonly id: string, readonly began: number }
