/** Shop compressor on a magnetic starter, one- or three-phase: mains → disconnect → starter → motor; pilot circuit through the switch. */
import { airSide, CFM } from '../blocks/air'
import { run } from '../blocks/cable'
import { surfaceMotor } from '../blocks/motor'
import { pilotSwitch, settingTests } from '../blocks/pressureSwitch'
import { surfaceGear } from '../blocks/startGear'
import { starter } from '../blocks/starter'
import { singleSupply } from '../blocks/supply'
import { threeMotor, threeSupply } from '../blocks/threeMotor'
import { compose } from '../compose'
import { AIR_FLOW } from '../compressor-direct'
import { AIR_VOLUME, describeAir, isFlowFigure } from '../describe/flowSide'
import { createPlate } from '../describe/plate'
import { describeSingle } from '../describe/singlePhase'
import { describeThree } from '../describe/threePhase'
import { stretchesOf } from '../drawing'
import { AIR_COMPLAINTS, yes, type KindPlan } from '../kinds'
import type { Nameplate } from '../types'
import { PSI } from '#core/units'

const isSingle = (n: Nameplate) => n['supply.phases'] === 1
const PHASES = { id: 'phases', label: 'Phases', quantity: 'choice', choices: ['three', 'one'] } as const

export const compressorPilot: KindPlan = {
  id: 'compressor-pilot', name: 'Compressor on a starter',
  compose: (n) => {
    const [disconnect, transformer, single, runCapacitor] = [(n['supply.disconnect'] ?? 1) === 1, yes(n, 'starter.control'), isSingle(n), yes(n, 'motor.runCapacitor')]
    const power = ['supply', 'breaker', ...(disconnect ? ['disconnect'] : []), 'starter', 'motor']
    const supply = single ? singleSupply({ to: 'starter', where: 'starter line', disconnect, neutral: false, downstream: 'motor' }) : threeSupply({ disconnect })
    const withPhases = { ...supply, components: supply.components!.map(c => c.id === 'supply' ? { ...c, fields: [...c.fields ?? [], PHASES] } : c) }
    return compose(
      {
        id: 'compressor-pilot', name: 'Compressor on a starter', medium: 'air', usual: { 'supply.disconnect': 1 }, complaints: [...AIR_COMPLAINTS, 'chatters'],
        drawing: {
          power, flow: AIR_FLOW, shafts: [{ motor: 'motor', pump: 'head' }], ports: [{ from: 'tank', to: 'switch' }, { from: 'check', to: 'unloader' }], pilot: [...(transformer ? ['transformer'] : []), 'switch', 'unloader'],
          stretches: [...stretchesOf(power, {}, { starter: 'feed', motor: single ? 'run' : 'cable' }, single ? 2 : 3), ...(transformer ? [{ from: 'starter', to: 'transformer', wires: 1, route: 'pilot' as const }, { from: 'transformer', to: 'switch', wires: 1, route: 'pilot' as const }] : [{ from: 'starter', to: 'switch', wires: 1, route: 'pilot' as const }])],
        },
      },
      withPhases, starter({ phases: single ? 1 : 3, transformer, float: false }), pilotSwitch({ medium: 'air', cutOff: false, valve: false }),
      ...(single ? [run('motor', 'Replace the run to the motor', 0.01, 35), surfaceMotor({ what: 'Motor or pump', neutral: false, dual: false }), ...surfaceGear({ runCapacitor })] : [threeMotor({ drowned: false, what: 'Motor or pump' })]),
      airSide({ belt: true }), settingTests({ medium: 'air', cutOff: false }),
    )
  },
  describe: (n, schools) => {
    const plate = createPlate(n)
    const disconnect = (n['supply.disconnect'] ?? 1) === 1
    const transformer = yes(n, 'starter.control')
    const { stage, healthy } = isSingle(n)
      ? describeSingle(plate, { startGear: 'surface', disconnect, neutral: false, runCapacitor: yes(n, 'motor.runCapacitor'), hp: 5, load: 0.9, constantLoad: true, pilot: { transformer, float: false } })
      : describeThree(plate, { drowned: false, disconnect, transformer, float: false, hp: 5, load: 0.9, constantLoad: true })
    const air = describeAir(plate, { cutIn: 125 * PSI, cutOut: 155 * PSI, volume: AIR_VOLUME * 4 / 3, delivery: 16 * CFM })
    return { plate, healthy: { ...healthy, ...air.healthy }, stages: [{ ...stage, bands: { ...stage.bands, cycle: Math.min(60, 0.6 * air.usualCycle) } }], prechargeOffset: schools.prechargeOffset, isFlow: isFlowFigure, flow: air.run }
  },
}
