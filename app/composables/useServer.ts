/**
 * Asks the server. Only an answer that is this server's counts: one that its schema reads, or a refusal that says it
 * comes from here. A page that stands between, an answer cut off, a redirect, a time-out are troubles that pass.
 */
import type { z } from 'zod'
import { OWN_HEADER, problemReply } from '#contracts'
import { fail, ok, type Problem, type Result } from '#core/foundation'

export interface AskOptions {
  readonly method?: 'GET' | 'POST' | 'PUT' | 'DELETE'
  readonly body?: unknown
  readonly bytes?: Blob
  /** how long the answer may take, ms, where it is a large file */
  readonly patience?: number
}

/** How long an answer may take, ms. */
const PATIENCE = 15000

export async function askServer<S extends z.ZodType>(
  path: string,
  schema: S,
  { method = 'GET', body, bytes, patience = PATIENCE }: AskOptions = {},
): Promise<Result<z.infer<S>>> {
  const answer = await fetchOnce(
    path,
    method,
    bytes ?? (body === undefined ? undefined : JSON.stringify(body)),
    { type: bytes ? 'application/octet-stream' : 'application/json', patience },
  )
  if (!answer) return fail('unreachable')
  const parsed = answer.ok ? schema.safeParse(answer.content) : undefined
  if (parsed?.success) return ok(parsed.data)
  const refusal = problemReply.safeParse(answer.content)
  if (refusal.success && !answer.ok)
    return { ok: false, problem: { code: refusal.data.code, facts: refusal.data.facts } }
  return answer.status >= 500
    ? fail('unreachable', { status: answer.status })
    : fail('torn-reply', { status: answer.status })
}

interface How { readonly type: string, readonly patience: number }
async function fetchOnce(path: string, method: string, body: Blob | string | undefined, { type, patience }: How) {
  try {
    const response = await fetch(path, {
      method,
      redirect: 'manual',
      signal: AbortSignal.timeout(patience),
      headers: {
        ...(method === 'GET' ? {} : { [OWN_HEADER]: '1' }),
        ...(body === undefined ? {} : { 'content-type': type }),
      },
      ...(body === undefined ? {} : { body }),
    })
    return {
      ok: response.ok,
      status: response.status,
      content: (await response.json().catch((): undefined => undefined)) as unknown,
    }
  }
  catch {
    return undefined
  }
}

const PASSING: ReadonlySet<string> = new Set([
  'unreachable', 'torn-reply', 'disk-full', 'busy', 'not-here', 'sign-in-first', 'too-many', 'read-only', 'book-gone',
])

/** A trouble that passes: the same is sent again later. */
export const isPassing = ({ code }: Problem): boolean => PASSING.has(code)
