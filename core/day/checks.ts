/**
 * What is looked at again and again, and when it falls due: from the last settled call on which it was read, by the
 * shop's rule or the system's own. Intervals are those of handbook §14: precharge, insulation and amps yearly;
 * contacts and nipple yearly where there is sand; the filter monthly where one is known; the tank from its eighth
 * year on. The relief's ring is looked at on each visit, so that it is due only where a rule says so.
 */
import type { CheckId } from '#core/ledger'
import { dayAfter, SPAN } from './spread'

interface CheckRule {
  /** readings that see it done, on whichever kind of system has them */
  readonly tests: readonly string[]
  /** months between, where neither the shop nor the system has a rule; nought where it is not due by itself */
  readonly months: (about: CheckedSystem) => number
}

export interface CheckedSystem {
  readonly system: string
  readonly site: string
  /** tests that its kind has */
  readonly tests: ReadonlySet<string>
  readonly installed: string
  /** what is known of the site's water and filter */
  readonly water: string
  readonly filter: string
  /** the last day on which each test was read on a call that was settled */
  readonly read: ReadonlyMap<string, string>
  /** the day of its last settled call */
  readonly seen: string
}

/** Years from which on a tank is looked at (handbook §14). */
const TANK_FROM = 8
const YEAR = 365.25

export const CHECK_RULES = {
  precharge: { tests: ['precharge'], months: () => 12 },
  contacts: { tests: ['contacts'], months: s => (/sand|grit|iron/i.test(s.water) ? 12 : 0) },
  filter: { tests: ['strainer-look'], months: s => (s.filter ? 1 : 0) },
  insulation: { tests: ['leads.ground', 'windings.ground', 'well-leads.ground'], months: () => 12 },
  amps: { tests: ['black.run', 'amps1.run', 'battery.run', 'well-black.run'], months: () => 12 },
  relief: { tests: [], months: () => 0 },
  tank: { tests: ['precharge'], months: s => (isOld(s) ? 12 : 0) },
  yield: { tests: ['level-look', 'well-level-look'], months: () => 0 },
} as const satisfies Readonly<Record<CheckId, CheckRule>>

const isOld = ({ installed, seen }: CheckedSystem) =>
  installed !== '' && seen !== '' && (Date.parse(seen) - Date.parse(installed)) / 86400e3 >= TANK_FROM * YEAR

export interface DueCheck {
  readonly system: string
  readonly site: string
  readonly checks: readonly CheckId[]
  /** ISO day of the first of them */
  readonly due: string
}

export interface CheckState {
  readonly check: CheckId
  readonly months: number
  /** when it was done last; blank where no call tells */
  readonly last: string
  /** blank where it is not due by itself, or nothing was ever settled here */
  readonly due: string
}

/** @param monthsOf the rule of the ledger, where there is one */
export function checksOf(
  about: CheckedSystem, monthsOf: (system: string, check: CheckId) => number | undefined,
): readonly CheckState[] {
  return (Object.keys(CHECK_RULES) as CheckId[]).flatMap((check) => {
    const rule: CheckRule = CHECK_RULES[check]
    if (rule.tests.length > 0 && !rule.tests.some(t => about.tests.has(t))) return []
    const months = monthsOf(about.system, check) ?? rule.months(about)
    const last = rule.tests.flatMap(t => about.read.get(t) ?? []).toSorted().at(-1) ?? ''
    const from = last || (rule.tests.length > 0 ? about.installed || about.seen : about.seen)
    return [{ check, months, last, due: months > 0 && about.seen && from ? monthsAfter(from, months) : '' }]
  })
}

/** One visit for all that fall due on a system within the span of the first. */
export function visitDue(about: CheckedSystem, states: readonly CheckState[]): DueCheck | undefined {
  const due = states.filter(s => s.due).toSorted((a, b) => a.due.localeCompare(b.due))
  const [first] = due
  if (!first) return undefined
  const until = dayAfter(first.due, SPAN)
  return {
    system: about.system, site: about.site, due: first.due,
    checks: due.filter(s => s.due <= until).map(s => s.check),
  }
}

/** The same day of a later month, or its last one: a year after 29 February is 28 February. */
export function monthsAfter(day: string, months: number): string {
  const [y, m, d] = day.slice(0, 10).split('-').map(Number) as [number, number, number]
  const last = new Date(Date.UTC(y, m - 1 + months + 1, 0)).getUTCDate()
  return new Date(Date.UTC(y, m - 1 + months, Math.min(d, last))).toISOString().slice(0, 10)
}
