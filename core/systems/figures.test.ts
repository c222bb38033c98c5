/**
 * Every figure of the model is read by the solver that its row names, on some kind with some option; and none is not
 * finite.
 */
import { mapEach } from '#core/foundation'
import { describe, expect, it } from 'vitest'
import {
  buildModel,
  describeSystem,
  FIGURES,
  KIND_IDS,
  kindFor,
  SCENARIOS,
  USUAL_PRACTICE,
  type FigureKey,
} from '.'
import { completeFigures, figureOf, poles, requireFinite, scoped, staged, type Figures } from './figures'
import { keyOf } from './fields'
import { predict } from './predicting/predict'
import { solveStage } from './power/stage'
import type { NumericTest } from './testTypes'
import type { Nameplate } from './types'

/** The figures, noting what is asked of them. */
function watched(figures: Figures, read: Set<string>): Figures {
  return new Proxy(figures, {
    get(target, key, receiver) {
      if (typeof key === 'string') read.add(key)
      return Reflect.get(target, key, receiver) as number
    },
  })
}

function plates(): (readonly [(typeof KIND_IDS)[number], Nameplate])[] {
  return KIND_IDS.flatMap((id) => {
    const choices = kindFor(id).components.flatMap(c =>
      (c.fields ?? []).flatMap(f => (f.choices ?? []).map((_, i) => [keyOf(c.id, f.id), i] as const)),
    )
    return [[id, {}] as const, ...choices.map(([key, i]) => [id, { [key]: i }] as const)]
  })
}

describe('figures', () => {
  const read = {
    network: new Set<string>(),
    shaft: new Set<string>(),
    meter: new Set<string>(),
    plant: new Set<string>(),
    faults: new Set<string>(),
  }
  for (const [id, plate] of plates()) {
    const d = describeSystem(id, plate)
    const model = buildModel(id, plate)
    if (!model.ok) throw new Error(model.problem.code)
    const stages = mapEach(d.stages, (s) => {
      const own = scoped(d.healthy, s.prefix)
      const state = { slip: 0.05, tripped: false, atSpeed: true, pulledIn: true }
      for (const scenario of SCENARIOS) {
        s.power.network(watched(own, read.network), { ...state, scenario })
        s.power.network(watched(own, read.network), { ...state, scenario, atSpeed: false, pulledIn: false })
      }
      const solved = solveStage(s.power, watched(own, read.shaft))
      void [solved.turning, solved.effect]
      return solved
    })
    const story = d.flow(watched(d.healthy, read.plant), stages)
    const standing = {
      figures: watched(d.healthy, read.meter),
      healthy: d.healthy,
      stage: stages[0],
      spread: d.stages[0].spread,
      story,
      effect: 'runs' as const,
      seenAs: 'runs',
      heals: false,
      tankKnown: true,
      volumeKnown: true,
    }
    const main = model.value.kind.tests.filter(
      (t): t is NumericTest => t.kind === 'numeric' && !t.id.startsWith('well-'),
    )
    for (const test of main) predict(standing, test)
    for (const f of model.value.kind.faults) for (const v of f.severities) v.change(watched(d.healthy, read.faults))
  }
  it.each(Object.entries(FIGURES))('%s is read by its solver', (key, row) => {
    expect(row.means.length).toBeGreaterThan(3)
    expect([...read[row.readBy]], `${key} is said to be read by the ${row.readBy}`).toContain(key)
  })
  it('are some ninety, each sound by itself', () => {
    const keys = Object.keys(FIGURES) as FigureKey[]
    expect(keys.length).toBeGreaterThan(85)
    expect(keys.every(key => Number.isFinite(completeFigures({})[key]))).toBe(true)
  })
  it('that are not finite are refused by name, in tables and in solvers', () => {
    expect(() => requireFinite({ 'pump.flow': Number.NaN })).toThrow('the figure pump.flow is NaN')
    expect(() => completeFigures({ 'motor.load': Infinity })).toThrow('the figure motor.load is Infinity')
    const d = describeSystem('jet', {})
    const bad = { ...d.healthy, 'motor.earth': Number.NaN }
    expect(() => solveStage(d.stages[0].power, bad)).toThrow('motor.earth')
    const dry = { ...d.healthy, 'pump.flow': Number.NaN }
    expect(() => d.flow(dry, [solveStage(d.stages[0].power, d.healthy)])).toThrow('pump.flow')
  })
  it('of a later stage are its own where it has them', () => {
    const figures = { ...completeFigures({}), ...staged({ 'motor.load': 0.4 }, 'well:') }
    expect(scoped(figures, 'well:')['motor.load']).toBe(0.4)
    expect(scoped(figures, 'well:')['motor.earth']).toBe(completeFigures({})['motor.earth'])
    expect(() => figureOf(completeFigures({}), 'well:motor.load')).toThrow('no figure well:motor.load')
    expect(() => poles('switch.', 3, 1)).toThrow('no figure switch.3')
  })
  it('answer to the practice of the shop: the precharge is set under cut-in by what it says', () => {
    const cutIn = describeSystem('jet', {}).healthy['set.cutIn']
    const at = (under: number) =>
      describeSystem('jet', {}, { ...USUAL_PRACTICE, prechargeUnderCutIn: under }).healthy['tank.precharge']
    expect(cutIn - at(10e3)).toBeCloseTo(10e3, 6)
    expect(cutIn - at(30e3)).toBeCloseTo(30e3, 6)
  })
})
