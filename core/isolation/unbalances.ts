/**
 * Unbalance of three voltages or currents that were read at one place, against its limits (NEMA MG 1 14.36; currents by
 * common practice): of the readings in force, all three from before the same repair.
 */
import { unbalance, UNBALANCE_LIMITS } from '#core/standards'
import type { SystemKind } from '#core/systems'
import type { TabState } from '#core/tab'

/** As it should be, to be looked into (volts: the motor derated), or not to be run on. */
export const UNBALANCE_STANDINGS = ['good', 'look', 'stop'] as const
export interface Unbalance {
  readonly of: 'volts' | 'amps'
  /** where: a point of the system */
  readonly point: string
  readonly lines: readonly string[]
  readonly mean: number
  /** largest deviation from the mean, as a share of it */
  readonly share: number
  readonly standing: (typeof UNBALANCE_STANDINGS)[number]
  /** all three were read since the last repair */
  readonly now: boolean
}

const PAIRS = ['v12', 'v23', 'v31'] as const
const LIMITS = {
  volts: { look: UNBALANCE_LIMITS.volts.derate, stop: UNBALANCE_LIMITS.volts.stop },
  amps: UNBALANCE_LIMITS.amps,
} as const

export function unbalancesOf(kind: SystemKind, state: TabState): readonly Unbalance[] {
  const ids = new Set(kind.tests.map(t => t.id))
  const places = [...ids].flatMap(id => (id.endsWith('.v12') ? [id.slice(0, -'.v12'.length)] : []))
  const amps = ids.has('amps3.run') ? [1, 2, 3].map(n => `amps${n}.run`) : []
  return [
    ...places.flatMap(p => ofThree(state, 'volts', p, PAIRS.map(pair => `${p}.${pair}`))),
    ...(amps.length > 0 ? ofThree(state, 'amps', 'motor', amps) : []),
  ]
}

function ofThree(state: TabState, of: Unbalance['of'], point: string, tests: readonly string[]): Unbalance[] {
  const read = tests.flatMap(test => state.evidence.findLast(e => e.line.test === test && !e.line.asLeft) ?? [])
  const values = read.flatMap(({ line }) => (line.kind === 'reading' && line.value !== null ? [line.value] : []))
  const [a, b, c] = values
  const since = new Set(read.map(e => e.repaired.length))
  if (a === undefined || b === undefined || c === undefined || since.size > 1) return []
  const { mean, share } = unbalance([a, b, c])
  const limits = LIMITS[of]
  return [{
    of,
    point,
    lines: read.map(e => e.line.id),
    mean,
    share,
    standing: share > limits.stop ? 'stop' : share > limits.look ? 'look' : 'good',
    now: since.has(state.repaired.length),
  }]
}
