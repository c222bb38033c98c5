/** What a kind says of its single-phase power path, and how the nameplate's fields of its parts are called. */
import type { ComponentId, FieldId, NameplateKey, StageId } from '../ids'

export interface SingleOptions {
  readonly startGear: 'box' | 'inside' | 'surface'
  readonly disconnect: boolean
  readonly neutral: boolean
  readonly runCapacitor: boolean
  /** no start capacitor and no start contact: the run capacitor starts it */
  readonly permanentSplit?: boolean
  readonly hp: number
  /** shaft load as a share of full load, and whether it stays the same at every speed */
  readonly load: number
  readonly constantLoad: boolean
  readonly pilot?: { readonly transformer: boolean, readonly float: boolean }
  /** a stage after the first: its parts and its figures are named after it */
  readonly stage?: StageId
}

/** The nameplate's name for a field of a component of this stage. */
export type At = <C extends ComponentId>(component: C, field: FieldId<C>) => NameplateKey
