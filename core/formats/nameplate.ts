/**
 * Nameplate figures as people write them: "3/4 hp", "180 ft", "12 AWG", "130 µF", "L", or a bare number in the
 * trade's unit.
 */
import { entryOf, fail, itemAt, ok, type Result } from '#core/foundation'
import { areaOfGauge, CODE_LETTERS, gaugeOfArea } from '#core/standards'
import { isKindId, kindFor, SITE_FIELDS, type KindId, type Nameplate, type NameplateField } from '#core/systems'
import {
  CHOSEN_UNITS,
  findUnit,
  FOOT,
  formatValue,
  GALLON,
  HORSEPOWER,
  unitsOf,
  US,
  type Quantity,
  type Units,
} from '#core/units'

const CFM = FOOT ** 3 / 60
type FieldQuantity = NameplateField['quantity']
const EXTRA_UNITS: Partial<Record<FieldQuantity, Readonly<Record<string, number>>>> = {
  'horsepower': { hp: HORSEPOWER, w: 1, kw: 1000 },
  'length': { ft: FOOT, m: 1 },
  'bore': { in: FOOT / 12, mm: 1e-3 },
  'volume': { gal: GALLON, l: 1e-3 },
  'altitude': { ft: FOOT, m: 1 },
  'air-flow': { 'cfm': CFM, 'l/s': 1e-3, 'm³/h': 1 / 3600 },
  'battery-capacity': { ah: 1 },
}
const BARE: Record<FieldQuantity, number> = {
  'volts': 1,
  'amps': 1,
  'ohms': 1,
  'farads': 1e-6,
  'pressure': findUnit('psi')!.perUnit,
  'flow': findUnit('gpm')!.perUnit,
  'time': 1,
  'count': 1,
  'horsepower': HORSEPOWER,
  'length': FOOT,
  'bore': FOOT / 12,
  'volume': GALLON,
  'gauge': 1,
  'code-letter': 1,
  'altitude': FOOT,
  'air-flow': CFM,
  'battery-capacity': 1,
  'choice': 1,
}
const SI_BARE: Partial<Record<FieldQuantity, number>> = { length: 1, bore: 1e-3, altitude: 1, volume: 1e-3 }

function bareUnit(quantity: FieldQuantity, units: Units): number {
  if (quantity === 'pressure' || quantity === 'flow')
    return unitsOf(quantity, units)[0]?.perUnit ?? BARE[quantity]
  const chosen = quantity === 'volume' ? units.volume : units.length
  return (chosen === 'si' ? SI_BARE[quantity] : undefined) ?? BARE[quantity]
}

const FRACTIONS: Record<string, number> = { '¼': 0.25, '½': 0.5, '¾': 0.75, '⅓': 1 / 3 }

/** Reads one figure into SI. Refuses what is not a number with a unit of the right kind. */
/** @param units that a bare figure is taken in; files are in US units */
export function parseFigure(
  quantity: FieldQuantity,
  written: string | number,
  units: Units = US,
): Result<number> {
  if (typeof written === 'number') return ok(written * bareUnit(quantity, units))
  const text = written.trim()
  if (quantity === 'code-letter') {
    const index = Object.keys(CODE_LETTERS).indexOf(text.toUpperCase())
    return index >= 0 ? ok(index) : fail('not-a-figure', { written, wanted: 'a code letter A–V' })
  }
  if (quantity === 'gauge') return parseGauge(text)
  const fraction = /^(?:(\d+)\s+)?(\d+)\/(\d+)\s*(\D.*)?$/.exec(text)
  const glyph = /^(\d+)?\s*([¼½¾⅓])\s*(\D.*)?$/.exec(text)
  const plain = /^(\d*\.?\d+)\s*(\D.*)?$/.exec(text)
  if (!fraction && !glyph && !plain) return fail('not-a-figure', { written, wanted: quantity })
  const number = fraction
    ? Number(fraction[1] ?? 0) + Number(fraction[2]) / Number(fraction[3])
    : glyph
      ? Number(glyph[1] ?? 0) + entryOf(FRACTIONS, itemAt(glyph, 2, 'glyph'))
      : Number(plain![1])
  const unit = fraction ? fraction[4] : glyph ? glyph[3] : plain![2]
  if (!Number.isFinite(number)) return fail('not-a-figure', { written, wanted: quantity })
  if (!unit) return ok(number * bareUnit(quantity, units))
  const extra = EXTRA_UNITS[quantity]?.[unit.trim().toLowerCase()]
  if (extra !== undefined) return ok(number * extra)
  const known = findUnit(unit.trim())
  if (known && known.quantity === quantity) return ok(number * known.perUnit)
  return fail('wrong-unit', { written, wanted: quantity })
}

/** A conductor's size: 12, 12 AWG, 2/0, 2.5 mm². */
function parseGauge(text: string): Result<number> {
  const [aught, plain] = [/^([1-4])\/0\s*(awg)?$/i.exec(text), /^(\d*\.?\d+)\s*(\D.*)?$/.exec(text)]
  if (aught) return ok(1 - Number(aught[1]))
  if (!plain) return fail('not-a-figure', { written: text, wanted: 'gauge' })
  const unit = plain[2]?.trim().toLowerCase() ?? 'awg'
  if (unit === 'awg') return ok(Number(plain[1]))
  if (unit === 'mm²' || unit === 'mm2') return ok(gaugeOfArea(Number(plain[1])))
  return fail('wrong-unit', { written: text, wanted: 'gauge' })
}

/** The same as a person writes it; what is no whole gauge is a metric size. */
function formatGauge(gauge: number): string {
  if (!Number.isInteger(gauge)) return `${Number(areaOfGauge(gauge).toPrecision(3))} mm²`
  return gauge < 1 ? `${1 - gauge}/0 AWG` : `${gauge} AWG`
}

/** SI back into the way a person writes it, for files and forms. */
/** @param units that a form shows; files are written in US units */
export function formatFigureOf(quantity: FieldQuantity, si: number, units: Units = US): string {
  switch (quantity) {
    case 'horsepower':
      return `${round(si / HORSEPOWER)} hp`
    case 'length':
    case 'altitude':
      return units.length === 'si' ? `${round(si)} m` : `${round(si / FOOT)} ft`
    case 'bore':
      return units.length === 'si' ? `${round(1000 * si)} mm` : `${round((12 * si) / FOOT)} in`
    case 'volume':
      return units.volume === 'si' ? `${round(si * 1000)} l` : `${round(si / GALLON)} gal`
    case 'gauge':
      return formatGauge(si)
    case 'air-flow':
      return `${round(si / CFM)} cfm`
    case 'battery-capacity':
      return `${round(si)} Ah`
    case 'count':
      return String(round(si))
    case 'code-letter':
      return Object.keys(CODE_LETTERS)[si] ?? ''
    default:
      return formatValue(quantity as Quantity, si, units)
  }
}

const round = (x: number) => Number(x.toPrecision(4))

/**
 * Reads a written nameplate for a kind, choices first, since they decide what figures there are. Names the field that
 * it cannot take.
 */
export function parseNameplate(
  kind: string,
  written: Readonly<Record<string, string | number>>,
  units: Units = US,
): Result<Nameplate> {
  if (!isKindId(kind)) return fail('unknown-kind', { kind })
  const out: Record<string, number> = {}
  const given = Object.entries(written).filter(([, value]) => value !== '')
  for (const [named, value] of given) {
    const field = ownField(kind, {}, named)
    const choice = fieldOf(kind, {}, field)
    if (!choice?.choices) continue
    const index = chosenOf(choice.choices, value)
    if (index === undefined)
      return fail('not-a-choice', { field, written: value, choices: choice.choices.join(', ') })
    out[field] = index
  }
  for (const [named, value] of given) {
    const field = ownField(kind, out, named)
    if (field in out) continue
    const quantity = fieldOf(kind, out, field)?.quantity
    if (!quantity) return fail('unknown-field', { field, kind })
    const figure = parseFigure(quantity, value, units)
    if (!figure.ok) return fail(figure.problem.code, { ...figure.problem.facts, field })
    out[field] = figure.value
  }
  return ok(out)
}

/** The start gear's figures stand with the motor or with its box: where they are written, they are meant. */
function ownField(kind: KindId, plate: Nameplate, named: string): string {
  if (fieldOf(kind, plate, named)) return named
  const other = named.startsWith('motor.') ? named.replace('motor.', 'box.') : named.replace('box.', 'motor.')
  return fieldOf(kind, plate, other) ? other : named
}

/** Other ways to write what is chosen from: a bare `3` for three phases, `single`, `y`, `fuses`, `1` for yes. */
const CHOSEN: readonly RegExp[] = [
  /^(?:3|three)(?:[- ]?(?:ph|phase|phases))?$/,
  /^(?:1|one|single)(?:[- ]?(?:ph|phase|phases))?$/,
  /^(?:yes|y|true|fitted|with)$/,
  /^(?:no|n|false|none|without)$/,
  /^50 ?(?:hz|hertz)$/,
  /^60 ?(?:hz|hertz)$/,
]

/** Which of them is meant: as it is written, else by its place. */
function chosenOf(choices: readonly string[], written: string | number): number | undefined {
  const text = String(written).trim().toLowerCase()
  const exact = choices.findIndex(c => c === text || `${c}s` === text)
  if (exact >= 0) return exact
  if (choices.join() === 'no,yes' && /^[01]$/.test(text)) return Number(text)
  const alike = CHOSEN.find(way => way.test(text))
  const named = alike ? choices.findIndex(c => alike.test(c) || alike.test(`${c} hz`)) : -1
  if (named >= 0) return named
  return typeof written === 'number' && choices[written] !== undefined ? written : undefined
}

export function writeNameplate(kind: string, nameplate: Nameplate, units: Units = US): Record<string, string> {
  if (!isKindId(kind)) return {}
  return Object.fromEntries(
    Object.entries(nameplate).map(([field, si]) => {
      const known = fieldOf(kind, nameplate, field)
      return [
        field,
        known?.choices ? (known.choices[si] ?? '') : formatFigureOf(known?.quantity ?? 'count', si, units),
      ]
    }),
  )
}

/**
 * What a person has filled in, as it goes to the server and into files: each bare figure with the unit it was meant in.
 * What cannot be read goes as it is, for the server to say what is wrong with it.
 */
export function spellOut(
  kind: string,
  written: Readonly<Record<string, string>>,
  units: Units,
): Record<string, string> {
  const filled = Object.fromEntries(Object.entries(written).filter(([, value]) => value.trim() !== ''))
  const read = parseNameplate(kind, filled, units)
  const isUs = CHOSEN_UNITS.every(quantity => units[quantity] === 'us')
  return isUs || !read.ok ? filled : writeNameplate(kind, read.value)
}

/** The nameplate figure of that name on a kind with these choices made. */
export function fieldOf(kind: KindId, choices: Nameplate, field: string): NameplateField | undefined {
  const [component, id] = field.split('.')
  if (component === 'site') return SITE_FIELDS.find(f => f.id === id)
  return kindFor(kind, choices)
    .components.find(c => c.id === component)
    ?.fields?.find(f => f.id === id)
}
