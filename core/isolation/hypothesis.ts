/** What a hypothesis is made of. */
import { faultId, type FaultMode, type SystemModel } from '#core/systems'

type Hypothesis = SystemModel['hypotheses'][number]

export const modeOf = (model: SystemModel, fault: string): FaultMode => model.kind.faults.find(m => faultId(m) === fault)!

/** Which faults a hypothesis is made of. */
export const faultsOf = (h: Hypothesis): readonly string[] => h.second ? [h.fault, h.second.fault] : [h.fault]

/** What has failed in a hypothesis: not the cause behind a casualty. */
export const failedIn = (h: Hypothesis): readonly string[] => h.second?.role === 'beside' ? faultsOf(h) : [h.fault]
