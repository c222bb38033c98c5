/** Start gear inside a drowned motor: what fails there comes up with the pump; common practice, no source. */
import { OPEN } from '../power/resistances'
import type { Repair } from '../faultTypes'
import type { Block } from './block'
import { CAUSES, lockedBy, OFTEN_STARTED } from './causes'
import { always, fault, madeBy, repair } from './faultEntry'
import { seen } from './testEntry'
import { keepsRunning } from './toldMotor'

export const insideGear = (pull: Repair): Block => ({
  faults: [
    fault({
      id: 'motor.start-gear',
      name: 'Start gear inside the motor dead',
      baseRate: 0.05,
      severities: always({ 'start.contact': OPEN }),
      repair: pull,
      causes: [...OFTEN_STARTED, CAUSES.lowVolts, CAUSES.age],
      settledBy: 'locked amps that never fall, supply and switch proven good',
      wears: ['starts', 'age'],
    }),
    fault({
      id: 'motor.start-stuck',
      name: 'Start switch inside the motor does not open',
      baseRate: 0.012,
      severities: always(h => ({ 'start.contactRunning': h['start.contact'] })),
      repair: pull,
      causes: [...OFTEN_STARTED, CAUSES.age],
      settledBy: 'high amps that never settle',
      wears: ['starts'],
    }),
    fault({
      id: 'motor.overload-hot',
      protects: true,
      name: 'Motor overload open, hot',
      baseRate: 0.03,
      severities: always({ 'start.overload': OPEN }),
      repair: repair({
        id: 'let-it-cool-find-why',
        name: 'Let it cool, find why',
        minutes: 30,
      }),
      causes: [
        CAUSES.lowVolts,
        CAUSES.dry,
        CAUSES.rapidCycling,
        ...lockedBy('motor.start-gear', 'motor.seized'),
        madeBy('motor.binding', 'a motor that draws too much opens it'),
        madeBy('pump.dry-well', 'without water nothing cools it'),
      ],
      settledBy: 'OL now, a value after it has cooled',
      heals: true,
    }),
  ],
  tests: [
    keepsRunning('black'),
    seen({
      id: 'cool-ohms',
      point: 'leads',
      title: 'Ohms now, and after it has cooled',
      words: ['cool', 'after cooling'],
      need: 'proven-dead',
      minutes: 4,
      wait: { minutes: 15, why: 'a submerged motor’s overload cools in a quarter of an hour' },
      steps: ['Lead to lead now; wait a quarter of an hour; again.'],
      outcomes: {
        'same': { label: 'a value both times', words: ['value'] },
        'comes-back': { label: 'OL now, a value later', words: ['comes back'] },
        'stays-ol': { label: 'OL for good', words: ['stays ol'] },
      },
      usual: { 'same': 0.986, 'comes-back': 0.008, 'stays-ol': 0.006 },
      chancesByFault: {
        'motor.overload-hot': { 'same': 0.05, 'comes-back': 0.9, 'stays-ol': 0.05 },
        'motor.main-open': { 'same': 0.02, 'comes-back': 0.03, 'stays-ol': 0.95 },
        'cable.open': { 'same': 0.02, 'comes-back': 0.03, 'stays-ol': 0.95 },
      },
      chancesByEffect: {
        'groans': { 'same': 0.6, 'comes-back': 0.38, 'stays-ol': 0.02 },
        'trips-overload': { 'same': 0.6, 'comes-back': 0.38, 'stays-ol': 0.02 },
      },
    }),
  ],
})
