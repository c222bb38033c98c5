/** What a hypothesis is made of. */
import type { FaultMode, SystemKind, SystemModel } from '#core/systems'

type Hypothesis = SystemModel['hypotheses'][number]

export function modeOf({ kind }: SystemModel, fault: string): FaultMode {
  const known = modes.get(kind) ?? new Map(kind.faults.map(m => [m.id, m]))
  modes.set(kind, known)
  return known.get(fault)!
}
const modes = new WeakMap<SystemKind, ReadonlyMap<string, FaultMode>>()

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
