import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { createWriter, foldTab, type DraftLine, type Line } from '#core/tab'
import { PSI } from '#core/units'
import { isolate, type Tables } from '.'
import { prepareKept } from '../../tests/prepared'

const folded = (t: Tables, lines: readonly Line[]) =>
  foldTab(t.model.kind, lines.map(createWriter('test-device')))

let n = 0
const add = (draft: DraftLine) =>
  ({ ...draft, id: `line-${++n}-doubt`, at: `2026-06-15T10:${String(n % 60).padStart(2, '0')}:00Z` }) as Line
const read = (test: string, value: number) => add({ kind: 'reading', test, value })
const saw = (test: string, outcome: string) => add({ kind: 'observation', test, outcome })
const tables = requireOk(prepareKept('three-phase', { 'motor.amps': 15.2, 'motor.power': 3728 }))

const found = [
  add({ kind: 'opened', complaint: 'no-water', words: '' }),
  saw('sound', 'silent'),
  saw('breaker-seen', 'tripped'),
  add({ kind: 'repair', component: 'breaker', fault: 'breaker.off', text: 'Find why, then reset the breaker' }),
]
const steady = [
  saw('sound', 'runs'),
  read('load.v12', 231),
  read('load.v23', 231),
  read('load.v31', 230),
  read('amps2.run', 14.6),
  read('amps3.run', 13.2),
  saw('works', 'yes'),
]
const answer = (...lines: Line[]) => isolate(tables, folded(tables, [...found, ...lines]))

describe('after a repair', () => {
  it('says how likely nothing more is wrong, and only then', () => {
    expect(isolate(tables, folded(tables, found.slice(0, 3))).afterRepair?.restored).toBeUndefined()
    expect(answer(...steady, read('amps1.run', 13.1)).afterRepair?.restored).toBeGreaterThan(0.96)
  })
  it('asks once more for the one line on which a doubt hangs', () => {
    // three lines of one motor: what two of them do not bear out is clamped once more, whatever let go before
    const cleaned = [
      add({ kind: 'opened', complaint: 'no-water', words: '' }),
      saw('sound', 'silent'),
      add({ kind: 'repair', component: 'switch', fault: 'switch.contact-dirty', text: 'Cleaned' }),
    ]
    const doubtful = isolate(tables, folded(tables, [...cleaned, read('amps1.run', 17.8), ...steady]))
    expect(answer(read('amps1.run', 17.8), ...steady).next[0]).toMatchObject({ test: 'amps1.run', again: true })
    expect(doubtful.next[0]).toMatchObject({ test: 'amps1.run', again: true })
  })
  it('lets it go when the second reading is in line with the rest', () => {
    const cleared = answer(read('amps1.run', 17.8), ...steady, read('amps1.run', 13.1))
    expect(cleared.afterRepair?.restored).toBeCloseTo(
      answer(...steady, read('amps1.run', 13.1)).afterRepair!.restored,
      9,
    )
    expect(cleared.next.some(t => t.again)).toBe(false)
  })
  it('sees a cut-out far over the setting although the repair was the right one', () => {
    const over = answer(
      ...steady.slice(0, -1),
      read('amps1.run', 13.1),
      read('cut-out', 103 * PSI),
      read('cut-out', 104 * PSI),
      saw('works', 'no'),
    )
    expect(over.suspects.find(s => s.fault === 'switch.port-blocked')!.chance).toBeGreaterThan(0.25)
  })
})
