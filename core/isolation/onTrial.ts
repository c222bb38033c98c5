/**
 * What a meter shows in one breath with a trial that made it run is of the trial: `stuck in a good cap, took off, 11
 * amps`. It is weighed as if what the trial takes out of the way were put right.
 */
import { findTest, type SystemModel } from '#core/systems'
import type { Evidence } from '#core/tab'

const RUNS = new Set(['running', 'starting', 'calling'])
const OF_ITS_RUNNING = new Set(['amps', 'volts'])

/** @param all that was read and seen, with it */
export function onTrial(model: SystemModel, evidence: Evidence, all: readonly Evidence[]): Evidence {
  const { line } = evidence
  const test = line.kind === 'reading' && line.typed !== undefined ? findTest(model.kind, line.test) : undefined
  if (test?.kind !== 'numeric' || !OF_ITS_RUNNING.has(test.quantity) || !RUNS.has(test.condition)) return evidence
  const aside = all.flatMap(({ line: other }) => {
    if (other.kind !== 'observation' || other.typed !== line.typed || other.outcome !== 'runs') return []
    const tried = findTest(model.kind, other.test)
    if (tried?.kind !== 'seen' || !tried.trial) return []
    return model.kind.faults.filter(f => model.takesOut(tried, f)).map(f => f.id)
  })
  return aside.length > 0 ? { ...evidence, repaired: [...evidence.repaired, ...aside] } : evidence
}
