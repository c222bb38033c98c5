import { describe, expect, it } from 'vitest'
import { createRandom } from '#core/foundation'
import { kindFor } from '#core/systems'
import { createWriter, foldTab, type DraftLine, type Line } from '#core/tab'
import { fitLine, forecast } from './forecast'
import { median, shareOf } from './rates'
import { settledCallOf } from './settledCall'
import { comebacksOf, sumBooks, type BookedCall } from './sums'
import { survivalOf } from './survival'

describe('part life after Kaplan and Meier', () => {
  // Freireich and others 1963, Blood 21: weeks of remission under 6-MP, as printed in Gehan 1965 and in textbooks of
  // survival since; + still in remission. Shares and Greenwood errors from memory of those tables.
  const weeks = '6 6 6 6+ 7 9+ 10 10+ 11+ 13 16 17+ 19+ 20+ 22 23 25+ 32+ 32+ 34+ 35+'
  const printed = [
    [6, 21, 0.8571, 0.0764], [7, 17, 0.8067, 0.0869], [10, 15, 0.7529, 0.0963], [13, 12, 0.6902, 0.1068],
    [16, 11, 0.6275, 0.1141], [22, 7, 0.5378, 0.1282], [23, 6, 0.4482, 0.1346],
  ] as const
  const curve = survivalOf(weeks.split(' ').map(w => ({ age: parseInt(w), ended: !w.endsWith('+') })))
  it('agrees with a published worked example to four places', () => {
    expect(curve.steps).toHaveLength(printed.length)
    for (const [i, [age, atRisk, share, error]] of printed.entries()) {
      expect(curve.steps[i]).toMatchObject({ age, atRisk })
      expect(curve.steps[i]!.share).toBeCloseTo(share, 4)
      expect(curve.steps[i]!.error).toBeCloseTo(error, 4)
    }
    expect(curve).toMatchObject({ parts: 21, ended: 9, median: 23 })
  })
  it('falls, stays between 0 and 1, and has its band around it', () => {
    const random = createRandom(20261127)
    for (let run = 0; run < 200; run++) {
      const some = Array.from({ length: 1 + Math.floor(40 * random.uniform()) }, () =>
        ({ age: Math.round(20 * random.uniform()), ended: random.uniform() < 0.5 }))
      let before = 1
      for (const s of survivalOf(some).steps) {
        expect(s.share).toBeLessThanOrEqual(before)
        expect(s.low).toBeLessThanOrEqual(s.share + 1e-12)
        expect(s.high).toBeGreaterThanOrEqual(s.share - 1e-12)
        expect(s.low).toBeGreaterThanOrEqual(0)
        before = s.share
      }
    }
  })
  it('has no half-life while more than half outlast the record, and none of nothing', () => {
    expect(survivalOf([{ age: 4, ended: true }, { age: 9, ended: false }, { age: 9, ended: false }]).median)
      .toBeUndefined()
    expect(survivalOf([])).toEqual({ steps: [], parts: 0, ended: 0 })
  })
})

describe('a forecast', () => {
  // Anscombe 1973, The American Statistician 27: first of the four sets; slope 0.500 ± 0.118, intercept 3.00
  const x = [10, 8, 13, 9, 11, 14, 6, 4, 12, 7, 5]
  const y = [8.04, 6.95, 7.58, 8.81, 8.33, 9.96, 7.24, 4.26, 10.84, 4.82, 5.68]
  it('draws the line of a published example', () => {
    const line = fitLine(x.map((day, i) => ({ day, value: y[i]! })))
    expect(line.slope).toBeCloseTo(0.5001, 4)
    expect(line.intercept).toBeCloseTo(3.0001, 4)
    expect(line.slopeError).toBeCloseTo(0.1179, 4)
  })
  const yearly = (values: readonly number[]) => values.map((value, i) => ({ day: 365 * i, value }))
  it('says when falling insulation meets 1 MΩ, by shares: 16, 8, 4, 2 halves each year, so in one more', () => {
    const told = forecast(yearly([16, 8.1, 4, 2]), { limit: 1, side: 'below', shares: true }, 3 * 365)
    expect(told).toMatchObject({ tells: 'meets', points: 4 })
    if (told.tells !== 'meets') return
    expect(told.day / 365).toBeCloseTo(4, 1)
    expect(told.aYear).toBeCloseTo(-0.5, 1)
    expect(told.earliest).toBeLessThanOrEqual(told.day)
    expect(told.latest!).toBeGreaterThanOrEqual(told.day)
  })
  it('tells nothing of three points, of one summer, or of what only wavers', () => {
    expect(forecast(yearly([9, 8, 7]), { limit: 5, side: 'below' }, 800).tells).toBe('too-few')
    const summer = [9, 8, 7, 6].map((value, i) => ({ day: 20 * i, value }))
    expect(forecast(summer, { limit: 5, side: 'below' }, 80).tells).toBe('too-few')
    expect(forecast(yearly([9, 8.8, 9.1, 8.9, 9]), { limit: 5, side: 'below' }, 1500).tells).toBe('no-trend')
    expect(forecast(yearly([5, 6, 7.1, 8]), { limit: 4, side: 'below' }, 1500).tells).toBe('away')
  })
  it('does not look further than twice the time watched', () => {
    expect(forecast(yearly([100, 99, 98, 97.1]), { limit: 50, side: 'below' }, 3 * 365).tells).toBe('away')
  })
  it('is early or late by its own band: nine in ten of simulated lines meet it within, or earlier than its earliest',
    () => {
      const random = createRandom(7)
      let early = 0
      for (let run = 0; run < 300; run++) {
        const gauss = () => Math.sqrt(-2 * Math.log(1 - random.uniform())) * Math.cos(2 * Math.PI * random.uniform())
        const read = Array.from({ length: 6 }, (_, i) => ({ day: 365 * i, value: 100 - 8 * i + 2 * gauss() }))
        const told = forecast(read, { limit: 40, side: 'below' }, 5 * 365)
        // the true line meets 40 after 7.5 years
        if (told.tells === 'meets' && told.earliest > 7.5 * 365) early++
      }
      expect(early / 300).toBeLessThan(0.15)
    })
})

describe('shares of few', () => {
  // Wilson's interval for 8 of 10 at 90 %: 0.5407–0.9314, worked by hand from z = 1.645
  it('have the band that is worked by hand', () => {
    const share = shareOf(8, 10)
    expect(share.low).toBeCloseTo(0.5407, 3)
    expect(share.high).toBeCloseTo(0.9314, 3)
    expect(share.small).toBe(false)
    expect(shareOf(1, 2)).toMatchObject({ small: true, share: 0.5 })
    expect(shareOf(0, 0)).toMatchObject({ low: 0, high: 1, small: true })
  })
  it('and medians of even and odd numbers', () => {
    expect([median([3, 1, 2]), median([4, 1, 2, 3]), median([])]).toEqual([2, 2.5, undefined])
  })
})

const write = createWriter('books-device')
function settled(lines: readonly (readonly [string, DraftLine])[]) {
  const written = lines.map(([at, draft], i) =>
    write({ ...draft, id: `line-books-${i}`, at: `2026-06-${at}:00Z`, by: 'Ann' } as Line))
  return settledCallOf(foldTab(kindFor('jet'), written))
}
const CALL = [
  ['15T09:00', { kind: 'opened', complaint: 'no-water', words: '' }],
  ['15T09:10', { kind: 'reading', test: 'line', value: 119 }],
  ['15T09:20', { kind: 'reading', test: 'load', value: 0 }],
  ['15T09:25', { kind: 'finding', role: 'failed', about: 'switch.pole1-burnt', text: '' }],
  ['15T09:30', { kind: 'carried', reason: 'no switch on the van' }],
  ['17T08:00', { kind: 'resumed' }],
  ['17T08:40', { kind: 'part', component: 'switch', fault: 'switch.pole1-burnt' }],
  ['17T09:00', { kind: 'reading', test: 'load', value: 119 }],
  ['17T09:05', { kind: 'settled', summary: '' }],
] as const satisfies readonly (readonly [string, DraftLine])[]

describe('a settled call', () => {
  it('says where its minutes went: to isolate, to mend once the part had come, to prove; nights are none', () => {
    expect(settled(CALL)).toMatchObject({
      failed: ['switch.pole1-burnt'], causes: [], visits: 2, by: 'Ann', closedBy: 'load', tests: ['line', 'load'],
      minutes: { isolate: 30, mend: 40, prove: 25 },
    })
  })
  it('is nothing before it is settled', () => {
    expect(settled(CALL.slice(0, -1))).toBeUndefined()
  })
})

const booked = (tab: string, over: Partial<BookedCall> = {}): BookedCall => ({
  tab, kind: 'jet', site: 'site-a', system: 'system-a', openedAt: '2026-01-01T08:00:00Z',
  settledAt: '2026-01-01T10:00:00Z', by: 'Ann', complaint: 'no-water', failed: ['switch.pole1-burnt'],
  causes: ['age'], minutes: { isolate: 20, mend: 30, prove: 10 }, visits: 1, tests: ['line'], ...over,
})

describe('the books', () => {
  const calls = [
    booked('tab-1'),
    booked('tab-2', { openedAt: '2026-01-20T08:00:00Z', settledAt: '2026-01-20T09:00:00Z', causes: [] }),
    booked('tab-3', { openedAt: '2026-06-01T08:00:00Z', settledAt: '2026-06-01T09:00:00Z', visits: 2 }),
    booked('tab-4', { system: 'system-b', openedAt: '2026-01-21T08:00:00Z', failed: ['box.cap-low'] }),
    booked('tab-5', { openedAt: '2026-06-10T08:00:00Z', complaint: 'check-up', failed: [], causes: [] }),
  ]
  const sums = sumBooks(calls)
  it('count each fault with its causes and the tabs where the cause is open', () => {
    expect(sums.faults[0]).toMatchObject({
      about: 'switch.pole1-burnt', tabs: ['tab-1', 'tab-2', 'tab-3'], open: ['tab-2'],
      causes: [{ about: 'age', tabs: ['tab-1', 'tab-3'] }], share: { count: 3, of: 4, small: true },
      minutes: { isolate: 20, mend: 30, prove: 10 },
    })
    expect(sums.causesOpen).toMatchObject({ count: 1, of: 4, tabs: ['tab-2'] })
  })
  it('take the same system within thirty days for a comeback, but no check-up and no other system', () => {
    expect(comebacksOf(calls).map(c => c.tab)).toEqual(['tab-2'])
    expect(sums.comebacks).toMatchObject({ count: 1, of: 5 })
  })
  it('say how many were done in one visit', () => {
    expect(sums.firstVisit).toMatchObject({ count: 4, of: 5 })
  })
  it('add up: each call under each of its faults, none lost', () => {
    expect(sums.faults.reduce((s, f) => s + f.tabs.length, 0)).toBe(4)
    expect(sums.tests).toMatchObject([{ about: 'line', tabs: { length: 5 }, closed: [] }])
  })
})
