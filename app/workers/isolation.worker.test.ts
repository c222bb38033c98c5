import { beforeAll, describe, expect, it, vi } from 'vitest'
import { practiceOf } from '#core/formats'
import { requireOk } from '#core/foundation'
import { isolate, learnRates, lifeOf, prepareSystem, type Isolation } from '#core/isolation'
import { kindFor } from '#core/systems'
import { createWriter, foldTab, type AnyLine, type DraftLine } from '#core/tab'
import type { AnswerTo, AskedSystem, IsolationApi, Question } from './isolation.worker'

// the worker's own door
vi.stubGlobal('addEventListener', () => undefined)
let api: IsolationApi
beforeAll(async () => {
  ;({ api } = await import('./isolation.worker'))
})

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
  requireOk(await api.ask(`ask-${++n}`, tab, question))

describe('the worker', () => {
  it('gives what the core gives, however the lines came to it: at once, one by one, the late ones first', async () => {
    const rates = learnRates(kindFor('well-3wire'), system.counts, lifeOf({}, null, system.today))
    const tables = requireOk(prepareSystem('well-3wire', {}, practiceOf(system.practice), { rates }))
    const plain = chances(isolate(tables, foldTab(tables.model.kind, call)))
    requireOk(api.open('tab-once', system, call))
    requireOk(api.open('tab-bits', system, []))
    for (const l of call.toReversed()) api.append('tab-bits', [l])
    for (const tab of ['tab-once', 'tab-bits']) expect(chances(await ask(tab, { ask: 'rank' }))).toEqual(plain)
  })
  it('answers questions of every kind', async () => {
    requireOk(api.open('tab-ask', system, call))
    expect(
      await ask('tab-ask', { ask: 'preview', draft: { kind: 'reading', test: 'red.start', value: 0 } }),
    ).not.toEqual([])
    expect(await ask('tab-ask', { ask: 'describe', test: 'red.start' })).toMatchObject({ test: 'red.start' })
    expect(await ask('tab-ask', { ask: 'clearing', fault: 'box.cap-open' })).toHaveProperty('test')
    expect(await ask('tab-ask', { ask: 'parse', typed: 'load 0v' })).toMatchObject({
      ok: true,
      value: { kind: 'line', line: { test: 'load.volts', value: 0 } },
    })
    expect(await ask('tab-ask', { ask: 'complete', typed: 'contacts b' })).toContainEqual(
      expect.objectContaining({ insert: 'contacts burnt' }),
    )
    expect(Object.keys(await ask('tab-ask', { ask: 'plan' }))).toEqual(
      expect.arrayContaining(['causeTests', 'proof']),
    )
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
