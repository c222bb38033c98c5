/**
 * Lines that another process has added to the same file: told to those who watch here. SQLite's data_version changes
 * with every commit that is not this connection's own.
 */
import { asc, gt, max } from 'drizzle-orm'
import { LEDGER } from '#core/ledger'
import { ledger, lines } from '../database/schema'
import type { Database } from '../database/types'
import { announce, isWatched } from './watch'

export const LOOK_EVERY = 500

export function createOthers(db: Database) {
  let version: number | undefined
  let last: number | undefined
  let lastOfLedger: number | undefined

  /** Asked again and again: tells what came since it was asked last. */
  return async () => {
    if (!isWatched()) {
      version = undefined
      return
    }
    const now = await versionOf(db)
    if (version === undefined) {
      const [top] = await db.select({ seq: max(lines.seq) }).from(lines)
      last = top?.seq ?? 0
      lastOfLedger = await endOfLedger(db)
    }
    else if (now !== version) {
      const fresh = await db.select({ seq: lines.seq, id: lines.id, tab: lines.tab }).from(lines)
        .where(gt(lines.seq, last ?? 0)).orderBy(asc(lines.seq))
      for (const tab of new Set(fresh.map(f => f.tab)))
        announce(tab, fresh.filter(f => f.tab === tab).map(f => f.id))
      last = fresh.at(-1)?.seq ?? last
      const end = await endOfLedger(db)
      if (end !== lastOfLedger) announce(LEDGER, [])
      lastOfLedger = end
    }
    version = now
  }
}

/** Changes with what others write: of a file its own count of commits, of a server what was kept last. */
async function versionOf(db: Database): Promise<number> {
  if (db.$client.protocol === 'file') return Number((await db.$client.execute('PRAGMA data_version')).rows[0]?.[0])
  const [top] = await db.select({ seq: max(lines.seq) }).from(lines)
  return (top?.seq ?? 0) + (await endOfLedger(db))
}

const endOfLedger = async (db: Database) =>
  (await db.select({ seq: max(ledger.seq) }).from(ledger))[0]?.seq ?? 0
