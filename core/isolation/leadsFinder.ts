/**
 * Three unlabelled leads told apart by their three resistances. The largest pair is start and main in series, so the
 * lead it leaves out is common; of the other two pairs the larger is the start winding. Check: the two smaller add up
 * to the largest. Source: handbook §3. Refuses readings that contradict the sum rule, and says which.
 */
import { fail, ok, type Facts, type Result } from '#core/foundation'

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
export type LeadsCode
  = 'leads-all-open' | 'lead-open' | 'leads-cannot-be' | 'leads-shorted' | 'leads-sum' | 'leads-alike'
export interface LeadsProblem { readonly code: LeadsCode, readonly facts: Facts }

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
  const read = pairs.flatMap(({ pair, ohms }) => ohms === null ? [] : [{ pair: pair as readonly Lead[], ohms }])
  const [both, start, main] = read.toSorted((a, b) => b.ohms - a.ohms)
  if (!both) return fail('leads-all-open')
  if (open.length === 2) {
    const shared = LEADS.find(l => open.every(p => (p.pair as readonly Lead[]).includes(l))) ?? ''
    return fail('lead-open', { lead: shared, ohms: both.ohms })
  }
  if (!start || !main) return fail('leads-cannot-be', { pair: open[0]?.pair.join(' and ') ?? '' })
  if (main.ohms < 0.15) return fail('leads-shorted', { pair: main.pair.join(' and '), ohms: main.ohms })
  const off = Math.abs(both.ohms - start.ohms - main.ohms)
  const three = { largest: both.ohms, middle: start.ohms, smallest: main.ohms }
  if (off > Math.max(LEAST_OFF, SUM_TOLERANCE * both.ohms))
    return fail('leads-sum', { ...three, off: Number(off.toPrecision(2)) })
  if (start.ohms < main.ohms * 1.12) return fail('leads-alike', three)
  const common = LEADS.find(l => !both.pair.includes(l)) ?? 'one'
  const other = (pair: readonly Lead[]) => pair.find(l => l !== common) ?? common
  return ok({
    common,
    start: other(start.pair),
    main: other(main.pair),
    mainOhms: main.ohms,
    startOhms: start.ohms,
    off: off / both.ohms,
  })
}
