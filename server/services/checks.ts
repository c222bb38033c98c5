/** What falls due on systems by the rules for checks: by what settled calls read last, spread over working days. */
import { eq } from 'drizzle-orm'
import type { SystemCheck, TodayReply } from '#contracts'
import type { BookedCall } from '#core/books'
import { CHECK_RULES, checksOf, dayAfter, SPAN, spreadDue, visitDue, type CheckedSystem } from '#core/day'
import type { Ledger } from '#core/ledger'
import { isKindId, kindFor } from '#core/systems'
import { sites, systems } from '../database/schema'
import type { Database } from '../database/types'
import { perCalls, readCalls } from './calls'
import { groupBy } from './groupBy'
import { ledgerMark } from './ledger'

/** Told of so long ahead, and so long after, days. */
const [AHEAD, OVER] = [31, 120]

type DueVisits = TodayReply['checks']
/** What was worked out last, for as long as no call was settled, no line of the ledger came and the day is the same. */
const worked = new WeakMap<Database, { readonly mark: string, readonly due: DueVisits }>()

/** @param taken how many calls each day has already */
export async function dueChecks(
  db: Database, ledger: Ledger, today: string, taken: ReadonlyMap<string, number>,
): Promise<DueVisits> {
  const calls = await readCalls(db)
  const mark = JSON.stringify([markOf(calls), ledgerMark(db), today, [...taken]])
  const before = worked.get(db)
  if (before?.mark === mark) return before.due
  const due = await workOut(db, ledger, today, taken)
  worked.set(db, { mark, due })
  return due
}
const markOf = (calls: readonly BookedCall[]) => [calls.length, calls.at(-1)?.tab, calls.at(-1)?.settledAt]

async function workOut(
  db: Database, ledger: Ledger, today: string, taken: ReadonlyMap<string, number>,
): Promise<DueVisits> {
  const rows = await db.select({ system: systems, siteName: sites.name }).from(systems)
    .innerJoin(sites, eq(sites.id, systems.site)).where(eq(systems.retired, ''))
  const calls = await readCalls(db)
  const visits = rows.flatMap(({ system, siteName }) => {
    const about = checkedSystem(system, calls, ledger)
    const visit = visitDue(about, checksOf(about, ledger.months))
    if (!visit || visit.due < dayAfter(today, -OVER) || visit.due > dayAfter(today, AHEAD + SPAN)) return []
    return [{ ...visit, id: system.id, systemName: system.name, siteName, checks: [...visit.checks] }]
  })
  return spreadDue(visits, today, taken).filter(v => v.on <= dayAfter(today, AHEAD)).map(({ id, on }) => {
    const { system, site, due, checks, systemName, siteName } = visits.find(v => v.id === id)!
    return { system, siteId: site, siteName, systemName, checks, due, on }
  })
}

/** Each check of one system: how often, when last, when next. */
export function checksOn(
  calls: readonly BookedCall[], ledger: Ledger, system: typeof systems.$inferSelect,
): SystemCheck[] {
  const about = checkedSystem(system, calls, ledger)
  return checksOf(about, ledger.months).map(c => ({
    ...c, own: ledger.hasOwnMonths(system.id, c.check), tests: [...CHECK_RULES[c.check].tests],
  }))
}

const bySystem = perCalls(calls => groupBy(calls, c => c.system))

function checkedSystem(
  { id, site, kind, installed }: typeof systems.$inferSelect, calls: readonly BookedCall[], ledger: Ledger,
): CheckedSystem {
  const own = bySystem(calls).get(id) ?? []
  const read = new Map<string, string>()
  let seen = ''
  for (const { settledAt, tests } of own) {
    const day = settledAt.slice(0, 10)
    if (day > seen) seen = day
    for (const test of tests) if (day > (read.get(test) ?? '')) read.set(test, day)
  }
  const facts = ledger.facts(site)
  const said = (fact: string) => facts.find(f => f.fact === fact)?.text ?? ''
  return {
    system: id, site, tests: testsOf(kind), installed: installed ?? '', water: said('water'), filter: said('filter'),
    read, seen,
  }
}

const known = new Map<string, ReadonlySet<string>>()
function testsOf(kind: string): ReadonlySet<string> {
  const before = known.get(kind)
  if (before) return before
  const tests = new Set(isKindId(kind) ? kindFor(kind, {}).tests.map(t => t.id) : [])
  known.set(kind, tests)
  return tests
}
