/**
 * What a line must satisfy before it is added: a tab that still takes lines, a test that the system has, a value that
 * physics allows, a proof that proves. Going on without a needed state is allowed only with a reason.
 */
import { fail, ok, type Result } from '#core/foundation'
import { faultId, type Need, type NumericTest, type SystemKind, type Test } from '#core/systems'
import { formatValue, PSI } from '#core/units'
import type { TabState } from './fold'
import type { DraftLine, WorkState } from './lines'

export type LineProblemCode = 'tab-settled' | 'unknown-test' | 'unknown-outcome' | 'unknown-component' | 'unknown-fault' | 'impossible-value' | 'state-needed' | 'proof-fails' | 'no-such-line' | 'already-struck' | 'nothing-read'
export type LineProblem = { readonly code: LineProblemCode, readonly facts: Readonly<Record<string, string | number>> }

const DEAD_VOLTS = 2
const KNOWN_VOLTS = 50
const KNOWN_BATTERY_VOLTS = 8

export function checkLine(kind: SystemKind, state: TabState, line: DraftLine): Result<true, LineProblem> {
  if (state.status === 'settled' && line.kind !== 'strike' && line.kind !== 'note') return fail('tab-settled', { kind: line.kind })
  switch (line.kind) {
    case 'reading': {
      const test = kind.tests.find(t => t.id === line.test)
      if (!test || test.kind !== 'numeric') return fail('unknown-test', { test: line.test, system: kind.name })
      if (line.value === null) return line.ol ? needed(state, test, line.without) : fail('nothing-read', { test: test.title })
      const impossible = findImpossible(test, line.value)
      return impossible ?? needed(state, test, line.without)
    }
    case 'observation': {
      const test = kind.tests.find(t => t.id === line.test)
      if (!test || test.kind !== 'seen') return fail('unknown-test', { test: line.test, system: kind.name })
      if (!test.outcomes.some(o => o.id === line.outcome)) return fail('unknown-outcome', { outcome: line.outcome, test: test.title })
      return needed(state, test, line.without)
    }
    case 'state': return checkProof(state, line.to, line.proof, line.reason, kind.components.some(c => c.glyph === 'battery') ? KNOWN_BATTERY_VOLTS : KNOWN_VOLTS)
    case 'part':
    case 'repair':
      if (!kind.components.some(c => c.id === line.component)) return fail('unknown-component', { component: line.component, system: kind.name })
      return line.fault === undefined || kind.faults.some(f => faultId(f) === line.fault) ? ok(true) : fail('unknown-fault', { fault: line.fault, system: kind.name })
    case 'skip':
    case 'wait':
      return kind.tests.some(t => t.id === line.test) ? ok(true) : fail('unknown-test', { test: line.test, system: kind.name })
    case 'strike': {
      if (!state.lines.some(l => l.id === line.line)) return fail('no-such-line', { line: line.line })
      return state.struck.has(line.line) ? fail('already-struck', { line: line.line }) : ok(true)
    }
    case 'opened': case 'finding': case 'note': case 'photo': case 'carried': case 'resumed': case 'follow-up': case 'advice': case 'settled':
      return ok(true)
  }
}

/** Whether the state that a test needs holds now; unknown power counts as live. */
export function holdsNeed(state: TabState, need: Need): boolean {
  const { work } = state
  switch (need) {
    case 'any': return true
    case 'live': return !work['proven-dead']
    case 'proven-dead': return Boolean(work['proven-dead'])
    case 'discharged': return Boolean(work['proven-dead'] && work.discharged)
    case 'zero-pressure': return Boolean(work['zero-pressure'])
  }
}

function needed(state: TabState, test: Test, without: string | undefined): Result<true, LineProblem> {
  if (holdsNeed(state, test.need) || without?.trim()) return ok(true)
  return fail('state-needed', { need: test.need, test: test.title })
}

const LIMITS: Partial<Record<NumericTest['quantity'], readonly [number, number]>> = {
  volts: [0, 1000], amps: [0, 1500], ohms: [0, 1e12], farads: [0, 0.01], pressure: [-0.1 * PSI, 400 * PSI], flow: [0, 0.1], time: [0, 86400], count: [0, 100000],
}

function findImpossible(test: NumericTest, value: number) {
  const [low, high] = LIMITS[test.quantity] ?? [-Infinity, Infinity]
  if (Number.isFinite(value) && value >= low && value <= high) return undefined
  return fail('impossible-value', { value: formatValue(test.quantity, value), test: test.title, low: formatValue(test.quantity, low), high: formatValue(test.quantity, high) })
}

/**
 * Dead is proven live–dead–live: a known source reads, every pair at the point of work reads under 2 V, the known source
 * reads again. Discharged is under 2 V across the capacitor, and dead first. Zero pressure is the gauge under 1 psi.
 */
function checkProof(state: TabState, to: WorkState, proof: readonly number[] | undefined, reason: string | undefined, known: number): Result<true, LineProblem> {
  if (to === 'live' || reason?.trim()) return ok(true)
  if (!proof || proof.length === 0) return fail('proof-fails', { to, why: 'no reading was given' })
  if (to === 'proven-dead') {
    if (proof.length < 3) return fail('proof-fails', { to, why: 'it takes live, dead and live again: three readings at least' })
    const [before, after] = [proof[0]!, proof.at(-1)!]
    if (before < known || after < known) return fail('proof-fails', { to, why: 'the known live source must read before and after' })
    const worst = Math.max(...proof.slice(1, -1))
    return worst < DEAD_VOLTS ? ok(true) : fail('proof-fails', { to, why: `it still reads ${formatValue('volts', worst)}` })
  }
  if (to === 'discharged') {
    if (!state.work['proven-dead']) return fail('proof-fails', { to, why: 'prove it dead first' })
    return proof[0]! < DEAD_VOLTS ? ok(true) : fail('proof-fails', { to, why: `the capacitor still holds ${formatValue('volts', proof[0]!)}` })
  }
  return proof[0]! < PSI ? ok(true) : fail('proof-fails', { to, why: `the gauge still reads ${formatValue('pressure', proof[0]!)}` })
}
