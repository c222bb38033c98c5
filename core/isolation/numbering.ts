/** Numbers things from nought in the order in which they are first asked for, so that sums of them stand in a row. */
export interface Numbers<T> {
  of(thing: T): number
  all(): readonly T[]
}

export function numbersOf<T>(): Numbers<T> {
  const known = new Map<T, number>()
  return {
    of(thing) {
      const number = known.get(thing) ?? known.size
      known.set(thing, number)
      return number
    },
    all: () => [...known.keys()],
  }
}
