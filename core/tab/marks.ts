/**
 * What is out of place about a line that was kept all the same: it came without its proof, after the tab was settled,
 * by a clock that runs wrong. Facts only; `core/words` says them.
 */
import { findTest, hasOutcome, wholeCatalogue, type Need, type SystemKind } from '#core/systems'
import { msOf, MOST_AHEAD } from './clock'
import { isKnownLine, type AnyLine, type Line } from './lines'
import { holdsNeed, isPossible } from './needs'
import { isFileDevice } from './pen'
import { findProofFailure, saysOf } from './says'
import type { Work } from './work'

export const MARK_CODES = [
  'without-state',
  'proof-fails',
  'after-settling',
  'second-settlement',
  'second-opening',
  'names-nothing',
  'impossible-value',
  'nothing-read',
  'unknown-kind',
  'unknown-id',
  'clock-wrong',
  'clocks-disagree',
  'counter-repeated',
] as const
export type MarkCode = (typeof MARK_CODES)[number]
export interface Mark {
  readonly code: MarkCode
  readonly facts: Readonly<Record<string, string | number>>
}

/** What the fold knows when it comes to a line. */
export interface Place {
  work(): Work
  settled(): boolean
  opened(): boolean
  find(id: string): AnyLine | undefined
  /** Whether another line of the same device has the same number. */
  repeated(id: string): boolean
}

/** How far a line's instant and its clock may lie apart, ms. */
const MOST_APART = 10 * 60e3

export function markOf(kind: SystemKind, line: AnyLine, place: Place): readonly Mark[] {
  const marks: Mark[] = []
  const mark = (code: MarkCode, facts: Mark['facts'] = {}) => marks.push({ code, facts })
  if (place.repeated(line.id)) mark('counter-repeated', { counter: line.counter })
  markClock(line, place, mark)
  if (!isKnownLine(line)) mark('unknown-kind', { kind: line.kind })
  else {
    markIds(kind, line, mark)
    markPlace(kind, line, place, mark)
  }
  return marks
}

type Marker = (code: MarkCode, facts?: Mark['facts']) => void

function markClock(line: AnyLine, place: Place, mark: Marker) {
  // the clocks of a file's lines were made from their instants
  if (isFileDevice(line.device)) return
  const written = msOf(line.clock)
  const apart = Math.abs(Date.parse(line.at) - written)
  if (apart > MOST_APART) mark('clock-wrong', { minutes: Math.round(apart / 60e3) })
  for (const id of line.seen) {
    const other = place.find(id)
    // clocks sort as they count: only one that is ahead is worked out
    if (!other || other.clock <= line.clock) continue
    const ahead = msOf(other.clock) - written
    if (ahead <= MOST_AHEAD) continue
    mark('clocks-disagree', { line: other.id, minutes: Math.round(ahead / 60e3) })
    return
  }
}

function markIds(kind: SystemKind, line: Line, mark: Marker) {
  const unknown = (what: string, id: string) => mark('unknown-id', { what, id })
  switch (line.kind) {
    case 'reading':
    case 'observation':
    case 'skip':
    case 'wait': {
      const test = findTest(kind, line.test)
      if (!test) return unknown('test', line.test)
      if (line.kind === 'observation' && !(test.kind === 'seen' && hasOutcome(test, line.outcome)))
        return unknown('answer', line.outcome)
      if (line.kind === 'reading' && test.kind !== 'numeric') return unknown('reading', line.test)
      return
    }
    case 'part':
    case 'repair':
      if (!kind.components.some(c => c.id === line.component) && !wholeCatalogue().components.has(line.component))
        unknown('part', line.component)
      if (line.fault && !isFault(kind, line.fault)) unknown('fault', line.fault)
      return
    case 'finding':
      if (!isFault(kind, line.about) && !isAnswer(kind, line.about)) unknown('fault', line.about)
      return
    case 'opened':
    case 'state':
    case 'photo':
    case 'note':
    case 'remark':
    case 'strike':
    case 'carried':
    case 'resumed':
    case 'taken-up':
    case 'step':
    case 'landed':
    case 'adjusted':
    case 'timed':
    case 'proved':
    case 'follow-up':
    case 'advice':
    case 'settled':
  }
}

/** Not faults of the catalogue, but said of one. */
const SAID_OF_A_FAULT = new Set(['other', 'sound', 'unknown'])

/** What a test showed, found besides: `test:answer`. */
const isAnswer = (kind: SystemKind, about: string) =>
  about.includes(':') && findTest(kind, about.slice(0, about.indexOf(':'))) !== undefined

const isFault = (kind: SystemKind, id: string) =>
  SAID_OF_A_FAULT.has(id)
  || kind.faults.some(f => f.id === id)
  || kind.causeNotes.some(n => n.id === id)
  || wholeCatalogue().faults.has(id)
  || wholeCatalogue().causes.has(id)

function markPlace(kind: SystemKind, line: Line, place: Place, mark: Marker) {
  if (place.settled() && waitsAfterSettling(line)) mark('after-settling')
  switch (line.kind) {
    case 'reading':
    case 'observation': {
      const test = findTest(kind, line.test)
      if (line.kind === 'reading' && line.value === null && !line.ol && !line.judged) mark('nothing-read')
      if (
        line.kind === 'reading'
        && test?.kind === 'numeric'
        && line.value !== null
        && !isPossible(test, line.value)
      )
        mark('impossible-value')
      // what shows that the power is on says so itself
      const tells = test?.need === 'live' && saysOf(kind, line).power
      if (test && !tells && !line.without?.trim() && !holdsNeed({ work: place.work() }, test.need))
        mark('without-state', { need: test.need satisfies Need })
      return
    }
    case 'state': {
      const failure = findProofFailure(kind, line)
      if (failure) mark('proof-fails', { to: line.to, why: failure.why, value: failure.value })
      else if (line.to === 'discharged' && !place.work()['proven-dead'])
        mark('without-state', { need: 'proven-dead' })
      return
    }
    case 'strike':
    case 'taken-up':
      if (!place.find(line.line) || line.line === line.id) mark('names-nothing')
      return
    case 'settled':
      if (place.settled()) mark('second-settlement')
      return
    case 'opened':
      if (place.opened()) mark('second-opening')
      return
    case 'part':
    case 'repair':
    case 'finding':
    case 'skip':
    case 'wait':
    case 'photo':
    case 'note':
    case 'remark':
    case 'carried':
    case 'resumed':
    case 'step':
    case 'landed':
    case 'adjusted':
    case 'timed':
    case 'proved':
    case 'follow-up':
    case 'advice':
  }
}

/** Whether a line written after the settlement waits until the tab is open again and the line is taken up. */
export function waitsAfterSettling(line: Line): boolean {
  switch (line.kind) {
    case 'reading':
    case 'observation':
    case 'state':
    case 'part':
    case 'repair':
    case 'finding':
    case 'skip':
    case 'wait':
    case 'carried':
    case 'step':
    case 'landed':
    case 'adjusted':
    case 'timed':
    case 'proved':
    case 'follow-up':
    case 'advice':
      return true
    case 'opened':
    case 'photo':
    case 'note':
    case 'remark':
    case 'strike':
    case 'resumed':
    case 'taken-up':
    case 'settled':
      return false
  }
}
