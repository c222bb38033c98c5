/**
 * Lines that nothing left explains: each is flagged, with the slip of meter, hand or label that would explain it, and a
 * re-read proposed. A line that was read twice alike is believed.
 */
import { figureAt, itemAt } from '#core/foundation'
import type { SystemModel, Test } from '#core/systems'
import { isKnownLine, type Evidence, type TabState } from '#core/tab'
import type { Ranking } from './suspects'
import { judgedChance, readingChance } from './likelihood'
import { onTrial } from './onTrial'
import { isUnweighed } from './unweighed'
import { faultsOf, placesFrom } from './hypothesis'
import { isSeenAnew, OTHER } from './tables'
import type { Tables } from './tables'
import { explains } from './direct'

export const PUZZLE_SLIPS = [
  'wrong-range',
  'nano-for-micro',
  'both-conductors',
  'open-for-zero',
  'gauge-stuck',
  'breaker-mislabelled',
  'misread',
] as const
export type PuzzleSlip = (typeof PUZZLE_SLIPS)[number]

export interface Puzzle {
  readonly line: string
  readonly test: string
  readonly slip: PuzzleSlip
  readonly say: string
  readonly reread: boolean
}

const SAYS: Record<PuzzleSlip, string> = {
  'wrong-range': 'A factor of a thousand would explain it: check the range and the prefix on the meter.',
  'nano-for-micro': 'In the other prefix it would fit: nF for µF, or µF for nF.',
  'both-conductors': 'Round both conductors a clamp reads about nothing: take one alone.',
  'open-for-zero': 'OL and 0 Ω are opposites: which did the meter show?',
  'gauge-stuck': 'If the gauge is stuck, it would fit: tap it, or put a second one on.',
  'breaker-mislabelled': 'No volts here although it runs: is it the right breaker, and is the meter alive?',
  'misread': 'Nothing that is left explains it: read it once more, or with a second meter.',
}

const POOR = 0.08 // of what the likeliest reading would have weighed
const BETTER = 25
/** from such a chance on OL is no surprise, and from such a one on any figure is; judgement, no source */
const [AS_OFTEN, MOSTLY] = [0.02, 0.9]

export function findPuzzles(tables: Tables, state: TabState, ranking: Ranking): Puzzle[] {
  const { model } = tables
  const leaders = placesFrom(ranking.chances, 0.02)
    .filter(h => h > OTHER)
    .toSorted((a, b) => figureAt(ranking.chances, b) - figureAt(ranking.chances, a))
    .slice(0, 8)
  if (leaders.length === 0) return []
  return state.evidence.flatMap((told) => {
    const evidence = onTrial(model, told, state.evidence)
    const { line } = evidence
    const table = tables.tests.get(line.test)
    if (!table || isUnweighed(model, evidence, state.evidence)) return []
    const standing = leaders.map(h => (evidence.repaired.length > 0 ? model.without(h, evidence.repaired) : h))
    const fits = standing.some(h => weightOf(tables, evidence, h) > POOR)
    if (fits || isOfCause(tables, evidence, leaders)) return []
    const often = isSeenAnew(table.test) ? 1 : 0
    const twice = evidence.confirmed > often || timesRead(state, line.test) > evidence.repaired.length + 1 + often
    const slip = findSlip(tables, table.test, evidence, itemAt(standing, 0, 'hypothesis'))
    return [
      { line: line.id, test: line.test, slip, say: SAYS[slip], reread: !twice && !state.skipped.has(line.test) },
    ]
  })
}

/** What made the likeliest fail is no puzzle where it was seen: a burnt contact, and the winding that it burnt. */
function isOfCause(tables: Tables, evidence: Evidence, leaders: readonly number[]): boolean {
  const { model } = tables
  const faults = new Set(leaders.flatMap(h => faultsOf(itemAt(model.hypotheses, h, 'hypothesis'))))
  return model.kind.faults.some(f =>
    faults.has(f.id) && f.causes.some(c => explains(tables, evidence, c.because)))
}

const timesRead = (state: TabState, test: string) =>
  state.lines.filter(
    l =>
      isKnownLine(l)
      && (l.kind === 'reading' || l.kind === 'observation')
      && l.test === test
      && !state.struck.has(l.id),
  ).length

/**
 * How well a hypothesis explains a line, against the best that it could have read: one for what it predicts, near
 * nothing for a misreading.
 */
function weightOf(tables: Tables, { line }: Evidence, h: number): number {
  const table = tables.tests.get(line.test)!
  if (line.kind === 'observation') {
    const row = table.row(h)
    const i = table.test.kind === 'seen' ? table.test.outcomes.findIndex(o => o.id === line.outcome) : -1
    return i < 0 ? 1 : figureAt(row, i) / Math.max(...row)
  }
  const p = table.prediction(h)
  if (line.judged) return judgedChance(tables, table, h, line.judged)
  // OL is a chance, and a figure a density: each is held against its own kind
  if (line.value === null) return p.ol > AS_OFTEN ? 1 : readingChance(table, h, null)
  const best = readingChance(table, h, p.log ? Math.exp(p.mean) : p.mean)
  return (p.ol > MOSTLY ? 1 - p.ol : 1) * readingChance(table, h, line.value) / best
}

function findSlip(tables: Tables, test: Test, evidence: Evidence, leader: number): PuzzleSlip {
  const { line } = evidence
  if (line.kind === 'observation' || line.judged || test.kind === 'seen') return 'misread'
  const table = tables.tests.get(test.id)!
  const now = readingChance(table, leader, line.value)
  const helps = (value: number | null) => readingChance(table, leader, value) > BETTER * now
  const { value } = line
  if (value === null) return helps(0) && test.quantity === 'ohms' ? 'open-for-zero' : 'misread'
  if (test.quantity === 'farads' && (helps(value * 1e3) || helps(value / 1e3))) return 'nano-for-micro'
  if (test.quantity === 'ohms' && value < 1 && helps(null)) return 'open-for-zero'
  if (helps(value * 1e3) || helps(value / 1e3)) return 'wrong-range'
  if (test.quantity === 'amps' && value < 1) return 'both-conductors'
  if (test.quantity === 'volts' && value < 3 && turns(tables.model, leader)) return 'breaker-mislabelled'
  if (test.quantity === 'pressure' && test.point === 'gauge') return 'gauge-stuck'
  return 'misread'
}

const turns = (model: SystemModel, h: number) =>
  !['silent', 'groans', 'trips-breaker'].includes(model.hypothesis(h).effect)
