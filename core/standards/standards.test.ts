import { describe, expect, it } from 'vitest'
import {
  ampacity,
  areaOfGauge,
  CAPACITOR_BANDS,
  capacitanceByCurrent,
  CODE_LETTERS,
  codeLetterAmps,
  CONDUCTORS,
  conductorOhms,
  dischargeTime,
  FUSE_RATINGS,
  gaugeForAmps,
  gaugeOfArea,
  insulationAt40,
  METRIC_CONDUCTORS,
  nearestBySize,
  protectMotor,
  SINGLE_PHASE_MOTORS,
  singlePhaseAmps,
  SOURCES,
  STARTER_SIZES,
  starterSize,
  startsADay,
  THREE_PHASE_MOTORS,
  THREE_WIRE_MOTORS,
  threePhaseAmps,
  threePhaseLockedAmps,
  TWO_WIRE_MOTORS,
  unbalance,
  voltageDrop,
  type CodeLetter,
} from '.'

describe('tables', () => {
  it('name a source for every row, and say which are from memory or practice', () => {
    const sources = Object.values(SOURCES)
    expect(sources).toHaveLength(25)
    for (const s of sources) {
      expect(s.text.length).toBeGreaterThan(8)
      if (s.standing === 'practice' && !s.text.includes('school'))
        expect(s.text).toContain('common practice, no source')
    }
  })
  it('have rising amps and falling winding ohms with horsepower', () => {
    const rising = (row: readonly (number | undefined)[]) => {
      const known = row.filter(v => v !== undefined)
      expect(known).toEqual(known.toSorted((x, y) => x - y))
      return known.length
    }
    for (const volts of [115, 200, 208, 230])
      expect(rising(SINGLE_PHASE_MOTORS.map(r => singlePhaseAmps(r, volts)))).toBe(12)
    expect(rising(SINGLE_PHASE_MOTORS.map(r => r.lockedRotorAmps))).toBe(9)
    for (const table of [TWO_WIRE_MOTORS, THREE_WIRE_MOTORS]) {
      expect(rising(table.map(r => r.maxAmps))).toBe(table.length)
      for (const row of table) {
        expect(row.maxAmps).toBeGreaterThan(row.fullLoadAmps)
        expect(row.lockedRotorAmps / row.fullLoadAmps).toBeGreaterThan(4.5)
        expect(row.lockedRotorAmps / row.fullLoadAmps).toBeLessThan(6.6)
      }
    }
  })
  // handbook §4, service figures printed inside box lids (from memory): rows at random
  it('have the service figures as they are printed', () => {
    expect(nearestBySize(TWO_WIRE_MOTORS, 1)).toMatchObject({ fullLoadAmps: 8.2, maxAmps: 9.8, lockedRotorAmps: 49 })
    expect(nearestBySize(THREE_WIRE_MOTORS, 5)).toMatchObject({
      mainOhms: [0.68, 1],
      startMicrofarads: [270, 324],
      runMicrofarads: 80,
    })
    expect(nearestBySize(THREE_WIRE_MOTORS, 0.8).hp).toBe(0.75)
  })
  it('keep code letters in order, and put letter L at ¾ hp, 230 V between 9 and 10 kVA/hp', () => {
    const letters = Object.values(CODE_LETTERS)
    expect(letters).toHaveLength(19)
    expect(letters.toSorted((a, b) => a - b)).toEqual(letters)
    const amps = codeLetterAmps('L' as CodeLetter, 0.75, 230)
    expect(amps).toBeGreaterThan((9000 * 0.75) / 230)
    expect(amps).toBeLessThan((10000 * 0.75) / 230)
  })
})

describe('conductors', () => {
  // NFPA 70 chapter 9 table 8, stranded at 75 °C (from memory): the stranding adds about 2 % to a solid wire
  it.each(CONDUCTORS.map(row => [row.gauge, row] as const))('gauge %d agrees with the table within 4 %', (_, row) => {
    expect(Math.abs(conductorOhms(row.gauge, 304.8, 75) / row.copper - 1)).toBeLessThan(0.04)
    if (row.aluminium === undefined) return
    const ours = conductorOhms(row.gauge, 304.8, 75, 'aluminium')
    expect(Math.abs(ours / row.aluminium - 1)).toBeLessThan(0.04)
  })
  // IEC 60228 class 2 at 20 °C (from memory): a limit some per cent above the metal's own resistance, but for 50 mm²,
  // which is made of 47
  const metric = METRIC_CONDUCTORS.map(row => [row.area, row.copper] as const)
  it.each(metric)('%d mm² is within its limit', (area, limit) => {
    const ours = conductorOhms(gaugeOfArea(area), 1000, 20)
    expect(ours).toBeLessThan(1.01 * limit)
    expect(ours).toBeGreaterThan(0.88 * limit)
  })
  it('go from gauge to cross-section and back', () => {
    expect(areaOfGauge(12)).toBeCloseTo(3.31, 2)
    expect(areaOfGauge(-3)).toBeCloseTo(107.2, 1)
    expect(gaugeOfArea(areaOfGauge(7))).toBeCloseTo(7, 9)
  })
  // NFPA 70 table 310.16 (from memory)
  it('carry their amps at 60 °C terminals', () => {
    expect([14, 10, 6, 2, -3].map(g => ampacity(g))).toEqual([15, 30, 55, 95, 195])
    expect([12, 6, -3].map(g => ampacity(g, 'aluminium'))).toEqual([15, 40, 150])
    expect(ampacity(gaugeOfArea(10))).toBe(40)
    expect(ampacity(18)).toBeUndefined()
    expect([12, 16, 35, 500].map(gaugeForAmps)).toEqual([14, 12, 8, -3])
  })
})

describe('three phases and protection', () => {
  // NEMA MG 1 14.36, its own example: 460, 467 and 450 V have a mean of 459 and an unbalance of 1.96 %
  it('repeat the worked example of unbalance', () => {
    const { mean, share } = unbalance([460, 467, 450])
    expect(mean).toBe(459)
    expect(100 * share).toBeCloseTo(1.96, 2)
  })
  // NFPA 70 table 430.250 (from memory)
  it('have the full-load amps of the table at 230 and 460 V', () => {
    expect(THREE_PHASE_MOTORS).toHaveLength(15)
    for (const row of THREE_PHASE_MOTORS) {
      const [at200, at208, at230, at460, at575] = row.full
      expect(at230! / at460!).toBeCloseTo(2, 0)
      expect(at200! / at230!).toBeCloseTo(1.15, 1)
      expect(at208! / at230!).toBeCloseTo(1.1, 1)
      expect(at575! / at460!).toBeCloseTo(0.8, 1)
      for (const [i, volts] of [200, 208, 230, 460, 575].entries())
        expect(threePhaseAmps(row.hp, volts)).toBeCloseTo(row.full[i]!, 6)
      expect(threePhaseLockedAmps(row.hp, 230)).toBeCloseTo(row.locked[0], 6)
      expect(threePhaseLockedAmps(row.hp, 460)).toBeCloseTo(row.locked[1], 6)
    }
  })
  // as printed in 430.250 (from memory): 30.8 A for 10 hp at 208 V; between its rows and columns by power and volts
  it('go between rows and voltages, never by the next row whole', () => {
    expect(threePhaseAmps(10, 208)).toBeCloseTo(30.8, 6)
    expect(threePhaseAmps(10, 400)).toBeCloseTo((14 * 460) / 400, 6)
    expect(threePhaseAmps(4, 230)).toBeCloseTo(12.4, 6)
    expect(threePhaseAmps(0.25, 230)).toBeCloseTo(1.1, 6)
    expect(threePhaseLockedAmps(5, 575) / threePhaseLockedAmps(5, 230)).toBeCloseTo(0.4, 1)
  })
  // 430.22, 430.32, 430.52 (from memory), 5 hp at 230 V: 15.2 A
  it('protect a 5 hp motor as the articles say', () => {
    expect(protectMotor(15.2, { serviceFactor: 1.15 })).toMatchObject({
      conductorAmps: 19,
      overloadAmps: 19,
      device: { 'breaker': 40, 'dual-element-fuse': 30, 'fuse': 50 },
    })
    expect(protectMotor(15.2, { serviceFactor: 1 }).overloadAmps).toBeCloseTo(17.48, 6)
  })
  it('take the next standard size up, a fuse from 1 A, a breaker from 15 A', () => {
    const small = protectMotor(2.2, { serviceFactor: 1.15 }).device
    expect(small).toEqual({ 'breaker': 15, 'dual-element-fuse': 6, 'fuse': 10 })
    expect(protectMotor(160, { serviceFactor: 1.15 }).device.breaker).toBe(400)
    expect(protectMotor(190, { serviceFactor: 1.15 }).device.breaker).toBe(500)
    expect([...FUSE_RATINGS].toSorted((a, b) => a - b).slice(0, 6)).toEqual([1, 3, 6, 10, 15, 20])
  })
  it('size a starter (NEMA ICS 2; from memory)', () => {
    expect([
      starterSize(7.5, 'three230'),
      starterSize(10, 'three460'),
      starterSize(3, 'single'),
      starterSize(30, 'three460'),
      starterSize(60, 'three230'),
      starterSize(2, 'single115'),
    ]).toEqual(['1', '1', '1', '3', undefined, '1'])
    expect(STARTER_SIZES.map(s => s.amps)).toEqual([9, 18, 27, 45, 90, 135])
  })
  // handbook §4 (common practice, no source)
  it('bear so many starts a day', () => {
    expect([startsADay(0.75, 1), startsADay(3, 1), startsADay(3, 3), startsADay(10, 1), startsADay(10, 3)]).toEqual([
      300, 100, 300, 50, 100,
    ])
  })
  it('drop 2·L·I·R on one phase and √3·L·I·R on three', () => {
    expect(voltageDrop(1, 50, 10, 0.005)).toBe(5)
    expect(voltageDrop(3, 50, 10, 0.005)).toBeCloseTo(4.33, 2)
  })
})

describe('capacitors and insulation', () => {
  it('have rising, narrow bands (from memory)', () => {
    expect(CAPACITOR_BANDS).toHaveLength(25)
    for (const [low, high] of CAPACITOR_BANDS) expect(high / low).toBeLessThan(1.25)
  })
  // handbook §4: 2652·I/V at 60 Hz, 3183·I/V at 50 Hz
  it.each([
    [60, 2652.6],
    [50, 3183.1],
  ])('are known by their current at %d Hz: %d·I/V', (hertz, k) =>
    expect(capacitanceByCurrent(1, 1, hertz) * 1e6).toBeCloseTo(k, 0),
  )
  it('discharge as v = V₀·e^(−t/RC)', () => {
    const t = dischargeTime(330, 2, 15e3, 143e-6)
    expect(330 * Math.exp(-t / (15e3 * 143e-6))).toBeCloseTo(2, 9)
  })
  // IEEE 43 (from memory): halve for each 10 °C
  it('are corrected to 40 °C', () =>
    expect([insulationAt40(20e6, 20), insulationAt40(5e6, 40)]).toEqual([5e6, 5e6]))
})
