/** What nothing may be set over: a tank's or receiver's plate, the relief valve's own setting, the switch's spring. */
import { PSI } from '#core/units'
import type { NameplateField } from '../componentTypes'

function limit<Id extends string>(id: Id, label: string, bears: string) {
  const range = [10 * PSI, 600 * PSI] as const
  return { id, label, quantity: 'pressure', range, bears } as const satisfies NameplateField
}

export const MOST_PRESSURE = limit('most', 'Most pressure', 'No reading: nothing is set to cut out above it.')
/** A 30/50 ends at some 65 to 75 psi of cut-out; its label may say. */
export const MOST_OF_SWITCH = limit('most', 'Highest cut-out it can be set to', 'No reading: its spring gives no more.')
export const RELIEF_OPENS = limit('opens', 'Opens at', 'No reading: cut-out stays 10 psi under it.')
