/** Asks the server. A refusal or a dead line comes back as a problem with a code; nothing is thrown for either. */
import { fail, ok, type Result } from '#core/foundation'
import type { ProblemReply } from '#contracts'

export interface AskOptions { readonly method?: 'GET' | 'POST' | 'PUT', readonly body?: unknown, readonly text?: string, readonly bytes?: Blob }

export async function askServer<T>(path: string, { method = 'GET', body, text, bytes }: AskOptions = {}): Promise<Result<T>> {
  let response: Response
  try {
    response = await fetch(path, {
      method, signal: AbortSignal.timeout(15000),
      ...(bytes ? { body: bytes, headers: { 'content-type': 'application/octet-stream' } } : body === undefined && text === undefined ? {} : { body: text ?? JSON.stringify(body), headers: { 'content-type': text === undefined ? 'application/json' : 'text/plain' } }),
    })
  }
  catch {
    return fail('unreachable')
  }
  const reply = await response.json().catch(() => undefined) as unknown
  if (response.ok) return ok(reply as T)
  const problem = reply as Partial<ProblemReply> | undefined
  if (problem?.code && typeof problem.code === 'string') return { ok: false, problem: { code: problem.code, facts: problem.facts ?? {} } }
  return response.status >= 500 ? fail('unreachable', { status: response.status }) : fail('bad-request', { place: path, why: `status ${response.status}` })
}
