import { describe, expect, it } from 'vitest'
import {
  CAPACITOR_BANDS,
  capacitanceByCurrent,
  CODE_LETTERS,
  codeLetterAmps,
  copperOhms,
  dischargeTime,
  insulationAt40,
  nearestSubmersible,
  protectMotor,
  SINGLE_PHASE_MOTORS,
  SOURCES,
  starterSize,
  SUBMERSIBLE_MOTORS,
  THREE_PHASE_MOTORS,
  threePhaseAmps,
  unbalance,
  voltageDrop,
  WIRE_GAUGES,
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
    expect(SINGLE_PHASE_MOTORS).toHaveLength(12)
    expect(SUBMERSIBLE_MOTORS).toHaveLength(6)
    for (const table of [SINGLE_PHASE_MOTORS, SUBMERSIBLE_MOTORS]) {
      table.slice(1).forEach((row, i) => {
        expect(row.fullLoadAmps).toBeGreaterThan(table[i]!.fullLoadAmps)
        expect(row.lockedRotorAmps).toBeGreaterThan(table[i]!.lockedRotorAmps)
      })
    }
    SUBMERSIBLE_MOTORS.slice(1).forEach((row, i) =>
      expect(row.mainOhms).toBeLessThan(SUBMERSIBLE_MOTORS[i]!.mainOhms),
    )
  })
  // handbook §4: ½ hp 6–7 A, ¾ hp 7–8.5 A, 1 hp 8.5–10 A running at 230 V (common practice, no source)
  it.each([
    [0.5, 6, 7],
    [0.75, 7, 8.5],
    [1, 8.5, 10],
  ])('put a %d hp submersible between %d and %d A', (hp, low, high) => {
    const { fullLoadAmps } = nearestSubmersible(hp)
    expect(fullLoadAmps).toBeGreaterThanOrEqual(low)
    expect(fullLoadAmps).toBeLessThanOrEqual(high)
  })
  it('keep code letters in order, and put letter L at ¾ hp, 230 V between 9 and 10 kVA/hp', () => {
    const letters = Object.values(CODE_LETTERS)
    expect(letters).toHaveLength(18)
    expect(letters.toSorted((a, b) => a - b)).toEqual(letters)
    const amps = codeLetterAmps('L' as CodeLetter, 0.75, 230)
    expect(amps).toBeGreaterThan((9000 * 0.75) / 230)
    expect(amps).toBeLessThan((10000 * 0.75) / 230)
  })
})

describe('copper', () => {
  // NFPA 70 chapter 9 table 8, uncoated stranded copper at 75 °C, Ω per 1000 ft (from memory); the table's stranding
  // adds about 2 %
  const TABLE = { 14: 3.14, 12: 1.98, 10: 1.24, 8: 0.778, 6: 0.491, 4: 0.308, 2: 0.194 } as const
  it('has a row for every gauge offered', () => expect(WIRE_GAUGES).toHaveLength(Object.keys(TABLE).length))
  it.each(WIRE_GAUGES.map(g => [g]))('%d AWG agrees with the table within 3 %', (gauge) => {
    expect(Math.abs(copperOhms(gauge, 304.8, 75) / TABLE[gauge] - 1)).toBeLessThan(0.03)
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
    expect(THREE_PHASE_MOTORS).toHaveLength(11)
    for (const row of THREE_PHASE_MOTORS) {
      expect(row.at230 / row.at460).toBeCloseTo(2, 1)
      expect(threePhaseAmps(row.hp, 230)).toBeCloseTo(row.at230, 6)
      expect(threePhaseAmps(row.hp, 460)).toBeCloseTo(row.at460, 6)
    }
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
  it('size a starter (NEMA ICS 2; from memory)', () => {
    expect([
      starterSize(7.5, 'three230'),
      starterSize(10, 'three460'),
      starterSize(3, 'single'),
      starterSize(30, 'three460'),
    ]).toEqual(['1', '1', '1', undefined])
  })
  it('drop 2·L·I·R on one phase and √3·L·I·R on three', () => {
    expect(voltageDrop(1, 50, 10, 0.005)).toBe(5)
    expect(voltageDrop(3, 50, 10, 0.005)).toBeCloseTo(4.33, 2)
  })
})

describe('capacitors and insulation', () => {
  it('have rising, narrow bands (from memory)', () => {
    expect(CAPACITOR_BANDS).toHaveLength(17)
    for (const [low, high] of CAPACITOR_BANDS) expect(high / low).toBeLessThan(1.24)
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
