/** Several figures of one go, and figures that are an answer: both legs, a row of three, a second gauge, a vacuum. */
import { unstaged, type SeenTest } from '#core/systems'
import { unitsOf } from '#core/units'
import type { Figure } from './figures'
import type { Lexicon, ReadEntry, Weights } from './entries'
import type { Bearing, Meaning } from './meaning'
import { fits, readingOf } from './readings'
import { bestOf, scoreOf } from './score'

/** Each leg to ground, said in one: `both load legs 120 to ground`. */
export function bothLegs(
  { read }: Lexicon,
  weights: Weights,
  readings: readonly Figure[],
  bearing: Bearing,
): Meaning[] {
  const [figure] = readings
  const [first] = read
  // on each leg, where there are two; of three it is said to be to ground
  const isOfThree = read.some(e => e.test.variant === 'l3g')
  const isNamed = ['n1', 'n2', 'n3'].some(n => weights.of.has(n))
  const ofEach = weights.of.has('three') && !isNamed && (!isOfThree || weights.of.has('toground'))
  if (!(weights.of.has('bothlegs') || ofEach) || !figure || !first || !fits(figure, first.test)) return []
  // of three legs, where none was read before: at the starter
  const isNear = read.some(e => e.test.point === bearing.near && e.test.variant === 'l1g')
  const at = isNear || !isOfThree ? bearing.near : 'line'
  return read.flatMap((one) => {
    const others = ['l2g', 'l3g'].flatMap(v =>
      read.find(e => e.test.point === one.test.point && e.test.variant === v) ?? [])
    if (one.test.variant !== 'l1g' || others.length === 0) return []
    const place = bestOf(one.places, weights)
    if (!place && one.test.point !== at) return []
    const words = new Set([...(place?.phrase ?? []), 'bothlegs', 'three', 'toground', 'leg', 'lead', 'line'])
    return [
      {
        ...scoreOf(words, weights, (place ? 0 : 0.12) + (one.staged && !weights.of.has('well') ? 0.2 : 0), 0.7),
        test: one.test.id,
        point: one.test.point,
        quantity: 'volts' as const,
        lines: [one, ...others].map(e => readingOf(e.test, figure, bearing.units)),
      },
    ]
  })
}

/** `windings 2.3 and 6.1`: of two with no name the main one is the lower; handbook §4. */
export function twoWindings(
  { read }: Lexicon,
  weights: Weights,
  readings: readonly Figure[],
  { units }: Bearing,
): Meaning[] {
  const [main, start] = ['by', 'ry'].map(v => read.find(e => !e.staged && e.test.variant === v))
  const [low, high] = readings.toSorted((a, b) => (a.value ?? Infinity) - (b.value ?? Infinity))
  if (!main || !start || !low || !high || readings.length !== 2 || low.value === null) return []
  const named = [...main.variants, ...start.variants].some(p => p.every(w => weights.of.has(w)))
  if (!weights.of.has('winding') || named || readings.some(f => !fits(f, main.test))) return []
  const words = new Set(['winding', 'motor', 'good', 'lead', 'ohm', 'both'])
  return [
    {
      ...scoreOf(words, weights, 0, 2.4),
      test: main.test.id,
      point: main.test.point,
      quantity: 'ohms',
      lines: [readingOf(main.test, low, units), readingOf(start.test, high, units)],
    },
  ]
}

/** `ohms match the chart`: of all windings there are. */
export function judgedWindings(
  { read }: Lexicon, weights: Weights, [figure]: readonly Figure[], { units }: Bearing,
): Meaning[] {
  if (!figure?.judged) return []
  const all = read.filter(e => e.test.point === 'leads' && OF_WINDINGS.test(e.test.variant ?? ''))
  const [first] = all
  if (!first || !fits(figure, first.test)) return []
  const named = all.some(e => e.variants.some(p => p.every(w => weights.of.has(w))))
  if (named) return []
  const words = new Set(['winding', 'motor', 'good', 'lead', 'ohm', 'both', 'three'])
  return [
    {
      ...scoreOf(words, weights, 0, 2.4),
      test: first.test.id,
      point: first.test.point,
      quantity: 'ohms',
      lines: all.map(e => readingOf(e.test, figure, units)),
    },
  ]
}
const OF_WINDINGS = /^(?:by|ry|r\d\d)$/

/** That figures come to an answer of a test that is seen, by these words and so much besides. */
function observed(
  test: SeenTest, outcome: string, weights: Weights, words: ReadonlySet<string>, besides: number,
): Meaning[] {
  const lines = [{ kind: 'observation', test: test.id, outcome } as const]
  return [{ ...scoreOf(words, weights, 0, besides), test: test.id, point: test.point, lines }]
}

/** Two gauges on one system: so near they agree, in psi; common practice, no source. */
const GAUGES_AGREE = 5 * 6894.757

/** `second gauge says 46`, after what the first said: they agree or they do not. */
export function secondGauge(
  { seen }: Lexicon,
  weights: Weights,
  readings: readonly Figure[],
  bearing: Bearing,
): Meaning[] {
  const [figure] = readings
  const { nearValue, nearQuantity, units } = bearing
  const test = seen.find(e => e.test.id === 'gauge-agrees')?.test
  if (!test || !weights.of.has('secondgauge') || !figure || figure.value === null) return []
  if (nearQuantity !== 'pressure' || typeof nearValue !== 'number') return []
  const own = figure.value * (figure.perUnit ?? unitsOf('pressure', units)[0]?.perUnit ?? 1)
  const outcome = Math.abs(own - nearValue) <= GAUGES_AGREE ? 'agree' : 'differ'
  const words = new Set(['secondgauge', 'tap', 'gauge', 'pressure', 'hose'])
  return observed(test, outcome, weights, words, 1.2)
}

/** Inches of mercury that a pump pulls on a sound suction: under them it draws air, over them water does not come. */
const [DRAWS_AIR, DRAWS_HARD] = [4, 22]

/** `vacuum pulls up to 27`: by its inches. Common practice, no source. */
export function vacuumOf({ seen }: Lexicon, weights: Weights, readings: readonly Figure[]): Meaning[] {
  const [figure] = readings
  const test = seen.find(e => e.test.id === 'vacuum')?.test
  if (!test || !weights.of.has('vacuum') || !figure || figure.value === null) return []
  const outcome = figure.value < DRAWS_AIR ? 'low' : figure.value > DRAWS_HARD ? 'high' : 'steady'
  const words = new Set(['vacuum', 'gauge', 'pull', 'suction', 'hold', 'reads', 'inch', 'fall', 'up', 'to'])
  return observed(test, outcome, weights, words, 1.2)
}

/** What is left of the pressure behind a filter that lets water through, as a share; common practice, no source. */
const PASSES = 0.75

/** `48 before the filter and 8 after it`: strong ahead of it, weak behind it; or the same on both sides. */
export function acrossFilter({ seen }: Lexicon, weights: Weights, readings: readonly Figure[]): Meaning[] {
  const test = seen.find(e => e.test.id === 'tank-tap')?.test
  const [ahead, behind] = readings
  const has = (word: string) => weights.of.has(word)
  const isNamed = ['strainer', 'reduc', 'reducer', 'prv'].some(has)
  const isFilter = isNamed && has('before') && has('after') && !has('inlet') && !has('suction')
  if (!test || !isFilter || readings.length !== 2 || !ahead?.value || behind?.value == null) return []
  if (readings.some(f => f.quantity !== undefined && f.quantity !== 'pressure')) return []
  const outcome = behind.value < PASSES * ahead.value ? 'only' : 'both'
  const words = new Set([
    'strainer', 'reduc', 'reducer', 'prv', 'before', 'after', 'hous', 'tap', 'run', 'calling', 'gauge', 'and', 'only',
  ])
  return observed(test, outcome, weights, words, 1.6)
}

/** `18 at the kitchen`, after the gauge at the tank: what is between them lets it through or does not. */
export function atATap({ seen }: Lexicon, weights: Weights, readings: readonly Figure[], bearing: Bearing): Meaning[] {
  const test = seen.find(e => e.test.id === 'tank-tap')?.test
  const [figure] = readings
  const { nearValue, nearQuantity, units } = bearing
  if (!test || !weights.of.has('indoor') || readings.length !== 1 || !figure?.value) return []
  if (nearQuantity !== 'pressure' || typeof nearValue !== 'number') return []
  if (figure.quantity !== undefined && figure.quantity !== 'pressure') return []
  const own = figure.value * (figure.perUnit ?? unitsOf('pressure', units)[0]?.perUnit ?? 1)
  const words = new Set(['indoor', 'tap', 'gauge', 'pressure', 'secondgauge', 'only', 'hous'])
  return observed(test, own < PASSES * nearValue ? 'only' : 'both', weights, words, 1.6)
}

/** Which tests a row of three is of, in its order. */
const ROWS: readonly (readonly string[])[] = [
  ['v12', 'v23', 'v31'],
  ['l1g', 'l2g', 'l3g'],
  ['r12', 'r23', 'r31'],
]
/** What is said along with three of a kind. */
const IN_A_ROW = ['three', 'n1', 'n2', 'n3', 'lead', 'leg']
/** From so many on, a row is volts rather than amps; common practice, no source. */
const VOLTS_FROM = 90

export function rowMeanings({ read }: Lexicon, weights: Weights, row: readonly Figure[], bearing: Bearing): Meaning[] {
  const most = Math.max(...row.map(f => f.value ?? 0))
  const unit = row[0]?.quantity
  const looksLike = (q: string) => (unit ? unit === q : q === 'volts' ? most >= VOLTS_FROM : most < VOLTS_FROM)
  const sets: ReadEntry[][] = []
  const toGround = weights.of.has('toground') && read.some(e => e.test.variant === 'l3g')
  for (const one of read) {
    const { point, variant, quantity } = one.test
    const own = ROWS.find(r => r[0] === variant)
    // volts of three legs are to ground or between them, as it was said
    const isBarred = quantity === 'volts' && (variant === 'v12' ? toGround : variant === 'l1g' && !toGround)
    if (own && !isBarred)
      sets.push(own.flatMap(v =>
        read.filter(e => e.test.point === point && e.test.variant === v && e.test.quantity === quantity).slice(0, 1)))
    if (/^amps1\./.test(one.test.id))
      sets.push(['1', '2', '3'].flatMap(n => read.filter(e => e.test.id === one.test.id.replace('1', n))))
    // of one phase: each leg to ground, then between them, which is never the same figure
    if (variant === 'l1g' && !row.every(f => f === row[0]))
      sets.push([one, ...['l2g', undefined].flatMap(v =>
        read.filter(e => e.test.point === point && e.test.variant === v && e.test.quantity === 'volts'
          && e.test.condition === 'calling'))])
  }
  const isOfThree = !toGround && sets.some(s => s[0]?.test.variant === 'v12')
  return sets.flatMap((set, i): Meaning[] => {
    const [one] = set
    if (!one || set.length !== 3 || !looksLike(one.test.quantity)) return []
    if (one.test.variant === 'l1g' && isOfThree) return []
    const place = bestOf(one.places, weights)
    const condition = bestOf(one.conditions, weights)
    const quantity = bestOf(one.quantities, weights)
    if (one.test.condition === 'starting' && !condition) return []
    // `motor's at 9.9, 3.1, 9.8`: amps, unless leads are named
    const ofLeads = place?.phrase.some(w => w !== 'motor' && w !== 'pump')
    const isBetween = weights.of.has('leadtolead')
    if (one.test.quantity === 'ohms' && unit !== 'ohms' && !quantity && !ofLeads && !isBetween) return []
    if (one.test.quantity === 'amps' && isBetween) return []
    const parts = [place, condition, quantity].flatMap(p => p?.phrase ?? [])
    const words = new Set([...parts, ...IN_A_ROW, 'leadtolead', ...(toGround ? ['toground', 'line'] : [])])
    const usual = one.test.point === 'line' ? 0.1 : one.test.point === bearing.near ? 0.05 : 0.25
    return [
      {
        ...scoreOf(words, weights, place || one.test.quantity === 'amps' ? 0.01 * i : usual, 1.5),
        test: one.test.id,
        point: one.test.point,
        quantity: one.test.quantity,
        lines: set.flatMap((e, n) => row.slice(n, n + 1).map(f => readingOf(e.test, f, bearing.units))),
      },
    ]
  })
}

/** So far off what feeds it, sagged as that may be, a figure on a part is another; common practice, no source. */
const [LEAST_OF_FEED, MOST_OF_FEED] = [0.62, 1.6]
const MADE_FOR = [['coil', 'coil-figure'], ['links', 'links']] as const

/** `coil stamped 240`, after the volts that feed it were read: the right one or not. */
export function madeFor(
  { seen }: Lexicon,
  { of, ...weights }: Weights,
  readings: readonly Figure[],
  { fed }: Bearing,
): Meaning[] {
  const [figure] = readings
  if (!of.has('printedfor') || !figure?.value) return []
  return MADE_FOR.flatMap(([word, id]) => {
    const test = seen.find(e => unstaged(e.test.id) === id)?.test
    // of a coil it is said where it is the wrong one
    if (!test || !of.has(word) || (!fed && word !== 'coil')) return []
    const share = fed ? figure.value! / fed : 0
    const outcome = share > LEAST_OF_FEED && share < MOST_OF_FEED ? 'right' : 'wrong'
    const words = new Set(['printedfor', word, 'volt', 'motor'])
    return observed(test, outcome, { of, ...weights }, words, 1.2)
  })
}
