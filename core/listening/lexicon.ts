/**
 * What can be said of a kind, derived from it: each answer of each test with its phrases, each reading with the ways
 * its place, lead, condition and quantity are said. Made once for a kind.
 */
import {
  pointOf,
  SEEN_ITSELF,
  SEEN_PARTS,
  unstaged,
  type NumericTest,
  type SeenPart,
  type SeenTest,
  type SystemKind,
  type Test,
} from '#core/systems'
import type { Lexicon, Phrase, ReadEntry, SeenEntry } from './entries'
import { likenessOf } from './likened'
import { CONDITIONS, PLACES, QUANTITY_WORDS, STARTER_PLACES, VARIANTS, VEHICLE_PLACES } from './places'
import { SAID, THINGS } from './said'
import { join } from './joining'
import { wordsOf } from './words'

const kept = new WeakMap<SystemKind, Lexicon>()

export function lexiconOf(kind: SystemKind): Lexicon {
  const before = kept.get(kind)
  if (before) return before
  const hasStages = kind.components.some(c => unstaged(c.id) !== c.id)
  const isStaged = (t: Test) => hasStages && unstaged(t.id) !== t.id
  const all = kind.tests.flatMap(t => (t.kind === 'seen' ? seenEntries(kind, t, isStaged(t)) : []))
  const seen = apart(all.filter(e => e.test.id !== SEEN_ITSELF))
  const read = kind.tests.flatMap(t => (t.kind === 'numeric' ? [readEntry(kind, t, isStaged)] : []))
  const known = new Set([
    ...seen.flatMap(e => e.phrases.flat()),
    ...read.flatMap(e => [...e.places, ...e.variants, ...e.conditions, ...e.quantities].flat()),
  ])
  const starter = kind.tests.some(t => t.id === 'starter-look')
  const subjects = new Set(read.flatMap(e => e.places.flat()).filter(w => isWhole(w) && !ANYWHERE.has(w)))
  const tells = tellsOf(seen, read)
  const saidWith = saidWithOf(seen, tells)
  const likeness = likenessOf(seen.map(e => ({ ...e, phrases: e.phrases.slice(0, e.own) })))
  const parts = all.filter(e => e.test.id === SEEN_ITSELF)
  const partWords = new Set([...known, ...parts.flatMap(e => e.phrases.flat())])
  const partsWith = saidWithOf(parts, tellsOf(parts, []))
  const readWords = new Set(read.flatMap(e => [...e.places, ...e.variants, ...e.conditions, ...e.quantities].flat()))
  const company = companyOf(seen, tells, readWords)
  const fresh = {
    company, seen, saidWith, read, known, tells, hasStages, starter, subjects, likeness, partsWith, partWords,
  }
  kept.set(kind, fresh)
  return fresh
}

const [LEAST_TELLS, MOST_TELLS] = [0.4, 1.35]
/** A word only of the tables of things: how a thing is may be said in passing too. Judgement, no source. */
const OF_A_THING = 0.6

/** Inverse document frequency, as it is used in looking up texts: a document is all that one test is said with. */
function tellsOf(seen: readonly SeenEntry[], read: readonly ReadEntry[]): ReadonlyMap<string, number> {
  const documents = new Map<string, Set<string>>()
  const put = (id: string, words: Iterable<string>) => {
    const own = documents.get(id) ?? new Set<string>()
    documents.set(id, own)
    for (const w of words) own.add(w.replace('!', ''))
  }
  for (const e of seen) put(e.test.id, e.phrases.slice(0, e.own).flat())
  for (const e of read) put(e.test.point, [...e.places, ...e.variants].flat())
  const count = new Map<string, number>()
  for (const words of documents.values()) for (const w of words) count.set(w, (count.get(w) ?? 0) + 1)
  const most = Math.log(documents.size)
  const share = (n: number) => (most - Math.log(n)) / most
  const others = new Set(seen.flatMap(e => e.phrases.slice(e.own).flat()).map(w => w.replace('!', '')))
  return new Map([
    ...[...others].map(w => [w, OF_A_THING] as const),
    ...[...count].map(([w, n]) => [w, LEAST_TELLS + (MOST_TELLS - LEAST_TELLS) * share(n)] as const),
  ])
}

/** The ways to say a thing that a word has company in; none where it says something by itself, or of a reading. */
function companyOf(seen: readonly SeenEntry[], tells: ReadonlyMap<string, number>, alone: ReadonlySet<string>) {
  const company = new Map<string, { words: Phrase, weight: number }[]>()
  const single = new Set(seen.flatMap(e => e.phrases.filter(p => p.length === 1).flat()))
  const all = new Map(seen.flatMap(e => e.phrases.map(p => [p.join(' '), p] as const)))
  for (const words of all.values()) {
    const weight = words.reduce((sum, w) => sum + (tells.get(w.replace('!', '')) ?? 1), 0)
    for (const w of words) {
      if (single.has(w) || alone.has(w)) continue
      const own = company.get(w)
      if (own) own.push({ words, weight })
      else company.set(w, [{ words, weight }])
    }
  }
  return company
}

/** Each way to say a thing stands under the word of it that tells most: a clause without that word cannot mean it. */
function saidWithOf(
  seen: readonly SeenEntry[],
  tells: ReadonlyMap<string, number>,
): Lexicon['saidWith'] {
  const under = new Map<string, Map<SeenEntry, Phrase[]>>()
  const weight = (w: string) => tells.get(w.replace('!', '')) ?? 0
  for (const entry of seen)
    for (const phrase of entry.phrases) {
      const key = phrase.reduce((best, w) => (weight(w) > weight(best) ? w : best))
      const own = under.get(key) ?? new Map<SeenEntry, Phrase[]>()
      under.set(key, own.set(entry, [...(own.get(entry) ?? []), phrase]))
    }
  return under
}

/** What the catalogue says, kinds have in common. */
const phrases = new Map<string, Phrase>()

export function phraseOf(said: string): Phrase {
  const before = phrases.get(said)
  if (before) return before
  const fresh = [...new Set(wordsOf(join(said)).flatMap(w => (w.filler ? [] : [w.means])))]
  phrases.set(said, fresh)
  return fresh
}

/** Where a thing is matters for a place; of an answer it is left out. */
const PREPOSITIONS = new Set('into behind across past ahead through after before below to'.split(' '))

function answersOf(said: readonly Phrase[]): Phrase[] {
  const all = said.map(p => p.filter(w => !PREPOSITIONS.has(w)))
  return distinct(all.filter(p => p.some(isWhole)))
}

const phrasesOf = (said: readonly string[]): Phrase[] => distinct(said.map(phraseOf).filter(p => p.length > 0))

/** A whole word's worth, not only `on` or `after a while`. */
const isWhole = (word: string) => (wordsOf(word)[0]?.weight ?? 1) >= 1

function distinct(all: readonly Phrase[]): Phrase[] {
  return [...new Map(all.map(p => [p.toSorted().join(' '), p])).values()]
}

function seenEntries(kind: SystemKind, test: SeenTest, staged: boolean): SeenEntry[] {
  const id = staged ? unstaged(test.id) : test.id
  const said = SAID[id] ?? {}
  // the points of a starter are said like those of a switch
  const alike = id === 'starter-look' ? SAID['contacts'] : undefined
  const entries = test.outcomes.map((o) => {
    // an id alone may be the name of a thing: `cable` for “the cable is down”
    const names = [...o.words.slice(1), o.label]
    const derived = test.words.flatMap(w => names.map(s => `${w} ${s}`))
    const whole = [...(said[o.id] ?? []), ...(alike?.[o.id] ?? []), ...derived].map(phraseOf)
    const own = answersOf([...whole, ...saidOfPart(unstaged(o.id))])
    const phrases = distinct([...own, ...answersOf(saidOfThing(id, o.id))])
    const { length } = own
    return { test, outcome: o.id, label: o.label, phrases, own: length, staged: staged || unstaged(o.id) !== o.id }
  })
  const about = saidOfSeveral(entries.map(e => new Set(e.phrases.flat())))
  return entries.map(e => ({ ...e, about }))
}

/** A part and what is wrong with it: each with each. */
function saidOfPart(fault: string): Phrase[] {
  const part = (SEEN_PARTS as Readonly<Record<string, SeenPart | undefined>>)[fault]
  if (!part) return []
  return [...eachWithEach(part.what, part.how), ...(part.or ?? []).map(phraseOf)]
}

/** A thing that is looked at and how it is. */
function saidOfThing(test: string, outcome: string): Phrase[] {
  const thing = THINGS[test]
  return thing ? eachWithEach(thing.what, thing.is[outcome] ?? []) : []
}

function eachWithEach(what: readonly string[], how: readonly string[]): Phrase[] {
  const all = how.map(phraseOf).filter(p => p.some(w => !PREPOSITIONS.has(w)))
  return what.map(phraseOf).flatMap(w => all.map(h => [...new Set([...w, ...h])]))
}

/** Of things and how they are, what may as well be said of another, or says too little, is left out. */
function apart(seen: readonly SeenEntry[]): SeenEntry[] {
  const keyOf = (e: SeenEntry, p: Phrase) => `${e.staged} ${p.toSorted().join(' ')}`
  const saidBy = new Map<string, number>()
  for (const e of seen) for (const p of e.phrases) saidBy.set(keyOf(e, p), (saidBy.get(keyOf(e, p)) ?? 0) + 1)
  const isOnes = (e: SeenEntry, p: Phrase) => p.length > 1 && saidBy.get(keyOf(e, p)) === 1
  return seen.map(e => ({ ...e, phrases: e.phrases.filter((p, i) => i < e.own || isOnes(e, p)) }))
}

function saidOfSeveral(answers: readonly ReadonlySet<string>[]): string[] {
  const all = new Set(answers.flatMap(a => [...a]))
  return [...all].filter(w => !w.startsWith('!') && answers.filter(a => a.has(w)).length > 1)
}

function readEntry(kind: SystemKind, test: NumericTest, isStaged: (t: Test) => boolean): ReadEntry {
  const staged = isStaged(test)
  const point = pointOf(kind, test)
  const at = staged ? unstaged(point.id) : point.id
  const vehicle = kind.components.some(c => c.glyph === 'battery')
  const starter = kind.points.some(p => p.id === 'aux')
  const aliases = point.aliases.filter(a => !NO_PLACE.has(staged ? a.replace(/^well /, '') : a))
  const own = vehicle ? VEHICLE_PLACES[at] : starter ? STARTER_PLACES[at] : undefined
  const names = [point.name, ...aliases, ...(own ?? PLACES[at] ?? [])]
  const alike = kind.tests.filter(
    (t): t is NumericTest =>
      t.kind === 'numeric' && t.quantity === test.quantity && isStaged(t) === staged && t.probe.ask !== 'dial'
      && (isUsual(test) ? isUsual(t) : t.condition === test.condition),
  )
  const { condition } = test
  // of two poles the pair needs no name; of three, and across one part, it is another reading
  const has = (what: string) => kind.tests.some(t => t.id === `${test.point}.${what}`)
  const isPair = has('l2g') && !has('v12')
  const variant = test.variant ?? (isPair ? test.quantity : '')
  return {
    test,
    staged,
    vehicle,
    places: phrasesOf(staged
      ? names.map(n => n.replace(/^well /, ''))
      : names.filter(n => !(OF_THE_FIRST.test(n) && kind.tests.some(isStaged)) && !isOtherOutlet(kind, at, n))),
    variants: phrasesOf([...(VARIANTS[variant] ?? []), ...test.words]).filter(p => p.some(isWhole)),
    first: alike.find(t => t.point === test.point) === test,
    foremost: foremostOf(alike) === test,
    conditions: phrasesOf(CONDITIONS[condition]),
    quantities: phrasesOf(QUANTITY_WORDS[test.quantity] ?? []),
    follows: test.quantity === 'volts' && test.condition === 'calling' ? pointBefore(kind, test.point) : [],
  }
}

/** What is meant where no place is said: of pressures the gauge, of ohms the motor's as it is read at its leads. */
function foremostOf(alike: readonly NumericTest[]): NumericTest | undefined {
  const ofLeads = (t: NumericTest) => OF_THE_MOTOR.has(unstaged(t.point)) && t.variant !== 'ground'
  const [first] = alike
  return first?.quantity === 'ohms' ? alike.find(ofLeads) : (alike.find(t => t.id === 'gauge') ?? first)
}
const OF_THE_MOTOR = new Set(['leads', 'windings'])

/** A compressor stands at a wall outlet; of a pump the outlet is where its water comes out. */
const isOtherOutlet = ({ medium }: SystemKind, point: string, name: string) =>
  /outlet|discharge/.test(name)
  && ((point === 'gauge' && medium === 'air') || (point === 'supply' && medium === 'water'))

/** The float is the first pump's, where there are two. */
const OF_THE_FIRST = /\bfloat\b/

/** The point before one at which volts are read, in the order of the power path. */
function pointBefore(kind: SystemKind, point: string): string[] {
  const read = kind.tests.filter(t => t.kind === 'numeric' && t.quantity === 'volts' && t.condition === 'calling')
  const path = [...new Set(read.map(t => t.point))]
  return path.slice(0, path.indexOf(point)).slice(-1)
}

/** Things that are everywhere name no place. */
const ANYWHERE = new Set(['terminal', 'lead', 'contact', 'pump', 'motor', 'switch', 'tap', 'side', 'volt', 'pressure'])

/** Aliases of the exact shorthand that say a condition or anything at all. */
const NO_PLACE = new Set(['line', 'hot', 'start', 'run', 'amps', 'main', 'ground', 'switch drop'])

/** What is meant where no condition is said: as it runs, or dead; never at the start, never at rest. */
const isUsual = (t: NumericTest) => t.condition !== 'starting' && t.condition !== 'idle' && t.condition !== 'splice'
