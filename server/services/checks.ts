/** What falls due on systems by the rules for checks: by what settled calls read last, spread over working days. */
import { setImmediate as turn } from 'node:timers/promises'
import { eq } from 'drizzle-orm'
import type { SystemCheck, TodayReply } from '#contracts'
import { groupBy } from '#core/foundation'
import type { BookedCall } from '#core/books'
import { CHECK_RULES, checksOf, dayAfter, SPAN, spreadDue, visitDue, type CheckedSystem } from '#core/day'
import type { Ledger } from '#core/ledger'
import { isKindId, kindFor } from '#core/systems'
import { sites, systems } from '../database/schema'
import type { Database } from '../database/types'
import { perCalls, readCalls } from './calls'
import { ledgerMark } from './ledger'

/** Told of so long ahead, and so long after, days. */
const [AHEAD, OVER] = [31, 120]

type DueVisits = TodayReply['checks']
/** What was worked out last, for as long as no call was settled, no line of the ledger came and the day is the same. */
interface Worked {
  readonly calls: readonly BookedCall[]
  readonly mark: string
  readonly due: Promise<DueVisits>
}
const worked = new WeakMap<Database, Worked>()
/** Systems that are worked out before others have their turn. */
const AT_ONCE = 100

/** @param taken how many calls each day has already */
export async function dueChecks(
  db: Database, ledger: Ledger, today: string, taken: ReadonlyMap<string, number>,
): Promise<DueVisits> {
  const calls = await readCalls(db)
  const mark = JSON.stringify([ledgerMark(db), today, [...taken]])
  const before = worked.get(db)
  if (before?.mark === mark && before.calls === calls) return before.due
  const due = workOut(db, ledger, today, taken)
  worked.set(db, { calls, mark, due })
  due.catch(() => worked.delete(db))
  return due
}

type Visit = NonNullable<ReturnType<typeof visitDue>> & Record<'id' | 'systemName' | 'siteName', string>
async function workOut(
  db: Database, ledger: Ledger, today: string, taken: ReadonlyMap<string, number>,
): Promise<DueVisits> {
  const rows = await db.select({ system: systems, siteName: sites.name }).from(systems)
    .innerJoin(sites, eq(sites.id, systems.site)).where(eq(systems.retired, ''))
  const calls = await readCalls(db)
  const [first, last] = [dayAfter(today, -OVER), dayAfter(today, AHEAD + SPAN)]
  const visits = new Map<string, Visit>()
  for (const [i, { system, siteName }] of rows.entries()) {
    if (i % AT_ONCE === AT_ONCE - 1) await turn()
    const about = checkedSystem(system, calls, ledger)
    const visit = visitDue(about, checksOf(about, ledger.months))
    if (!visit || visit.due < first || visit.due > last) continue
    visits.set(system.id, { ...visit, id: system.id, systemName: system.name, siteName })
  }
  return spreadDue([...visits.values()], today, taken).filter(v => v.on <= dayAfter(today, AHEAD)).map(({ id, on }) => {
    const { system, site, due, checks, systemName, siteName } = visits.get(id)!
    return { system, siteId: site, siteName, systemName, checks: [...checks], due, on }
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
