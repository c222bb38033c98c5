/** Start gear: in a control box, inside a drowned motor, or on a motor that stands in the open. */
import { OPEN } from '../power/pieces'
import type { NameplateField } from '../types'
import { CAUSES } from './causes'
import { BLEED, DEAD_CAUTIONS, always, amps, degrees, fault, fit, outcome, partOhms, point, renew, row, seen, swapTrial, thing, times, tripTrial, voltsAt, type Block } from './rows'

const CAP_FIELDS: readonly NameplateField[] = [
  { id: 'capLow', label: 'Start capacitor, low end', quantity: 'farads', range: [20e-6, 1000e-6] },
  { id: 'capHigh', label: 'Start capacitor, high end', quantity: 'farads', range: [20e-6, 1200e-6] },
  { id: 'runCapacitor', label: 'Run capacitor', quantity: 'choice', choices: ['no', 'yes'] },
  { id: 'runMicrofarads', label: 'Run capacitor value', quantity: 'farads', range: [2e-6, 120e-6] },
]

const newCapacitor = fit('Replace the start capacitor', 20, 'start capacitor')

/** Faults and tests of the capacitors and the contact that feeds the start winding; the same wherever they sit. */
function capacitors(component: string, at: string, running: boolean): Block {
  const cooks = { because: component === 'box' ? 'box.relay-closed' : `${component}.centrifugal-closed`, why: 'start gear that never lets go cooks the capacitor' }
  return {
    faults: [
      fault(component, 'cap-open', 'Start capacitor open', 0.06, always({ 'start.farads': 0.4e-6 }), { repair: newCapacitor, causes: [CAUSES.age, CAUSES.rapidCycling, cooks], settledBy: 'microfarads, off the circuit', wears: ['age', 'starts'] }),
      fault(component, 'cap-low', 'Start capacitor low', 0.05, degrees(['two thirds left', 0.4, times('start.farads', 0.65)], ['a third left', 0.35, times('start.farads', 0.35)], ['a tenth left', 0.25, times('start.farads', 0.1)]), { repair: newCapacitor, causes: [CAUSES.age, CAUSES.rapidCycling], settledBy: 'microfarads, off the circuit', wears: ['age', 'starts'] }),
      fault(component, 'cap-shorted', 'Start capacitor shorted', 0.015, always({ 'start.farads': 0, 'start.ohms': 0.2 }), { repair: newCapacitor, causes: [CAUSES.age, cooks], settledBy: 'ohms across the capacitor, bled', wears: ['age'] }),
      ...(running
        ? [
            fault(component, 'runcap-open', 'Run capacitor open or low', 0.02, degrees(['open', 0.5, { 'start.runFarads': 0.2e-6 }], ['half left', 0.5, times('start.runFarads', 0.5)]), { repair: fit('Replace the run capacitor', 20, 'run capacitor'), causes: [CAUSES.age, CAUSES.hot], settledBy: 'microfarads, off the circuit', wears: ['age'], effect: 'runs' }),
            fault(component, 'runcap-shorted', 'Run capacitor shorted', 0.008, always({ 'start.runFarads': 0.01, 'start.runOhms': 0.2 }), { repair: fit('Replace the run capacitor', 20, 'run capacitor'), causes: [CAUSES.age, CAUSES.surge], settledBy: 'ohms across the capacitor, bled' }),
          ]
        : []),
    ],
    tests: [
      row({ id: 'cap.farads', point: 'cap', title: 'Measure the start capacitor', words: [], condition: 'dead', quantity: 'farads', minutes: 3, meter: 'µF', need: 'discharged', steps: ['Bled and measured flat; one lead off.', 'Across the capacitor.'], cautions: [BLEED], probe: { ask: 'farads', farads: 'start.farads', ohms: 'start.ohms' }, band: 'capacitor', proves: true }),
      row({ id: 'cap.ohms', point: 'cap', title: 'Ohms across the start capacitor', words: ['short'], condition: 'dead', quantity: 'ohms', minutes: 3, meter: 'Ω', need: 'discharged', steps: ['Bled; one lead off; ohms across it. It should climb and not settle near nothing.'], cautions: DEAD_CAUTIONS, probe: { ask: 'capacitor-ohms', farads: 'start.farads', ohms: 'start.ohms' }, band: 'capacitor-ohms' }),
      ...(running ? [row({ id: 'runcap.farads', point: 'cap', title: 'Measure the run capacitor', words: ['run', 'run cap'], variant: 'run', condition: 'dead', quantity: 'farads', minutes: 3, meter: 'µF', need: 'discharged', steps: ['Bled and measured flat; one lead off; across the run capacitor.'], cautions: [BLEED], probe: { ask: 'farads', farads: 'start.runFarads', ohms: 'start.runOhms' }, band: 'capacitor', proves: true })] : []),
      seen({
        id: 'cap-seen', point: 'cap', title: 'Look at the start capacitor', words: ['capacitor', 'cap is', 'cap looks'], minutes: 1.5, need: 'proven-dead', steps: ['Lid off, dead, hands off until bled: bulge, split, oil?'],
        outcomes: [outcome('sound', 'looks sound', 'sound', 'good', 'ok'), outcome('bulged', 'bulged or split', 'split', 'leaking', 'oil', 'swollen')], usual: [0.96, 0.04],
        given: { [`${component}.cap-open`]: [0.45, 0.55], [`${component}.cap-shorted`]: [0.4, 0.6], [`${component}.cap-low`]: [0.7, 0.3], 'box.relay-closed': [0.7, 0.3], [`${component}.centrifugal-closed`]: [0.7, 0.3] },
      }),
      swapTrial({ id: 'cap-swap', point: 'cap', title: `Known-good capacitor in the ${at}: does it start?`, words: ['known good cap', 'test capacitor', 'swapped cap'], need: 'discharged', minutes: 6, risk: 1, steps: ['Dead and bled: a capacitor of the same µF band and at least the same volts in its place.', 'Covers on, energise, listen.'] }, ['start.farads', 'start.ohms']),
    ],
  }
}

export function controlBox({ runCapacitor }: { runCapacitor: boolean }): readonly Block[] {
  const newRelay = fit('Replace the start relay', 20, 'start relay')
  const lead = (name: string) => `Clamp ${name} at the box`
  return [
    {
      components: [thing('box', 'Control box', 'control-box', 'power', 'box', CAP_FIELDS)],
      points: [
        point('box', 'box in', 'run', ['box', 'in'], 'control box', 'box line'),
        point('cap', 'start capacitor', 'box', ['box', 'on', 'cap'], 'start cap', 'capacitor', 'uf'),
        point('relay', 'relay start contact', 'box', ['box', 'on', 'relay'], 'start contact', 'start relay'),
        point('overload', 'overload', 'box', ['box', 'on', 'overload'], 'ovl', 'ol button'),
        point('black', 'black lead', 'box', ['box', 'out', 2], 'blk', 'start', 'run', 'amps'),
        point('red', 'red lead', 'box', ['box', 'out', 0]),
        point('yellow', 'yellow lead', 'box', ['box', 'out', 1], 'yel'),
      ],
      faults: [
        fault('box', 'relay-open', 'Start relay contact does not close', 0.05, degrees(['open', 0.8, { 'start.contact': OPEN }], ['60 Ω', 0.2, { 'start.contact': 60 }]), { repair: newRelay, causes: [CAUSES.rapidCycling, CAUSES.lowPrecharge, CAUSES.waterlogged, CAUSES.age], settledBy: 'no amps on red at a start; ohms across the contact', wears: ['starts', 'age'] }),
        fault('box', 'relay-closed', 'Start relay does not open', 0.03, always(h => ({ 'start.contactRunning': h['start.contact']! })), { repair: newRelay, causes: [CAUSES.rapidCycling, CAUSES.lowPrecharge, CAUSES.lowVolts, CAUSES.surge], settledBy: 'red keeps flowing once it runs', wears: ['starts'] }),
        fault('box', 'overload-hot', 'Overload tripped', 0.025, always({ 'start.overload': OPEN }), { repair: fit('Find why, then reset the overload', 5), causes: [{ because: 'box.relay-open', why: 'locked starts trip it' }, { because: 'box.cap-open', why: 'locked starts trip it' }, { because: 'motor.seized', why: 'locked starts trip it' }, CAUSES.lowVolts], settledBy: 'reset it: does it let go again?', heals: true }),
        fault('box', 'overload-failed', 'Overload open for good', 0.012, always({ 'start.overload': OPEN }), { repair: fit('Replace the overload', 20, 'overload'), causes: [CAUSES.age, CAUSES.rapidCycling], settledBy: 'ohms across the overload, cool and reset', wears: ['age'] }),
        fault('box', 'terminal-burnt', 'Box terminal burnt', 0.02, degrees(['on black', 0.5, h => ({ 'cable.black': h['cable.black']! + 3 })], ['on yellow', 0.5, h => ({ 'cable.yellow': h['cable.yellow']! + 3 })]), { repair: renew('Replace the box, remake the leads', 45, 'control box', 'box'), causes: [CAUSES.loose], settledBy: 'look at the jabs with the box off' }),
        fault('box', 'wrong-box', 'Wrong box for the motor', 0.008, always(h => ({ 'start.farads': h['start.farads']! * 2.2 })), { repair: renew('Fit the box for the motor', 30, 'control box', 'box'), causes: [], settledBy: 'the box’s plate against the motor’s' }),
      ],
      tests: [
        ...voltsAt('box', 'into the control box', ['x1', 'x2']),
        amps('black.start', 'black', 'Clamp black at the start', ['start', 'starting', 'inrush'], 'black lead', 'starting', `${lead('black')}, inrush hold, and let it call.`, { risk: 1, proves: true }),
        amps('black.run', 'black', 'Clamp black three seconds in', ['run', 'running', 'held', 'holds', 'stays'], 'black lead', 'running', `${lead('black')}; read it three seconds after it calls.`, { band: 'running-amps', proves: true }),
        amps('red.start', 'red', 'Clamp the red lead while it tries to start', ['start', 'starting'], 'red lead', 'starting', `${lead('red')}, inrush hold, and let it call.`, { risk: 1 }),
        amps('red.run', 'red', 'Clamp red once it runs', ['run', 'running'], 'red lead', 'running', `${lead('red')} three seconds after it calls.`, { band: runCapacitor ? 'model' : 'no-current' }),
        amps('yellow.run', 'yellow', 'Clamp yellow three seconds in', ['run', 'running'], 'yellow lead', 'running', `${lead('yellow')} three seconds after it calls.`),
        partOhms('relay.ohms', 'relay', 'Ohms across the relay start contact', [], 'start.contact', 14, 'Note and pull the relay wires; across the start contact at rest.', { need: 'discharged' }),
        partOhms('overload.ohms', 'overload', 'Ohms across the overload, reset and cool', [], 'start.overload', 2, 'Reset pushed and cool; across the overload.', { probe: { ask: 'part', figure: 'start.overload', cold: true } }),
        seen({
          id: 'overload-seen', point: 'overload', title: 'Watch the overload', words: ['overload'], minutes: 1, steps: ['Reset it; does it hold, or let go again within seconds?'],
          outcomes: [outcome('holds', 'holds', 'in', 'set'), outcome('lets-go', 'lets go again', 'lets go', 'trips', 'out', 'let go')], usual: [0.9, 0.1],
          given: { 'effect:groans': [0.05, 0.95], 'effect:runs-weak': [0.75, 0.25], 'box.relay-closed': [0.2, 0.8], 'motor.binding': [0.4, 0.6], 'box.overload-failed': [0.5, 0.5] },
        }),
        seen({
          id: 'relay-seen', point: 'relay', title: 'Look at the relay contact', words: ['relay'], minutes: 7, need: 'discharged', steps: ['Note and pull the relay wires; open its cover and look at the start contact.'],
          outcomes: [outcome('clean', 'clean', 'good'), outcome('pitted', 'pitted or burnt', 'burnt', 'burned', 'black'), outcome('welded', 'stuck closed', 'stuck')], usual: [0.8, 0.18, 0.02],
          given: { 'box.relay-open': [0.1, 0.88, 0.02], 'box.relay-closed': [0.08, 0.22, 0.7] },
        }),
        seen({
          id: 'box-seen', point: 'box', title: 'Look and smell inside the box', words: ['box', 'box smells', 'smell'], minutes: 1.5, need: 'proven-dead', steps: ['Lid off, dead. Jabs, wires, smell; its plate against the motor’s.'],
          outcomes: [outcome('clean', 'clean', 'good'), outcome('burnt', 'burnt', 'burned', 'scorched'), outcome('wrong', 'wrong box for the motor')], usual: [0.93, 0.065, 0.005],
          given: { 'box.terminal-burnt': [0.08, 0.91, 0.01], 'box.cap-shorted': [0.7, 0.29, 0.01], 'box.relay-closed': [0.75, 0.24, 0.01], 'box.wrong-box': [0.25, 0.05, 0.7] },
        }),
        tripTrial('trip-box-off', 'box', 'Box off its base: does it still trip?', ['trips box off', 'box off'], ['Dead: box lid off its base, leads apart and safe.', 'Stand clear and reset the breaker once.'], ['start.', 'cable.', 'motor.'], ['cable.black', 'cable.yellow', 'cable.red']),
      ],
    },
    capacitors('box', 'box', runCapacitor),
  ]
}

/** A capacitor-start motor in the open: capacitor, centrifugal switch and overload can be reached at it. */
export function surfaceGear({ runCapacitor }: { runCapacitor: boolean }): readonly Block[] {
  const newStartSwitch = fit('Clean or replace the start switch in the motor', 50, 'centrifugal switch')
  return [
    {
      points: [
        point('cap', 'start capacitor', 'motor', ['motor', 'on', 'cap'], 'start cap', 'capacitor', 'uf'),
        point('centrifugal', 'start switch in the motor', 'motor', ['motor', 'on', 'contact'], 'start switch', 'cent', 'governor'),
        point('thermal', 'motor overload', 'motor', ['motor', 'on', 'overload'], 'overload', 'klixon', 'thermal'),
      ],
      faults: [
        fault('motor', 'centrifugal-open', 'Start switch in the motor stuck open', 0.04, degrees(['open', 0.8, { 'start.contact': OPEN }], ['burnt, 40 Ω', 0.2, { 'start.contact': 40 }]), { repair: newStartSwitch, causes: [CAUSES.rapidCycling, CAUSES.damp, CAUSES.age], settledBy: 'ohms across it at rest; spin the shaft by hand as it calls', wears: ['starts', 'damp'] }),
        fault('motor', 'centrifugal-closed', 'Start switch in the motor does not open', 0.025, always(h => ({ 'start.contactRunning': h['start.contact']! })), { repair: newStartSwitch, causes: [CAUSES.rapidCycling, CAUSES.lowVolts, CAUSES.age], settledBy: 'no click as it comes up to speed; amps stay high', wears: ['starts'] }),
        fault('motor', 'overload-hot', 'Motor overload open, hot', 0.03, always({ 'start.overload': OPEN }), { repair: fit('Let it cool, find why', 30), causes: [{ because: 'motor.cap-open', why: 'locked starts open it' }, { because: 'motor.seized', why: 'locked starts open it' }, CAUSES.lowVolts, CAUSES.hot, CAUSES.rapidCycling], settledBy: 'OL now, a value after it has cooled', heals: true }),
        fault('motor', 'overload-failed', 'Motor overload open for good', 0.012, always({ 'start.overload': OPEN }), { repair: fit('Replace the motor overload', 30, 'thermal overload'), causes: [CAUSES.age, CAUSES.rapidCycling], settledBy: 'OL still, an hour cold', wears: ['age'] }),
      ],
      tests: [
        partOhms('centrifugal.ohms', 'centrifugal', 'Ohms across the start switch, at rest', ['rest', 'contact'], 'start.contact', 6, 'End cover off; across the start switch at rest.'),
        partOhms('thermal.ohms', 'thermal', 'Ohms across the motor overload', [], 'start.overload', 3, 'Across the overload, one lead off.'),
        seen({
          id: 'cool-ohms', point: 'thermal', title: 'Overload: OL now, and after it has cooled?', words: ['cool', 'after cooling'], need: 'proven-dead', minutes: 2, wait: { minutes: 30, why: 'a surface motor’s overload needs up to an hour to close again' }, steps: ['Across the overload now; leave it; across it again.'],
          outcomes: [outcome('same', 'closed both times', 'value'), outcome('comes-back', 'OL now, closed later', 'comes back'), outcome('stays-ol', 'OL for good', 'stays ol')], usual: [0.97, 0.015, 0.015],
          given: { 'motor.overload-hot': [0.05, 0.9, 0.05], 'motor.overload-failed': [0.02, 0.03, 0.95], 'effect:groans': [0.55, 0.43, 0.02] },
        }),
        seen({
          id: 'spin', point: 'centrifugal', title: 'Spin the shaft as it calls: does it pick up?', words: ['spin', 'spun'], need: 'live', risk: 2, minutes: 3, steps: ['A cord or a screwdriver slot at the far end only, never fingers near the fan; one quick turn as it hums.'], cautions: ['Loose sleeves off; it can start either way and at once.'],
          outcomes: [outcome('no', 'still stuck', 'stuck', 'nothing'), outcome('runs', 'picks up and runs', 'picks up')], usual: [0.9, 0.1],
          given: { 'motor.cap-open': [0.12, 0.88], 'motor.cap-low': [0.15, 0.85], 'motor.centrifugal-open': [0.12, 0.88], 'motor.start-open': [0.15, 0.85], 'motor.seized': [0.98, 0.02], 'effect:silent': [0.99, 0.01] },
        }),
        seen({
          id: 'click', point: 'centrifugal', title: 'Listen for the start switch as it slows', words: ['click'], minutes: 1, steps: ['Let it stop: a click as it slows says that the start switch had opened.'],
          outcomes: [outcome('clicks', 'clicks', 'yes'), outcome('no-click', 'no click', 'no')], usual: [0.5, 0.5], given: { 'effect:runs': [0.93, 0.07], 'effect:runs-weak': [0.93, 0.07], 'effect:runs-dry': [0.93, 0.07], 'effect:rapid-cycles': [0.93, 0.07], 'effect:runs-on': [0.93, 0.07], 'motor.centrifugal-closed': [0.06, 0.94], 'effect:groans': [0.03, 0.97], 'effect:silent': [0.02, 0.98] },
        }),
        seen({
          id: 'shaft', point: 'centrifugal', title: 'Turn the shaft by hand', words: ['shaft'], need: 'proven-dead', minutes: 2.5, steps: ['Dead and locked. Turn it by hand at the far end.'],
          outcomes: [outcome('free', 'free', 'turns'), outcome('stiff', 'stiff', 'rough', 'grinds'), outcome('seized', 'will not turn', 'locked')], usual: [0.93, 0.06, 0.01],
          given: { 'motor.seized': [0.02, 0.08, 0.9], 'motor.binding': [0.25, 0.72, 0.03], 'pump.jammed': [0.03, 0.12, 0.85] },
        }),
      ],
    },
    capacitors('motor', 'motor', runCapacitor),
  ]
}

/** A two-wire submersible keeps its start gear and its overload inside: what fails there comes up with the pump. */
export const insideGear = (pull: ReturnType<typeof fit>): Block => ({
  faults: [
    fault('motor', 'start-gear', 'Start gear inside the motor dead', 0.05, always({ 'start.contact': OPEN }), { repair: pull, causes: [CAUSES.rapidCycling, CAUSES.lowPrecharge, CAUSES.lowVolts, CAUSES.age], settledBy: 'locked amps that never fall, supply and switch proven good', wears: ['starts', 'age'] }),
    fault('motor', 'start-stuck', 'Start switch inside the motor does not open', 0.012, always(h => ({ 'start.contactRunning': h['start.contact']! })), { repair: pull, causes: [CAUSES.rapidCycling, CAUSES.age], settledBy: 'high amps that never settle', wears: ['starts'] }),
    fault('motor', 'overload-hot', 'Motor overload open, hot', 0.03, always({ 'start.overload': OPEN }), { repair: fit('Let it cool, find why', 30), causes: [CAUSES.lowVolts, CAUSES.dry, CAUSES.rapidCycling], settledBy: 'OL now, a value after it has cooled', heals: true }),
  ],
  tests: [
    seen({
      id: 'cool-ohms', point: 'leads', title: 'Ohms now, and after it has cooled', words: ['cool', 'after cooling'], need: 'proven-dead', minutes: 4, wait: { minutes: 15, why: 'a submerged motor’s overload cools in a quarter of an hour' }, steps: ['Lead to lead now; wait a quarter of an hour; again.'],
      outcomes: [outcome('same', 'a value both times', 'value'), outcome('comes-back', 'OL now, a value later', 'comes back'), outcome('stays-ol', 'OL for good', 'stays ol')], usual: [0.97, 0.015, 0.015],
      given: { 'motor.overload-hot': [0.05, 0.9, 0.05], 'motor.main-open': [0.02, 0.03, 0.95], 'cable.open': [0.02, 0.03, 0.95], 'effect:groans': [0.6, 0.38, 0.02] },
    }),
  ],
})

/** Healthy figures of start gear with a capacitor band, or none (0 F). */
export const startFigures = (farads: number, runFarads = 0): Record<string, number> => ({
  'start.overload': 0.02, 'start.contact': 0.02, 'start.contactRunning': OPEN, 'start.farads': farads, 'start.ohms': 0.1, 'start.runFarads': runFarads, 'start.runOhms': 0.1,
})
