/**
 * What each numeric test should read on a solved well: the circuit's figure at the meter, spread by the meter, by the
 * nameplate's uncertainty and by healthy variation. Water-side figures follow from the tank, the switch and the effect.
 */
import { EARTH } from '#core/circuit'
import { shortestCycle } from '#core/flow'
import { magnitude } from '#core/foundation'
import { PSI } from '#core/units'
import type { Effect, NumericTest, Prediction, Scenario } from '../types'
import { OPEN, type WellDescription } from './params'
import type { SolvedWell } from './solve'

const METER_OHMS = 10e6 // usual digital meter, volts range
const OHMS_RANGE = 40e6 // where a hand meter shows OL
const INSULATION_RANGE = 2e9
const RESTED = 0.25 // share of readings taken after an overload has let go; common practice, no source

type Probe
  = | { readonly ask: 'volts', readonly a: string, readonly b: string, readonly scenario: Scenario }
    | { readonly ask: 'amps', readonly element: string, readonly scenario: Scenario }
    | { readonly ask: 'ohms', readonly a: string, readonly b: string, readonly scenario: Scenario, readonly range: number }

/** Where each test's leads go in the network. */
function probeOf(test: NumericTest, startGear: 'box' | 'motor'): Probe | undefined {
  const nodes: Record<string, readonly [string, string]> = {
    breaker: ['b1', 'b2'], line: ['l1', 'l2'], load: ['d1', 'd2'], box: ['x1', 'x2'], head: ['x1', 'x2'],
  }
  const path = nodes[test.point]
  if (test.quantity === 'volts' && path) {
    const scenario = test.condition === 'idle' ? 'idle' : 'running'
    const [a, b] = test.variant === 'l1g' ? [path[0], EARTH] : test.variant === 'l2g' ? [path[1], EARTH] : path
    return { ask: 'volts', a, b, scenario }
  }
  const [black, yellow] = startGear === 'box' ? ['black', 'yellow'] : ['x1', 'x2']
  switch (test.id) {
    case 'pole1.drop': return { ask: 'volts', a: 'l1', b: 'd1', scenario: 'running' }
    case 'pole2.drop': return { ask: 'volts', a: 'l2', b: 'd2', scenario: 'running' }
    case 'black.start': return { ask: 'amps', element: 'black lead', scenario: 'starting' }
    case 'black.run': return { ask: 'amps', element: 'black lead', scenario: 'running' }
    case 'red.start': return { ask: 'amps', element: 'red lead', scenario: 'starting' }
    case 'red.run': return { ask: 'amps', element: 'red lead', scenario: 'running' }
    case 'yellow.run': return { ask: 'amps', element: 'yellow lead', scenario: 'running' }
    case 'leads.by': return { ask: 'ohms', a: black, b: yellow, scenario: 'box-off', range: OHMS_RANGE }
    case 'leads.ry': return { ask: 'ohms', a: 'red', b: 'yellow', scenario: 'box-off', range: OHMS_RANGE }
    case 'leads.rb': return { ask: 'ohms', a: 'red', b: 'black', scenario: 'box-off', range: OHMS_RANGE }
    case 'leads.ground': return { ask: 'ohms', a: black, b: EARTH, scenario: 'box-off', range: INSULATION_RANGE }
    default: return undefined
  }
}

export function predictWell(d: WellDescription, well: SolvedWell, effect: Effect, fault: string, test: NumericTest): Prediction {
  const probe = probeOf(test, d.startGear)
  if (probe) return predictProbe(d, well, probe)
  const { params } = well
  switch (test.id) {
    case 'cap.farads': return params.startFarads > 0 ? figure(params.startFarads, 0.03 * params.startFarads + d.spread.farads * params.startFarads + 0.3e-6) : { mean: 0, sigma: 1e-6, log: false, ol: 0.7 }
    case 'cap.ohms': return params.startFarads > 0 ? { mean: Math.log(200e3), sigma: 2, log: true, ol: 0.5 } : figure(params.startCapOhms, 0.5)
    case 'relay.ohms': return contact(params.startContact)
    case 'pole1.ohms': return contact(params.poles[0])
    case 'pole2.ohms': return contact(params.poles[1])
    case 'overload.ohms': return fault === 'box.overload-hot' ? contact(0.02) : contact(params.overload)
    case 'precharge': return predictPrecharge(well, fault)
    case 'cycle': return predictCycle(d, well, fault, effect)
    case 'flow': return predictFlow(d, well, effect)
    case 'gauge': return predictGauge(well, effect)
    case 'cut-in': return effect === 'runs-on' ? unknownPressure(params.cutIn) : figure(params.cutIn, 2.5 * PSI)
    case 'cut-out': return effect === 'runs-on' ? unknownPressure(params.cutOut + 20 * PSI) : figure(params.cutOut, 2.5 * PSI)
    default: throw new Error(`no prediction for the test ${test.id}`)
  }
}

const figure = (mean: number, sigma: number): Prediction => ({ mean, sigma, log: false, ol: 0 })
const unknownPressure = (mean: number) => figure(mean, 20 * PSI)
const contact = (ohms: number): Prediction => ohms >= OPEN ? { mean: Math.log(20e6), sigma: 1, log: true, ol: 0.985 } : figure(ohms, 0.25 + 0.4 * ohms)

function predictProbe(d: WellDescription, well: SolvedWell, probe: Probe): Prediction {
  const solved = well.solved(probe.scenario)
  switch (probe.ask) {
    case 'volts': {
      const shown = solved.meterReading(probe.a, probe.b, METER_OHMS)
      const reading = magnitude(shown.volts)
      if (magnitude(shown.behind) > 1e5) return figure(reading, 0.5 * reading + 4) // a ghost: the cable decides, and it is not known well
      const drop = probe.a.startsWith('l') && probe.b.startsWith('d')
      const spread = (v: number) => Math.hypot(drop ? 0.05 : 0.8, (drop ? 0.3 : d.spread.volts) * v)
      const loaded = figure(reading, spread(reading))
      if (well.turning !== 'locked' || probe.scenario !== 'running') return loaded
      // locked, the overload soon lets go: a reading may be of the unloaded circuit
      const rested = magnitude(well.rested().meterReading(probe.a, probe.b, METER_OHMS).volts)
      return { ...loaded, or: { share: RESTED, mean: rested, sigma: spread(rested) } }
    }
    case 'amps': {
      const reading = magnitude(solved.current(probe.element))
      if (well.tripped) return { mean: Math.log(Math.max(reading, 0.05)), sigma: 1, log: true, ol: 0.3 }
      const relative = probe.scenario === 'starting' ? 2 * d.spread.locked : well.turning === 'locked' ? 1.4 * d.spread.locked : d.spread.amps
      const flowing = figure(reading, Math.hypot(0.15 + 0.02 * reading, relative * reading))
      return well.turning === 'locked' && probe.scenario === 'running' ? { ...flowing, or: { share: RESTED / 2, mean: 0, sigma: 0.2 } } : flowing
    }
    case 'ohms': {
      const reading = solved.portImpedance(probe.a, probe.b).re
      const ol = 1 / (1 + (probe.range / Math.max(reading, 1e-3)) ** 3)
      if (reading > 2e3) return { mean: Math.log(reading), sigma: reading > 1e6 ? 1.1 : 0.6, log: true, ol }
      return { ...figure(reading, Math.hypot(0.25, d.spread.ohms * reading)), ol }
    }
  }
}

/** A tank's precharge is its own affair: under other faults it is what tanks in the field are found with. */
function predictPrecharge(well: SolvedWell, fault: string): Prediction {
  const { precharge } = well.params
  if (fault.startsWith('tank.')) return figure(precharge, 4 * PSI)
  return figure(precharge - 5 * PSI, 9 * PSI)
}

function predictCycle(d: WellDescription, well: SolvedWell, fault: string, effect: Effect): Prediction {
  const { params } = well
  const flow = Math.max(params.pumpFlow, 1e-5)
  const seconds = shortestCycle({ volume: params.tankVolume, precharge: params.precharge, airPressure: d.airPressure }, params, flow)
  const own = fault.startsWith('tank.') || fault === 'sound'
  return { mean: Math.log(Math.max(own ? seconds * 1.2 : seconds * 0.7, 3)), sigma: own ? 0.5 : effect === 'rapid-cycles' ? 0.9 : 1.3, log: true, ol: 0 }
}

function predictFlow(d: WellDescription, well: SolvedWell, effect: Effect): Prediction {
  const runs = well.turning === 'running'
  const flow = runs ? well.params.pumpFlow : 0
  return figure(flow, Math.hypot(d.spread.flow * flow, well.params.pumpFlow * 0.02 + (effect === 'runs-dry' ? 2e-5 : 1e-5)))
}

function predictGauge(well: SolvedWell, effect: Effect): Prediction {
  const { cutIn, cutOut } = well.params
  switch (effect) {
    case 'runs': case 'rapid-cycles': return figure((cutIn + cutOut) / 2, 9 * PSI)
    case 'runs-on': return figure(cutOut + 15 * PSI, 20 * PSI)
    case 'runs-weak': return figure(cutIn - 5 * PSI, 14 * PSI)
    default: return figure(6 * PSI, 14 * PSI)
  }
}
