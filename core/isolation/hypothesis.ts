/** What a hypothesis is made of. */
import { figureAt } from '#core/foundation'
import { faultOf, type FaultMode, type SystemModel } from '#core/systems'

type Hypothesis = SystemModel['hypotheses'][number]

export const modeOf = ({ kind }: SystemModel, fault: string): FaultMode => faultOf(kind, fault)!

/** The places of the hypotheses that are at least so likely. */
export function placesFrom(chances: Float64Array, least: number): number[] {
  const places: number[] = []
  for (let h = 0; h < chances.length; h++) if (figureAt(chances, h) >= least) places.push(h)
  return places
}

/** Which faults a hypothesis is made of. */
export const faultsOf = (h: Hypothesis): readonly string[] => h.second ? [h.fault, h.second.fault] : [h.fault]

/**
 * What has failed in a hypothesis: not the cause behind a casualty; but where the casualty only let go to protect,
 * what it protected from.
 */
export function failedIn(model: SystemModel, h: Hypothesis): readonly string[] {
  if (h.second?.role === 'beside') return faultsOf(h)
  return h.second && modeOf(model, h.fault)?.protects ? [h.second.fault] : [h.fault]
}
