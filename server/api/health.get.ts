import { handle, nowOf } from '../http/handle'

/** Alive, and the shop's time. */
export default handle(async () => ({ ok: true, now: nowOf() }))
