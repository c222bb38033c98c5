import { describe, expect, it } from 'vitest'
import { solveNetwork } from '#core/circuit'
import { magnitude, requireOk } from '#core/foundation'
import { SOURCES } from '#core/standards'
import { PSI } from '#core/units'
import { compose } from './compose'
import { stretchesOf } from './drawing'
import {
  buildModel,
  KIND_IDS,
  kindFor,
  SCENARIOS,
  type ComponentDef,
  type NumericTest,
  type SystemModel,
} from '.'

const models = Object.fromEntries(KIND_IDS.map(k => [k, requireOk(buildModel(k, {}))])) as Record<
  (typeof KIND_IDS)[number],
  SystemModel
>
const three = models['well-3wire']
const numeric = (m: SystemModel, id: string) => m.kind.tests.find(t => t.id === id) as NumericTest
const reads = (m: SystemModel, hypothesis: string, test: string) => {
  const p = m.predict(
    m.hypotheses.findIndex(h => h.id === hypothesis || h.fault === hypothesis),
    numeric(m, test),
  )
  return p.ol > 0.5 ? Infinity : p.log ? Math.exp(p.mean) : p.mean
}
const effect = (m: SystemModel, id: string) => m.hypotheses.find(h => h.id === id || h.fault === id)!.effect

describe.each(KIND_IDS.map(k => [k]))('%s as data', (id) => {
  const kind = kindFor(id)
  it('has enough faults, each on a component of its own, with a repair and something that settles it', () => {
    expect(kind.faults.length).toBeGreaterThanOrEqual(24)
    expect(new Set(kind.faults.map(f => f.id)).size).toBe(kind.faults.length)
    for (const f of kind.faults) {
      expect(
        kind.components.some(c => c.id === f.component),
        f.id,
      ).toBe(true)
      expect(
        f.severities.reduce((s, x) => s + x.share, 0),
        f.id,
      ).toBeCloseTo(1, 9)
      expect(f.repair.name && f.settledBy).toBeTruthy()
    }
  })
  it('names causes that exist, each with a test and an answer that shows it', () => {
    const ids = new Set([...kind.causeNotes.map(c => c.id), ...kind.faults.map(f => f.id)])
    for (const f of kind.faults)
      for (const c of f.causes) expect(ids.has(c.because), `${f.id} ← ${c.because}`).toBe(true)
    for (const note of kind.causeNotes) {
      const test = kind.tests.find(t => t.id === note.test)
      expect(test, note.id).toBeDefined()
      if (test?.kind === 'seen') expect(test.outcomes.map(o => o.id)).toContain(note.shownBy)
      else expect(['low', 'high']).toContain(note.shownBy)
    }
  })
  it('has tests at points that exist, with tables that add up to one', () => {
    expect(new Set(kind.tests.map(t => t.id)).size).toBe(kind.tests.length)
    const faults = new Set(kind.faults.map(f => f.id))
    for (const t of kind.tests) {
      expect(
        kind.points.some(p => p.id === t.point),
        t.id,
      ).toBe(true)
      if (t.kind === 'numeric') continue
      for (const [key, row] of [
        ['usual', t.usual] as const,
        ...Object.entries(t.chancesByFault),
        ...Object.entries(t.chancesByEffect),
      ]) {
        expect(row, `${t.id} ${key}`).toHaveLength(t.outcomes.length)
        expect(
          row.reduce((s, x) => s + x, 0),
          `${t.id} ${key}`,
        ).toBeCloseTo(1, 6)
        if (key.includes('.')) expect(faults.has(key.split(':')[0]!), `${t.id} ${key}`).toBe(true)
      }
    }
  })
  it('draws every stretch between components that stand on the power lane', () => {
    const drawn = [...kind.drawing.power, ...(kind.drawing.pilot ?? [])]
    for (const s of kind.drawing.stretches) for (const end of [s.from, s.to]) expect(drawn).toContain(end)
    for (const c of [...drawn, ...kind.drawing.flow])
      expect(
        kind.components.some(k => k.id === c),
        c,
      ).toBe(true)
    for (const p of kind.points)
      expect([...drawn, ...kind.drawing.flow, ...kind.components.map(c => c.id)], p.id).toContain(p.spot.on)
    expect(kind.points.map(p => p.number)).toEqual(kind.points.map((_, i) => i + 1))
  })
  it('balances the current at every node under every fault in every scenario', () => {
    const model = models[id]
    for (const [h, hypothesis] of model.hypotheses.entries()) {
      for (const scenario of SCENARIOS)
        expect(
          requireOk(solveNetwork(model.network(scenario, h))).residual(),
          `${hypothesis.id} ${scenario}`,
        ).toBeLessThan(1e-6)
    }
  })
  it('has a prior that adds up to one and a band with a source for the tests that have one', () => {
    const model = models[id]
    expect(model.hypotheses.reduce((s, h) => s + h.prior, 0)).toBeCloseTo(1, 9)
    for (const t of kind.tests) {
      if (t.kind !== 'numeric') continue
      const band = model.band(t)
      if (band) expect(SOURCES[band.source]).toBeDefined()
      if (band) expect(band.high).toBeGreaterThan(band.low)
    }
  })
})

describe('what the circuit shows by itself', () => {
  it('backfeed: with pole 2 not making, both load legs read 120 V to ground and nothing between', () => {
    expect(reads(three, 'switch.pole2-open', 'load.volts')).toBeLessThan(2)
    expect(reads(three, 'switch.pole2-open', 'load.l1g')).toBeGreaterThan(115)
    expect(reads(three, 'switch.pole2-open', 'load.l2g')).toBeGreaterThan(115)
  })
  it('a dead start circuit leaves the motor locked on its main winding', () => {
    for (const fault of ['box.relay-open:1', 'box.cap-open', 'motor.start-open', 'cable.red-open']) {
      expect(effect(three, fault), fault).toBe('groans')
      expect(reads(three, fault, 'black.run'), fault).toBeGreaterThan(25)
      expect(reads(three, fault, 'red.start'), fault).toBeLessThan(0.5)
    }
  })
  it('a seized motor draws locked amps with the start winding carrying its share', () => {
    expect(effect(three, 'motor.seized')).toBe('groans')
    expect(reads(three, 'motor.seized', 'red.start')).toBeGreaterThan(8)
  })
  it('a relay that does not open leaves red flowing and the amps high', () => {
    expect(reads(three, 'box.relay-closed', 'red.run')).toBeGreaterThan(5)
    expect(reads(three, 'box.relay-closed', 'black.run')).toBeGreaterThan(
      1.5 * reads(three, 'sound', 'black.run'),
    )
  })
  // handbook §4: a small motor's amps turning free are 60 to 80 % of its full load (common practice, no source)
  it('runs at some three quarters of its amps with the coupling broken, over the plate when it binds', () => {
    expect(reads(three, 'pump.coupling', 'black.run') / 6.8).toBeGreaterThan(0.6)
    expect(reads(three, 'pump.coupling', 'black.run') / 6.8).toBeLessThan(0.82)
    expect(reads(three, 'motor.binding:1', 'black.run')).toBeGreaterThan(8)
    expect(reads(three, 'motor.binding:2', 'black.run')).toBeGreaterThan(9.5)
  })
  it('turns shorted raise the amps far more than they lower the ohms: their loop bears its own resistance', () => {
    const ratio = (fault: string, test: string) => reads(three, fault, test) / reads(three, 'sound', test)
    expect(ratio('motor.turn-short:1', 'black.run')).toBeGreaterThan(1.2)
    expect(ratio('motor.turn-short:1', 'leads.by')).toBeGreaterThan(0.95)
    expect(ratio('motor.turn-short:1', 'leads.by')).toBeLessThan(1)
    expect(ratio('motor.turn-short:2', 'black.run')).toBeGreaterThan(2)
    expect(effect(three, 'motor.turn-short:2')).toBe('trips-overload')
  })
  it('shorts trip the breaker, opens keep it silent', () => {
    for (const fault of ['feed.to-earth', 'cable.to-earth:1', 'motor.ground:1', 'cable.leg-to-leg'])
      expect(effect(three, fault), fault).toBe('trips-breaker')
    for (const fault of ['cable.yellow-open', 'switch.stuck-open', 'box.overload-failed', 'breaker.off'])
      expect(effect(three, fault), fault).toBe('silent')
  })
  it('keeps the sum rule of a three-wire: red–black is red–yellow plus yellow–black', () => {
    expect(reads(three, 'sound', 'leads.rb')).toBeCloseTo(
      reads(three, 'sound', 'leads.ry') + reads(three, 'sound', 'leads.by') - 2 * leadOhms(),
      1,
    )
  })
  it('an open lead reads OL, and only on the pairs that use it', () => {
    expect(reads(three, 'cable.red-open', 'leads.ry')).toBe(Infinity)
    expect(reads(three, 'cable.red-open', 'leads.by')).toBeLessThan(6)
  })
  it('knows from the altitude that a hut\'s tank gives more or less than at the sea', () => {
    const high = requireOk(buildModel('well-2wire', { 'site.altitude': 1860 }))
    expect(reads(high, 'sound', 'cycle')).not.toBeCloseTo(reads(models['well-2wire'], 'sound', 'cycle'), 3)
  })
  it('shows a ghost on the far side of an open that a 10 MΩ meter sees and that is far under the supply', () => {
    const h = three.hypotheses.findIndex(x => x.id === 'supply.leg-lost:1')
    const open = requireOk(solveNetwork(three.network('idle', h)))
    const ghost = magnitude(open.meterReading('u1', '0', 10e6).volts)
    expect(ghost).toBeGreaterThan(0.1)
    expect(ghost).toBeLessThan(110)
  })
})

function leadOhms() {
  const yellow = three.network('leads-off', 0).elements.find(e => e.id === 'yellow lead')!
  return yellow.kind === 'impedance' ? yellow.z.re : Number.NaN
}

describe('describing a system', () => {
  it('says what it assumed, and assumes less as figures come', () => {
    const bare = three.assumptions.length
    const told = requireOk(
      buildModel('well-3wire', { 'motor.power': 559, 'motor.amps': 7.8, 'cable.length': 55 }),
    ).assumptions.length
    expect(bare).toBeGreaterThan(5)
    expect(told).toBe(bare - 3)
  })
  it('takes table figures, and says so, when the nameplate contradicts itself', () => {
    const model = requireOk(
      buildModel('well-3wire', { 'motor.power': 559, 'motor.amps': 20, 'motor.lockedAmps': 22 }),
    )
    expect(model.assumptions.map(a => a.text).join()).toContain('no motor of')
  })
  it.each([
    ['an unknown kind', 'well-9wire', {}, 'unknown-kind'],
    ['a figure the kind does not have', 'well-2wire', { 'box.capLow': 1e-4 }, 'unknown-field'],
    ['a figure out of range', 'well-3wire', { 'switch.cutIn': 900 * PSI }, 'figure-out-of-range'],
  ])('refuses %s by name', (_, kind, plate, code) => {
    const refused = buildModel(kind, plate as Record<string, number>)
    expect(refused.ok ? 'taken' : refused.problem.code).toBe(code)
  })
  it('sharpens the running amps once they are given', () => {
    const spread = (m: SystemModel) => m.predict(0, numeric(m, 'black.run')).sigma
    expect(spread(requireOk(buildModel('well-3wire', { 'motor.amps': 7.8 })))).toBeLessThan(spread(three))
  })
})

describe('a kind that cannot be', () => {
  const components = (['supply', 'breaker', 'motor', 'pump'] as const).map((glyph): ComponentDef => ({
    id: glyph,
    name: glyph,
    glyph,
    lane: 'power',
    place: 'panel',
  }))
  const kind
    = (power: string[], flow: string[], ahead = power) =>
      () =>
        compose(
          {
            id: 'made-up',
            name: 'made up',
            medium: 'water',
            complaints: [],
            drawing: { power, flow, stretches: stretchesOf(ahead, {}), shafts: [], ports: [] },
          },
          { components },
        )
  it('is refused by the part that no source feeds', () => {
    expect(kind(['supply', 'breaker', 'motor'], ['pump'])).not.toThrow()
    expect(kind(['breaker', 'motor'], ['pump'])).toThrow('kind made-up: no source feeds breaker')
    expect(kind(['supply', 'breaker', 'motor'], ['pump'], ['supply', 'breaker'])).toThrow('no source feeds motor')
  })
  it('is refused where its path comes back to where it was', () =>
    expect(kind(['supply', 'motor'], ['pump', 'tank', 'pump'])).toThrow(
      'the flow path is a loop: it comes back to pump',
    ))
})
