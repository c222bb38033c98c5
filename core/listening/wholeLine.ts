/** What the line as a whole says of the lines heard in it: heard besides, held against a label, or not so said. */
import { findTest, readingSetOf, SEEN_ITSELF, unstaged, type SystemKind, type Test } from '#core/systems'
import type { DraftLine } from '#core/tab'
import { PSI } from '#core/units'
import { labelOf } from './ofLabel'
import type { Spoken } from './spoken'

/** The lines that a whole line comes to. @param before what the system did before: `swapped the cap, no change` */
export function asWhole(
  kind: SystemKind, text: string, heard: readonly DraftLine[], before: Spoken,
): readonly DraftLine[] {
  const { does, complained, near, places } = before
  const asDone = heard.map(l => whereRead(kind, text, l, near, places))
    .flatMap(l => asBefore(kind, text, asItStarts(kind, l, does), does))
    .flatMap(l => (complained === 'overload-trips' ? byOverload(kind, text, l) : [l]))
  const told = lastOfEach(kind, lowestToGround(withoutBridged(kind, text, acrossPump(kind, text, asDone))))
  return [...told, ...doingOf(kind, text, told), ...labelOf(kind, text, told, before.action)]
}

const OF_LEADS = 'cable.high-resistance'
const SPLICE = /\b(?:splices?|crimps?|well ?(?:cap|head|seal)\b.*\bwire ?nuts?)\b/i
const ELSEWHERE = new RegExp(
  '\\b(?:switch|panel|box|feed|breaker|house|halfway|crawl ?space|attic|shed|load|line|screw|conduit|terminal)\\b', 'i',
)
/** A splice there is one of the feed; common practice, no source. */
const OF_FEED = /\b(?:crawl ?space|attic|garage|basement|cellar|sub ?panel)\b/i
const NAMES_PUMP = /\b(?:well|booster|house|transfer|storage)\b/i
const BY_DIGGING = /\b(?:backhoe|excavator|digg?(?:er|ing)?|dug|trench(?:er)?|shovel|auger|ditch|post ?holes?)\b/i
/** Whose wire is cut that was dug into: the one ahead of where nothing came. */
const AHEAD_OF: Readonly<Record<string, string>> = { line: 'feed.open', load: 'run.open', motor: 'run.open' }

/** `pulled it, coupling stripped`: of two pumps, and of the wires in one trench, the one where it was read last. */
function whereRead(
  kind: SystemKind, text: string, line: DraftLine, near = '', places: readonly string[] = [],
): DraftLine {
  if (line.kind !== 'observation') return line
  // a splice is of the leads down a well, unless it is named otherwise
  const isOfLeads = line.test === 'terminals' && line.outcome === 'burnt' && SPLICE.test(text) && !ELSEWHERE.test(text)
  if (isOfLeads && findsItself(kind, OF_LEADS)) return { ...line, test: SEEN_ITSELF, outcome: OF_LEADS }
  const isOfFeed = line.test === SEEN_ITSELF && line.outcome === OF_LEADS && OF_FEED.test(text)
  if (isOfFeed && findsItself(kind, 'feed.high-resistance')) return { ...line, outcome: 'feed.high-resistance' }
  if (line.test !== SEEN_ITSELF || NAMES_PUMP.test(text)) return line
  const isDug = BY_DIGGING.test(text) && /\.open$/.test(line.outcome)
  const at = isDug ? places.findLast(p => AHEAD_OF[unstaged(p)]) ?? near : near
  const stage = at.slice(0, at.length - unstaged(at).length)
  const wire = isDug ? AHEAD_OF[unstaged(at)] : undefined
  const outcome = `${stage}${wire ?? unstaged(line.outcome)}`
  return findsItself(kind, outcome) ? { ...line, outcome } : line
}

function findsItself(kind: SystemKind, outcome: string): boolean {
  const test = findTest(kind, SEEN_ITSELF)
  return test?.kind === 'seen' && test.outcomes.some(o => o.id === outcome)
}

/** `Y-G 0.1, B-G 0.3, R-G 8`: of the leads to ground the lowest is the reading. */
function lowestToGround(told: readonly DraftLine[]): readonly DraftLine[] {
  const kept = new Map<string, DraftLine>()
  const sizeOf = (l: DraftLine | undefined) => (l?.kind === 'reading' ? l.value ?? Infinity : Infinity)
  for (const l of told)
    if (l.kind === 'reading' && unstaged(l.test).endsWith('.ground') && !(sizeOf(kept.get(l.test)) <= sizeOf(l)))
      kept.set(l.test, l)
  return told.filter(l => l.kind !== 'reading' || !kept.has(l.test) || kept.get(l.test) === l)
}

/**
 * `45 standing, drops to 8 when it runs`: of two figures of one reading the later one is what it came to. `229 on all
 * three, 224 while it tries`: of what is read in sets the set stays.
 */
function lastOfEach(kind: SystemKind, told: readonly DraftLine[]): readonly DraftLine[] {
  const kept = new Map<string, number>()
  const isRead = ({ id }: Test) => told.some(l => l.kind === 'reading' && l.test === id)
  const isOfWhole = (test: string) => readingSetOf(kind, test)?.tests.every(isRead) === true
  for (const [i, l] of told.entries())
    if (l.kind === 'reading' && !(kept.has(l.test) && isOfWhole(l.test))) kept.set(l.test, i)
  return told.filter((l, i) => l.kind !== 'reading' || kept.get(l.test) === i)
}

const NAMES_BREAKER = /\b(?:breakers?|fuses?|gfc?i|panel|handle|pops?|popped|blows?|blew)\b/i
/** `trips after ten minutes`, where it is the overload that trips: no breaker is meant. */
function byOverload(kind: SystemKind, text: string, line: DraftLine): readonly DraftLine[] {
  if (!isLetGo(line) || line.kind !== 'observation' || line.outcome === 'holds') return [line]
  if (line.test !== 'let-go' || NAMES_BREAKER.test(text)) return [line]
  const has = (point: string) => kind.points.some(p => p.id === point)
  // a starter's relay has no test for how soon
  if (has('aux')) return []
  if (has('box')) return [{ ...line, test: 'overload-seen', outcome: 'lets-go' }]
  if (!findTest(kind, 'keeps-running')) return [line]
  return [{ ...line, test: 'keeps-running', outcome: line.outcome === 'minutes' ? 'minutes' : 'seconds' }]
}

const IN_OUT = /\b\d+(?: ?psi)? (?:coming )?in\b.*\bout\b/i
/** No switch starts and stops so near to each other; common practice, no source. Pa. */
const NEAREST = 12 * PSI

/** `55 in and 58 out`, of what stands on a main: ahead of the pump and behind it, and not where it starts and stops. */
function acrossPump(kind: SystemKind, text: string, told: readonly DraftLine[]): readonly DraftLine[] {
  if (!findTest(kind, INLET) || !IN_OUT.test(text)) return told
  const valueOf = (test: string) => told.flatMap(l => (l.kind === 'reading' && l.test === test ? l.value ?? [] : []))[0]
  const [starts, stops] = [valueOf('cut-in'), valueOf('cut-out')]
  if (starts === undefined || stops === undefined || stops - starts >= NEAREST) return told
  const at: Readonly<Record<string, string>> = { 'cut-in': INLET, 'cut-out': 'gauge' }
  return told.map(l => (l.kind === 'reading' ? { ...l, test: at[l.test] ?? l.test } : l))
}
const INLET = 'inlet.pressure'

/** `clamped red, nothing there`, of a motor that only hums: as it tries to start. */
function asItStarts(kind: SystemKind, line: DraftLine, does: string | undefined): DraftLine {
  const isRed = line.kind === 'reading' && line.test === 'red.run' && line.value === 0
  return isRed && does === 'groans' && findTest(kind, 'red.start') ? { ...line, test: 'red.start' } : line
}

const WHILE = `\\b(?:while|as|when) (?:it|the (?:pump|motor))(?:'s| is| was)? (?:still )?`
const GOING = '\\bwith (?:it|the (?:pump|motor)) (?:going|running)\\b'
const GROANING = '(?:hum|growl|groan|buzz)(?:s|ming|ling|ing)?(?! (?:away|along|right along))'
/** A clause of its own: `hums, 119 at the motor`. */
const BY_ITSELF = '(?:^|[,;] ?|\\b(?:and|but) )(?:it|the (?:pump|motor)|pump|motor|she)?(?:\'s| is)? ?(?:just |only )?'
const DOES = [
  { outcome: 'runs', said: new RegExp(`${WHILE}r[ua]n(?:s|ning)?\\b|${GOING}`, 'i') },
  { outcome: 'groans', said: new RegExp(`(?:${WHILE}|${BY_ITSELF})${GROANING}\\b`, 'i') },
]

/** `101 volts while it runs`: read, and heard to run. */
function doingOf(kind: SystemKind, text: string, told: readonly DraftLine[]): DraftLine[] {
  const read = told.some(l => l.kind === 'reading')
  const heard = told.some(l => l.kind === 'observation' && l.test === 'sound')
  const staged = told.some(l => 'test' in l && l.test.startsWith('well-'))
  if (!read || heard || staged || !kind.tests.some(t => t.id === 'sound')) return []
  const does = DOES.find(d => d.said.test(text))
  return does ? [{ kind: 'observation', test: 'sound', outcome: does.outcome }] : []
}

const BRIDGED = new RegExp(
  '\\b(?:jump(?:ed|ered)|bridged|bypassed|shorted across|(?:starter|contactor) in (?:by|with)'
  + '|tap(?:ped)? (?:on )?the (?:motor|end bell|housing))\\b',
  'i',
)

/** With something bridged or taken off that no test here tries, what it then did says nothing of how it is. */
function withoutBridged(kind: SystemKind, text: string, told: readonly DraftLine[]): readonly DraftLine[] {
  const tried = told.some(l => isTrialLine(kind, l))
  // `good cap in, it runs`: that it runs is what the trial showed
  const at = told.findIndex(l => isTrialLine(kind, l))
  if (tried) return told.filter((l, i) => i < at || !(isSound(l) || isGauge(l)))
  const [bridged, apart] = [BRIDGED.test(text), APART.test(text)]
  return told.filter(l => !((bridged && isSound(l)) || (apart && isLetGo(l))))
}

/** `swapped two leads and it went right to 60`: the gauge of afterwards. */
const isGauge = (l: DraftLine) => l.kind === 'reading' && unstaged(l.test) === 'gauge'
const isSound = (l: DraftLine) => l.kind === 'observation' && l.test.endsWith('sound')
/** Looks at what a hand's help does: that it then runs is their answer. */
export const HELPED: ReadonlySet<string> = new Set([
  'spin', 'tap-switch', 'tap-motor', 'crack-line', 'starts-empty', 'swap-two',
])
export const isTrialLine = (kind: SystemKind, l: DraftLine) =>
  l.kind === 'observation' && !isLetGo(l) && (HELPED.has(unstaged(l.test)) || isTrial(findTest(kind, l.test)))

/** Taken off: that it holds now says nothing of how it held before. */
const APART
  = /\b(?:disconnect(?:ed)?|unhook(?:ed)?|unwired|(?:leads?|wires?|pump|motor) off|off the (?:leads?|wires?|pump))\b/i
const isLetGo = (l: DraftLine) => l.kind === 'observation' && l.test.endsWith('let-go')

const NO_CHANGE
  = /\b(?:no (?:change|difference|better)|the same|same thing|same$|made no odds|did ?n[o'’]?t help)(?:\b|$)/i

/** `swapped the cap, no change`: it does what it did before. */
function asBefore(
  kind: SystemKind, text: string, line: DraftLine, does: string | undefined,
): readonly DraftLine[] {
  if (line.kind !== 'observation') return [line]
  const isSame = NO_CHANGE.test(text)
  // with the house shut off too it gets no higher
  const stalls = does === STALLS && line.test === 'house-shut' && findTest(kind, 'climbs')
  if (stalls && (isSame || NOTHING_CHANGED.test(text)))
    return [{ ...line, test: 'climbs', outcome: STALLS }]
  if (line.outcome !== 'silent' || !isSame) return [line]
  const test = findTest(kind, line.test)
  if (test?.kind !== 'seen' || !isTrial(test)) return [line]
  // what it did before was never said: then this says nothing either
  if (!does) return []
  return [test.outcomes.some(o => o.id === does) ? { ...line, outcome: does } : line]
}

const STALLS = 'stalls'
const NOTHING_CHANGED = /\bnothing (?:changed|changes|different)\b/i

const isTrial = (test: Test | undefined) => test?.kind === 'seen' && test.trial !== undefined
