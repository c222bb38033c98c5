/** Of a bad joint: how bad it most likely is, and where. */
import { OPEN, sayJoint, type Hypothesis } from '#core/systems'

/** As a bad joint, where that still counts. */
export type LikelyJoint = NonNullable<Hypothesis['joint']> & { readonly chance: number }

/**
 * How bad a joint most likely is: the mean of its ohms by their chances, on a scale of ratios, where it most likely
 * sits. Burnt off is no mean of anything.
 */
export function jointOf(own: readonly LikelyJoint[]): string | undefined {
  const [best] = own.toSorted((a, b) => b.chance - a.chance)
  if (!best || best.ohms >= OPEN) return undefined
  const there = own.filter(j => j.place === best.place && j.ohms < OPEN)
  const total = there.reduce((sum, j) => sum + j.chance, 0)
  const mean = there.reduce((sum, j) => sum + j.chance * Math.log(j.ohms), 0) / total
  return sayJoint(best.place, Math.exp(mean), 'about ')
}
