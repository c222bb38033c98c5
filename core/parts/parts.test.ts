import { describe, expect, it } from 'vitest'
import { describeSystem, kindFor, PARTS, USUAL_PRACTICE, type KindId, type Nameplate } from '#core/systems'
import { GALLON, HORSEPOWER, PSI } from '#core/units'
import { alsoChanges } from './changes'
import { chooseWay } from './choose'
import { judgeFit } from './fit'
import { needsOf } from './needs'
import { typesFor } from './typesFor'
import { TRIP, waysFor } from './ways'
import { ATTRIBUTES, PART_TYPE_IDS, PART_TYPES, rulesOf, type Attributes } from './types'

const systemOf = (id: KindId, nameplate: Nameplate) => ({
  kind: kindFor(id, nameplate), nameplate, healthy: describeSystem(id, nameplate, USUAL_PRACTICE).healthy,
})
const WELL = systemOf('well-3wire', {
  'motor.power': HORSEPOWER, 'motor.volts': 230, 'motor.amps': 9.4, 'box.capLow': 130e-6, 'box.capHigh': 156e-6,
  'switch.cutIn': 40 * PSI, 'switch.cutOut': 60 * PSI, 'tank.volume': 44 * GALLON,
})
const SWITCH: Attributes = {
  thread: 1, poles: 2, duty: 0, power: 1.5 * HORSEPOWER, maximum: 100 * PSI, lowest: 20 * PSI, highest: 80 * PSI,
}

describe('the kinds of part', () => {
  it('go to components that there are, by attributes that there are', () => {
    expect(PART_TYPE_IDS.length).toBe(22)
    for (const id of PART_TYPE_IDS) {
      for (const component of PART_TYPES[id].goesTo) expect(Object.keys(PARTS), id).toContain(component)
      for (const [attribute] of rulesOf(id)) expect(ATTRIBUTES[attribute], `${id} ${attribute}`).toBeDefined()
    }
  })
  it('ask something of every system that they go to, but for what only the old part can say', () => {
    expect(PART_TYPE_IDS.filter(id => Object.keys(needsOf(id, WELL)).length === 0))
      .toEqual(['nipple', 'relief-valve', 'cord', 'tube', 'kit', 'other'])
    expect(needsOf('nipple', WELL, { thread: 1, material: 0 })).toEqual({ thread: 1 })
  })
})

// the rows of handbook §13
describe('a pressure switch', () => {
  const need = needsOf('pressure-switch', WELL, { thread: 1 })
  it('fits with thread, poles and duty equal and horsepower and pressure at least', () => {
    expect(judgeFit('pressure-switch', need, SWITCH).verdict).toBe('fits')
  })
  it.each([
    ['thread', { thread: 3 }], ['poles', { poles: 1 }], ['duty', { duty: 1 }], ['power', { power: HORSEPOWER / 2 }],
    ['maximum', { maximum: 50 * PSI }], ['highest', { highest: 50 * PSI }], ['lowest', { lowest: 45 * PSI }],
  ] as const)('does not fit with another %s', (attribute, wrong) => {
    const fit = judgeFit('pressure-switch', need, { ...SWITCH, ...wrong })
    expect(fit.verdict).toBe('not')
    expect(fit.judged.filter(j => j.verdict === 'not').map(j => j.attribute)).toEqual([attribute])
  })
  it('is not known to fit where its horsepower is not known', () => {
    const { power: _power, ...rest } = SWITCH
    const fit = judgeFit('pressure-switch', need, rest)
    expect(fit.verdict).toBe('unknown')
    expect(fit.judged.find(j => j.verdict === 'unknown')?.attribute).toBe('power')
  })
  it('wants the tank aired to its cut-in, and is set where it comes otherwise', () => {
    const changes = alsoChanges('pressure-switch', WELL, { ...SWITCH, cutIn: 30 * PSI, cutOut: 50 * PSI }, {}, 2 * PSI)
    expect(changes.map(c => c.code)).toEqual(['set-switch', 'precharge'])
    expect(changes[1]!.figures.precharge! / PSI).toBeCloseTo(38, 6)
  })
  it('of a compressor has its unloader', () => {
    const air = systemOf('compressor-direct', {})
    const fit = judgeFit('pressure-switch', needsOf('pressure-switch', air), { ...SWITCH, duty: 1, unloader: 0 })
    expect(fit.judged.find(j => j.attribute === 'unloader')?.verdict).toBe('not')
  })
})

describe('a capacitor', () => {
  const need = needsOf('start-capacitor', WELL)
  it('lies within the band, with volts at least', () => {
    const has = { capLow: 130e-6, capHigh: 156e-6, volts: 250 }
    expect(judgeFit('start-capacitor', need, has).verdict).toBe('fits')
    expect(judgeFit('start-capacitor', need, { ...has, volts: 330 }).verdict).toBe('fits')
    expect(judgeFit('start-capacitor', need, { ...has, volts: 125 }).verdict).toBe('not')
    expect(judgeFit('start-capacitor', need, { ...has, capLow: 88e-6, capHigh: 108e-6 }).verdict).toBe('not')
  })
  it('without its bleed resistor wants one', () => {
    expect(alsoChanges('start-capacitor', WELL, { bleed: 0 }, {}, 0).map(c => c.code)).toEqual(['bleed'])
  })
})

describe('other parts', () => {
  it('a motor of more horsepower moves the breaker; one of other volts does not fit', () => {
    const need = needsOf('motor', WELL)
    const larger = { volts: 230, phases: 1, wires: 1, power: 1.5 * HORSEPOWER, amps: 11.5 }
    expect(judgeFit('motor', need, larger).verdict).toBe('fits')
    expect(alsoChanges('motor', WELL, larger, {}, 0).map(c => c.code)).toEqual(['breaker'])
    expect(judgeFit('motor', need, { ...larger, volts: 115 }).verdict).toBe('not')
    expect(judgeFit('motor', need, { ...larger, wires: 0 }).verdict).toBe('not')
  })
  it('an overload’s dial takes in the plate’s amps', () => {
    const three = systemOf('three-phase', { 'motor.amps': 14 })
    const need = needsOf('overload', three)
    expect(judgeFit('overload', need, { dialLow: 12, dialHigh: 18, phases: 3 }).verdict).toBe('fits')
    expect(judgeFit('overload', need, { dialLow: 16, dialHigh: 24, phases: 3 }).verdict).toBe('not')
    expect(judgeFit('overload', need, { dialLow: 9, dialHigh: 13, phases: 3 }).verdict).toBe('not')
  })
  it('a relief opens at or under the weakest plate', () => {
    const tank = systemOf('compressor-direct', { 'tank.most': 150 * PSI })
    const need = needsOf('relief-valve', tank, { thread: 1 })
    expect(judgeFit('relief-valve', need, { thread: 1, opens: 150 * PSI }).verdict).toBe('fits')
    expect(judgeFit('relief-valve', need, { thread: 1, opens: 175 * PSI }).verdict).toBe('not')
  })
  it('a thinner wire does not fit, a thicker one does', () => {
    const need = { conductors: 3, ground: 1, wet: 1, gauge: 12, length: 30 }
    expect(judgeFit('cable', need, { ...need, gauge: 10 }).verdict).toBe('fits')
    expect(judgeFit('cable', need, { ...need, gauge: 14 }).verdict).toBe('not')
  })
  it('a tank comes at 38 psi and is aired to two under the cut-in', () => {
    const low = systemOf('jet', { 'switch.cutIn': 30 * PSI, 'switch.cutOut': 50 * PSI })
    const [change] = alsoChanges('tank', low, { precharge: 38 * PSI }, {}, 2 * PSI)
    expect(change?.code).toBe('precharge-delivered')
    expect(change!.figures.precharge! / PSI).toBeCloseTo(28, 6)
  })
  it('a part of which nothing is known fits nothing for sure', () => {
    expect(judgeFit('other', {}, {}).verdict).toBe('unknown')
  })
})

describe('the kinds of part for a fault', () => {
  it.each([
    ['box', 'box.cap-low', ['start-capacitor']], ['box', 'box.runcap-open', ['run-capacitor']],
    ['switch', 'switch.pole1-burnt', ['pressure-switch']], ['starter', 'starter.coil-open', ['contactor', 'coil']],
    ['well-motor', 'well-motor.ground', ['start-capacitor', 'run-capacitor', 'motor', 'cord']],
    ['tank', 'tank.waterlogged', ['tank', 'nipple', 'relief-valve', 'gauge']], ['house', 'house.leak', []],
  ] as const)('of %s, for %s', (component, fault, types) => {
    expect(typesFor(component, fault).toSorted()).toEqual([...types].toSorted())
  })
})

describe('repair or replace', () => {
  // by hand: replace (48 + 35 min) at 90 an hour = 48 + 52.5 = 100.5 over 10 years = 10.05 a year;
  // cleaning 0 + 15 min = 22.5 over 1 year = 22.5 a year
  it('takes the least cost a year, worked by hand', () => {
    const chosen = chooseWay([
      { way: 'replace', price: 48, minutes: 35, trip: 0, life: 10 },
      { way: 'clean', price: 0, minutes: 15, trip: 0, life: 1 },
    ], 90)
    expect(chosen.ways.map(w => w.cost)).toEqual([100.5, 22.5])
    expect(chosen.best?.way).toBe('replace')
    expect(chosen.best?.costAYear).toBeCloseTo(10.05, 9)
    expect(chosen.because).toBe('least-a-year')
  })
  it('counts a trip to fetch the part, and takes the quicker of two as cheap', () => {
    const chosen = chooseWay([
      { way: 'replace', price: 40, minutes: 40, trip: 60, life: 10 },
      { way: 'kit', price: 20, minutes: 60, trip: 0, life: 6 },
    ], 60)
    // (40 + 100) / 10 = 14 and (20 + 60) / 6 = 13.3: within a tenth
    expect(chosen.best?.way).toBe('kit')
    expect(chooseWay([
      { way: 'replace', price: 40, minutes: 30, trip: 0, life: 5 },
      { way: 'kit', price: 20, minutes: 58, trip: 0, life: 5.7 },
    ], 60)).toMatchObject({ best: { way: 'replace' }, because: 'as-cheap-and-quicker' })
  })
  it('recommends nothing of which nobody knows how long it lasts, nor what is for the time being', () => {
    expect(chooseWay([{ way: 'repair', price: 5, minutes: 10, trip: 0 }], 90).best).toBeUndefined()
    expect(chooseWay([{ way: 'clean', price: 0, minutes: 10, trip: 0, life: 9, temporary: true }], 90).best)
      .toBeUndefined()
  })
})

describe('the ways that there are', () => {
  const offers = [
    { type: 'pressure-switch', price: 48, minutes: 35, onVan: true },
    { type: 'pressure-switch', price: 61, onVan: false },
  ] as const
  it('has the cheapest part for a new one, by the catalogue’s minutes and the shop’s own years', () => {
    expect(waysFor({ component: 'switch', fault: 'switch.pole1-burnt', offers, minutes: 40, booked: 9 })).toEqual([
      { way: 'replace', price: 48, minutes: 35, trip: 0, life: 9 },
      { way: 'clean', price: 0, minutes: 15, trip: 0, life: 0.7 },
    ])
    // as the shop lists it comes before what the books know
    const listed = waysFor({
      component: 'switch', fault: 'switch.pole1-burnt', minutes: 40, booked: 9, offers: [{ ...offers[1], life: 12 }],
    })
    expect(listed[0]).toMatchObject({ minutes: 40, trip: TRIP, life: 12 })
  })
  it('tells a piece from the whole, under the well’s own names too', () => {
    const pieces = [
      { type: 'start-relay', price: 21, onVan: true }, { type: 'control-box', price: 96, onVan: false },
    ] as const
    const asked = { component: 'well-box', fault: 'well-box.relay-open', offers: pieces, minutes: 20 }
    expect(waysFor(asked).map(w => [w.way, w.price, w.trip])).toEqual([['replace', 96, TRIP], ['kit', 21, 0]])
  })
  it('is nothing but a new one where nothing lesser is known, and nothing where the shelf has none', () => {
    const gauge = { component: 'gauge', fault: 'gauge.stuck', minutes: 20 }
    expect(waysFor({ ...gauge, offers: [{ type: 'gauge', price: 9, onVan: true }] })).toHaveLength(1)
    expect(waysFor({ ...gauge, offers: [] })).toEqual([])
  })
  it('says of a tank that is aired once more that it tides over', () =>
    expect(waysFor({ component: 'tank', fault: 'tank.waterlogged', offers: [], minutes: 120 }))
      .toMatchObject([{ way: 'repair', temporary: true }]))
})
