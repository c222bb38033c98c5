/**
 * The plan and what is due as an iCalendar file (RFC 5545). Whole days: a call has its day and its place in the order,
 * and no hour that a change of clocks could move.
 */
import ical, { ICalEventTransparency } from 'ical-generator'
import { eq, inArray } from 'drizzle-orm'
import type { FollowUp } from '#contracts'
import { dayAfter } from '#core/day'
import { sites, systems, tabs } from '../database/schema'
import type { Database } from '../database/types'
import { readLedger } from './ledger'
import { readToday } from './today'

/** How far back and ahead, days. */
const [BACK, AHEAD] = [30, 180]

interface Entry {
  readonly id: string
  readonly day: string
  readonly summary: string
  readonly location: string
  readonly description: string
}

export async function calendarOf(db: Database, today: string): Promise<string> {
  const { company, followUps } = await readToday(db, today)
  const calendar = ical({ name: company ? `Keep Tab: ${company}` : 'Keep Tab', prodId: '//keep-tab//plan//EN' })
  const planned = await plannedCalls(db, today, followUps)
  const due = followUps.filter(f => !planned.has(`due:${f.line}`)).map((f): Entry => ({
    id: `due:${f.line}`, day: f.due, summary: f.text, location: `${f.siteName}, ${f.systemName}`, description: 'due',
  }))
  for (const { id, day, summary, location, description } of [...planned.values(), ...due])
    calendar.createEvent({
      id: `${id}@keep-tab`,
      start: new Date(`${day}T00:00:00Z`),
      end: new Date(`${dayAfter(day, 1)}T00:00:00Z`),
      allDay: true,
      timezone: 'UTC',
      summary,
      location,
      description,
      transparency: ICalEventTransparency.TRANSPARENT,
    })
  return calendar.toString()
}

/** By item: calls and what was due that stand on a day. */
async function plannedCalls(
  db: Database, today: string, followUps: readonly FollowUp[],
): Promise<ReadonlyMap<string, Entry>> {
  const ledger = await readLedger(db)
  const days = ledger.days().filter(d => d >= dayAfter(today, -BACK) && d <= dayAfter(today, AHEAD))
  const plan = days.flatMap(day => ledger.plan(day))
  const ids = plan.flatMap(p => (p.item.startsWith('tab:') ? [p.item.slice(4)] : []))
  const rows = await db
    .select({ id: tabs.id, words: tabs.words, system: systems.name, site: sites.name, place: sites.place })
    .from(tabs).innerJoin(systems, eq(systems.id, tabs.system)).innerJoin(sites, eq(sites.id, systems.site))
    .where(inArray(tabs.id, ids))
  return new Map(plan.flatMap(({ item, day, person }) => {
    const tab = rows.find(r => item === `tab:${r.id}`)
    const due = followUps.find(f => item === `due:${f.line}`)
    if (!tab && !due) return []
    const entry: Entry = {
      id: item,
      day,
      summary: tab?.words ?? due!.text,
      location: tab ? [tab.site, tab.place].filter(Boolean).join(', ') : `${due!.siteName}, ${due!.systemName}`,
      description: [person, tab?.system].filter(Boolean).join(' · '),
    }
    return [[item, entry] as const]
  }))
}
