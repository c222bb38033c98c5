/**
 * A water plant in quasi-steady flow: source, pump curve, check valve, filter, tank, switch, house filter, taps, leaks.
 *   storage: w(p) = V·(1 − (Ppre+Pa)/(p+Pa)) above the precharge, plus the pipework's own give;  dw/dt = q(p) −
 *   draw(p) − leaks(p)
 *   pump: q² = (1 − (p − pin)/ps) / (1/q0² + k/ps), ps the shut-off rise, q0 the free flow, k the filter ahead of the
 *   switch
 *   openings: q = c·√p
 * Assumes isothermal air and no water hammer. Worked example (repeated in the tests): 44 gal, 40/60, precharge 38, 10
 * gpm, half drawn → 4·DD/Q = 273 s from start to start.
 */
import { findRoot } from '#core/foundation'
import { stepSwitch, type FlowEffect, type FlowStory, type PressureSwitch, type SwitchState } from './story'

export interface WaterPlant {
  readonly airPressure: number
  readonly tank: { readonly volume: number, readonly precharge: number }
  /** give of pipes and hoses, m³/Pa */
  readonly give: number
  readonly pump: {
    readonly freeFlow: number
    readonly shutOff: number
    readonly inlet: number
    readonly turns: boolean
    /** what it holds up the water that a main pushes through it, worn or not, Pa/(m³/s)²; else by its own curve */
    readonly passage?: number
  }
  /** what the source gives at most, m³/s */
  readonly yield: number
  readonly check: { readonly leak: number, readonly stuckShut: boolean }
  /** Pa per (m³/s)² between pump and switch, and between switch and taps */
  readonly filterBefore: number
  readonly filterAfter: number
  /** m³/s lost at the reference pressure with everything shut */
  readonly leak: number
  readonly reliefOpens: number
  readonly switch: PressureSwitch
  /**
   * what the sound plant gives wide open, m³/s, what its taps are made to draw, and the cycle in seconds under which
   * it counts as rapid
   */
  readonly usual: { readonly flow: number, readonly draw: number, readonly rapidBelow: number }
  /** what draws takes the same at every pressure, not as an opening does */
  readonly constantDraw?: boolean
}

const REFERENCE = 344738 // Pa, 50 psi: where leaks are counted
/** s after which a fill counts as never, or so many times what the sound pump takes for this tank. */
const [MOST_FILL, TIMES_SOUND] = [420, 3.5]
const PIECES = 24
/** A constant draw holds from this share of the middle pressure up. */
const CONSTANT_FROM = 0.25

interface State extends SwitchState {
  readonly p: number
  readonly t: number
}

/** Free flow of a pump that gives `flow` at `pressure` and nothing at `shutOff`. */
export const freeFlowOf = (flow: number, pressure: number, shutOff: number) =>
  flow / Math.sqrt(Math.max(0.05, 1 - pressure / shutOff))

export function runWater(plant: WaterPlant): FlowStory {
  return plant.switch.delay > 0.5 && Number.isFinite(plant.switch.delay) ? stepped(plant) : integrated(plant)
}

/** A switch that answers at once, or never: each phase is one integral, t = ∫ dw / (q(p) − draw(p) − leaks(p)). */
function integrated(plant: WaterPlant): FlowStory {
  const { cutIn, cutOut, cutOff, delay, held: heldAt, welded } = plant.switch
  const h = createHydraulics(plant)
  const mid = 0.5 * (cutIn + cutOut)
  const opening = (share: number) => (share * plant.usual.draw) / Math.sqrt(mid)
  const held = welded || delay === Infinity
  const begins = welded || delay !== Infinity || heldAt < cutIn
  const fill = begins ? h.timeBetween(0.97 * cutIn, cutOut, 0, true) : Infinity
  const fillTime = held || fill > h.mostFill ? Infinity : fill
  const stopped = Number.isFinite(fillTime)
  // one that only takes long stops in the end
  const peak = !held && Number.isFinite(fill) ? cutOut : begins ? h.settles(0, true) : 0.97 * cutIn
  const [half, full] = [opening(0.5), opening(1.3)]
  const [restsAt, floodsAt] = [h.settles(half, true), h.settles(full, true)]
  const called = begins && plant.pump.turns
  const tripped = called && cutOff > 0 && Math.min(restsAt, floodsAt) < cutOff
  const cycle
    = stopped && !tripped
      ? h.timeBetween(cutOut, cutIn, half, false) + h.timeBetween(cutIn, cutOut, half, true)
      : Infinity
  const openPressure = called ? Math.min(floodsAt, held ? Infinity : cutOut) : 0
  const still = letRest(h, Math.min(peak, Math.max(cutOut, plant.pump.inlet)), cutIn)
  const story = {
    cutIn: begins && !held && h.timeBetween(cutOut, cutIn, half, false) < 1500 ? cutIn : undefined,
    cutOut: stopped ? cutOut : undefined,
    peak,
    fillTime,
    cycle,
    delivery: called && !tripped ? h.draw(openPressure, full) : 0,
    openPressure,
    leakDown: still.lost,
    emptied: stopped && plant.tank.volume > 0 && plant.tank.precharge > cutIn * 1.02,
    cutOffTripped: tripped,
  }
  return { ...story, effect: effectOf(plant, story, begins, stopped && plant.pump.turns && still.toCutIn < 600) }
}

/**
 * The plain way, for a port that lags: implicit Euler steps, so that a plant with no tank at all is as stable as one
 * with.
 */
export function stepped(plant: WaterPlant): FlowStory {
  const { cutIn, cutOut } = plant.switch
  const hydraulics = createHydraulics(plant)
  const { midFlow } = hydraulics
  const dt = Math.max(0.05, Math.min(6, (hydraulics.stored(cutOut) - hydraulics.stored(cutIn)) / midFlow / 30))
  const open = (share: number) => (share * plant.usual.draw) / Math.sqrt(0.5 * (cutIn + cutOut))
  const step = (s: State, c: number, seconds = dt): State => {
    const p = hydraulics.step(s.p, c, s.closed, seconds)
    return { ...stepSwitch(plant.switch, s, p, seconds), p, t: s.t + seconds }
  }
  const run = (from: State, c: number, seconds: number, until: (s: State) => boolean) => {
    let at = from
    while (at.t - from.t < seconds) {
      const next = step(at, c)
      if (until(next)) return { at: next, reached: true }
      if (Math.abs(next.p - at.p) < 2 && next.closed === at.closed && Math.abs(next.sensed - at.sensed) < 2)
        return { at: next, reached: false }
      at = next
    }
    return { at, reached: false }
  }
  // somebody starts it: taps shut, pressure just under cut-in
  const start: State = { p: 0.97 * cutIn, sensed: 0.97 * cutIn, closed: true, tripped: false, t: 0 }
  const filled = run(start, 0, hydraulics.mostFill, s => !s.closed)
  const stopped = filled.reached
  const full: State = { ...filled.at, t: 0, tripped: false }
  const half = measureCycle(full, s => step(s, open(0.5)))
  const flood = run({ ...full, closed: true }, open(1.3), 240, s => s.tripped)
  const still = letRest(hydraulics, Math.min(filled.at.p, Math.max(cutOut, plant.pump.inlet)), cutIn)
  const story = {
    cutIn: half.cutIn,
    cutOut: stopped ? filled.at.p : undefined,
    peak: filled.at.p,
    fillTime: stopped ? filled.at.t : Infinity,
    cycle: half.seconds,
    delivery: plant.pump.turns && !flood.reached ? hydraulics.draw(flood.at.p, open(1.3)) : 0,
    openPressure: flood.at.p,
    leakDown: still.lost,
    emptied: stopped && plant.tank.volume > 0 && plant.tank.precharge > cutIn * 1.02,
    cutOffTripped: flood.reached || half.tripped,
  }
  return { ...story, effect: effectOf(plant, story, true, stopped && plant.pump.turns && still.toCutIn < 600) }
}

function effectOf(
  plant: WaterPlant,
  s: Omit<FlowStory, 'effect'>,
  begins: boolean,
  startsAlone: boolean,
): FlowEffect {
  const { cutOut } = plant.switch
  const usual = plant.usual.flow
  const stopped = s.cutOut !== undefined
  if (!begins) return 'silent'
  if (!stopped && s.peak > cutOut * 1.03) return 'runs-on'
  if (s.cutOffTripped) return 'cuts-off'
  if (!stopped) return s.delivery < 0.15 * usual ? 'runs-dry' : 'runs-weak'
  if (s.emptied) return 'surges'
  if (startsAlone) return 'starts-alone'
  if (s.cycle < plant.usual.rapidBelow) return 'rapid-cycles'
  return s.delivery < 0.72 * usual ? 'runs-weak' : 'runs'
}

type Hydraulics = ReturnType<typeof createHydraulics>

/** The plant's equations with its figures at hand. */
function createHydraulics({
  pump,
  check,
  yield: most,
  filterBefore,
  filterAfter,
  leak,
  reliefOpens,
  tank,
  airPressure,
  give,
  usual,
  constantDraw,
  switch: sw,
}: WaterPlant) {
  const { freeFlow, shutOff, inlet, turns } = pump
  const resistance = 1 / freeFlow ** 2 + filterBefore / shutOff
  const still = filterBefore + (pump.passage ?? shutOff / freeFlow ** 2)
  const pumped = (p: number, on: boolean) => {
    if (check.stuckShut) return 0
    // a main's own pressure comes through a pump that stands still, or gives less than that
    const pushed = inlet > p ? Math.sqrt((inlet - p) / still) : 0
    const given = on && turns ? Math.sqrt(Math.max(0, (1 - (p - inlet) / shutOff) / resistance)) : 0
    return Math.min(most, Math.max(pushed, given))
  }
  const opening = (p: number, c: number) => (c > 0 ? Math.sqrt(Math.max(0, p) / (1 / c ** 2 + filterAfter)) : 0)
  // a constant draw is met while there is pressure enough to push it through the filter
  const atMid = 0.5 * (sw.cutIn + sw.cutOut)
  const draw = (p: number, c: number) =>
    constantDraw && p > CONSTANT_FROM * atMid ? opening(atMid, c) : opening(p, c)
  const gas = tank.volume * (tank.precharge + airPressure)
  const stored = (p: number) => give * p + (p > tank.precharge ? tank.volume - gas / (p + airPressure) : 0)
  const giveAt = (p: number) => give + (p > tank.precharge ? gas / (p + airPressure) ** 2 : 0)
  const net = (p: number, c: number, on: boolean) => {
    const root = Math.sqrt(Math.max(0, p) / REFERENCE)
    return (
      pumped(p, on)
      - draw(p, c)
      - (leak + (on ? 0 : check.leak)) * root
      - (p > reliefOpens ? (p - reliefOpens) * 2e-8 : 0)
    )
  }
  /** d(net)/dp where nothing begins or ends. */
  const slope = (p: number, c: number, on: boolean) => {
    const given = pumped(p, on)
    const drawn = draw(p, c)
    const head = on && turns ? resistance * shutOff : still
    return (
      (given > 0 && given < most ? -0.5 / (given * head) : 0)
      - (drawn > 0 && !(constantDraw && p > CONSTANT_FROM * atMid) ? (0.5 * drawn) / p : 0)
      - (0.5 * (leak + (on ? 0 : check.leak))) / Math.sqrt(Math.max(p, 1) * REFERENCE)
      - (p > reliefOpens ? 2e-8 : 0)
    )
  }
  /** One implicit Euler step: Newton from where it stands, else a bracketed root. */
  const step = (from: number, c: number, on: boolean, dt: number) => {
    const before = stored(from)
    let p = Math.max(from, 100)
    for (let i = 0; i < 6; i++) {
      const next = p - (stored(p) - before - dt * net(p, c, on)) / (giveAt(p) - dt * slope(p, c, on))
      if (!(next > 0)) break
      if (Math.abs(next - p) < 20) return next
      p = next
    }
    const miss = (p: number) => stored(p) - before - dt * net(p, c, on)
    if (miss(0) >= 0) return 0
    const found = findRoot(miss, 0, shutOff + inlet + from + 1e5, { x: 5, steps: 60 })
    return found.ok ? found.value : from
  }
  const soundFill = (stored(sw.cutOut) - stored(sw.cutIn)) / Math.max(usual.draw, 1e-6)
  const mostFill = Math.max(MOST_FILL, TIMES_SOUND * soundFill)
  const midFlow = Math.max(1e-6, pumped(0.5 * (sw.cutIn + sw.cutOut), true))
  /**
   * Seconds from one pressure to another; Infinity where the plant settles before. Midpoint rule on each smooth
   * piece.
   */
  const timeBetween = (from: number, to: number, c: number, on: boolean): number => {
    const pre = tank.precharge
    if (Math.min(from, to) < pre && Math.max(from, to) > pre)
      return timeBetween(from, pre, c, on) + timeBetween(pre, to, c, on)
    const width = (to - from) / PIECES
    let seconds = 0
    for (let i = 0; i < PIECES; i++) {
      const p = from + (i + 0.5) * width
      const flow = net(p, c, on)
      if (flow * width <= 0) return Infinity
      seconds += (giveAt(p) * width) / flow
    }
    return seconds
  }
  /** Where the pressure comes to rest with the pump on. */
  const settles = (c: number, on: boolean) => {
    const top = shutOff + inlet + 1e5
    const least = 1e-8 * midFlow // a plant that neither gains nor loses has come to rest
    if (net(1, c, on) <= least) return 0
    const found = findRoot(p => net(p, c, on) - least, 1, top, { x: 20, steps: 60 })
    return found.ok ? found.value : top
  }
  return { stored, draw, step, timeBetween, settles, leaks: leak + check.leak > 0, midFlow, mostFill }
}

function measureCycle(
  from: State,
  step: (s: State) => State,
): { seconds: number, tripped: boolean, cutIn: number | undefined } {
  let at = from
  let cutIn: number | undefined
  const starts: number[] = []
  while (at.t - from.t < 1500 && starts.length < 2) {
    const next = step(at)
    if (next.closed && !at.closed) {
      starts.push(next.t)
      cutIn ??= next.p
    }
    if (next.tripped) return { seconds: Infinity, tripped: true, cutIn }
    if (next.closed === at.closed && Math.abs(next.p - at.p) < 1 && Math.abs(next.sensed - at.sensed) < 1) break
    at = next
  }
  const [first, second] = starts
  const isWhole = first !== undefined && second !== undefined
  return { seconds: isWhole ? second - first : Infinity, tripped: false, cutIn }
}

/** Pressure lost in ten minutes with the pump off and everything shut, and seconds to fall to cut-in. */
function letRest(hydraulics: Hydraulics, from: number, cutIn: number): { lost: number, toCutIn: number } {
  if (!hydraulics.leaks) return { lost: 0, toCutIn: Infinity }
  let p = from
  let toCutIn = Infinity
  for (let t = 20; t <= 600 && p > 1000; t += 20) {
    p = hydraulics.step(p, 0, false, 20)
    if (p <= cutIn && toCutIn === Infinity) toCutIn = t
  }
  return { lost: from - p, toCutIn }
}
