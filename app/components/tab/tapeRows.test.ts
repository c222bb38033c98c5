import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { isolate } from '#core/isolation'
import { prepareKept } from '../../../tests/prepared'
import { kindFor } from '#core/systems'
import { createWriter, foldTab, type DraftLine, type Line } from '#core/tab'
import { labelOf, shortTitle, tapeRows, wordLine } from './tapeRows'

const kind = kindFor('well-3wire')
const tables = requireOk(prepareKept('well-3wire', { 'box.capLow': 130e-6, 'box.capHigh': 156e-6 }))
let n = 0
const write = createWriter('test-device')
const line = (draft: DraftLine, at = '2026-06-15T10:44:00.000Z') =>
  write({ ...draft, id: `line-tape-${++n}`, at } as Line)
const rowsOf = (lines: Line[]) => {
  const state = foldTab(kind, lines.map(createWriter('test-device')))
  return tapeRows(kind, state, isolate(tables, state))
}

describe('the tape', () => {
  it('shows a reading with its figure, its verdict and what it ruled out', () => {
    const rows = rowsOf([
      line({ kind: 'opened', complaint: 'groans', words: 'it groans' }),
      line({ kind: 'reading', test: 'black.run', value: 33.1 }),
      line({ kind: 'reading', test: 'cap.farads', value: 147e-6, without: 'x' }),
    ])
    expect(rows[2]).toMatchObject({
      time: '10:44',
      title: 'Start capacitor',
      digits: '147',
      unit: 'µF',
      verdict: 'in-band',
    })
    expect(rows[2]!.ruledOut).toContain('start capacitor open')
    expect(rows[1]).toMatchObject({ digits: '33.1', unit: 'A', verdict: 'high' })
  })
  it('shows OL as itself, a slip as a question, a strike on the line it names', () => {
    const slip = line({ kind: 'reading', test: 'cap.farads', value: 147e-9 })
    const rows = rowsOf([
      line({ kind: 'reading', test: 'relay.ohms', value: null, ol: true }),
      slip,
      line({ kind: 'strike', line: slip.id, reason: 'it was µF' }),
    ])
    expect(rows[0]).toMatchObject({ digits: 'OL', verdict: 'open' })
    expect(rows).toHaveLength(2)
    expect(rows[1]!.struck).toBe('it was µF')
    expect(rowsOf([slip])[0]!.slip).toContain('µF?')
  })
  it('names the day once, when it changes', () => {
    const rows = rowsOf([
      line({ kind: 'note', text: 'a' }),
      line({ kind: 'note', text: 'b' }),
      line({ kind: 'note', text: 'c' }, '2026-06-16T08:00:00.000Z'),
    ])
    expect(rows.map(r => r.day)).toEqual(['15 Jun 2026', undefined, '16 Jun 2026'])
  })
  it.each<[DraftLine, string, string | undefined]>([
    [{ kind: 'observation', test: 'sound', outcome: 'groans' }, 'Sound', undefined],
    [{ kind: 'state', to: 'proven-dead', proof: [238, 0.4, 238] }, 'PROVEN DEAD', '238 V → 0.4 V → 238 V'],
    [{ kind: 'state', to: 'zero-pressure', proof: [0] }, 'ZERO PRESSURE', '0 psi'],
    [{ kind: 'state', to: 'proven-dead', proof: [238, 60, 238] }, 'NOT PROVEN DEAD', '238 V → 60 V → 238 V'],
    [{ kind: 'state', to: 'discharged', proof: [180] }, 'NOT DISCHARGED', '180 V'],
    [
      { kind: 'state', to: 'proven-dead', reason: 'plug in my hand' },
      'PROVEN DEAD',
      'without proof: plug in my hand',
    ],
    [
      { kind: 'part', component: 'box', off: 'old relay', on: 'start relay', number: 'SR-34', temporary: true },
      'Part on control box',
      'off: old relay · on: start relay · SR-34 · temporary',
    ],
    [{ kind: 'repair', component: 'tank', text: 'aired' }, 'Put right: tank', 'aired'],
    [
      { kind: 'finding', role: 'cause', about: 'precharge-low', text: '11 psi' },
      'What made it fail',
      'Tank precharge low: 11 psi',
    ],
    [
      { kind: 'skip', test: 'red.start', reason: 'jaw too big' },
      'Left out: Red lead while it tries to start',
      'jaw too big',
    ],
    [{ kind: 'carried', reason: 'waits', bring: 'a tank' }, 'Carried', 'waits · bring a tank'],
    [{ kind: 'follow-up', text: 'tank air', due: '2026-12-01' }, 'Follow-up 1 Dec 2026', 'tank air'],
    [{ kind: 'resumed' }, 'Opened again', undefined],
    [{ kind: 'advice', text: 'a' }, 'Advice', 'a'],
    [{ kind: 'settled', summary: 's' }, 'Settled', 's'],
  ])('words %o', (draft, title, detail) => {
    const words = wordLine(kind, line(draft))
    expect(words.title).toBe(title)
    expect(words.detail).toBe(detail)
  })
  it('says what is out of place about a line, and which picture has not come', () => {
    const put = createWriter('dev-of-marks')
    const place = (draft: DraftLine) => put({ ...draft, id: `line-marks-${++n}`, at: '2026-06-15T10:44:00.000Z' })
    const [early, late] = [
      place({ kind: 'reading', test: 'relay.ohms', value: 0 }),
      place({
        kind: 'photo',
        caption: 'plate',
        attachments: [{ hash: 'a'.repeat(64), type: 'image/jpeg', bytes: 9 }],
      }),
    ]
    const state = foldTab(kind, [early, late])
    const rows = tapeRows(kind, state, undefined, {
      has: () => false,
      receivedAt: id => (id === late.id ? '2026-06-15T08:00:00.000Z' : undefined),
    })
    expect(rows[0]!.marks).toEqual(['taken while the tape did not say capacitors bled and measured'])
    expect(rows[1]).toMatchObject({
      pictures: [{ name: 'a'.repeat(64), come: false }],
      marks: ['its clock was wrong by some 3 hours'],
    })
    expect(tapeRows(kind, state, undefined, { most: 1 }).map(r => r.id)).toEqual([late.id])
  })
  it('shows a line of a kind to come as what it is', () => {
    const foreign = { ...line({ kind: 'note', text: 'x' }), kind: 'forecast' }
    expect(tapeRows(kind, foldTab(kind, [foreign]), undefined)[0]!.title).toBe('A line of a kind to come: forecast')
  })
  it('labels faults, causes and the two catch-alls, and shows what it does not know as it is', () => {
    expect(['box.relay-open', 'precharge-low', 'sound', 'other', 'odd'].map(a => labelOf(kind, a))).toEqual([
      'Start relay contact does not close',
      'Tank precharge low',
      'Nothing wrong',
      'Something else',
      'odd',
    ])
    expect(shortTitle(kind, 'nowhere')).toBe('nowhere')
  })
})
