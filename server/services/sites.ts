/** Sites: the list, and one site with everything that happened there. */
import { asc, desc, eq } from 'drizzle-orm'
import type { FittedPart, ListedSite, SiteFact, SiteReply } from '#contracts'
import { foldFitted } from '#core/tab'
import type { Database } from '../database/open'
import { fitted, partsUsed, sites, systems, tabs } from '../database/schema'
import { readLedger } from './ledger'
import { linesOf } from './lines'
import { notFound } from './problems'

export async function listSites(db: Database): Promise<ListedSite[]> {
  const rows = await db.select().from(sites).orderBy(asc(sites.name))
  const all = await db.select().from(systems)
  const opened = await db.select({ system: tabs.system, status: tabs.status }).from(tabs)
  return rows.map((site) => {
    const own = all.filter(s => s.site === site.id)
    const calls = opened.filter(t => own.some(s => s.id === t.system))
    return {
      ...site,
      systems: own.map(({ id, name, kind }) => ({ id, name, kind })),
      tabs: calls.length,
      open: calls.filter(t => t.status !== 'settled').length,
    }
  })
}

export async function readSite(db: Database, id: string): Promise<SiteReply> {
  const [site] = await db.select().from(sites).where(eq(sites.id, id))
  if (!site) throw notFound('site')
  const own = await db.select().from(systems).where(eq(systems.site, id))
  return {
    site,
    facts: await factsOf(db, id),
    systems: await Promise.all(
      own.map(async (system) => {
        const calls = await db.select().from(tabs).where(eq(tabs.system, system.id)).orderBy(desc(tabs.openedAt))
        return {
          system,
          fitted: await fittedOn(db, system.id),
          tabs: await Promise.all(calls.map(async tab => ({ tab, lines: await linesOf(db, tab.id) }))),
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
