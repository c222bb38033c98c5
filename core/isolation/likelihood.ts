/**
 * The chance of what was read under each hypothesis: the predicted figure with its spread, plus a flat background for
 * gross misreadings so that no single line can end a call.
 *   p(v|h) = (1 − ε)·[(1 − ol)·N(v; mean, σ)] + ε·slip(v),  ε = 0.03
 * where a slip is a prefix misread (v is a thousandth or a thousand times of what was there), nothing read at all, or
 * anything.
 */
import { figureAt } from '#core/foundation'
import { unstaged, type Hypothesis, type Prediction, type SeenTest, type SystemModel } from '#core/systems'
import type { Evidence, LineOf } from '#core/tab'
import { atLevelOf, commonOf } from './supplyLevel'
import { BACKGROUND_OL, cumulative, isSeenAnew, MISREAD, missedIn, OTHER, type Tables, type TestTable } from './tables'

/**
 * of the slips of a measured figure: the prefix either way, no contact or nothing in the clamp; the rest is anything.
 * Common practice, no source
 */
const SLIPS = { prefix: 0.2, nothing: 0.2 }
/** what counts as nothing, as a share of the span of a test */
const NOTHING = 0.002
/** without contact a meter for capacitors shows next to nothing: a few microfarads are read; F */
const NO_FARADS = 6e-7
const isOhms = ({ test }: TestTable) => test.kind === 'numeric' && test.quantity === 'ohms'
const isFarads = ({ test }: TestTable) => test.kind === 'numeric' && test.quantity === 'farads'

/** Of figures that are read on what has let go and comes back, so many before it did; common practice, no source. */
const RUNNING = 0.4

/** More than a test has classes of. */
const CLASSES = 4096

/** What a line says of every hypothesis: likelihoods, relative (the same unknown factor for all). */
export interface Weights {
  /** of those that were foreseen, by their places in the model */
  readonly foreseen: Float64Array
  /** of any, pairs that a call made likely included */
  of(hypothesis: number): number
}

const kept = new WeakMap<Tables, Map<string, Weights>>()
const MOST_KEPT = 3000

/** Kept, so that a line is weighed once as long as the system is at hand. */
export function weightsOf(tables: Tables, evidence: Evidence): Weights {
  const { line, repaired, confirmed, earlier = [] } = evidence
  const known = kept.get(tables) ?? new Map<string, Weights>()
  kept.set(tables, known)
  const said
    = line.kind === 'reading'
      ? `${line.value} ${line.spread ?? ''} ${line.bound ?? ''} ${line.judged ?? ''}`
      : [line.outcome, ...earlier].join()
  const { beside } = evidence
  const by = evidence.labelled ? 'labelled' : beside ? `${beside.test} ${beside.value} ${beside.set === line.set}` : ''
  const key = `${line.test}|${said}|${confirmed}|${repaired.join()}|${by}`
  const before = known.get(key)
  if (before) return before
  const fresh = workOut(tables, evidence)
  if (known.size >= MOST_KEPT) known.clear()
  known.set(key, fresh)
  return fresh
}

function workOut(tables: Tables, evidence: Evidence): Weights {
  const { line, repaired } = evidence
  const { model, foreseen: n } = tables
  const table = tables.tests.get(line.test)
  if (!table) return { foreseen: new Float64Array(n).fill(1), of: () => 1 }
  const beside = evidence.beside && tables.tests.get(evidence.beside.test)
  const byClass = new Map<number, number>()
  const alone = (h: number) => {
    const own = table.classOf(h) + (beside ? CLASSES * beside.classOf(h) : 0)
    const known = byClass.get(own) ?? chanceOf(tables, table, h, evidence)
    byClass.set(own, known)
    return known
  }
  // amps of what comes back by itself are read as often while it runs; the first of them all is the sound system
  const isOfAmps = line.kind === 'reading' && table.test.kind === 'numeric' && table.test.quantity === 'amps'
  const passing = (h: number) => (isOfAmps && comesBack(model.hypothesis(h)) ? RUNNING : 0)
  const sound = alone(0)
  const isBridged = line.kind === 'observation' && line.outcome === BRIDGES.get(unstaged(line.test))
  const heard = isBridged ? tables.tests.get(line.test.replace(unstaged(line.test), 'sound')) : undefined
  const runs = (h: number) => (heard ? figureAt(heard.row(h), 0) : 0)
  const of = (h: number) =>
    ((1 - passing(h)) * alone(h) + passing(h) * sound) * (1 - (1 - BRIDGED) * runs(h))
  const whole = Float64Array.from({ length: n }, (_, h) => of(h))
  fillOther(tables, whole, byChance(table, evidence))
  const any = (h: number) => (h < n ? figureAt(whole, h) : of(h))
  if (repaired.length === 0) return { foreseen: whole, of: any }
  // what a fault does is gone once it has been put right
  return {
    foreseen: whole.map((_, h) => figureAt(whole, model.without(h, repaired))),
    of: h => any(model.without(h, repaired)),
  }
}

/** How likely a line is where nothing is known of what makes it. */
function byChance(table: TestTable, { line, confirmed, earlier = [] }: Evidence): number {
  if (line.kind === 'reading') return line.judged ? 1 / 3 : line.bound ? 0.5 : background(table, line.value)
  const looks = 1 + earlier.length - (isSeenAnew(table.test) ? 0 : confirmed)
  return (1 / table.bins) ** looks
}

/**
 * Nobody bridges the switch of what runs by itself, or helps it to start: so often it is told all the same; common
 * practice, no source.
 */
const BRIDGED = 0.08
const BRIDGES: ReadonlyMap<string, string> = new Map([
  ['bypass', 'runs'], ['float-bypass', 'runs'], ['push-in', 'runs'], ['crack-line', 'starts'], ['spin', 'runs'],
  ['tap-switch', 'starts'], ['tap-motor', 'runs'],
])

/** The overload in a motor closes again as it cools; others wait for a hand. */
const comesBack = ({ fault, second }: Hypothesis) => second === undefined && unstaged(fault) === 'motor.overload-hot'

/** A slip of meter or hand is less likely each time it was read again alike. */
function chanceOf(tables: Tables, table: TestTable, h: number, evidence: Evidence): number {
  const { tests } = tables
  const { line, confirmed, earlier, beside } = evidence
  if (line.kind === 'reading' && line.judged) return judgedChance(tables, table, h, line.judged)
  const first = beside && tests.get(beside.test)
  if (evidence.labelled && line.kind === 'reading') return labelledChance(table, table.prediction(h), line.value)
  const common = table.test.kind === 'numeric' ? commonOf(table.test) : undefined
  return line.kind === 'reading'
    ? saidChance(
        table,
        first && common ? atLevelOf(table.prediction(h), first.prediction(h), evidence, common) : table.prediction(h),
        line,
        MISREAD ** (1 + confirmed),
      )
    : lookChance(table, h, line.outcome, confirmed, earlier)
}

/**
 * Within so much of what a sound system has, as a share, a hand calls it right; common practice, no source. Of what is
 * so called some is not.
 */
const RIGHT = { volts: 0.06, amps: 0.12, ohms: 0.25, pressure: 0.15 } as const
const LOOSELY = 0.15

/** The chance that a reading of which no figure was told was called so: right, low, high. */
export function judgedChance({ model }: Tables, table: TestTable, h: number, judged: Judged): number {
  const p = table.prediction(h)
  const [low, high] = rightOf(model, table)
  const [under, over] = [(1 - p.ol) * cumulative(p, low), p.ol + (1 - p.ol) * (1 - cumulative(p, high))]
  const own = high === Infinity
    ? { low: under, usual: 1 - under, high: 0 }
    : { low: under, usual: 1 - under - over, high: over }
  return (1 - LOOSELY) * Math.max(0, own[judged]) + LOOSELY / 3
}

type Judged = NonNullable<LineOf<'reading'>['judged']>

function rightOf(model: SystemModel, table: TestTable): readonly [number, number] {
  const { test } = table
  const sound = table.prediction(0)
  const band = test.kind === 'numeric' ? model.band(test) : undefined
  const share = test.kind === 'numeric' && test.quantity in RIGHT ? RIGHT[test.quantity as keyof typeof RIGHT] : 0.2
  const isFigure = !sound.log && sound.ol < 0.5 && sound.mean > 0
  const hasLimits = band?.high !== Infinity && band?.low !== 0
  if (isFigure && hasLimits) return [(1 - share) * sound.mean, (1 + share) * sound.mean]
  return band ? [band.low, band.high] : [0, Infinity]
}

/** As far off as a label's figure may be from what such motors usually have; judgement, no source. */
const USUAL_SPREAD = 0.6
/** From so much on it passes something, F. */
const PASSES = 1e-6

/**
 * What is printed on a capacitor says what it should be better than what such motors usually have: measured, only
 * whether it passes anything at all is weighed by that.
 */
function labelledChance(table: TestTable, p: Prediction, value: number | null): number {
  if (value === null || value < PASSES || p.mean < PASSES) return readChance(table, p, value, MISREAD)
  return USUAL_SPREAD / value
}

/** A figure as it was said: read, swung over a range, or only over or under a limit. */
function saidChance(
  table: TestTable,
  p: Prediction,
  { value, spread, bound }: LineOf<'reading'>,
  slips: number,
): number {
  if (value === null || (!spread && !bound)) return readChance(table, p, value, slips)
  if (bound) {
    // OL is over every limit
    const over = (1 - p.ol) * (1 - cumulative(p, value)) + p.ol
    return (1 - slips) * (bound === 'over' ? over : 1 - over) + slips * 0.5
  }
  // the mean over what it swung through, by three points (Simpson's rule)
  const at = (v: number) => readChance(table, p, v, slips)
  return (at(value - spread!) + 4 * at(value) + at(value + spread!)) / 6
}

export const readingChance = (table: TestTable, h: number, value: number | null): number =>
  readChance(table, table.prediction(h), value, MISREAD)

/** @param slips chance that it is a slip of meter or hand: less each time it was read again alike */
function readChance(table: TestTable, p: Prediction, value: number | null, slips: number): number {
  if (value === null) return (1 - slips) * p.ol + slips * background(table, value)
  const nought = value === 0 ? noughtOf(table) : undefined
  if (nought) return (1 - slips) * (1 - p.ol) * cumulative(p, nought.under) + slips * nought.false
  return (1 - slips) * (1 - p.ol) * density(p, value) + slips * slipped(table, p, value)
}

/**
 * What a meter shows as none, and is told as a nought: ohms to ground, where it may show megohms, and else; volts of a
 * leg, or between lines, that a ghost stands on. And of slips so many are a nought where there is none: leads that
 * touch, or do not. Common practice and judgement, no source.
 */
const NOUGHT = {
  toGround: { under: 300, false: 0.05 },
  ohms: { under: 0.3, false: 0.05 },
  leg: { under: 8, false: 0.2 },
  lines: { under: 25, false: 0.2 },
}

function noughtOf({ test }: TestTable): { readonly under: number, readonly false: number } | undefined {
  if (test.kind !== 'numeric') return undefined
  if (test.quantity === 'ohms') return NOUGHT[test.variant === 'ground' ? 'toGround' : 'ohms']
  if (test.quantity !== 'volts') return undefined
  return LEGS.has(test.variant ?? '') ? NOUGHT.leg : LINES.has(test.variant ?? '') ? NOUGHT.lines : undefined
}
const LINES: ReadonlySet<string> = new Set(['v12', 'v23', 'v31'])
const LEGS: ReadonlySet<string> = new Set(['l1g', 'l2g', 'l3g'])

/** Density of a figure that is a slip, given what was there. */
function slipped(table: TestTable, p: Prediction, value: number): number {
  const there = (1 - p.ol) * SLIPS.prefix
  const prefix = there * (1000 * density(p, 1000 * value) + density(p, value / 1000) / 1000)
  const width = isFarads(table) ? NO_FARADS : NOTHING * table.span
  // leads without contact read OL, and not nought
  const none = isOhms(table) ? 0 : SLIPS.nothing
  const nothing = (none * Math.exp(-0.5 * (value / width) ** 2)) / (width * 1.2533)
  return prefix + nothing + (1 - 2 * there - SLIPS.nothing) * background(table, value)
}

function background(table: TestTable, value: number | null) {
  return value === null ? BACKGROUND_OL : (1 - BACKGROUND_OL) / (table.span + Math.abs(value))
}

function density({ mean, sigma, log, or }: Prediction, value: number): number {
  if (or)
    return (
      (1 - or.share) * density({ mean, sigma, log, ol: 0 }, value)
      + or.share * density({ ...or, log: or.log ?? false, ol: 0 }, value)
    )
  const x = log ? Math.log(Math.max(value, 1e-6)) : value
  const z = (x - mean) / sigma
  const bell = Math.exp(-0.5 * z * z) / (sigma * 2.5066)
  return log ? bell / Math.max(value, 1e-6) : bell
}

/** So often a look was at fault where a later one says otherwise; judgement, no source. */
const TAKEN_BACK = 0.5

/**
 * What a system does is seen anew at each look, so that every look counts. Of what it looks like the last does, doubted
 * by those that it took back.
 */
function lookChance(
  table: TestTable,
  h: number,
  outcome: string,
  confirmed: number,
  earlier: readonly string[] = [],
): number {
  const missed = missedIn(table.test)
  if (isSeenAnew(table.test))
    return [outcome, ...earlier].reduce((all, seen) => all * seenChance(table, h, seen, missed), 1)
  const back = earlier.slice(0, earlier.length - confirmed)
  const last = seenChance(table, h, outcome, missed ** (1 + confirmed))
  return back.reduce((all, seen) => all * seenChance(table, h, seen, TAKEN_BACK), last)
}

function seenChance(table: TestTable, h: number, outcome: string, slips: number): number {
  const i = (table.test as SeenTest).outcomes.findIndex(o => o.id === outcome)
  if (i < 0) return 1
  const { bins } = table
  const missed = missedIn(table.test)
  const plain = Math.max(0, (figureAt(table.row(h), i) - missed / bins) / (1 - missed))
  return (1 - slips) * plain + slips / bins
}

/** "Something else": half the prior-weighted average of the rest, half background. */
function fillOther(tables: Tables, out: Float64Array, flat: number) {
  let sum = 0
  let weight = 0
  for (let h = 0; h < tables.foreseen; h++) {
    if (h === OTHER) continue
    const { prior } = tables.model.hypothesis(h)
    sum += prior * figureAt(out, h)
    weight += prior
  }
  out[OTHER] = (0.5 * sum) / weight + 0.5 * flat
}
