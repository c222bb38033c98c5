/** Submersible, two-wire: breaker → pressure switch → well head → motor with its start gear inside. */
import { insideGear } from '../blocks/insideGear'
import { drownedMotor, pullPump } from '../blocks/motor'
import { motorSwitch } from '../blocks/motorSwitch'
import { plumbing } from '../blocks/plumbing'
import { pressureTank } from '../blocks/pressureTank'
import { protector } from '../blocks/protector'
import { run } from '../blocks/run'
import { settingTests } from '../blocks/settingTests'
import { singleSupply } from '../blocks/supply'
import { twoWireCable } from '../blocks/twoWireCable'
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

export const well2wire: KindPlan = {
  name: 'Well, two-wire',
  compose: (n, practice) => {
    const disconnect = yes(n, 'supply.disconnect')
    const cutOff = yes(n, 'switch.cutOff')
    return compose(
      {
        id: 'well-2wire',
        name: 'Well, two-wire',
        medium: 'water',
        complaints: WATER_COMPLAINTS,
        drawing: wellDrawing(n, false),
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
      run({ to: 'well head', toEarth: 0.006, minutes: 60 }),
      ...(yes(n, 'switch.protector') ? [protector()] : []),
      twoWireCable(),
      drownedMotor({ wires: 2 }),
      insideGear(pullPump),
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
      startGear: 'inside',
      disconnect: yes(n, 'supply.disconnect'),
      neutral: hasNeutral(n, 230),
      runCapacitor: false,
      hp: 0.75,
      load: 0.9,
      constantLoad: false,
    })
    const water = describeWater(plate, { ...WELL_WATER, cutOff: yes(n, 'switch.cutOff'), practice, well: true })
    return describeWhole(plate, motor, water)
  },
}
