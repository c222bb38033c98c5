/** Volts between two points, as a usual digital meter shows them. */
import { magnitude } from '#core/foundation'
import { unstaged } from '../ids'
import type { SolvedStage } from '../power/stage'
import type { NumericTest, Prediction, Probe } from '../testTypes'
import { CAUGHT, figure, RAN_ON, RESTED, together } from './shapes'
import type { Standing } from './standing'

const METER_OHMS = 10e6 // usual digital meter, volts range

/**
 * Behind so many ohms a reading is a ghost: cable and meter decide, and the other loads of a house hold a lost leg
 * down. From nothing to what the cable gives, all is as likely.
 */
const GHOSTLY = 1e5
const ghost = (reading: number) => 0.5 * reading + 4
/** A share of the volts; common practice, no source. */
const SAGS = 0.045
/** and in the instant of the start, which a meter catches or does not */
const [DIPS, UNPULLED] = [0.06, 0.01]
/**
 * What stands between a lost line and another while the motor does not turn: half the volts between two lines, more or
 * less as its windings and the meter's moment have it. Common practice, no source.
 */
const HALVED = { from: 0.3, to: 0.75, spread: 0.12 }
/** Many a supply of three phases is stiffer than its wires are thought: so much of its sag, and of the lift of a
 * line beside it, is not there; judgement. */
const STIFF = 0.5
/** What falls under so much of its volts is a weak one, and none that is thought so; judgement. */
const MOST_STIFF = 0.84
/** Under so many volts what stands against ground while a motor is locked is what its amps lose on the way, V. */
const PULLED_UP = 60

/** So far apart sound contacts of the mains are, V; common practice, no source. */
const SOUND_DROP = 0.1

/** What a dead wire beside a live one shows a meter, V; common practice, no source. */
const STRAY = 2

export function predictVolts(
  { stage, spread, effect }: Standing,
  probe: Extract<Probe, { ask: 'volts' }>,
  test: NumericTest,
): Prediction {
  const shown = stage.solved(probe.scenario).meterReading(probe.a, probe.b, METER_OHMS)
  const solvedTo = magnitude(shown.volts)
  // a ghost: the cable decides, and it is not known well
  if (magnitude(shown.behind) > GHOSTLY) return figure(0.5 * solvedTo, ghost(solvedTo))
  const dead = solvedTo < STRAY && !stage.direct
  const least = probe.drop ? (stage.direct ? 0.05 : SOUND_DROP) : stage.direct ? 0.12 : dead ? STRAY : 0.8
  // how far locked amps pull a supply down, or a neutral up, hangs on wires that nobody has measured
  const starting = probe.scenario === 'starting'
  const sags = (starting || stage.turning === 'locked') && !stage.direct && probe.scenario !== 'idle'
  const ranOn = probe.scenario === 'idle' ? undefined : stage.ranOn()
  const whole = sags && ranOn && isOfThree(test) ? wholeOf(stage.solved('idle'), probe) : 0
  // where nearly nothing is pulled down, nearly nothing is unknown of it
  const dips = (v: number) => (whole > 0 ? Math.min(DIPS, UNPULLED + 2 * Math.abs(1 - v / whole)) : DIPS)
  const pulled = (v: number) => (!sags ? 0 : v < PULLED_UP ? 0.35 : starting || whole > 0 ? dips(v) : SAGS)
  const halved = (v: number) => (v > HALVED.from * whole && v < HALVED.to * whole ? HALVED.spread : 0)
  const share = (v: number) => (probe.drop ? 0.3 : Math.max(spread.volts, pulled(v), halved(v)))
  const stands = Math.abs(solvedTo - whole) < (1 - MOST_STIFF) * whole
  const reading = stands && whole > 0 ? solvedTo + STIFF * (whole - solvedTo) : solvedTo
  const spreadOf = (v: number) => together(least, share(v) * v)
  const loaded = figure(reading, spreadOf(reading))
  const beside = probe.or && stage.solved(probe.scenario).meterReading(probe.or.a, probe.or.b, METER_OHMS)
  const other = beside && magnitude(beside.volts)
  if (probe.or && other !== undefined && Math.abs(other - reading) > 3 * spreadOf(reading))
    return { ...loaded, or: { share: probe.or.share, mean: other, sigma: spreadOf(other) } }
  const before = stage.tripped && probe.scenario !== 'idle' && !probe.drop
    ? magnitude(stage.solved('starting').meterReading(probe.a, probe.b, METER_OHMS).volts)
    : reading
  const isUpstream = UPSTREAM.includes(unstaged(test.point)) && !stage.direct
  if (stage.tripped && isUpstream && isOfThree(test) && probe.scenario !== 'idle') {
    // put back, it holds until what lies behind the switch is called: that is when it is read
    const { mean, sigma } = readAtRest(stage, probe)
    if (mean > 3 * (sigma + least)) return { ...loaded, or: { share: CAUGHT, mean, sigma: 1.5 * sigma } }
  }
  if (Math.abs(before - reading) > 3 * (spreadOf(before) + least))
    return { ...loaded, or: { share: CAUGHT, mean: before, sigma: 2 * SAGS * before + least } }
  const lost = isOfThree(test) ? readLost(stage, probe) : undefined
  if (lost) return { ...loaded, or: { share: LOST, ...lost } }
  if (ranOn) {
    const kept = magnitude(ranOn.meterReading(probe.a, probe.b, METER_OHMS).volts)
    const driven = isOfThree(test)
      ? readDriven(ranOn, probe, Math.min(kept, reading))
      : probe.drop ? dropDriven(kept, reading) : undefined
    if (driven) return { ...loaded, or: { share: RAN_ON, ...driven } }
    if (Math.abs(kept - reading) > 1.5 * spreadOf(reading))
      return { ...loaded, or: { share: RAN_ON, mean: kept, sigma: 1.5 * together(least, spread.volts * kept) } }
  }
  const atRest = isUpstream ? readAtRest(stage, probe) : undefined
  if (atRest && Math.abs(atRest.mean - reading) > 3 * spreadOf(reading) + atRest.sigma)
    return { ...loaded, or: { share: AT_REST, ...atRest } }
  // what will not stop is read as it should have stopped
  if (effect === 'runs-on' && PILOT.includes(unstaged(test.point))) {
    const past = readAtRest(stage, probe)
    if (Math.abs(past.mean - reading) > 3 * spreadOf(reading)) return { ...loaded, or: { share: PAST, ...past } }
  }
  const ofFeed = !stage.direct && test.band !== 'coil' && !isOfThree(test)
  if (ofFeed && isFedBack(stage, probe, reading)) return { ...loaded, or: HELD_DOWN }
  const unfed = isOfLeg(test) && !stage.direct ? readUnfed(stage, probe) : undefined
  if (unfed && Math.abs(unfed.mean - reading) > 3 * spreadOf(reading) + unfed.sigma)
    return { ...loaded, or: { share: UNFED, ...unfed } }
  const still = stage.turning === 'locked' || stage.effect === 'trips-overload'
  // a contactor that has dropped out is not pulled in
  const letsGo = still && probe.scenario === 'running' && !stage.direct && unstaged(test.point) !== 'contacts'
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

/**
 * A leg that is lost is fed back through the motor, to all of its volts; with the motor's leads lifted it is not, and
 * so often it is read so without a word of it. Common practice, no source.
 */
const UNFED = 0.3
const isOfLeg = ({ variant }: NumericTest) => variant === 'l1g' || variant === 'l2g'
/** Two legs that both stand against ground and not against each other are one, and the same leg fed back. */
const isFedBack = ({ solved }: SolvedStage, { a, b, drop, scenario }: Probing, reading: number) =>
  !drop && reading < STRAY && [a, b].every(leg => magnitude(solved(scenario).voltage(leg)) > OF_LEG)
/** So much stands on a leg against ground at least, V. */
const OF_LEG = 80
/** With the motor lifted the other loads of a house hold the lost leg down, and the whole of the other is between. */
const HELD_DOWN = { share: 0.1, mean: 108, sigma: 13 }
type Probing = Extract<Probe, { ask: 'volts' }>

const readUnfed = (stage: SolvedStage, probe: Between) => readIn(stage.rested(), probe)

type Solved = ReturnType<SolvedStage['solved']>
/** Between two lines, of the higher of them. */
const wholeOf = (solved: Solved, { a, b }: { readonly a: string, readonly b: string }) =>
  Math.sqrt(3) * Math.max(magnitude(solved.voltage(a)), magnitude(solved.voltage(b)))

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
  const whole = wholeOf(solved('idle'), { a, b })
  return { mean: 0.45 * whole, sigma: 0.35 * whole }
}

/**
 * A line that is lost to a motor is driven by it: half the volts where it stands, nearly all where it runs on with
 * little to do, and as it slows all between. Common practice, no source.
 */
function readDriven(ranOn: Solved, { a, b }: { readonly a: string, readonly b: string }, least: number) {
  const whole = wholeOf(ranOn, { a, b })
  return least < DRIVEN * whole ? { mean: (least + whole) / 2, sigma: (whole - least) / 3 } : undefined
}
const DRIVEN = 0.88

/** What stands across an open pole: least as the motor runs on, most as it stands, and as it slows all between. */
const dropDriven = (kept: number, reading: number) =>
  reading > 2 * kept ? { mean: (kept + reading) / 2, sigma: (reading - kept) / 3 } : undefined

/** Ahead of the switch volts are read as often with it open. */
const UPSTREAM = ['supply', 'breaker', 'disconnect', 'line']
/** so often; common practice, no source */
const AT_REST = 0.3
/** Points of the control circuit, and how often they are read past the cut-out; common practice, no source. */
const PILOT = ['coil', 'pilot']
const PAST = 0.7

const readAtRest = (stage: SolvedStage, probe: Between) => readIn(stage.solved('idle'), probe)

interface Between {
  readonly a: string
  readonly b: string
}
function readIn(solved: Solved, { a, b }: Between) {
  const shown = solved.meterReading(a, b, METER_OHMS)
  const reading = magnitude(shown.volts)
  return magnitude(shown.behind) > GHOSTLY
    ? { mean: 0.5 * reading, sigma: ghost(reading) }
    : { mean: reading, sigma: together(0.8, 0.025 * reading) }
}
