/**
 * After a repair, while it is open whether anything more is wrong: the one line, read once, on which that hangs most.
 * It is read again before anyone packs up. Its weight is what the chances would lose without it:
 *   w(e) = log₂ [Σ_left p / Σ_left (p / L_e)] − log₂ [Σ_right p / Σ_right (p / L_e)]
 */
import type { TabState } from '#core/tab'
import type { Ranking } from './suspects'
import { weightsOf } from './likelihood'
import { isSeenAnew } from './tables'
import type { Tables } from './tables'

/** chance of nothing more being wrong outside of which there is no doubt */
const DOUBT = [0.05, 0.97] as const
/** bits that a line must carry to be read again for them */
const HANGS = 1.5

/** @param restored chance that nothing more is wrong */
export function findDoubt(
  tables: Tables,
  state: TabState,
  { chances }: Ranking,
  restored: number,
): string | undefined {
  if (restored < DOUBT[0] || restored > DOUBT[1]) return undefined
  const right = Array.from(chances, (_, h) => tables.model.without(h, state.repaired) === 0)
  const now = state.evidence.filter(
    e =>
      e.repaired.length === state.repaired.length
      && e.confirmed < (isSeenAnew(tables.tests.get(e.line.test)!.test) ? 2 : 1)
      && !state.skipped.has(e.line.test),
  )
  const weighed = now.map((evidence) => {
    const given = weightsOf(tables, evidence)
    const spoken = (side: boolean) => {
      let [all, before] = [0, 0]
      chances.forEach((c, h) => {
        if (right[h] !== side || c <= 0) return
        all += c
        before += c / given.of(h)
      })
      return Math.log2(all / before)
    }
    return { test: evidence.line.test, bits: Math.abs(spoken(false) - spoken(true)) }
  })
  const most = weighed.toSorted((a, b) => b.bits - a.bits)[0]
  return most && most.bits > HANGS ? most.test : undefined
}
