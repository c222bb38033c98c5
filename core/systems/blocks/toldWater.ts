/**
 * What people tell of pressure and water, or a master looks at before a meter comes out: how it starts and stops with
 * nothing drawn, how it falls, whether the well has water. Chances are common practice, no source.
 */
import type { SeenTest } from '../testTypes'
import { alike, seen } from './testEntry'

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
      'pipe.holed:3': { reaches: 0.02, stalls: 0.98 },
      // it would have to get there first
      'switch.out-of-setting:7': { reaches: 0.08, stalls: 0.92 },
      'pipe.pitless:2': { reaches: 0.75, stalls: 0.25 },
      'pipe.pitless:3': { reaches: 0.25, stalls: 0.75 },
      'house.leak:2': { reaches: 0.45, stalls: 0.55 },
      'tank.leak:3': { reaches: 0.06, stalls: 0.94 },
      'tank.drain:3': { reaches: 0.04, stalls: 0.96 },
      'pump.worn:2': { reaches: 0.2, stalls: 0.8 },
      'pump.cracked:2': { reaches: 0.4, stalls: 0.6 },
      // with nothing drawn it makes its pressure still
      'pump.intake-blocked': { reaches: 0.85, stalls: 0.15 },
      'suction.blocked': { reaches: 0.75, stalls: 0.25 },
      'strainer.blocked': { reaches: 0.75, stalls: 0.25 },
      'motor.binding': { reaches: 0.65, stalls: 0.35 },
      'pump.by-pass': { reaches: 0.04, stalls: 0.96 },
      // they stand behind the tank: with nothing drawn the pump makes its pressure all the same
      'house.shut': { reaches: 0.96, stalls: 0.04 },
      'house.reducer': { reaches: 0.96, stalls: 0.04 },
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
      'pipe.holed:3': { holds: 0.02, slow: 0.08, once: 0.9 },
      'pipe.pitless:1': { holds: 0.15, slow: 0.75, once: 0.1 },
      'pipe.pitless:2': { holds: 0.03, slow: 0.3, once: 0.67 },
      'pipe.pitless:3': { holds: 0.01, slow: 0.1, once: 0.89 },
      'house.leak:1': { holds: 0.12, slow: 0.83, once: 0.05 },
      'house.leak:2': { holds: 0.02, slow: 0.28, once: 0.7 },
      'relief.weeping': { holds: 0.2, slow: 0.72, once: 0.08 },
      'tank.waterlogged': { holds: 0.3, slow: 0.3, once: 0.4 },
      'tank.leak': { holds: 0.15, slow: 0.7, once: 0.15 },
      'tank.drain:1': { holds: 0.15, slow: 0.75, once: 0.1 },
      'tank.drain:2': { holds: 0.02, slow: 0.38, once: 0.6 },
      'tank.drain:3': { holds: 0.01, slow: 0.09, once: 0.9 },
      'pump.valves:2': { holds: 0.12, slow: 0.7, once: 0.18 },
      'switch.diaphragm': { holds: 0.3, slow: 0.6, once: 0.1 },
      'unloader.leaking': { holds: 0.4, slow: 0.5, once: 0.1 },
    },
  })

/** Whether the well has water over the pump, by a weighted line or by ear. */
export const wellLevel = (over: 'pump' | 'foot valve' = 'pump'): SeenTest =>
  seen({
    id: 'level-look',
    point: over === 'pump' ? 'head' : 'prime',
    title: `Line down the well: does water stand over the ${over}?`,
    words: ['water level', 'level'],
    minutes: 6,
    steps: [`A weighted line, or the echo of a tapped casing: how far down is the water, how far the ${over}?`],
    outcomes: { covered: { label: `well over the ${over}` }, low: { label: `down at the ${over}` } },
    usual: { covered: 0.95, low: 0.05 },
    chancesByFault: { [over === 'pump' ? 'pump.dry-well' : 'suction.dry-well']: { covered: 0.12, low: 0.88 } },
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
      blocked: { label: 'blocked' },
      shut: { label: 'stuck shut' },
    },
    usual: { holds: 0.974, falls: 0.02, blocked: 0.004, shut: 0.002 },
    chancesByFault: {
      'check.leaking': { holds: 0.08, falls: 0.91, blocked: 0.005, shut: 0.005 },
      'check.stuck-shut': { holds: 0.25, falls: 0.02, blocked: 0.18, shut: 0.55 },
      // leaves and mud lie on its screen; judgement, no source
      'suction.blocked': { holds: 0.35, falls: 0.02, blocked: 0.6, shut: 0.03 },
      // common practice, no source: with the plug open no air is drawn, and little water leaves
      'suction.air-leak': { holds: 0.85, falls: 0.14, blocked: 0.005, shut: 0.005 },
      'pump.prime-lost': { holds: 0.92, falls: 0.06, blocked: 0.01, shut: 0.01 },
      // what is poured in runs out of the crack, and the level falls
      'pump.cracked': { holds: 0.29, falls: 0.7, blocked: 0.005, shut: 0.005 },
    },
  })
