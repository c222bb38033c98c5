/**
 * Listens to a line as it is said. The exact shorthand comes first (docs/shorthand.md); then the line is taken apart
 * into clauses, each heard with what the ones before it spoke of, in the way that explains most of it. A near tie is
 * asked; what explains too little is a remark, with the nearest meanings beside it. Nothing is guessed into a line.
 */
import { ok, type Result } from '#core/foundation'
import { findTest, unstaged, withOptions, type SystemKind, type Test } from '#core/systems'
import { parseShorthand, readStationWords, type Choice, type DraftLine, type Listening } from '#core/tab'
import { formatValue, US, type Units } from '#core/units'
import { meaningsOf } from './clause'
import { findDone, type Done } from './done'
import { figuresOf } from './figures'
import type { Lexicon } from './entries'
import { lexiconOf } from './lexicon'
import type { Bearing, Figures, Meaning } from './meaning'
import type { Clause } from './score'
import { spokenAfter, type Spoken } from './spoken'
import { sayState } from './states'
import { join, wordsOf } from './words'

export interface HearingOf extends Listening {
  readonly before?: Spoken
}

export type Heard
  = | {
    readonly kind: 'lines'
    readonly lines: readonly DraftLine[]
    readonly say: string
    /** words that no line took up: they are kept as a remark */
    readonly left?: string
  }
  | { readonly kind: 'ask', readonly question: string, readonly choices: readonly Choice[] }
  | { readonly kind: 'remark', readonly line: DraftLine, readonly nearest: readonly Choice[] }

/** Lines longer than this are a story: kept as a remark without being taken apart. */
const LONGEST = 400
/** How near two meanings lie that are asked about. */
const TIE = 0.06
const RUN_CAP = /\brun(?:ning)? cap(?:acitor)? /i

export function hear(kind: SystemKind, typed: string, listening: HearingOf = {}): Result<Heard> {
  const plain = hearOptions(kind, typed, listening)
  if (!plain.ok || isOfStation(plain.value)) return plain
  const done = findDone(kind, typed.trim(), listening.before)
  if (!done || typed.length > LONGEST) return plain
  const first = done.before ? hear(kind, done.before, listening) : undefined
  const then = [...linesOf(first), done.line].reduce(
    (before: Spoken, line) => spokenAfter(kind, before, line), listening.before ?? {})
  const last = done.after ? hear(kind, done.after, { ...listening, before: then }) : undefined
  if (done.after && isOne(plain.value, linesOf(last)))
    return isVented(plain.value) ? withRepair(plain.value, done) : plain
  const left = [leftOf(first), leftOf(last)].filter(Boolean).join(', ')
  const lines = [
    ...linesOf(first).map(l => ({ ...l, typed }) as DraftLine),
    done.line,
    ...linesOf(last).map(l => ({ ...l, typed }) as DraftLine),
  ]
  return ok({ kind: 'lines', lines, say: lines.map(l => sayLine(kind, l, listening.units)).join(' · '),
    ...(left ? { left } : {}) })
}

/** Wires, turns and times are written short: they are what they say. */
const isOfStation = (heard: Heard) =>
  heard.kind === 'lines' && ['landed', 'adjusted', 'timed'].includes(heard.lines[0]?.kind ?? '')

const linesOf = (heard: Result<Heard> | undefined): readonly DraftLine[] =>
  heard?.ok && heard.value.kind === 'lines' ? heard.value.lines : []

function leftOf(heard: Result<Heard> | undefined): string | undefined {
  if (!heard?.ok) return undefined
  const { value } = heard
  if (value.kind === 'lines') return value.left
  return value.kind === 'remark' && value.line.kind === 'remark' ? value.line.text : undefined
}

/** Air let out of a pump is how it was found and what puts it right. */
const isVented = (heard: Heard) =>
  linesOf(ok(heard)).some(l => l.kind === 'observation' && unstaged(l.test) === 'vent' && l.outcome === 'air')

const withRepair = (heard: Heard, { line }: Done): Result<Heard> =>
  ok(heard.kind === 'lines' ? { ...heard, lines: [...heard.lines, line] } : heard)

/** What was done and what came of it are one test: `drained the tank, still hums`. */
function isOne(heard: Heard, after: readonly DraftLine[]): boolean {
  if (heard.kind !== 'lines' || heard.left || heard.lines.length !== 1) return false
  const [line] = heard.lines
  if (line?.kind === 'observation' && HELPED.has(unstaged(line.test))) return true
  // `cleaned the nozzle, 55 now`: the figure is of afterwards
  if (after.some(l => l.kind === 'reading') && !heard.lines.some(l => l.kind === 'reading')) return false
  const same = after.some(l => 'test' in l && line && 'test' in line && l.test === line.test)
  return line?.kind === 'observation' && line.test !== 'asked' && !same
}

/** What this system has; where it has no such thing, what it may have though its nameplate does not say so. */
function hearOptions(kind: SystemKind, typed: string, listening: HearingOf): Result<Heard> {
  const own = hearFindings(kind, typed, listening)
  if (!own.ok || own.value.kind !== 'remark') return own
  const wider = withOptions(kind)
  const other = wider === kind ? own : hearFindings(wider, typed, listening)
  return other.ok && other.value.kind === 'lines' && !other.value.left ? other : own
}

/** A hold that was watched from one pressure to another is a leak-down too. */
function withLeakDown(kind: SystemKind, heard: { readonly lines: readonly DraftLine[], readonly say: string }) {
  const [hold] = heard.lines
  if (hold?.kind !== 'timed' || hold.what !== 'hold' || hold.from === undefined || !findTest(kind, LEAK_DOWN))
    return heard
  const lost = Math.max(0, hold.from - (hold.to ?? hold.from))
  const value = (lost * IN_TEN_MINUTES) / Math.max(hold.seconds, 1)
  const reading: DraftLine = { kind: 'reading', test: LEAK_DOWN, value, ...(hold.typed ? { typed: hold.typed } : {}) }
  return hold.seconds >= 120 ? { ...heard, lines: [hold, reading] } : heard
}
const LEAK_DOWN = 'leak-down'
const IN_TEN_MINUTES = 600

/** What no other ear could make sense of either. */
const REFUSED: ReadonlySet<string> = new Set(['empty', 'no-direction'])

/** What was found: read, seen, heard, told. */
function hearFindings(kind: SystemKind, typed: string, listening: HearingOf): Result<Heard> {
  const text = typed.trim()
  const remark = (nearest: readonly Choice[] = []): Result<Heard> =>
    ok({ kind: 'remark', line: { kind: 'remark', text }, nearest })
  const station = text.length > LONGEST ? undefined : readStationWords(kind, text, listening.units)
  if (station) return station.ok ? ok({ kind: 'lines', ...withLeakDown(kind, station.value) }) : station
  // a run capacitor is another part than the one that `cap` alone is
  const exact = parseShorthand(kind, typed.replace(RUN_CAP, 'runcap '), listening)
  if (exact.ok && exact.value.kind === 'line') {
    const { line, say } = exact.value
    return ok({ kind: 'lines', lines: [line], say })
  }
  if (!exact.ok && REFUSED.has(exact.problem.code)) return exact
  if (exact.ok && exact.value.kind === 'ask' && isNought(exact.value.choices)) return ok(exact.value)
  const state = sayState(text)
  if (state) return ok({ kind: 'lines', lines: [state.line], say: state.say })
  if (text.length > LONGEST) return remark()
  const { units = US, before = {} } = listening
  const { near, value: nearValue, quantity: nearQuantity } = before
  const bearing = { expected: listening.expected, near, nearValue, nearQuantity, units }
  const parts = hearWithDoing(kind, text, bearing, before.action)
  const found = parts.filter(p => p.meanings[0])
  // `wide open, good`: the second is an opinion of the first
  const all = found.flatMap(p => (found.length > 1 && isOpinion(p.clause) ? [] : [p.meanings]))
  const heard = all.length > 1 && !WAS_OFF.test(text) ? all.filter(m => !isSwitchedOff(m)) : all
  if (heard.length === 0) {
    if (exact.ok && exact.value.kind === 'ask') return ok(exact.value)
    return remark(nearestOf(kind, parts, units, text))
  }
  const tied = heard.find(m => isTied(m))
  if (tied && heard.length === 1) {
    const choices = tied.filter(m => m.score > tied[0]!.score - TIE).slice(0, 4)
    const asked = choices.map(m => choiceOf(kind, m, units, text))
    return ok({ kind: 'ask', question: `“${text}” — which?`, choices: asked })
  }
  const meant = heard.flatMap(m => m[0]!.lines).map(l => asBefore(kind, text, l, before.does))
  const told = withoutBridged(kind, text, meant)
  const whole = distinct([...told, ...doingOf(kind, text, told), ...labelOf(kind, text, told)])
  const lines = whole.map(l => ({ ...l, typed: text }) as DraftLine)
  if (lines.length === 0) return remark()
  const left = parts.flatMap(p => (p.meanings[0] ? [] : [p.clause.text.trim()])).filter(t => saysAnything(t))
  return ok({
    kind: 'lines',
    lines,
    say: lines.map(l => sayLine(kind, l, units)).join(' · '),
    ...(left.length > 0 ? { left: left.join(', ') } : {}),
  })
}

/**
 * `red 0`: at the start it is a fault, once it runs it is as it should be. Nought on another lead than the main one is
 * asked where the exact shorthand asks.
 */
const isNought = (choices: readonly Choice[]): boolean =>
  choices.every(({ line }) => line.kind === 'reading' && line.value === 0 && line.test.startsWith('red.'))

const OPINIONS = new Set(['good', 'bad', 'same', 'clear', 'low', 'high', 'normal', 'usual'])

function isOpinion({ words, figures, rows }: Clause): boolean {
  const said = words.filter(w => !w.filler)
  return figures.length + rows.length === 0 && said.length === 1 && OPINIONS.has(said[0]!.means)
}

/** `breaker off, then…` is what was done before; that it was found off is said so. */
const WAS_OFF = /\b(?:was|were|found|is|somebody|someone|left)\b/i
const isSwitchedOff = ([m]: readonly Meaning[]) => {
  const line = m?.lines[0]
  return line?.kind === 'observation' && line.test === 'breaker-seen' && line.outcome === 'off'
}

const WHILE = `\\b(?:while|as|when) (?:it|the (?:pump|motor))(?:'s| is| was)? (?:still )?`
const GOING = '\\bwith (?:it|the (?:pump|motor)) (?:going|running)\\b'
const GROANING = '(?:hum|growl|groan|buzz)(?:s|ming|ling|ing)?'
const DOES = [
  { outcome: 'runs', said: new RegExp(`${WHILE}r[ua]n(?:s|ning)?\\b|${GOING}`, 'i') },
  { outcome: 'groans', said: new RegExp(`${WHILE}${GROANING}\\b`, 'i') },
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

const IN_BAND = /\b(?:good|fine|ok|okay|great|perfect|right on|spot on|in (?:the )?band|within|in spec|healthy)\b/i
const NOT_SO = /\b(?:not|isn'?t|no|should|supposed|half|low|weak|bad|out of)\b/i

/** What is printed on it: `marked 124 to 149`, `on a 145-174`. */
const PRINTED = new RegExp(
  '\\b(?:says|marked|stamped|printed|rated|labell?ed|label|can|on an?|it[\'’]?s an?|supposed to be|should be)\\b'
  + '[^\\d,;]{0,16}(\\d{2,3})(?: ?(?:-|–|to|\\/) ?(\\d{2,3}))?(?! ?(?:v|volts?|psi|amps?)\\b)',
  'i',
)
/** A meter for them is some percent off, and so is one figure alone; common practice, no source. */
const [OFF, OF_ONE] = [0.05, 0.2]

/** `cap is good, 150`, `71 on a 105 to 126`: read, and held against what is printed on it. */
function labelOf(kind: SystemKind, text: string, told: readonly DraftLine[]): DraftLine[] {
  const read = told.findLast(l => l.kind === 'reading' && l.test === 'cap.farads')
  const value = read?.kind === 'reading' ? (read.value ?? 0) * 1e6 : 0
  if (value <= 0 || !findTest(kind, 'cap-label')) return []
  const [, least, most] = PRINTED.exec(text) ?? []
  const low = Number(least) * (most ? 1 - OFF : 1 - OF_ONE)
  const label = (outcome: string): DraftLine[] => [{ kind: 'observation', test: 'cap-label', outcome }]
  if (least && Number(least) !== value) return label(value < low ? 'under' : 'within')
  return IN_BAND.test(text) && !NOT_SO.test(text) ? label('within') : []
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
const HELPED: ReadonlySet<string> = new Set([
  'spin', 'tap-switch', 'tap-motor', 'crack-line', 'starts-empty', 'swap-two',
])
const isTrialLine = (kind: SystemKind, l: DraftLine) =>
  l.kind === 'observation' && !isLetGo(l) && (HELPED.has(unstaged(l.test)) || isTrial(findTest(kind, l.test)))

/** Taken off: that it holds now says nothing of how it held before. */
const APART
  = /\b(?:disconnect(?:ed)?|unhook(?:ed)?|unwired|(?:leads?|wires?|pump|motor) off|off the (?:leads?|wires?|pump))\b/i
const isLetGo = (l: DraftLine) => l.kind === 'observation' && l.test.endsWith('let-go')

const NO_CHANGE
  = /\b(?:no (?:change|difference|better)|the same|same thing|same$|made no odds|did ?n[o'’]?t help)(?:\b|$)/i

/** `swapped the cap, no change`: it does what it did before. */
function asBefore(kind: SystemKind, text: string, line: DraftLine, does: string | undefined): DraftLine {
  if (!does || line.kind !== 'observation' || line.outcome !== 'silent' || !NO_CHANGE.test(text)) return line
  const test = findTest(kind, line.test)
  const can = test?.kind === 'seen' && isTrial(test) && test.outcomes.some(o => o.id === does)
  return can ? { ...line, outcome: does } : line
}

const isTrial = (test: Test | undefined) => test?.kind === 'seen' && test.trial !== undefined

/** Said twice in one line, it is one. */
const distinct = (lines: readonly DraftLine[]) => [...new Map(lines.map(l => [JSON.stringify(l), l])).values()]

const isTied = ([one, two]: readonly Meaning[]) =>
  one !== undefined && two !== undefined && one.score - two.score < TIE && !isSame(one, two)

const isSame = (one: Meaning, two: Meaning) => JSON.stringify(one.lines) === JSON.stringify(two.lines)

const saysAnything = (text: string) => wordsOf(join(text)).some(w => !w.filler && w.weight >= 1)

interface Part {
  readonly clause: Clause
  readonly meanings: readonly Meaning[]
  /** the atoms that it is made of */
  readonly from: number
  readonly end: number
}

/** Clauses are parted by marks and by these words. */
const PARTED = / *[,;:!?]+ *| *\. +| (?:and|then|but|now) (?=\S)| with (?=fig\d)/g

/** What was done stands in the line before, what came of it in this one: then the two are heard as one. */
function hearWithDoing(kind: SystemKind, text: string, bearing: Bearing, action: string | undefined): Part[] {
  const alone = hearParts(kind, text, bearing)
  if (!action || action.length + text.length > LONGEST) return alone
  const done = atomsOf(toldOf(action).words).length
  const both = hearParts(kind, `${action}, ${text}`, bearing)
  const isSeen = ([m]: readonly Meaning[]) => m?.lines[0]?.kind === 'observation'
  const across = both.find(p => p.from < done && p.end > done && isSeen(p.meanings))
  if (!across) return alone
  return both.filter(p => p === across || p.from >= done)
}

const toldOf = (text: string) => figuresOf(join(text.replace(/\.$/, '').replace(RUNS_WITHOUT, '$1, ')))

/** What stands at a point, in a word. */
const AT: Readonly<Record<string, string>> = { cap: 'cap', relay: 'relay', box: 'control box', poles: 'switch' }
const ONE = /\b(a|an|another) ((?:known )?good|new|spare|different) one\b/i

/** `put in a good one`: of what was spoken of before. */
const withName = (text: string, near: string | undefined) =>
  near !== undefined && AT[near] ? text.replace(ONE, `$1 $2 ${AT[near]}`) : text

/** The way to take a line apart that explains most of it. */
function hearParts(kind: SystemKind, text: string, bearing: Bearing): Part[] {
  const told = toldOf(withName(text, bearing.near))
  const lexicon = lexiconOf(kind)
  const atoms = atomsOf(told.words)
  const n = Math.min(atoms.length, MOST_ATOMS)
  const best: { value: number, parts: readonly Part[], bearing: Bearing }[] = [{ value: 0, parts: [], bearing }]
  for (let end = 1; end <= n; end++) {
    for (let from = end - 1; from >= Math.max(0, end - MOST_JOINED); from--) {
      const before = best[from]!
      const clause = clauseOf(atoms.slice(from, end === n ? undefined : end).join(' '))
      const meanings = meaningsOf(lexicon, clause, told, before.bearing)
      const value = before.value + valueOf(clause, meanings[0], lexicon)
      if ((best[end]?.value ?? -Infinity) >= value) continue
      best[end] = {
        value,
        parts: [...before.parts, { clause: { ...clause, text: withFigures(clause.text, told) }, meanings, from, end }],
        bearing: meanings[0] ? bearingAfter(before.bearing, meanings[0]) : before.bearing,
      }
    }
  }
  return [...best[n]!.parts]
}

function bearingAfter(before: Bearing, { point, quantity, lines }: Meaning): Bearing {
  const last = lines.at(-1)
  const read = last?.kind === 'reading' ? { nearValue: last.value } : {}
  return { ...before, near: point, nearQuantity: quantity, ...read }
}

/** `runs no water` is two things. */
const RUNS_WITHOUT = /\b(runs?|running|ran) (?=(?:but )?(?:no|not|without) water)/gi
const [MOST_ATOMS, MOST_JOINED] = [10, 4]

/** Split at marks and small words, and behind a figure that another follows with words between them. */
function atomsOf(words: string): string[] {
  const parts = words.split(PARTED).filter(p => p.trim())
  return parts.flatMap((part) => {
    const figures = part.match(/\bfig\d+\b(?! t(?:seconds|minutes))/g) ?? []
    if (figures.length < 2) return [part]
    const after = part.split(/(?<=\bfig\d+\b) (?!t(?:seconds|minutes))/).map(p => p.trim())
    // `24 on black 2 on red`: what is named stands behind its figure
    return /^fig\d/.test(part) ? part.split(/ (?=fig\d+\b)/) : after
  })
}

function clauseOf(text: string): Clause {
  const figures = [...text.matchAll(/\bfig(\d+)\b/g)].map(m => Number(m[1]))
  const rows = [...text.matchAll(/\brow(\d+)\b/g)].map(m => Number(m[1]))
  return { text, figures, rows, words: wordsOf(text.replace(/\b(?:fig|row)\d+\b/g, ' ')) }
}

/** What a clause is worth: its score, or what is lost by not hearing it. */
function valueOf(clause: Clause, meaning: Meaning | undefined, { known }: Lexicon): number {
  if (meaning) return meaning.score - 0.35
  const lost = clause.words.reduce((sum, w) => sum + (w.filler ? 0 : known.has(w.means) ? w.weight : 0.3 * w.weight), 0)
  return -0.2 - 0.6 * lost - 0.6 * clause.figures.length
}

const withFigures = (text: string, told: Figures) =>
  text
    .replace(/\bfig(\d+)\b/g, (_, i: string) => String(told.figures[Number(i)]?.value ?? 'OL'))
    .replace(/\brow(\d+)\b/g, (_, i: string) => (told.rows[Number(i)] ?? []).map(f => f.value).join('/'))
    .replace(/ t(?:seconds|minutes)\b/g, '')

function choiceOf(kind: SystemKind, { lines }: Meaning, units: Units, typed: string): Choice {
  const [line] = lines
  return { line: { ...line!, typed } as DraftLine, say: lines.map(l => sayLine(kind, l, units)).join(' · ') }
}

/** For a remark: what it comes nearest to, so that a hand can place it. */
function nearestOf(kind: SystemKind, parts: readonly Part[], units: Units, typed: string): Choice[] {
  return parts.flatMap(p => p.meanings.slice(0, 3).map(m => choiceOf(kind, m, units, typed))).slice(0, 3)
}

/** A line said back. */
export function sayLine(kind: SystemKind, line: DraftLine, units: Units = US): string {
  if (line.kind === 'repair') return `put right: ${line.text}`
  if (line.kind !== 'reading' && line.kind !== 'observation') return line.kind
  const test = findTest(kind, line.test)
  return `${test?.title ?? line.test}: ${sayAnswer(test, line, units)}`
}

function sayAnswer(test: Test | undefined, line: DraftLine, units: Units): string {
  if (line.kind === 'observation')
    return (test?.kind === 'seen' && test.outcomes.find(o => o.id === line.outcome)?.label) || line.outcome
  if (line.kind !== 'reading') return ''
  if (line.value === null) return 'OL'
  const figure = test?.kind === 'numeric' ? formatValue(test.quantity, line.value, units) : String(line.value)
  return `${line.bound ? `${line.bound} ` : line.spread ? 'about ' : ''}${figure}`
}
