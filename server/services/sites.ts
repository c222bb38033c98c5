/** Sites: the list, and one site with everything that happened there. */
import { and, asc, count, eq, inArray, ne, sql } from 'drizzle-orm'
import {
  SITES_A_PAGE, TABS_A_PAGE, type FittedPart, type OlderTabsReply, type SiteFact, type SiteReply, type SitesQuery,
  type SitesReply, type TagsReply,
} from '#contracts'
import { groupBy } from '#core/foundation'
import type { Ledger } from '#core/ledger'
import { foldFitted, type AnyLine } from '#core/tab'
import { z } from 'zod'
import type { Database } from '../database/open'
import { fitted, partsUsed, sites, systems, tabs } from '../database/schema'
import { readCalls } from './calls'
import { checksOn } from './checks'
import { readLedger } from './ledger'
import { medianLives } from './lives'
import { notFound } from './problems'
import { matchOf } from './search'

/** Where a page ends: the name and id of its last. */
const AFTER = z.tuple([z.string(), z.string()])

/**
 * One page of them, by name.
 * @param seek beginnings of words of the site or of a system there
 * @param kind only those that have such a system
 */
export async function listSites(
  db: Database, { seek = '', kind = '', after = '', most = SITES_A_PAGE }: SitesQuery = {},
): Promise<SitesReply> {
  const match = matchOf(seek)
  if (seek.trim() && !match) return { sites: [] }
  const from = after ? AFTER.safeParse(readJson(after)) : undefined
  const rows = await db.select().from(sites).where(and(
    from?.success ? sql`(${sites.name}, ${sites.id}) > (${from.data[0]}, ${from.data[1]})` : undefined,
    match
      ? sql`${sites.id} IN (SELECT coalesce(y.site, d.about) FROM found JOIN documents d ON d.id = found.rowid
          LEFT JOIN systems y ON y.id = d.about AND d.what = 'system'
          WHERE found MATCH ${match} AND d.what IN ('site', 'system'))`
      : undefined,
    kind ? sql`EXISTS (SELECT 1 FROM systems y WHERE y.site = ${sites.id} AND y.kind = ${kind})` : undefined,
  )).orderBy(asc(sites.name), asc(sites.id)).limit(most + 1)
  const page = rows.slice(0, most)
  const ids = page.map(s => s.id)
  const own = groupBy(await db
    .select({ id: systems.id, name: systems.name, kind: systems.kind, site: systems.site, retired: systems.retired })
    .from(systems).where(inArray(systems.site, ids)).orderBy(asc(systems.retired), asc(systems.name)), s => s.site)
  const calls = new Map((await db
    .select({ site: systems.site, tabs: count(), open: sql<number>`sum(${tabs.status} <> 'settled')` })
    .from(tabs).innerJoin(systems, eq(systems.id, tabs.system)).where(inArray(systems.site, ids))
    .groupBy(systems.site)).map(c => [c.site, c]))
  const last = page.at(-1)
  return {
    sites: page.map(site => ({
      ...site,
      systems: (own.get(site.id) ?? []).map(({ site: _site, ...system }) => system),
      tabs: calls.get(site.id)?.tabs ?? 0,
      open: calls.get(site.id)?.open ?? 0,
    })),
    ...(rows.length > page.length && last ? { next: JSON.stringify([last.name, last.id]) } : {}),
  }
}

function readJson(text: string): unknown {
  try {
    return JSON.parse(text)
  }
  catch {
    return undefined
  }
}

/** What each label opens. */
export async function readTags(db: Database): Promise<TagsReply> {
  const stuck = (await readLedger(db)).tags()
  const rows = await db.select({
    system: systems.id, systemName: systems.name, kind: systems.kind, site: sites.id, siteName: sites.name,
  }).from(systems).innerJoin(sites, eq(sites.id, systems.site))
    .where(sql`${systems.id} IN (SELECT value FROM json_each(${JSON.stringify(stuck.map(t => t.system))}))`)
  const of = new Map(rows.map(r => [r.system, r]))
  return {
    tags: stuck.flatMap(({ token, system }) => {
      const row = of.get(system)
      return row ? [{ token, ...row }] : []
    }),
  }
}

const MOST_ALIKE = 5

export async function readSite(db: Database, id: string, today: string): Promise<SiteReply> {
  const [site] = await db.select().from(sites).where(eq(sites.id, id))
  if (!site) throw notFound('site')
  const own = await db.select().from(systems).where(eq(systems.site, id))
    .orderBy(asc(systems.retired), asc(systems.name))
  const pages = Math.ceil(await countTabs(db, id) / TABS_A_PAGE)
  const older = Math.max(0, pages - 2)
  const calls = groupBy(await readTabs(db, id, older, pages), t => t.tab.system)
  const parts = await fittedOnEach(db, own.map(s => s.id))
  const booked = await readCalls(db)
  const ledger = await readLedger(db)
  const stuck = ledger.tags()
  const aged = withLife(ledger, await medianLives(db, today))
  return {
    site,
    older,
    alike: await db.select({ id: sites.id, name: sites.name, place: sites.place }).from(sites)
      .where(and(eq(sites.name, site.name), ne(sites.id, id))).limit(MOST_ALIKE),
    facts: await factsOf(db, id),
    systems: own.map((system) => {
      const tag = stuck.find(t => t.system === system.id)
      return {
        system,
        checks: checksOn(booked, ledger, system),
        ...(tag ? { token: tag.token } : {}),
        fitted: (parts.get(system.id) ?? []).map(aged),
        tabs: [...(calls.get(system.id) ?? [])],
      }
    }),
  }
}

/** @param page counted from the oldest, so that it stays what it was as tabs are opened */
export const readOlderTabs = async (db: Database, site: string, page: number): Promise<OlderTabsReply> =>
  ({ tabs: await readTabs(db, site, page, page + 1) })

async function countTabs(db: Database, site: string): Promise<number> {
  const [row] = await db.select({ n: count() }).from(tabs).innerJoin(systems, eq(systems.id, tabs.system))
    .where(eq(systems.site, site))
  return row?.n ?? 0
}

/** Pages of a site's tabs with their lines, newest first. */
async function readTabs(db: Database, site: string, from: number, to: number) {
  const rows = await db.select({ tab: tabs }).from(tabs).innerJoin(systems, eq(systems.id, tabs.system))
    .where(eq(systems.site, site)).orderBy(asc(tabs.openedAt), asc(tabs.id))
    .limit((to - from) * TABS_A_PAGE).offset(from * TABS_A_PAGE)
  const ids = JSON.stringify(rows.map(r => r.tab.id))
  // one row a tab: a row a line costs more than its reading
  const said = new Map((await db.all<{ tab: string, bodies: string }>(sql`
    SELECT tab, '[' || group_concat(body, ',' ORDER BY seq) || ']' AS bodies FROM lines
    WHERE tab IN (SELECT value FROM json_each(${ids})) GROUP BY tab`)).map(r => [r.tab, r.bodies]))
  return rows.toReversed().map(({ tab }) =>
    ({ tab, lines: JSON.parse(said.get(tab.id) ?? '[]') as AnyLine[] }))
}

/** What a part is expected to last: as the shop lists its number, else as long as half of such parts did. */
const withLife = (ledger: Ledger, medians: ReadonlyMap<string, number>) => {
  const listed = new Map(ledger.parts().flatMap(p => (p.number && p.life ? [[p.number, p.life] as const] : [])))
  return (part: FittedPart): FittedPart => {
    const [own, books] = [listed.get(part.number), medians.get(part.component)]
    if (own !== undefined) return { ...part, life: own, lifeBy: 'shelf' }
    return books === undefined ? part : { ...part, life: books, lifeBy: 'books' }
  }
}

/** As they are read on arrival. */
export const factsOf = async (db: Database, site: string): Promise<SiteFact[]> =>
  (await readLedger(db)).facts(site).map(({ fact, text, at, by }) => ({ fact, text, at, ...(by ? { by } : {}) }))

/** What was known to be fitted, and what the part lines in force took off and put on since. */
export const fittedOn = async (db: Database, system: string): Promise<FittedPart[]> =>
  (await fittedOnEach(db, [system])).get(system) ?? []

async function fittedOnEach(db: Database, ids: readonly string[]): Promise<ReadonlyMap<string, FittedPart[]>> {
  const known = groupBy(await db.select().from(fitted).where(inArray(fitted.system, [...ids])), f => f.system)
  const used = groupBy(await db.select().from(partsUsed).where(inArray(partsUsed.system, [...ids])), p => p.system)
  return new Map(ids.map(id => [id, foldFitted(
    (known.get(id) ?? []).map(({ component, part, number, fitted, removed, why }) =>
      ({ component, part, number, fitted, removed, why })),
    used.get(id) ?? [],
  )]))
}
