/**
 * Finds the equivalent circuit that draws a nameplate's amps: leakage X, magnetising Xm, rotor R2 and the rated slip,
 * by a damped Newton iteration in their logarithms. Three amps do not fix four figures, so the locked power factor is
 * given. Range: motors whose locked amps exceed 1.5 × full load. Refuses a nameplate that no such motor can have.
 */
import {
  createMatrix,
  fail,
  factor,
  magnitude,
  ok,
  solveFactored,
  type Complex,
  type Result,
} from '#core/foundation'

/** What one phase must draw, and how its impedance follows from the figures sought. Volts, amps, ohms. */
export interface FitTarget {
  readonly volts: number
  readonly fullLoadAmps: number
  readonly lockedRotorAmps: number
  readonly noLoadAmps: number
  readonly ohms: number
  readonly lockedPowerFactor: number
  /** slip with the shaft free, as a share of the rated slip */
  readonly freeSlip: number
  impedance(figures: Rotor, slip: number): Complex
}
export interface Rotor {
  readonly x: number
  readonly xm: number
  readonly r2: number
}
export interface Fitted extends Rotor {
  readonly ratedSlip: number
  readonly residual: number
}

export function fitMotor(t: FitTarget): Result<Fitted> {
  const locked = t.volts / t.lockedRotorAmps
  if (!(t.lockedRotorAmps > 1.5 * t.fullLoadAmps))
    return fail('locked-amps-too-low', { lockedRotorAmps: t.lockedRotorAmps, fullLoadAmps: t.fullLoadAmps })
  const reactance = locked * Math.sqrt(1 - t.lockedPowerFactor ** 2)
  const measure = (at: readonly number[]) => {
    const [x, xm, r2, slip] = at.map(Math.exp) as [number, number, number, number]
    const impedance = (s: number) => t.impedance({ x, xm, r2 }, s)
    const stalled = impedance(1)
    const amps = (s: number) => t.volts / magnitude(impedance(s))
    return [
      Math.log(stalled.re / (locked * t.lockedPowerFactor)),
      Math.log(stalled.im / reactance),
      Math.log(amps(slip) / t.fullLoadAmps),
      Math.log(amps(slip * t.freeSlip) / t.noLoadAmps),
    ]
  }
  const size = (r: readonly number[]) => Math.max(...r.map(Math.abs))
  let at = [
    reactance / 2,
    (t.volts / t.noLoadAmps) * 1.9,
    Math.max(locked * t.lockedPowerFactor - t.ohms, 0.05 * locked),
    0.035,
  ].map(Math.log)
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
  if (!(residual < 0.05) || ratedSlip > 0.15)
    return fail('nameplate-contradicts-itself', {
      residual,
      fullLoadAmps: t.fullLoadAmps,
      lockedRotorAmps: t.lockedRotorAmps,
      ohms: t.ohms,
    })
  return ok({ x, xm, r2, ratedSlip, residual })
}

/** Solves the finite-difference Jacobian system J·step = −value. */
function newtonStep(
  f: (at: readonly number[]) => number[],
  at: readonly number[],
  value: readonly number[],
): number[] {
  const h = 1e-6
  const n = at.length
  const jacobian = createMatrix(n)
  at.forEach((_, j) =>
    f(at.map((v, i) => (i === j ? v + h : v))).forEach((v, i) => {
      jacobian.re[i * n + j] = (v - value[i]!) / h
    }),
  )
  const factors = factor(jacobian)
  if ('singularColumn' in factors) return value.map(() => 0)
  return [
    ...solveFactored(
      factors,
      Float64Array.from(value, v => -v),
      new Float64Array(n),
    ).re,
  ]
}
