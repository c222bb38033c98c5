/** The first reading of a test on a tab that is not one as left: how it was found. */
import type { TabState } from './state'
import { isKnownLine, type LineOf } from './lines'

export function asFound(state: Pick<TabState, 'lines' | 'struck'>, test: string): LineOf<'reading'> | undefined {
  for (const line of state.lines) {
    if (
      isKnownLine(line)
      && line.kind === 'reading'
      && line.test === test
      && !line.asLeft
      && !state.struck.has(line.id)
    )
      return line
  }
  return undefined
}

/** Readings as left: what was said to be, and what was read since the last thing that was put right. */
export function readAsLeft(state: TabState): readonly LineOf<'reading'>[] {
  const repairs = state.repaired.length
  const since = repairs === 0 ? [] : state.evidence.filter(e => e.repaired.length === repairs).map(e => e.line)
  return [...since, ...state.asLeft].filter(l => l.kind === 'reading')
}
