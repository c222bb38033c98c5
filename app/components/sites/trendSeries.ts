/**
 * Readings of one point over a system's settled tabs, oldest first, in the trade's unit: as each left it, and as it was
 * found where that differs. A new motor begins a new line. A call still open shows a fault, not a trend.
 */
import type { SystemOutline } from '#core/systems'
import type { Evidence, TabState } from '#core/tab'
import { unitsOf, US, type Quantity, type Unit, type Units } from '#core/units'
import { nameOf, shortTitle } from '~/components/tab/tapeRows'

export interface TrendPoint {
  readonly day: string
  readonly value: number
  /** as it was left, rather than as it was found before a repair */
  readonly left: boolean
  /** how many of the part that it tells of were fitted before */
  readonly run: number
}
export interface Trend {
  readonly id: string
  readonly name: string
  readonly unit: string
  /** SI in one of the unit */
  readonly perUnit: number
  readonly points: readonly TrendPoint[]
}
/** What was fitted or put right on a day. */
export interface Mark {
  readonly day: string
  readonly text: string
  /** whether the reading begins anew with it */
  readonly renews: boolean
}

/** Those that are looked at first, and what is new once it is renewed. */
const FIRST: Readonly<Record<string, readonly [name: string, ...components: string[]]>> = {
  'black.run': ['Running amps', 'motor', 'pump'],
  'amps1.run': ['Running amps, first leg', 'motor', 'pump'],
  'battery.run': ['Battery under load', 'battery'],
  'precharge': ['Precharge', 'tank'],
  'cap.farads': ['Start capacitor', 'box'],
  'leads.ground': ['Insulation', 'motor', 'cable'],
  'windings.ground': ['Insulation', 'motor'],
  'cut-in': ['Cut-in', 'switch'],
  'cut-out': ['Cut-out', 'switch'],
  'flow': ['Delivery', 'pump'],
}

export function trendsOf(kind: SystemOutline, calls: readonly Read[], units: Units = US): Trend[] {
  const settled = calls.filter(c => c.status === 'settled')
  const ids = [...Object.keys(FIRST), ...kind.tests.map(t => t.id).filter(id => !(id in FIRST))]
  return ids.flatMap((id) => {
    const test = kind.tests.find(t => t.id === id)
    if (test?.kind !== 'numeric') return []
    const [name, ...renewed] = FIRST[id] ?? [shortTitle(kind, id)]
    const days = renewedOn(settled, renewed)
    const read = settled.flatMap(call => pointsOf(call, id))
    const { perUnit, symbol: unit } = unitFor(test.quantity, Math.max(...read.map(p => p.value)), units)
    const points = read.map(({ day, value, left }): TrendPoint => ({
      day, left, value: Number((value / perUnit).toPrecision(4)),
      run: days.filter(d => d < day || (d === day && left)).length,
    })).toSorted((a, b) => a.day.localeCompare(b.day) || Number(a.left) - Number(b.left))
    // of those that nobody looks for, only what was read more than once
    return points.length > (id in FIRST ? 0 : 1) ? [{ id, name, unit, perUnit, points }] : []
  })
}

export type Read = Pick<TabState, 'status' | 'evidence' | 'repaired' | 'findings' | 'parts' | 'repairs'>

/** Of one call: as left, and before it as found where something was put right between. */
function pointsOf(call: Read, id: string) {
  const read = call.evidence.filter(e => e.line.test === id)
  const last = read.filter(e => isAsLeft(e, call)).at(-1)
  const found = read.find(e => !isAsLeft(e, call))
  return [found, last].flatMap((e) => {
    if (e?.line.kind !== 'reading' || e.line.value === null) return []
    return [{ day: e.line.at.slice(0, 10), value: e.line.value, left: e === last }]
  })
}

/** Where something had failed, what was read before its repair is how it was found. */
const isAsLeft = ({ line, repaired }: Evidence, { findings, repaired: all }: Read) =>
  findings.failed.length === 0 || line.asLeft || repaired.length === all.length

const renewedOn = (calls: readonly Read[], components: readonly string[]): readonly string[] =>
  calls.flatMap(c => c.parts.filter(p => p.on && components.includes(p.component)).map(p => p.at.slice(0, 10)))

/** Every repair on the system, by its day. @param id of the reading that they stand beside */
export function marksOf(kind: SystemOutline, calls: readonly Read[], id: string): readonly Mark[] {
  const [, ...renewed] = FIRST[id] ?? ['']
  const all = calls.filter(c => c.status === 'settled').flatMap(c => [
    ...c.parts.filter(p => p.on).map(p => ({
      day: p.at.slice(0, 10), text: `new ${nameOf(kind, p.component)}`, renews: renewed.includes(p.component),
    })),
    ...c.repairs.map(r => ({ day: r.at.slice(0, 10), text: nameOf(kind, r.component), renews: false })),
  ])
  return [...new Set(all.map(m => m.day))].toSorted().map((day) => {
    const own = all.filter(m => m.day === day)
    const told = own.some(m => m.renews) ? own.filter(m => m.renews) : own
    return { day, text: [...new Set(told.map(m => m.text))].join(', '), renews: own.some(m => m.renews) }
  })
}

/** Ticks from nought that hold the largest figure, three steps of a round width. */
export function roundSteps(most: number): { readonly step: number, readonly top: number } {
  const decade = 10 ** Math.floor(Math.log10(Math.max(most, 1e-9) / 3))
  const step = [1, 2, 2.5, 3, 4, 5, 10].map(n => n * decade).find(s => 3 * s > most * 1.02)!
  return { step, top: 3 * step }
}

/** From so many ohms on it is insulation that is read, and no winding. */
const INSULATION_FROM = 2e4
/** The first unit that the quantity is shown in; insulation in megohms. */
function unitFor(quantity: Quantity, most: number, units: Units): Pick<Unit, 'symbol' | 'perUnit'> {
  if (quantity === 'ohms' && most >= INSULATION_FROM) return { symbol: 'MΩ', perUnit: 1e6 }
  return unitsOf(quantity, units)[0] ?? { symbol: '', perUnit: 1 }
}
