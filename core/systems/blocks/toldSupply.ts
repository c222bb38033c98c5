/**
 * What people tell of the supply, or a master asks before a meter comes out: other circuits, fuses, wires along the
 * run, neighbours. Chances are common practice, no source.
 */
import type { SeenTest } from '../testTypes'
import { seen } from './testEntry'

/** What else in the house is out, or dims as it tries to start. */
export const otherLights = (): SeenTest =>
  seen({
    id: 'lights',
    point: 'supply',
    title: 'Other lights and circuits: are they all there?',
    words: ['lights', 'other circuits', 'house lights'],
    steps: ['Ask, and look: is half of the house out, do the lights dim as it tries?'],
    outcomes: {
      fine: { label: 'all there' },
      half: { label: 'half of them out' },
      all: { label: 'all out' },
      dim: { label: 'dim as it starts' },
      street: { label: 'the neighbours have it too, or the utility says so' },
    },
    usual: { fine: 0.93, half: 0.004, all: 0.004, dim: 0.06, street: 0.002 },
    chancesByFault: {
      'supply.leg-lost': { fine: 0.1, half: 0.7, all: 0.02, dim: 0.06, street: 0.12 },
      // they dim in many a house: it points, and shows nothing
      'supply.low-volts': { fine: 0.57, half: 0.02, all: 0.01, dim: 0.34, street: 0.06 },
      'supply.high-volts': { fine: 0.93, half: 0.004, all: 0.003, dim: 0.003, street: 0.06 },
      'supply.unbalanced': { fine: 0.87, half: 0.01, all: 0.01, dim: 0.05, street: 0.06 },
      'feed.high-resistance': { fine: 0.798, half: 0.01, all: 0.01, dim: 0.18, street: 0.002 },
    },
    chancesByEffect: { groans: { fine: 0.718, half: 0.02, all: 0.01, dim: 0.25, street: 0.002 } },
  })

/** What stands behind the panel. */
export const fedBy = (): SeenTest =>
  seen({
    id: 'fed-by',
    points: 'all',
    point: 'supply',
    title: 'What feeds it: the utility, a generator, a drive?',
    words: ['fed by'],
    minutes: 0.5,
    steps: ['Ask, and look for a transfer switch, a cord to a generator, a drive on the wall.'],
    outcomes: {
      utility: { label: 'the utility' },
      generator: { label: 'a generator', words: ['portable generator'] },
      drive: { label: 'a drive', words: ['inverter'] },
      slow: { label: 'a drive, under its full hertz', words: ['driveslow'] },
    },
    usual: { utility: 0.976, generator: 0.015, drive: 0.007, slow: 0.002 },
    chancesByFault: {
      'supply.generator': { utility: 0.02, generator: 0.97, drive: 0.005, slow: 0.005 },
      'supply.drive': { utility: 0.02, generator: 0.005, drive: 0.4, slow: 0.575 },
    },
  })

/** A breaker that is worn out or makes badly is warm. */
export const breakerHeat = (): SeenTest =>
  seen({
    id: 'breaker-heat',
    points: 'all',
    point: 'breaker',
    title: 'Back of a finger on the breaker: is it hot?',
    words: ['breaker feels'],
    minutes: 0.5,
    whileRunning: true,
    steps: ['Cover on, after it has run: warmer than the breakers beside it?'],
    outcomes: { cool: { label: 'no warmer than the others' }, hot: { label: 'warmer, or hot' } },
    usual: { cool: 0.97, hot: 0.03 },
    chancesByFault: {
      'breaker.weak': { cool: 0.45, hot: 0.55 },
      'breaker.pole-open': { cool: 0.6, hot: 0.4 },
      // the screw that its wire is under
      'feed.high-resistance': { cool: 0.82, hot: 0.18 },
    },
    chancesByEffect: { 'trips-overload': { cool: 0.85, hot: 0.15 } },
  })

/** Another breaker of the same rating: does it hold? */
export const otherBreaker = (): SeenTest =>
  seen({
    id: 'breaker-other',
    point: 'breaker',
    title: 'On another breaker of its rating: does it hold?',
    words: ['other breaker', 'new breaker'],
    minutes: 15,
    need: 'proven-dead',
    risk: 1,
    steps: ['Panel dead behind its main: its wires on a good breaker of the same rating. Run it as long as before.'],
    cautions: ['Never on a larger one than the wire is made for.'],
    outcomes: {
      holds: { label: 'holds, where the old one let go' },
      trips: { label: 'trips as before', words: ['trip'] },
    },
    // asked where one lets go: what makes a sound one go makes another go too
    usual: { holds: 0.12, trips: 0.88 },
    chancesByFault: {
      'breaker.weak': { holds: 0.97, trips: 0.03 },
      'breaker.pole-open': { holds: 0.4, trips: 0.6 },
      'motor.binding': { holds: 0.25, trips: 0.75 },
    },
    chancesByEffect: { 'trips-breaker': { holds: 0.02, trips: 0.98 } },
  })

/** A disconnect opened and looked at; fuses taken out one by one. */
export const disconnectLook = (): SeenTest =>
  seen({
    id: 'disconnect-look',
    point: 'disconnect',
    title: 'Look into the disconnect',
    words: ['disconnect'],
    minutes: 2,
    need: 'proven-dead',
    steps: ['Dead ahead of it: blades, jaws, terminals; the smell as it opens.'],
    outcomes: {
      bright: { label: 'bright and tight' },
      burnt: { label: 'burnt or loose' },
      off: { label: 'standing off', words: ['off'] },
    },
    usual: { bright: 0.977, burnt: 0.02, off: 0.003 },
    chancesByFault: {
      'disconnect.pole-open': { bright: 0.147, burnt: 0.85, off: 0.003 },
      'disconnect.off': { bright: 0.02, burnt: 0.01, off: 0.97 },
      'feed.high-resistance': { bright: 0.547, burnt: 0.45, off: 0.003 },
    },
  })

export const fusesLook = (): SeenTest =>
  seen({
    id: 'fuses-look',
    point: 'breaker',
    title: 'Take the fuses out and try each one',
    words: ['line fuses'],
    minutes: 4,
    need: 'proven-dead',
    steps: ['Out of their clips, ohms across each: which is open?'],
    outcomes: {
      good: { label: 'all whole' },
      one: { label: 'one blown' },
      more: { label: 'two or three blown' },
    },
    usual: { good: 0.988, one: 0.006, more: 0.006 },
    chancesByFault: {
      'breaker.pole-open': { good: 0.12, one: 0.86, more: 0.02 },
      // many a disconnect holds the fuses
      'disconnect.pole-open': { good: 0.72, one: 0.26, more: 0.02 },
      'breaker.off': { good: 0.4, one: 0.1, more: 0.5 },
    },
    chancesByEffect: { 'trips-breaker': { good: 0.06, one: 0.2, more: 0.74 } },
  })

/** Panel switch worked, wires along the run looked at: on a vehicle. */
export const vehicleLooks = (): readonly SeenTest[] => [
  seen({
    id: 'panel-wiggle',
    point: 'panel',
    title: 'Work the panel switch: does it come and go?',
    words: ['panel switch', 'wiggle'],
    minutes: 0.7,
    need: 'live',
    steps: ['A tap open; press and wriggle the panel switch.'],
    outcomes: { same: { label: 'no difference' }, comes: { label: 'comes and goes' } },
    usual: { same: 0.995, comes: 0.005 },
    chancesByFault: { 'panel.open': { same: 0.3, comes: 0.7 } },
  }),
  seen({
    id: 'wires-look',
    point: 'line',
    title: 'Follow the wires: any chafed or pinched?',
    words: ['wires', 'wiring', 'wire'],
    minutes: 3,
    steps: ['Bulkheads, clips, behind the pump: where can it rub?'],
    outcomes: { whole: { label: 'whole' }, chafed: { label: 'chafed or pinched' } },
    usual: { whole: 0.98, chafed: 0.02 },
    chancesByFault: { 'feed.to-chassis': { whole: 0.2, chafed: 0.8 } },
  }),
]

/** Whether others on the same main are short of water too. */
export const neighbours = (): SeenTest =>
  seen({
    id: 'neighbours',
    point: 'inlet',
    title: 'Have the neighbours pressure?',
    words: ['neighbours', 'street'],
    minutes: 1,
    steps: ['Ask next door, or try a tap ahead of the booster.'],
    outcomes: { yes: { label: 'they have' }, no: { label: 'they have none either' } },
    usual: { yes: 0.992, no: 0.008 },
    chancesByFault: { 'inlet.low': { yes: 0.15, no: 0.85 } },
  })
