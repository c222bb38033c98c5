/**
 * Volts read one after another hang on one supply: where the first stood high, the next does too. So a reading is
 * weighed beside the one before it, by their ratio; what is left is the meter, and the drift in between. So are amps
 * of a motor's leads: what it carries is in all of them, so that three that read alike are not three witnesses. So are
 * the ohms of three windings: what one has the others have, whatever the plate leaves open.
 *   mean' = mean · (read before / predicted before),  σ'² = σ² − (s·mean)² + (d·mean)²
 * with s = 0.024, or what both may lie apart where that is more, d = 0.012 or 0.015 of volts; s all of the spread,
 * d = 0.12 of amps, where they read alike; s all of the spread, d = 0.06 and 0.06 Ω of ohms.
 */
import type { NumericTest, Prediction } from '#core/systems'
import { stageOf } from '#core/systems'
import type { Evidence, LineOf } from '#core/tab'
import { cumulative, type Tables } from './tables'

interface Common {
  /** of its mean, the spread that two readings have in common */
  readonly level: number
  /** what is left between two of one go, and between two lines */
  readonly ofOneGo: number
  readonly drift: number
  /** under so much, in volts or amps, it is none */
  readonly least: number
  /** where a prediction lies further off than this, what was read before says nothing under it */
  readonly fits: number
  /** two that lie so near to each other are taken as alike, others as `unlike` of the mean apart */
  readonly alike?: number
  readonly unlike?: number
  /** so far apart, of the mean, are two of what is pulled down that were read at two places, one after the other */
  readonly pulled?: number
  /** what the meter leaves open besides, in ohms */
  readonly meter?: number
}

/** Level: range A of ANSI C84.1 is ±5 %, from memory, less what the meter adds; the rest common practice, no source. */
const OF_SUPPLY: Common = { level: 0.024, ofOneGo: 0.012, drift: 0.015, least: 60, fits: 0.08 }
/** A motor that stands pulls three lines down as it turns to another pole's rest; judgement. */
const OF_THREE: Common = { ...OF_SUPPLY, pulled: 0.035 }
/** Unbalance of motors in use, the clamp, figures told from memory; common practice, no source. */
const OF_LOAD: Common = { level: Infinity, ofOneGo: 0.12, drift: 0.12, least: 1, fits: 0.8, alike: 0.1, unlike: 0.2 }

/** Three windings of one motor, one meter, one pair of leads; common practice, no source. */
const OF_WINDINGS: Common = { level: Infinity, ofOneGo: 0.06, drift: 0.06, least: 0.15, fits: 4, meter: 0.06 }

/**
 * Each reading of volts with the one before it on the way from the supply, of the same leg where it is to ground:
 * whatever order they came in.
 */
export function besideOthers({ tests, model }: Tables, evidence: readonly Evidence[]): readonly Evidence[] {
  const beside = new Map<Evidence, Reading>()
  const last = new Map<string, Reading>()
  const windings = new Map<string, readonly Reading[]>()
  const read = new Map<string, Evidence[]>()
  for (const e of evidence) read.set(e.line.test, [...(read.get(e.line.test) ?? []), e])
  for (const { id } of model.kind.tests)
    for (const e of read.get(id) ?? []) {
      const test = tests.get(id)?.test
      if (e.line.kind !== 'reading' || test?.kind !== 'numeric') continue
      const common = commonOf(test)
      if (!common) continue
      const place = `${stageOf(test)} ${e.repaired.length} ${test.quantity}`
      const leg = `${place} ${TO_GROUND.test(test.variant ?? '') ? test.variant : ''}`
      const before = common === OF_WINDINGS ? nearest(e.line, windings.get(place)) : last.get(leg) ?? last.get(place)
      windings.set(place, [...windings.get(place) ?? [], e.line])
      if (before && before.test !== id) beside.set(e, before)
      if (isWhole(e.line, common)) for (const key of [place, leg]) last.set(key, e.line)
      // a lost leg that read nothing says so of no other
      else if (isGone(e.line, common) && leg !== `${place} `) last.set(leg, e.line)
    }
  return evidence.map((e) => {
    const before = beside.get(e)
    return before ? { ...e, beside: before } : e
  })
}

type Reading = LineOf<'reading'>

/** Of what was read before of the windings what is most like it: a short that one of them has tells of no other. */
function nearest({ value }: Reading, before: readonly Reading[] = []): Reading | undefined {
  const off = (other: Reading) => Math.abs(Math.log((other.value ?? Infinity) / (value ?? Infinity)))
  return before.filter(b => b.value && value).toSorted((a, b) => off(a) - off(b))[0] ?? before.at(-1)
}

export const isOfSupply = ({ probe, condition }: NumericTest): boolean =>
  probe.ask === 'volts' && probe.drop !== true && condition === 'calling'
/** What a reading has in common with others of its quantity; nothing where it stands alone. */
export const commonOf = (test: NumericTest): Common | undefined =>
  isOfSupply(test)
    ? (OF_LINES.test(test.variant ?? '') ? OF_THREE : OF_SUPPLY)
    : isOfLeg(test) ? OF_LOAD : BETWEEN_LEADS.test(test.id) ? OF_WINDINGS : undefined

/** Between two of three lines. */
const OF_LINES = /^v\d\d$/

/** Of the lines of three phases, once it runs. */
const isOfLeg = ({ id, probe }: NumericTest) => probe.ask === 'amps' && /^amps[123]\.run$/.test(id)

/** Lead to lead of three phases. */
const BETWEEN_LEADS = /^leads\.r\d\d$/

const areAlike = (a: LineOf<'reading'>, b: LineOf<'reading'>, alike: number) =>
  Math.abs((a.value ?? 0) - (b.value ?? 0)) <= alike * (b.value ?? 0)

/** A leg to ground. */
const TO_GROUND = /^l[123]g$/

/** `about 11 on all three`: that they are alike is said all the same. */
const isWhole = ({ value, bound, spread }: LineOf<'reading'>, { least, alike }: Common) =>
  value !== null && value > least && !bound && (!spread || alike !== undefined)

/** A leg that shows no more than a ghost, in volts; common practice, no source. */
const GONE = 8
const isGone = ({ value, bound }: LineOf<'reading'>, { level }: Common) =>
  level < Infinity && value !== null && value < GONE && !bound

/** More than this, of the mean, two readings lie apart only where something pulls their supply down; judgement. */
const SAGS = 0.035

/** Of what two lines are thought to differ; judgement. */
const UNLIKE = 0.6

const pointOf = (test: string) => test.split('.')[0]

interface Bell {
  readonly mean: number
  readonly sigma: number
}

/**
 * What is read now, beside what was read before: where either may be of the unloaded circuit, the one before tells
 * which of the two it most likely is.
 * @param first what the reading before would have been under the same hypothesis
 */
export function atLevelOf(
  p: Prediction, first: Prediction, { line, beside }: Evidence, common = OF_SUPPLY,
): Prediction {
  if (!beside || beside.value === null || p.log || first.log) return p
  const before = beside.value
  if (isGone(beside, common)) return unfedOf(p, first)
  const near = line.set !== undefined && line.set === beside.set ? common.ofOneGo : common.drift
  const { alike, unlike } = common
  const elsewhere = pointOf(line.test) !== pointOf(beside.test)
  const apart = alike && unlike && line.kind === 'reading' && !areAlike(line, beside, alike) ? unlike : undefined
  const drift = apart ?? near
  // a motor that is sound loads its lines alike; where it does not, what each carries is known by itself
  const isBalanced = Math.abs(p.mean / first.mean - 1) < BALANCED
  const loaded = apart && !isBalanced
    ? p
    : besideOf(p, first, before, apart ? UNBALANCED : drift, common, elsewhere)
  if (!p.or && !first.or) return { ...p, ...loaded }
  const rested = besideOf(p.or ?? p, first.or ?? first, before, drift, common, elsewhere)
  const share = p.or?.share ?? first.or!.share
  const [told, other] = first.or ? [height(first, before), height(first.or, before)] : [1, 1]
  const known = share * other + (1 - share) * told
  return { ...p, ...loaded, or: { ...rested, share: known > 0 ? (share * other) / known : share } }
}

/** A leg that read nothing where it would be fed back through the motor is not so fed, here as little as there. */
function unfedOf(p: Prediction, first: Prediction): Prediction {
  if (!p.or || !first.or) return p
  const { or, ...fed } = first
  const [asFed, apart] = [cumulative(fed, GONE), cumulative({ ...or, log: or.log ?? false, ol: 0 }, GONE)]
  const [a, b] = [or.share * apart, (1 - or.share) * asFed + 1e-9]
  const share = Math.min(a / (a + b), GHOST.most)
  return { ...p, or: { share, mean: Math.min(p.or.mean, GHOST.mean), sigma: GHOST.sigma } }
}
/** What stands on a leg that showed nothing before, V, and how often at most; judgement, no source. */
const GHOST = { mean: 3, sigma: 4, most: 0.8 }

function besideOf(
  now: Bell, first: Bell, before: number, drift: number, common: Common, elsewhere: boolean,
): Bell {
  const { level: own, least, fits } = common
  const level = before / first.mean
  const { mean, sigma } = now
  if (first.mean < least || mean < least || Math.abs(level - 1) > fits) return { mean, sigma }
  // how far locked amps pull it down is not known either, and is in both
  const both = Math.min(sigma / mean, first.sigma / first.mean)
  const pulled = both > SAGS
  const shared = pulled ? both : own
  const left = Math.max(sigma ** 2 - (shared * mean) ** 2, 0)
  // nor by how much two lines differ that are pulled down unlike
  const unlike = pulled && common.pulled ? UNLIKE * Math.abs(mean / first.mean - 1) : 0
  const apart = Math.max(drift, unlike, pulled && elsewhere ? common.pulled ?? 0 : 0)
  const sigmas = left + (apart * mean) ** 2 + (common.meter ?? 0) ** 2
  return { mean: mean * level, sigma: Math.sqrt(sigmas) }
}

/** So near to each other two lines are foreseen alike; and so far apart they are read all the same; judgement. */
const [BALANCED, UNBALANCED] = [0.03, 0.12]

const height = ({ mean, sigma }: Bell, value: number) =>
  Math.exp(-0.5 * ((value - mean) / sigma) ** 2) / sigma + 1e-9
