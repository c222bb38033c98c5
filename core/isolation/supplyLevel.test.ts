/** Volts beside volts, worked by hand from the formula of supplyLevel.ts. */
import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import type { NumericTest, Prediction, Test } from '#core/systems'
import { createWriter, foldTab, type Evidence, type LineOf } from '#core/tab'
import { isolate } from '.'
import { prepareKept } from '../../tests/prepared'
import { atLevelOf, besideOthers, commonOf } from './supplyLevel'

const plain = (mean: number, sigma: number): Prediction => ({ mean, sigma, log: false, ol: 0 })
const requireNumeric = (test: Test): NumericTest => {
  if (test.kind !== 'numeric') throw new Error(test.id)
  return test
}
const write = createWriter('level-test')
let n = 0
const read = (test: string, value: number | null, more: object = {}) =>
  write({
    id: `line-level-${++n}`,
    at: '2026-06-15T10:00:00.000Z',
    kind: 'reading',
    test,
    value,
    ...(value === null ? { ol: true } : {}),
    ...more,
  }) as LineOf<'reading'>
const after = (before: LineOf<'reading'> | undefined, more: object = {}): Evidence =>
  ({ line: read('load.volts', 236, more), repaired: [], confirmed: 0, ...(before ? { beside: before } : {}) })

describe('volts that were read after others', () => {
  const [line, load] = [plain(236, 6), plain(230, 6)]
  it('are expected as much higher as those stood, with the level out of their spread', () => {
    const { mean, sigma } = atLevelOf(load, line, after(read('line.volts', 242)))
    expect(mean).toBeCloseTo((230 * 242) / 236, 9)
    expect(sigma).toBeCloseTo(Math.sqrt(36 - (0.024 * 230) ** 2 + (0.015 * 230) ** 2), 9)
  })
  it('drift less where both were read in one go', () => {
    const one = read('line.volts', 242, { set: 'set-a' })
    const drift = (set: string | undefined) =>
      atLevelOf(load, line, after(one, set ? { set } : {})).sigma
    expect(drift('set-a')).toBeCloseTo(Math.sqrt(36 - (0.024 * 230) ** 2 + (0.012 * 230) ** 2), 9)
    expect(drift('set-b')).toBeGreaterThan(drift('set-a'))
    expect(drift(undefined)).toBe(drift('set-b'))
  })
  it('stand for themselves where nothing was read before, or no figure, or the spread is of another kind', () => {
    expect(atLevelOf(load, line, after(undefined))).toBe(load)
    expect(atLevelOf(load, line, after(read('line.volts', null)))).toBe(load)
    const log = { ...load, log: true }
    expect(atLevelOf(log, line, after(read('line.volts', 242)))).toBe(log)
    expect(atLevelOf(load, { ...line, log: true }, after(read('line.volts', 242)))).toBe(load)
  })
  it('are not moved by what lies more than 8 % off, nor by what is no supply', () => {
    expect(atLevelOf(load, line, after(read('line.volts', 200)))).toMatchObject({ mean: 230, sigma: 6 })
    expect(atLevelOf(load, plain(30, 2), after(read('line.volts', 31)))).toMatchObject({ mean: 230, sigma: 6 })
    expect(atLevelOf(plain(12, 1), line, after(read('line.volts', 242)))).toMatchObject({ mean: 12, sigma: 1 })
    expect(atLevelOf(load, line, after(read('line.volts', 242))).or).toBeUndefined()
  })
  it('of a circuit that may have let go hang on whether the ones before did', () => {
    const or = { share: 0.5, mean: 244, sigma: 2 }
    const both = (before: number) =>
      atLevelOf({ ...plain(220, 2), or }, { ...plain(220, 2), or }, after(read('line.volts', before))).or!.share
    expect(both(244)).toBeGreaterThan(0.99)
    expect(both(220)).toBeLessThan(0.01)
    const only = atLevelOf({ ...plain(220, 2), or }, line, after(read('line.volts', 236)))
    expect(only.or?.share).toBe(0.5)
    const first = atLevelOf(plain(220, 2), { ...plain(220, 2), or }, after(read('line.volts', 244)))
    expect(first.or?.share).toBeGreaterThan(0.99)
  })
})

describe('amps of the legs of one motor', () => {
  const tables = requireOk(prepareKept('three-phase', {}))
  const besides = (...amps: readonly number[]) =>
    besideOthers(
      tables,
      foldTab(tables.model.kind, amps.map((a, i) => read(`amps${i + 1}.run`, a))).evidence,
    ).map(e => e.beside?.test)
  it('hang on one load, whether they read alike or not', () => {
    expect(besides(19, 20, 19.5)).toEqual([undefined, 'amps1.run', 'amps2.run'])
    expect(besides(24, 18, 17)).toEqual([undefined, 'amps1.run', 'amps2.run'])
  })
  it('say the second time only how even they are', () => {
    const common = commonOf(requireNumeric(tables.tests.get('amps2.run')!.test))!
    const second = (amps: number) => ({ ...after(read('amps1.run', 35)), line: read('amps2.run', amps) })
    const { mean, sigma } = atLevelOf(plain(25, 3), plain(25, 3), second(36), common)
    expect(mean).toBeCloseTo(35, 9)
    expect(sigma).toBeCloseTo(0.12 * 25, 9)
    // unlike ones speak against a motor that loads its lines alike, but for a moment that both were caught in
    const unlike = atLevelOf(plain(25, 3), plain(25, 3), second(20), common)
    expect(unlike.mean).toBeCloseTo(35, 9)
    expect(unlike.sigma).toBeCloseTo(0.12 * 25, 9)
    const caught = { share: 0.5, mean: 10, sigma: 5 }
    const both = { ...plain(80, 8), or: caught }
    const { or } = atLevelOf(both, both, { ...after(read('amps1.run', 12)), line: read('amps2.run', 4) }, common)
    expect(or?.mean).toBeCloseTo(12, 9)
    expect(or?.sigma).toBeCloseTo(0.2 * 10, 9)
  })
})

describe('ohms of three windings', () => {
  const tables = requireOk(prepareKept('three-phase', {}))
  const common = commonOf(requireNumeric(tables.tests.get('leads.r23')!.test))!
  const second = (ohms: number) => ({ ...after(read('leads.r12', 0.9)), line: read('leads.r23', ohms) })
  it('are one meter’s: what the plate leaves open is in all of them', () => {
    const { mean, sigma } = atLevelOf(plain(1.2, 0.4), plain(1.2, 0.4), second(0.3), common)
    expect(mean).toBeCloseTo(0.9, 9)
    expect(sigma).toBeCloseTo(Math.sqrt((0.06 * 1.2) ** 2 + 0.06 ** 2), 9)
  })
  it('speak for a short between two lines, whichever two they are', () => {
    const shares = (...ohms: readonly [number, number, number]) => {
      const opened = write({
        id: `line-level-${++n}`, at: '2026-06-15T10:00:00.000Z', kind: 'opened', complaint: 'overload-trips', words: '',
      })
      const read3 = ohms.map((o, i) => read(`leads.r${['12', '23', '31'][i]}`, o, { without: 'told' }))
      const { suspects } = isolate(tables, foldTab(tables.model.kind, [opened, ...read3]))
      const of = (fault: string) => suspects.find(s => s.fault === fault)?.chance ?? 0
      return of('motor.phase-short') + of('cable.leg-to-leg')
    }
    const even = shares(0.9, 0.9, 0.9)
    expect(even).toBeLessThan(0.05)
    expect(shares(0.3, 0.9, 0.9)).toBeGreaterThan(10 * even)
    expect(shares(0.9, 0.3, 0.9)).toBeGreaterThan(10 * even)
    expect(shares(0.9, 0.9, 0.3)).toBeGreaterThan(10 * even)
  })
})

describe('which reading stands beside which', () => {
  const tables = requireOk(prepareKept('well-3wire', {}))
  const besides = (...lines: LineOf<'reading'>[]) =>
    besideOthers(tables, foldTab(tables.model.kind, lines).evidence).map(e => e.beside?.test)
  it('goes by the way of the power, not by the order they came in', () => {
    expect(besides(read('load.volts', 238), read('line.volts', 240))).toEqual(['line.volts', undefined])
  })
  it('takes no ghost, limit or range for a level', () => {
    expect(besides(read('line.volts', 12), read('load.volts', 238))).toEqual([undefined, undefined])
    expect(besides(read('line.volts', 240, { bound: 'over' }), read('load.volts', 238)))
      .toEqual([undefined, undefined])
  })
})

describe('amps of a line that are far from those of the one before', () => {
  const three = requireOk(prepareKept('three-phase', {}))
  const amps = requireNumeric(three.tests.get('amps2.run')!.test)
  const evidence: Evidence = {
    line: read('amps2.run', 9.6), repaired: [], confirmed: 0, beside: read('amps1.run', 12.9),
  }
  const beside = (p: Prediction, first: Prediction) => atLevelOf(p, first, evidence, commonOf(amps))
  it('are out of the way of a motor that loads its lines alike', () => {
    const { mean, sigma } = beside(plain(11.8, 1.1), plain(11.8, 1.1))
    expect(mean).toBeCloseTo(12.9, 6)
    expect((mean - 9.6) / sigma).toBeGreaterThan(2)
  })
  it('stand for themselves where the lines are foreseen unlike', () => {
    const own = plain(6, 2.4)
    expect(beside(own, plain(9.2, 3.7))).toMatchObject(own)
  })
})
