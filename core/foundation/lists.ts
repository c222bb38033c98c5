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
 * What a table has under a name that is known to be in it.
 * @throws where the table has no such name
 */
export function entryOf<T>(table: Readonly<Record<string, T>>, name: string): T {
  const entry = table[name]
  if (entry === undefined) throw new Error(`there is no “${name}” in the table`)
  return entry
}

/** Apart, so that what reads a figure is short enough to stand where it is called: it is read by the million. */
function beyond(what: string, i: number, length: number): never {
  throw new RangeError(`there is no ${what} ${i} among ${length}`)
}

/** @throws beyond the end of a list of figures */
export function figureAt(figures: Float64Array, i: number): number {
  return figures[i] ?? beyond('figure', i, figures.length)
}

/** Adds to a figure of a list. @throws beyond its end */
export function addAt(figures: Float64Array, i: number, more: number): void {
  figures[i] = figureAt(figures, i) + more
}

/** @throws beyond the end of a list of places */
export function placeAt(places: Int32Array, i: number): number {
  return places[i] ?? beyond('place', i, places.length)
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
