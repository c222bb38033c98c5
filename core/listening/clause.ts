/** What one clause can mean: the readings, sets of readings and observations of a kind, each with its score. */
import { itemAt } from '#core/foundation'
import { unstaged } from '#core/systems'
import type { Figure } from './figures'
import type { Lexicon, Phrase, SeenEntry, Weights } from './entries'
import { meantBy } from './likened'
import { NOTHING, stageOf, type Bearing, type Meaning } from './meaning'
import { pushRead, readingOf } from './readings'
import { bestOf, isHeard, LEFT_OVER, scoreOf, weigh, type Clause } from './score'
import {
  acrossFilter, atATap, bothLegs, judgedWindings, madeFor, rowMeanings, secondGauge, twoWindings, vacuumOf,
} from './sets'

/** How a thing is, and nothing of which. */
const OF_IT = new Set('burnt loose wet dirt rust sand corroded stuck'.split(' '))
/** Words that say a thing alone, and anything at all in company. */
const COMMON = new Set(
  ('stuck dry noth dead start stop run hold same good bad leak weak !start !stop !hold wire hang make gauge lights zero'
    + ' keeps water loose').split(' '),
)

/** What was done to the power is no finding. */
const DONE = new Set(['shut', 'kill', 'pull', 'flip', 'throw'])

/** Meanings of a clause that explain enough of it, best first. */
export function meaningsOf(lexicon: Lexicon, clause: Clause, bearing: Bearing): Meaning[] {
  const weights = weigh(clause, lexicon)
  const ofAnswers = weigh(clause, lexicon, true)
  const { figures } = clause
  const asked = figures.length > 0 ? figures : sameAgain(weights, bearing)
  const readings = figures.filter(f => f.quantity !== 'time')
  const all: Meaning[] = []
  const row = clause.rows[0] ?? threefold(weights, readings)
  if (row) all.push(...rowMeanings(lexicon, weights, row, bearing))
  if (all.length === 0) {
    if (!isDone(weights))
      for (const [e, ways] of saidBy(weights, lexicon.saidWith))
        pushSeen(all, { ...e, phrases: ways }, ofAnswers, readings, bearing, lexicon)
    if (asked.length > 0 || saysNought(weights))
      for (const e of lexicon.read) pushRead(all, e, weights, asked, bearing, lexicon)
    all.push(...bothLegs(lexicon, weights, readings, bearing),
      ...secondGauge(lexicon, weights, readings, bearing),
      ...vacuumOf(lexicon, weights, readings), ...acrossFilter(lexicon, weights, readings),
      ...atATap(lexicon, weights, readings, bearing),
      ...madeFor(lexicon, weights, readings, bearing),
      ...twoWindings(lexicon, weights, readings, bearing),
      ...judgedWindings(lexicon, weights, readings, bearing))
  }
  const heard = all.filter(isHeard).toSorted((a, b) => b.score - a.score)
  if (row || readings.length > 0 || isDone(weights)) return heard
  const some = [...heard, ...nearly(lexicon, weights, bearing)].toSorted((a, b) => b.score - a.score)
  if (some[0] && some[0].left < LEAVES) return some
  const parts = seenItself(lexicon, clause, bearing)
  return some[0] ? [...parts.filter(m => m.left < 0.05), ...some] : parts
}

/** The answers that may be meant, each with the ways to say it whose foremost word is said. */
function saidBy({ of }: Weights, saidWith: Lexicon['saidWith']): ReadonlyMap<SeenEntry, readonly Phrase[]> {
  const said = new Map<SeenEntry, readonly Phrase[]>()
  for (const word of of.keys())
    for (const [entry, ways] of saidWith.get(word) ?? []) said.set(entry, [...(said.get(entry) ?? []), ...ways])
  return said
}

/** What leaves so much over may have meant something else. */
const LEAVES = 0.35

/** What is seen of a broken part itself, where no look of its own is meant. */
function seenItself(lexicon: Lexicon, clause: Clause, bearing: Bearing): Meaning[] {
  const weights = weigh(clause, { ...lexicon, known: lexicon.partWords })
  const all: Meaning[] = []
  for (const [entry, ways] of saidBy(weights, lexicon.partsWith))
    pushSeen(all, { ...entry, phrases: ways }, weights, [], bearing, lexicon)
  const heard = all.filter(isHeard).map(m => ({ ...m, score: m.score - AFTER_ALL }))
  return heard.toSorted((a, b) => b.score - a.score)
}

/** What has a look of its own comes before. */
const AFTER_ALL = 0.3

/** Of what is said only nearly so less is taken for explained, and something for assumed. */
const [NEARLY, ASSUMED] = [0.8, 0.3]

function nearly({ likeness, hasStages }: Lexicon, weights: Weights, { near }: Bearing): Meaning[] {
  const meant = meantBy(likeness, weights, near)
  if (!meant) return []
  const { covered, left, entry: { test, outcome, staged } } = meant
  if (isOfAnother(test, weights, near)) return []
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
  // `same` and no more is of what it does, and no figure
  if (!of.has('same') || of.size === 1 || nearValue === undefined) return []
  return [{ value: nearValue, perUnit: 1, again: true, ...(nearQuantity ? { quantity: nearQuantity } : {}) }]
}

/** Without a figure only a nought or an open circuit can be read. */
const saysNought = ({ of }: Weights) => of.has('open') || NOTHING.some(w => of.has(w))

/** `all three to ground over 200 meg`, `all three to ground 0.02`: one reading of insulation. */
const isInsulation = (of: Weights['of'], [one]: readonly Figure[]) =>
  of.has('toground') && (of.has('meg') || one?.quantity === 'ohms'
    || (!one?.quantity && !of.has('volt') && !of.has('amp') && (one?.value ?? LEG) < LEG))
/** Less to ground than a live leg has, in volts. */
const LEG = 60

/** What is judged is judged of all lines, but for one that is named, and the circuit of the coil. */
const OF_ONE = ['n1', 'n2', 'n3', 'control', 'coil', 'transformer', 'switch', 'pilot']
/** `239, all three`: the same figure on each. */
function threefold({ of }: Weights, readings: readonly Figure[]): readonly Figure[] | undefined {
  const isOfOneLeg = ['n1', 'n2', 'n3'].filter(n => of.has(n)).length === 1
  const isOfAll = (of.has('three') && !isOfOneLeg) || (readings[0]?.judged && !OF_ONE.some(n => of.has(n)))
  if (!isOfAll || isInsulation(of, readings)) return undefined
  const none: Figure | undefined = of.has('!amp') ? { value: 0, quantity: 'amps' } : undefined
  const [one = none] = readings
  const isOfMegs = (one?.perUnit ?? 1) >= 1e6
  return one && readings.length < 2 && !isOfMegs ? [one, one, one] : undefined
}

const isDone = ({ of }: Weights) =>
  of.has('breaker') && !of.has('trip') && !of.has('atonce') && [...DONE].some(w => of.has(w))

function pushSeen(
  all: Meaning[],
  { test, outcome, phrases, about, staged }: SeenEntry,
  weights: Weights,
  figures: readonly Figure[],
  { expected, near, nearQuantity, units }: Bearing,
  { hasStages, starter, read }: Lexicon,
) {
  // after volts, nothing that comes out is volts
  if (nearQuantity === 'volts' && weights.of.has('outofit')) return
  const best = bestOf(phrases, weights)
  if (!best || isOfAnother(test, weights, near)) return
  // `holds at 63`, `pumped it up, holds`: that is no breaker
  const elsewhere = near !== undefined && !LETS_GO.has(unstaged(near))
  if (best.phrase.length === 1 && isLetGo(test.id) && (elsewhere || figures.length > 0)) return
  // what reads in megohms was read to ground, and not between leads
  if (test.beside === 'ohms' && (weights.of.has('meg') || figures.some(f => (f.perUnit ?? 1) >= 1e6))) return
  const words = new Set(best.phrase)
  const beside = new Set([...about, ...phrases.filter(p => p.every(w => weights.of.has(w))).flat()])
  // a figure beside it was read for something
  const unexplained = figures.filter(f =>
    (f.value !== null || !words.has('ol')) && !(f.quantity && f.quantity === test.beside))
  const ofSwitch = words.has('switch') || near === 'pilot'
  const pilot = starter && test.id === (ofSwitch ? 'starter-look' : 'contacts') && !words.has('starter') ? 0.5 : 0
  const assumed
    = pilot
      + unexplained.reduce((sum, f) => sum + (f.quantity ? 1 : 0.6), 0)
      + stageOf(words, staged, hasStages, weights, near)
  if (isDeniedBesides(weights, words, beside)) return
  const score = scoreOf(words, weights, assumed, 0, beside)
  // one common word says a thing only by itself
  if (best.phrase.length === 1 && COMMON.has(itemAt(best.phrase, 0, 'phrase')) && score.left > 0.3) return
  // `and burnt brown`: of what was spoken of, and of nothing else
  const [only = '', ...more] = best.phrase
  if (more.length === 0 && OF_IT.has(only) && near !== undefined && test.point !== near) return
  const hint = (test.id === expected ? 0.3 : 0) + (test.point === near ? 0.03 : 0)
  all.push({
    ...score,
    score: score.score + hint,
    test: test.id,
    point: test.point,
    lines: [{ kind: 'observation', test: test.id, outcome }, ...stalledAt(test.id, outcome, figures, read, units)],
  })
}

/** `stalls at 56 psi`: that it does, and how high it gets. */
function stalledAt(
  test: string,
  outcome: string,
  figures: readonly Figure[],
  read: Lexicon['read'],
  units: Bearing['units'],
) {
  const gauge = read.find(e => e.test.id === 'peak')?.test
  const figure = figures.find(f => f.value !== null && (f.quantity ?? 'pressure') === 'pressure')
  return test === 'climbs' && outcome === 'stalls' && gauge && figure ? [readingOf(gauge, figure, units)] : []
}

/** `jumped across it`, after the panel switch was spoken of: that is no bridge across the pressure switch. */
function isOfAnother(test: SeenEntry['test'], { of }: Weights, near: string | undefined): boolean {
  // to ground is no reading between leads
  if (test.beside === 'ohms' && of.has('toground')) return true
  // `pushed it and it runs`, after a reset was spoken of
  if (test.id === 'tap-switch' && !of.has('switch') && !of.has('contact'))
    return of.has('tap') || of.has('motor') || ELSEWHERE.has(near ?? '')
  // a contact that was read open, after the overload's was spoken of
  if (test.id === 'switch-seen' && near === 'aux' && !of.has('switch')) return true
  // a wire that is loose in the opened control box is none at the switch
  if (test.id === 'terminals' && near === 'box') return !of.has('switch') && !of.has('motor')
  // at the well head it is the splice
  if (test.id === 'terminals' && near === 'head') return of.has('nut') && !of.has('switch')
  if (test.id === 'bypass' && of.has('float')) return true
  // how it falls is watched with everything off
  if (test.id === 'falls-how' && of.has('run') && !of.has('back')) return true
  // the switch at the panel is none of the pump's
  if (test.id === 'bypass' && near === 'panel' && !OF_PUMP.some(w => of.has(w))) return true
  if (test.id !== 'bypass' || of.has('switch')) return false
  return ELSEWHERE.has(near ?? '') || BRIDGED.some(w => of.has(w))
}

const isLetGo = (test: string) => unstaged(test) === 'let-go'
/** Points of what lets go, and of what is taken off to see whether it still does. */
const LETS_GO = new Set(
  'breaker supply fuse overload load line motor head leads box lead switch poles windings cable'.split(' '),
)

/** Points of things that are bridged as well, and are not the pressure switch. */
const ELSEWHERE = new Set('panel fuse aux overload thermal disconnect breaker relay centrifugal protector'.split(' '))

const OF_PUMP = ['pressure', 'head', 'psi']
/** Words for them. */
const BRIDGED = ['relay', 'fuse', 'overload', 'auxcontact', 'thermal', 'startswitch', 'capacitor', 'cap']

/** `lever won't stay on auto`: what is denied and not taken up may deny the whole. */
const isDeniedBesides = ({ of }: Weights, words: ReadonlySet<string>, beside: ReadonlySet<string>): boolean =>
  [...of.keys()].some(w => w.startsWith('!') && !words.has(w) && !beside.has(w))
