import { describe, expect, it } from 'vitest'
import { CODE_LETTERS, codeLetterAmps, copperOhms, nearestSubmersible, SINGLE_PHASE_MOTORS, SOURCES, SUBMERSIBLE_MOTORS, WIRE_GAUGES, type CodeLetter } from '.'

describe('tables', () => {
  it('name a source for every row, and say which are from memory or practice', () => {
    const sources = Object.values(SOURCES)
    expect(sources).toHaveLength(25)
    for (const s of sources) {
      expect(s.text.length).toBeGreaterThan(8)
      if (s.standing === 'practice' && !s.text.includes('school')) expect(s.text).toContain('common practice, no source')
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
    SUBMERSIBLE_MOTORS.slice(1).forEach((row, i) => expect(row.mainOhms).toBeLessThan(SUBMERSIBLE_MOTORS[i]!.mainOhms))
  })
  // handbook §4: ½ hp 6–7 A, ¾ hp 7–8.5 A, 1 hp 8.5–10 A running at 230 V (common practice, no source)
  it.each([[0.5, 6, 7], [0.75, 7, 8.5], [1, 8.5, 10]])('put a %d hp submersible between %d and %d A', (hp, low, high) => {
    const { fullLoadAmps } = nearestSubmersible(hp)
    expect(fullLoadAmps).toBeGreaterThanOrEqual(low)
    expect(fullLoadAmps).toBeLessThanOrEqual(high)
  })
  it('keep code letters in order, and put letter L at ¾ hp, 230 V between 9 and 10 kVA/hp', () => {
    const letters = Object.values(CODE_LETTERS)
    expect(letters).toHaveLength(18)
    expect(letters.toSorted((a, b) => a - b)).toEqual(letters)
    const amps = codeLetterAmps('L' as CodeLetter, 0.75, 230)
    expect(amps).toBeGreaterThan(9000 * 0.75 / 230)
    expect(amps).toBeLessThan(10000 * 0.75 / 230)
  })
})

describe('copper', () => {
  // NFPA 70 chapter 9 table 8, uncoated stranded copper at 75 °C, Ω per 1000 ft (from memory); the table's stranding adds about 2 %
  const TABLE = { 14: 3.14, 12: 1.98, 10: 1.24, 8: 0.778, 6: 0.491, 4: 0.308, 2: 0.194 } as const
  it('has a row for every gauge offered', () => expect(WIRE_GAUGES).toHaveLength(Object.keys(TABLE).length))
  it.each(WIRE_GAUGES.map(g => [g]))('%d AWG agrees with the table within 3 %', (gauge) => {
    expect(Math.abs(copperOhms(gauge, 304.8, 75) / TABLE[gauge] - 1)).toBeLessThan(0.03)
  })
})
