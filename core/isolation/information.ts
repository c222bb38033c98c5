/**
 * What a test would tell, in bits: the expected drop in entropy over groups of hypotheses.
 *   gain = H(now) − Σ p(outcome)·H(after outcome)
 */
import { addAt, figureAt, placeAt } from '#core/foundation'
import { placesFrom } from './hypothesis'
import { NEGLIGIBLE } from './outcomes'
import type { Shown } from './tables'

/** What still counts among the hypotheses, group by group. */
export interface InPlay {
  /** places of the hypotheses in the model */
  readonly places: Int32Array
  readonly chances: Float64Array
  readonly groups: readonly Group[]
  /** entropy over the groups as they stand, bits */
  readonly now: number
}

interface Group {
  /** where it ends among the places */
  readonly end: number
  readonly mass: number
  /** mass × log of the mass, bits */
  readonly weight: number
}

/** Hypotheses under one in ten thousand are left out. @param of the group of each hypothesis */
export function inPlay(all: Float64Array, of: Int32Array): InPlay {
  const live = placesFrom(all, NEGLIGIBLE).sort((a, b) => placeAt(of, a) - placeAt(of, b) || a - b)
  const places = Int32Array.from(live)
  const chances = Float64Array.from(places, h => figureAt(all, h))
  const groups: Group[] = []
  let [total, sum, mass] = [0, 0, 0]
  for (const [i, h] of live.entries()) {
    mass += figureAt(chances, i)
    if (of[h] === of[live[i + 1] ?? -1]) continue
    groups.push({ end: i + 1, mass, weight: weighed(mass) })
    total += mass
    sum += weighed(mass)
    mass = 0
  }
  return { places, chances, groups, now: weighed(total) - sum }
}

const weighed = (p: number): number => (p > 0 ? p * Math.log2(p) : 0)

const sums = new Map<number, readonly [Float64Array, Float64Array]>()
/** Noughts to sum in; the same ones each time, since nothing of them is kept. */
function noughts(bins: number): readonly [Float64Array, Float64Array] {
  const known = sums.get(bins) ?? [new Float64Array(bins), new Float64Array(bins)]
  sums.set(bins, known)
  return known
}

/** How likely each class is, by its number; noughts again once it is read. A table has fewer classes. */
const masses = new Float64Array(1 << 16)

/** Expected drop in entropy over groups of hypotheses, bits. */
export function expectedBits(shown: Shown, { places, chances, groups, now }: InPlay): number {
  const [all, own] = noughts(shown.bins)
  const classes = classesOf(shown, places)
  let [after, from] = [0, 0]
  for (const { end, mass, weight } of groups) {
    const first = placeAt(classes, from)
    let i = from + 1
    while (i < end && classes[i] === first) i++
    // most groups show one thing alone: then what the group adds is known from its mass
    if (i === end) {
      after += weight + mass * shown.orderOf(first)
      addAt(masses, first, mass)
    }
    else {
      own.fill(0)
      for (i = from; i < end; i++) {
        const c = placeAt(classes, i)
        addRow(own, shown.rowOf(c), figureAt(chances, i))
        addAt(masses, c, figureAt(chances, i))
      }
      after += order(own)
    }
    from = end
  }
  all.fill(0)
  for (let i = 0; i < places.length; i++) {
    const c = placeAt(classes, i)
    const mass = figureAt(masses, c)
    if (mass === 0) continue
    addRow(all, shown.rowOf(c), mass)
    masses[c] = 0
  }
  return Math.max(0, now + after - order(all))
}

/** Written over by each test in turn: nothing of it is kept. */
let scratch = new Int32Array(512)
function classesOf(shown: Shown, places: Int32Array): Int32Array {
  if (scratch.length < places.length) scratch = new Int32Array(2 * places.length)
  for (let i = 0; i < places.length; i++) scratch[i] = shown.classOf(placeAt(places, i))
  return scratch
}

function order(sums: Float64Array): number {
  let sum = 0
  for (let b = 0; b < sums.length; b++) sum += weighed(figureAt(sums, b))
  return sum
}

function addRow(sums: Float64Array, row: Float64Array, mass: number): void {
  for (let b = 0; b < row.length; b++) sums[b] = figureAt(sums, b) + mass * figureAt(row, b)
}
