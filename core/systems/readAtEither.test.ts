/** Ohms read at either end of a run, an open delta, a dirty pilot contact: held against Ohm's law and Kirchhoff's. */
import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { unbalance } from '#core/standards'
import { buildModel, type NumericTest, type SystemModel } from '.'

const well = requireOk(buildModel('well-2wire', {}))
const hut = requireOk(buildModel('holding-tank', {}))
const three = requireOk(buildModel('three-phase', {}))
const predicted = (m: SystemModel, id: string, test: string) =>
  m.predict(m.hypotheses.findIndex(h => h.id === id), m.kind.tests.find(t => t.id === test) as NumericTest)

describe.each([
  ['at a switch', well, ''],
  ['at a float switch', hut, 'well-'],
] as const)('leads that are read %s or at the well head', (_, model, stage) => {
  const of = (fault: string, test: string) => predicted(model, `${stage}${fault}`, `${stage}${test}`)
  const sound = predicted(model, 'sound', `${stage}leads.by`)
  it('are open as often as the run is in the reading', () => {
    expect(sound.ol).toBeLessThan(0.01)
    expect(of('run.open:1', 'leads.by').ol).toBeGreaterThan(0.3)
    expect(of('run.open:1', 'leads.by').ol).toBeLessThan(0.6)
    expect(of('cable.open:1', 'leads.by').ol).toBeGreaterThan(0.99)
  })
  it('have the joint in series', () => {
    const worst = of('run.high-resistance:5', 'leads.by')
    expect(worst.or!.mean).toBeGreaterThan(sound.mean + 5)
    expect(worst.mean).toBeCloseTo(sound.mean, 6)
  })
  it('have what leaks beside them', () => {
    const { or } = of('run.to-earth:full', 'leads.ground')
    expect(Math.exp(or!.mean)).toBeLessThan(1000)
    expect(of('run.leg-to-leg:full', 'leads.by').or!.mean).toBeLessThan(1)
  })
})

describe('a pair of a supply that is down', () => {
  const volts = (id: string) => ['v12', 'v23', 'v31'].map(v => predicted(three, id, `line.${v}`).mean)
  it('is the one whose two lines are', () => {
    const [a = 0, b = 0, c = 0] = volts('supply.unbalanced:10')
    // without line 1: the pair 2–3 has lost all of it, each other pair half
    expect(b).toBeLessThan(a)
    expect(b).toBeLessThan(c)
    expect(unbalance([a, b, c]).share).toBeGreaterThan(0.02)
    expect(unbalance([a, b, c]).share).toBeLessThan(0.035)
  })
})

describe('a dirty pilot contact', () => {
  it('has across it what the coil lacks, at most', () => {
    const drop = predicted(three, 'switch.contact-dirty:2', 'pilot.drop').mean
    const coil = predicted(three, 'switch.contact-dirty:2', 'coil.volts').mean
    const supply = predicted(three, 'switch.contact-dirty:2', 'control.volts').mean
    // a coil is mostly reactance: the two stand at an angle
    expect(drop + coil).toBeGreaterThan(supply)
    expect(Math.hypot(drop, coil)).toBeLessThan(supply)
    expect(predicted(three, 'sound', 'pilot.drop').mean).toBeLessThan(1)
  })
})
