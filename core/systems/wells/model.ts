/**
 * Builds the model of a described well: every fault at every degree solved once, with priors, effects and predictions.
 * Bands come from the nameplate or a standard where one speaks, else from the sound system's own prediction ± 2σ.
 */
import { fail, ok } from '#core/foundation'
import { INSULATION } from '#core/standards'
import { PSI } from '#core/units'
import { faultId, type Band, type Effect, type FaultMode, type Hypothesis, type ModelResult, type Nameplate, type NumericTest, type Prediction, type SystemKind } from '../types'
import { describeWell, type WellDescription, type WellParams } from './params'
import { predictWell } from './predict'
import { solveWell, type SolvedWell } from './solve'

const PRIOR_SOUND = 0.03
const PRIOR_OTHER = 0.02

export interface WellOptions { readonly startGear: 'box' | 'motor', readonly prechargeOffset: number, readonly rates?: Readonly<Record<string, number>> }

export function buildWellModel(kind: SystemKind<WellParams>, nameplate: Nameplate, options: WellOptions): ModelResult {
  const badField = findBadField(kind, nameplate)
  if (badField) return badField
  const description = describeWell(nameplate, options.startGear, options.prechargeOffset)
  const healthy = solveWell(description, description.healthy)
  const wells: SolvedWell[] = [healthy, healthy]
  const hypotheses: Hypothesis[] = [
    { id: 'sound', fault: 'sound', severity: '', prior: PRIOR_SOUND, effect: 'runs' },
    { id: 'other', fault: 'other', severity: '', prior: PRIOR_OTHER, effect: 'runs' },
  ]
  for (const fault of kind.faults) {
    for (const severity of fault.severities) {
      const change = severity.apply(description.healthy)
      const params = { ...description.healthy, ...change }
      // a fault of the water side alone leaves the circuit as it was
      const well = Object.keys(change).every(isWaterSide) ? { ...healthy, params } : solveWell(description, params, healthy)
      wells.push(well)
      hypotheses.push({ id: `${faultId(fault)}:${severity.id}`, fault: faultId(fault), severity: severity.label, prior: (options.rates?.[faultId(fault)] ?? fault.baseRate) * severity.share, effect: effectOf(fault, severity.id, well) })
    }
  }
  const total = hypotheses.reduce((sum, h) => sum + h.prior, 0)
  const scaled = hypotheses.map(h => ({ ...h, prior: h.prior / total }))
  const predict = (h: number, test: NumericTest): Prediction => predictWell(description, wells[h]!, scaled[h]!.effect, scaled[h]!.fault, test)
  return ok({
    kind: kind as unknown as SystemKind<never>,
    nameplate, hypotheses: scaled, predict,
    assumptions: description.assumptions,
    supplyVolts: description.volts,
    band: test => bandOf(description, test, predict(0, test)),
    network: (scenario, h) => wells[h]!.network(scenario),
  })
}

const WATER_SIDE: readonly (keyof WellParams)[] = ['tankVolume', 'precharge', 'waterlogged', 'cutIn', 'cutOut', 'pumpFlow', 'leakFlow']
const isWaterSide = (key: string) => (WATER_SIDE as readonly string[]).includes(key)

function findBadField(kind: SystemKind<WellParams>, nameplate: Nameplate) {
  for (const [field, value] of Object.entries(nameplate)) {
    if (field === 'site.altitude') continue
    const [component, id] = field.split('.')
    const known = kind.components.find(c => c.id === component)?.fields?.find(f => f.id === id)
    if (!known) return fail('nameplate', { field, problem: 'this system has no such figure' })
    const [low, high] = known.range ?? [-Infinity, Infinity]
    if (!(value >= low && value <= high)) return fail('nameplate', { field, value, low, high, problem: `${known.label} is outside what makes sense` })
  }
  return undefined
}

function effectOf(fault: FaultMode<WellParams>, severity: string, well: SolvedWell): Effect {
  if (faultId(fault) === 'switch.port-blocked' && severity === '2') return 'runs-on'
  return well.electricalEffect === 'runs' && fault.effect ? fault.effect : well.electricalEffect
}

function bandOf(d: WellDescription, test: NumericTest, sound: Prediction): Band | undefined {
  const around = (source: Band['source']): Band => sound.log
    ? { low: Math.exp(sound.mean - 2 * sound.sigma), high: Math.exp(sound.mean + 2 * sound.sigma), source }
    : { low: Math.max(0, sound.mean - 2 * sound.sigma), high: sound.mean + 2 * sound.sigma, source }
  switch (test.id) {
    case 'cap.farads': return { low: d.capBand[0] * 0.98, high: d.capBand[1] * 1.02, source: d.known.has('box.capLow') ? 'nameplate' : 'capacitorBand' }
    case 'cap.ohms': return { low: 1e3, high: Infinity, source: 'model', note: 'climbs as it charges' }
    case 'pole1.drop': case 'pole2.drop': return { low: 0, high: 0.2, source: 'contact' }
    case 'pole1.ohms': case 'pole2.ohms': case 'relay.ohms': case 'overload.ohms': return { low: 0, high: 0.6, source: 'contact' }
    case 'leads.ground': return { low: INSULATION.good, high: Infinity, source: 'insulation' }
    case 'load.idle': return { low: 0, high: 2, source: 'dead' }
    case 'precharge': return { low: d.healthy.precharge - 2 * PSI, high: d.healthy.precharge + 1.5 * PSI, source: 'precharge' }
    case 'cut-in': return { low: d.healthy.cutIn - 3 * PSI, high: d.healthy.cutIn + 3 * PSI, source: 'switchTolerance' }
    case 'cut-out': return { low: d.healthy.cutOut - 3 * PSI, high: d.healthy.cutOut + 3 * PSI, source: 'switchTolerance' }
    case 'cycle': return { low: 60, high: Infinity, source: 'cycling' }
    case 'black.run': return { low: 0.6 * sound.mean, high: d.maxAmps, source: d.known.has('motor.maxAmps') || d.known.has('motor.amps') ? 'nameplate' : 'submersible' }
    case 'leads.by': case 'leads.ry': case 'leads.rb': return around(d.known.has('motor.mainOhms') ? 'nameplate' : 'submersible')
    case 'red.run': return { low: 0, high: 0.5, source: 'model' }
  }
  if (test.quantity === 'volts') {
    const share = test.variant ? 0.5 : 1
    const motorVolts = d.motor.nameplate.volts
    return test.point === 'breaker'
      ? { low: d.volts * 0.95 * share, high: d.volts * 1.05 * share, source: 'service' }
      : { low: motorVolts * 0.9 * share, high: Math.max(motorVolts * 1.1, d.volts * 1.05) * share, source: 'utilisation' }
  }
  return around('model')
}
