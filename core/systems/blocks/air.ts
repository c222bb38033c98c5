/**
 * The air side: pump head, unloader, tank check valve, receiver and what hangs on it. Rates and tables are common
 * practice, no source.
 */
import { GALLON, PSI } from '#core/units'
import type { Change } from '../figures'
import { asked, type Told } from './asked'
import { component, point, type Block } from './block'
import { note, NOTES } from './causes'
import { airFaults } from './airFaults'
import { airTests, type AirOptions } from './airTests'
import { startsEmpty } from './toldMotor'
import { MOST_PRESSURE, RELIEF_OPENS } from './pressureLimits'

const CFM = 0.3048 ** 3 / 60

/** @param more what may be told of this kind besides */
export function airSide({ belt, practice }: AirOptions, ...more: readonly Told[]): Block {
  const about = ['old', 'ran-on', 'vibration', 'hot', ...more] as const
  const told = asked({ point: 'outlet', about, practice })
  return {
    components: [
      component({
        id: 'head',
        name: 'Pump head',
        glyph: 'compressor',
        lane: 'air',
        place: 'machine',
        fields: [
          { id: 'delivery', label: 'Free air delivered', quantity: 'air-flow', range: [0.3 * CFM, 200 * CFM] },
        ],
      }),
      component({
        id: 'unloader',
        name: 'Unloader',
        glyph: 'unloader',
        lane: 'air',
        place: 'switch',
      }),
      component({
        id: 'check',
        name: 'Tank check valve',
        glyph: 'check-valve',
        lane: 'air',
        place: 'machine',
      }),
      component({
        id: 'tank',
        name: 'Receiver',
        glyph: 'receiver',
        lane: 'air',
        place: 'machine',
        fields: [
          { id: 'volume', label: 'Volume', quantity: 'volume', range: [0.5 * GALLON, 1000 * GALLON] },
          MOST_PRESSURE,
        ],
      }),
      component({
        id: 'gauge',
        name: 'Gauge',
        glyph: 'gauge',
        lane: 'air',
        place: 'machine',
      }),
      component({
        id: 'relief',
        name: 'Relief valve',
        glyph: 'relief',
        lane: 'air',
        place: 'machine',
        fields: [RELIEF_OPENS],
      }),
      component({
        id: 'regulator',
        name: 'Regulator',
        glyph: 'regulator',
        lane: 'air',
        place: 'machine',
      }),
      component({
        id: 'house',
        name: 'Air line',
        glyph: 'house',
        lane: 'air',
        place: 'house',
        fields: [
          {
            id: 'pipeLength',
            label: 'Length to the tool',
            quantity: 'length',
            range: [1, 1000],
            bears: 'Pressure lost on the way while a tool is open.',
          },
          { id: 'pipeBore', label: 'Bore of the line', quantity: 'bore', range: [0.004, 0.15] },
        ],
      }),
    ],
    points: [
      point({
        id: 'head',
        name: 'pump head',
        component: 'head',
        spot: { on: 'head', side: 'on' },
        aliases: ['head', 'compressor'],
      }),
      point({
        id: 'unloader',
        name: 'unloader',
        component: 'unloader',
        spot: { on: 'unloader', side: 'on' },
        aliases: ['unloader', 'bleed'],
      }),
      point({
        id: 'gauge',
        name: 'receiver gauge',
        component: 'gauge',
        spot: { on: 'gauge', side: 'on' },
        aliases: ['pressure', 'psi', 'tank gauge'],
      }),
      point({
        id: 'drain',
        name: 'receiver drain',
        component: 'tank',
        spot: { on: 'tank', side: 'on', part: 'drain' },
        aliases: ['drain', 'condensate'],
      }),
      point({
        id: 'outlet',
        name: 'outlet',
        component: 'house',
        spot: { on: 'house', side: 'in' },
        aliases: ['outlet', 'line', 'tools'],
      }),
    ],
    faults: airFaults(belt),
    tests: [...airTests({ belt, practice }), startsEmpty(), ...(told.tests ?? [])],
    notes: [
      NOTES.oil,
      ...(told.notes ?? []),
      note({
        id: 'undrained',
        name: 'Receiver never drained',
        test: 'drain',
        shownBy: 'water',
        advice: 'Drain weekly, or fit an automatic drain.',
        fault: 'tank.condensate',
      }),
    ],
  }
}

export { CFM }
export const AIR_SETTING = { cutIn: 90 * PSI, cutOut: 125 * PSI } as const

/** Healthy figures of an air side. */
export const airFigures = (a: { cutIn: number, cutOut: number, volume: number, delivery: number }): Change => ({
  'set.cutIn': a.cutIn,
  'set.cutOut': a.cutOut,
  'set.cutOff': 0,
  'port.delay': 0,
  'port.held': 0,
  'tank.volume': a.volume,
  'pump.flow': a.delivery,
  'pump.turns': 1,
  'check.leak': 0,
  'leak.house': 0,
  'gauge.stuck': 0,
  'relief.opens': a.cutOut * 1.2,
  'regulator.share': 1,
})
