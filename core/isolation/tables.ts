/**
 * Likelihoods. For each test, the chance of what was read under each hypothesis: the predicted figure with its spread,
 * plus a flat background for gross misreadings so that no single line can end a call.
 *   p(v|h) = (1 − ε)·[(1 − ol)·N(v; mean, σ)] + ε·background(v),  ε = 0.03
 * The "something else" hypothesis reads as the average of all the others, halfway to the background.
 */
import type { NumericTest, Prediction, SeenTest, SystemModel, Test } from '#core/systems'
import type { Evidence } from '#core/tab'

export const MISREAD = 0.03
const BACKGROUND_OL = 0.2

/** Everything a model gives for its tests, computed once per system and kept. */
export interface Tables {
  readonly model: SystemModel
  readonly tests: ReadonlyMap<string, TestTable>
}

export interface TestTable {
  readonly test: Test
  /** outcome bins: edges of a numeric test (with an OL bin last), or the outcomes of a seen one */
  readonly edges: Float64Array
  readonly bins: number
  /** chance of each bin under each hypothesis, [hypothesis × bins] */
  readonly chances: Float64Array
  readonly predictions: readonly Prediction[]
  /** width of the background for figures, in the test's SI unit */
  readonly span: number
}

export function buildTables(model: SystemModel): Tables {
  const tests = new Map<string, TestTable>()
  for (const test of model.kind.tests) tests.set(test.id, test.kind === 'numeric' ? numericTable(model, test) : seenTable(model, test))
  return { model, tests }
}

/** Likelihood of a piece of evidence under every hypothesis, relative (the same unknown factor for all). */
export function likelihoods(tables: Tables, evidence: Evidence): Float64Array {
  const { line, repaired } = evidence
  const table = tables.tests.get(line.test)
  const n = tables.model.hypotheses.length
  const out = new Float64Array(n).fill(1)
  if (!table) return out
  for (let h = 0; h < n; h++) out[h] = line.kind === 'reading' ? readingChance(table, h, line.value) : seenChance(table, h, line.outcome)
  fillOther(tables, out, line.kind === 'reading' ? background(table, line.value) : 1 / table.bins)
  if (repaired.length > 0) {
    // what a component's fault does is gone once the component has been put right; a new part is bad now and then
    const sound = out[0]!
    tables.model.hypotheses.forEach((hypothesis, h) => {
      if (repaired.includes(hypothesis.fault.split('.')[0]!)) out[h] = 0.96 * sound + 0.04 * out[h]!
    })
  }
  return out
}

function readingChance(table: TestTable, h: number, value: number | null): number {
  const p = table.predictions[h]!
  const flat = MISREAD * background(table, value)
  if (value === null) return (1 - MISREAD) * p.ol + flat
  return (1 - MISREAD) * (1 - p.ol) * density(p, value) + flat
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

function seenChance(table: TestTable, h: number, outcome: string): number {
  const test = table.test as SeenTest
  const i = test.outcomes.findIndex(o => o.id === outcome)
  return i < 0 ? 1 : table.chances[h * table.bins + i]!
}

/** "Something else" (index 1): half the prior-weighted average of the rest, half background. */
function fillOther(tables: Tables, out: Float64Array, flat: number) {
  let sum = 0
  let weight = 0
  tables.model.hypotheses.forEach((hypothesis, h) => {
    if (h === 1) return
    sum += hypothesis.prior * out[h]!
    weight += hypothesis.prior
  })
  out[1] = 0.5 * sum / weight + 0.5 * flat
}

function seenTable(model: SystemModel, test: SeenTest): TestTable {
  const bins = test.outcomes.length
  const chances = new Float64Array(model.hypotheses.length * bins)
  model.hypotheses.forEach((h, i) => {
    const row = test.given[h.id] ?? test.given[h.fault] ?? test.given[`effect:${h.effect}`] ?? test.usual
    for (let b = 0; b < bins; b++) chances[i * bins + b] = (1 - MISREAD) * row[b]! + MISREAD / bins
  })
  blendOther(model, chances, bins)
  return { test, bins, chances, edges: new Float64Array(0), predictions: [], span: 0 }
}

function numericTable(model: SystemModel, test: NumericTest): TestTable {
  const predictions = model.hypotheses.map((_, h) => model.predict(h, test))
  const centre = (p: Prediction) => p.log ? Math.exp(p.mean) : p.mean
  const span = Math.max(...predictions.filter(p => p.ol < 0.5).map(p => p.log ? Math.exp(p.mean + p.sigma) : p.mean + 3 * p.sigma), 1e-12)
  const edges = chooseEdges(predictions, centre)
  const bins = edges.length + 2
  const chances = new Float64Array(model.hypotheses.length * bins)
  predictions.forEach((p, h) => {
    let before = 0
    for (let b = 0; b <= edges.length; b++) {
      const upTo = b < edges.length ? cumulative(p, edges[b]!) : 1
      chances[h * bins + b] = (1 - MISREAD) * (1 - p.ol) * (upTo - before) + MISREAD * (1 - BACKGROUND_OL) / (edges.length + 1)
      before = upTo
    }
    chances[h * bins + bins - 1] = (1 - MISREAD) * p.ol + MISREAD * BACKGROUND_OL
  })
  blendOther(model, chances, bins)
  return { test, bins, chances, edges: Float64Array.from(edges), predictions, span }
}

function blendOther(model: SystemModel, chances: Float64Array, bins: number) {
  for (let b = 0; b < bins; b++) {
    let sum = 0
    let weight = 0
    model.hypotheses.forEach((h, i) => {
      if (i === 1) return
      sum += h.prior * chances[i * bins + b]!
      weight += h.prior
    })
    chances[bins + b] = 0.5 * sum / weight + 0.5 / bins
  }
}

/** Up to seven edges, in the widest gaps (counted in their own spreads) between neighbouring predictions. */
function chooseEdges(predictions: readonly Prediction[], centre: (p: Prediction) => number): number[] {
  const sorted = predictions.filter(p => p.ol < 0.9).toSorted((a, b) => centre(a) - centre(b))
  const gaps: { edge: number, width: number }[] = []
  for (let i = 1; i < sorted.length; i++) {
    const [low, high] = [sorted[i - 1]!, sorted[i]!]
    const logs = low.log || high.log
    const spread = (p: Prediction) => p.log ? p.sigma : logs ? Math.min(p.sigma / Math.max(p.mean, 1e-9), 1) : p.sigma
    const at = (p: Prediction) => logs ? Math.log(Math.max(centre(p), 1e-6)) : p.mean
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
