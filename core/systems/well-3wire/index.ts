/** Submersible, three-wire: breaker → pressure switch → control box → red, black and yellow → motor. */
import { controlBox } from '../blocks/controlBox'
import { drownedMotor } from '../blocks/motor'
import { motorSwitch } from '../blocks/motorSwitch'
import { plumbing } from '../blocks/plumbing'
import { pressureTank } from '../blocks/pressureTank'
import { protector } from '../blocks/protector'
import { run } from '../blocks/run'
import { settingTests } from '../blocks/settingTests'
import { singleSupply } from '../blocks/supply'
import { threeWireCable } from '../blocks/threeWireCable'
import { waterLooks } from '../blocks/waterLooks'
import { wellPump } from '../blocks/wellPump'
import { compose } from '../compose'
import { describeWater, WELL_WATER } from '../describe/flowSide'
import { createPlate } from '../describe/plate'
import { describeSingle } from '../describe/singlePhase'
import { describeWhole } from '../describe/whole'
import { wellDrawing } from '../drawing'
import { filterOf, WATER_COMPLAINTS, yes, type KindPlan } from '../kinds'
import { hasNeutral } from '../supplies'

export const well3wire: KindPlan = {
  name: 'Well, three-wire',
  compose: (n, practice) => {
    const disconnect = yes(n, 'supply.disconnect')
    const cutOff = yes(n, 'switch.cutOff')
    return compose(
      {
        id: 'well-3wire',
        name: 'Well, three-wire',
        medium: 'water',
        complaints: WATER_COMPLAINTS,
        drawing: wellDrawing(n, true),
      },
      singleSupply({ to: 'switch', where: 'switch line', disconnect, neutral: hasNeutral(n, 230) }),
      motorSwitch({
        medium: 'water',
        practice,
        cutOff,
        valve: yes(n, 'switch.valve'),
        protector: true,
        below: ['run', 'start', 'cable', 'motor'],
      }),
      run({ to: 'box', toEarth: 0.006, minutes: 45 }),
      ...(yes(n, 'switch.protector') ? [protector()] : []),
      ...controlBox({ runCapacitor: yes(n, 'box.runCapacitor'), permanentSplit: n['box.startGear'] === 1 }),
      threeWireCable(),
      drownedMotor({ wires: 3 }),
      wellPump(),
      pressureTank({ charged: yes(n, 'tank.kind') }),
      plumbing({ filter: filterOf(n), relief: true, practice }),
      settingTests({ medium: 'water', practice }),
      waterLooks(practice),
    )
  },
  describe: (n, practice) => {
    const plate = createPlate(n, practice.units)
    const motor = describeSingle(plate, {
      startGear: 'box',
      disconnect: yes(n, 'supply.disconnect'),
      neutral: hasNeutral(n, 230),
      runCapacitor: yes(n, 'box.runCapacitor'),
      permanentSplit: n['box.startGear'] === 1,
      hp: 0.75,
      load: 0.9,
      constantLoad: false,
    })
    const water = describeWater(plate, { ...WELL_WATER, cutOff: yes(n, 'switch.cutOff'), practice, well: true })
    return describeWhole(plate, motor, water)
  },
}
