/**
 * The chances of the hypotheses, line by line. A repair takes or it does not: beside each hypothesis that a repair
 * should have put right goes a small share in which the fault is still there (a bad new part, a joint that was not
 * one), and that share is weighed by every later line as the fault itself. Together these shares count as "something
 * else".
 */
import { figureAt } from '#core/foundation'
import type { SystemModel } from '#core/systems'
import { faultsOf } from './hypothesis'
import { OTHER } from './tables'

/** share of repairs that do not take; common practice, no source */
const NOT_TAKEN = 0.01
/**
 * Who puts a thing right has as a rule seen cause to, and has not told all of it: so many times as likely is what the
 * work is for. Judgement, no source.
 */
const HAD_CAUSE = 3

export interface Posterior {
  /** chance of each hypothesis, summing to one; those of repairs that did not take are in "something else" */
  readonly chances: Float64Array
  /** What had been put right when the next lines were taken. */
  repair(repaired: readonly string[]): void
  /**
   * @param given likelihoods with what is put right gone;
   * @param still with nothing put right, once something has been
   */
  take(given: Float64Array, still?: Float64Array): void
}

export function startPosterior(model: SystemModel, prior: Float64Array): Posterior {
  const chances = prior
  const stuck = new Float64Array(chances.length)
  let other = figureAt(chances, OTHER)
  let done: readonly string[] = []
  return {
    chances,
    repair(repaired) {
      if (repaired.length === done.length) return
      // what did not take the first time may take the second
      const isMeant = meantBy(model, repaired.slice(done.length))
      const again = repaired.slice(done.length).filter(id => done.includes(id))
      chances.forEach((c, h) => {
        if (again.length > 0 && figureAt(stuck, h) > 0 && model.without(h, again) !== h) {
          const taken = (1 - NOT_TAKEN) * figureAt(stuck, h)
          chances[h] = c + taken
          stuck[h] = figureAt(stuck, h) - taken
          chances[OTHER] = Math.max(0, figureAt(chances, OTHER) - taken)
        }
        if (h === OTHER || c <= 0 || model.without(h, repaired) === model.without(h, done)) return
        const weight = isMeant(h) ? HAD_CAUSE : 1
        stuck[h] = figureAt(stuck, h) + NOT_TAKEN * c * weight
        chances[h] = (1 - NOT_TAKEN) * c * weight
        chances[OTHER] = figureAt(chances, OTHER) + NOT_TAKEN * c * weight
      })
      const total = chances.reduce((sum, c) => sum + c, 0)
      chances.forEach((c, h) => {
        chances[h] = c / total
        stuck[h] = figureAt(stuck, h) / total
      })
      other /= total
      done = repaired
    },
    take(given, still) {
      let [all, failed] = [(other *= figureAt(given, OTHER)), 0]
      for (let h = 0; h < chances.length; h++) {
        if (h !== OTHER && figureAt(chances, h) > 0)
          all += chances[h] = figureAt(chances, h) * figureAt(given, h)
        if (still && figureAt(stuck, h) > 0) failed += stuck[h] = figureAt(stuck, h) * figureAt(still, h)
      }
      const total = all + failed
      for (let h = 0; h < chances.length; h++) {
        chances[h] = figureAt(chances, h) / total
        stuck[h] = figureAt(stuck, h) / total
      }
      other /= total
      chances[OTHER] = other + failed / total
    },
  }
}

/** Of which hypotheses it is that these repairs are the work for, and not only what is new with it. */
function meantBy({ kind, hypothesis }: SystemModel, put: readonly string[]): (h: number) => boolean {
  const work = new Set(kind.faults.filter(f => put.includes(f.id)).map(f => f.repair.id))
  const own = new Set<string>(
    kind.faults.filter(f => !f.putBack && (work.has(f.repair.id) || put.includes(f.component))).map(f => f.id),
  )
  return h => faultsOf(hypothesis(h)).some(f => own.has(f))
}
