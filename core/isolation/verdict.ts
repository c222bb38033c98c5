/** The verdict on one reading: against its healthy band, and the slips it looks like before it is believed. */
import { SOURCES, type Source, type SourceId } from '#core/standards'
import { pointOf, testOf, type Band, type NumericTest, type SystemModel } from '#core/systems'
import type { LineOf, TabState } from '#core/tab'
import type { Tables } from './tables'

export const VERDICTS = ['in-band', 'low', 'high', 'open', 'seen', 'unknown'] as const
export type VerdictWord = (typeof VERDICTS)[number]
export const SLIPS = [
  'nano-for-micro',
  'micro-for-nano',
  'kilo-ohms',
  'both-conductors',
  'above-supply',
  'open-for-zero',
  'dead-meter',
] as const
export type Slip = (typeof SLIPS)[number]

export interface Verdict {
  readonly line: string
  readonly test: string
  readonly word: VerdictWord
  readonly band?: Band & { readonly sourceText: string, readonly standing: Source['standing'] }
  readonly slip?: { readonly code: Slip, readonly say: string }
}

const SLIP_SAYS: Record<Slip, string> = {
  'nano-for-micro': 'Was that µF? In nF it is a thousandth of what this capacitor holds.',
  'micro-for-nano': 'A thousand times what this capacitor holds: check the prefix on the meter.',
  'kilo-ohms': 'A factor of a thousand off a good winding: check for k on the meter.',
  'both-conductors': 'Next to nothing although it runs: is the clamp round both conductors?',
  'above-supply': 'More than the supply can give: check the range, or a second meter.',
  'open-for-zero': 'Was that 0 Ω? OL means open, beyond the range.',
  'dead-meter': 'Nothing here, but there is voltage further down: try the meter on a known source.',
}

export function judge(tables: Tables, state: TabState, line: LineOf<'reading'> | LineOf<'observation'>): Verdict {
  const { model } = tables
  const test = testOf(model.kind, line.test)
  if (line.kind === 'observation' || !test || test.kind !== 'numeric')
    return { line: line.id, test: line.test, word: test ? 'seen' : 'unknown' }
  const band = model.band(test)
  const slip = findSlip(tables, state, test, line, band)
  return {
    line: line.id,
    test: line.test,
    word: wordOf(line, band),
    ...(band ? { band: withSource(band) } : {}),
    ...(slip ? { slip: { code: slip, say: SLIP_SAYS[slip] } } : {}),
  }
}

/** Where a figure comes from; what is quoted from memory is said to be. */
export function sayWhence(source: SourceId): string {
  const { text, standing } = SOURCES[source]
  return standing === 'memory' ? `${text}, from memory` : text
}

/** A reading against its healthy band, and no more. */
export function wordFor(model: SystemModel, line: LineOf<'reading'>): VerdictWord {
  const test = testOf(model.kind, line.test)
  return test?.kind === 'numeric' ? wordOf(line, model.band(test)) : 'unknown'
}

export const withSource = (band: Band) => ({
  ...band,
  sourceText: sayWhence(band.source),
  standing: SOURCES[band.source].standing,
})

const JUDGED = { usual: 'in-band', low: 'low', high: 'high' } as const

/** What was told without a figure is judged by who told it. */
const wordOf = ({ value, judged }: LineOf<'reading'>, band: Band | undefined): VerdictWord =>
  (judged ? JUDGED[judged] : compare(value, band))

/** A figure against a band; beyond the range (null) is open. */
export function compare(value: number | null, band: Pick<Band, 'low' | 'high'> | undefined): VerdictWord {
  if (!band) return 'unknown'
  if (value === null) return Number.isFinite(band.high) ? 'open' : 'in-band'
  return value < band.low ? 'low' : value > band.high ? 'high' : 'in-band'
}

function findSlip(
  tables: Tables,
  state: TabState,
  test: NumericTest,
  { value, judged }: LineOf<'reading'>,
  band: Band | undefined,
): Slip | undefined {
  if (judged) return undefined
  const { model } = tables
  const within = (v: number) => band !== undefined && v >= band.low * 0.8 && v <= band.high * 1.2
  if (value === null) return test.quantity === 'farads' ? 'open-for-zero' : undefined
  if (test.quantity === 'farads' && within(value * 1000)) return 'nano-for-micro'
  if (test.quantity === 'farads' && within(value / 1000)) return 'micro-for-nano'
  if (
    test.quantity === 'ohms'
    && test.condition === 'leads-off'
    && band
    && Number.isFinite(band.high)
    && (within(value / 1000) || within(value * 1000))
  )
    return 'kilo-ohms'
  if (test.quantity === 'volts' && value > 1.2 * mostVolts(tables, test)) return 'above-supply'
  if (
    test.quantity === 'volts'
    && value < 2
    && ['calling'].includes(test.condition)
    && liveFurtherDown(model, state, test)
  )
    return 'dead-meter'
  if (
    test.quantity === 'amps'
    && test.condition === 'running'
    && test.point !== 'red'
    && value < 0.5
    && runsNow(state)
  )
    return 'both-conductors'
  return undefined
}

/** The most that this supply can put on a point under anything that is foreseen. */
const mostVolts = ({ model, tests }: Tables, test: NumericTest) =>
  Math.max(tests.get(test.id)!.most, 0.02 * model.supplyVolts)

function liveFurtherDown(model: SystemModel, state: TabState, test: NumericTest): boolean {
  const own = pointOf(model.kind, test).number
  return state.evidence.some(({ line }) => {
    if (line.kind !== 'reading' || line.value === null || line.value < 90) return false
    const other = testOf(model.kind, line.test)
    return (
      other?.kind === 'numeric'
      && other.quantity === 'volts'
      && other.condition === 'calling'
      && pointOf(model.kind, other).number > own
    )
  })
}

const runsNow = (state: TabState) =>
  state.evidence.some(
    ({ line }) => line.kind === 'observation' && line.test === 'sound' && line.outcome === 'runs',
  )
