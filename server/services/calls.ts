/**
 * Settled calls as the books have them: read once, and of those that were settled, reopened or taken in since only
 * what is new. A row that is written again gets a number behind all others, so that the new ones are those behind.
 */
import { setImmediate as turn } from 'node:timers/promises'
import { asc, eq, sql } from 'drizzle-orm'
import type { BookedCall } from '#core/books'
import { settledCalls, systems, tabs } from '../database/schema'
import type { Database } from '../database/types'
import { unfinishedImports } from './imports'

type Place = Pick<BookedCall, 'kind' | 'site'>
interface Row {
  readonly row: number
  readonly call: BookedCall
}
interface Held {
  mark: string
  /** by tab, in the order of their numbers */
  readonly rows: Map<string, Row>
  /** by system: moved by lines of the ledger */
  readonly places: Map<string, Place>
  calls: readonly BookedCall[]
  /** until when they are not read again while a file is taken in */
  rests: number
  reading: Promise<unknown>
}
/**
 * While a file is taken in: what took so long, ms, is read again only once so many times that, but at most so long,
 * have gone by, since all that is worked out of the calls is worked out again with them.
 */
const [LONG, REST, MOST_REST] = [20, 30, 3000]
/** Rows that are read before others have their turn. */
const AT_ONCE = 1000

/** How many rows there are, and the number of the last. */
interface Now {
  readonly n: number
  readonly row: number | null
}
const held = new WeakMap<Database, Held>()
const ROW = sql<number>`${settledCalls}.rowid`

export function readCalls(db: Database): Promise<readonly BookedCall[]> {
  const own: Held = held.get(db)
    ?? { mark: '', rows: new Map(), places: new Map(), calls: [], rests: 0, reading: Promise.resolve() }
  held.set(db, own)
  // one after another: each has what was there when it asked
  const mine = own.reading.catch(() => undefined).then(() => bringUp(db, own))
  own.reading = mine
  return mine
}

async function bringUp(db: Database, own: Held): Promise<readonly BookedCall[]> {
  // each by its own index: together they would read the whole table
  const [now] = await db.all<Now>(sql`
    SELECT (SELECT count(*) FROM settled_calls) n, (SELECT max(at) FROM settled_calls) at,
      (SELECT max(rowid) FROM settled_calls) row, (SELECT max(seq) FROM ledger) ledger,
      (SELECT count(*) FROM systems) systems,
      (SELECT call FROM settled_calls ORDER BY rowid DESC LIMIT 1) last`)
  const mark = JSON.stringify(now)
  if (own.mark === mark) return own.calls
  const began = performance.now()
  if (began < own.rests && (await unfinishedImports(db)).length > 0) return own.calls
  const moved = await readPlaces(db, own)
  const came = await readRows(db, own, now!)
  if (moved || came) own.calls = [...own.rows.values()].map(r => r.call).toSorted((a, b) =>
    (a.settledAt < b.settledAt ? -1 : a.settledAt > b.settledAt ? 1 : 0))
  const took = performance.now() - began
  Object.assign(own, { mark, rests: began + (took < LONG ? 0 : Math.min(took * REST, MOST_REST)) })
  await turn()
  return own.calls
}

/** @returns whether one with calls is elsewhere than it was */
async function readPlaces(db: Database, { places, rows }: Held): Promise<boolean> {
  const moved = new Set<string>()
  for (const { id, kind, site } of await db.select({ id: systems.id, kind: systems.kind, site: systems.site })
    .from(systems)) {
    if (places.get(id) && places.get(id)?.site !== site) moved.add(id)
    places.set(id, { kind, site })
  }
  if (moved.size === 0) return false
  for (const [tab, { row, call }] of rows)
    if (moved.has(call.system)) rows.set(tab, { row, call: { ...call, ...places.get(call.system) } })
  return true
}

/** @returns whether there was anything new */
async function readRows(db: Database, own: Held, now: Now): Promise<boolean> {
  const { rows } = own
  const last = [...rows.values()].at(-1)?.row ?? 0
  // the last one too: its number is given again once it is gone; what has come since `now` is left for the next time
  const came = await take(db, own, last, now.row ?? 0)
  if (rows.size === now.n) return came
  rows.clear()
  await take(db, own, 0, now.row ?? 0)
  return true
}

/** Those with such numbers, some at a time. @returns whether there were any */
async function take(db: Database, { places, rows }: Held, first: number, last: number): Promise<boolean> {
  for (let from = first; ;) {
    const found = await db
      .select({
        row: ROW, tab: settledCalls.tab, call: settledCalls.call, openedAt: tabs.openedAt, system: tabs.system,
      })
      .from(settledCalls).innerJoin(tabs, eq(tabs.id, settledCalls.tab))
      .where(sql`${ROW} BETWEEN ${from} AND ${last}`).orderBy(asc(ROW)).limit(AT_ONCE)
    for (const { row, call, ...of } of found) {
      // behind the others, as its number is
      rows.delete(of.tab)
      rows.set(of.tab, { row, call: shared({ ...call, ...of, ...places.get(of.system)! }) })
    }
    if (found.length < AT_ONCE) return found.length > 0 || from > first
    from = found.at(-1)!.row + 1
    await turn()
  }
}

const words = new Map<string, string>()
const same = (word: string): string => words.get(word) ?? words.set(word, word).get(word)!

/** What thousands of calls say, as one text: half of the memory that they take. */
const shared = (call: BookedCall): BookedCall => ({
  ...call,
  by: same(call.by),
  failed: call.failed.map(same),
  causes: call.causes.map(same),
  tests: call.tests.map(same),
  system: same(call.system),
  ...(call.closedBy ? { closedBy: same(call.closedBy) } : {}),
})

/** Works something out of the settled calls once, and again only when they have changed. */
export function perCalls<T>(make: (calls: readonly BookedCall[]) => T): (calls: readonly BookedCall[]) => T {
  const made = new WeakMap<readonly BookedCall[], T>()
  return (calls) => {
    const before = made.get(calls)
    if (before !== undefined) return before
    const now = make(calls)
    made.set(calls, now)
    return now
  }
}
