/**
 * Three unlabelled leads told apart by their three resistances. The largest pair is start and main in series, so the
 * lead it leaves out is common; of the other two pairs the larger is the start winding. Check: the two smaller add up
 * to the largest. Source: handbook §3. Refuses readings that contradict the sum rule, and says which.
 */
import { fail, ok, type Result } from '#core/foundation'

export type Lead = 'one' | 'two' | 'three'
export interface PairOhms {
  readonly oneTwo: number | null
  readonly twoThree: number | null
  readonly threeOne: number | null
}

export interface FoundLeads {
  readonly common: Lead
  readonly start: Lead
  readonly main: Lead
  readonly mainOhms: number
  readonly startOhms: number
  /** how far the sum rule is off, as a share of the largest */
  readonly off: number
}
export type LeadsProblem = {
  readonly code: 'leads-open' | 'leads-shorted' | 'leads-sum' | 'leads-alike'
  readonly facts: Readonly<Record<string, string | number>>
}

const SUM_TOLERANCE = 0.12
const LEAST_OFF = 0.6 // Ω that three readings of low ohms may disagree by
const LEADS: readonly Lead[] = ['one', 'two', 'three']

/** Ohms of each pair; null is OL. */
export function findLeads({ oneTwo, twoThree, threeOne }: PairOhms): Result<FoundLeads, LeadsProblem> {
  const pairs = [
    { pair: ['one', 'two'], ohms: oneTwo },
    { pair: ['two', 'three'], ohms: twoThree },
    { pair: ['three', 'one'], ohms: threeOne },
  ] as const
  const open = pairs.filter(p => p.ohms === null)
  if (open.length === 3)
    return fail('leads-open', {
      say: 'all three pairs are open: two or three leads are broken, or the meter is not making contact',
    })
  if (open.length === 2) {
    const shared = LEADS.find(l => open.every(p => (p.pair as readonly Lead[]).includes(l)))!
    return fail('leads-open', {
      say: `lead ${shared} is open: both pairs with it read OL. The other two read `
        + `${pairs.find(p => p.ohms !== null)!.ohms} Ω`,
    })
  }
  if (open.length === 1)
    return fail('leads-sum', {
      say: `OL between ${open[0]!.pair.join(' and ')} cannot be when both of them read to the third lead: read `
        + `it again`,
    })
  const sorted = pairs
    .map(p => ({ pair: p.pair as readonly Lead[], ohms: p.ohms! }))
    .toSorted((a, b) => b.ohms - a.ohms)
  const [both, start, main] = sorted as [(typeof sorted)[0], (typeof sorted)[0], (typeof sorted)[0]]
  if (main.ohms < 0.15)
    return fail('leads-shorted', {
      say: `${main.pair.join(' and ')} read ${main.ohms} Ω: shorted together, or the same lead twice`,
    })
  const off = Math.abs(both.ohms - start.ohms - main.ohms)
  if (off > Math.max(LEAST_OFF, SUM_TOLERANCE * both.ohms))
    return fail('leads-sum', {
      say: `${start.ohms} and ${main.ohms} Ω should add up to the largest, ${both.ohms} Ω, and miss it by `
        + `${Number(off.toPrecision(2))} Ω: one reading is wrong, or a winding is damaged`,
    })
  if (start.ohms < main.ohms * 1.12)
    return fail('leads-alike', {
      say: `the two smaller pairs read alike (${start.ohms} and ${main.ohms} Ω): this may be a three-phase `
        + `motor, whose three pairs are equal, or the start winding is damaged`,
    })
  const common = LEADS.find(l => !both.pair.includes(l))!
  const other = (pair: readonly Lead[]) => pair.find(l => l !== common)!
  return ok({
    common,
    start: other(start.pair),
    main: other(main.pair),
    mainOhms: main.ohms,
    startOhms: start.ohms,
    off: off / both.ohms,
  })
}
