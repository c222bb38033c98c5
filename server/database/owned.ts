import { ne } from 'drizzle-orm'
import { people } from './schema'
import type { Database } from './types'

/** Whether nobody has joined yet. */
export const isUnowned = async (db: Database): Promise<boolean> =>
  (await db.select({ id: people.id }).from(people).where(ne(people.secret, '')).limit(1)).length === 0
