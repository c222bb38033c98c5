/** A world's circuits, solved outside stage by stage: what starts, at what slip it runs, what has let go. */
import type { SolvedNetwork } from '#core/circuit'
import type { FlowStory } from '#core/flow'
import { magnitude, subtract } from '#core/foundation'
import {
  type FaultMode,
  DROP_OUT,
  PICK_UP,
  loadTorque,
  scoped,
  windingShare,
  type Description,
  type Effect,
  type Figures,
  type NetworkState,
  type Scenario,
  type StageDescription,
  type Turning,
} from '#core/systems'
import { askSpice, type OutsideAnswer } from './spice'

export const OPEN = 1e10

/** A fault at one of its degrees. */
export interface Planted {
  readonly mode: FaultMode
  readonly degree: number
}

export interface SolvedWorld {
  readonly f: Figures
  readonly stages: readonly Settled[]
  readonly story: FlowStory
  readonly effects: readonly Effect[]
  readonly left: readonly Planted[]
}

export interface Settled {
  readonly turning: Turning
  readonly slip: number
  readonly tripped: boolean
  readonly effect: Effect
  readonly direct: boolean
  stateOf(s: Scenario): NetworkState
}

export async function solveWorld(d: Description, f: Figures, left: readonly Planted[]): Promise<SolvedWorld> {
  const stages: Settled[] = []
  for (const s of d.stages) stages.push(await settle(s, scoped(f, s.prefix)))
  const asSolved = stages.map((s, i) => ({
    ...s,
    ratedSlip: d.stages[i]!.power.turner.ratedSlip,
    figures: f,
  })) as never
  const story = d.flow(f, asSolved)
  const main
    = stages[0]!.effect !== 'runs'
      ? stages[0]!.effect
      : story.effect !== 'runs'
        ? story.effect
        : (left.find(p => p.mode.effect && !p.mode.severities[p.degree]!.slight)?.mode.effect ?? 'runs')
  const effects = d.stages.map((s, i) =>
    i === 0 ? main : (d.stageEffect?.(s.id, f, (asSolved as never[])[i]!) ?? stages[i]!.effect),
  )
  return { f, stages, story, effects, left }
}

/** As our own solver would, but every circuit outside. */
export async function settle({ power }: StageDescription, f: Figures): Promise<Settled> {
  const { turner } = power
  const solve = (state: NetworkState) => askSpice(power.network(f, state))
  const begin: NetworkState = { scenario: 'starting', slip: 1, tripped: false, atSpeed: false, pulledIn: true }
  const coilShare = async (state: NetworkState) => {
    const at = await solve(state)
    return (
      (magnitude(subtract(at.volts(power.coil!.a), at.volts(power.coil!.b))) * windingShare(f)) / f['coil.rated']
    )
  }
  const pull = power.coil ? await coilShare({ ...begin, pulledIn: false }) : 1
  const pulledIn = pull >= PICK_UP * 0.88
  const start = { ...begin, pulledIn }
  const starting = await solve(start)
  const chatters
    = power.coil !== undefined && ((!pulledIn && pull >= 0.35) || (pulledIn && (await coilShare(start)) < DROP_OUT))
  const most = (at: OutsideAnswer, ids: readonly string[]) => Math.max(...ids.map(e => magnitude(at.amps(e))))
  const tripped = most(starting, power.guarded) > power.tripAmps
  const energised = most(starting, turner.energisedBy) > 0.1 * turner.fullLoadAmps
  const torque = (slip: number, at: OutsideAnswer) =>
    turner.torque(slip, { current: (id: string) => at.amps(id) } as SolvedNetwork, f)
  const starts
    = !tripped
      && !chatters
      && energised
      && !f['motor.seized']
      && torque(1, starting) > (0.2 + (f['motor.startLoad'] ?? 0)) * turner.ratedTorque
  const run = (slip: number): NetworkState => ({ ...start, scenario: 'running', slip, tripped, atSpeed: true })
  const excess = async (slip: number) => torque(slip, await solve(run(slip))) - loadTorque(turner, f, slip)
  const slip = starts
    ? await findSlip(excess, turner.ratedSlip, turner.leastSlip ?? 1e-3, turner.stallSlip ?? 0.24)
    : undefined
  const turning: Turning = slip !== undefined ? 'running' : tripped || !energised ? 'off' : 'locked'
  const standing: NetworkState = { ...start, scenario: 'running', slip: 1, tripped, atSpeed: false }
  const atRest: NetworkState = {
    ...standing,
    scenario: 'idle',
    tripped: tripped && ((f['feed.earth'] ?? OPEN) < 100 || (f['feed.across'] ?? OPEN) < 100),
    pulledIn: !power.coil,
  }
  // what never lets go of it leaves it running
  const neverRests = turning === 'running' && most(await solve(atRest), turner.energisedBy) > 0.1 * turner.fullLoadAmps
  const idle: NetworkState = neverRests ? { ...run(slip!), scenario: 'idle', pulledIn: !power.coil } : atRest
  const stateOf = (scenario: Scenario): NetworkState => {
    if (scenario === 'starting') return start
    if (scenario === 'running') return turning === 'running' ? run(slip!) : standing
    if (scenario === 'idle') return idle
    return {
      ...standing,
      scenario,
      tripped: scenario !== 'splice',
      pulledIn: scenario === 'splice' ? standing.pulledIn : false,
    }
  }
  const overloaded
    = turning === 'running'
      && power.overload !== undefined
      && most(await solve(stateOf('running')), power.overload.elements)
      > power.overload.amps * (power.overload.times ? f[power.overload.times]! : 1)
  const effect: Effect = tripped
    ? 'trips-breaker'
    : chatters
      ? 'chatters'
      : turning === 'off'
        ? 'silent'
        : turning === 'locked'
          ? 'groans'
          : overloaded
            ? 'trips-overload'
            : 'runs'
  return { turning, slip: slip ?? 1, tripped, effect, direct: power.direct === true, stateOf }
}

/** Bisection on a bracket walked out from the rated slip. */
async function findSlip(
  excess: (slip: number) => Promise<number>,
  rated: number,
  least: number,
  most: number,
): Promise<number | undefined> {
  let low = Math.min(least, rated / 50)
  if (least < 0) low = least
  let high = Number.NaN
  for (const s of [rated * 1.3, rated * 2.5, Math.max(0.12, rated * 3), most]) {
    if ((await excess(s)) > 0) {
      high = s
      break
    }
    low = s
  }
  if (Number.isNaN(high)) return undefined
  for (let i = 0; i < 11; i++) {
    const mid: number = 0.5 * (low + high)
    if ((await excess(mid)) > 0) high = mid
    else low = mid
  }
  return 0.5 * (low + high)
}
