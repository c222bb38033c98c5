/** The supplies that motors hang on, and which of them a motor's volts usually mean. */
import type { NameplateKey } from './ids'
import type { Nameplate } from './types'

/** How the wires of a supply stand to each other and to ground. */
export type SupplyForm = 'split' | 'two legs of three' | 'leg and neutral' | 'three'

interface UsualSupply {
  readonly phases: 1 | 3
  readonly hertz: 50 | 60
  readonly neutral: boolean
  readonly volts: number
  /** motors up to these plate volts hang on it */
  readonly motorsTo: number
}

/** In the order in which they are tried. Service voltages: ANSI C84.1 and IEC 60038, from memory. */
export const USUAL_SUPPLIES: readonly UsualSupply[] = [
  { phases: 1, hertz: 60, neutral: true, volts: 120, motorsTo: 150 },
  { phases: 1, hertz: 60, neutral: false, volts: 208, motorsTo: 215 },
  { phases: 1, hertz: 60, neutral: false, volts: 240, motorsTo: 260 },
  { phases: 1, hertz: 60, neutral: false, volts: 480, motorsTo: 500 },
  { phases: 1, hertz: 50, neutral: true, volts: 230, motorsTo: 260 },
  { phases: 3, hertz: 60, neutral: false, volts: 208, motorsTo: 214 },
  { phases: 3, hertz: 60, neutral: false, volts: 240, motorsTo: 260 },
  { phases: 3, hertz: 60, neutral: false, volts: 400, motorsTo: 415 },
  { phases: 3, hertz: 60, neutral: false, volts: 480, motorsTo: 500 },
  { phases: 3, hertz: 60, neutral: false, volts: 600, motorsTo: 620 },
  { phases: 3, hertz: 50, neutral: false, volts: 230, motorsTo: 260 },
  { phases: 3, hertz: 50, neutral: false, volts: 400, motorsTo: 440 },
]

/**
 * Plate volts of the motors made for a service: MG 1 10.30 and table 430.250 (115, 208, 230, 460, 575 V; from memory);
 * at 50 Hz the service's own.
 */
const MADE_FOR: readonly (readonly [service: number, motor: number])[] = [
  [130, 115], [214, 208], [260, 230], [420, 400], [500, 460], [640, 575],
]

/** What a motor's plate would say on a supply whose volts are known, where nobody has read it. */
export const motorVoltsOn = (service: number | undefined, usual: number): number =>
  (service === undefined ? usual : (MADE_FOR.find(([most]) => service <= most)?.[1] ?? usual))

/**
 * Whether a motor hangs between one live wire and the neutral: on 115/120 V, and on every single-phase 50 Hz supply.
 * @param usual volts of the motor where the nameplate does not say
 * @param volts the field of the motor's volts
 */
export function hasNeutral(nameplate: Nameplate, usual: number, volts: NameplateKey = 'motor.volts'): boolean {
  if (nameplate['supply.hertz'] === 1) return true
  return (nameplate['supply.volts'] ?? nameplate[volts] ?? usual) < 150
}
