/**
 * The quantities that a line can carry, with their SI unit inside and their trade units at the edge.
 * Pressures on a tab are gauge pressures; absolute pressure lives only in `core/flow`.
 */
import { mapEach, type NonEmpty } from '#core/foundation'

export const QUANTITIES = ['volts', 'amps', 'ohms', 'farads', 'pressure', 'flow', 'time', 'count'] as const
export type Quantity = (typeof QUANTITIES)[number]

/** One unit: how it is written, what it measures and how many SI units it is (exact, built from definitions). */
export interface Unit {
  readonly symbol: string
  readonly quantity: Quantity
  readonly perUnit: number
  readonly spellings: readonly string[]
}

const POUND = 0.45359237 // kg, exact by definition
const INCH = 0.0254 // m, exact by definition
const GRAVITY = 9.80665 // m/s², standard gravity
export const PSI = (POUND * GRAVITY) / INCH ** 2 // Pa
export const GALLON = 231 * INCH ** 3 // m³
export const FOOT = 12 * INCH // m
export const HORSEPOWER = 550 * FOOT * POUND * GRAVITY // W

export const UNITS: readonly Unit[] = [
  { symbol: 'V', quantity: 'volts', perUnit: 1, spellings: ['v', 'volt', 'volts', 'vac'] },
  { symbol: 'mV', quantity: 'volts', perUnit: 1e-3, spellings: ['mv', 'millivolts'] },
  { symbol: 'kV', quantity: 'volts', perUnit: 1e3, spellings: ['kv'] },
  { symbol: 'A', quantity: 'amps', perUnit: 1, spellings: ['a', 'amp', 'amps'] },
  { symbol: 'mA', quantity: 'amps', perUnit: 1e-3, spellings: ['ma', 'milliamps'] },
  { symbol: 'Ω', quantity: 'ohms', perUnit: 1, spellings: ['ω', 'ohm', 'ohms', 'r'] },
  { symbol: 'kΩ', quantity: 'ohms', perUnit: 1e3, spellings: ['kω', 'kohm', 'kohms', 'k'] },
  {
    symbol: 'MΩ',
    quantity: 'ohms',
    perUnit: 1e6,
    spellings: ['mω', 'mohm', 'mohms', 'meg', 'megs', 'megohm', 'megohms', 'm'],
  },
  { symbol: 'GΩ', quantity: 'ohms', perUnit: 1e9, spellings: ['gω', 'gohm', 'gig'] },
  {
    symbol: 'µF',
    quantity: 'farads',
    perUnit: 1e-6,
    spellings: ['uf', 'µf', 'μf', 'mfd', 'microfarad', 'microfarads'],
  },
  { symbol: 'nF', quantity: 'farads', perUnit: 1e-9, spellings: ['nf'] },
  { symbol: 'psi', quantity: 'pressure', perUnit: PSI, spellings: ['psi', 'psig', 'lb', 'lbs'] },
  { symbol: 'kPa', quantity: 'pressure', perUnit: 1e3, spellings: ['kpa'] },
  { symbol: 'bar', quantity: 'pressure', perUnit: 1e5, spellings: ['bar'] },
  { symbol: 'gpm', quantity: 'flow', perUnit: GALLON / 60, spellings: ['gpm'] },
  { symbol: 'L/min', quantity: 'flow', perUnit: 1e-3 / 60, spellings: ['lpm', 'l/min'] },
  { symbol: 's', quantity: 'time', perUnit: 1, spellings: ['s', 'sec', 'secs', 'seconds', 'second'] },
  { symbol: 'min', quantity: 'time', perUnit: 60, spellings: ['min', 'mins', 'minutes', 'minute'] },
  { symbol: '', quantity: 'count', perUnit: 1, spellings: ['starts', 'times'] },
]

export const SYSTEMS_OF_UNITS = ['us', 'si'] as const
export type SystemOfUnits = (typeof SYSTEMS_OF_UNITS)[number]

/** Quantities that the trade writes in either system; the others have one way. */
export const CHOSEN_UNITS = ['pressure', 'flow', 'length', 'volume'] as const
export type ChosenUnit = (typeof CHOSEN_UNITS)[number]
export type Units = Readonly<Record<ChosenUnit, SystemOfUnits>>
export const US: Units = { pressure: 'us', flow: 'us', length: 'us', volume: 'us' }

const SHOWN: Readonly<Record<Quantity, NonEmpty<string>>> = {
  volts: ['V', 'mV'],
  amps: ['A', 'mA'],
  ohms: ['Ω', 'kΩ', 'MΩ'],
  farads: ['µF'],
  pressure: ['psi'],
  flow: ['gpm'],
  time: ['s', 'min'],
  count: [''],
}
const SI_SHOWN: Partial<Record<Quantity, NonEmpty<string>>> = { pressure: ['kPa'], flow: ['L/min'] }

/** The units that a quantity is shown in; the first is what a bare figure is taken in. */
export function unitsOf(quantity: Quantity, units: Units): NonEmpty<Unit> {
  const chosen = quantity === 'pressure' || quantity === 'flow' ? units[quantity] : 'us'
  const symbols = (chosen === 'si' ? SI_SHOWN[quantity] : undefined) ?? SHOWN[quantity]
  return mapEach(symbols, unitNamed)
}

function unitNamed(symbol: string): Unit {
  const unit = UNITS.find(u => u.symbol === symbol)
  if (!unit) throw new Error(`there is no unit ${symbol}`)
  return unit
}

/**
 * Finds a unit by its symbol or one of its spellings. `M` and `m` before Ω follow case: mΩ is not used in the trade.
 */
export function findUnit(text: string): Unit | undefined {
  const exact = UNITS.find(u => u.symbol === text)
  if (exact) return exact
  const lower = text.toLowerCase()
  return UNITS.find(u => u.spellings.includes(lower))
}

/** What a value looks like on a screen: digits and unit apart, so that the unit can be drawn smaller. */
export interface Figure {
  readonly digits: string
  readonly unit: string
}

/** Formats an SI value in the trade's unit with about three significant digits. */
export function formatFigure(quantity: Quantity, si: number, units: Units = US): Figure {
  const unit = pickUnit(quantity, Math.abs(si), units)
  const value = si / unit.perUnit
  return { digits: roundTo(value, quantity), unit: unit.symbol }
}

export function formatValue(quantity: Quantity, si: number, units: Units = US): string {
  const { digits, unit } = formatFigure(quantity, si, units)
  return unit ? `${digits} ${unit}` : digits
}

/** "207–253 V", "over 2 MΩ", "up to 0.2 V"; no high, or an infinite one, is no limit. */
export function formatRange(
  quantity: Quantity,
  { low, high = Infinity }: { readonly low: number, readonly high?: number },
  units: Units = US,
): string {
  const say = (si: number) => formatValue(quantity, si, units)
  if (!Number.isFinite(high)) return `over ${say(low)}`
  if (low <= 0) return `up to ${roughly(formatFigure(quantity, high, units))}`
  const [from, to] = [say(low), say(high)]
  return from.split(' ')[1] === to.split(' ')[1] ? `${from.split(' ')[0]}–${to}` : `${from}–${to}`
}

/** A limit below ten in two digits: nobody tells 2.61 V from 2.6. */
function roughly({ digits, unit }: Figure): string {
  const value = Number(digits)
  const said = value < 10 ? String(Number(value.toPrecision(2))) : digits
  return unit ? `${said} ${unit}` : said
}

function pickUnit(quantity: Quantity, size: number, units: Units): Unit {
  switch (quantity) {
    case 'ohms': return unitNamed(size >= 1e6 ? 'MΩ' : size >= 1e4 ? 'kΩ' : 'Ω')
    case 'volts': return unitNamed(size > 0 && size < 0.1 ? 'mV' : 'V')
    case 'amps': return unitNamed(size > 0 && size < 0.02 ? 'mA' : 'A')
    case 'time': return unitNamed(size >= 600 ? 'min' : 's')
    default: return unitsOf(quantity, units)[0] ?? unitNamed('')
  }
}

/** A length or a volume in round figures. */
export const formatLength = (metres: number, units: Units = US): string =>
  units.length === 'si' ? `${Number(metres.toPrecision(2))} m` : `${Math.round(metres / FOOT)} ft`
export const formatVolume = (cubicMetres: number, units: Units = US): string =>
  units.volume === 'si'
    ? `${Number((cubicMetres * 1000).toPrecision(2))} L`
    : `${Number((cubicMetres / GALLON).toPrecision(2))} gal`

function roundTo(value: number, quantity: Quantity): string {
  const size = Math.abs(value)
  if (quantity === 'count') return String(Math.round(value))
  const digits = size >= 99.95 ? 0 : size >= 9.995 ? 1 : size === 0 ? 0 : 2
  const text = value.toFixed(digits)
  return text.includes('.') ? text.replace(/\.?0+$/, '') || '0' : text
}
