import { formatRange, US } from '#core/units'
import { describe, expect, it } from 'vitest'
import { createRandom, requireOk } from '#core/foundation'
import type { NumericTest } from '#core/systems'
import { createWriter, foldTab, type DraftLine, type Line } from '#core/tab'
import { isolate, judge, previewLines, rankSuspects, type Tables } from '.'
import { prepareKept } from '../../tests/prepared'

const folded = (t: Tables, lines: readonly Line[]) =>
  foldTab(t.model.kind, lines.map(createWriter('test-device')))

const three = requireOk(prepareKept('well-3wire', { 'box.capLow': 130e-6, 'box.capHigh': 156e-6 }))
const two = requireOk(prepareKept('well-2wire', {}))
let n = 0
const add = (draft: DraftLine) => ({ ...draft, id: `line-${++n}-abcd`, at: '2026-06-15T10:00:00Z' }) as Line
const opened = (complaint: string) => add({ kind: 'opened', complaint, words: complaint })
const read = (test: string, value: number | null, more = {}) =>
  add({ kind: 'reading', test, value, ...(value === null ? { ol: true } : {}), ...more })
const saw = (test: string, outcome: string) => add({ kind: 'observation', test, outcome })
const top = (tables: Tables, lines: Line[]) => isolate(tables, folded(tables, lines)).suspects[0]!
const chance = (tables: Tables, lines: Line[], fault: string) =>
  isolate(tables, folded(tables, lines)).suspects.find(s => s.fault === fault)!.chance

const nursery = [
  opened('overload-trips'),
  saw('breaker-seen', 'on'),
  read('line.volts', 238),
  read('load.volts', 238),
  read('black.run', 33.1),
  saw('overload-seen', 'lets-go'),
  add({ kind: 'state', to: 'proven-dead', proof: [238, 0.4, 238] }),
  add({ kind: 'state', to: 'discharged', proof: [0.3] }),
  read('cap.farads', 147e-6),
]

describe('the nursery call', () => {
  it('clears the obvious suspect by its capacitance', () => {
    expect(chance(three, nursery.slice(0, -1), 'box.cap-open')).toBeGreaterThan(0.3)
    expect(chance(three, nursery, 'box.cap-open')).toBeLessThan(0.01)
  })
  it('then proposes the clamp on the red lead, with power on as its first step', () => {
    const { next } = isolate(three, folded(three, nursery))
    expect(next[0]).toMatchObject({ test: 'red.start', need: 'live' })
    expect(next[0]!.first.length).toBeGreaterThan(0)
    expect(next[0]!.outcomes.length).toBeGreaterThanOrEqual(2)
  })
  it.each([
    ['rv', 'no-water', 'sound', 'silent'],
    ['well-2wire', 'no-water', 'breaker-seen', 'on'],
  ] as const)('says readings of a %s that would leave the same as one outcome', (kind, complaint, test, outcome) => {
    const tables = requireOk(prepareKept(kind, {}))
    const { next } = isolate(tables, folded(tables, [opened(complaint), saw(test, outcome)]))
    expect(next.length).toBeGreaterThan(0)
    for (const { title, outcomes } of next)
      for (const [i, after] of outcomes.entries()) {
        const before = outcomes[i - 1]?.leaves ?? []
        const apart = before.map((l, j) => Math.abs(l.chance - (after.leaves[j]?.chance ?? 0)))
        const faults = (leaves: typeof before) => leaves.map(l => l.fault).join()
        if (i > 0 && faults(before) === faults(after.leaves)) expect(Math.max(...apart), title).toBeGreaterThan(0.02)
      }
  })
  it('settles on the relay once its contact reads OL, and asks what made it fail', () => {
    const answer = isolate(three, folded(three, [...nursery, read('red.start', 0), read('relay.ohms', null)]))
    expect(answer.decision).toMatchObject({ fault: 'box.relay-open', repair: 'Replace the start relay' })
    expect(answer.causes[0]).toMatchObject({ fault: 'box.relay-open', open: true })
    expect(answer.causeTests.map(t => t.test)).toContain('precharge')
  })
  it('shows the low precharge as the cause, and closes the account when it is named', () => {
    const lines = [
      ...nursery,
      read('relay.ohms', null),
      read('precharge', 80e3),
      add({ kind: 'finding', role: 'failed', about: 'box.relay-open', text: '' }),
    ]
    const account = isolate(three, folded(three, lines)).causes[0]!
    expect(account.causes.find(c => c.id === 'precharge-low')).toMatchObject({ standing: 'shown' })
    expect(account.open).toBe(true)
    const named = isolate(
      three,
      folded(three, [...lines, add({ kind: 'finding', role: 'cause', about: 'precharge-low', text: '' })]),
    ).causes[0]!
    expect(named.open).toBe(false)
  })
  it('does not let the aired tank clear the cause afterwards', () => {
    const lines = [
      ...nursery,
      read('relay.ohms', null),
      read('precharge', 80e3),
      add({ kind: 'repair', component: 'tank', text: 'aired' }),
      read('precharge', 262e3, { asLeft: true }),
    ]
    expect(
      isolate(three, folded(three, lines)).causes[0]!.causes.find(c => c.id === 'precharge-low')!.standing,
    ).toBe('shown')
  })
  it('reads what was measured after the repair as a sound system, and keeps the relay the culprit', () => {
    const lines = [
      ...nursery,
      read('relay.ohms', null),
      add({ kind: 'part', component: 'box', on: 'start relay' }),
      read('black.run', 7.3, { asLeft: true }),
    ]
    expect(top(three, lines).fault).toBe('box.relay-open')
  })
})

describe('evidence', () => {
  it('keeps the chances adding up to one, whatever is read (seeded)', () => {
    const random = createRandom(99)
    for (let trial = 0; trial < 40; trial++) {
      const tests = three.model.kind.tests
      const lines = [opened('no-water')]
      for (let i = 0; i < 8; i++) {
        const t = tests[random.below(tests.length)]!
        lines.push(
          t.kind === 'seen'
            ? saw(t.id, t.outcomes[random.below(t.outcomes.length)]!.id)
            : read(t.id, random.uniform() < 0.1 ? null : random.uniform() * 250),
        )
      }
      const sum = rankSuspects(three, folded(three, lines)).chances.reduce((s, x) => s + x, 0)
      expect(sum, `seed 99, trial ${trial}`).toBeCloseTo(1, 9)
    }
  })
  it('cannot be ended by one wrong reading: three good ones bring the fault back', () => {
    const bad = [
      opened('groans'),
      read('cap.farads', 146e-6),
      read('red.start', 0),
      read('black.run', 32),
      read('relay.ohms', 0.1),
    ]
    // the capacitor was in truth open: a re-read off the circuit and its look say so
    const again = [...bad, read('cap.farads', 0.5e-6), saw('cap-seen', 'bulged')]
    expect(top(three, again).fault).toBe('box.cap-open')
  })
  it('does not depend on the order in which readings came', () => {
    const lines = [read('line.volts', 239), read('load.volts', 0), read('load.l1g', 119), read('load.l2g', 1)]
    const [forward, back] = [lines, lines.toReversed()].map(
      l => isolate(three, folded(three, [opened('no-water'), ...l])).suspects,
    )
    for (const s of forward!) expect(back!.find(x => x.fault === s.fault)!.chance).toBeCloseTo(s.chance, 9)
  })
  it('says which line moved which suspect', () => {
    const cap = nursery.at(-1)!
    const suspect = isolate(three, folded(three, nursery)).suspects.find(s => s.fault === 'box.cap-open')!
    expect(suspect.moves.find(m => m.line === cap.id)!.after).toBeLessThan(0.05)
    expect(isolate(three, folded(three, nursery)).ruledOutBy[cap.id]).toContain('box.cap-open')
  })
  it('proves what was tested and not what was merely explained away', () => {
    const path = isolate(three, folded(three, nursery)).path
    const standing = (id: string) => path.find(p => p.component === id)!.standing
    expect(standing('switch')).toBe('proven')
    expect(standing('box')).toBe('suspect')
    expect(standing('tank')).toBe('unproven')
    expect(standing('pump')).toBe('unproven')
  })
  it('previews what a line would leave without adding it', () => {
    const state = folded(three, nursery)
    const before = isolate(three, state).suspects[0]!.chance
    const left = previewLines(three, state, [read('relay.ohms', null) as never])
    expect(left[0]).toMatchObject({ fault: 'box.relay-open' })
    expect(left[0]!.chance).toBeGreaterThan(0.9)
    expect(isolate(three, state).suspects[0]!.chance).toBe(before)
  })
})

describe.each([
  [
    'pole 2 not making',
    'switch.pole2-open',
    'no-water',
    [
      read('line.volts', 240),
      read('load.volts', 0.3),
      read('load.l1g', 120),
      read('load.l2g', 119),
      saw('contacts', 'insects'),
      read('pole2.ohms', null),
      read('pole1.ohms', 0.1),
    ],
  ],
  [
    'one leg of the supply lost',
    'supply.leg-lost',
    'no-water',
    [saw('breaker-seen', 'on'), read('breaker.volts', 1), read('breaker.l1g', 0.5), read('breaker.l2g', 120)],
  ],
  [
    'cable to ground',
    'cable.to-earth',
    'breaker-trips',
    [saw('breaker-seen', 'tripped'), read('leads.ground', 0.6), saw('trip-head-open', 'holds')],
  ],
  [
    'blocked port',
    'switch.port-blocked',
    'runs-on',
    [
      saw('sound', 'runs'),
      read('gauge', 540e3),
      saw('runs-past', 'runs-on'),
      saw('contacts', 'clean'),
      saw('water-look', 'sand'),
    ],
  ],
  [
    'start gear in the motor',
    'motor.start-gear',
    'groans',
    [
      saw('sound', 'groans'),
      read('line.volts', 236),
      read('load.volts', 235),
      read('black.run', 31),
      read('pole1.drop', 0.05),
      read('pole2.drop', 0.05),
      read('leads.by', 3),
      read('black.start', 31),
    ],
  ],
] as const)('a two-wire call: %s', (_, fault, complaint, lines) => {
  it('is among the two likeliest, and has risen', () => {
    const answer = isolate(two, folded(two, [opened(complaint), ...lines]))
    expect(answer.suspects.slice(0, 2).map(s => s.fault)).toContain(fault)
    const start = isolate(two, folded(two, [opened(complaint)])).suspects.find(s => s.fault === fault)!.chance
    expect(answer.suspects.find(s => s.fault === fault)!.chance).toBeGreaterThan(start)
  })
})

describe('next tests', () => {
  it('never repeat what was read, skip what cannot be done here, and put the proof first', () => {
    const skipped = add({ kind: 'skip', test: 'red.start', reason: 'jaw does not fit' })
    const { next } = isolate(three, folded(three, [...nursery, skipped]))
    const ids = next.map(t => t.test)
    expect(ids).not.toContain('red.start')
    expect(ids).not.toContain('cap.farads')
    for (const t of isolate(three, folded(three, [opened('groans')])).next)
      if (t.need === 'proven-dead' || t.need === 'discharged' || t.need === 'zero-pressure')
        expect(t.first.length).toBeGreaterThan(0)
  })
  it('do not ask for running readings of a pump that does not turn', () => {
    const ids = isolate(three, folded(three, [opened('groans'), saw('sound', 'groans')])).next.map(t => t.test)
    for (const id of ['cut-in', 'cut-out', 'cycle', 'flow']) expect(ids).not.toContain(id)
  })
  it('have outcome chances within one and a sentence that says why', () => {
    for (const t of isolate(two, folded(two, [opened('no-water')])).next) {
      expect(t.outcomes.reduce((s, o) => s + o.chance, 0)).toBeLessThanOrEqual(1 + 1e-9)
      expect(t.why).toMatch(/^(Tells|Firms|Costs)/)
    }
  })
})

describe('verdicts', () => {
  const verdict = (test: string, value: number | null, before: Line[] = []) => {
    const line = read(test, value)
    return judge(three, folded(three, [opened('groans'), ...before, line]), line as never)
  }
  it.each([
    ['line.volts', 238, 'in-band'],
    ['line.volts', 190, 'low'],
    ['breaker.volts', 262, 'high'],
    ['cap.farads', 147e-6, 'in-band'],
    ['cap.farads', 60e-6, 'low'],
    ['relay.ohms', null, 'open'],
    ['leads.ground', null, 'in-band'],
    ['leads.ground', 5e3, 'low'],
    ['black.run', 33, 'high'],
    ['precharge', 80e3, 'low'],
    ['pole1.drop', 3, 'high'],
    ['cycle', 9, 'low'],
  ] as const)('%s %s is %s', (test, value, word) => expect(verdict(test, value).word).toBe(word))
  it.each([
    ['nF typed for µF', 'cap.farads', 147e-9, 'nano-for-micro', []],
    ['mF for µF', 'cap.farads', 0.147, 'micro-for-nano', []],
    ['kΩ read as Ω', 'leads.by', 3200, 'kilo-ohms', []],
    ['more than the supply', 'line.volts', 415, 'above-supply', []],
    ['clamp round both conductors', 'black.run', 0.1, 'both-conductors', [saw('sound', 'runs')]],
    ['dead meter', 'breaker.volts', 0, 'dead-meter', [read('load.volts', 239)]],
    ['OL on a capacitor', 'cap.farads', null, 'open-for-zero', []],
  ] as const)('catches a slip: %s', (_, test, value, code, before) =>
    expect(verdict(test, value, [...before]).slip?.code).toBe(code),
  )
  it('does not cry slip over a good reading', () => {
    for (const [t, v] of [
      ['line.volts', 239],
      ['cap.farads', 140e-6],
      ['leads.by', 3.5],
      ['black.run', 7.4],
    ] as const)
      expect(verdict(t, v).slip).toBeUndefined()
  })
  it('names the source of the band', () => {
    expect(verdict('leads.ground', 5e6).band).toMatchObject({ source: 'insulation', standing: 'practice' })
    const test = three.model.kind.tests.find(t => t.id === 'line.volts') as NumericTest
    expect(formatRange('volts', three.model.band(test)!, US)).toBe('207–253 V')
  })
})
