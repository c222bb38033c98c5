/**
 * Dated records: the shop's practice as files and requests write it, and as the model reads it, and which record is in force at an
 * instant. Pressures are in psi at this edge.
 */
import type { Schools } from '#core/systems'
import { PSI } from '#core/units'

export interface Practice {
  /** how far under cut-in the precharge is set, psi: schools are 2, 3, 4 and up to 5 (handbook §4, common practice) */
  readonly prechargeOffsetPsi: number
}

export const USUAL_PRACTICE: Practice = { prechargeOffsetPsi: 2 }

export const schoolsOf = ({ prechargeOffsetPsi }: Practice): Schools => ({ prechargeOffset: prechargeOffsetPsi * PSI })

/** The last record at or before an instant. @param records oldest first */
export const inForce = <T extends { readonly from: string }>(records: readonly T[], at: string): T | undefined =>
  records.findLast(r => Date.parse(r.from) <= Date.parse(at))
