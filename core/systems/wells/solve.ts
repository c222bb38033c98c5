/**
 * Solves a well under one set of figures: does it start, does it run, at what slip, does the breaker hold, and what every
 * node and branch then shows. A start counts when the locked torque exceeds a fifth of full-load torque (pumps break away
 * easily; common practice, no source); running is the slip where motor torque meets the pump's, which grows as speed².
 */
import { airGapTorque, ROTATIONAL_LOSS, solveNetwork, type Network, type SolvedNetwork } from '#core/circuit'
import { findRoot, magnitude, requireOk } from '#core/foundation'
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

export function solveWell(d: WellDescription, params: WellParams): SolvedWell {
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
    const excess = (s: number) => {
      const at = solveState(running(s))
      return airGapTorque(d.motor, s, at.current('main winding'), at.current('start winding')) - loadTorque(d, params, s)
    }
    const found = findRoot(excess, 1e-3, stallSlip(excess), { x: 1e-5, f: d.motor.ratedTorque * 1e-3 })
    if (found.ok) {
      slip = found.value
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
      const kept = cache.get(scenario)
      if (kept) return kept
      const fresh = solveState(states[scenario])
      cache.set(scenario, fresh)
      return fresh
    },
  }
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
