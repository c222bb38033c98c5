/**
 * Reads a tab's lines: whole ones, whole ones without their place, and lines written short. What has no place of its
 * own stands in the order of the file, each line having seen the one before. Nothing is judged here: a reading
 * without its proof, a line after the settlement are kept, and marked in the fold.
 */
import { fail, itemAt, ok, type Result } from '#core/foundation'
import { hear, hearOwner, spokenAfter, type HearingOf, type Saying, type Spoken } from '#core/listening'
import type { SystemKind } from '#core/systems'
import {
  createWriter,
  FILE_DEVICE,
  isPlaced,
  msOf,
  parseLine,
  parseUnplaced,
  STATIONS,
  type AnyLine,
  type DraftLine,
  type UnplacedLine,
} from '#core/tab'
import type { TabFile } from './book'
import { addDays, makeId } from './ids'
import type { BookProblem, ReadTab } from './read'

export function readTab(
  kind: SystemKind,
  systemId: string,
  tab: TabFile,
  shift: number,
  where: string,
  sayings: readonly Saying[] = [],
): Result<ReadTab, BookProblem> {
  const id = tab.id ?? makeId('tab', systemId, tab.day, tab.words)
  const start = addDays(tab.day, shift)
  const place = `${where} › ${tab.day}`
  const by = tab.by ? { by: tab.by } : {}
  const lines: AnyLine[] = []
  const put = createWriter(makeId('file', id).replace(/^file-/, FILE_DEVICE))
  let clock = { day: 0, minutes: firstMinutes(tab) }
  const stamp = (n: number) =>
    `${addDays(start, clock.day)}T${two(Math.floor(clock.minutes / 60))}:${two(clock.minutes % 60)}:${two(n % 60)}.000Z`
  const write = (draft: DraftLine, n: number) => {
    lines.push(
      put({
        ...draft,
        id: makeId('line', id, String(n), JSON.stringify(draft)),
        at: stamp(n),
        ...by,
      } as UnplacedLine),
    )
  }
  const opening = { kind: 'opened', complaint: tab.complaint, words: tab.words } as const
  let before: Spoken = spokenAfter(kind, {}, opening)
  const hasOpening = tab.lines.some(l => typeof l !== 'string' && l.kind === 'opened')
  if (!hasOpening) {
    write({ ...opening, ...(tab.since ? { since: tab.since } : {}) }, 0)
    for (const line of hearOwner(kind, tab)) write({ ...line, ...AS_WRITTEN }, 0)
  }
  for (const [i, written] of tab.lines.entries()) {
    if (typeof written !== 'string') {
      const whole = isPlaced(written) ? parseLine(written) : parseUnplaced(written)
      if (!whole.ok)
        return fail('bad-line', {
          place,
          line: whole.problem.facts.id || `number ${i + 1}`,
          why: `${whole.problem.facts.place}: ${whole.problem.facts.why}`,
        })
      const moved = shift === 0 ? whole.value : moveLine(whole.value, shift)
      lines.push('clock' in moved ? moved : put(moved))
      continue
    }
    const timed = /^(?:\+(\d+)\s+)?(?:(\d{1,2}):(\d{2})\s+)?(.+)$/s.exec(written.trim())
    if (!timed) return fail('bad-line', { place, line: written, why: 'it is empty' })
    clock = {
      day: timed[1] ? Number(timed[1]) : clock.day,
      minutes: timed[2] ? Number(timed[2]) * 60 + Number(timed[3]) : clock.minutes,
    }
    if (Number.isNaN(Date.parse(stamp(0))))
      return fail('bad-line', { place, line: written, why: 'that is no time of day' })
    const draft = readWrittenLine(kind, itemAt(timed, 4, 'part of the line'), start, { before, sayings })
    if (!draft.ok)
      return fail('bad-line', { place, line: written, why: draft.problem.code, ...draft.problem.facts })
    const set = draft.value.length > 1 ? { set: makeId('set', id, String(i)) } : {}
    for (const one of draft.value) {
      const ofSet = one.kind === 'reading' || one.kind === 'observation'
      write(ofSet ? { ...one, ...set } : one, i + 1)
      before = spokenAfter(kind, before, one)
    }
  }
  return ok({ id, day: start, lines, ...by })
}

const AS_WRITTEN = { without: 'as written in the file' } as const
const VERBS = 'part|repair|failed|cause|also|skip|wait|step|proved|unproved|carry|resume|follow-up|advice|settle|note'
const COMMAND = new RegExp(`^(${VERBS})\\b\\s*([^:]*):?\\s*(.*)$`, 's')

/**
 * Written lines know, besides the shorthand: `part COMPONENT FAULT: off … on … (number, van)`, its fault and where it
 * came from left out at will, `repair COMPONENT: …`, `failed FAULT: …`, `cause ID: …`, `also ID: …`, `skip TEST: …`,
 * `carry: … bring …`, `resume`, `follow-up N days: …`, `wait TEST: minutes`, `step STATION STEP` (done) or `step
 * STATION STEP: reason` (left out), `proved WHAT: …`, `unproved WHAT: …`, `advice: …`, `settle: …`, and `left …` for a
 * reading as left. A state may be forced with `dead!`: only in files.
 */
function readWrittenLine(
  kind: SystemKind,
  written: string,
  start: string,
  listening: HearingOf,
): Result<readonly DraftLine[]> {
  const command = COMMAND.exec(written)
  if (command) {
    const [, verb, about, rest] = command as unknown as [string, string, string, string]
    switch (verb) {
      case 'part':
        return ok([readPart(about.trim(), rest)])
      case 'repair':
        return ok([{ kind: 'repair', component: about.trim(), text: rest }])
      case 'failed':
      case 'cause':
      case 'also':
        return ok([{ kind: 'finding', role: verb, about: about.trim(), text: rest }])
      case 'skip':
        return ok([{ kind: 'skip', test: about.trim(), reason: rest }])
      case 'wait':
        return ok([{ kind: 'wait', test: about.trim(), minutes: Number.parseFloat(rest) || 10 }])
      case 'step': {
        const [at = '', step = ''] = about.trim().split(/\s+/)
        const station = STATIONS.find(s => s === at)
        if (!station || !step) return ok([{ kind: 'remark', text: written }])
        return ok([{ kind: 'step', station, step, done: !rest, ...(rest ? { reason: rest } : {}) }])
      }
      case 'proved':
      case 'unproved':
        return ok([{ kind: 'proved', what: about.trim(), holds: verb === 'proved', ...(rest ? { text: rest } : {}) }])
      case 'carry': {
        const [reason, bring] = rest.split(/\bbring\b/)
        return ok([
          {
            kind: 'carried',
            reason: (reason ?? '').trim().replace(/[;,.]$/, ''),
            ...(bring ? { bring: bring.trim() } : {}),
          },
        ])
      }
      case 'resume':
        return ok([{ kind: 'resumed' }])
      case 'follow-up':
        return ok([{ kind: 'follow-up', text: rest, due: addDays(start, Number.parseInt(about) || 30) }])
      case 'advice':
        return ok([{ kind: 'advice', text: rest }])
      case 'settle':
        return ok([{ kind: 'settled', summary: rest }])
      case 'note':
        return ok([{ kind: 'note', text: `${about}${rest ? `: ${rest}` : ''}`.trim() }])
    }
  }
  const asLeft = written.startsWith('left ')
  const said = asLeft ? written.slice(5) : written
  const heard = hear(kind, said, listening)
  // what it is refused for is said where it is typed; in a file it is kept, and not weighed
  if (!heard.ok) return heard.problem.code === 'empty' ? heard : ok([{ kind: 'remark', text: written }])
  // a file cannot be asked: what has two meanings is kept as it was said, and not weighed
  if (heard.value.kind !== 'lines') return ok([{ kind: 'remark', text: written }])
  const { lines, left } = heard.value
  return ok([
    ...lines.map(line =>
      line.kind === 'reading' || line.kind === 'observation'
        ? { ...line, ...(asLeft ? { asLeft: true } : {}), ...AS_WRITTEN }
        : line.kind === 'landed' && asLeft
          ? { ...line, as: 'left' as const }
          : line,
    ),
    ...(left ? [{ kind: 'remark' as const, text: left }] : []),
  ])
}

function readPart(about: string, text: string): DraftLine {
  const off = /\boff (.+?)(?= \bon\b|$)/.exec(text)?.[1]
  const on = /\bon (.+?)(?= \(|$)/.exec(text)?.[1]
  const [, number, from = 'van'] = /\(([^),]+)(?:, (van|ordered|site))?\)/.exec(text) ?? []
  const [component = '', fault] = about.split(/\s+/)
  return {
    kind: 'part',
    component,
    ...(fault ? { fault } : {}),
    ...(off ? { off: off.trim() } : {}),
    ...(on ? { on: on.trim() } : {}),
    ...(number ? { number } : {}),
    from: from as 'van' | 'ordered' | 'site',
  }
}

const firstMinutes = (tab: TabFile) => {
  const first = tab.lines
    .map(l => (typeof l === 'string' ? /^(?:\+\d+\s+)?(\d{1,2}):(\d{2})/.exec(l) : null))
    .find(m => m)
  return first ? Math.max(0, Number(first[1]) * 60 + Number(first[2]) - 1) : 9 * 60
}
const two = (n: number) => String(n).padStart(2, '0')

function moveLine<L extends AnyLine | UnplacedLine>(line: L, shift: number): L {
  const at = new Date(Date.parse(line.at) + shift * 86400e3).toISOString()
  const moved = 'clock' in line ? { ...line, at, clock: moveClock(line.clock, shift) } : { ...line, at }
  return line.kind === 'follow-up' && 'due' in line ? { ...moved, due: addDays(line.due, shift) } : moved
}

const moveClock = (clock: string, days: number) =>
  `${String(msOf(clock) + days * 86400e3).padStart(14, '0')}${clock.slice(14)}`
