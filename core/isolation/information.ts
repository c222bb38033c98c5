/**
 * What a test would tell, in bits: the expected drop in entropy over groups of hypotheses.
 *   gain = H(now) − Σ p(outcome)·H(after outcome)
 */
import { figureAt, placeAt } from '#core/foundation'
import { placesFrom } from './hypothesis'
import { NEGLIGIBLE } from './outcomes'
import type { TestTable } from './tables'

/** What still counts among the hypotheses, group by group. */
export interface InPlay {
  /** places of the hypotheses in the model */
  readonly places: Int32Array
  readonly chances: Float64Array
  /** where each group ends among them */
  readonly ends: readonly number[]
  /** entropy over the groups as they stand, bits */
  readonly now: number
}

/** Hypotheses under one in ten thousand are left out. @param of the group of each hypothesis */
export function inPlay(all: Float64Array, of: Int32Array): InPlay {
  const live = placesFrom(all, NEGLIGIBLE).sort((a, b) => placeAt(of, a) - placeAt(of, b) || a - b)
  const places = Int32Array.from(live)
  const chances = Float64Array.from(places, h => figureAt(all, h))
  const ends = live.flatMap((h, i) => (of[h] === of[live[i + 1] ?? -1] ? [] : [i + 1]))
  let [total, sum, from] = [0, 0, 0]
  for (const end of ends) {
    const own = chances.subarray(from, end).reduce((a, b) => a + b, 0)
    total += own
    sum += weighed(own)
    from = end
  }
  return { places, chances, ends, now: weighed(total) - sum }
}

const weighed = (p: number): number => (p > 0 ? p * Math.log2(p) : 0)

const sums = new Map<number, readonly [Float64Array, Float64Array]>()
/** Noughts to sum in; the same ones each time, since nothing of them is kept. */
function noughts(bins: number): readonly [Float64Array, Float64Array] {
  const known = sums.get(bins) ?? [new Float64Array(bins), new Float64Array(bins)]
  sums.set(bins, known)
  return known
}

/** Expected drop in entropy over groups of hypotheses, bits. */
export function expectedBits(table: TestTable, { places, chances, ends, now }: InPlay): number {
  const { bins } = table
  const [all, own] = noughts(bins)
  all.fill(0)
  let [after, i] = [0, 0]
  for (const end of ends) {
    const first = table.row(placeAt(places, i))
    let mass = 0
    // most groups show one thing alone: then what the group adds is known from its mass
    while (i < end && table.row(placeAt(places, i)) === first) mass += figureAt(chances, i++)
    if (i === end) {
      after += weighed(mass) + mass * table.order(placeAt(places, i - 1))
      for (let b = 0; b < bins; b++) all[b] = figureAt(all, b) + mass * figureAt(first, b)
      continue
    }
    for (let b = 0; b < bins; b++) own[b] = mass * figureAt(first, b)
    for (; i < end; i++) {
      const row = table.row(placeAt(places, i))
      const p = figureAt(chances, i)
      for (let b = 0; b < bins; b++) own[b] = figureAt(own, b) + p * figureAt(row, b)
    }
    for (let b = 0; b < bins; b++) {
      after += weighed(figureAt(own, b))
      all[b] = figureAt(all, b) + figureAt(own, b)
    }
  }
  for (let b = 0; b < bins; b++) after -= weighed(figureAt(all, b))
  return Math.max(0, now + after)
}
