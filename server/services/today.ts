/** Today: the day's plan, what is open, carried and due, what to load, what recurs. */
import { setImmediate as turn } from 'node:timers/promises'
import { and, asc, desc, eq, gte, inArray, lte } from 'drizzle-orm'
import type { FollowUp, ListedTab, TodayReply, ToLoad } from '#contracts'
import { groupBy } from '#core/foundation'
import { mediansOf, type BookedCall } from '#core/books'
import { dayAfter } from '#core/day'
import { CHECKS, EVERY_SYSTEM, type Ledger, type ListedPart } from '#core/ledger'
import { componentIdOf } from '#core/systems'
import type { Database } from '../database/open'
import { followUps, people, shop, sites, systems, tabs } from '../database/schema'
import { perCalls, readCalls } from './calls'
import { dueChecks } from './checks'
import { readLedger } from './ledger'
import { stockOf } from './shelf'

/** Planned days that a page is told of: the week before, for what was not done, and three weeks ahead. */
const [BACK, AHEAD] = [7, 21]
/** Follow-ups are told of once due, for so long, and so long before; in days. */
const [OVER, SOON] = [60, 31]

export async function readToday(db: Database, today: string): Promise<TodayReply> {
  const rows = await db
    .select()
    .from(tabs)
    .innerJoin(systems, eq(systems.id, tabs.system))
    .innerJoin(sites, eq(sites.id, systems.site))
    .where(inArray(tabs.status, ['open', 'carried']))
    .orderBy(desc(tabs.openedAt))
  const [company] = await db.select().from(shop).limit(1)
  const ledger = await readLedger(db)
  const calls = await readCalls(db)
  const listed = rows.map(r => ({
    ...r.tabs,
    siteName: r.sites.name,
    systemName: r.systems.name,
    siteId: r.sites.id,
    kind: r.systems.kind,
  }))
  const due = await dueFollowUps(db, today)
  const bring = listed.filter(t => t.bring).map(t => ({ tab: t.id, text: t.bring, siteName: t.siteName }))
  const here = new Set([...listed.map(t => t.siteId), ...due.map(f => f.siteId)])
  const expected = expectedOf(calls)
  // each part of a large book's sums takes its tens of milliseconds: others have their turn between
  await turn()
  const days = ledger.days().filter(d => d >= dayAfter(today, -BACK) && d <= dayAfter(today, AHEAD))
  return {
    today,
    company: company?.company ?? '',
    tabs: listed.map(({ bring: _bring, settledAt: _settled, ...t }): ListedTab => t),
    followUps: due,
    bring,
    expected,
    hazards: Object.fromEntries([...here].flatMap((site) => {
      const told = ledger.facts(site).filter(f => f.fact === 'hazard').map(f => f.text)
      return told.length > 0 ? [[site, told]] : []
    })),
    planned: days.flatMap(day => ledger.plan(day)).map(({ item, day, person, rank }) => ({ item, day, person, rank })),
    people: (await db.select({ name: people.name }).from(people).where(
      and(eq(people.left, ''), inArray(people.role, ['owner', 'technician'])))).map(p => p.name).toSorted(),
    rules: Object.fromEntries(CHECKS.filter(c => ledger.hasOwnMonths(EVERY_SYSTEM, c))
      .map(c => [c, ledger.months(EVERY_SYSTEM, c) ?? 0])),
    checks: await dueChecks(db, ledger, today, callsADay(ledger, days)),
    ...(await loading(db, ledger, bring, today)),
    recurring: await recurring(db, calls, today),
  }
}

/** How many calls stand on each day already. */
const callsADay = (ledger: Ledger, days: readonly string[]): ReadonlyMap<string, number> =>
  new Map(days.map(day => [day, ledger.plan(day).length]))

const expectedOf = perCalls(calls => Object.fromEntries(
  [...groupBy(calls, c => c.kind)].map(([kind, own]) => [kind, mediansOf(own)]),
))

async function dueFollowUps(db: Database, today: string): Promise<FollowUp[]> {
  return db
    .select({
      line: followUps.line,
      tab: followUps.tab,
      system: systems.id,
      siteId: sites.id,
      siteName: sites.name,
      systemName: systems.name,
      text: followUps.text,
      due: followUps.due,
    })
    .from(followUps)
    .innerJoin(tabs, eq(tabs.id, followUps.tab))
    .innerJoin(systems, eq(systems.id, tabs.system))
    .innerJoin(sites, eq(sites.id, systems.site))
    .where(and(gte(followUps.due, dayAfter(today, -OVER)), lte(followUps.due, dayAfter(today, SOON))))
    .orderBy(asc(followUps.due))
}

/** What carried tabs ask for, and what the van has less of than it should. */
async function loading(
  db: Database, ledger: Ledger, bring: TodayReply['bring'], today: string,
): Promise<Pick<TodayReply, 'load' | 'ticked'>> {
  const parts = ledger.parts()
  const stock = await stockOf(db, ledger, parts)
  const asked = bring.flatMap(({ tab, siteName, text }) => splitBring(text).map((one): ToLoad => {
    const part = findPart(parts, one)
    return {
      what: `bring ${tab} ${one}`.slice(0, 200), text: one, tab, siteName, part: part?.part ?? '', wanted: 1,
      ...(part ? { stock: stock.get(part.part)! } : {}),
    }
  }))
  const low = parts.flatMap((p): ToLoad[] => {
    const own = stock.get(p.part)!
    const lacks = (p.least?.van ?? 0) - own.van
    if (lacks <= 0 || asked.some(a => a.part === p.part)) return []
    return [{
      what: `low ${p.part}`, text: p.name, tab: '', siteName: '', part: p.part, wanted: lacks, stock: own,
    }]
  })
  const load = [...asked, ...low]
  return { load, ticked: load.map(l => l.what).filter(what => ledger.isTicked(today, what)) }
}

const splitBring = (text: string): string[] =>
  text.split(/[,;\n]| and /).map(t => t.trim()).filter(Boolean)

/** By its number; else where all words of the one are in the other. */
function findPart(parts: readonly ListedPart[], text: string): ListedPart | undefined {
  const said = text.toLowerCase()
  const byNumber = parts.find(p => p.number && said.includes(p.number.toLowerCase()))
  const words = (t: string): readonly string[] => t.toLowerCase().match(/[\p{L}\p{N}¼½¾]+/gu) ?? []
  const asked = words(said)
  return byNumber ?? parts.find((p) => {
    const name = words(p.name)
    return name.length > 0 && (asked.every(w => name.includes(w)) || name.every(w => asked.includes(w)))
  })
}

/** From the second time in so many years on, and only where it failed again within them; judgement. */
const [TIMES, YEARS] = [3, 4]
/** The latest of them: a day is no list of all that ever recurred. */
const MOST_AGAIN = 3

/** The same thing failing on one system again and again. */
async function recurring(
  db: Database, calls: readonly BookedCall[], today: string,
): Promise<TodayReply['recurring']> {
  const since = dayAfter(today, -Math.round(365.25 * YEARS))
  // in the order in which they were settled: the earliest that still counts is the one that many from the end
  const often: (readonly [string, readonly BookedCall[]])[] = []
  for (const [key, own] of againAndAgain(calls)) {
    if (own.at(-TIMES)!.settledAt < since) continue
    often.push([key, own.filter(c => c.settledAt >= since)])
    if (often.length === MOST_AGAIN) break
  }
  if (often.length === 0) return []
  const rows = await db.select({ id: systems.id, name: systems.name, site: sites.id, siteName: sites.name })
    .from(systems).innerJoin(sites, eq(sites.id, systems.site))
    .where(inArray(systems.id, often.map(([, own]) => own[0]!.system)))
  return often.flatMap(([key, own]) => {
    const [system, fault] = key.split(' ') as [string, string]
    const row = rows.find(r => r.id === system)
    if (!row) return []
    const first = own.map(c => c.settledAt).toSorted()[0]!
    const years = Math.max(1, Math.ceil((Date.parse(today) - Date.parse(first)) / (365.25 * 86400e3)))
    return [{
      system, systemName: row.name, siteId: row.site, siteName: row.siteName, fault, times: own.length, years,
      closed: own.every(c => c.causes.length > 0),
    }]
  })
}

/** By system and component, those that failed often enough at all: what was settled last first. */
const againAndAgain = perCalls((calls) => {
  const groups = groupBy(calls, c => c.failed.map(fault => `${c.system} ${componentIdOf(fault)}`))
  return [...groups].filter(([, own]) => own.length >= TIMES)
    .toSorted(([, a], [, b]) => (a.at(-1)!.settledAt < b.at(-1)!.settledAt ? 1 : -1))
})
