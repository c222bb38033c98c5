/** Lines and what the fold gives, as rows. */
import { and, eq, sql } from 'drizzle-orm'
import { settledCallOf } from '#core/books'
import { isKnownLine, type AnyLine, type TabState } from '#core/tab'
import { linkOf } from './chain'
import type { Database } from './types'
import { documentWork, tabDocument } from './documents'
import { documents, failures, followUps, partsUsed, settledCalls, tabs } from './schema'
import type { Work } from './write'

/** How lines came: when, in whose session and from whom; and the head that their chain goes on from. */
export interface Arrival {
  readonly tab: string
  readonly prev: string
  readonly received: (line: AnyLine) => string
  readonly session?: string
  readonly sender?: string
  /** the places that version 1 had given them */
  readonly seqs?: readonly number[]
}

/**
 * The work that adds lines with their receipts and their links: one statement each however many there are, over a
 * JSON array of their columns. A line that is here already, or a chain that has grown meanwhile, fails all of it.
 */
export function addRows(
  db: Database,
  added: readonly AnyLine[],
  { tab, prev, received, session = '', sender = '', seqs }: Arrival,
): Work[] {
  if (added.length === 0) return []
  let head = prev
  const rows = JSON.stringify(added.map((l, i) => {
    const [body, before] = [JSON.stringify(l), head]
    head = linkOf(before, body)
    return [seqs?.[i] ?? null, l.id, l.device, l.counter, l.at, l.kind, body, received(l), before, head]
  }))
  return [
    db.run(sql`INSERT INTO lines (seq, id, tab, device, counter, at, kind, body)
      SELECT value->>0, value->>1, ${tab}, value->>2, value->>3, value->>4, value->>5, value->>6
      FROM json_each(${rows})`),
    db.run(sql`INSERT INTO receipts (seq, received, session, sender)
      SELECT lines.seq, value->>7, ${session}, ${sender} FROM json_each(${rows}) JOIN lines ON lines.id = value->>1`),
    db.run(sql`INSERT INTO links (seq, tab, prev, head)
      SELECT lines.seq, ${tab}, value->>8, value->>9 FROM json_each(${rows}) JOIN lines ON lines.id = value->>1`),
  ]
}

/** The database holds only lines that were parsed on their way in. */
export const readStored = (body: string) => JSON.parse(body) as AnyLine

/** What lists of tabs need to know without folding each: derived from the lines, never set by hand. */
export function projectionOf(state: TabState) {
  const { status, settled, carried } = state
  return {
    status,
    note: settled?.summary ?? carried?.reason ?? '',
    bring: carried?.bring ?? '',
    settledAt: settled?.at ?? '',
    followUps: state.followUps.map(({ id, text, due }) => ({ line: id, text, due })),
    failures: settled
      ? [...new Set(state.findings.failed.map(f => f.about))].map(fault => ({ fault, at: settled.at }))
      : [],
    parts: state.parts.map(p => ({
      line: p.id,
      component: p.component,
      off: p.off ?? '',
      on: p.on ?? '',
      number: p.number ?? '',
      why: p.fault ?? '',
      at: p.at,
      source: p.from ?? '',
    })),
    call: settledCallOf(state),
  }
}

/** What a line says in words: how its tab is searched for. */
function wordsOf(line: AnyLine): string {
  if (!isKnownLine(line)) return ''
  switch (line.kind) {
    case 'note': case 'remark': case 'repair': case 'follow-up': case 'advice':
      return line.text
    case 'finding':
      return `${line.text} ${line.about}`
    case 'part':
      return [line.on, line.off, line.number].filter(Boolean).join(' ')
    case 'photo':
      return line.caption
    case 'carried':
      return `${line.reason} ${line.bring ?? ''}`
    case 'settled':
      return line.summary
    default:
      return ''
  }
}
/** A tab is found by so much of what was written on it, in letters: a longer index would slow each further line. */
const MOST_WORDS = 32_000

/** The work that adds what new lines say to what the tab is found by. */
export function addWords(db: Database, tab: string, fresh: readonly AnyLine[]): Work[] {
  const words = fresh.map(wordsOf).filter(Boolean).join('\n')
  if (!words) return []
  const grown = sql`${documents.words} || char(10) || ${words.slice(0, MOST_WORDS)}`
  return [db.update(documents).set({ words: grown })
    .where(and(eq(documents.about, tab), sql`length(${documents.words}) < ${MOST_WORDS}`))]
}

/** The work that brings a tab's rows to what its lines give. */
export function projectTab(
  db: Database,
  tab: { readonly id: string, readonly system: string },
  state: TabState,
): Work[] {
  const said = state.lines.flatMap(l => (state.struck.has(l.id) ? [] : [wordsOf(l)])).filter(Boolean)
  const words = [state.opened?.by ?? '', ...said].join('\n').slice(0, MOST_WORDS)
  const { followUps: due, failures: failed, parts, call, ...card } = projectionOf(state)
  const own = { tab: tab.id }
  return [
    db.update(tabs).set(card).where(eq(tabs.id, tab.id)),
    db.delete(followUps).where(eq(followUps.tab, tab.id)),
    db.delete(failures).where(eq(failures.tab, tab.id)),
    db.delete(partsUsed).where(eq(partsUsed.tab, tab.id)),
    db.delete(settledCalls).where(eq(settledCalls.tab, tab.id)),
    documentWork(db, tabDocument(tab.id, state.opened ?? { at: '', words: '' }, words)),
    ...(call ? [db.insert(settledCalls).values({ tab: tab.id, at: call.settledAt, call })] : []),
    ...(due.length > 0 ? [db.insert(followUps).values(due.map(f => ({ ...f, ...own })))] : []),
    ...(failed.length > 0 ? [db.insert(failures).values(failed.map(f => ({ ...f, ...own })))] : []),
    ...(parts.length > 0
      ? [db.insert(partsUsed).values(parts.map(p => ({ ...p, ...own, system: tab.system })))]
      : []),
  ]
}
