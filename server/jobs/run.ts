/** What runs beside the requests: by its name, what it is asked and what it answers. */
import type { BooksQuery, BooksReply, SUM_TABLES } from '#contracts'
import type { FileStore } from '../database/files'
import type { Database } from '../database/types'
import { bookKey } from '../services/bookKey'
import { giveOut } from '../services/giveOut'
import { runImport } from '../services/imports'
import { readBooks, tableOf } from '../services/sums'

export interface Jobs {
  import: { readonly asked: { readonly id: string, readonly path: string }, readonly answer: undefined }
  export: {
    readonly asked: { readonly path: string, readonly site?: string | undefined }
    readonly answer: 'json' | 'zip'
  }
  sums: { readonly asked: { readonly of: BooksQuery, readonly today: string }, readonly answer: BooksReply }
  table: {
    readonly asked: {
      readonly of: BooksQuery
      readonly table: (typeof SUM_TABLES)[number]
      readonly today: string
    }
    readonly answer: Awaited<ReturnType<typeof tableOf>>
  }
}
export type JobName = keyof Jobs
export interface Place {
  readonly db: Database
  readonly files: FileStore
  readonly url: string
}

type Runner = { readonly [J in JobName]: (at: Place, asked: Jobs[J]['asked']) => Promise<Jobs[J]['answer']> }
const RUN: Runner = {
  import: ({ db, files }, { id, path }) => runImport(db, files, id, path).then(() => undefined),
  export: ({ db, files, url }, { path, site }) => giveOut(db, files, { key: bookKey(url), path, site }),
  sums: ({ db }, { of, today }) => readBooks(db, of, today),
  table: ({ db }, { of, table, today }) => tableOf(db, table, of, today),
}

export const runJob = <J extends JobName>(job: J, at: Place, asked: Jobs[J]['asked']): Promise<Jobs[J]['answer']> =>
  RUN[job](at, asked)
