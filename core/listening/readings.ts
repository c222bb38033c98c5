/** Readings: a figure, a nought or an OL at a place, with what has to be assumed where not all of it is said. */
import { unstaged, type NumericTest } from '#core/systems'
import type { DraftLine } from '#core/tab'
import { unitsOf, type Units } from '#core/units'
import { TESTER, type Figure } from './figures'
import type { Lexicon, ReadEntry, Weights } from './entries'
import { NOTHING, stageOf, type Bearing, type Meaning } from './meaning'
import { bestOf, scoreOf } from './score'

export function pushRead(
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
  // `L3 is dead`: of a line that is numbered volts are meant
  const isNumbered = ['n1', 'n2', 'n3'].some(n => weights.of.has(n))
  const ofAmps = saidQuantity(weights).includes('amps') || bearing.nearQuantity === 'amps'
  if (!own && test.quantity === 'amps' && isNumbered && !ofAmps) return
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
  // ohms of no place are those of the first part only where nothing else is named
  if (test.quantity === 'ohms' && !said.placed && score.left > 0.3) return
  // a nought is said by few words: `swapped nothing yet` is none
  if (!own && score.left > MOST_BESIDE_NOUGHT) return
  const hint = (test.id === bearing.expected ? 0.4 : 0) + (test.quantity === bearing.nearQuantity ? 0.08 : 0)
  all.push({
    ...score,
    score: score.score + hint,
    test: test.id,
    point: test.point,
    quantity: test.quantity,
    lines: [readingOf(test, own ? inOhms(toldOf(own, entry), test, bearing) : { value: isOpen ? null : 0 },
      bearing.units)],
  })
}

/** `300 ohms to ground`, `still 300 to ground`: the unit goes on. */
const inOhms = (figure: Figure, { id, quantity }: NumericTest, { nearTest, nearValue }: Bearing): Figure =>
  (quantity === 'ohms' && id === nearTest && !figure.quantity && nearValue && nearValue < PLAIN_OHMS
    ? { ...figure, perUnit: 1 }
    : figure)
/** What is told in ohms to ground is no insulation to speak of. */
const PLAIN_OHMS = 1e4

/** What a tester tells is less on a battery. */
const toldOf = (figure: Figure, { vehicle }: ReadEntry): Figure =>
  (figure.live && vehicle ? { ...figure, value: TESTER.vehicle } : figure)

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
const [MAINS, MOST_OF_A_LEG, MOST_CLAMPED] = [90, 500, 60]

/** So few volts of the mains are told with their unit, or where they were read; judgement, no source. */
const LEAST_BARE_VOLTS = 60
const OF_CONTROL: ReadonlySet<string> = new Set(['coil', 'pilot', 'control', 'aux', 'contacts', 'poles'])

const MAINS_LEGS = { low: 225, high: 250 }

const isInsulation = ({ probe }: NumericTest) => 'insulation' in probe && probe.insulation === true

export function fits(f: Figure, test: NumericTest): boolean {
  if (f.judged && test.quantity === 'pressure') return test.band === 'precharge'
  if (f.judged && f.quantity === 'ohms')
    return test.quantity === 'ohms' && ((f.perUnit ?? 1) >= 1e6) === isInsulation(test)
  if (f.judged) return f.quantity === test.quantity
  if (f.value === null) return test.quantity === 'ohms' || test.quantity === 'farads'
  const insulation = isInsulation(test)
  if (f.quantity === 'ohms' && (f.perUnit ?? 1) >= 1e6 && test.quantity === 'ohms') return insulation
  if (f.quantity !== undefined) return f.quantity === test.quantity
  if (test.quantity === 'ohms' && !insulation && f.value > MOST_BARE_OHMS) return false
  if (test.quantity === 'amps' && f.value > MOST_BARE_AMPS) return false
  // of no unit, and as high as the mains between two legs: volts
  if (test.quantity === 'pressure' && f.value >= MAINS_LEGS.low && f.value <= MAINS_LEGS.high) return false
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
  // pressure that fell by so much is told with its time, or as what was lost
  if (unstaged(test.id) === 'leak-down' && figure && !figure.quantity && !saysLeak(weights)) return undefined
  const other = saidQuantity(weights)
  if (other.length > 0 && !other.includes(test.quantity)) return undefined
  const place = bestOf(places, weights)
  const variant = bestOf(variants, weights)
  // what is read to ground is read nowhere else
  if (weights.of.has('toground') && !readsToGround(test, variant?.phrase)) return undefined
  // `windings good`: of all there are (sets.ts), and not across the two
  if (figure?.judged && test.variant === 'rb' && variant?.phrase.join() === 'winding') return undefined
  // wires by themselves are read where they are named
  if (isOfWire(test) && !weights.of.has(unstaged(test.id).split('.')[0]!)) return undefined
  // `0.1 ohm between them, nothing to ground`: two things
  const isTwofold = test.variant === 'ground' && figure?.value && NOTHING.some(w => weights.of.has(w))
  if (isTwofold) return undefined
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
  const isBare = !figure?.quantity && !quantity
  if (vehicle && isBare && ['ohms', 'amps'].includes(test.quantity) && isOfBattery(figure)) return undefined
  // what is lost across contacts is not what stands behind them
  if (test.id === 'pilot.volts' && (weights.of.has('drop') || weights.of.has('acrossdrop'))) return undefined
  // no hand clamps so much without a word of amps
  if (test.quantity === 'amps' && isBare && !place && (figure?.value ?? 0) > MOST_CLAMPED) return undefined
  if ((test.condition === 'splice' || test.variant === 'between') && !variant) return undefined
  // at rest and as it runs are two readings
  const running = test.condition === 'running' || test.condition === 'calling'
  if (running && test.point !== 'inlet' && saysRest(weights)) assumed += 1.5
  // a line named by its number, and nothing to ground: volts that are missing, not insulation that is sound
  const numbered = ['n1', 'n2', 'n3'].some(n => weights.of.has(n)) && !weights.of.has('lead')
  if (test.variant === 'ground' && numbered && !figure && !quantity) assumed += 0.6
  // bare figures after volts are volts
  const goesOn = bearing.nearQuantity === 'volts' && figure?.value !== null && figure?.quantity === undefined
  if (test.variant === 'ground' && figure && goesOn && !quantity) assumed += 0.6
  // 120 to ground, and nothing named: a leg
  const isLeg = (figure?.value ?? 0) >= MAINS && (figure?.value ?? 0) < MOST_OF_A_LEG
  if (test.variant === 'ground' && isLeg && !figure?.quantity && !quantity && test.point !== near) return undefined
  const pair = test.variant !== undefined && /^[vr]\d\d$/.test(test.variant)
  const ofLeads = weights.of.has('lead') || weights.of.has('wind') || quantity !== undefined
  if (pair && test.quantity === 'ohms' && !ofLeads && !figure?.quantity) assumed += 0.4
  // gallons a minute are said, and so are amps beyond those of any motor that is clamped by hand
  if (test.quantity === 'flow' && figure && !figure.quantity && !quantity)
    assumed += (figure.value ?? 0) > MOST_BARE_GALLONS ? 3 : 0.7
  if (test.quantity === 'amps' && !figure?.quantity && !quantity && (figure?.value ?? 0) > MOST_CLAMPED) assumed += 0.3
  // after volts a bare figure is volts
  if (['ohms', 'pressure'].includes(test.quantity) && bearing.nearQuantity === 'volts' && isBare) assumed += 0.8
  // what it falls to is of what was read
  const falls = isBare && weights.of.has('fall') && bearing.nearQuantity !== undefined
  if (falls && bearing.nearQuantity !== test.quantity) assumed += 2
  // after ohms a bare figure is ohms
  if (test.quantity === 'amps' && bearing.nearQuantity === 'ohms' && !figure?.quantity && !quantity) assumed += 0.5
  // what is hardly volts at all, at a place that only a small word names
  const bare = figure?.value ?? 0
  const small = place?.phrase.every(w => (weights.of.get(w) ?? 1) < 0.5) ?? false
  if (test.quantity === 'volts' && small && !figure?.quantity && !quantity && bare > 2 && bare < MAINS && !vehicle)
    assumed += 1.5
  // and at no place at all is none of the mains
  const isOdd = isBare && bare > 0.01 && bare < LEAST_BARE_VOLTS && !vehicle && !OF_CONTROL.has(test.point)
  if (test.quantity === 'volts' && isOdd && !place && !OF_A_LEG.test(test.variant ?? '')) return undefined
  // across the relay's contact is across none of the switch's
  if (test.point === 'poles' && weights.of.has('relay')) return undefined
  // `12.9 at the switch` of a vehicle is in front of it, `0.4 at the switch` across it
  const ofSwitch = vehicle && place?.phrase.join(' ') === 'switch' && (figure?.value ?? 0) > MOST_ACROSS
  if (ofSwitch && test.point === 'poles') return undefined
  if (!ofSwitch && test.point === 'line' && vehicle && place?.phrase.join(' ') === 'switch') return undefined
  // of what is fed, and not of what is clamped
  const ofMains = isBare && (figure?.value ?? 0) >= MAINS && test.condition !== 'starting'
  if (test.quantity === 'amps' && ofMains && bearing.nearQuantity !== 'amps') return undefined
  // `nothing's coming in`: of what, is not said
  const onlyIn = place?.phrase.every(w => (weights.of.get(w) ?? 1) < 0.5) ?? false
  if (!figure && onlyIn && !quantity && bearing.nearQuantity !== test.quantity) return undefined
  if (place) return { assumed, placed: true }
  const ofLine = pair === true || OF_A_LEG.test(test.variant ?? '')
  if (ofLine && variant && test.point === 'line' && test.quantity === 'volts')
    return { assumed: assumed + (test.point === near ? 0.12 : 0.3), placed: true }
  if (variant && test.variant && test.point !== near && ['pressure', 'time', 'ohms'].includes(test.quantity))
    return { assumed: assumed + (isLikeAt(test.point, near) ? OTHER_PUMP : 0.05), placed: true }
  // what is named, and is not there, is somewhere else
  if (ELSEWHERE.some(w => weights.of.has(w) && !words.has(w))) return undefined
  // `stuck a 64 in`: of what was spoken of before only where nothing else is said of it
  if (test.point === near && isBare && bare > 0 && leftOver(weights, words) >= ELSE) return undefined
  if (test.point === near) return { assumed: assumed + 0.12, placed: variant !== undefined }
  // a battery is the one thing that is read at rest
  if (test.point === 'battery' && test.condition === 'idle' && figure?.value)
    return { assumed: assumed + 0.3, placed: false }
  const unmistakable = figure?.quantity !== undefined && figure.quantity === test.quantity
    && test.quantity !== 'volts' && test.quantity !== 'time'
  const denied = NOTHING.find(w => w.startsWith('!') && weights.of.has(w))?.slice(1)
  // volts of no place are those that the machine is fed with, as it starts or runs
  const isVolts = quantity !== undefined || figure?.quantity === 'volts'
  if (test.quantity === 'volts' && test.point === 'line' && first && isVolts && test.condition !== 'idle')
    return { assumed: assumed + (condition ? 0.5 : 0.7), placed: false }
  // how long it is from start to start is told by `every`, and not by what something takes
  const isTold = test.quantity !== 'volts' && (test.variant !== 'cycle' || weights.of.has('every'))
  const named = isTold && (quantity !== undefined || (denied && test.quantity.startsWith(denied)))
  if (foremost && (unmistakable || named)) return { assumed: assumed + 0.25, placed: false }
  return undefined
}

const isOfWire = ({ probe, condition }: NumericTest) => probe.ask === 'part' && condition === 'leads-off'

/** Of two pumps it is the one that was spoken of; judgement, no source. */
const OTHER_PUMP = 0.3
const isLikeAt = (point: string, near: string | undefined) =>
  near !== undefined && point !== near && unstaged(point) === unstaged(near)

/** Words that weigh so much say something else. */
const ELSE = 0.7
const leftOver = ({ of }: Weights, words: ReadonlySet<string>): number => {
  let sum = 0
  for (const [word, weight] of of) if (!words.has(word) && !COURSES.includes(word)) sum += weight
  return sum
}

/** More than so many volts stand across no contact that passes current; common practice, no source. */
const MOST_ACROSS = 6

const ELSEWHERE = 'switch starter box breaker fuse float battery transformer control disconnect'.split(' ')

const saysLeak = ({ of }: Weights) => ['leak', 'tminutes', 'pressure', 'hold', 'gauge'].some(w => of.has(w))

/** Volts of a leg, or ohms of insulation. */
const readsToGround = ({ variant, quantity, point }: NumericTest, said: readonly string[] | undefined): boolean =>
  variant === 'ground' || said?.includes('toground') === true || (quantity === 'volts' && (OF_A_LEG.test(variant ?? '')
    || ['motor', 'return'].includes(point)))
const OF_A_LEG = /^l[123]g$/

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
export function readingOf(test: NumericTest, figure: Figure, units: Units): DraftLine {
  const { value, spread, bound, perUnit, judged } = figure
  if (judged) return { kind: 'reading', test: test.id, value: null, judged }
  const insulation = test.quantity === 'ohms' && test.variant === 'ground' && test.probe.ask === 'ohms'
  const own = perUnit ?? (insulation && value !== 0 ? 1e6 : unitsOf(test.quantity, units)[0].perUnit)
  if (value === null) return { kind: 'reading', test: test.id, value: null, ol: true }
  return {
    kind: 'reading',
    test: test.id,
    value: value * own,
    ...(spread ? { spread: spread * own } : {}),
    ...(bound ? { bound } : {}),
  }
}
