/**
 * When a figure that was read over the years meets its limit: a straight line by least squares, in the logarithm for
 * insulation, which falls by shares. The line's own 80 % band says how early and how late; where there are too few
 * points, or the slope may as well be none, nothing is forecast.
 *   y = a + b·t,  band at t: ± q · s · √(1/n + (t − t̄)²/Sxx),  q of Student's t with n − 2 degrees
 */
export interface Dated {
  /** days, from any day */
  readonly day: number
  readonly value: number
}
export type Forecast
  = | { readonly tells: 'too-few', readonly points: number }
    | { readonly tells: 'no-trend', readonly points: number }
    | { readonly tells: 'away', readonly points: number, readonly aYear: number }
    | {
      readonly tells: 'meets'
      readonly points: number
      /** the figure's change in a year; a share where it is taken by shares */
      readonly aYear: number
      readonly day: number
      readonly earliest: number
      /** nothing where the band never meets the limit */
      readonly latest?: number
    }
export interface Limit {
  readonly limit: number
  readonly side: 'below' | 'above'
  readonly shares?: boolean
}

/** Points and days from which a line is drawn at all; judgement. */
const [LEAST_POINTS, LEAST_DAYS] = [4, 300]
/** A forecast goes no further than so many times the time watched, in years at most; judgement. */
const [FARTHEST, FARTHEST_YEARS] = [2, 10]
const YEAR = 365.25

/** Student's t, 0.90 one-sided, by degrees of freedom from 1; the standard table, from memory. */
const T90 = [
  3.078, 1.886, 1.638, 1.533, 1.476, 1.44, 1.415, 1.397, 1.383, 1.372, 1.363, 1.356, 1.35, 1.345, 1.341, 1.337, 1.333,
  1.33, 1.328, 1.325, 1.323, 1.321, 1.319, 1.318, 1.316, 1.315, 1.314, 1.313, 1.311, 1.31,
]
const NORMAL90 = 1.282

export interface Line {
  readonly slope: number
  readonly intercept: number
  readonly slopeError: number
  /** of the points about the line */
  readonly deviation: number
  readonly mean: number
  readonly sxx: number
}

/** Least squares. @throws where all points lie on one day */
export function fitLine(points: readonly Dated[]): Line {
  const n = points.length
  const mean = points.reduce((s, p) => s + p.day, 0) / n
  const middle = points.reduce((s, p) => s + p.value, 0) / n
  const sxx = points.reduce((s, p) => s + (p.day - mean) ** 2, 0)
  if (!(sxx > 0)) throw new Error('a line needs points on two days at least')
  const slope = points.reduce((s, p) => s + (p.day - mean) * (p.value - middle), 0) / sxx
  const intercept = middle - slope * mean
  const left = points.reduce((s, p) => s + (p.value - intercept - slope * p.day) ** 2, 0)
  const deviation = n > 2 ? Math.sqrt(left / (n - 2)) : 0
  return { slope, intercept, slopeError: deviation / Math.sqrt(sxx), deviation, mean, sxx }
}

/** @param today the day it is asked on: what should have been met by now is met today at the earliest */
export function forecast(read: readonly Dated[], { limit, side, shares = false }: Limit, today: number): Forecast {
  const points = (shares ? read.filter(p => p.value > 0) : read)
    .map(p => ({ day: p.day, value: shares ? Math.log(p.value) : p.value }))
  const days = points.map(p => p.day)
  const watched = Math.max(...days) - Math.min(...days)
  if (points.length < LEAST_POINTS || watched < LEAST_DAYS) return { tells: 'too-few', points: read.length }
  const line = fitLine(points)
  const q = T90[points.length - 3] ?? NORMAL90
  if (Math.abs(line.slope) <= q * line.slopeError) return { tells: 'no-trend', points: points.length }
  const wanted = shares ? Math.log(limit) : limit
  const aYear = shares ? Math.exp(line.slope * YEAR) - 1 : line.slope * YEAR
  const sign = side === 'below' ? -1 : 1
  if (Math.sign(line.slope) !== sign) return { tells: 'away', points: points.length, aYear }
  const last = Math.max(...days) + Math.min(FARTHEST * watched, FARTHEST_YEARS * YEAR)
  const meets = (band: number) => dayThat(line, wanted, sign, band * q, { from: today, to: last }, points.length)
  const day = meets(0)
  const earliest = meets(1)
  if (day === undefined || earliest === undefined) return { tells: 'away', points: points.length, aYear }
  const latest = meets(-1)
  return { tells: 'meets', points: points.length, aYear, day, earliest, ...(latest === undefined ? {} : { latest }) }
}

/** The first day from which the line, with its band on the side of the limit, lies beyond it. */
function dayThat(
  line: Line, limit: number, sign: number, q: number, { from, to }: { from: number, to: number }, n: number,
): number | undefined {
  const isBeyond = (day: number) => {
    const band = q * line.deviation * Math.sqrt(1 / n + (day - line.mean) ** 2 / line.sxx)
    return sign * (line.intercept + line.slope * day + sign * band - limit) >= 0
  }
  for (let day = from; day <= to; day += 1) if (isBeyond(day)) return day
  return undefined
}
