/**
 * The order of a day. By hand: a rank between the two neighbours', so that moving one changes no other. Proposed: who
 * has no water or air first, then what trips or groans, then what can wait; what waits for parts only once they are
 * in; within that the older call first, and calls at one site one after another.
 */
export interface Orderable {
  readonly item: string
  readonly site: string
  readonly complaint?: string
  /** carried for parts that are not in */
  readonly waits?: boolean
  /** ISO instant or day from which it stands open */
  readonly since: string
}

/** @returns a rank between two, or beyond the one that there is */
export function rankBetween(before: number | undefined, after: number | undefined): number {
  if (before === undefined) return after === undefined ? 0 : after - 1
  return after === undefined ? before + 1 : (before + after) / 2
}

/** Where ranks have come so close that no number lies between them, all are numbered anew. */
export const isSpent = (before: number, after: number): boolean => {
  const middle = (before + after) / 2
  return !(middle > before && middle < after)
}

const URGENT: Readonly<Record<string, number>> = {
  'no-water': 0, 'no-air': 0, 'breaker-trips': 1, 'overload-trips': 1, 'groans': 1, 'runs-on': 1, 'check-up': 3,
}
const urgency = ({ complaint = 'check-up', waits }: Orderable) => (waits ? 4 : (URGENT[complaint] ?? 2))

export function proposeOrder(items: readonly Orderable[]): readonly string[] {
  const sorted = items.toSorted((a, b) =>
    urgency(a) - urgency(b) || a.since.localeCompare(b.since) || a.item.localeCompare(b.item))
  const out: Orderable[] = []
  for (const item of sorted) {
    if (out.includes(item)) continue
    // what waits for parts is not dragged forward by its neighbour
    out.push(item, ...sorted.filter(o => o !== item && !out.includes(o) && o.site === item.site && !o.waits))
  }
  return out.map(o => o.item)
}
