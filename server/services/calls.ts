/** Settled calls as the books have them: read once, and again when one was settled, reopened or taken in since. */
import { eq, sql } from 'drizzle-orm'
import type { BookedCall } from '#core/books'
import { settledCalls, systems, tabs } from '../database/schema'
import type { Database } from '../database/types'

interface Held {
  readonly mark: string
  readonly calls: readonly BookedCall[]
}
const held = new WeakMap<Database, Held>()

export async function readCalls(db: Database): Promise<readonly BookedCall[]> {
  // each by its own index: together they would read the whole table
  const mark = JSON.stringify(await db.all(sql`SELECT (SELECT count(*) FROM settled_calls) n,
    (SELECT max(at) FROM settled_calls) at, (SELECT max(rowid) FROM settled_calls) row`))
  const before = held.get(db)
  if (before?.mark === mark) return before.calls
  const rows = await db
    .select({
      tab: settledCalls.tab, call: settledCalls.call, openedAt: tabs.openedAt, system: systems.id,
      kind: systems.kind, site: systems.site,
    })
    .from(settledCalls)
    .innerJoin(tabs, eq(tabs.id, settledCalls.tab))
    .innerJoin(systems, eq(systems.id, tabs.system))
    .orderBy(settledCalls.at)
  const calls = rows.map(({ call, ...of }) => ({ ...call, ...of }))
  held.set(db, { mark, calls })
  return calls
}

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
