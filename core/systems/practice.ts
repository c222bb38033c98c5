/**
 * What a shop settles for itself where the trade disagrees (handbook §4, §6, §§10–12; common practice, no source).
 * One object, dated in the book, read by the model, the plan and the screens. Nothing else states a default.
 */
import { PSI } from '#core/units'

/** How a quantity is shown. Whatever is typed is read in either. */
export type UnitSystem = 'us' | 'si'
export const UNIT_QUANTITIES = ['pressure', 'flow', 'length', 'volume', 'temperature'] as const
export type UnitQuantity = (typeof UNIT_QUANTITIES)[number]

export interface ShopPractice {
  /** how far under cut-in the precharge is set, Pa */
  readonly prechargeUnderCutIn: number
  readonly threadSealant: 'tape' | 'paste'
  readonly burntContacts: 'replace' | 'clean'
  readonly cutOffAdvice: 'where-it-can-run-dry' | 'never-unasked'
  /** whole cycles watched after a repair */
  readonly proofCycles: 2 | 3 | 5
  /** what a leak-down is watched for, minutes */
  readonly leakDownMinutes: 10 | 15 | 30
  readonly units: Readonly<Record<UnitQuantity, UnitSystem>>
}

export const USUAL_PRACTICE: ShopPractice = {
  prechargeUnderCutIn: 2 * PSI,
  threadSealant: 'tape',
  burntContacts: 'replace',
  cutOffAdvice: 'where-it-can-run-dry',
  proofCycles: 2,
  leakDownMinutes: 10,
  units: { pressure: 'us', flow: 'us', length: 'us', volume: 'us', temperature: 'us' },
}

/** The part of the practice that the model reads: systems that agree in it share their tables. */
export const modelPart = ({ prechargeUnderCutIn }: ShopPractice) => ({ prechargeUnderCutIn })
