/** Submersible, three-wire: breaker → pressure switch → control box → red, black and yellow → motor. */
import { controlBox } from '../blocks/startGear'
import { run, threeWireCable } from '../blocks/cable'
import { drownedMotor } from '../blocks/motor'
import { motorSwitch, settingTests } from '../blocks/pressureSwitch'
import { singleSupply } from '../blocks/supply'
import { plumbing, pressureTank, protector, waterLooks, wellPump } from '../blocks/water'
import { compose } from '../compose'
import { createPlate } from '../describe/plate'
import { describeSingle } from '../describe/singlePhase'
import { describeWater, isFlowFigure, WELL_WATER } from '../describe/flowSide'
import { filterOf, WATER_COMPLAINTS, yes, type KindPlan } from '../kinds'
import { wellDrawing } from '../drawing'

export const well3wire: KindPlan = {
  id: 'well-3wire', name: 'Well, three-wire',
  compose: (n) => {
    const disconnect = yes(n, 'supply.disconnect')
    const cutOff = yes(n, 'switch.cutOff')
    return compose(
      { id: 'well-3wire', name: 'Well, three-wire', medium: 'water', complaints: WATER_COMPLAINTS, drawing: wellDrawing(n, true) },
      singleSupply({ to: 'switch', where: 'switch line', disconnect, neutral: false, downstream: 'motor' }),
      motorSwitch({ medium: 'water', cutOff, valve: yes(n, 'switch.valve'), protector: true, below: ['run.', 'start.', 'cable.', 'motor.'] }),
      run('box', 'Replace the run to the box', 0.006, 45), ...(yes(n, 'switch.protector') ? [protector()] : []),
      ...controlBox({ runCapacitor: yes(n, 'box.runCapacitor') }), threeWireCable(), drownedMotor({ wires: 3 }), wellPump(),
      pressureTank({ charged: yes(n, 'tank.kind') }), plumbing({ filter: filterOf(n), relief: true }), settingTests({ medium: 'water', cutOff }), waterLooks(),
    )
  },
  describe: (n, schools) => {
    const plate = createPlate(n)
    const { stage, healthy } = describeSingle(plate, { startGear: 'box', disconnect: yes(n, 'supply.disconnect'), neutral: false, runCapacitor: yes(n, 'box.runCapacitor'), hp: 0.75, load: 0.9, constantLoad: false })
    const water = describeWater(plate, { ...WELL_WATER, cutOff: yes(n, 'switch.cutOff'), prechargeOffset: schools.prechargeOffset, yieldField: 'pump.yield' })
    return { plate, healthy: { ...healthy, ...water.healthy }, stages: [{ ...stage, bands: { ...stage.bands, cycle: Math.min(60, 0.6 * water.usualCycle) } }], prechargeOffset: schools.prechargeOffset, isFlow: isFlowFigure, flow: water.run }
  },
}
