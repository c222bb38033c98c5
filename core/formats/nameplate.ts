/** Nameplate figures as people write them: "3/4 hp", "180 ft", "12 AWG", "130 µF", "L", or a bare number in the trade's unit. */
import { fail, ok, type Result } from '#core/foundation'
import { CODE_LETTERS } from '#core/standards'
import { isKindId, kindOf, type Nameplate, type NameplateField } from '#core/systems'
import { findUnit, FOOT, formatValue, GALLON, HORSEPOWER, type Quantity } from '#core/units'

type FieldQuantity = NameplateField['quantity']
const EXTRA_UNITS: Partial<Record<FieldQuantity, Readonly<Record<string, number>>>> = {
  horsepower: { hp: HORSEPOWER, w: 1, kw: 1000 },
  length: { ft: FOOT, m: 1 },
  volume: { gal: GALLON, l: 1e-3 },
  gauge: { awg: 1 },
  altitude: { ft: FOOT, m: 1 },
}
const BARE: Record<FieldQuantity, number> = { 'volts': 1, 'amps': 1, 'ohms': 1, 'farads': 1e-6, 'pressure': findUnit('psi')!.perUnit, 'flow': findUnit('gpm')!.perUnit, 'time': 1, 'count': 1, 'horsepower': HORSEPOWER, 'length': FOOT, 'volume': GALLON, 'gauge': 1, 'code-letter': 1, 'altitude': FOOT }
const FRACTIONS: Record<string, number> = { '¼': 0.25, '½': 0.5, '¾': 0.75, '⅓': 1 / 3 }

/** Reads one figure into SI. Refuses what is not a number with a unit of the right kind. */
export function parseFigure(quantity: FieldQuantity, written: string | number): Result<number> {
  if (typeof written === 'number') return ok(written * BARE[quantity])
  const text = written.trim()
  if (quantity === 'code-letter') {
    const index = Object.keys(CODE_LETTERS).indexOf(text.toUpperCase())
    return index >= 0 ? ok(index) : fail('not-a-figure', { written, wanted: 'a code letter A–U' })
  }
  const fraction = /^(?:(\d+)\s+)?(\d+)\/(\d+)\s*(\D.*)?$/.exec(text)
  const glyph = /^(\d+)?\s*([¼½¾⅓])\s*(\D.*)?$/.exec(text)
  const plain = /^(\d*\.?\d+)\s*(\D.*)?$/.exec(text)
  if (!fraction && !glyph && !plain) return fail('not-a-figure', { written, wanted: quantity })
  const number = fraction ? Number(fraction[1] ?? 0) + Number(fraction[2]) / Number(fraction[3]) : glyph ? Number(glyph[1] ?? 0) + FRACTIONS[glyph[2]!]! : Number(plain![1])
  const unit = fraction ? fraction[4] : glyph ? glyph[3] : plain![2]
  if (!Number.isFinite(number)) return fail('not-a-figure', { written, wanted: quantity })
  if (!unit) return ok(number * BARE[quantity])
  const extra = EXTRA_UNITS[quantity]?.[unit.trim().toLowerCase()]
  if (extra !== undefined) return ok(number * extra)
  const known = findUnit(unit.trim())
  if (known && known.quantity === quantity) return ok(number * known.perUnit)
  return fail('wrong-unit', { written, wanted: quantity })
}

/** SI back into the way a person writes it, for files and forms. */
export function formatFigureOf(quantity: FieldQuantity, si: number): string {
  switch (quantity) {
    case 'horsepower': return `${round(si / HORSEPOWER)} hp`
    case 'length': case 'altitude': return `${round(si / FOOT)} ft`
    case 'volume': return `${round(si / GALLON)} gal`
    case 'gauge': return `${round(si)} AWG`
    case 'code-letter': return Object.keys(CODE_LETTERS)[si] ?? ''
    default: return formatValue(quantity as Quantity, si)
  }
}

const round = (x: number) => Number(x.toPrecision(4))

/** Reads a written nameplate for a kind. Names the field that it cannot take. */
export function parseNameplate(kind: string, written: Readonly<Record<string, string | number>>): Result<Nameplate> {
  if (!isKindId(kind)) return fail('unknown-kind', { kind })
  const out: Record<string, number> = {}
  for (const [field, value] of Object.entries(written)) {
    if (value === '') continue
    const quantity = field === 'site.altitude' ? 'altitude' : fieldOf(kind, field)?.quantity
    if (!quantity) return fail('unknown-field', { field, kind })
    const figure = parseFigure(quantity, value)
    if (!figure.ok) return fail(figure.problem.code, { ...figure.problem.facts, field })
    out[field] = figure.value
  }
  return ok(out)
}

export function writeNameplate(kind: string, nameplate: Nameplate): Record<string, string> {
  if (!isKindId(kind)) return {}
  return Object.fromEntries(Object.entries(nameplate).map(([field, si]) => [field, formatFigureOf(field === 'site.altitude' ? 'altitude' : fieldOf(kind, field)?.quantity ?? 'count', si)]))
}

function fieldOf(kind: Parameters<typeof kindOf>[0], field: string): NameplateField | undefined {
  const [component, id] = field.split('.')
  return kindOf(kind).components.find(c => c.id === component)?.fields?.find(f => f.id === id)
}
