/** Pressures, times and draws of the water or air side. */
import { FLOW_EFFECTS } from '#core/flow'
import { PSI } from '#core/units'
import type { Effect } from '../faultTypes'
import { figureOf, type FigureKey } from '../figures'
import type { Prediction, Probe } from '../testTypes'
import { figure, together } from './shapes'
import type { Standing } from './standing'

/** A receiver nobody has measured is as often twice as half the size that is taken; common practice, no source. */
const UNKNOWN = 0.7

/** So many seconds from start to start are told of little air as often as of none, s; common practice, no source. */
const RAPID = 8

/** Of what the plant does, all in which something is pumped. */
const TURNS = new Set<Effect>([...FLOW_EFFECTS.filter(e => e !== 'runs-dry' && e !== 'silent'), 'trips-overload'])

/** What a pump gives at the head it stands at is not known to a third; common practice, no source. */
const SUPPLIES = 0.3

/** What a pump in the well puts into an open tank, m³/s: its own flow, or the well's where that is less. */
export function suppliedBy({ figures, stage }: Pick<Standing, 'figures' | 'stage'>): number {
  const well = (key: FigureKey) => figureOf(figures, `well:${key}`)
  const moves = stage.turning === 'running' && well('pump.turns') > 0 && !well('check.stuck')
  return moves ? Math.min(well('pump.flow'), well('source.yield')) : 0
}

export function predictFlow(s: Standing, { what, over = TEN_MINUTES }: Extract<Probe, { ask: 'flow' }>): Prediction {
  const { story, figures, spread } = s
  const cutIn = figures['set.cutIn']
  const cutOut = figures['set.cutOut']
  const unset = together(2.5 * PSI, spread.setting ?? 0)
  const turns = s.stage.turning === 'running'
  // what only pressure holds fast has started once, from empty, and run its course
  const held = s.stage.turning === 'locked' && figures['motor.startLoad'] > 0 && s.healthy['motor.startLoad'] === 0
  switch (what) {
    case 'gauge':
    case 'tap-static':
      return what === 'gauge' && figures['gauge.stuck']
        ? figure(0.5 * cutOut, 0.5 * cutOut)
        : predictGauge(s, cutIn, cutOut)
    // a tank's precharge is its own affair: under other faults it is what tanks in the field are found with
    case 'precharge':
      return s.tankKnown
        ? figure(figures['tank.precharge'], Math.min(3.5 * PSI, 1.2 * PSI + 0.25 * figures['tank.precharge']))
        : figure(figures['tank.precharge'] - 2 * PSI, 6 * PSI)
    case 'cut-in':
      return gaugeSpread(
        s,
        held
          ? figure(cutIn, 4 * PSI)
          : story.cutIn === undefined || s.effect === 'runs-on'
            ? { ...figure(cutIn, 20 * PSI), ol: NEVER }
            : figure(story.cutIn, unset + 0.2 * Math.abs(story.cutIn - cutIn)),
      )
    case 'cut-out':
      return gaugeSpread(
        s,
        held
          ? figure(cutOut, 4 * PSI)
          : story.cutOut === undefined || s.effect === 'runs-on'
            ? { ...figure(Math.max(story.peak, cutOut), 20 * PSI), ol: NEVER }
            : figure(story.cutOut, unset + 0.2 * Math.abs(story.cutOut - cutOut)),
      )
    case 'peak':
      return gaugeSpread(s, turns ? predictPeak(story.peak, cutOut, unset) : figure(0.5 * cutOut, 0.5 * cutOut))
    case 'cycle': {
      const seconds = Number.isFinite(story.cycle) ? Math.max(story.cycle, 2) : 1500
      return {
        mean: Math.log(s.tankKnown ? seconds : seconds * 0.9),
        sigma: s.tankKnown ? (s.spread.cycle ?? 0.45) : 0.8,
        log: true,
        ol: 0,
        // with a tap wide open, and a tank that may be small
        ...(s.effect === 'rapid-cycles' && seconds > RAPID && !s.tankKnown
          ? { or: { share: 0.3, mean: Math.log(RAPID), sigma: 0.7, log: true } }
          : {}),
      }
    }
    case 'delivery':
      return figure(
        turns ? story.delivery : 0,
        together(spread.flow * (turns ? story.delivery : 0), s.healthy['pump.flow'] * 0.02),
      )
    case 'supplied': {
      const given = suppliedBy(s)
      return figure(given, together(SUPPLIES * given, 0.04 * figureOf(s.healthy, 'well:pump.flow')))
    }
    case 'leak-down': {
      const lost = Math.min(story.leakDown * (over / TEN_MINUTES), cutOut)
      // leaks come in all sizes
      if (lost > 3 * PSI) return gaugeSpread(s, { mean: Math.log(lost), sigma: 0.7, log: true, ol: 0 })
      return gaugeSpread(s, figure(lost, 0.8 * PSI + 0.35 * lost))
    }
    case 'fill-time':
      return predictFill(s, cutIn, cutOut)
    case 'open-pressure':
      return figure(
        Math.max(0, Math.min(90 * PSI, story.peak) * figures['regulator.share'] - figures['line.loss']),
        9 * PSI,
      )
    case 'cut-off':
      return figure(figures['set.cutOff'], 3 * PSI)
    case 'inlet':
      return predictInlet(s)
  }
}

/**
 * What stalls may stall anywhere short of the cut-out, or just under it; what a sound pump makes past its cut-out no
 * plate tells. Judgement, no source.
 */
const [SHORT, SHORT_BY, STRONG_BY, REACHES] = [0.7, 0.18, 0.3, 0.2]

/** How high it gets with everything shut, told of what stalls: whether it does is another test. */
function predictPeak(peak: number, cutOut: number, unset: number): Prediction {
  if (peak > cutOut + PSI) return figure(peak, STRONG_BY * peak)
  const short = figure(Math.min(peak, SHORT * cutOut), SHORT_BY * cutOut)
  return peak > cutOut - PSI ? { ...short, or: { share: REACHES, mean: cutOut, sigma: unset } } : short
}

/** Mains stand between 20 and 80 psi; a good one that was read is taken for what it is. Common practice, no source. */
const UNKNOWN_MAIN = 8 * PSI
/** A main that nobody has written down may be any good one, as it is read with nothing drawn, or with a tap open. */
const GOOD_MAIN = { share: 0.4, mean: 48 * PSI, sigma: 14 * PSI }
/** What comes from a tank by its own height is under this. */
const OF_A_TANK = 8 * PSI

/** The gauge may stand ahead of the strainer or behind it; where the main's pressure is not given it may be any. */
function predictInlet({ figures, healthy, spread, story }: Standing): Prediction {
  const main = figure(figures['pump.inlet'], spread.inlet ?? UNKNOWN_MAIN)
  if (figures['pump.inlet'] < healthy['pump.inlet']) return main
  const isAny = spread.inlet === undefined && main.mean > OF_A_TANK
  const passed = figures['source.yield'] / Math.max(healthy['pump.flow'], 1e-9)
  // a pump that is locked with air draws nothing, and the main stands
  if (passed >= 1 || passed === 0 || story.effect === 'runs') return isAny ? { ...main, or: GOOD_MAIN } : main
  const ahead = isAny ? { ...main, mean: GOOD_MAIN.mean - UNKNOWN_MAIN, sigma: GOOD_MAIN.sigma } : main
  return { ...ahead, or: { share: 0.5, mean: figures['pump.inlet'] * Math.max(0, passed - 0.05), sigma: 3 * PSI } }
}

/**
 * The model is isothermal; air pumped fast stays warm, its exponent anywhere from 1 to 1.4: a quarter of ln 1.4 as a
 * spread of the time.
 */
const POLYTROPIC = 0.084

/** what the plant is run for with everything shut */
const TEN_MINUTES = 600

/** Where it does not start or stop by its switch, seldom is a figure given for it; common practice, no source. */
const NEVER = 0.97

/** Who finds that a gauge lies reads on one of his own from then on, as often as not; common practice, no source. */
const ON_ANOTHER = 0.5

function gaugeSpread({ figures }: Standing, p: Prediction): Prediction {
  if (!figures['gauge.stuck']) return p
  const { mean, sigma, log } = p
  const share = 1 - ON_ANOTHER
  return {
    ...p,
    or: log ? { share, mean, sigma: sigma + 1, log: true } : { share, mean, sigma: sigma + 25 * PSI },
  }
}

function predictGauge(s: Standing, cutIn: number, cutOut: number): Prediction {
  switch (s.effect) {
    case 'runs':
    case 'rapid-cycles':
    case 'starts-alone':
      return figure((cutIn + cutOut) / 2, 0.6 * (cutOut - cutIn) + 2 * PSI)
    case 'runs-on':
      return figure(cutOut + 15 * PSI, 20 * PSI)
    case 'runs-weak':
    case 'trips-overload':
      return figure(cutIn - 5 * PSI, 0.25 * cutIn + 6 * PSI)
    default:
      return TURNS.has(s.effect)
        ? figure(0.5 * cutIn, 0.4 * cutIn)
        : { ...figure(0.15 * cutIn, 0.28 * cutIn + 3 * PSI), ...(isReceiver(s) ? { or: standing(cutIn) } : {}) }
  }
}

/** Air has no precharge. */
const isReceiver = ({ healthy }: Standing) => healthy['tank.precharge'] === 0 && healthy['pump.shutOff'] === 0

/** A receiver that nobody draws from stands at its cut-in while nothing starts; common practice, no source. */
const standing = (cutIn: number) => ({ share: 0.5, mean: 0.9 * cutIn, sigma: 0.2 * cutIn })

/** Who says how long it takes to fill has as often begun with nothing in it; common practice, no source. */
const FROM_NOTHING = 0.4

function predictFill({ story, volumeKnown }: Standing, cutIn: number, cutOut: number): Prediction {
  if (!Number.isFinite(story.fillTime)) return { mean: Math.log(1800), sigma: UNKNOWN, log: true, ol: 0 }
  const mean = Math.log(Math.max(story.fillTime, 3))
  const sigma = together(volumeKnown ? 0.22 : UNKNOWN, POLYTROPIC)
  const whole = mean + Math.log(cutOut / Math.max(cutOut - cutIn, 1))
  return { mean, sigma, log: true, ol: 0, or: { share: FROM_NOTHING, mean: whole, sigma, log: true } }
}
