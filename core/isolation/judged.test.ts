/** A reading that was told without its figure: what it weighs, and what it may never do. */
import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { checkLine, createWriter, foldTab, unread, type AnyLine, type DraftLine } from '#core/tab'
import { isolate, judge } from '.'
import { prepareKept } from '../../tests/prepared'
import { judgedChance } from './likelihood'

const tables = requireOk(prepareKept('well-2wire', {}))
const { kind, hypotheses } = tables.model
const write = createWriter('judged-test')
let n = 0
const said = (line: DraftLine | { kind: 'opened', complaint: string, words: string }): AnyLine =>
  write({ ...line, id: `line-judged-${++n}`, at: '2026-06-15T10:00:00.000Z' } as never) as AnyLine
const opened = said({ kind: 'opened', complaint: 'no-water', words: 'dry' })
const live = said({ kind: 'state', to: 'live' })
const told = (test: string, judged: 'usual' | 'low' | 'high') =>
  said({ kind: 'reading', test, value: null, judged } as DraftLine)
const folded = (...lines: AnyLine[]) => foldTab(kind, [opened, live, ...lines])
const chanceOf = (fault: string, ...lines: AnyLine[]) =>
  isolate(tables, folded(...lines)).suspects.find(s => s.fault === fault)!.chance
const at = (fault: string) => hypotheses.findIndex(h => h.fault === fault && !h.second)

describe('a reading without its figure', () => {
  it('is taken, judged by who told it, and shown as such', () => {
    const line = told('line.volts', 'usual')
    const state = folded(line)
    expect(checkLine(kind, state, { kind: 'reading', test: 'line.volts', value: null, judged: 'low' })).toMatchObject({
      ok: true,
    })
    expect(judge(tables, state, line as never).word).toBe('in-band')
    expect(unread(line as never)).toBe('good')
    expect(unread({})).toBe('OL')
  })
  it('low, usual and high are all that it can be, whatever is wrong', () => {
    for (const test of ['line.volts', 'black.run', 'leads.by', 'leads.ground', 'precharge'])
      for (const h of [0, at('supply.low-volts'), at('motor.ground'), at('cable.open'), at('pump.worn')]) {
        const table = tables.tests.get(test)!
        const all = (['low', 'usual', 'high'] as const).map(j => judgedChance(tables, table, h, j))
        expect(Math.min(...all), test).toBeGreaterThan(0)
        expect(all.reduce((sum, x) => sum + x, 0), `${test} ${h}`).toBeCloseTo(1, 6)
      }
  })
  it('good volts at the switch speak against a dead supply, low ones for a low one', () => {
    expect(chanceOf('breaker.off', told('line.volts', 'usual'))).toBeLessThan(0.2 * chanceOf('breaker.off'))
    expect(chanceOf('supply.low-volts', told('line.volts', 'low'))).toBeGreaterThan(chanceOf('supply.low-volts'))
  })
  it('a figure that was read stands against `high`, and gives way to `good`', () => {
    const read = said({ kind: 'reading', test: 'black.run', value: 24.6 })
    const values = (...lines: AnyLine[]) =>
      folded(...lines).evidence.map(({ line }) => (line.kind === 'reading' ? line.judged ?? line.value : undefined))
    expect(values(read, told('black.run', 'high'))).toEqual([24.6])
    expect(values(read, told('black.run', 'usual'))).toEqual(['usual'])
    expect(values(told('black.run', 'high'), said({ kind: 'reading', test: 'black.run', value: 9 }))).toEqual([9])
  })
  it('good volts end a proof of dead, like any that were read', () => {
    const dead = said({ kind: 'state', to: 'proven-dead', proof: [240, 0.2, 240] } as DraftLine)
    expect(foldTab(kind, [opened, dead]).work['proven-dead']).toBeTruthy()
    expect(foldTab(kind, [opened, dead, told('line.volts', 'usual')]).work['proven-dead']).toBeFalsy()
  })
})
