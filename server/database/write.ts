/** Writing: all of it or nothing, tried again while someone else holds the lock. */
import { setTimeout as wait } from 'node:timers/promises'
import type { BatchItem } from 'drizzle-orm/batch'
import type { Database } from './types'
import { BookGone, demandInPlace } from './inPlace'
import { reconnect } from './pragmas'
import { inTurn } from './precedence'

export type Work = BatchItem<'sqlite'>

/** Waits between tries, ms: some ten seconds in all, while other requests go on. */
const WAITS = [20, 50, 100, 200, 400, 800, 1600, 3200, 3200]

export async function write(db: Database, work: readonly Work[]): Promise<void> {
  const [first, ...rest] = work
  if (!first) return
  for (let attempt = 0; ; attempt++) {
    try {
      demandInPlace(db)
      await inTurn(() => db.batch([first, ...rest]))
      // what was written into a file that is gone is not kept
      demandInPlace(db)
      return
    }
    catch (error) {
      if (error instanceof BookGone) throw error
      await reconnect(db.$client)
      const pause = WAITS[attempt]
      if (pause === undefined || !isBusy(error)) throw error
      await wait(pause)
    }
  }
}

/** Whether the trouble is only that someone else holds the lock. */
export const isBusy = (error: unknown): boolean => /SQLITE_BUSY|database is locked/i.test(textOf(error))

/** An error with its causes, as one text. */
export const textOf = (error: unknown): string =>
  error instanceof Error ? `${(error as { code?: string }).code ?? ''} ${error.message} ${textOf(error.cause)}` : ''
