/** Booster on a main: pressure switch, usually with a low-pressure cut-off → capacitor-start motor → small tank. */
import { run } from '../blocks/cable'
import { newMotor, surfaceMotor } from '../blocks/motor'
import { motorSwitch, settingTests } from '../blocks/pressureSwitch'
import { surfaceGear } from '../blocks/startGear'
import { singleSupply } from '../blocks/supply'
import { boosterPump, plumbing, pressureTank, waterLooks } from '../blocks/water'
import { compose } from '../compose'
import { BOOSTER_WATER, describeWater, isFlowFigure } from '../describe/flowSide'
import { createPlate } from '../describe/plate'
import { describeSingle } from '../describe/singlePhase'
import { stretchesOf } from '../drawing'
import { filterOf, WATER_COMPLAINTS, yes, type KindPlan } from '../kinds'
import type { Nameplate } from '../types'

const neutralOf = (n: Nameplate) => (n['motor.volts'] ?? 115) < 150

export const booster: KindPlan = {
  id: 'booster', name: 'Booster pump',
  compose: (n) => {
    const [disconnect, cutOff, runCapacitor, neutral] = [yes(n, 'supply.disconnect'), (n['switch.cutOff'] ?? 1) === 1, yes(n, 'motor.runCapacitor'), neutralOf(n)]
    const filter = filterOf(n)
    const power = ['supply', 'breaker', ...(disconnect ? ['disconnect'] : []), 'switch', 'motor']
    return compose(
      {
        id: 'booster', name: 'Booster pump', medium: 'water', usual: { 'switch.cutOff': 1 }, complaints: WATER_COMPLAINTS,
        drawing: { power, stretches: stretchesOf(power, {}, { switch: 'feed', motor: 'run' }), flow: ['inlet', 'strainer', 'pump', 'check', ...(filter === 'before' ? ['filter'] : []), 'tank', 'gauge', ...(filter === 'after' ? ['filter'] : []), 'house'], shafts: [{ motor: 'motor', pump: 'pump' }], ports: [{ from: 'gauge', to: 'switch' }] },
      },
      singleSupply({ to: 'switch', where: 'switch line', disconnect, neutral, downstream: 'motor' }),
      motorSwitch({ medium: 'water', cutOff, valve: yes(n, 'switch.valve'), neutral, below: ['run.', 'start.', 'cable.', 'motor.'] }), run('motor', 'Replace the run to the motor', 0.006, 35),
      surfaceMotor({ what: 'Motor', neutral, dual: true }), ...surfaceGear({ runCapacitor }), boosterPump(newMotor, 'main'), pressureTank({ charged: false, small: true }), plumbing({ filter, relief: false }), settingTests({ medium: 'water', cutOff }), waterLooks(),
    )
  },
  describe: (n, schools) => {
    const plate = createPlate(n)
    const { stage, healthy } = describeSingle(plate, { startGear: 'surface', disconnect: yes(n, 'supply.disconnect'), neutral: neutralOf(n), runCapacitor: yes(n, 'motor.runCapacitor'), hp: 0.75, load: 0.9, constantLoad: false })
    const water = describeWater(plate, { ...BOOSTER_WATER, cutOff: (n['switch.cutOff'] ?? 1) === 1, prechargeOffset: schools.prechargeOffset })
    return { plate, healthy: { ...healthy, ...water.healthy }, stages: [{ ...stage, bands: { ...stage.bands, cycle: Math.min(60, 0.6 * water.usualCycle) } }], prechargeOffset: schools.prechargeOffset, isFlow: isFlowFigure, flow: water.run }
  },
}
