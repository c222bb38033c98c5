/**
 * Shop compressor on a starter, one- or three-phase: mains → disconnect → starter → motor; pilot circuit by the
 * switch.
 */
import { airSide, CFM } from '../blocks/air'
import type { Block } from '../blocks/block'
import { surfaceMotor } from '../blocks/motor'
import { pilotSwitch } from '../blocks/pilotSwitch'
import { run } from '../blocks/run'
import { settingTests } from '../blocks/settingTests'
import { starter } from '../blocks/starter'
import { singleSupply } from '../blocks/supply'
import { surfaceGear } from '../blocks/surfaceGear'
import { threeMotor } from '../blocks/threeMotor'
import { threeSupply } from '../blocks/threeSupply'
import { compose } from '../compose'
import { AIR_FLOW } from '../compressor-direct'
import { AIR_VOLUME, describeAir } from '../describe/flowSide'
import { createPlate } from '../describe/plate'
import { describeSingle } from '../describe/singlePhase'
import { describeThree } from '../describe/threePhase'
import { describeWhole } from '../describe/whole'
import { inOrder, pilotStretches, stretchesOf } from '../drawing'
import { AIR_COMPLAINTS, yes, type KindPlan } from '../kinds'
import type { Nameplate } from '../types'
import { PSI } from '#core/units'

const isSingle = (n: Nameplate) => n['supply.phases'] === 1
const PHASES = { id: 'phases', label: 'Phases', quantity: 'choice', choices: ['three', 'one'] } as const

export const compressorPilot: KindPlan = {
  name: 'Compressor on a starter',
  compose: (n, practice) => {
    const disconnect = yes(n, 'supply.disconnect', 'yes')
    const transformer = yes(n, 'starter.control')
    const single = isSingle(n)
    const power = inOrder('supply', 'breaker', disconnect && 'disconnect', 'starter', 'motor')
    return compose(
      {
        id: 'compressor-pilot',
        name: 'Compressor on a starter',
        medium: 'air',
        usual: { 'supply.disconnect': 1 },
        complaints: [...AIR_COMPLAINTS, 'chatters'],
        drawing: {
          power,
          flow: AIR_FLOW,
          shafts: [{ motor: 'motor', pump: 'head' }],
          ports: [
            { from: 'tank', to: 'switch' },
            { from: 'check', to: 'unloader' },
          ],
          pilot: inOrder(transformer && 'transformer', 'switch', 'unloader'),
          stretches: [
            ...stretchesOf(power, {
              conductors: { starter: 'feed', motor: single ? 'run' : 'cable' },
              usual: single ? 2 : 3,
            }),
            ...pilotStretches(inOrder('starter', transformer && 'transformer', 'switch')),
          ],
        },
      },
      withPhases(
        single
          ? singleSupply({ to: 'starter', where: 'starter line', disconnect, neutral: false })
          : threeSupply({ disconnect }),
      ),
      starter({ phases: single ? 1 : 3, transformer, float: false }),
      pilotSwitch({ medium: 'air', practice, cutOff: false, valve: false }),
      ...(single ? singleMotor(n) : [threeMotor({ drowned: false, what: 'Motor' })]),
      airSide({ belt: true, practice }, 'lost-line'),
      settingTests({ medium: 'air', practice }),
    )
  },
  describe: (n, practice) => {
    const plate = createPlate(n, practice.units)
    const options = {
      disconnect: yes(n, 'supply.disconnect', 'yes'),
      hp: 5,
      load: 0.9,
      constantLoad: true,
    }
    const pilot = { transformer: yes(n, 'starter.control'), float: false }
    const motor = isSingle(n)
      ? describeSingle(plate, {
          ...options,
          startGear: 'surface',
          neutral: false,
          runCapacitor: yes(n, 'motor.runCapacitor'),
          pilot,
        })
      : describeThree(plate, { ...options, ...pilot, drowned: false })
    const air = describeAir(plate, {
      cutIn: 125 * PSI,
      cutOut: 155 * PSI,
      volume: (AIR_VOLUME * 4) / 3,
      delivery: 16 * CFM,
    })
    return describeWhole(plate, motor, air)
  },
}

const singleMotor = (n: Nameplate): Block[] => [
  run({ to: 'motor', toEarth: 0.01, minutes: 35 }),
  surfaceMotor({ what: 'Motor', neutral: false, dual: false }),
  ...surfaceGear({ runCapacitor: yes(n, 'motor.runCapacitor'), permanentSplit: false }),
]

/** The supply with the choice of phases on its nameplate. */
const withPhases = (supply: Block): Block => ({
  ...supply,
  components:
    supply.components?.map(c => (c.id === 'supply' ? { ...c, fields: [...(c.fields ?? []), PHASES] } : c)) ?? [],
})
