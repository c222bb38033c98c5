/** A magnetic starter: contactor, overload relay and the pilot circuit that calls it. */
import { coldCoil } from '../power/pilot'
import { CLOSED, OPEN, poleNumbers, poles } from '../power/pieces'
import { CAUSES } from './causes'
import { always, degrees, fault, fit, JUMPER, outcome, partOhms, point, row, seen, swapTrial, thing, tripTrial, volts, voltsAt, voltsThree, type Block } from './rows'

export interface StarterOptions { readonly phases: 1 | 3, readonly transformer: boolean, readonly float: boolean, readonly neutral?: boolean }

const newContacts = fit('Replace contacts or contactor', 50, 'contact kit')

export function starter(o: StarterOptions): Block {
  const n = o.phases === 3 ? 3 : 2
  const pole = (i: number, change: (i: number) => Record<string, number>) => [`pole ${i}`, 1 / n, change(i)] as const
  return {
    components: [
      thing('starter', 'Starter', 'starter', 'power', 'switch', [
        { id: 'overloadAmps', label: 'Overload setting', quantity: 'amps', range: [0.5, 150] },
        { id: 'coilVolts', label: 'Coil volts', quantity: 'volts', range: [12, 600] },
        { id: 'control', label: 'Control supply', quantity: 'choice', choices: ['line volts', 'transformer'] },
        ...(o.phases === 3 || o.float ? [{ id: 'float', label: 'Float or low-level contact', quantity: 'choice', choices: ['no', 'yes'] } as const] : []),
      ]),
      ...(o.transformer ? [thing('transformer', 'Control transformer', 'transformer', 'power', 'switch')] : []),
      ...(o.float ? [thing('float', 'Low-level float', 'float-switch', 'power', 'tank')] : []),
    ],
    points: [
      point('load', 'starter load', 'starter', ['starter', 'out'], 'load', 'starter out', 'overload out'),
      point('contacts', 'starter contacts', 'starter', ['starter', 'on', 'poles'], 'pole', 'contact drop'),
      point('control', 'control supply', o.transformer ? 'transformer' : 'starter', [o.transformer ? 'transformer' : 'starter', 'on', 'control'], 'control', 'transformer'),
      point('aux', 'behind the overload contact', 'starter', ['starter', 'on', 'aux'], 'overload contact', 'aux'),
      point('coil', 'coil', 'starter', ['starter', 'on', 'coil'], 'a1-a2', 'holding coil'),
    ],
    faults: [
      fault('starter', 'contact-burnt', 'Starter contact burnt', 0.05, degrees(...poleNumbers(n).map(i => pole(i, k => ({ [`starter.${k}`]: 4 })))), { repair: newContacts, causes: [CAUSES.rapidCycling, { because: 'chattered', why: 'a chattering coil burns its contacts' }, CAUSES.age], settledBy: 'volts across each closed contact while it carries the motor', wears: ['starts', 'age'] }),
      fault('starter', 'contact-open', 'Starter contact not making', 0.025, degrees(...poleNumbers(n).map(i => pole(i, k => ({ [`starter.${k}`]: OPEN })))), { repair: newContacts, causes: [CAUSES.rapidCycling, CAUSES.damp, CAUSES.age], settledBy: 'volts on its load side, contact by contact', wears: ['starts', 'damp'] }),
      fault('starter', 'welded', 'Starter contacts welded', 0.015, always(poles('starter.rest', n, CLOSED)), { repair: newContacts, causes: [CAUSES.rapidCycling, CAUSES.surge], settledBy: 'volts on its load side with the coil out', effect: 'runs-on', wears: ['starts'] }),
      fault('starter', 'coil-open', 'Coil open', 0.035, always({ 'coil.joint': OPEN, 'coil.cold': OPEN }), { repair: fit('Replace the coil', 30, 'coil'), causes: [CAUSES.age, CAUSES.surge, CAUSES.hot], settledBy: 'ohms across the coil, one lead off', wears: ['age'] }),
      fault('starter', 'coil-wrong', 'Coil of the wrong voltage', 0.008, degrees(['for twice the volts', 0.7, h => ({ 'coil.rated': h['coil.rated']! * 2, 'coil.cold': h['coil.cold']! * 4 })], ['for half the volts, burnt', 0.3, { 'coil.joint': OPEN, 'coil.cold': OPEN }]), { repair: fit('Fit the coil for the control voltage', 30, 'coil'), causes: [], settledBy: 'the figure on the coil against the control volts' }),
      fault('starter', 'overload-tripped', 'Overload relay tripped', 0.06, always({ 'pilot.overload': OPEN }), { repair: fit('Find why, then reset the overload relay', 5), causes: [{ because: 'motor.binding', why: 'an overloaded motor trips it' }, { because: 'motor.seized', why: 'a locked motor trips it' }, { because: 'supply.leg-lost', why: 'single-phasing trips it' }, { because: 'starter.contact-open', why: 'single-phasing trips it' }, { because: 'starter.overload-set', why: 'set under the motor’s amps it trips for nothing' }, CAUSES.lowVolts], settledBy: 'the reset button: out or in', heals: true }),
      fault('starter', 'overload-set', 'Overload relay set wrong', 0.02, always({ 'heater.trip': 0.7 }), { repair: fit('Set the overload to the nameplate', 5), causes: [], settledBy: 'its dial against the nameplate amps' }),
      fault('starter', 'overload-contact', 'Overload’s contact dirty or broken', 0.015, degrees(['open though reset', 0.6, { 'pilot.overload': OPEN }], ['500 Ω', 0.4, { 'pilot.overload': 500 }]), { repair: fit('Replace the overload relay', 35, 'overload relay'), causes: [CAUSES.damp, CAUSES.age], settledBy: 'volts behind it with the button in', wears: ['damp', 'age'] }),
      fault('starter', 'heater-open', 'Overload heater burnt open', 0.01, degrees(...poleNumbers(n).map(i => pole(i, k => ({ [`heater.${k}`]: OPEN })))), { repair: fit('Replace the overload relay', 35, 'overload relay'), causes: [CAUSES.surge, { because: 'motor.ground', why: 'a short burns the heater' }], settledBy: 'volts ahead of it against behind it' }),
      fault('starter', 'control-fuse', 'Control fuse blown', 0.03, always({ 'pilot.fuse': OPEN }), { repair: fit('Find why, then replace the control fuse', 10, 'control fuse'), causes: [CAUSES.surge, { because: 'starter.coil-wrong', why: 'a wrong or shorted coil blows it' }], settledBy: 'volts on both sides of the fuse' }),
      fault('starter', 'control-wire', 'Control wire loose or broken', 0.02, degrees(['open', 0.6, { [o.float ? 'pilot.float' : 'pilot.wire']: OPEN }], ['400 Ω', 0.4, { [o.float ? 'pilot.float' : 'pilot.wire']: 400 }]), { repair: fit('Remake the control wire', 20, 'terminals'), causes: [CAUSES.loose, CAUSES.vibration], settledBy: 'volts along the control circuit up to the coil' }),
      ...(o.transformer ? [fault('transformer', 'dead', 'Control transformer dead', 0.02, degrees(['primary', 0.6, { 'transformer.primary': 1e9 }], ['secondary', 0.4, { 'transformer.secondary': 1e9 }]), { repair: fit('Replace the control transformer', 40, 'control transformer'), causes: [CAUSES.surge, CAUSES.age, CAUSES.hot], settledBy: 'volts into it against volts out of it', wears: ['age'] })] : []),
      ...(o.float ? [fault('float', 'stuck-open', 'Low-level float stuck or its contact open', 0.03, always({ 'pilot.float': OPEN }), { repair: fit('Free or replace the float', 40, 'float switch'), causes: [CAUSES.damp, CAUSES.age], settledBy: 'lift it by hand with the level up', wears: ['damp'] })] : []),
    ],
    tests: [
      ...(o.phases === 3 ? voltsThree('load', 'on the starter load side', 'd') : voltsAt('load', 'on the starter load side', ['d1', 'd2'], 'utilisation', o.neutral)),
      ...poleNumbers(n).map(i => volts(`pole${i}.drop`, 'contacts', `Volts across contact ${i}, pulled in`, [String(i), `p${i}`], `l${i}`, `c${i}`, { condition: 'running', meter: 'V AC, lowest range', steps: [`Line to load of contact ${i} while it carries the motor.`], variant: String(i), band: 'contact-drop', minutes: 1, proves: true, probe: { ask: 'volts', a: `l${i}`, b: `c${i}`, scenario: 'running', drop: true } })),
      volts('load.idle', 'load', 'Volts on the load side with the coil out', ['idle', 'rest', 'coil out'], 'd1', 'd2', { scenario: 'idle', band: 'dead' }),
      volts('control.volts', 'control', 'Control supply volts', [], 'q', 'q0', { band: 'coil' }),
      volts('aux.volts', 'aux', 'Volts behind the overload contact, to the coil’s return', [], 'qo', 'q0', { band: 'coil' }),
      volts('pilot.volts', 'pilot', 'Volts behind the pressure switch, to the coil’s return', [], 'qs', 'q0', { band: 'coil' }),
      volts('coil.volts', 'coil', 'Volts across the coil, calling', [], 'qc', 'q0', { band: 'coil' }),
      row({ id: 'coil.ohms', point: 'coil', title: 'Ohms across the coil, one lead off', words: [], condition: 'dead', quantity: 'ohms', minutes: 3, meter: 'Ω', need: 'proven-dead', steps: ['One coil lead off; across the coil.'], probe: { ask: 'part', figure: 'coil.cold', spread: 0.5 }, band: 'model' }),
      partOhms('aux.ohms', 'aux', 'Ohms across the overload’s contact, reset', [], 'pilot.overload', 2.5, 'One control wire off; button pushed in.', { probe: { ask: 'part', figure: 'pilot.overload', cold: true } }),
      ...poleNumbers(n).map(i => partOhms(`heater${i}.ohms`, 'load', `Ohms across heater ${i}`, [`heater ${i}`, `h${i}`], `heater.${i}`, 2.5, `Across heater ${i}, dead.`, { variant: `h${i}` })),
      seen({ id: 'coil-heard', point: 'coil', title: 'Listen to the contactor as it calls', words: ['contactor', 'coil sound', 'starter'], steps: ['Does it pull in firmly, chatter, or do nothing?'], outcomes: [outcome('pulls', 'pulls in', 'in', 'clunks'), outcome('chatters', 'chatters, buzzes', 'buzzes'), outcome('nothing', 'nothing', 'silent', 'dead')], usual: [0.7, 0.05, 0.25], given: { 'effect:runs': [0.97, 0.02, 0.01], 'effect:groans': [0.95, 0.04, 0.01], 'effect:trips-overload': [0.95, 0.03, 0.02], 'effect:trips-breaker': [0.9, 0.04, 0.06], 'effect:chatters': [0.03, 0.94, 0.03], 'effect:silent': [0.08, 0.03, 0.89], 'effect:runs-on': [0.9, 0.02, 0.08], 'effect:runs-weak': [0.97, 0.02, 0.01], 'effect:runs-dry': [0.97, 0.02, 0.01], 'effect:rapid-cycles': [0.97, 0.02, 0.01], 'effect:surges': [0.97, 0.02, 0.01], 'effect:cuts-off': [0.97, 0.02, 0.01], 'effect:starts-alone': [0.97, 0.02, 0.01] } }),
      seen({ id: 'coil-figure', point: 'coil', title: 'Read the volts printed on the coil', words: ['coil figure', 'coil printed'], minutes: 1.5, need: 'proven-dead', steps: ['Dead: the figure on the coil against the control volts.'], outcomes: [outcome('right', 'right for the control volts', 'matches'), outcome('wrong', 'for other volts')], usual: [0.985, 0.015], given: { 'starter.coil-wrong': [0.02, 0.98] } }),
      seen({ id: 'reset', point: 'aux', title: 'Look at the overload’s reset button', words: ['reset', 'button', 'overload'], steps: ['Tripped stands out; its dial against the nameplate amps.'], outcomes: [outcome('in', 'in, dial right', 'set', 'holds'), outcome('tripped', 'tripped', 'out', 'lets go'), outcome('dial', 'dial under the nameplate', 'set low')], usual: [0.9, 0.08, 0.02], given: { 'starter.overload-tripped': [0.03, 0.95, 0.02], 'starter.overload-set': [0.03, 0.2, 0.77], 'effect:groans': [0.35, 0.63, 0.02], 'effect:trips-overload': [0.25, 0.73, 0.02] } }),
      seen({ id: 'starter-look', point: 'contacts', title: 'Look at the starter’s contacts', words: ['contacts', 'starter contacts'], minutes: 4, need: 'proven-dead', steps: ['Dead; arc cover off. Each pair: bright, pitted, burnt away, welded, insects?'], outcomes: [outcome('good', 'good', 'bright', 'clean'), outcome('burnt', 'burnt', 'burned', 'pitted'), outcome('welded', 'welded', 'stuck'), outcome('insects', 'insects or dirt', 'ants')], usual: [0.85, 0.12, 0.01, 0.02], given: { 'starter.contact-burnt': [0.04, 0.93, 0.01, 0.02], 'starter.contact-open': [0.1, 0.45, 0.01, 0.44], 'starter.welded': [0.03, 0.2, 0.76, 0.01] } }),
      seen({ id: 'fuse-look', point: 'control', title: 'Take out and test the control fuse', words: ['fuse', 'control fuse'], minutes: 2.5, need: 'proven-dead', steps: ['Dead. Out of its holder, ohms across it.'], outcomes: [outcome('whole', 'whole', 'good'), outcome('blown', 'blown', 'open')], usual: [0.97, 0.03], given: { 'starter.control-fuse': [0.01, 0.99] } }),
      swapTrial({ id: 'bypass', point: 'pilot', title: 'Bridge the pressure switch in the control circuit', words: ['bridged', 'bypass', 'jumpered'], need: 'proven-dead', minutes: 6, risk: 2, steps: ['Dead: rated lead across the pilot contact, clipped on. Energise, hand on the disconnect, eyes on the gauge.'], cautions: [JUMPER] }, ['pilot.switch']),
      tripTrial('trip-load-off', 'load', 'Motor leads off at the starter: does it still trip?', ['trips load off', 'load wires off'], ['Dead: leads off the overload’s load side, apart and safe.', 'Stand clear and reset the breaker once.'], ['start.', 'cable.', 'motor.', 'run.'], o.phases === 3 ? ['cable.1', 'cable.2', 'cable.3'] : ['cable.black', 'cable.yellow']),
      ...(o.float ? [seen({ id: 'float-look', point: 'coil', title: 'Lift the low-level float by hand', words: ['float'], minutes: 4, steps: ['Lift it: does the contactor call?'], outcomes: [outcome('calls', 'calls', 'works', 'good'), outcome('dead', 'does nothing', 'stuck')], usual: [0.96, 0.04], given: { 'float.stuck-open': [0.04, 0.96] } })] : []),
    ],
    notes: [{ id: 'chattered', label: 'Chattered on low control volts', test: 'coil.volts', shownBy: 'low', advice: 'Find what robs the coil: contact, wire, transformer.' }],
  }
}

/** Healthy figures of a starter and its pilot circuit. */
export function starterFigures(phases: 1 | 3, coilVolts: number): Record<string, number> {
  const n = phases === 3 ? 3 : 2
  return {
    ...poles('starter.', n, CLOSED), ...poles('starter.rest', n, OPEN), ...poles('heater.', n, 0.03), 'heater.trip': 1.2,
    'pilot.fuse': 0.3, 'pilot.overload': 0.05, 'pilot.switch': 0.05, 'pilot.switchRest': OPEN, 'pilot.float': 0.05, 'pilot.wire': 0.05,
    'coil.rated': coilVolts, 'coil.turns': 1, 'coil.joint': 0, 'coil.cold': coldCoil(coilVolts), 'transformer.primary': 0, 'transformer.secondary': 0,
  }
}
