import { connectionOf } from '../http/connection'
import { writeCounts } from '../http/counts'

/** Off unless KEEP_TAB_METRICS is set, and then for this machine alone. */
export default defineEventHandler((event) => {
  if (!process.env.KEEP_TAB_METRICS || !connectionOf(event).here) {
    setResponseStatus(event, 404)
    return ''
  }
  setHeader(event, 'content-type', 'text/plain; version=0.0.4; charset=utf-8')
  return writeCounts()
})
