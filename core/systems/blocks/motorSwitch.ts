/** A pressure switch with two poles that carry the motor; rates are common practice, no source. */
import { only } from '../figures'
import { CLOSED, OPEN } from '../power/resistances'
import type { NumericTest } from '../testTypes'
import { type Block, point } from './block'
import { CAUSES, NOTES, OFTEN_STARTED } from './causes'
import { JUMPER, LIVE_CAUTIONS } from './cautions'
import { always, badJoint, fault, madeBy } from './faultEntry'
import { switchLooks, wiringLook } from './switchLooks'
import { contactRepair, miswired, newSwitch, sensing, type SwitchOptions, switchPart } from './switchSensing'
import { partOhms, volts, voltsAt } from './testEntry'
import { swapTrial, tripTrial } from './trials'
import { switchHeat } from './toldMotor'

/** What is wrong with one leg burns the pole that carries it. */
const LEG_AT_FAULT = [
  madeBy('run.high-resistance', 'a bad joint in one leg heats the pole that feeds it'),
  madeBy('run.leg-to-leg', 'a shorted leg burns the pole that feeds it'),
  madeBy('motor.turn-short', 'a motor that draws too much burns the points'),
  madeBy('motor.seized', 'locked starts burn the points'),
]

export function motorSwitch(o: SwitchOptions): Block {
  const burnt = (pole: 1 | 2) =>
    fault({
      id: `switch.pole${pole}-burnt`,
      name: `Switch pole ${pole} burnt`,
      baseRate: 0.06,
      severities: badJoint(
        [{ name: '', change: ohms => only(`switch.${pole}`, ohms) }],
        [[0.2, 0.25], [0.6, 0.2], [1.5, 0.15], [8, 0.1], [40, 0.1], [Infinity, 0.2]],
      ),
      repair: contactRepair(o.practice),
      causes: [...OFTEN_STARTED, CAUSES.loose, ...LEG_AT_FAULT],
      settledBy: `millivolts across pole ${pole} while it carries the motor`,
      wears: ['starts', 'age'],
    })
  const open = (pole: 1 | 2) =>
    fault({
      id: `switch.pole${pole}-open`,
      name: `Switch pole ${pole} not making`,
      baseRate: 0.03,
      severities: always(only(`switch.${pole}`, OPEN)),
      repair: newSwitch,
      causes: [CAUSES.damp, ...OFTEN_STARTED],
      settledBy: 'each leg to ground on the load side',
      wears: ['damp', 'age'],
    })
  const shut = { 'switch.1': OPEN, 'switch.2': OPEN }
  const held = { 'switch.rest1': CLOSED, 'switch.rest2': CLOSED }
  return {
    components: [switchPart(o.medium, o.protector)],
    points: [
      point({
        id: 'poles',
        name: 'switch poles',
        component: 'switch',
        spot: { on: 'switch', side: 'on', part: 'poles' },
        aliases: ['pole', 'contact drop'],
      }),
      point({
        id: 'load',
        name: 'switch load',
        component: 'switch',
        spot: { on: 'switch', side: 'out' },
        aliases: ['load', 'switch out', 'load side'],
      }),
    ],
    faults: [
      burnt(1),
      burnt(2),
      open(1),
      open(2),
      ...sensing(o, shut, held),
      miswired(held),
      fault({
        id: 'switch.welded',
        name: 'Switch contacts welded closed',
        baseRate: 0.03,
        severities: always(held),
        repair: newSwitch,
        causes: [...OFTEN_STARTED, CAUSES.surge],
        settledBy: 'contacts closed over cut-out',
        wears: ['starts'],
      }),
    ],
    tests: [
      ...voltsAt({
        point: 'load',
        where: 'on the switch load side',
        legs: ['d1', 'd2'],
        band: 'utilisation',
        neutral: o.neutral,
      }),
      volts({
        id: 'load.idle',
        point: 'load',
        title: 'Volts on the load side, pressure over cut-out',
        words: ['idle', 'open', 'rest'],
        between: ['d1', 'd2'],
        scenario: 'idle',
        band: 'dead',
      }),
      ...([1, 2] as const).map((pole): NumericTest =>
        volts({
          id: `pole${pole}.drop`,
          point: 'poles',
          title: `Volts across pole ${pole}, switch closed`,
          words: [String(pole), pole === 1 ? 'one' : 'two', `p${pole}`],
          between: [`l${pole}`, `d${pole}`],
          condition: 'running',
          meter: 'V AC, lowest range',
          steps: [`Line screw to load screw of pole ${pole} while it carries the motor.`],
          variant: String(pole),
          band: 'contact-drop',
          minutes: 1,
          proves: true,
          drop: true,
          cautions: LIVE_CAUTIONS,
        }),
      ),
      ...([1, 2] as const).map(pole =>
        partOhms({
          id: `pole${pole}.ohms`,
          point: 'poles',
          title: `Ohms across pole ${pole}, closed by hand`,
          words: [String(pole), pole === 1 ? 'one' : 'two', `p${pole}`],
          figure: `switch.${pole}`,
          minutes: 2,
          steps: [`One load wire off; close the contacts by hand; line screw to load screw of pole ${pole}.`],
          variant: String(pole),
        }),
      ),
      tripTrial({
        id: 'trip-switch-open',
        point: 'load',
        title: 'Load wires off at the switch: does it still trip?',
        words: ['trips switch open', 'load wires off'],
        steps: ['Dead: load wires off, made safe and apart.', 'Stand clear and reset the breaker once.'],
        away: o.below,
        opens: ['run.1', 'run.2'],
      }),
      swapTrial({
        id: 'bypass',
        point: 'poles',
        title: 'Bridge the switch with a rated lead: does it run?',
        words: ['bridged', 'bypass', 'jumpered'],
        need: 'proven-dead',
        minutes: 7,
        risk: 2,
        steps: [
          'Dead: rated leads from each line screw to its load screw, clipped on.',
          o.medium === 'water'
            ? 'Energise with an outlet open, hand on the breaker, eyes on the gauge; off before cut-out.'
            : 'Energise, outlet open, hand on the breaker, eyes on the gauge; off well before the relief valve.',
        ],
        cautions: [JUMPER],
        sound: ['switch'],
        closed: { 'switch.1': CLOSED, 'switch.2': CLOSED },
      }),
      ...switchLooks(o, 'poles'),
      wiringLook('poles'),
      switchHeat('poles'),
    ],
    notes: [NOTES.damp, ...(o.medium === 'water' ? [NOTES.remote] : []), ...(o.cutOff ? [NOTES.cutOff] : [])],
  }
}
