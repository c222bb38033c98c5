/** Submersible, two-wire: breaker → pressure switch → two leads → motor with its start gear and overload inside. */
import type { SystemKind } from '../types'
import { breaker, cable, checkValve, COMMON_POINTS, dropPipe, feed, gauge, house, motor, numberPoints, pressureSwitch, pump, run, supply, tank, WATER_POINTS, WELL_CAUSES, type WellParams } from '../wells'
import { FAULTS } from './faults'
import { TESTS } from './tests'

export const well2wire: SystemKind<WellParams> = {
  id: 'well-2wire',
  name: 'Well, two-wire',
  components: [supply, breaker, feed, pressureSwitch, run, cable, motor, pump, checkValve, dropPipe, tank, gauge, house],
  points: numberPoints([
    ...COMMON_POINTS,
    { id: 'black', name: 'either lead', aliases: ['blk', 'lead', 'start', 'run', 'amps', 'yellow'], component: 'run' },
    { id: 'head', name: 'well head', aliases: ['well', 'splice'], component: 'cable' },
    { id: 'leads', name: 'leads at the well head', aliases: ['b-y', 'y-b', 'b-g', 'y-g', 'l-l', 'main', 'ins', 'megs'], component: 'motor' },
    ...WATER_POINTS,
  ]),
  faults: FAULTS,
  tests: TESTS,
  causeNotes: WELL_CAUSES,
  powerOrder: ['supply', 'breaker', 'switch', 'cable', 'motor'],
  waterOrder: ['pump', 'check', 'pipe', 'tank', 'gauge', 'house'],
  powerStretches: [
    { from: 'supply', to: 'breaker', wires: 2 }, { from: 'breaker', to: 'switch', wires: 2, conductor: 'feed' }, { from: 'switch', to: 'cable', wires: 2, conductor: 'run' },
    { from: 'cable', to: 'motor', wires: 2, conductor: 'cable' },
  ],
}
