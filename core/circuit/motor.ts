/**
 * A single-phase induction motor as the double-revolving-field circuit, with a start winding of turns ratio k:
 *   Vm = Im·(R1m + jX1 + Zf + Zb) − j·k·Ia·(Zf − Zb)
 *   Va = Ia·(R1a + j·k²·X1 + k²(Zf + Zb)) + j·k·Im·(Zf − Zb)
 *   Zf = (jXm/2) ∥ (R2/2s + jX2/2),  Zb the same with 2 − s;  X1 = X2
 *   torque × synchronous speed = Re Zf·|Im − jkIa|² − Re Zb·|Im + jkIa|²
 * Source: the usual treatment of the two-winding motor (P. C. Sen, Principles of Electric Machines; from memory).
 * R2, X, Xm and the rated slip are found so that the model draws the nameplate's locked-rotor amps at s = 1 and its
 * full-load amps running and its no-load amps turning free. The power it then gives must not fall short of the
 * rating. Saturation and iron loss are left out; rotational loss is 4 % of full-load torque.
 */
import {
  add,
  complex,
  fail,
  magnitude,
  multiply,
  ok,
  parallel,
  scale,
  subtract,
  type Complex,
  type Result,
} from '#core/foundation'
import { fitMotor } from './fit'

/** What the nameplate (or a table standing in for it) says. Volts, amps, ohms, watts. */
export interface MotorNameplate {
  readonly volts: number
  readonly watts: number
  readonly fullLoadAmps: number
  readonly lockedRotorAmps: number
  readonly mainOhms: number
  readonly startOhms: number
  /** amps with the shaft turning free */
  readonly noLoadAmps: number
  /** start turns over main turns, effective */
  readonly turnsRatio: number
}

export interface MotorModel {
  readonly nameplate: MotorNameplate
  readonly x: number
  readonly xm: number
  readonly r2: number
  /** slip at full-load amps */
  readonly ratedSlip: number
  /** torque at full-load amps as synchronous watts, rotational loss included */
  readonly ratedTorque: number
  /** worst relative miss of the calibration conditions */
  readonly residual: number
}

/** Fields seen by the two windings at a slip. */
export interface RotorState {
  readonly forward: Complex
  readonly backward: Complex
}

export function rotorAt(model: Pick<MotorModel, 'x' | 'xm' | 'r2'>, slip: number): RotorState {
  const field = (s: number) => parallel(complex(0, model.xm / 2), complex(model.r2 / (2 * s), model.x / 2))
  return { forward: field(Math.max(slip, 1e-4)), backward: field(2 - slip) }
}

/** Impedances of the two windings and of the coupling between them at a slip. */
export function windingImpedances(model: MotorModel, slip: number) {
  const { forward, backward } = rotorAt(model, slip)
  const k = model.nameplate.turnsRatio
  const both = add(forward, backward)
  const across = multiply(complex(0, k), subtract(forward, backward))
  return {
    main: add(complex(model.nameplate.mainOhms, model.x), both),
    start: add(complex(model.nameplate.startOhms, k * k * model.x), scale(both, k * k)),
    startIntoMain: scale(across, -1),
    mainIntoStart: across,
  }
}

/** Torque in synchronous watts from the winding currents. */
export function airGapTorque(model: MotorModel, slip: number, main: Complex, start: Complex): number {
  const { forward, backward } = rotorAt(model, slip)
  const turned = multiply(complex(0, model.nameplate.turnsRatio), start)
  const square = (z: Complex) => magnitude(z) ** 2
  return forward.re * square(subtract(main, turned)) - backward.re * square(add(main, turned))
}

export const ROTATIONAL_LOSS = 0.04
const LOCKED_POWER_FACTOR = 0.72

/**
 * Fits X, Xm, R2 and the full-load slip. The locked power factor is taken as 0.72, or 0.22 above what the main
 * winding alone would make of it (common practice, no source). Refuses a nameplate that no such motor can have.
 */
export function calibrateMotor(nameplate: MotorNameplate): Result<MotorModel> {
  const { volts, watts, fullLoadAmps, lockedRotorAmps, mainOhms, noLoadAmps } = nameplate
  if (!(volts * fullLoadAmps > watts)) return fail('full-load-amps-too-low', { fullLoadAmps, volts, watts })
  const locked = volts / lockedRotorAmps
  if (lockedRotorAmps > 1.5 * fullLoadAmps && !(mainOhms < 0.75 * locked))
    return fail('main-ohms-too-high', { mainOhms, lockedOhms: locked })
  const lockedPowerFactor = Math.max(LOCKED_POWER_FACTOR, Math.min(0.97, mainOhms / locked + 0.22))
  const fitted = fitMotor({
    volts,
    fullLoadAmps,
    lockedRotorAmps,
    noLoadAmps,
    ohms: mainOhms,
    lockedPowerFactor,
    freeSlip: ROTATIONAL_LOSS,
    impedance: (rotor, slip) => {
      const { forward, backward } = rotorAt(rotor, slip)
      return add(complex(mainOhms, rotor.x), add(forward, backward))
    },
  })
  if (!fitted.ok) return fitted
  const { x, xm, r2, ratedSlip, residual } = fitted.value
  const { forward, backward } = rotorAt({ x, xm, r2 }, ratedSlip)
  const ratedTorque = (forward.re - backward.re) * fullLoadAmps ** 2
  const shaftWatts = ratedTorque * (1 - ratedSlip) * (1 - ROTATIONAL_LOSS)
  if (shaftWatts < 0.8 * watts) return fail('full-load-amps-too-low', { fullLoadAmps, watts, shaftWatts })
  return ok({ nameplate, x, xm, r2, ratedSlip, ratedTorque, residual })
}
