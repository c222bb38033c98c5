/** A magnetic starter: contactor, overload relay and the pilot circuit that calls it. */
import { only, POLES, poles, type Change, type Pole } from '../figures'
import { coldCoil } from '../power/pilot'
import { CLOSED, OPEN } from '../power/resistances'
import { type Block, component, point, yesNo } from './block'
import { CAUSES, note } from './causes'
import { JUMPER } from './cautions'
import { always, degrees, fault, repair } from './faultEntry'
import { partOhms, seen, volts, voltsAt, voltsThree } from './testEntry'
import { swapTrial, tripTrial } from './trials'

export interface StarterOptions {
  readonly phases: 1 | 3
  readonly transformer: boolean
  readonly float: boolean
  readonly neutral?: boolean
}

const newContacts = repair({
  id: 'replace-contacts-or-contactor',
  name: 'Replace contacts or contactor',
  minutes: 50,
  part: 'contact kit',
})

export function starter(o: StarterOptions): Block {
  const n = o.phases === 3 ? 3 : 2
  const lines = POLES.slice(0, n)
  const eachPole = (change: (pole: Pole) => Change) =>
    degrees(...lines.map(pole => ({ name: `pole ${pole}`, share: 1 / n, change: change(pole) })))
  return {
    components: [
      component({
        id: 'starter',
        name: 'Starter',
        glyph: 'starter',
        lane: 'power',
        place: 'switch',
        fields: [
          { id: 'overloadAmps', label: 'Overload setting', quantity: 'amps', range: [0.5, 150] },
          { id: 'coilVolts', label: 'Coil volts', quantity: 'volts', range: [12, 600] },
          { id: 'control', label: 'Control supply', quantity: 'choice', choices: ['line volts', 'transformer'] },
          ...(o.phases === 3 || o.float ? [yesNo('float', 'Float or low-level contact')] : []),
        ],
      }),
      ...(o.transformer
        ? [
            component({
              id: 'transformer',
              name: 'Control transformer',
              glyph: 'transformer',
              lane: 'power',
              place: 'switch',
            }),
          ]
        : []),
      ...(o.float
        ? [
            component({
              id: 'float',
              name: 'Low-level float',
              glyph: 'float-switch',
              lane: 'power',
              place: 'tank',
            }),
          ]
        : []),
    ],
    points: [
      point({
        id: 'load',
        name: 'starter load',
        component: 'starter',
        spot: { on: 'starter', side: 'out' },
        aliases: ['load', 'starter out', 'overload out'],
      }),
      point({
        id: 'contacts',
        name: 'starter contacts',
        component: 'starter',
        spot: { on: 'starter', side: 'on', part: 'poles' },
        aliases: ['pole', 'contact drop'],
      }),
      point({
        id: 'control',
        name: 'control supply',
        component: o.transformer ? 'transformer' : 'starter',
        spot: { on: o.transformer ? 'transformer' : 'starter', side: 'on', part: 'control' },
        aliases: ['control', 'transformer'],
      }),
      point({
        id: 'aux',
        name: 'behind the overload contact',
        component: 'starter',
        spot: { on: 'starter', side: 'on', part: 'aux' },
        aliases: ['overload contact', 'aux'],
      }),
      point({
        id: 'coil',
        name: 'coil',
        component: 'starter',
        spot: { on: 'starter', side: 'on', part: 'coil' },
        aliases: ['a1-a2', 'holding coil'],
      }),
    ],
    faults: [
      fault({
        id: 'starter.contact-burnt',
        name: 'Starter contact burnt',
        baseRate: 0.05,
        severities: eachPole(pole => only(`starter.${pole}`, 4)),
        repair: newContacts,
        causes: [
          CAUSES.rapidCycling,
          { because: 'chattered', why: 'a chattering coil burns its contacts' },
          CAUSES.age,
        ],
        settledBy: 'volts across each closed contact while it carries the motor',
        wears: ['starts', 'age'],
      }),
      fault({
        id: 'starter.contact-open',
        name: 'Starter contact not making',
        baseRate: 0.025,
        severities: eachPole(pole => only(`starter.${pole}`, OPEN)),
        repair: newContacts,
        causes: [CAUSES.rapidCycling, CAUSES.damp, CAUSES.age],
        settledBy: 'volts on its load side, contact by contact',
        wears: ['starts', 'damp'],
      }),
      fault({
        id: 'starter.welded',
        name: 'Starter contacts welded',
        baseRate: 0.015,
        severities: always(poles('starter.rest', n, CLOSED)),
        repair: newContacts,
        causes: [CAUSES.rapidCycling, CAUSES.surge],
        settledBy: 'volts on its load side with the coil out',
        effect: 'runs-on',
        wears: ['starts'],
      }),
      fault({
        id: 'starter.coil-open',
        name: 'Coil open',
        baseRate: 0.035,
        severities: always({ 'coil.joint': OPEN, 'coil.cold': OPEN }),
        repair: repair({
          id: 'replace-coil',
          name: 'Replace the coil',
          minutes: 30,
          part: 'coil',
        }),
        causes: [CAUSES.age, CAUSES.surge, CAUSES.hot],
        settledBy: 'ohms across the coil, one lead off',
        wears: ['age'],
      }),
      fault({
        id: 'starter.coil-wrong',
        name: 'Coil of the wrong voltage',
        baseRate: 0.008,
        severities: degrees(
          {
            name: 'for twice the volts',
            share: 0.7,
            change: h => ({ 'coil.rated': h['coil.rated'] * 2, 'coil.cold': h['coil.cold'] * 4 }),
          },
          { name: 'for half the volts, burnt', share: 0.3, change: { 'coil.joint': OPEN, 'coil.cold': OPEN } },
        ),
        repair: repair({
          id: 'fit-coil-for-control-voltage',
          name: 'Fit the coil for the control voltage',
          minutes: 30,
          part: 'coil',
        }),
        causes: [],
        settledBy: 'the figure on the coil against the control volts',
      }),
      fault({
        id: 'starter.overload-tripped',
        name: 'Overload relay tripped',
        baseRate: 0.06,
        severities: always({ 'pilot.overload': OPEN }),
        repair: repair({
          id: 'find-why-then-reset-overload-relay',
          name: 'Find why, then reset the overload relay',
          minutes: 5,
        }),
        causes: [
          { because: 'motor.binding', why: 'an overloaded motor trips it' },
          { because: 'motor.seized', why: 'a locked motor trips it' },
          { because: 'supply.leg-lost', why: 'single-phasing trips it' },
          { because: 'starter.contact-open', why: 'single-phasing trips it' },
          { because: 'starter.overload-set', why: 'set under the motor’s amps it trips for nothing' },
          CAUSES.lowVolts,
        ],
        settledBy: 'the reset button: out or in',
        heals: true,
      }),
      fault({
        id: 'starter.overload-set',
        name: 'Overload relay set wrong',
        baseRate: 0.02,
        severities: always({ 'heater.trip': 0.7 }),
        repair: repair({
          id: 'set-overload-to-nameplate',
          name: 'Set the overload to the nameplate',
          minutes: 5,
        }),
        causes: [],
        settledBy: 'its dial against the nameplate amps',
      }),
      fault({
        id: 'starter.overload-contact',
        name: 'Overload’s contact dirty or broken',
        baseRate: 0.015,
        severities: degrees(
          { name: 'open though reset', share: 0.6, change: { 'pilot.overload': OPEN } },
          { name: '500 Ω', share: 0.4, change: { 'pilot.overload': 500 } },
        ),
        repair: repair({
          id: 'replace-overload-relay',
          name: 'Replace the overload relay',
          minutes: 35,
          part: 'overload relay',
        }),
        causes: [CAUSES.damp, CAUSES.age],
        settledBy: 'volts behind it with the button in',
        wears: ['damp', 'age'],
      }),
      fault({
        id: 'starter.heater-open',
        name: 'Overload heater burnt open',
        baseRate: 0.01,
        severities: eachPole(pole => only(`heater.${pole}`, OPEN)),
        repair: repair({
          id: 'replace-overload-relay',
          name: 'Replace the overload relay',
          minutes: 35,
          part: 'overload relay',
        }),
        causes: [CAUSES.surge, { because: 'motor.ground', why: 'a short burns the heater' }],
        settledBy: 'volts ahead of it against behind it',
      }),
      fault({
        id: 'starter.control-fuse',
        name: 'Control fuse blown',
        baseRate: 0.03,
        severities: always({ 'pilot.fuse': OPEN }),
        repair: repair({
          id: 'find-why-then-replace-control-fuse',
          name: 'Find why, then replace the control fuse',
          minutes: 10,
          part: 'control fuse',
        }),
        causes: [CAUSES.surge, { because: 'starter.coil-wrong', why: 'a wrong or shorted coil blows it' }],
        settledBy: 'volts on both sides of the fuse',
      }),
      fault({
        id: 'starter.control-wire',
        name: 'Control wire loose or broken',
        baseRate: 0.02,
        severities: degrees(
          { name: 'open', share: 0.6, change: only(o.float ? 'pilot.float' : 'pilot.wire', OPEN) },
          { name: '400 Ω', share: 0.4, change: only(o.float ? 'pilot.float' : 'pilot.wire', 400) },
        ),
        repair: repair({
          id: 'remake-control-wire',
          name: 'Remake the control wire',
          minutes: 20,
          part: 'terminals',
        }),
        causes: [CAUSES.loose, CAUSES.vibration],
        settledBy: 'volts along the control circuit up to the coil',
      }),
      ...(o.transformer
        ? [
            fault({
              id: 'transformer.dead',
              name: 'Control transformer dead',
              baseRate: 0.02,
              severities: degrees(
                { name: 'primary', share: 0.6, change: { 'transformer.primary': 1e9 } },
                { name: 'secondary', share: 0.4, change: { 'transformer.secondary': 1e9 } },
              ),
              repair: repair({
                id: 'replace-control-transformer',
                name: 'Replace the control transformer',
                minutes: 40,
                part: 'control transformer',
              }),
              causes: [CAUSES.surge, CAUSES.age, CAUSES.hot],
              settledBy: 'volts into it against volts out of it',
              wears: ['age'],
            }),
          ]
        : []),
      ...(o.float
        ? [
            fault({
              id: 'float.stuck-open',
              name: 'Low-level float stuck or its contact open',
              baseRate: 0.03,
              severities: always({ 'pilot.float': OPEN }),
              repair: repair({
                id: 'free-or-replace-float',
                name: 'Free or replace the float',
                minutes: 40,
                part: 'float switch',
              }),
              causes: [CAUSES.damp, CAUSES.age],
              settledBy: 'lift it by hand with the level up',
              wears: ['damp'],
            }),
          ]
        : []),
    ],
    tests: [
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
        between: ['qc', 'q0'],
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
        usual: { right: 0.985, wrong: 0.015 },
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
        usual: { in: 0.9, tripped: 0.08, dial: 0.02 },
        chancesByFault: {
          'starter.overload-tripped': { in: 0.03, tripped: 0.95, dial: 0.02 },
          'starter.overload-set': { in: 0.03, tripped: 0.2, dial: 0.77 },
        },
        chancesByEffect: {
          'groans': { in: 0.35, tripped: 0.63, dial: 0.02 },
          'trips-overload': { in: 0.25, tripped: 0.73, dial: 0.02 },
        },
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
        usual: { good: 0.85, burnt: 0.12, welded: 0.01, insects: 0.02 },
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
        usual: { whole: 0.97, blown: 0.03 },
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
          'Dead: rated lead across the pilot contact, clipped on. Energise, hand on the disconnect, eyes on the gauge.',
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
              usual: { calls: 0.96, dead: 0.04 },
              chancesByFault: {
                'float.stuck-open': { calls: 0.04, dead: 0.96 },
              },
            }),
          ]
        : []),
    ],
    notes: [
      note({
        id: 'chattered',
        name: 'Chattered on low control volts',
        test: 'coil.volts',
        shownBy: 'low',
        advice: 'Find what robs the coil: contact, wire, transformer.',
      }),
    ],
  }
}

/** Healthy figures of a starter and its pilot circuit. */
export function starterFigures(phases: 1 | 3, coilVolts: number): Change {
  const n = phases === 3 ? 3 : 2
  return {
    ...poles('starter.', n, CLOSED),
    ...poles('starter.rest', n, OPEN),
    ...poles('heater.', n, 0.03),
    'heater.trip': 1.2,
    'pilot.fuse': 0.3,
    'pilot.overload': 0.05,
    'pilot.switch': 0.05,
    'pilot.switchRest': OPEN,
    'pilot.float': 0.05,
    'pilot.wire': 0.05,
    'coil.rated': coilVolts,
    'coil.turns': 1,
    'coil.joint': 0,
    'coil.cold': coldCoil(coilVolts),
    'transformer.primary': 0,
    'transformer.secondary': 0,
  }
}
