/** A value or a failure with facts. Expected failures are returned, never thrown. */
import type { Facts, Problem, ProblemCode } from './problems'

export type Result<T, E extends Problem = Problem>
  = { readonly ok: true, readonly value: T } | { readonly ok: false, readonly problem: E }

export const ok = <T>(value: T): Result<T, never> => ({ ok: true, value })

export const fail = <C extends ProblemCode>(code: C, facts: Facts = {}): Result<never, { code: C, facts: Facts }> =>
  ({ ok: false, problem: { code, facts } })

/** Unwraps a result that a programmer knows to be good; throws with the facts otherwise. */
export function requireOk<T>(result: Result<T>): T {
  if (result.ok) return result.value
  throw new Error(`${result.problem.code} ${JSON.stringify(result.problem.facts)}`)
}
