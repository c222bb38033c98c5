/** Rows by what they have in common, in the order they came. */
export function groupBy<R>(rows: readonly R[], of: (row: R) => string): ReadonlyMap<string, readonly R[]> {
  const groups = new Map<string, R[]>()
  for (const row of rows) {
    const group = groups.get(of(row))
    if (group) group.push(row)
    else groups.set(of(row), [row])
  }
  return groups
}
