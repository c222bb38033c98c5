/**
 * What holds on every connection to a local file. The time-out is the client's own option; foreign keys are on in its
 * build.
 */
import type { Client } from '@libsql/client'

const PRAGMAS = ['journal_mode = WAL', 'synchronous = FULL', 'foreign_keys = ON', 'recursive_triggers = ON']

export async function setPragmas(client: Client): Promise<void> {
  for (const pragma of PRAGMAS) await client.execute(`PRAGMA ${pragma}`)
}

/**
 * A new connection in place of one on which a write failed: the native client leaves the failed statement open there,
 * and every later commit fails on it ("SQL statements in progress").
 */
export async function reconnect(client: Client): Promise<void> {
  if (client.protocol !== 'file') return
  client.reconnect()
  await setPragmas(client)
}

/**
 * What was written goes into the book's own file. A log that stays beside it is part of the book: copied without it
 * the book lacks its last lines, and left behind it would be read into whatever book stands there next.
 */
export const emptyLog = (client: Client) => client.execute('PRAGMA wal_checkpoint(TRUNCATE)')
