import { fail, ok, type Result } from './result'

/**
 * Root of a continuous `f` between `lo` and `hi` by false position with the Illinois weight.
 * Stops when the bracket or |f| is under its tolerance. Refuses an interval without a change of sign.
 */
export function findRoot(
  f: (x: number) => number,
  lo: number,
  hi: number,
  { x: xTolerance = 1e-9, f: fTolerance = 0, steps = 100 } = {},
): Result<number> {
  let a = lo
  let b = hi
  let fa = f(a)
  let fb = f(b)
  if (fa === 0) return ok(a)
  if (fb === 0) return ok(b)
  if (!(fa * fb < 0)) return fail('no-bracket', { lo, hi, atLo: fa, atHi: fb })
  let side = 0
  for (let i = 0; i < steps; i++) {
    const c = (fa * b - fb * a) / (fa - fb)
    const fc = f(c)
    if (Math.abs(fc) <= fTolerance || Math.abs(b - a) <= xTolerance) return ok(c)
    if (fc * fb > 0) {
      b = c
      fb = fc
      if (side === -1) fa /= 2
      side = -1
    }
    else {
      a = c
      fa = fc
      if (side === 1) fb /= 2
      side = 1
    }
  }
  return ok(Math.abs(fa) < Math.abs(fb) ? a : b)
}
