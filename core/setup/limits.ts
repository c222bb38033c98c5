/** What a switch may be set to on this system, and what stands in the way. */
import { PSI } from '#core/units'

export interface SwitchLimits {
  readonly cutIn: number
  readonly cutOut: number
  /** what the pump makes against a shut valve, Pa; nothing where it is not known */
  readonly shutOff?: number
  /** where the relief valve opens */
  readonly relief?: number
  /** the plate of the tank */
  readonly plate?: number
  /** the switch as it was made: cut-out at the end of its spring */
  readonly springEnd?: number
}

export const SETTING_FAULTS = [
  'out-under-in', 'read-crossed', 'over-spring', 'over-shut-off', 'over-relief', 'over-plate',
] as const
export type SettingFault = (typeof SETTING_FAULTS)[number]
export interface SettingProblem {
  readonly code: SettingFault
  /** the most that cut-out may be, Pa; nought where it is the order that is wrong */
  readonly most: number
}

/** Under a relief valve and under the pump's shut-off; common practice, no source. */
const [UNDER_RELIEF, UNDER_SHUT_OFF] = [10 * PSI, 5 * PSI]
/** A 30/50 ends at some 65 to 75 psi of cut-out (handbook §12; common practice, no source). */
const SPRING_END = 1.4
/**
 * A differential is adjustable from some 15 psi (handbook §4); half of that is a slip of reading, or the two the
 * wrong way round; common practice, no source.
 */
export const LEAST_APART = 8 * PSI

export const springEndOf = (ratedCutOut: number): number => SPRING_END * ratedCutOut

/** The highest cut-out that all of them allow, Pa. */
export const mostOf = ({ shutOff, relief, plate, springEnd }: Omit<SwitchLimits, 'cutIn' | 'cutOut'>): number =>
  Math.min(
    springEnd ?? Infinity,
    shutOff === undefined ? Infinity : shutOff - UNDER_SHUT_OFF,
    relief === undefined ? Infinity : relief - UNDER_RELIEF,
    plate ?? Infinity,
  )

export function checkSetting(limits: SwitchLimits): readonly SettingProblem[] {
  const { cutIn, cutOut, shutOff, relief, plate, springEnd } = limits
  const over = (code: SettingFault, most: number | undefined): SettingProblem[] =>
    most !== undefined && cutOut > most ? [{ code, most }] : []
  return [
    ...(cutOut < cutIn + LEAST_APART ? [{ code: 'out-under-in' as const, most: 0 }] : []),
    ...over('over-spring', springEnd),
    ...over('over-shut-off', shutOff === undefined ? undefined : shutOff - UNDER_SHUT_OFF),
    ...over('over-relief', relief === undefined ? undefined : relief - UNDER_RELIEF),
    ...over('over-plate', plate),
  ]
}
