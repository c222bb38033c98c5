import { describe, expect, it } from 'vitest'
import { findUnit, FOOT, formatValue, GALLON, HORSEPOWER, PSI, readValue, UNITS, US } from '.'

describe('units', () => {
  it('builds the exact factors: 1 psi = 6.894757 kPa, gallon 3.785411784 L, horsepower 745.69987 W', () => {
    expect(PSI / 1000).toBeCloseTo(6.894757, 6)
    expect(GALLON * 1000).toBeCloseTo(3.785411784, 9)
    expect(HORSEPOWER).toBeCloseTo(745.69987158, 6)
    expect(FOOT).toBeCloseTo(0.3048, 12)
  })
  it('has no spelling that means two units', () => {
    const spellings = UNITS.flatMap(u => u.spellings.map(s => [s, u.symbol] as const))
    expect(spellings.length).toBeGreaterThan(50)
    expect(new Set(spellings.map(([s]) => s)).size).toBe(spellings.length)
  })
  it.each([
    ['uf', 'µF'],
    ['μf', 'µF'],
    ['MEG', 'MΩ'],
    ['ohms', 'Ω'],
    ['mV', 'mV'],
    ['psig', 'psi'],
    ['k', 'kΩ'],
  ])('reads %s as %s', (typed, symbol) => {
    expect(findUnit(typed)?.symbol).toBe(symbol)
  })
  it('does not know what is not a unit', () => expect(findUnit('furlong')).toBeUndefined())
  it.each([
    ['volts', 238, '238 V'],
    ['volts', 0.045, '45 mV'],
    ['amps', 33.1, '33.1 A'],
    ['amps', 0, '0 A'],
    ['ohms', 4.8, '4.8 Ω'],
    ['ohms', 2e6, '2 MΩ'],
    ['ohms', 400e3, '400 kΩ'],
    ['farads', 147e-6, '147 µF'],
    ['pressure', 38 * PSI, '38 psi'],
    ['time', 92, '92 s'],
    ['time', 900, '15 min'],
  ] as const)('shows %s %d as %s', (quantity, si, shown) => expect(formatValue(quantity, si)).toBe(shown))
  it('shows pressure in kPa under the SI setting', () =>
    expect(formatValue('pressure', 100e3, { ...US, pressure: 'si' })).toBe('100 kPa'))
})

describe('a figure in a field', () => {
  it('is of the unit that it names, or of the one that is shown', () => {
    expect(readValue('pressure', '58')).toBeCloseTo(58 * PSI, 3)
    expect(readValue('pressure', '4,1 bar')).toBeCloseTo(4.1e5, 0)
    expect(readValue('pressure', ' 400 kPa ')).toBeCloseTo(400e3, 3)
  })
  it.each(['', 'high', '12 V', '1.2.3', '58 psi now'])('%j is no pressure', (text) => {
    expect(readValue('pressure', text)).toBeUndefined()
  })
})
