/** A value or a failure with facts. Expected failures are returned, never thrown. */
export type Result<T, E extends Problem = Problem>
  = { readonly ok: true, readonly value: T } | { readonly ok: false, readonly problem: E }

/** A failure: a `code` from a closed list of its area, and the facts a sentence can be made from. */
export interface Problem {
  readonly code: string
  readonly facts: Readonly<Record<string, string | number>>
}

export const ok = <T>(value: T): Result<T, never> => ({ ok: true, value })

export const fail = <C extends string>(
  code: C,
  facts: Readonly<Record<string, string | number>> = {},
): Result<never, { code: C, facts: typeof facts }> => ({ ok: false, problem: { code, facts } })

/** Unwraps a result that a programmer knows to be good; throws with the facts otherwise. */
export function requireOk<T>(result: Result<T>): T {
  if (result.ok) return result.value
  throw new Error(`${result.problem.code} ${JSON.stringify(result.problem.facts)}`)
}
