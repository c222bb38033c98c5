/** Sites: the list, one site with everything that happened there, and a system's nameplate. */
import { asc, desc, eq } from 'drizzle-orm'
import type { ListedSite, SiteReply, SystemCard } from '#contracts'
import { parseNameplate } from '#core/formats'
import { isKindId, reviewNameplate, type Nameplate } from '#core/systems'
import type { Database } from '../database/open'
import { fitted, sites, systems, tabs } from '../database/schema'
import { readLines } from './lines'
import { notFound, Refusal } from './problems'

export async function listSites(db: Database): Promise<ListedSite[]> {
  const rows = await db.select().from(sites).orderBy(asc(sites.name))
  const all = await db.select().from(systems)
  const opened = await db.select({ system: tabs.system, status: tabs.status }).from(tabs)
  return rows.map((site) => {
    const own = all.filter(s => s.site === site.id)
    const calls = opened.filter(t => own.some(s => s.id === t.system))
    return { ...site, systems: own.map(({ id, name, kind }) => ({ id, name, kind })), tabs: calls.length, open: calls.filter(t => t.status !== 'settled').length }
  })
}

export async function readSite(db: Database, id: string): Promise<SiteReply> {
  const [site] = await db.select().from(sites).where(eq(sites.id, id))
  if (!site) throw notFound('site')
  const own = await db.select().from(systems).where(eq(systems.site, id))
  return {
    site,
    systems: await Promise.all(own.map(async (system) => {
      const calls = await db.select().from(tabs).where(eq(tabs.system, system.id)).orderBy(desc(tabs.openedAt))
      return {
        system,
        fitted: await db.select().from(fitted).where(eq(fitted.system, system.id)).orderBy(desc(fitted.fitted)),
        tabs: await Promise.all(calls.map(async tab => ({ tab, lines: (await readLines(db, tab.id)).map(k => k.line) }))),
      }
    })),
  }
}

/** Takes written figures ("3/4 hp"); refuses the figure that it cannot read or that makes no sense, and changes nothing then. */
export async function saveNameplate(db: Database, id: string, written: Readonly<Record<string, string | number>>): Promise<SystemCard> {
  const [system] = await db.select().from(systems).where(eq(systems.id, id))
  if (!system) throw notFound('system')
  const nameplate = readNameplate(system.kind, written)
  await db.update(systems).set({ nameplate: { ...nameplate } }).where(eq(systems.id, id))
  return { ...system, nameplate }
}

/** Written figures into SI, refused by name where they cannot be read or make no sense. */
export function readNameplate(kind: string, written: Readonly<Record<string, string | number>>): Nameplate {
  const parsed = parseNameplate(kind, written)
  if (!parsed.ok) throw new Refusal(422, parsed.problem)
  const reviewed = isKindId(kind) ? reviewNameplate(kind, parsed.value) : undefined
  if (reviewed && !reviewed.ok) throw new Refusal(422, reviewed.problem)
  return parsed.value
}
