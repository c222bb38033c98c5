/** What nothing may be set over: the plate of a tank or receiver, and the relief valve's own setting. */
import { PSI } from '#core/units'
import type { NameplateField } from '../componentTypes'

export const MOST_PRESSURE = {
  id: 'most',
  label: 'Most pressure',
  quantity: 'pressure',
  range: [20 * PSI, 600 * PSI],
  bears: 'No reading: nothing is set to cut out above it.',
} as const satisfies NameplateField

export const RELIEF_OPENS = {
  id: 'opens',
  label: 'Opens at',
  quantity: 'pressure',
  range: [10 * PSI, 600 * PSI],
  bears: 'No reading: cut-out stays 10 psi under it.',
} as const satisfies NameplateField
