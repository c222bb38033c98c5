/** The pressure switch: two poles that carry the motor, or one contact in a pilot circuit. Water or air on its port. */
import { PSI } from '#core/units'
import { CLOSED, OPEN } from '../power/pieces'
import { CAUSES } from './causes'
import { JUMPER, LIVE_CAUTIONS, always, beside, degrees, fault, fit, flow, outcome, partOhms, point, renew, seen, swapTrial, thing, tripTrial, volts, voltsAt, type Block } from './rows'
import type { ComponentDef, NameplateField, NumericTest } from '../types'

const newSwitch = renew('Replace the pressure switch', 40, 'pressure switch', 'switch')
const clearPort = beside('Clear the port, brass nipple', 30, 'brass nipple')
const BLOCKED = 1e9

export interface SwitchOptions {
  readonly medium: 'water' | 'air'
  readonly cutOff: boolean
  readonly valve: boolean
  readonly neutral?: boolean
  /** may have an underload protector behind it */
  readonly protector?: boolean
  /** what the load side feeds, for the trial that opens it */
  readonly below: readonly string[]
}

const fields = (medium: 'water' | 'air', guarded = false): readonly NameplateField[] => [
  { id: 'cutIn', label: 'Cut-in', quantity: 'pressure', range: medium === 'air' ? [20 * PSI, 300 * PSI] : [5 * PSI, 90 * PSI] },
  { id: 'cutOut', label: 'Cut-out', quantity: 'pressure', range: medium === 'air' ? [40 * PSI, 350 * PSI] : [15 * PSI, 120 * PSI] },
  ...(medium === 'water'
    ? [
        { id: 'cutOff', label: 'Low-pressure cut-off', quantity: 'choice', choices: ['no', 'yes'] } as const,
        { id: 'valve', label: 'Isolation valve under it', quantity: 'choice', choices: ['no', 'yes'] } as const,
        ...(guarded ? [{ id: 'protector', label: 'Underload protector', quantity: 'choice', choices: ['no', 'yes'] } as const] : []),
      ]
    : []),
]

const component = (medium: 'water' | 'air', guarded = false): ComponentDef => thing('switch', 'Pressure switch', 'pressure-switch', 'power', 'switch', fields(medium, guarded))

/** Two poles between the lines and the motor. */
export function motorSwitch(o: SwitchOptions): Block {
  const burnt = (pole: 1 | 2) => fault('switch', `pole${pole}-burnt`, `Switch pole ${pole} burnt`, 0.06, degrees(...([['1.5 Ω', 0.4, 1.5], ['8 Ω', 0.35, 8], ['60 Ω', 0.25, 60]] as const).map(([label, share, ohms]) => [label, share, { [`switch.${pole}`]: ohms }] as const)), { repair: newSwitch, causes: [CAUSES.rapidCycling, CAUSES.lowPrecharge, CAUSES.waterlogged, CAUSES.loose], settledBy: `millivolts across pole ${pole} while it carries the motor`, wears: ['starts', 'age'] })
  const open = (pole: 1 | 2) => fault('switch', `pole${pole}-open`, `Switch pole ${pole} not making`, 0.03, always({ [`switch.${pole}`]: OPEN }), { repair: newSwitch, causes: [CAUSES.damp, CAUSES.rapidCycling], settledBy: 'each leg to ground on the load side', wears: ['damp', 'age'] })
  const shut = { 'switch.1': OPEN, 'switch.2': OPEN }
  const held = { 'switch.rest1': CLOSED, 'switch.rest2': CLOSED }
  return {
    components: [component(o.medium, o.protector)],
    points: [
      point('poles', 'switch poles', 'switch', ['switch', 'on', 'poles'], 'pole', 'contact drop'),
      point('load', 'switch load', 'switch', ['switch', 'out'], 'load', 'switch out', 'load side'),
    ],
    faults: [burnt(1), burnt(2), open(1), open(2), ...sensing(o, shut, held), fault('switch', 'welded', 'Switch contacts welded closed', 0.03, always(held), { repair: newSwitch, causes: [CAUSES.rapidCycling, CAUSES.surge], settledBy: 'contacts closed over cut-out', wears: ['starts'] })],
    tests: [
      ...voltsAt('load', 'on the switch load side', ['d1', 'd2'], 'utilisation', o.neutral),
      volts('load.idle', 'load', 'Volts on the load side, pressure over cut-out', ['idle', 'open', 'rest'], 'd1', 'd2', { scenario: 'idle', band: 'dead' }),
      ...([1, 2] as const).map((pole): NumericTest => volts(`pole${pole}.drop`, 'poles', `Volts across pole ${pole}, switch closed`, [String(pole), pole === 1 ? 'one' : 'two', `p${pole}`], `l${pole}`, `d${pole}`, {
        condition: 'running', meter: 'V AC, lowest range', steps: [`Line screw to load screw of pole ${pole} while it carries the motor.`], variant: String(pole), band: 'contact-drop', minutes: 1, proves: true, probe: { ask: 'volts', a: `l${pole}`, b: `d${pole}`, scenario: 'running', drop: true }, cautions: LIVE_CAUTIONS,
      })),
      ...([1, 2] as const).map(pole => partOhms(`pole${pole}.ohms`, 'poles', `Ohms across pole ${pole}, closed by hand`, [String(pole), pole === 1 ? 'one' : 'two', `p${pole}`], `switch.${pole}`, 2, `One load wire off; close the contacts by hand; line screw to load screw of pole ${pole}.`, { variant: String(pole) })),
      tripTrial('trip-switch-open', 'load', 'Load wires off at the switch: does it still trip?', ['trips switch open', 'load wires off'], ['Dead: load wires off, made safe and apart.', 'Stand clear and reset the breaker once.'], o.below, ['run.1', 'run.2']),
      swapTrial({ id: 'bypass', point: 'poles', title: 'Bridge the switch with a rated lead: does it run?', words: ['bridged', 'bypass', 'jumpered'], need: 'proven-dead', minutes: 7, risk: 2, steps: ['Dead: rated leads from each line screw to its load screw, clipped on.', o.medium === 'water' ? 'Energise, hand on the breaker, eyes on the gauge; off before cut-out.' : 'Energise, hand on the breaker, eyes on the gauge; off well before the relief valve.'], cautions: [JUMPER] }, ['switch.'], { 'switch.1': CLOSED, 'switch.2': CLOSED }),
      ...switchLooks(o, 'poles'),
    ],
  }
}

/** One light contact in the coil circuit. */
export function pilotSwitch(o: Omit<SwitchOptions, 'below'>): Block {
  const shut = { 'pilot.switch': OPEN }
  const held = { 'pilot.switchRest': CLOSED }
  return {
    components: [component(o.medium)],
    points: [point('pilot', 'behind the pressure switch', 'switch', ['switch', 'out'], 'pilot', 'switch out', 'after the switch')],
    faults: [
      fault('switch', 'contact-dirty', 'Pilot contact dirty or burnt', 0.05, degrees(['300 Ω', 0.4, { 'pilot.switch': 300 }], ['2 kΩ', 0.3, { 'pilot.switch': 2000 }], ['open', 0.3, shut]), { repair: newSwitch, causes: [CAUSES.damp, CAUSES.age], settledBy: 'volts behind the switch against ahead of it, coil calling', wears: ['damp', 'age'] }),
      ...sensing(o, shut, held), fault('switch', 'welded', 'Pilot contact stuck closed', 0.015, always(held), { repair: newSwitch, causes: [CAUSES.age], settledBy: 'contact closed over cut-out' }),
    ],
    tests: [
      partOhms('pilot.ohms', 'pilot', 'Ohms across the pilot contact, closed by hand', ['contact', 'switch ohms'], 'pilot.switch', 3, 'One control wire off; close it by hand.'),
      ...switchLooks(o, 'pilot'),
    ],
  }
}

/** What the sensing side and the mechanism do wrong. `shut` is the contact open for good, `held` closed when it should rest. */
function sensing(o: Omit<SwitchOptions, 'below'>, shut: Record<string, number>, held: Record<string, number>) {
  const water = o.medium === 'water'
  return [
    fault('switch', 'stuck-open', 'Switch mechanism stuck open', 0.025, always(shut), { repair: newSwitch, causes: [CAUSES.damp, CAUSES.age], settledBy: 'contacts open with the gauge under cut-in', wears: ['damp', 'age'] }),
    fault('switch', 'port-blocked', water ? 'Sensing port or nipple blocked' : 'Sensing port blocked', water ? 0.06 : 0.02, degrees(
      ['blocked under pressure', 0.5, h => ({ ...shut, 'port.delay': BLOCKED, 'port.held': h['set.cutOut']! * 1.1 })],
      ['blocked empty, runs on', 0.3, { ...held, 'port.delay': BLOCKED, 'port.held': 0 }],
      ['half blocked, slow', 0.2, { 'port.delay': 25 }],
    ), { repair: clearPort, causes: [CAUSES.sand], settledBy: 'pressure at a tap against what the switch does', wears: ['sand'] }),
    fault('switch', 'out-of-setting', 'Switch out of adjustment', 0.03, degrees(
      ['10 psi low', 0.5, h => ({ 'set.cutIn': h['set.cutIn']! - 10 * PSI, 'set.cutOut': h['set.cutOut']! - 10 * PSI, 'set.cutOff': Math.max(0, h['set.cutOff']! - 10 * PSI) })],
      ['12 psi high', 0.5, h => ({ 'set.cutIn': h['set.cutIn']! + 12 * PSI, 'set.cutOut': h['set.cutOut']! + 12 * PSI, 'set.cutOff': h['set.cutOff']! > 0 ? h['set.cutOff']! + 12 * PSI : 0 })],
    ), { repair: fit('Set the switch', 15), causes: [], settledBy: 'cut-in and cut-out read off the gauge' }),
    fault('switch', 'diaphragm', water ? 'Switch diaphragm split, drips' : 'Switch diaphragm leaking air', 0.012, degrees(['weeps', 0.6, h => ({ 'leak.house': h['pump.flow']! * 0.02 })], ['split', 0.4, h => ({ 'leak.house': h['pump.flow']! * 0.06 })]), { repair: newSwitch, causes: [CAUSES.age], settledBy: water ? 'water under its cover' : 'soap round its cover', wears: ['age'] }),
    ...(o.cutOff ? [fault('switch', 'cut-off-tripped', 'Low-pressure cut-off tripped or lever off', 0.06, always(shut), { repair: fit('Hold the lever until pressure is over cut-in', 5), causes: [{ because: 'outage', why: 'pressure fell while the power was off' }, { because: 'filter.blocked', why: 'a blocked filter starves it under draw' }, { because: 'strainer.blocked', why: 'a blocked strainer starves it under draw' }, { because: 'pump.dry-well', why: 'a well that gives little lets the pressure fall' }, { because: 'filled-open', why: 'an open discharge never builds pressure' }, CAUSES.dry], settledBy: 'lever position' })] : []),
    ...(o.valve ? [fault('switch', 'valve-shut', 'Isolation valve under the switch shut', 0.02, degrees(['shut under pressure', 0.6, h => ({ ...shut, 'port.delay': BLOCKED, 'port.held': h['set.cutOut']! * 1.02 })], ['shut empty', 0.4, { ...held, 'port.delay': BLOCKED, 'port.held': 0 }]), { repair: fit('Open the valve under the switch', 2), causes: [], settledBy: 'the handle of the valve' })] : []),
    ...(o.medium === 'air' ? [fault('switch', 'lever-off', 'Lever left at off', 0.03, always(shut), { repair: fit('Turn the lever to auto', 1), causes: [], settledBy: 'lever position' })] : []),
  ]
}

function switchLooks(o: Omit<SwitchOptions, 'below'>, at: string) {
  const main = 'switch.pole1-burnt'
  return [
    seen({
      id: 'contacts', point: at, title: 'Look at the switch contacts', words: ['contacts', 'contact'], minutes: 1.5, need: 'proven-dead', steps: ['Cover off, dead. Look at the contacts.'],
      outcomes: [outcome('clean', 'clean', 'good', 'ok'), outcome('sooty', 'sooty', 'black'), outcome('pitted', 'pitted'), outcome('burnt', 'burnt', 'burned'), outcome('welded', 'welded', 'stuck closed'), outcome('insects', 'insects or dirt', 'ants', 'bugs', 'spider', 'dirt')],
      usual: [0.5, 0.22, 0.18, 0.05, 0.01, 0.04],
      given: {
        [main]: [0.02, 0.1, 0.23, 0.62, 0.02, 0.01], 'switch.pole2-burnt': [0.02, 0.1, 0.23, 0.62, 0.02, 0.01], 'switch.welded': [0.02, 0.03, 0.1, 0.15, 0.69, 0.01], 'switch.pole1-open': [0.1, 0.1, 0.12, 0.13, 0.01, 0.54], 'switch.pole2-open': [0.1, 0.1, 0.12, 0.13, 0.01, 0.54],
        'switch.contact-dirty': [0.03, 0.3, 0.2, 0.2, 0.01, 0.26], 'effect:rapid-cycles': [0.2, 0.28, 0.35, 0.13, 0.02, 0.02], 'effect:starts-alone': [0.3, 0.28, 0.3, 0.08, 0.02, 0.02],
      },
    }),
    seen({
      id: 'switch-seen', point: at, title: 'Is the switch made?', words: ['switch'], steps: ['Gauge under cut-in: are the contacts together?'],
      outcomes: [outcome('closed', 'closed', 'made', 'in'), outcome('open', 'open', 'out')], usual: [0.96, 0.04],
      given: { 'switch.stuck-open': [0.04, 0.96], 'switch.port-blocked:1': [0.05, 0.95], 'switch.valve-shut:1': [0.05, 0.95], 'switch.cut-off-tripped': [0.03, 0.97], 'switch.lever-off': [0.02, 0.98], 'effect:runs-on': [0.97, 0.03] },
    }),
    seen({
      id: 'port-look', point: at, title: 'Switch off its nipple: is the port clear?', words: ['port', 'nipple'], minutes: 9, need: 'zero-pressure', steps: ['Power off and locked, pressure at zero, then unscrew it and look through port and nipple.'], cautions: ['Zero on the gauge and a tap open before it is unscrewed.'],
      outcomes: [outcome('clear', 'clear', 'clean', 'open'), outcome('blocked', 'blocked', 'plugged', 'scale', 'sand')], usual: [0.96, 0.04], given: { 'switch.port-blocked': [0.06, 0.94] },
    }),
    ...(o.cutOff || o.medium === 'air'
      ? [seen({
          id: 'lever', point: at, title: o.cutOff ? 'Look at the cut-off lever' : 'Look at the lever', words: ['lever'], minutes: 0.3, steps: ['Is the lever on the side at auto, or off?'],
          outcomes: [outcome('auto', 'auto', 'on'), outcome('off', 'off', 'tripped', 'down')], usual: [0.97, 0.03], given: { 'switch.cut-off-tripped': [0.05, 0.95], 'switch.lever-off': [0.02, 0.98] },
        })]
      : []),
    ...(o.valve ? [seen({ id: 'valve-under', point: at, title: 'Look at the valve under the switch', words: ['valve under', 'valve'], minutes: 0.4, steps: ['Handle along the pipe is open.'], outcomes: [outcome('open', 'open'), outcome('shut', 'shut', 'closed')], usual: [0.97, 0.03], given: { 'switch.valve-shut': [0.01, 0.99] } })] : []),
    seen({
      id: 'tap-switch', point: at, title: 'Tap the switch: does it start?', words: ['tapped', 'tap on it', 'tapping'], minutes: 0.7, need: 'live', risk: 1, steps: ['Cover on, insulated handle, one light tap while it calls.'],
      outcomes: [outcome('nothing', 'nothing', 'no'), outcome('starts', 'starts', 'yes')], usual: [0.97, 0.03],
      given: { 'switch.pole1-open': [0.5, 0.5], 'switch.pole2-open': [0.5, 0.5], 'switch.stuck-open': [0.45, 0.55], 'switch.contact-dirty': [0.45, 0.55], 'switch.pole1-burnt': [0.75, 0.25], 'switch.pole2-burnt': [0.75, 0.25], 'effect:runs': [0.6, 0.4] },
    }),
  ]
}

/** Cut-in, cut-out, gauge and how it stops: the same for water and air. */
export function settingTests(o: { medium: 'water' | 'air', cutOff: boolean }): Block {
  const water = o.medium === 'water'
  return {
    tests: [
      flow('gauge', 'gauge', 'Read the gauge', [], 'gauge', 'pressure', 0.3, ['Read it, and tap the glass: does it move?'], { condition: 'static' }),
      flow('cut-in', 'gauge', 'Cut-in', ['cut in', 'cutin', 'cut-in', 'on at'], 'cut-in', 'pressure', 4, [water ? 'Open a tap a little; note the gauge as the switch closes.' : 'Bleed a little; note the gauge as the switch closes.'], { variant: 'cut-in', need: 'live', band: 'setting-in', whileRunning: true, proves: true }),
      flow('cut-out', 'gauge', 'Cut-out', ['cut out', 'cutout', 'cut-out', 'off at'], 'cut-out', 'pressure', 4, [water ? 'Shut the tap; note the gauge as the switch opens.' : 'Shut the outlet; note the gauge as the switch opens.'], { variant: 'cut-out', need: 'live', band: 'setting-out', whileRunning: true, proves: true, cautions: [water ? 'If it runs on past the setting, switch off: pipe can burst.' : 'If it runs on past the setting, switch off: never lean on the relief valve.'] }),
      flow('cycle', 'gauge', water ? 'Start to start, with a tap running' : 'Start to start, with air drawn', ['cycle', 'start to start', 'cycle time'], 'cycle', 'time', 4, [water ? 'Run a tap at about half of what the pump gives; time from start to start.' : 'Draw about half of what it makes; time from start to start.'], { variant: 'cycle', need: 'live', meter: 'stopwatch', band: 'cycle', whileRunning: true }),
      flow('leak-down', 'gauge', 'Leak-down in ten minutes', ['leak down', 'leak-down', 'drops', 'leakdown'], 'leak-down', 'pressure', 2, [water ? 'At cut-out, breaker off, every tap shut: pressure lost in ten minutes.' : 'At cut-out, switched off, outlet shut: pressure lost in ten minutes.'], { variant: 'leak-down', meter: 'gauge and clock', band: 'leak-down', wait: { minutes: 10, why: 'ten minutes with everything shut' }, condition: 'static', whileRunning: true, proves: true }),
      seen({
        id: 'works', point: 'gauge', title: 'Two whole cycles: does it start, run, stop and hold?', words: ['works', 'proof run'], minutes: 5, need: 'live', proves: true, afterRepair: true, steps: [water ? 'A tap a little open, so that things move slowly; watch two cycles from start to stop.' : 'Draw a little; watch two cycles from start to stop.'],
        outcomes: [outcome('yes', 'does its work', 'yes', 'good'), outcome('no', 'something is still wrong', 'no', 'not yet')], usual: [0.04, 0.96], given: { 'effect:runs': [0.97, 0.03] },
      }),
      seen({
        id: 'runs-past', point: 'gauge', title: 'Does it stop at cut-out?', words: ['stops', 'runs on', 'runs past'], minutes: 3, need: 'live', whileRunning: true, steps: [water ? 'Taps shut, hand on the disconnect; watch the gauge.' : 'Outlet shut, hand on the switch; watch the gauge.'], cautions: [water ? 'Switch off if it climbs 10 psi past cut-out: pipe can burst.' : 'Switch off if it climbs 10 psi past cut-out.'],
        outcomes: [outcome('stops', 'stops', 'yes'), outcome('runs-on', 'runs on', 'no')], usual: [0.9, 0.1],
        given: { 'effect:runs': [0.97, 0.03], 'effect:runs-on': [0.02, 0.98], 'effect:runs-dry': [0.08, 0.92], 'effect:runs-weak': [0.6, 0.4], 'effect:rapid-cycles': [0.95, 0.05], 'effect:starts-alone': [0.93, 0.07] },
      }),
    ],
  }
}
