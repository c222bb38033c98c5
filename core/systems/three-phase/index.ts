/** Three-phase well pump on a magnetic starter; pilot circuit through the pressure switch and, if fitted, a low-level float. */
import { pilotSwitch, settingTests } from '../blocks/pressureSwitch'
import { starter } from '../blocks/starter'
import { threeMotor, threeSupply } from '../blocks/threeMotor'
import { plumbing, pressureTank, waterLooks, wellPump } from '../blocks/water'
import { point } from '../blocks/rows'
import { compose } from '../compose'
import { describeWater, isFlowFigure, WELL_WATER } from '../describe/flowSide'
import { createPlate } from '../describe/plate'
import { describeThree } from '../describe/threePhase'
import { stretchesOf } from '../drawing'
import { filterOf, WATER_COMPLAINTS, yes, type KindPlan } from '../kinds'
import { GALLON } from '#core/units'

export const threePhase: KindPlan = {
  id: 'three-phase', name: 'Three-phase pump',
  compose: (n) => {
    const [disconnect, transformer, float, cutOff] = [(n['supply.disconnect'] ?? 1) === 1, yes(n, 'starter.control'), yes(n, 'starter.float'), yes(n, 'switch.cutOff')]
    const filter = filterOf(n)
    const power = ['supply', 'breaker', ...(disconnect ? ['disconnect'] : []), 'starter', 'cable', 'motor']
    const pilot = [...(transformer ? ['transformer'] : []), 'switch', ...(float ? ['float'] : [])]
    return compose(
      {
        id: 'three-phase', name: 'Three-phase pump', medium: 'water', usual: { 'supply.disconnect': 1 }, complaints: [...WATER_COMPLAINTS, 'chatters'],
        drawing: {
          power, pilot, flow: ['pump', 'check', 'pipe', ...(filter === 'before' ? ['filter'] : []), 'tank', 'gauge', 'relief', ...(filter === 'after' ? ['filter'] : []), 'house'], shafts: [{ motor: 'motor', pump: 'pump' }], ports: [{ from: 'gauge', to: 'switch' }],
          stretches: [...stretchesOf(power, {}, { starter: 'feed', cable: 'cable', motor: 'cable' }, 3), ...['starter', ...pilot].slice(1).map((to, i) => ({ from: ['starter', ...pilot][i]!, to, wires: 1, route: 'pilot' as const }))],
        },
      },
      threeSupply({ disconnect }), starter({ phases: 3, transformer, float }), pilotSwitch({ medium: 'water', cutOff, valve: yes(n, 'switch.valve') }), threeMotor({ drowned: true, what: 'Motor or pump' }),
      { points: [point('head', 'well head', 'cable', ['cable', 'on'], 'well', 'splice')] }, wellPump(), pressureTank({ charged: yes(n, 'tank.kind') }), plumbing({ filter, relief: true }), settingTests({ medium: 'water', cutOff }), waterLooks(),
    )
  },
  describe: (n, schools) => {
    const plate = createPlate(n)
    const { stage, healthy } = describeThree(plate, { drowned: true, disconnect: (n['supply.disconnect'] ?? 1) === 1, transformer: yes(n, 'starter.control'), float: yes(n, 'starter.float'), hp: 5, load: 0.9, constantLoad: false })
    const water = describeWater(plate, { ...WELL_WATER, flow: 35 * GALLON / 60, volume: 120 * GALLON, cutOff: yes(n, 'switch.cutOff'), prechargeOffset: schools.prechargeOffset, yieldField: 'pump.yield' })
    return { plate, healthy: { ...healthy, ...water.healthy }, stages: [{ ...stage, bands: { ...stage.bands, cycle: Math.min(60, 0.6 * water.usualCycle) } }], prechargeOffset: schools.prechargeOffset, isFlow: isFlowFigure, flow: water.run }
  },
}
