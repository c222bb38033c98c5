/**
 * Systems made ready, kept as the product keeps them: the same kind, plate and practice are the same tables for
 * every test file of a run.
 */
import type { Result } from '#core/foundation'
import { prepareSystem, type Tables } from '#core/isolation'

/** Each takes some 6 MB. */
const MOST = 64
const kept = new Map<string, Result<Tables>>()

/** @see prepareSystem */
export const prepareKept: typeof prepareSystem = (...asked) => {
  const key = JSON.stringify(asked)
  const made = kept.get(key) ?? prepareSystem(...asked)
  kept.delete(key)
  kept.set(key, made)
  if (kept.size > MOST) kept.delete(kept.keys().next().value!)
  return made as ReturnType<typeof prepareSystem>
}
