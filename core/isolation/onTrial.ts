/**
 * What a meter shows in one breath with a trial that made it run is of the trial: `stuck in a good cap, took off, 11
 * amps`. It is weighed as if what the trial takes out of the way were put right.
 */
import { findTest, unstaged, type NumericTest, type SystemModel } from '#core/systems'
import type { Evidence } from '#core/tab'

const RUNS = new Set(['running', 'starting', 'calling'])
const OF_ITS_RUNNING = new Set(['amps', 'volts'])
/** Of what it read, so much at most is foreseen where nothing runs; judgement, no source. */
const NOTHING = 0.1

/** @param all that was read and seen, with it */
export function onTrial(model: SystemModel, evidence: Evidence, all: readonly Evidence[]): Evidence {
  const { line } = evidence
  const test = line.kind === 'reading' && line.typed !== undefined ? findTest(model.kind, line.test) : undefined
  if (test?.kind !== 'numeric' || !OF_ITS_RUNNING.has(test.quantity) || !RUNS.has(test.condition)) return evidence
  const value = line.kind === 'reading' ? line.value ?? 0 : 0
  // `236 across the coil. If I push it in it runs`: read before it was tried
  const aside = all.slice(0, all.findIndex(e => e.line.id === line.id)).flatMap(({ line: other }) => {
    if (other.kind !== 'observation' || other.typed !== line.typed) return []
    if (unstaged(other.test) === 'seen-itself') return stops(model, other.outcome, test, value) ? [other.outcome] : []
    const tried = findTest(model.kind, other.test)
    if (other.outcome !== 'runs' || tried?.kind !== 'seen' || !tried.trial) return []
    return model.kind.faults.filter(f => model.takesOut(tried, f)).map(f => f.id)
  })
  return aside.length > 0 ? { ...evidence, repaired: [...evidence.repaired, ...aside] } : evidence
}

/** `jumped the contact and it pulled in, 14.9 amps`: with what was seen in the way there would have been none. */
const stops = (model: SystemModel, fault: string, test: NumericTest, value: number): boolean => {
  const own = model.hypotheses.flatMap((h, at) => (h.fault === fault && !h.second ? [at] : []))
  return value > 0 && own.length > 0 && own.every(at => Math.abs(model.predict(at, test).mean) < NOTHING * value)
}
