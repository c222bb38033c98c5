/** Healthy figures of a water side. */
import { NEVER_OPENS, type Change } from '../figures'

export interface WaterFigures {
  readonly cutIn: number
  readonly cutOut: number
  readonly cutOff: number
  readonly volume: number
  readonly precharge: number
  readonly flow: number
  readonly shutOff: number
  readonly inlet: number
  readonly yield: number
}

export const waterFigures = (w: WaterFigures): Change => ({
  'set.cutIn': w.cutIn,
  'set.cutOut': w.cutOut,
  'set.cutOff': w.cutOff,
  'port.delay': 0,
  'port.held': 0,
  'tank.volume': w.volume,
  'tank.precharge': w.precharge,
  'pump.flow': w.flow,
  'pump.shutOff': w.shutOff,
  'pump.inlet': w.inlet,
  'pump.turns': 1,
  'source.yield': w.yield,
  'check.leak': 0,
  'check.stuck': 0,
  'filter.before': 0,
  'filter.after': 0,
  'leak.house': 0,
  'gauge.stuck': 0,
  'relief.opens': NEVER_OPENS,
})
