/**
 * Running amps over the gauge as pressure climbs: the shaft load of the pump or head at each pressure, and what the
 * motor's circuit draws under it. Three shapes of load, each a share of that at its rated point:
 *   centrifugal: s + (1 − s)·q(p)/q(rated), q by the pump's curve (core/flow/water), s what it takes with no flow
 *   displacement: f + (1 − f)·p/p(out), f its friction
 *   compressor, polytropic: f + (1 − f)·w(p)/w(out), w = r^((n−1)/n) − 1 and r = (p + Pa)/Pa
 * Pressures in pascals by the gauge, amps by the clamp.
 */
import { freeFlowOf } from '#core/flow'
import type { Description } from './describe/description'
import type { Figures } from './figures'
import { predict } from './predicting/predict'
import type { Standing } from './predicting/standing'
import type { Solver } from './solver'
import type { NumericTest } from './testTypes'
import type { Band, ClimbPoint } from './types'

/** Shaft load against a shut valve: some half of the rated in small radial pumps; from memory of pump textbooks. */
const NO_FLOW = 0.5
/** What turns a head, and a diaphragm pump, without pressure; common practice, no source. */
const [HEAD_FRICTION, DIAPHRAGM_FRICTION] = [0.2, 0.35]
/** Between isothermal (1) and adiabatic (1.4) for a small air-cooled head; from memory of textbooks. */
const POLYTROPIC = 1.3
/** How far a load is off these shapes, as a share of the amps; common practice, no source. */
const SHAPE = 0.06
/** From an empty gauge to the cut-out. */
const POINTS = 7

/** Shaft load at a pressure, as a share of what it is at the rated point. */
export function loadShare(d: Pick<Description, 'healthy' | 'airPressure'>, shape: LoadShape, pressure: number): number {
  const { healthy: f, airPressure } = d
  switch (shape) {
    case 'displacement':
      return DIAPHRAGM_FRICTION + (1 - DIAPHRAGM_FRICTION) * (pressure / f['set.cutOut'])
    case 'compressor': {
      const work = (p: number) => ((p + airPressure) / airPressure) ** ((POLYTROPIC - 1) / POLYTROPIC) - 1
      return HEAD_FRICTION + (1 - HEAD_FRICTION) * (work(pressure) / work(f['set.cutOut']))
    }
    case 'centrifugal':
      return NO_FLOW + (1 - NO_FLOW) * (flowAt(f, pressure) / f['pump.flow'])
  }
}
export type LoadShape = 'centrifugal' | 'displacement' | 'compressor'

/** What the pump gives at a pressure, no more than its source. */
function flowAt(f: Figures, pressure: number): number {
  const [shutOff, inlet] = [f['pump.shutOff'], f['pump.inlet']]
  const rated = 0.5 * (f['set.cutIn'] + f['set.cutOut']) - inlet
  const free = freeFlowOf(f['pump.flow'], rated, shutOff)
  return Math.min(f['source.yield'], free * Math.sqrt(Math.max(0, 1 - (pressure - inlet) / shutOff)))
}

function shapeOf({ kind, stages }: Description): LoadShape {
  if (kind.medium === 'air') return 'compressor'
  return stages[0].power.turner.constantLoad ? 'displacement' : 'centrifugal'
}

/**
 * Bands of a running clamp of the main stage over the climb: no wider than the band of the whole run, which stands for
 * the heaviest moment, drawn down with the load.
 * @param sound the sound system as it stands
 * @param whole the band of the whole run
 */
export function climbOf(
  d: Description,
  solver: Solver,
  sound: Standing,
  test: NumericTest,
  whole: Pick<Band, 'low' | 'high'>,
): readonly ClimbPoint[] {
  const shape = shapeOf(d)
  const { healthy, stages: [stage] } = d
  const key = `${stage.prefix}motor.load` as 'motor.load'
  const drawn = Array.from({ length: POINTS }, (_, i) => {
    const pressure = (i / (POINTS - 1)) * healthy['set.cutOut']
    const load = healthy[key] * loadShare(d, shape, pressure)
    const under = { ...sound, stage: solver.stages({ [key]: load })[0] }
    return { pressure, ...predict(under, test) }
  })
  const most = Math.max(...drawn.map(a => a.mean))
  return drawn.map(({ pressure, mean, sigma }) => {
    const [share, off] = [mean / most, 2 * sigma + SHAPE * mean]
    return {
      pressure,
      low: Math.max(whole.low * share * (1 - SHAPE), mean - off),
      high: Math.min(whole.high * share * (1 + SHAPE), whole.high, mean + off),
    }
  })
}
