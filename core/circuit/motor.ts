/**
 * A single-phase induction motor as the double-revolving-field circuit, with a start winding of turns ratio k:
 *   Vm = Im·(R1m + jX + Zf + Zb) − j·k·Ia·(Zf − Zb)
 *   Va = Ia·(R1a + j·k²·X + k²(Zf + Zb)) + j·k·Im·(Zf − Zb)
 *   Zf = jXm/2 ∥ Rfe/2 ∥ (R2(s)/2s + jX2(s)/2),  Zb the same with 2 − s
 *   torque × synchronous speed = |Zf|²·Re(1/Zr,f)·|Im − jkIa|² − |Zb|²·Re(1/Zr,b)·|Im + jkIa|²
 * Source: the usual treatment of the two-winding motor (P. C. Sen, Principles of Electric Machines; from memory).
 * The rotor's bars are deep: towards standstill its resistance rises and its leakage falls with √slip. Rfe stands for
 * the iron; friction is 4 % of full-load torque. Saturation is left out but for the falling leakage.
 */
import {
  add,
  complex,
  divide,
  magnitude,
  multiply,
  parallel,
  scale,
  subtract,
  type Complex,
} from '#core/foundation'

/** How the start winding is fed: through a capacitor, through its own resistance, or by a run capacitor alone. */
export type StartGear = 'capacitor' | 'split' | 'permanent'

/** What the nameplate, or a table in its place, says of the whole motor. Volts, line amps, ohms, farads, watts. */
export interface MotorNameplate {
  readonly volts: number
  readonly hertz: number
  /** at the shaft */
  readonly watts: number
  /** line amps at rated shaft power, a run capacitor's included */
  readonly fullLoadAmps: number
  /** line amps at a start, start winding and capacitors included */
  readonly lockedRotorAmps: number
  readonly mainOhms: number
  readonly startOhms: number
  readonly gear: StartGear
  readonly startFarads: number
  readonly runFarads: number
  /** in series with the start winding and its capacitor: contact and leads */
  readonly feedOhms: number
  /** slip at rated load, where the plate gives the rpm */
  readonly slip?: number
}

/** The figures of the circuit. Ohms at the plate's hertz. */
export interface MotorFigures {
  readonly x: number
  readonly xm: number
  readonly r2: number
  /** rotor resistance at standstill over that near synchronous speed */
  readonly deep: number
  /** rotor leakage at standstill over that near synchronous speed */
  readonly easing: number
  readonly iron: number
  /** start turns over main turns, effective */
  readonly turnsRatio: number
}

/** How far a soft wish is missed: what the circuit gives, and what motors of that size usually give. */
export interface Misfit {
  readonly what: 'no-load amps' | 'watts in' | 'locked torque' | 'breakdown torque'
  readonly gives: number
  readonly usual: number
}

export interface MotorModel extends MotorFigures {
  readonly nameplate: MotorNameplate
  /** slip at rated shaft power */
  readonly ratedSlip: number
  /** torque at rated shaft power as synchronous watts, rotational loss included */
  readonly ratedTorque: number
  /** worst relative miss of what the plate states: locked amps, full-load amps, shaft watts */
  readonly residual: number
  readonly misfits: readonly Misfit[]
}

export const ROTATIONAL_LOSS = 0.04

/** One revolving field at its slip: what the stator sees of it, and its torque per ampere squared. */
export interface Field {
  readonly z: Complex
  readonly drive: number
}

/** What a rotor's bars show at a slip: resistance and leakage. */
export function barsAt(m: Pick<MotorFigures, 'x' | 'r2' | 'deep' | 'easing'>, slip: number): Complex {
  const depth = Math.sqrt(Math.min(Math.abs(slip), 2))
  return complex(m.r2 * (1 + (m.deep - 1) * depth), m.x * (1 - (1 - m.easing) * Math.min(depth, 1)))
}

/**
 * Magnetising reactance, iron and rotor side by side. By conductances, since it is asked for by the thousand.
 * @param share of the whole motor that the field is: a half of each of two, or one
 */
export function fieldOf(m: Omit<MotorFigures, 'turnsRatio'>, slip: number, share: number): Field {
  const bars = barsAt(m, slip)
  const [re, im] = [(share * bars.re) / Math.max(slip, 1e-4), share * bars.im]
  const square = re * re + im * im
  const g = 1 / (share * m.iron) + re / square
  const b = 1 / (share * m.xm) + im / square
  const y = g * g + b * b
  return { z: { re: g / y, im: b / y }, drive: re / square / y }
}

interface Fields {
  readonly forward: Field
  readonly backward: Field
}
let last: { readonly m: MotorFigures, readonly slip: number, readonly fields: Fields } | undefined

/** Fields seen by the two windings at a slip; impedances and torque ask for the same ones in turn. */
function fieldsAt(m: MotorFigures, slip: number): Fields {
  if (last?.m === m && last.slip === slip) return last.fields
  const fields = { forward: fieldOf(m, slip, 0.5), backward: fieldOf(m, 2 - slip, 0.5) }
  last = { m, slip, fields }
  return fields
}

interface Windings {
  readonly mainOhms: number
  readonly startOhms: number
}

function impedances(m: MotorFigures, of: Windings, slip: number) {
  const { forward, backward } = fieldsAt(m, slip)
  const x = barsAt(m, slip).im
  const k = m.turnsRatio
  const both = add(forward.z, backward.z)
  const across = multiply(complex(0, k), subtract(forward.z, backward.z))
  return {
    main: add(complex(of.mainOhms, x), both),
    start: add(complex(of.startOhms, k * k * x), scale(both, k * k)),
    startIntoMain: scale(across, -1),
    mainIntoStart: across,
  }
}

/** Impedances of the two windings and of the coupling between them at a slip. */
export const windingImpedances = (model: MotorModel, slip: number) => impedances(model, model.nameplate, slip)

/** Torque in synchronous watts from the winding currents. */
export function airGapTorque(m: MotorFigures, slip: number, main: Complex, start: Complex): number {
  const { forward, backward } = fieldsAt(m, slip)
  const turned = multiply(complex(0, m.turnsRatio), start)
  const square = (z: Complex) => magnitude(z) ** 2
  return forward.drive * square(subtract(main, turned)) - backward.drive * square(add(main, turned))
}

export interface Operating {
  readonly main: Complex
  readonly start: Complex
  readonly line: Complex
  readonly torque: number
}

/**
 * The motor at its terminals: volts, slip, and what stands in series with the start winding (nothing: it is open).
 */
export function operate(
  m: MotorFigures,
  of: Windings,
  volts: number,
  slip: number,
  series: Complex | undefined,
): Operating {
  const z = impedances(m, of, slip)
  const v = complex(volts)
  const zero = complex(0)
  if (!series) {
    const main = divide(v, z.main)
    return { main, start: zero, line: main, torque: airGapTorque(m, slip, main, zero) }
  }
  const own = add(z.start, series)
  const whole = subtract(multiply(z.main, own), multiply(z.startIntoMain, z.mainIntoStart))
  const main = divide(multiply(v, subtract(own, z.startIntoMain)), whole)
  const start = divide(multiply(v, subtract(z.main, z.mainIntoStart)), whole)
  return { main, start, line: add(main, start), torque: airGapTorque(m, slip, main, start) }
}

/** What stands in series with the start winding at a start, and once it runs; nothing where it is then open. */
export function startSeries(p: MotorNameplate): { starting: Complex | undefined, running: Complex | undefined } {
  const capacitorOf = (farads: number) =>
    farads > 0 ? complex(p.feedOhms, -1 / (2 * Math.PI * p.hertz * farads)) : undefined
  const running = capacitorOf(p.runFarads)
  if (p.gear === 'permanent') return { starting: running, running }
  const feed = p.gear === 'split' ? complex(p.feedOhms) : capacitorOf(p.startFarads)
  return { starting: feed && running ? parallel(feed, running) : (feed ?? running), running }
}
