import { nowOf } from '../http/handle'

/** Alive, and the shop's time. */
export default defineEventHandler(() => ({ ok: true, now: nowOf() }))
