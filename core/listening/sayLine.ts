import { findTest, type SystemKind, type Test } from '#core/systems'
import type { DraftLine } from '#core/tab'
import { formatValue, US, type Units } from '#core/units'

/** A line said back. */
export function sayLine(kind: SystemKind, line: DraftLine, units: Units = US): string {
  if (line.kind === 'repair') return `put right: ${line.text}`
  if (line.kind !== 'reading' && line.kind !== 'observation') return line.kind
  const test = findTest(kind, line.test)
  return `${test?.title ?? line.test}: ${sayAnswer(test, line, units)}`
}

function sayAnswer(test: Test | undefined, line: DraftLine, units: Units): string {
  if (line.kind === 'observation')
    return (test?.kind === 'seen' && test.outcomes.find(o => o.id === line.outcome)?.label) || line.outcome
  if (line.kind !== 'reading') return ''
  if (line.value === null) return 'OL'
  const figure = test?.kind === 'numeric' ? formatValue(test.quantity, line.value, units) : String(line.value)
  return `${line.bound ? `${line.bound} ` : line.spread ? 'about ' : ''}${figure}`
}
