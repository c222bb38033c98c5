/**
 * What people tell of the machine, or a master asks before a meter comes out: heat, speed, how long it keeps running,
 * what it does on a known good supply. Chances are common practice, no source.
 */
import type { SeenTest } from '../testTypes'
import { seen } from './testEntry'
import { swapTrial } from './trials'

/** The back of a hand on the cover of the switch. */
export const switchHeat = (at: string): SeenTest =>
  seen({
    id: 'switch-heat',
    points: 'all',
    point: at,
    title: 'Back of the hand on the switch cover: is it hot?',
    words: ['switch feels', 'switch cover'],
    whileRunning: true,
    steps: ['Cover on, after some minutes of running: back of the hand on it.'],
    outcomes: { cool: { label: 'cool' }, hot: { label: 'hot' } },
    usual: { cool: 0.97, hot: 0.03 },
    chancesByFault: {
      'switch.pole1-burnt': { cool: 0.35, hot: 0.65 },
      'switch.pole2-burnt': { cool: 0.35, hot: 0.65 },
      'run.high-resistance': { cool: 0.75, hot: 0.25 },
      'feed.high-resistance': { cool: 0.75, hot: 0.25 },
    },
    chancesByEffect: { 'rapid-cycles': { cool: 0.8, hot: 0.2 } },
  })

/** How long it keeps running before its own overload lets go. */
export const keepsRunning = (at: string): SeenTest =>
  seen({
    id: 'keeps-running',
    point: at,
    title: 'Does it keep running?',
    words: ['stops itself'],
    minutes: 3,
    need: 'live',
    risk: 1,
    steps: ['From the start on: does it stop itself, in seconds or in minutes, and come back once it has cooled?'],
    outcomes: {
      keeps: { label: 'does not stop itself' },
      seconds: { label: 'stops itself in seconds' },
      minutes: { label: 'stops itself in minutes, back when cool' },
    },
    usual: { keeps: 0.94, seconds: 0.03, minutes: 0.03 },
    // that it lets go is seen; what makes it is not
    pointsTo: [
      'motor.centrifugal-closed', 'motor.start-stuck', 'motor.binding', 'motor.no-cooling', 'motor.turn-short',
      'supply.low-volts', 'feed.high-resistance', 'run.high-resistance',
    ],
    chancesByFault: {
      'motor.overload-hot': { keeps: 0.1, seconds: 0.35, minutes: 0.55 },
      'motor.overload-failed:2': { keeps: 0.1, seconds: 0.1, minutes: 0.8 },
      'box.overload-failed:2': { keeps: 0.1, seconds: 0.1, minutes: 0.8 },
      'motor.centrifugal-closed': { keeps: 0.05, seconds: 0.7, minutes: 0.25 },
      'motor.start-stuck': { keeps: 0.05, seconds: 0.7, minutes: 0.25 },
      'motor.binding': { keeps: 0.35, seconds: 0.15, minutes: 0.5 },
      'motor.no-cooling': { keeps: 0.12, seconds: 0.03, minutes: 0.85 },
      'motor.turn-short': { keeps: 0.3, seconds: 0.3, minutes: 0.4 },
      'supply.low-volts': { keeps: 0.4, seconds: 0.15, minutes: 0.45 },
      'feed.high-resistance': { keeps: 0.55, seconds: 0.15, minutes: 0.3 },
      'run.high-resistance': { keeps: 0.55, seconds: 0.15, minutes: 0.3 },
    },
    chancesByEffect: {
      'groans': { keeps: 0.1, seconds: 0.85, minutes: 0.05 },
      'trips-overload': { keeps: 0.05, seconds: 0.25, minutes: 0.7 },
      'cuts-off': { keeps: 0.35, seconds: 0.45, minutes: 0.2 },
    },
  })

/** A motor in the open: how hot, how fast. */
export const motorFelt = (at: string): readonly SeenTest[] => [
  seen({
    id: 'motor-heat',
    points: 'all',
    point: at,
    title: 'Is the motor hot?',
    words: ['motor feels'],
    steps: ['Back of the hand near the frame: warm is usual, too hot to touch is not.'],
    outcomes: { usual: { label: 'cool or warm' }, hot: { label: 'too hot to touch' } },
    usual: { usual: 0.92, hot: 0.08 },
    chancesByFault: {
      'motor.overload-hot': { usual: 0.05, hot: 0.95 },
      'motor.binding': { usual: 0.35, hot: 0.65 },
      'motor.no-cooling': { usual: 0.1, hot: 0.9 },
      'motor.turn-short': { usual: 0.3, hot: 0.7 },
      'motor.centrifugal-closed': { usual: 0.2, hot: 0.8 },
      'motor.wrong-tap': { usual: 0.25, hot: 0.75 },
      'supply.low-volts': { usual: 0.4, hot: 0.6 },
      'feed.high-resistance': { usual: 0.5, hot: 0.5 },
      'run.high-resistance': { usual: 0.5, hot: 0.5 },
    },
    chancesByEffect: {
      'groans': { usual: 0.45, hot: 0.55 },
      'trips-overload': { usual: 0.2, hot: 0.8 },
      'silent': { usual: 0.97, hot: 0.03 },
    },
  }),
  motorSpeed(at),
]

export const motorSpeed = (at: string): SeenTest =>
  seen({
    id: 'speed',
    points: 'all',
    point: at,
    title: 'By ear: does it come up to its usual speed?',
    words: ['speed', 'turns'],
    whileRunning: true,
    need: 'live',
    steps: ['Listen to the pitch: as always, or slow?'],
    outcomes: { usual: { label: 'its usual speed' }, slow: { label: 'slow' } },
    usual: { usual: 0.96, slow: 0.04 },
    chancesByFault: {
      'supply.low-volts': { usual: 0.35, slow: 0.65 },
      'feed.high-resistance': { usual: 0.4, slow: 0.6 },
      'run.high-resistance': { usual: 0.4, slow: 0.6 },
      'switch.pole1-burnt': { usual: 0.45, slow: 0.55 },
      'switch.pole2-burnt': { usual: 0.45, slow: 0.55 },
      'motor.wrong-tap': { usual: 0.1, slow: 0.9 },
      'motor.binding': { usual: 0.4, slow: 0.6 },
      'motor.turn-short': { usual: 0.5, slow: 0.5 },
      'motor.cap-low': { usual: 0.5, slow: 0.5 },
      'battery.low': { usual: 0.1, slow: 0.9 },
      'battery.post': { usual: 0.2, slow: 0.8 },
      'fuse.holder': { usual: 0.25, slow: 0.75 },
      'panel.open': { usual: 0.4, slow: 0.6 },
      'return.bad': { usual: 0.15, slow: 0.85 },
      'switch.burnt': { usual: 0.25, slow: 0.75 },
      'motor.brushes': { usual: 0.3, slow: 0.7 },
      'head.belt': { usual: 0.8, slow: 0.2 },
    },
  })

/** The supply changed for one known to be good, and the machine for one known to be good. */
export const knownGood = (at: string): readonly SeenTest[] => [
  swapTrial({
    id: 'known-feed',
    point: 'supply',
    title: 'Fed straight from a good outlet: does it run?',
    words: ['good outlet', 'other circuit'],
    need: 'proven-dead',
    minutes: 6,
    risk: 1,
    steps: ['Off; a short heavy lead from a circuit known to be good, of the same volts; on.'],
    sound: ['supply', 'breaker', 'feed'],
  }),
  swapTrial({
    id: 'known-motor',
    point: at,
    title: 'Known-good pump or motor on the same wires: does it run?',
    words: ['known good motor', 'known good pump'],
    need: 'proven-dead',
    minutes: 25,
    risk: 1,
    steps: ['Off; a machine known to run, of the same volts, on the same leads; on.'],
    sound: ['motor', 'start'],
  }),
]

/** A machine with a plug hangs on whatever lay nearest. */
export const cordLook = (): SeenTest =>
  seen({
    id: 'cord-look',
    point: 'supply',
    title: 'How is it fed: straight in, or on a long thin cord?',
    words: ['cord', 'extension cord'],
    minutes: 1,
    steps: ['Follow it to its outlet: how long, how thick, how warm?'],
    outcomes: {
      short: { label: 'straight in, or short and heavy', words: ['straight in', 'short'] },
      long: { label: 'on a long or thin cord', words: ['long', 'thin'] },
    },
    usual: { short: 0.94, long: 0.06 },
    chancesByFault: {
      // the cord is the feed: a weak supply stands ahead of it
      'feed.high-resistance': { short: 0.25, long: 0.75 },
      'supply.low-volts': { short: 0.88, long: 0.12 },
    },
  })

/** A compressor that starts empty and not against air. */
export const startsEmpty = (): SeenTest =>
  seen({
    id: 'starts-empty',
    point: 'head',
    title: 'Does it start with the receiver empty, and not against pressure?',
    words: ['starts empty', 'against pressure'],
    minutes: 2,
    need: 'any',
    steps: ['Receiver drained: does it start now, and not once there is air in it?'],
    outcomes: {
      same: { label: 'no difference' },
      empty: { label: 'only when empty' },
    },
    usual: { same: 0.98, empty: 0.02 },
    chancesByFault: {
      'unloader.not-venting': { same: 0.04, empty: 0.96 },
      'check.leaking:2': { same: 0.1, empty: 0.9 },
      'motor.cap-low': { same: 0.45, empty: 0.55 },
      'supply.low-volts': { same: 0.45, empty: 0.55 },
      'feed.high-resistance': { same: 0.45, empty: 0.55 },
      'motor.seized': { same: 0.97, empty: 0.03 },
    },
  })
