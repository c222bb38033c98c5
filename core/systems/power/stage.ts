/**
 * Solves one power path under one set of figures: does the contactor pull in, does the motor start, does it run and
 * at what slip, does the breaker or the overload let go, and what every node and branch then shows. A start counts
 * when the locked torque exceeds the breakaway load, a fifth of full-load torque for a pump (common practice, no
 * source). Running is the slip where the motor's torque meets its load's, which grows as speed² for a centrifugal
 * pump.
 */
import { ROTATIONAL_LOSS, solveNetwork, type Network, type SolvedNetwork, type Winding } from '#core/circuit'
import { add, complex, findRoot, magnitude, requireOk, subtract } from '#core/foundation'
import { requireFinite, type FigureKey, type Figures, type FigureStem } from '../figures'
import type { Effect } from '../faultTypes'
import type { Scenario } from '../testTypes'
import { chancesOfLettingGo, type Device, type PanelDevice } from './letGo'
import { DROP_OUT, PICK_UP, windingShare } from './pilot'
import type { NetworkState } from './pieces'
import { OPEN } from './resistances'

/** What turns: torque from the solved currents. */
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
}

export interface PowerStage {
  readonly id: string
  readonly turner: Turner
  network(f: Figures, state: NetworkState): Network
  /** all that the slip changes in the network, where that is windings: then one solution serves every slip */
  windings?(f: Figures, slip: number): readonly Winding[]
  /** nothing switches as the motor comes up to speed: starting is running at slip 1 */
  readonly startsAlike?: boolean
  /** elements whose current trips the breaker or blows the fuse, and at how many amps at once */
  readonly guarded: readonly string[]
  /** direct current: small volts, and no overload that lets go */
  readonly direct?: boolean
  readonly tripAmps: number
  /** what is in the panel, and what else may let go before it */
  readonly panel: { readonly device: PanelDevice, readonly rating: number }
  readonly others: readonly { readonly device: Device, readonly rating: number, readonly elements: readonly string[] }[]
  /** where the coil's volts stand; what it is wound for is the figure `coil.rated` */
  readonly coil?: {
    readonly a: string
    readonly b: string
    /** stems of the figures that decide whether it pulls in */ readonly depends: readonly FigureStem[]
  }
  /**
   * running amps at which an overload lets go in minutes (times a figure, where it can be set), and the figure that
   * then stands open
   */
  readonly overload?: {
    readonly elements: readonly string[]
    readonly amps: number
    readonly times?: FigureKey
    readonly figure?: FigureKey
  }
  /** figures on which a scenario depends, where that is little: other faults share the sound system's solution */
  readonly depends: Partial<Record<Scenario, readonly FigureStem[]>>
}

export type Turning = 'off' | 'locked' | 'running'
export type Pull = 'in' | 'buzzes' | 'out'

export interface SolvedStage {
  readonly figures: Figures
  readonly turning: Turning
  readonly slip: number
  readonly ratedSlip: number
  readonly direct: boolean
  /** what the contactor does; always in where there is none */
  readonly pull: Pull
  readonly tripped: boolean
  /** chances that the panel's device lets go at once, in seconds, in minutes, or not at all */
  readonly letsGo: readonly number[]
  readonly effect: Effect
  solved(scenario: Scenario): SolvedNetwork
  /** the circuit as called, but with the overload open */
  rested(): SolvedNetwork
  /** three phases: as a motor that ran before runs on; nothing where it starts as well, lets go, or is seized */
  ranOn(): SolvedNetwork | undefined
  network(scenario: Scenario): Network
  /** lets go of the solved networks; what is asked for later is solved again */
  forget(): void
}

type Kept = Scenario | 'rested' | 'at speed' | 'ran on'

/** Torque that breaks a load away, of its rated torque: a pump, an unloaded compressor; common practice, no source. */
const BREAKAWAY = { pump: 0.2, constant: 0.45 }
/** Slip at which start gear lets go. */
const SWITCH_SLIP = 0.25
/** A motor that lost a phase as it ran slips about twice as much; common practice, no source. */
const RAN_ON = 2
/** A start with so much torque, of the rated, has enough of it all the way up. */
const AMPLE = 1.2

/**
 * @param from the sound system's solution, and the figures that differ from it: what does not depend on them is taken
 * from there
 */
export function solveStage(
  stage: PowerStage,
  f: Figures,
  from?: { readonly sound: SolvedStage, readonly changed: readonly string[] },
): SolvedStage {
  requireFinite(f)
  const { turner } = stage
  const kept = new Map<Kept, SolvedNetwork>()
  const keep = (key: Kept, solve: () => SolvedNetwork): SolvedNetwork => {
    const known = kept.get(key)
    if (known) return known
    const fresh = solve()
    kept.set(key, fresh)
    return fresh
  }
  const solveState = (s: NetworkState) => requireOk(solveNetwork(stage.network(f, s)))
  const isShared = (stems: readonly string[] | undefined) =>
    from !== undefined
    && stems !== undefined
    && !from.changed.some(key => stems.some(stem => key.startsWith(stem)))
  const begin: NetworkState = { scenario: 'starting', slip: 1, tripped: false, atSpeed: false, pulledIn: true }

  const pull = !stage.coil
    ? 'in'
    : isShared(stage.coil.depends)
      ? from!.sound.pull
      : pullIn(stage.coil, f['coil.rated'], windingShare(f), solveState({ ...begin, pulledIn: false }))
  const start: NetworkState = { ...begin, pulledIn: pull === 'in' }
  const starting = () => keep('starting', () => solveState(start))
  const most = (elements: readonly string[], at: SolvedNetwork) =>
    elements.reduce((amps, e) => Math.max(amps, magnitude(at.current(e))), 0)
  const drops
    = stage.coil !== undefined
      && pull === 'in'
      && across(stage.coil, starting()) * windingShare(f) < DROP_OUT * f['coil.rated']
  const leaks = () =>
    magnitude(stage.guarded.reduce((sum, e) => add(sum, starting().current(e)), complex(0))) > GROUND_FAULT_AMPS
  const tripped
    = most(stage.guarded, starting()) > stage.tripAmps || (stage.panel.device === 'ground-fault breaker' && leaks())
  const energised = most(turner.energisedBy, starting()) > 0.1 * turner.fullLoadAmps
  const breakaway = BREAKAWAY[turner.constantLoad ? 'constant' : 'pump'] + f['motor.startLoad']
  /** A weak start is followed up to the speed at which its gear lets go: nowhere may the load hold it. */
  const comesUp = () => {
    const { windings } = stage
    if (!windings || turner.torque(1, starting(), f) > AMPLE * turner.ratedTorque) return true
    return [2 * SWITCH_SLIP, SWITCH_SLIP].every(
      slip =>
        turner.torque(slip, starting().revised(windings(f, slip)), f)
        > Math.max(loadTorque(turner, f, slip), turner.constantLoad ? breakaway * turner.ratedTorque : 0),
    )
  }
  const starts
    = !tripped
      && !drops
      && energised
      && !f['motor.seized']
      && turner.torque(1, starting(), f) > breakaway * turner.ratedTorque
      && comesUp()

  const run = (slip: number): NetworkState => ({ ...start, scenario: 'running', slip, tripped, atSpeed: true })
  const atSpeed = () =>
    stage.startsAlike && !tripped ? starting() : keep('at speed', () => solveState(run(turner.ratedSlip)))
  let last: { readonly slip: number, readonly at: SolvedNetwork } | undefined
  const running = (slip: number) => {
    if (last?.slip !== slip)
      last = { slip, at: stage.windings ? atSpeed().revised(stage.windings(f, slip)) : solveState(run(slip)) }
    return last.at
  }
  // found only when asked for: many questions end with whether it trips
  let settled: { readonly turning: Turning, readonly slip: number } | undefined
  const settle = () => (settled ??= settleSpeed())
  const settleSpeed = (): { readonly turning: Turning, readonly slip: number } => {
    const standing = { turning: tripped || !energised ? ('off' as const) : ('locked' as const), slip: 1 }
    if (!starts) return standing
    const found = findSlip(turner, s => turner.torque(s, running(s), f) - loadTorque(turner, f, s), from?.sound)
    return found === undefined ? standing : { turning: 'running', slip: found }
  }
  const standing: NetworkState = { ...start, scenario: 'running', slip: 1, tripped, atSpeed: false }
  const held = !stage.coil || f['starter.rest1'] < OPEN
  const rests = stage.coil ? (['starter.rest1', 'starter.rest2'] as const) : (['switch.rest1', 'switch.rest2'] as const)
  const keptOn = rests.every(r => f[r] < OPEN)
  const stateOf = (scenario: Scenario): NetworkState => {
    switch (scenario) {
      case 'starting':
        return start
      case 'running':
        return settle().turning === 'running' ? run(settle().slip) : standing
      case 'splice':
        return { ...standing, scenario }
      case 'idle':
        // contacts that never open keep it running
        return {
          ...(keptOn && settle().turning === 'running' ? run(settle().slip) : standing),
          scenario,
          tripped: tripped && shortsAhead(f),
          pulledIn: held && !stage.coil,
        }
      case 'dead':
      case 'leads-off':
        return { ...standing, scenario, tripped: true, pulledIn: false }
    }
  }
  const asCalled = () =>
    settle().turning === 'running' ? running(settle().slip) : tripped ? solveState(standing) : starting()
  const solved = (scenario: Scenario): SolvedNetwork =>
    keep(scenario, () =>
      isShared(stage.depends[scenario])
        ? from!.sound.solved(scenario)
        : scenario === 'running'
          ? asCalled()
          : solveState(stateOf(scenario)),
    )
  const limit = stage.overload && stage.overload.amps * (stage.overload.times ? f[stage.overload.times] : 1)
  const overloaded = () =>
    settle().turning === 'running'
    && stage.overload !== undefined
    && most(stage.overload.elements, solved('running')) > limit!
  const effectNow = (): Effect => {
    if (tripped) return 'trips-breaker'
    if (pull === 'buzzes' || drops) return 'chatters'
    const { turning } = settle()
    return turning === 'off'
      ? 'silent'
      : turning === 'locked'
        ? 'groans'
        : overloaded()
          ? 'trips-overload'
          : 'runs'
  }
  let effect: Effect | undefined
  return {
    figures: f,
    ratedSlip: turner.ratedSlip,
    direct: stage.direct === true,
    pull,
    tripped,
    solved,
    network: scenario => stage.network(f, stateOf(scenario)),
    get turning() {
      return settle().turning
    },
    get slip() {
      return settle().slip
    },
    get letsGo() {
      if (tripped && most(stage.guarded, starting()) <= stage.tripAmps) return AT_ONCE
      const at = tripped || settle().turning !== 'running' ? starting() : running(settle().slip)
      return chancesOfLettingGo(
        { ...stage.panel, amps: most(stage.guarded, at) },
        stage.others.map(({ elements, ...g }) => ({ ...g, amps: most(elements, at) })),
      )
    },
    get effect() {
      return (effect ??= effectNow())
    },
    ranOn: () =>
      stage.startsAlike && !tripped && f['motor.seized'] === 0 && settle().turning === 'locked'
        ? keep('ran on', () => solveState(run(RAN_ON * turner.ratedSlip)))
        : undefined,
    rested: () =>
      keep('rested', () => {
        const opened = stage.overload?.figure
        const called = stateOf('running')
        return requireOk(
          solveNetwork(
            opened
              ? stage.network(
                  { ...f, [opened]: OPEN },
                  { ...called, pulledIn: stage.coil ? false : called.pulledIn },
                )
              : stage.network(f, called),
          ),
        )
      }),
    forget: () => {
      kept.clear()
      last = undefined
    },
  }
}

type Coil = NonNullable<PowerStage['coil']>
const across = ({ a, b }: Coil, at: SolvedNetwork) => magnitude(subtract(at.voltage(a), at.voltage(b)))

function pullIn(coil: Coil, rated: number, windingShare: number, open: SolvedNetwork): Pull {
  const share = (across(coil, open) * windingShare) / rated
  return share >= PICK_UP * 0.88 ? 'in' : share >= 0.35 ? 'buzzes' : 'out'
}

/** Leakage at which a ground-fault device lets go, A. */
const GROUND_FAULT_AMPS = 0.02
const AT_ONCE = [0.94, 0.02, 0.02, 0.02]

const shortsAhead = (f: Figures) => f['feed.earth'] < 100 || f['feed.across'] < 100

/** What the shaft asks for at a slip, in the same synchronous watts as the motor's torque. */
export function loadTorque(t: Turner, f: Figures, slip: number): number {
  const speed = (1 - slip) / (1 - t.ratedSlip)
  return (
    t.ratedTorque
    * (ROTATIONAL_LOSS + (1 - ROTATIONAL_LOSS) * f['motor.load'] * (t.constantLoad ? 1 : speed ** 2))
  )
}

/** Share of the rated torque to which motor and load are made to agree: a hundredth of what any clamp could show. */
const AGREED = 1e-4

/**
 * From the sound system's slip, or the rated one: one step on the slope of a sound motor, then secants; a bracketed
 * search where that strays.
 */
function findSlip(t: Turner, excess: (slip: number) => number, sound?: SolvedStage): number | undefined {
  const near = t.ratedTorque * AGREED
  let s0 = sound?.turning === 'running' && sound.slip > 0 ? sound.slip : t.ratedSlip
  let e0 = excess(s0)
  if (sound && Math.abs(e0) < near) return s0
  const within = (s: number) => s > 0.05 * t.ratedSlip && s < 2.5 * t.ratedSlip
  let s1 = s0 - e0 / (t.ratedTorque / t.ratedSlip)
  if (!within(s1)) s1 = 1.15 * s0
  let e1 = excess(s1)
  for (let i = 0; i < 4; i++) {
    if (Math.abs(e1) < near && (e1 > e0) === (s1 > s0)) return s1
    const next = s1 - (e1 * (s1 - s0)) / (e1 - e0)
    if (!within(next)) break
    ;[s0, e0] = [s1, e1]
    s1 = next
    e1 = excess(s1)
  }
  const found = findRoot(excess, t.leastSlip ?? Math.min(1e-3, t.ratedSlip / 50), stallSlip(t, excess), {
    x: 1e-6,
    f: near,
  })
  return found.ok ? found.value : undefined
}

/**
 * The first slip on a coarse walk down from synchronous speed where the motor out-pulls its load; past it there is
 * none.
 */
function stallSlip(t: Turner, excess: (s: number) => number): number {
  if (t.stallSlip) return t.stallSlip
  for (const s of [0.03, 0.06, 0.12, 0.24]) if (excess(s) > 0) return s
  return 0.3
}
