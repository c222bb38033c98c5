/**
 * Small compressor: plug or breaker → pressure switch with lever and unloader → capacitor motor → pump head →
 * receiver.
 */
import { airSide, CFM } from '../blocks/air'
import { surfaceMotor } from '../blocks/motor'
import { motorSwitch } from '../blocks/motorSwitch'
import { run } from '../blocks/run'
import { settingTests } from '../blocks/settingTests'
import { singleSupply } from '../blocks/supply'
import { surfaceGear } from '../blocks/surfaceGear'
import { compose } from '../compose'
import { AIR_VOLUME, describeAir } from '../describe/flowSide'
import { createPlate } from '../describe/plate'
import { describeSingle } from '../describe/singlePhase'
import { describeWhole } from '../describe/whole'
import { stretchesOf } from '../drawing'
import type { ComponentId } from '../ids'
import { AIR_COMPLAINTS, surfaceStart, type KindPlan } from '../kinds'
import { hasNeutral } from '../supplies'
import { PSI } from '#core/units'

const USUAL_VOLTS = 115
const POWER = ['supply', 'breaker', 'switch', 'motor'] as const satisfies readonly ComponentId[]
export const AIR_FLOW = [
  'head',
  'check',
  'tank',
  'gauge',
  'relief',
  'regulator',
  'house',
] as const satisfies readonly ComponentId[]

export const compressorDirect: KindPlan = {
  name: 'Compressor, direct',
  compose: (n, practice) => {
    const neutral = hasNeutral(n, USUAL_VOLTS)
    return compose(
      {
        id: 'compressor-direct',
        name: 'Compressor, direct',
        medium: 'air',
        complaints: AIR_COMPLAINTS,
        drawing: {
          power: POWER,
          stretches: stretchesOf(POWER, { conductors: { switch: 'feed', motor: 'run' } }),
          flow: AIR_FLOW,
          shafts: [{ motor: 'motor', pump: 'head' }],
          ports: [
            { from: 'tank', to: 'switch' },
            { from: 'check', to: 'unloader' },
          ],
          pilot: ['unloader'],
        },
      },
      singleSupply({ to: 'switch', where: 'switch line', disconnect: false, neutral }),
      motorSwitch({
        medium: 'air',
        practice,
        cutOff: false,
        valve: false,
        neutral,
        below: ['run', 'start', 'cable', 'motor'],
      }),
      run({ to: 'motor', toEarth: 0.01, minutes: 35 }),
      surfaceMotor({ what: 'Motor', neutral, dual: true }),
      ...surfaceGear(surfaceStart(n)),
      airSide({ belt: true, practice }),
      settingTests({ medium: 'air', practice }),
    )
  },
  describe: (n, practice) => {
    const plate = createPlate(n, practice.units)
    const motor = describeSingle(plate, {
      startGear: 'surface',
      disconnect: false,
      neutral: hasNeutral(n, USUAL_VOLTS),
      ...surfaceStart(n),
      hp: 1.5,
      load: 0.9,
      constantLoad: true,
    })
    const air = describeAir(plate, {
      cutIn: 95 * PSI,
      cutOut: 125 * PSI,
      volume: AIR_VOLUME / 3,
      delivery: 5 * CFM,
    })
    return describeWhole(plate, motor, air)
  },
}
