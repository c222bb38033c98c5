/** What a kind gives: its parts by the options on the nameplate, and its description in figures. */
import type { Description } from './describe/description'
import type { NameplateKey } from './ids'
import type { ShopPractice } from './practice'
import type { Complaint, Nameplate, SystemKind } from './types'

/** What the kinds give of a description; the registry adds the kind. */
export type Described = Omit<Description, 'kind' | 'practice'>

export interface KindPlan {
  readonly name: string
  compose(nameplate: Nameplate, practice: ShopPractice): SystemKind
  describe(nameplate: Nameplate, practice: ShopPractice): Described
}

/** Whether a choice of no or yes is yes. @param usual what it is where nobody has said */
export const yes = (nameplate: Nameplate, field: NameplateKey, usual: 'no' | 'yes' = 'no'): boolean =>
  (nameplate[field] ?? (usual === 'yes' ? 1 : 0)) === 1

/** How a motor in the open is started, as its nameplate chooses. */
export const surfaceStart = (nameplate: Nameplate) => ({
  runCapacitor: yes(nameplate, 'motor.runCapacitor'),
  permanentSplit: nameplate['motor.startGear'] === 1,
})

export const WATER_COMPLAINTS: readonly Complaint[] = [
  'no-water', 'low-pressure', 'groans', 'overload-trips', 'breaker-trips', 'rapid-cycles', 'surges', 'runs-on',
  'starts-alone', 'stops-under-draw', 'check-up',
]
export const AIR_COMPLAINTS: readonly Complaint[] = [
  'no-air', 'slow-air', 'groans', 'overload-trips', 'breaker-trips', 'runs-on', 'starts-alone', 'rapid-cycles',
  'check-up',
]

const FILTERS = ['none', 'before', 'after'] as const
export type Filter = typeof FILTERS[number]
export const filterOf = (nameplate: Nameplate): Filter => FILTERS[nameplate['house.filter'] ?? 0] ?? 'none'
