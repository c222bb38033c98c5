/** What many settled calls add up to, each figure with the tabs behind it. */
import { groupBy } from '#core/foundation'
import { median, shareOf, type Share } from './rates'
import { PHASES, type PhaseMinutes, type SettledCall } from './settledCall'

export interface BookedCall extends SettledCall {
  readonly tab: string
  readonly kind: string
  readonly site: string
  readonly system: string
  readonly openedAt: string
}

export interface Counted {
  readonly about: string
  readonly tabs: readonly string[]
}
export interface FaultSum extends Counted {
  readonly share: Share
  readonly causes: readonly Counted[]
  /** of those whose cause nobody named */
  readonly open: readonly string[]
  readonly minutes: Partial<PhaseMinutes>
}
export interface TestSum extends Counted {
  /** tabs on which it was the last that was read before what failed was named */
  readonly closed: readonly string[]
}
export interface BookSums {
  readonly calls: number
  readonly faults: readonly FaultSum[]
  readonly tests: readonly TestSum[]
  readonly firstVisit: Share & { readonly tabs: readonly string[] }
  readonly comebacks: Share & { readonly tabs: readonly string[] }
  readonly causesOpen: Share & { readonly tabs: readonly string[] }
  readonly minutes: Partial<PhaseMinutes>
}

/** Within so many days the same system again is our own doubt (handbook §14). */
export const COMEBACK_DAYS = 30

export function sumBooks(calls: readonly BookedCall[]): BookSums {
  const found = calls.filter(c => c.failed.length > 0)
  const open = found.filter(c => c.causes.length === 0)
  const again = comebacksOf(calls)
  const once = calls.filter(c => c.visits === 1)
  const counted = (some: readonly BookedCall[], of: number) => ({
    ...shareOf(some.length, of), tabs: some.map(c => c.tab),
  })
  return {
    calls: calls.length,
    faults: mostFirst(found, c => c.failed).map(([about, own]): FaultSum => ({
      about,
      tabs: own.map(c => c.tab),
      share: shareOf(own.length, found.length),
      causes: mostFirst(own, c => c.causes).map(([cause, some]) => ({ about: cause, tabs: some.map(c => c.tab) })),
      open: own.filter(c => c.causes.length === 0).map(c => c.tab),
      minutes: mediansOf(own),
    })),
    tests: mostFirst(calls, c => c.tests).map(([about, own]): TestSum => ({
      about,
      tabs: own.map(c => c.tab),
      closed: own.filter(c => c.closedBy === about).map(c => c.tab),
    })),
    firstVisit: counted(once, calls.length),
    comebacks: counted(again, calls.length),
    causesOpen: counted(open, found.length),
    minutes: mediansOf(calls),
  }
}

/** Calls on a system within thirty days of one that was settled there: each is the earlier one's comeback. */
export function comebacksOf(calls: readonly BookedCall[]): readonly BookedCall[] {
  const settled = new Map<string, { readonly tab: string, readonly at: number }[]>()
  for (const { system, tab, settledAt } of calls) {
    const own = { tab, at: Date.parse(settledAt) }
    const group = settled.get(system)
    if (group) group.push(own)
    else settled.set(system, [own])
  }
  return calls.filter((c) => {
    if (c.complaint === 'check-up') return false
    const opened = Date.parse(c.openedAt)
    return settled.get(c.system)!.some(({ tab, at }) =>
      tab !== c.tab && at <= opened && opened - at <= COMEBACK_DAYS * 86400e3)
  })
}

export const mediansOf = (calls: readonly SettledCall[]): Partial<PhaseMinutes> =>
  Object.fromEntries(PHASES.flatMap((phase) => {
    const middle = median(calls.map(c => c.minutes[phase]).filter(m => m > 0))
    return middle === undefined ? [] : [[phase, middle]]
  }))

/** Most first; each call under every name it has. */
const mostFirst = (calls: readonly BookedCall[], names: (c: BookedCall) => readonly string[]) =>
  [...groupBy(calls, names)].toSorted((a, b) => b[1].length - a[1].length || a[0].localeCompare(b[0]))
