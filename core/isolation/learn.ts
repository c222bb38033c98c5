/**
 * Base rates as a shop finds them: the catalogue's, shifted by the shop's own settled tabs and by the age, duty and
 * water of the system. Smoothed: the catalogue counts as much as so many calls of one's own.
 *   rate = (K·base + n·Σbase) / (K + N), then × wear
 */
import { entryOf } from '#core/foundation'
import type { Nameplate, SystemKind, Wear } from '#core/systems'

const CATALOGUE_CALLS = 30

/** What is known of a system's life. */
export interface Life {
  readonly years?: number
  readonly heavyDuty?: boolean
  readonly sandyWater?: boolean
  readonly dampPlace?: boolean
}

/** A system's life from its nameplate and the day it was put in. */
export function lifeOf(nameplate: Nameplate, installed: string | null | undefined, today: string): Life {
  const years = installed ? (Date.parse(today) - Date.parse(installed)) / (365.25 * 86400e3) : undefined
  return {
    ...(years !== undefined && years >= 0 ? { years } : {}),
    heavyDuty: nameplate['site.duty'] === 1,
    sandyWater: nameplate['site.water'] === 1,
    dampPlace: nameplate['site.surroundings'] === 1,
  }
}

/** How many settled tabs of a kind ended in each fault. */
export type FaultCounts = Readonly<Record<string, number>>

export function learnRates(kind: SystemKind, counts: FaultCounts, life: Life = {}): Record<string, number> {
  const total = kind.faults.reduce((sum, f) => sum + f.baseRate, 0)
  const known = kind.faults.reduce((sum, f) => sum + (counts[f.id] ?? 0), 0)
  return Object.fromEntries(
    kind.faults.map((f) => {
      const learned = (CATALOGUE_CALLS * f.baseRate + (counts[f.id] ?? 0) * total) / (CATALOGUE_CALLS + known)
      return [f.id, learned * (f.wears ?? []).reduce((k, w) => k * wearFactor(w, life), 1)]
    }),
  )
}

/** How much likelier wear makes a fault; common practice, no source. */
function wearFactor(wear: Wear, life: Life): number {
  switch (wear) {
    case 'age':
      return life.years === undefined ? 1 : Math.max(0.7, Math.min(2.2, 0.7 + life.years / 12))
    case 'starts':
      return life.heavyDuty ? 1.7 : 1
    case 'sand':
      return life.sandyWater ? 2 : 1
    case 'damp':
      return life.dampPlace ? 1.7 : 1
  }
}

/** How a shop's rates differ from the catalogue, most changed first, for showing. */
export function rateChanges(
  kind: SystemKind,
  counts: FaultCounts,
): readonly {
  readonly fault: string
  readonly label: string
  readonly seen: number
  readonly before: number
  readonly after: number
}[] {
  const rates = learnRates(kind, counts)
  const total = kind.faults.reduce((sum, f) => sum + f.baseRate, 0)
  const learned = Object.values(rates).reduce((a, b) => a + b, 0)
  return kind.faults
    .map(f => ({
      fault: f.id,
      label: f.name,
      seen: counts[f.id] ?? 0,
      before: f.baseRate / total,
      after: entryOf(rates, f.id) / learned,
    }))
    .filter(r => r.seen > 0)
    .toSorted((a, b) => b.seen - a.seen || b.after - a.after)
}
