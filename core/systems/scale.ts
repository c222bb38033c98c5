/**
 * Severity as a scale. A fault's degrees are points on it; each stands for the stretch up to half way to its
 * neighbours, the slightest up to half way to a sound part. What a test reads under a degree is then spread over what
 * it would read along that stretch, so that a slight and a gross case, and one between two points, find their fault:
 *   centre = m + (up − down) / 2,  σ² = σ₀² + (up + down)² / 12   (a uniform stretch from m − down to m + up)
 * Degrees that say where (leg 1, leg 2) are no scale: they change other figures.
 */
import type { Figures } from './figures'
import type { FaultMode, Prediction } from './types'

/** Whether the degrees of a fault change the same figures, more or less of them. */
export function isScale({ severities }: FaultMode, healthy: Figures): boolean {
  if (severities.length < 2) return false
  const keys = severities.map(s => Object.keys(s.change(healthy)).toSorted().join())
  return keys.every(k => k === keys[0])
}

/**
 * @param own what the degree reads by itself
 * @param milder the degree before it, or the sound system for the first
 * @param graver the degree after it; nothing for the last, which reaches as far as it does towards the milder
 */
export function stretch(own: Prediction, milder: Prediction, graver: Prediction | undefined): Prediction {
  if (own.or || own.ol > MOSTLY_OPEN) return own
  const half = (other: Prediction | undefined): number | undefined =>
    other && !other.or && other.log === own.log && other.ol <= MOSTLY_OPEN ? (other.mean - own.mean) / 2 : undefined
  const toMilder = half(milder)
  const toGraver = half(graver) ?? (toMilder === undefined ? undefined : -toMilder)
  const ends = [toMilder ?? 0, toGraver ?? 0]
  const [down, up] = [Math.min(0, ...ends), Math.max(0, ...ends)]
  const width = up - down
  // where it hardly matters the prediction stays the one that others share
  if (width < LITTLE * own.sigma) return own
  return { ...own, mean: own.mean + (up + down) / 2, sigma: Math.hypot(own.sigma, width / Math.sqrt(12)) }
}

const MOSTLY_OPEN = 0.5
/** Of its own spread, so little along a stretch moves nothing. */
const LITTLE = 0.3
