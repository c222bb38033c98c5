import { describe, expect, it } from 'vitest'
import { solveNetwork } from '#core/circuit'
import { createRandom, requireOk } from '#core/foundation'
import { US } from '#core/units'
import { forLength } from '../../../tests/length'
import { describeDirect } from '../describe/directCurrent'
import { createPlate } from '../describe/plate'
import type { Figures } from '../figures'
import type { NetworkState } from './pieces'
import { directNetwork, turnDirect } from './direct'

const COUNT = forLength({ long: 500, usual: 500, quick: 50 })

/** Amps of a motor at a slip, and the volts at its brushes, with so many volts at the battery. */
function drawn(described: ReturnType<typeof describeDirect>, batteryVolts: number, slip: number) {
  const figures = { ...described.healthy, 'battery.volts': batteryVolts } as Figures
  const state: NetworkState = { scenario: 'running', slip, atSpeed: true, pulledIn: true, tripped: false }
  const solved = requireOk(solveNetwork(directNetwork({ motor: described.motor }, figures, state)))
  return {
    amps: -solved.current('armature').re,
    volts: solved.voltage('pm').re - solved.voltage('n').re,
  }
}

describe('five hundred plates of 12 and 24 V demand pumps (seed 14)', () => {
  const random = createRandom(14)
  const plates = Array.from({ length: COUNT }, () => {
    const volts = random.uniform() < 0.8 ? 12 : 24
    const amps = 2.5 + 15 * random.uniform()
    return {
      'motor.volts': volts,
      'motor.amps': amps,
      // a tenth to a third of the volts are lost in the armature
      ...(random.uniform() < 0.5 ? { 'motor.armatureOhms': ((0.1 + 0.23 * random.uniform()) * volts) / amps } : {}),
    }
  })
  it('draw their plate amps where their plate volts stand at the brushes', () => {
    for (const plate of plates) {
      const described = describeDirect(createPlate(plate, US))
      const { ratedSlip } = turnDirect(described.motor)
      // volts at the brushes go by those of the battery, along a straight line
      const [low, high] = [plate['motor.volts'], 1.5 * plate['motor.volts']].map(v => drawn(described, v, ratedSlip))
      const share = (plate['motor.volts'] - low!.volts) / (high!.volts - low!.volts)
      const amps = low!.amps + share * (high!.amps - low!.amps)
      expect(Math.abs(amps / plate['motor.amps'] - 1)).toBeLessThan(0.03)
    }
  })
  it('have torque that grows the slower they turn, and amps when held still that follow from the armature', () => {
    for (const plate of plates) {
      const described = describeDirect(createPlate(plate, US))
      const amps = [0, 0.25, 0.5, 0.75, 1].map(slip => drawn(described, plate['motor.volts'], slip).amps)
      expect(amps).toEqual(amps.toSorted((a, b) => a - b))
      const still = drawn(described, plate['motor.volts'], 1)
      expect(still.amps).toBeCloseTo(still.volts / described.motor.ohms, 3)
    }
  })
})
