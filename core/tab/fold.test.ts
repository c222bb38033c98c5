import { describe, expect, it } from 'vitest'
import { kindFor } from '#core/systems'
import { PSI } from '#core/units'
import {
  ALIASES,
  createFold,
  createWriter,
  foldTab,
  newPen,
  nextStamp,
  orderLines,
  parseLine,
  parseUnplaced,
  resolveLine,
  tick,
  type AnyLine,
  type DraftLine,
  type Line,
  type MarkCode,
  type Pen,
} from '.'

const kind = kindFor('well-3wire')
let n = 0

/** A device of its own: what it has seen is said line by line. */
function device(name: string, late = 0) {
  let pen: Pen = newPen(name)
  return (
    draft: DraftLine | { kind: string, step: string },
    seen: readonly AnyLine[] = [],
    minute = ++n,
  ): AnyLine => {
    const wall = Date.UTC(2026, 5, 15, 10, minute) + late
    const { pen: next, stamp } = nextStamp(pen, wall, seen)
    pen = next
    return {
      ...draft,
      id: `line-${name}-${stamp.counter}`,
      at: new Date(wall).toISOString(),
      ...stamp,
    } as AnyLine
  }
}
const dead: DraftLine = { kind: 'state', to: 'proven-dead', proof: [238, 0.4, 238] }
const bled: DraftLine = { kind: 'state', to: 'discharged', proof: [0.3] }
const live: DraftLine = { kind: 'state', to: 'live' }
const volts: DraftLine = { kind: 'reading', test: 'load.volts', value: 238 }
const marksOf = (lines: readonly AnyLine[], id: string): MarkCode[] =>
  (foldTab(kind, lines).marks.get(id) ?? []).map(m => m.code)

describe('the clock', () => {
  it('gives the worked case: a second line in the same millisecond counts on', () => {
    expect(tick('01781517600000.0000', 1781517600000)).toBe('01781517600000.0001')
  })
  it('never goes back when the wall does, and stands behind what was seen', () => {
    const first = tick('00000000000000.0000', 5000)
    expect(tick(first, 1000) > first).toBe(true)
    expect(tick(first, 5000, ['00000000006000.0003'])).toBe('00000000006000.0004')
  })
  it('does not follow a clock of the year 2999', () =>
    expect(tick('00000000000000.0000', 5000, ['32472144000000.0000'])).toBe('00000000005000.0000'))
  it('goes on past the last count of a millisecond', () =>
    expect(tick('00000000005000.ffff', 5000)).toBe('00000000005001.0000'))
})

describe('the order', () => {
  it('goes by the clock between devices that know nothing of each other, by the counter on one', () => {
    const [a, b] = [device('dev-a'), device('dev-b')]
    const [a1, b1, a2] = [a(volts, [], 1), b(volts, [], 2), a(volts, [], 3)]
    expect(orderLines([a2, b1, a1])).toEqual([a1, b1, a2])
    expect(orderLines([a2, { ...a1, clock: '09999999999999.0000' }, b1]).map(l => l.id)).toEqual([
      b1.id,
      a1.id,
      a2.id,
    ])
  })
  it('puts what had been seen ahead, whatever its clock says', () => {
    const [a, b] = [device('dev-a', 3 * 86400e3), device('dev-b')]
    const ahead = a(volts, [], 1)
    const after = b(volts, [ahead], 2)
    expect(orderLines([after, ahead])).toEqual([ahead, after])
  })
  it('puts a strike behind its line though neither clock nor what was seen says so', () => {
    const [a, b] = [device('dev-a'), device('dev-b', -86400e3)]
    const line = a(volts, [], 1)
    const strike = b({ kind: 'strike', line: line.id, reason: 'x' }, [], 2)
    expect(orderLines([strike, line])).toEqual([line, strike])
  })
  it('takes lines that follow each other in a ring all the same, and 20,000 whose clocks run backwards', () => {
    const a = device('dev-a')
    const [x, y] = [a(volts), a(volts)]
    expect(orderLines([{ ...x, seen: [y.id] }, y])).toHaveLength(2)
    const back = Array.from({ length: 20000 }, (_, i) => ({
      ...x,
      id: `line-${i}-back`,
      counter: i + 1,
      clock: `${String(99999999999999 - i)}.0000`,
    }))
    expect(orderLines(back).map(l => l.counter)).toEqual(back.map(l => l.counter))
  })
})

describe('a proof', () => {
  it('ends by power put on by a device that had not seen it, though that line is older by the clock', () => {
    const [a, b] = [device('dev-a'), device('dev-b')]
    const on = b(live, [], 1)
    const proof = a(dead, [], 2)
    const state = foldTab(kind, [on, proof])
    expect(state.work['proven-dead']).toBeUndefined()
    expect(state.ended).toEqual({ 'proven-dead': { proof: proof.id, by: on.id } })
    const again = a(dead, [on, proof], 3)
    expect(foldTab(kind, [again, on, proof]).work['proven-dead']).toMatchObject({ line: again.id })
  })
  it('holds over a line that its writer had seen', () => {
    const [a, b] = [device('dev-a'), device('dev-b')]
    const on = b(live, [], 1)
    expect(foldTab(kind, [on, a(dead, [on], 2)]).work['proven-dead']).toBeDefined()
  })
  it.each<[string, DraftLine | { kind: string, step: string }]>([
    ['power put on', live],
    ['volts', volts],
    ['amps', { kind: 'reading', test: 'black.run', value: 7.4 }],
    ['that it runs', { kind: 'observation', test: 'sound', outcome: 'runs' }],
    ['that it trips', { kind: 'observation', test: 'sound', outcome: 'trips' }],
    ['the breaker on', { kind: 'observation', test: 'breaker-seen', outcome: 'on' }],
    ['a trial with the power on again', { kind: 'observation', test: 'trip-head-open', outcome: 'holds' }],
    ['a failed proof', { kind: 'state', to: 'proven-dead', proof: [238, 120, 238] }],
    ['a known source that fails', { kind: 'state', to: 'proven-dead', proof: [0.2, 0.1, 238] }],
    ['a line of a kind to come', { kind: 'forecast', step: 'drain' }],
    ['a reading at a test to come', { kind: 'reading', test: 'windmill.ohms', value: 3 }],
  ])('of dead and of discharged ends by %s', (_, draft) => {
    const a = device('dev-a')
    const proofs = [a(dead)]
    proofs.push(a(bled, [proofs[0]!]))
    expect(Object.keys(foldTab(kind, proofs).work)).toEqual(['proven-dead', 'discharged'])
    const said = a(draft, [proofs[1]!])
    const { work, ended } = foldTab(kind, [...proofs, said])
    expect(work['proven-dead'] ?? work.discharged).toBeUndefined()
    expect([ended['proven-dead']?.by, ended.discharged?.by]).toEqual([said.id, said.id])
  })
  it.each<[string, DraftLine]>([
    ['no volts', { kind: 'reading', test: 'load.volts', value: 0.4 }],
    ['ohms', { kind: 'reading', test: 'relay.ohms', value: 0.1 }],
    ['a look', { kind: 'observation', test: 'contacts', outcome: 'burnt' }],
    ['a note', { kind: 'note', text: 'live wire painted red' }],
    ['a proof with too few figures', { kind: 'state', to: 'proven-dead', proof: [238, 0.2] }],
  ])('stands over %s', (_, draft) => {
    const a = device('dev-a')
    const proof = a(dead)
    expect(foldTab(kind, [proof, a(draft, [proof])]).work['proven-dead']).toBeDefined()
  })
  it('of zero pressure ends by a pump that ran and by the gauge, not by volts at the switch', () => {
    const a = device('dev-a')
    const zero = a({ kind: 'state', to: 'zero-pressure', proof: [0] })
    const after = (draft: DraftLine) => foldTab(kind, [zero, a(draft, [zero])]).work['zero-pressure']
    expect(after(volts)).toBeDefined()
    expect(after({ kind: 'reading', test: 'precharge', value: 30 * PSI })).toBeDefined()
    expect(after({ kind: 'reading', test: 'black.run', value: 7 })).toBeUndefined()
    expect(after({ kind: 'reading', test: 'gauge', value: 20 * PSI })).toBeUndefined()
  })
  it('comes back when what ended it is taken back by its own device, and not when another strikes it', () => {
    const [a, b] = [device('dev-a'), device('dev-b')]
    const proof = a(dead)
    const on = a(live, [proof])
    expect(
      foldTab(kind, [proof, on, a({ kind: 'strike', line: on.id, reason: 'wrong key' }, [on])]).work[
        'proven-dead'
      ],
    ).toBeDefined()
    expect(
      foldTab(kind, [proof, on, b({ kind: 'strike', line: on.id, reason: 'not by me' }, [on])]).work[
        'proven-dead'
      ],
    ).toBeUndefined()
  })
})

describe('what is out of place is kept and marked', () => {
  const a = device('dev-a')
  const ohms: DraftLine = { kind: 'reading', test: 'relay.ohms', value: 0 }
  it('a reading ahead of its proof, which is weighed', () => {
    const line = a(ohms)
    expect(marksOf([line], line.id)).toEqual(['without-state'])
    expect(foldTab(kind, [line]).evidence).toHaveLength(1)
    const withReason = a({ ...ohms, without: 'disconnect in sight' })
    expect(marksOf([withReason], withReason.id)).toEqual([])
  })
  it('a figure that cannot be, and one that is none: neither is weighed', () => {
    const [odd, none] = [
      a({ kind: 'reading', test: 'line.volts', value: 5000 }),
      a({ kind: 'reading', test: 'line.volts', value: null }),
    ]
    expect([marksOf([odd], odd.id), marksOf([none], none.id)]).toEqual([['impossible-value'], ['nothing-read']])
    expect(foldTab(kind, [odd, none]).evidence).toEqual([])
  })
  it('a second settlement, and what comes after the first: not weighed until taken up on the reopened tab', () => {
    const settled = a({ kind: 'settled', summary: 'one' })
    const late = a(volts, [settled])
    const second = a({ kind: 'settled', summary: 'two' }, [late])
    const closed = foldTab(kind, [settled, late, second])
    expect(closed.settled?.id).toBe(settled.id)
    expect([closed.marks.get(late.id)?.[0]?.code, closed.marks.get(second.id)?.[0]?.code]).toEqual([
      'after-settling',
      'second-settlement',
    ])
    expect([closed.evidence.length, closed.afterSettling.map(l => l.id)]).toEqual([0, [late.id]])
    const again = a({ kind: 'resumed' }, [second])
    const taken = a({ kind: 'taken-up', line: late.id }, [again])
    const open = foldTab(kind, [settled, late, second, again, taken])
    expect([open.status, open.evidence.map(e => e.line.id), open.afterSettling]).toEqual(['open', [late.id], []])
  })
  it('a strike of nothing, ids that nobody knows, a second opening', () => {
    const strike = a({ kind: 'strike', line: 'line-nowhere', reason: 'x' })
    const part = a({ kind: 'part', component: 'windmill', on: 'sail' })
    const [first, second] = [
      a({ kind: 'opened', complaint: 'groans', words: '' }),
      a({ kind: 'opened', complaint: 'groans', words: '' }),
    ]
    const lines = [strike, part, first, second]
    expect([strike, part, second].map(l => marksOf(lines, l.id))).toEqual([
      ['names-nothing'],
      ['unknown-id'],
      ['second-opening'],
    ])
  })
  it('a clock of the year 2999, and the line that was written after it', () => {
    const [far, b] = [device('dev-far'), device('dev-b')]
    const line = { ...far(volts), at: '2999-01-01T00:00:00.000Z', clock: '32472144000000.0000' }
    const after = b(volts, [line])
    const lines = [line, after]
    expect(foldTab(kind, lines).lines.map(l => l.id)).toEqual([line.id, after.id])
    expect(marksOf(lines, after.id)).toEqual(['clocks-disagree'])
    const apart = { ...b(volts), at: '2020-01-01T00:00:00.000Z' }
    expect(marksOf([apart], apart.id)).toEqual(['clock-wrong'])
  })
  it('a device restored from its own backup that counts again: both lines stand', () => {
    const [one, two] = [device('dev-twice')(volts), device('dev-twice')(volts)]
    const twin = { ...two, id: 'line-twin-of-one' }
    const fold = createFold(kind, [one])
    const state = fold.append([twin])
    expect([one, twin].map(l => state.marks.get(l.id)?.[0]?.code)).toEqual([
      'counter-repeated',
      'counter-repeated',
    ])
  })
  it('a kind of line to come', () => {
    const line = a({ kind: 'forecast', step: 'drain' })
    expect(marksOf([line], line.id)).toEqual(['unknown-kind'])
    expect(foldTab(kind, [line]).lines).toEqual([line])
  })
})

describe('a strike that is struck', () => {
  it('strikes nothing, and what it struck stands again', () => {
    const write = createWriter('test-device')
    const place = (draft: DraftLine) =>
      write({ ...draft, id: `line-${++n}-strike`, at: '2026-06-15T10:00:00Z' } as Line)
    const line = place(volts)
    const strike = place({ kind: 'strike', line: line.id, reason: 'slip' })
    const back = place({ kind: 'strike', line: strike.id, reason: 'it was right' })
    expect(foldTab(kind, [line, strike]).evidence).toEqual([])
    expect(foldTab(kind, [line, strike, back]).evidence.map(e => e.line.id)).toEqual([line.id])
  })
})

describe('parsing a line', () => {
  const whole = device('dev-parse')(volts)
  it('takes a kind to come and fields to come as they are', () => {
    const odd = { ...device('dev-parse-2')({ kind: 'forecast', step: 'drain' }), deep: { a: [1] } }
    expect(parseLine(odd)).toEqual({ ok: true, value: odd })
    const more = { ...whole, course: 'rising' }
    expect(parseLine(more)).toEqual({ ok: true, value: more })
  })
  it.each<[string, unknown, string]>([
    ['no device', { ...whole, device: undefined }, 'device'],
    ['a clock that is none', { ...whole, clock: 'noon' }, 'clock'],
    ['a figure in words', { ...whole, value: 'high' }, 'value'],
    ['a counter of nought', { ...whole, counter: 0 }, 'counter'],
    ['nothing', null, 'kind'],
    ['a text', 'line 238', 'the line'],
    ['a novel', { ...device('dev-novel')({ kind: 'tale', step: 'x'.repeat(70000) }) }, 'the line'],
  ])('refuses one with %s, by its place', (_, raw, place) => {
    const parsed = parseLine(raw)
    expect(parsed.ok ? 'taken' : parsed.problem.code).toBe('bad-form')
    if (!parsed.ok && raw !== null && typeof raw === 'object') expect(parsed.problem.facts.place).toBe(place)
  })
  it('takes one without its place from a file, but none of a kind to come', () => {
    expect(parseUnplaced({ kind: 'note', text: 'x', id: 'line-unplaced', at: '2026-06-15T10:00:00Z' }).ok).toBe(
      true,
    )
    expect(parseUnplaced({ kind: 'forecast', id: 'line-unplaced', at: '2026-06-15T10:00:00Z' }).ok).toBe(false)
  })
})

describe('an id under another spelling', () => {
  const aliases = {
    ...ALIASES,
    tests: { 'old.volts': 'load.volts' },
    outcomes: { 'sound:hums': 'groans' },
    faults: { 'box.relay': 'box.relay-open' },
    components: { starterbox: 'box' },
  }
  const write = createWriter('test-device')
  const place = (draft: DraftLine) =>
    write({ ...draft, id: `line-${++n}-alias`, at: '2026-06-15T10:00:00Z' } as Line)
  it.each<[DraftLine, object]>([
    [{ kind: 'reading', test: 'old.volts', value: 1 }, { test: 'load.volts' }],
    [{ kind: 'observation', test: 'sound', outcome: 'hums' }, { outcome: 'groans' }],
    [{ kind: 'finding', role: 'failed', about: 'box.relay', text: '' }, { about: 'box.relay-open' }],
    [
      { kind: 'part', component: 'starterbox', fault: 'box.relay' },
      { component: 'box', fault: 'box.relay-open' },
    ],
  ])('%o is read as %o', (draft, expected) => expect(resolveLine(place(draft), aliases)).toMatchObject(expected))
  it('leaves a line alone that names nothing old', () => {
    const line = place(volts)
    expect(resolveLine(line, aliases)).toBe(line)
  })
})

describe('what came without its state', () => {
  const whole = (lines: readonly AnyLine[], id: string) =>
    (foldTab(kind, lines).marks.get(id) ?? []).map(({ code, facts }) => [code, facts])
  const write = device('marks')
  const ohms: DraftLine = { kind: 'reading', test: 'pole1.ohms', value: 0.1 }
  const cap: DraftLine = { kind: 'reading', test: 'cap.farads', value: 100e-6 }
  it('is marked with the state that it wanted', () => {
    const [read, bare] = [write(ohms), write(cap)]
    expect(whole([read], read.id)).toEqual([['without-state', { need: 'proven-dead' }]])
    expect(whole([bare], bare.id)).toEqual([['without-state', { need: 'discharged' }]])
  })
  it('is not marked once the state stands, or where it is said why it was done without', () => {
    const [proof, read] = [write(dead), write(ohms)]
    expect(whole([proof, read], read.id)).toEqual([])
    const excused = write({ ...ohms, without: 'meter on leads that hang free' } as DraftLine)
    expect(whole([excused], excused.id)).toEqual([])
    const blank = write({ ...ohms, without: '  ' } as DraftLine)
    expect(whole([blank], blank.id)).toEqual([['without-state', { need: 'proven-dead' }]])
  })
  it('is no mark on volts that say themselves that it is live, and one on none that were read dead', () => {
    const [proof, there, gone] = [write(dead), write(volts), write({ ...volts, value: 0 } as DraftLine)]
    expect(whole([proof, there], there.id)).toEqual([])
    expect(whole([proof, gone], gone.id)).toEqual([['without-state', { need: 'live' }]])
  })
  it('is a proof that fails, by its figure, and a capacitor bled before anything was proved', () => {
    const failed = write({ kind: 'state', to: 'proven-dead', proof: [238, 118, 238] })
    const [[code, facts] = []] = whole([failed], failed.id)
    expect([code, facts]).toEqual(['proof-fails', expect.objectContaining({ to: 'proven-dead', value: 118 })])
    const early = write(bled)
    expect(whole([early], early.id)).toEqual([['without-state', { need: 'proven-dead' }]])
    const [proof, later] = [write(dead), write(bled)]
    expect(whole([proof, later], later.id)).toEqual([])
  })
})

describe('what ends a proof of dead', () => {
  const three = kindFor('three-phase')
  const write = device('proofs')
  const stands = (draft: DraftLine) => {
    const lines = [write(dead), write(draft)]
    return foldTab(three, lines).work['proven-dead'] !== undefined
  }
  it.each<[string, string, number, boolean]>([
    ['volts there', 'line.v12', 231, false],
    ['no volts', 'line.v12', 0, true],
    ['amps that flow', 'amps1.run', 7, false],
    ['no amps', 'amps1.run', 0, true],
    ['amps at which a dial stands', 'dial.amps', 12, true],
    ['ohms', 'leads.r12', 1.1, true],
  ])('%s', (_, test, value, isDead) => expect(stands({ kind: 'reading', test, value })).toBe(isDead))
})
