/**
 * The healthy band of a test by its rule: from the nameplate or a standard where one speaks, else the sound
 * prediction ± 2σ.
 */
import { INSULATION } from '#core/standards'
import { PSI } from '#core/units'
import type { BandFigures } from './describe/description'
import type { Figures } from './figures'
import type { NumericTest, Prediction } from './testTypes'
import type { Band } from './types'

export interface BandContext {
  readonly bands: BandFigures
  readonly supplyVolts: number
  readonly healthy: Figures
  readonly known: ReadonlySet<string>
  readonly prefix: string
}

export function bandOf(c: BandContext, test: NumericTest, sound: Prediction): Band | undefined {
  const around = (source: Band['source']): Band =>
    sound.log
      ? { low: Math.exp(sound.mean - 2 * sound.sigma), high: Math.exp(sound.mean + 2 * sound.sigma), source }
      : { low: Math.max(0, sound.mean - 2 * sound.sigma), high: sound.mean + 2 * sound.sigma, source }
  const share
    = test.variant && /^l\dg$/.test(test.variant) && sound.mean < 0.8 * c.supplyVolts
      ? sound.mean / c.supplyVolts
      : 1
  const { healthy, bands } = c
  const named = (field: string) => [...c.known].some(k => k.endsWith(field))
  switch (test.band) {
    case 'service':
      return { low: c.supplyVolts * 0.95 * share, high: c.supplyVolts * 1.05 * share, source: 'service' }
    case 'utilisation':
      return {
        low: bands.motorVolts * 0.9 * share,
        high: Math.max(bands.motorVolts * 1.1, c.supplyVolts * 1.05) * share,
        source: 'utilisation',
      }
    case 'dead':
      return { low: 0, high: 2, source: 'dead' }
    case 'contact-drop':
      return { low: 0, high: 0.2, source: 'contact' }
    case 'contact-ohms':
      return { low: 0, high: 0.6, source: 'contact' }
    case 'capacitor':
      return test.probe.ask === 'farads' && test.probe.farads === 'start.runFarads'
        ? bands.runCap
          ? { low: bands.runCap * 0.94, high: bands.runCap * 1.06, source: 'nameplate' }
          : around('model')
        : bands.capBand
          ? {
              low: bands.capBand[0] * 0.98,
              high: bands.capBand[1] * 1.02,
              source: named('.capLow') ? 'nameplate' : 'capacitorBand',
            }
          : around('model')
    case 'capacitor-ohms':
      return { low: 1e3, high: Infinity, source: 'model', note: 'climbs as it charges' }
    case 'insulation':
      return { low: INSULATION.good, high: Infinity, source: 'insulation' }
    case 'winding':
      return around(
        named('motor.mainOhms') || named('motor.leadOhms') || named('armatureOhms')
          ? 'nameplate'
          : bands.ampsSource === 'surfaceMotor'
            ? 'surfaceMotor'
            : 'submersible',
      )
    case 'running-amps':
      return {
        low: Math.min(0.6 * sound.mean, 0.9 * bands.maxAmps),
        high: bands.maxAmps,
        source: bands.ampsSource,
      }
    case 'no-current':
      return { low: 0, high: 0.5, source: 'model' }
    case 'setting-in':
      return {
        low: healthy['set.cutIn'] - 3 * PSI,
        high: healthy['set.cutIn'] + 3 * PSI,
        source: 'switchTolerance',
      }
    case 'setting-out':
      return {
        low: healthy['set.cutOut'] - 3 * PSI,
        high: healthy['set.cutOut'] + 3 * PSI,
        source: 'switchTolerance',
      }
    case 'precharge':
      return {
        low: healthy['tank.precharge'] - 2 * PSI,
        high: healthy['tank.precharge'] + 1.5 * PSI,
        source: 'precharge',
      }
    case 'cycle':
      return { low: bands.cycle, high: Infinity, source: 'cycling' }
    case 'leak-down':
      return { low: 0, high: 2 * PSI, source: 'leakDown' }
    case 'battery':
      return { low: 0.976 * c.supplyVolts, high: 1.01 * c.supplyVolts, source: 'battery' }
    case 'coil':
      return bands.controlVolts
        ? { low: 0.85 * bands.controlVolts, high: 1.1 * bands.controlVolts, source: 'coil' }
        : around('model')
    case 'drop-12v':
      return { low: 0.9 * c.supplyVolts, high: 1.02 * c.supplyVolts, source: 'drop12' }
    case 'model':
      return around('model')
  }
}
