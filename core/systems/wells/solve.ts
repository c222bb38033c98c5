/**
 * Solves a well under one set of figures: does it start, does it run, at what slip, does the breaker hold, and what every
 * node and branch then shows. A start counts when the locked torque exceeds a fifth of full-load torque (pumps break away
 * easily; common practice, no source); running is the slip where motor torque meets the pump's, which grows as speed².
 */
import { airGapTorque, ROTATIONAL_LOSS, solveNetwork, windingImpedances, type Network, type SolvedNetwork } from '#core/circuit'
import { add, complex, divide, findRoot, magnitude, multiply, requireOk, scale, subtract, ZERO } from '#core/foundation'
import type { Effect, Scenario } from '../types'
import { wellNetwork, type NetworkState } from './network'
import { OPEN, type WellDescription, type WellParams } from './params'

export type Turning = 'off' | 'locked' | 'running'

export interface SolvedWell {
  readonly params: WellParams
  readonly turning: Turning
  readonly slip: number
  readonly tripped: boolean
  readonly electricalEffect: Effect
  solved(scenario: Scenario): SolvedNetwork
  /** the circuit as called, but with the overload open */
  rested(): SolvedNetwork
  network(scenario: Scenario): Network
}

const BREAKAWAY = 0.2

/** What a scenario depends on, where that is little: a fault that changes none of it shares the sound system's solution. */
const DEPENDS_ON: Partial<Record<Scenario, readonly (keyof WellParams)[]>> = {
  'box-off': ['leads', 'cableToEarth', 'cableAcross', 'mainTurns', 'mainJoint', 'startJoint', 'windingToEarth', 'overload', 'startContact', 'startFarads', 'startCapOhms'],
  'idle': ['legs', 'breaker', 'feed', 'feedToEarth', 'feedAcross', 'polesAtRest', 'run', 'runToEarth'],
}
const BOX_ALONE: readonly (keyof WellParams)[] = ['overload', 'startContact', 'startFarads', 'startCapOhms']

/** @param sound the same system without a fault, whose solutions are shared where the fault cannot show */
export function solveWell(d: WellDescription, params: WellParams, sound?: SolvedWell): SolvedWell {
  const shares = (scenario: Scenario) => sound !== undefined && DEPENDS_ON[scenario]?.every(key => params[key] === sound.params[key] || (d.startGear === 'box' && scenario === 'box-off' && BOX_ALONE.includes(key)))
  const cache = new Map<string, SolvedNetwork>()
  let rested: SolvedNetwork | undefined
  const networkOf = (state: NetworkState) => wellNetwork(d, params, state)
  const solveState = (state: NetworkState) => requireOk(solveNetwork(networkOf(state)))
  const start: NetworkState = { scenario: 'starting', slip: 1, tripped: false, atSpeed: false }
  const starting = solveState(start)

  const tripAmps = 6 * d.breakerAmps
  const sourceAmps = Math.max(magnitude(starting.current('breaker pole 1')), magnitude(starting.current('breaker pole 2')))
  const tripped = sourceAmps > tripAmps
  const mainAmps = magnitude(starting.current('main winding'))
  const energised = mainAmps > 0.1 * d.motor.nameplate.fullLoadAmps
  const torque = airGapTorque(d.motor, 1, starting.current('main winding'), starting.current('start winding'))
  const starts = !tripped && energised && !params.seized && torque > BREAKAWAY * d.motor.ratedTorque

  const running = (slip: number): NetworkState => ({ scenario: 'running', slip, tripped, atSpeed: true })
  let slip = 1
  let turning: Turning = tripped || !energised ? 'off' : 'locked'
  if (starts) {
    const found = params.startContactRunning >= OPEN ? slipByReduction(d, params, solveState(running(d.motor.ratedSlip))) : slipByFullSolve(d, params, s => solveState(running(s)))
    if (found !== undefined) {
      slip = found
      turning = 'running'
    }
  }
  const states: Record<Scenario, NetworkState> = {
    'starting': { ...start, tripped: false },
    'running': turning === 'running' ? running(slip) : { scenario: 'running', slip: 1, tripped, atSpeed: false },
    'idle': { scenario: 'idle', slip: 1, tripped: tripped && shortsAhead(params), atSpeed: false },
    'dead': { scenario: 'dead', slip: 1, tripped: true, atSpeed: false },
    'box-off': { scenario: 'box-off', slip: 1, tripped: true, atSpeed: false },
  }
  cache.set('starting', starting)
  return {
    params, turning, slip, tripped,
    electricalEffect: tripped ? 'trips-breaker' : turning === 'off' ? 'silent' : turning === 'locked' ? 'groans' : 'runs',
    network: scenario => networkOf(states[scenario]),
    rested: () => rested ??= requireOk(solveNetwork(wellNetwork(d, { ...params, overload: OPEN }, states.running))),
    solved: (scenario) => {
      if (shares(scenario)) return sound!.solved(scenario)
      const kept = cache.get(scenario)
      if (kept) return kept
      const fresh = solveState(states[scenario])
      cache.set(scenario, fresh)
      return fresh
    },
  }
}

/**
 * Slip with the start winding out. The rest of the circuit is linear, so at the main winding it is a voltage behind an
 * impedance, read off one solution: I = Vth / (Zth + Zmain(s)). A test holds this to the slow way below.
 */
function slipByReduction(d: WellDescription, params: WellParams, at: SolvedNetwork): number | undefined {
  const joint = complex(params.mainJoint)
  const winding = (slip: number) => add(scale(windingImpedances(d.motor, slip).main, params.mainTurns ** 2), joint)
  const known = winding(d.motor.ratedSlip)
  const amps = at.current('main winding')
  const across = subtract(at.voltage('black.m'), at.voltage('yellow.m'))
  // the port sees the rest in parallel with the winding; take the winding out of it
  const both = at.portImpedance('black.m', 'yellow.m')
  const rest = divide(multiply(both, known), subtract(known, both))
  const behind = add(across, multiply(amps, rest))
  const excess = (slip: number) => {
    const main = divide(behind, add(rest, winding(slip)))
    return airGapTorque(d.motor, slip, main, ZERO) - loadTorque(d, params, slip)
  }
  return findSlip(d, excess)
}

/** Slip by solving the whole circuit at each trial; the plain way, needed when the start winding stays in. */
export function slipByFullSolve(d: WellDescription, params: WellParams, solveAt: (slip: number) => SolvedNetwork): number | undefined {
  return findSlip(d, (slip) => {
    const at = solveAt(slip)
    return airGapTorque(d.motor, slip, at.current('main winding'), at.current('start winding')) - loadTorque(d, params, slip)
  })
}

function findSlip(d: WellDescription, excess: (slip: number) => number): number | undefined {
  const found = findRoot(excess, 1e-3, stallSlip(excess), { x: 1e-6, f: d.motor.ratedTorque * 1e-5 })
  return found.ok ? found.value : undefined
}

function loadTorque(d: WellDescription, p: WellParams, slip: number): number {
  const speed = (1 - slip) / (1 - d.motor.ratedSlip)
  return d.motor.ratedTorque * (ROTATIONAL_LOSS + (1 - ROTATIONAL_LOSS) * p.load * speed ** 2)
}

/** The first slip on a coarse walk down from synchronous speed where the motor out-pulls its load; past it there is none. */
function stallSlip(excess: (s: number) => number): number {
  for (const s of [0.03, 0.06, 0.12, 0.24]) if (excess(s) > 0) return s
  return 0.3
}

const shortsAhead = (p: WellParams) => p.feedToEarth < 100 || p.feedAcross < 100
