/** Sites: the list, and one site with everything that happened there. */
import { asc, count, desc, eq, inArray, sql } from 'drizzle-orm'
import type { FittedPart, ListedSite, SiteFact, SiteReply } from '#contracts'
import { foldFitted } from '#core/tab'
import type { Database } from '../database/open'
import { readStored } from '../database/rows'
import { fitted, lines, partsUsed, sites, systems, tabs } from '../database/schema'
import { groupBy } from './groupBy'
import { readLedger } from './ledger'
import { notFound } from './problems'

export async function listSites(db: Database): Promise<ListedSite[]> {
  const rows = await db.select().from(sites).orderBy(asc(sites.name))
  const own = groupBy(await db.select({ id: systems.id, name: systems.name, kind: systems.kind, site: systems.site })
    .from(systems), s => s.site)
  const calls = new Map((await db
    .select({ site: systems.site, tabs: count(), open: sql<number>`sum(${tabs.status} <> 'settled')` })
    .from(tabs).innerJoin(systems, eq(systems.id, tabs.system)).groupBy(systems.site)).map(c => [c.site, c]))
  return rows.map(site => ({
    ...site,
    systems: (own.get(site.id) ?? []).map(({ id, name, kind }) => ({ id, name, kind })),
    tabs: calls.get(site.id)?.tabs ?? 0,
    open: calls.get(site.id)?.open ?? 0,
  }))
}

export async function readSite(db: Database, id: string): Promise<SiteReply> {
  const [site] = await db.select().from(sites).where(eq(sites.id, id))
  if (!site) throw notFound('site')
  const own = await db.select().from(systems).where(eq(systems.site, id))
  const calls = groupBy(
    await db.select().from(tabs).where(inArray(tabs.system, own.map(s => s.id))).orderBy(desc(tabs.openedAt)),
    t => t.system,
  )
  const said = groupBy(
    await db.select({ tab: lines.tab, body: lines.body }).from(lines)
      .innerJoin(tabs, eq(tabs.id, lines.tab)).innerJoin(systems, eq(systems.id, tabs.system))
      .where(eq(systems.site, id)).orderBy(asc(lines.tab), asc(lines.seq)),
    l => l.tab,
  )
  return {
    site,
    facts: await factsOf(db, id),
    systems: await Promise.all(
      own.map(async (system) => {
        return {
          system,
          fitted: await fittedOn(db, system.id),
          tabs: (calls.get(system.id) ?? []).map(tab =>
            ({ tab, lines: (said.get(tab.id) ?? []).map(l => readStored(l.body)) })),
        }
      }),
    ),
  }
}

/** As they are read on arrival. */
export const factsOf = async (db: Database, site: string): Promise<SiteFact[]> =>
  (await readLedger(db)).facts(site).map(({ fact, text, at, by }) => ({ fact, text, at, ...(by ? { by } : {}) }))

/** What was known to be fitted, and what the part lines in force took off and put on since. */
export async function fittedOn(db: Database, system: string): Promise<FittedPart[]> {
  const known = await db.select().from(fitted).where(eq(fitted.system, system))
  const used = await db.select().from(partsUsed).where(eq(partsUsed.system, system))
  return foldFitted(
    known.map(({ component, part, number, fitted, removed, why }) => ({
      component,
      part,
      number,
      fitted,
      removed,
      why,
    })),
    used,
  )
}
