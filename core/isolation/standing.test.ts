/** What a tab shows beside its suspects: how the path stands, outcomes in words, what a fault is like. */
import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { createWriter, foldTab, type DraftLine } from '#core/tab'
import { isolate } from '.'
import { prepareKept } from '../../tests/prepared'
import { findDoubt } from './doubts'
import { rankSuspects } from './suspects'

const tables = requireOk(prepareKept('well-2wire', {}))
const { kind } = tables.model

function stateAfter(complaint: string, ...drafts: readonly DraftLine[]) {
  const write = createWriter('test-device')
  const opening: DraftLine = { kind: 'opened', complaint, words: '' }
  const lines = [opening, ...drafts].map((d, i) => write({ ...d, id: `line-${i}`, at: `2026-06-15T10:0${i}:00Z` }))
  return foldTab(kind, lines)
}
const after = (complaint: string, ...drafts: readonly DraftLine[]) =>
  isolate(tables, stateAfter(complaint, ...drafts))
const read = (test: string, value: number): DraftLine => ({ kind: 'reading', test, value })
const saw = (test: string, outcome: string): DraftLine => ({ kind: 'observation', test, outcome })
const standing = (complaint: string, ...drafts: readonly DraftLine[]) =>
  new Map(after(complaint, ...drafts).path.map(p => [p.component, p.standing]))

describe('how the path stands', () => {
  it('is proven as far as good volts came, and not beyond', () => {
    const path = standing('no-water', read('line.volts', 241))
    expect(['supply', 'breaker', 'feed'].map(c => path.get(c))).toEqual(['proven', 'proven', 'proven'])
    expect(['switch', 'motor'].map(c => path.get(c))).toEqual(['suspect', 'suspect'])
    expect(path.get('cable')).toBe('unproven')
  })
  it('is proven by no reading that is out of its band', () => {
    const path = standing('no-water', read('line.volts', 180))
    expect(['supply', 'breaker', 'feed'].map(c => path.get(c))).toEqual(['suspect', 'unproven', 'suspect'])
  })
  it('takes from what is seen the one place that was looked at, where it is as a sound one mostly is', () => {
    expect(standing('no-water').get('gauge')).toBe('unproven')
    const agreed = standing('no-water', saw('gauge-agrees', 'agree'))
    expect([agreed.get('gauge'), agreed.get('tank'), agreed.get('supply')]).toEqual(['proven', 'unproven', 'unproven'])
    expect(standing('no-water', saw('gauge-agrees', 'differ')).get('gauge')).toBe('unproven')
  })
  it('condemns what was found, and what was put right is proven', () => {
    const found: DraftLine = { kind: 'finding', role: 'failed', about: 'tank.waterlogged', text: '' }
    expect(standing('rapid-cycles', found).get('tank')).toBe('condemned')
    const done: DraftLine = { kind: 'repair', component: 'tank', fault: 'tank.waterlogged', text: 'Replaced the tank' }
    expect(standing('rapid-cycles', found, done).get('tank')).not.toBe('condemned')
  })
})

describe('a tab that nobody opened with a complaint', () => {
  it('is ranked by what stands on it', () => {
    const [line] = stateAfter('', saw('knock', 'dull')).lines.slice(1)
    const bare = foldTab(kind, [line!])
    expect(bare.opened).toBeUndefined()
    expect(isolate(tables, bare).suspects[0]?.fault).toBe('tank.waterlogged')
  })
})

describe('the outcomes of a test', () => {
  const labels = (test: string, complaint: string, ...drafts: readonly DraftLine[]) =>
    after(complaint, ...drafts).next.find(n => n.test === test)?.outcomes.map(o => o.label)
  it('are the answers of what is seen, by their own words', () =>
    expect(labels('sound', 'no-water', read('line.volts', 241)))
      .toEqual(['runs', 'groans, does not turn', 'silent']))
  it('are ranges of what is read, apart and in their order', () => {
    const said = labels('load.volts', 'no-water', read('line.volts', 241))!
    expect(said[0]).toMatch(/^up to [\d.]+ V$/)
    const [, low, high] = /^(\d+)–(\d+) V$/.exec(said.at(-1)!)!
    // what a sound leg and a sound leg read between them: 241 V less a little, or what the supply may swing
    expect(Number(low)).toBeLessThan(241)
    expect(Number(high)).toBeGreaterThan(241)
    expect(Number(high) - Number(low)).toBeLessThan(60)
  })
  it('that may never come are said so, of water', () =>
    expect(labels('cut-in', 'runs-on')?.at(-1)).toBe('never'))
  it('are all but all that may come', () => {
    for (const { outcomes } of after('no-water', read('line.volts', 241)).next)
      expect(outcomes.reduce((sum, o) => sum + o.chance, 0)).toBeGreaterThan(0.85)
  })
})

describe('what a fault is like', () => {
  // 12 V lost at the few amps that such a motor draws: some tens of watts, by Ohm's law
  it('is said of a joint by its watts, of a leak by its bore, of nothing else and of nobody far behind', () => {
    const [joint, ...others] = after('low-pressure', read('pole1.drop', 12)).suspects
    expect(joint?.fault).toBe('switch.pole1-burnt')
    expect(joint?.watts).toBeGreaterThan(20)
    expect(joint?.watts).toBeLessThan(150)
    expect(joint?.hole).toBeUndefined()
    expect(others.filter(s => s.chance < 0.01 && (s.watts ?? s.hole) !== undefined)).toEqual([])
    const [leak] = after('starts-alone', saw('leaks-look', 'leak')).suspects
    expect(leak?.fault).toBe('house.leak')
    expect(1000 * leak!.hole!).toBeGreaterThan(0.3)
    expect(1000 * leak!.hole!).toBeLessThan(10)
    expect(leak?.watts).toBeUndefined()
  })
})

describe('a doubt after a repair', () => {
  const state = stateAfter(
    'no-water',
    { kind: 'repair', component: 'switch', fault: 'switch.pole1-burnt', text: 'New switch' },
    saw('sound', 'runs'),
    read('load.volts', 205),
  )
  const ranking = rankSuspects(tables, state)
  it('hangs on one line only between what is all but sure either way', () => {
    expect(findDoubt(tables, state, ranking, 0.5)).toBe('load.volts')
    expect(findDoubt(tables, state, ranking, 0.05)).toBe('load.volts')
    expect(findDoubt(tables, state, ranking, 0.97)).toBe('load.volts')
    expect(findDoubt(tables, state, ranking, 0.03)).toBeUndefined()
    expect(findDoubt(tables, state, ranking, 0.98)).toBeUndefined()
  })
})
