/** Amps through a clamp. */
import { magnitude, subtract } from '#core/foundation'
import { POLES } from '../figures'
import type { SolvedStage } from '../power/stage'
import type { Prediction, Probe } from '../testTypes'
import { CAUGHT, figure, RESTED, together } from './shapes'
import { isIdling, type Standing } from './standing'

/** Of those caught before it lets go: the share of the first instant; common practice, no source. */
const OF_START = 0.7

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

/** How far the amps of motors without load lie apart, as a share. */
const IDLING = 0.3

/**
 * Of running amps that are told of a motor with a phase lost, so many are of one that ran on; those that run on carry
 * less than their full load, so that two legs draw about √3 of what three did. Common practice, no source.
 */
const [CLAMPED_RUNNING, LIGHT] = [0.5, 0.8]

/** What the start winding takes as it stands hangs on winding and capacitor, and is in no table; judgement. */
const [START_LEAD, OF_START_WINDING] = ['red lead', 2]

/** Where the shorted turns lie, and through what, is not known: of the amps of each leg; judgement, no source. */
const OF_SHORTED_TURNS = 0.4
const isShorted = ({ figures }: Standing) => POLES.some(i => figures[`motor.left${i}`] < 1)

/**
 * What a motor draws whose start winding is left in hangs on both windings and the capacitor, and is in no table: so
 * often it is about so much of what the circuit has it; judgement.
 */
const LEFT_IN = { share: 0.15, of: 0.6, sigma: 0.15 }
const hasStartLeftIn = ({ figures, healthy }: Standing) =>
  figures['start.contactRunning'] < healthy['start.contactRunning']

/**
 * Short of volts, a motor under load draws more in the field than its circuit says, which knows no saturation: by 11 %
 * where a tenth is missing (NEMA MG 1, effects of voltage, from memory), and motors lie far apart. So much further its
 * amps may lie, for each share of the volts that is missing; judgement, no source.
 */
const STARVED = 0.7
/** and by so much more than the circuit has it they are expected, for each share of the volts: half way; judgement */
const SATURATED = 1
/** No motor turns on fewer volts than that; judgement */
const MOST_SHORT = 0.2

/** Of the service's volts, what motors are made for: 115 of 120, 230 of 240 (NEMA MG 1, from memory). */
const MADE_FOR = 0.96

/** The share of its volts that a running motor of one phase is short of; the circuit of three phases tells its own. */
function shortOfVolts({ stage, healthy }: Standing): number {
  if (stage.turning !== 'running' || stage.direct) return 0
  const at = stage.solved('running')
  if (!at.nodes.includes('black.m')) return 0
  const has = magnitude(subtract(at.voltage('black.m'), at.voltage('yellow.m')))
  return Math.max(0, 1 - has / (MADE_FOR * (healthy['supply.leg1'] + healthy['supply.leg2'])))
}

export function predictAmps(standing: Standing, probe: Extract<Probe, { ask: 'amps' }>): Prediction {
  const { stage, spread, effect } = standing
  const short = probe.scenario === 'running' ? shortOfVolts(standing) : 0
  const flows = magnitude(stage.solved(probe.scenario).current(probe.element))
  const reading = (1 + SATURATED * Math.min(short, MOST_SHORT)) * flows
  if (stage.tripped) return caught(stage, probe, reading)
  const isOfStart = probe.element === START_LEAD
  const relative
    = probe.scenario === 'starting'
      ? 2 * spread.locked
      : stage.turning === 'locked'
        ? (isOfStart ? OF_START_WINDING : 1.4) * spread.locked
        : spread.amps
  // what a motor draws that moves nothing differs most from one make to the next; common practice, no source
  const idling = stage.turning === 'running' && isIdling({ stage, effect }) ? IDLING : 0
  const turns = isShorted(standing) ? OF_SHORTED_TURNS : 0
  const flowing = figure(reading, together(
    0.15 + 0.02 * reading, relative * reading, (idling + turns + STARVED * short) * reading,
  ))
  const ranOn = probe.scenario === 'running' ? stage.ranOn() : undefined
  if (ranOn) {
    const kept = magnitude(ranOn.current(probe.element))
    return { ...flowing, or: { share: CLAMPED_RUNNING, mean: LIGHT * kept, sigma: 0.4 * kept + 0.3 } }
  }
  if (probe.scenario === 'running' && stage.turning === 'running' && hasStartLeftIn(standing)) {
    const { share, of, sigma } = LEFT_IN
    return { ...flowing, or: { share, mean: of * reading, sigma: sigma * reading + 0.3 } }
  }
  return stage.turning === 'locked' && probe.scenario === 'running'
    ? { ...flowing, or: { share: RESTED / 2, mean: 0, sigma: 0.2 } }
    : flowing
}
