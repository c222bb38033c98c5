/**
 * A three-phase induction motor, wye equivalent, through its sequence impedances:
 *   Z1(s) = R1 + jX + (jXm ∥ (R2/s + jX)),  Z2(s) = Z1(2 − s),
 *   torque × synchronous speed = 3·(|I1|²·Re Zr(s) − |I2|²·Re Zr(2 − s)),  Zr = jXm ∥ (R2/s + jX)
 * In phase quantities the winding matrix is circulant, so that a lost leg or a bad joint shows in all three currents.
 * Source: symmetrical components (C. L. Fortescue, 1918). The star point floats, so the zero sequence carries nothing.
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
  type Complex,
  type Result,
} from '#core/foundation'
import { fitMotor } from './fit'
import { ROTATIONAL_LOSS } from './motor'

export interface ThreePhaseNameplate {
  /** volts line to line */
  readonly volts: number
  readonly watts: number
  readonly fullLoadAmps: number
  readonly lockedRotorAmps: number
  /** resistance between two leads, ohms */
  readonly leadOhms: number
  readonly noLoadAmps: number
}
export interface ThreePhaseModel {
  readonly nameplate: ThreePhaseNameplate
  readonly x: number
  readonly xm: number
  readonly r2: number
  readonly ratedSlip: number
  readonly ratedTorque: number
  readonly residual: number
}

const TURN = complex(-0.5, Math.sqrt(3) / 2)
const BACK = complex(-0.5, -Math.sqrt(3) / 2)
const LOCKED_POWER_FACTOR = 0.5 // common practice, no source

const rotor = (m: Pick<ThreePhaseModel, 'x' | 'xm' | 'r2'>, slip: number) =>
  parallel(complex(0, m.xm), complex(m.r2 / Math.max(slip, 1e-4), m.x))

/** Self and mutual impedances of the three windings at a slip: own, to the next phase, to the one before. */
export function phaseImpedances(
  m: ThreePhaseModel,
  slip: number,
): { readonly own: Complex, readonly next: Complex, readonly previous: Complex } {
  const stator = complex(m.nameplate.leadOhms / 2, m.x)
  const [z1, z2] = [add(stator, rotor(m, slip)), add(stator, rotor(m, 2 - slip))]
  const z0 = complex(m.nameplate.leadOhms / 2, m.x)
  const third = (a: Complex, b: Complex, c: Complex) => scale(add(a, add(b, c)), 1 / 3)
  return {
    own: third(z0, z1, z2),
    next: third(z0, multiply(TURN, z1), multiply(BACK, z2)),
    previous: third(z0, multiply(BACK, z1), multiply(TURN, z2)),
  }
}

/** Torque in synchronous watts from the three phase currents. */
export function threePhaseTorque(
  m: ThreePhaseModel,
  slip: number,
  [a, b, c]: readonly [Complex, Complex, Complex],
): number {
  const square = (z: Complex) => magnitude(z) ** 2
  const forward = square(scale(add(a, add(multiply(TURN, b), multiply(BACK, c))), 1 / 3))
  const backward = square(scale(add(a, add(multiply(BACK, b), multiply(TURN, c))), 1 / 3))
  return 3 * (forward * rotor(m, slip).re - backward * rotor(m, 2 - slip).re)
}

/** Fits the circuit to the nameplate, as for the single-phase motor. */
export function calibrateThreePhase(nameplate: ThreePhaseNameplate): Result<ThreePhaseModel> {
  const { volts, watts, fullLoadAmps, lockedRotorAmps, leadOhms, noLoadAmps } = nameplate
  if (!(Math.sqrt(3) * volts * fullLoadAmps > watts))
    return fail('full-load-amps-too-low', { fullLoadAmps, volts, watts })
  const phaseVolts = volts / Math.sqrt(3)
  const ohms = leadOhms / 2
  const locked = phaseVolts / lockedRotorAmps
  if (lockedRotorAmps > 1.5 * fullLoadAmps && !(ohms < 0.75 * locked))
    return fail('main-ohms-too-high', { mainOhms: leadOhms, lockedOhms: 2 * locked })
  const fitted = fitMotor({
    volts: phaseVolts,
    fullLoadAmps,
    lockedRotorAmps,
    noLoadAmps,
    ohms,
    lockedPowerFactor: Math.max(LOCKED_POWER_FACTOR, Math.min(0.95, ohms / locked + 0.2)),
    freeSlip: ROTATIONAL_LOSS,
    impedance: (figures, slip) => add(complex(ohms, figures.x), rotor(figures, slip)),
  })
  if (!fitted.ok) return fitted
  const { x, xm, r2, ratedSlip, residual } = fitted.value
  const ratedTorque = 3 * fullLoadAmps ** 2 * rotor({ x, xm, r2 }, ratedSlip).re
  const shaftWatts = ratedTorque * (1 - ratedSlip) * (1 - ROTATIONAL_LOSS)
  if (shaftWatts < 0.8 * watts) return fail('full-load-amps-too-low', { fullLoadAmps, watts, shaftWatts })
  return ok({ nameplate, x, xm, r2, ratedSlip, ratedTorque, residual })
}
