/**
 * Repair, clean, kit or replace: what each costs, trip and all, over the years it lasts. The least cost a year is
 * recommended; within a tenth of it, the one that is quickest today.
 *   cost a year = (part + (fit + trip) minutes · rate / 60) / life
 * A way for which no life is known is shown and not recommended.
 */
import { itemAt } from '#core/foundation'

export const WAYS = ['replace', 'kit', 'clean', 'repair'] as const
export type Way = (typeof WAYS)[number]

export interface WayOut {
  readonly way: Way
  /** of parts, in the shop's money */
  readonly price: number
  /** minutes at the place, and the minutes of a trip that it needs besides */
  readonly minutes: number
  readonly trip: number
  /** years that it lasts, where it is known: from the books, or as the shop lists it */
  readonly life?: number
  readonly temporary?: boolean
}
export interface Weighed extends WayOut {
  readonly cost: number
  readonly costAYear?: number
}
export interface Chosen {
  readonly ways: readonly Weighed[]
  readonly best?: Weighed
  readonly because?: 'least-a-year' | 'as-cheap-and-quicker' | 'only-one-that-lasts'
}

/** Shares of the least cost a year within which the quicker one is taken; judgement. */
const NEAR = 0.1

/** @param rate of the shop, money an hour */
export function chooseWay(ways: readonly WayOut[], rate: number): Chosen {
  const weighed = ways.map((w): Weighed => {
    const cost = w.price + ((w.minutes + w.trip) * rate) / 60
    return { ...w, cost, ...(w.life && w.life > 0 ? { costAYear: cost / w.life } : {}) }
  })
  const lasting = weighed.filter(w => w.costAYear !== undefined && !w.temporary)
    .toSorted((a, b) => a.costAYear! - b.costAYear!)
  const [least] = lasting
  if (!least) return { ways: weighed }
  if (lasting.length === 1) return { ways: weighed, best: least, because: 'only-one-that-lasts' }
  const quick = itemAt(lasting.filter(w => w.costAYear! <= (1 + NEAR) * least.costAYear!)
    .toSorted((a, b) => a.minutes + a.trip - b.minutes - b.trip), 0, 'trip')
  return { ways: weighed, best: quick, because: quick === least ? 'least-a-year' : 'as-cheap-and-quicker' }
}
