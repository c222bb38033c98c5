/** Small compressor: plug or breaker → pressure switch with lever and unloader → capacitor motor → pump head → receiver. */
import { airSide, CFM } from '../blocks/air'
import { run } from '../blocks/cable'
import { surfaceMotor } from '../blocks/motor'
import { motorSwitch, settingTests } from '../blocks/pressureSwitch'
import { surfaceGear } from '../blocks/startGear'
import { singleSupply } from '../blocks/supply'
import { compose } from '../compose'
import { AIR_VOLUME, describeAir, isFlowFigure } from '../describe/flowSide'
import { createPlate } from '../describe/plate'
import { describeSingle } from '../describe/singlePhase'
import { stretchesOf } from '../drawing'
import { AIR_COMPLAINTS, yes, type KindPlan } from '../kinds'
import { PSI } from '#core/units'
import type { Nameplate } from '../types'

const neutralOf = (n: Nameplate) => (n['motor.volts'] ?? 115) < 150
export const AIR_FLOW = ['head', 'check', 'tank', 'gauge', 'relief', 'regulator', 'house'] as const

export const compressorDirect: KindPlan = {
  id: 'compressor-direct', name: 'Compressor, direct',
  compose: (n) => {
    const [runCapacitor, neutral] = [yes(n, 'motor.runCapacitor'), neutralOf(n)]
    const power = ['supply', 'breaker', 'switch', 'motor']
    return compose(
      {
        id: 'compressor-direct', name: 'Compressor, direct', medium: 'air', complaints: AIR_COMPLAINTS,
        drawing: { power, stretches: stretchesOf(power, {}, { switch: 'feed', motor: 'run' }), flow: AIR_FLOW, shafts: [{ motor: 'motor', pump: 'head' }], ports: [{ from: 'tank', to: 'switch' }, { from: 'check', to: 'unloader' }], pilot: ['unloader'] },
      },
      singleSupply({ to: 'switch', where: 'switch line', disconnect: false, neutral, downstream: 'motor' }),
      motorSwitch({ medium: 'air', cutOff: false, valve: false, neutral, below: ['run.', 'start.', 'cable.', 'motor.'] }), run('motor', 'Replace the run to the motor', 0.01, 35),
      surfaceMotor({ what: 'Motor or pump', neutral, dual: true }), ...surfaceGear({ runCapacitor }), airSide({ belt: false }), settingTests({ medium: 'air', cutOff: false }),
    )
  },
  describe: (n, schools) => {
    const plate = createPlate(n)
    const { stage, healthy } = describeSingle(plate, { startGear: 'surface', disconnect: false, neutral: neutralOf(n), runCapacitor: yes(n, 'motor.runCapacitor'), hp: 1.5, load: 0.9, constantLoad: true })
    const air = describeAir(plate, { cutIn: 95 * PSI, cutOut: 125 * PSI, volume: AIR_VOLUME / 3, delivery: 5 * CFM })
    return { plate, healthy: { ...healthy, ...air.healthy }, stages: [{ ...stage, bands: { ...stage.bands, cycle: Math.min(60, 0.6 * air.usualCycle) } }], prechargeOffset: schools.prechargeOffset, isFlow: isFlowFigure, flow: air.run }
  },
}
