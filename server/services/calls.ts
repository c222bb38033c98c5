/** Settled calls as the books have them: read once, and again when one was settled, reopened or taken in since. */
import { count, eq, max, sql } from 'drizzle-orm'
import type { BookedCall } from '#core/books'
import { settledCalls, systems, tabs } from '../database/schema'
import type { Database } from '../database/types'

interface Held {
  readonly mark: string
  readonly calls: readonly BookedCall[]
}
const held = new WeakMap<Database, Held>()

export async function readCalls(db: Database): Promise<readonly BookedCall[]> {
  const [now] = await db.select({ n: count(), at: max(settledCalls.at), row: max(sql<number>`settled_calls.rowid`) })
    .from(settledCalls)
  const mark = JSON.stringify(now)
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
