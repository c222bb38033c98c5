/** How a fault is written down in the catalogue. */
import type { Change, FigureKey, Figures } from '../figures'
import { OPEN } from '../power/resistances'
import { componentIdOf, type CauseId, type ComponentId, type FaultId } from '../ids'
import type { Effect, FaultMode, Repair, Severity, Wear } from '../faultTypes'

export interface CauseEntry {
  readonly because: CauseId | FaultId
  readonly why: string
  /** share of the fault's calls where this is still there to be found; a tenth where nothing is said */
  readonly stillThere?: number
}

/** What can have made it and is told where it was found: not weighed with it as a pair. */
export const madeBy = (because: CauseId | FaultId, why: string): CauseEntry => ({ because, why, stillThere: 0 })

export interface FaultEntry {
  readonly id: FaultId
  readonly name: string
  /** share of calls on this kind that end here, before anything is known; common practice, no source */
  readonly baseRate: number
  readonly severities: readonly Severity[]
  /** the effect, where neither the circuit nor the plant shows it */
  readonly effect?: Effect
  readonly repair: Repair
  readonly causes: readonly CauseEntry[]
  readonly settledBy: string
  readonly wears?: readonly Wear[]
  readonly heals?: boolean
  readonly protects?: boolean
  readonly putBack?: boolean
}

export const fault = (entry: FaultEntry): FaultMode => ({
  ...entry,
  component: componentIdOf(entry.id),
})

export type Effects = Change | ((healthy: Figures) => Change)
const changing = (change: Effects) => (typeof change === 'function' ? change : () => change)

/** A fault that comes in one degree only. */
export const always = (change: Effects): readonly Severity[] => [
  { id: 'full', name: '', share: 1, change: changing(change) },
]

export interface DegreeEntry extends Pick<Severity, 'slight'> {
  readonly name: string
  readonly share: number
  readonly change: Effects
}

/** A fault that comes in degrees: what each is called, what share of such faults it stands for, what it changes. */
export const degrees = (...rows: readonly DegreeEntry[]): readonly Severity[] =>
  rows.map(({ change, ...row }, i) => ({ id: String(i + 1), ...row, change: changing(change) }))

export interface JointPlace {
  readonly name: string
  readonly change: (ohms: number) => Effects
}

/** Shares of what the locked motor has, with the share of such joints: the likeliest first. */
export type JointDegrees = readonly (readonly [ofLocked: number, share: number])[]

/**
 * A joint or contact that is as likely bad in each of several places, in several degrees. What is gross to a large
 * motor is slight to a small one: so they are measured by the ohms of the motor at rest.
 */
export const badJoint = (places: readonly JointPlace[], degrees: JointDegrees): readonly Severity[] =>
  degrees.flatMap(([ofLocked, share], degree) =>
    places.map(({ name, change }, i) => ({
      id: String(degree * places.length + i + 1),
      name,
      ohms: (h: Figures) => ohmsOf(h, ofLocked),
      share: share / places.length,
      change: (h: Figures) => changing(change(ohmsOf(h, ofLocked)))(h),
    })))

/** Burnt away altogether it is open. */
const ohmsOf = (h: Figures, ofLocked: number) => Math.min(OPEN, ofLocked * h['motor.locked'])

/** Let go by itself, or switched off by a hand: then nothing made it. */
export const trippedOrOff = (change: Effects): readonly Severity[] => [
  { id: '1', name: 'tripped', share: 0.7, change: changing(change) },
  { id: '2', name: 'switched off', share: 0.3, change: changing(change), alone: true },
]

/** A burnt contact that still makes, by the locked ohms of the motor behind it. */
export const burntContact
  = (key: FigureKey, ofLocked: number) =>
    (healthy: Figures): Change => ({ [key]: ohmsOf(healthy, ofLocked) })

/** So many times what it is in a sound system. */
export const times
  = (key: FigureKey, k: number) =>
    (healthy: Figures): Change => ({ [key]: healthy[key] * k })

export interface RepairEntry extends Omit<Repair, 'part' | 'renews'> {
  readonly part?: string
  readonly renews?: readonly ComponentId[]
}

export const repair = (entry: RepairEntry): Repair => ({ part: '', ...entry })
