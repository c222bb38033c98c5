/**
 * Likelihoods. For each test, the chance of what was read under each hypothesis: the predicted figure with its spread,
 * plus a flat background for gross misreadings so that no single line can end a call.
 *   p(v|h) = (1 − ε)·[(1 − ol)·N(v; mean, σ)] + ε·slip(v),  ε = 0.03
 * where a slip is a prefix misread (v is a thousandth or a thousand times of what was there), nothing read at all, or anything.
 * The "something else" hypothesis reads as the average of all the others, halfway to the background.
 */
import type { NumericTest, Prediction, SeenTest, SystemModel, Test } from '#core/systems'
import type { Evidence } from '#core/tab'

export const MISREAD = 0.03
const BACKGROUND_OL = 0.2
/** of the slips of a measured figure: the prefix either way, no contact or nothing in the clamp; the rest is anything. Common practice, no source */
const SLIPS = { prefix: 0.2, nothing: 0.2 }
/** what counts as nothing, as a share of the span of a test */
const NOTHING = 0.002
export const OTHER = 1

/** Everything a model gives for its tests, computed once per system and kept. */
export interface Tables {
  readonly model: SystemModel
  readonly tests: ReadonlyMap<string, TestTable>
  /** how many hypotheses were foreseen; pairs that some call made likely follow */
  readonly foreseen: number
}

export interface TestTable {
  readonly test: Test
  /** outcome bins: edges of a numeric test (with an OL bin last), or the outcomes of a seen one */
  readonly edges: Float64Array
  readonly bins: number
  /** chance of each bin under a hypothesis */
  row(hypothesis: number): Float64Array
  prediction(hypothesis: number): Prediction
  /** width of the background for figures, in the test's SI unit */
  readonly span: number
}

export function buildTables(model: SystemModel): Tables {
  const foreseen = model.hypotheses.length
  const tests = new Map<string, TestTable>()
  for (const test of model.kind.tests) tests.set(test.id, test.kind === 'numeric' ? numericTable(model, test, foreseen) : seenTable(model, test, foreseen))
  return { model, tests, foreseen }
}

const kept = new WeakMap<Tables, Map<string, Float64Array>>()
const MOST_KEPT = 3000

/** Likelihood of a piece of evidence under every hypothesis asked for, relative (the same unknown factor for all). Kept for what was foreseen. */
export function likelihoods(tables: Tables, evidence: Evidence, hypotheses = tables.model.hypotheses.length): Float64Array {
  if (hypotheses !== tables.foreseen) return workOut(tables, evidence, hypotheses)
  const { line, repaired, confirmed, earlier = [] } = evidence
  const known = kept.get(tables) ?? new Map<string, Float64Array>()
  kept.set(tables, known)
  const key = `${line.test}|${line.kind === 'reading' ? line.value : [line.outcome, ...earlier].join()}|${confirmed}|${repaired.join()}`
  const before = known.get(key)
  if (before) return before
  const fresh = workOut(tables, evidence, hypotheses)
  if (known.size >= MOST_KEPT) known.clear()
  known.set(key, fresh)
  return fresh
}

function workOut(tables: Tables, evidence: Evidence, hypotheses: number): Float64Array {
  const { line, repaired } = evidence
  const { model } = tables
  const table = tables.tests.get(line.test)
  const out = new Float64Array(hypotheses).fill(1)
  if (!table) return out
  for (let h = 0; h < hypotheses; h++) out[h] = chanceOf(table, h, evidence)
  fillOther(tables, out, line.kind === 'reading' ? background(table, line.value) : 1 / table.bins)
  if (repaired.length === 0) return out
  // what a fault does is gone once it has been put right
  return out.map((_, h) => out[model.without(h, repaired)]!)
}

/** The same under one hypothesis alone, for pairs that a call makes likely. */
export function likelihoodUnder(tables: Tables, evidence: Evidence, h: number): number {
  const table = tables.tests.get(evidence.line.test)
  return table ? chanceOf(table, evidence.repaired.length > 0 ? tables.model.without(h, evidence.repaired) : h, evidence) : 1
}

/** A slip of meter or hand is less likely each time it was read again alike. */
function chanceOf(table: TestTable, h: number, { line, confirmed, earlier }: Evidence): number {
  const slips = MISREAD ** (1 + confirmed)
  return line.kind === 'reading' ? readingChance(table, h, line.value, slips) : lookChance(table, h, line.outcome, slips, earlier)
}

/** @param slips chance that it is a slip of meter or hand: less each time it was read again alike */
export function readingChance(table: TestTable, h: number, value: number | null, slips = MISREAD): number {
  const p = table.prediction(h)
  if (value === null) return (1 - slips) * p.ol + slips * background(table, value)
  return (1 - slips) * (1 - p.ol) * density(p, value) + slips * slipped(table, p, value)
}

/** Density of a figure that is a slip, given what was there. */
function slipped(table: TestTable, p: Prediction, value: number): number {
  const there = (1 - p.ol) * SLIPS.prefix
  const prefix = there * (1000 * density(p, 1000 * value) + density(p, value / 1000) / 1000)
  const width = NOTHING * table.span
  const nothing = SLIPS.nothing * Math.exp(-0.5 * (value / width) ** 2) / (width * 1.2533)
  return prefix + nothing + (1 - 2 * there - SLIPS.nothing) * background(table, value)
}

function background(table: TestTable, value: number | null) {
  return value === null ? BACKGROUND_OL : (1 - BACKGROUND_OL) / (table.span + Math.abs(value))
}

function density({ mean, sigma, log, or }: Prediction, value: number): number {
  if (or) return (1 - or.share) * density({ mean, sigma, log, ol: 0 }, value) + or.share * density({ ...or, log: false, ol: 0 }, value)
  const x = log ? Math.log(Math.max(value, 1e-6)) : value
  const z = (x - mean) / sigma
  const bell = Math.exp(-0.5 * z * z) / (sigma * 2.5066)
  return log ? bell / Math.max(value, 1e-6) : bell
}

/** What a system does is seen anew at each look, so that every look counts; of what it looks like the last does. */
function lookChance(table: TestTable, h: number, outcome: string, slips: number, earlier: readonly string[] = []): number {
  if (!isSeenAnew(table.test)) return seenChance(table, h, outcome, slips)
  return [outcome, ...earlier].reduce((all, seen) => all * seenChance(table, h, seen, MISREAD), 1)
}

function seenChance(table: TestTable, h: number, outcome: string, slips: number): number {
  const i = (table.test as SeenTest).outcomes.findIndex(o => o.id === outcome)
  if (i < 0) return 1
  const { bins } = table
  const plain = Math.max(0, (table.row(h)[i]! - MISREAD / bins) / (1 - MISREAD))
  return (1 - slips) * plain + slips / bins
}

export const isSeenAnew = (test: Test) => test.kind === 'seen' && Object.keys(test.given).some(k => k.startsWith('effect:'))

/** "Something else": half the prior-weighted average of the rest, half background. */
function fillOther(tables: Tables, out: Float64Array, flat: number) {
  let sum = 0
  let weight = 0
  for (let h = 0; h < tables.foreseen; h++) {
    if (h === OTHER) continue
    const { prior } = tables.model.hypotheses[h]!
    sum += prior * out[h]!
    weight += prior
  }
  out[OTHER] = 0.5 * sum / weight + 0.5 * flat
}

/** Rows made once each; those of pairs that a call makes likely when they are first asked for. */
function keepRows(model: SystemModel, foreseen: number, bins: number, make: (h: number) => Float64Array) {
  const rows: Float64Array[] = []
  const row = (h: number) => rows[h] ??= make(h)
  const blend = new Float64Array(bins)
  let weight = 0
  for (let h = 0; h < foreseen; h++) {
    if (h === OTHER) continue
    const { prior } = model.hypotheses[h]!
    const own = row(h)
    weight += prior
    for (let b = 0; b < bins; b++) blend[b]! += prior * own[b]!
  }
  rows[OTHER] = blend.map(v => 0.5 * v / weight + 0.5 / bins)
  return row
}

function seenTable(model: SystemModel, test: SeenTest, foreseen: number): TestTable {
  const bins = test.outcomes.length
  const row = keepRows(model, foreseen, bins, h => Float64Array.from(model.expect(h, test), p => (1 - MISREAD) * p + MISREAD / bins))
  const none = (): Prediction => {
    throw new Error(`${test.id} is seen, not measured`)
  }
  return { test, bins, row, edges: new Float64Array(0), prediction: none, span: 0 }
}

function numericTable(model: SystemModel, test: NumericTest, foreseen: number): TestTable {
  const kept: Prediction[] = []
  const prediction = (h: number) => kept[h] ??= model.predict(h, test)
  const known = Array.from({ length: foreseen }, (_, h) => prediction(h))
  const span = known.reduce((most, p) => p.ol < 0.5 ? Math.max(most, p.log ? Math.exp(p.mean + p.sigma) : p.mean + 3 * p.sigma) : most, 1e-12)
  const edges = chooseEdges(known)
  const bins = edges.length + 2
  const row = keepRows(model, foreseen, bins, h => binChances(prediction(h), edges, bins))
  return { test, bins, row, edges: Float64Array.from(edges), prediction, span }
}

function binChances(p: Prediction, edges: readonly number[], bins: number): Float64Array {
  const out = new Float64Array(bins)
  let before = 0
  for (let b = 0; b <= edges.length; b++) {
    const upTo = b < edges.length ? cumulative(p, edges[b]!) : 1
    out[b] = (1 - MISREAD) * (1 - p.ol) * (upTo - before) + MISREAD * (1 - BACKGROUND_OL) / (edges.length + 1)
    before = upTo
  }
  out[bins - 1] = (1 - MISREAD) * p.ol + MISREAD * BACKGROUND_OL
  return out
}

const centreOf = (p: Prediction) => p.log ? Math.exp(p.mean) : p.mean

/** Up to seven edges, in the widest gaps (counted in their own spreads) between neighbouring predictions. */
function chooseEdges(predictions: readonly Prediction[]): number[] {
  const sorted = predictions.filter(p => p.ol < 0.9).toSorted((a, b) => centreOf(a) - centreOf(b))
  const gaps: { edge: number, width: number }[] = []
  for (let i = 1; i < sorted.length; i++) {
    const [low, high] = [sorted[i - 1]!, sorted[i]!]
    if (low === high) continue
    const logs = low.log || high.log
    const spread = (p: Prediction) => p.log ? p.sigma : logs ? Math.min(p.sigma / Math.max(p.mean, 1e-9), 1) : p.sigma
    const at = (p: Prediction) => logs ? Math.log(Math.max(centreOf(p), 1e-6)) : p.mean
    const [a, b] = [at(low), at(high)]
    const share = spread(low) / (spread(low) + spread(high))
    const edge = logs ? Math.exp(a + (b - a) * share) : a + (b - a) * share
    const width = (b - a) / (spread(low) + spread(high))
    if (width > 0.4) gaps.push({ edge, width })
  }
  return gaps.toSorted((a, b) => b.width - a.width).slice(0, 7).map(g => g.edge).toSorted((a, b) => a - b)
}

/** Normal distribution function, Abramowitz and Stegun 7.1.26, absolute error under 1.5e-7. */
function cumulative({ mean, sigma, log, or }: Prediction, value: number): number {
  if (or) return (1 - or.share) * cumulative({ mean, sigma, log, ol: 0 }, value) + or.share * cumulative({ ...or, log: false, ol: 0 }, value)
  const z = ((log ? Math.log(Math.max(value, 1e-9)) : value) - mean) / (sigma * Math.SQRT2)
  const t = 1 / (1 + 0.3275911 * Math.abs(z))
  const erf = 1 - ((((1.061405429 * t - 1.453152027) * t + 1.421413741) * t - 0.284496736) * t + 0.254829592) * t * Math.exp(-z * z)
  return 0.5 * (1 + Math.sign(z) * erf)
}
