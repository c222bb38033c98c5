import { describe, expect, it } from 'vitest'
import { createRandom } from '#core/foundation'
import { layOut, sayTimeOfDay } from './layOut'
import { isSpent, proposeOrder, rankBetween } from './order'
import { dayAfter, MOST_A_DAY, SPAN, spreadDue, type Due } from './spread'

describe('a day laid out', () => {
  it('begins each call after the one before, with the way between two sites once: by hand', () => {
    const laid = layOut([
      { item: 'tab:1', site: 'a', minutes: 85 }, { item: 'tab:2', site: 'b', minutes: 70 },
      { item: 'due:3', site: 'b', minutes: 15 },
    ])
    expect(laid.calls.map(c => sayTimeOfDay(c.from))).toEqual(['08:30', '10:10', '11:20'])
    expect([laid.minutes, sayTimeOfDay(laid.end)]).toEqual([170, '11:35'])
  })
  it('of nothing ends where it begins', () => {
    expect(layOut([])).toMatchObject({ calls: [], minutes: 0, end: 510 })
  })
})

describe('the order of a day', () => {
  it('puts a rank between two, and says where none is left', () => {
    expect([rankBetween(undefined, undefined), rankBetween(1, undefined), rankBetween(undefined, 1), rankBetween(1, 2)])
      .toEqual([0, 2, 0, 1.5])
    let [low, moves] = [0, 0]
    while (!isSpent(low, 1)) {
      low = rankBetween(low, 1)
      moves++
    }
    expect(moves).toBeGreaterThan(40)
  })
  it('proposes who has no water first, neighbours together, and what waits for parts last', () => {
    const call = (item: string, site: string, complaint: string, since: string, waits = false) =>
      ({ item, site, complaint, since, waits })
    expect(proposeOrder([
      call('check', 'c', 'check-up', '2026-01-01'), call('weak', 'a', 'low-pressure', '2026-06-01'),
      call('parts', 'b', 'no-water', '2026-05-01', true), call('dry', 'b', 'no-water', '2026-06-03'),
      call('trips', 'a', 'overload-trips', '2026-06-02'), call('older', 'd', 'no-water', '2026-06-02'),
    ])).toEqual(['older', 'dry', 'trips', 'weak', 'check', 'parts'])
  })
})

describe('what falls due', () => {
  const due = (id: string, site: string, on: string): Due => ({ id, site, due: on })
  it('comes early rather than late, not on a Sunday, and once to a site', () => {
    // 2026-06-14 is a Sunday
    const spread = spreadDue([due('1', 'a', '2026-06-14'), due('2', 'a', '2026-06-20')], '2026-06-01')
    expect(spread.map(s => s.on)).toEqual(['2026-06-12', '2026-06-12'])
  })
  it('that is over already comes on the first free day', () => {
    expect(spreadDue([due('1', 'a', '2026-03-01')], '2026-06-15')[0]!.on).toBe('2026-06-15')
    const full = new Map([['2026-06-15', MOST_A_DAY]])
    expect(spreadDue([due('1', 'a', '2026-03-01')], '2026-06-15', full)[0]!.on).toBe('2026-06-16')
  })
  it('never overfills a day, never comes more than its span early, loses nothing: 200 seeded lists', () => {
    const random = createRandom(14)
    for (let run = 0; run < 200; run++) {
      const all = Array.from({ length: 30 }, (_, i) =>
        due(`d${i}`, `site-${i}`, dayAfter('2026-06-01', Math.floor(40 * random.uniform()))))
      const spread = spreadDue(all, '2026-06-01')
      expect(spread.map(s => s.id).toSorted()).toEqual(all.map(d => d.id).toSorted())
      const counts = new Map<string, number>()
      for (const s of spread) {
        counts.set(s.on, (counts.get(s.on) ?? 0) + 1)
        expect(s.on >= dayAfter(s.due, -SPAN)).toBe(true)
        expect(s.on >= '2026-06-01').toBe(true)
      }
      expect(Math.max(...counts.values())).toBeLessThanOrEqual(MOST_A_DAY)
    }
  })
})
