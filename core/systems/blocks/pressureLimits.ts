/** What nothing may be set over: a tank's or receiver's plate, the relief valve's own setting, the switch's spring. */
import { PSI } from '#core/units'
import type { NameplateField } from '../componentTypes'

export const MOST_PRESSURE = {
  id: 'most',
  label: 'Most pressure',
  quantity: 'pressure',
  range: [20 * PSI, 600 * PSI],
  bears: 'No reading: nothing is set to cut out above it.',
} as const satisfies NameplateField

/** A 30/50 ends at some 65 to 75 psi of cut-out; its label may say. */
export const MOST_OF_SWITCH = {
  id: 'most',
  label: 'Highest cut-out it can be set to',
  quantity: 'pressure',
  range: [20 * PSI, 600 * PSI],
  bears: 'No reading: its spring gives no more.',
} as const satisfies NameplateField

export const RELIEF_OPENS = {
  id: 'opens',
  label: 'Opens at',
  quantity: 'pressure',
  range: [10 * PSI, 600 * PSI],
  bears: 'No reading: cut-out stays 10 psi under it.',
} as const satisfies NameplateField
