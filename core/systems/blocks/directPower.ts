/** A 12 V demand pump: battery, fuse, switches, motor, chassis return; rates are common practice, no source. */
import { FOOT, PSI } from '#core/units'
import type { Change } from '../figures'
import { OPEN } from '../power/resistances'
import { component, point, type Block } from './block'
import { note } from './causes'
import { directPowerFaults } from './directPowerFaults'
import { directPowerTests } from './directPowerTests'
import { motorSpeed } from './toldMotor'
import { vehicleLooks } from './toldSupply'

export function directPower(): Block {
  return {
    components: [
      component({
        id: 'battery',
        name: 'Battery',
        glyph: 'battery',
        lane: 'power',
        place: 'bay',
        fields: [
          { id: 'capacity', label: 'Capacity (Ah)', quantity: 'battery-capacity', range: [5, 2000] },
          { id: 'chemistry', label: 'Kind', quantity: 'choice', choices: ['lead', 'lithium'] },
        ],
      }),
      component({
        id: 'fuse',
        name: 'Fuse',
        glyph: 'fuse',
        lane: 'power',
        place: 'bay',
        fields: [{ id: 'amps', label: 'Rating', quantity: 'amps', range: [3, 60] }],
      }),
      component({
        id: 'panel',
        name: 'Panel switch',
        glyph: 'panel-switch',
        lane: 'power',
        place: 'panel',
      }),
      component({
        id: 'feed',
        name: 'Feed',
        glyph: 'conductor',
        lane: 'power',
        place: 'bay',
        fields: [
          { id: 'length', label: 'Length, one way', quantity: 'length', range: [2 * FOOT, 200 * FOOT] },
          { id: 'gauge', label: 'Wire size', quantity: 'gauge', range: [-3, 18] },
        ],
      }),
      component({
        id: 'switch',
        name: 'Demand switch',
        glyph: 'pressure-switch',
        lane: 'power',
        place: 'machine',
        fields: [
          { id: 'cutIn', label: 'Switches on', quantity: 'pressure', range: [5 * PSI, 70 * PSI] },
          { id: 'cutOut', label: 'Switches off', quantity: 'pressure', range: [10 * PSI, 90 * PSI] },
        ],
      }),
      component({
        id: 'motor',
        name: 'Motor',
        glyph: 'motor',
        lane: 'power',
        place: 'machine',
        fields: [
          { id: 'volts', label: 'Volts', quantity: 'volts', range: [11, 26] },
          { id: 'amps', label: 'Full-load amps', quantity: 'amps', range: [1, 40] },
          { id: 'armatureOhms', label: 'Armature', quantity: 'ohms', range: [0.05, 10] },
        ],
      }),
      component({
        id: 'return',
        name: 'Chassis return',
        glyph: 'return',
        lane: 'power',
        place: 'bay',
      }),
    ],
    points: [
      point({
        id: 'battery',
        name: 'battery posts',
        component: 'battery',
        spot: { on: 'battery', side: 'on' },
        aliases: ['posts', 'bat'],
      }),
      point({
        id: 'fuse',
        name: 'behind the fuse',
        component: 'fuse',
        spot: { on: 'fuse', side: 'out' },
        aliases: ['fuse out'],
      }),
      point({
        id: 'panel',
        name: 'behind the panel switch',
        component: 'panel',
        spot: { on: 'panel', side: 'out' },
        aliases: ['panel out'],
      }),
      point({
        id: 'line',
        name: 'switch in',
        component: 'feed',
        spot: { on: 'switch', side: 'in' },
        aliases: ['line', 'pump feed'],
      }),
      point({
        id: 'poles',
        name: 'demand switch',
        component: 'switch',
        spot: { on: 'switch', side: 'on', part: 'poles' },
        aliases: ['pole', 'switch drop'],
      }),
      point({
        id: 'motor',
        name: 'motor terminals',
        component: 'motor',
        spot: { on: 'motor', side: 'in' },
        aliases: ['pump', 'load', 'motor in'],
      }),
      point({
        id: 'lead',
        name: 'positive lead',
        component: 'switch',
        spot: { on: 'switch', side: 'out' },
        aliases: ['amps', 'red', 'run', 'start', 'black'],
      }),
      point({
        id: 'positive',
        name: 'battery positive to motor positive',
        component: 'feed',
        spot: { on: 'motor', side: 'on' },
        aliases: ['positive side'],
      }),
      point({
        id: 'return',
        name: 'motor negative to battery negative',
        component: 'return',
        spot: { on: 'return', side: 'on' },
        aliases: ['ground', 'negative', 'earth'],
      }),
      point({
        id: 'windings',
        name: 'motor leads, off',
        component: 'motor',
        spot: { on: 'motor', side: 'on', part: 'brushes' },
        aliases: ['armature', 'brushes'],
      }),
    ],
    faults: directPowerFaults(),
    tests: [...directPowerTests(), motorSpeed('motor'), ...vehicleLooks()],
    notes: [
      note({
        id: 'terminals-wet',
        name: 'Damp at the terminals',
        test: 'contacts',
        shownBy: 'wet',
        advice: 'Seal the bay; crimp with heat-shrink.',
      }),
    ],
  }
}

export const directFigures = (feedOhms: number): Change => ({
  'battery.volts': 12.7,
  'battery.ohms': 0.012,
  'battery.post': 0.003,
  'fuse.1': 0.008,
  'panel.1': 0.012,
  'feed.1': feedOhms,
  'feed.earth': 5e6,
  'switch.1': 0.012,
  'switch.rest1': OPEN,
  'return.1': 0.012,
  'motor.turns': 1,
  'motor.joint1': 0,
  'motor.earth': 5e6,
  'motor.seized': 0,
  'motor.load': 0.9,
  'motor.startLoad': 0,
})
