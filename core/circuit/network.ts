/**
 * What a circuit is made of. Node '0' is earth, bonded to the neutral. Phasors are RMS volts and amps,
 * impedances are in ohms at the network's own frequency; 0 Hz is a direct-current network.
 */
import type { Complex } from '#core/foundation'

export type Element
  /** a resistance and reactance in series */
  = | {
    readonly kind: 'impedance'
    readonly id: string
    readonly a: string
    readonly b: string
    readonly z: Complex
  }
  /** a capacitance in farads; open at 0 Hz */
  | {
    readonly kind: 'capacitor'
    readonly id: string
    readonly a: string
    readonly b: string
    readonly farads: number
  }
  /** an ideal voltage from b up to a, behind its own impedance */
  | {
    readonly kind: 'source'
    readonly id: string
    readonly a: string
    readonly b: string
    readonly volts: Complex
    readonly z: Complex
  }
  /** a winding: its own impedance, and the voltages that other windings' currents induce in it */
  | Winding

export interface Winding {
  readonly kind: 'winding'
  readonly id: string
  readonly a: string
  readonly b: string
  readonly z: Complex
  readonly couplings?: readonly Coupling[]
}

/** Volts induced by another winding's current: z·I of that winding, counted like the winding's own drop. */
export interface Coupling {
  readonly to: string
  readonly z: Complex
}

export interface Network {
  readonly hertz: number
  readonly elements: readonly Element[]
}

export const EARTH = '0'

/** A plain resistance. */
export const resistor = (id: string, a: string, b: string, ohms: number): Element => ({
  kind: 'impedance',
  id,
  a,
  b,
  z: { re: ohms, im: 0 },
})

export const capacitor = (id: string, a: string, b: string, farads: number): Element => ({
  kind: 'capacitor',
  id,
  a,
  b,
  farads,
})
