import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { kindFor } from '#core/systems'
import { createWriter, foldTab, type DraftLine, type Line } from '#core/tab'
import { PSI } from '#core/units'
import { findClearing, isolate, learnRates, lifeOf, rankSuspects, rateChanges, type Tables } from '.'
import { prepareKept } from '../../tests/prepared'

const folded = (t: Tables, lines: readonly Line[]) =>
  foldTab(t.model.kind, lines.map(createWriter('test-device')))

let n = 0
const add = (draft: DraftLine) =>
  ({ ...draft, id: `line-${++n}-more`, at: `2026-06-15T10:${String(n % 60).padStart(2, '0')}:00Z` }) as Line
const opened = (complaint: string) => add({ kind: 'opened', complaint, words: '' })
const read = (test: string, value: number | null) =>
  add({ kind: 'reading', test, value, ...(value === null ? { ol: true } : {}) })
const saw = (test: string, outcome: string) => add({ kind: 'observation', test, outcome })
const well = requireOk(
  prepareKept('well-3wire', { 'box.capLow': 130e-6, 'box.capHigh': 156e-6, 'motor.amps': 7.8 }),
)
const three = requireOk(prepareKept('three-phase', { 'motor.amps': 15.2, 'motor.power': 3728 }))

describe('more than one fault', () => {
  it('takes up a pair of independent faults when no single one explains the lines', () => {
    // a burnt pole by its drop, and a waterlogged tank by its own signs: neither explains the other
    const lines = [
      opened('rapid-cycles'),
      read('pole1.drop', 9.2),
      read('cycle', 6),
      saw('air-valve', 'water'),
      saw('knock', 'dull'),
    ]
    const { suspects } = isolate(well, folded(well, lines))
    for (const fault of ['switch.pole1-burnt', 'tank.waterlogged'])
      expect(suspects.find(s => s.fault === fault)!.chance, fault).toBeGreaterThan(0.8)
    expect(suspects.find(s => s.fault === 'switch.pole1-burnt')!.beside).toMatchObject({
      fault: 'tank.waterlogged',
      role: 'cause',
    })
  })
  it('keeps what failed and what made it fail apart: the cause is pursued once the casualty is known', () => {
    const lines = [opened('groans'), read('red.start', 0), read('relay.ohms', null)]
    const answer = isolate(well, folded(well, lines))
    expect(answer.decision).toMatchObject({ repair: 'Replace the start relay' })
    expect(answer.causes[0]).toMatchObject({ open: true })
    expect(answer.causeTests.length).toBeGreaterThan(1)
    const after = isolate(well, folded(well, [...lines, read('precharge', 9 * PSI)]))
    expect(after.causes[0]!.causes.find(c => c.id === 'precharge-low')).toMatchObject({ standing: 'shown' })
    expect(after.suspects.find(s => s.fault === 'tank.precharge-low')!.failed).toBeLessThan(0.1)
  })
  it('looks for what is left beside what was put right, whatever else the lines since could mean', () => {
    const direct = requireOk(prepareKept('compressor-direct', { 'motor.power': 1492, 'motor.volts': 230 }))
    // a breaker's pole, renewed; it runs since, and never stops: a welded switch, or one whose port is blocked
    const lines = [
      opened('no-air'),
      saw('sound', 'silent'),
      read('load.l1g', 118),
      read('load.l2g', 119),
      read('load.volts', 0),
      read('line.start', 0.3),
      read('line.idle', 0.1),
      read('breaker.idle', 0),
      read('supply.volts', 238),
      read('breaker.volts', 0.2),
      add({ kind: 'repair', component: 'breaker', fault: 'breaker.pole-open', text: 'breaker' }),
      read('load.volts', 235),
      read('pole1.drop', 0.2),
      read('pole2.drop', 0.1),
      read('fill', 1800),
      saw('sound', 'runs'),
      read('cut-in', null),
      read('cut-out', null),
      read('leak-down', 0),
      saw('works', 'no'),
    ]
    const { suspects } = isolate(direct, folded(direct, lines))
    for (const fault of ['switch.welded', 'switch.port-blocked'])
      expect(suspects.find(s => s.fault === fault)!.chance, fault).toBeGreaterThan(0.02)
  })
  it('answers alike whatever was asked before: pairs taken up for one tab do not leak into another', () => {
    const lines = [opened('no-water'), read('line.volts', 239), read('load.volts', 239)]
    const before = rankSuspects(well, folded(well, lines)).suspects.map(s => s.chance)
    isolate(
      well,
      folded(well, [
        opened('rapid-cycles'),
        read('pole2.drop', 7),
        read('cycle', 5),
        saw('air-valve', 'water'),
        read('line.volts', 188),
      ]),
    )
    const after = rankSuspects(well, folded(well, lines)).suspects.map(s => s.chance)
    after.forEach((c, i) => expect(c).toBeCloseTo(before[i]!, 12))
  })
})

describe('deciding', () => {
  it('pulls the pump only with what stands above ground excluded, and says by which lines', () => {
    const base = [
      opened('groans'),
      read('load.volts', 236),
      read('box.volts', 235),
      read('black.run', 33),
      read('red.start', 11.5),
    ]
    const answer = isolate(
      well,
      folded(well, [
        ...base,
        read('cap.farads', 142e-6),
        read('relay.ohms', 0.1),
        read('leads.by', 3.6),
        read('leads.ry', 12.3),
        read('leads.ground', 30e6),
      ]),
    )
    expect(answer.decision).toMatchObject({ repair: 'Pull the pump' })
    const excluded = answer.decision!.excludes!
    expect(excluded.map(e => e.label)).toContain('Control box')
    for (const e of excluded) expect(e.lines.length).toBeGreaterThan(0)
    expect(isolate(well, folded(well, [opened('groans'), read('black.run', 33)])).decision).toBeUndefined()
  })
  it('covers faults that one repair puts right as one decision', () => {
    const lines = [
      opened('no-water'),
      saw('sound', 'silent'),
      read('line.volts', 239),
      read('load.l1g', 0.3),
      read('load.l2g', 120),
      read('load.volts', 0.5),
      saw('switch-seen', 'closed'),
      read('pole1.ohms', null),
    ]
    const { decision } = isolate(well, folded(well, lines))
    expect(decision).toMatchObject({ repair: 'Replace the pressure switch' })
  })
})

describe('time', () => {
  it('does not propose a test that is waiting, and says when it is due', () => {
    const tables = requireOk(prepareKept('jet', {}))
    const lines = [
      opened('no-water'),
      saw('sound', 'silent'),
      read('load.volts', 238),
      read('motor.volts', 238),
      read('black.run', 0),
      saw('shaft', 'free'),
      read('cap.farads', 120e-6),
    ]
    const before = isolate(tables, folded(tables, lines))
    expect(before.next.map(t => t.test)).toContain('cool-ohms')
    expect(before.next.find(t => t.test === 'cool-ohms')!.wait).toMatchObject({ minutes: 30 })
    const started = add({ kind: 'wait', test: 'cool-ohms', minutes: 30 })
    const during = isolate(tables, folded(tables, [...lines, started]))
    expect(during.waiting).toMatchObject([
      { test: 'cool-ohms', due: new Date(Date.parse(started.at) + 30 * 60e3).toISOString() },
    ])
    expect(during.next.map(t => t.test)).not.toContain('cool-ohms')
    expect(
      isolate(tables, folded(tables, [...lines, started, saw('cool-ohms', 'comes-back')])).waiting,
    ).toHaveLength(0)
  })
})

describe('suspicion of a reading', () => {
  const wrong = read('leads.by', 3600)
  const lines = [opened('check-up'), saw('sound', 'runs'), read('black.run', 7.6), read('load.volts', 238), wrong]
  it('flags the line that nothing explains, names the slip, and asks for it again first', () => {
    const answer = isolate(well, folded(well, lines))
    expect(answer.puzzles).toMatchObject([{ test: 'leads.by', slip: 'wrong-range', reread: true }])
    expect(answer.next[0]).toMatchObject({ test: 'leads.by', again: true })
  })
  it('believes what was read twice alike more than what was read once', () => {
    const fault = 'switch.pole1-burnt'
    const once = [opened('check-up'), saw('sound', 'runs'), read('pole1.drop', 9)]
    const chance = (l: Line[]) => isolate(well, folded(well, l)).suspects.find(s => s.fault === fault)!.chance
    expect(chance([...once, read('pole1.drop', 9.1)])).toBeGreaterThan(chance(once))
  })
})

describe('learning', () => {
  const kind = kindFor('well-3wire')
  const base = Object.fromEntries(kind.faults.map(f => [f.id, f.baseRate]))
  it('is the catalogue without tabs of one\'s own, and shifts smoothly with them', () => {
    for (const [fault, rate] of Object.entries(learnRates(kind, {})))
      expect(rate, fault).toBeCloseTo(base[fault]!, 12)
    const some = learnRates(kind, { 'box.relay-open': 6 })
    const many = learnRates(kind, { 'box.relay-open': 60 })
    expect(some['box.relay-open']).toBeGreaterThan(base['box.relay-open']!)
    expect(many['box.relay-open']).toBeGreaterThan(some['box.relay-open']!)
    expect(some['box.cap-open']).toBeLessThan(base['box.cap-open']!)
    const sum = (r: Record<string, number>) => Object.values(r).reduce((a, b) => a + b, 0)
    expect(sum(some)).toBeCloseTo(sum(base), 9)
    expect(rateChanges(kind, { 'box.relay-open': 6 })).toMatchObject([{ fault: 'box.relay-open', seen: 6 }])
  })
  it('knows age, duty and water', () => {
    const worn = learnRates(kind, {}, lifeOf({ 'site.water': 1, 'site.duty': 1 }, '2008-06-01', '2026-06-01'))
    expect(worn['pump.worn']! / base['pump.worn']!).toBeGreaterThan(2)
    expect(worn['box.relay-open']! / base['box.relay-open']!).toBeGreaterThan(1.5)
    expect(lifeOf({}, null, '2026-06-01').years).toBeUndefined()
  })
})

describe('what would clear a suspect', () => {
  it('is the test that best tells it from the rest', () => {
    const state = folded(well, [opened('groans'), read('load.volts', 237), read('black.run', 33)])
    expect(findClearing(well, state, 'box.cap-open')?.test).toMatch(/^cap/)
  })
})

describe('three phases', () => {
  it('finds the contact that does not make from the three pairs', () => {
    const lines = [
      opened('groans'),
      saw('coil-heard', 'pulls'),
      read('line.v12', 229),
      read('line.v23', 241),
      read('line.v31', 233),
      read('load.v12', 225),
      read('load.v23', 112),
      read('load.v31', 113),
      read('pole3.drop', 207),
    ]
    expect(isolate(three, folded(three, lines)).suspects[0]).toMatchObject({ fault: 'starter.contact-open' })
  })
  it('rolls the leads: an odd current that stays with the line is not the motor', () => {
    const odd = [
      opened('overload-trips'),
      read('amps1.run', 12.4),
      read('amps2.run', 16.8),
      read('amps3.run', 13.6),
    ]
    const motor = (l: Line[]) =>
      isolate(three, folded(three, l))
        .suspects.filter(s => s.component === 'motor' || s.component === 'cable')
        .reduce((sum, s) => sum + s.failed, 0)
    expect(motor([...odd, saw('roll', 'line')])).toBeLessThan(0.5 * motor([...odd, saw('roll', 'lead')]))
  })
})
