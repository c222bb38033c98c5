/**
 * The pilot circuit of a magnetic starter, as a circuit: control supply → control fuse → overload's contact →
 * pressure switch (and float or low-level contact) → coil → return; the overload's contact may stand behind the coil.
 * The supply is two of the lines, or a transformer fed by them. Nodes: q control supply, qf behind the fuse, qo
 * behind the overload contact, qs behind the switch, qb behind the coil, q0 the return.
 */
import { resistor, type Element } from '#core/circuit'
import { complex } from '#core/foundation'
import type { Figures, FigureStem } from '../figures'
import { isLive, leak, type NetworkState } from './pieces'
import { CLOSED } from './resistances'

export interface PilotPlan {
  readonly transformer: boolean
  /** volts that the coil is wound for */
  readonly coilVolts: number
  readonly lineVolts: number
  readonly float: boolean
}

const SEALED_VA = 25 // of a coil holding, common practice, no source
const OPEN_RATIO = 6 // in-rush VA over sealed VA, common practice, no source
const MAGNETISING = 6000 // Ω, primary reactance of a small control transformer, common practice, no source
const COUPLING = 0.999

/** Cold resistance of a coil for its rated volts: about a twelfth of its sealed impedance. */
export const coldCoil = (rated: number) => (0.08 * rated ** 2) / SEALED_VA

/**
 * Share of the volts across the coil's terminals that its winding gets, a break or a bad joint in it taking the rest.
 */
export function windingShare(f: Figures): number {
  const z = f['coil.rated'] ** 2 / SEALED_VA / OPEN_RATIO
  return z / (z + f['coil.joint'])
}

export const PICK_UP = 0.85 // of rated volts a coil must pull in (NEMA ICS 2; from memory)
export const DROP_OUT = 0.5 // common practice, no source

/** Stems of the figures that the coil's volts hang on while the contacts are open. */
export const AHEAD_OF_COIL = [
  'supply.',
  'breaker.',
  'disconnect.',
  'feed.',
  'starter.rest',
  'pilot.',
  'coil.',
  'transformer.',
] as const satisfies readonly FigureStem[]

const LEAKS = [...['qf', 'qo', 'qs', 'qc', 'q0', 'q'].map(node => leak(node, 1e9)), leak('qb', 1e8)]

export function pilotElements(d: PilotPlan, f: Figures, state: NetworkState): Element[] {
  const live = isLive(state)
  const calls = state.scenario !== 'idle' && state.scenario !== 'dead'
  const contact = calls ? f['pilot.switch'] : f['pilot.switchRest']
  const rated = f['coil.rated']
  const sealed = rated ** 2 / SEALED_VA
  const z = sealed / (state.pulledIn ? 1 : OPEN_RATIO)
  const coil = live
    ? complex(0.3 * z * f['coil.turns'] + f['coil.joint'], 0.95 * z * f['coil.turns'])
    : complex(coldCoil(rated) * f['coil.turns'] + f['coil.joint'])
  const [a, b] = tapped(f)
  const [ahead, behind] = f['pilot.overloadBehind'] ? [CLOSED, f['pilot.overload']] : [f['pilot.overload'], CLOSED]
  return [
    ...(d.transformer
      ? transformer(d, f, live)
      : [resistor('control lead', a, 'q', 0.05), resistor('control return', b, 'q0', 0.05)]),
    resistor('control fuse', 'q', 'qf', f['pilot.fuse']),
    resistor('overload contact', 'qf', 'qo', ahead),
    resistor('pilot switch', 'qo', 'qs', contact),
    ...(d.float
      ? [resistor('float contact', 'qs', 'qc', f['pilot.float'])]
      : [resistor('coil lead', 'qs', 'qc', f['pilot.wire'])]),
    { kind: 'impedance', id: 'coil', a: 'qc', b: 'qb', z: coil },
    resistor('overload contact behind', 'qb', 'q0', behind),
    ...LEAKS,
  ]
}

/** Which two of the lines feed it: no wiring says how a hand counts them. */
const tapped = (f: Figures) => TAPS[f['pilot.tap']] ?? TAPS[0]
const TAPS = [['l1', 'l2'], ['l2', 'l3'], ['l1', 'l3']] as const

function transformer(d: PilotPlan, f: Figures, live: boolean): Element[] {
  const [a, b] = tapped(f)
  if (!live)
    return [
      resistor('transformer primary', a, b, 40),
      resistor('transformer secondary', 'q', 'q0', 1.5),
      resistor('control bond', 'q0', '0', 0.05),
    ]
  const ratio = d.coilVolts / d.lineVolts
  const mutual = complex(0, COUPLING * MAGNETISING * ratio)
  return [
    {
      kind: 'winding',
      id: 'transformer primary',
      a,
      b,
      z: complex(20 + f['transformer.primary'], MAGNETISING),
      couplings: [{ to: 'transformer secondary', z: mutual }],
    },
    {
      kind: 'winding',
      id: 'transformer secondary',
      a: 'q',
      b: 'q0',
      z: complex(1 + f['transformer.secondary'], MAGNETISING * ratio ** 2),
      couplings: [{ to: 'transformer primary', z: mutual }],
    },
    // one side of a control secondary is bonded
    resistor('control bond', 'q0', '0', 0.05),
  ]
}
