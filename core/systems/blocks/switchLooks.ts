/** What is seen at a pressure switch; chances are common practice, no source. */
import type { SensingOptions } from './switchSensing'
import { seen } from './testEntry'

/** What is seen of contacts one pole of which is burnt. */
const BURNT_POLE = {
  clean: 0.02,
  sooty: 0.1,
  pitted: 0.23,
  burnt: 0.61,
  welded: 0.02,
  insects: 0.01,
  wet: 0.01,
}

/** Of contacts that carry a motor, and of those that carry a coil and hardly wear; judgement, no source. */
const OF_POLES = { clean: 0.49, sooty: 0.22, pitted: 0.18, burnt: 0.05, welded: 0.01, insects: 0.04, wet: 0.01 }
const OF_A_PILOT = { clean: 0.62, sooty: 0.2, pitted: 0.08, burnt: 0.02, welded: 0.01, insects: 0.05, wet: 0.02 }

/** What the four wires of a switch are landed on; the proof of wiring says the rest. */
export const wiringLook = (at: string) =>
  seen({
    id: 'wiring-look',
    point: at,
    title: 'Trace the wires of the switch: each where it belongs?',
    words: ['switch wiring', 'wires on the switch'],
    minutes: 3,
    need: 'proven-dead',
    steps: ['Dead. Two from the breaker on the line screws, two to the motor on the load screws, a pole to each leg.'],
    outcomes: {
      right: { label: 'as they belong' },
      wrong: { label: 'on the wrong screws', words: ['miswired'] },
    },
    usual: { right: 0.995, wrong: 0.005 },
    chancesByFault: { 'switch.miswired': { right: 0.04, wrong: 0.96 } },
  })

/** Far from the tank it feels the pump's every stroke. */
const bounceLooks = (at: string) => [
  seen({
    id: 'switch-heard',
    point: at,
    title: 'Listen at the switch as the pump starts: one click, or several?',
    words: ['switch clicks', 'switch heard'],
    minutes: 2,
    need: 'live',
    whileRunning: true,
    steps: ['A tap open until it starts: does it make once, or open and close again and again before it settles?'],
    outcomes: {
      once: { label: 'one click' },
      bounces: { label: 'bounces: several clicks, then it settles' },
    },
    usual: { once: 0.98, bounces: 0.02 },
    chancesByFault: {
      'switch.bounces': { once: 0.04, bounces: 0.96 },
      'tank.waterlogged': { once: 0.6, bounces: 0.4 },
      'tank.precharge-high': { once: 0.6, bounces: 0.4 },
      'switch.out-of-setting': { once: 0.85, bounces: 0.15 },
    },
    chancesByEffect: { 'rapid-cycles': { once: 0.85, bounces: 0.15 } },
  }),
  seen({
    id: 'switch-place',
    points: 'all',
    point: at,
    title: 'Where does the switch sit: at the tank, or away from it?',
    words: ['switch sits', 'switch mounted'],
    minutes: 0.5,
    steps: ['Along the pipe from the tank’s tee to the switch: a hand, or several feet, a valve, a hose between?'],
    outcomes: {
      near: { label: 'at the tank' },
      far: { label: 'away from the tank' },
    },
    usual: { near: 0.94, far: 0.06 },
    chancesByFault: { 'switch.bounces': { near: 0.08, far: 0.92 } },
  }),
]

export function switchLooks(o: SensingOptions, at: string) {
  return [
    ...(o.medium === 'water' ? bounceLooks(at) : []),
    seen({
      id: 'contacts',
      point: at,
      title: 'Look at the switch contacts',
      words: ['contacts', 'contact'],
      minutes: 1.5,
      need: 'proven-dead',
      steps: ['Cover off, dead. Look at the contacts.'],
      outcomes: {
        clean: { label: 'clean', words: ['good', 'ok'] },
        sooty: { label: 'sooty', words: ['soot'] },
        pitted: { label: 'pitted' },
        burnt: { label: 'burnt', words: ['burned'] },
        welded: { label: 'welded', words: ['stuck closed'] },
        insects: { label: 'insects or dirt', words: ['ants', 'bugs', 'spider', 'dirt'] },
        wet: { label: 'wet or green', words: ['green', 'corroded'] },
      },
      usual: at === 'pilot' ? OF_A_PILOT : OF_POLES,
      chancesByFault: {
        'switch.pole1-burnt': BURNT_POLE,
        'switch.pole2-burnt': BURNT_POLE,
        'switch.welded': {
          clean: 0.02,
          sooty: 0.03,
          pitted: 0.1,
          burnt: 0.15,
          welded: 0.68,
          insects: 0.01,
          wet: 0.01,
        },
        'switch.pole1-open': {
          clean: 0.1,
          sooty: 0.1,
          pitted: 0.12,
          burnt: 0.13,
          welded: 0.01,
          insects: 0.53,
          wet: 0.01,
        },
        'switch.pole2-open': {
          clean: 0.1,
          sooty: 0.1,
          pitted: 0.12,
          burnt: 0.13,
          welded: 0.01,
          insects: 0.53,
          wet: 0.01,
        },
        'switch.diaphragm': {
          clean: 0.2,
          sooty: 0.1,
          pitted: 0.1,
          burnt: 0.03,
          welded: 0.01,
          insects: 0.06,
          wet: 0.5,
        },
        'switch.bounces': {
          clean: 0.12,
          sooty: 0.27,
          pitted: 0.45,
          burnt: 0.11,
          welded: 0.02,
          insects: 0.02,
          wet: 0.01,
        },
        'switch.contact-dirty': {
          clean: 0.03,
          sooty: 0.29,
          pitted: 0.2,
          burnt: 0.2,
          welded: 0.01,
          insects: 0.26,
          wet: 0.01,
        },
      },
      chancesByEffect: {
        'rapid-cycles': {
          clean: 0.2,
          sooty: 0.28,
          pitted: 0.34,
          burnt: 0.13,
          welded: 0.02,
          insects: 0.02,
          wet: 0.01,
        },
        'starts-alone': {
          clean: 0.29,
          sooty: 0.28,
          pitted: 0.3,
          burnt: 0.08,
          welded: 0.02,
          insects: 0.02,
          wet: 0.01,
        },
      },
    }),
    seen({
      id: 'switch-seen',
      point: at,
      title: 'Is the switch made?',
      words: ['switch'],
      steps: ['Gauge under cut-in: are the contacts together?'],
      outcomes: {
        closed: { label: 'closed', words: ['made', 'in'] },
        open: { label: 'open', words: ['out'] },
      },
      usual: { closed: 0.96, open: 0.04 },
      chancesByFault: {
        'switch.stuck-open': { closed: 0.04, open: 0.96 },
        // held apart by dirt they do not touch, though the lever is over; common practice, no source
        'switch.pole1-open': { closed: 0.65, open: 0.35 },
        'switch.pole2-open': { closed: 0.65, open: 0.35 },
        'switch.port-blocked:1': { closed: 0.05, open: 0.95 },
        'switch.valve-shut:1': { closed: 0.05, open: 0.95 },
        'switch.cut-off-tripped': { closed: 0.03, open: 0.97 },
        'switch.lever-off': { closed: 0.02, open: 0.98 },
        // past its cut-out, as it is found; common practice, no source
        'starter.welded': { closed: 0.2, open: 0.8 },
      },
      chancesByEffect: {
        'runs-on': { closed: 0.97, open: 0.03 },
      },
    }),
    seen({
      id: 'port-look',
      point: at,
      title: 'Switch off its nipple: is the port clear?',
      words: ['port', 'nipple'],
      minutes: 9,
      need: 'zero-pressure',
      steps: ['Power off and locked, pressure at zero, then unscrew it and look through port and nipple.'],
      cautions: ['Zero on the gauge and a tap open before it is unscrewed.'],
      outcomes: {
        clear: { label: 'clear', words: ['clean', 'open'] },
        blocked: { label: 'blocked', words: ['plugged', 'scale', 'sand'] },
      },
      usual: { clear: 0.992, blocked: 0.008 },
      chancesByFault: {
        'switch.port-blocked': { clear: 0.06, blocked: 0.94 },
      },
    }),
    ...(o.cutOff || o.medium === 'air'
      ? [
          seen({
            id: 'lever',
            point: at,
            title: o.cutOff ? 'Look at the cut-off lever' : 'Look at the lever',
            words: ['lever'],
            minutes: 0.3,
            steps: ['Is the lever on the side at auto, or off?'],
            outcomes: {
              auto: { label: 'auto', words: ['on'] },
              off: { label: 'off', words: ['tripped', 'down'] },
            },
            usual: { auto: 0.996, off: 0.004 },
            // what starves it lets its cut-off drop too, and so it is often found; common practice, no source
            ...(o.cutOff ? { chancesByEffect: { 'cuts-off': { auto: 0.8, off: 0.2 } } } : {}),
            chancesByFault: {
              'switch.cut-off-tripped': { auto: 0.05, off: 0.95 },
              'switch.lever-off': { auto: 0.02, off: 0.98 },
            },
          }),
        ]
      : []),
    ...(o.valve
      ? [
          seen({
            id: 'valve-under',
            point: at,
            title: 'Look at the valve under the switch',
            words: ['valve under', 'valve'],
            minutes: 0.4,
            steps: ['Handle along the pipe is open.'],
            outcomes: {
              open: { label: 'open' },
              shut: { label: 'shut', words: ['closed'] },
            },
            usual: { open: 0.996, shut: 0.004 },
            chancesByFault: {
              'switch.valve-shut': { open: 0.01, shut: 0.99 },
            },
          }),
        ]
      : []),
    seen({
      id: 'tap-switch',
      point: at,
      title: 'Tap the switch: does it start?',
      words: ['tapped', 'tap on it', 'tapping'],
      minutes: 0.7,
      need: 'live',
      risk: 1,
      steps: ['Cover on, insulated handle, one light tap while it calls.'],
      outcomes: {
        nothing: { label: 'nothing', words: ['no'] },
        starts: { label: 'starts', words: ['yes'] },
      },
      usual: { nothing: 0.97, starts: 0.03 },
      chancesByFault: {
        'switch.pole1-open': { nothing: 0.5, starts: 0.5 },
        'switch.pole2-open': { nothing: 0.5, starts: 0.5 },
        'switch.stuck-open': { nothing: 0.45, starts: 0.55 },
        'switch.contact-dirty': { nothing: 0.45, starts: 0.55 },
        'switch.pole1-burnt': { nothing: 0.75, starts: 0.25 },
        'switch.pole2-burnt': { nothing: 0.75, starts: 0.25 },
      },
      chancesByEffect: {
        runs: { nothing: 0.6, starts: 0.4 },
      },
    }),
  ]
}
