import { describe, expect, it } from 'vitest'
import { practiceOf } from '#core/formats'
import { requireOk } from '#core/foundation'
import { isolate, learnRates, lifeOf, type Isolation } from '#core/isolation'
import { prepareKept } from '../../tests/prepared'
import { kindFor } from '#core/systems'
import { createWriter, foldTab, type AnyLine, type DraftLine } from '#core/tab'
import { openTabs, viewOf, type AnswerTo, type AskedSystem, type Question } from './openTabs'

/** what a page gets of it: nothing that cannot be sent from one thread to another */
const api = {
  ...openTabs,
  open: (...given: Parameters<typeof openTabs.open>) => structuredClone(openTabs.open(...given)),
  append: (...given: Parameters<typeof openTabs.append>) => structuredClone(openTabs.append(...given)),
}

const system: AskedSystem = {
  kind: 'well-3wire',
  nameplate: {},
  practice: { prechargeOffsetPsi: 2 },
  counts: {},
  installed: null,
  today: '2026-06-15',
}
const write = createWriter('dev-of-worker')
let n = 0
const line = (draft: DraftLine): AnyLine =>
  write({ ...draft, id: `line-worker-${++n}`, at: '2026-06-15T10:00:00.000Z' })
const call = [
  line({ kind: 'opened', complaint: 'groans', words: '' }),
  line({ kind: 'reading', test: 'line.volts', value: 238 }),
  line({ kind: 'reading', test: 'load.volts', value: 238 }),
  line({ kind: 'reading', test: 'black.run', value: 33 }),
]
const chances = (answer: Isolation) => answer.suspects.map(s => [s.fault, s.chance])
const ask = async <Q extends Question>(tab: string, question: Q): Promise<AnswerTo<Q>> =>
  structuredClone(requireOk(await api.ask(`ask-${++n}`, tab, question)))

describe('the worker', () => {
  it('gives what the core gives, however the lines came to it: at once, one by one, the late ones first', async () => {
    const rates = learnRates(kindFor('well-3wire'), system.counts, lifeOf({}, null, system.today))
    const tables = requireOk(prepareKept('well-3wire', {}, practiceOf(system.practice), { rates }))
    const plain = chances(isolate(tables, foldTab(tables.model.kind, call)))
    requireOk(api.open('tab-once', system, call))
    requireOk(api.open('tab-bits', system, []))
    for (const l of call.toReversed()) api.append('tab-bits', [l])
    for (const tab of ['tab-once', 'tab-bits']) expect(chances(await ask(tab, { ask: 'rank' }))).toEqual(plain)
  })
  it('answers questions of every kind', async () => {
    requireOk(api.open('tab-ask', system, call))
    expect(
      await ask('tab-ask', { ask: 'preview', drafts: [{ kind: 'reading', test: 'red.start', value: 0 }] }),
    ).not.toEqual([])
    expect(await ask('tab-ask', { ask: 'describe', test: 'red.start' })).toMatchObject({ test: 'red.start' })
    expect(await ask('tab-ask', { ask: 'clearing', fault: 'box.cap-open' })).toHaveProperty('test')
    expect(await ask('tab-ask', { ask: 'hear', typed: 'load 0v' })).toMatchObject({
      ok: true,
      value: { kind: 'lines', lines: [{ test: 'load.volts', value: 0 }] },
    })
    expect(await ask('tab-ask', { ask: 'complete', typed: 'contacts b' })).toContainEqual(
      expect.objectContaining({ insert: 'contacts burnt' }),
    )
    expect(await ask('tab-ask', { ask: 'plan' })).toMatchObject({
      stations: ['put-right', 'wire', 'set-up', 'prove', 'settle'].map(station => ({ station })),
    })
    expect((await ask('tab-ask', { ask: 'rank' })).positions.open).toBeInstanceOf(Set)
  })
  it('judges a line before it is written, by the state that the tab is in', async () => {
    requireOk(api.open('tab-check', system, call))
    const draft: DraftLine = { kind: 'reading', test: 'cap.farads', value: 118e-6 }
    expect(await ask('tab-check', { ask: 'check', draft })).toMatchObject({ problem: { code: 'state-needed' } })
    const dead = line({ kind: 'state', to: 'proven-dead', proof: [238, 0.4, 238] })
    api.append('tab-check', [dead, line({ kind: 'state', to: 'discharged', proof: [0.2] })])
    expect(await ask('tab-check', { ask: 'check', draft })).toEqual({ ok: true, value: true })
  })
  it('folds lines whose system it cannot model, and says why there is no ranking', async () => {
    const odd = { ...system, nameplate: { 'motor.volts': -3 } }
    expect(requireOk(api.open('tab-plate', odd, call)).order).toHaveLength(4)
    expect(await api.ask('ask-plate', 'tab-plate', { ask: 'rank' })).toMatchObject({
      ok: false,
      problem: { code: 'figure-out-of-range' },
    })
  })
  it('judges by the practice it is given', async () => {
    requireOk(api.open('tab-two', system, call))
    requireOk(api.open('tab-five', { ...system, practice: { prechargeOffsetPsi: 5 } }, call))
    const band = async (tab: string) => (await ask(tab, { ask: 'describe', test: 'precharge' }))?.band
    expect(await band('tab-two')).not.toBe(await band('tab-five'))
  })
  it('does nothing for a question that was cancelled before its turn, nor for a tab that is not open', async () => {
    const asking = api.ask('ask-gone', 'tab-once', { ask: 'rank' })
    api.cancel('ask-gone')
    expect(await asking).toMatchObject({ ok: false, problem: { code: 'cancelled' } })
    expect(await api.ask('ask-else', 'tab-nowhere', { ask: 'rank' })).toMatchObject({
      ok: false,
      problem: { code: 'not-found' },
    })
  })
  it('says of a kind that it does not know that it does not', () =>
    expect(api.open('tab-odd', { ...system, kind: 'windmill' }, [])).toMatchObject({
      ok: false,
      problem: { code: 'unknown-kind' },
    }))
})

describe('a tab in the worker', () => {
  const [opened, first, ...rest] = call
  const orderIn = (tab: string) => requireOk(api.open(tab, system, call)).order

  it('has the state that the core folds, and names what a screen shows of the system', () => {
    const now = requireOk(api.open('tab-state', system, call))
    expect(now.state).toEqual(viewOf(foldTab(kindFor('well-3wire'), call)))
    expect(now.outline?.tests.map(t => t.id)).toEqual(kindFor('well-3wire').tests.map(t => t.id))
    expect(now.outline).not.toHaveProperty('faults.0.severities')
  })
  it('tells the order of all lines only where the new ones do not stand last, as they came', () => {
    requireOk(api.open('tab-order', system, [opened!]))
    expect(api.append('tab-order', rest)).not.toHaveProperty('order')
    expect(api.append('tab-order', [first!])?.order).toEqual(call.map(l => l.id))
    expect(api.append('tab-order', [first!])).not.toHaveProperty('order')
  })
  it('begins anew where a line that it had is no longer among those given', () => {
    const odd = line({ kind: 'note', text: 'refused' })
    requireOk(api.open('tab-anew', system, [...call, odd]))
    expect(orderIn('tab-anew')).toEqual(call.map(l => l.id))
  })
  it('names a test that the system lacks as it stands, once a line names it', () => {
    requireOk(api.open('tab-strange', system, call))
    expect(api.append('tab-strange', [line({ kind: 'note', text: 'x' })])).not.toHaveProperty('outline')
    const strange = api.append('tab-strange', [line({ kind: 'reading', test: 'battery.rest', value: 12.6 })])
    expect(strange?.outline?.otherTests).toMatchObject([{ id: 'battery.rest', quantity: 'volts' }])
  })
  it('that is not open takes nothing in', () => expect(api.append('tab-nowhere', call)).toBeUndefined())
})
