/** How often something may be tried: counts by name in memory, bounded, forgotten as their time runs out. */
import { Refusal } from '../services/problems'

export const LIMITS = {
  'sign-in': { times: 10, within: 300 },
  'posts': { times: 3000, within: 60 },
  'imports': { times: 30, within: 3600 },
  'mails': { times: 60, within: 3600 },
  'sheets': { times: 120, within: 60 },
} as const
export type Limited = keyof typeof LIMITS

/** Names counted at once: beyond it the oldest are forgotten. */
const MOST = 10_000

/** @param share of what is usual; nought for none */
export function createLimits(now: () => number = Date.now, share = 1) {
  const counts = new Map<string, { times: number, until: number }>()
  return {
    /** Counts one; refuses it once there were too many. @param by an address, a session, a name */
    count(what: Limited, by: string) {
      const { times, within } = LIMITS[what]
      const key = `${what} ${by}`
      const held = counts.get(key)
      const mine = held && held.until > now() ? held : { times: 0, until: now() + within * 1000 }
      mine.times++
      counts.delete(key)
      counts.set(key, mine)
      if (counts.size > MOST) counts.delete(counts.keys().next().value!)
      if (share > 0 && mine.times > times * share)
        throw new Refusal(429, { code: 'too-many', facts: { seconds: Math.ceil((mine.until - now()) / 1000) } })
    },
    /** After a success nothing is held against it. */
    forgive: (what: Limited, by: string) => counts.delete(`${what} ${by}`),
  }
}
/** KEEP_TAB_LIMITS times what is usual: nought for none at all, as the trials want it. */
export const limits = createLimits(Date.now, Number(process.env.KEEP_TAB_LIMITS ?? 1))
