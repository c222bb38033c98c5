/** Solves each plate, sound and under its faults, and lays every reading beside the band that was written for it. */
import type { Misfit } from '#core/circuit'
import { parseNameplate } from '#core/formats'
import { sayProblem } from '#core/words'
import {
  buildModel,
  describeSystem,
  USUAL_PRACTICE,
  type Description,
  type FigureKey,
  type Figures,
  type NumericTest,
  type Severity,
  type SystemModel,
} from '#core/systems'
import { findUnit } from '#core/units'
import type { BandSource, PlateCase, ReadingBand } from './band'
import { airPilot, caravan, threePhase } from './others'
import { airDirect, booster, holdingTank, jet } from './surface'
import { fiftyHertz, fiveHorse, threeWire, twoWire, withRunCapacitor } from './wells'

export const PLATES: readonly PlateCase[] = [
  twoWire, threeWire, withRunCapacitor, fiveHorse, fiftyHertz, jet, booster, holdingTank, caravan, airDirect, airPilot,
  threePhase,
]

export interface Reading {
  readonly plate: string
  readonly condition: string
  readonly test: string
  readonly unit: string
  readonly band: ReadingBand
  /** what it reads; OL, or why there is no reading */
  readonly read: number | 'OL' | { readonly why: string }
  readonly inside: boolean
  readonly source: BandSource
}

/** What one of the trade's units is in SI, by what a test measures. */
const UNITS: Readonly<Record<string, readonly [perUnit: number, unit: string]>> = {
  volts: [1, 'V'],
  amps: [1, 'A'],
  ohms: [1, 'Ω'],
  farads: [1e-6, 'µF'],
  pressure: [findUnit('psi')!.perUnit, 'psi'],
  flow: [findUnit('gpm')!.perUnit, 'gpm'],
  time: [1, 's'],
}

export function readAll(plates: readonly PlateCase[] = PLATES): readonly Reading[] {
  return plates.flatMap(readPlate)
}

function readPlate(c: PlateCase): Reading[] {
  const conditions = [['sound', c.sound] as const, ...Object.entries(c.faults)]
  const plate = parseNameplate(c.kind, c.plate)
  const asked = Object.keys(c.faults)
  const made = plate.ok
    ? buildModel(c.kind, plate.value, USUAL_PRACTICE, {
        degrees: asWritten(describeSystem(c.kind, plate.value), asked),
      })
    : plate
  return conditions.flatMap(([condition, bands]) =>
    Object.entries(bands).map(([test, band]) => {
      const source = band === 'OL' ? 'open' : band[2]
      const read = made.ok ? readOne(made.value, condition, test) : { why: sayProblem(made.problem) }
      const unit = made.ok ? unitOf(made.value, test) : ''
      return { plate: c.name, condition, test, unit, band, read, inside: isInside(read, band), source }
    }),
  )
}

export interface MotorMisfit extends Misfit {
  readonly plate: string
}

/** By how much each plate's motor misses what motors of its size usually do. */
export const misfits = (plates: readonly PlateCase[] = PLATES): readonly MotorMisfit[] =>
  plates.flatMap((c) => {
    const plate = parseNameplate(c.kind, c.plate)
    if (!plate.ok) return []
    return describeSystem(c.kind, plate.value).stages.flatMap(s =>
      (s.misfits ?? []).map(m => ({ plate: s.id ? `${c.name}: ${s.id}` : c.name, ...m })),
    )
  })

/**
 * Bands are for ohms as they were written down; the catalogue measures joints by the motor. A condition such as `black,
 * 4 Ω` is made of the catalogue's degree in that place, with those ohms in it.
 */
export function asWritten(
  d: Description,
  conditions: readonly string[],
): Readonly<Record<string, readonly Severity[]>> {
  const made: Record<string, readonly Severity[]> = {}
  for (const condition of conditions) {
    const [fault = '', degree = ''] = condition.split(' @ ')
    const said = /^(?:(.*), )?([\d.]+) Ω$/.exec(degree)
    const mode = d.kind.faults.find(f => f.id === fault)
    const own = mode?.severities.find(s => s.ohms && (!said?.[1] || s.name === said[1]))
    if (!said || !own) continue
    const ohms = Number(said[2])
    const added = (h: Figures) =>
      Object.fromEntries(Object.keys(own.change(h)).map(key =>
        [key, (key.startsWith('cable.') && d.kind.id.startsWith('well') ? h[key as FigureKey] : 0) + ohms]))
    made[fault] = [{ id: 'asked', name: degree, share: 1, change: added }]
  }
  return made
}

const numeric = (model: SystemModel, id: string) =>
  model.kind.tests.find((t): t is NumericTest => t.kind !== 'seen' && t.id === id)

const unitOf = (model: SystemModel, id: string) => UNITS[numeric(model, id)?.quantity ?? '']?.[1] ?? ''

function readOne(model: SystemModel, condition: string, id: string): Reading['read'] {
  const test = numeric(model, id)
  if (!test) return { why: `this kind has no ${id}` }
  const [fault, degree] = condition.split(' @ ')
  const h = model.hypotheses.findIndex(
    x => !x.parts && x.fault === fault && (!degree || x.severity === degree),
  )
  if (h < 0) return { why: `this kind has no ${condition}` }
  const { mean, log, ol } = model.predict(h, test)
  if (ol > 0.5) return 'OL'
  return (log ? Math.exp(mean) : mean) / (UNITS[test.quantity]?.[0] ?? 1)
}

function isInside(read: Reading['read'], band: ReadingBand): boolean {
  if (band === 'OL') return read === 'OL'
  // a meter that shows OL reads past any resistance that it can show
  if (read === 'OL') return band[1] === Infinity
  return typeof read === 'number' && read >= band[0] && read <= band[1]
}
