/**
 * Opens the database and brings it up to date. A local file runs in write-ahead mode with full synchronisation, so
 * that an acknowledged line survives the process and the power; a remote libSQL URL is left to its server.
 *
 * A local file is used over one connection: all its calls are synchronous, so that more would not be faster, and what
 * is set once holds for every query (pragmas.ts).
 */
import { existsSync, mkdirSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { createClient } from '@libsql/client'
import { drizzle } from 'drizzle-orm/libsql'
import { migrate } from 'drizzle-orm/libsql/migrator'
import type { FileStore } from './files'
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
  await migrate(db, { migrationsFolder: findMigrations() })
  await readVersion1(db, files)
  return { db, client, url }
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
