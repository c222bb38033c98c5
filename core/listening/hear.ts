/**
 * Listens to a line as it is said. The exact shorthand comes first (docs/shorthand.md); then the line is taken apart
 * into clauses, each heard with what the ones before it spoke of, in the way that explains most of it. A near tie is
 * asked; what explains too little is a remark, with the nearest meanings beside it. Nothing is guessed into a line.
 */
import { isNonEmpty, itemAt, ok, type Result } from '#core/foundation'
import { findTest, unstaged, withOptions, type SystemKind } from '#core/systems'
import { parseShorthand, readStationWords, type Choice, type DraftLine, type Listening } from '#core/tab'
import { US, type Units } from '#core/units'
import { cameOf, isAtGauge, linesOf, withWorks, worksAgain } from './cameOfIt'
import { asTyped, withoutClock } from './clock'
import { findDone, type Done } from './done'
import { withLeakDown } from './leakDown'
import { withoutHead } from './logged'
import { isOnlyLooked, ofWhatWasLookedAt } from './lookedAt'
import { withMains } from './mains'
import type { Heard, Meaning, Saying } from './meaning'
import { hearWithDoing, LONGEST, type Part } from './parts'
import { placedWords } from './placed'
import { inTradeWords } from './misspelt'
import { isLabelAhead, labelOf, withLabel } from './ofLabel'
import { isOneTest, isRenewed } from './oneTest'
import { withPilot, withReferred } from './referring'
import { sayLines } from './sayLine'
import { isCapped, isOwnWork } from './ownWork'
import { setInHand } from './setInHand'
import type { Clause } from './score'
import { spokenAfter, type Spoken } from './spoken'
import { sayState } from './states'
import { withNamed, withShown } from './unlisted'
import { asWhole } from './wholeLine'
import { join } from './joining'
import { wordsOf } from './words'
import { leadToLead } from './threes'
import { saysItWorks } from './worksNow'

export interface HearingOf extends Listening {
  readonly before?: Spoken
  /** what the shop has placed, oldest first */
  readonly sayings?: readonly Saying[]
}

/** How near two meanings lie that are asked about. */
const TIE = 0.06
const RUN_CAP = /\brun(?:ning)? cap(?:acitor)?(?:['’]s)? /i
/** `run cap measured 4 on a 15`: short enough to be exact. */
const RUN_CAP_READ = new RegExp(
  '^(?:the )?run(?:ning)? cap(?:acitor)?(?:[\'’]s)?(?: \\d+(?= reads| tests| meters| measures| shows))?'
  + '(?: (?:is |was )?(?:swell?ed|swollen|bulged'
  + '|puffed)(?: up)?,?(?: and| but)?'
  + '(?: it)?)?'
  + '(?: (?:reads?|meters|measure[sd]|is|was|test(?:s|ed)|shows|only|just|at|down|to|came|in))* (\\d+(?:\\.\\d+)?)'
  + '(?: ?(?:uf|µf|mfd|mikes?|microfarads?))?'
  + '(?:,? (?:and |but )?(?:on an?|marked|should be|it[\'’]?s an?|out of(?: an?)?|of(?: an?)?) [\\d-]+(?: ?(?:uf'
  + '|µf|mfd))?)?$',
  'i',
)

/** `run cap says 30, meter says 17`: what is printed on it, and what it is. */
const RUN_CAP_BESIDE = new RegExp(
  '^(?:the )?run(?:ning)? cap(?:acitor)?(?:[\'’]s)? (?:says|is marked|marked|rated|is a|is rated) [\\d.]+'
  + '(?: ?(?:uf|µf|mfd))?,? (?:and |but )?(?:the |my )?(?:(?:meter|i|it|mine|it[\'’]?s)(?: only)? )?'
  + '(?:says|reads|reading|shows|got|get|measures) (\\d+(?:\\.\\d+)?)(?: ?(?:uf|µf|mfd|mikes?))?$', 'i',
)

/** `run cap on the pump is open, marked 20`. */
const RUN_CAP_OPEN = new RegExp(
  '^(?:the )?run(?:ning)? cap(?:acitor)?(?: on the [a-z]+(?: [a-z]+)?)? (?:is|reads|tests|shows|checks)(?: out)?'
  + ' (?:open|ol|dead|zero|nothing)(?:,? (?:and )?(?:it[\'’]?s |is )?(?:marked|rated|an?|supposed to be)'
  + ' [\\d/-]+.*)?$',
  'i',
)

/** The main of a panel, and no main winding: no ohms are so many. */
const AT_THE_MAIN = /^\s*(\d{3}(?: ?v(?:olts?)?)?) (?:at|on|in) the main(?: panel| breaker| lugs)?\s*$/i

/** Words that a hand has placed are right as they are, and so is a note. */
const spelledRight = (text: string, sayings: readonly Saying[] = []): string =>
  /^\s*note\b/i.test(text)
    ? text
    : inTradeWords(text, new Set(sayings.flatMap(s => s.words.toLowerCase().split(/[^a-z]+/))))

/** A run capacitor is another part than the one that `cap` alone is. */
const withRunCap = (kind: SystemKind, typed: string): string =>
  kind.tests.some(t => unstaged(t.id) === 'runcap.farads')
    ? typed.trim().replace(RUN_CAP_READ, 'run cap $1uf').replace(RUN_CAP_BESIDE, 'run cap $1uf')
        .replace(RUN_CAP_OPEN, 'run cap OL')
    : typed.replace(RUN_CAP, 'runcap ')

export function hear(kind: SystemKind, typed: string, listening: HearingOf = {}): Result<Heard> {
  const said = withLabel(
    spelledRight(leadToLead(kind, withoutHead(withoutClock(typed))), listening.sayings), listening.before)
  if (said !== typed) return asTyped(typed, said, hear(kind, said, listening))
  if (isOnlyLooked(typed)) return asRemark(typed)
  const named = ofWhatWasLookedAt(typed, listening.before)
  if (named !== typed) return hearOfThat(kind, typed, named, listening)
  const states = hearStates(kind, typed, listening)
  if (states) return states
  const opened = hearOpened(kind, typed, listening)
  if (opened) return opened
  const heard = hearOptions(kind, typed, listening)
  const done = findDone(withShown(withNamed(kind, typed), listening.before), typed.trim(), listening.before)
  // which way a nut was turned is asked only where nothing came of it yet
  const isTurned = !heard.ok && heard.problem.code === 'no-direction' && done?.after !== undefined
    && (done.after !== '' || ADJUSTED.test(typed))
  const plain = isTurned || isOwnWork(typed, listening.before, linesOf(heard)) || isCapped(typed, linesOf(heard))
    ? asRemark(typed)
    : withWorks(kind, typed, listening.before, heard)
  if (!plain.ok || isOfStation(plain.value)) return plain
  if (!done || typed.length > LONGEST || (IN_VAIN.test(done.after) && !isRenewed(done))) return plain
  const first = done.before ? hear(kind, done.before, listening) : undefined
  const then = [...linesOf(first), done.line].reduce(
    (before: Spoken, line) => spokenAfter(kind, before, line), listening.before ?? {})
  const after = WENT.test(done.after)
    ? undefined
    : done.after.replace(EVER_SINCE, 'it works fine')
      .replace(/^(?:and )?starts(?: now)?$/i, 'it starts') || undefined
  // `now there's 241`: where it was none before
  const now = after && NOW.test(after) ? { ...then, near: listening.before?.near } : then
  // what the pump makes again is read at the gauge
  const from = after && isAtGauge(after, now.near) ? { ...now, near: 'gauge' } : now
  const came = after ? cameOf(kind, after, listening.before?.complained, done) : undefined
  const last = came
    ? ok<Heard>({ kind: 'lines', lines: [came], say: '' })
    : after ? readThere(kind, hear(kind, after, { ...listening, before: from }), from.near) : undefined
  const isAired = isVented(plain.value) && !isOfTank(done) && linesOf(plain).length === 1
  if (after && isAired) return withRepair(plain.value, done)
  const pumps = done.line.kind === 'repair' && done.line.fault === PRIMED && PUMPS_AGAIN.test(done.after)
  if (after && !pumps && !EVER_SINCE.test(done.after) && isOneTest(kind, plain.value, done, linesOf(last),
    listening.before?.near)) return plain
  const works = after ? worksAgain(kind, after, done.line, linesOf(last)) : []
  const untold = leftOf(last, after)
  const over = works.length > 0 && untold && saysItWorks(untold) ? undefined : untold
  const left = [leftOf(first, done.before), over].filter(Boolean).join(', ')
  const lines = [
    // what was opened is filled again: it was not found so
    ...[...linesOf(first), ...(listening.before?.mended ? [] : wasDry(plain.value, done))]
      .map(l => ({ ...l, typed }) as DraftLine),
    done.line,
    ...[...linesOf(last), ...works].map(l => ({ ...l, typed }) as DraftLine),
  ]
  return ok({ kind: 'lines', lines, say: sayLines(kind, lines, listening.units),
    ...(left ? { left } : {}) })
}

const asRemark = (typed: string) =>
  ok<Heard>({ kind: 'remark', line: { kind: 'remark', text: typed.trim() }, nearest: [] })

/** What is said of a thing that was looked at: heard with that named, and else as it stands. */
function hearOfThat(kind: SystemKind, typed: string, named: string, listening: HearingOf): Result<Heard> {
  const ofThat = hear(kind, named, listening)
  const isWhole = ofThat.ok && (ofThat.value.kind === 'ask' || (ofThat.value.kind === 'lines' && !ofThat.value.left))
  if (isWhole) return asTyped(typed, named, ofThat)
  const plain = hear(kind, typed, { ...listening, before: { ...listening.before, action: undefined } })
  // of one thing that is good, not all works
  return linesOf(plain).some(l => 'test' in l && l.test === 'works') ? asRemark(typed) : plain
}

/** `the valve was shut, opened it and the water is back`: what it was is found in the same breath. */
const OPENED_IT = /^(.+?)[,;] (?:so |then |and )?(?:i |we )?(opened it\b.*)$/i

function hearOpened(kind: SystemKind, typed: string, listening: HearingOf): Result<Heard> | undefined {
  const [, first = '', then = ''] = OPENED_IT.exec(typed) ?? []
  const found = first ? linesOf(hear(kind, first, listening)).map(l => ({ ...l, typed }) as DraftLine) : []
  if (found.length === 0) return undefined
  const before = found.reduce((b: Spoken, l) => spokenAfter(kind, b, l), listening.before ?? {})
  const rest = hear(kind, then, { ...listening, before })
  const more = linesOf(rest)
  if (!more.some(l => l.kind === 'repair')) return undefined
  const left = leftOf(rest, then)
  const lines = [...found, ...more]
  return ok({ kind: 'lines', lines, say: sayLines(kind, lines, listening.units), ...(left ? { left } : {}) })
}

/** Whichever way it was turned. */
const ADJUSTED = /^\s*(?:re-?)?adjusted\b/i

/** States of the work stand apart from what was read in them: `dead 240 0 240, bled 0.2, cap 31`. */
const APART = /\s*[,;]\s*(?![\s\d])|\s+(?:and|then)\s+/i

function hearStates(kind: SystemKind, typed: string, listening: HearingOf): Result<Heard> | undefined {
  const parts = typed.length > LONGEST ? [] : typed.trim().split(APART)
  const states = parts.map(part => stateOf(kind, part, listening))
  const first = states.findIndex(s => s === undefined)
  const held = states.slice(0, first < 0 ? undefined : first).flatMap(s => s ?? [])
  if (held.length === 0 || parts.length < 2) return undefined
  const rest = first < 0 ? undefined : hear(kind, parts.slice(first).join(', '), listening)
  const found = linesOf(rest)
  const left = leftOf(rest, parts.slice(first).join(', '))
  return ok({
    kind: 'lines',
    lines: [...held.map(s => s.line), ...found].map(l => ({ ...l, typed }) as DraftLine),
    say: [...held.map(s => s.say), sayLines(kind, found, listening.units)].filter(Boolean).join(' · '),
    ...(left ? { left } : {}),
  })
}

/** A state of the work, written short or in any words. */
function stateOf(kind: SystemKind, text: string, listening: HearingOf) {
  const exact = parseShorthand(kind, text, listening)
  if (exact.ok && exact.value.kind === 'line' && exact.value.line.kind === 'state') return exact.value
  return sayState(text)
}

/** Wires, turns and times are written short: they are what they say. */
const isOfStation = (heard: Heard) =>
  heard.kind === 'lines' && ['landed', 'adjusted', 'timed'].includes(heard.lines[0]?.kind ?? '')

/** What could be read in two places was read where the work was done. */
function readThere(kind: SystemKind, heard: Result<Heard>, near: string | undefined): Result<Heard> {
  if (!heard.ok || heard.value.kind !== 'ask') return heard
  const there = heard.value.choices.filter(({ line }) => 'test' in line && findTest(kind, line.test)?.point === near)
  const [one, ...more] = there
  if (!one || more.length > 0) return heard
  return ok({ kind: 'lines', lines: [one.line, ...one.beside ?? []], say: one.say })
}

/** @param text what was heard so: what would have to be asked about, or is refused, is left whole */
function leftOf(heard: Result<Heard> | undefined, text: string | undefined): string | undefined {
  if (!heard) return undefined
  if (!heard.ok || heard.value.kind === 'ask') return text
  const { value } = heard
  if (value.kind === 'lines') return value.left
  return value.kind === 'remark' && value.line.kind === 'remark' ? value.line.text : undefined
}

/** Air let out of a pump is how it was found and what puts it right. */
const isVented = (heard: Heard) =>
  linesOf(ok(heard)).some(l => l.kind === 'observation' && unstaged(l.test) === 'vent' && l.outcome === 'air')

const isOfTank = ({ line }: Done) => line.kind === 'repair' && unstaged(line.component ?? '') === 'tank'

/** What had to be primed was dry. */
const wasDry = (heard: Heard, { line }: Done): readonly DraftLine[] =>
  line.kind === 'repair' && line.fault === PRIMED
    ? linesOf(ok(heard)).filter(l => l.kind === 'observation' && l.test === 'prime-look' && l.outcome === 'empty')
    : []

const withRepair = (heard: Heard, { line }: Done): Result<Heard> =>
  ok(heard.kind === 'lines' ? { ...heard, lines: [...heard.lines, line] } : heard)

/** `tightened it and it quit`: what was complained of, not the machine. */
const WENT = /^(?:and |then )*(?:it|she|that|the \w+) (?:quit|stopped)(?: doing (?:it|that)| \w+ing)?\.?$/i

/** `pushed the red button, won't stay`: tried, and not done. */
const IN_VAIN = new RegExp(
  '^(?:and |but )?(?:waited,? )?(?:and )?(?:still )?(?:nothing\\b|no click'
  + '|water (?:came|comes|shot|squirted|ran|sprayed) out'
  + '|(?:it )?(?:wo|does ?|did ?|would)n[\'’]?t (?:stay|hold|set|click|latch|reset))\\b', 'i',
)

const NOW = /^(?:and |so )?now\b/i

/** After something was put right it is no complaint. */
const EVER_SINCE
  = /^(?:and |now )*(?:(?:it|she)['’]?s |it has |has )?been (?:running|pumping|going) (?:all day|ever since)/i

/** `primed it and it took right off`: it was filled, whatever else the words might mean. */
const PRIMED = 'pump.prime-lost'
const PUMPS_AGAIN = new RegExp(
  '^(?:it|she)(?:\'s)? (?:now )?(?:pump(?:s|ed|ing)|took (?:right )?off|caught|works?|worked|built|'
  + 'went (?:right )?up|came (?:right )?up)\\b(?!.*\\b(?:los[te]|quit|again|then|but)\\b)', 'i',
)

/** What this system has; where it has no such thing, what it may have though its nameplate does not say so. */
function hearOptions(kind: SystemKind, typed: string, listening: HearingOf): Result<Heard> {
  const own = hearFindings(withNamed(kind, typed), typed, listening)
  if (!own.ok || own.value.kind !== 'remark') return own
  const wider = withOptions(kind)
  const other = wider === kind ? own : hearFindings(wider, typed, listening)
  return other.ok && other.value.kind === 'lines' && !other.value.left ? other : own
}

/** Of two pumps it is the one that was spoken of. */
const isOfTheOther = ([first, second, third]: readonly Meaning[], near: string | undefined) =>
  first?.point === near && first && second && !(third && third.score > first.score - TIE)
  && first.test !== second.test && unstaged(first.test) === unstaged(second.test)

/** What no other ear could make sense of either. */
const REFUSED: ReadonlySet<string> = new Set(['empty', 'no-direction'])

/** What was found: read, seen, heard, told. */
function hearFindings(kind: SystemKind, typed: string, listening: HearingOf): Result<Heard> {
  const text = typed.trim()
  const { units = US, before = {}, sayings = [] } = listening
  const remark = (nearest: readonly Choice[] = []): Result<Heard> =>
    ok({ kind: 'remark', line: { kind: 'remark', text }, nearest })
  const station = text.length > LONGEST ? undefined : readStationWords(kind, text, listening.units)
  if (station) return station.ok ? ok({ kind: 'lines', ...withLeakDown(kind, station.value) }) : station
  if (isLabelAhead(text, before)) return remark()
  const inHand = setInHand(kind, text, listening.expected, units)?.map(l => ({ ...l, typed: text }))
  if (inHand) return ok({ kind: 'lines', lines: inHand, say: sayLines(kind, inHand, listening.units) })
  const written = withRunCap(kind, withMains(typed)).replace(AT_THE_MAIN, 'breaker in $1')
  const exact = parseShorthand(kind, written, listening)
  if (exact.ok && exact.value.kind === 'line') {
    const { line, say } = exact.value
    const lines = [line, ...labelOf(kind, text, [line], before.action).map(l => ({ ...l, typed }) as DraftLine)]
    return ok({ kind: 'lines', lines, say: lines.length > 1 ? sayLines(kind, lines, listening.units) : say })
  }
  if (!exact.ok && REFUSED.has(exact.problem.code)) return exact
  if (exact.ok && exact.value.kind === 'ask' && isNought(exact.value.choices)) return ok(exact.value)
  const state = sayState(text)
  if (state) return ok({ kind: 'lines', lines: [state.line], say: state.say })
  if (text.length > LONGEST) return remark()
  const { near, value: nearValue, quantity: nearQuantity, test: nearTest, fed } = before
  const bearing = { expected: listening.expected, near, nearValue, nearQuantity, nearTest, fed, units }
  const referred = withReferred(findTest(kind, 'pilot.volts') ? withPilot(text) : text, before)
  const parts = hearWithDoing(kind, referred, bearing, before.action, placedWords(kind, sayings))
  const found = parts.filter(p => p.meanings[0])
  // `wide open, good`: the second is an opinion of the first
  const all = found.flatMap(({ clause, meanings }) =>
    (found.length > 1 && isOpinion(clause)) || !isNonEmpty(meanings) ? [] : [meanings])
  const heard = all.length > 1 && !WAS_OFF.test(text) ? all.filter(m => !isSwitchedOff(m)) : all
  if (heard.length === 0) {
    if (exact.ok && exact.value.kind === 'ask') return ok(exact.value)
    return remark(nearestOf(kind, parts, units, text))
  }
  const tied = heard.find(m => isTied(m) && !isOfTheOther(m, near))
  if (tied && heard.length === 1) {
    const choices = tied.filter(m => m.score > tied[0].score - TIE).slice(0, 4)
    const asked = choices.map(m => choiceOf(kind, m, units, text))
    return ok({ kind: 'ask', question: `“${text}” — which?`, choices: asked })
  }
  const whole = distinct(asWhole(kind, text, heard.flatMap(([m]) => m.lines), before))
  const lines = whole.map(l => ({ ...l, typed: text }) as DraftLine)
  if (lines.length === 0) return remark()
  const placed = heard.flatMap(([m]) => m.saying ?? [])
  const left = parts.flatMap(p => (p.meanings[0] ? [] : [p.clause.text.trim()])).filter(t => saysAnything(t))
  return ok({
    kind: 'lines',
    lines,
    say: sayLines(kind, lines, units),
    ...(left.length > 0 ? { left: left.join(', ') } : {}),
    ...(placed.length > 0 ? { placed } : {}),
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
  return figures.length + rows.length === 0 && said.length === 1 && OPINIONS.has(itemAt(said, 0, 'phrase').means)
}

/** `breaker off, then…` is what was done before; that it was found off is said so. */
const WAS_OFF = /\b(?:was|were|found|is|somebody|someone|left)\b/i
const isSwitchedOff = ([m]: readonly Meaning[]) => {
  const line = m?.lines[0]
  return line?.kind === 'observation' && line.test === 'breaker-seen' && line.outcome === 'off'
}

/** Said twice in one line, it is one. */
const distinct = (lines: readonly DraftLine[]) => [...new Map(lines.map(l => [JSON.stringify(l), l])).values()]

const isTied = ([one, two]: readonly Meaning[]) =>
  one !== undefined && two !== undefined && one.score - two.score < TIE && !isSame(one, two)

const isSame = (one: Meaning, two: Meaning) => JSON.stringify(one.lines) === JSON.stringify(two.lines)

const saysAnything = (text: string) => wordsOf(join(text)).some(w => !w.filler && w.weight >= 1)

function choiceOf(kind: SystemKind, { lines }: Meaning, units: Units, typed: string): Choice {
  const [line, ...beside] = lines.map(l => ({ ...l, typed }) as DraftLine)
  return { line: line!, beside, say: sayLines(kind, lines, units) }
}

/** For a remark: what it comes nearest to, so that a hand can place it. */
function nearestOf(kind: SystemKind, parts: readonly Part[], units: Units, typed: string): Choice[] {
  return parts.flatMap(p => p.meanings.slice(0, 3).map(m => choiceOf(kind, m, units, typed))).slice(0, 3)
}
