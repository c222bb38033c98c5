/** An elimination test tried on the model: something is opened, bridged or changed, and the circuit is solved again. */
import type { NonEmpty } from '#core/foundation'
import { unbalance } from '#core/standards'
import { itemAt, magnitude } from '#core/foundation'
import type { SolvedStage } from './power/stage'
import type { Change, Figures } from './figures'
import type { Effect, FaultMode } from './faultTypes'
import type { SeenTest, Trial } from './testTypes'

export interface TrialSetting {
  readonly healthy: Figures & Change
  readonly figures: Figures & Change
  /** what the fault has changed of the healthy figures */
  readonly change: Change
  readonly stages: readonly string[]
  /** the stages as they are, before anything is tried */
  readonly before: readonly { readonly stage: SolvedStage }[]
  solve(change: Change): NonEmpty<SolvedStage>
  plantEffect(change: Change, stages: NonEmpty<SolvedStage>): Effect
}

/** Whether a trial takes the fault itself out: all that it changed is then as in a sound system. */
export function takesOut(trial: Trial, mode: FaultMode, healthy: Figures & Change): boolean {
  const tried = new Set(Object.keys(trial.change(healthy, () => healthy)))
  return mode.severities.some((degree) => {
    const changed = Object.keys(degree.change(healthy))
    return changed.length > 0 && changed.every(key => tried.has(key))
  })
}

/** The row of chances for what is then seen, or nothing where the trial cannot be made. */
export function tryTrial(test: SeenTest, trial: Trial, at: TrialSetting): readonly number[] | undefined {
  const i = Math.max(0, at.stages.indexOf(trial.stage ?? ''))
  const before = itemAt(at.before, i, 'line before').stage
  if (trial.watch === 'letting-go') return before.letsGo
  if (trial.opens && !before.tripped) return test.usual
  const change = { ...at.change, ...trial.change(at.healthy, () => at.figures) }
  const solved = () => {
    const stages = at.solve(change)
    const stage = stages[i]
    if (!stage) throw new Error(`test ${test.id} is tried on stage ${trial.stage}, which this system has not`)
    return { stages, stage }
  }
  if (trial.watch === 'odd-current') return oddCurrent(before, () => solved().stage)
  const { stages, stage } = solved()
  const rows = test.chancesByEffect
  const prefix = trial.stage ? `${trial.stage}:` : ''
  // where only a trip tells, nothing else need be known
  const onlyTrips = !('runs' in rows) && !(`${prefix}runs` in rows) && !stage.tripped
  const electrical = onlyTrips ? 'runs' : stage.effect
  const effect = electrical === 'runs' && i === 0 && 'runs-dry' in rows ? at.plantEffect(change, stages) : electrical
  return rows[prefix + effect] ?? test.usual
}

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
  return amps.map(a => Math.abs(a - mean)).reduce((best, v, k, all) => v > itemAt(all, best, 'lead') ? k : best, 0)
}
