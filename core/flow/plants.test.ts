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
  // a share of the usual delivery, at which it is called weak or as good as dry: common practice, no source
  it('that gives a seventh of the usual is dry, a third weak, where it never cuts out', () => {
    const most = (share: number) => water({ yield: share * 13 * gpm, leak: share * 13 * gpm })
    expect(runWater(most(0.1)).effect).toBe('runs-dry')
    expect(runWater(most(0.35)).effect).toBe('runs-weak')
  })
  it('that cuts out, yet gives two thirds of the usual, is weak', () => {
    const behind = (most: number) => runWater(water({ yield: most * 13 * gpm })).effect
    expect(behind(0.6)).toBe('runs-weak')
    expect(behind(0.95)).toBe('runs')
  })
  it('with its check stuck shut gives nothing and never cuts out', () => {
    const shut = runWater(water({ check: { leak: 0, stuckShut: true } }))
    expect([shut.delivery, shut.cutOut]).toEqual([0, undefined])
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
  it('settles where pump and taps agree, each by its own law, with a filter on either side', () => {
    const [ps, k, after, inlet] = [110 * PSI, (12 * PSI) / (5 * gpm) ** 2, (3 * PSI) / (5 * gpm) ** 2, 15 * PSI]
    const pump = { freeFlow: 6 * gpm, shutOff: ps, inlet, turns: true }
    const { openPressure: p, delivery: q } = runWater(water({ pump, filterBefore: k, filterAfter: after }))
    expect(p).toBeLessThan(60 * PSI)
    expect(p).toBeGreaterThan(0)
    // q² = (1 − (p − pin)/ps) / (1/q0² + k/ps); the taps are 1.3 of what passes at the middle of the settings
    const pumped = Math.sqrt((1 - (p - inlet) / ps) / (1 / (6 * gpm) ** 2 + k / ps))
    const opening = (1.3 * 10 * gpm) / Math.sqrt(50 * PSI)
    expect(q / gpm).toBeCloseTo(pumped / gpm, 3)
    expect(q / gpm).toBeCloseTo(Math.sqrt(p / (1 / opening ** 2 + after)) / gpm, 3)
  })
  it('empties before the switch calls only with a tank whose air stands well over cut-in, once it has stopped', () => {
    const emptied = (precharge: number, more: Partial<WaterPlant> = {}) =>
      runWater(water({ tank: { volume: 44 * GALLON, precharge: precharge * PSI }, ...more })).emptied
    expect(emptied(42)).toBe(true)
    expect(emptied(40.5)).toBe(false)
    expect(emptied(38)).toBe(false)
    expect(emptied(42, { switch: { ...sound, welded: true } })).toBe(false)
    expect(emptied(42, { tank: { volume: 0, precharge: 42 * PSI } })).toBe(false)
  })
  it('does not start alone for a leak so small that cut-in is more than ten minutes off', () => {
    // from 60 to 40 psi the tank gives 11.4 gal: over ten minutes at 0.8 gpm, under at 1.5
    const alone = (leak: number) => runWater(water({ check: { leak: leak * gpm, stuckShut: false } })).effect
    expect(alone(0.8)).toBe('runs')
    expect(alone(1.5)).toBe('starts-alone')
    const still = { ...water().pump, turns: false }
    expect(runWater(water({ pump: still, leak: 3 * gpm })).effect).not.toBe('starts-alone')
  })
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
  it('loses a share of its absolute pressure each second to a leak, running or not', () => {
    // choked flow: p + Pa falls as exp(−t·Pa·leak / (V·reference)); the reference is 861,845 Pa
    const left = (leak: number) => Math.exp((-600 * 14.696 * PSI * leak * CFM) / (60 * GALLON * 861845))
    const lost = (125 + 14.696) * PSI * (1 - left(0.3))
    for (const plant of [air({ leak: 0.3 * CFM }), air({ checkLeak: 0.3 * CFM })])
      expect(runAir(plant).leakDown / PSI).toBeCloseTo(lost / PSI, 6)
    expect(runAir(air()).leakDown).toBe(0)
    expect(runAir(air({ checkLeak: 0.3 * CFM })).fillTime).toBe(runAir(air()).fillTime)
    expect(runAir(air({ leak: 0.3 * CFM })).fillTime).toBeGreaterThan(runAir(air()).fillTime)
  })
  it('takes as long with a delivery that hardly falls as with one that does not', () => {
    const falling = runAir(air({ fallOff: 1e-13 })).fillTime
    expect(falling / runAir(air()).fillTime).toBeCloseTo(1, 6)
    // ln((1 − f·p₀)/(1 − f·p₁))·V/(Pa·Q·f), from 98 % of cut-in
    const f = 0.022 / 101325
    const [p0, p1] = [0.98 * 90 * PSI, 125 * PSI]
    const exact = (Math.log((1 - f * p0) / (1 - f * p1)) * 60 * GALLON) / (14.696 * PSI * 5 * CFM * f)
    expect(runAir(air({ fallOff: f })).fillTime).toBeCloseTo(exact, 6)
  })
  it('delivers what the stopwatch says: V·ΔP/(Patm·t); nothing where it does not turn', () => {
    const { delivery, fillTime, cycle } = runAir(air())
    expect(delivery).toBeCloseTo((60 * GALLON * 35 * PSI) / (14.696 * PSI * fillTime), 9)
    // half of 5 cfm drawn: as long to fall as to rise
    expect(cycle).toBeCloseTo((4 * 60 * GALLON * 35 * PSI) / (14.696 * PSI * 5 * CFM), 6)
    const still = runAir(air({ turns: false }))
    expect(still).toMatchObject({ delivery: 0, cutOut: undefined, emptied: false, cutOffTripped: false })
    expect(still.fillTime).toBe(Infinity)
  })
  it('whose relief valve opens under cut-out never gets there, and is held at it', () => {
    const story = runAir(air({ reliefOpens: 110 * PSI }))
    expect(story.effect).toBe('runs-weak')
    expect(story.fillTime).toBe(Infinity)
    expect(story.peak / PSI).toBeCloseTo(110, 6)
  })
  it('is held by its relief valve', () =>
    expect(
      runAir(air({ switch: { ...air().switch, welded: true }, reliefOpens: 150 * PSI })).peak,
    ).toBeLessThanOrEqual(150 * PSI))
})

describe('a pump on a main that gives less than the main itself', () => {
  const main = (passage?: number) => runWater(water({
    pump: { freeFlow: gpm, shutOff: 20 * PSI, inlet: 45 * PSI, turns: true, ...(passage ? { passage } : {}) },
    switch: { ...sound, cutOff: 25 * PSI },
    usual: { flow: 6 * gpm, draw: 5 * gpm, rapidBelow: 22 },
  }))
  // orifice law: 5 psi lost at 10 gpm is 1.25 psi at 5 gpm, so that 43.75 psi of 45 come through
  it('lets the main through, and is not cut off for want of water', () => {
    expect(main((5 * PSI) / (10 * gpm) ** 2).effect).not.toBe('cuts-off')
    expect(main().effect).toBe('cuts-off')
  })
})
