/**
 * A three-phase induction motor, wye equivalent, through its sequence impedances:
 *   Z1(s) = R1 + jX(s) + Z(s),  Z(s) = jXm ∥ Rfe ∥ Zr(s),  Zr(s) = R2(s)/s + jX2(s),  Z2(s) = Z1(2 − s),
 *   torque × synchronous speed = 3·(|I1·Z(s)|²·Re 1/Zr(s) − |I2·Z(2 − s)|²·Re 1/Zr(2 − s))
 * In phase quantities the winding matrix is circulant, so that a lost leg or a bad joint shows in all three currents.
 * Source: symmetrical components (C. L. Fortescue, 1918). The star point floats, so the zero sequence carries nothing.
 */
import {
  add,
  complex,
  divide,
  fail,
  magnitude,
  multiply,
  ok,
  scale,
  type Complex,
  type Result,
} from '#core/foundation'
import { HORSEPOWER } from '#core/units'
import { bySize, keepLast, leastSquares, miss, WITHIN } from './leastSquares'
import { barsAt, fieldOf, ROTATIONAL_LOSS, type Field, type Misfit, type MotorFigures } from './motor'

export interface ThreePhaseNameplate {
  /** volts line to line */
  readonly volts: number
  /** at the shaft */
  readonly watts: number
  readonly fullLoadAmps: number
  readonly lockedRotorAmps: number
  /** resistance between two leads, ohms */
  readonly leadOhms: number
  /** slip at rated load, where the plate gives the rpm */
  readonly slip?: number
}
export interface ThreePhaseModel extends RotorFigures {
  readonly nameplate: ThreePhaseNameplate
  readonly ratedSlip: number
  readonly ratedTorque: number
  readonly residual: number
  readonly misfits: readonly Misfit[]
}
type RotorFigures = Omit<MotorFigures, 'turnsRatio'>

const TURN = complex(-0.5, Math.sqrt(3) / 2)
const BACK = complex(-0.5, -Math.sqrt(3) / 2)

/** The rotor and the iron as one phase sees them at a slip, and the torque they give per ampere squared. */
const fieldAt = (m: RotorFigures, slip: number): Field => fieldOf(m, slip, 1)

/** Self and mutual impedances of the three windings at a slip: own, to the next phase, to the one before. */
export function phaseImpedances(
  m: ThreePhaseModel,
  slip: number,
): { readonly own: Complex, readonly next: Complex, readonly previous: Complex } {
  const stator = complex(m.nameplate.leadOhms / 2, barsAt(m, slip).im)
  const [z1, z2] = [add(stator, fieldAt(m, slip).z), add(stator, fieldAt(m, 2 - slip).z)]
  const z0 = stator
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
  return 3 * (forward * fieldAt(m, slip).drive - backward * fieldAt(m, 2 - slip).drive)
}

/** One phase at its plate volts: amps in it, and the torque of all three. */
function operate(m: RotorFigures, { volts, leadOhms }: ThreePhaseNameplate, slip: number) {
  const field = fieldAt(m, slip)
  const amps = divide(complex(volts / Math.sqrt(3)), add(complex(leadOhms / 2, barsAt(m, slip).im), field.z))
  return {
    amps: magnitude(amps),
    watts: Math.sqrt(3) * volts * amps.re,
    torque: 3 * magnitude(amps) ** 2 * field.drive,
  }
}

/** What three-phase motors usually do by size: common practice, no source. */
const EFFICIENCY = [[0.5, 0.66], [1, 0.75], [5, 0.84], [10, 0.87], [30, 0.9]] as const
const LOCKED_TORQUE = [[1, 2.2], [5, 1.7], [10, 1.5], [30, 1.4]] as const
const NO_LOAD = [[0.5, 0.5], [5, 0.4], [20, 0.33]] as const
const SLIP = [[1, 0.04], [10, 0.03], [30, 0.022]] as const
const NO_LOAD_SLIP = 0.05

const keptFit = keepLast<ThreePhaseNameplate, Result<ThreePhaseModel>>(fitThreePhase)

/** Fits the circuit to the nameplate, as for the single-phase motor. */
export const calibrateThreePhase = (nameplate: ThreePhaseNameplate): Result<ThreePhaseModel> => keptFit(nameplate)

function fitThreePhase(nameplate: ThreePhaseNameplate): Result<ThreePhaseModel> {
  const { volts, watts, fullLoadAmps, lockedRotorAmps, leadOhms } = nameplate
  if (!(Math.sqrt(3) * volts * fullLoadAmps > 1.05 * watts))
    return fail('full-load-amps-too-low', { fullLoadAmps, volts, watts })
  if (!(lockedRotorAmps > 1.5 * fullLoadAmps)) return fail('locked-amps-too-low', { lockedRotorAmps, fullLoadAmps })
  const locked = volts / Math.sqrt(3) / lockedRotorAmps
  if (!(leadOhms / 2 < 0.75 * locked))
    return fail('main-ohms-too-high', { mainOhms: leadOhms, lockedOhms: 2 * locked })
  const hp = watts / HORSEPOWER
  const usual = {
    noLoad: bySize(hp, NO_LOAD) * fullLoadAmps,
    watts: watts / bySize(hp, EFFICIENCY),
    lockedTorque: bySize(hp, LOCKED_TORQUE),
    slip: nameplate.slip ?? bySize(hp, SLIP),
    iron: (volts / fullLoadAmps) * 15,
  }
  const state = (at: readonly number[]) => {
    const [x = 0, xm = 0, r2 = 0, slip = 0, deep = 0, easing = 0, iron = 0] = at.map(Math.exp)
    const figures: RotorFigures = { x, xm, r2, deep, easing, iron }
    const [stalled, loaded] = [operate(figures, nameplate, 1), operate(figures, nameplate, slip)]
    const shaft = loaded.torque * (1 - slip) * (1 - ROTATIONAL_LOSS)
    return { figures, slip, stalled, loaded, shaft, noLoad: operate(figures, nameplate, NO_LOAD_SLIP * slip).amps }
  }
  const misses = (at: readonly number[]) => {
    const { figures, slip, stalled, loaded, shaft, noLoad } = state(at)
    return [
      miss(stalled.amps, lockedRotorAmps, WITHIN),
      miss(loaded.amps, fullLoadAmps, WITHIN),
      miss(shaft, watts, WITHIN),
      miss(noLoad, usual.noLoad, 0.08),
      miss(loaded.watts, usual.watts, 0.06),
      miss(stalled.torque / loaded.torque, usual.lockedTorque, 0.1),
      miss(slip, usual.slip, nameplate.slip === undefined ? 0.25 : 0.05),
      miss(figures.deep, 1.5, 0.4),
      miss(figures.easing, 0.8, 0.2),
      miss(figures.iron, usual.iron, 0.5),
    ]
  }
  const start = [
    0.4 * locked,
    volts / Math.sqrt(3) / usual.noLoad,
    0.25 * locked,
    usual.slip,
    1.5,
    0.8,
    usual.iron,
  ].map(Math.log)
  const fitted = state(leastSquares(misses, start).at)
  const residual = Math.max(
    Math.abs(fitted.stalled.amps / lockedRotorAmps - 1),
    Math.abs(fitted.loaded.amps / fullLoadAmps - 1),
    Math.abs(fitted.shaft / watts - 1),
  )
  if (!(residual < 0.03))
    return fail('nameplate-contradicts-itself', { residual, fullLoadAmps, lockedRotorAmps, ohms: leadOhms })
  const ratedTorque = fitted.loaded.torque
  const misfits: readonly Misfit[] = [
    { what: 'no-load amps', gives: fitted.noLoad, usual: usual.noLoad },
    { what: 'watts in', gives: fitted.loaded.watts, usual: usual.watts },
    { what: 'locked torque', gives: fitted.stalled.torque / ratedTorque, usual: usual.lockedTorque },
  ]
  return ok({ nameplate, ...fitted.figures, ratedSlip: fitted.slip, ratedTorque, residual, misfits })
}
