/** What is shown and not only inferred, on whole calls; common practice, no source. */
import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import type { KindId, Nameplate } from '#core/systems'
import { createWriter, foldTab, type DraftLine } from '#core/tab'
import { PSI } from '#core/units'
import { isolate } from '.'
import { prepareKept } from '../../tests/prepared'

function answerOf(id: KindId, complaint: string, drafts: readonly DraftLine[], plate: Nameplate = {}) {
  const tables = requireOk(prepareKept(id, plate))
  const write = createWriter('direct-test')
  const all = [{ kind: 'opened', complaint, words: '' } as DraftLine, ...drafts]
  const lines = all.map((d, i) => write({ ...d, id: `line-${i}-direct`, at: '2026-06-15T10:00:00Z' }))
  return isolate(tables, foldTab(tables.model.kind, lines))
}
const saw = (test: string, outcome: string): DraftLine =>
  ({ kind: 'observation', test, outcome, without: 'told' })
const read = (test: string, value: number | null): DraftLine =>
  ({ kind: 'reading', test, value, without: 'told', ...(value === null ? { ol: true as const } : {}) })

describe('wires that are open from the switch and whole from the well head down', () => {
  const lines = [
    read('line.volts', 242), read('load.volts', 242), saw('sound', 'silent'), read('black.run', 0),
    read('leads.by', null),
  ]
  it('is found once the splice is apart', () => {
    const { decision } = answerOf('well-2wire', 'no-water', [...lines, saw('open-again', 'whole')])
    expect(decision).toMatchObject({ kind: 'found', fault: 'run.open' })
    expect(decision?.by).toContain('line-6-direct')
  })
  it('is not found while the splice is shut', () =>
    expect(answerOf('well-2wire', 'no-water', lines).decision?.kind).not.toBe('found'))
})

describe('a trial', () => {
  const dead = [read('battery.rest', 12.6), read('motor.volts', 1)]
  it('shows its fault where it did nothing before', () => {
    const { decision } = answerOf('rv', 'no-water', [...dead, saw('second-return', 'runs')])
    expect(decision).toMatchObject({ kind: 'found', fault: 'return.bad', by: ['line-3-direct'] })
  })
  it('shows nothing where it ran before as it runs with it', () => {
    const { decision } = answerOf('rv', 'low-pressure', [saw('sound', 'runs'), saw('second-return', 'runs')])
    expect(decision?.kind).not.toBe('found')
  })
})

describe('air in a tank', () => {
  // handbook §4: two psi under cut-in; any less is low, and water at the pin is a bladder gone
  const low = [read('cycle', 20), read('precharge', 9 * PSI), saw('air-valve', 'air')]
  it('is low by any amount, and the tank is not condemned for it', () => {
    const plate = { 'switch.cutIn': 30 * PSI, 'switch.cutOut': 50 * PSI }
    expect(answerOf('well-2wire', 'rapid-cycles', low, plate).suspects.find(s => s.component)?.fault)
      .toBe('tank.precharge-low')
    const wet = [read('cycle', 6), read('precharge', 1 * PSI), saw('air-valve', 'water')]
    expect(answerOf('well-2wire', 'rapid-cycles', wet, plate).decision?.fault).toBe('tank.waterlogged')
  })
})

describe('a contactor that was pushed in by hand', () => {
  it('clears what stands behind it, and leaves its own circuit', () => {
    const { suspects } = answerOf('compressor-pilot', 'no-air', [saw('sound', 'silent'), saw('push-in', 'runs')])
    const shown = suspects.filter(s => s.component).slice(0, 3).map(s => s.component)
    expect(shown.every(c => c === 'starter' || c === 'switch'), shown.join()).toBe(true)
  })
  it('is never asked for', () => {
    const { next, proof } = answerOf('compressor-pilot', 'no-air', [saw('sound', 'silent')])
    expect([...next, ...proof].map(t => t.test)).not.toContain('push-in')
  })
})

describe('what only points', () => {
  it('condemns no motor by its smell', () =>
    expect(answerOf('jet', 'check-up', [saw('motor-look', 'burnt')]).decision).toBeUndefined())
})

describe('what was seen, and is no longer', () => {
  const wet = saw('leaks-look', 'switch')
  it('is acted on while it is seen', () =>
    expect(answerOf('jet', 'check-up', [wet]).decision?.fault).toBe('switch.diaphragm'))
  it('is not once a second look finds it dry', () =>
    expect(answerOf('jet', 'check-up', [wet, saw('leaks-look', 'dry')]).decision).toBeUndefined())
})

describe('what hangs in the well', () => {
  const above = [
    read('load.l1g', 120), read('load.l2g', 120), read('load.volts', 240), saw('sound', 'runs'),
    saw('tank-tap', 'none'), saw('level-look', 'covered'), saw('falls-how', 'holds'), saw('climbs', 'stalls'),
    saw('rest-well', 'same'), saw('house-valve', 'open'), read('black.run', 5.6),
  ]
  it('is not pulled while something from above may still part it', () =>
    expect(answerOf('well-2wire', 'no-water', above).decision).toBeUndefined())
  it('is pulled as one where nothing does', () => {
    const { decision } = answerOf('well-2wire', 'no-water', [...above, read('flow', 0), saw('asked', 'nothing')])
    expect(decision?.kind).toBe('inseparable')
    expect(decision?.covers.map(c => c.fault)).toEqual(expect.arrayContaining(['pump.coupling', 'check.stuck-shut']))
    expect(decision?.excludes?.length).toBeGreaterThan(2)
  })
})

describe('a neutral that locked amps pull up', () => {
  it('is no riddle: the wires to there are not known', () => {
    const lines = [saw('sound', 'groans'), read('motor.l1g', 112), read('motor.l2g', 20)]
    const { suspects } = answerOf('compressor-direct', 'no-air', lines, { 'motor.volts': 115 })
    expect(suspects.find(s => s.fault === 'other')?.chance ?? 0).toBeLessThan(0.1)
  })
})

describe('volts ahead and none behind', () => {
  it('leave all that stands between them', () => {
    const between = [read('motor.l1g', 120), read('motor.l2g', 120), read('motor.volts', 0)]
    const plate = { 'motor.volts': 230 }
    const { decision, suspects } = answerOf('booster', 'no-water', [...between, read('line.volts', 241)], plate)
    expect(suspects.map(s => s.fault)).toContain('run.open')
    expect(decision?.kind).not.toBe('found')
    const parted = answerOf('booster', 'no-water', [
      saw('switch-seen', 'closed'), read('line.volts', 241), read('load.volts', 0.3),
    ], plate)
    expect(parted.decision).toMatchObject({ kind: 'found', repairId: 'replace-pressure-switch' })
  })
  it('are not lost on a neutral', () => {
    const lines = [saw('sound', 'groans'), read('motor.l1g', 121), read('motor.l2g', 0.2), read('load.volts', 112)]
    const { decision } = answerOf('compressor-direct', 'groans', lines, { 'motor.volts': 115 })
    expect(decision?.kind).not.toBe('found')
  })
})

describe('a ground', () => {
  it('is found in the motor by ohms and by what holds with it off', () => {
    const held = [saw('let-go', 'at-once'), saw('trip-motor-off', 'holds')]
    const { decision } = answerOf('booster', 'breaker-trips', [...held, read('leads.ground', 20e3)])
    expect(decision).toMatchObject({ kind: 'found', fault: 'motor.ground' })
  })
  it('is none where either lead reads OL', () => {
    const trips = [saw('breaker-seen', 'tripped')]
    const chanceOf = (more: readonly DraftLine[]) =>
      answerOf('well-2wire', 'breaker-trips', [...trips, ...more]).suspects
        .filter(s => ['motor.ground', 'cable.to-earth'].includes(s.fault)).reduce((sum, s) => sum + s.chance, 0)
    expect(chanceOf([])).toBeGreaterThan(0.2)
    expect(chanceOf([read('leads.ground', null)])).toBeLessThan(0.03)
  })
})

describe('an overload that is open', () => {
  const open = [read('motor.volts', 118), read('thermal.ohms', null)]
  it('has failed on a motor that is cool', () => {
    const { decision } = answerOf('booster', 'no-water', [...open, saw('motor-heat', 'usual')], { 'motor.volts': 115 })
    expect(decision).toMatchObject({ kind: 'found', fault: 'motor.overload-failed' })
  })
  it('may have let go on a hot one', () => {
    const { decision } = answerOf('booster', 'no-water', [...open, saw('motor-heat', 'hot')], { 'motor.volts': 115 })
    expect(decision?.fault).not.toBe('motor.overload-failed')
  })
})

describe('two looks that say otherwise', () => {
  it('are both weighed', () => {
    const chanceOf = (looks: readonly string[]) =>
      answerOf('compressor-direct', 'starts-alone', looks.map(o => saw('soap', o))).suspects
        .find(s => s.fault === 'tank.leak')?.chance ?? 0
    const [once, taken, back] = [chanceOf(['receiver']), chanceOf(['receiver', 'none']), chanceOf(['none'])]
    expect(taken).toBeLessThan(once)
    expect(taken).toBeGreaterThan(back)
  })
})

describe('a motor on a known feed', () => {
  it('runs without showing a fault of its own', () => {
    const { decision } = answerOf('compressor-direct', 'breaker-trips', [
      saw('let-go', 'at-once'), read('motor.volts', 101), saw('known-feed', 'runs'),
    ], { 'motor.volts': 115 })
    expect(decision?.fault.startsWith('motor.') ?? false).toBe(false)
  })
})

describe('volts that are low behind what they were ahead of', () => {
  const running = [
    read('line.volts', 9.2), read('return.drop', 0.2), read('battery.run', 12.7), read('fuse.volts', 12.6),
  ]
  it('hold the joint between two lines', () => {
    const { decision } = answerOf('rv', 'low-pressure', [...running, read('panel.volts', 12.6)])
    expect(decision).toMatchObject({ kind: 'found', fault: 'feed.high-resistance' })
  })
  it('leave it open while nothing was read ahead of it', () =>
    expect(answerOf('rv', 'low-pressure', running.slice(0, 2)).decision?.kind).not.toBe('found'))
})

describe('a foot valve that lets the suction run empty', () => {
  const dry = [saw('sound', 'runs'), read('gauge', 0), saw('prime-look', 'empty')]
  const causeOf = (...drafts: DraftLine[]) =>
    answerOf('jet', 'no-water', [...dry, ...drafts]).causes.flatMap(a => a.causes).find(c => c.id === 'check.leaking')
  it('is shown as the cause of a lost prime', () => {
    expect(causeOf(saw('foot-look', 'falls'))?.standing).toBe('shown')
    expect(causeOf(saw('foot-look', 'holds'))?.standing).not.toBe('shown')
  })
})

describe('a compressor that starts once its unloader line is cracked', () => {
  it('does not vent', () => {
    const lines = [read('cut-out', 125 * PSI), saw('unloader-stop', 'nothing'), saw('crack-line', 'starts')]
    expect(answerOf('compressor-direct', 'groans', lines).decision)
      .toMatchObject({ kind: 'found', fault: 'unloader.not-venting' })
  })
})

describe('where power comes from', () => {
  it('has low volts of its own, under load as well', () => {
    const low = [read('motor.volts', 98), read('breaker.volts', 99), read('supply.volts', 99)]
    expect(answerOf('jet', 'groans', [...low, saw('lights', 'street')], { 'motor.volts': 115 }).decision)
      .toMatchObject({ kind: 'found', fault: 'supply.low-volts' })
  })
  it('is a battery that gives way at its own posts', () => {
    const weak = [read('battery.rest', 12.5), read('battery.run', 9.1), saw('posts-look', 'clean')]
    expect(answerOf('rv', 'low-pressure', weak).decision).toMatchObject({ kind: 'found', fault: 'battery.low' })
  })
})

describe('a leg that is lost', () => {
  // a 240 V motor feeds it back while it is connected (Kirchhoff); lifted, it reads nothing
  const legs = (point: string, one: number, two: number) => [read(`${point}.l1g`, one), read(`${point}.l2g`, two)]
  it('is told as nought with the motor lifted, and shows the pole that lost it', () => {
    const lines = [...legs('line', 120, 0), ...legs('breaker', 120, 0), ...legs('supply', 121, 121)]
    expect(answerOf('well-2wire', 'no-water', lines).decision)
      .toMatchObject({ kind: 'found', fault: 'breaker.pole-open' })
  })
  it('is lost ahead of the breaker where it is lost there', () => {
    const lines = [...legs('line', 120, 0), ...legs('breaker', 120, 0), ...legs('supply', 121, 0)]
    const [first] = answerOf('well-2wire', 'no-water', lines).suspects
    expect(first?.fault).toBe('supply.leg-lost')
  })
})

describe('how high it gets with everything shut', () => {
  const plate = { 'switch.cutIn': 30 * PSI, 'switch.cutOut': 50 * PSI }
  const stalls = (psi: number) => [saw('climbs', 'stalls'), read('peak', psi * PSI)]
  const chanceOf = (psi: number, fault: string) =>
    answerOf('booster', 'runs-on', stalls(psi), plate).suspects.find(s => s.fault === fault)?.chance ?? 0
  it('speaks for a switch set too high past its cut-out, and for a weak pump short of it', () => {
    expect(chanceOf(58, 'switch.out-of-setting')).toBeGreaterThan(2 * chanceOf(38, 'switch.out-of-setting'))
    expect(chanceOf(38, 'pump.worn')).toBeGreaterThan(2 * chanceOf(58, 'pump.worn'))
  })
  it('is low short of the cut-out, and proves no gauge', () => {
    const { path } = answerOf('booster', 'runs-on', stalls(38), plate)
    expect(path.find(p => p.component === 'gauge')!.standing).not.toBe('proven')
  })
  it('is no matter of a valve behind the tank', () =>
    expect(chanceOf(38, 'house.shut')).toBeLessThan(0.03))
  it('is put right with the switch where it then stops', () => {
    const set: DraftLine = { kind: 'repair', component: 'switch', fault: 'switch.out-of-setting', text: 'nut down' }
    const after = [read('cut-out', 50 * PSI), saw('works', 'yes')]
    expect(answerOf('booster', 'runs-on', [...stalls(58), set, ...after], plate).mended?.fault)
      .toBe('switch.out-of-setting')
  })
})

describe('a motor', () => {
  it('is not condemned by what its renewal brings along', () => {
    const plate = { 'motor.runCapacitor': 1, 'motor.power': 745.7, 'motor.volts': 230, 'motor.amps': 7 }
    const lines = [read('black.run', 9.8), read('line.volts', 240), read('runcap.farads', null)]
    expect(answerOf('booster', 'low-pressure', lines, plate).decision?.fault).not.toBe('motor.binding')
  })
})
