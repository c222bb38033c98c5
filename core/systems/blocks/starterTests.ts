/** What is asked of a starter and its pilot circuit. */
import { POLES } from '../figures'
import type { Test } from '../testTypes'
import { JUMPER } from './cautions'
import { partOhms, reading, seen, volts, voltsAt, voltsThree } from './testEntry'
import { swapTrial, tripTrial } from './trials'
import type { StarterOptions } from './starterFaults'

export function starterTests(o: StarterOptions): readonly Test[] {
  const n = o.phases === 3 ? 3 : 2
  const lines = POLES.slice(0, n)
  return [
    ...(o.phases === 3
      ? voltsThree({
          point: 'load',
          where: 'on the starter load side',
          node: 'd',
        })
      : voltsAt({
          point: 'load',
          where: 'on the starter load side',
          legs: ['d1', 'd2'],
          band: 'utilisation',
          neutral: o.neutral,
        })),
    ...lines.map(i =>
      volts({
        id: `pole${i}.drop`,
        point: 'contacts',
        title: `Volts across contact ${i}, pulled in`,
        words: [String(i), `p${i}`],
        between: [`l${i}`, `c${i}`],
        condition: 'running',
        meter: 'V AC, lowest range',
        steps: [`Line to load of contact ${i} while it carries the motor.`],
        variant: String(i),
        band: 'contact-drop',
        minutes: 1,
        proves: true,
        drop: true,
      }),
    ),
    volts({
      id: 'load.idle',
      point: 'load',
      title: 'Volts on the load side with the coil out',
      words: ['idle', 'rest', 'coil out'],
      between: ['d1', 'd2'],
      scenario: 'idle',
      band: 'dead',
    }),
    volts({
      id: 'control.volts',
      point: 'control',
      title: 'Control supply volts',
      words: [],
      between: ['q', 'q0'],
      or: { a: 'qf', b: 'q0', share: 0.4 },
      band: 'coil',
    }),
    volts({
      id: 'aux.volts',
      point: 'aux',
      title: 'Volts behind the overload contact, to the coil’s return',
      words: [],
      between: ['qo', 'q0'],
      band: 'coil',
    }),
    volts({
      id: 'pilot.volts',
      point: 'pilot',
      title: 'Volts behind the pressure switch, to the coil’s return',
      words: [],
      between: ['qs', 'q0'],
      band: 'coil',
    }),
    volts({
      id: 'coil.volts',
      point: 'coil',
      title: 'Volts across the coil, calling',
      words: [],
      between: ['qc', 'qb'],
      band: 'coil',
    }),
    partOhms({
      id: 'coil.ohms',
      point: 'coil',
      title: 'Ohms across the coil, one lead off',
      words: [],
      figure: 'coil.cold',
      spread: 0.5,
      minutes: 3,
      steps: ['One coil lead off; across the coil.'],
      band: 'model',
    }),
    partOhms({
      id: 'aux.ohms',
      point: 'aux',
      title: 'Ohms across the overload’s contact, reset',
      words: [],
      figure: 'pilot.overload',
      minutes: 2.5,
      steps: ['One control wire off; button pushed in.'],
      cold: true,
    }),
    ...lines.map(i =>
      partOhms({
        id: `heater${i}.ohms`,
        point: 'load',
        title: `Ohms across heater ${i}`,
        words: [`heater ${i}`, `h${i}`],
        figure: `heater.${i}`,
        minutes: 2.5,
        steps: [`Across heater ${i}, dead.`],
        variant: `h${i}`,
      }),
    ),
    seen({
      id: 'coil-heard',
      point: 'coil',
      title: 'Listen to the contactor as it calls',
      words: ['contactor', 'coil sound', 'starter'],
      steps: ['Does it pull in firmly, chatter, or do nothing?'],
      outcomes: {
        pulls: { label: 'pulls in', words: ['in', 'clunks'] },
        chatters: { label: 'chatters, buzzes', words: ['buzzes'] },
        nothing: { label: 'nothing', words: ['silent', 'dead'] },
      },
      usual: { pulls: 0.7, chatters: 0.05, nothing: 0.25 },
      chancesByEffect: {
        'runs': { pulls: 0.97, chatters: 0.02, nothing: 0.01 },
        'groans': { pulls: 0.95, chatters: 0.04, nothing: 0.01 },
        'trips-overload': { pulls: 0.95, chatters: 0.03, nothing: 0.02 },
        'trips-breaker': { pulls: 0.9, chatters: 0.04, nothing: 0.06 },
        'chatters': { pulls: 0.03, chatters: 0.94, nothing: 0.03 },
        'silent': { pulls: 0.08, chatters: 0.03, nothing: 0.89 },
        'runs-on': { pulls: 0.9, chatters: 0.02, nothing: 0.08 },
        'runs-weak': { pulls: 0.97, chatters: 0.02, nothing: 0.01 },
        'runs-dry': { pulls: 0.97, chatters: 0.02, nothing: 0.01 },
        'rapid-cycles': { pulls: 0.97, chatters: 0.02, nothing: 0.01 },
        'surges': { pulls: 0.97, chatters: 0.02, nothing: 0.01 },
        'cuts-off': { pulls: 0.97, chatters: 0.02, nothing: 0.01 },
        'starts-alone': { pulls: 0.97, chatters: 0.02, nothing: 0.01 },
      },
    }),
    seen({
      id: 'coil-figure',
      point: 'coil',
      title: 'Read the volts printed on the coil',
      words: ['coil figure', 'coil printed'],
      minutes: 1.5,
      need: 'proven-dead',
      steps: ['Dead: the figure on the coil against the control volts.'],
      outcomes: {
        right: { label: 'right for the control volts', words: ['matches'] },
        wrong: { label: 'for other volts' },
      },
      usual: { right: 0.997, wrong: 0.003 },
      chancesByFault: {
        'starter.coil-wrong': { right: 0.02, wrong: 0.98 },
      },
    }),
    seen({
      id: 'reset',
      point: 'aux',
      title: 'Look at the overload’s reset button',
      words: ['reset', 'button', 'overload'],
      steps: ['Tripped stands out; its dial against the nameplate amps.'],
      outcomes: {
        in: { label: 'in, dial right', words: ['set', 'holds'] },
        tripped: { label: 'tripped', words: ['out', 'lets go'] },
        dial: { label: 'dial under the nameplate', words: ['set low'] },
      },
      usual: { in: 0.976, tripped: 0.02, dial: 0.004 },
      chancesByFault: {
        'starter.overload-tripped': { in: 0.03, tripped: 0.95, dial: 0.02 },
        'starter.overload-set': { in: 0.03, tripped: 0.2, dial: 0.77 },
      },
      chancesByEffect: {
        'groans': { in: 0.35, tripped: 0.63, dial: 0.02 },
        'trips-overload': { in: 0.25, tripped: 0.73, dial: 0.02 },
      },
    }),
    reading({
      id: 'dial.amps',
      point: 'dial',
      title: 'Where the overload’s dial stands',
      words: ['dial'],
      condition: 'dead',
      quantity: 'amps',
      minutes: 1,
      steps: ['The mark of its dial, beside the nameplate amps.'],
      probe: { ask: 'dial', figure: 'heater.dial' },
      band: 'model',
    }),
    seen({
      id: 'starter-look',
      point: 'contacts',
      title: 'Look at the starter’s contacts',
      words: ['contacts', 'starter contacts'],
      minutes: 4,
      need: 'proven-dead',
      steps: ['Dead; arc cover off. Each pair: bright, pitted, burnt away, welded, insects?'],
      outcomes: {
        good: { label: 'good', words: ['bright', 'clean'] },
        burnt: { label: 'burnt', words: ['burned', 'pitted'] },
        welded: { label: 'welded', words: ['stuck'] },
        insects: { label: 'insects or dirt', words: ['ants'] },
      },
      usual: { good: 0.916, burnt: 0.06, welded: 0.004, insects: 0.02 },
      chancesByFault: {
        'starter.contact-burnt': { good: 0.04, burnt: 0.93, welded: 0.01, insects: 0.02 },
        'starter.contact-open': { good: 0.1, burnt: 0.45, welded: 0.01, insects: 0.44 },
        'starter.welded': { good: 0.03, burnt: 0.2, welded: 0.76, insects: 0.01 },
      },
    }),
    seen({
      id: 'fuse-look',
      point: 'control',
      title: 'Take out and test the control fuse',
      words: ['fuse', 'control fuse'],
      minutes: 2.5,
      need: 'proven-dead',
      steps: ['Dead. Out of its holder, ohms across it.'],
      outcomes: {
        whole: { label: 'whole', words: ['good'] },
        blown: { label: 'blown', words: ['open'] },
      },
      usual: { whole: 0.994, blown: 0.006 },
      chancesByFault: {
        'starter.control-fuse': { whole: 0.01, blown: 0.99 },
      },
    }),
    swapTrial({
      id: 'bypass',
      point: 'pilot',
      title: 'Bridge the pressure switch in the control circuit',
      words: ['bridged', 'bypass', 'jumpered'],
      need: 'proven-dead',
      minutes: 6,
      risk: 2,
      steps: [
        'Dead: rated lead across the pilot contact, clipped on.',
        'Energise with an outlet open, hand on the disconnect, eyes on the gauge.',
      ],
      cautions: [JUMPER],
      sound: ['pilot.switch'],
    }),
    tripTrial({
      id: 'trip-load-off',
      point: 'load',
      title: 'Motor leads off at the starter: does it still trip?',
      words: ['trips load off', 'load wires off'],
      steps: [
        'Dead: leads off the overload’s load side, apart and safe.',
        'Stand clear and reset the breaker once.',
      ],
      away: ['start', 'cable', 'motor', 'run'],
      opens: o.phases === 3 ? ['cable.1', 'cable.2', 'cable.3'] : ['cable.black', 'cable.yellow'],
    }),
    ...(o.float
      ? [
          seen({
            id: 'float-look',
            point: 'coil',
            title: 'Lift the low-level float by hand',
            words: ['float'],
            minutes: 4,
            steps: ['Lift it: does the contactor call?'],
            outcomes: {
              calls: { label: 'calls', words: ['works', 'good'] },
              dead: { label: 'does nothing', words: ['stuck'] },
            },
            usual: { calls: 0.99, dead: 0.01 },
            chancesByFault: {
              'float.stuck-open': { calls: 0.04, dead: 0.96 },
            },
          }),
        ]
      : []),
  ]
}
