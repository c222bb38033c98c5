import { describe, expect, it } from 'vitest'
import { PLATES, readAll } from '../readings/read'

describe('twelve nameplates, beside the bands that were written before the model was touched', () => {
  const readings = readAll()
  it('stand for all kinds, sound and under five faults each', () => {
    expect(PLATES).toHaveLength(12)
    expect(new Set(PLATES.map(p => p.kind)).size).toBe(9)
    for (const plate of PLATES) expect(Object.keys(plate.faults).length).toBeGreaterThanOrEqual(5)
    expect(readings.length).toBeGreaterThan(350)
  })
  it('can all be read', () => {
    expect(readings.filter(r => typeof r.read === 'object').map(r => `${r.plate} ${r.condition} ${r.test}`)).toEqual([])
  })
  it('read inside their bands, but for two of a hundred at most', () => {
    const outside = readings.filter(r => !r.inside).map(r => `${r.plate} ${r.condition} ${r.test}`)
    expect(outside.length, outside.join('\n')).toBeLessThanOrEqual(0.02 * readings.length)
  })
})
