/**
 * What is solved once and shared (slips from one solution, scenarios from the sound system, predictions of what has
 * not changed) against everything solved afresh.
 */
import { describe, expect, it } from 'vitest'
import { solveNetwork, type SolvedNetwork } from '#core/circuit'
import { magnitude, requireOk } from '#core/foundation'
import { buildModel, describeSystem, kindFor, scoped, type NumericTest } from '.'
import { SWEPT } from '../../tests/length'
import { stageOf } from './model'
import { solveStage } from './power/stage'
import { scalesOf } from './scale'

const METER = 10e6
/** a fifth of the least spread that a prediction has, in volts, amps and ohms alike */
const LEAST = 0.15

describe.each(SWEPT)('%s', (id) => {
  const model = requireOk(buildModel(id, {}))
  const description = describeSystem(id, {})
  const electrical = model.kind.tests.filter(
    (t): t is NumericTest =>
      t.kind === 'numeric' && (t.probe.ask === 'volts' || t.probe.ask === 'amps' || t.probe.ask === 'ohms'),
  )

  const scaled = new Set(
    model.kind.faults.flatMap((mode) => {
      const along = scalesOf(mode, description.healthy).flat()
      return along.map(i => `${mode.id}:${mode.severities[i]!.id}`)
    }),
  )
  const isStretched = (hypothesis: string) => hypothesis.split('+').some(part => scaled.has(part))
  /** insulation under a hand meter's reach is told loosely */
  const isLeak = ({ probe }: NumericTest) => probe.ask === 'ohms' && probe.insulation === true

  /** amps of what is short of volts rise in the field, and sags of three phases are less: predicting/ says how much */
  const isOfField = ({ probe, variant }: NumericTest) =>
    (probe.ask === 'amps' && probe.scenario === 'running')
    || (probe.ask === 'volts' && probe.scenario !== 'idle' && /^v\d\d$/.test(variant ?? ''))

  it('reads under every fault what its own circuit, solved afresh, shows', () => {
    let checked = 0
    for (const [h, hypothesis] of model.hypotheses.entries()) {
      if (hypothesis.fault === 'other') continue
      const fresh = new Map<string, SolvedNetwork>()
      const solved = (scenario: Parameters<typeof model.network>[0], stage: string) => {
        const kept = fresh.get(scenario + stage) ?? requireOk(solveNetwork(model.network(scenario, h, stage)))
        fresh.set(scenario + stage, kept)
        return kept
      }
      for (const test of electrical) {
        const { probe } = test
        const p = model.predict(h, test)
        const mean = p.log ? Math.exp(p.mean) : p.mean
        const own
          = probe.ask === 'volts'
            ? magnitude(solved(probe.scenario, stageOf(test)).meterReading(probe.a, probe.b, METER).volts)
            : probe.ask === 'amps'
              ? magnitude(solved(probe.scenario, stageOf(test)).current(probe.element))
              : probe.ask === 'ohms'
                ? solved('leads-off', stageOf(test)).portImpedance(probe.a, probe.b).re
                : Number.NaN
        // a breaker that trips leaves amps that nobody can read
        if (p.log && probe.ask === 'amps') continue
        // a degree of a scale stands for the stretch round it: what it reads by itself lies within that
        const apart = p.log ? Math.abs(p.mean - Math.log(Math.max(own, 1e-3))) : Math.abs(p.mean - own)
        const exact = Math.abs(mean - own) < 2e-3 * Math.abs(own) + LEAST
        // of a ghost half is as likely as all of it
        const isHalf = Math.abs(2 * mean - own) < 2e-3 * own + LEAST
        const ghost = probe.ask === 'volts' && isHalf && p.sigma > 0.9 * mean
        expect(
          exact || ghost
          || (isStretched(hypothesis.id) && apart < 1.8 * p.sigma)
          || (isLeak(test) && apart < 3 * p.sigma)
          // a stiff supply sags less, and lifts less the line beside it
          || (isOfField(test) && (probe.ask === 'volts' || mean > own) && apart < 1.2 * p.sigma),
          `${hypothesis.id} ${test.id}: ${mean} for ${own}`,
        ).toBe(true)
        checked++
      }
    }
    expect(checked).toBeGreaterThan(electrical.length * 20)
  })

  it('trips with something taken off only where it tripped before', () => {
    const { healthy, stages } = description
    let checked = 0
    for (const test of model.kind.tests) {
      if (test.kind !== 'seen' || !test.trial?.opens) continue
      const stage = stages.find(s => s.id === (test.trial!.stage ?? '')) ?? stages[0]!
      for (const mode of model.kind.faults) {
        for (const severity of mode.severities) {
          const f = { ...healthy, ...severity.change(healthy) }
          const tripped = (figures: typeof f) => solveStage(stage.power, scoped(figures, stage.prefix)).tripped
          const off = { ...f, ...test.trial.change(healthy, () => f) }
          if (tripped(off)) expect(tripped(f), `${test.id} with ${mode.id}:${severity.id}`).toBe(true)
          checked++
        }
      }
    }
    const trials = model.kind.tests.filter(t => t.kind === 'seen' && t.trial?.opens).length
    expect(checked).toBe(trials * model.kind.faults.reduce((n, m) => n + m.severities.length, 0))
  })
})

describe('a solved stage that has let its networks go', () => {
  it('solves them again alike', () => {
    const { healthy, stages } = describeSystem('well-3wire', {})
    const mode = kindFor('well-3wire').faults.find(f => f.id === 'cable.high-resistance')!
    const stage = solveStage(stages[0]!.power, { ...healthy, ...mode.severities[0]!.change(healthy) })
    const read = () =>
      (['starting', 'running', 'idle', 'leads-off'] as const).map(s =>
        magnitude(stage.solved(s).voltage('black')),
      )
    const before = [...read(), stage.slip, magnitude(stage.rested().voltage('black'))]
    stage.forget()
    expect([...read(), stage.slip, magnitude(stage.rested().voltage('black'))]).toEqual(before)
  })
})
