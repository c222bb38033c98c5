import { describe, expect, it } from 'vitest'
import type { CheckId } from '#core/ledger'
import { checksOf, monthsAfter, visitDue, type CheckedSystem } from './checks'

/** Intervals are those of the handbook, §14; the days are worked by hand. */
const system = (more: Partial<CheckedSystem> = {}): CheckedSystem => ({
  system: 'system-1', site: 'site-1', tests: new Set(['precharge', 'contacts', 'leads.ground', 'black.run']),
  installed: '2021-03-01', water: '', filter: '', seen: '2025-06-10',
  read: new Map([['precharge', '2025-06-10'], ['leads.ground', '2024-05-02']]), ...more,
})
const usual = (): undefined => undefined
const due = (about: CheckedSystem, check: CheckId, months: (s: string, c: CheckId) => number | undefined = usual) =>
  checksOf(about, months).find(c => c.check === check)?.due

describe('checks that fall due', () => {
  it('run a year from when it was read last, and from its putting in where it never was', () => {
    expect(due(system(), 'precharge')).toBe('2026-06-10')
    expect(due(system(), 'insulation')).toBe('2025-05-02')
    expect(due(system(), 'amps')).toBe('2022-03-01')
  })
  it('are of contacts only where the water has sand, and of a filter only where one is known', () => {
    expect(due(system(), 'contacts')).toBe('')
    expect(due(system({ water: 'some sand after rain' }), 'contacts')).toBe('2022-03-01')
    expect(due(system(), 'filter')).toBeUndefined()
    const filtered = system({
      filter: 'before the switch', tests: new Set(['strainer-look']), read: new Map([['strainer-look', '2026-01-31']]),
    })
    // a month after the last of January is the last of February
    expect(due(filtered, 'filter')).toBe('2026-02-28')
  })
  it('are of the tank from its eighth year on', () => {
    expect(due(system(), 'tank')).toBe('')
    expect(due(system({ installed: '2016-03-01' }), 'tank')).toBe('2026-06-10')
  })
  it('go by the system’s own rule, by the shop’s, and not at all where that says so', () => {
    expect(due(system(), 'precharge', (_, c) => (c === 'precharge' ? 6 : undefined))).toBe('2025-12-10')
    expect(due(system(), 'precharge', () => 0)).toBe('')
  })
  it('are none where nothing was ever settled, and of no test that the kind lacks', () => {
    expect(due(system({ seen: '', read: new Map() }), 'precharge')).toBe('')
    expect(checksOf(system({ tests: new Set() }), usual).map(c => c.check)).toEqual(['relief'])
  })
  it('are one visit, where they fall within its span', () => {
    const read = [['precharge', '2025-06-10'], ['leads.ground', '2025-06-20'], ['black.run', '2025-08-01']] as const
    const about = system({ read: new Map(read) })
    expect(visitDue(about, checksOf(about, usual))).toEqual({
      system: 'system-1', site: 'site-1', due: '2026-06-10', checks: ['precharge', 'insulation'],
    })
    expect(visitDue(system({ seen: '', read: new Map() }), [])).toBeUndefined()
  })
  it.each([
    ['2024-02-29', 12, '2025-02-28'],
    ['2025-08-31', 6, '2026-02-28'],
    ['2025-12-31', 1, '2026-01-31'],
    ['2026-01-15', 24, '2028-01-15'],
  ])('%s and %d months are %s', (day, months, then) => expect(monthsAfter(day, months)).toBe(then))
})
