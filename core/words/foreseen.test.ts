import { describe, expect, it } from 'vitest'
import { foresee, type Store } from '#core/setup'
import { GALLON, PSI } from '#core/units'
import { sayCycling, sayForeseen } from './foreseen'

const tank: Store = {
  medium: 'water', volume: 20 * GALLON, precharge: 28 * PSI, airPressure: 14.696 * PSI, cutIn: 30 * PSI,
  cutOut: 50 * PSI, pumpFlow: (10 * GALLON) / 60,
}

describe('what it will do, in words', () => {
  it('says starts, what the motor bears, and what a larger tank would make of it', () => {
    const said = sayForeseen(foresee(tank, 300, 120, 100 * PSI))
    expect(said).toMatch(/^2\d starts an hour at worst, some 2\d a day in a household, some \d+ a day on a small farm/)
    expect(said).toContain('the motor bears 300.')
    expect(said).toMatch(/It runs shorter than the 2 min 0 s it should\. A tank of \d+ gal: 2 min \d+ s a run/)
    expect(said).toMatch(/Cut-out at 60 psi: \d/)
  })
  it('keeps quiet of what is long enough and of what may not be', () => {
    const said = sayForeseen(foresee({ ...tank, volume: 119 * GALLON }, 300, 60, 0))
    expect(said).not.toMatch(/shorter|A tank of|Cut-out/)
  })
  it('says run and rest in minutes and seconds', () => {
    expect(sayCycling({ draw: 1, run: 70.4, rest: 58, startsAnHour: 28 })).toBe('1 min 10 s run, 58 s rest')
  })
})
