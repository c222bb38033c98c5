/**
 * Dated records: the shop's practice as files and requests write it, and as the model reads it, and which record is
 * in force at an instant. What a record does not say is as usual. Pressures are in psi at this edge.
 */
import { USUAL_PRACTICE, type ShopPractice } from '#core/systems'
import { PSI } from '#core/units'

/** As written. */
export interface Practice extends Partial<Omit<ShopPractice, 'prechargeUnderCutIn' | 'units'>> {
  /** schools are 2, 3, 4 and up to 5 (handbook §4, common practice) */
  readonly prechargeOffsetPsi: number
  readonly units?: Partial<ShopPractice['units']>
}

export const USUAL_WRITTEN: Practice = {
  prechargeOffsetPsi: Math.round(USUAL_PRACTICE.prechargeUnderCutIn / PSI),
}

export function practiceOf({ prechargeOffsetPsi, units, ...rest }: Practice): ShopPractice {
  return {
    ...USUAL_PRACTICE,
    ...rest,
    prechargeUnderCutIn: prechargeOffsetPsi * PSI,
    units: { ...USUAL_PRACTICE.units, ...units },
  }
}

/** The last record at or before an instant. @param records oldest first */
export const inForce = <T extends { readonly from: string }>(records: readonly T[], at: string): T | undefined =>
  records.findLast(r => Date.parse(r.from) <= Date.parse(at))
