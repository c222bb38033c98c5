/** An elimination test tried on the model: something is opened, bridged or changed, and the circuit is solved again. */
import { unbalance } from '#core/standards'
import { magnitude } from '#core/foundation'
import type { SolvedStage } from './power/stage'
import type { Effect, Figures, SeenTest } from './types'

export interface TrialSetting {
  readonly healthy: Figures
  readonly figures: Figures
  /** what the fault has changed of the healthy figures */
  readonly change: Figures
  readonly stages: readonly string[]
  /** the stage as it is, before anything is tried */
  stage(id: string): SolvedStage
  solve(change: Figures): readonly SolvedStage[]
  plantEffect(change: Figures, stages: readonly SolvedStage[]): Effect
}

/** The row of chances for what is then seen, or nothing where the trial cannot be made. */
export function tryTrial(test: SeenTest, at: TrialSetting): readonly number[] | undefined {
  const trial = test.trial!
  const i = Math.max(0, at.stages.indexOf(trial.stage ?? ''))
  const before = at.stage(trial.stage ?? '')
  if (trial.opens && !before.tripped) return test.usual
  const change = { ...at.change, ...trial.change(at.healthy, () => at.figures) }
  if (trial.watch === 'odd-current') return oddCurrent(before, () => at.solve(change)[i]!)
  const stages = at.solve(change)
  // where only a trip tells, nothing else need be known
  const electrical = !('effect:runs' in test.given) && !(`${trial.stage ?? ''}:runs` in test.given) && !stages[i]!.tripped ? 'runs' : stages[i]!.effect
  const effect = electrical === 'runs' && i === 0 && hasPlantRows(test) ? at.plantEffect(change, stages) : electrical
  const prefix = trial.stage ? `${trial.stage}:` : 'effect:'
  return test.given[prefix + effect] ?? (prefix === 'effect:' ? undefined : test.given[`effect:${effect}`]) ?? test.usual
}

const hasPlantRows = (test: SeenTest) => 'effect:runs-dry' in test.given
const ODD = 0.06

/** Rolled one place: the odd current stays with the line (supply side) or moves with the lead (cable or motor). */
function oddCurrent(before: SolvedStage, roll: () => SolvedStage): readonly number[] | undefined {
  if (before.turning !== 'running') return [0.34, 0.33, 0.33]
  const odd = oddLine(before)
  if (odd === undefined) return [0.93, 0.035, 0.035]
  const after = oddLine(roll())
  return after === odd ? [0.04, 0.92, 0.04] : [0.04, 0.04, 0.92]
}

function oddLine(s: SolvedStage): number | undefined {
  const at = s.solved('running')
  const amps = [1, 2, 3].map(k => magnitude(at.current(`lead ${k}`))) as [number, number, number]
  const { mean, share } = unbalance(amps)
  if (share < ODD) return undefined
  return amps.map(a => Math.abs(a - mean)).reduce((best, v, k, all) => v > all[best]! ? k : best, 0)
}
