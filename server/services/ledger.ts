/**
 * The ledger's lines: kept as a tab's are, refused only for bad form and a taken id, and folded once in memory; what
 * came since, from here or another process, is added before it is asked.
 */
import { isDeepStrictEqual } from 'node:util'
import { and, asc, eq, gt, inArray, sql } from 'drizzle-orm'
import type { AddLinesReply, PlacedWords, RefusedLine } from '#contracts'
import { createLedger, isLedgerLine, LEDGER, parseLedgerLine, type AnyLedgerLine, type Ledger } from '#core/ledger'
import { documentWork, partDocument, siteDocument } from '../database/documents'
import { ledger, sites, systems } from '../database/schema'
import type { Database } from '../database/types'
import { write, type Work } from '../database/write'
import type { Sent } from './lines'
import { nameDatabaseError } from './problems'
import { announce } from './watch'

interface Held {
  readonly ledger: Ledger
  seq: number
}
const held = new WeakMap<Database, Held>()

/** The ledger as the database has it now. */
export async function readLedger(db: Database): Promise<Ledger> {
  const own = held.get(db) ?? { ledger: createLedger(), seq: 0 }
  held.set(db, own)
  const rows = await db.select({ seq: ledger.seq, body: ledger.body }).from(ledger)
    .where(gt(ledger.seq, own.seq)).orderBy(asc(ledger.seq))
  own.ledger.append(rows.map(r => JSON.parse(r.body) as AnyLedgerLine))
  own.seq = rows.at(-1)?.seq ?? own.seq
  return own.ledger
}

/** The words that a hand has placed, the oldest first. */
export async function readSayings(db: Database): Promise<PlacedWords[]> {
  return (await readLedger(db)).sayings().map(({ id, at, by, words, test, outcome }) => ({
    id, at, words, test, ...(by ? { by } : {}), ...(outcome ? { outcome } : {}),
  }))
}

/** Grows with each line: what was worked out of the ledger holds until it does. */
export const ledgerMark = (db: Database): number => held.get(db)?.seq ?? 0

/** All lines, in the order they came: for the open file. */
export const ledgerLines = async (db: Database): Promise<AnyLedgerLine[]> =>
  (await db.select({ body: ledger.body }).from(ledger).orderBy(asc(ledger.seq)))
    .map(r => JSON.parse(r.body) as AnyLedgerLine)

/** Answers after the transaction is on disk. A line already kept is acknowledged again. */
export async function addLedgerLines(db: Database, raw: readonly unknown[], sent: Sent = {}): Promise<AddLinesReply> {
  const keep = async () => {
    const { fresh, kept, refused } = await sortLedger(db, raw)
    if (fresh.length > 0) {
      await write(db, await ledgerWork(db, fresh, sent))
      announce(LEDGER, fresh.map(l => l.id))
    }
    return { kept, refused }
  }
  // another process kept one of them meanwhile
  return keep().catch((error: unknown) => {
    if (nameDatabaseError(error)?.problem.code !== 'id-taken') throw error
    return keep()
  })
}

/** The work that keeps lines which are not here yet, with what search finds by them. */
export async function ledgerWork(
  db: Database, fresh: readonly AnyLedgerLine[],
  { received = new Date().toISOString(), session = '', sender = '' }: Sent,
): Promise<Work[]> {
  const rows = JSON.stringify(fresh.map(l => [l.id, l.device, l.counter, l.at, l.kind, JSON.stringify(l)]))
  return [
    db.run(sql`INSERT INTO ledger (id, device, counter, at, kind, body, received, session, sender)
      SELECT value->>0, value->>1, value->>2, value->>3, value->>4, value->>5, ${received}, ${session}, ${sender}
      FROM json_each(${rows})`),
    ...(await documentsOf(db, fresh)),
    ...(await systemChanges(db, fresh)),
  ]
}

/** Systems renamed, moved, retired: their rows are brought to what the ledger gives, so that every list has it. */
export async function systemChanges(
  db: Database, fresh: readonly AnyLedgerLine[], placed: readonly string[] = [],
): Promise<Work[]> {
  const about = new Set([...placed, ...fresh.flatMap(l => (isLedgerLine(l) && l.kind === 'system' ? [l.system] : []))])
  if (about.size === 0) return []
  const before = await db.select({ body: ledger.body }).from(ledger).where(inArray(ledger.kind, ['system', 'struck']))
  const after = createLedger([...before.map(r => JSON.parse(r.body) as AnyLedgerLine), ...fresh])
  return [...about].flatMap((id) => {
    const { site, ...change } = after.system(id)
    if (!site && Object.keys(change).length === 0) return []
    return [
      ...(Object.keys(change).length > 0 ? [db.update(systems).set(change).where(eq(systems.id, id))] : []),
      // a site that is not here yet takes nothing to itself
      ...(site
        ? [db.update(systems).set({ site }).where(and(
            eq(systems.id, id), sql`EXISTS (SELECT 1 FROM sites WHERE sites.id = ${site})`))]
        : []),
      documentOfSystem(db, id),
    ]
  })
}

/** Found by its name now, and at its site now. */
const documentOfSystem = (db: Database, id: string): Work => db.run(sql`UPDATE documents
  SET title = (SELECT name FROM systems WHERE id = ${id}),
    detail = (SELECT sites.name FROM systems JOIN sites ON sites.id = systems.site WHERE systems.id = ${id})
  WHERE about = ${id} AND EXISTS (SELECT 1 FROM systems WHERE id = ${id})`)

export interface SortedLedger {
  readonly fresh: readonly AnyLedgerLine[]
  readonly kept: readonly string[]
  readonly refused: readonly RefusedLine[]
}

export async function sortLedger(db: Database, raw: readonly unknown[]): Promise<SortedLedger> {
  const parsed = raw.map(parseLedgerLine)
  const ids = parsed.flatMap(p => (p.ok ? [p.value.id] : []))
  const known = new Map<string, AnyLedgerLine>()
  for (let i = 0; i < ids.length; i += MOST_ROWS)
    for (const r of await db.select({ id: ledger.id, body: ledger.body }).from(ledger)
      .where(inArray(ledger.id, ids.slice(i, i + MOST_ROWS))))
      known.set(r.id, JSON.parse(r.body) as AnyLedgerLine)
  const fresh: AnyLedgerLine[] = []
  const kept: string[] = []
  const refused: RefusedLine[] = []
  for (const p of parsed) {
    if (!p.ok) {
      refused.push({ id: String(p.problem.facts.id), problem: p.problem })
      continue
    }
    const before = known.get(p.value.id)
    if (before && !isDeepStrictEqual(before, p.value)) {
      refused.push({ id: p.value.id, problem: { code: 'id-taken', facts: { what: 'line' } } })
      continue
    }
    kept.push(p.value.id)
    if (before) continue
    known.set(p.value.id, p.value)
    fresh.push(p.value)
  }
  return { fresh, kept, refused }
}
const MOST_ROWS = 1000

const FOUND_BY = ['listed', 'fact', 'struck']

/** Parts are found by what they are called and numbered, sites by their facts. */
async function documentsOf(db: Database, fresh: readonly AnyLedgerLine[]): Promise<Work[]> {
  const known = fresh.filter(isLedgerLine)
  if (!known.some(l => l.kind === 'listed' || l.kind === 'fact')) return []
  const before = await db.select({ body: ledger.body }).from(ledger).where(inArray(ledger.kind, FOUND_BY))
  const after = createLedger([...before.map(r => JSON.parse(r.body) as AnyLedgerLine), ...known])
  const listed = new Set(known.flatMap(l => (l.kind === 'listed' ? [l.part] : [])))
  const told = [...new Set(known.flatMap(l => (l.kind === 'fact' ? [l.site] : [])))]
  const places = told.length === 0 ? [] : await db.select().from(sites).where(inArray(sites.id, told))
  return [
    ...after.parts().filter(p => listed.has(p.part)).map(p => documentWork(db, partDocument(p))),
    ...places.map(s => documentWork(db, siteDocument(s, after.facts(s.id).map(f => f.text)))),
  ]
}
