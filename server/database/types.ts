import type { Client } from '@libsql/client'
import type { LibSQLDatabase } from 'drizzle-orm/libsql'
import type * as schema from './schema'

export type Database = LibSQLDatabase<typeof schema> & { readonly $client: Client }
export interface OpenedDatabase { readonly db: Database, readonly client: Client, readonly url: string }
