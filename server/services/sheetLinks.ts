/**
 * A link to one customer's sheet: the tab and the day until which it holds, signed with the book's key. Nothing is
 * kept of it; what it shows is what the settled line holds.
 */
import { sign, verify, createPublicKey, type KeyObject } from 'node:crypto'
import { and, desc, eq } from 'drizzle-orm'
import type { SheetReply } from '#contracts'
import { isKnownLine } from '#core/tab'
import type { Database } from '../database/types'
import { lines, shop, sites, systems, tabs } from '../database/schema'
import { readStored } from '../database/rows'
import { notFound, Refusal } from './problems'

/** How long a link holds, days. */
export const SHEET_DAYS = 60
const DAY = 86400e3

/** @param now ms since 1970 */
export function makeSheetWord(key: KeyObject, tab: string, now: number): string {
  const said = `${tab}.${Math.floor(now / DAY) + SHEET_DAYS}`
  return `${said}.${sign(null, Buffer.from(said), key).toString('base64url')}`
}

/** @returns the tab, where the link was made here and holds still */
export function readSheetWord(key: KeyObject, word: string, now: number): string | undefined {
  const [tab, day, signature] = word.split('.')
  if (!tab || !day || !signature) return undefined
  const holds = verify(null, Buffer.from(`${tab}.${day}`), createPublicKey(key), Buffer.from(signature, 'base64url'))
  return holds && Number(day) >= Math.floor(now / DAY) ? tab : undefined
}

/** The sheet of a settled tab as it was signed. */
export async function readSheet(db: Database, tab: string | undefined): Promise<SheetReply> {
  if (!tab) throw new Refusal(410, { code: 'link-spent', facts: {} })
  const [row] = await db.select().from(tabs).innerJoin(systems, eq(systems.id, tabs.system))
    .innerJoin(sites, eq(sites.id, systems.site)).where(eq(tabs.id, tab))
  const [last] = await db.select({ body: lines.body }).from(lines)
    .where(and(eq(lines.tab, tab), eq(lines.kind, 'settled'))).orderBy(desc(lines.seq)).limit(1)
  const settled = last && readStored(last.body)
  if (!row || !settled || row.tabs.status !== 'settled' || !isKnownLine(settled) || settled.kind !== 'settled')
    throw notFound('sheet')
  const [company] = await db.select().from(shop).limit(1)
  return {
    company: company?.company ?? '',
    site: row.sites.name,
    system: row.systems.name,
    openedAt: row.tabs.openedAt,
    settledAt: settled.at,
    by: settled.by ?? '',
    entries: (settled.sheet?.entries ?? [{ head: 'In short', text: settled.summary }]).map(e => ({ ...e })),
  }
}
