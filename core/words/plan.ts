/** Stations, and why a step cannot be gone on with, in words. */
import type { Station } from '#core/tab'
import type { SettingFault } from '#core/setup'
import { formatValue, US, type Units } from '#core/units'
import type { WiringFault } from '#core/wiring'
import { sayWiringFault } from './wiring'

export const STATION_WORDS: Readonly<Record<Station, string>> = {
  'put-right': 'Put right',
  'wire': 'Wire',
  'set-up': 'Set up',
  'prove': 'Prove',
  'settle': 'Settle',
}

/** Steps by their ids, as the tape has them; a repair goes by its part. */
const STEPS: Readonly<Record<string, string>> = {
  'record': 'picture and terminals as found',
  'dead': 'locked, proven dead',
  'discharge': 'capacitors bled',
  'drain': 'drained to zero',
  'land': 'wires landed',
  'paper-proof': 'proof of the record',
  'ohms': 'dead check of the wires',
  'cover': 'cover on',
  'air': 'tank aired',
  'water-back': 'water back',
  'air-in': 'drain shut',
  'prime': 'primed',
  'power-on': 'power on',
  'overload': 'overload dial set',
  'rotation': 'rotation tried',
  'cut-off': 'cut-off held in and proved',
  'float': 'float levels tried',
  'unloader': 'unloader tried',
  'switch-set': 'switch set',
  'run': 'proof run',
  'hold': 'hold watched',
  'cycles': 'cycles watched',
  'cause': 'cause looked for',
  'sheet': 'sheet looked over',
}
export const sayStep = (id: string): string =>
  STEPS[id] ?? id.replace(/^fix:/, '').replaceAll('-', ' ')

const SETTINGS: Readonly<Record<SettingFault, (most: string) => string>> = {
  'out-under-in': () => 'Cut-out must stand at least 8 psi over cut-in.',
  'read-crossed': () => 'Cut-out was read under cut-in: one of the two is the other, or the gauge runs backwards.',
  'over-spring': most => `This switch ends at about ${most}: its spring gives no more.`,
  'over-shut-off': most => `The pump makes no more than ${most} with its margin: it would never stop.`,
  'over-relief': most => `The relief valve opens: no more than ${most}.`,
  'over-plate': most => `The tank’s plate says ${most} at the most.`,
}

export const saySettingProblem = (code: SettingFault, most: number, units: Units = US): string =>
  SETTINGS[code](formatValue('pressure', most, units))

/** @param reason as the plan has it: a code, or what was said when the step was left out */
export function sayBlocked(reason: string): string {
  const [what, code] = reason.split(':')
  switch (what) {
    case 'wired-wrongly':
      return 'The record is not as it should be: put that right first.'
    case 'nothing-landed':
      return 'Nothing is on record yet: say each terminal, its colour and where it goes.'
    case 'check-first':
      return 'After a refit the proof of the record and the dead check come before power: do them, or leave each out '
        + 'with a reason.'
    case 'look-for-the-short-first':
      return 'Something let go: the dead check for the short comes before power.'
    case 'wiring':
      return `Not with the wires as they are on record. ${sayWiringFault({ code: code as WiringFault, facts: {} })}`
    case 'setting':
      return saySettingProblem(code as SettingFault, 0)
    default:
      return reason
  }
}
