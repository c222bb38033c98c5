/**
 * Whether a fault was shown and not only inferred. Direct is what shows the fault itself: seen with the eyes where it
 * is looked at, its part read out of band off the circuit, a known-good part in its place. Amps never are, nor what
 * the machine does: they point, and others make them too.
 *   direct: P(line | fault) ≥ 6 × P(line | all else), by the catalogue's weights, and 2.5 × under any rival left
 * Without that, each rival has to be excluded, by more than one line, and not by amps alone.
 */
import { addAt, figureAt } from '#core/foundation'
import { isPutRight, pointOf, type NumericTest, type SystemModel, type Test } from '#core/systems'
import type { Evidence, TabState } from '#core/tab'
import { pairsAround } from './between'
import { faultsOf, foreseenOf, modeOf, NONE, placesFrom } from './hypothesis'
import { weightsOf } from './likelihood'
import type { Ranking } from './suspects'
import { OTHER, type Tables } from './tables'
import { wordFor } from './verdict'

/** How many times likelier a line must be under the fault than under all else. */
const SHOWS = 6
/** and where it is plain to see */
const PLAIN = 30
/** And than under any one other fault that still stands: what two show alike shows neither. */
const APART = 2.5
/** From so much on a rival has to be excluded by a line. */
const RIVAL = 0.01
/** And from so much on what is shown must be apart from it; what is seen, where it is no seventh as likely. */
const [STANDS, AS_LIKELY] = [0.1, 1 / 7]

/** Under so much a line is taken to be as unlikely, and a weight to be none. */
const [LEAST_LIKELY, NOTHING] = [1e-6, 1e-12]

/** The lines that show one of these faults itself. */
export function directLines(
  tables: Tables,
  state: TabState,
  { chances }: Pick<Ranking, 'chances'>,
  faults: readonly string[],
): readonly string[] {
  const shows = (e: Evidence) => faults.some(f => showsItself(tables, e, chances, { fault: f, beside: faults }, SHOWS))
  const lines = state.evidence.filter(shows).map(e => e.line.id)
  return lines.length > 0 ? lines : betweenLines(tables, state, chances, faults)
}

/** Two lines that hold one of these faults between them. */
function betweenLines(
  tables: Tables,
  { evidence }: TabState,
  chances: Float64Array,
  faults: readonly string[],
): readonly string[] {
  const holds = (lines: readonly Evidence[]) => faults.some(f =>
    lines.every(l => !wasPutRight(tables, f, l))
    && isShownBy(likenessOf(tables, lines, { fault: f, beside: faults }, chances, true), SHOWS))
  return pairsAround(tables, evidence).find(holds)?.map(e => e.line.id) ?? []
}

/** Whether one of these faults was plainly seen: then what else is left are mostly slips of the eye. */
export const isPlain = (
  tables: Tables,
  state: TabState,
  { chances }: Pick<Ranking, 'chances'>,
  faults: readonly string[],
): boolean =>
  state.evidence.some(isSeenToShow(tables, chances, faults, PLAIN))

/** The lines by which one of them was seen with the eyes, plainly or not. */
export const seenLines = (
  tables: Tables,
  state: TabState,
  { chances }: Pick<Ranking, 'chances'>,
  faults: readonly string[],
): readonly string[] =>
  state.evidence.filter(isSeenToShow(tables, chances, faults, SHOWS)).map(e => e.line.id)

const isSeenToShow
  = (tables: Tables, chances: Float64Array, faults: readonly string[], least: number) => (e: Evidence) =>
    e.line.kind === 'observation'
    && faults.some(fault => showsItself(tables, e, chances, { fault, beside: faults }, least))

function showsItself(
  tables: Tables,
  evidence: Evidence,
  chances: Float64Array,
  of: Asked,
  least: number,
): boolean {
  const test = tables.tests.get(evidence.line.test)?.test
  if (!test || wasPutRight(tables, of.fault, evidence) || !isOf(tables.model, test, evidence, of.fault)) return false
  // what was seen before and is no longer does not show it
  const { earlier: _, ...last } = evidence
  return isShownBy(likenessOf(tables, [last], of, chances), least)
}

/** What was read once a fault was put right no longer shows it. */
const wasPutRight = ({ model }: Tables, fault: string, { repaired }: Evidence) =>
  repaired.length > 0 && isPutRight(model.kind, modeOf(model, fault), repaired)

/** A fault, and those that its repair puts right as well: they are no rivals. */
interface Asked {
  readonly fault: string
  readonly beside: readonly string[]
}

interface Likeness {
  readonly best: number
  readonly rival: number
  readonly rest: number
}

const isShownBy = ({ best, rival, rest }: Likeness, least: number) =>
  best >= least * rest && best >= APART * rival

const standingBy = new WeakMap<Float64Array, Float64Array>()

/** How likely each fault still is, over all its degrees and places, alone or beside another; by its place. */
function standingIn(tables: Tables, chances: Float64Array): Float64Array {
  const known = standingBy.get(chances)
  if (known) return known
  const { place } = foreseenOf(tables)
  const sums = new Float64Array(place.size)
  chances.forEach((chance, h) => {
    if (chance > 0) for (const f of faultsOf(tables.model.hypothesis(h))) addAt(sums, place.get(f) ?? 0, chance)
  })
  standingBy.set(chances, sums)
  return sums
}

/** How likely lines are together under each foreseen hypothesis. */
function togetherOf(tables: Tables, [first, ...others]: readonly Evidence[]): Float64Array {
  const given = first ? weightsOf(tables, first).foreseen : new Float64Array(tables.foreseen).fill(1)
  return others.reduce((product, e) => {
    const { foreseen } = weightsOf(tables, e)
    return product.map((p, h) => p * figureAt(foreseen, h))
  }, given)
}

/** How likely lines are together: a fault at its likeliest degree, its best rival, and all else on average. */
function likenessOf(
  tables: Tables,
  evidence: readonly Evidence[],
  asked: Asked,
  chances?: Float64Array,
  isPair = false,
): Likeness {
  const given = togetherOf(tables, evidence)
  const { place, alone } = foreseenOf(tables)
  const own = place.get(asked.fault)
  const most = (f: number) => (alone[f] ?? []).reduce((best, h) => Math.max(best, figureAt(given, h)), 0)
  // what is seen, or held between two readings, stands against all else as it comes, or as other lines leave it
  const isKnown = isPair || evidence.every(({ line }) => line.kind === 'observation')
  const known = chances !== undefined && isKnown ? chances : undefined
  const rivals = chances ? rivalsOf(tables, asked, standingIn(tables, chances), known !== undefined) : []
  return {
    best: own === undefined ? 0 : most(own),
    rival: rivals.reduce((best, f) => Math.max(best, most(f)), 0),
    rest: onAverage(tables, given, own ?? NONE, known),
  }
}

/** The places of other faults that still stand, and that another repair puts right. */
function rivalsOf(
  tables: Tables,
  { fault, beside }: Asked,
  standing: Float64Array,
  isKnown: boolean,
): readonly number[] {
  const { model } = tables
  const { place, faults } = foreseenOf(tables)
  const own = modeOf(model, fault)
  // what let go is seen to have, whatever made it
  if (own?.protects) return []
  const least = Math.max(STANDS, isKnown ? AS_LIKELY * (standing[place.get(fault) ?? NONE] ?? 0) : 0)
  return placesFrom(standing, least).filter((f) => {
    const other = faults[f] ?? fault
    const mode = modeOf(model, other)
    return other !== fault && mode && mode.repair.id !== own?.repair.id && !beside.includes(other)
      && figureAt(standing, f) > least
  })
}

/** How likely lines are where a fault is not: as all else comes, or as other lines leave it, whichever is less. */
function onAverage(tables: Tables, given: Float64Array, own: number, known: Float64Array | undefined): number {
  const { priors, first, second } = foreseenOf(tables)
  let [usual, ofUsual, left, ofLeft] = [0, 0, 0, 0]
  for (let h = 0; h < tables.foreseen; h++) {
    if (h === OTHER || first[h] === own || second[h] === own) continue
    const likely = figureAt(given, h)
    const prior = figureAt(priors, h)
    usual += prior * likely
    ofUsual += prior
    if (!known) continue
    const weight = figureAt(known, h) / Math.max(likely, LEAST_LIKELY)
    left += weight * likely
    ofLeft += weight
  }
  const mean = usual / Math.max(ofUsual, NOTHING)
  return known ? Math.min(mean, left / Math.max(ofLeft, NOTHING)) : mean
}

/** Whether a test looks at the fault itself: its table names it, or it reads the part that has it. */
export function isOf(model: SystemModel, test: Test, { line }: Evidence, fault: string): boolean {
  if (test.kind === 'seen') {
    if (test.points === 'all' || test.pointsTo?.some(f => f === fault)) return false
    if (line.kind === 'observation' && test.points?.includes(line.outcome)) return false
    if (test.trial?.watch === 'effect')
      return line.kind === 'observation' && line.outcome === 'runs' && model.takesOut(test, modeOf(model, fault))
    if (test.trial) return false
    return Object.keys(test.chancesByFault).some(key => key === fault || key.startsWith(`${fault}:`))
  }
  if (line.kind !== 'reading' || wordFor(model, line) === 'in-band') return false
  if (isSetting(test)) return fault.endsWith('.out-of-setting')
  const { component } = pointOf(model.kind, test)
  const isItsOwn = component === fault.slice(0, fault.indexOf('.'))
  return isItsOwn && (readsPart(test) || (SOURCES.has(component) && test.quantity === 'volts'))
}

/** Nothing stands ahead of where the power comes from: volts that are read there are its own, under load as well. */
export const SOURCES: ReadonlySet<string> = new Set(['supply', 'battery'])

/** Off the circuit, across one part, at the tank's valve: not what flows through many. */
const readsPart = ({ probe, quantity }: NumericTest): boolean =>
  probe.ask === 'part'
  || probe.ask === 'farads'
  || probe.ask === 'capacitor-ohms'
  || probe.ask === 'dial'
  || (probe.ask === 'volts' && probe.drop === true)
  || (probe.ask === 'flow' && (probe.what === 'precharge' || probe.what === 'inlet'))
  || (probe.ask === 'volts' && quantity === 'volts' && probe.scenario === 'idle')

/** Where it starts and stops is what a switch is set to. */
const isSetting = ({ probe }: NumericTest) =>
  probe.ask === 'flow' && (probe.what === 'cut-in' || probe.what === 'cut-out')

/** The lines that exclude every rival of a repair; nothing where one is left standing, or only amps speak. */
export function excludingLines(
  tables: Tables,
  state: TabState,
  ranking: Ranking,
  repair: string,
): readonly string[] | undefined {
  const lines = new Set<string>()
  for (const s of ranking.suspects) {
    if (!s.component || s.repair.id === repair) continue
    const began = s.moves[0]?.before ?? s.chance
    if (began < RIVAL) continue
    const against = s.moves.filter(m => m.bits < -1).map(m => m.line)
    if (against.length === 0 || s.chance > RIVAL) return undefined
    // what was seen with the eyes no figure argues away
    if (seenLines(tables, state, ranking, [s.fault]).length > 0) return undefined
    for (const l of against) lines.add(l)
  }
  const isAmps = (id: string) => {
    const line = state.evidence.find(e => e.line.id === id)?.line
    const test = line && tables.tests.get(line.test)?.test
    return test?.kind === 'numeric' && test.quantity === 'amps'
  }
  return [...lines].some(l => !isAmps(l)) ? [...lines] : undefined
}

/** Whether a line is so much likelier under one fault than under another that it does not come of the other. */
export function isApartFrom(tables: Tables, evidence: Evidence, fault: string, other: string): boolean {
  const likely = (f: string) => likenessOf(tables, [evidence], { fault: f, beside: [] }).best
  return likely(fault) >= 2 * likely(other)
}

/** Whether a line is what a fault would have shown: then it is not found besides it. */
export function explains(tables: Tables, evidence: Evidence, fault: string): boolean {
  const { best, rest } = likenessOf(tables, [evidence], { fault, beside: [] })
  return best >= 2 * rest
}
