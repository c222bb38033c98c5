/**
 * What a numeric test should read: the solved circuit's figure at the meter, or the flow model's, spread by the
 * meter, by what the nameplate does not say, and by healthy variation.
 */
import type { FlowStory } from '#core/flow'
import { magnitude } from '#core/foundation'
import { PSI } from '#core/units'
import type { Spread } from './describe/description'
import { figureOf, type Change, type Figures } from './figures'
import { OPEN } from './power/resistances'
import { unstaged } from './ids'
import type { SolvedStage } from './power/stage'
import type { Effect } from './faultTypes'
import type { NumericTest, Prediction, Probe } from './testTypes'

const METER_OHMS = 10e6 // usual digital meter, volts range
const OHMS_RANGE = 40e6 // where a hand meter shows OL
const INSULATION_RANGE = 2e9
const RESTED = 0.25 // share of readings taken after an overload has let go; common practice, no source

/** One system in one condition, solved: what a prediction is made from. */
export interface Standing {
  readonly figures: Figures & Change
  readonly healthy: Figures & Change
  readonly stage: SolvedStage
  readonly spread: Spread
  readonly story: FlowStory
  readonly effect: Effect
  /** the effect as tables of what is seen know it */
  readonly seenAs: string
  /** the fault has only let go for now and closes again cold */
  readonly heals: boolean
  /** the tank's own fault, or none at all: its precharge is as the figures say */
  readonly tankKnown: boolean
  /** the nameplate says how large the tank or receiver is */
  readonly volumeKnown: boolean
}

export function predict(s: Standing, test: NumericTest): Prediction {
  const { probe } = test
  switch (probe.ask) {
    case 'volts':
      return predictVolts(s, probe, test)
    case 'amps':
      return predictAmps(s, probe)
    case 'ohms':
      return predictOhms(s, probe)
    case 'part': {
      const ohms = figureOf(probe.cold && s.heals ? s.healthy : s.figures, probe.figure)
      return contact(ohms, probe.spread)
    }
    case 'dial': {
      const amps = figureOf(s.figures, probe.figure)
      return figure(amps, together(0.3 + DIAL * amps, Math.max(0, s.spread.amps - OF_PLATE) * amps))
    }
    case 'farads': {
      const farads = figureOf(s.figures, probe.farads)
      return farads > 0 && farads < 5e-3
        ? figure(farads, 0.03 * farads + s.spread.farads * farads + 0.3e-6)
        : { mean: 0, sigma: 1e-6, log: false, ol: 0.7 }
    }
    case 'capacitor-ohms': {
      const farads = figureOf(s.figures, probe.farads)
      return farads > 0 && farads < 5e-3
        ? { mean: Math.log(200e3), sigma: 2, log: true, ol: 0.5 }
        : figure(figureOf(s.figures, probe.ohms), 0.5)
    }
    case 'flow':
      return predictFlow(s, probe)
  }
}

/** Whether nothing that a test hangs on differs between two conditions of one system. */
export function readsAlike(s: Standing, other: Standing, { probe }: NumericTest): boolean {
  switch (probe.ask) {
    case 'volts':
      return s.stage === other.stage
    case 'amps':
      return s.stage === other.stage && isIdling(s) === isIdling(other)
    case 'ohms':
      return s.stage === other.stage || s.stage.solved('leads-off') === other.stage.solved('leads-off')
    case 'dial':
      return s.figures[probe.figure] === other.figures[probe.figure]
    case 'part':
      return s.figures[probe.figure] === other.figures[probe.figure] && (!probe.cold || s.heals === other.heals)
    case 'farads':
      return s.figures[probe.farads] === other.figures[probe.farads]
    case 'capacitor-ohms':
      return (
        s.figures[probe.farads] === other.figures[probe.farads]
        && s.figures[probe.ohms] === other.figures[probe.ohms]
      )
    case 'flow':
      return (
        s.story === other.story
        && s.effect === other.effect
        && s.stage.turning === other.stage.turning
        && s.tankKnown === other.tankKnown
      )
  }
}

/** Spreads that have nothing to do with one another; `Math.hypot` is several times slower. */
const together = (a: number, b: number, c = 0) => Math.sqrt(a * a + b * b + c * c)
const figure = (mean: number, sigma: number): Prediction => ({ mean, sigma, log: false, ol: 0 })
const contact = (ohms: number, spread = 0.4): Prediction =>
  ohms >= OPEN ? { mean: Math.log(20e6), sigma: 1, log: true, ol: 0.985 } : figure(ohms, 0.25 + spread * ohms)

/**
 * Behind so many ohms a reading is a ghost: cable and meter decide, and the other loads of a house hold a lost leg
 * down. From nothing to what the cable gives, all is as likely.
 */
const GHOSTLY = 1e5
const ghost = (reading: number) => 0.5 * reading + 4
/** A share of the volts; common practice, no source. */
const SAGS = 0.045

/** What a dead wire beside a live one shows a meter, V; common practice, no source. */
const STRAY = 2

/** How far dials are set from the plate where nobody meant to, as a share; common practice, no source. */
const DIAL = 0.06
/** How far a motor draws off its plate: a dial is set by the plate and not by what is drawn. */
const OF_PLATE = 0.07

/** A receiver nobody has measured is as often twice as half the size that is taken; common practice, no source. */
const UNKNOWN = 0.7

function predictVolts(
  { stage, spread }: Standing,
  probe: Extract<Probe, { ask: 'volts' }>,
  test: NumericTest,
): Prediction {
  const shown = stage.solved(probe.scenario).meterReading(probe.a, probe.b, METER_OHMS)
  const reading = magnitude(shown.volts)
  // a ghost: the cable decides, and it is not known well
  if (magnitude(shown.behind) > GHOSTLY) return figure(0.5 * reading, ghost(reading))
  const dead = reading < STRAY && !stage.direct
  const least = probe.drop ? 0.05 : stage.direct ? 0.12 : dead ? STRAY : 0.8
  // how far locked amps pull a supply down hangs on wires that nobody has measured
  const sags = stage.turning === 'locked' && !stage.direct && probe.scenario !== 'idle' ? SAGS : 0
  const spreadOf = (v: number) => together(least, (probe.drop ? 0.3 : Math.max(spread.volts, sags)) * v)
  const loaded = figure(reading, spreadOf(reading))
  const beside = probe.or && stage.solved(probe.scenario).meterReading(probe.or.a, probe.or.b, METER_OHMS)
  const other = beside && magnitude(beside.volts)
  if (probe.or && other !== undefined && Math.abs(other - reading) > 3 * spreadOf(reading))
    return { ...loaded, or: { share: probe.or.share, mean: other, sigma: spreadOf(other) } }
  const before = stage.tripped && probe.scenario !== 'idle' && !probe.drop
    ? magnitude(stage.solved('starting').meterReading(probe.a, probe.b, METER_OHMS).volts)
    : reading
  if (Math.abs(before - reading) > 3 * (spreadOf(before) + least))
    return { ...loaded, or: { share: CAUGHT, mean: before, sigma: 2 * SAGS * before + least } }
  const lost = isOfThree(test) ? readLost(stage, probe) : undefined
  if (lost) return { ...loaded, or: { share: LOST, ...lost } }
  const ranOn = probe.scenario === 'idle' ? undefined : stage.ranOn()
  if (ranOn) {
    const kept = magnitude(ranOn.meterReading(probe.a, probe.b, METER_OHMS).volts)
    if (Math.abs(kept - reading) > 2 * (spreadOf(kept) + spreadOf(reading)))
      return { ...loaded, or: { share: RAN_ON, mean: kept, sigma: 1.5 * spreadOf(kept) } }
  }
  const atRest = UPSTREAM.includes(unstaged(test.point)) && !stage.direct ? readAtRest(stage, probe) : undefined
  if (atRest && Math.abs(atRest.mean - reading) > 3 * spreadOf(reading) + atRest.sigma)
    return { ...loaded, or: { share: AT_REST, ...atRest } }
  const still = stage.turning === 'locked' || stage.effect === 'trips-overload'
  const letsGo = still && probe.scenario === 'running' && !stage.direct
  if (!letsGo && !(test.band === 'coil' && stage.turning === 'locked')) return loaded
  // locked or overloaded, the overload soon lets go: a reading may be of the unloaded circuit
  const apart = stage.rested().meterReading(probe.a, probe.b, METER_OHMS)
  const rested = magnitude(apart.volts)
  const alone
    = magnitude(apart.behind) > GHOSTLY
      ? { mean: 0.5 * rested, sigma: ghost(rested) }
      : { mean: rested, sigma: spreadOf(rested) }
  return { ...loaded, or: { share: RESTED, ...alone } }
}

/** Ohms behind a line at rest from which it is fed through coils and windings only. */
const FED_BACK = 20
/**
 * What a lost line shows against another hangs on what feeds it back: control circuit, windings, motors beside it.
 * From nothing to the whole, so often; common practice, no source.
 */
const LOST = 0.4
const isOfThree = ({ variant }: NumericTest) => /^v\d\d$/.test(variant ?? '')

function readLost({ solved }: SolvedStage, { a, b }: { readonly a: string, readonly b: string }) {
  const shown = solved('idle').meterReading(a, b, METER_OHMS)
  if (magnitude(shown.behind) < FED_BACK) return undefined
  const whole = Math.sqrt(3) * Math.max(magnitude(solved('idle').voltage(a)), magnitude(solved('idle').voltage(b)))
  return { mean: 0.45 * whole, sigma: 0.35 * whole }
}

/** Ahead of the switch volts are read as often with it open. */
const UPSTREAM = ['supply', 'breaker', 'disconnect', 'line']
/** so often; common practice, no source */
const AT_REST = 0.3

function readAtRest(stage: SolvedStage, { a, b }: { readonly a: string, readonly b: string }) {
  const shown = stage.solved('idle').meterReading(a, b, METER_OHMS)
  const reading = magnitude(shown.volts)
  return magnitude(shown.behind) > GHOSTLY
    ? { mean: 0.5 * reading, sigma: ghost(reading) }
    : { mean: reading, sigma: together(0.8, 0.025 * reading) }
}

/**
 * Of readings on what lets go, so many are caught before it does: less than at the first instant. Common practice, no
 * source.
 */
const [CAUGHT, OF_START] = [0.35, 0.7]

function caught(
  stage: SolvedStage,
  { element, scenario }: Extract<Probe, { ask: 'amps' }>,
  reading: number,
): Prediction {
  const apart: Prediction = { mean: Math.log(Math.max(reading, 0.05)), sigma: 1, log: true, ol: 0.3 }
  if (scenario !== 'running') return apart
  const flowed = OF_START * magnitude(stage.solved('starting').current(element))
  return { ...apart, or: { share: CAUGHT, mean: flowed, sigma: 0.5 * flowed + 0.1 } }
}

/**
 * Of readings on a motor that will not start with a phase lost, so many are of one that ran when it was lost; common
 * practice, no source.
 */
const RAN_ON = 0.35

const isIdling = ({ stage: { figures }, effect }: Pick<Standing, 'stage' | 'effect'>) =>
  effect === 'runs-dry' || figures['motor.load'] < 0.5

/** How far the amps of motors without load lie apart, as a share. */
const IDLING = 0.3

function predictAmps({ stage, spread, effect }: Standing, probe: Extract<Probe, { ask: 'amps' }>): Prediction {
  const reading = magnitude(stage.solved(probe.scenario).current(probe.element))
  if (stage.tripped) return caught(stage, probe, reading)
  const relative
    = probe.scenario === 'starting'
      ? 2 * spread.locked
      : stage.turning === 'locked'
        ? 1.4 * spread.locked
        : spread.amps
  // what a motor draws that moves nothing differs most from one make to the next; common practice, no source
  const idling = stage.turning === 'running' && isIdling({ stage, effect }) ? IDLING : 0
  const flowing = figure(reading, together(0.15 + 0.02 * reading, relative * reading, idling * reading))
  const ranOn = probe.scenario === 'running' ? stage.ranOn() : undefined
  if (ranOn) {
    const kept = magnitude(ranOn.current(probe.element))
    return { ...flowing, or: { share: RAN_ON, mean: kept, sigma: 0.3 * kept + 0.3 } }
  }
  return stage.turning === 'locked' && probe.scenario === 'running'
    ? { ...flowing, or: { share: RESTED / 2, mean: 0, sigma: 0.2 } }
    : flowing
}

function predictOhms({ stage, spread }: Standing, probe: Extract<Probe, { ask: 'ohms' }>): Prediction {
  const reading = stage.solved('leads-off').portImpedance(probe.a, probe.b).re
  const range = probe.insulation ? INSULATION_RANGE : OHMS_RANGE
  const ol = 1 / (1 + (range / Math.max(reading, 1e-3)) ** 3)
  // what leaks to ground is wet, sooty, an arc under volts: a hand meter shows anything near it
  if (probe.insulation && reading < 2e3) return { mean: Math.log(Math.max(reading, 50)), sigma: 2.6, log: true, ol }
  if (reading > 2e3) return { mean: Math.log(reading), sigma: reading > 1e6 ? 1.1 : 0.6, log: true, ol }
  return { ...figure(reading, together(0.25, spread.ohms * reading)), ol }
}

const TURNS: readonly Effect[] = [
  'runs',
  'runs-weak',
  'runs-on',
  'rapid-cycles',
  'surges',
  'cuts-off',
  'starts-alone',
  'trips-overload',
]

function predictFlow(s: Standing, { what, over = TEN_MINUTES }: Extract<Probe, { ask: 'flow' }>): Prediction {
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
        ? figure(figures['tank.precharge'], 3.5 * PSI)
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
    case 'cycle': {
      const seconds = Number.isFinite(story.cycle) ? Math.max(story.cycle, 2) : 1500
      return {
        mean: Math.log(s.tankKnown ? seconds : seconds * 0.9),
        sigma: s.tankKnown ? (s.spread.cycle ?? 0.45) : 0.8,
        log: true,
        ol: 0,
      }
    }
    case 'delivery':
      return figure(
        turns ? story.delivery : 0,
        together(spread.flow * (turns ? story.delivery : 0), s.healthy['pump.flow'] * 0.02),
      )
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

/** Mains stand anywhere between 20 and 80 psi; common practice, no source. */
const UNKNOWN_MAIN = 14 * PSI

/** The gauge may stand ahead of the strainer or behind it; where the main's pressure is not given it may be any. */
function predictInlet({ figures, healthy, spread, story }: Standing): Prediction {
  const main = figure(figures['pump.inlet'], spread.inlet ?? UNKNOWN_MAIN)
  const passed = figures['source.yield'] / Math.max(healthy['pump.flow'], 1e-9)
  if (passed >= 1 || story.effect === 'runs' || figures['pump.inlet'] < healthy['pump.inlet']) return main
  return { ...main, or: { share: 0.5, mean: figures['pump.inlet'] * Math.max(0, passed - 0.05), sigma: 3 * PSI } }
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

const gaugeSpread = (s: Standing, p: Prediction): Prediction =>
  s.figures['gauge.stuck'] ? { ...p, sigma: p.log ? p.sigma + 1 : p.sigma + 25 * PSI } : p

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
      return TURNS.includes(s.effect)
        ? figure(0.5 * cutIn, 0.4 * cutIn)
        : figure(0.15 * cutIn, 0.28 * cutIn + 3 * PSI)
  }
}

/** Who says how long it takes to fill has as often begun with nothing in it; common practice, no source. */
const FROM_NOTHING = 0.4

function predictFill({ story, volumeKnown }: Standing, cutIn: number, cutOut: number): Prediction {
  if (!Number.isFinite(story.fillTime)) return { mean: Math.log(1800), sigma: UNKNOWN, log: true, ol: 0 }
  const mean = Math.log(Math.max(story.fillTime, 3))
  const sigma = together(volumeKnown ? 0.22 : UNKNOWN, POLYTROPIC)
  const whole = mean + Math.log(cutOut / Math.max(cutOut - cutIn, 1))
  return { mean, sigma, log: true, ol: 0, or: { share: FROM_NOTHING, mean: whole, sigma, log: true } }
}
