/** What has to be read before a decision, however high its number: a dear part itself, a supply where it comes in. */
import { figureAt } from '#core/foundation'
import { pointOf } from '#core/systems'
import type { TabState } from '#core/tab'
import { SOURCES } from './direct'
import type { Suspect } from './suspects'
import type { Tables, TestTable } from './tables'

/** A test that could still be done. */
export interface Weighed {
  readonly table: TestTable
  readonly bits: number
  readonly cost: number
}

/** the first of all hypotheses: nothing is wrong */
const SOUND = 0
/** share of its readings in which a test tells a fault from none; judgement, no source */
const TOLD_APART = 0.8

/** Tests off the circuit that read otherwise with a fault than with none, cheapest first. */
export function wouldShow(tables: Tables, { fault }: Suspect, tests: readonly Weighed[]): readonly Weighed[] {
  const alone = tables.model.hypotheses.flatMap((h, at) => (h.fault === fault && !h.second ? [at] : []))
  const isTold = ({ table }: Weighed) => {
    const { test } = table
    if (test.kind !== 'numeric' || test.quantity !== 'ohms') return false
    const sound = table.row(SOUND)
    const apart = (h: number) => table.row(h).reduce((sum, p, b) => sum + Math.abs(p - figureAt(sound, b)), 0) / 2
    return alone.some(h => apart(h) >= TOLD_APART)
  }
  return tests.filter(isTold).toSorted((a, b) => a.cost - b.cost)
}

/** Of a supply that is blamed and was never read there: its volts, cheapest first. Nobody is sent for unread. */
export function whereItComesIn(
  { model, tests: all }: Tables, { evidence }: TabState, { component }: Suspect, tests: readonly Weighed[],
): readonly Weighed[] {
  if (!SOURCES.has(component ?? '')) return []
  const isThere = ({ test }: TestTable) =>
    test.kind === 'numeric' && test.quantity === 'volts' && SOURCES.has(pointOf(model.kind, test).component)
  const isRead = evidence.some(({ line }) => {
    const table = all.get(line.test)
    return table !== undefined && isThere(table)
  })
  return isRead ? [] : tests.filter(({ table }) => isThere(table)).toSorted((a, b) => a.cost - b.cost)
}
