/**
 * Hypotheses gathered by what would be done about them: what matters is not which fault it is but which repair it
 * needs. Information counts over these groups, so no minutes are spent on telling apart what one repair puts right.
 */
import { addAt, figureAt, placeAt } from '#core/foundation'
import type { Hypothesis, SystemModel } from '#core/systems'
import { failedIn, faultsOf } from './hypothesis'

export interface Groups {
  readonly of: Int32Array
  readonly count: number
  /** repairs of each group; none for nothing wrong and something else */
  readonly repairs: readonly (readonly string[])[]
  /** @throws by its name, of a repair that the kind does not have */
  minutesOf(repair: string): number
}

/**
 * @param repaired what has been put right, whose faults no longer count
 * @param causes whether the causes behind casualties count too: for deciding they do, for choosing tests the casualty
 * comes first
 */
export function groupByRepair(
  model: SystemModel,
  n: number,
  repaired: readonly string[],
  causes = false,
): Groups {
  const known = kept.get(model) ?? new Map<string, Groups>()
  kept.set(model, known)
  const asked = `${n}|${causes}|${repaired.join()}`
  const before = known.get(asked)
  if (before) return before
  if (known.size >= MOST_KEPT) known.clear()
  const fresh = gather(model, n, repaired, causes)
  known.set(asked, fresh)
  return fresh
}

const kept = new WeakMap<SystemModel, Map<string, Groups>>()
const MOST_KEPT = 40

function gather(model: SystemModel, n: number, repaired: readonly string[], causes: boolean): Groups {
  const keys = new Map<string, number>()
  const repairs: (readonly string[])[] = []
  const right = model.putRight(repaired)
  const repairOf = new Map(model.kind.faults.map(f => [f.id, right.has(f) ? undefined : f.repair.id]))
  const wrong = (h: Hypothesis): readonly string[] => {
    // what it let go for is put right: it is still to be put back
    if (h.second && repairOf.get(h.second.fault) === undefined) return faultsOf(h)
    return causes ? wrongIn(model, h) : failedOf(model, h, repairOf)
  }
  const of = Int32Array.from({ length: n }, (_, h) => {
    const hypothesis = model.hypothesis(h)
    const own
      = hypothesis.fault === 'other'
        ? ['?']
        : [...new Set(wrong(hypothesis).flatMap(f => repairOf.get(f) ?? []))].toSorted()
    const key = own.join('|')
    const at = keys.get(key)
    if (at !== undefined) return at
    keys.set(key, keys.size)
    repairs.push(own[0] === '?' ? [] : own)
    return keys.size - 1
  })
  return { of, count: keys.size, repairs, minutesOf: minutesOf(model) }
}

/** All that is wrong; what has only let go is put back along with what it let go for. */
const wrongIn = (model: SystemModel, h: Hypothesis): readonly string[] =>
  h.second?.role === 'cause' ? [...new Set([...failedIn(model, h), h.second.fault])] : faultsOf(h)

/** What has failed: a cause is pursued once its casualty is known, or once the casualty has been put right. */
function failedOf(
  model: SystemModel,
  h: Hypothesis,
  repairOf: ReadonlyMap<string, string | undefined>,
): readonly string[] {
  return h.second?.role === 'cause' && repairOf.get(h.fault) !== undefined ? failedIn(model, h) : faultsOf(h)
}

/** Chance of each repair being needed, summed over the groups that hold it. */
export function repairChances(groups: Groups, sums: Float64Array): Map<string, number> {
  const out = new Map<string, number>()
  groups.repairs.forEach((own, g) => own.forEach(r => out.set(r, (out.get(r) ?? 0) + figureAt(sums, g))))
  return out
}

/** Chance of at least one of some repairs being needed. */
export const chanceOfAny = (groups: Groups, sums: Float64Array, repairs: ReadonlySet<string>): number =>
  groups.repairs.reduce((sum, own, g) => sum + (own.some(r => repairs.has(r)) ? figureAt(sums, g) : 0), 0)

export function sumGroups(groups: Groups, chances: Float64Array): Float64Array {
  const sums = new Float64Array(groups.count)
  for (let h = 0; h < chances.length; h++) addAt(sums, placeAt(groups.of, h), figureAt(chances, h))
  return sums
}

function minutesOf({ kind }: SystemModel) {
  const minutes = new Map(kind.faults.map(f => [f.repair.id, f.repair.minutes]))
  return (repair: string) => {
    const own = minutes.get(repair)
    if (own === undefined) throw new Error(`${kind.id} has no repair ${repair}`)
    return own
  }
}
