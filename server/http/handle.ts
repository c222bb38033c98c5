/** What every handler does the same way: the database in, a schema at the door, a refusal out as code and facts. */
import type { H3Event } from 'h3'
import type { z } from 'zod'
import type { Database } from '../database/open'
import { useOpenedDatabase } from '../database/use'
import { nameDatabaseError, Refusal } from '../services/problems'

export function handle<T>(answer: (db: Database, event: H3Event) => Promise<T>) {
  return defineEventHandler(async (event) => {
    try {
      return await answer((await useOpenedDatabase()).db, event)
    }
    catch (error) {
      const refusal = error instanceof Refusal ? error : nameDatabaseError(error)
      if (!refusal) throw error
      setResponseStatus(event, refusal.status)
      return refusal.problem
    }
  })
}

export async function readBodyAs<S extends z.ZodType>(event: H3Event, schema: S): Promise<z.infer<S>> {
  const parsed = schema.safeParse(await readBody(event).catch(() => undefined))
  if (parsed.success) return parsed.data
  const issue = parsed.error.issues[0]
  throw new Refusal(400, { code: 'bad-request', facts: { place: issue?.path.join(' › ') || 'the request', why: issue?.message ?? 'unreadable' } })
}

export const idOf = (event: H3Event) => getRouterParam(event, 'id') ?? ''
export const todayOf = (event: H3Event) => {
  const asked = getQuery(event).today
  return typeof asked === 'string' && /^\d{4}-\d\d-\d\d$/.test(asked) ? asked : (process.env.KEEP_TAB_NOW ?? new Date().toISOString()).slice(0, 10)
}
