/**
 * What to do next: the test with the most expected information per minute, its state changes and risk counted.
 *   gain = H(now) − Σ p(outcome)·H(after outcome), over suspects;  score = gain / minutes
 * A test whose state is not held is offered with the proof as its first step, never without it. When what is known is
 * enough to act on, that is said instead.
 */
import { holdsNeed, type TabState } from '#core/tab'
import type { Need, Place, SeenTest, SystemModel, Test } from '#core/systems'
import { formatValue } from '#core/units'
import type { Ranking } from './suspects'
import type { Tables, TestTable } from './tables'
import { formatBand, withSource } from './verdict'

export interface Outcome { readonly label: string, readonly chance: number, readonly leaves: readonly { readonly fault: string, readonly chance: number }[] }

export interface ProposedTest {
  readonly test: string
  readonly point: string
  readonly title: string
  readonly steps: readonly string[]
  readonly meter: string
  readonly need: Need
  /** steps to reach the needed state, when it is not held */
  readonly first: readonly string[]
  readonly cautions: readonly string[]
  readonly minutes: number
  /** expected information, bits */
  readonly bits: number
  readonly band?: string
  readonly bandSource?: string
  readonly outcomes: readonly Outcome[]
  readonly why: string
}

/** Enough is known: the likeliest repair, and the chance that it is right. */
export interface Decision { readonly fault: string, readonly label: string, readonly repair: string, readonly chance: number, readonly minutes: number }

const ENOUGH = 0.95
const TURNING_ENOUGH = 0.4
const STATE_STEPS: Record<Exclude<Need, 'any'>, readonly string[]> = {
  'live': ['Power on, covers as needed, nobody else at the wires.'],
  'proven-dead': ['Switch off and lock the breaker.', 'Prove dead: known source, every pair here, known source again.'],
  'discharged': ['Switch off, lock, prove dead.', 'Bleed the start capacitor through 15–20 kΩ and measure it flat.'],
  'zero-pressure': ['Switch off, open a tap, drain to zero on the gauge.'],
}
const REACH: Record<Place, number> = { 'panel': 1, 'switch': 0.5, 'box': 0.5, 'tank': 0.5, 'well-head': 2, 'down-hole': 1, 'house': 1 }

/** Minutes to get from the state held to the state needed; common practice, no source. */
export function stateMinutes(state: TabState, need: Need): number {
  if (holdsNeed(state, need)) return 0
  const dead = state.work['proven-dead'] ? 0 : 3
  return need === 'live' ? 2 : need === 'proven-dead' ? dead : need === 'discharged' ? dead + 2 : need === 'zero-pressure' ? 7 : 0
}

export function proposeTests(tables: Tables, state: TabState, ranking: Ranking, most = 3): { readonly decision?: Decision, readonly tests: readonly ProposedTest[] } {
  const { model } = tables
  const faults = [...new Set(model.hypotheses.map(h => h.fault))]
  const group = Int32Array.from(model.hypotheses, h => faults.indexOf(h.fault))
  const turning = turningChance(model, ranking.chances)
  const done = new Set(state.evidence.filter(e => e.repaired.length === state.repaired.length).map(e => e.line.test))
  const scored = []
  for (const table of tables.tests.values()) {
    const { test } = table
    if (done.has(test.id) || state.skipped.has(test.id)) continue
    if (needsRunning(test) && turning < TURNING_ENOUGH) continue
    const bits = expectedBits(table, ranking.chances, group, faults.length)
    const place = model.kind.components.find(c => c.id === model.kind.points.find(p => p.id === test.point)!.component)!.place
    const minutes = test.minutes + stateMinutes(state, test.need) + REACH[place]
    scored.push({ table, bits, minutes, score: bits / (minutes + test.risk) })
  }
  scored.sort((a, b) => b.score - a.score)
  const useful = scored.filter(s => s.bits > 0.02)
  const chosen: typeof scored = []
  for (const s of useful) {
    // three readings of one point are one suggestion
    if (chosen.some(c => c.table.test.point === s.table.test.point && sameFamily(c.table.test, s.table.test))) continue
    chosen.push(s)
    if (chosen.length === most) break
  }
  const decision = decide(ranking)
  return { ...(decision ? { decision } : {}), tests: chosen.map(s => describeTest(tables, state, ranking, s.table, s.bits, s.minutes, faults, group)) }
}

/** One test as the screen shows it, whether or not it would be chosen. */
export function describeOne(tables: Tables, state: TabState, ranking: Ranking, testId: string): ProposedTest | undefined {
  const table = tables.tests.get(testId)
  if (!table) return undefined
  const faults = [...new Set(tables.model.hypotheses.map(h => h.fault))]
  const group = Int32Array.from(tables.model.hypotheses, h => faults.indexOf(h.fault))
  const bits = expectedBits(table, ranking.chances, group, faults.length)
  return describeTest(tables, state, ranking, table, bits, table.test.minutes + stateMinutes(state, table.test.need), faults, group)
}

/** Whether a test can be done as things stand: some need a pump that turns. */
export function isPossible(model: SystemModel, ranking: Ranking, testId: string): boolean {
  const test = model.kind.tests.find(t => t.id === testId)
  return test !== undefined && (!needsRunning(test) || turningChance(model, ranking.chances) >= TURNING_ENOUGH)
}

function decide(ranking: Ranking): Decision | undefined {
  const top = ranking.suspects[0]
  if (!top || top.fault === 'sound' || top.fault === 'other') return undefined
  const same = ranking.suspects.filter(s => s.repair.label === top.repair.label).reduce((sum, s) => sum + s.chance, 0)
  return same >= ENOUGH ? { fault: top.fault, label: top.label, repair: top.repair.label, chance: same, minutes: top.repair.minutes } : undefined
}

const sameFamily = (a: Test, b: Test) => a.kind === b.kind && (a.kind === 'seen' || (b.kind === 'numeric' && a.quantity === b.quantity))

const needsRunning = (t: Test) => t.id === 'runs-past' || (t.kind === 'numeric' && t.condition === 'running' && (t.quantity === 'pressure' || t.quantity === 'time' || t.quantity === 'flow'))

function turningChance(model: SystemModel, chances: Float64Array): number {
  return model.hypotheses.reduce((sum, h, i) => sum + (['groans', 'silent', 'trips-breaker'].includes(h.effect) ? 0 : chances[i]!), 0)
}

function entropy(sums: Float64Array, total: number): number {
  let bits = 0
  for (const s of sums) if (s > 0) bits -= s / total * Math.log2(s / total)
  return bits
}

/** Expected drop in entropy over suspects, bits. */
export function expectedBits(table: TestTable, chances: Float64Array, group: Int32Array, n: number): number {
  const sums = new Float64Array(n)
  for (let h = 0; h < chances.length; h++) sums[group[h]!]! += chances[h]!
  let bits = entropy(sums, 1)
  for (let b = 0; b < table.bins; b++) {
    sums.fill(0)
    let total = 0
    for (let h = 0; h < chances.length; h++) {
      const p = chances[h]! * table.chances[h * table.bins + b]!
      sums[group[h]!]! += p
      total += p
    }
    if (total > 1e-12) bits -= total * entropy(sums, total)
  }
  return Math.max(0, bits)
}

function describeTest(tables: Tables, state: TabState, ranking: Ranking, table: TestTable, bits: number, minutes: number, faults: readonly string[], group: Int32Array): ProposedTest {
  const { test } = table
  const band = test.kind === 'numeric' ? tables.model.band(test) : undefined
  const outcomes = describeOutcomes(table, ranking.chances, faults, group)
  return {
    test: test.id, point: test.point, title: test.title, steps: test.steps, meter: test.kind === 'numeric' ? test.meter : 'eyes and ears', need: test.need, minutes, bits, outcomes,
    cautions: test.cautions ?? [],
    first: test.need === 'any' || holdsNeed(state, test.need) ? [] : STATE_STEPS[test.need],
    ...(band && test.kind === 'numeric' ? { band: formatBand(test, band), bandSource: withSource(band).sourceText } : {}),
    why: explain(tables.model, outcomes, minutes),
  }
}

function describeOutcomes(table: TestTable, chances: Float64Array, faults: readonly string[], group: Int32Array): Outcome[] {
  const outcomes: (Outcome & { readonly bin: number })[] = []
  for (let b = 0; b < table.bins; b++) {
    const sums = new Float64Array(faults.length)
    let total = 0
    for (let h = 0; h < chances.length; h++) {
      const p = chances[h]! * table.chances[h * table.bins + b]!
      sums[group[h]!]! += p
      total += p
    }
    if (total < 0.025) continue
    const leaves = [...sums].map((s, f) => ({ fault: faults[f]!, chance: s / total })).toSorted((x, y) => y.chance - x.chance).slice(0, 3).filter(l => l.chance > 0.04)
    outcomes.push({ label: binLabel(table, b, chances), chance: total, leaves, bin: b })
  }
  return outcomes.toSorted((x, y) => y.chance - x.chance).slice(0, 3).toSorted((x, y) => x.bin - y.bin)
}

/** The range that the hypotheses behind a bin would read, cut at the bin's edges. */
function binLabel(table: TestTable, bin: number, chances: Float64Array): string {
  const { test, edges } = table
  if (test.kind === 'seen') return (test as SeenTest).outcomes[bin]!.label
  if (bin === table.bins - 1) return 'OL'
  let low = Infinity
  let high = -Infinity
  let heaviest = 0
  for (let h = 0; h < chances.length; h++) heaviest = Math.max(heaviest, chances[h]! * table.chances[h * table.bins + bin]!)
  for (let h = 0; h < chances.length; h++) {
    if (h === 1 || chances[h]! * table.chances[h * table.bins + bin]! < heaviest * 0.25) continue
    const p = table.predictions[h]!
    low = Math.min(low, p.log ? Math.exp(p.mean - p.sigma) : p.mean - 1.3 * p.sigma)
    high = Math.max(high, p.log ? Math.exp(p.mean + p.sigma) : p.mean + 1.3 * p.sigma)
  }
  low = Math.max(0, bin > 0 ? Math.max(low, edges[bin - 1]!) : low)
  if (bin < edges.length) high = Math.min(high, edges[bin]!)
  if (!(high > low)) return bin < edges.length ? `under ${formatValue(test.quantity, edges[bin]!)}` : `over ${formatValue(test.quantity, edges[bin - 1] ?? 0)}`
  const band = formatBand(test, { low: low < high * 0.02 ? 0 : low, high, source: 'model' })
  return band
}

function explain(model: SystemModel, outcomes: readonly Outcome[], minutes: number): string {
  const name = (fault: string) => fault === 'other' ? 'something else' : fault === 'sound' ? 'nothing wrong' : lower(model.kind.faults.find(f => `${f.component}.${f.mode}` === fault)!.label)
  const tops = [...new Set(outcomes.map(o => o.leaves[0]?.fault).filter(f => f !== undefined))]
  const time = minutes < 1.5 ? 'a minute' : `${Math.round(minutes)} minutes`
  if (tops.length >= 2) return `Tells ${name(tops[0]!)} from ${name(tops[1]!)} for ${time} of work.`
  return tops.length === 1 ? `Firms up ${name(tops[0]!)} for ${time} of work.` : `Costs ${time}.`
}

const lower = (s: string) => s.charAt(0).toLowerCase() + s.slice(1)
