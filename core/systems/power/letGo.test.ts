import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { buildModel, type NumericTest, type SeenTest, type SystemModel } from '..'
import { chancesOfLettingGo, letGo, type Device } from './letGo'

describe('how soon a device lets go', () => {
  // handbook §4, all of it common practice from memory of published bands, no source
  it.each<[Device, number, number, number]>([
    ['breaker', 1.35, 60, 3600],
    ['breaker', 2, 10, 120],
    ['breaker', 3, 4, 30],
    ['breaker', 12, 0.005, 0.05],
    ['dual-element fuse', 5, 10, 60],
    ['overload relay', 6, 5, 10],
    ['motor protector', 4, 2, 30],
  ])('a %s at %d times its rating: between %d and %d s', (device, multiple, fastest, slowest) => {
    const span = letGo(device, multiple)
    expect(span.fastest).toBeGreaterThanOrEqual(fastest)
    expect(span.slowest).toBeLessThanOrEqual(slowest)
  })
  it.each<[Device]>([
    ['breaker'], ['ground-fault breaker'], ['fuse'], ['dual-element fuse'], ['overload relay'], ['motor protector'],
  ])('a %s never lets go of its rated current, and the sooner the more flows', (device) => {
    expect(letGo(device, 1).fastest).toBe(Infinity)
    const spans = [1.2, 1.5, 2, 3, 4.5, 6, 9, 20].map(m => letGo(device, m))
    spans.slice(1).forEach((s, i) => {
      expect(s.fastest).toBeLessThanOrEqual(spans[i]!.fastest)
      expect(s.slowest).toBeLessThanOrEqual(spans[i]!.slowest)
      expect(s.fastest).toBeLessThanOrEqual(s.slowest)
    })
  })
  it('is shared out between at once, seconds, minutes and not at all, all of it', () => {
    const chances = chancesOfLettingGo({ device: 'breaker', rating: 20, amps: 90 }, [])
    expect(chances.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9)
    // 4.5 times: somewhere between its magnetic part and some seconds
    expect(chances[0]! + chances[1]!).toBeGreaterThan(0.9)
    expect(chances[1]).toBeGreaterThan(0.2)
  })
  // ½ hp locked: 32 A on a 20 A breaker; its own protector lets go first (handbook §4)
  it('leaves the breaker in where the motor’s own protector is sooner', () => {
    const locked = { device: 'motor protector', rating: 6, amps: 32 } as const
    const alone = chancesOfLettingGo({ device: 'breaker', rating: 20, amps: 32 }, [])
    const beside = chancesOfLettingGo({ device: 'breaker', rating: 20, amps: 32 }, [locked])
    expect(beside[3]).toBeGreaterThan(0.85)
    expect(alone[3]).toBeLessThan(0.2)
  })
})

describe('a system whose breaker is watched', () => {
  const well = requireOk(buildModel('well-2wire', { 'breaker.amps': 20 }))
  const odds = (m: SystemModel, fault: string) => {
    const test = m.kind.tests.find((t): t is SeenTest => t.id === 'let-go')!
    return m.expect(m.hypotheses.findIndex(h => h.id === fault), test)
  }
  it('holds when sound, and when the motor stands locked behind its own protector', () => {
    expect(odds(well, 'sound')[3]).toBeGreaterThan(0.9)
    expect(odds(well, 'motor.seized:full')[3]).toBeGreaterThan(0.7)
  })
  it('lets go at once on a short near the panel', () => {
    expect(odds(well, 'feed.to-earth:1')[0]).toBeGreaterThan(0.85)
  })
  // handbook §4: 500 ft of 14 AWG, some 90 A on a 20 A breaker
  it('takes its time over a short far down a thin cable', () => {
    const far = requireOk(
      buildModel('well-2wire', {
        'breaker.amps': 20,
        'breaker.feedLength': 152,
        'breaker.feedGauge': 14,
        'cable.length': 60,
        'cable.gauge': 14,
      }),
    )
    const [atOnce, seconds] = odds(far, 'cable.leg-to-leg:full')
    expect(seconds).toBeGreaterThan(0.3)
    expect(atOnce).toBeLessThan(0.65)
  })
  // handbook §4: a leg to earth with no ground wire may never trip
  it('never lets go of a winding on a frame that has no ground wire, though a meter finds it', () => {
    const loose = requireOk(buildModel('well-2wire', { 'breaker.amps': 20, 'supply.ground': 1 }))
    const at = (m: SystemModel) => m.hypotheses.findIndex(h => h.id === 'motor.ground:1')
    expect(well.hypotheses[at(well)]!.effect).toBe('trips-breaker')
    expect(loose.hypotheses[at(loose)]!.effect).toBe('runs')
    expect(odds(loose, 'motor.ground:1')[3]).toBeGreaterThan(0.9)
    const insulation = loose.kind.tests.find((t): t is NumericTest => t.kind !== 'seen' && t.id === 'leads.ground')!
    const { mean, log } = loose.predict(at(loose), insulation)
    expect(log ? Math.exp(mean) : mean).toBeLessThan(200)
  })
  it('of the ground-fault sort lets go of a leak that no other would notice', () => {
    const plain = odds(well, 'motor.ground:2')
    const guarded = odds(requireOk(buildModel('well-2wire', { 'breaker.device': 3 })), 'motor.ground:2')
    expect(plain[3]).toBeGreaterThan(0.9)
    expect(guarded[0]).toBeGreaterThan(0.9)
  })
})
