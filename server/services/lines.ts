/** Adding lines to a tab: checked against the tab's own state, kept once each, projected in the same transaction. */
import { asc, eq } from 'drizzle-orm'
import type { AddLinesReply, KeptLine, RefusedLine } from '#contracts'
import { isKindId, kindFor } from '#core/systems'
import { checkLine, foldTab, lineSchema, type DraftLine, type Line, type TabStatus } from '#core/tab'
import type { Database } from '../database/open'
import { lines, partsUsed, systems, tabs } from '../database/schema'
import { fittedChanges, fittedUndone } from './fitted'
import { notFound } from './problems'
import { announce } from './watch'

/** A tab's lines in the order they were kept. */
export async function readLines(db: Database, tab: string): Promise<KeptLine[]> {
  const rows = await db.select({ seq: lines.seq, body: lines.body }).from(lines).where(eq(lines.tab, tab)).orderBy(asc(lines.seq))
  return rows.map(r => ({ seq: r.seq, line: JSON.parse(r.body) as Line }))
}

/**
 * Adds lines in order. A line already kept is acknowledged again; one that cannot be taken is refused with its reason and
 * the rest go on. The answer is given after the transaction is on disk.
 */
export async function addLines(db: Database, tabId: string, added: readonly Line[]): Promise<AddLinesReply> {
  const [tab] = await db.select({ system: tabs.system, kind: systems.kind, nameplate: systems.nameplate, status: tabs.status }).from(tabs).innerJoin(systems, eq(systems.id, tabs.system)).where(eq(tabs.id, tabId))
  if (!tab || !isKindId(tab.kind)) throw notFound('tab')
  const kind = kindFor(tab.kind, tab.nameplate)
  const all: Line[] = (await readLines(db, tabId)).map(k => k.line)
  const known = new Map(all.map(l => [l.id, JSON.stringify(l)]))
  const fresh: Line[] = []
  const kept: string[] = []
  const refused: RefusedLine[] = []
  for (const raw of added) {
    const line = lineSchema.parse(raw)
    const before = known.get(line.id)
    if (before !== undefined) {
      if (before === JSON.stringify(line)) kept.push(line.id)
      else refused.push({ id: line.id, problem: { code: 'id-taken', facts: { what: 'line' } } })
      continue
    }
    const checked = checkLine(kind, foldTab(all), line as DraftLine)
    if (!checked.ok) {
      refused.push({ id: line.id, problem: checked.problem })
      continue
    }
    all.push(line)
    fresh.push(line)
    known.set(line.id, JSON.stringify(line))
    kept.push(line.id)
  }
  if (fresh.length > 0) {
    await db.batch([
      db.insert(lines).values(fresh.map(l => lineRow(tabId, l))).onConflictDoNothing(),
      db.update(tabs).set(tabProjection(all)).where(eq(tabs.id, tabId)),
      ...fresh.flatMap((l) => {
        const struck = l.kind === 'strike' ? all.find(x => x.id === l.line) : undefined
        return struck?.kind === 'part' ? fittedUndone(db, tab.system, struck) : []
      }),
      ...fresh.flatMap(l => l.kind === 'part' ? [db.insert(partsUsed).values(partRow(tab.system, l)).onConflictDoNothing(), ...fittedChanges(db, tab.system, l)] : []),
    ])
    announce(tabId, fresh.map(l => l.id))
  }
  return { kept, refused }
}

export const lineRow = (tab: string, line: Line) => ({ id: line.id, tab, at: line.at, kind: line.kind, body: JSON.stringify(line) })

export const partRow = (system: string, line: Extract<Line, { kind: 'part' }>) =>
  ({ line: line.id, system, component: line.component, off: line.off ?? '', on: line.on ?? '', number: line.number ?? '', at: line.at })

/** What a list of tabs needs to know without folding each: derived from the lines, never set by hand. */
export function tabProjection(all: readonly Line[]): { status: TabStatus, note: string } {
  const state = foldTab(all)
  const note = state.status === 'settled' ? state.settled?.summary ?? '' : state.status === 'carried' ? state.carried?.reason ?? '' : ''
  return { status: state.status, note }
}
