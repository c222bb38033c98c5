/** Lists that have a first, and what is looked up by its place. */

/** A list that is never empty. */
export type NonEmpty<T> = readonly [T, ...T[]]

export const isNonEmpty = <T>(list: readonly T[]): list is NonEmpty<T> => list.length > 0

/** @returns as many as there were, each made into something else */
export function mapEach<T, U>([first, ...others]: NonEmpty<T>, made: (item: T, i: number) => U): NonEmpty<U> {
  return [made(first, 0), ...others.map((item, i) => made(item, i + 1))]
}

/**
 * What stands at a place that is known to be there.
 * @param what named where it is not: `there is no hypothesis 812`
 * @throws where nothing stands there
 */
export function itemAt<T>(list: readonly T[], i: number, what: string): T {
  const item = list[i]
  if (item === undefined) throw new Error(`there is no ${what} ${i}`)
  return item
}

/**
 * Rows by what they have in common, in the order they came.
 * @param of what a row is kept under; under each where it has several
 */
export function groupBy<R>(
  rows: readonly R[], of: (row: R) => string | readonly string[],
): ReadonlyMap<string, NonEmpty<R>> {
  const groups = new Map<string, [R, ...R[]]>()
  for (const row of rows)
    for (const key of [of(row)].flat()) {
      const group = groups.get(key)
      if (group) group.push(row)
      else groups.set(key, [row])
    }
  return groups
}
