import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { unbalance } from '#core/standards'
import { GALLON } from '#core/units'
import { buildModel, type NumericTest, type SystemModel } from '.'

const pump = requireOk(buildModel('three-phase', { 'motor.amps': 15.2 }))
const fed = requireOk(buildModel('three-phase', { 'starter.control': 1, 'starter.float': 1 }))
const find = (m: SystemModel, id: string) => m.hypotheses.findIndex(h => h.id === id || h.fault === id)
const effect = (m: SystemModel, id: string) => m.hypotheses[find(m, id)]!.effect
const reads = (m: SystemModel, id: string, test: string) => {
  const p = m.predict(find(m, id), m.kind.tests.find(t => t.id === test) as NumericTest)
  return p.ol > 0.5 ? Infinity : p.log ? Math.exp(p.mean) : p.mean
}
const three = (m: SystemModel, id: string): [number, number, number] => [
  reads(m, id, 'amps1.run'),
  reads(m, id, 'amps2.run'),
  reads(m, id, 'amps3.run'),
]

describe('the pilot circuit', () => {
  it('pulls in on a sound supply, through the transformer as on line volts', () => {
    expect([effect(pump, 'sound'), effect(fed, 'sound')]).toEqual(['runs', 'runs'])
    expect(reads(fed, 'sound', 'coil.volts')).toBeGreaterThan(0.85 * 24)
    expect(reads(fed, 'sound', 'coil.volts')).toBeLessThan(24 * 1.05)
  })
  it.each([
    'starter.control-fuse',
    'starter.coil-open',
    'switch.stuck-open',
    'starter.overload-tripped',
    'float.stuck-open',
    'transformer.dead:1',
    'transformer.dead:2',
    'starter.control-wire:1',
  ])('stays out with %s', (fault) => {
    expect(effect(fed, fault)).toBe('silent')
  })
  it('chatters on a contact that robs the coil of a part of its volts', () => {
    for (const fault of ['switch.contact-dirty:2', 'starter.coil-wrong:1'])
      expect(effect(pump, fault), fault).toBe('chatters')
  })
  it('shows where the control volts stop', () => {
    expect(reads(fed, 'starter.control-fuse', 'control.volts')).toBeGreaterThan(22)
    expect(reads(fed, 'starter.control-fuse', 'aux.volts')).toBeLessThan(2)
    expect(reads(fed, 'switch.stuck-open', 'aux.volts')).toBeGreaterThan(22)
    expect(reads(fed, 'switch.stuck-open', 'pilot.volts')).toBeLessThan(2)
    expect(reads(fed, 'transformer.dead:1', 'control.volts')).toBeLessThan(2)
    // an open coil still shows full volts across it
    expect(reads(fed, 'starter.coil-open', 'coil.volts')).toBeGreaterThan(22)
    expect(reads(fed, 'starter.coil-open', 'coil.ohms')).toBe(Infinity)
  })
  it('shows an overload that let go ahead of the switch, or behind the coil where it stands there', () => {
    expect(reads(fed, 'starter.overload-tripped:1', 'aux.volts')).toBeLessThan(2)
    expect(reads(fed, 'starter.overload-tripped:2', 'aux.volts')).toBeGreaterThan(22)
    expect(reads(fed, 'starter.overload-tripped:2', 'pilot.volts')).toBeGreaterThan(22)
    for (const place of [1, 2]) {
      expect(reads(fed, `starter.overload-tripped:${place}`, 'coil.volts')).toBeLessThan(2)
      expect(effect(fed, `starter.overload-tripped:${place}`)).toBe('silent')
    }
  })
  it('welded contacts run on with the coil out', () => {
    expect(effect(pump, 'starter.welded')).toBe('runs-on')
    expect(reads(pump, 'starter.welded', 'load.idle')).toBeGreaterThan(200)
  })
})

describe('three currents', () => {
  it('are alike on a sound machine and odd with one bad joint', () => {
    expect(unbalance(three(pump, 'sound')).share).toBeLessThan(0.01)
    expect(unbalance(three(pump, 'feed.high-resistance:1')).share).toBeGreaterThan(0.05)
    expect(unbalance(three(pump, 'supply.unbalanced:4')).share).toBeGreaterThan(
      unbalance(three(pump, 'supply.unbalanced:1')).share,
    )
  })
  it('single-phasing: two carry locked amps, the third nothing, and it does not start', () => {
    const [a, b, c] = three(pump, 'starter.contact-open:3')
    expect(effect(pump, 'starter.contact-open:3')).toBe('groans')
    expect(c).toBeLessThan(0.1)
    expect(a / b).toBeCloseTo(1, 2)
    expect(a).toBeGreaterThan(4 * 15.2)
  })
  it('of a leg lost ahead of the control supply nothing is heard; of the third leg it groans', () => {
    expect(['supply.leg-lost:1', 'supply.leg-lost:2', 'supply.leg-lost:3'].map(f => effect(pump, f))).toEqual([
      'silent',
      'silent',
      'groans',
    ])
  })
  it('an open lead reads OL on the two pairs that use it', () => {
    expect(['leads.r12', 'leads.r23', 'leads.r31'].map(t => reads(pump, 'cable.open:2', t) === Infinity)).toEqual(
      [true, true, false],
    )
  })
})

describe('12 volts', () => {
  const rig = requireOk(buildModel('rv', {}))
  it('lose at the return what the pump then lacks', () => {
    expect(reads(rig, 'return.bad:1', 'return.drop') + reads(rig, 'return.bad:1', 'motor.volts')).toBeGreaterThan(
      11,
    )
    expect(reads(rig, 'return.bad:1', 'motor.volts')).toBeLessThan(0.8 * reads(rig, 'sound', 'motor.volts'))
    expect(effect(rig, 'return.bad:1')).toBe('runs-weak')
  })
  it('lose on one side or the other, slight or gross', () => {
    for (const [side, one, other] of [['feed', 'feed.drop', 'return.drop'], ['return', 'return.drop', 'feed.drop']]) {
      const fault = side === 'feed' ? 'feed.high-resistance' : 'return.bad'
      const slight = fault === 'return.bad' ? `${fault}:4` : `${fault}:3`
      // 0.2 Ω at some 6 A: Ohm
      expect(reads(rig, slight, one!) - reads(rig, 'sound', one!)).toBeGreaterThan(0.8)
      expect(reads(rig, slight, one!)).toBeLessThan(2)
      expect(reads(rig, `${fault}:1`, one!)).toBeGreaterThan(2 * reads(rig, slight, one!))
      expect(reads(rig, slight, other!)).toBeCloseTo(reads(rig, 'sound', other!), 1)
    }
  })
  it('a spent battery shows only under load what a dead post shows too', () => {
    expect(reads(rig, 'battery.post:1', 'battery.rest')).toBeGreaterThan(12.3)
    expect(reads(rig, 'battery.post:1', 'battery.run')).toBeLessThan(10.5)
  })
})

describe('a holding tank', () => {
  const hut = requireOk(buildModel('holding-tank', {}))
  it('empties, and the second pump is cut off, when the pump that fills it is never called', () => {
    expect(effect(hut, 'well-switch.stuck-up')).toBe('cuts-off')
    expect(reads(hut, 'well-switch.stuck-up', 'well-load.volts')).toBeLessThan(2)
    expect(reads(hut, 'well-switch.stuck-up', 'load.volts')).toBeGreaterThan(220)
  })
  it('is filled by what the pump in the well gives, or the well, where that is less', () => {
    const [whole, worn, poor]
      = ['sound', 'well-pump.worn:2', 'well-pump.dry-well:2'].map(h => reads(hut, h, 'tank-fill'))
    expect(whole! * 60 / GALLON).toBeGreaterThan(6)
    expect(worn).toBeLessThan(0.5 * whole!)
    expect(poor).toBeLessThan(0.5 * whole!)
    expect(reads(hut, 'well-switch.stuck-up', 'tank-fill')).toBe(0)
    // what the booster is fed by says nothing of how it runs
    expect(reads(hut, 'pump.worn:2', 'tank-fill')).toBe(whole)
  })
})
