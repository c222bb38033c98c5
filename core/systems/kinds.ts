/** What a kind gives: its parts by the options on the nameplate, and its description in figures. */
import type { Description } from './describe/description'
import type { Complaint, Nameplate, SystemKind } from './types'

/** Choices that belong to the shop, not to one system. */
export interface Schools {
  /** how far under cut-in the precharge is set, Pa */
  readonly prechargeOffset: number
}

export interface KindPlan {
  readonly id: string
  readonly name: string
  compose(nameplate: Nameplate): SystemKind
  describe(nameplate: Nameplate, schools: Schools): Omit<Description, 'kind'>
}

export const yes = (nameplate: Nameplate, field: string) => nameplate[field] === 1

export const WATER_COMPLAINTS: readonly Complaint[] = ['no-water', 'low-pressure', 'groans', 'overload-trips', 'breaker-trips', 'rapid-cycles', 'surges', 'runs-on', 'starts-alone', 'stops-under-draw', 'check-up']
export const AIR_COMPLAINTS: readonly Complaint[] = ['no-air', 'slow-air', 'groans', 'overload-trips', 'breaker-trips', 'runs-on', 'starts-alone', 'rapid-cycles', 'check-up']

export const FILTERS = ['none', 'before', 'after'] as const
export const filterOf = (nameplate: Nameplate) => FILTERS[nameplate['house.filter'] ?? 0] ?? 'none'
