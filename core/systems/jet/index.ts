/** Surface jet pump on a suction line: breaker → pressure switch → capacitor-start motor, dual voltage. */
import { jetPump } from '../blocks/jetPump'
import { newMotor, surfaceMotor } from '../blocks/motor'
import { motorSwitch } from '../blocks/motorSwitch'
import { plumbing } from '../blocks/plumbing'
import { pressureTank } from '../blocks/pressureTank'
import { protector } from '../blocks/protector'
import { run } from '../blocks/run'
import { settingTests } from '../blocks/settingTests'
import { singleSupply } from '../blocks/supply'
import { surfaceGear } from '../blocks/surfaceGear'
import { waterLooks } from '../blocks/waterLooks'
import { compose } from '../compose'
import { describeWater, WELL_WATER } from '../describe/flowSide'
import { createPlate } from '../describe/plate'
import { describeSingle } from '../describe/singlePhase'
import { describeWhole } from '../describe/whole'
import { surfaceDrawing, tankToHouse } from '../drawing'
import { filterOf, WATER_COMPLAINTS, surfaceStart, yes, type KindPlan } from '../kinds'
import { hasNeutral } from '../supplies'
import { PSI } from '#core/units'

const USUAL_VOLTS = 230

export const jet: KindPlan = {
  name: 'Jet pump',
  compose: (n, practice) => {
    const disconnect = yes(n, 'supply.disconnect')
    const cutOff = yes(n, 'switch.cutOff')
    const neutral = hasNeutral(n, USUAL_VOLTS)
    return compose(
      {
        id: 'jet',
        name: 'Jet pump',
        medium: 'water',
        complaints: WATER_COMPLAINTS,
        drawing: {
          ...surfaceDrawing(n),
          flow: ['check', 'suction', 'pump', ...tankToHouse(n, { relief: false })],
        },
      },
      singleSupply({ to: 'switch', where: 'switch line', disconnect, neutral }),
      motorSwitch({
        medium: 'water',
        protector: true,
        practice,
        cutOff,
        valve: yes(n, 'switch.valve'),
        neutral,
        below: ['run', 'start', 'cable', 'motor'],
      }),
      run({ to: 'motor', toEarth: 0.006, minutes: 35 }),
      ...(yes(n, 'switch.protector') ? [protector()] : []),
      surfaceMotor({ what: 'Motor', neutral, dual: true }),
      ...surfaceGear(surfaceStart(n)),
      jetPump(newMotor, practice),
      pressureTank({ charged: yes(n, 'tank.kind') }),
      plumbing({ filter: filterOf(n), relief: false, practice }),
      settingTests({ medium: 'water', practice }),
      waterLooks(practice, 'hot'),
    )
  },
  describe: (n, practice) => {
    const plate = createPlate(n, practice.units)
    const motor = describeSingle(plate, {
      startGear: 'surface',
      disconnect: yes(n, 'supply.disconnect'),
      neutral: hasNeutral(n, USUAL_VOLTS),
      ...surfaceStart(n),
      hp: 0.75,
      load: 0.9,
      constantLoad: false,
    })
    const water = describeWater(plate, {
      ...WELL_WATER,
      cutIn: 30 * PSI,
      cutOff: yes(n, 'switch.cutOff'),
      practice,
      well: true,
    })
    return describeWhole(plate, motor, water)
  },
}
