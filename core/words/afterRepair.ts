/** Whether what was put right was all. */
import type { AfterRepair } from '#core/isolation'

/** chance that something more is wrong from which it is worth a word */
const DOUBT = 0.05
const LIKELY = 0.5

/** Whether what was put right was all, in a sentence; nothing where the lines leave no doubt. */
export function sayAfterRepair(after: AfterRepair | undefined): string | undefined {
  if (!after?.left[0] || 1 - after.restored < DOUBT) return undefined
  const what = after.left
    .slice(0, 2)
    .map(l => l.label.toLowerCase())
    .join(', or ')
  const chance = Math.min(99, Math.round((1 - after.restored) * 100))
  return 1 - after.restored > LIKELY
    ? `By the lines something is still wrong: ${what}.`
    : `Perhaps not the only fault, ${chance} in 100 by the lines: ${what}.`
}
