/** How each stretch of the path stands: proven, unproven, suspect by weight, or condemned. */
import type { SystemModel } from '#core/systems'
import type { TabState } from '#core/tab'
import type { Ranking } from './suspects'

export const STANDINGS = ['proven', 'unproven', 'suspect', 'condemned'] as const
export type Standing = typeof STANDINGS[number]
export interface ComponentStanding { readonly component: string, readonly standing: Standing, readonly weight: number }

const SUSPECT_FROM = 0.08

/** A component is condemned by a finding or near certainty, proven when lines have ruled out all its faults. */
export function standPath(model: SystemModel, state: TabState, ranking: Ranking): ComponentStanding[] {
  const failed = new Set(state.findings.failed.map(f => f.about))
  const repaired = new Set(state.repaired)
  return model.kind.components.map(({ id }) => {
    const own = ranking.suspects.filter(s => s.component === id)
    const weight = own.reduce((sum, s) => sum + s.chance, 0)
    const condemned = own.some(s => failed.has(s.fault) || s.chance > 0.95)
    const standing: Standing = repaired.has(id)
      ? 'proven'
      : condemned
        ? 'condemned'
        : weight >= SUSPECT_FROM
          ? 'suspect'
          : own.length > 0 && state.evidence.length > 0 && own.every(s => s.ruledOut || s.chance < 0.004) ? 'proven' : 'unproven'
    return { component: id, standing, weight }
  })
}
