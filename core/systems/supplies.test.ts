import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { parseNameplate } from '#core/formats'
import { buildModel, type KindId, type NumericTest } from '.'

type Written = Readonly<Record<string, string | number>>
const build = (kind: KindId, written: Written) => requireOk(buildModel(kind, requireOk(parseNameplate(kind, written))))

function sound(kind: KindId, written: Written) {
  const model = build(kind, written)
  const reads = (id: string) => {
    const test = model.kind.tests.find((t): t is NumericTest => t.kind !== 'seen' && t.id === id)
    if (!test) throw new Error(`${kind} has no ${id}`)
    return model.predict(0, test).mean
  }
  return { model, reads, effect: model.hypotheses[0]!.effect }
}

const FIFTY = { 'supply.hertz': '50', 'supply.volts': 230, 'motor.startGear': 'permanent split', 'motor.rpm': 2850 }

// ANSI C84.1 and IEC 60038 nominal volts, ±5 % at the service, each leg to ground as the wiring has it (from memory)
describe('a single-phase supply', () => {
  it.each<[string, KindId, Written, number, number, number]>([
    ['115/120 V', 'booster', { 'motor.volts': 115, 'motor.power': '1/2 hp' }, 120, 120, 0],
    ['208 V, two legs of three', 'jet', { 'supply.volts': 208, 'motor.volts': 208 }, 208, 120, 120],
    ['230/240 V', 'well-3wire', {}, 240, 120, 120],
    ['230 V line to neutral at 50 Hz', 'well-3wire', { 'supply.hertz': '50', 'supply.volts': 230 }, 230, 230, 0],
    ['230 V at 50 Hz, a booster on its run capacitor', 'booster', FIFTY, 230, 230, 0],
    ['240 V line to neutral at 50 Hz', 'well-2wire', { 'supply.hertz': '50', 'supply.volts': 240 }, 240, 240, 0],
  ])('of %s reads so at the breaker, and a sound system runs on it', (_, kind, written, volts, leg1, leg2) => {
    const { reads, effect, model } = sound(kind, written)
    expect(effect).toBe('runs')
    expect(model.supplyVolts).toBe(volts)
    expect(Math.abs(reads('supply.volts') / volts - 1)).toBeLessThan(0.02)
    expect(Math.abs(reads('supply.l1g') - leg1)).toBeLessThan(0.02 * volts)
    expect(Math.abs(reads('supply.l2g') - leg2)).toBeLessThan(0.02 * volts)
    expect(Math.abs(reads('load.volts') / volts - 1)).toBeLessThan(0.05)
    expect(reads('load.idle')).toBeLessThan(2)
  })
})

describe('a three-phase supply', () => {
  it.each([208, 230, 380, 400, 415, 460, 480, 575])('for a motor of %d V reads so, all three alike', (volts) => {
    const hertz = volts >= 380 && volts <= 415 ? '50' : '60'
    const supply = { 460: 480, 230: 240, 575: 600 }[volts] ?? volts
    const written = { 'motor.volts': volts, 'supply.volts': supply, 'supply.hertz': hertz, 'motor.power': '5 hp' }
    const { reads, effect, model } = sound('three-phase', written)
    expect(effect).toBe('runs')
    for (const pair of ['v12', 'v23', 'v31'])
      expect(Math.abs(reads(`supply.${pair}`) / supply - 1)).toBeLessThan(0.02)
    expect(Math.abs((reads('supply.l1g') * Math.sqrt(3)) / supply - 1)).toBeLessThan(0.02)
    // full load and locked amps go by volts: 430.250 and 430.251(B), from memory
    expect((reads('amps1.run') * volts) / 230 / 15.2).toBeGreaterThan(0.8)
    expect((reads('amps1.run') * volts) / 230 / 15.2).toBeLessThan(1.05)
    expect(model.assumptions.filter(a => a.field === 'supply.volts')).toEqual([])
  })
})

describe('a plate that cannot be', () => {
  it.each<[string, KindId, Written, string, RegExp]>([
    ['amps', 'well-3wire', { 'motor.power': '1 hp', 'motor.amps': 3 }, 'motor.amps', /cannot make 1 hp.*instead/],
    ['locked amps', 'jet', { 'motor.amps': 8, 'motor.lockedAmps': 10 }, 'motor.amps', /hardly above.*instead/],
    ['ohms', 'well-2wire', { 'motor.power': '2 hp', 'motor.mainOhms': 14 }, 'motor.amps', /main winding.*instead/],
    [
      'ohms on the wrong winding',
      'well-3wire',
      { 'motor.mainOhms': 3.3, 'motor.startOhms': 2.1 },
      'motor.startOhms',
      /below the main winding.*check which is which/,
    ],
    ['rpm', 'jet', { 'motor.rpm': 3600 }, 'motor.rpm', /no loaded speed at 60 Hz.*instead/],
    ['rpm at its hertz', 'well-3wire', { 'motor.rpm': 3450, 'supply.hertz': '50' }, 'motor.rpm', /at 50 Hz/],
    [
      'a supply it is not made for',
      'well-3wire',
      { 'motor.volts': 230, 'supply.volts': 120 },
      'supply.volts',
      /not made for this supply/,
    ],
    [
      'a rated head over the head at shut-off',
      'well-2wire',
      { 'pump.flow': '10 gpm', 'pump.head': '300 ft', 'pump.level': '50 ft', 'pump.shutOff': '70 psi' },
      'pump.head',
      /would give more.*used as it stands/,
    ],
    [
      'a head that reaches no pressure',
      'well-2wire',
      { 'pump.flow': '10 gpm', 'pump.head': '100 ft', 'pump.level': '120 ft' },
      'pump.head',
      /cannot lift from 120 ft.*used as it stands/,
    ],
  ])('says which figure, why, and what stands in: %s', (_, kind, written, field, says) => {
    const told = build(kind, written).assumptions.filter(a => a.field === field)
    expect(told.map(a => a.text).join(' ')).toMatch(says)
  })
  it.each([
    ['a wire that is in no table', { 'breaker.feedGauge': '40 AWG' }, 'figure-out-of-range'],
    ['a wire in a unit of something else', { 'cable.gauge': '12 ft' }, 'wrong-unit'],
  ])('is refused by name: %s', (_, written, code) => {
    const plate = parseNameplate('well-2wire', written)
    const made = plate.ok ? buildModel('well-2wire', plate.value) : plate
    expect(made.ok ? 'taken' : made.problem.code).toBe(code)
  })
})

describe('a dual-voltage motor', () => {
  const plate = (volts: number, amps: number) =>
    sound('jet', { 'motor.volts': volts, 'motor.amps': amps, 'motor.lockedAmps': 6 * amps, 'motor.dualVoltage': 'yes' })
  const [low, high] = [plate(115, 13.8), plate(230, 6.9)]
  it('is one machine: half the amps on the high tap, the same capacitor, four times the ohms', () => {
    expect(low.reads('black.run') / high.reads('black.run')).toBeGreaterThan(1.9)
    expect(low.reads('black.run') / high.reads('black.run')).toBeLessThan(2.1)
    expect(high.reads('cap.farads')).toBeCloseTo(low.reads('cap.farads'), 9)
    expect(high.reads('leads.by') / low.reads('leads.by')).toBeCloseTo(4, 1)
  })
  it('on the wrong links draws a quarter locked, or several times its amps', () => {
    const wrong = (s: typeof low) => {
      const test = s.model.kind.tests.find((t): t is NumericTest => t.kind !== 'seen' && t.id === 'black.start')!
      const h = s.model.hypotheses.findIndex(x => x.fault === 'motor.wrong-tap')
      const { mean, log } = s.model.predict(h, test)
      return (log ? Math.exp(mean) : mean) / s.reads('black.start')
    }
    expect(wrong(low)).toBeGreaterThan(0.2)
    expect(wrong(low)).toBeLessThan(0.35)
    expect(wrong(high)).toBeGreaterThan(2.4)
  })
})

describe('a run capacitor', () => {
  // a two-phase motor on one: opened, its main winding has all of the load; common practice, no source
  it.each<[KindId, Written]>([
    ['booster', { 'motor.power': '1 hp', 'motor.volts': 230 }],
    ['booster', { 'motor.power': '1/2 hp', 'motor.volts': 115 }],
    ['compressor-direct', { 'motor.power': '3 hp', 'motor.volts': 230 }],
  ])('lets a %s of %o draw no more than without one, and more once it is open', (kind, plate) => {
    const [without, with_] = [sound(kind, plate), sound(kind, { ...plate, 'motor.runCapacitor': 'yes' })]
    expect(with_.reads('black.run') / without.reads('black.run')).toBeLessThan(1.01)
    const { model } = with_
    const test = model.kind.tests.find((t): t is NumericTest => t.kind !== 'seen' && t.id === 'black.run')!
    const open = model.hypotheses.findIndex(h => h.fault === 'motor.runcap-open' && !h.parts)
    expect(model.predict(open, test).mean / with_.reads('black.run')).toBeGreaterThan(1.1)
  })
})

describe('a joint of 2 Ω', () => {
  // handbook §4: through it a ½ hp 230 V motor starts, a 5 hp one does not
  const effectOf = (written: Written, fault: string, severity: string) => {
    const { model } = sound('well-3wire', written)
    return model.hypotheses.find(h => !h.parts && h.fault === fault && h.severity === severity)?.effect
  }
  it('lets a small motor start and holds a large one', () => {
    expect(effectOf({ 'motor.power': '1/2 hp' }, 'switch.pole1-burnt', '2 Ω')).toMatch(/^runs/)
    const large = { 'motor.power': '5 hp', 'box.runCapacitor': 'yes' }
    expect(effectOf(large, 'feed.high-resistance', 'leg 1, 4.6 Ω')).toBe('groans')
  })
})
