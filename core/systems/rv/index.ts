/**
 * 12 V demand pump of a vehicle or wash rig: battery → fuse → panel switch → demand switch → motor → chassis return.
 */
import { directPower } from '../blocks/directPower'
import { directWater } from '../blocks/directWater'
import { settingTests } from '../blocks/settingTests'
import { waterLooks } from '../blocks/waterLooks'
import { compose } from '../compose'
import { describeDirect } from '../describe/directCurrent'
import { describeWater, RV_WATER } from '../describe/flowSide'
import { createPlate } from '../describe/plate'
import { describeWhole } from '../describe/whole'
import { inOrder, stretchesOf } from '../drawing'
import type { ComponentId } from '../ids'
import { yes, type KindPlan } from '../kinds'
import { PSI } from '#core/units'

const POWER = ['battery', 'fuse', 'panel', 'switch', 'motor', 'return'] as const satisfies readonly ComponentId[]
/** what a demand pump's own low settings leave of the shop's precharge, at most */
const MOST_UNDER_CUT_IN = 3 * PSI

export const rv: KindPlan = {
  name: 'Demand pump on a battery',
  compose: (n, practice) => {
    const accumulator = yes(n, 'pump.accumulator')
    return compose(
      {
        id: 'rv',
        name: 'Demand pump on a battery',
        medium: 'water',
        complaints: [
          'no-water',
          'low-pressure',
          'groans',
          'breaker-trips',
          'rapid-cycles',
          'runs-on',
          'starts-alone',
          'check-up',
        ],
        drawing: {
          power: POWER,
          stretches: stretchesOf(POWER, { conductors: { switch: 'feed' }, usual: 1 }),
          flow: inOrder('source', 'strainer', 'pump', accumulator && 'tank', 'gauge', 'house'),
          shafts: [{ motor: 'motor', pump: 'pump' }],
          ports: [{ from: 'gauge', to: 'switch' }],
        },
      },
      directPower(),
      directWater({ accumulator, practice }),
      settingTests({ medium: 'water', practice }),
      { tests: waterLooks(practice).tests?.filter(t => t.id === 'sound' || t.id === 'pulses') ?? [] },
    )
  },
  describe: (n, practice) => {
    const plate = createPlate(n, practice.units)
    const water = describeWater(plate, {
      ...RV_WATER,
      cutOff: false,
      tankless: !yes(n, 'pump.accumulator'),
      displacement: true,
      practice: { prechargeUnderCutIn: Math.min(practice.prechargeUnderCutIn, MOST_UNDER_CUT_IN) },
    })
    return describeWhole(plate, describeDirect(plate), water)
  },
}
