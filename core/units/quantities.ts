/**
 * The quantities that a line can carry, with their SI unit inside and their trade units at the edge.
 * Pressures on a tab are gauge pressures; absolute pressure lives only in `core/flow`.
 */
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

const SHOWN: Record<SystemOfUnits, Record<Quantity, readonly string[]>> = {
  us: {
    volts: ['V', 'mV'],
    amps: ['A', 'mA'],
    ohms: ['Ω', 'kΩ', 'MΩ'],
    farads: ['µF'],
    pressure: ['psi'],
    flow: ['gpm'],
    time: ['s', 'min'],
    count: [''],
  },
  si: {
    volts: ['V', 'mV'],
    amps: ['A', 'mA'],
    ohms: ['Ω', 'kΩ', 'MΩ'],
    farads: ['µF'],
    pressure: ['kPa'],
    flow: ['L/min'],
    time: ['s', 'min'],
    count: [''],
  },
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
export function formatFigure(quantity: Quantity, si: number, system: SystemOfUnits = 'us'): Figure {
  const units = SHOWN[system][quantity].map(s => UNITS.find(u => u.symbol === s)!)
  const size = Math.abs(si)
  const unit = pickUnit(quantity, size, units)
  const value = si / unit.perUnit
  return { digits: roundTo(value, quantity), unit: unit.symbol }
}

export function formatValue(quantity: Quantity, si: number, system: SystemOfUnits = 'us') {
  const { digits, unit } = formatFigure(quantity, si, system)
  return unit ? `${digits} ${unit}` : digits
}

function pickUnit(quantity: Quantity, size: number, units: readonly Unit[]): Unit {
  const named = (symbol: string) => units.find(u => u.symbol === symbol)!
  if (quantity === 'ohms') return size >= 1e6 ? named('MΩ') : size >= 1e4 ? named('kΩ') : named('Ω')
  if (quantity === 'volts') return size > 0 && size < 0.1 ? named('mV') : named('V')
  if (quantity === 'amps') return size > 0 && size < 0.02 ? named('mA') : named('A')
  if (quantity === 'time') return size >= 600 ? named('min') : named('s')
  return units[0]!
}

function roundTo(value: number, quantity: Quantity): string {
  const size = Math.abs(value)
  if (quantity === 'count') return String(Math.round(value))
  const digits = size >= 99.95 ? 0 : size >= 9.995 ? 1 : size === 0 ? 0 : 2
  const text = value.toFixed(digits)
  return text.includes('.') ? text.replace(/\.?0+$/, '') || '0' : text
}
