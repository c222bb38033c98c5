/**
 * The power path of a three-phase motor on a magnetic starter: service → breaker or fuses → disconnect → contactor →
 * overload heaters → cable → motor, with the pilot circuit beside it. Nodes as in the single-phase path, poles 1 to 3:
 * u, b, e, l line side of the starter, c between contacts and heaters, d load side, m motor.
 */
import { capacitor, EARTH, phaseImpedances, resistor, threePhaseTorque, type Element, type Network, type ThreePhaseModel } from '#core/circuit'
import { add, complex } from '#core/foundation'
import type { Figures } from '../types'
import { pilotElements, type PilotPlan } from './pilot'
import { DRY, inSeries, insulation, isLive, leak, LEAD_TO_EARTH, LEAD_TO_LEAD, OPEN, poleNumbers, poles, type NetworkState } from './pieces'
import type { Turner } from './stage'

export interface ThreePlan {
  readonly hertz: number
  readonly motor: ThreePhaseModel
  readonly disconnect: boolean
  readonly cableMetres: number
  readonly pilot: PilotPlan
}

export function threeNetwork(d: ThreePlan, f: Figures, state: NetworkState): Network {
  const live = isLive(state)
  const elements = state.scenario === 'leads-off' ? motorSide(d, f, state, false) : [...serviceSide(d, f, state, live), ...pilotElements(d.pilot, f, state), ...motorSide(d, f, state, live)]
  return { hertz: live ? d.hertz : 0, elements: elements.filter(e => live || e.kind !== 'capacitor') }
}

function serviceSide(d: ThreePlan, f: Figures, state: NetworkState, live: boolean): Element[] {
  const g = live && !state.tripped ? f : { ...f, ...poles('breaker.', 3, OPEN) }
  const leg = (i: number): Element => {
    const [volts, ohms] = [f[`supply.leg${i}`]!, f[`supply.z${i}`]!]
    const turn = -2 * Math.PI * (i - 1) / 3
    return { kind: 'source', id: `leg ${i}`, a: `u${i}`, b: EARTH, volts: complex(volts * Math.cos(turn), volts * Math.sin(turn)), z: complex(ohms, ohms < 1e3 ? ohms / 2 : 0) }
  }
  return [
    ...(live ? poleNumbers(3).map(leg) : poleNumbers(3).map(i => leak(`u${i}`, 1e9))),
    ...inSeries(g, 'breaker pole', 'breaker.', 'u', 'b', 3),
    ...(d.disconnect ? inSeries(f, 'disconnect pole', 'disconnect.', 'b', 'e', 3) : []),
    ...inSeries(f, 'feed', 'feed.', d.disconnect ? 'e' : 'b', 'l', 3), ...insulation(f, 'feed', 'l', 3, 18),
    ...inSeries(f, 'starter pole', state.pulledIn ? 'starter.' : 'starter.rest', 'l', 'c', 3), ...inSeries(f, 'heater', 'heater.', 'c', 'd', 3),
    ...poleNumbers(3).map(i => leak(`c${i}`, DRY)),
  ]
}

function motorSide(d: ThreePlan, f: Figures, state: NetworkState, live: boolean): Element[] {
  const earth = d.cableMetres * LEAD_TO_EARTH
  return [
    ...poleNumbers(3).flatMap(i => [
      resistor(`lead ${i}`, `d${i}`, `m${i}`, state.scenario === 'splice' && i === 1 ? OPEN : f[`cable.${i}`]!),
      resistor(`cable to earth ${i}`, `d${i}`, EARTH, i === 1 ? f['cable.earth']! : 2e9), capacitor(`lead ${i} to earth`, `d${i}`, EARTH, earth), capacitor(`lead ${i} to next`, `d${i}`, `d${i % 3 + 1}`, d.cableMetres * LEAD_TO_LEAD),
      leak(`m${i}`, i === 1 ? f['motor.earth']! : 2e9),
    ]),
    resistor('cable across', 'd1', 'd2', f['cable.across']!),
    ...windings(d.motor, f, state, live), leak('star', 2e9),
  ]
}

/** Turns of winding 1 lost to a short between turns scale its own impedance and what couples with it. */
function windings(motor: ThreePhaseModel, f: Figures, state: NetworkState, live: boolean): Element[] {
  const shorted = f['motor.rolled'] ? 2 : 1
  const turns = (i: number) => i === shorted ? f['motor.turns']! : 1
  if (!live) return poleNumbers(3).map(i => resistor(`winding ${i}`, `m${i}`, 'star', motor.nameplate.leadOhms / 2 * turns(i) + f[`motor.joint${i}`]!))
  const z = phaseImpedances(motor, state.slip)
  return poleNumbers(3).map((i) => {
    const [next, previous] = [i % 3 + 1, (i + 1) % 3 + 1]
    const k = turns(i)
    return {
      kind: 'winding' as const, id: `winding ${i}`, a: `m${i}`, b: 'star', z: complex(z.own.re * k * k + f[`motor.joint${i}`]!, z.own.im * k * k),
      couplings: [{ to: `winding ${next}`, z: scaled(z.next, k * turns(next)) }, { to: `winding ${previous}`, z: scaled(z.previous, k * turns(previous)) }],
    }
  })
}

const scaled = (z: { re: number, im: number }, k: number) => add(complex(z.re * k, z.im * k), complex(0))

export const turnThree = (motor: ThreePhaseModel): Turner => ({
  ratedSlip: motor.ratedSlip, ratedTorque: motor.ratedTorque, fullLoadAmps: motor.nameplate.fullLoadAmps, energisedBy: ['winding 1', 'winding 2', 'winding 3'],
  torque: (slip, at) => threePhaseTorque(motor, slip, [at.current('winding 1'), at.current('winding 2'), at.current('winding 3')]),
})
