import type { TabState } from '#core/tab'

/** All of a state that can be compared. */
export function plainState(state: TabState): unknown {
  const entries = <V>(map: ReadonlyMap<string, V>) => [...map].toSorted(([a], [b]) => (a < b ? -1 : 1))
  const { struck, marks, replaced, skipped, waiting, lines, heads, ...rest } = state
  return {
    ...rest,
    lines: lines.map(l => l.id),
    heads: heads.map(l => l.id),
    struck: entries(struck).map(([id, s]) => [id, s.id]),
    marks: entries(marks),
    replaced: [...replaced.keys()].toSorted(),
    skipped: entries(skipped),
    waiting: entries(waiting),
  }
}
