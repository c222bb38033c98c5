/**
 * Whether the book is as it was kept: every stored line held against its link, and every link against the one before.
 * A changed, missing or moved line is named. What this cannot show is said in docs/security.md: lines cut off the end
 * together with their links, or a whole book written anew, show only against a head that was kept elsewhere.
 */
import { eq, sql } from 'drizzle-orm'
import { linkOf } from '../database/chain'
import { lines, links } from '../database/schema'
import type { Database } from '../database/types'

export const BREAKS = ['changed', 'missing', 'moved', 'unlinked'] as const
export type BreakKind = (typeof BREAKS)[number]
export interface Break {
  readonly what: BreakKind
  readonly tab: string
  readonly seq: number
  /** blank where the line itself is gone */
  readonly line: string
}
export interface Verified {
  readonly tabs: number
  readonly lines: number
  readonly breaks: readonly Break[]
  /** where each tab's chain stands */
  readonly heads: ReadonlyMap<string, string>
}

const MOST_BREAKS = 1000

interface Row {
  readonly tab: string
  readonly seq: number
  readonly id: string | null
  readonly body: string | null
  readonly prev: string | null
  readonly head: string | null
}

export async function verifyBook(db: Database): Promise<Verified> {
  const heads = new Map<string, string>()
  const breaks: Break[] = []
  let count = 0
  for await (const row of readRows(db)) {
    if (row.id !== null) count++
    const what = await judge(db, row, heads.get(row.tab) ?? '')
    if (what && breaks.length < MOST_BREAKS) breaks.push({ what, tab: row.tab, seq: row.seq, line: row.id ?? '' })
    if (row.head !== null) heads.set(row.tab, row.head)
  }
  return { tabs: heads.size, lines: count, breaks, heads }
}

async function judge(db: Database, row: Row, before: string): Promise<BreakKind | undefined> {
  if (row.id === null || row.body === null) return 'missing'
  if (row.prev === null || row.head === null) return 'unlinked'
  if (linkOf(row.prev, row.body) === row.head) return row.prev === before ? undefined : 'moved'
  return await isBodyOfAnother(db, row.tab, row.body, row.seq) ? 'moved' : 'changed'
}

/** Whether the bytes of another line of the tab stand here: some other link was made over them. */
async function isBodyOfAnother(db: Database, tab: string, body: string, seq: number): Promise<boolean> {
  const all = await db.select().from(links).where(eq(links.tab, tab))
  return all.some(l => l.seq !== seq && linkOf(l.prev, body) === l.head)
}

/** Lines and links by tab and place, a tab at a time: either may lack the other. */
async function* readRows(db: Database): AsyncGenerator<Row> {
  const tabs = await db.all<{ tab: string }>(sql`SELECT tab FROM lines UNION SELECT tab FROM links ORDER BY tab`)
  for (const { tab } of tabs) {
    yield* await db.all<Row>(sql`
      SELECT lines.tab, lines.seq, lines.id, lines.body, links.prev, links.head
      FROM lines LEFT JOIN links ON links.seq = lines.seq AND links.tab = lines.tab WHERE lines.tab = ${tab}
      UNION ALL
      SELECT links.tab, links.seq, NULL, NULL, links.prev, links.head
      FROM links LEFT JOIN lines ON lines.seq = links.seq AND lines.tab = links.tab
      WHERE links.tab = ${tab} AND lines.seq IS NULL
      ORDER BY 2`)
  }
}

/** Where a head that was kept elsewhere stands in the book, if it does. */
export async function findHead(db: Database, head: string) {
  const [found] = await db.select({ tab: links.tab, seq: links.seq, id: lines.id, at: lines.at }).from(links)
    .leftJoin(lines, eq(lines.seq, links.seq)).where(eq(links.head, head))
  return found
}

/** The heads of all tabs, or of one site's, for what leaves the book. */
export async function readHeads(db: Database, tabs?: ReadonlySet<string>): Promise<Readonly<Record<string, string>>> {
  const rows = await db.all<{ tab: string, head: string }>(sql`
    SELECT links.tab, links.head FROM links
    JOIN (SELECT tab, max(seq) AS seq FROM links GROUP BY tab) AS last ON last.seq = links.seq ORDER BY links.tab`)
  return Object.fromEntries(rows.filter(r => !tabs || tabs.has(r.tab)).map(r => [r.tab, r.head]))
}
