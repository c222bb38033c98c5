import { useStorage } from 'nitropack/runtime'
import { driverFor, type FileStore } from './files'
import { openDatabase, type OpenedDatabase } from './open'

const url = () => process.env.DATABASE_URL || 'file:data/keep-tab.db'
let opened: Promise<OpenedDatabase> | undefined
let mounted = false

/** The server's one database: DATABASE_URL, or data/keep-tab.db under the working folder. */
export function useOpenedDatabase(): Promise<OpenedDatabase> {
  return opened ??= openDatabase(url(), useFiles(), process.env.DATABASE_TOKEN)
}

/** The framework's storage, with pictures where the configuration has them (files.ts). */
export function useFiles(): FileStore {
  if (!mounted) useStorage().mount('attachments', driverFor(url()))
  mounted = true
  return useStorage('attachments')
}
