/**
 * A single-phase induction motor as the double-revolving-field circuit, with a start winding of turns ratio k:
 *   Vm = Im·(R1m + jX1 + Zf + Zb) − j·k·Ia·(Zf − Zb)
 *   Va = Ia·(R1a + j·k²·X1 + k²(Zf + Zb)) + j·k·Im·(Zf − Zb)
 *   Zf = (jXm/2) ∥ (R2/2s + jX2/2),  Zb the same with 2 − s;  X1 = X2
 *   torque × synchronous speed = Re Zf·|Im − jkIa|² − Re Zb·|Im + jkIa|²
 * Source: the usual treatment of the two-winding motor (P. C. Sen, Principles of Electric Machines; from memory).
 * R2, X, Xm and the rated slip are found so that the model draws the nameplate's locked-rotor amps at s = 1 and its
 * full-load amps running and its no-load amps turning free. The power it then gives must not fall short of the rating. Saturation and iron loss are left out; rotational loss is 4 % of full-load torque.
 */
import { add, complex, createMatrix, factor, fail, magnitude, multiply, ok, parallel, scale, solveFactored, subtract, type Complex, type Result } from '#core/foundation'

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

export const ROTATIONAL_LOSS = 0.04
const LOCKED_POWER_FACTOR = 0.72

/**
 * Fits X, Xm, R2 and the full-load slip by a damped Newton iteration in their logarithms. Besides the three
 * nameplate figures the locked power factor is needed; a nameplate does not give it, so 0.72 is taken, or 0.22 above
 * what the main winding alone would make of it (common practice, no source).
 * Refuses a nameplate that no such motor can have (for example locked amps under full-load amps).
 */
export function calibrateMotor(nameplate: MotorNameplate): Result<MotorModel> {
  const { volts, watts, fullLoadAmps, lockedRotorAmps, mainOhms, noLoadAmps } = nameplate
  if (!(lockedRotorAmps > 1.5 * fullLoadAmps)) return fail('locked-amps-too-low', { lockedRotorAmps, fullLoadAmps })
  if (!(volts * fullLoadAmps > watts)) return fail('full-load-amps-too-low', { fullLoadAmps, volts, watts })
  const locked = volts / lockedRotorAmps
  if (!(mainOhms < 0.75 * locked)) return fail('main-ohms-too-high', { mainOhms, lockedOhms: locked })
  const lockedPowerFactor = Math.max(LOCKED_POWER_FACTOR, Math.min(0.97, mainOhms / locked + 0.22))
  const reactance = locked * Math.sqrt(1 - lockedPowerFactor ** 2)

  const measure = (at: readonly number[]) => {
    const [x, xm, r2, slip] = at.map(Math.exp) as [number, number, number, number]
    const impedance = (s: number) => {
      const { forward, backward } = rotorAt({ x, xm, r2 }, s)
      return add(complex(mainOhms, x), add(forward, backward))
    }
    const stalled = impedance(1)
    const amps = (s: number) => volts / magnitude(impedance(s))
    return [Math.log(stalled.re / (locked * lockedPowerFactor)), Math.log(stalled.im / reactance), Math.log(amps(slip) / fullLoadAmps), Math.log(amps(slip * ROTATIONAL_LOSS) / noLoadAmps)]
  }
  const size = (r: readonly number[]) => Math.max(...r.map(Math.abs))
  let at = [reactance / 2, volts / noLoadAmps * 1.9, locked * lockedPowerFactor - mainOhms, 0.035].map(Math.log)
  let miss = measure(at)
  for (let i = 0; i < 80 && size(miss) > 1e-10; i++) {
    const step = newtonStep(measure, at, miss)
    let k = 1
    for (; k > 1e-3; k /= 2) {
      const tried = at.map((v, j) => v + Math.max(-0.5, Math.min(0.5, k * step[j]!)))
      const triedMiss = measure(tried)
      if (size(triedMiss) < size(miss)) {
        at = tried
        miss = triedMiss
        break
      }
    }
    if (k <= 1e-3) break
  }
  const [x, xm, r2, ratedSlip] = at.map(Math.exp) as [number, number, number, number]
  const residual = size(miss)
  if (!(residual < 0.05) || ratedSlip > 0.15) return fail('nameplate-contradicts-itself', { residual, fullLoadAmps, lockedRotorAmps, mainOhms })
  const { forward, backward } = rotorAt({ x, xm, r2 }, ratedSlip)
  const ratedTorque = (forward.re - backward.re) * fullLoadAmps ** 2
  const shaftWatts = ratedTorque * (1 - ratedSlip) * (1 - ROTATIONAL_LOSS)
  if (shaftWatts < 0.8 * watts) return fail('full-load-amps-too-low', { fullLoadAmps, watts, shaftWatts })
  return ok({ nameplate, x, xm, r2, ratedSlip, ratedTorque, residual })
}

/** Solves the finite-difference Jacobian system J·step = −value. */
function newtonStep(f: (at: readonly number[]) => number[], at: readonly number[], value: readonly number[]): number[] {
  const h = 1e-6
  const n = at.length
  const jacobian = createMatrix(n)
  at.forEach((_, j) => f(at.map((v, i) => i === j ? v + h : v)).forEach((v, i) => {
    jacobian.re[i * n + j] = (v - value[i]!) / h
  }))
  const factors = factor(jacobian)
  if ('singularColumn' in factors) return value.map(() => 0)
  return [...solveFactored(factors, Float64Array.from(value, v => -v), new Float64Array(n)).re]
}
