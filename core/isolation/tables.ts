/**
 * What each test would show under each hypothesis, in bins, worked out once per system and kept. Hypotheses under
 * which a test shows the same share one class of it: most faults leave most readings as they are.
 * The "something else" hypothesis shows the average of all the others, halfway to anything at all.
 */
import { figureAt, itemAt } from '#core/foundation'
import type { NumericTest, Prediction, SeenTest, SystemModel, Test } from '#core/systems'

export const MISREAD = 0.03
/** of what a machine is heard or seen to do, and of how a thing looks, less; common practice, no source */
const [MISHEARD, MISSEEN] = [0.015, 0.005]
export const missedIn = (test: Test): number =>
  test.kind === 'numeric' ? MISREAD : isSeenAnew(test) ? MISHEARD : MISSEEN

/** Whether each look is anew: what a system does, against how it is. */
export const isSeenAnew = (test: Test): boolean =>
  test.kind === 'seen' && Object.keys(test.chancesByEffect).some(effect => !effect.includes(':'))
export const BACKGROUND_OL = 0.2
export const OTHER = 1

/** Everything a model gives for its tests, computed once per system and kept. */
export interface Tables {
  readonly model: SystemModel
  readonly tests: ReadonlyMap<string, TestTable>
  /** how many hypotheses were foreseen; pairs that some call made likely follow */
  readonly foreseen: number
}

/** What a test shows, or several of one go: a row of chances for each class of hypotheses that show the same. */
export interface Shown {
  readonly bins: number
  /** the class of a hypothesis: a number from nought, that of something else */
  classOf(hypothesis: number): number
  /** chance of each bin under a class */
  rowOf(shownBy: number): Float64Array
  /** Σ p·log p of that row, bits: nought where one bin is certain, less the more it is open */
  orderOf(shownBy: number): number
}

export interface TestTable extends Shown {
  readonly test: Test
  /** outcome bins: edges of a numeric test (with an OL bin last), or the outcomes of a seen one */
  readonly edges: Float64Array
  /** chance of each bin under a hypothesis */
  row(hypothesis: number): Float64Array
  prediction(hypothesis: number): Prediction
  /** width of the background for figures, in the test's SI unit */
  readonly span: number
  /** the largest figure foreseen, in the test's SI unit */
  readonly most: number
}

/** Goes hypothesis by hypothesis, so that what is solved for one can be let go before the next. */
export function buildTables(model: SystemModel): Tables {
  const foreseen = model.hypotheses.length
  const tests = model.kind.tests.map(test =>
    test.kind === 'numeric'
      ? { test, sorted: classify(h => model.predict(h, test), readingsFinder()) }
      : { test, sorted: classify(h => model.expect(h, test), findSameChances) },
  )
  const asked = tests.filter(t => !t.test.onlyTold)
  for (let h = 0; h < foreseen; h++) for (const t of asked) t.sorted.classOf(h)
  return {
    model,
    foreseen,
    tests: new Map(
      tests.map(t => [
        t.test.id,
        t.test.kind === 'numeric'
          ? numericTable(model, t.test, foreseen, t.sorted as Classes<Prediction>)
          : whenTold(t.test, seen =>
              seenTable(model, seen, foreseen, t.sorted as Classes<readonly number[]>)),
      ]),
    ),
  }
}

/** The table of a test that may never be told is made when it is: to ask is what costs. */
function whenTold(test: SeenTest, make: (test: SeenTest) => TestTable): TestTable {
  if (!test.onlyTold) return make(test)
  let made: TestTable | undefined
  const table = () => (made ??= make(test))
  return {
    test,
    bins: test.outcomes.length,
    edges: new Float64Array(0),
    span: 0,
    most: 0,
    classOf: h => table().classOf(h),
    rowOf: c => table().rowOf(c),
    orderOf: c => table().orderOf(c),
    row: h => table().row(h),
    prediction: h => table().prediction(h),
  }
}

interface Classes<T> {
  readonly shown: readonly T[]
  classOf(h: number): number
}

/** The place among what is shown so far of one that is alike, or -1: what is asked for is then shown as new. */
type Find<T> = (shown: readonly T[], fresh: T) => number

/** Sorts what hypotheses show into classes of what is alike, each when it is first asked for. */
function classify<T>(show: (h: number) => T, findAlike: Find<T>): Classes<T> {
  const shown: T[] = []
  const own: number[] = []
  const places = new Map<T, number>()
  const place = (fresh: T) => {
    const alike = findAlike(shown, fresh)
    return alike >= 0 ? alike : shown.push(fresh) - 1
  }
  const find = (fresh: T) => {
    // most faults leave most readings as the sound system's, which comes first
    if (fresh === shown[0]) return 0
    const known = places.get(fresh) ?? place(fresh)
    places.set(fresh, known)
    return known
  }
  return { shown, classOf: h => (own[h] ??= find(show(h))) }
}

/** One row for each class, and the blend of them all for something else. */
function keepRows(
  model: SystemModel,
  foreseen: number,
  bins: number,
  sorted: (h: number) => number,
  make: (c: number) => Float64Array,
): Pick<TestTable, 'classOf' | 'rowOf' | 'orderOf' | 'row'> {
  const blend = new Float64Array(bins)
  const rows: Float64Array[] = [blend]
  const orders: number[] = []
  // by the hypothesis: these are read by the million
  const classes: number[] = []
  const classOf = (h: number) => (classes[h] ??= h === OTHER ? 0 : 1 + sorted(h))
  const rowOf = (c: number) => (rows[c] ??= make(c - 1))
  let weight = 0
  for (let h = 0; h < foreseen; h++) {
    if (h === OTHER) continue
    const { prior } = model.hypothesis(h)
    const row = rowOf(classOf(h))
    weight += prior
    for (let b = 0; b < bins; b++) blend[b] = figureAt(blend, b) + prior * figureAt(row, b)
  }
  for (let b = 0; b < bins; b++) blend[b] = (0.5 * figureAt(blend, b)) / weight + 0.5 / bins
  return { classOf, rowOf, orderOf: c => (orders[c] ??= orderIn(rowOf(c))), row: h => rowOf(classOf(h)) }
}

/** Σ p·log p, bits. */
export const orderIn = (row: Float64Array): number =>
  row.reduce((sum, p) => sum + (p > 0 ? p * Math.log2(p) : 0), 0)

function seenTable(
  model: SystemModel,
  test: SeenTest,
  foreseen: number,
  { shown, classOf }: Classes<readonly number[]>,
): TestTable {
  const bins = test.outcomes.length
  const missed = missedIn(test)
  const rows = keepRows(model, foreseen, bins, classOf, (c) => {
    const out = new Float64Array(bins)
    const plain = itemAt(shown, c, 'class')
    for (let b = 0; b < bins; b++) out[b] = (1 - missed) * itemAt(plain, b, 'chance') + missed / bins
    return out
  })
  const none = (): Prediction => {
    throw new Error(`${test.id} is seen, not measured`)
  }
  return { test, bins, ...rows, edges: new Float64Array(0), prediction: none, span: 0, most: 0 }
}

const findSameChances: Find<readonly number[]> = (shown, fresh) =>
  shown.findIndex(row => row === fresh || row.every((chance, i) => chance === fresh[i]))

function numericTable(
  model: SystemModel,
  test: NumericTest,
  foreseen: number,
  { shown, classOf }: Classes<Prediction>,
): TestTable {
  const known = [...shown]
  const span = known.reduce(
    (most, p) => (p.ol < 0.5 ? Math.max(most, p.log ? Math.exp(p.mean + p.sigma) : p.mean + 3 * p.sigma) : most),
    1e-12,
  )
  const edges = chooseEdges(known)
  const bins = edges.length + 2
  const rows = keepRows(model, foreseen, bins, classOf, c => binChances(itemAt(shown, c, 'class'), edges, bins))
  return {
    test,
    bins,
    ...rows,
    edges: Float64Array.from(edges),
    prediction: h => itemAt(shown, classOf(h), 'class'),
    span,
    most: known.reduce((most, p) => Math.max(most, p.mean), 0),
  }
}

/**
 * Share of a spread by which two predictions may differ and still be called one: it moves no likelihood by a
 * hundredth.
 */
const SAME = 4e-3

function readsTheSame(a: Prediction, b: Prediction): boolean {
  if (a === b) return true
  const near = SAME * a.sigma
  return (
    Math.abs(a.mean - b.mean) <= near
    && Math.abs(a.sigma - b.sigma) <= near
    && a.log === b.log
    && Math.abs(a.ol - b.ol) < 1e-6
    && (a.or === b.or
      || (a.or !== undefined
        && b.or !== undefined
        && a.or.share === b.or.share
        && Math.abs(a.or.mean - b.or.mean) <= SAME * a.or.sigma
        && Math.abs(a.or.sigma - b.or.sigma) <= SAME * a.or.sigma))
  )
}

/** The means stand in a row of their own: most readings are told apart by them alone. */
function readingsFinder(): Find<Prediction> {
  const means: number[] = []
  const near: number[] = []
  return (shown, fresh) => {
    const { mean, sigma } = fresh
    for (let c = 0; c < means.length; c++) {
      const isNear = Math.abs(itemAt(means, c, 'mean') - mean) <= itemAt(near, c, 'spread')
      if (isNear && readsTheSame(itemAt(shown, c, 'class'), fresh)) return c
    }
    means.push(mean)
    near.push(SAME * sigma)
    return -1
  }
}

function binChances(p: Prediction, edges: readonly number[], bins: number): Float64Array {
  const out = new Float64Array(bins)
  let before = 0
  for (let b = 0; b <= edges.length; b++) {
    const upTo = b < edges.length ? cumulative(p, itemAt(edges, b, 'edge')) : 1
    out[b] = (1 - MISREAD) * (1 - p.ol) * (upTo - before) + (MISREAD * (1 - BACKGROUND_OL)) / (edges.length + 1)
    before = upTo
  }
  out[bins - 1] = (1 - MISREAD) * p.ol + MISREAD * BACKGROUND_OL
  return out
}

const centreOf = (p: Prediction) => (p.log ? Math.exp(p.mean) : p.mean)

/** Up to seven edges, in the widest gaps (counted in their own spreads) between neighbouring predictions. */
function chooseEdges(predictions: readonly Prediction[]): number[] {
  const sorted = predictions
    .filter(p => p.ol < 0.9)
    .map(p => ({ p, centre: centreOf(p) }))
    .sort((a, b) => a.centre - b.centre)
  const gaps: { edge: number, width: number }[] = []
  for (let i = 1; i < sorted.length; i++) {
    const [low, high] = [itemAt(sorted, i - 1, 'age'), itemAt(sorted, i, 'age')]
    const logs = low.p.log || high.p.log
    const spread = (p: Prediction) =>
      p.log ? p.sigma : logs ? Math.min(p.sigma / Math.max(p.mean, 1e-9), 1) : p.sigma
    const at = (one: typeof low) => (logs ? Math.log(Math.max(one.centre, 1e-6)) : one.p.mean)
    const [a, b] = [at(low), at(high)]
    const both = spread(low.p) + spread(high.p)
    const width = (b - a) / both
    if (width <= 0.4) continue
    const middle = a + ((b - a) * spread(low.p)) / both
    gaps.push({ edge: logs ? Math.exp(middle) : middle, width })
  }
  return gaps
    .sort((a, b) => b.width - a.width)
    .slice(0, 7)
    .map(g => g.edge)
    .sort((a, b) => a - b)
}

/** Chance that a reading so foreseen is under a value. */
export function cumulative({ mean, sigma, log, or }: Prediction, value: number): number {
  const own = normal((log ? logOf(value) : value) - mean, sigma)
  return or
    ? (1 - or.share) * own + or.share * normal((or.log ? logOf(value) : value) - or.mean, or.sigma)
    : own
}

const logOf = (value: number) => Math.log(Math.max(value, 1e-9))

/** So many σ√2 off, less is left than a double tells from nothing. */
const FAR_OFF = 6

/** Normal distribution function, Abramowitz and Stegun 7.1.26, absolute error under 1.5e-7. */
function normal(off: number, sigma: number): number {
  const z = off / (sigma * Math.SQRT2)
  if (z > FAR_OFF) return 1
  if (z < -FAR_OFF) return 0
  const t = 1 / (1 + 0.3275911 * Math.abs(z))
  const erf
    = 1
      - ((((1.061405429 * t - 1.453152027) * t + 1.421413741) * t - 0.284496736) * t + 0.254829592)
      * t
      * Math.exp(-z * z)
  return 0.5 * (1 + Math.sign(z) * erf)
}
