/**
 * A single-phase induction motor as the double-revolving-field circuit, with a start winding of turns ratio k:
 *   Vm = Im·(R1m + jX1 + Zf + Zb) − j·k·Ia·(Zf − Zb)
 *   Va = Ia·(R1a + j·k²·X1 + k²(Zf + Zb)) + j·k·Im·(Zf − Zb)
 *   Zf = (jXm/2) ∥ (R2/2s + jX2/2),  Zb the same with 2 − s;  X1 = X2
 *   torque × synchronous speed = Re Zf·|Im − jkIa|² − Re Zb·|Im + jkIa|²
 * Source: the usual treatment of the two-winding motor (P. C. Sen, Principles of Electric Machines; from memory).
 * R2, X and Xm are found so that the model draws the nameplate's locked-rotor amps at s = 1 and, at the rated slip,
 * its full-load amps while giving its rated power. Saturation and iron loss are left out; rotational loss is 4 % of rating.
 */
import { add, complex, divide, fail, magnitude, multiply, ok, parallel, scale, subtract, type Complex, type Result } from '#core/foundation'

/** What the nameplate (or a table standing in for it) says. Volts, amps, ohms, watts. */
export interface MotorNameplate {
  readonly volts: number
  readonly watts: number
  readonly fullLoadAmps: number
  readonly lockedRotorAmps: number
  readonly mainOhms: number
  readonly startOhms: number
  /** start turns over main turns, effective */
  readonly turnsRatio: number
  readonly ratedSlip: number
}

export interface MotorModel {
  readonly nameplate: MotorNameplate
  readonly x: number
  readonly xm: number
  readonly r2: number
  /** rated torque as synchronous watts, rotational loss included */
  readonly ratedTorque: number
  /** worst relative miss of the three calibration conditions */
  readonly residual: number
}

/** Fields seen by the two windings at a slip. */
export interface RotorState { readonly forward: Complex, readonly backward: Complex }

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

const ROTATIONAL_LOSS = 0.04

/**
 * Fits the model to its nameplate by a damped Newton iteration in the logarithms of X, Xm and R2.
 * Refuses a nameplate that no such motor can have (for example locked amps under full-load amps).
 */
export function calibrateMotor(nameplate: MotorNameplate): Result<MotorModel> {
  const { volts, watts, fullLoadAmps, lockedRotorAmps, mainOhms, ratedSlip } = nameplate
  if (!(lockedRotorAmps > 1.5 * fullLoadAmps)) return fail('locked-amps-too-low', { lockedRotorAmps, fullLoadAmps })
  if (!(volts * fullLoadAmps > watts)) return fail('full-load-amps-too-low', { fullLoadAmps, volts, watts })
  const locked = volts / lockedRotorAmps
  if (!(mainOhms < 0.95 * locked)) return fail('main-ohms-too-high', { mainOhms, lockedOhms: locked })

  const measure = ([logX, logXm, logR2]: readonly number[]) => {
    const model = { x: Math.exp(logX!), xm: Math.exp(logXm!), r2: Math.exp(logR2!) }
    const current = (slip: number) => {
      const { forward, backward } = rotorAt(model, slip)
      return { amps: divide(complex(volts), add(complex(mainOhms, model.x), add(forward, backward))), forward, backward }
    }
    const stalled = magnitude(current(1).amps)
    const running = current(ratedSlip)
    const amps = magnitude(running.amps)
    const power = (1 - ratedSlip) * (running.forward.re - running.backward.re) * amps ** 2
    return [Math.log(stalled / lockedRotorAmps), Math.log(amps / fullLoadAmps), Math.log(Math.max(power, 1e-3) / (watts * (1 + ROTATIONAL_LOSS)))]
  }
  const size = (r: readonly number[]) => Math.max(...r.map(Math.abs))
  let best = { at: [Math.log(locked * 0.35), Math.log(locked * 8), Math.log(Math.max(locked - mainOhms, locked * 0.2) * 0.7)], miss: [Infinity, Infinity, Infinity] as number[] }
  best.miss = measure(best.at)
  for (let i = 0; i < 60 && size(best.miss) > 1e-9; i++) {
    const step = newtonStep(measure, best.at, best.miss)
    let k = 1
    while (k > 1e-3) {
      const at = best.at.map((v, j) => v + Math.max(-0.7, Math.min(0.7, k * step[j]!)))
      const miss = measure(at)
      if (size(miss) < size(best.miss)) {
        best = { at, miss }
        break
      }
      k /= 2
    }
    if (k <= 1e-3) break
  }
  const residual = size(best.miss)
  if (!(residual < 0.25)) return fail('nameplate-contradicts-itself', { residual, fullLoadAmps, lockedRotorAmps, mainOhms })
  const [x, xm, r2] = best.at.map(Math.exp) as [number, number, number]
  return ok({ nameplate, x, xm, r2, ratedTorque: watts * (1 + ROTATIONAL_LOSS) / (1 - ratedSlip), residual })
}

/** Solves the 3×3 finite-difference Jacobian system by Cramer's rule, lightly damped. */
function newtonStep(f: (at: readonly number[]) => number[], at: readonly number[], value: readonly number[]): number[] {
  const h = 1e-6
  const columns = at.map((_, j) => f(at.map((v, i) => i === j ? v + h : v)).map((v, i) => (v - value[i]!) / h))
  const det = (a: readonly number[], b: readonly number[], c: readonly number[]) =>
    a[0]! * (b[1]! * c[2]! - b[2]! * c[1]!) - b[0]! * (a[1]! * c[2]! - a[2]! * c[1]!) + c[0]! * (a[1]! * b[2]! - a[2]! * b[1]!)
  const d = det(columns[0]!, columns[1]!, columns[2]!) || 1e-12
  const target = value.map(v => -v)
  return [0, 1, 2].map(j => det(j === 0 ? target : columns[0]!, j === 1 ? target : columns[1]!, j === 2 ? target : columns[2]!) / d)
}
