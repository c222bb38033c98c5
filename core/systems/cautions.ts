/**
 * What the work of a repair asks for before it begins, by where the hand goes (handbook §8; OSHA 1910.147, 1910.169,
 * 1910.333, NFPA 70E art. 120, from memory). Local code and the maker's instructions come first.
 */
import { componentOf } from './byId'
import { LIFT } from './blocks/cautions'
import type { FaultMode } from './faultTypes'
import type { SystemKind } from './types'

const DEAD = 'Locked and tagged; proven live–dead–live at the point of work, capacitors bled and measured.'
const LOW_VOLTS = 'Panel off and the battery’s negative lifted first: a tool across it welds.'
const AIR
  = 'Locked, drained, and proved empty at the relief ring before anything is opened. Never a plug for a relief '
    + 'valve; no plastic pipe.'
const WATER
  = 'Pump locked off and the gauge at zero before anything is opened; never air a tank beyond its plate.'
const UTILITY = 'Ahead of the meter nothing is opened: that is the utility’s.'

/** Minutes from which a repair at or below the well head brings something up; common practice, no source. */
const LIFTED = 60

export function repairCautions(kind: SystemKind, mode: FaultMode): readonly string[] {
  const component = componentOf(kind, mode.component)
  if (component?.glyph === 'supply') return [UTILITY]
  if ((component?.place === 'down-hole' || component?.place === 'well-head') && mode.repair.minutes >= LIFTED)
    return [DEAD, LIFT]
  if (component?.lane === 'power') return [kind.id === 'rv' ? LOW_VOLTS : DEAD]
  return [kind.medium === 'air' ? AIR : WATER]
}
