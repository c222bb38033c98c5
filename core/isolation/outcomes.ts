/** What the answers of a test would leave: runs of readings that a meter can part, each in words. */
import { addAt, figureAt, itemAt } from '#core/foundation'
import type { NumericTest, Prediction, SeenTest, SystemModel } from '#core/systems'
import { formatRange, formatValue, type Units } from '#core/units'
import { failedIn, placesFrom } from './hypothesis'
import { numbersOf } from './numbering'
import { OTHER, type TestTable } from './tables'

export interface Outcome {
  readonly label: string
  readonly chance: number
  readonly leaves: readonly { readonly fault: string, readonly chance: number }[]
}

/** Hypotheses less likely than this are left out. */
export const NEGLIGIBLE = 1e-4

/** A run of bins that would leave the same, what it leaves, and how likely it is. */
interface Share {
  readonly first: number
  readonly last: number
  readonly chance: number
  /** by the place of each fault among those in question */
  readonly sums: Float64Array
  /** where its readings lie, and how far they spread, each by its chance; of a figure */
  readonly at: number
  readonly spread: number
}

/** @param repaired what was put right: what a test reads since, and what it leaves, is without that */
export function describeOutcomes(
  model: SystemModel,
  table: TestTable,
  before: Float64Array,
  repaired: readonly string[],
): Outcome[] {
  const chances = sinceRepair(model, before, repaired)
  const live = placesFrom(chances, NEGLIGIBLE)
  const faults = numbersOf<string>()
  const lived = live.map(h => livedOf(model, table, h, figureAt(chances, h), faults.of))
  const names = faults.all()
  const shares: Share[] = []
  for (let bin = 0; bin < table.bins; bin++) {
    const share = shareOf(table, bin, lived, names.length)
    const before = shares.at(-1)
    if (before && joins(table, before, share)) shares[shares.length - 1] = sumOf(before, share)
    else shares.push(share)
  }
  return shares
    .filter(s => s.chance >= 0.025)
    .toSorted((x, y) => y.chance - x.chance)
    .slice(0, 3)
    .toSorted((x, y) => x.first - y.first)
    .map(s => ({
      label: binLabel(table, s, chances, live, model.practice.units),
      chance: s.chance,
      leaves: leftOf(names.map((fault, f) => [fault, figureAt(s.sums, f)]), s.chance),
    }))
}

/** What stands now: each hypothesis without what was put right. */
export function sinceRepair(model: SystemModel, before: Float64Array, repaired: readonly string[]): Float64Array {
  if (repaired.length === 0) return before
  const now = new Float64Array(before.length)
  before.forEach((chance, h) => addAt(now, model.without(h, repaired), chance))
  return now
}

/** A hypothesis that counts, with what is asked of it for every bin. */
interface Lived {
  readonly chance: number
  readonly row: Float64Array
  /** what would have failed; the cause behind a casualty is a question of its own */
  readonly failed: readonly number[]
  readonly figure: Prediction | undefined
}
const livedOf = (
  model: SystemModel,
  table: TestTable,
  h: number,
  chance: number,
  numberOf: (fault: string) => number,
): Lived => ({
  chance,
  row: table.row(h),
  failed: failedIn(model, model.hypothesis(h)).map(numberOf),
  figure: table.test.kind === 'numeric' && h !== OTHER ? table.prediction(h) : undefined,
})

function shareOf(table: TestTable, bin: number, lived: readonly Lived[], faults: number): Share {
  const sums = new Float64Array(faults)
  let [chance, at, spread] = [0, 0, 0]
  for (const { chance: own, row, failed, figure } of lived) {
    const mass = own * figureAt(row, bin)
    chance += mass
    if (figure) {
      const told = within(table, bin, figure)
      at += mass * told.at
      spread += mass * told.spread
    }
    for (const f of failed) sums[f] = figureAt(sums, f) + mass
  }
  return { first: bin, last: bin, chance, sums, at: at / chance, spread: spread / chance }
}

/** A predicted figure where it falls into a bin. */
function within({ edges }: TestTable, bin: number, { mean, sigma, log }: Prediction) {
  const [own, low, high] = [log ? Math.exp(mean) : mean, edges[bin - 1] ?? -Infinity, edges[bin] ?? Infinity]
  return { at: Math.min(Math.max(own, low), high), spread: log ? own * Math.min(sigma, 0.5) : sigma }
}

/** From so much on it is said to be left. */
const LEAST_LEFT = 0.04

/** Of the mass of each fault under an outcome, what is worth saying. */
export const leftOf = (masses: readonly (readonly [fault: string, mass: number])[], chance: number) =>
  masses
    .flatMap(([fault, mass]) => (mass > LEAST_LEFT * chance ? [{ fault, chance: mass / chance }] : []))
    .toSorted((x, y) => y.chance - x.chance)
    .slice(0, 3)

/** So many times their spread two readings lie apart that are told apart. */
const APART = 2.5
/** From so much on a suspect is as good as alone: more or less of it is no other outcome. */
const NEARLY_ALONE = 0.8

/** Readings beside one another that would leave the same are one outcome. */
function joins({ test, bins }: TestTable, a: Share, b: Share): boolean {
  if (test.kind === 'seen' || b.last === bins - 1 || a.chance < 0.025 || b.chance < 0.025) return false
  // what no meter could part, the supply being what it is, is one
  if (b.at - a.at < APART * Math.max(a.spread, b.spread)) return true
  const [before, after] = [a, b].map(s => s.sums.map(mass => mass / s.chance)) as [Float64Array, Float64Array]
  const alone = before.some((chance, f) => chance > NEARLY_ALONE && figureAt(after, f) > NEARLY_ALONE)
  return alone || before.every((chance, f) => Math.abs(chance - figureAt(after, f)) < 0.05)
}

function sumOf(a: Share, b: Share): Share {
  const sums = a.sums.map((mass, f) => mass + figureAt(b.sums, f))
  const chance = a.chance + b.chance
  const mean = (x: number, y: number) => (a.chance * x + b.chance * y) / chance
  return { first: a.first, last: b.last, chance, sums, at: mean(a.at, b.at), spread: mean(a.spread, b.spread) }
}

/** The range that the hypotheses behind a bin would read, cut at the bin's edges. */
function binLabel(
  table: TestTable,
  { first, last }: Share,
  chances: Float64Array,
  live: readonly number[],
  units: Units,
): string {
  const { test, edges } = table
  if (test.kind === 'seen') return itemAt((test as SeenTest).outcomes, first, 'outcome').label
  if (first === table.bins - 1) return (test as NumericTest).probe.ask === 'flow' ? 'never' : 'OL'
  const mass = (h: number) => figureAt(chances, h) * sumBins(table.row(h), first, last)
  const heaviest = Math.max(0, ...live.map(mass))
  let low = Infinity
  let high = -Infinity
  for (const h of live) {
    if (h === OTHER || mass(h) < heaviest * 0.25) continue
    const p = table.prediction(h)
    low = Math.min(low, p.log ? Math.exp(p.mean - p.sigma) : p.mean - 1.3 * p.sigma)
    high = Math.max(high, p.log ? Math.exp(p.mean + p.sigma) : p.mean + 1.3 * p.sigma)
  }
  low = Math.max(0, first > 0 ? Math.max(low, figureAt(edges, first - 1)) : low)
  if (last < edges.length) high = Math.min(high, figureAt(edges, last))
  if (!(high > low))
    return last < edges.length
      ? `under ${formatValue(test.quantity, figureAt(edges, last), units)}`
      : `over ${formatValue(test.quantity, edges[first - 1] ?? 0, units)}`
  return formatRange(test.quantity, { low: low < high * 0.02 ? 0 : low, high }, units)
}

function sumBins(row: Float64Array, first: number, last: number): number {
  let sum = 0
  for (let b = first; b <= last; b++) sum += figureAt(row, b)
  return sum
}
