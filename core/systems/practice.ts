/**
 * What a shop settles for itself where the trade disagrees (handbook §4, §6, §§10–12; common practice, no source). One
 * object, dated in the book, read by the model, the catalogue, the worker, the server and the command line. Nothing
 * else states a default.
 */
import { PSI, US, type Units } from '#core/units'

export const SEALANTS = ['tape', 'paste'] as const
export const CONTACTS = ['replace', 'clean'] as const
export const CUT_OFF_ADVICE = ['where-it-stays-dry', 'protector-only'] as const
export const PROOF_CYCLES = [1, 2, 3, 5] as const
export const LEAK_DOWN_MINUTES = [10, 15, 30] as const

export interface ShopPractice {
  /** how far under cut-in the precharge is set, Pa */
  readonly prechargeUnderCutIn: number
  /** on water; on compressors it is paste for all */
  readonly threadSealant: (typeof SEALANTS)[number]
  readonly burntContacts: (typeof CONTACTS)[number]
  readonly cutOffAdvice: (typeof CUT_OFF_ADVICE)[number]
  /** whole cycles watched after a repair */
  readonly proofCycles: (typeof PROOF_CYCLES)[number]
  readonly leakDownMinutes: (typeof LEAK_DOWN_MINUTES)[number]
  /** money an hour, in the shop's own */
  readonly hourRate: number
  /** what figures are shown in, and bare ones taken in */
  readonly units: Units
}

export const USUAL_PRACTICE: ShopPractice = {
  prechargeUnderCutIn: 2 * PSI,
  threadSealant: 'tape',
  burntContacts: 'replace',
  cutOffAdvice: 'where-it-stays-dry',
  proofCycles: 2,
  leakDownMinutes: 10,
  hourRate: 90,
  units: US,
}

/** What of the practice the parts, tests and repairs of a kind are worded by. */
export const wordingOf = ({
  threadSealant,
  burntContacts,
  cutOffAdvice,
  proofCycles,
  leakDownMinutes,
}: ShopPractice) => [threadSealant, burntContacts, cutOffAdvice, proofCycles, leakDownMinutes].join()

const NUMBERS: Readonly<Record<number, string>> = {
  1: 'one',
  2: 'two',
  3: 'three',
  5: 'five',
  10: 'ten',
  15: 'fifteen',
  30: 'thirty',
}
export const sayNumber = (n: number): string => NUMBERS[n] ?? String(n)
