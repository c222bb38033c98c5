/**
 * Least squares by Levenberg and Marquardt's damping (Levenberg 1944, Marquardt 1963), with the slopes by differences:
 * for figures that have to meet more wishes than they can, each miss in its own tolerance.
 */
import { createMatrix, factor, solveFactored } from '#core/foundation'

export interface LeastSquares {
  readonly at: readonly number[]
  readonly misses: readonly number[]
}

const STEP = 1e-5
/** a round that wins less than this share of what is left is the last */
const SETTLED = 1e-3
const sumOfSquares = (misses: readonly number[]) => misses.reduce((sum, m) => sum + m * m, 0)

/**
 * @param misses of the wishes at a point, each over its tolerance; must be finite, or the step is shortened
 * @param start where the search begins
 */
export function leastSquares(
  misses: (at: readonly number[]) => number[],
  start: readonly number[],
  rounds = 60,
): LeastSquares {
  let best = { at: start, misses: misses(start) }
  let damping = 1e-2
  for (let round = 0; round < rounds; round++) {
    const slopes = slopesAt(misses, best)
    const before = sumOfSquares(best.misses)
    let after = before
    while (damping < 1e8) {
      const step = dampedStep(slopes, best.misses, damping)
      const at = best.at.map((v, i) => v + Math.max(-1, Math.min(1, step[i] ?? 0)))
      const tried = { at, misses: misses(at) }
      after = sumOfSquares(tried.misses)
      if (after < before) {
        best = tried
        damping = Math.max(1e-9, damping / 8)
        break
      }
      damping *= 6
    }
    if (!(after < before * (1 - SETTLED))) break
  }
  return best
}

/** Slopes of every miss, one list for each coordinate. */
const slopesAt = (misses: (at: readonly number[]) => number[], { at, misses: here }: LeastSquares) =>
  at.map((_, i) => {
    const beside = misses(at.map((v, j) => (i === j ? v + STEP : v)))
    return here.map((m, k) => ((beside[k] ?? m) - m) / STEP)
  })

/** Solves (JᵀJ + damping · diagonal) · step = −Jᵀ·misses. */
function dampedStep(slopes: readonly (readonly number[])[], misses: readonly number[], damping: number): number[] {
  const n = slopes.length
  const dot = (a: readonly number[], b: readonly number[]) => a.reduce((sum, v, k) => sum + v * (b[k] ?? 0), 0)
  const normal = createMatrix(n)
  slopes.forEach((a, i) =>
    slopes.forEach((b, j) => {
      normal.re[i * n + j] = dot(a, b) * (i === j ? 1 + damping : 1) + (i === j ? 1e-12 : 0)
    }),
  )
  const factors = factor(normal)
  if ('singularColumn' in factors) return slopes.map(() => 0)
  const down = Float64Array.from(slopes, s => -dot(s, misses))
  return [...solveFactored(factors, down, new Float64Array(n)).re]
}

/** How near a fit is to come to what a plate states, as a share. */
export const WITHIN = 0.0008

/** How far a figure misses what is wanted of it, in tolerances, both as shares. */
export const miss = (gives: number, wanted: number, within: number) =>
  Math.log(Math.max(gives, 1e-6 * wanted) / wanted) / within

/** A usual figure between sizes for which it is known, by the logarithm of the size; the ends hold on beyond. */
export function bySize(size: number, points: readonly (readonly [size: number, figure: number])[]): number {
  const over = points.findIndex(([at]) => at >= size)
  const [below, above] = [points[over - 1], points[over] ?? points.at(-1)]
  if (!above) throw new Error('no size has a figure')
  if (!below) return above[1]
  return below[1] + ((above[1] - below[1]) * Math.log(size / below[0])) / Math.log(above[0] / below[0])
}

const MOST_KEPT = 64

/** Keeps the last answers of a function of plain figures, by what it was asked. */
export function keepLast<Asked extends object, Answer>(work: (asked: Asked) => Answer): (asked: Asked) => Answer {
  const kept = new Map<string, Answer>()
  return (asked) => {
    const key = JSON.stringify(asked)
    const known = kept.get(key)
    if (known !== undefined) return known
    const answer = work(asked)
    kept.set(key, answer)
    const oldest = kept.keys().next()
    if (kept.size > MOST_KEPT && !oldest.done) kept.delete(oldest.value)
    return answer
  }
}
