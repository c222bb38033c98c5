/**
 * Faults that are told on calls and stood in no catalogue before: each from what a hand reads and sees, without a word
 * that names it. Situations of the trade, worked by hand; common practice, no source.
 */
import { describe, expect, it } from 'vitest'
import { isNonEmpty, requireOk } from '#core/foundation'
import type { KindId, Nameplate } from '#core/systems'
import { createWriter, foldTab, type DraftLine } from '#core/tab'
import { PSI } from '#core/units'
import { isolate } from '.'
import { prepareKept } from '../../tests/prepared'

const read = (test: string, value: number): DraftLine => ({ kind: 'reading', test, value })
const saw = (test: string, outcome: string): DraftLine => ({ kind: 'observation', test, outcome })

function suspectsOf(kind: KindId, plate: Nameplate, complaint: string, lines: readonly DraftLine[]) {
  const tables = requireOk(prepareKept(kind, plate))
  const write = createWriter('nobody')
  const all = [{ kind: 'opened', complaint, words: '' } as DraftLine, ...lines]
    .map((d, i) => write({ ...d, id: `line-${i}`, at: '2026-06-15T10:00:00Z' }))
  return isolate(tables, foldTab(tables.model.kind, all)).suspects
}

const LEGS = [read('breaker.l1g', 120), read('breaker.l2g', 120), read('breaker.volts', 0)]

describe('what was nobody’s fault', () => {
  it.each<[string, KindId, Nameplate, string, readonly DraftLine[], string]>([
    ['volts too high, at rest and running', 'well-3wire', {}, 'overload-trips',
      [read('breaker.idle', 272), read('breaker.volts', 270), read('line.volts', 270)], 'supply.high-volts'],
    ['all three pairs too high', 'three-phase', { 'motor.volts': 230 }, 'overload-trips',
      [read('supply.v12', 262), read('supply.v23', 263), read('supply.v31', 262)], 'supply.high-volts'],
    ['half the volts and one wire with none, the lights fine', 'well-2wire', {}, 'groans',
      [read('line.l1g', 120), read('line.l2g', 0.2), read('line.volts', 120), read('breaker.l2g', 0.2),
        read('breaker.volts', 120), saw('lights', 'fine')], 'breaker.on-neutral'],
    ['the tank’s air right, the tank empty, and a start every few seconds', 'well-2wire',
      { 'switch.cutIn': 40 * PSI, 'switch.cutOut': 60 * PSI }, 'rapid-cycles',
      [read('precharge', 38 * PSI), saw('knock', 'rings'), saw('air-valve', 'air'), saw('cycles-how', 'rapid'),
        read('cycle', 3)], 'tank.port-blocked'],
    ['strong at the tank, weak behind, the valve open', 'booster', {}, 'low-pressure',
      [saw('tank-tap', 'only'), saw('house-valve', 'open')], 'house.reducer'],
    ['two thirds of the volts behind a drive', 'three-phase', { 'motor.volts': 230 }, 'low-pressure',
      [read('line.v12', 182), read('line.v23', 182), read('line.v31', 181), saw('fed-by', 'drive')], 'supply.drive'],
    ['right amps, right volts, and vents full of nests', 'compressor-direct', {}, 'overload-trips',
      [saw('keeps-running', 'minutes'), saw('vents-look', 'packed')], 'motor.no-cooling'],
    ['a float that hangs and does not stop it', 'three-phase', { 'starter.float': 1 }, 'no-water',
      [saw('float-look', 'held')], 'float.stuck-shut'],
    ['a packed impeller on a motor that turns', 'jet', {}, 'low-pressure',
      [saw('sound', 'runs'), saw('impeller-look', 'jammed')], 'pump.clogged'],
    ['a high vacuum, the pump primed, the well full', 'jet', {}, 'low-pressure',
      [saw('vacuum', 'high'), saw('prime-look', 'full'), saw('rest-well', 'same'), saw('tank-tap', 'both'),
        read('flow', 1e-4)],
      'suction.blocked'],
    ['volts too high on 12 V', 'rv', {}, 'check-up',
      [read('battery.run', 15.7), read('line.volts', 15.5)], 'battery.overcharged'],
  ])('is found: %s', (_, kind, plate, complaint, lines, fault) => {
    const [top] = suspectsOf(kind, plate, complaint, lines)
    expect(top?.fault).toBe(fault)
  })
  it('of two hots on one leg: beside a pole that is dead, and a lost leg where half of the lights are out', () => {
    const shares = (lights: string) => {
      const all = suspectsOf('well-2wire', {}, 'silent', [...LEGS, saw('lights', lights)])
      return ['breaker.wrong-leg', 'supply.leg-lost'].map(f => all.find(s => s.fault === f)?.failed ?? 0)
    }
    const [one = 0, lost = 1] = shares('fine')
    expect(one).toBeGreaterThan(0.05)
    const [here = 1, there = 0] = shares('half')
    expect(there / here).toBeGreaterThan(10 * (lost / one))
  })
  it('of a run capacitor with its plate: a third of what it should have is weak', () => {
    const plate = { 'motor.runCapacitor': 1, 'motor.runMicrofarads': 25e-6 }
    const all = suspectsOf('booster', plate, 'overload-trips', [read('runcap.farads', 9e-6)])
    expect(isNonEmpty(all) && all[0].fault).toBe('motor.runcap-open')
    // without one it may be any, and its own label says so
    const unplated = { 'motor.runCapacitor': 1 }
    const bare = suspectsOf('booster', unplated, 'overload-trips', [read('runcap.farads', 9e-6)])
    const labelled = suspectsOf('booster', unplated, 'overload-trips',
      [read('runcap.farads', 9e-6), saw('runcap-label', 'under')])
    const of = (list: typeof bare) => list.find(s => s.fault === 'motor.runcap-open')?.failed ?? 0
    expect(of(labelled)).toBeGreaterThan(0.3)
    expect(of(bare)).toBeLessThan(0.7 * of(labelled))
  })
  it('of a pump that is locked with air: the main stands as it stood', () => {
    const plate = { 'inlet.pressure': 45 * PSI }
    const all = suspectsOf('booster', plate, 'low-pressure', [read('inlet.pressure', 6 * PSI)])
    const of = (fault: string) => all.find(s => s.fault === fault)?.failed ?? 0
    expect(of('inlet.low')).toBeGreaterThan(10 * of('pump.air-lock'))
  })
})
