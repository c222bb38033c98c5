/** What the shop's own settled tabs ended in, by kind of system: the counts that shift the catalogue's base rates. */
import { and, eq, gte } from 'drizzle-orm'
import type { LearnedReply } from '#contracts'
import type { Database } from '../database/open'
import { failures, shop, systems, tabs } from '../database/schema'
import { write } from '../database/write'
import { auditWork } from './audit'

async function countingSince(db: Database): Promise<string> {
  const [row] = await db.select({ since: shop.learnedSince }).from(shop).limit(1)
  return row?.since ?? ''
}

/**
 * Failed faults on settled tabs of a kind, each tab counting a fault once; struck findings and reopened tabs do not
 * count.
 */
export async function countFaults(db: Database, kind: string): Promise<Record<string, number>> {
  const since = await countingSince(db)
  const rows = await db
    .select({ fault: failures.fault })
    .from(failures)
    .innerJoin(tabs, eq(tabs.id, failures.tab))
    .innerJoin(systems, eq(systems.id, tabs.system))
    .where(and(eq(systems.kind, kind), gte(failures.at, since)))
  const counts: Record<string, number> = {}
  for (const { fault } of rows) counts[fault] = (counts[fault] ?? 0) + 1
  return counts
}

export async function readLearned(db: Database): Promise<LearnedReply> {
  const settled = await db
    .select({ kind: systems.kind })
    .from(tabs)
    .innerJoin(systems, eq(systems.id, tabs.system))
    .where(eq(tabs.status, 'settled'))
  const kinds = [...new Set(settled.map(t => t.kind))].toSorted()
  return {
    since: await countingSince(db),
    kinds: await Promise.all(
      kinds.map(async kind => ({
        kind,
        tabs: settled.filter(t => t.kind === kind).length,
        counts: await countFaults(db, kind),
      })),
    ),
  }
}

/** Begins to count anew from an instant; the lines themselves stay as they are. */
export async function forgetLearned(db: Database, now: string, by: string): Promise<LearnedReply> {
  await write(db, [
    db
      .insert(shop)
      .values({ id: 'shop', learnedSince: now })
      .onConflictDoUpdate({ target: shop.id, set: { learnedSince: now } }),
    auditWork(db, by, 'forgot-learned'),
  ])
  return readLearned(db)
}
