/** A magnetic starter: contactor, overload relay and the pilot circuit that calls it. */
import { poles, type Change } from '../figures'
import { coldCoil } from '../power/pilot'
import { OPEN } from '../power/resistances'
import { component, point, yesNo, type Block } from './block'
import { note } from './causes'
import { starterFaults, type StarterOptions } from './starterFaults'
import { starterTests } from './starterTests'

export function starter(o: StarterOptions): Block {
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
        id: 'fuse',
        name: 'behind the control fuse',
        component: 'starter',
        spot: { on: 'starter', side: 'on', part: 'control' },
        aliases: ['control fuse', 'past the control fuse'],
      }),
      point({
        id: 'aux',
        name: 'behind the overload contact',
        component: 'starter',
        spot: { on: 'starter', side: 'on', part: 'aux' },
        aliases: ['overload contact', 'aux'],
      }),
      point({
        id: 'dial',
        name: 'overload’s dial',
        component: 'starter',
        spot: { on: 'starter', side: 'on', part: 'aux' },
        aliases: ['dial', 'overload dial'],
      }),
      point({
        id: 'coil',
        name: 'coil',
        component: 'starter',
        spot: { on: 'starter', side: 'on', part: 'coil' },
        aliases: ['a1-a2', 'holding coil'],
      }),
    ],
    faults: starterFaults(o),
    tests: starterTests(o),
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
export interface StarterFigures {
  readonly phases: 1 | 3
  readonly coilVolts: number
  /** Ω of a closed main contact */
  readonly contact: number
  /** A of the motor, at which the dial of the overload should stand */
  readonly dial: number
}

export function starterFigures({ phases, coilVolts, contact, dial }: StarterFigures): Change {
  const n = phases === 3 ? 3 : 2
  return {
    ...poles('starter.', n, contact),
    ...poles('starter.rest', n, OPEN),
    ...poles('heater.', n, 0.03),
    'heater.trip': 1.2,
    'heater.dial': dial,
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
