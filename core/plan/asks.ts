/** What the repairs of a plan ask for together. */
import type { Afterwards, Opens } from './recipes'
import type { PlannedRepair } from './repairs'

export const opens = (repairs: readonly PlannedRepair[], what: Opens): boolean =>
  repairs.some(r => r.recipe.opens.includes(what))
export const needsDead = (repairs: readonly PlannedRepair[]): boolean =>
  repairs.some(r => !r.recipe.harmless)
export const after = (repairs: readonly PlannedRepair[], what: Afterwards): boolean =>
  repairs.some(r => r.recipe.after?.includes(what))
