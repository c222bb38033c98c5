/** What a hypothesis is made of. */
import { figureAt } from '#core/foundation'
import type { Tables } from './tables'
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

/** Hypotheses that were foreseen, in lists by their places: what goes over them all reads these. */
export interface Foreseen {
  readonly priors: Float64Array
  /** the place of its fault in `faults`, and of its second one */
  readonly first: Int32Array
  readonly second: Int32Array
  readonly faults: readonly string[]
  readonly place: ReadonlyMap<string, number>
  /** the hypotheses of each fault alone, by the fault's place */
  readonly alone: readonly (readonly number[])[]
}

/** The place of a fault where there is none. */
export const NONE = -1

const kept = new WeakMap<Tables, Foreseen>()

export function foreseenOf(tables: Tables): Foreseen {
  const known = kept.get(tables) ?? listForeseen(tables)
  kept.set(tables, known)
  return known
}

function listForeseen({ model, foreseen }: Tables): Foreseen {
  const all = model.hypotheses.slice(0, foreseen)
  const faults = [...new Set(all.flatMap(faultsOf))]
  const place = new Map(faults.map((f, i) => [f, i]))
  const placeOf = (fault: string | undefined) => (fault === undefined ? NONE : (place.get(fault) ?? NONE))
  const alone = faults.map((): number[] => [])
  all.forEach(({ fault, second }, h) => second ?? alone[placeOf(fault)]?.push(h))
  return {
    priors: Float64Array.from(all, h => h.prior),
    first: Int32Array.from(all, h => placeOf(h.fault)),
    second: Int32Array.from(all, h => placeOf(h.second?.fault)),
    faults,
    place,
    alone,
  }
}
