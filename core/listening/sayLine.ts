import { findTest, readingSetOf, type SystemKind, type Test } from '#core/systems'
import { unread, type DraftLine } from '#core/tab'
import { formatValue, US, type Units } from '#core/units'

/** A line said back. */
export function sayLine(kind: SystemKind, line: DraftLine, units: Units = US): string {
  if (line.kind === 'repair') return `put right: ${line.text}`
  if (line.kind !== 'reading' && line.kind !== 'observation') return line.kind
  const test = findTest(kind, line.test)
  return `${test?.title ?? line.test}: ${sayAnswer(test, line, units)}`
}

/** Several lines said back; readings of one go in one breath. */
export function sayLines(kind: SystemKind, lines: readonly DraftLine[], units: Units = US): string {
  const [first] = lines
  if (!first) return ''
  const set = first.kind === 'reading' ? readingSetOf(kind, first.test) : undefined
  const own = set ? lines.slice(0, set.tests.length) : []
  const isWhole = set && own.map(l => l.kind === 'reading' && l.test).join() === set.tests.map(t => t.id).join()
  const said = isWhole
    ? `${set.title}: ${own.map(l => sayAnswer(findTest(kind, 'test' in l ? l.test : ''), l, units)).join(' / ')}`
    : sayLine(kind, first, units)
  return [said, sayLines(kind, lines.slice(isWhole ? own.length : 1), units)].filter(Boolean).join(' · ')
}

function sayAnswer(test: Test | undefined, line: DraftLine, units: Units): string {
  if (line.kind === 'observation')
    return (test?.kind === 'seen' && test.outcomes.find(o => o.id === line.outcome)?.label) || line.outcome
  if (line.kind !== 'reading') return ''
  if (line.value === null) return unread(line)
  const figure = test?.kind === 'numeric' ? formatValue(test.quantity, line.value, units) : String(line.value)
  return `${line.bound ? `${line.bound} ` : line.spread ? 'about ' : ''}${figure}`
}
