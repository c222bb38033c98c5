/**
 * Reads a book file into sites, systems and whole lines. Says which place of the file is wrong and why, in the user's
 * words; takes nothing from a file that it cannot take whole. Ids that the file leaves out are made from its content, so
 * reading the same file twice gives the same ids and importing it twice adds nothing.
 */
import { fail, ok, type Result } from '#core/foundation'
import { isKindId, KIND_IDS, kindFor, type KindId, type Nameplate, type SystemKind } from '#core/systems'
import { checkLine, foldTab, parseShorthand, type DraftLine, type Line } from '#core/tab'
import { bookSchema, FORMAT, VERSION, type BookFile, type PhotoFile, type SystemFile, type TabFile } from './book'
import { parseNameplate } from './nameplate'

export interface ReadTab { readonly id: string, readonly day: string, readonly by?: string, readonly lines: readonly Line[], readonly photos: readonly PhotoFile[] }
export interface ReadSystem { readonly id: string, readonly name: string, readonly kind: KindId, readonly location?: string, readonly installed?: string, readonly nameplate: Nameplate, readonly fitted: NonNullable<SystemFile['fitted']>, readonly tabs: readonly ReadTab[] }
export interface ReadSite { readonly id: string, readonly name: string, readonly place?: string, readonly contact?: string, readonly access?: string, readonly systems: readonly ReadSystem[] }
export interface ReadBook { readonly company?: string, readonly meters: NonNullable<BookFile['meters']>, readonly sites: readonly ReadSite[] }

export type BookProblem = { readonly code: 'not-json' | 'not-a-book' | 'newer-version' | 'bad-place' | 'bad-line' | 'bad-nameplate' | 'unknown-kind', readonly facts: Readonly<Record<string, string | number>> }

/** @param layTo the day that the file's `anchor` is moved to (ISO date); without it days stay as written */
export function readBook(content: string, layTo?: string): Result<ReadBook, BookProblem> {
  let json: unknown
  try {
    json = JSON.parse(content)
  }
  catch (error) {
    return fail('not-json', { why: error instanceof Error ? error.message : 'unreadable' })
  }
  const head = json as { format?: unknown, version?: unknown }
  if (typeof json !== 'object' || json === null || head.format !== FORMAT) return fail('not-a-book', { found: String(head?.format ?? 'no format') })
  if (typeof head.version === 'number' && head.version > VERSION) return fail('newer-version', { version: head.version, reads: VERSION })
  const parsed = bookSchema.safeParse(json)
  if (!parsed.success) {
    const issue = parsed.error.issues[0]!
    return fail('bad-place', { place: issue.path.join(' › ') || 'the file', why: issue.message.includes('received undefined') ? 'it is missing' : issue.message.replace(/^Invalid input: /, '') })
  }
  return expand(parsed.data, layTo)
}

function expand(book: BookFile, layTo: string | undefined): Result<ReadBook, BookProblem> {
  const shift = layTo && book.anchor ? daysBetween(book.anchor, layTo) : 0
  const day = (d: string) => addDays(d, shift)
  const sites: ReadSite[] = []
  for (const site of book.sites) {
    const siteId = site.id ?? makeId('site', site.name)
    const systems: ReadSystem[] = []
    for (const system of site.systems) {
      const where = `${site.name} › ${system.name}`
      if (!isKindId(system.kind)) return fail('unknown-kind', { place: where, kind: system.kind, known: KIND_IDS.join(', ') })
      const nameplate = parseNameplate(system.kind, system.nameplate ?? {})
      if (!nameplate.ok) return fail('bad-nameplate', { place: where, ...nameplate.problem.facts, why: nameplate.problem.code })
      const systemId = system.id ?? makeId('system', siteId, system.name)
      const tabs: ReadTab[] = []
      for (const tab of system.tabs ?? []) {
        const read = readTab(kindFor(system.kind, nameplate.value), systemId, tab, shift, where)
        if (!read.ok) return read
        tabs.push(read.value)
      }
      systems.push({
        id: systemId, name: system.name, kind: system.kind, nameplate: nameplate.value, tabs,
        fitted: (system.fitted ?? []).map(f => ({ ...f, ...(f.fitted ? { fitted: day(f.fitted) } : {}), ...(f.removed ? { removed: day(f.removed) } : {}) })),
        ...(system.location ? { location: system.location } : {}), ...(system.installed ? { installed: day(system.installed) } : {}),
      })
    }
    const { place, contact, access } = site
    sites.push({ id: siteId, name: site.name, systems, ...(place ? { place } : {}), ...(contact ? { contact } : {}), ...(access ? { access } : {}) })
  }
  return ok({ sites, meters: (book.meters ?? []).map(m => ({ ...m, ...(m.checked ? { checked: day(m.checked) } : {}) })), ...(book.company ? { company: book.company } : {}) })
}

function readTab(kind: SystemKind, systemId: string, tab: TabFile, shift: number, where: string): Result<ReadTab, BookProblem> {
  const id = tab.id ?? makeId('tab', systemId, tab.day, tab.words)
  const start = addDays(tab.day, shift)
  const place = `${where} › ${tab.day}`
  const by = tab.by ? { by: tab.by } : {}
  const lines: Line[] = []
  let clock = { day: 0, minutes: firstMinutes(tab) }
  const stamp = (minutes: number, dayOffset: number, n: number) => `${addDays(start, dayOffset)}T${two(Math.floor(minutes / 60))}:${two(minutes % 60)}:${two(n % 60)}.000Z`
  const whole = (draft: DraftLine, n: number): Line => ({ ...draft, id: makeId('line', id, String(n), JSON.stringify(draft)), at: stamp(clock.minutes, clock.day, n), ...by }) as Line
  const hasOpening = tab.lines.some(l => typeof l !== 'string' && l.kind === 'opened')
  if (!hasOpening) lines.push(whole({ kind: 'opened', complaint: tab.complaint, words: tab.words, ...(tab.since ? { since: tab.since } : {}) }, 0))
  for (const [i, written] of tab.lines.entries()) {
    if (typeof written !== 'string') {
      lines.push(shift === 0 ? written : moveLine(written, shift))
      continue
    }
    const timed = /^(?:\+(\d+)\s+)?(?:(\d{1,2}):(\d{2})\s+)?(.+)$/s.exec(written.trim())
    if (!timed) return fail('bad-line', { place, line: written, why: 'it is empty' })
    clock = { day: timed[1] ? Number(timed[1]) : clock.day, minutes: timed[2] ? Number(timed[2]) * 60 + Number(timed[3]) : clock.minutes }
    const draft = readWrittenLine(kind, timed[4]!, start)
    if (!draft.ok) return fail('bad-line', { place, line: written, why: draft.problem.code, ...draft.problem.facts })
    for (const one of draft.value) {
      const checked = checkLine(kind, foldTab(lines), one)
      if (!checked.ok) return fail('bad-line', { place, line: written, why: checked.problem.code, ...checked.problem.facts })
      lines.push(whole(one, i + 1))
    }
  }
  return ok({ id, day: start, lines, photos: tab.photos ?? [], ...by })
}

/**
 * Written lines know, besides the shorthand: `part COMPONENT: off … on … (number …)`, `repair COMPONENT: …`,
 * `failed FAULT: …`, `cause ID: …`, `also ID: …`, `skip TEST: …`, `carry: … bring …`, `resume`, `follow-up N days: …`,
 * `wait TEST: minutes`,
 * `advice: …`, `settle: …`, and `left …` for a reading as left. A state may be forced with `dead!`: only in files.
 */
function readWrittenLine(kind: SystemKind, written: string, start: string): Result<readonly DraftLine[]> {
  const command = /^(part|repair|failed|cause|also|skip|wait|carry|resume|follow-up|advice|settle|note)\b\s*([^:]*):?\s*(.*)$/s.exec(written)
  if (command) {
    const [, verb, about, rest] = command as unknown as [string, string, string, string]
    switch (verb) {
      case 'part': return ok([readPart(about.trim(), rest)])
      case 'repair': return ok([{ kind: 'repair', component: about.trim(), text: rest }])
      case 'failed': case 'cause': case 'also': return ok([{ kind: 'finding', role: verb, about: about.trim(), text: rest }])
      case 'skip': return ok([{ kind: 'skip', test: about.trim(), reason: rest }])
      case 'wait': return ok([{ kind: 'wait', test: about.trim(), minutes: Number.parseFloat(rest) || 10 }])
      case 'carry': {
        const [reason, bring] = rest.split(/\bbring\b/)
        return ok([{ kind: 'carried', reason: (reason ?? '').trim().replace(/[;,.]$/, ''), ...(bring ? { bring: bring.trim() } : {}) }])
      }
      case 'resume': return ok([{ kind: 'resumed' }])
      case 'follow-up': return ok([{ kind: 'follow-up', text: rest, due: addDays(start, Number.parseInt(about) || 30) }])
      case 'advice': return ok([{ kind: 'advice', text: rest }])
      case 'settle': return ok([{ kind: 'settled', summary: rest }])
      case 'note': return ok([{ kind: 'note', text: `${about}${rest ? `: ${rest}` : ''}`.trim() }])
    }
  }
  const asLeft = written.startsWith('left ')
  const parsed = parseShorthand(kind, asLeft ? written.slice(5) : written)
  if (!parsed.ok) return parsed
  if (parsed.value.kind === 'ask') return fail('ambiguous', { typed: written, choices: parsed.value.choices.map(c => c.say).join(' or ') })
  const { line } = parsed.value
  const evidence = line.kind === 'reading' || line.kind === 'observation'
  return ok([evidence ? { ...line, ...(asLeft ? { asLeft: true } : {}), without: 'as written in the file' } : line])
}

function readPart(component: string, text: string): DraftLine {
  const off = /\boff (.+?)(?= \bon\b|$)/.exec(text)?.[1]
  const on = /\bon (.+?)(?= \(|$)/.exec(text)?.[1]
  const number = /\(([^)]+)\)/.exec(text)?.[1]
  return { kind: 'part', component, ...(off ? { off: off.trim() } : {}), ...(on ? { on: on.trim() } : {}), ...(number ? { number } : {}), from: 'van' }
}

const firstMinutes = (tab: TabFile) => {
  const first = tab.lines.map(l => typeof l === 'string' ? /^(?:\+\d+\s+)?(\d{1,2}):(\d{2})/.exec(l) : null).find(m => m)
  return first ? Math.max(0, Number(first[1]) * 60 + Number(first[2]) - 1) : 9 * 60
}
const two = (n: number) => String(n).padStart(2, '0')

function moveLine(line: Line, shift: number): Line {
  const at = new Date(Date.parse(line.at) + shift * 86400e3).toISOString()
  return line.kind === 'follow-up' ? { ...line, at, due: addDays(line.due, shift) } : { ...line, at }
}

export const addDays = (day: string, days: number) => new Date(Date.parse(`${day}T00:00:00Z`) + days * 86400e3).toISOString().slice(0, 10)
const daysBetween = (from: string, to: string) => Math.round((Date.parse(to) - Date.parse(from)) / 86400e3)

/** A stable id from content: 64-bit FNV-1a in two halves, with its kind in front. */
export function makeId(kind: string, ...parts: readonly string[]): string {
  const hash = (seed: number) => {
    let h = seed >>> 0
    for (const c of parts.join('\u0001')) h = Math.imul(h ^ c.codePointAt(0)!, 16777619) >>> 0
    return h.toString(16).padStart(8, '0')
  }
  return `${kind}-${hash(2166136261)}${hash(374761393)}`
}
