/** What every handler does the same way: the database in, a schema at the door, a refusal out as code and facts. */
import type { H3Event } from 'h3'
import type { z } from 'zod'
import type { Problem } from '#core/foundation'
import type { FileStore } from '../database/files'
import type { Database } from '../database/open'
import { useFiles, useOpenedDatabase } from '../database/use'
import { nameDatabaseError, Refusal } from '../services/problems'

export function handle<T>(answer: (db: Database, event: H3Event, files: FileStore) => Promise<T>) {
  return defineEventHandler(async (event) => {
    try {
      return await answer((await useOpenedDatabase()).db, event, useFiles())
    }
    catch (error) {
      const refusal = error instanceof Refusal ? error : nameDatabaseError(error)
      if (!refusal) throw error
      return refuse(event, refusal.status, refusal.problem)
    }
  })
}

/** A refusal says that it is this server's: a page that stands between may say anything. */
export function refuse(event: H3Event, status: number, problem: Problem) {
  setResponseStatus(event, status)
  return { from: 'keep-tab', ...problem }
}

export async function readBodyAs<S extends z.ZodType>(event: H3Event, schema: S): Promise<z.infer<S>> {
  const parsed = schema.safeParse(await readBody(event).catch(() => undefined))
  if (parsed.success) return parsed.data
  const issue = parsed.error.issues[0]
  throw new Refusal(400, {
    code: 'bad-request',
    facts: { place: issue?.path.join(' › ') || 'the request', why: issue?.message ?? 'unreadable' },
  })
}

export const idOf = (event: H3Event) => getRouterParam(event, 'id') ?? ''
/** A whole number from the address, nought where there is none. */
export const numberOf = (event: H3Event, name: string) => {
  const asked = Number(getQuery(event)[name])
  return Number.isSafeInteger(asked) && asked > 0 ? asked : 0
}
/** The shop's time: KEEP_TAB_NOW lays it to a fixed instant for pictures and tests. */
export const nowOf = () => process.env.KEEP_TAB_NOW ?? new Date().toISOString()
export const todayOf = (event: H3Event) => {
  const asked = getQuery(event).today
  return typeof asked === 'string' && /^\d{4}-\d\d-\d\d$/.test(asked) ? asked : nowOf().slice(0, 10)
}
