/** A motor in the open that gets no air; rates and chances are common practice, no source. */
import type { Block } from './block'
import { CAUSES } from './causes'
import { always, fault, repair } from './faultEntry'
import { seen } from './testEntry'

/** @param at the point at which it is looked at */
export const motorCooling = (at: string): Block => ({
  faults: [
    fault({
      id: 'motor.no-cooling',
      name: 'Motor gets no air: vents packed or fan broken',
      baseRate: 0.008,
      severities: always({}),
      effect: 'trips-overload',
      repair: repair({ id: 'clear-motor-vents', name: 'Clear the vents, see to the fan', minutes: 25 }),
      causes: [CAUSES.damp, CAUSES.hot],
      settledBy: 'its vents and fan, where amps and volts are right',
    }),
  ],
  tests: [
    seen({
      id: 'vents-look',
      point: at,
      title: 'Look at the motor’s vents and fan',
      words: ['vents', 'motor vents'],
      minutes: 1,
      steps: ['Off: nests, lint, leaves in the vents; does the fan turn with the shaft, has it its blades?'],
      outcomes: {
        clear: { label: 'clear' },
        packed: { label: 'packed, or the fan broken', words: ['blocked', 'fan broken'] },
      },
      usual: { clear: 0.97, packed: 0.03 },
      chancesByFault: { 'motor.no-cooling': { clear: 0.04, packed: 0.96 } },
    }),
  ],
})
