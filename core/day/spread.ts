/**
 * Spreads what falls due so that no day has too much: earlier rather than later, on working days, and all that is due
 * at one site within its span on one day. What is over already is not moved further than to the next free day.
 */
export interface Due {
  readonly id: string
  readonly site: string
  /** ISO day */
  readonly due: string
}
export interface Spread extends Due {
  readonly on: string
}

/** Days by which a check may come early; the most of them on a day; judgement. */
export const SPAN = 14
export const MOST_A_DAY = 3

const DAY = 86400e3
export const dayAfter = (day: string, days: number): string =>
  new Date(Date.parse(`${day}T00:00:00Z`) + days * DAY).toISOString().slice(0, 10)
const isWorking = (day: string) => ![0, 6].includes(new Date(`${day}T00:00:00Z`).getUTCDay())

/** @param today nothing is laid before it; @param taken how many calls each day has already */
export function spreadDue(
  all: readonly Due[], today: string, taken: ReadonlyMap<string, number> = new Map(), most = MOST_A_DAY,
): readonly Spread[] {
  const count = new Map(taken)
  const bySite = new Map<string, string[]>()
  const out: Spread[] = []
  for (const due of all.toSorted((a, b) => a.due.localeCompare(b.due) || a.id.localeCompare(b.id))) {
    const on = placeFor(due, { today, count, most, visits: bySite.get(due.site) ?? [] })
    const visits = bySite.get(due.site) ?? []
    // a second check at a site that is gone to anyway is no further call
    if (!visits.includes(on)) {
      count.set(on, (count.get(on) ?? 0) + 1)
      bySite.set(due.site, [...visits, on])
    }
    out.push({ ...due, on })
  }
  return out
}

interface Room {
  readonly today: string
  readonly count: ReadonlyMap<string, number>
  readonly most: number
  readonly visits: readonly string[]
}

function placeFor({ due }: Due, { today, count, most, visits }: Room): string {
  const earliest = [dayAfter(due, -SPAN), today].toSorted().at(-1)!
  const visit = visits.find(day => day >= earliest && day <= due)
  if (visit) return visit
  const isFree = (day: string) => isWorking(day) && (count.get(day) ?? 0) < most
  // the due day itself, else the nearest before it, else the first free one after
  for (let day = due; day >= earliest; day = dayAfter(day, -1)) if (isFree(day)) return day
  for (let day = due > today ? due : today; ; day = dayAfter(day, 1)) if (isFree(day)) return day
}
