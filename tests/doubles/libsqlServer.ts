/**
 * A double of a libSQL server, called so: its published protocol (Hrana over HTTP, version 2) in JSON over the native
 * library and one file. Streams are kept by their baton; statements run one after another, as a primary runs them.
 */
import { createServer, type IncomingMessage, type ServerResponse } from 'node:http'
import type { AddressInfo } from 'node:net'
import Sqlite from 'libsql'

interface Value { readonly type: string, readonly value?: unknown, readonly base64?: string }
interface Stmt {
  readonly sql?: string
  readonly sql_id?: number
  readonly args?: readonly Value[]
  readonly named_args?: readonly { readonly name: string, readonly value: Value }[]
  readonly want_rows?: boolean
}
interface Cond { readonly type: string, readonly step?: number, readonly cond?: Cond, readonly conds?: readonly Cond[] }
interface Ask {
  readonly type: string
  readonly sql?: string
  readonly sql_id?: number
  readonly stmt?: Stmt
  readonly batch?: { readonly steps: readonly { readonly stmt: Stmt, readonly condition?: Cond }[] }
}
type Db = InstanceType<typeof Sqlite>

export interface LibsqlDouble {
  readonly url: string
  /** statements that were run */
  readonly ran: string[]
  close(): void
}

export async function openLibsqlServer(file: string): Promise<LibsqlDouble> {
  const ran: string[] = []
  const streams = new Map<string, Stream>()
  let last = 0
  const server = createServer((request, response) => {
    void answer(request, response).catch((error: unknown) => {
      response.writeHead(500).end(JSON.stringify({ message: String(error) }))
    })
  })
  async function answer(request: IncomingMessage, response: ServerResponse) {
    // what it does not speak is said, so that the client asks for the next
    if (request.url !== '/v2/pipeline' && request.url !== '/v2')
      return void response.writeHead(404).end()
    if (request.method === 'GET') return void response.writeHead(200).end()
    let text = ''
    for await (const part of request) text += String(part)
    const { baton, requests } = JSON.parse(text) as { baton: string | null, requests: readonly Ask[] }
    const stream = (baton && streams.get(baton)) || openStream(file, ran)
    if (baton) streams.delete(baton)
    const results = requests.map(ask => stream.run(ask))
    const next = stream.isOpen() ? `baton-${++last}` : null
    if (next) streams.set(next, stream)
    response.writeHead(200, { 'content-type': 'application/json' })
    response.end(JSON.stringify({ baton: next, base_url: null, results }))
  }
  // on a busy machine a socket that is closed for idling is closed under the hand of who uses it
  server.keepAliveTimeout = 60_000
  await new Promise<void>(resolve => server.listen(0, '127.0.0.1', resolve))
  return {
    url: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    ran,
    close: () => {
      server.close()
      server.closeAllConnections()
      for (const s of streams.values()) s.run({ type: 'close' })
    },
  }
}

interface Stream {
  run(ask: Ask): object
  isOpen(): boolean
}
function openStream(file: string, ran: string[]): Stream {
  const db = new Sqlite(file)
  db.pragma('journal_mode = WAL')
  db.pragma('busy_timeout = 2000')
  db.pragma('foreign_keys = ON')
  const texts = new Map<number, string>()
  let open = true
  const sqlOf = ({ sql, sql_id: id }: Pick<Ask, 'sql' | 'sql_id'>) => sql ?? texts.get(id ?? -1) ?? ''
  const ok = (response: object) => ({ type: 'ok', response })
  const execute = (stmt: Stmt) => {
    const sql = sqlOf(stmt)
    ran.push(sql)
    return runOne(db, sql, stmt)
  }
  const perform = (ask: Ask): object => {
    switch (ask.type) {
      case 'execute':
        return ok({ type: 'execute', result: execute(ask.stmt!) })
      case 'batch':
        return ok({ type: 'batch', result: runBatch(db, ask.batch!.steps, execute) })
      case 'sequence':
        db.exec(sqlOf(ask))
        return ok({ type: 'sequence' })
      case 'store_sql':
        texts.set(ask.sql_id!, ask.sql!)
        return ok({ type: 'store_sql' })
      case 'close_sql':
        texts.delete(ask.sql_id!)
        return ok({ type: 'close_sql' })
      case 'get_autocommit':
        return ok({ type: 'get_autocommit', is_autocommit: !db.inTransaction })
      case 'close':
        open = false
        if (db.inTransaction) db.exec('ROLLBACK')
        db.close()
        return ok({ type: 'close' })
      default:
        throw new Error(`the double does not know ${ask.type}`)
    }
  }
  return {
    run: (ask) => {
      try {
        return perform(ask)
      }
      catch (error) {
        return { type: 'error', error: errorOf(error) }
      }
    },
    isOpen: () => open,
  }
}

const errorOf = (error: unknown) => ({
  message: error instanceof Error ? error.message : String(error),
  code: (error as { code?: string }).code ?? 'SQLITE_ERROR',
})

function runOne(db: Db, sql: string, { args = [], named_args: named = [] }: Stmt) {
  const prepared = db.prepare(sql)
  const values = named.length > 0
    ? [Object.fromEntries(named.map(a => [a.name.replace(/^[:@$]/, ''), fromHrana(a.value)]))]
    : args.map(fromHrana)
  if (!prepared.reader) {
    const { changes, lastInsertRowid } = prepared.run(...values)
    return { cols: [], rows: [], affected_row_count: changes, last_insert_rowid: String(lastInsertRowid) }
  }
  prepared.raw(true)
  const rows = prepared.all(...values) as unknown[][]
  const cols = prepared.columns().map(c => ({ name: c.name, decltype: c.type }))
  return { cols, rows: rows.map(r => r.map(toHrana)), affected_row_count: 0, last_insert_rowid: null }
}

/** Steps in their order, each only where its condition holds of those before. */
function runBatch(
  db: Db, steps: readonly { readonly stmt: Stmt, readonly condition?: Cond }[], execute: (stmt: Stmt) => object,
) {
  const results: (object | null)[] = []
  const errors: (object | null)[] = []
  const holds = (cond: Cond): boolean => {
    switch (cond.type) {
      case 'ok': return results[cond.step!] !== null && results[cond.step!] !== undefined
      case 'error': return errors[cond.step!] !== null && errors[cond.step!] !== undefined
      case 'not': return !holds(cond.cond!)
      case 'and': return cond.conds!.every(holds)
      case 'or': return cond.conds!.some(holds)
      default: return !db.inTransaction
    }
  }
  for (const { stmt, condition } of steps) {
    let [result, error]: [object | null, object | null] = [null, null]
    if (!condition || holds(condition)) {
      try {
        result = execute(stmt)
      }
      catch (e) {
        error = errorOf(e)
      }
    }
    results.push(result)
    errors.push(error)
  }
  return { step_results: results, step_errors: errors }
}

function fromHrana({ type, value, base64 }: Value): unknown {
  switch (type) {
    case 'null': return null
    case 'integer': return BigInt(String(value))
    case 'blob': return Buffer.from(base64 ?? '', 'base64')
    default: return value
  }
}
function toHrana(value: unknown): object {
  if (value === null || value === undefined) return { type: 'null' }
  if (typeof value === 'bigint') return { type: 'integer', value: String(value) }
  if (typeof value === 'number')
    return Number.isInteger(value) ? { type: 'integer', value: String(value) } : { type: 'float', value }
  if (typeof value === 'string') return { type: 'text', value }
  return { type: 'blob', base64: Buffer.from(value as Uint8Array).toString('base64') }
}
