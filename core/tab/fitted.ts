/**
 * What is fitted on a system: what was known before there were lines of it, and what its part lines took off and put
 * on since.
 */

export interface FittedPiece {
  readonly component: string
  readonly part: string
  readonly number: string
  readonly fitted: string | null
  readonly removed: string | null
  readonly why: string
}
/** A part line in force, with the fault it was for. */
export interface PartUsed {
  readonly component: string
  readonly off: string
  readonly on: string
  readonly number: string
  readonly why: string
  readonly at: string
}

/** @param known in any order; @param parts of all the system's tabs, struck ones left out */
export function foldFitted(known: readonly FittedPiece[], parts: readonly PartUsed[]): FittedPiece[] {
  const pieces = known.map(p => ({ ...p }))
  for (const { component, off, on, number, why, at } of parts.toSorted(
    (a, b) => Date.parse(a.at) - Date.parse(b.at),
  )) {
    const day = at.slice(0, 10)
    for (const p of pieces)
      if (off && p.component === component && p.part === off && !p.removed && (p.fitted ?? '') <= day)
        Object.assign(p, { removed: day, why })
    // a file may tell of the piece and hold the line that put it on
    const told = pieces.some(p => p.component === component && p.part === on && p.fitted === day)
    if (on && !told) pieces.push({ component, part: on, number, fitted: day, removed: null, why: '' })
  }
  return pieces.toSorted((a, b) => (b.fitted ?? '').localeCompare(a.fitted ?? ''))
}
