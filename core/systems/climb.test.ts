import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { HORSEPOWER, PSI } from '#core/units'
import { loadShare } from './climb'
import { completeFigures, type Change } from './figures'
import { buildModel, KIND_IDS, type KindId } from './registry'

const ATMOSPHERE = 101325
const BAR = 1e5
const system = (change: Change) => ({ healthy: completeFigures(change), airPressure: ATMOSPHERE })

describe('the load on a shaft as pressure climbs', () => {
  it('is the polytropic work of a head: r^((n−1)/n) − 1, n = 1.3 (textbooks of thermodynamics, from memory)', () => {
    const head = system({ 'set.cutOut': 7 * BAR })
    // r = 4.454 at 3.5 bar and 7.908 at 7: 0.4115 and 0.6118 of the work, worked by hand; a fifth is friction
    expect(loadShare(head, 'compressor', 3.5 * BAR)).toBeCloseTo(0.2 + (0.8 * 0.4115) / 0.6118, 3)
    expect(loadShare(head, 'compressor', 7 * BAR)).toBeCloseTo(1, 9)
    expect(loadShare(head, 'compressor', 0)).toBeCloseTo(0.2, 9)
  })

  it('of a centrifugal pump is all of it at its rated flow, and half against a shut valve', () => {
    const pump = system({
      'set.cutIn': 40 * PSI, 'set.cutOut': 60 * PSI, 'pump.shutOff': 102 * PSI, 'pump.flow': 6e-4, 'source.yield': 4e-3,
    })
    expect(loadShare(pump, 'centrifugal', 50 * PSI)).toBeCloseTo(1, 9)
    expect(loadShare(pump, 'centrifugal', 102 * PSI)).toBeCloseTo(0.5, 9)
  })

  it('of a diaphragm pump grows with the pressure', () => {
    const pump = system({ 'set.cutOut': 45 * PSI })
    expect(loadShare(pump, 'displacement', 22.5 * PSI)).toBeCloseTo(0.675, 9)
  })
})

describe('amps over the gauge', () => {
  const RISES: readonly KindId[] = ['rv', 'compressor-direct', 'compressor-pilot']
  it.each(KIND_IDS)('go one way on a %s, within what its plate allows', (id) => {
    const model = requireOk(buildModel(id, {}))
    const tests = model.kind.tests.flatMap(t => (t.kind === 'numeric' && t.band === 'running-amps' ? [t] : []))
    const climbs = tests.map(t => ({ climb: model.climb(t), band: model.band(t)! })).filter(c => c.climb.length > 0)
    expect(climbs.length).toBeGreaterThan(0)
    for (const { climb, band } of climbs) {
      const middles = climb.map(c => 0.5 * (c.low + c.high))
      expect(middles).toEqual(middles.toSorted((a, b) => (RISES.includes(id) ? a - b : b - a)))
      for (const c of climb) {
        expect(c.low).toBeLessThan(c.high)
        expect(c.high).toBeLessThanOrEqual(band.high)
      }
    }
  })

  it('of a known ¾ hp change little by little: under a tenth from cut-in to cut-out (handbook §12)', () => {
    const plate = { 'motor.power': 0.75 * HORSEPOWER, 'motor.amps': 8, 'motor.maxAmps': 9.5 } as const
    const model = requireOk(buildModel('well-3wire', plate))
    const test = model.kind.tests.find(t => t.id === 'black.run')!
    if (test.kind !== 'numeric') throw new Error('black.run is read')
    const climb = model.climb(test)
    const [atIn, atOut] = [climb.find(c => c.pressure >= 40 * PSI)!, climb.at(-1)!]
    expect(atOut.low / atIn.low).toBeGreaterThan(0.9)
    expect(atOut.low / atIn.low).toBeLessThan(1)
  })
})
