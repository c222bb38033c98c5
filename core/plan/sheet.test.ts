import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { isolate } from '#core/isolation'
import { prepareKept } from '../../tests/prepared'
import { kindFor, type KindId } from '#core/systems'
import { createWriter, foldTab, parseShorthand, type DraftLine, type Line } from '#core/tab'
import { sayAdvice, sayFollowUp, sayOpenPoints, saySummary } from '#core/words'
import type { SheetFinding } from './findings'
import { sheetOf, type Sheet } from './sheet'

function sheetFor(id: KindId, said: readonly (string | DraftLine)[], complaint?: string): Sheet {
  const kind = kindFor(id)
  const tables = requireOk(prepareKept(id, {}))
  const write = createWriter('sheet-device')
  const opened: DraftLine = { kind: 'opened', complaint: complaint ?? kind.complaints[0]!, words: '' }
  const lines = [opened, ...said].map((s, i) => {
    const draft = typeof s === 'string' ? short(id, s) : s
    return write({ ...draft, id: `line-${i}-sheet`, at: '2026-06-15T10:00:00Z' } as Line)
  })
  const state = foldTab(kind, lines)
  return sheetOf(tables, state, isolate(tables, state))
}
function short(id: KindId, said: string): DraftLine {
  const heard = requireOk(parseShorthand(kindFor(id), said))
  if (heard.kind !== 'line') throw new Error(`${said} is asked`)
  return heard.line
}
const of = (sheet: Sheet, role: SheetFinding['role']) => sheet.findings.filter(f => f.role === role)

const BURNT = ['line 240', 'load 0', 'dead 240 0.3 240', 'contacts burnt'] as const
const FITTED: DraftLine = { kind: 'part', component: 'switch', fault: 'switch.pole1-burnt', on: 'switch' }

describe('what is proposed where no line names it', () => {
  it('is nothing while nothing is found, and said to be open', () => {
    const sheet = sheetFor('well-2wire', ['line 240'])
    expect(of(sheet, 'failed')).toEqual([])
    expect(sheet.open.map(o => o.code)).toEqual(['not-named'])
    expect(saySummary(sheet)).toBe('')
  })

  it('wants no failure of a check-up', () => {
    expect(sheetFor('well-2wire', ['line 240'], 'check-up').open).toEqual([])
  })

  it('is what the lines show, each with the lines that show it', () => {
    const sheet = sheetFor('well-2wire', BURNT)
    const [failed] = of(sheet, 'failed')
    expect(failed?.about).toMatch(/^switch\./)
    expect(failed?.line).toBeUndefined()
    expect(failed?.by).toContain('line-4-sheet')
    expect(sheet.open.map(o => o.code)).toContain('nothing-put-right')
  })

  it('gives way to what was named', () => {
    const named: DraftLine = { kind: 'finding', role: 'failed', about: 'motor.seized', text: 'by hand' }
    const [failed, ...more] = of(sheetFor('well-2wire', [...BURNT, named]), 'failed')
    expect(failed).toMatchObject({ about: 'motor.seized', line: 'line-5-sheet', text: 'by hand' })
    expect(more).toEqual([])
  })
})

describe('as found beside as left', () => {
  const sheet = sheetFor('well-2wire', [...BURNT, FITTED, 'live', 'load 239'])
  it('has what was read since the repair, with what was read before it', () => {
    const load = sheet.figures.find(f => f.test === 'load.volts')
    expect(load).toMatchObject({ found: 'line-2-sheet', left: 'line-7-sheet' })
    expect(sheet.figures.some(f => f.test === 'line.volts')).toBe(false)
  })
  it('says what was not proved, and drafts its follow-up', () => {
    expect(sayOpenPoints(sheet).join(' ')).toMatch(/Not proved: .*cut-in/)
    expect(sheet.followUps.map(f => f.code)).toContain('not-proved')
  })
})

describe('the proof of a run', () => {
  const run = ['live', 'load 239', 'black run 6.5', 'black start 34', 'cut in 40', 'cut out 60'] as const
  const rest: readonly DraftLine[] = [
    { kind: 'timed', what: 'hold', seconds: 600, from: 4e5, to: 4e5 },
    { kind: 'observation', test: 'works', outcome: 'yes' },
    { kind: 'observation', test: 'pulses', outcome: 'steady' },
  ]
  it('asks neither for the capacitor nor for insulation where a switch was changed', () => {
    const { proof } = sheetFor('well-3wire', [...BURNT, FITTED])
    const asked = proof.items.map(i => i.what)
    expect(asked).toEqual(expect.arrayContaining(['black.run', 'cut-in', 'cut-out', 'cycles', 'leak-down']))
    expect(asked).not.toContain('cap.farads')
    expect(asked).not.toContain('leads.ground')
  })
  it('asks again for what was found out of its band', () => {
    const proofs = ['dead 240 0.3 240', 'bled 0.1', 'zero pressure 0']
    const { proof } = sheetFor('well-3wire', [...proofs, 'pre 11', ...BURNT, FITTED])
    expect(proof.items.find(i => i.what === 'precharge')).toMatchObject({ proved: false })
  })
  it('takes what was seen to be sound for proved, and what was not for open', () => {
    const sound = sheetFor('well-2wire', [...BURNT, FITTED, ...run, ...rest])
    expect(sound.proof.items.find(i => i.what === 'cycles')).toMatchObject({ proved: true })
    const odd = sheetFor('well-2wire', [
      ...BURNT, FITTED, ...run, { kind: 'observation', test: 'works', outcome: 'no' },
    ])
    expect(odd.proof.items.find(i => i.what === 'cycles')).toMatchObject({ proved: false, why: 'does-not-hold' })
  })
})

describe('what is said to the customer and come back for', () => {
  const followUps = (sheet: Sheet) => sheet.followUps.map(f => f.code)
  it('finishes what was for the time being within two weeks', () => {
    const sheet = sheetFor('well-2wire', [...BURNT, { ...FITTED, temporary: true } as DraftLine])
    expect(sheet.followUps.find(f => f.code === 'temporary')).toMatchObject({ days: 14, facts: { what: 'switch' } })
    expect(sheet.proof.temporary).toBe(true)
  })
  it('warns of coloured water where pressure was opened, of air once a year', () => {
    const sheet = sheetFor('well-2wire', [...BURNT, FITTED])
    expect(sheet.advice).toEqual(expect.arrayContaining(['coloured-water', 'precharge-yearly', 'switch-yearly']))
    for (const code of sheet.advice) expect(sayAdvice(code)).toMatch(/\.$/)
  })
  it('keeps an open cause open, until it is named', () => {
    const open = sheetFor('well-2wire', [...BURNT, FITTED])
    expect(followUps(open)).toContain('cause')
    expect(open.advice).toContain('call-again')
    const named = sheetFor('well-2wire', [
      ...BURNT, FITTED, { kind: 'finding', role: 'cause', about: 'tank.precharge-low', text: '' },
    ])
    expect(followUps(named)).not.toContain('cause')
  })
  it('says a step that was left out, with its reason', () => {
    const left: DraftLine = { kind: 'step', station: 'wire', step: 'cover', done: false, reason: 'paint is wet' }
    const sheet = sheetFor('well-2wire', [...BURNT, FITTED, left])
    expect(sayOpenPoints(sheet)).toContain('Left out: cover on, because paint is wet.')
    // done after all, it is no longer
    const done: DraftLine = { kind: 'step', station: 'wire', step: 'cover', done: true }
    expect(sheetFor('well-2wire', [...BURNT, FITTED, left, done]).open.map(o => o.code)).not.toContain('left-out')
  })
  it('on a compressor speaks of the relief ring and the drain, never of water from a tap', () => {
    const sheet = sheetFor('compressor-direct', [{ kind: 'part', component: 'switch', on: 'switch' }])
    expect(sheet.advice).toEqual(['switch-yearly', 'relief-at-visits', 'drain-receiver'])
    expect(followUps(sheet)).not.toContain('yearly')
  })
  it('puts the call in two sentences', () => {
    const sheet = sheetFor('well-2wire', [
      ...BURNT, FITTED, { kind: 'finding', role: 'failed', about: 'switch.pole1-burnt', text: '' },
    ])
    expect(saySummary(sheet)).toMatch(/^Found: .+\. Work done: .+\. Proved: \d+ of \d+ points\.$/)
    for (const { code, facts } of sheet.followUps) expect(sayFollowUp(code, facts).length).toBeGreaterThan(10)
  })
})
