/** Submersible, two-wire: breaker → pressure switch → well head → motor with its start gear inside. */
import { insideGear } from '../blocks/startGear'
import { run, twoWireCable } from '../blocks/cable'
import { drownedMotor, pullPump } from '../blocks/motor'
import { motorSwitch, settingTests } from '../blocks/pressureSwitch'
import { singleSupply } from '../blocks/supply'
import { plumbing, pressureTank, protector, waterLooks, wellPump } from '../blocks/water'
import { compose } from '../compose'
import { createPlate } from '../describe/plate'
import { describeSingle } from '../describe/singlePhase'
import { describeWater, isFlowFigure, WELL_WATER } from '../describe/flowSide'
import { filterOf, WATER_COMPLAINTS, yes, type KindPlan } from '../kinds'
import { wellDrawing } from '../drawing'

export const well2wire: KindPlan = {
  id: 'well-2wire', name: 'Well, two-wire',
  compose: (n) => {
    const disconnect = yes(n, 'supply.disconnect')
    const cutOff = yes(n, 'switch.cutOff')
    return compose(
      { id: 'well-2wire', name: 'Well, two-wire', medium: 'water', complaints: WATER_COMPLAINTS, drawing: wellDrawing(n, false) },
      singleSupply({ to: 'switch', where: 'switch line', disconnect, neutral: false, downstream: 'motor' }),
      motorSwitch({ medium: 'water', cutOff, valve: yes(n, 'switch.valve'), protector: true, below: ['run.', 'start.', 'cable.', 'motor.'] }),
      run('well head', 'Replace the run to the well head', 0.006, 60), ...(yes(n, 'switch.protector') ? [protector()] : []),
      twoWireCable(), drownedMotor({ wires: 2 }), insideGear(pullPump), wellPump(), pressureTank({ charged: yes(n, 'tank.kind') }), plumbing({ filter: filterOf(n), relief: true }), settingTests({ medium: 'water', cutOff }), waterLooks(),
    )
  },
  describe: (n, schools) => {
    const plate = createPlate(n)
    const { stage, healthy } = describeSingle(plate, { startGear: 'inside', disconnect: yes(n, 'supply.disconnect'), neutral: false, runCapacitor: false, hp: 0.75, load: 0.9, constantLoad: false })
    const water = describeWater(plate, { ...WELL_WATER, cutOff: yes(n, 'switch.cutOff'), prechargeOffset: schools.prechargeOffset, yieldField: 'pump.yield' })
    return { plate, healthy: { ...healthy, ...water.healthy }, stages: [{ ...stage, bands: { ...stage.bands, cycle: Math.min(60, 0.6 * water.usualCycle) } }], prechargeOffset: schools.prechargeOffset, isFlow: isFlowFigure, flow: water.run }
  },
}
