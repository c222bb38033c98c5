/** A refusal that a service makes: a code and facts, turned into an answer by the handler and a sentence by the app. */
import type { Problem } from '#core/foundation'
import { BookGone } from '../database/inPlace'
import { isBusy, textOf } from '../database/write'

export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly problem: Problem,
    options?: ErrorOptions,
  ) {
    super(problem.code, options)
  }
}

export const notFound = (what: string) => new Refusal(404, { code: 'not-found', facts: { what } })

/** What went wrong underneath, where it has a name of its own. */
export function nameDatabaseError(error: unknown): Refusal | undefined {
  const text = textOf(error)
  if (isBusy(error)) return new Refusal(503, { code: 'busy', facts: {} }, { cause: error })
  if (error instanceof BookGone) return new Refusal(503, { code: 'book-gone', facts: {} }, { cause: error })
  if (/SQLITE_READONLY|readonly database/i.test(text))
    return new Refusal(503, { code: 'read-only', facts: {} }, { cause: error })
  if (/SQLITE_FULL|disk is full|SQLITE_IOERR|ENOSPC/i.test(text))
    return new Refusal(507, { code: 'disk-full', facts: {} }, { cause: error })
  if (/number is taken|UNIQUE constraint/i.test(text))
    return new Refusal(409, { code: 'id-taken', facts: { what: 'line' } }, { cause: error })
  return undefined
}
