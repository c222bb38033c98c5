/**
 * What is said to the customer when a tab is settled, and what has to be come back for (handbook §7, §12, §14; common
 * practice, no source). Codes only: `core/words` says them, and every sentence can be changed before it is signed.
 */
import type { Facts } from '#core/foundation'
import type { SystemModel } from '#core/systems'
import { after, opens } from './asks'
import type { JudgedWiring } from './records'
import type { PlannedRepair } from './repairs'
import type { OpenPoint } from './openPoints'

export const ADVICE_CODES = [
  'coloured-water', 'disinfected', 'precharge-yearly', 'switch-yearly', 'move-switch', 'strainer-monthly',
  'insulation-yearly', 'relief-at-visits', 'drain-receiver', 'motor-stays-live', 'call-again',
] as const
export type AdviceCode = (typeof ADVICE_CODES)[number]
export const FOLLOW_UP_CODES = ['cause', 'temporary', 'also', 'not-proved', 'yearly'] as const
export type FollowUpCode = (typeof FOLLOW_UP_CODES)[number]

/** @param repairs those that were done */
export function adviceFor(
  { kind }: SystemModel,
  repairs: readonly PlannedRepair[],
  landed: readonly JudgedWiring[],
  open: readonly OpenPoint[],
): readonly AdviceCode[] {
  const water = kind.medium === 'water'
  const has = (test: string) => kind.tests.some(t => t.id === test)
  const on = (component: string) => repairs.some(r => r.mode.component === component)
  const about = (words: RegExp) => repairs.some(r => words.test(r.mode.repair.id))
  const said: Readonly<Record<AdviceCode, boolean>> = {
    'coloured-water': water && (opens(repairs, 'pressure') || after(repairs, 'air')),
    'disinfected': after(repairs, 'disinfect'),
    'precharge-yearly': water && has('precharge'),
    'switch-yearly': on('switch') || about(/nipple|port/),
    'move-switch': about(/nipple|port/),
    'strainer-monthly': about(/strainer|filter/),
    'insulation-yearly': has('leads.ground') && kind.faults.some(f => f.repair.id.startsWith('pull')),
    'relief-at-visits': !water,
    'drain-receiver': !water,
    'motor-stays-live': landed.some(w => w.verdict.notes.some(n => n.code === 'motor-stays-live')),
    'call-again': open.some(p => p.code === 'cause-open'),
  }
  return ADVICE_CODES.filter(code => said[code])
}

/** Days until each is due: what can fail again soon comes first. */
const DAYS: Readonly<Record<FollowUpCode, number>> = {
  'temporary': 14, 'cause': 30, 'not-proved': 30, 'also': 90, 'yearly': 365,
}

export function followUpsFor({ kind }: SystemModel, open: readonly OpenPoint[]) {
  const due = (code: FollowUpCode, facts: Facts = {}) => ({ code, days: DAYS[code], facts })
  return [
    ...open.flatMap(({ code, facts }) => {
      switch (code) {
        case 'temporary':
          return [due('temporary', facts)]
        case 'cause-open':
          return [due('cause', facts)]
        case 'also-left':
          return [due('also', facts)]
        case 'not-proved':
          return [due('not-proved', facts)]
        case 'not-named':
        case 'nothing-put-right':
        case 'left-out':
          return []
      }
    }),
    ...(kind.tests.some(t => t.id === 'precharge') ? [due('yearly')] : []),
  ]
}
