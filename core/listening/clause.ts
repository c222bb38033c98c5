/** What one clause can mean: the readings, sets of readings and observations of a kind, each with its score. */
import { unitsOf, type Units } from '#core/units'
import { unstaged, type NumericTest } from '#core/systems'
import type { DraftLine } from '#core/tab'
import type { Figure } from './figures'
import type { Lexicon, ReadEntry, SeenEntry } from './lexicon'
import { meantBy } from './likened'
import { bestOf, isHeard, LEFT_OVER, scoreOf, weigh, type Clause, type Score, type Weights } from './score'

export interface Meaning extends Score {
  readonly lines: readonly DraftLine[]
  readonly test: string
  readonly point: string
  readonly quantity?: NumericTest['quantity']
}

/** What else speaks for a meaning: the test in hand, the place that was spoken of last. */
export interface Bearing {
  readonly expected?: string | undefined
  readonly near?: string | undefined
  readonly nearQuantity?: NumericTest['quantity'] | undefined
  /** in SI */
  readonly nearValue?: number | null | undefined
  readonly units: Units
}

export interface Figures {
  readonly figures: readonly Figure[]
  readonly rows: readonly (readonly Figure[])[]
}

/** Words that say a thing alone, and anything at all in company. */
const COMMON = new Set('dry noth dead start stop run hold same good bad leak weak !start !stop !hold'.split(' '))

/** Said instead of a nought. */
const NOTHING = ['noth', 'none', 'zero', 'nil', 'dead', '!volt', '!amp', '!power', '!pressure', '!continu']
/** What was done to the power is no finding. */
const DONE = new Set(['shut', 'kill', 'pull', 'flip', 'throw'])

/** Meanings of a clause that explain enough of it, best first. */
export function meaningsOf(lexicon: Lexicon, clause: Clause, told: Figures, bearing: Bearing): Meaning[] {
  const weights = weigh(clause, lexicon)
  const figures = clause.figures.map(i => told.figures[i]!)
  const asked = figures.length > 0 ? figures : sameAgain(weights, bearing)
  const readings = figures.filter(f => f.quantity !== 'time')
  const all: Meaning[] = []
  const row = clause.rows.map(i => told.rows[i]!)[0] ?? threefold(weights, readings)
  if (row) all.push(...rowMeanings(lexicon, weights, row, bearing))
  if (all.length === 0) {
    const said = new Set([...weights.of.keys()].flatMap(w => lexicon.saidWith.get(w) ?? []))
    if (!isDone(weights)) for (const e of said) pushSeen(all, e, weights, readings, bearing, lexicon)
    if (asked.length > 0 || saysNought(weights))
      for (const e of lexicon.read) pushRead(all, e, weights, asked, bearing, lexicon)
    all.push(...bothLegs(lexicon, weights, readings, bearing), ...secondGauge(lexicon, weights, readings, bearing),
      ...vacuumOf(lexicon, weights, readings))
  }
  const heard = all.filter(isHeard).toSorted((a, b) => b.score - a.score)
  if (row || readings.length > 0 || isDone(weights)) return heard
  return [...heard, ...nearly(lexicon, weights, bearing)].toSorted((a, b) => b.score - a.score)
}

/** Of what is said only nearly so less is taken for explained, and something for assumed. */
const [NEARLY, ASSUMED] = [0.8, 0.3]

function nearly({ likeness, hasStages }: Lexicon, weights: Weights, { near }: Bearing): Meaning[] {
  const meant = meantBy(likeness, weights)
  if (!meant) return []
  const { covered, left, entry: { test, outcome, staged } } = meant
  const stage = stageOf(new Set(), staged, hasStages, weights, near)
  return [
    {
      covered,
      left,
      score: NEARLY * covered - LEFT_OVER * left - ASSUMED - stage,
      test: test.id,
      point: test.point,
      lines: [{ kind: 'observation', test: test.id, outcome }],
    },
  ]
}

/** `same at the line side`: the figure before, at another place. */
function sameAgain({ of }: Weights, { nearValue, nearQuantity }: Bearing): readonly Figure[] {
  if (!of.has('same') || nearValue === undefined) return []
  return [{ value: nearValue, perUnit: 1, again: true, ...(nearQuantity ? { quantity: nearQuantity } : {}) }]
}

/** Without a figure only a nought or an open circuit can be read. */
const saysNought = ({ of }: Weights) => of.has('open') || NOTHING.some(w => of.has(w))

/** `239, all three`: the same figure on each. */
function threefold({ of }: Weights, readings: readonly Figure[]): readonly Figure[] | undefined {
  if (!of.has('three')) return undefined
  const none: Figure | undefined = of.has('!amp') ? { value: 0, quantity: 'amps' } : undefined
  const [one = none] = readings
  return one && readings.length < 2 ? [one, one, one] : undefined
}

const isDone = ({ of }: Weights) => of.has('breaker') && [...DONE].some(w => of.has(w))

function pushSeen(
  all: Meaning[],
  { test, outcome, phrases, about, staged }: SeenEntry,
  weights: Weights,
  figures: readonly Figure[],
  { expected, near, nearQuantity }: Bearing,
  { hasStages, starter }: Lexicon,
) {
  // after volts, nothing that comes out is volts
  if (nearQuantity === 'volts' && weights.of.has('outofit')) return
  const best = bestOf(phrases, weights)
  if (!best || isOfAnother(test, weights, near)) return
  const words = new Set(best.phrase)
  const beside = new Set([...about, ...phrases.filter(p => p.every(w => weights.of.has(w))).flat()])
  // a figure beside it was read for something
  const unexplained = figures.filter(f =>
    (f.value !== null || !words.has('ol')) && !(f.quantity && f.quantity === test.beside))
  const pilot = test.id === 'contacts' && starter && !words.has('switch') ? 0.15 : 0
  const assumed
    = pilot
      + unexplained.reduce((sum, f) => sum + (f.quantity ? 1 : 0.6), 0)
      + stageOf(words, staged, hasStages, weights, near)
  const score = scoreOf(words, weights, assumed + deniedBesides(weights, words, beside), 0, beside)
  // one common word says a thing only by itself
  if (best.phrase.length === 1 && COMMON.has(best.phrase[0]!) && score.left > 0.3) return
  const hint = (test.id === expected ? 0.3 : 0) + (test.point === near ? 0.03 : 0)
  all.push({
    ...score,
    score: score.score + hint,
    test: test.id,
    point: test.point,
    lines: [{ kind: 'observation', test: test.id, outcome }],
  })
}

/** `jumped across it`, after the panel switch was spoken of: that is no bridge across the pressure switch. */
function isOfAnother(test: SeenEntry['test'], { of }: Weights, near: string | undefined): boolean {
  if (test.id !== 'bypass' || near === undefined || of.has('switch')) return false
  return ELSEWHERE.has(near)
}

/** Points of things that are bridged as well, and are not the pressure switch. */
const ELSEWHERE = new Set(['panel', 'fuse', 'aux', 'overload', 'thermal', 'disconnect', 'breaker', 'relay', 'centrifugal'])

/** `lever won't stay on auto`: what is denied and not taken up may deny the whole. */
const DENIED_BESIDES = 0.8
const deniedBesides = ({ of }: Weights, words: ReadonlySet<string>, beside: ReadonlySet<string>): number =>
  [...of.keys()].some(w => w.startsWith('!') && !words.has(w) && !beside.has(w)) ? DENIED_BESIDES : 0

/** Two pumps: which is meant is said, or only it has the part; else it is the one that was spoken of last. */
function stageOf(
  words: Set<string>,
  staged: boolean,
  hasStages: boolean,
  { of }: Weights,
  near: string | undefined,
): number {
  if (!hasStages) return 0
  const ofWell = near !== undefined && unstaged(near) !== near
  if (!staged) {
    words.add('booster')
    return ofWell && !of.has('booster') ? 0.2 : 0
  }
  words.add('well')
  if (of.has('well') || of.has('wellhead')) return -0.1
  return ofWell ? 0.1 : 0.3
}

function pushRead(
  all: Meaning[],
  entry: ReadEntry,
  weights: Weights,
  figures: readonly Figure[],
  bearing: Bearing,
  { hasStages }: Lexicon,
) {
  const { test } = entry
  const fitting = figures.filter(f => fits(f, test))
  const own = fitting.find(f => f.quantity === test.quantity) ?? fitting[0]
  const words = new Set<string>()
  const follows = weights.of.has('outofit') && entry.follows.includes(bearing.near ?? '')
  const said = follows && entry.first ? { assumed: 0, placed: true } : sayRead(entry, weights, words, bearing, own)
  if (!said) return
  if (follows) words.add('outofit')
  if (weights.of.has('plate')) return
  const again = own?.again
  if (again && (!said.placed || test.point === bearing.near)) return
  const zero = own ? undefined : NOTHING.find(w => weights.of.has(w))
  // nothing to ground, a capacitor that is open: beyond the meter's range; zero to ground is a dead short
  const toGround = test.variant === 'ground'
  const saysOpen = toGround ? zero && zero !== 'zero' : weights.of.has('open')
  const isOpen = !own && said.placed && test.need !== 'live' && fits({ value: null }, test) && saysOpen
  const denied = zero?.startsWith('!') ? zero.slice(1) : undefined
  const means = denied ? test.quantity.startsWith(denied) || denied === 'power' : said.placed
  if (!own && !isOpen && !(zero && means && (isZeroed(test) || (toGround && zero === 'zero')))) return
  if (isOpen) words.add('open')
  if (zero) words.add(zero).add('three')
  if (again) words.add('same')
  if (own?.value === null) words.add('ol')
  if (toGround) for (const lead of ['n1', 'n2', 'n3', 'lead']) words.add(lead)
  words.add('tseconds').add('tminutes').add('secondmeter')
  if (test.condition === 'dead') words.add('rest')
  if (test.point === 'aux') words.add('reset')
  if (own && SWAYS.includes(test.quantity)) for (const course of COURSES) words.add(course)
  const unexplained = figures.filter(f => f !== own && f.quantity !== 'time').length * 0.6
  const { near } = bearing
  const stage = stageOf(words, entry.staged, hasStages, weights, near)
  const assumed = said.assumed + unexplained + (zero ? 0.2 : 0) + stage
  const score = scoreOf(words, weights, assumed, own ? (own.quantity ? 1 : 0.7) : 0)
  // a nought is said by few words: `swapped nothing yet` is none
  if (!own && score.left > MOST_BESIDE_NOUGHT) return
  const hint = (test.id === bearing.expected ? 0.4 : 0) + (test.quantity === bearing.nearQuantity ? 0.05 : 0)
  all.push({
    ...score,
    score: score.score + hint,
    test: test.id,
    point: test.point,
    quantity: test.quantity,
    lines: [readingOf(test, own ?? { value: isOpen ? null : 0 }, bearing.units)],
  })
}

/** How a figure came about, and that it was liked, belongs to the figure. */
const SWAYS: readonly NumericTest['quantity'][] = ['amps', 'volts', 'farads']
const COURSES = ['fall', 'climb', 'jump', 'move', 'good', 'low', 'high', 'hold', 'three']

const MOST_BESIDE_NOUGHT = 0.9

/** A nought may be said in words of volts, amps and pressures; of ohms and farads it is an OL as often as not. */
const isZeroed = (t: NumericTest) => ['volts', 'amps', 'pressure', 'flow'].includes(t.quantity)

/** Between leads volts are meant, unless the figure is small. */
const MOST_BARE_OHMS = 40
/** So much is said with its unit where it is amps, or gallons a minute. */
const [MOST_BARE_AMPS, MOST_BARE_GALLONS] = [200, 40]
/** Bare figures from here on are volts of the mains rather than amps, and below it hardly volts. */
const MAINS = 90

function fits(f: Figure, test: NumericTest): boolean {
  if (f.value === null) return test.quantity === 'ohms' || test.quantity === 'farads'
  const insulation = test.probe.ask === 'ohms' && test.probe.insulation === true
  if (f.quantity === 'ohms' && (f.perUnit ?? 1) >= 1e6 && test.quantity === 'ohms') return insulation
  if (f.quantity !== undefined) return f.quantity === test.quantity
  if (test.quantity === 'ohms' && !insulation && f.value > MOST_BARE_OHMS) return false
  if (test.quantity === 'amps' && f.value > MOST_BARE_AMPS) return false
  return test.quantity !== 'time'
}

/** The words that a reading explains, and what has to be assumed for it; nothing where it cannot be meant. */
function sayRead(
  { test, places, variants, first, foremost, conditions, quantities, vehicle }: ReadEntry,
  weights: Weights,
  words: Set<string>,
  bearing: Bearing,
  figure: Figure | undefined,
): { assumed: number, placed: boolean } | undefined {
  const { near } = bearing
  const other = saidQuantity(weights)
  if (other.length > 0 && !other.includes(test.quantity)) return undefined
  const place = bestOf(places, weights)
  const variant = bestOf(variants, weights)
  const condition = bestOf(conditions, weights)
  const quantity = bestOf(quantities, weights)
  for (const part of [place, variant, condition, quantity]) for (const word of part?.phrase ?? []) words.add(word)
  if (test.variant && !variant && !first) return undefined
  // a battery is read at rest unless it is said that it runs
  const rested = test.point === 'battery' ? test.condition === 'running' : test.condition === 'idle'
  if ((test.condition === 'starting' || rested) && !condition) return undefined
  let assumed = test.variant && !variant ? 0.15 : 0
  // across one thing volts, microfarads or ohms may be meant: ohms only where they are said
  if (test.quantity === 'ohms' && test.condition === 'dead' && !figure?.quantity && !quantity)
    assumed += 0.25
  // a dozen of nothing named, on a battery, is volts
  if (vehicle && test.quantity === 'ohms' && !figure?.quantity && !quantity && isOfBattery(figure)) assumed += 0.6
  if (test.condition === 'splice' && !variant) return undefined
  // at rest and as it runs are two readings
  const running = test.condition === 'running' || test.condition === 'calling'
  if (running && test.point !== 'inlet' && saysRest(weights)) assumed += 1.5
  // a line named by its number, and nothing to ground: volts that are missing, not insulation that is sound
  const numbered = ['n1', 'n2', 'n3'].some(n => weights.of.has(n)) && !weights.of.has('lead')
  if (test.variant === 'ground' && numbered && !figure && !quantity) assumed += 0.6
  // bare figures after volts are volts
  const goesOn = bearing.nearQuantity === 'volts' && figure?.value !== null && figure?.quantity === undefined
  if (test.variant === 'ground' && figure && goesOn && !quantity) assumed += 0.6
  const pair = test.variant && /^[vr]\d\d$/.test(test.variant)
  const ofLeads = weights.of.has('lead') || weights.of.has('wind') || quantity !== undefined
  if (pair && test.quantity === 'ohms' && !ofLeads && !figure?.quantity) assumed += 0.4
  // gallons a minute are said, and so are amps beyond those of any motor that is clamped by hand
  if (test.quantity === 'flow' && figure && !figure.quantity && !quantity)
    assumed += (figure.value ?? 0) > MOST_BARE_GALLONS ? 3 : 0.7
  if (test.quantity === 'amps' && !figure?.quantity && !quantity && (figure?.value ?? 0) > MAINS) assumed += 0.3
  // what is hardly volts at all, at a place that only a small word names
  const bare = figure?.value ?? 0
  const small = place?.phrase.every(w => (weights.of.get(w) ?? 1) < 0.5) ?? false
  if (test.quantity === 'volts' && small && !figure?.quantity && !quantity && bare > 2 && bare < MAINS && !vehicle)
    assumed += 1.5
  if (place) return { assumed, placed: true }
  if (pair && variant && test.point === 'line' && test.quantity === 'volts')
    return { assumed: assumed + (test.point === near ? 0.12 : 0.3), placed: true }
  if (variant && test.variant && test.point !== near && ['pressure', 'time', 'ohms'].includes(test.quantity))
    return { assumed: assumed + 0.05, placed: true }
  if (test.point === near) return { assumed: assumed + 0.12, placed: variant !== undefined }
  // a battery is the one thing that is read at rest
  if (test.point === 'battery' && test.condition === 'idle' && figure?.value)
    return { assumed: assumed + 0.3, placed: false }
  const unmistakable = figure?.quantity !== undefined && figure.quantity === test.quantity
    && test.quantity !== 'volts' && test.quantity !== 'time'
  const denied = NOTHING.find(w => w.startsWith('!') && weights.of.has(w))?.slice(1)
  // volts of no place are those that the machine is fed with, as it starts or runs
  const isVolts = quantity !== undefined || figure?.quantity === 'volts'
  if (test.quantity === 'volts' && test.point === 'line' && first && isVolts)
    return { assumed: assumed + (condition ? 0.5 : 0.7), placed: false }
  const named = test.quantity !== 'volts' && (quantity !== undefined || (denied && test.quantity.startsWith(denied)))
  if (foremost && (unmistakable || named)) return { assumed: assumed + 0.25, placed: false }
  return undefined
}

const isOfBattery = (figure: Figure | undefined) => (figure?.value ?? 0) > 8 && (figure?.value ?? 0) < 15

/** The quantities that are named in so many words. */
function saidQuantity({ of }: Weights): readonly NumericTest['quantity'][] {
  const has = (word: string) => of.has(word) || of.has(`!${word}`)
  return [
    ...(has('volt') ? ['volts' as const] : []),
    ...(has('amp') ? ['amps' as const] : []),
    ...(has('ohm') || has('meg') ? ['ohms' as const] : []),
  ]
}

const saysRest = ({ of }: Weights) => of.has('rest') || (of.has('noth') && of.has('run'))

/** Ohms to ground are told in megs or not at all plainly: without a unit a bare figure there is megs. */
function readingOf(test: NumericTest, { value, spread, bound, perUnit }: Figure, units: Units): DraftLine {
  const insulation = test.quantity === 'ohms' && test.variant === 'ground' && test.probe.ask === 'ohms'
  const own = perUnit ?? (insulation && value !== 0 ? 1e6 : (unitsOf(test.quantity, units)[0]?.perUnit ?? 1))
  if (value === null) return { kind: 'reading', test: test.id, value: null, ol: true }
  return {
    kind: 'reading',
    test: test.id,
    value: value * own,
    ...(spread ? { spread: spread * own } : {}),
    ...(bound ? { bound } : {}),
  }
}

/** Each leg to ground, said in one: `both load legs 120 to ground`. */
function bothLegs(
  { read }: Lexicon,
  weights: Weights,
  readings: readonly Figure[],
  bearing: Bearing,
): Meaning[] {
  const [figure] = readings
  if (!weights.of.has('bothlegs') || !figure || !fits(figure, read[0]!.test)) return []
  return read.flatMap((one) => {
    const two = read.find(e => e.test.point === one.test.point && e.test.variant === 'l2g')
    if (one.test.variant !== 'l1g' || !two) return []
    const place = bestOf(one.places, weights)
    if (!place && one.test.point !== bearing.near) return []
    const words = new Set([...(place?.phrase ?? []), 'bothlegs', 'toground'])
    return [
      {
        ...scoreOf(words, weights, (place ? 0 : 0.12) + (one.staged && !weights.of.has('well') ? 0.2 : 0), 0.7),
        test: one.test.id,
        point: one.test.point,
        quantity: 'volts' as const,
        lines: [one, two].map(e => readingOf(e.test, figure, bearing.units)),
      },
    ]
  })
}

/** Two gauges on one system: so near they agree, in psi; common practice, no source. */
const GAUGES_AGREE = 5 * 6894.757

/** `second gauge says 46`, after what the first said: they agree or they do not. */
function secondGauge({ seen }: Lexicon, weights: Weights, readings: readonly Figure[], bearing: Bearing): Meaning[] {
  const [figure] = readings
  const { nearValue, nearQuantity, units } = bearing
  const test = seen.find(e => e.test.id === 'gauge-agrees')?.test
  if (!test || !weights.of.has('secondgauge') || !figure || figure.value === null) return []
  if (nearQuantity !== 'pressure' || typeof nearValue !== 'number') return []
  const own = figure.value * (figure.perUnit ?? unitsOf('pressure', units)[0]?.perUnit ?? 1)
  const outcome = Math.abs(own - nearValue) <= GAUGES_AGREE ? 'agree' : 'differ'
  const words = new Set(['secondgauge', 'tap', 'gauge', 'pressure', 'hose'])
  return [
    {
      ...scoreOf(words, weights, 0, 1.2),
      test: test.id,
      point: test.point,
      lines: [{ kind: 'observation', test: test.id, outcome }],
    },
  ]
}

/** Inches of mercury that a pump pulls on a sound suction: under them it draws air, over them water does not come. */
const [DRAWS_AIR, DRAWS_HARD] = [4, 22]

/** `vacuum pulls up to 27`: by its inches. Common practice, no source. */
function vacuumOf({ seen }: Lexicon, weights: Weights, readings: readonly Figure[]): Meaning[] {
  const [figure] = readings
  const test = seen.find(e => e.test.id === 'vacuum')?.test
  if (!test || !weights.of.has('vacuum') || !figure || figure.value === null) return []
  const outcome = figure.value < DRAWS_AIR ? 'low' : figure.value > DRAWS_HARD ? 'high' : 'steady'
  const words = new Set(['vacuum', 'gauge', 'pull', 'suction', 'hold', 'reads', 'inch', 'fall', 'up', 'to'])
  return [
    {
      ...scoreOf(words, weights, 0, 1.2),
      test: test.id,
      point: test.point,
      lines: [{ kind: 'observation', test: test.id, outcome }],
    },
  ]
}

/** Which tests a row of three is of, in its order. */
const ROWS: readonly (readonly string[])[] = [
  ['v12', 'v23', 'v31'],
  ['r12', 'r23', 'r31'],
]
/** What is said along with three of a kind. */
const IN_A_ROW = ['three', 'n1', 'n2', 'n3', 'lead', 'leg']
/** From so many on, a row is volts rather than amps; common practice, no source. */
const VOLTS_FROM = 90

function rowMeanings({ read }: Lexicon, weights: Weights, row: readonly Figure[], bearing: Bearing): Meaning[] {
  const most = Math.max(...row.map(f => f.value ?? 0))
  const unit = row[0]?.quantity
  const looksLike = (q: string) => (unit ? unit === q : q === 'volts' ? most >= VOLTS_FROM : most < VOLTS_FROM)
  const sets: ReadEntry[][] = []
  for (const one of read) {
    const { point, variant, quantity } = one.test
    const own = ROWS.find(r => r[0] === variant)
    if (own)
      sets.push(own.flatMap(v =>
        read.filter(e => e.test.point === point && e.test.variant === v && e.test.quantity === quantity).slice(0, 1)))
    if (/^amps1\./.test(one.test.id))
      sets.push(['1', '2', '3'].flatMap(n => read.filter(e => e.test.id === one.test.id.replace('1', n))))
    // of one phase: each leg to ground, then between them
    if (variant === 'l1g')
      sets.push([one, ...['l2g', undefined].flatMap(v =>
        read.filter(e => e.test.point === point && e.test.variant === v && e.test.quantity === 'volts'
          && e.test.condition === 'calling'))])
  }
  const isOfThree = sets.some(s => s[0]?.test.variant === 'v12')
  return sets.flatMap((set, i): Meaning[] => {
    const [one] = set
    if (!one || set.length !== 3 || !looksLike(one.test.quantity)) return []
    if (one.test.variant === 'l1g' && isOfThree) return []
    const place = bestOf(one.places, weights)
    const condition = bestOf(one.conditions, weights)
    const quantity = bestOf(one.quantities, weights)
    if (one.test.condition === 'starting' && !condition) return []
    if (one.test.quantity === 'ohms' && unit !== 'ohms' && !quantity && !place) return []
    const words = new Set([...[place, condition, quantity].flatMap(p => p?.phrase ?? []), ...IN_A_ROW])
    const usual = one.test.point === 'line' ? 0.1 : one.test.point === bearing.near ? 0.05 : 0.25
    return [
      {
        ...scoreOf(words, weights, place || one.test.quantity === 'amps' ? 0.01 * i : usual, 1.5),
        test: one.test.id,
        point: one.test.point,
        quantity: one.test.quantity,
        lines: set.map((e, n) => readingOf(e.test, row[n]!, bearing.units)),
      },
    ]
  })
}
