/**
 * The world a call is played against. Its systems differ from their nameplates, its meters err, one reading in fifty
 * is grossly wrong, and its circuits are solved by an outside SPICE engine: whether the contactor pulls in, whether
 * the motor starts, at what slip it runs, what trips, and what every meter shows. The water and air sides use the
 * flow model; what is seen and heard is drawn from the tables. Healthy spreads are common practice, no source.
 */
import { resistor, type Network, type SolvedNetwork } from '#core/circuit'
import { magnitude, subtract, type Random } from '#core/foundation'
import type { FlowStory } from '#core/flow'
import {
  describeSystem,
  DROP_OUT,
  figureOf,
  isPutRight,
  loadTorque,
  PICK_UP,
  scalesOf,
  scoped,
  stageOf,
  windingShare,
  type Change,
  type Description,
  type Effect,
  type FaultMode,
  type Figures,
  type KindId,
  type Nameplate,
  type NameplateKey,
  type NetworkState,
  type NumericTest,
  type Scenario,
  type SeenTest,
  type StageDescription,
  type Turning,
} from '#core/systems'
import { PSI } from '#core/units'
import { askSpice, type OutsideAnswer } from './spice'

export const GROSS = 0.02
const METER_OHMS = 10e6
const OPEN = 1e10

/** How often nothing is told where there is nothing to tell; common practice, no source. */
const NEVER = 0.9

/** A fault at one of its degrees. */
export interface Planted {
  readonly mode: FaultMode
  readonly degree: number
}

export interface World {
  readonly kind: KindId
  readonly description: Description
  readonly faults: readonly Planted[]
  /** what the system does, as its owner would see it */
  effect(repaired: readonly string[]): Promise<Effect>
  read(test: NumericTest, repaired: readonly string[], random: Random): Promise<number | null>
  see(test: SeenTest, repaired: readonly string[], random: Random): Promise<string>
}

interface SolvedWorld {
  readonly f: Figures
  readonly stages: readonly Settled[]
  readonly story: FlowStory
  readonly effects: readonly Effect[]
  readonly left: readonly Planted[]
}
interface Settled {
  readonly turning: Turning
  readonly slip: number
  readonly tripped: boolean
  readonly effect: Effect
  readonly direct: boolean
  stateOf(s: Scenario): NetworkState
}

/** Draws the true figures of a system about its description: what no nameplate says. */
export function drawWorld(kind: KindId, nameplate: Nameplate, faults: readonly Planted[], random: Random): World {
  const description = describeSystem(kind, trueNameplate(nameplate, random))
  const healthy = vary(description.healthy, random)
  const solved = new Map<string, Promise<SolvedWorld>>()
  const drawn = new Map(faults.map(p => [p, between(p, healthy, random)]))
  const changeOf = (left: readonly Planted[]) =>
    Object.assign({}, ...left.toReversed().map(p => drawn.get(p))) as Figures
  const at = (repaired: readonly string[]) => {
    const left = faults.filter(p => !isPutRight(description.kind, p.mode, repaired))
    const key = left.map(p => p.mode.id).join()
    const known = solved.get(key) ?? solveWorld(description, { ...healthy, ...changeOf(left) }, left)
    solved.set(key, known)
    return known
  }
  return {
    kind,
    description,
    faults,
    effect: async repaired => (await at(repaired)).effects[0]!,
    read: async (test, repaired, random) =>
      misread(test, await measure(description, healthy, await at(repaired), test, random), random),
    see: async (test, repaired, random) => look(description, healthy, await at(repaired), test, random),
  }
}

/**
 * How bad a fault is: its degrees are points that the engine knows, the world's lie anywhere between. Up to half way to
 * a neighbour on its scale, by ratio.
 */
function between({ mode, degree }: Planted, healthy: Figures, random: Random): Change {
  const own = mode.severities[degree]!.change(healthy)
  const scale = scalesOf(mode, healthy).find(s => s.includes(degree))
  if (!scale) return own
  const at = scale.indexOf(degree)
  const sides = [scale[at - 1], scale[at + 1]].filter(s => s !== undefined)
  const other = mode.severities[sides[random.below(sides.length)]!]!.change(healthy) as Readonly<Record<string, number>>
  const t = 0.5 * random.uniform()
  return Object.fromEntries(
    Object.entries(own).map(([key, v]) => {
      const far = other[key] ?? v
      return [key, v > 0 && far > 0 ? v * (far / v) ** t : v + t * (far - v)]
    }),
  )
}

/** Motors and pumps are made to a tolerance: the true machine is not quite its plate. */
function trueNameplate(plate: Nameplate, random: Random): Nameplate {
  const about = (k: NameplateKey, spread: number) =>
    plate[k] === undefined ? {} : { [k]: plate[k] * (1 + spread * random.normal()) }
  return {
    ...plate,
    ...about('motor.amps', 0.04),
    ...about('motor.mainOhms', 0.03),
    ...about('pump.flow', 0.08),
    ...about('cable.length', 0.06),
    ...about('head.delivery', 0.06),
  }
}

function vary(healthy: Figures, random: Random): Figures {
  const out: Record<string, number> = {}
  const supply = 1 + 0.015 * random.normal()
  for (const [key, value] of Object.entries(healthy)) {
    const stem = key.slice(key.indexOf(':') + 1)
    out[key]
      = stem.startsWith('supply.leg') || stem === 'battery.volts'
        ? value * supply
        : stem === 'start.farads'
          ? value * (1 + 0.04 * random.normal())
          : stem === 'tank.precharge'
            ? Math.max(PSI, value + (-1.2 + 1.8 * random.normal()) * PSI)
            : stem === 'set.cutIn' || stem === 'set.cutOut'
              ? value + 1.2 * PSI * random.normal()
              : value > 0 && value < 0.5 && /^(switch|starter|breaker|feed|run|heater|cable|pilot)\./.test(stem)
                ? value * Math.exp(0.3 * random.normal())
                : value
  }
  // a sound tank is never aired above cut-in: that would be a fault nobody planted
  for (const key of Object.keys(out))
    if (key.endsWith('tank.precharge'))
      out[key] = Math.min(out[key]!, out[key.replace('tank.precharge', 'set.cutIn')]! - 0.5 * PSI)
  return out as Figures
}

async function solveWorld(d: Description, f: Figures, left: readonly Planted[]): Promise<SolvedWorld> {
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
        : (left.find(p => p.mode.effect)?.mode.effect ?? 'runs')
  const effects = d.stages.map((s, i) =>
    i === 0 ? main : (d.stageEffect?.(s.id, f, (asSolved as never[])[i]!) ?? stages[i]!.effect),
  )
  return { f, stages, story, effects, left }
}

/** As our own solver would, but every circuit outside. */
async function settle({ power }: StageDescription, f: Figures): Promise<Settled> {
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
  const stateOf = (scenario: Scenario): NetworkState => {
    if (scenario === 'starting') return start
    if (scenario === 'running') return turning === 'running' ? run(slip!) : standing
    if (scenario === 'idle')
      return {
        ...standing,
        scenario,
        tripped: tripped && ((f['feed.earth'] ?? OPEN) < 100 || (f['feed.across'] ?? OPEN) < 100),
        pulledIn: !power.coil,
      }
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

const withMeter = (network: Network, a: string, b: string): Network => ({
  ...network,
  elements: [...network.elements, resistor('the meter', a, b, METER_OHMS)],
})

async function measure(
  d: Description,
  healthy: Figures,
  w: SolvedWorld,
  test: NumericTest,
  random: Random,
): Promise<number | null> {
  const { probe } = test
  const i = Math.max(
    0,
    d.stages.findIndex(s => s.id === stageOf(test)),
  )
  const stage = d.stages[i]!
  const f = scoped(w.f, stage.prefix)
  const heals = w.left.length === 1 && w.left[0]!.mode.heals === true
  switch (probe.ask) {
    case 'volts': {
      // a locked motor's overload has let go before some readings are taken
      const rested
        = w.stages[i]!.turning === 'locked'
          && probe.scenario === 'running'
          && !w.stages[i]!.direct
          && random.uniform() < 0.2
          ? stage.power.overload?.figure
          : undefined
      const state = w.stages[i]!.stateOf(probe.scenario)
      const network = stage.power.network(
        rested ? { ...f, [rested]: OPEN } : f,
        rested && stage.power.coil ? { ...state, pulledIn: false } : state,
      )
      const at = await askSpice(withMeter(network, probe.a, probe.b))
      return roughly(
        magnitude(subtract(at.volts(probe.a), at.volts(probe.b))),
        0.008,
        stage.power.direct ? 0.01 : 0.2,
        random,
      )
    }
    case 'amps': {
      const at = await askSpice(stage.power.network(f, w.stages[i]!.stateOf(probe.scenario)))
      const amps = magnitude(at.amps(probe.element))
      return w.stages[i]!.tripped && random.uniform() < 0.3
        ? null
        : roughly(amps, probe.scenario === 'starting' ? 0.06 : 0.02, 0.05, random)
    }
    case 'ohms': {
      const at = await askSpice(stage.power.network(f, w.stages[i]!.stateOf('leads-off')), {
        a: probe.a,
        b: probe.b,
      })
      const ohms = magnitude(subtract(at.volts(probe.a), at.volts(probe.b)))
      return ohms > (probe.insulation ? 2e9 : 40e6)
        ? null
        : roughly(ohms * (ohms > 1e6 ? Math.exp(0.5 * random.normal()) : 1), 0.01, 0.05, random)
    }
    case 'part': {
      const ohms = probe.cold && heals ? figureOf(healthy, probe.figure) : figureOf(w.f, probe.figure)
      return ohms >= OPEN ? null : roughly(ohms, 0.02, 0.05, random)
    }
    case 'farads': {
      const farads = figureOf(w.f, probe.farads)
      return farads > 0 && farads < 5e-3
        ? roughly(farads, 0.02, 0.2e-6, random)
        : random.uniform() < 0.7
          ? null
          : 0
    }
    case 'capacitor-ohms': {
      const farads = figureOf(w.f, probe.farads)
      return farads > 0 && farads < 5e-3
        ? random.uniform() < 0.5
          ? null
          : 200e3 * Math.exp(random.normal())
        : roughly(figureOf(w.f, probe.ohms), 0.05, 0.1, random)
    }
    case 'flow':
      return flowReading(d, healthy, w, probe.what, random)
  }
}

const roughly = (value: number, relative: number, least: number, random: Random) =>
  Math.max(0, value + Math.hypot(relative * value, least) * random.normal())

function flowReading(
  d: Description,
  healthy: Figures,
  w: SolvedWorld,
  what: Extract<NumericTest['probe'], { ask: 'flow' }>['what'],
  random: Random,
): number | null {
  const { story, f } = w
  const gauge = (p: number) =>
    f['gauge.stuck']
      ? 0.5 * f['set.cutOut'] * (1 + 0.05 * random.normal())
      : Math.max(0, p + 0.8 * PSI * random.normal())
  const turns = w.stages[0]!.turning === 'running'
  const cutOut = f['set.cutOut']
  const cutIn = f['set.cutIn']
  switch (what) {
    case 'gauge':
    case 'tap-static':
      return gauge(standingPressure(w, cutIn, cutOut, random))
    case 'precharge':
      return Math.max(0, f['tank.precharge'] + 0.7 * PSI * random.normal())
    // what does not start or stop by its switch has no such pressure, and seldom is one told
    case 'cut-in':
      return story.cutIn === undefined && random.uniform() < NEVER ? null : gauge(story.cutIn ?? cutIn)
    case 'cut-out':
      return story.cutOut === undefined && random.uniform() < NEVER ? null : gauge(story.cutOut ?? story.peak)
    case 'cycle':
      return Number.isFinite(story.cycle) ? story.cycle * Math.exp(0.15 * random.normal()) : 1500
    case 'delivery':
      return turns ? Math.max(0, story.delivery * (1 + 0.06 * random.normal())) : 0
    case 'leak-down':
      return gauge(story.leakDown)
    case 'fill-time':
      return Number.isFinite(story.fillTime) ? story.fillTime * Math.exp(0.05 * random.normal()) : 1800
    case 'open-pressure':
      return gauge(Math.min(90 * PSI, story.peak) * (f['regulator.share'] ?? 1))
    case 'cut-off':
      return gauge(f['set.cutOff'])
    case 'inlet':
      return gauge(f['pump.inlet'])
  }
}

/** Where the gauge happens to stand when somebody looks. */
function standingPressure(w: SolvedWorld, cutIn: number, cutOut: number, random: Random): number {
  const between = cutIn + random.uniform() * (cutOut - cutIn)
  switch (w.effects[0]!) {
    case 'runs':
    case 'rapid-cycles':
    case 'starts-alone':
      return between
    case 'runs-on':
      return Math.max(cutOut, w.story.peak * (0.9 + 0.1 * random.uniform()))
    case 'runs-weak':
    case 'trips-overload':
      return Math.min(between, w.story.peak) * (0.6 + 0.4 * random.uniform())
    default:
      return cutIn * Math.max(0, 0.5 * random.uniform() * random.uniform())
  }
}

/** Gross misreadings: a slipped prefix, OL for nought, the wrong range, nothing at all. */
function misread(test: NumericTest, value: number | null, random: Random): number | null {
  if (random.uniform() >= GROSS) return value
  const kind = random.below(4)
  if (value === null) return kind < 2 ? 0 : 1.5
  if (kind === 0) return test.quantity === 'ohms' ? null : 0
  if (kind === 1) return value * 1000
  if (kind === 2) return value / 1000
  return value * (0.3 + 1.4 * random.uniform())
}

async function look(
  d: Description,
  healthy: Figures,
  w: SolvedWorld,
  test: SeenTest,
  random: Random,
): Promise<string> {
  if (random.uniform() < GROSS) return test.outcomes[random.below(test.outcomes.length)]!.id
  const row = await rowOf(d, healthy, w, test)
  let left = random.uniform()
  const i = row.findIndex(p => (left -= p) <= 0)
  return test.outcomes[i < 0 ? 0 : i]!.id
}

async function rowOf(
  d: Description,
  healthy: Figures,
  w: SolvedWorld,
  test: SeenTest,
): Promise<readonly number[]> {
  if (test.trial) return await tried(d, healthy, w, test)
  const own = w.left
    .map((p) => {
      const id = p.mode.id
      return test.chancesByFault[`${id}:${p.mode.severities[p.degree]!.id}`] ?? test.chancesByFault[id]
    })
    .filter(r => r !== undefined)
  const byEffect = d.stages
    .map((s, i) => test.chancesByEffect[s.id ? `${s.id}:${w.effects[i]}` : w.effects[i]!])
    .find(r => r)
  // of two faults the one that shows more is what is seen
  const telling = own.toSorted((a, b) => distance(b, test.usual) - distance(a, test.usual))[0]
  return telling ?? byEffect ?? test.usual
}

const distance = (a: readonly number[], b: readonly number[]) => a.reduce((s, v, i) => s + Math.abs(v - b[i]!), 0)

/** An elimination test: something is opened, bridged or rolled, and the circuit is solved outside again. */
async function tried(
  d: Description,
  healthy: Figures,
  w: SolvedWorld,
  test: SeenTest,
): Promise<readonly number[]> {
  const trial = test.trial!
  const i = Math.max(
    0,
    d.stages.findIndex(s => s.id === (trial.stage ?? '')),
  )
  const changed = { ...w.f, ...trial.change(healthy, () => w.f) }
  if (trial.watch === 'odd-current') {
    if (w.stages[0]!.turning !== 'running') return [0.34, 0.33, 0.33]
    const before = await oddLine(d.stages[0]!, w.f, w.stages[0]!)
    if (before === undefined) return [1, 0, 0]
    const rolled = await settle(d.stages[0]!, changed)
    return (await oddLine(d.stages[0]!, changed, rolled)) === before ? [0, 1, 0] : [0, 0, 1]
  }
  const after = await solveWorld(d, changed, w.left)
  const effect
    = i === 0 && 'runs-dry' in test.chancesByEffect
      ? after.stages[0]!.effect !== 'runs'
        ? after.stages[0]!.effect
        : after.story.effect
      : after.stages[i]!.effect
  return test.chancesByEffect[trial.stage ? `${trial.stage}:${effect}` : effect] ?? test.usual
}

async function oddLine(stage: StageDescription, f: Figures, s: Settled): Promise<number | undefined> {
  const at = await askSpice(stage.power.network(f, s.stateOf('running')))
  const amps = [1, 2, 3].map(k => magnitude(at.amps(`lead ${k}`)))
  const mean = (amps[0]! + amps[1]! + amps[2]!) / 3
  const off = amps.map(a => Math.abs(a - mean))
  return Math.max(...off) < 0.06 * mean ? undefined : off.indexOf(Math.max(...off))
}
