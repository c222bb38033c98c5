/** The slips of meter and eye: how often, and what is said instead. */
import type { Random } from '#core/foundation'
import type { NumericTest } from '#core/systems'

export const GROSS = 0.02

/** Gross misreadings: a slipped prefix, OL for nought, the wrong range, nothing at all. */
export function misread(test: NumericTest, value: number | null, random: Random): number | null {
  if (random.uniform() >= GROSS) return value
  const kind = random.below(4)
  if (value === null) return kind < 2 ? 0 : 1.5
  if (kind === 0) return test.quantity === 'ohms' ? null : 0
  if (kind === 1) return value * 1000
  if (kind === 2) return value / 1000
  return value * (0.3 + 1.4 * random.uniform())
}
