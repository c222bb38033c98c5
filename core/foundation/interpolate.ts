/** Straight between known places in their order; before the first and after the last as there. */
export function interpolate(known: readonly (readonly [x: number, y: number])[], x: number): number | undefined {
  const after = known.findIndex(k => k[0] >= x)
  const [a, b] = [known[after - 1], known[after]]
  if (!a || !b) return (b ?? known.at(-1))?.[1]
  return a[1] + ((x - a[0]) / (b[0] - a[0])) * (b[1] - a[1])
}
