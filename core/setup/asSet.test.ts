import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { prepareKept } from '../../tests/prepared'
import type { KindId, NumericTest } from '#core/systems'
import { createWriter, foldTab, type Line, type LineOf } from '#core/tab'
import { PSI } from '#core/units'
import { bandAsSet, modelAsSet, pressureWhen } from './asSet'
import { setUpOf } from './setUp'

/** @param read test and psi, or amps where it is a clamp, by the minute */
function stood(id: KindId, read: readonly (readonly [test: string, value: number])[]) {
  const { model } = requireOk(prepareKept(id, {}))
  const write = createWriter('as-set')
  const lines = read.map(([test, value], i) => write({
    kind: 'reading', test, value, id: `line-${i}-set`, at: `2026-06-15T10:0${i}:00Z`,
  } as Line))
  const state = foldTab(model.kind, lines)
  const asSet = modelAsSet(model, setUpOf(model, state))
  const testOf = (test: string) => model.kind.tests.find(t => t.id === test) as NumericTest
  return { model, state, asSet, testOf, lines: lines as readonly LineOf<'reading'>[] }
}

describe('the system as it is now set', () => {
  it('pumps up as long as its new settings ask: V·ΔP/(Pa·Q), twice the span twice the time', () => {
    const { model, asSet, testOf } = stood('compressor-pilot', [['cut-in', 95 * PSI], ['cut-out', 155 * PSI]])
    const [before, now] = [model, asSet].map(m => m.predict(0, testOf('fill')).mean)
    // the head gives a little more at less pressure: 2.2 % an atmosphere
    expect(Math.exp(now! - before!)).toBeGreaterThan(1.85)
    expect(Math.exp(now! - before!)).toBeLessThan(2.05)
  })

  it('is as wanted while nothing was read, or two readings contradict each other', () => {
    for (const read of [[], [['cut-in', 50 * PSI], ['cut-out', 52 * PSI]]] as const) {
      const { model, asSet } = stood('well-3wire', read)
      expect(asSet).toBe(model)
    }
  })

  it('proves its settings against what is wanted, whatever they are', () => {
    const { model, asSet, testOf } = stood('well-3wire', [['cut-in', 30 * PSI], ['cut-out', 52 * PSI]])
    const models = { wanted: model, asSet }
    expect(bandAsSet(models, testOf('cut-out'))!.low / PSI).toBeCloseTo(57, 6)
    expect(bandAsSet(models, testOf('precharge'))!.low / PSI).toBeCloseTo(36, 6)
  })
})

describe('the gauge at the moment of a clamp', () => {
  it('is between the two readings about it, and the clamp is judged there', () => {
    const { model, asSet, state, lines, testOf } = stood('rv', [
      ['cut-in', 25 * PSI], ['black.run', 4], ['cut-out', 45 * PSI],
    ])
    const pressure = pressureWhen(model, state, lines[1]!)!
    expect(pressure / PSI).toBeCloseTo(35, 6)
    const at = bandAsSet({ wanted: model, asSet }, testOf('black.run'), pressure)!
    const whole = asSet.band(testOf('black.run'))!
    expect(at.high).toBeLessThan(whole.high)
    expect(at.low).toBeLessThan(whole.low)
  })

  it.each([
    ['of long ago', [['cut-in', 25], ['motor.volts', 12], ['motor.volts', 12], ['motor.volts', 12], ['black.run', 4]]],
    ['read before it alone', [['cut-in', 25], ['black.run', 4]]],
    ['that fell meanwhile', [['cut-out', 45], ['black.run', 4], ['cut-in', 25]]],
  ] as const)('is not known from a gauge %s', (_, read) => {
    const { model, state, lines } = stood('rv', read.map(([t, v]) => [t, t.startsWith('cut') ? v * PSI : v] as const))
    expect(pressureWhen(model, state, lines.find(l => l.test === 'black.run')!)).toBeUndefined()
  })
})
