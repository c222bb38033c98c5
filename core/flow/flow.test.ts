import { describe, expect, it } from 'vitest'
import { GALLON, PSI } from '#core/units'
import { airPressureAt, cycleAt, drawdown, shortestCycle } from '.'

const gallons = 44 * GALLON
const tank = (precharge: number) => ({
  volume: gallons,
  precharge: precharge * PSI,
  airPressure: airPressureAt(0),
})
const setting = (cutIn: number) => ({ cutIn: cutIn * PSI, cutOut: (cutIn + 20) * PSI })

describe('drawdown', () => {
  // handbook §4: factors for a precharge 2 psi under cut-in at sea level
  it.each([
    [20, 0.345],
    [30, 0.295],
    [40, 0.258],
  ])('at %d psi cut-in gives the factor %d', (cutIn, factor) => {
    expect(drawdown(tank(cutIn - 2), setting(cutIn)) / gallons).toBeCloseTo(factor, 3)
  })
  it('is 11.4 gal for a 44 gal tank on 40/60', () =>
    expect(drawdown(tank(38), setting(40)) / GALLON).toBeCloseTo(11.36, 1))
  it('shrinks as the precharge falls, and counts only the water above a precharge over cut-in', () => {
    const at = (pre: number) => drawdown(tank(pre), setting(40))
    expect(at(10)).toBeLessThan(at(20))
    expect(at(20)).toBeLessThan(at(38))
    expect(at(50)).toBeLessThan(at(38))
    expect(at(70)).toBe(0)
  })
})

describe('cycling', () => {
  it('is shortest at half the pump\'s flow: no draw on a sweep goes under 4·DD/Q', () => {
    const flow = (10 * GALLON) / 60
    const shortest = shortestCycle(tank(38), setting(40), flow)
    for (let share = 0.05; share < 1; share += 0.05) {
      const { run, rest } = cycleAt(tank(38), setting(40), flow, share * flow)
      expect(run + rest).toBeGreaterThanOrEqual(shortest * (1 - 1e-9))
    }
    const half = cycleAt(tank(38), setting(40), flow, flow / 2)
    expect(half.run + half.rest).toBeCloseTo(shortest, 6)
  })
  it('never cuts out when the draw is more than the pump gives', () =>
    expect(cycleAt(tank(38), setting(40), 1e-4, 2e-4).run).toBe(Infinity))
  it('rests for good when nothing is drawn, and fills at the whole of what the pump gives', () => {
    const { run, rest } = cycleAt(tank(38), setting(40), 1e-4, 0)
    expect(rest).toBe(Infinity)
    expect(run).toBeCloseTo(drawdown(tank(38), setting(40)) / 1e-4, 6)
    // a draw of less than nothing would fill it: it never empties
    expect(cycleAt(tank(38), setting(40), 1e-4, -1e-5).rest).toBe(Infinity)
  })
})

describe('air pressure', () => {
  // US Standard Atmosphere 1976: 14.696 psi at sea level, 12.228 at 5,000 ft, 10.106 at 10,000 ft (from memory)
  it.each([
    [0, 14.696],
    [5000, 12.228],
    [10000, 10.106],
  ])('at %d ft is %d psi', (feet, psi) => {
    expect(airPressureAt(feet * 0.3048) / PSI).toBeCloseTo(psi, 2)
  })
})
