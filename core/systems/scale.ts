/**
 * Severity as a scale. A fault's degrees are points on it; each stands for the stretch up to half way to its
 * neighbours, the slightest a quarter of the way to a sound part. What a test reads under a degree is then spread
 * over what it would read along that stretch, so that a slight and a gross case, and one between two points, find
 * their fault:
 *   centre = m + (up − down) / 2,  σ² = σ₀² + (up + down)² / 12   (a uniform stretch from m − down to m + up)
 * Degrees that say where (leg 1, leg 2) are no scale: they change other figures.
 */
import { itemAt } from '#core/foundation'
import type { FigureKey, Figures } from './figures'
import { OPEN } from './power/resistances'
import type { FaultMode } from './faultTypes'
import type { Prediction } from './testTypes'

/**
 * Which degrees of a fault lie along one scale: they change the same figures the same way, more or less. A fault that
 * may sit in several places has a scale for each. What stands open altogether is no longer on it: between ohms and
 * none there is no half way; nor is a winding that has burnt together.
 */
export function scalesOf({ severities }: FaultMode, healthy: Figures): readonly (readonly number[])[] {
  const along = new Map<string, { readonly place: number, readonly far: number }[]>()
  for (const [place, severity] of severities.entries()) {
    const change = Object.entries(severity.change(healthy)).toSorted(([a], [b]) => (a < b ? -1 : 1))
    if (change.some(([key, v]) => isOffScale(key, v))) continue
    const moved = change.map(([key, v]) => ({ key, by: v - (healthy[key as FigureKey] ?? 0) }))
    const scale = moved.map(m => `${m.key}${Math.sign(m.by)}`).join()
    along.set(scale, [...(along.get(scale) ?? []), { place, far: Math.abs(moved[0]?.by ?? 0) }])
  }
  return [...along.values()].flatMap(s => (s.length > 1 ? [s.toSorted((a, b) => a.far - b.far).map(p => p.place)] : []))
}

/** Turns of a winding that still short one after another: more of them at once is the whole winding burnt. */
const SHORT_BY_TURNS = 0.5

function isOffScale(key: string, value: number): boolean {
  // of the one pump or of the other
  const figure = key.slice(key.indexOf(':') + 1)
  // which lead lies where is no more or less
  if (value >= OPEN || figure === 'cable.swap') return true
  return figure === 'motor.shorted' ? value > SHORT_BY_TURNS : figure.startsWith('motor.left') && value < SHORT_BY_TURNS
}

/**
 * @param readings what each degree reads by itself, in their order
 * @param at which of them is asked for
 * @param sound what a sound system reads: the end of the scale nearer to it reaches a quarter of the way to it
 * @param ends whether the system does another thing altogether under a degree: the scale ends before it, as far beyond
 * this one as half way to a sound system
 */
export function stretch(
  readings: readonly Prediction[],
  at: number,
  sound: Prediction,
  ends: (degree: number) => boolean = () => false,
): Prediction {
  const own = itemAt(readings, at, 'reading')
  if (own.ol > MOSTLY_OPEN || (own === sound && isAllOne(readings, own))) return own
  const half = (other: Prediction | undefined): number | undefined =>
    other && other.log === own.log && other.ol <= MOSTLY_OPEN ? (other.mean - own.mean) / 2 : undefined
  const from = (p: Prediction | undefined) => (p && p.log === sound.log ? Math.abs(p.mean - sound.mean) : Infinity)
  const mildest = from(readings[0]) <= from(readings.at(-1)) ? 0 : readings.length - 1
  const beside = (n: number) => (readings[n] && ends(n) ? mirrored(half(sound)) : half(readings[n]))
  const before = beside(at - 1)
  const after = beside(at + 1)
  const inner = before ?? after
  // the last of a scale reaches as far outwards as it does inwards
  // a slight case of it is still a case: towards a sound part it reaches half as far
  const towardsSound = half(sound)
  const outer = at === mildest && towardsSound !== undefined ? towardsSound / 2 : undefined
  const [a, b] = [before ?? 0, after ?? 0]
  const c = outer ?? (inner !== undefined && (at === 0 || at === readings.length - 1) ? -inner : 0)
  const down = Math.min(0, a, b, c)
  const up = Math.max(0, a, b, c)
  const width = up - down
  // where it hardly matters the prediction stays the one that others share
  if (width < LITTLE * own.sigma) return own
  return { ...own, mean: own.mean + (up + down) / 2, sigma: Math.sqrt(own.sigma ** 2 + width ** 2 / 12) }
}

const mirrored = (by: number | undefined) => (by === undefined ? undefined : -by)

const isAllOne = (readings: readonly Prediction[], one: Prediction) => {
  for (let i = 0; i < readings.length; i++) if (readings[i] !== one) return false
  return true
}

const MOSTLY_OPEN = 0.5
/** Of its own spread, so little along a stretch moves nothing. */
const LITTLE = 0.3
