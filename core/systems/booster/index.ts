/** Booster on a main: pressure switch, usually with a low-pressure cut-off → capacitor-start motor → small tank. */
import { boosterPump } from '../blocks/boosterPump'
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
import { BOOSTER_WATER, describeWater } from '../describe/flowSide'
import { createPlate } from '../describe/plate'
import { describeSingle } from '../describe/singlePhase'
import { describeWhole } from '../describe/whole'
import { surfaceDrawing, tankToHouse } from '../drawing'
import { filterOf, WATER_COMPLAINTS, surfaceStart, yes, type KindPlan } from '../kinds'
import { hasNeutral } from '../supplies'

const USUAL_VOLTS = 115

export const booster: KindPlan = {
  name: 'Booster pump',
  compose: (n, practice) => {
    const disconnect = yes(n, 'supply.disconnect')
    const cutOff = yes(n, 'switch.cutOff', 'yes')
    const neutral = hasNeutral(n, USUAL_VOLTS)
    return compose(
      {
        id: 'booster',
        name: 'Booster pump',
        medium: 'water',
        usual: { 'switch.cutOff': 1 },
        complaints: WATER_COMPLAINTS,
        drawing: {
          ...surfaceDrawing(n),
          flow: ['inlet', 'strainer', 'pump', 'check', ...tankToHouse(n, { relief: false })],
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
      boosterPump(newMotor, 'main'),
      pressureTank({ charged: false, small: true }),
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
    const water = describeWater(plate, { ...BOOSTER_WATER, cutOff: yes(n, 'switch.cutOff', 'yes'), practice })
    return describeWhole(plate, motor, water)
  },
}
