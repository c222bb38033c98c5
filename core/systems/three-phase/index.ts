/** Three-phase well pump on a starter; pilot circuit by the pressure switch and, if fitted, a low-level float. */
import { point } from '../blocks/block'
import { pilotSwitch } from '../blocks/pilotSwitch'
import { plumbing } from '../blocks/plumbing'
import { pressureTank } from '../blocks/pressureTank'
import { settingTests } from '../blocks/settingTests'
import { starter } from '../blocks/starter'
import { threeMotor } from '../blocks/threeMotor'
import { threeSupply } from '../blocks/threeSupply'
import { waterLooks } from '../blocks/waterLooks'
import { wellPump } from '../blocks/wellPump'
import { compose } from '../compose'
import { describeWater, WELL_WATER } from '../describe/flowSide'
import { createPlate } from '../describe/plate'
import { describeThree } from '../describe/threePhase'
import { describeWhole } from '../describe/whole'
import { inOrder, pilotStretches, stretchesOf, wellFlow } from '../drawing'
import { filterOf, WATER_COMPLAINTS, yes, type KindPlan } from '../kinds'
import { GALLON } from '#core/units'

const WELL_HEAD = point({
  id: 'head',
  name: 'well head',
  component: 'cable',
  spot: { on: 'cable', side: 'on' },
  aliases: ['well', 'splice'],
})

export const threePhase: KindPlan = {
  name: 'Three-phase pump',
  compose: (n, practice) => {
    const disconnect = yes(n, 'supply.disconnect', 'yes')
    const transformer = yes(n, 'starter.control')
    const float = yes(n, 'starter.float')
    const cutOff = yes(n, 'switch.cutOff')
    const power = inOrder('supply', 'breaker', disconnect && 'disconnect', 'starter', 'cable', 'motor')
    const pilot = inOrder(transformer && 'transformer', 'switch', float && 'float')
    return compose(
      {
        id: 'three-phase',
        name: 'Three-phase pump',
        medium: 'water',
        usual: { 'supply.disconnect': 1 },
        complaints: [...WATER_COMPLAINTS, 'chatters'],
        drawing: {
          power,
          pilot,
          flow: wellFlow(n),
          shafts: [{ motor: 'motor', pump: 'pump' }],
          ports: [{ from: 'gauge', to: 'switch' }],
          stretches: [
            ...stretchesOf(power, { conductors: { starter: 'feed', cable: 'cable', motor: 'cable' }, usual: 3 }),
            ...pilotStretches(['starter', ...pilot]),
          ],
        },
      },
      threeSupply({ disconnect }),
      starter({ phases: 3, transformer, float }),
      pilotSwitch({ medium: 'water', practice, cutOff, valve: yes(n, 'switch.valve') }),
      threeMotor({ drowned: true, what: 'Motor or pump' }),
      { points: [WELL_HEAD] },
      wellPump(),
      pressureTank({ charged: yes(n, 'tank.kind') }),
      plumbing({ filter: filterOf(n), relief: true, practice }),
      settingTests({ medium: 'water', practice }),
      waterLooks(practice, 'lost-line'),
    )
  },
  describe: (n, practice) => {
    const plate = createPlate(n, practice.units)
    const motor = describeThree(plate, {
      drowned: true,
      disconnect: yes(n, 'supply.disconnect', 'yes'),
      transformer: yes(n, 'starter.control'),
      float: yes(n, 'starter.float'),
      hp: 5,
      load: 0.9,
      constantLoad: false,
    })
    const water = describeWater(plate, {
      ...WELL_WATER,
      flow: (35 * GALLON) / 60,
      volume: 120 * GALLON,
      cutOff: yes(n, 'switch.cutOff'),
      practice,
      well: true,
    })
    return describeWhole(plate, motor, water)
  },
}
