/**
 * What lets go to protect is put back together with what it let go for, and nobody writes that down: where a cause of
 * it was put right and the machine is seen to run since, it is in. Lines from there on are expected of a system that
 * has it in.
 */
import { unstaged, type FaultMode, type SystemModel } from '#core/systems'
import type { TabState } from '#core/tab'

/** What says that it runs again, and what that says of it. */
const RUNS: Readonly<Record<string, string>> = { sound: 'runs', works: 'yes' }

export function withPutBack({ kind }: SystemModel, state: TabState): TabState {
  const { evidence, repaired } = state
  if (repaired.length === 0) return state
  const telling = evidence.findLast(e => e.repaired.length === repaired.length && e.line.test in RUNS)
  if (telling?.line.kind !== 'observation' || telling.line.outcome !== RUNS[telling.line.test]) return state
  // seen at the one machine, or of the whole
  const whole = telling.line.test === 'works'
  const letGoFor = (f: FaultMode) => f.causes.some(c => repaired.includes(c.because))
  const back = kind.faults.filter(f => f.protects && letGoFor(f) && (whole || isOfFirstStage(f.id))).map(f => f.id)
  if (back.length === 0) return state
  const now = [...new Set([...repaired, ...back])]
  const from = evidence.indexOf(telling)
  return { ...state, repaired: now, evidence: evidence.map((e, i) => (i < from ? e : { ...e, repaired: now })) }
}

const isOfFirstStage = (fault: string) => unstaged(fault) === fault
