/**
 * The chain of a tab: beside each line a link over the link before and over the line's bytes as they are stored. A
 * line that is changed, moved or taken away breaks it at that place (services/verify.ts). SHA-256, FIPS 180-4.
 *
 *   linkOf('', '{"id":…}') → '8c4a…'   the first of a tab
 */
import { createHash } from 'node:crypto'
import { asc, desc, eq, sql } from 'drizzle-orm'
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

/** Lines that were kept before there were links are given theirs, once, tab after tab. */
export async function linkOldLines(db: Database): Promise<void> {
  const bare = await db.selectDistinct({ tab: lines.tab }).from(lines)
    .where(sql`NOT EXISTS (SELECT 1 FROM links WHERE links.tab = ${lines.tab})`)
  for (const { tab } of bare) {
    const rows = await db.select({ seq: lines.seq, body: lines.body }).from(lines).where(eq(lines.tab, tab))
      .orderBy(asc(lines.seq))
    let prev = ''
    const made = rows.map(({ seq, body }) => {
      const link = [seq, prev, linkOf(prev, body)]
      prev = link[2] as string
      return link
    })
    await write(db, [
      db.run(sql`INSERT INTO links (seq, tab, prev, head)
        SELECT value->>0, ${tab}, value->>1, value->>2 FROM json_each(${JSON.stringify(made)})`),
    ])
  }
}
