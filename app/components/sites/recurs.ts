/** What fails on a system again and again, as a sentence: from the third time in four years on (judgement). */
import { groupBy } from '#core/foundation'
import type { SystemOutline } from '#core/systems'
import type { TabState } from '#core/tab'
import { nameOf } from '~/components/tab/tapeRows'

const [TIMES, YEARS] = [3, 4]
const ORDINALS = ['', 'First', 'Second', 'Third', 'Fourth', 'Fifth', 'Sixth']

type Call = Pick<TabState, 'status' | 'findings' | 'settled'>

export function recurring(kind: SystemOutline, calls: readonly Call[], today: string): readonly string[] {
  const since = new Date(Date.parse(today) - YEARS * 365.25 * 86400e3).toISOString()
  const settled = calls.filter(c => c.status === 'settled' && (c.settled?.at ?? '') >= since)
  const partsOf = ({ findings }: Call) => [...new Set(findings.failed.map(f => f.about.replace(/\..*$/, '')))]
  return [...groupBy(settled, partsOf)].filter(([, own]) => own.length >= TIMES).map(([part, own]) => {
    const open = own.filter(c => c.findings.cause.length === 0).length
    const nth = ORDINALS[own.length] ?? `${own.length}th`
    const causes = open === 0 ? '' : open === own.length ? ', its cause never closed' : `, its cause open ${open} times`
    return `${nth} ${nameOf(kind, part)} fault in ${YEARS} years${causes.replace('open 1 times', 'open once')}.`
  })
}
