import { describe, expect, it } from 'vitest'
import { kindFor } from '#core/systems'
import { PSI } from '#core/units'
import { checkLine, createWriter, foldTab as foldPlaced, holdsNeed, type DraftLine, type Line } from '.'

const three = kindFor('well-3wire')
let n = 0
const add = (draft: DraftLine) =>
  ({
    ...draft,
    id: `line-${String(++n).padStart(6, '0')}`,
    at: `2026-06-15T10:${String(n % 60).padStart(2, '0')}:00Z`,
  }) as Line
const foldTab = (lines: readonly Line[]) => foldPlaced(three, lines.map(createWriter('test-device')))
const reading = (test: string, value: number | null, more = {}) =>
  add({ kind: 'reading', test, value, ...(value === null ? { ol: true } : {}), ...more })
const opened = () => add({ kind: 'opened', complaint: 'groans', words: 'groans' })
const dead = () => add({ kind: 'state', to: 'proven-dead', proof: [238, 0.4, 238] })

describe('the fold', () => {
  it('takes the latest reading of a test as the one in force', () => {
    const [a, b] = [reading('line.volts', 238), reading('line.volts', 120)]
    const state = foldTab([opened(), a, b])
    expect(state.evidence.map(e => e.line.id)).toEqual([b.id])
    expect([...state.replaced.keys()]).toEqual([a.id])
  })
  it.each([
    ['volts within a tenth', 'line.volts', 238, 229, 1],
    ['volts that are not', 'line.volts', 238, 120, 0],
    ['no volts, as a meter shows none', 'load.volts', 0.06, 0.31, 1],
    ['none, then some', 'load.volts', 0.06, 2.4, 0],
    ['a joint of nothing, then of an ohm', 'relay.ohms', 0.05, 1.2, 0],
    ['OL twice', 'relay.ohms', null, null, 1],
    ['OL, then nothing', 'relay.ohms', null, 0, 0],
    ['farads that differ', 'cap.farads', 147e-6, 47e-6, 0],
    ['a flow, then none', 'flow', 7e-4, 0, 0],
    ['a flow read again', 'flow', 7e-4, 6.6e-4, 1],
  ])('counts %s as read again alike, or not', (_, test, first, second, confirmed) => {
    expect(foldTab([opened(), reading(test, first), reading(test, second)]).evidence).toMatchObject([
      { line: { value: second }, confirmed },
    ])
  })
  it('brings the earlier reading back when the later one is struck', () => {
    const [a, b] = [reading('line.volts', 238), reading('line.volts', 12)]
    const state = foldTab([opened(), a, b, add({ kind: 'strike', line: b.id, reason: 'wrong range' })])
    expect(state.evidence.map(e => e.line.id)).toEqual([a.id])
    expect(state.struck.get(b.id)?.reason).toBe('wrong range')
    expect(state.lines).toHaveLength(4)
  })
  it('keeps readings before and after a repair both in force', () => {
    const found = reading('black.run', 33)
    const left = reading('black.run', 7.4, { asLeft: true })
    const state = foldTab([opened(), found, add({ kind: 'part', component: 'box', on: 'start relay' }), left])
    expect(state.evidence.map(e => [e.line.id, e.repaired])).toEqual([
      [found.id, []],
      [left.id, ['box']],
    ])
    expect(state.asLeft.map(l => l.id)).toEqual([left.id])
  })
  it('ends every proof when the power comes back', () => {
    const state = foldTab([
      opened(),
      dead(),
      add({ kind: 'state', to: 'discharged', proof: [0.3] }),
      add({ kind: 'state', to: 'zero-pressure', proof: [0] }),
      add({ kind: 'state', to: 'live' }),
    ])
    expect(Object.keys(state.work)).toEqual(['live'])
    expect(holdsNeed(state, 'discharged')).toBe(false)
  })
  it('follows open, carried, open again and settled', () => {
    const lines = [
      opened(),
      add({ kind: 'carried', reason: 'part ordered' }),
      add({ kind: 'resumed' }),
      add({ kind: 'settled', summary: 'done' }),
    ]
    expect([1, 2, 3, 4].map(i => foldTab(lines.slice(0, i)).status)).toEqual([
      'open',
      'carried',
      'open',
      'settled',
    ])
  })
  it('gives the same state whether folded at once or seen line by line', () => {
    const lines = [
      opened(),
      reading('line.volts', 238),
      dead(),
      reading('relay.ohms', null, { ol: true }),
      add({ kind: 'finding', role: 'failed', about: 'box.relay-open', text: '' }),
    ]
    for (let i = 1; i <= lines.length; i++) expect(foldTab(lines.slice(0, i)).lines).toHaveLength(i)
    expect(foldTab(lines)).toEqual(foldTab([...lines]))
  })
})

describe('what a line must satisfy', () => {
  const live = foldTab([opened()])
  const code = (draft: DraftLine, state = live) => {
    const r = checkLine(three, state, draft)
    return r.ok ? 'ok' : r.problem.code
  }
  it.each([
    ['a volt reading with the power on', { kind: 'reading', test: 'line.volts', value: 238 }, 'ok'],
    ['ohms before dead is proven', { kind: 'reading', test: 'relay.ohms', value: 0 }, 'state-needed'],
    [
      'ohms without the proof but with a reason',
      { kind: 'reading', test: 'relay.ohms', value: 0, without: 'disconnect in sight, locked' },
      'ok',
    ],
    ['a blank reason', { kind: 'reading', test: 'relay.ohms', value: 0, without: '  ' }, 'state-needed'],
    ['5000 volts', { kind: 'reading', test: 'line.volts', value: 5000 }, 'impossible-value'],
    [
      'a negative capacitance',
      { kind: 'reading', test: 'cap.farads', value: -1e-6, without: 'x' },
      'impossible-value',
    ],
    ['a reading without a figure', { kind: 'reading', test: 'line.volts', value: null }, 'nothing-read'],
    ['a point that no system has', { kind: 'reading', test: 'windmill.volts', value: 238 }, 'unknown-test'],
    ['a point that only another kind of system has', { kind: 'reading', test: 'control.volts', value: 24 }, 'ok'],
    [
      'an answer that the test does not know',
      { kind: 'observation', test: 'sound', outcome: 'sings' },
      'unknown-outcome',
    ],
    ['a part on a component it lacks', { kind: 'part', component: 'windmill', on: 'sail' }, 'unknown-component'],
    [
      'a strike of a line that is not there',
      { kind: 'strike', line: 'line-nowhere', reason: 'x' },
      'no-such-line',
    ],
  ] as const)('%s', (_, draft, expected) => expect(code(draft as DraftLine)).toBe(expected))

  it.each([
    ['two readings', [238, 0.3], false],
    ['live–dead–live', [238, 0.4, 238], true],
    ['several pairs', [240, 0.2, 0.4, 0.1, 239], true],
    ['a known source that is dead', [0.4, 0.2, 238], false],
    ['still live', [238, 119, 238], false],
  ] as const)('dead is proven by live–dead–live under 2 V (common practice, no source): %s', (_, proof, good) => {
    expect(
      foldTab([opened(), add({ kind: 'state', to: 'proven-dead', proof: [...proof] })]).work['proven-dead']
      !== undefined,
    ).toBe(good)
  })
  it('discharged comes after dead, and under 2 V', () => {
    const state = foldTab([opened(), dead()])
    expect(code({ kind: 'state', to: 'discharged', proof: [0.3] })).toBe('proof-fails')
    expect(code({ kind: 'state', to: 'discharged', proof: [0.3] }, state)).toBe('ok')
    const charged = foldTab([
      opened(),
      dead(),
      add({ kind: 'state', to: 'discharged', proof: [0.3] }),
      add({ kind: 'state', to: 'discharged', proof: [180] }),
    ])
    expect(Object.keys(charged.work)).toEqual(['proven-dead'])
  })
  it('zero pressure is a gauge under 1 psi', () => {
    expect(
      foldTab([opened(), add({ kind: 'state', to: 'zero-pressure', proof: [12 * PSI] })]).work['zero-pressure'],
    ).toBeUndefined()
    expect(code({ kind: 'state', to: 'zero-pressure', proof: [0] })).toBe('ok')
  })
  it.each([
    ['volts where it should be dead', { kind: 'state', to: 'proven-dead', proof: [238, 60, 238] }, 'ok'],
    ['a known source that fails', { kind: 'state', to: 'proven-dead', proof: [0.2, 0.1, 238] }, 'ok'],
    ['a capacitor that holds', { kind: 'state', to: 'discharged', proof: [180] }, 'ok'],
    [
      'too few figures, which say nothing',
      { kind: 'state', to: 'proven-dead', proof: [238, 0.3] },
      'proof-fails',
    ],
    ['no figure at all', { kind: 'state', to: 'zero-pressure' }, 'proof-fails'],
  ] as const)('a proof that fails is a line of its own: %s', (_, draft, expected) =>
    expect(code(draft as unknown as DraftLine)).toBe(expected),
  )
  it('a settled tab takes notes and strikes, nothing else', () => {
    const state = foldTab([opened(), add({ kind: 'settled', summary: 'done' })])
    expect(code({ kind: 'reading', test: 'line.volts', value: 240 }, state)).toBe('tab-settled')
    expect(code({ kind: 'note', text: 'the key is under the pot' }, state)).toBe('ok')
  })
  it('a line is struck once', () => {
    const a = reading('line.volts', 238)
    const state = foldTab([opened(), a, add({ kind: 'strike', line: a.id, reason: 'slip' })])
    expect(code({ kind: 'strike', line: a.id, reason: 'again' }, state)).toBe('already-struck')
  })
})
