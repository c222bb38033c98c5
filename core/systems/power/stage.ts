/**
 * Solves one power path under one set of figures: does the contactor pull in, does the motor start, does it run and at what
 * slip, does the breaker or the overload let go, and what every node and branch then shows.
 * A start counts when the locked torque exceeds the breakaway load, a fifth of full-load torque for a pump (common practice,
 * no source). Running is the slip where the motor's torque meets its load's, which grows as speed² for a centrifugal pump.
 */
import { ROTATIONAL_LOSS, solveNetwork, type Network, type SolvedNetwork } from '#core/circuit'
import { add, divide, findRoot, magnitude, multiply, requireOk, subtract, type Complex } from '#core/foundation'
import type { Effect, Figures, Scenario } from '../types'
import { DROP_OUT, PICK_UP, windingShare } from './pilot'
import { OPEN, type NetworkState } from './pieces'

/** What turns: torque from the solved currents, and how a quick answer may be had. */
export interface Turner {
  readonly ratedSlip: number
  readonly ratedTorque: number
  readonly fullLoadAmps: number
  readonly energisedBy: readonly string[]
  torque(slip: number, at: SolvedNetwork, f: Figures): number
  /** the load does not grow with speed: a displacement pump, a compressor */
  readonly constantLoad?: boolean
  readonly stallSlip?: number
  /** the smallest slip it can run at: below nought where the supply outdoes the nameplate */
  readonly leastSlip?: number
  readonly reduced?: Reduction
}

/** One winding left in an otherwise linear circuit: its voltage behind an impedance gives every slip from one solution. */
interface Reduction {
  readonly element: string
  readonly a: string
  readonly b: string
  allowed(f: Figures): boolean
  impedance(f: Figures, slip: number): Complex
  torque(slip: number, amps: Complex, f: Figures): number
}

export interface PowerStage {
  readonly id: string
  readonly turner: Turner
  network(f: Figures, state: NetworkState): Network
  /** elements whose current trips the breaker or blows the fuse, and at how many amps at once */
  readonly guarded: readonly string[]
  /** direct current: small volts, and no overload that lets go */
  readonly direct?: boolean
  readonly tripAmps: number
  /** where the coil's volts stand; what it is wound for is the figure `coil.rated` */
  readonly coil?: { readonly a: string, readonly b: string }
  /** running amps at which an overload lets go in minutes (times a figure, where it can be set), and the figure that then stands open */
  readonly overload?: { readonly elements: readonly string[], readonly amps: number, readonly times?: string, readonly figure?: string }
  /** figures on which a scenario depends, where that is little: other faults share the sound system's solution */
  readonly depends: Partial<Record<Scenario, readonly string[]>>
}

export type Turning = 'off' | 'locked' | 'running'

export interface SolvedStage {
  readonly figures: Figures
  readonly turning: Turning
  readonly slip: number
  readonly ratedSlip: number
  readonly direct: boolean
  readonly tripped: boolean
  readonly effect: Effect
  solved(scenario: Scenario): SolvedNetwork
  /** the circuit as called, but with the overload open */
  rested(): SolvedNetwork
  network(scenario: Scenario): Network
}

const BREAKAWAY = 0.2

export function solveStage(stage: PowerStage, f: Figures, sound?: SolvedStage): SolvedStage {
  const { turner } = stage
  const cache = new Map<string, SolvedNetwork>()
  const solveState = (s: NetworkState) => requireOk(solveNetwork(stage.network(f, s)))
  const begin: NetworkState = { scenario: 'starting', slip: 1, tripped: false, atSpeed: false, pulledIn: true }

  const pull = stage.coil ? pullIn(stage.coil, f['coil.rated']!, windingShare(f), solveState({ ...begin, pulledIn: false })) : 'in'
  const start: NetworkState = { ...begin, pulledIn: pull === 'in' }
  const starting = solveState(start)
  const drops = stage.coil && pull === 'in' && across(stage.coil, starting) * windingShare(f) < DROP_OUT * f['coil.rated']!
  const flows = Math.max(...stage.guarded.map(e => magnitude(starting.current(e))))
  const tripped = flows > stage.tripAmps
  const drawn = Math.max(...turner.energisedBy.map(e => magnitude(starting.current(e))))
  const energised = drawn > 0.1 * turner.fullLoadAmps
  const breakaway = BREAKAWAY + (f['motor.startLoad'] ?? 0)
  const starts = !tripped && !drops && energised && !f['motor.seized'] && turner.torque(1, starting, f) > breakaway * turner.ratedTorque

  const run = (slip: number): NetworkState => ({ ...start, scenario: 'running', slip, tripped, atSpeed: true })
  const excess = (torque: number, slip: number) => torque - loadTorque(turner, f, slip)
  // found only when asked for: many questions end with whether it trips
  let settled: { readonly turning: Turning, readonly slip: number } | undefined
  const settle = () => settled ??= settleSpeed()
  const settleSpeed = (): { readonly turning: Turning, readonly slip: number } => {
    const standing = { turning: tripped || !energised ? 'off' as const : 'locked' as const, slip: 1 }
    if (!starts) return standing
    const found = turner.reduced?.allowed(f)
      ? findSlip(turner, slipByReduction(turner.reduced, f, solveState(run(turner.ratedSlip)), turner.ratedSlip, excess))
      : findSlip(turner, s => excess(turner.torque(s, solveState(run(s)), f), s))
    return found === undefined ? standing : { turning: 'running', slip: found }
  }
  const standing: NetworkState = { ...start, scenario: 'running', slip: 1, tripped, atSpeed: false }
  const held = !stage.coil || (f['starter.rest1'] ?? OPEN) < OPEN
  const stateOf = (scenario: Scenario): NetworkState => {
    switch (scenario) {
      case 'starting': return start
      case 'running': return settle().turning === 'running' ? run(settle().slip) : standing
      case 'splice': return { ...standing, scenario }
      case 'idle': return { ...standing, scenario, tripped: tripped && shortsAhead(f), pulledIn: held && !stage.coil }
      case 'dead': case 'leads-off': return { ...standing, scenario, tripped: true, pulledIn: false }
    }
  }
  cache.set('starting', starting)
  const shares = (scenario: Scenario) => sound !== undefined && stage.depends[scenario]?.every(key => sameFrom(key, f, sound.figures))
  const solved = (scenario: Scenario): SolvedNetwork => {
    const kept = cache.get(scenario)
    if (kept) return kept
    const fresh = shares(scenario) ? sound!.solved(scenario) : solveState(stateOf(scenario))
    cache.set(scenario, fresh)
    return fresh
  }
  const limit = stage.overload && stage.overload.amps * (stage.overload.times ? f[stage.overload.times]! : 1)
  const overloaded = () => settle().turning === 'running' && stage.overload !== undefined && Math.max(...stage.overload.elements.map(e => magnitude(solved('running').current(e)))) > limit!
  const effectNow = (): Effect => {
    if (tripped) return 'trips-breaker'
    if (pull === 'buzzes' || drops) return 'chatters'
    const { turning } = settle()
    return turning === 'off' ? 'silent' : turning === 'locked' ? 'groans' : overloaded() ? 'trips-overload' : 'runs'
  }
  let effect: Effect | undefined
  return {
    figures: f, ratedSlip: turner.ratedSlip, direct: stage.direct === true, tripped, solved, network: scenario => stage.network(f, stateOf(scenario)),
    get turning() { return settle().turning },
    get slip() { return settle().slip },
    get effect() { return effect ??= effectNow() },
    rested: () => {
      const kept = cache.get('rested')
      if (kept) return kept
      const opened = stage.overload?.figure
      const running = stateOf('running')
      const fresh = solveRested(opened ? stage.network({ ...f, [opened]: OPEN }, { ...running, pulledIn: stage.coil ? false : running.pulledIn }) : stage.network(f, running))
      cache.set('rested', fresh)
      return fresh
    },
  }
}

const solveRested = (network: Network) => requireOk(solveNetwork(network))

type Coil = NonNullable<PowerStage['coil']>
const across = ({ a, b }: Coil, at: SolvedNetwork) => magnitude(subtract(at.voltage(a), at.voltage(b)))

function pullIn(coil: Coil, rated: number, windingShare: number, open: SolvedNetwork): 'in' | 'buzzes' | 'out' {
  const share = across(coil, open) * windingShare / rated
  return share >= PICK_UP * 0.88 ? 'in' : share >= 0.35 ? 'buzzes' : 'out'
}

/** All figures whose key starts with the stem are as in the sound system. */
const sameFrom = (stem: string, f: Figures, sound: Figures) => Object.keys(sound).every(k => !k.startsWith(stem) || f[k] === sound[k])

const shortsAhead = (f: Figures) => (f['feed.earth'] ?? OPEN) < 100 || (f['feed.across'] ?? OPEN) < 100

/** What the shaft asks for at a slip, in the same synchronous watts as the motor's torque. */
export function loadTorque(t: Turner, f: Figures, slip: number): number {
  const speed = (1 - slip) / (1 - t.ratedSlip)
  return t.ratedTorque * (ROTATIONAL_LOSS + (1 - ROTATIONAL_LOSS) * f['motor.load']! * (t.constantLoad ? 1 : speed ** 2))
}

/** The rest of the circuit seen from the winding is a voltage behind an impedance: I = Vth / (Zth + Z(s)). */
export function slipByReduction(r: Reduction, f: Figures, at: SolvedNetwork, ratedSlip: number, excess: (torque: number, slip: number) => number): (slip: number) => number {
  const known = r.impedance(f, ratedSlip)
  const volts = subtract(at.voltage(r.a), at.voltage(r.b))
  // the port sees the rest in parallel with the winding; take the winding out of it
  const both = at.portImpedance(r.a, r.b)
  const rest = divide(multiply(both, known), subtract(known, both))
  const behind = add(volts, multiply(at.current(r.element), rest))
  return slip => excess(r.torque(slip, divide(behind, add(rest, r.impedance(f, slip))), f), slip)
}

/** Secant from the rated slip, which a sound motor needs three steps of; a bracketed search where that strays. */
function findSlip(t: Turner, excess: (slip: number) => number): number | undefined {
  const near = t.ratedTorque * 1e-5
  let [s0, s1] = [t.ratedSlip, t.ratedSlip * 1.15]
  let [e0, e1] = [excess(s0), excess(s1)]
  for (let i = 0; i < 4; i++) {
    if (Math.abs(e1) < near && (e1 > e0) === (s1 > s0)) return s1
    const next = s1 - e1 * (s1 - s0) / (e1 - e0)
    if (!(next > 0.05 * t.ratedSlip && next < 2.5 * t.ratedSlip)) break
    ;[s0, e0] = [s1, e1]
    s1 = next
    e1 = excess(s1)
  }
  const found = findRoot(excess, t.leastSlip ?? Math.min(1e-3, t.ratedSlip / 50), stallSlip(t, excess), { x: 1e-6, f: near })
  return found.ok ? found.value : undefined
}

/** The first slip on a coarse walk down from synchronous speed where the motor out-pulls its load; past it there is none. */
function stallSlip(t: Turner, excess: (s: number) => number): number {
  if (t.stallSlip) return t.stallSlip
  for (const s of [0.03, 0.06, 0.12, 0.24]) if (excess(s) > 0) return s
  return 0.3
}
