/**
 * What people tell unasked, or a master asks before a meter comes out: other circuits, heat, speed, how long it keeps
 * running, whether it starts with nothing drawn. Chances are common practice, no source.
 */
import type { SeenTest } from '../testTypes'
import { alike, seen } from './testEntry'
import { swapTrial } from './trials'

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
    },
    usual: { fine: 0.952, half: 0.004, all: 0.004, dim: 0.04 },
    chancesByFault: {
      'supply.leg-lost': { fine: 0.12, half: 0.8, all: 0.02, dim: 0.06 },
      'supply.low-volts': { fine: 0.35, half: 0.02, all: 0.01, dim: 0.62 },
      'feed.high-resistance': { fine: 0.8, half: 0.01, all: 0.01, dim: 0.18 },
    },
    chancesByEffect: { groans: { fine: 0.72, half: 0.02, all: 0.01, dim: 0.25 } },
  })

/** The back of a hand on the cover of the switch. */
export const switchHeat = (at: string): SeenTest =>
  seen({
    id: 'switch-heat',
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

/** Does it start though nobody draws? Does it ever get to cut-out? */
export const coursesOf = (medium: 'water' | 'air'): readonly SeenTest[] => [
  seen({
    id: 'self-starts',
    point: 'gauge',
    title: 'Does it start with nothing drawn?',
    words: ['self starts', 'starts alone'],
    minutes: 1,
    steps: [medium === 'water' ? 'Everything shut: ask, or wait and listen.' : 'Outlet shut: ask, or wait and listen.'],
    outcomes: { no: { label: 'stays off' }, yes: { label: 'starts by itself' } },
    usual: { no: 0.96, yes: 0.04 },
    chancesByEffect: {
      'starts-alone': { no: 0.05, yes: 0.95 },
      'rapid-cycles': { no: 0.75, yes: 0.25 },
      'runs-weak': { no: 0.8, yes: 0.2 },
      'runs': { no: 0.96, yes: 0.04 },
    },
  }),
  seen({
    id: 'cycles-how',
    point: 'gauge',
    title: 'How often does it start while it is used?',
    words: ['starts come', 'cycling'],
    minutes: 1.5,
    need: 'live',
    whileRunning: true,
    steps: [
      medium === 'water' ? 'A tap half open: minutes apart, or seconds?' : 'Air drawn: minutes apart, or seconds?',
    ],
    outcomes: { usual: { label: 'minutes apart' }, rapid: { label: 'every few seconds' } },
    usual: { usual: 0.95, rapid: 0.05 },
    chancesByEffect: {
      'rapid-cycles': { usual: 0.07, rapid: 0.93 },
      'surges': { usual: 0.6, rapid: 0.4 },
      'starts-alone': { usual: 0.85, rapid: 0.15 },
      'chatters': { usual: 0.5, rapid: 0.5 },
      'runs': { usual: 0.98, rapid: 0.02 },
    },
  }),
  seen({
    id: 'climbs',
    point: 'gauge',
    title: 'Does it get to cut-out?',
    words: ['climbs', 'gets to cut-out'],
    minutes: 2,
    need: 'live',
    whileRunning: true,
    steps: ['Everything shut; watch the gauge climb: to cut-out, or does it stand still on the way?'],
    outcomes: { reaches: { label: 'gets there' }, stalls: { label: 'never gets there' } },
    usual: { reaches: 0.85, stalls: 0.15 },
    chancesByFault: {
      'pipe.holed:1': { reaches: 0.7, stalls: 0.3 },
      'pipe.holed:2': { reaches: 0.15, stalls: 0.85 },
      'house.leak:2': { reaches: 0.45, stalls: 0.55 },
      'pump.worn:2': { reaches: 0.2, stalls: 0.8 },
    },
    chancesByEffect: {
      ...alike(['runs', 'rapid-cycles', 'runs-on', 'surges'], { reaches: 0.97, stalls: 0.03 }),
      'starts-alone': { reaches: 0.9, stalls: 0.1 },
      'runs-weak': { reaches: 0.35, stalls: 0.65 },
      'runs-dry': { reaches: 0.02, stalls: 0.98 },
      'cuts-off': { reaches: 0.4, stalls: 0.6 },
      'trips-overload': { reaches: 0.5, stalls: 0.5 },
    },
  }),
]

/** How the pressure goes once everything is shut and off. */
export const howItFalls = (): SeenTest =>
  seen({
    id: 'falls-how',
    point: 'gauge',
    title: 'Off and everything shut: how does the pressure fall?',
    words: ['pressure then', 'gauge then'],
    minutes: 2,
    steps: ['At cut-out, off, everything shut; watch the gauge: does it hold, creep down, or fall at once?'],
    outcomes: {
      holds: { label: 'it holds' },
      slow: { label: 'it creeps down' },
      once: { label: 'it falls at once' },
    },
    usual: { holds: 0.88, slow: 0.1, once: 0.02 },
    chancesByFault: {
      'check.leaking:1': { holds: 0.1, slow: 0.8, once: 0.1 },
      'check.leaking:2': { holds: 0.02, slow: 0.2, once: 0.78 },
      'pipe.holed:1': { holds: 0.2, slow: 0.6, once: 0.2 },
      'pipe.holed:2': { holds: 0.03, slow: 0.25, once: 0.72 },
      'house.leak:1': { holds: 0.12, slow: 0.83, once: 0.05 },
      'house.leak:2': { holds: 0.02, slow: 0.28, once: 0.7 },
      'relief.weeping': { holds: 0.2, slow: 0.72, once: 0.08 },
      'tank.waterlogged': { holds: 0.3, slow: 0.3, once: 0.4 },
      'tank.leak': { holds: 0.15, slow: 0.7, once: 0.15 },
      'pump.valves:2': { holds: 0.12, slow: 0.7, once: 0.18 },
      'switch.diaphragm': { holds: 0.3, slow: 0.6, once: 0.1 },
      'unloader.leaking': { holds: 0.4, slow: 0.5, once: 0.1 },
    },
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
    chancesByFault: {
      'motor.overload-hot': { keeps: 0.1, seconds: 0.35, minutes: 0.55 },
      'motor.centrifugal-closed': { keeps: 0.05, seconds: 0.7, minutes: 0.25 },
      'motor.start-stuck': { keeps: 0.05, seconds: 0.7, minutes: 0.25 },
      'motor.binding': { keeps: 0.35, seconds: 0.15, minutes: 0.5 },
      'motor.turn-short': { keeps: 0.3, seconds: 0.3, minutes: 0.4 },
      'supply.low-volts': { keeps: 0.4, seconds: 0.15, minutes: 0.45 },
      'feed.high-resistance': { keeps: 0.55, seconds: 0.15, minutes: 0.3 },
      'run.high-resistance': { keeps: 0.55, seconds: 0.15, minutes: 0.3 },
    },
    chancesByEffect: {
      'groans': { keeps: 0.1, seconds: 0.85, minutes: 0.05 },
      'trips-overload': { keeps: 0.05, seconds: 0.25, minutes: 0.7 },
    },
  })

/** A motor in the open: how hot, how fast. */
export const motorFelt = (at: string): readonly SeenTest[] => [
  seen({
    id: 'motor-heat',
    point: at,
    title: 'Is the motor hot?',
    words: ['motor feels'],
    steps: ['Back of the hand near the frame: warm is usual, too hot to touch is not.'],
    outcomes: { usual: { label: 'cool or warm' }, hot: { label: 'too hot to touch' } },
    usual: { usual: 0.92, hot: 0.08 },
    chancesByFault: {
      'motor.overload-hot': { usual: 0.05, hot: 0.95 },
      'motor.binding': { usual: 0.35, hot: 0.65 },
      'motor.turn-short': { usual: 0.3, hot: 0.7 },
      'motor.centrifugal-closed': { usual: 0.2, hot: 0.8 },
      'supply.low-volts': { usual: 0.4, hot: 0.6 },
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
    usual: { short: 0.92, long: 0.08 },
    chancesByFault: {
      'feed.high-resistance': { short: 0.4, long: 0.6 },
      'supply.low-volts': { short: 0.7, long: 0.3 },
    },
  })

/** Whether the well has water over the pump, by a weighted line or by ear. */
export const wellLevel = (): SeenTest =>
  seen({
    id: 'level-look',
    point: 'head',
    title: 'Line down the well: does water stand over the pump?',
    words: ['water level', 'level'],
    minutes: 6,
    steps: ['A weighted line, or the echo of a tapped casing: how far down is the water, how far the pump?'],
    outcomes: { covered: { label: 'well over the pump' }, low: { label: 'down at the pump' } },
    usual: { covered: 0.95, low: 0.05 },
    chancesByFault: { 'pump.dry-well': { covered: 0.12, low: 0.88 } },
  })

/** The foot valve filled from above: does it hold? */
export const footValve = (): SeenTest =>
  seen({
    id: 'foot-look',
    point: 'prime',
    title: 'Fill the suction line: does the foot valve hold?',
    words: ['foot valve', 'suction line'],
    minutes: 8,
    need: 'zero-pressure',
    steps: ['Prime plug out, fill it up, watch the level for a few minutes.'],
    outcomes: {
      holds: { label: 'holds' },
      falls: { label: 'runs back' },
      blocked: { label: 'blocked or stuck shut' },
    },
    usual: { holds: 0.974, falls: 0.02, blocked: 0.006 },
    chancesByFault: {
      'check.leaking': { holds: 0.08, falls: 0.91, blocked: 0.01 },
      'check.stuck-shut': { holds: 0.25, falls: 0.02, blocked: 0.73 },
      'suction.air-leak': { holds: 0.45, falls: 0.54, blocked: 0.01 },
      'pump.prime-lost': { holds: 0.5, falls: 0.48, blocked: 0.02 },
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
    outcomes: { bright: { label: 'bright and tight' }, burnt: { label: 'burnt or loose' } },
    usual: { bright: 0.98, burnt: 0.02 },
    chancesByFault: {
      'disconnect.pole-open': { bright: 0.15, burnt: 0.85 },
      'feed.high-resistance': { bright: 0.55, burnt: 0.45 },
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
