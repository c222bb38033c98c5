/**
 * What the interface asks of a line before it is written: a tab that still takes lines, a test that the system has, a
 * value that physics allows, a proof that proves. Going on without a needed state is allowed only with a reason. A
 * line that is written already is never refused for any of this: the fold keeps it and marks it (marks.ts).
 */
import { fail, ok, type Result } from '#core/foundation'
import { findTest, hasOutcome, wholeCatalogue, type NumericTest, type SystemKind, type Test } from '#core/systems'
import type { TabState } from './state'
import type { DraftLine } from './lines'
import { holdsNeed, isPossible, limitsOf } from './needs'
import { findProofFailure } from './says'

export type LineProblemCode
  = | 'tab-settled'
    | 'unknown-test'
    | 'unknown-outcome'
    | 'unknown-component'
    | 'unknown-fault'
    | 'impossible-value'
    | 'state-needed'
    | 'proof-fails'
    | 'no-such-line'
    | 'already-struck'
    | 'nothing-read'
export type LineProblem = {
  readonly code: LineProblemCode
  readonly facts: Readonly<Record<string, string | number>>
}

/** A settled tab takes words, and can be opened again. */
const TAKEN_WHEN_SETTLED: ReadonlySet<DraftLine['kind']> = new Set([
  'strike',
  'note',
  'remark',
  'photo',
  'resumed',
])

export function checkLine(kind: SystemKind, state: TabState, line: DraftLine): Result<true, LineProblem> {
  if (state.status === 'settled' && !TAKEN_WHEN_SETTLED.has(line.kind))
    return fail('tab-settled', { kind: line.kind })
  switch (line.kind) {
    case 'reading': {
      const test = findTest(kind, line.test)
      if (!test || test.kind !== 'numeric') return fail('unknown-test', { test: line.test, system: kind.name })
      if (line.value === null)
        return line.ol || line.judged ? needed(state, test, line.without) : fail('nothing-read', { test: test.title })
      const impossible = findImpossible(test, line.value)
      return impossible ?? needed(state, test, line.without)
    }
    case 'observation': {
      const test = findTest(kind, line.test)
      if (!test || test.kind !== 'seen') return fail('unknown-test', { test: line.test, system: kind.name })
      if (!hasOutcome(test, line.outcome))
        return fail('unknown-outcome', { outcome: line.outcome, test: test.title })
      return needed(state, test, line.without)
    }
    case 'state': {
      if (
        line.to === 'discharged'
        && !state.work['proven-dead']
        && !line.reason?.trim()
        && !findProofFailure(kind, line)?.shows
      )
        return fail('proof-fails', { to: line.to, why: 'dead-first', value: 0 })
      // a proof whose figures show the opposite is a line of its own: it says that it is not so, and ends what was
      // proven
      const failure = findProofFailure(kind, line)
      return failure && !failure.shows
        ? fail('proof-fails', { to: line.to, why: failure.why, value: failure.value })
        : ok(true)
    }
    case 'part':
    case 'repair':
      if (!kind.components.some(c => c.id === line.component) && !wholeCatalogue().components.has(line.component))
        return fail('unknown-component', { component: line.component, system: kind.name })
      return line.fault === undefined
        || kind.faults.some(f => f.id === line.fault)
        || wholeCatalogue().faults.has(line.fault)
        ? ok(true)
        : fail('unknown-fault', { fault: line.fault, system: kind.name })
    case 'skip':
    case 'wait':
      return findTest(kind, line.test) ? ok(true) : fail('unknown-test', { test: line.test, system: kind.name })
    case 'taken-up':
      return state.afterSettling.some(l => l.id === line.line)
        ? ok(true)
        : fail('no-such-line', { line: line.line })
    case 'strike': {
      if (!state.lines.some(l => l.id === line.line)) return fail('no-such-line', { line: line.line })
      return state.struck.has(line.line) ? fail('already-struck', { line: line.line }) : ok(true)
    }
    case 'opened':
    case 'finding':
    case 'note':
    case 'remark':
    case 'photo':
    case 'carried':
    case 'resumed':
    case 'step':
    case 'landed':
    case 'adjusted':
    case 'timed':
    case 'proved':
    case 'follow-up':
    case 'advice':
    case 'settled':
      return ok(true)
  }
}

function needed(state: TabState, test: Test, without: string | undefined): Result<true, LineProblem> {
  if (holdsNeed(state, test.need) || without?.trim()) return ok(true)
  return fail('state-needed', { need: test.need, test: test.title })
}

function findImpossible(test: NumericTest, value: number) {
  if (isPossible(test, value)) return undefined
  const [low, high] = limitsOf(test)
  return fail('impossible-value', {
    value,
    quantity: test.quantity,
    test: test.title,
    low,
    high,
  })
}
