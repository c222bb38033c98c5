import { handle } from '../http/handle'

/** Alive, and the shop's time: KEEP_TAB_NOW lays it to a fixed instant for pictures and tests. */
export default handle(async () => ({ ok: true, now: process.env.KEEP_TAB_NOW ?? new Date().toISOString() }))
