/**
 * What one settled tab adds to the books: what failed and why, and where its minutes went. Minutes are those between
 * lines that follow each other within an hour and a half: a night, or the wait for a part, is no work.
 */
import { itemAt } from '#core/foundation'
import { isKnownLine, type Line, type TabState } from '#core/tab'

export const PHASES = ['isolate', 'mend', 'prove'] as const
export type Phase = (typeof PHASES)[number]
export type PhaseMinutes = Readonly<Record<Phase, number>>

export interface SettledCall {
  readonly settledAt: string
  readonly by: string
  readonly complaint: string
  readonly failed: readonly string[]
  readonly causes: readonly string[]
  readonly minutes: PhaseMinutes
  /** trips: one more each time that it was carried */
  readonly visits: number
  readonly tests: readonly string[]
  /** the test read last before what failed was named */
  readonly closedBy?: string
}

/** A longer gap between two lines is no work on the call; judgement. */
const LONGEST_GAP = 90

/** @returns nothing for a tab that is not settled */
export function settledCallOf(state: TabState): SettledCall | undefined {
  const { settled, opened } = state
  if (!settled) return undefined
  const own = state.lines.filter((l): l is Line => isKnownLine(l) && !state.struck.has(l.id))
  const end = own.findIndex(l => l.id === settled.id)
  const lines = end < 0 ? own : own.slice(0, end + 1)
  const tests = lines.flatMap(l => (l.kind === 'reading' || l.kind === 'observation' ? [l.test] : []))
  const named = lines.findIndex(l => l.kind === 'finding' && l.role === 'failed')
  const mended = lines.findIndex(l => l.kind === 'part' || l.kind === 'repair')
  const closing = lines.slice(0, firstOf(named, mended, lines.length))
    .findLast(l => l.kind === 'reading' || l.kind === 'observation')
  return {
    settledAt: settled.at,
    by: settled.by ?? opened?.by ?? '',
    complaint: opened?.complaint ?? '',
    failed: [...new Set(state.findings.failed.map(f => f.about))],
    causes: [...new Set(state.findings.cause.map(f => f.about))],
    minutes: minutesOf(lines),
    visits: 1 + lines.filter(l => l.kind === 'carried').length,
    tests: [...new Set(tests)],
    ...(closing && 'test' in closing ? { closedBy: closing.test } : {}),
  }
}

const firstOf = (...places: readonly number[]) => Math.min(...places.filter(p => p >= 0))

/** Isolating until the first thing is put right, mending until the last, proving after. */
function minutesOf(lines: readonly Line[]): PhaseMinutes {
  const isMending = (l: Line) => l.kind === 'part' || l.kind === 'repair'
  const [first, last] = [lines.findIndex(isMending), lines.findLastIndex(isMending)]
  const sum = { isolate: 0, mend: 0, prove: 0 }
  for (let i = 1; i < lines.length; i++) {
    const gap = (Date.parse(itemAt(lines, i, 'line').at) - Date.parse(itemAt(lines, i - 1, 'line').at)) / 60e3
    if (!(gap > 0 && gap <= LONGEST_GAP)) continue
    sum[first < 0 || i < first ? 'isolate' : i <= last ? 'mend' : 'prove'] += gap
  }
  return sum
}
