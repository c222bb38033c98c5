/**
 * The cycle of a bladder tank against an integration that is not ours: the tank's own law as a differential equation,
 * dp/dt = (q(p) − draw(p)) / (dw/dp), stepped by a published integrator (ODEX: extrapolation, Hairer and Wanner).
 */
import { createRequire } from 'node:module'
import { describe, expect, it } from 'vitest'
import { createRandom } from '#core/foundation'
import { drawdown, runWater, type WaterPlant } from '#core/flow'
import { GALLON, PSI } from '#core/units'

/** Its sources are not written for a strict compiler: required, with what is used of it said here. */
interface Integrator {
  absoluteTolerance: number
  relativeTolerance: number
  solve(slope: (x: number) => number[], from: number, start: number[], to: number): { y: number[] }
}
const { Solver } = createRequire(import.meta.url)('odex') as { Solver: new (equations: number) => Integrator }

const AIR = 101325
const gpm = GALLON / 60
const random = createRandom(31)
const between = (low: number, high: number) => low + (high - low) * random.uniform()

const plants = Array.from({ length: 16 }, () => {
  const cutIn = between(20, 50) * PSI
  const cutOut = cutIn + between(15, 25) * PSI
  const flow = between(4, 25) * gpm
  return { cutIn, cutOut, precharge: cutIn - between(0, 6) * PSI, volume: between(10, 120) * GALLON, flow }
})

/** Seconds from one pressure to another, by the integrator. */
function secondsBetween(from: number, to: number, rate: (p: number) => number): number {
  // time as a function of pressure: one equation, and it ends where it is to end
  const solver = new Solver(1)
  solver.absoluteTolerance = 1e-9
  solver.relativeTolerance = 1e-9
  const [seconds = Number.NaN] = solver.solve(p => [1 / rate(p)], from, [0], to).y
  return seconds
}

describe('a tank between cut-out and cut-in', () => {
  it.each(plants)('takes as long as the integrator says, within 2 %: $volume m³', (drawn) => {
    const { cutIn, cutOut, precharge, volume, flow } = drawn
    const shutOff = 1.7 * cutOut
    const mid = 0.5 * (cutIn + cutOut)
    const freeFlow = flow / Math.sqrt(1 - mid / shutOff)
    const plant: WaterPlant = {
      airPressure: AIR,
      tank: { volume, precharge },
      give: 2e-9,
      pump: { freeFlow, shutOff, inlet: 0, turns: true },
      yield: 10 * flow,
      check: { leak: 0, stuckShut: false },
      filterBefore: 0,
      filterAfter: 0,
      leak: 0,
      reliefOpens: 1e9,
      switch: { cutIn, cutOut, cutOff: 0, delay: 0, held: 0, welded: false },
      usual: { flow, draw: flow, rapidBelow: 10 },
    }
    const stored = (p: number) => 2e-9 + (p > precharge ? (volume * (precharge + AIR)) / (p + AIR) ** 2 : 0)
    const draw = (p: number) => 0.5 * flow * Math.sqrt(p / mid)
    const pumped = (p: number) => freeFlow * Math.sqrt(Math.max(0, 1 - p / shutOff))
    const rest = secondsBetween(cutOut, cutIn, p => -draw(p) / stored(p))
    const run = secondsBetween(cutIn, cutOut, p => (pumped(p) - draw(p)) / stored(p))
    expect(Math.abs(runWater(plant).cycle / (rest + run) - 1)).toBeLessThan(0.02)
  })
  // Boyle on absolute pressures, and the clamp of a precharge over cut-in (handbook §4: 38 psi on 30/50 gives 0.185)
  it.each([
    [38, 40, 60, 0.258],
    [18, 20, 40, 0.345],
    [28, 30, 50, 0.295],
    [38, 30, 50, 0.185],
  ])('gives a drawdown of precharge %d on %d/%d: %d of its volume', (precharge, cutIn, cutOut, share) => {
    const setting = { cutIn: cutIn * PSI, cutOut: cutOut * PSI }
    const tank = { volume: 1, precharge: precharge * PSI, airPressure: 14.696 * PSI }
    const low = Math.max(cutIn, precharge)
    const byHand = (precharge + 14.696) * (1 / (low + 14.696) - 1 / (cutOut + 14.696))
    expect(Math.abs(drawdown(tank, setting) / byHand - 1)).toBeLessThan(0.001)
    expect(drawdown(tank, setting)).toBeCloseTo(share, 3)
  })
})
