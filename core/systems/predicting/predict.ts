/**
 * What a numeric test should read: the solved circuit's figure at the meter, or the flow model's, spread by the
 * meter, by what the nameplate does not say, and by healthy variation.
 */
import { figureOf } from '../figures'
import type { StagedKey } from '../figures'
import { OPEN } from '../power/resistances'
import type { NumericTest, Prediction, Probe, Through } from '../testTypes'
import { predictAmps } from './amps'
import { predictFlow, suppliedBy } from './flow'
import { contact, figure, OHMS_RANGE, together } from './shapes'
import { isIdling, type Standing } from './standing'
import { predictVolts } from './volts'

const INSULATION_RANGE = 2e9

/** How far dials are set from the plate where nobody meant to, as a share; common practice, no source. */
const DIAL = 0.06
/** How far a motor draws off its plate: a dial is set by the plate and not by what is drawn. */
const OF_PLATE = 0.07

/** So few farads are none: an open capacitor. */
const AS_GOOD_AS_OPEN = 1e-6

export function predict(s: Standing, test: NumericTest): Prediction {
  const { probe } = test
  switch (probe.ask) {
    case 'volts':
      return predictVolts(s, probe, test)
    case 'amps':
      return predictAmps(s, probe)
    case 'ohms':
      return predictAtEither(s, probe)
    case 'part': {
      const ohms = figureOf(probe.cold && s.heals ? s.healthy : s.figures, probe.figure)
      if (probe.insulation) return predictOhms(s.spread, probe, ohms)
      const early = probe.asFound !== undefined && s.heals && figureOf(s.figures, probe.figure) >= OPEN
      return { ...contact(ohms, probe.spread), ...(early ? { ol: probe.asFound } : {}) }
    }
    case 'dial': {
      const amps = figureOf(s.figures, probe.figure)
      return figure(amps, together(0.3 + DIAL * amps, Math.max(0, s.spread.amps - OF_PLATE) * amps))
    }
    case 'farads': {
      const farads = figureOf(s.figures, probe.farads)
      const spread = probe.farads.endsWith('start.runFarads') ? s.spread.runFarads : s.spread.farads
      if (farads >= 5e-3 || farads === 0) return { mean: 0, sigma: 1e-6, log: false, ol: 0.7 }
      // some meters show an open one as OL; common practice, no source
      return { ...figure(farads, 0.03 * farads + spread * farads + 0.3e-6), ol: farads < AS_GOOD_AS_OPEN ? 0.35 : 0 }
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
      return (
        s.stage === other.stage
        || (s.stage.solved('leads-off') === other.stage.solved('leads-off')
          && keysOf(probe.through).every(key => s.figures[key] === other.figures[key]))
      )
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
        && (probe.what !== 'supplied' || suppliedBy(s) === suppliedBy(other))
      )
  }
}

type OhmsProbe = Extract<Probe, { ask: 'ohms' }>

const keysOf = (t: Through | undefined) => (t ? [...t.series, t.earth, t.across] : [])

/** Ohms as they are read at the leads' own end, or with the wires to it in them. */
function predictAtEither(s: Standing, probe: OhmsProbe): Prediction {
  const reading = s.stage.solved('leads-off').portImpedance(probe.a, probe.b).re
  const own = predictOhms(s.spread, probe, reading)
  const { through } = probe
  if (!through) return own
  const of = (key: StagedKey) => figureOf(s.figures, key)
  const wires = through.series.reduce((sum, key) => sum + of(key), 0)
  const beside = of(probe.insulation ? through.earth : through.across)
  const there = 1 / (1 / Math.max(reading + (probe.insulation ? 0 : wires), 1e-3) + 1 / Math.max(beside, 1e-3))
  const other = predictOhms(s.spread, probe, there)
  const ol = own.ol + through.share * (other.ol - own.ol)
  const isAlike = own.log === other.log && Math.abs(own.mean - other.mean) < own.sigma
  if (isAlike || other.ol > MOSTLY) return { ...own, ol }
  const { mean, sigma } = other
  return { ...own, ol, or: { share: through.share, mean, sigma, ...(other.log ? { log: true } : {}) } }
}
/** What mostly shows OL has no figure to speak of. */
const MOSTLY = 0.9

/** Of readings to ground so many are a hand meter's; common practice, no source. */
const BY_HAND = 0.5

function predictOhms(
  spread: Standing['spread'], probe: { readonly insulation?: boolean }, reading: number,
): Prediction {
  const beyond = (range: number) => 1 / (1 + (range / Math.max(reading, 1e-3)) ** 3)
  // to ground both are used, and a hand meter shows OL for all that is well
  const ol = probe.insulation
    ? BY_HAND * beyond(OHMS_RANGE) + (1 - BY_HAND) * beyond(INSULATION_RANGE)
    : beyond(OHMS_RANGE)
  // what leaks to ground is wet, sooty, an arc under volts: a hand meter shows anything near it
  if (probe.insulation && reading < 2e3) return { mean: Math.log(Math.max(reading, 50)), sigma: 2.6, log: true, ol }
  if (reading > 2e3) return { mean: Math.log(reading), sigma: reading > 1e6 ? 1.1 : 0.6, log: true, ol }
  return { ...figure(reading, together(0.25, spread.ohms * reading)), ol }
}
