/** 12 V demand pump of a vehicle or wash rig: battery → fuse → panel switch → demand switch → motor → chassis return. */
import { directPower, directWater } from '../blocks/direct'
import { waterLooks } from '../blocks/water'
import { settingTests } from '../blocks/pressureSwitch'
import { compose } from '../compose'
import { describeDirect } from '../describe/directCurrent'
import { describeWater, isFlowFigure, RV_WATER } from '../describe/flowSide'
import { createPlate } from '../describe/plate'
import { stretchesOf } from '../drawing'
import { yes, type KindPlan } from '../kinds'
import { PSI } from '#core/units'

const POWER = ['battery', 'fuse', 'panel', 'switch', 'motor', 'return']

export const rv: KindPlan = {
  id: 'rv', name: 'Demand pump on a battery',
  compose: (n) => {
    const accumulator = yes(n, 'pump.accumulator')
    const looks = waterLooks().tests!.filter(t => t.id === 'sound' || t.id === 'pulses')
    const settings = settingTests({ medium: 'water', cutOff: false }).tests!
    return compose(
      {
        id: 'rv', name: 'Demand pump on a battery', medium: 'water', complaints: ['no-water', 'low-pressure', 'groans', 'breaker-trips', 'rapid-cycles', 'runs-on', 'starts-alone', 'check-up'],
        drawing: { power: POWER, stretches: stretchesOf(POWER, {}, { switch: 'feed' }, 1), flow: ['source', 'strainer', 'pump', ...(accumulator ? ['tank'] : []), 'gauge', 'house'], shafts: [{ motor: 'motor', pump: 'pump' }], ports: [{ from: 'gauge', to: 'switch' }] },
      },
      directPower(), directWater({ accumulator }), { tests: [...settings, ...looks] },
    )
  },
  describe: (n, schools) => {
    const plate = createPlate(n)
    const { stage, healthy } = describeDirect(plate)
    const accumulator = yes(n, 'pump.accumulator')
    const water = describeWater(plate, { ...RV_WATER, cutOff: false, tankless: !accumulator, displacement: true, prechargeOffset: Math.min(schools.prechargeOffset, 3 * PSI) })
    return { plate, healthy: { ...healthy, ...water.healthy }, stages: [{ ...stage, bands: { ...stage.bands, cycle: Math.min(60, 0.6 * water.usualCycle) } }], prechargeOffset: schools.prechargeOffset, isFlow: isFlowFigure, flow: water.run }
  },
}
