/**
 * The chain of a tab: beside each line a link over the link before and over the line's bytes as they are stored. A
 * line that is changed, moved or taken away breaks it at that place (services/verify.ts). SHA-256, FIPS 180-4.
 *
 *   linkOf('', '{"id":…}') → '8c4a…'   the first of a tab
 */
import { createHash } from 'node:crypto'
import { asc, desc, eq, inArray, sql } from 'drizzle-orm'
import { lines, links } from './schema'
import type { Database } from './types'
import { write } from './write'

export const linkOf = (prev: string, body: string): string =>
  createHash('sha256').update(`${prev}\n${body}`).digest('hex')

/** Where a tab's chain stands; blank before its first line. */
export async function headOf(db: Database, tab: string): Promise<string> {
  const [last] = await db.select({ head: links.head }).from(lines).innerJoin(links, eq(links.seq, lines.seq))
    .where(eq(lines.tab, tab)).orderBy(desc(lines.seq)).limit(1)
  return last?.head ?? ''
}

/** Lines that were kept before there were links are given theirs, once. */
export async function linkOldLines(db: Database): Promise<void> {
  const bare = await db.selectDistinct({ tab: lines.tab }).from(lines)
    .where(sql`NOT EXISTS (SELECT 1 FROM links WHERE links.tab = ${lines.tab})`)
  for (let i = 0; i < bare.length; i += TABS_AT_ONCE) {
    const rows = await db.select({ seq: lines.seq, tab: lines.tab, body: lines.body }).from(lines)
      .where(inArray(lines.tab, bare.slice(i, i + TABS_AT_ONCE).map(b => b.tab))).orderBy(asc(lines.seq))
    const heads = new Map<string, string>()
    const made = rows.map(({ seq, tab, body }) => {
      const prev = heads.get(tab) ?? ''
      const head = linkOf(prev, body)
      heads.set(tab, head)
      return [seq, tab, prev, head]
    })
    await write(db, [
      db.run(sql`INSERT INTO links (seq, tab, prev, head)
        SELECT value->>0, value->>1, value->>2, value->>3 FROM json_each(${JSON.stringify(made)})`),
    ])
  }
}
const TABS_AT_ONCE = 200
