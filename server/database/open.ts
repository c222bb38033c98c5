/**
 * Opens the database and brings it up to date. A local file runs in write-ahead mode with full synchronisation, so
 * that an acknowledged line survives the process and the power; a remote libSQL URL is left to its server.
 *
 * A local file is used over one connection: all its calls are synchronous, so that more would not be faster, and what
 * is set once holds for every query (pragmas.ts).
 */
import { existsSync, mkdirSync, readFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { createClient, type Client } from '@libsql/client'
import { drizzle } from 'drizzle-orm/libsql'
import { migrate } from 'drizzle-orm/libsql/migrator'
import { linkOldLines } from './chain'
import { fillDerived } from './fill'
import type { FileStore } from './files'
import { notePlace } from './inPlace'
import { setPragmas } from './pragmas'
import * as schema from './schema'
import type { Database, OpenedDatabase } from './types'
import { readVersion1 } from './version1'

export type { Database, OpenedDatabase }

/**
 * How long one call waits for a lock before it is tried again, ms: a call that waits lets nothing else run
 * (write.ts).
 */
const LOCK_WAIT = 250

/**
 * @param url a `file:` URL or a remote libSQL URL;
 * @param files where pictures are kept;
 * @param token for a remote one
 */
export async function openDatabase(url: string, files: FileStore, token?: string): Promise<OpenedDatabase> {
  const local = url.startsWith('file:')
  if (local) mkdirSync(dirname(url.slice('file:'.length)) || '.', { recursive: true })
  const client = createClient({
    url,
    ...(local ? { timeout: LOCK_WAIT, concurrency: 1 } : {}),
    ...(token ? { authToken: token } : {}),
  })
  if (local) await setPragmas(client)
  const db = drizzle(client, { schema })
  const migrations = findMigrations()
  await refuseNewer(client, migrations)
  await migrate(db, { migrationsFolder: migrations })
  await readVersion1(db, files)
  await linkOldLines(db)
  await fillDerived(db)
  notePlace(db, url)
  return { db, client, url }
}

/** A book that a newer program has brought further is left as it is. */
async function refuseNewer(client: Client, folder: string) {
  const { entries } = JSON.parse(readFileSync(join(folder, 'meta/_journal.json'), 'utf8')) as {
    readonly entries: readonly { readonly when: number }[]
  }
  const known = Math.max(...entries.map(e => e.when))
  const { rows } = await client.execute(
    'SELECT name FROM sqlite_master WHERE type = \'table\' AND name = \'__drizzle_migrations\'',
  )
  if (rows.length === 0) return
  const last = await client.execute('SELECT max(created_at) FROM __drizzle_migrations')
  if (Number(last.rows[0]?.[0] ?? 0) > known)
    throw new Error('the book was last opened by a newer Keep Tab: update this one first; nothing was changed')
}

/** Beside this file in the source; beside the server's entry in the build. */
function findMigrations(): string {
  let folder = dirname(fileURLToPath(import.meta.url))
  for (let up = 0; up < 6; up++) {
    for (const tried of [join(folder, 'migrations'), join(folder, 'database/migrations')])
      if (existsSync(join(tried, 'meta/_journal.json'))) return tried
    folder = dirname(folder)
  }
  throw new Error('the database migrations are missing from this build')
}
