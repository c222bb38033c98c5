import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { prepareKept } from '../../tests/prepared'
import { forLength, SWEPT } from '../../tests/length'
import { readingChance } from './likelihood'
import { cumulative, OTHER, type TestTable } from './tables'

/** every so manieth hypothesis is predicted anew */
const EACH = forLength({ long: 1, usual: 4 })

describe.each(SWEPT)('the tables of a %s', (id) => {
  const tables = requireOk(prepareKept(id, {}))
  const { model, foreseen } = tables
  const hypotheses = Array.from({ length: foreseen }, (_, h) => h)

  it('give chances that sum to one under every hypothesis', () => {
    for (const table of tables.tests.values()) {
      for (const h of hypotheses) {
        const row = table.row(h)
        expect(
          row.reduce((a, b) => a + b, 0),
          `${table.test.id} ${model.hypotheses[h]!.id}`,
        ).toBeCloseTo(1, 6)
        expect(Math.min(...row)).toBeGreaterThan(0)
      }
    }
  })
  it('count as one only what a meter could not tell apart', () => {
    for (const table of tables.tests.values()) {
      const { test } = table
      if (test.kind !== 'numeric') continue
      for (const h of hypotheses) {
        if (h === OTHER || h % EACH !== 0) continue
        const [own, shared] = [model.predict(h, test), table.prediction(h)]
        for (const away of [-2, -0.5, 0, 1, 3]) {
          const value = own.log ? Math.exp(own.mean + away * own.sigma) : own.mean + away * own.sigma
          const alone: TestTable = { ...table, prediction: () => own }
          const [p, q] = [
            readingChance(alone, h, value),
            readingChance({ ...table, prediction: () => shared }, h, value),
          ]
          expect(Math.abs(Math.log(p / q)), `${test.id} ${model.hypotheses[h]!.id} at ${value}`).toBeLessThan(
            0.05,
          )
        }
      }
    }
  })
  it('have edges that rise, at most seven', () => {
    for (const { edges, bins, test } of tables.tests.values()) {
      expect(edges.length).toBeLessThanOrEqual(7)
      expect(bins).toBe(test.kind === 'numeric' ? edges.length + 2 : test.outcomes.length)
      for (let i = 1; i < edges.length; i++) expect(edges[i]!, test.id).toBeGreaterThan(edges[i - 1]!)
    }
  })
  it('leave something else between all that is known and anything at all', () => {
    for (const table of tables.tests.values()) {
      const others = hypotheses.filter(h => h !== OTHER)
      const weight = others.reduce((sum, h) => sum + model.hypotheses[h]!.prior, 0)
      for (let b = 0; b < table.bins; b++) {
        const mean = others.reduce((sum, h) => sum + model.hypotheses[h]!.prior * table.row(h)[b]!, 0) / weight
        expect(table.row(OTHER)[b]!, table.test.id).toBeCloseTo(0.5 * mean + 0.5 / table.bins, 9)
      }
    }
  })
  it('know a pair that a call brings up later', () => {
    const single = (fault: string) => model.hypotheses.findIndex(h => h.fault === fault && !h.second)
    const [first, second] = [
      model.kind.faults[0]!,
      model.kind.faults.findLast(f => f.component !== model.kind.faults[0]!.component)!,
    ]
    const [pair] = model.addPairs([[single(first.id), single(second.id)]])
    for (const table of tables.tests.values())
      expect(
        table.row(pair!).reduce((a, b) => a + b, 0),
        table.test.id,
      ).toBeCloseTo(1, 6)
  })
})

describe('the normal distribution function', () => {
  const volts = { mean: 240, sigma: 4, log: false, ol: 0 }
  // Abramowitz and Stegun, table 26.1 (from memory); the form used errs by 1.5e-7 at most
  it.each([
    [0, 0.5],
    [0.5, 0.6914625],
    [1, 0.8413447],
    [1.96, 0.9750021],
    [3, 0.9986501],
  ])('at %d deviations is %d, and mirrors under the mean', (x, wanted) => {
    expect(cumulative(volts, 240 + 4 * x)).toBeCloseTo(wanted, 6)
    expect(cumulative(volts, 240 - 4 * x)).toBeCloseTo(1 - wanted, 6)
  })
  it('takes logarithms where the spread is of the logarithm, and holds nothing at zero', () => {
    const ohms = { mean: Math.log(50), sigma: 0.3, log: true, ol: 0 }
    expect(cumulative(ohms, 50 * Math.exp(0.3))).toBeCloseTo(0.8413447, 6)
    expect(cumulative(ohms, 0)).toBeCloseTo(0, 6)
  })
  it('shares between two figures where a meter may show either', () => {
    const either = { ...volts, or: { share: 0.25, mean: 120, sigma: 2 } }
    expect(cumulative(either, 180)).toBeCloseTo(0.25, 6)
    expect(cumulative(either, 122)).toBeCloseTo(0.25 * 0.8413447, 6)
    expect(cumulative(either, 244)).toBeCloseTo(0.25 + 0.75 * 0.8413447, 6)
  })
})
