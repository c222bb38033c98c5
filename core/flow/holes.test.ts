import { describe, expect, it } from 'vitest'
import { FOOT, GALLON, PSI } from '#core/units'
import { airLineDrop, airThrough, holeLike, waterThrough } from '.'

const AIR = 14.696 * PSI
const inch = FOOT / 12
const cfm = FOOT ** 3 / 60

describe('a hole', () => {
  // US DOE compressed air tip sheet 3, rounded orifice, at 100 psi (from memory)
  it.each([
    [1 / 64, 0.406],
    [1 / 32, 1.62],
    [1 / 16, 6.49],
    [1 / 8, 26],
    [1 / 4, 104],
  ])('of %d in passes %d cfm of free air at 100 psi, within 2 %', (bore, wanted) => {
    const passes = airThrough(bore * inch, 100 * PSI, AIR, 1) / cfm
    expect(Math.abs(passes / wanted - 1)).toBeLessThan(0.02)
  })
  // orifice by hand: 0.61 · 4.95 mm² · √(2 · 345 kPa / 998) = 0.0000794 m³/s
  it('passes water by the orifice law', () => {
    expect(waterThrough(inch / 10, 50 * PSI)).toBeCloseTo(8.08e-5, 6)
    expect(waterThrough(inch / 10, 0)).toBe(0)
  })
  it.each(['water', 'air'] as const)('is found again from what it passes: %s', (medium) => {
    const flow = medium === 'water' ? waterThrough(2e-3, 60 * PSI) : airThrough(2e-3, 60 * PSI, AIR)
    expect(holeLike(medium, flow, 60 * PSI, AIR)).toBeCloseTo(2e-3, 9)
    expect(holeLike('water', 0.5 * (GALLON / 60), 50 * PSI, AIR) / inch).toBeCloseTo(0.063, 2)
    expect(holeLike(medium, 0, 0, AIR)).toBe(0)
  })
})

describe('an air line', () => {
  // by hand: 0.1025 · 100 · 1.667² / (7.80 · 1.049^5.31) = 2.83 psi
  it('loses 2.8 psi in 100 ft of 1 in pipe at 100 cfm and 100 psi', () => {
    const line = { length: 100 * FOOT, bore: 1.049 * inch }
    expect(airLineDrop(line, 100 * cfm, 100 * PSI, AIR) / PSI).toBeCloseTo(2.83, 1)
    expect(airLineDrop({ ...line, bore: 0.1 * inch }, 100 * cfm, 100 * PSI, AIR)).toBe(100 * PSI)
  })
})
