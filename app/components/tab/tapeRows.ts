/** Lines as rows of the tape: words and figures for each kind of line. */
import type { Isolation, Verdict, VerdictWord } from '#core/isolation'
import type { SystemOutline, TestOutline } from '#core/systems'
import { findProofFailure, isKnownLine, unread, type AnyLine, type Attachment } from '#core/tab'
import { formatFigure, formatValue, US, type Units } from '#core/units'
import { sayMark, sayStep, sayWork } from '#core/words'
import { dayOf, sayDay, timeOf } from '~/composables/useClock'
import type { TabView } from '~/workers/openTabs'

export interface TapeRow {
  readonly id: string
  readonly kind: string
  readonly time: string
  readonly day?: string
  readonly title: string
  readonly detail?: string
  readonly digits?: string
  readonly unit?: string
  readonly verdict?: VerdictWord | 'state'
  readonly slip?: string
  readonly ruledOut?: string
  readonly struck?: string
  readonly test?: string
  /** who wrote it, where that changes: a claim; and who sent it, where that is somebody else */
  readonly by?: string | undefined
  readonly pictures?: readonly Picture[]
  /** a logger's table that it carries, by its hash */
  readonly trace?: string
  /** what is out of place about it, though it was kept */
  readonly marks?: readonly string[]
  /** nothing left explains it: the slip that would, and that it is to be read again */
  readonly puzzle?: string
  /** words that could not be placed, as they were said */
  readonly remark?: string | undefined
}

/** A picture by its hash, or by the name it had in version 1. */
export interface Picture {
  readonly name: string
  readonly come: boolean
}

/** What a proof whose figures show the opposite says. */
const NOT_SO = {
  'live': 'POWER ON',
  'proven-dead': 'NOT PROVEN DEAD',
  'discharged': 'NOT DISCHARGED',
  'zero-pressure': 'NOT AT ZERO',
} as const
const STATE_WORDS = {
  'live': 'POWER ON',
  'proven-dead': 'PROVEN DEAD',
  'discharged': 'DISCHARGED',
  'zero-pressure': 'ZERO PRESSURE',
} as const

/**
 * @param senderOf who sent a line, where the server has said so;
 * @param most the newest so many;
 * @param has whether a picture has come to the server;
 * @param receivedAt when the server received a line, where it says so
 */
export function tapeRows(
  kind: SystemOutline,
  state: TabView,
  isolation: Isolation | undefined,
  {
    most = Infinity,
    has = () => true,
    receivedAt = () => undefined,
    senderOf = () => undefined,
    units = US,
  }: TapeOptions = {},
): TapeRow[] {
  let [day, writer] = ['', '']
  const verdicts = new Map<string, Verdict>(isolation?.verdicts.map(v => [v.line, v]))
  const puzzles = new Map(isolation?.puzzles.map(p => [p.line, p.say]))
  return state.lines
    .filter(l => l.kind !== 'strike')
    .slice(-most)
    .map((line) => {
      const today = dayOf(line.at)
      const verdict = verdicts.get(line.id)
      const out = isolation?.ruledOutBy[line.id] ?? []
      const row = {
        id: line.id,
        kind: line.kind,
        time: timeOf(line.at),
        ...(today === day ? {} : { day: sayDay(today) }),
        ...wordLine(kind, line, units),
        ...(verdict
          ? { verdict: verdict.word, slip: verdict.slip?.say }
          : line.kind === 'state'
            ? { verdict: 'state' as const }
            : {}),
        ruledOut: out.length > 0 ? sayRuledOut(kind, out) : undefined,
        struck: state.struck.get(line.id)?.reason,
        pictures: picturesOf(line, has),
        trace: line.attachments?.find(a => a.type === 'text/csv')?.hash,
        marks: marksOf(kind, state, line, receivedAt(line.id)),
        puzzle: puzzles.get(line.id),
        by: byOf(line, writer, senderOf(line.id)),
        remark: isKnownLine(line) && line.kind === 'remark' ? line.text : undefined,
      }
      day = today
      writer = line.by ?? ''
      return row
    })
}

export interface TapeOptions {
  /** that figures are shown in */
  readonly units?: Units
  readonly most?: number
  readonly has?: (hash: string) => boolean
  readonly receivedAt?: (id: string) => string | undefined
  readonly senderOf?: (id: string) => string | undefined
}

function byOf({ by = '' }: AnyLine, writer: string, sender: string | undefined): string | undefined {
  if (sender && by && sender !== by) return `${by}, sent by ${sender}`
  return by === writer ? undefined : by || undefined
}

function picturesOf(line: AnyLine, has: (hash: string) => boolean): readonly Picture[] | undefined {
  const named = (line.attachments ?? [])
    .filter(a => a.type !== 'text/csv')
    .map(({ hash }: Attachment) => ({ name: hash, come: has(hash) }))
  if (named.length > 0) return named
  return isKnownLine(line) && line.kind === 'photo' && line.photo ? [{ name: line.photo, come: true }] : undefined
}

/** How much later than it came a line may say that it was written, ms. */
const MOST_AHEAD = 10 * 60e3

function marksOf(
  kind: SystemOutline,
  state: TabView,
  line: AnyLine,
  received: string | undefined,
): readonly string[] | undefined {
  const told = (state.marks.get(line.id) ?? []).map(sayMark)
  const ended = Object.values(state.ended).find(e => e.proof === line.id)
  const by = ended && state.lines.find(l => l.id === ended.by)
  if (by) told.push(`holds no longer: ${timeOf(by.at)} ${wordLine(kind, by).title}`)
  const ahead = received ? Date.parse(line.at) - Date.parse(received) : 0
  if (ahead > MOST_AHEAD)
    told.push(sayMark({ code: 'clock-wrong', facts: { minutes: Math.round(ahead / 60e3) } }))
  return told.length > 0 ? [...new Set(told)] : undefined
}

/** The test of that name: of this system, or one that a line of the tab names all the same. */
export const findTest = (kind: SystemOutline, id: string): TestOutline | undefined =>
  kind.tests.find(t => t.id === id) ?? kind.otherTests?.find(t => t.id === id)

/** One line in words, without its time. */
export function wordLine(
  kind: SystemOutline,
  line: AnyLine,
  units: Units = US,
): Pick<TapeRow, 'title' | 'detail' | 'digits' | 'unit' | 'test'> {
  if (!isKnownLine(line)) return { title: `A line of a kind to come: ${line.kind}` }
  switch (line.kind) {
    case 'opened':
      return { title: 'Tab opened', detail: line.words }
    case 'reading': {
      const test = findTest(kind, line.test)
      const figure
        = line.value === null
          ? { digits: unread(line), unit: '' }
          : test?.kind === 'numeric'
            ? formatFigure(test.quantity, line.value, units)
            : { digits: String(line.value), unit: '' }
      return {
        title: shortTitle(kind, line.test),
        detail:
          [
            line.spread
              ? `± ${test?.kind === 'numeric' ? formatValue(test.quantity, line.spread, units) : line.spread}`
              : '',
            line.asLeft ? 'as left' : '',
            line.without && line.without !== 'as written in the file' ? `without the proof: ${line.without}` : '',
          ]
            .filter(Boolean)
            .join(' · ') || undefined,
        ...figure,
        test: line.test,
      }
    }
    case 'observation': {
      const test = findTest(kind, line.test)
      const said
        = test?.kind === 'seen'
          ? (test.outcomes.find(o => o.id === line.outcome)?.label ?? line.outcome)
          : line.outcome
      return {
        title: capital(test?.words[0] ?? line.test),
        digits: said,
        unit: '',
        detail: line.asLeft ? 'as left' : undefined,
        test: line.test,
      }
    }
    case 'state':
      return {
        title: (findProofFailure(kind, line)?.shows ? NOT_SO : STATE_WORDS)[line.to],
        detail: line.reason
          ? `without proof: ${line.reason}`
          : line.proof
              ?.map(p => formatValue(line.to === 'zero-pressure' ? 'pressure' : 'volts', p, units))
              .join(' → '),
      }
    case 'part':
      return {
        title: `Part on ${nameOf(kind, line.component)}`,
        detail: [
          line.off && `off: ${line.off}`,
          line.on && `on: ${line.on}`,
          line.number,
          line.temporary ? 'temporary' : '',
        ]
          .filter(Boolean)
          .join(' · '),
      }
    case 'repair':
      return { title: `Put right: ${nameOf(kind, line.component)}`, detail: line.text }
    case 'finding':
      return {
        title: { failed: 'What failed', cause: 'What made it fail', also: 'Also found' }[line.role],
        detail: [labelOf(kind, line.about), line.text].filter(Boolean).join(': '),
      }
    case 'skip':
      return { title: `Left out: ${shortTitle(kind, line.test)}`, detail: line.reason }
    case 'wait':
      return {
        title: `Waiting: ${shortTitle(kind, line.test)}`,
        detail: `${line.minutes} minutes`,
        test: line.test,
      }
    case 'photo':
      return { title: 'Photo', detail: line.caption }
    case 'remark':
      return { title: 'Remark, not weighed', detail: line.text }
    case 'note':
      return { title: 'Note', detail: line.text }
    case 'strike':
      return { title: 'Struck', detail: line.reason }
    case 'carried':
      return {
        title: 'Carried',
        detail: [line.reason, line.bring ? `bring ${line.bring}` : ''].filter(Boolean).join(' · '),
      }
    case 'resumed':
      return { title: 'Opened again' }
    case 'taken-up':
      return { title: 'Weighed after all', detail: 'a line that came after settling' }
    case 'step':
      return { title: `${line.done ? 'Done' : 'Left out'}: ${sayStep(line.step)}`, detail: line.reason }
    case 'landed':
    case 'adjusted':
    case 'timed':
    case 'proved':
      return sayWork(line, units)
    case 'follow-up':
      return { title: `Follow-up ${sayDay(line.due)}`, detail: line.text }
    case 'advice':
      return { title: 'Advice', detail: line.text }
    case 'settled':
      return { title: 'Settled', detail: line.summary }
  }
}

export function shortTitle(kind: SystemOutline, id: string): string {
  const test = findTest(kind, id)
  return test ? capital(test.title.replace(/^(Volts|Measure the|Clamp the|Clamp|Read the) /, '')) : id
}

const capital = (s: string) => s.charAt(0).toUpperCase() + s.slice(1)

export const nameOf = (kind: SystemOutline, component: string) =>
  kind.components.find(c => c.id === component)?.name.toLowerCase() ?? component

/** The name of a fault or of a condition that can cause one. */
export function labelOf(kind: SystemOutline, about: string): string {
  if (about === 'sound') return 'Nothing wrong'
  if (about === 'other') return 'Something else'
  // an answer of a test has its words in the line's text
  if (about.includes(':')) return ''
  return [...kind.faults, ...kind.causeNotes].find(x => x.id === about)?.name ?? about
}

function sayRuledOut(kind: SystemOutline, faults: readonly string[]): string {
  const names = faults.filter(f => f !== 'sound' && f !== 'other').map(f => labelOf(kind, f).toLowerCase())
  if (names.length === 0) return ''
  return names.length <= 2
    ? `rules out ${names.join(', ')}`
    : `rules out ${names.length}: ${names.slice(0, 2).join(', ')}…`
}
