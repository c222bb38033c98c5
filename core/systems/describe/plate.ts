/**
 * Reads a nameplate and keeps account of what it does not say: each gap filled with a usual figure, said, and
 * weighed.
 */
import type { Units } from '#core/units'
import type { NameplateKey } from '../ids'
import type { Assumption, Nameplate } from '../types'

export interface Plate {
  readonly known: ReadonlySet<string>
  readonly units: Units
  readonly assumptions: readonly Assumption[]
  value(field: NameplateKey): number | undefined
  /** the figure, or the usual one with what is said of it; `weight` is how much the readings widen for want of it */
  take(field: NameplateKey, otherwise: number, say: string, weight: number): number
  assume(field: NameplateKey, text: string, weight?: number): void
}

/** @param units that figures are said in */
export function createPlate(nameplate: Nameplate, units: Units): Plate {
  const assumptions: Assumption[] = []
  const assume = (field: NameplateKey, text: string, weight = 0) => {
    assumptions.push({ field, text, weight })
  }
  return {
    known: new Set(Object.keys(nameplate)),
    units,
    assumptions,
    assume,
    value: field => nameplate[field],
    take: (field, otherwise, say, weight) => nameplate[field] ?? (assume(field, say, weight), otherwise),
  }
}
