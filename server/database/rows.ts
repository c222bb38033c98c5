/** Lines and what the fold gives, as rows. */
import { eq, sql } from 'drizzle-orm'
import type { AnyLine, TabState } from '#core/tab'
import type { Database } from './types'
import { failures, followUps, partsUsed, tabs } from './schema'
import type { Work } from './write'

/**
 * The work that adds lines with their receipts: one statement each however many there are, over a JSON array of their
 * columns. A line that is here already with the same body stays; another under its id fails (trigger).
 * @param received when they came; @param seqs the places that version 1 had given them
 */
export function addRows(
  db: Database,
  tab: string,
  added: readonly AnyLine[],
  received: (line: AnyLine) => string,
  seqs?: readonly number[],
): Work[] {
  if (added.length === 0) return []
  const rows = JSON.stringify(
    added.map((l, i) => [
      seqs?.[i] ?? null,
      l.id,
      l.device,
      l.counter,
      l.at,
      l.kind,
      JSON.stringify(l),
      received(l),
    ]),
  )
  return [
    db.run(sql`INSERT INTO lines (seq, id, tab, device, counter, at, kind, body)
      SELECT value->>0, value->>1, ${tab}, value->>2, value->>3, value->>4, value->>5, value->>6
      FROM json_each(${rows}) WHERE true
      ON CONFLICT (id) DO NOTHING`),
    db.run(sql`INSERT INTO receipts (seq, received)
      SELECT lines.seq, value->>7 FROM json_each(${rows}) JOIN lines ON lines.id = value->>1 WHERE true
      ON CONFLICT (seq) DO NOTHING`),
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
    })),
  }
}

/** The work that brings a tab's rows to what its lines give. */
export function projectTab(
  db: Database,
  tab: { readonly id: string, readonly system: string },
  state: TabState,
): Work[] {
  const { followUps: due, failures: failed, parts, ...card } = projectionOf(state)
  const own = { tab: tab.id }
  return [
    db.update(tabs).set(card).where(eq(tabs.id, tab.id)),
    db.delete(followUps).where(eq(followUps.tab, tab.id)),
    db.delete(failures).where(eq(failures.tab, tab.id)),
    db.delete(partsUsed).where(eq(partsUsed.tab, tab.id)),
    ...(due.length > 0 ? [db.insert(followUps).values(due.map(f => ({ ...f, ...own })))] : []),
    ...(failed.length > 0 ? [db.insert(failures).values(failed.map(f => ({ ...f, ...own })))] : []),
    ...(parts.length > 0
      ? [db.insert(partsUsed).values(parts.map(p => ({ ...p, ...own, system: tab.system })))]
      : []),
  ]
}
