/**
 * Adding lines to a tab. Refused are only bad form, an unknown tab and a taken id, each line alone; everything else
 * is kept and judged in the fold. What the server adds, when a line came, is its receipt.
 */
import { isDeepStrictEqual } from 'node:util'
import { and, asc, eq, gt, inArray, sql } from 'drizzle-orm'
import { unionAll } from 'drizzle-orm/sqlite-core'
import type { AddLinesReply, KeptLine, RefusedLine } from '#contracts'
import { isKindId } from '#core/systems'
import { isFileDevice, parseLine, type AnyLine, type Fold } from '#core/tab'
import type { Database } from '../database/open'
import { addRows, addWords, projectionOf, projectTab, readStored } from '../database/rows'
import { ledger, lines, receipts, systems, tabs } from '../database/schema'
import { write } from '../database/write'
import { withFold } from './folds'
import { nameDatabaseError, notFound } from './problems'
import { announce } from './watch'

/** A tab's lines as they were kept, with when each was received. @param after only those kept after this one */
export async function readLines(db: Database, tab: string, after = 0): Promise<KeptLine[]> {
  const rows = await db
    .select({ seq: lines.seq, body: lines.body, received: receipts.received, sender: receipts.sender })
    .from(lines)
    .leftJoin(receipts, eq(receipts.seq, lines.seq))
    .where(and(eq(lines.tab, tab), gt(lines.seq, after)))
    .orderBy(asc(lines.seq))
  return rows.map(r => ({
    seq: r.seq,
    received: r.received ?? '',
    ...(r.sender ? { sender: r.sender } : {}),
    line: readStored(r.body),
  }))
}

export const linesOf = async (db: Database, tab: string): Promise<AnyLine[]> =>
  (await readLines(db, tab)).map(k => k.line)

/** How lines came. */
export interface Sent {
  readonly received?: string
  readonly session?: string
  readonly sender?: string
  /** which kinds of line the sender may write; all, unless told */
  readonly mayWrite?: (line: AnyLine) => boolean
}

/** Answers after the transaction is on disk. A line already kept is acknowledged again. */
export async function addLines(
  db: Database,
  tabId: string,
  sent: readonly unknown[],
  { received = new Date().toISOString(), session = '', sender = '', mayWrite = () => true }: Sent = {},
): Promise<AddLinesReply> {
  const [tab] = await db
    .select({ id: tabs.id, system: tabs.system, kind: systems.kind, nameplate: systems.nameplate })
    .from(tabs)
    .innerJoin(systems, eq(systems.id, tabs.system))
    .where(eq(tabs.id, tabId))
  if (!tab || !isKindId(tab.kind)) throw notFound('tab')
  const { kind } = tab
  const parsed = sent.map(parseLine)
  const came = { tab: tabId, received: () => received, session, sender }
  const keep = (mayBeHere?: (fold: Fold, line: AnyLine) => boolean) =>
    withFold(db, { ...tab, kind }, async (fold, prev) => {
      const sorted = await sort(db, tabId, parsed, line => mayBeHere?.(fold, line) ?? true)
      const { fresh, kept, refused } = withRight(sorted, mayWrite)
      if (fresh.length > 0) {
        const rows = addRows(db, fresh, { ...came, prev })
        await write(db, [...rows, ...projectChange(db, tab, fold, fresh)])
        announce(
          tabId,
          fresh.map(l => l.id),
        )
      }
      return { kept, refused }
    })
  // a line that the fold lacks is new to this tab: its id is looked up only where the database says that it is taken
  return keep((fold, line) => fold.has(line.id)).catch(overtaken(() => keep())).catch(overtaken(() => keep()))
}

/** Another process has kept a line of the tab meanwhile: the fold is brought up, and it is tried again. */
const overtaken = <T>(again: () => Promise<T>) => (error: unknown): Promise<T> => {
  if (nameDatabaseError(error)?.problem.code !== 'id-taken') throw error
  return again()
}

/** What the sender may not write is refused alone. */
function withRight({ fresh, kept, refused }: Sorted, mayWrite: (line: AnyLine) => boolean): Sorted {
  const odd = fresh.filter(l => !mayWrite(l))
  if (odd.length === 0) return { fresh, kept, refused }
  const ids = new Set(odd.map(l => l.id))
  return {
    fresh: fresh.filter(l => !ids.has(l.id)),
    kept: kept.filter(id => !ids.has(id)),
    refused: [
      ...refused,
      ...odd.map(l => ({ id: l.id, problem: { code: 'no-right' as const, facts: { what: 'line' } } })),
    ],
  }
}

/** Only where the lists change: most lines change nothing there. */
function projectChange(
  db: Database,
  tab: { readonly id: string, readonly system: string },
  fold: Fold,
  fresh: readonly AnyLine[],
) {
  const before = projectionOf(fold.state())
  const state = fold.append(fresh)
  return isDeepStrictEqual(before, projectionOf(state)) ? addWords(db, tab.id, fresh) : projectTab(db, tab, state)
}

interface Sorted {
  readonly fresh: readonly AnyLine[]
  readonly kept: readonly string[]
  readonly refused: readonly RefusedLine[]
}

type Parsed = ReturnType<typeof parseLine>

/** @param mayBeHere which lines are looked up: all of them, unless told that the others are new */
async function sort(
  db: Database,
  tabId: string,
  parsed: readonly Parsed[],
  mayBeHere: (line: AnyLine) => boolean = () => true,
): Promise<Sorted> {
  const ids = parsed.flatMap(p => (p.ok && mayBeHere(p.value) ? [p.value.id] : []))
  const rows
    = ids.length === 0
      ? []
      : await db
          .select({ id: lines.id, tab: lines.tab, body: lines.body })
          .from(lines)
          .where(inArray(lines.id, ids))
  const known = new Map(rows.map(r => [r.id, { tab: r.tab, line: readStored(r.body) }]))
  const fresh: AnyLine[] = []
  const kept: string[] = []
  const refused: RefusedLine[] = []
  for (const p of parsed) {
    if (!p.ok) {
      refused.push({ id: p.problem.facts.id, problem: p.problem })
      continue
    }
    const line = p.value
    const before = known.get(line.id)
    if (before && (before.tab !== tabId || !saysTheSame(before.line, line))) {
      refused.push({ id: line.id, problem: { code: 'id-taken', facts: { what: 'line' } } })
      continue
    }
    kept.push(line.id)
    if (before) continue
    known.set(line.id, { tab: tabId, line })
    fresh.push(line)
  }
  return { fresh, kept, refused }
}

/**
 * The same line again. One that version 1 kept was placed here, and comes from a device that placed it too: what it
 * says tells.
 */
export function saysTheSame(kept: AnyLine, sent: AnyLine): boolean {
  if (!isFileDevice(kept.device)) return isDeepStrictEqual(kept, sent)
  return isDeepStrictEqual(withoutPlace(kept), withoutPlace(sent))
}

const withoutPlace = ({ device: _d, counter: _c, clock: _k, seen: _s, attachments: _a, ...said }: AnyLine) => said

/** Which of a device's lines are here, as ranges of its counter: what is missing it can give back. */
export async function heldOf(
  db: Database,
  device: string,
): Promise<{ readonly ranges: readonly (readonly [number, number])[] }> {
  // a device counts on whether it writes on a tab or in the ledger
  const rows = await unionAll(
    db.select({ counter: lines.counter }).from(lines).where(eq(lines.device, device)),
    db.select({ counter: ledger.counter }).from(ledger).where(eq(ledger.device, device)),
  ).orderBy(sql`counter`)
  const ranges: [number, number][] = []
  for (const { counter } of rows) {
    const last = ranges.at(-1)
    if (last && counter <= last[1] + 1) last[1] = counter
    else ranges.push([counter, counter])
  }
  return { ranges }
}
