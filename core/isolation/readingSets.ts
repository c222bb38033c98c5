/**
 * Readings of one go as one proposal: what they would tell together, what they cost, and the patterns in which they
 * come. Given what is wrong they are taken to err each by itself.
 */
import { isNonEmpty } from '#core/foundation'
import { readingSetOf, type Band, type NumericTest, type Prediction, type SystemModel } from '#core/systems'
import { formatRange, formatValue, type Units } from '#core/units'
import type { Weighed } from './settle'
import { failedIn, placesFrom } from './hypothesis'
import { expectedBits, type InPlay } from './information'
import { leftOf, NEGLIGIBLE, sinceRepair, type Outcome } from './outcomes'
import { OTHER, type TestTable } from './tables'
import { alikeIn, together } from './together'

/** Tests that one go reads, weighed together; the first of them names it. */
export interface WeighedSet extends Weighed {
  readonly set: readonly TestTable[]
}

/** Minutes that each further reading of a go takes: the leads move, nothing else. Common practice, no source. */
export const MINUTES_MORE = 0.4
/** What is read after other readings, if at all, is held back by so many; judgement, no source. */
const LATER = 0.7
/**
 * The sets that tell more a minute than the best of their readings alone, as long as one could come among the first.
 * Only what is all open is one go.
 */
export function weighSets(
  model: SystemModel, scored: readonly Weighed[], counted: InPlay, first: number,
): WeighedSet[] {
  const open = new Map(scored.map(s => [s.table.test.id, s]))
  const seen = new Set<unknown>()
  const whole = scored.flatMap((best) => {
    const set = readingSetOf(model.kind, best.table.test.id)
    if (!set || seen.has(set)) return []
    seen.add(set)
    const members = set.tests.flatMap(t => open.get(t.id) ?? [])
    if (members.length < set.tests.length) return []
    const more = MINUTES_MORE * (members.length - 1) + (set.later ? LATER : 0)
    const cost = Math.max(...members.map(m => m.cost)) + more
    const atMost = members.reduce((sum, m) => sum + m.bits, 0) / cost
    return atMost > best.bits / best.cost ? [{ members, cost, atMost, best }] : []
  })
  const found: WeighedSet[] = []
  // what is among the first by itself bars the way to what could not come before it
  const rates = scored.map(s => s.bits / s.cost)
  for (const { members, cost, atMost, best } of whole.toSorted((a, b) => b.atMost - a.atMost)) {
    const ahead = [...rates, ...found.map(f => f.bits / f.cost)].toSorted((a, b) => b - a)[first - 1] ?? 0
    if (atMost < ahead || found.length === first) break
    const set = members.map(m => m.table)
    const bits = expectedBits(together(model, set), counted)
    if (isNonEmpty(set) && bits / cost > best.bits / best.cost) found.push({ table: set[0], bits, cost, set })
  }
  return found
}

/** How one figure of a set stands to what is healthy there. */
type Stand = 'good' | 'none' | 'low' | 'high' | 'open'
/** Under this share of what is healthy there is as good as nothing. */
const NOTHING = 0.2

function standOf({ mean, log, ol }: Prediction, band: Band | undefined): Stand {
  if (ol > 0.5) return 'open'
  const value = log ? Math.exp(mean) : mean
  if (!band) return 'good'
  if (value > band.high) return 'high'
  if (value >= band.low) return 'good'
  return value < NOTHING * band.low ? 'none' : 'low'
}

interface Pattern {
  chance: number
  readonly words: string
  readonly by: Map<string, number>
  /** what the likeliest that shows it reads, and how likely that is */
  figures: Figures
  most: number
}
/** The figures of a set; null for OL. */
type Figures = readonly (number | null)[]

const MOST_PATTERNS = 4

/** The patterns in which the figures of a set come, each in words with its figures, and what it would leave. */
export function describePatterns(
  model: SystemModel,
  tables: readonly TestTable[],
  before: Float64Array,
  repaired: readonly string[],
): Outcome[] {
  const chances = sinceRepair(model, before, repaired)
  const patterns = new Map<string, Pattern>()
  const bands = tables.map(t => model.band(t.test as NumericTest))
  const alike = new Map<number, { readonly own: Pattern, readonly figures: Figures }>()
  const shownBy = (h: number) => {
    const predicted = tables.map(t => t.prediction(h))
    const stands = predicted.map((p, n) => standOf(p, bands[n]))
    const figures = predicted.map(valueOf)
    const words = inWords(tables, stands, figures)
    const own = patterns.get(words || stands.join()) ?? { chance: 0, words, by: new Map(), figures, most: 0 }
    patterns.set(words || stands.join(), own)
    return { own, figures }
  }
  for (const h of placesFrom(chances, NEGLIGIBLE)) {
    if (h === OTHER) continue
    const key = alikeIn(tables, h)
    const { own, figures } = alike.get(key) ?? shownBy(h)
    alike.set(key, { own, figures })
    const chance = chances[h] ?? 0
    own.chance += chance
    if (chance > own.most) Object.assign(own, { figures, most: chance })
    for (const f of failedIn(model, model.hypothesis(h))) own.by.set(f, (own.by.get(f) ?? 0) + chance)
  }
  return [...patterns.values()]
    .filter(p => p.chance >= 0.025)
    .toSorted((a, b) => b.chance - a.chance)
    .slice(0, MOST_PATTERNS)
    .map(({ words, figures, chance, by }) => ({
      label: [words, inFigures(tables, figures, model.practice.units)].filter(Boolean).join(': '),
      chance,
      leaves: leftOf([...by], chance),
    }))
}

/** What is likeliest to be shown; null for OL. */
const valueOf = ({ mean, log, ol }: Prediction): number | null =>
  ol > 0.5 ? null : log ? Math.exp(mean) : Math.max(0, mean)

const ALL: Readonly<Record<Stand, string>> = {
  good: 'all good', none: 'nothing', open: 'all open', low: 'all low', high: 'all high',
}
/** Of the highest to ground, so much or less is what comes back through the motor; common practice, no source. */
const BACKFED = 0.7
/** Of the largest figure of a go, so little is nought; and so few volts of themselves. */
const [NOUGHT, LEAST_VOLTS] = [0.03, 0.01]

function inWords(tables: readonly TestTable[], stands: readonly Stand[], figures: Figures): string {
  const [stand] = stands
  const of = (end: string) => tables.some(t => t.test.id.endsWith(end))
  if (stand && stands.every(s => s === stand))
    return stand === 'good' && (of('.v12') || of('.l1g')) ? 'all there' : ALL[stand]
  const missing = of('.v12')
    ? MISSING_BY_PAIRS.get(stands.map(s => s === 'none' || s === 'low').join())
    : of('.l1g') && missingToGround(of('.volts') ? figures.slice(0, 2) : figures)
  if (missing) return `${of('.volts') ? 'leg' : 'line'} ${missing} missing`
  return of('.l1g') && of('.volts') && stands.at(-1) === 'none' ? 'both legs the same leg' : ''
}

/** Of pairs the two weak ones share the line that is missing. */
const MISSING_BY_PAIRS = new Map([['true,false,true', 1], ['true,true,false', 2], ['false,true,true', 3]])

function missingToGround(legs: Figures): number | undefined {
  const most = Math.max(...legs.map(v => v ?? 0))
  const [gone, more] = legs.flatMap((v, n) => ((v ?? 0) < BACKFED * most ? [n + 1] : []))
  return more === undefined ? gone : undefined
}

/** `120 / 0 / 3 V`, as the likeliest behind a pattern reads. */
function inFigures(tables: readonly TestTable[], figures: Figures, units: Units): string {
  const most = Math.max(...figures.map(v => v ?? 0))
  const said = figures.map((v, n) => {
    const { quantity } = (tables[n]?.test ?? {}) as NumericTest
    if (v === null) return 'OL'
    return v <= NOUGHT * most || (quantity === 'volts' && v < LEAST_VOLTS) ? '0' : formatValue(quantity, v, units)
  })
  if (said.every(s => s === '0')) return ''
  const unitsSaid = [...new Set(said.flatMap(s => s.split(' ').slice(1)))]
  if (unitsSaid.length !== 1) return said.join(' / ')
  return `${said.map(s => s.split(' ')[0]).join(' / ')} ${unitsSaid[0]}`
}

/** What is healthy of each: once, where it is the same of all. */
export function bandsOf(model: SystemModel, tables: readonly TestTable[]): string | undefined {
  const bands = tables.flatMap((t) => {
    const band = model.band(t.test as NumericTest)
    return band ? [formatRange((t.test as NumericTest).quantity, band, model.practice.units)] : []
  })
  const different = [...new Set(bands)]
  return different.length === 1 ? `${different[0]} each` : bands.join(' / ') || undefined
}
