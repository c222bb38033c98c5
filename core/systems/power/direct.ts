/**
 * A 12 V demand pump: battery → fuse → panel switch → demand switch → permanent-magnet motor → chassis return.
 *   V = I·R + E·n,  torque ∝ I: n is the speed as a share of no-load speed, here 1 − slip.
 * Nodes: b the battery’s own plus post, p its clamp, pf behind the fuse, pp behind the panel switch, pd at the demand
 * switch, pm at the motor, n its negative; earth is the battery's negative post.
 */
import { EARTH, resistor, type Element, type Network } from '#core/circuit'
import { complex } from '#core/foundation'
import type { Figures } from '../figures'
import { isLive, leak, type NetworkState } from './pieces'
import { OPEN } from './resistances'
import type { Turner } from './stage'

export interface DirectPlan {
  readonly motor: MagnetMotor
}

/** Armature resistance and the voltage it makes at no-load speed; full-load amps and torque fix the rated point. */
export interface MagnetMotor {
  readonly ohms: number
  readonly emf: number
  readonly fullLoadAmps: number
  readonly volts: number
}

export function directNetwork({ motor }: DirectPlan, f: Figures, state: NetworkState): Network {
  const live = isLive(state)
  const calls = state.scenario !== 'idle' && live
  const panel = state.scenario === 'dead' ? OPEN : f['panel.1']
  const battery: Element[]
    = live && !state.tripped
      ? [
          {
            kind: 'source',
            id: 'battery',
            a: 'b',
            b: EARTH,
            volts: complex(f['battery.volts']),
            z: complex(f['battery.ohms']),
          },
          resistor('battery post', 'b', 'p', f['battery.post']),
        ]
      : [leak('p', 1e9)]
  const path: Element[]
    = state.scenario === 'leads-off'
      ? []
      : [
          ...battery,
          resistor('fuse', 'p', 'pf', live && state.tripped ? OPEN : f['fuse.1']),
          resistor('panel switch', 'pf', 'pp', panel),
          resistor('feed', 'pp', 'pd', f['feed.1']),
          resistor('feed to chassis', 'pd', EARTH, f['feed.earth']),
          resistor('demand switch', 'pd', 'pm', calls ? f['switch.1'] : f['switch.rest1']),
          resistor('chassis return', 'n', EARTH, f['return.1']),
          leak('pf', 1e9),
          leak('pp', 1e9),
          leak('pm', 1e9),
        ]
  const ohms = motor.ohms * f['motor.turns'] + f['motor.joint1']
  const armature: Element = live
    ? {
        kind: 'source',
        id: 'armature',
        a: 'pm',
        b: 'n',
        volts: complex(motor.emf * (1 - state.slip) * f['motor.turns']),
        z: complex(ohms),
      }
    : resistor('armature', 'pm', 'n', ohms)
  return {
    hertz: 0,
    elements: [...path, armature, resistor('motor to earth', 'pm', EARTH, f['motor.earth']), leak('n', 1e9)],
  }
}

export const turnDirect = (motor: MagnetMotor): Turner => {
  const amps = (at: { current(id: string): { re: number } }) => -at.current('armature').re
  const ratedSlip = 1 - (motor.volts - motor.fullLoadAmps * motor.ohms) / motor.emf
  return {
    ratedSlip,
    ratedTorque: motor.fullLoadAmps,
    fullLoadAmps: motor.fullLoadAmps,
    energisedBy: ['armature'],
    torque: (_, at, f) => amps(at) * f['motor.turns'],
    stallSlip: 0.97,
    leastSlip: -1.2,
    constantLoad: true,
  }
}
