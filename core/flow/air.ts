/**
 * A compressor and its receiver: V·dp/dt = Pa·(q(p) − leaks(p) − draw), isothermal, flows counted as free air.
 *   delivery falls by 2.2 % per atmosphere of receiver pressure (clearance volume; common practice, no source)
 *   a leak passes free air in proportion to absolute pressure (choked flow)
 * Between events that is dp/dt = a − b·p, solved in closed form: t = ln((a − b·p₀)/(a − b·p₁))/b. A switch whose port
 * lags is stepped instead. Worked example (repeated in the tests): 60 gal from 90 to 125 psi at 5 cfm → t =
 * V·ΔP/(Pa·Q) = 230 s (delivery held constant).
 */
import { stepSwitch, type FlowEffect, type FlowStory, type PressureSwitch, type SwitchState } from './story'

export interface AirPlant {
  readonly airPressure: number
  readonly volume: number
  readonly delivery: number
  readonly turns: boolean
  /** free air lost at the reference pressure: past the tank check valve while stopped, and anywhere else always */
  readonly checkLeak: number
  readonly leak: number
  readonly reliefOpens: number
  readonly switch: PressureSwitch
  /** free air that the sound head delivers, m³/s, and the cycle in seconds under which it counts as rapid */
  readonly usual: { readonly flow: number, readonly draw: number, readonly rapidBelow: number }
  /** share of delivery lost per pascal of receiver pressure */
  readonly fallOff: number
}

const REFERENCE = 861845 // Pa absolute, 110 psi gauge or so: where leaks are counted
const LONG = 3600 // s after which it counts as never
export const AIR_FALL_OFF = 0.022 / 101325

/** dp/dt = a − b·p while the switch is closed or open, a draw flows, and the relief valve is shut or open. */
function rate(
  plant: AirPlant,
  closed: boolean,
  draw: number,
  relieving: boolean,
): { readonly a: number, readonly b: number } {
  const k = plant.airPressure / plant.volume
  const leak = (plant.leak + (closed ? 0 : plant.checkLeak)) / REFERENCE
  const made = closed && plant.turns ? plant.delivery : 0
  return {
    a: k * (made - leak * plant.airPressure - draw - (relieving ? 2 * plant.usual.flow : 0)),
    b: k * (made * plant.fallOff + leak),
  }
}

/** Seconds from one pressure to another, Infinity if it settles before. */
function timeTo(plant: AirPlant, from: number, to: number, closed: boolean, draw: number): number {
  const edge = plant.reliefOpens
  if (Math.min(from, to) < edge && Math.max(from, to) > edge)
    return timeTo(plant, from, edge, closed, draw) + timeTo(plant, edge, to, closed, draw)
  const { a, b } = rate(plant, closed, draw, Math.min(from, to) >= edge)
  if (from === to) return 0
  const [start, end] = [a - b * from, a - b * to]
  if (Math.sign(start) !== Math.sign(to - from) || Math.sign(end) !== Math.sign(start)) return Infinity
  return b * Math.abs(to - from) < 1e-6 * Math.abs(start) ? (to - from) / start : Math.log(start / end) / b
}

/** Where the pressure stands after so many seconds. */
function pressureAfter(plant: AirPlant, from: number, seconds: number, closed: boolean, draw: number): number {
  const relieving = from >= plant.reliefOpens
  const { a, b } = rate(plant, closed, draw, relieving)
  const p = b > 0 ? a / b + (from - a / b) * Math.exp(-b * seconds) : from + a * seconds
  // a relief valve holds the pressure where it opens, if it can
  return Math.max(
    0,
    !relieving && p > plant.reliefOpens
      ? plant.reliefOpens
      : relieving && p < plant.reliefOpens
        ? plant.reliefOpens
        : p,
  )
}

export function runAir(plant: AirPlant): FlowStory {
  return plant.switch.delay > 0.5 && Number.isFinite(plant.switch.delay) ? stepped(plant) : closedForm(plant)
}

function closedForm(plant: AirPlant): FlowStory {
  const { cutIn, cutOut, welded, delay } = plant.switch
  const held = welded || delay === Infinity
  const fill = timeTo(plant, 0.98 * cutIn, cutOut, true, 0)
  const fillTime = held || fill > LONG ? Infinity : fill
  const stopped = Number.isFinite(fillTime)
  const peak = stopped ? cutOut : pressureAfter(plant, 0.98 * cutIn, LONG, true, 0)
  const draw = 0.5 * plant.usual.draw
  const cycle = stopped
    ? timeTo(plant, cutOut, cutIn, false, draw) + timeTo(plant, cutIn, cutOut, true, draw)
    : Infinity
  const still = pressureAfter(plant, Math.min(peak, cutOut), 600, false, 0)
  return tell(plant, {
    fillTime,
    peak,
    stopped,
    cycle,
    cutIn: stopped ? cutIn : undefined,
    cutOut: stopped ? cutOut : undefined,
    leakDown: Math.min(peak, cutOut) - still,
    toCutIn: timeTo(plant, Math.min(peak, cutOut), cutIn, false, 0),
  })
}

interface Told {
  readonly fillTime: number
  readonly peak: number
  readonly stopped: boolean
  readonly cycle: number
  readonly cutIn: number | undefined
  readonly cutOut: number | undefined
  readonly leakDown: number
  readonly toCutIn: number
}

function tell(plant: AirPlant, t: Told): FlowStory {
  const { cutIn, cutOut } = plant.switch
  const k = plant.volume / plant.airPressure
  const delivery = !plant.turns
    ? 0
    : t.stopped
      ? (k * (cutOut - cutIn)) / t.fillTime
      : Math.max(
          0,
          plant.delivery * (1 - plant.fallOff * t.peak) - (plant.leak * (t.peak + plant.airPressure)) / REFERENCE,
        )
  const effect: FlowEffect
    = !t.stopped && t.peak > 1.02 * cutOut
      ? 'runs-on'
      : !t.stopped
          ? 'runs-weak'
          : t.toCutIn < 900
            ? 'starts-alone'
            : t.cycle < plant.usual.rapidBelow
              ? 'rapid-cycles'
              : delivery < 0.72 * plant.usual.flow
                ? 'runs-weak'
                : 'runs'
  return {
    effect,
    cutIn: t.cutIn,
    cutOut: t.cutOut,
    peak: t.peak,
    fillTime: t.fillTime,
    cycle: t.cycle,
    delivery,
    openPressure: t.peak,
    leakDown: t.leakDown,
    emptied: false,
    cutOffTripped: false,
  }
}

interface State extends SwitchState {
  readonly p: number
  readonly t: number
}

/** The plain way, for a port that lags: the same equation in steps. */
export function stepped(plant: AirPlant): FlowStory {
  const { cutIn, delay } = plant.switch
  const dt = Math.min(1, Math.max(0.05, delay / 20))
  const step = (s: State, draw: number): State => {
    const { a, b } = rate(plant, s.closed, draw, s.p >= plant.reliefOpens)
    const p = Math.max(0, s.p + dt * (a - b * s.p))
    return { ...stepSwitch(plant.switch, s, p, dt), p, t: s.t + dt }
  }
  const run = (from: State, draw: number, until: (s: State) => boolean) => {
    let s = { ...from, t: 0 }
    while (s.t < LONG / 2 && !until(s)) s = step(s, draw)
    return s
  }
  const filled = run(
    { p: 0.98 * cutIn, sensed: 0.98 * cutIn, closed: true, tripped: false, t: 0 },
    0,
    s => !s.closed,
  )
  const stopped = !filled.closed
  const called = stopped ? run(filled, 0.5 * plant.usual.draw, s => s.closed) : filled
  const again = stopped ? run(called, 0.5 * plant.usual.draw, s => !s.closed) : filled
  return tell(plant, {
    fillTime: stopped ? filled.t : Infinity,
    peak: filled.p,
    stopped,
    cycle: stopped && !again.closed ? called.t + again.t : Infinity,
    cutIn: stopped ? called.p : undefined,
    cutOut: stopped ? filled.p : undefined,
    leakDown: filled.p - pressureAfter(plant, filled.p, 600, false, 0),
    toCutIn: timeTo(plant, filled.p, cutIn, false, 0),
  })
}
