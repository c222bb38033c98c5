/** Opening a tab, and reading one with its site, system and lines. */
import { desc, eq, inArray, ne } from 'drizzle-orm'
import type { FollowUp, ListedTab, OpenTabRequest, TabReply, TodayReply } from '#contracts'
import { isKindId, KIND_IDS } from '#core/systems'
import type { LineOf } from '#core/tab'
import type { Database } from '../database/open'
import { fitted, lines, shop, sites, systems, tabs } from '../database/schema'
import { countFaults } from './learned'
import { addLines, readLines } from './lines'
import { readNameplate } from './sites'
import { notFound, Refusal } from './problems'

/** Opens a tab, and with it a new site or system where the request names one that is not here yet. Safe to repeat. */
export async function openTab(db: Database, { site, system, tab }: OpenTabRequest): Promise<{ tab: string }> {
  const [knownSite] = await db.select().from(sites).where(eq(sites.id, site.id))
  const [knownSystem] = await db.select().from(systems).where(eq(systems.id, system.id))
  const [knownTab] = await db.select().from(tabs).where(eq(tabs.id, tab.id))
  if (knownTab && knownTab.system !== system.id) throw new Refusal(409, { code: 'id-taken', facts: { what: 'tab' } })
  if (!knownSite && !site.name) throw notFound('site')
  if (!knownSystem && !(system.name && system.kind)) throw notFound('system')
  if (!knownSystem && !isKindId(system.kind!)) throw new Refusal(400, { code: 'unknown-kind', facts: { kind: system.kind!, known: KIND_IDS.join(', ') } })
  const nameplate = knownSystem ? undefined : readNameplate(system.kind!, system.nameplate ?? {})
  if (tab.opened.kind !== 'opened') throw new Refusal(400, { code: 'bad-request', facts: { place: 'the tab', why: 'its first line must open it' } })
  const { complaint, words, at } = tab.opened
  await db.batch([
    db.insert(sites).values({ id: site.id, name: site.name ?? '', place: site.place ?? '', contact: site.contact ?? '', access: site.access ?? '' }).onConflictDoNothing(),
    db.insert(systems).values({ id: system.id, site: site.id, name: system.name ?? '', kind: system.kind ?? '', nameplate: { ...nameplate }, installed: system.installed ?? null }).onConflictDoNothing(),
    db.insert(tabs).values({ id: tab.id, system: system.id, openedAt: at, status: 'open', complaint, words }).onConflictDoNothing(),
  ])
  await addLines(db, tab.id, [tab.opened])
  return { tab: tab.id }
}

export async function readTab(db: Database, id: string): Promise<TabReply> {
  const [row] = await db.select().from(tabs).innerJoin(systems, eq(systems.id, tabs.system)).innerJoin(sites, eq(sites.id, systems.site)).where(eq(tabs.id, id))
  if (!row) throw notFound('tab')
  const parts = await db.select().from(fitted).where(eq(fitted.system, row.systems.id))
  return { tab: row.tabs, site: row.sites, system: row.systems, fitted: parts, lines: await readLines(db, id), learned: await countFaults(db, row.systems.kind) }
}

/** Open and carried tabs, what to bring for them, and follow-ups due within a month or overdue. */
export async function readToday(db: Database, today: string): Promise<TodayReply> {
  const rows = await db.select().from(tabs).innerJoin(systems, eq(systems.id, tabs.system)).innerJoin(sites, eq(sites.id, systems.site)).where(ne(tabs.status, 'settled')).orderBy(desc(tabs.openedAt))
  const listed: ListedTab[] = rows.map(r => ({ ...r.tabs, siteName: r.sites.name, systemName: r.systems.name, siteId: r.sites.id }))
  const carried = listed.filter(t => t.status === 'carried')
  const bring = carried.length === 0 ? [] : await db.select({ tab: lines.tab, body: lines.body }).from(lines).where(inArray(lines.tab, carried.map(t => t.id)))
  const [company] = await db.select().from(shop).limit(1)
  return {
    today, company: company?.company ?? '', tabs: listed,
    followUps: await dueFollowUps(db, today),
    bring: bring.map(b => ({ tab: b.tab, line: JSON.parse(b.body) as LineOf<'carried'> })).filter(b => b.line.kind === 'carried' && b.line.bring)
      .map(b => ({ tab: b.tab, text: b.line.bring!, siteName: carried.find(t => t.id === b.tab)!.siteName })),
  }
}

async function dueFollowUps(db: Database, today: string): Promise<FollowUp[]> {
  const horizon = new Date(Date.parse(today) + 31 * 86400e3).toISOString().slice(0, 10)
  const since = new Date(Date.parse(today) - 60 * 86400e3).toISOString().slice(0, 10)
  const rows = await db.select({ tab: lines.tab, body: lines.body, siteName: sites.name, systemName: systems.name }).from(lines)
    .innerJoin(tabs, eq(tabs.id, lines.tab)).innerJoin(systems, eq(systems.id, tabs.system)).innerJoin(sites, eq(sites.id, systems.site)).where(eq(lines.kind, 'follow-up'))
  return rows.map(r => ({ tab: r.tab, siteName: r.siteName, systemName: r.systemName, line: JSON.parse(r.body) as LineOf<'follow-up'> }))
    .filter(r => r.line.due <= horizon && r.line.due >= since)
    .map(({ line, ...r }) => ({ ...r, text: line.text, due: line.due }))
    .toSorted((a, b) => a.due.localeCompare(b.due))
}
