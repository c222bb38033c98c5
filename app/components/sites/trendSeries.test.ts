import { describe, expect, it } from 'vitest'
import { kindFor } from '#core/systems'
import { PSI } from '#core/units'
import { createWriter, foldTab, type UnplacedLine } from '#core/tab'
import { marksOf, roundSteps, trendsOf } from './trendSeries'

describe('the steps of a chart', () => {
  it.each([
    [7.3, 7.5],
    [8.9, 12],
    [38, 60],
    [150, 300],
    [0.4, 0.6],
    [2.9, 3],
    [1200, 1500],
  ])('for figures up to %d end at %d', (most, top) => {
    const steps = roundSteps(most)
    expect(steps.top).toBeCloseTo(top, 9)
    expect(steps.top).toBeGreaterThan(most)
    expect(steps.step * 3).toBeCloseTo(steps.top, 9)
  })
})

describe('a trend', () => {
  let n = 0
  const at = (day: string, more: object) =>
    ({ id: `line-${day}-${++n}`, at: `${day}T10:00:00.000Z`, ...more }) as UnplacedLine
  const call = (day: string, psi: number, settled: boolean) =>
    foldTab(kindFor('well-3wire'), [
      at(day, { kind: 'opened', complaint: 'check-up', words: '' }),
      at(day, { kind: 'reading', test: 'precharge', value: psi * PSI }),
      ...(settled ? [at(day, { kind: 'settled', summary: 'ok' })] : []),
    ].map(createWriter('test-device')))
  it('runs over settled calls, oldest first, in the unit of the trade; a call still open is no part of it', () => {
    const [trend, ...others] = trendsOf(kindFor('well-3wire'), [
      call('2026-03-01', 31, true),
      call('2024-03-01', 38, true),
      call('2026-06-01', 12, false),
    ])
    expect(others).toEqual([])
    expect(trend).toEqual({
      id: 'precharge',
      name: 'Precharge',
      unit: 'psi',
      perUnit: PSI,
      points: [
        { day: '2024-03-01', value: 38, left: true, run: 0 },
        { day: '2026-03-01', value: 31, left: true, run: 0 },
      ],
    })
  })
  it('tells how a fault was found from how it was left; a check keeps what it read before it aired', () => {
    const lines = (failed: boolean, ...left: object[]) => foldTab(kindFor('well-3wire'), [
      at('2026-03-01', { kind: 'opened', complaint: 'check-up', words: '' }),
      at('2026-03-01', { kind: 'reading', test: 'precharge', value: 11 * PSI }),
      ...(failed ? [at('2026-03-01', { kind: 'finding', role: 'failed', about: 'box.relay-open', text: '' })] : []),
      at('2026-03-01', { kind: 'repair', component: 'tank', text: 'aired' }),
      ...left.map(l => at('2026-03-01', l)),
      at('2026-03-01', { kind: 'settled', summary: 'ok' }),
    ].map(createWriter('test-device')))
    const read = (...args: Parameters<typeof lines>) =>
      trendsOf(kindFor('well-3wire'), [lines(...args)])[0]?.points.map(p => (p.left ? p.value : -p.value))
    // found ones are told by a sign here
    expect(read(true)).toEqual([-11])
    expect(read(true, { kind: 'reading', test: 'precharge', value: 38 * PSI })).toEqual([-11, 38])
    expect(read(false)).toEqual([11])
  })
  it('begins a new line with a new part, and marks what was done beside it', () => {
    const call = (day: string, amps: number, ...more: object[]) => foldTab(kindFor('well-3wire'), [
      at(day, { kind: 'opened', complaint: 'check-up', words: '' }),
      ...more.map(m => at(day, m)),
      at(day, { kind: 'reading', test: 'black.run', value: amps, asLeft: true }),
      at(day, { kind: 'settled', summary: 'ok' }),
    ].map(createWriter('test-device')))
    const calls = [
      call('2023-04-01', 7.9), call('2024-04-01', 8.4),
      call('2025-04-01', 7.1, { kind: 'part', component: 'motor', on: 'motor' }),
      call('2026-04-01', 7.2, { kind: 'repair', component: 'tank', text: 'aired' }),
    ]
    const [amps] = trendsOf(kindFor('well-3wire'), calls)
    expect(amps?.points.map(p => [p.value, p.run])).toEqual([[7.9, 0], [8.4, 0], [7.1, 1], [7.2, 1]])
    expect(marksOf(kindFor('well-3wire'), calls, 'black.run')).toEqual([
      { day: '2025-04-01', text: 'new motor', renews: true },
      { day: '2026-04-01', text: expect.stringMatching(/tank/) as string, renews: false },
    ])
  })
  it('is of readings that there are', () => expect(trendsOf(kindFor('well-3wire'), [])).toEqual([]))
})
