/**
 * What is told of a machine is told of how it was found: past its cut-out, between two stops of its overload, with a
 * figure printed on the part. Situations of the trade, worked by hand; common practice, no source.
 */
import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { buildModel, type NumericTest, type SystemModel } from '#core/systems'
import { createWriter, foldTab, type DraftLine } from '#core/tab'
import { PSI } from '#core/units'
import { isolate, prepareWith, type Tables } from '.'
import { prepareKept } from '../../tests/prepared'

const read = (test: string, value: number): DraftLine => ({ kind: 'reading', test, value })
const saw = (test: string, outcome: string): DraftLine => ({ kind: 'observation', test, outcome })

function shareOf(tables: Tables, complaint: string, lines: readonly DraftLine[], ...faults: readonly string[]) {
  const write = createWriter('as-told')
  const all = [{ kind: 'opened', complaint, words: '' } as DraftLine, ...lines]
  const state = foldTab(
    tables.model.kind,
    all.map((d, i) => write({ ...d, id: `line-told-${i}`, at: '2026-06-15T10:00:00Z' })),
  )
  const { suspects } = isolate(tables, state)
  return faults.map(f => suspects.find(s => s.fault === f)?.failed ?? 0)
}
const predicted = (m: SystemModel, id: string, test: string) =>
  m.predict(m.hypotheses.findIndex(h => h.id === id), m.kind.tests.find(t => t.id === test) as NumericTest)

const three = requireOk(prepareKept('three-phase', {}))
const booster = requireOk(prepareKept('booster', {}))
const mains = requireOk(prepareKept('booster', { 'motor.volts': 230 }))
const well3 = requireOk(prepareKept('well-3wire', { 'box.capLow': 59e-6, 'box.capHigh': 71e-6 }))
const air = requireOk(prepareKept('compressor-direct', {}))

describe('a contactor that welded', () => {
  it('stands with its switch open and nothing on its coil', () => {
    const past = [saw('switch-seen', 'open'), read('coil.volts', 0), saw('starter-look', 'welded')]
    const [welded = 0, open = 0] = shareOf(three, 'runs-on', past, 'starter.welded', 'switch.stuck-open')
    expect(welded).toBeGreaterThan(0.9)
    expect(open).toBeLessThan(0.05)
  })
  it('is none where the coil is fed all along', () => {
    const { or } = predicted(three.model, 'switch.welded:full', 'coil.volts')
    expect(or).toBeUndefined()
    expect(predicted(three.model, 'starter.welded:full', 'coil.volts').or?.mean).toBeLessThan(1)
  })
})

describe('no ohms', () => {
  it('are a capacitor that is shorted, and no slip: leads without contact read OL', () => {
    const [shorted = 0] = shareOf(booster, 'breaker-trips', [read('cap.ohms', 0)], 'motor.cap-shorted')
    const [before = 1] = shareOf(booster, 'breaker-trips', [], 'motor.cap-shorted')
    expect(shorted).toBeGreaterThan(10 * before)
  })
  it('to ground are a wire that lies on it, or a motor', () => {
    const [cable = 0, motor = 0, other = 1] = shareOf(well3, 'breaker-trips', [read('leads.ground', 0)],
      'cable.to-earth', 'motor.ground', 'motor.seized')
    expect(cable + motor).toBeGreaterThan(0.7)
    expect(other).toBeLessThan(0.02)
  })
})

describe('a terminal of the box', () => {
  it('that is charred through leaves a dead motor, on whichever lead', () => {
    const lines = [read('box.volts', 239), read('black.run', 0), saw('box-seen', 'terminal')]
    const [terminal = 0, pole = 1] = shareOf(well3, 'no-water', lines, 'box.terminal-burnt', 'switch.pole1-burnt')
    expect(terminal).toBeGreaterThan(0.5)
    expect(pole).toBeLessThan(0.1)
  })
})

describe('24 V at a coil', () => {
  it('are a transformer\'s, whatever the line: the coil that reads open is the fault', () => {
    const lines: DraftLine[] = [
      read('coil.volts', 24), { kind: 'reading', test: 'coil.ohms', value: null, ol: true },
    ]
    const write = createWriter('as-told')
    const all = [{ kind: 'opened', complaint: 'no-water', words: '' } as DraftLine, ...lines]
    const state = foldTab(
      three.model.kind,
      all.map((d, i) => write({ ...d, id: `line-coil-${i}`, at: '2026-06-15T10:00:00Z' })),
    )
    const tables = requireOk(prepareWith({ 'motor.volts': 230 }, state, n => prepareKept('three-phase', n)))
    expect(tables.model.nameplate['starter.coilVolts']).toBe(24)
    expect(isolate(tables, state).suspects[0]?.fault).toBe('starter.coil-open')
  })
})

describe('a leg that is dead behind a breaker', () => {
  it('and alive ahead of it is the breaker\'s pole, and not the supply\'s', () => {
    const lines = [read('breaker.l1g', 121), read('breaker.l2g', 2), read('supply.l1g', 121), read('supply.l2g', 121)]
    const [pole = 0, supply = 1] = shareOf(mains, 'no-water', lines, 'breaker.pole-open', 'supply.leg-lost')
    expect(pole).toBeGreaterThan(20 * supply)
  })
})

describe('a motor whose overload opens hot', () => {
  it('is clamped while it runs', () => {
    const lines = [saw('motor-heat', 'hot'), read('black.run', 6.6), saw('cool-ohms', 'comes-back')]
    const [hot = 0, pole = 0] = shareOf(booster, 'overload-trips', lines, 'motor.overload-hot', 'switch.pole1-burnt')
    expect(hot).toBeGreaterThan(pole)
  })
  it('may be worn out: it goes at the amps of the plate, and comes back', () => {
    const at = shareOf(well3, 'overload-trips', [read('black.run', 7.2), saw('overload-seen', 'lets-go'),
      saw('keeps-running', 'minutes')], 'box.overload-failed', 'motor.seized')
    expect(at[0]).toBeGreaterThan(at[1] ?? 1)
  })
})

describe('a phase that is lost', () => {
  const amps = (id: string) => predicted(three.model, id, 'amps1.run')
  it('lets a motor run on, with less than its full load', () => {
    const { mean, or } = amps('starter.contact-open:3')
    expect(or!.mean).toBeLessThan(mean)
    expect(or!.mean).toBeGreaterThan(amps('sound').mean)
  })
  it('is nothing to a seized one, which never ran', () => {
    expect(amps('motor.seized:full').or?.mean ?? 0).toBe(0)
  })
  it('is seen by two that are high and one that is none, whatever the load', () => {
    const m = buildModel('three-phase', {})
    const full = requireOk(m).predict(0, three.model.kind.tests.find(t => t.id === 'amps1.run') as NumericTest).mean
    const lines = [read('amps1.run', 1.3 * full), read('amps2.run', 1.32 * full), read('amps3.run', 0)]
    const [open = 0, binding = 0] = shareOf(three, 'overload-trips', lines, 'starter.contact-open', 'motor.binding')
    expect(open).toBeGreaterThan(binding)
  })
})

describe('a capacitor that was measured', () => {
  const measured = read('cap.farads', 31e-6)
  const plain = requireOk(prepareKept('well-3wire', {}))
  const faults = ['box.cap-low', 'motor.seized'] as const
  it('is held to its own label before what such motors usually have', () => {
    const label = saw('cap-label', 'under')
    const [low = 0, seized = 1] = shareOf(plain, 'groans', [measured, label], ...faults)
    expect(low).toBeGreaterThan(seized)
    expect(shareOf(plain, 'groans', [measured, label], 'box.cap-open')[0]).toBeLessThan(0.1)
  })
  it('is not the box of a smaller motor where it is only spent, and no longer starts it', () => {
    const plate = { 'box.capLow': 105e-6, 'box.capHigh': 126e-6 }
    const named = requireOk(prepareKept('well-3wire', plate))
    const faultsOfBox = ['box.cap-low', 'box.wrong-box'] as const
    const [low = 0, wrong = 1] = shareOf(named, 'groans', [read('cap.farads', 41e-6)], ...faultsOfBox)
    expect(low).toBeGreaterThan(5 * wrong)
    // a little under its band it starts as ever, or it does not
    expect(shareOf(named, 'groans', [read('cap.farads', 72e-6)], ...faultsOfBox)[0]).toBeGreaterThan(0.7)
  })
  it('that passes nothing is open, and no slip of the meter', () => {
    const fitted = requireOk(prepareKept('booster', { 'motor.runCapacitor': 1 }))
    const [open = 0] = shareOf(fitted, 'overload-trips', [read('runcap.farads', 0)], 'motor.runcap-open')
    const [before = 1] = shareOf(fitted, 'overload-trips', [], 'motor.runcap-open')
    // a third of the meters show OL for an open one, and not nought
    expect(open).toBeGreaterThan(6 * before)
  })
})

describe('volts that a start pulls down', () => {
  const jet = requireOk(prepareKept('jet', { 'motor.volts': 115 }))
  const dip = (volts: number) => shareOf(
    jet, 'groans', [read('line.idle', 120), read('line.start', volts)],
    'supply.low-volts', 'supply.generator', 'feed.high-resistance', 'motor.cap-open',
  )
  it('are no weak supply: some twenty of 120 are usual', () => {
    const [low = 1, generator = 1, feed = 1, cap = 0] = dip(98)
    expect(cap).toBeGreaterThan(2 * (low + generator + feed))
  })
  it('are one where they fall to little more than half', () => {
    const [low = 0, generator = 0, feed = 0, cap = 1] = dip(70)
    expect(low + generator + feed).toBeGreaterThan(0.7)
    expect(cap).toBeLessThan(0.05)
  })
})

describe('where it stands', () => {
  it('is at its cut-in for a compressor that does not start against pressure', () => {
    const lines = [read('gauge', 90 * PSI), saw('breaker-seen', 'tripped'), saw('starts-empty', 'empty')]
    const [unloader = 0] = shareOf(air, 'groans', lines, 'unloader.not-venting')
    expect(unloader).toBeGreaterThan(0.4)
  })
  it('is nobody’s fault that a main which is not written down has more than usual', () => {
    const lines = [read('inlet.pressure', 52 * PSI), saw('strainer-look', 'blocked')]
    const set = requireOk(prepareKept('booster', { 'switch.cutIn': 40 * PSI, 'switch.cutOut': 60 * PSI }))
    const [strainer = 0, other = 1] = shareOf(set, 'low-pressure', lines, 'strainer.blocked', 'other')
    expect(strainer).toBeGreaterThan(4 * other)
  })
  it('is told by who bridges a switch that the machine stood still', () => {
    const rv = requireOk(prepareKept('rv', {}))
    const lines = [read('line.volts', 12.8), saw('bypass', 'runs')]
    const [stuck = 0, empty = 1] = shareOf(rv, 'no-water', lines, 'switch.stuck-open', 'source.empty')
    expect(stuck).toBeGreaterThan(2 * empty)
  })
})

describe('a motor short of volts', () => {
  const jet = requireOk(prepareKept('jet', { 'motor.volts': 115, 'motor.amps': 10 }))
  it('that draws over its plate hangs on a long wire, and on no stiff shaft', () => {
    const read3 = [read('breaker.volts', 121), read('motor.volts', 98), read('black.run', 12.6)]
    const [feed = 0, run = 0, stiff = 1] = shareOf(
      jet, 'overload-trips', read3, 'feed.high-resistance', 'run.high-resistance', 'motor.binding')
    expect(feed + run).toBeGreaterThan(0.7)
    expect(stiff).toBeLessThan(0.15)
  })
  it('is stiff where it has its volts', () => {
    const read3 = [read('breaker.volts', 121), read('motor.volts', 118), read('black.run', 12.6)]
    const [stiff = 0] = shareOf(jet, 'overload-trips', read3, 'motor.binding')
    expect(stiff).toBeGreaterThan(0.5)
  })
})

describe('a foot valve that lets the water back', () => {
  const jet = requireOk(prepareKept('jet', {}))
  it('is under suspicion with the prime that it lost', () => {
    const lines = [saw('prime-look', 'empty'), saw('foot-look', 'falls')]
    const [before = 1] = shareOf(jet, 'no-water', lines.slice(0, 1), 'suction.air-leak')
    const [after = 1] = shareOf(jet, 'no-water', lines, 'suction.air-leak')
    const write = createWriter('foot')
    const all: DraftLine[] = [{ kind: 'opened', complaint: 'no-water', words: '' }, ...lines]
    const state = foldTab(jet.model.kind, all.map((d, i) =>
      write({ ...d, id: `line-foot-${i}`, at: '2026-06-15T10:00:00Z' })))
    const foot = isolate(jet, state).suspects.find(s => s.fault === 'check.leaking')
    expect(foot?.chance).toBeGreaterThan(0.4)
    expect(after).toBeLessThan(2 * before)
  })
})

describe('three pairs read while it only hums', () => {
  const shop = requireOk(prepareKept('compressor-pilot', { 'supply.phases': 0 }))
  it('are one witness of how little the supply gives way, and leave the unloader where it was', () => {
    const found = [saw('unloader-stop', 'nothing'), saw('crack-line', 'starts')]
    const pairs = [read('line.v12', 240), read('line.v23', 239), read('line.v31', 241)]
    const [before = 0] = shareOf(shop, 'overload-trips', found, 'unloader.not-venting')
    const [after = 0] = shareOf(shop, 'overload-trips', [...found, ...pairs], 'unloader.not-venting')
    expect(before).toBeGreaterThan(0.7)
    expect(after).toBeGreaterThan(0.6)
  })
})

describe('amps in one breath with a trial that made it run', () => {
  const lines = (typed: string): DraftLine[] => [
    read('cap.farads', 12e-6), { kind: 'observation', test: 'cap-swap', outcome: 'runs', typed: 'good cap, 11 amps' },
    { kind: 'reading', test: 'black.run', value: 11, typed },
  ]
  const table = requireOk(prepareKept('compressor-direct', { 'motor.power': 1491, 'motor.volts': 230 }))
  it('are those of the trial', () => {
    const [low = 0] = shareOf(table, 'groans', lines('good cap, 11 amps'), 'motor.cap-low')
    const [apart = 0] = shareOf(table, 'groans', lines('11 amps'), 'motor.cap-low')
    expect(low).toBeGreaterThan(0.8)
    expect(apart).toBeLessThan(low)
  })
  it('are of no load where the belt is off', () => {
    const spun = (typed: string): DraftLine[] => [
      { kind: 'observation', test: 'belt-off', outcome: 'runs', typed: 'belt off, runs, 4 amps' },
      { kind: 'reading', test: 'black.run', value: 4, typed }, saw('pump-turn', 'locked'),
    ]
    const [head = 0] = shareOf(table, 'groans', spun('belt off, runs, 4 amps'), 'head.seized')
    const [apart = 0] = shareOf(table, 'groans', spun('4 amps'), 'head.seized')
    expect(head).toBeGreaterThan(0.85)
    expect(apart).toBeLessThan(head)
  })
})
