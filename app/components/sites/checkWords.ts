/** What is checked again and again, as it is called, and what its interval goes by where no rule says otherwise. */
import { CHECKS, type CheckId } from '#core/ledger'

export const CHECK_WORDS: Readonly<Record<CheckId, readonly [name: string, usual: string]>> = {
  precharge: ['precharge', 'yearly'],
  contacts: ['contacts and nipple', 'yearly where the water has sand or iron'],
  filter: ['filter', 'monthly where one is known'],
  insulation: ['insulation', 'yearly'],
  amps: ['running amps', 'yearly'],
  relief: ['relief valve’s ring', 'on each visit'],
  tank: ['tank', 'yearly from its eighth year'],
  yield: ['the well’s yield', 'when asked for'],
}
const NAMED: Readonly<Record<number, string>> = { 0: 'not by itself', 1: 'monthly', 12: 'yearly' }
export const sayMonths = (m: number): string =>
  NAMED[m] ?? (m % 12 === 0 ? `every ${m / 12} years` : `every ${m} months`)
export const isCheck = (id: string): id is CheckId => (CHECKS as readonly string[]).includes(id)
