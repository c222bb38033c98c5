/** Lines and what the fold gives, as rows. */
import { eq } from 'drizzle-orm'
import type { AnyLine, TabState } from '#core/tab'
import type { Database } from './types'
import { failures, followUps, partsUsed, tabs } from './schema'
import type { Work } from './write'

export const lineRow = (tab: string, line: AnyLine) =>
  ({ id: line.id, tab, device: line.device, counter: line.counter, at: line.at, kind: line.kind, body: JSON.stringify(line) })

/** The database holds only lines that were parsed on their way in. */
export const readStored = (body: string) => JSON.parse(body) as AnyLine

export const receiptRow = (line: AnyLine, received: string, session = '') => ({ line: line.id, received, session })

/** What lists of tabs need to know without folding each: derived from the lines, never set by hand. */
export function projectionOf(state: TabState) {
  const { status, settled, carried } = state
  return {
    status,
    note: settled?.summary ?? carried?.reason ?? '',
    bring: carried?.bring ?? '',
    settledAt: settled?.at ?? '',
    followUps: state.followUps.map(({ id, text, due }) => ({ line: id, text, due })),
    failures: settled ? [...new Set(state.findings.failed.map(f => f.about))].map(fault => ({ fault, at: settled.at })) : [],
    parts: state.parts.map(p => ({ line: p.id, component: p.component, off: p.off ?? '', on: p.on ?? '', number: p.number ?? '', why: p.fault ?? '', at: p.at })),
  }
}

/** The work that brings a tab's rows to what its lines give. */
export function projectTab(db: Database, tab: { readonly id: string, readonly system: string }, state: TabState): Work[] {
  const { followUps: due, failures: failed, parts, ...card } = projectionOf(state)
  const own = { tab: tab.id }
  return [
    db.update(tabs).set(card).where(eq(tabs.id, tab.id)),
    db.delete(followUps).where(eq(followUps.tab, tab.id)),
    db.delete(failures).where(eq(failures.tab, tab.id)),
    db.delete(partsUsed).where(eq(partsUsed.tab, tab.id)),
    ...(due.length > 0 ? [db.insert(followUps).values(due.map(f => ({ ...f, ...own })))] : []),
    ...(failed.length > 0 ? [db.insert(failures).values(failed.map(f => ({ ...f, ...own })))] : []),
    ...(parts.length > 0 ? [db.insert(partsUsed).values(parts.map(p => ({ ...p, ...own, system: tab.system })))] : []),
  ]
}
