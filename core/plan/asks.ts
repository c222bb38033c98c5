/** What the repairs of a plan ask for together. */
import type { Afterwards, Opens } from './recipes'
import type { PlannedRepair } from './repairs'

export const opens = (repairs: readonly PlannedRepair[], what: Opens): boolean =>
  repairs.some(r => r.recipe.opens.includes(what))
export const needsDead = (repairs: readonly PlannedRepair[]): boolean =>
  repairs.some(r => !r.recipe.harmless)
/** The parts whose wires come off: what is said of a terminal is of these first. */
export const unwired = (repairs: readonly PlannedRepair[]): readonly string[] =>
  repairs.filter(r => r.recipe.opens.includes('wires')).map(r => r.mode.component)
export const after = (repairs: readonly PlannedRepair[], what: Afterwards): boolean =>
  repairs.some(r => r.recipe.after?.includes(what))
