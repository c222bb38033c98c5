/** What the shop's own settled tabs ended in, by kind of system: the counts that shift the catalogue's base rates. */
import { and, eq, gte } from 'drizzle-orm'
import type { LearnedReply } from '#contracts'
import type { LineOf } from '#core/tab'
import type { Database } from '../database/open'
import { lines, shop, systems, tabs } from '../database/schema'

async function countingSince(db: Database): Promise<string> {
  const [row] = await db.select({ since: shop.learnedSince }).from(shop).limit(1)
  return row?.since ?? ''
}

/** Failed faults on settled tabs of a kind, each tab counting a fault once. */
export async function countFaults(db: Database, kind: string): Promise<Record<string, number>> {
  const since = await countingSince(db)
  const rows = await db.select({ tab: lines.tab, body: lines.body }).from(lines).innerJoin(tabs, eq(tabs.id, lines.tab)).innerJoin(systems, eq(systems.id, tabs.system))
    .where(and(eq(lines.kind, 'finding'), eq(tabs.status, 'settled'), eq(systems.kind, kind), gte(lines.at, since)))
  const counted = new Set<string>()
  const counts: Record<string, number> = {}
  for (const row of rows) {
    const line = JSON.parse(row.body) as LineOf<'finding'>
    const key = `${row.tab} ${line.about}`
    if (line.role !== 'failed' || counted.has(key)) continue
    counted.add(key)
    counts[line.about] = (counts[line.about] ?? 0) + 1
  }
  return counts
}

export async function readLearned(db: Database): Promise<LearnedReply> {
  const settled = await db.select({ kind: systems.kind }).from(tabs).innerJoin(systems, eq(systems.id, tabs.system)).where(eq(tabs.status, 'settled'))
  const kinds = [...new Set(settled.map(t => t.kind))].toSorted()
  return { since: await countingSince(db), kinds: await Promise.all(kinds.map(async kind => ({ kind, tabs: settled.filter(t => t.kind === kind).length, counts: await countFaults(db, kind) }))) }
}

/** Begins to count anew from an instant; the lines themselves stay as they are. */
export async function forgetLearned(db: Database, now: string): Promise<LearnedReply> {
  await db.insert(shop).values({ id: 'shop', learnedSince: now }).onConflictDoUpdate({ target: shop.id, set: { learnedSince: now } })
  return readLearned(db)
}
