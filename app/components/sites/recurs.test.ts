import { describe, expect, it } from 'vitest'
import { kindFor } from '#core/systems'
import { recurring } from './recurs'

const call = (at: string, failed: string, cause?: string) => ({
  status: 'settled', settled: { at },
  findings: { failed: [{ about: failed }], cause: cause ? [{ about: cause }] : [], also: [] },
}) as unknown as Parameters<typeof recurring>[1][number]
const of = (...calls: ReturnType<typeof call>[]) => recurring(kindFor('well-3wire'), calls, '2026-06-15')

describe('what recurs', () => {
  const years = ['2023-05-01', '2024-05-01', '2025-05-01'].map(d => `${d}T10:00:00Z`)
  it('is said from the third time on, whichever fault of the part it was, with the cause that stayed open', () => {
    expect(of(...years.map(at => call(at, 'switch.pole1-burnt'))))
      .toEqual(['Third pressure switch fault in 4 years, its cause never closed.'])
    expect(of(call(years[0]!, 'switch.pole1-burnt', 'damp'), call(years[1]!, 'switch.diaphragm', 'damp'),
      call(years[2]!, 'switch.pole2-burnt'))).toEqual(['Third pressure switch fault in 4 years, its cause open once.'])
  })
  it('is nothing of two times, nor of what is longer ago', () => {
    expect(of(...years.slice(1).map(at => call(at, 'switch.pole1-burnt')))).toEqual([])
    const late = years.slice(1).map(at => call(at, 'switch.diaphragm'))
    expect(of(call('2020-01-01T10:00:00Z', 'switch.pole1-burnt'), ...late)).toEqual([])
  })
})
