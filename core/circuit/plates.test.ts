/**
 * Random plates of each family of motor, from the ranges in which they are built: what the plate says is met within
 * 3 %, what cannot be met is refused by name and is rare. `QUICK` takes fifty of each instead of five hundred.
 */
import { describe, expect, it } from 'vitest'
import { createRandom, magnitude, type Random } from '#core/foundation'
import { HORSEPOWER } from '#core/units'
import { forLength } from '../../tests/length'
import {
  calibrateMotor,
  calibrateThreePhase,
  operate,
  ROTATIONAL_LOSS,
  startSeries,
  type MotorModel,
  type MotorNameplate,
} from '.'

const COUNT = forLength({ long: 500, usual: 500, quick: 50 })
const MOST_REFUSED = COUNT / 50

const between = (random: Random, low: number, high: number) => low + (high - low) * random.uniform()
const oneOf = (random: Random, list: readonly number[]) => list[random.below(list.length)] ?? list[0]!

type Gear = MotorNameplate['gear']

/**
 * Each gear has its own ranges: horsepower, efficiency times power factor of the smallest, locked over full-load amps,
 * start winding over main.
 */
const FAMILIES: Record<Exclude<Gear, 'none'>, {
  readonly hp: readonly [number, number]
  readonly good: readonly [number, number]
  readonly locked: readonly [number, number]
  readonly start: readonly [number, number]
}> = {
  split: { hp: [1 / 6, 1.5], good: [0.3, 0.42], locked: [4.5, 7], start: [2.5, 4.5] },
  capacitor: { hp: [0.25, 10], good: [0.3, 0.42], locked: [4.5, 7], start: [2.5, 4.5] },
  permanent: { hp: [0.25, 5], good: [0.32, 0.45], locked: [3.2, 4.5], start: [1.2, 2.2] },
}

function plateFrom(random: Random, gear: keyof typeof FAMILIES): MotorNameplate {
  const { hp: [least, most], good, locked, start } = FAMILIES[gear]
  const hp = least * (most / least) ** random.uniform()
  const watts = hp * HORSEPOWER
  const [volts, hertz]
    = random.uniform() < 0.25 ? [oneOf(random, [220, 240]), 50] : [oneOf(random, [115, 208, 230]), 60]
  // better with size
  const both = Math.min(0.72, between(random, ...good) + 0.06 * Math.max(0, Math.log2(hp / 0.25)))
  const fullLoadAmps = watts / volts / both
  const lockedRotorAmps = fullLoadAmps * between(random, ...locked)
  const mainOhms = (between(random, 0.3, 0.55) * volts) / lockedRotorAmps
  const reach = (volts / lockedRotorAmps) * 1.5
  const farads = (ohms: number) => 1 / (2 * Math.PI * hertz * ohms)
  return {
    volts,
    hertz,
    watts,
    fullLoadAmps,
    lockedRotorAmps,
    mainOhms,
    startOhms: mainOhms * between(random, ...start),
    gear,
    startFarads: gear === 'capacitor' ? farads(between(random, 1, 2) * reach) : 0,
    runFarads: gear === 'permanent' ? farads(between(random, 5, 9) * reach) : 0,
    feedOhms: 0.12,
  }
}

/** What a fitted motor draws and gives at its plate volts: locked, and at its rated slip. */
function drawn(m: MotorModel) {
  const { volts } = m.nameplate
  const series = startSeries(m.nameplate)
  const stalled = operate(m, m.nameplate, volts, 1, series.starting)
  const loaded = operate(m, m.nameplate, volts, m.ratedSlip, series.running)
  const shaft = loaded.torque * (1 - m.ratedSlip) * (1 - ROTATIONAL_LOSS)
  return { locked: magnitude(stalled.line), amps: magnitude(loaded.line), shaft }
}

describe.each([['split', 11], ['capacitor', 12], ['permanent', 13]] as const)(
  'single-phase plates at random: %s (seed %i)',
  (gear, seed) => {
    const random = createRandom(seed)
    const fits = Array.from({ length: COUNT }, () => calibrateMotor(plateFrom(random, gear)))
    const motors = fits.flatMap(f => (f.ok ? [f.value] : []))
    it('are met, all but two of a hundred, and those are refused by name', () => {
      const refused = fits.flatMap(f => (f.ok ? [] : [f.problem.code]))
      expect(refused.length).toBeLessThanOrEqual(MOST_REFUSED)
      for (const code of refused) expect(code).toMatch(/-/)
    })
    it('draw their locked and full-load amps and give their power within 3 %', () => {
      for (const m of motors) {
        const { locked, amps, shaft } = drawn(m)
        expect(Math.abs(locked / m.nameplate.lockedRotorAmps - 1)).toBeLessThan(0.03)
        expect(Math.abs(amps / m.nameplate.fullLoadAmps - 1)).toBeLessThan(0.03)
        expect(Math.abs(shaft / m.nameplate.watts - 1)).toBeLessThan(0.03)
      }
    })
    it('have figures that are numbers, and torque that grows with slip past the rated', () => {
      for (const m of motors) {
        for (const figure of [m.x, m.xm, m.r2, m.deep, m.easing, m.iron, m.turnsRatio, m.ratedSlip])
          expect(Number.isFinite(figure) && figure > 0).toBe(true)
        const { running } = startSeries(m.nameplate)
        const torque = [0.5, 0.75, 1, 1.4].map(
          k => operate(m, m.nameplate, m.nameplate.volts, k * m.ratedSlip, running).torque,
        )
        expect(torque).toEqual(torque.toSorted((a, b) => a - b))
      }
    })
  },
)

describe('three-phase plates at random (seed 10)', () => {
  it('are met within 3 %, all but two of a hundred', () => {
    const random = createRandom(10)
    let refused = 0
    for (let i = 0; i < COUNT; i++) {
      const watts = 0.5 * 80 ** random.uniform() * HORSEPOWER
      const volts = oneOf(random, [208, 230, 380, 400, 460, 575])
      // efficiency times power factor 0.45 to 0.82, better with size
      const good = Math.min(0.82, between(random, 0.45, 0.6) + 0.03 * Math.log2(watts / 300))
      const fullLoadAmps = watts / Math.sqrt(3) / volts / good
      const lockedRotorAmps = fullLoadAmps * between(random, 4.8, 7.5)
      const leadOhms = (2 * between(random, 0.15, 0.3) * volts) / Math.sqrt(3) / lockedRotorAmps
      const fitted = calibrateThreePhase({ volts, watts, fullLoadAmps, lockedRotorAmps, leadOhms })
      if (!fitted.ok) refused++
      else expect(fitted.value.residual).toBeLessThan(0.03)
    }
    expect(refused).toBeLessThanOrEqual(MOST_REFUSED)
  })
})
