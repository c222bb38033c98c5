/**
 * Opens the database and brings it up to date. A local file runs in write-ahead mode with full synchronisation, so that an
 * acknowledged line survives the process and the power; a remote libSQL URL is left to its server.
 */
import { existsSync, mkdirSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { createClient, type Client } from '@libsql/client'
import { drizzle, type LibSQLDatabase } from 'drizzle-orm/libsql'
import { migrate } from 'drizzle-orm/libsql/migrator'
import * as schema from './schema'

export type Database = LibSQLDatabase<typeof schema>
export interface OpenedDatabase { readonly db: Database, readonly client: Client, readonly url: string }

/** @param url a `file:` URL or a remote libSQL URL; @param token for a remote one */
export async function openDatabase(url: string, token?: string): Promise<OpenedDatabase> {
  const local = url.startsWith('file:')
  if (local) mkdirSync(dirname(url.slice('file:'.length)) || '.', { recursive: true })
  const client = createClient({ url, ...(token ? { authToken: token } : {}) })
  if (local) for (const pragma of ['journal_mode = WAL', 'synchronous = FULL', 'busy_timeout = 5000', 'foreign_keys = ON', 'recursive_triggers = ON']) await client.execute(`PRAGMA ${pragma}`)
  const db = drizzle(client, { schema })
  await migrate(db, { migrationsFolder: findMigrations() })
  return { db, client, url }
}

/** Beside this file in the source; beside the server's entry in the build. */
function findMigrations(): string {
  let folder = dirname(fileURLToPath(import.meta.url))
  for (let up = 0; up < 6; up++) {
    for (const tried of [join(folder, 'migrations'), join(folder, 'database/migrations')]) if (existsSync(join(tried, 'meta/_journal.json'))) return tried
    folder = dirname(folder)
  }
  throw new Error('the database migrations are missing from this build')
}
