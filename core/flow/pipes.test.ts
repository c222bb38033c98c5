import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { FOOT, GALLON, PSI } from '#core/units'
import { curveThrough, frictionHead, headAt, operatingFlow, runWater, WATER_WEIGHT, type WaterPlant } from '.'

const gpm = GALLON / 60
const inch = FOOT / 12

describe('friction', () => {
  // the same formula in the trade's units: hf per 100 ft = 0.2083 (100/C)^1.852 Q^1.852 / d^4.8655
  it.each([
    [5, 0.824, 150],
    [10, 1.049, 150],
    [25, 1.61, 120],
    [50, 2.067, 100],
  ])('of %d gpm through %d in agrees with the trade’s own formula, C %d', (flow, bore, smoothness) => {
    const ours = frictionHead({ length: 100 * FOOT, bore: bore * inch, smoothness }, flow * gpm) / FOOT
    const trade = (0.2083 * (100 / smoothness) ** 1.852 * flow ** 1.852) / bore ** 4.8655
    expect(ours / trade).toBeGreaterThan(0.985)
    expect(ours / trade).toBeLessThan(1.015)
  })
  it('loses 5.5 ft in 100 ft of 1 in plastic pipe at 10 gpm, and turns with the flow', () => {
    const pipe = { length: 100 * FOOT, bore: 1.049 * inch, smoothness: 150 }
    expect(frictionHead(pipe, 10 * gpm) / FOOT).toBeCloseTo(5.5, 1)
    expect(frictionHead(pipe, -10 * gpm)).toBeCloseTo(-frictionHead(pipe, 10 * gpm), 12)
  })
})

describe('a pump curve', () => {
  it('goes through the points that are given', () => {
    const points = [{ flow: 0, head: 90 }, { flow: 1e-3, head: 70 }, { flow: 1.6e-3, head: 40 }]
    const curve = requireOk(curveThrough(points))
    for (const p of points) expect(headAt(curve, p.flow)).toBeCloseTo(p.head, 9)
    const two = requireOk(curveThrough(points.slice(0, 2)))
    expect([two.b, headAt(two, 1e-3)]).toEqual([2, 70])
  })
  it.each([
    ['none at all', []],
    ['no head at shut-off', [{ flow: 0, head: 0 }, { flow: 1e-3, head: -5 }]],
    ['a head that rises', [{ flow: 0, head: 50 }, { flow: 1e-3, head: 60 }]],
    ['a third that rises', [{ flow: 0, head: 90 }, { flow: 1e-3, head: 60 }, { flow: 2e-3, head: 70 }]],
    ['two points, neither at shut-off', [{ flow: 1e-3, head: 60 }, { flow: 2e-3, head: 50 }]],
  ])('is refused by name: %s', (_, points) => {
    const curve = curveThrough(points)
    expect(curve).toMatchObject({ problem: { code: 'pump-curve-rises', facts: { points: points.length } } })
  })
  it('takes its points in any order', () => {
    const points = [{ flow: 0, head: 90 }, { flow: 1e-3, head: 70 }, { flow: 1.6e-3, head: 40 }]
    expect(curveThrough([points[2]!, points[0]!, points[1]!])).toEqual(curveThrough(points))
  })
  it('gives nothing where it cannot lift so high', () => {
    const curve = requireOk(curveThrough([{ flow: 1e-3, head: 30 }]))
    expect(operatingFlow(curve, { lift: 45, pipes: [], pressureHead: 0 })).toBe(0)
    expect(operatingFlow(curve, { lift: 30, pipes: [], pressureHead: 0 })).toBeCloseTo(1e-3, 9)
    expect(WATER_WEIGHT / PSI).toBeCloseTo(1.422, 3)
  })
})

describe('a slow fill', () => {
  const plant = (flow: number, volume: number): WaterPlant => ({
    airPressure: 101325,
    tank: { volume: volume * GALLON, precharge: 38 * PSI },
    give: 2e-9,
    pump: { freeFlow: flow * gpm * 1.6, shutOff: 100 * PSI, inlet: 0, turns: true },
    yield: 60 * gpm,
    check: { leak: 0, stuckShut: false },
    filterBefore: 0,
    filterAfter: 0,
    leak: 0,
    reliefOpens: 1e9,
    switch: { cutIn: 40 * PSI, cutOut: 60 * PSI, cutOff: 0, delay: 0, held: 0, welded: false },
    usual: { flow: flow * gpm, draw: flow * gpm, rapidBelow: 20 },
  })
  // 119 gal, 30.7 gal of drawdown, some 3 gpm: ten minutes and sound
  it('of 119 gal on 3 gpm is sound, however long it takes', () => {
    const story = runWater(plant(3, 119))
    expect(story.effect).toBe('runs')
    expect(story.fillTime).toBeGreaterThan(480)
    expect(story.fillTime).toBeLessThan(900)
  })
  // half of 10 gpm at every pressure: DD/(Q − q) to fill at the pump's own fall, DD/q to empty
  it('with a constant draw empties at a constant rate', () => {
    const drawn = plant(10, 44)
    const rest = (constantDraw: boolean) => {
      const still = { ...drawn, constantDraw, pump: { ...drawn.pump, shutOff: 1e7, freeFlow: 10 * gpm } }
      return runWater(still).cycle
    }
    const drawdown = 44 * 0.258 * GALLON
    expect(Math.abs(rest(true) / (drawdown / (5 * gpm) + drawdown / (5 * gpm)) - 1)).toBeLessThan(0.03)
    expect(rest(true)).not.toBeCloseTo(rest(false), 0)
  })
  it('that never gets there counts as never', () => {
    const weak = { ...plant(3, 119), leak: 2.9 * gpm }
    expect(runWater(weak).fillTime).toBe(Infinity)
  })
})
