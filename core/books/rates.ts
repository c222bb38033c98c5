/**
 * Shares of few: each with its 90 % band after Wilson (1927), so that one of two is not said as a half.
 */
import { figureAt } from '#core/foundation'

export interface Share {
  readonly count: number
  readonly of: number
  readonly share: number
  readonly low: number
  readonly high: number
  /** so few that it says little */
  readonly small: boolean
}

const Z = 1.644854
/** Under so many a share is said to be of few; judgement. */
export const FEW = 10

export function shareOf(count: number, of: number): Share {
  if (of === 0) return { count, of, share: 0, low: 0, high: 1, small: true }
  const p = count / of
  const z2 = Z ** 2 / of
  const middle = (p + z2 / 2) / (1 + z2)
  const half = (Z / (1 + z2)) * Math.sqrt((p * (1 - p)) / of + z2 / (4 * of))
  return { count, of, share: p, low: Math.max(0, middle - half), high: Math.min(1, middle + half), small: of < FEW }
}

export function median(values: readonly number[]): number | undefined {
  const sorted = Float64Array.from(values).sort()
  const half = sorted.length / 2
  if (sorted.length === 0) return undefined
  const upper = figureAt(sorted, Math.floor(half))
  return sorted.length % 2 === 1 ? upper : (figureAt(sorted, half - 1) + upper) / 2
}
