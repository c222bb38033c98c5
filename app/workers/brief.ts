/** A tab in one row of the day: who is suspected, what is next, and the minutes that are left of each part of it. */
import type { PhaseMinutes } from '#core/books'
import type { Isolation } from '#core/isolation'
import type { Plan } from '#core/plan'

export interface Brief {
  readonly suspects: readonly { readonly name: string, readonly chance: number }[]
  readonly next: string
  readonly found: boolean
  /** nothing where the engine cannot tell yet */
  readonly minutes: Partial<PhaseMinutes>
}

/** More than this the doubt left is no measure of; judgement. */
const MOST_ISOLATING = 90

/** The doubt that is left, by what the next test tells in its minutes; the plan's own minutes once there is one. */
export function briefOf({ suspects, next }: Isolation, { repairs, stations, next: step }: Plan): Brief {
  const doubt = suspects.reduce((sum, s) => sum - (s.chance > 0 ? s.chance * Math.log2(s.chance) : 0), 0)
  const [test] = next
  const found = repairs.length > 0
  const minutesAt = (of: readonly string[]) => stations.filter(s => of.includes(s.station))
    .flatMap(s => s.steps).reduce((sum, s) => sum + (s.standing === 'done' ? 0 : s.minutes), 0)
  return {
    suspects: suspects.slice(0, 3).map(s => ({ name: s.label, chance: s.chance })),
    next: found ? (step?.title ?? '') : (test?.title ?? ''),
    found,
    minutes: found
      ? { isolate: 0, mend: minutesAt(['put-right', 'wire']), prove: minutesAt(['set-up', 'prove', 'settle']) }
      : test && test.bits > 0 ? { isolate: Math.min(MOST_ISOLATING, (doubt / test.bits) * test.minutes) } : {},
  }
}
