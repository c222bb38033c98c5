/** What fails in a starter and its pilot circuit; rates are common practice, no source. */
import { only, POLES, poles, type Change, type Figures, type Pole } from '../figures'
import { CLOSED, OPEN } from '../power/resistances'
import type { FaultMode } from '../faultTypes'
import { CAUSES, OFTEN_STARTED } from './causes'
import { always, badJoint, degrees, fault, madeBy, repair } from './faultEntry'

const freeFloat = repair({
  id: 'free-or-replace-float',
  name: 'Free or replace the float',
  minutes: 40,
  part: 'float switch',
})

export interface StarterOptions {
  readonly phases: 1 | 3
  readonly transformer: boolean
  readonly float: boolean
  readonly neutral?: boolean
}

/** Makers and panels differ in where the contact stands; how often which is common practice, no source. */
/** A dial at a share of the plate; it lets go a fifth over where it stands. */
const dialAt = (healthy: Figures, share: number): Change => ({
  'heater.trip': 1.2 * share,
  'heater.dial': healthy['heater.dial'] * share,
})
const BEHIND: Change = { 'pilot.overload': OPEN, 'pilot.overloadBehind': 1 }

const newContacts = repair({
  id: 'replace-contacts-or-contactor',
  name: 'Replace contacts or contactor',
  minutes: 50,
  part: 'contact kit',
})

/** Under its volts a coil does not close its gap, and an open gap lets it draw and cook. */
const LOW_VOLTS_HOLD = { because: 'low-volts', why: 'under its volts a coil does not close, draws more and'
  + ' cooks' } as const
const CHATTERED = { because: 'chattered', why: 'a chattering coil burns its contacts' } as const

export function starterFaults(o: StarterOptions): readonly FaultMode[] {
  const n = o.phases === 3 ? 3 : 2
  const lines = POLES.slice(0, n)
  const eachPole = (change: (pole: Pole) => Change) =>
    degrees(...lines.map(pole => ({ name: `pole ${pole}`, share: 1 / n, change: change(pole) })))
  return [
    fault({
      id: 'starter.contact-burnt',
      name: 'Starter contact burnt',
      baseRate: 0.05,
      severities: badJoint(
        lines.map(pole => ({ name: `pole ${pole}`, change: r => only(`starter.${pole}`, r) })),
        [[3, 0.4], [1, 0.3], [0.3, 0.3]],
      ),
      repair: newContacts,
      causes: [
        ...OFTEN_STARTED,
        CHATTERED,
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
      causes: [...OFTEN_STARTED, CHATTERED, CAUSES.damp, CAUSES.age],
      settledBy: 'volts on its load side, contact by contact',
      wears: ['starts', 'damp'],
    }),
    fault({
      id: 'starter.welded',
      name: 'Starter contacts welded',
      baseRate: 0.015,
      severities: always(poles('starter.rest', n, CLOSED)),
      repair: newContacts,
      causes: [...OFTEN_STARTED, CHATTERED, CAUSES.surge],
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
      causes: [CAUSES.age, CAUSES.surge, CAUSES.hot, LOW_VOLTS_HOLD],
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
      protects: true,
      name: 'Overload relay tripped',
      baseRate: 0.06,
      severities: degrees(
        { name: 'ahead of the switch', share: 0.6, change: { 'pilot.overload': OPEN } },
        { name: 'behind the coil', share: 0.4, change: BEHIND },
      ),
      repair: repair({
        id: 'find-why-then-reset-overload-relay',
        name: 'Find why, then reset the overload relay',
        minutes: 5,
      }),
      causes: [
        { because: 'motor.binding', why: 'an overloaded motor trips it' },
        { because: 'motor.seized', why: 'a locked motor trips it' },
        { because: 'head.seized', why: 'a seized pump locks its motor' },
        { because: 'supply.leg-lost', why: 'single-phasing trips it' },
        { because: 'starter.contact-open', why: 'single-phasing trips it' },
        { because: 'starter.overload-set', why: 'set under the motor’s amps it trips for nothing' },
        madeBy('motor.turn-short', 'shorted turns draw too much'),
        madeBy('starter.contact-burnt', 'a burnt contact raises the amps of the others'),
        madeBy('supply.unbalanced', 'unbalanced volts raise the amps of one line'),
        CAUSES.lowVolts,
      ],
      settledBy: 'the reset button: out or in',
      heals: true,
    }),
    fault({
      id: 'starter.overload-set',
      name: 'Overload relay set wrong',
      baseRate: 0.02,
      severities: degrees(
        { name: 'at six tenths of the plate', share: 0.5, change: h => dialAt(h, 0.6) },
        { name: 'at four fifths of the plate', share: 0.5, change: h => dialAt(h, 0.8) },
      ),
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
        { name: 'open though reset', share: 0.4, change: { 'pilot.overload': OPEN } },
        { name: 'open though reset, behind the coil', share: 0.25, change: BEHIND },
        { name: '500 Ω', share: 0.35, change: { 'pilot.overload': 500 } },
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
      protects: true,
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
            repair: freeFloat,
            causes: [CAUSES.damp, CAUSES.age],
            settledBy: 'lift it by hand with the level up',
            wears: ['damp'],
          }),
          fault({
            id: 'float.stuck-shut',
            name: 'Low-level float does not open',
            baseRate: 0.006,
            severities: always({}),
            effect: 'runs-dry',
            repair: freeFloat,
            causes: [CAUSES.damp, CAUSES.age],
            settledBy: 'let it hang by hand: it should stop',
            wears: ['damp'],
          }),
          fault({
            id: 'float.wrong-sense',
            name: 'Float in the wrong sense',
            baseRate: 0.006,
            severities: always({ 'pilot.float': OPEN }),
            repair: repair({
              id: 'change-sense-of-float',
              name: 'Turn the float’s sense round',
              minutes: 20,
            }),
            causes: [],
            settledBy: 'lift and drop it by hand: it calls as it hangs',
          }),
        ]
      : []),
  ]
}
