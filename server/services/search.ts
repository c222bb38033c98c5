/** One search over sites, systems, tabs and parts: the database's full-text index, by the beginnings of words. */
import { sql } from 'drizzle-orm'
import type { SearchReply } from '#contracts'
import type { Database } from '../database/types'

const MOST = 30

/** What is typed as the index reads it: each word a beginning, nothing in it an operator. */
export const matchOf = (typed: string): string =>
  (typed.normalize('NFKC').match(/[\p{L}\p{N}]+/gu) ?? []).slice(0, 12).map(w => `"${w}"*`).join(' ')

export async function search(db: Database, typed: string): Promise<SearchReply> {
  const match = matchOf(typed)
  if (!match) return { found: [] }
  const rows = await db.all<SearchReply['found'][number]>(sql`
    SELECT d.what, d.about, d.title, d.detail,
      snippet(found, -1, '‹', '›', '…', 12) AS near,
      coalesce(site.id, '') AS site, coalesce(site.name, '') AS siteName
    FROM (SELECT rowid, bm25(found, 8, 4, 1) AS score FROM found WHERE found MATCH ${match}
      ORDER BY score LIMIT ${MOST}) hit
    JOIN found ON found.rowid = hit.rowid AND found MATCH ${match}
    JOIN documents d ON d.id = hit.rowid
    LEFT JOIN tabs t ON d.what = 'tab' AND t.id = d.about
    LEFT JOIN systems y ON y.id = CASE d.what WHEN 'tab' THEN t.system WHEN 'system' THEN d.about END
    LEFT JOIN sites site ON site.id = CASE d.what WHEN 'site' THEN d.about ELSE y.site END
    ORDER BY hit.score`)
  return { found: rows }
}
