/** A refusal that a service makes: a code and facts, turned into an answer by the handler and a sentence by the app. */
import type { ProblemReply } from '#contracts'

export class Refusal extends Error {
  constructor(readonly status: number, readonly problem: ProblemReply, options?: ErrorOptions) {
    super(problem.code, options)
  }
}

export const notFound = (what: string) => new Refusal(404, { code: 'not-found', facts: { what } })

/** What went wrong underneath, where it has a name of its own. */
export function nameDatabaseError(error: unknown): Refusal | undefined {
  const text = [error, (error as { cause?: unknown })?.cause].map(e => e instanceof Error ? `${(e as { code?: string }).code ?? ''} ${e.message}` : '').join(' ')
  if (/SQLITE_FULL|disk is full|SQLITE_IOERR|ENOSPC/i.test(text)) return new Refusal(507, { code: 'disk-full', facts: {} }, { cause: error })
  if (/number is taken|UNIQUE constraint/i.test(text)) return new Refusal(409, { code: 'id-taken', facts: { what: 'line' } }, { cause: error })
  return undefined
}
