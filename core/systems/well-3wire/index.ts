/** Submersible, three-wire: breaker → pressure switch → control box → red, black and yellow → motor. */
import type { SystemKind } from '../types'
import { breaker, cable, checkValve, COMMON_POINTS, controlBox, dropPipe, feed, gauge, house, motor, numberPoints, pressureSwitch, pump, run, supply, tank, WATER_POINTS, WELL_CAUSES, type WellParams } from '../wells'
import { FAULTS } from './faults'
import { TESTS } from './tests'

export const well3wire: SystemKind<WellParams> = {
  id: 'well-3wire',
  name: 'Well, three-wire',
  components: [supply, breaker, feed, pressureSwitch, run, controlBox, cable, motor, pump, checkValve, dropPipe, tank, gauge, house],
  points: numberPoints([
    ...COMMON_POINTS,
    { id: 'box', name: 'box in', aliases: ['control box', 'box line'], component: 'run' },
    { id: 'cap', name: 'start capacitor', aliases: ['start cap', 'capacitor', 'uf'], component: 'box' },
    { id: 'relay', name: 'relay start contact', aliases: ['start contact', 'start relay'], component: 'box' },
    { id: 'overload', name: 'overload', aliases: ['ovl', 'ol button'], component: 'box' },
    { id: 'black', name: 'black lead', aliases: ['blk', 'start', 'run', 'amps'], component: 'box' },
    { id: 'red', name: 'red lead', aliases: [], component: 'box' },
    { id: 'yellow', name: 'yellow lead', aliases: ['yel'], component: 'box' },
    { id: 'leads', name: 'leads at the box', aliases: ['b-y', 'y-b', 'r-y', 'y-r', 'r-b', 'b-r', 'b-g', 'r-g', 'y-g', 'main', 'ins', 'megs'], component: 'box' },
    ...WATER_POINTS,
  ]),
  faults: FAULTS,
  tests: TESTS,
  causeNotes: WELL_CAUSES,
  powerOrder: ['supply', 'breaker', 'switch', 'box', 'cable', 'motor'],
  waterOrder: ['pump', 'check', 'pipe', 'tank', 'gauge', 'house'],
  powerStretches: [
    { from: 'supply', to: 'breaker', wires: 2 }, { from: 'breaker', to: 'switch', wires: 2, conductor: 'feed' }, { from: 'switch', to: 'box', wires: 2, conductor: 'run' },
    { from: 'box', to: 'cable', wires: 3, conductor: 'cable' }, { from: 'cable', to: 'motor', wires: 3, conductor: 'cable' },
  ],
}
