/**
 * Volts read one after another hang on one supply: where the first stood high, the next does too. So a reading is
 * weighed beside the one before it, by their ratio; what is left is the meter, and the drift in between.
 *   mean' = mean · (read before / predicted before),  σ'² = σ² − (s·mean)² + (d·mean)²,  s = 0.024, d = 0.012 or 0.015
 */
import type { NumericTest, Prediction } from '#core/systems'
import { stageOf } from '#core/systems'
import type { Evidence, LineOf } from '#core/tab'
import type { Tables } from './tables'

/** The spread of a supply's level, all but what the meter adds: range A of ANSI C84.1 is ±5 %, from memory. */
const LEVEL = 0.024
/** What is left between two of one go, and between two lines; common practice, no source. */
const [OF_ONE_GO, DRIFT] = [0.012, 0.015]
/** Under so many volts it is no supply that was read. */
const LEAST = 60
/** Where a prediction lies further off than this, what was read before says nothing under it. */
const FITS = 0.08

/** Each reading of volts with the one before it on the way from the supply: whatever order they came in. */
export function besideOthers({ tests, model }: Tables, evidence: readonly Evidence[]): readonly Evidence[] {
  const beside = new Map<Evidence, LineOf<'reading'>>()
  const last = new Map<string, LineOf<'reading'>>()
  const read = new Map<string, Evidence[]>()
  for (const e of evidence) read.set(e.line.test, [...(read.get(e.line.test) ?? []), e])
  for (const { id } of model.kind.tests)
    for (const e of read.get(id) ?? []) {
      const test = tests.get(id)?.test
      if (e.line.kind !== 'reading' || test?.kind !== 'numeric' || !isOfSupply(test)) continue
      const place = `${stageOf(test)} ${e.repaired.length}`
      const before = last.get(place)
      if (before && before.test !== id) beside.set(e, before)
      if (isWhole(e.line)) last.set(place, e.line)
    }
  return evidence.map((e) => {
    const before = beside.get(e)
    return before ? { ...e, beside: before } : e
  })
}

export const isOfSupply = ({ probe, condition }: NumericTest): boolean =>
  probe.ask === 'volts' && probe.drop !== true && condition === 'calling'
const isWhole = ({ value, bound, spread }: LineOf<'reading'>) => value !== null && value > LEAST && !bound && !spread

interface Bell {
  readonly mean: number
  readonly sigma: number
}

/**
 * What is read now, beside what was read before: where either may be of the unloaded circuit, the one before tells
 * which of the two it most likely is.
 * @param first what the reading before would have been under the same hypothesis
 */
export function atLevelOf(p: Prediction, first: Prediction, { line, beside }: Evidence): Prediction {
  if (!beside || beside.value === null || p.log || first.log) return p
  const before = beside.value
  const drift = line.set !== undefined && line.set === beside.set ? OF_ONE_GO : DRIFT
  const loaded = besideOf(p, first, before, drift)
  if (!p.or && !first.or) return { ...p, ...loaded }
  const rested = besideOf(p.or ?? p, first.or ?? first, before, drift)
  const share = p.or?.share ?? first.or!.share
  const [told, other] = first.or ? [height(first, before), height(first.or, before)] : [1, 1]
  const known = share * other + (1 - share) * told
  return { ...p, ...loaded, or: { ...rested, share: known > 0 ? (share * other) / known : share } }
}

function besideOf(now: Bell, first: Bell, before: number, drift: number): Bell {
  const level = before / first.mean
  const { mean, sigma } = now
  if (first.mean < LEAST || mean < LEAST || Math.abs(level - 1) > FITS) return { mean, sigma }
  const left = Math.max(sigma ** 2 - (LEVEL * mean) ** 2, 0)
  return { mean: mean * level, sigma: Math.sqrt(left + (drift * mean) ** 2) }
}

const height = ({ mean, sigma }: Bell, value: number) =>
  Math.exp(-0.5 * ((value - mean) / sigma) ** 2) / sigma + 1e-9
