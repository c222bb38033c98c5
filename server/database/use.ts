import { openDatabase, type OpenedDatabase } from './open'

let opened: Promise<OpenedDatabase> | undefined

/** The server's one database: DATABASE_URL, or data/keep-tab.db under the working folder. */
export function useOpenedDatabase(): Promise<OpenedDatabase> {
  return opened ??= openDatabase(process.env.DATABASE_URL || 'file:data/keep-tab.db', process.env.DATABASE_TOKEN)
}
