/**
 * What several tests of one go show together. Given what is wrong they are taken to err each by itself, so that a joint
 * row is the product of theirs, the seldom bins of each folded into one.
 */
import { itemAt } from '#core/foundation'
import type { SystemModel } from '#core/systems'
import { numbersOf } from './numbering'
import { orderIn, type Shown, type TestTable } from './tables'

/** More classes than any test has. */
const CLASSES = 2 ** 14

/** Hypotheses under which several tests show the same share one number of it. */
export const alikeIn = (tables: readonly TestTable[], h: number): number =>
  tables.reduce((key, t) => key * CLASSES + t.classOf(h), 0)

function addTo(sums: Float64Array, row: Float64Array, mass: number): void {
  for (let b = 0; b < row.length; b++) sums[b] = (sums[b] ?? 0) + mass * (row[b] ?? 0)
}

/** So many bins of each reading are told apart, those that are likeliest to be met; the others are one. */
const MOST_BINS = 5

const kept = new WeakMap<SystemModel, Map<string, Shown>>()

/** What the readings of a set show together, worked out once for a system. */
export function together(model: SystemModel, tables: readonly TestTable[]): Shown {
  const all = kept.get(model) ?? new Map<string, Shown>()
  kept.set(model, all)
  const name = tables.map(t => t.test.id).join()
  const known = all.get(name)
  if (known) return known
  const folded = tables.map(table => fewerBins(model, table))
  const classes: number[] = []
  const numbers = numbersOf<number>()
  const rows: Float64Array[] = []
  const orders: number[] = []
  const fresh: Shown = {
    bins: folded.reduce((n, f) => n * f.bins, 1),
    classOf(h) {
      const known = classes[h]
      if (known !== undefined) return known
      const own = numbers.of(alikeIn(tables, h))
      classes[h] = own
      rows[own] ??= folded.map(f => f.of(h)).reduce<Float64Array>(times, Float64Array.of(1))
      return own
    },
    rowOf: c => itemAt(rows, c, 'row'),
    orderOf: c => (orders[c] ??= orderIn(itemAt(rows, c, 'row'))),
  }
  all.set(name, fresh)
  return fresh
}

function times(one: Float64Array, two: Float64Array): Float64Array {
  const joint = new Float64Array(one.length * two.length)
  let at = 0
  for (const a of one) for (const b of two) joint[at++] = a * b
  return joint
}

function fewerBins({ hypotheses }: SystemModel, table: TestTable) {
  const priors = new Map<Float64Array, number>()
  hypotheses.forEach(({ prior }, h) => priors.set(table.row(h), (priors.get(table.row(h)) ?? 0) + prior))
  const met = new Float64Array(table.bins)
  // by the root, so that what is healthy does not take them all
  for (const [row, prior] of priors) addTo(met, row, Math.sqrt(prior))
  const often = [...met.keys()].toSorted((a, b) => (met[b] ?? 0) - (met[a] ?? 0)).slice(0, MOST_BINS)
  return {
    bins: often.length + 1,
    of(h: number) {
      const row = table.row(h)
      const own = often.map(b => row[b] ?? 0)
      return Float64Array.of(...own, Math.max(0, 1 - own.reduce((a, b) => a + b, 0)))
    },
  }
}
