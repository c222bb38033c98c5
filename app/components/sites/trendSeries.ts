/**
 * Readings of one test over a system's tabs, oldest first, in the trade's unit: as each settled tab left it. A
 * call still open shows a fault, not a trend.
 */
import type { SystemOutline } from '#core/systems'
import type { Evidence, TabState } from '#core/tab'
import { unitsOf, US, type Quantity, type Units } from '#core/units'

export interface TrendPoint {
  readonly day: string
  readonly value: number
}
export interface Trend {
  readonly id: string
  readonly name: string
  readonly unit: string
  readonly points: readonly TrendPoint[]
}

const TRENDS = [
  ['black.run', 'Running amps'],
  ['precharge', 'Precharge'],
  ['cap.farads', 'Start capacitor'],
  ['leads.ground', 'Insulation'],
  ['cut-in', 'Cut-in'],
  ['cut-out', 'Cut-out'],
  ['flow', 'Delivery'],
] as const

export function trendsOf(
  kind: SystemOutline,
  calls: readonly Read[],
  units: Units = US,
): Trend[] {
  return TRENDS.flatMap(([id, name]) => {
    const test = kind.tests.find(t => t.id === id)
    if (test?.kind !== 'numeric') return []
    const points = calls
      .flatMap((state) => {
        if (state.status !== 'settled') return []
        const line = state.evidence
          .filter(e => e.line.test === id && isAsLeft(e, state))
          .map(e => e.line)
          .at(-1)
        if (line?.kind !== 'reading' || line.value === null) return []
        return [{ day: line.at.slice(0, 10), value: scaleOf(test.quantity, line.value, units) }]
      })
      .toSorted((a, b) => a.day.localeCompare(b.day))
    const unit = test.quantity === 'ohms' ? 'MΩ' : (unitsOf(test.quantity, units)[0]?.symbol ?? '')
    return points.length > 0 ? [{ id, name, unit, points }] : []
  })
}

type Read = Pick<TabState, 'status' | 'evidence' | 'repaired' | 'findings'>

/** Where something had failed, what was read before its repair is how it was found. */
const isAsLeft = ({ line, repaired }: Evidence, { findings, repaired: all }: Read) =>
  findings.failed.length === 0 || line.asLeft || repaired.length === all.length

/** Ticks from nought that hold the largest figure, three steps of a round width. */
export function roundSteps(most: number): { readonly step: number, readonly top: number } {
  const decade = 10 ** Math.floor(Math.log10(Math.max(most, 1e-9) / 3))
  const step = [1, 2, 2.5, 3, 4, 5, 10].map(n => n * decade).find(s => 3 * s > most * 1.02)!
  return { step, top: 3 * step }
}

/** In the first unit that the quantity is shown in; insulation in megohms. */
function scaleOf(quantity: Quantity, si: number, units: Units): number {
  const perUnit = quantity === 'ohms' ? 1e6 : (unitsOf(quantity, units)[0]?.perUnit ?? 1)
  return Number((si / perUnit).toPrecision(4))
}
