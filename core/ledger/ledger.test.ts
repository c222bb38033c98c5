import { describe, expect, it } from 'vitest'
import { createRandom, requireOk } from '#core/foundation'
import { newPen, nextStamp, type Pen } from '#core/tab'
import { createLedger, type Ledger } from './ledger'
import { LEDGER_KINDS, parseLedgerLine, type AnyLedgerLine, type LedgerDraft, type LedgerLine } from './lines'

function pen(device: string) {
  let own: Pen = newPen(device)
  return (draft: LedgerDraft, minutes = own.counter): LedgerLine => {
    const now = Date.parse('2026-06-15T08:00:00Z') + minutes * 60e3
    const { pen: next, stamp } = nextStamp(own, now, [])
    own = next
    return { ...draft, id: `${device}-${own.counter}-line`, at: new Date(now).toISOString(), ...stamp } as LedgerLine
  }
}
const PART = 'part-cap-130'
const listed = {
  kind: 'listed', part: PART, type: 'start-capacitor', name: 'start capacitor', number: 'SC-130',
} as const
const counted = (place: 'van' | 'shop', count: number) => ({ kind: 'counted', part: PART, place, count }) as const
const moved = (doing: 'ordered' | 'brought' | 'loaded' | 'returned' | 'used' | 'cancelled', count: number) =>
  ({ kind: 'moved', part: PART, do: doing, count }) as const

/** All that a ledger says, for comparing. */
const told = (l: Ledger) => JSON.stringify([
  l.parts(), l.stock(PART), l.facts('site-larch'), l.history('site-larch', 'hazard'), l.system('system-1'), l.days(),
  l.plan('2026-06-16'), l.isTicked('2026-06-16', 'SC-130'), l.months('system-1', 'filter'), l.tags(), l.sayings(),
])

describe('stock', () => {
  it('is the last count and what moved since, with what tabs fitted from the van', () => {
    const w = pen('dev-a')
    const lines = [
      w(listed), w(counted('van', 3)), w(counted('shop', 5)), w(moved('ordered', 4)), w(moved('loaded', 2)),
      w(moved('brought', 3)), w(moved('used', 1)),
    ]
    const ledger = createLedger(lines)
    expect(ledger.stock(PART)).toMatchObject({ van: 4, shop: 6, onOrder: 1 })
    // fitted before the count is in the count already
    expect(ledger.stock(PART, ['2026-06-15T07:00:00Z', '2026-06-15T12:00:00Z'])).toMatchObject({ van: 3 })
    ledger.append([w(counted('van', 1))])
    expect(ledger.stock(PART)).toMatchObject({ van: 1, shop: 6 })
  })
  it('is never less than nothing', () => {
    const w = pen('dev-a')
    expect(createLedger([w(counted('van', 1)), w(moved('used', 4))]).stock(PART).van).toBe(0)
    expect(createLedger([]).stock('part-unheard-of')).toMatchObject({ van: 0, shop: 0, onOrder: 0 })
  })
})

describe('what is known of a site', () => {
  it('is the last that was said of each fact, hazards first to read, and a blank takes it back', () => {
    const w = pen('dev-a')
    const fact = (f: 'hazard' | 'breaker', text: string) =>
      ({ kind: 'fact', site: 'site-larch', fact: f, text }) as const
    const ledger = createLedger([
      w(fact('breaker', 'row 3')), w(fact('hazard', 'dog')), w(fact('breaker', 'row 4, proven')),
    ])
    expect(ledger.facts('site-larch').map(f => f.text)).toEqual(['dog', 'row 4, proven'])
    expect(ledger.history('site-larch', 'breaker').map(f => f.text)).toEqual(['row 4, proven', 'row 3'])
    ledger.append([w(fact('hazard', ''))])
    expect(ledger.facts('site-larch').map(f => f.fact)).toEqual(['breaker'])
  })
})

describe('words that a hand has placed', () => {
  it('are the last of each, the oldest first, until they are struck', () => {
    const w = pen('dev-a')
    const first = w({ kind: 'saying', words: 'she sings', test: 'sound', outcome: 'groans' })
    const ledger = createLedger([
      first, w({ kind: 'saying', words: 'gizmo 40', test: 'gauge' }),
      w({ kind: 'saying', words: 'She sings', test: 'sound', outcome: 'runs' }),
    ])
    expect(ledger.sayings().map(s => s.outcome ?? s.test)).toEqual(['gauge', 'runs'])
    const last = ledger.sayings()[1]!
    ledger.append([w({ kind: 'struck', line: last.id, reason: 'not so' })])
    // what was placed before it holds again
    expect(ledger.sayings().map(s => s.id)).toEqual([first.id, ledger.sayings()[1]!.id])
    expect([ledger.isStruck(last.id), ledger.isStruck(first.id)]).toEqual([true, false])
  })
})

describe('the ledger', () => {
  it('gives the same state in any order of arrival, over two devices and every kind: 300 shuffles', () => {
    const [a, b] = [pen('dev-a'), pen('dev-b')]
    const wrong = b(counted('van', 90), 3)
    const lines: AnyLedgerLine[] = [
      a(listed), b({ ...listed, name: 'capacitor' }, 2), a(counted('van', 3)), wrong, a(moved('used', 1)),
      b(moved('ordered', 2), 5), a({ kind: 'fact', site: 'site-larch', fact: 'hazard', text: 'bees' }),
      b({ kind: 'fact', site: 'site-larch', fact: 'hazard', text: 'no bees' }, 9),
      a({ kind: 'system', system: 'system-1', name: 'new well' }),
      b({ kind: 'system', system: 'system-1', retired: '' }),
      a({ kind: 'planned', item: 'tab:1', day: '2026-06-16', person: 'Ann', rank: 1 }),
      b({ kind: 'planned', item: 'tab:1', day: '2026-06-17', person: 'Bo', rank: 1 }, 30),
      a({ kind: 'planned', item: 'tab:2', day: '2026-06-16', person: 'Ann', rank: 0.5 }),
      a({ kind: 'ticked', day: '2026-06-16', what: 'SC-130', done: true }),
      a({ kind: 'check', system: 'system-1', check: 'filter', months: 1 }),
      a({ kind: 'struck', line: wrong.id, reason: 'counted the wrong bin' }),
      a({ kind: 'tag', system: 'system-1', token: '0123456789ABCDEFGHJKMNPQRS' }),
      a({ kind: 'saying', words: 'she sings', test: 'sound', outcome: 'groans' }),
      b({ kind: 'saying', words: ' She sings', test: 'sound', outcome: 'runs' }, 40),
      { ...a(listed), kind: 'of-years-to-come' } as AnyLedgerLine,
    ]
    expect(new Set(lines.map(l => l.kind)).size).toBe(LEDGER_KINDS.length + 1)
    const random = createRandom(300)
    const first = told(createLedger(lines))
    for (let run = 0; run < 300; run++) {
      const shuffled = lines.map(l => [random.uniform(), l] as const).toSorted((x, y) => x[0] - y[0]).map(p => p[1])
      const cut = Math.floor(random.uniform() * lines.length)
      const ledger = createLedger(shuffled.slice(0, cut))
      told(ledger)
      ledger.append(shuffled.slice(cut))
      expect(told(ledger)).toBe(first)
    }
    expect(createLedger(lines).stock(PART).van).toBe(2)
    expect(createLedger(lines).plan('2026-06-16').map(p => p.item)).toEqual(['tab:2'])
  })
  it('takes a line of years to come, and refuses a bad one by its place', () => {
    const line = pen('dev-a')(listed)
    expect(requireOk(parseLedgerLine({ ...line, kind: 'lent', to: 'Bo' }))).toMatchObject({ to: 'Bo' })
    const bad = parseLedgerLine({ ...pen('dev-a')(counted('van', 2)), count: -2 })
    expect(bad).toMatchObject({ ok: false, problem: { code: 'bad-form', facts: { place: 'count' } } })
    expect(parseLedgerLine(null).ok).toBe(false)
    expect(parseLedgerLine({ ...line, type: 'flux-coupler' }).ok).toBe(false)
  })
})
