/**
 * How long parts last: the share still in service by age, after Kaplan and Meier (1958), where many were still in
 * service when last looked at.
 *   S(t) = Π (1 − dᵢ/nᵢ) over the ages tᵢ ≤ t at which parts ended, of nᵢ still watched
 * The band is 95 % on the log–minus-log scale, with Greenwood's variance, so that it stays between 0 and 1.
 * Worked example (survival.test.ts): remission of 21 patients, Freireich and others 1963.
 */
import { itemAt } from '#core/foundation'

export interface Lifetime {
  /** any unit, the same for all */
  readonly age: number
  /** false: it was still in service at that age */
  readonly ended: boolean
}
export interface SurvivalStep {
  readonly age: number
  readonly share: number
  readonly low: number
  readonly high: number
  readonly error: number
  readonly atRisk: number
  readonly ended: number
}
export interface Survival {
  readonly steps: readonly SurvivalStep[]
  readonly parts: number
  readonly ended: number
  /** the age at which half are gone; nothing where more than half outlast the record */
  readonly median?: number
}

const Z = 1.959964

export function survivalOf(lifetimes: readonly Lifetime[]): Survival {
  const all = lifetimes.filter(l => Number.isFinite(l.age) && l.age >= 0)
  const steps: SurvivalStep[] = []
  let [share, sum] = [1, 0]
  const sorted = all.toSorted((a, b) => a.age - b.age)
  // each run of one age at once: those before it are watched no more
  for (let first = 0; first < sorted.length;) {
    const { age } = itemAt(sorted, first, 'age')
    let [end, ended] = [first, 0]
    for (; sorted[end]?.age === age; end++) if (itemAt(sorted, end, 'age').ended) ended++
    const atRisk = sorted.length - first
    first = end
    if (ended === 0) continue
    share *= 1 - ended / atRisk
    // Greenwood: nothing is left to vary once all are gone
    sum += atRisk > ended ? ended / (atRisk * (atRisk - ended)) : 0
    steps.push({ age, share, ...bandOf(share, sum), error: share * Math.sqrt(sum), atRisk, ended })
  }
  const median = steps.find(s => s.share <= 0.5)?.age
  return {
    steps,
    parts: all.length,
    ended: all.filter(l => l.ended).length,
    ...(median === undefined ? {} : { median }),
  }
}

function bandOf(share: number, sum: number): { readonly low: number, readonly high: number } {
  if (share <= 0) return { low: 0, high: 0 }
  const log = Math.log(share)
  const spread = (Z * Math.sqrt(sum)) / Math.abs(log)
  return { low: share ** Math.exp(spread), high: share ** Math.exp(-spread) }
}
