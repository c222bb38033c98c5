/** Which repairs the plan is for: what was put right already, what is decided, and the causes that were shown. */
import type { Isolation } from '#core/isolation'
import { unstaged, type FaultMode, type SystemModel } from '#core/systems'
import { isKnownLine, type TabState } from '#core/tab'
import { RECIPES, type Recipe } from './recipes'

export interface PlannedRepair {
  readonly mode: FaultMode
  readonly recipe: Recipe
  /** why it is in the plan */
  readonly because: 'failed' | 'trial' | 'cause' | 'done'
  /** the line by which it was done */
  readonly by?: string
}

/** @throws where a repair of the catalogue has no recipe: a sweep proves that there is none such */
export function recipeOf(repairId: string): Recipe {
  const recipe = RECIPES[repairId] ?? RECIPES[unstaged(repairId)]
  if (!recipe) throw new Error(`no recipe for the repair ${repairId}`)
  return recipe
}

export function repairsFor(model: SystemModel, state: TabState, isolation: Isolation): readonly PlannedRepair[] {
  const planned = new Map<string, PlannedRepair>()
  const add = (fault: string, because: PlannedRepair['because'], by?: string) => {
    const mode = model.kind.faults.find(f => f.id === fault)
    if (!mode || planned.has(mode.repair.id)) return
    planned.set(mode.repair.id, { mode, because, recipe: recipeOf(mode.repair.id), ...(by ? { by } : {}) })
  }
  for (const line of state.lines) {
    if (!isKnownLine(line) || state.struck.has(line.id)) continue
    if (line.kind === 'part' || line.kind === 'repair')
      add(line.fault ?? likeliestOn(model, isolation, line.component), 'done', line.id)
  }
  const isRight = (fault: string) => {
    const mode = model.kind.faults.find(f => f.id === fault)
    return mode !== undefined && model.putRight(state.repaired).has(mode)
  }
  for (const f of state.findings.failed) if (!isRight(f.about)) add(f.about, 'failed')
  const { decision } = isolation
  if (decision) add(decision.fault, decision.kind === 'trial' ? 'trial' : 'failed')
  for (const cause of isolation.causes.filter(c => !c.suspected).flatMap(c => c.causes)) {
    if (cause.standing !== 'shown' && cause.standing !== 'named') continue
    const fault = model.kind.causeNotes.find(n => n.id === cause.id)?.fault ?? cause.id
    if (!isRight(fault)) add(fault, 'cause')
  }
  return [...planned.values()]
}

/** A line that names only the part is of its likeliest fault. */
const likeliestOn = (model: SystemModel, { suspects }: Isolation, component: string): string =>
  suspects.find(s => s.component === component)?.fault
  ?? model.kind.faults.find(f => f.component === component)?.id
  ?? ''
