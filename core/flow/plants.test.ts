import { describe, expect, it } from 'vitest'
import { GALLON, PSI } from '#core/units'
import { airPressureAt, freeFlowOf, runAir, runWater, shortestCycle, type AirPlant, type WaterPlant } from '.'
import { stepped as steppedAir } from './air'
import { stepped as steppedWater } from './water'

const gpm = GALLON / 60
const airPressure = airPressureAt(0)
const sound = { cutIn: 40 * PSI, cutOut: 60 * PSI, cutOff: 0, delay: 0, held: 0, welded: false }
/** The handbook's tank: 44 gal, 40/60, precharge 38, fed at 10 gpm between cut-in and cut-out. */
const water = (more: Partial<WaterPlant> = {}): WaterPlant => ({
  airPressure,
  tank: { volume: 44 * GALLON, precharge: 38 * PSI },
  give: 1e-12,
  pump: { freeFlow: freeFlowOf(10 * gpm, 50 * PSI, 400 * PSI), shutOff: 400 * PSI, inlet: 0, turns: true },
  yield: 100 * gpm,
  check: { leak: 0, stuckShut: false },
  filterBefore: 0,
  filterAfter: 0,
  leak: 0,
  reliefOpens: 1e9,
  switch: sound,
  usual: { flow: 13 * gpm, draw: 10 * gpm, rapidBelow: 22 },
  ...more,
})
const CFM = 0.3048 ** 3 / 60
/** 60 gal from 90 to 125 psi at 5 cfm, delivery held constant. */
const air = (more: Partial<AirPlant> = {}): AirPlant => ({
  airPressure: 14.696 * PSI,
  volume: 60 * GALLON,
  delivery: 5 * CFM,
  turns: true,
  checkLeak: 0,
  leak: 0,
  reliefOpens: 1e9,
  fallOff: 0,
  usual: { flow: 5 * CFM, draw: 5 * CFM, rapidBelow: 40 },
  switch: { cutIn: 90 * PSI, cutOut: 125 * PSI, cutOff: 0, delay: 0, held: 0, welded: false },
  ...more,
})

describe('a water plant', () => {
  it('cycles at half draw in 4·DD/Q, the worked example of 273 s (Boyle; handbook §4)', () => {
    const story = runWater(water())
    expect(story.effect).toBe('runs')
    const tank = { volume: 44 * GALLON, precharge: 38 * PSI, airPressure }
    const wanted = shortestCycle(tank, { cutIn: 40 * PSI, cutOut: 60 * PSI }, 10 * gpm)
    expect(wanted).toBeCloseTo(272.6, 0)
    // the draw is an opening, not a constant flow: within a fiftieth
    expect(Math.abs(story.cycle / wanted - 1)).toBeLessThan(0.02)
  })
  it('keeps its water: what is lost from the gas is what was drawn', () => {
    const still = runWater(water({ leak: 0 }))
    expect(still.leakDown).toBe(0)
    const leaking = runWater(water({ leak: 0.05 * gpm }))
    const gas = (p: number) => (44 * GALLON * (38 * PSI + airPressure)) / (p + airPressure)
    const lost = gas(60 * PSI - leaking.leakDown) - gas(60 * PSI)
    // ten minutes of a leak of 0.05 gpm at 50 psi, falling with the root of the pressure
    expect(lost / GALLON).toBeGreaterThan(0.45)
    expect(lost / GALLON).toBeLessThan(0.56)
  })
  it('agrees with the plain stepping of the same equations', () => {
    for (const plant of [
      water(),
      water({ tank: { volume: 44 * GALLON, precharge: 15 * PSI } }),
      water({ leak: 0.3 * gpm }),
      water({ pump: { freeFlow: 4 * gpm, shutOff: 110 * PSI, inlet: 0, turns: true } }),
    ]) {
      const [fine, plain] = [runWater(plant), steppedWater(plant)]
      expect(plain.effect).toBe(fine.effect)
      if (Number.isFinite(fine.cycle)) expect(Math.abs(plain.cycle / fine.cycle - 1)).toBeLessThan(0.08)
      expect(Math.abs(plain.delivery - fine.delivery)).toBeLessThan(0.05 * fine.delivery + 1e-7)
    }
  })
  // handbook §§3–5 in the project's own words
  it.each([
    [
      'a blocked port that holds nothing runs on past cut-out',
      { switch: { ...sound, delay: Infinity, held: 0 } },
      'runs-on',
    ],
    ['a welded contact runs on past cut-out', { switch: { ...sound, welded: true } }, 'runs-on'],
    [
      'a port blocked under pressure never calls',
      { switch: { ...sound, delay: Infinity, held: 66 * PSI } },
      'silent',
    ],
    [
      'a precharge over cut-in falls to nothing before the switch calls',
      { tank: { volume: 44 * GALLON, precharge: 50 * PSI } },
      'surges',
    ],
    [
      'a waterlogged tank cycles in seconds',
      { tank: { volume: 4 * GALLON, precharge: 5 * PSI } },
      'rapid-cycles',
    ],
    [
      'a blocked filter ahead of a switch with a cut-off trips it under draw though the well is fine',
      { switch: { ...sound, cutOff: 30 * PSI }, filterBefore: (20 * PSI) / (1.5 * gpm) ** 2 },
      'cuts-off',
    ],
    ['a dry well gives nothing', { yield: 0 }, 'runs-dry'],
    [
      'a check valve that runs back starts it alone',
      { check: { leak: 2.5 * gpm, stuckShut: false } },
      'starts-alone',
    ],
  ] as const)('%s', (_, more, effect) => expect(runWater(water(more as Partial<WaterPlant>)).effect).toBe(effect))
  it('swings past its settings where the port lags', () => {
    const lagging = runWater(water({ switch: { ...sound, delay: 25 } }))
    expect(lagging.cutOut!).toBeGreaterThan(61 * PSI)
    expect(lagging.cutIn!).toBeLessThan(39.5 * PSI)
  })
})

describe('a compressor', () => {
  it('pumps up 60 gal from 90 to 125 psi at 5 cfm in 230 s: t = V·ΔP/(Patm·Q) (handbook §4)', () => {
    const { fillTime } = runAir(air({ switch: { ...air().switch, cutIn: (90 / 0.98) * PSI } }))
    expect(fillTime).toBeCloseTo((60 * GALLON * 35) / (14.696 * 5 * CFM), 0)
    expect(fillTime).toBeCloseTo(229, 0)
  })
  it('agrees with the plain stepping of the same equation', () => {
    for (const plant of [
      air({ fallOff: 0.022 / 101325 }),
      air({ leak: 0.5 * CFM, fallOff: 0.022 / 101325 }),
      air({ checkLeak: 0.2 * CFM }),
    ]) {
      const lag = { ...plant, switch: { ...plant.switch, delay: 0.05 } }
      const [fine, plain] = [runAir(plant), steppedAir(lag)]
      expect(plain.effect).toBe(fine.effect)
      expect(Math.abs(plain.fillTime / fine.fillTime - 1)).toBeLessThan(0.02)
    }
  })
  it.each([
    ['a tank check valve leaking past the vent starts it alone', { checkLeak: 2 * CFM }, 'starts-alone'],
    ['broken reeds make it slow', { delivery: 2 * CFM }, 'runs-weak'],
    ['a leak as large as the delivery never lets it stop', { leak: 5.2 * CFM }, 'runs-weak'],
    [
      'a welded contact runs on to where the relief valve opens',
      { switch: { ...air().switch, welded: true }, reliefOpens: 150 * PSI },
      'runs-on',
    ],
    ['a receiver half full of water cycles fast', { volume: 2 * GALLON }, 'rapid-cycles'],
  ] as const)('%s', (_, more, effect) => expect(runAir(air(more as Partial<AirPlant>)).effect).toBe(effect))
  it('is held by its relief valve', () =>
    expect(
      runAir(air({ switch: { ...air().switch, welded: true }, reliefOpens: 150 * PSI })).peak,
    ).toBeLessThanOrEqual(150 * PSI))
})
