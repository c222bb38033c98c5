/**
 * What a system will do as it now stands: run and rest over what is drawn, starts a day by how it is used, what a
 * larger tank or a wider setting would make of it. Water by the tank (Boyle, core/flow), air by the receiver:
 * free air between two pressures = V·ΔP/Pa. Pressures in pascals, volumes in m³, flows in m³/s, times in seconds.
 */
import { itemAt } from '#core/foundation'
import { cycleOf, drawdown } from '#core/flow'
import { GALLON, PSI } from '#core/units'

/** What gives between two pressures, and what fills it. */
export interface Store {
  readonly medium: 'water' | 'air'
  readonly volume: number
  readonly precharge: number
  readonly airPressure: number
  readonly cutIn: number
  readonly cutOut: number
  /** m³/s of water, or of free air */
  readonly pumpFlow: number
}

export interface Cycling {
  readonly draw: number
  readonly run: number
  readonly rest: number
  readonly startsAnHour: number
}

export const PROFILES = ['household', 'farm', 'shop'] as const
export type Profile = (typeof PROFILES)[number]

export interface Foreseen {
  readonly cycling: readonly Cycling[]
  /** at half of what the pump gives, where it starts most often */
  readonly half: Cycling
  readonly profiles: readonly { readonly profile: Profile, readonly startsADay: number }[]
  /** starts a day that a motor of its size bears */
  readonly bears: number
  /** seconds that it should run once started */
  readonly leastRun: number
  /** the smallest usual tank that lets it run so long; nothing where it does */
  readonly larger?: Instead
  /** the same tank with 10 psi more between the two settings; nothing where something forbids it */
  readonly wider?: Instead & { readonly cutOut: number }
}
export interface Instead {
  readonly volume: number
  readonly half: Cycling
  readonly startsADay: number
}

/** What is drawn in a day, m³: 300 gal by a household, 2,000 by a small farm; common practice, no source. */
const WATER_A_DAY = { household: 300 * GALLON, farm: 2000 * GALLON } as const
/** A shop draws three tenths of what its compressor gives, eight hours of the day; common practice, no source. */
const SHOP = { share: 0.3, seconds: 8 * 3600 } as const
/** Tanks and receivers as they are sold, gal; common practice, no source. */
const SOLD = [20, 32, 44, 62, 86, 119, 2 * 86, 2 * 119] as const
const SHARES = [0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9] as const
const WIDER = 10 * PSI

/** Water, or free air, given between cut-out and cut-in, m³. */
export function given({ medium, volume, precharge, airPressure, cutIn, cutOut }: Store): number {
  return medium === 'air'
    ? (volume * Math.max(0, cutOut - cutIn)) / airPressure
    : drawdown({ volume, precharge, airPressure }, { cutIn, cutOut })
}

/** Run and rest at a draw; at or over what the pump gives it never stops (infinite run). */
export function cyclingAt(store: Store, draw: number): Cycling {
  const { run, rest } = cycleOf(given(store), store.pumpFlow, draw)
  return { draw, run, rest, startsAnHour: 3600 / (run + rest) }
}

/** @param most the highest cut-out that pump, plate and relief allow, Pa */
export function foresee(store: Store, bears: number, leastRun: number, most: number): Foreseen {
  const half = halfDrawn(store)
  const larger = half.run >= leastRun ? undefined : largerFor(store, leastRun)
  const cutOut = store.cutOut + WIDER
  return {
    cycling: SHARES.map(share => cyclingAt(store, share * store.pumpFlow)),
    half,
    profiles: profilesOf(store),
    bears,
    leastRun,
    ...(larger ? { larger } : {}),
    ...(cutOut <= most ? { wider: { ...insteadOf({ ...store, cutOut }), cutOut } } : {}),
  }
}

const halfDrawn = (store: Store) => cyclingAt(store, 0.5 * store.pumpFlow)

function profilesOf(store: Store): Foreseen['profiles'] {
  if (store.medium === 'air') {
    const { startsAnHour } = cyclingAt(store, SHOP.share * store.pumpFlow)
    return [{ profile: 'shop', startsADay: (startsAnHour * SHOP.seconds) / 3600 }]
  }
  return (['household', 'farm'] as const).map(profile => ({
    profile, startsADay: startsFor(store, WATER_A_DAY[profile]),
  }))
}

/** Half drawn as it runs, a cycle gives twice what the tank holds between the two. */
const startsFor = (store: Store, aDay: number) => aDay / (halfDrawn(store).run * store.pumpFlow)

function largerFor(store: Store, leastRun: number): Instead | undefined {
  const volume = SOLD.map(gallons => gallons * GALLON)
    .find(v => v > store.volume && halfDrawn({ ...store, volume: v }).run >= leastRun)
  return volume === undefined ? undefined : insteadOf({ ...store, volume })
}

const insteadOf = (store: Store): Instead => ({
  volume: store.volume, half: halfDrawn(store), startsADay: itemAt(profilesOf(store), 0, 'profilesOfstore').startsADay,
})
