import { describe, expect, it } from 'vitest'
import { GALLON, PSI } from '#core/units'
import { cyclingAt, foresee, given, type Store } from './foreseen'

const SEA = 14.696 * PSI
const GPM = GALLON / 60
const water: Store = {
  medium: 'water', volume: 44 * GALLON, precharge: 38 * PSI, airPressure: SEA, cutIn: 40 * PSI, cutOut: 60 * PSI,
  pumpFlow: 10 * GPM,
}
const air: Store = {
  medium: 'air', volume: 60 * GALLON, precharge: 0, airPressure: SEA, cutIn: 95 * PSI, cutOut: 125 * PSI,
  pumpFlow: 10 * 0.3048 ** 3 / 60,
}

/**
 * The tank filled and emptied in small steps of time, apart from the closed forms: water by Boyle's law from the air
 * that is left, air by the mass of it at one temperature.
 */
function stepped(store: Store, draw: number): { run: number, rest: number } {
  const { medium, volume, precharge, airPressure, cutIn, cutOut, pumpFlow } = store
  const gas = (precharge + airPressure) * volume
  let held = medium === 'water' ? volume - gas / (cutIn + airPressure) : (volume * cutIn) / airPressure
  const pressure = () =>
    medium === 'water' ? gas / (volume - held) - airPressure : (held * airPressure) / volume
  const step = 0.002
  let [run, rest] = [0, 0]
  for (; pressure() < cutOut; run += step) held += (pumpFlow - draw) * step
  for (; pressure() > cutIn; rest += step) held -= draw * step
  return { run, rest }
}

describe('what it will do now', () => {
  const BOTH = [['water', water], ['air', air]] as const
  it.each(BOTH)('runs and rests as a tank of %s does in small steps', (_, store) => {
    for (const share of [0.2, 0.5, 0.8]) {
      const draw = share * store.pumpFlow
      const [own, other] = [cyclingAt(store, draw), stepped(store, draw)]
      expect(Math.abs(own.run / other.run - 1)).toBeLessThan(0.02)
      expect(Math.abs(own.rest / other.rest - 1)).toBeLessThan(0.02)
    }
  })

  it('gives the handbook’s 11.4 gal from 44 gal at 40/60 with 38', () => {
    expect(given(water) / GALLON).toBeCloseTo(11.4, 1)
  })

  it('starts most often half drawn, and never stops with all of it drawn', () => {
    const { cycling, half } = foresee(water, 300, 60, 100 * PSI)
    for (const c of cycling) expect(c.startsAnHour).toBeLessThanOrEqual(half.startsAnHour + 1e-9)
    expect(cyclingAt(water, water.pumpFlow).run).toBe(Infinity)
  })

  it('counts a household’s starts by the water it draws', () => {
    const { profiles } = foresee(water, 300, 60, 100 * PSI)
    // half drawn a cycle gives twice the 11.4 gal: 300 gal are some 13 starts
    expect(profiles[0]).toEqual({ profile: 'household', startsADay: expect.closeTo(300 / (2 * 11.37), 0) })
    expect(profiles[1]!.startsADay / profiles[0]!.startsADay).toBeCloseTo(2000 / 300, 9)
  })

  it('names the smallest tank sold that lets the motor run long enough, and none where it does', () => {
    const small = { ...water, volume: 20 * GALLON }
    const { larger, half } = foresee(small, 300, 120, 100 * PSI)
    expect(half.run).toBeLessThan(120)
    expect(larger!.half.run).toBeGreaterThanOrEqual(120)
    expect(larger!.volume / GALLON).toBeCloseTo(44, 9)
    expect(foresee({ ...water, volume: 119 * GALLON }, 300, 60, 100 * PSI).larger).toBeUndefined()
  })

  it('widens the setting only as far as pump, spring and plate allow', () => {
    expect(foresee(water, 300, 60, 80 * PSI).wider!.half.run).toBeGreaterThan(foresee(water, 300, 60, 0).half.run)
    expect(foresee(water, 300, 60, 65 * PSI).wider).toBeUndefined()
  })

  it('has the shop’s day of a receiver', () => {
    const { profiles } = foresee(air, 300, 60, 200 * PSI)
    const { run, rest } = stepped(air, 0.3 * air.pumpFlow)
    expect(profiles).toEqual([{ profile: 'shop', startsADay: expect.closeTo((8 * 3600) / (run + rest), 0) }])
  })
})
