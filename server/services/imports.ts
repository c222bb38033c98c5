/**
 * Taking in a file of any size: read as it comes into staging tables that nobody else reads; once all of it is known
 * to be right, put into the book tab by tab. Each tab goes in with the journal that says so, in one transaction: a
 * stop in the middle goes on at the next piece. Cancelled, what went in stays, each tab whole, and the rest never was.
 */
import { randomUUID } from 'node:crypto'
import { createReadStream, existsSync } from 'node:fs'
import { rm } from 'node:fs/promises'
import { setImmediate as turn } from 'node:timers/promises'
import { and, asc, count, eq, inArray, lt, notInArray, or, sql } from 'drizzle-orm'
import type { ImportReply } from '#contracts'
import { readBook, sayingsOf, type BookProblem, type ReadBook, type ReadSite } from '#core/formats'
import type { Saying } from '#core/listening'
import { createPieceReader, type Piece } from '#core/pieces'
import { fail, ok, readProblem, type Result } from '#core/foundation'
import type { FileStore } from '../database/files'
import { imports, staged } from '../database/schema'
import type { Database } from '../database/types'
import { write, type Work } from '../database/write'
import { keepAttachment } from './attachments'
import { auditWork } from './audit'
import { importBook, workOf, type Import } from './books'
import { forgetFold } from './folds'
import { readSayings } from './ledger'
import { nameDatabaseError, notFound, Refusal } from './problems'

type Row = typeof imports.$inferSelect
const NOTHING = { sites: 0, systems: 0, tabs: 0, lines: 0, already: 0, refused: [] }
/** Pieces that are staged at once; names of what stayed out that are kept. */
const [AT_ONCE, MOST_REFUSED] = [50, 200]
const GOING = ['staging', 'applying'] as const
/** Stands before every site: the head, and the ledger in parts. */
const HEAD = -1

export async function beginImport(db: Database, id: string, { layTo, session = '', sender = '' }: Import) {
  await write(db, [db.insert(imports).values({
    id, at: new Date().toISOString(), session, sender, layTo: layTo ?? '', state: 'staging', counts: NOTHING,
  })])
}

export async function readImport(db: Database, id: string): Promise<ImportReply> {
  const [row] = await db.select().from(imports).where(eq(imports.id, id))
  if (!row) throw notFound('import')
  const { state, total, done, counts, problem } = row
  return {
    id, state, total, done, ...counts, refused: [...counts.refused],
    ...(problem ? { problem: readProblem(problem.code, problem.facts) } : {}),
  }
}

/** Stops one that goes on; what is done stays so. */
export async function cancelImport(db: Database, id: string): Promise<ImportReply> {
  await write(db, [db.update(imports).set({ state: 'cancelled' })
    .where(and(eq(imports.id, id), inArray(imports.state, [...GOING])))])
  return readImport(db, id)
}

/** Those that were going on when the server stopped. */
export const unfinishedImports = async (db: Database): Promise<string[]> =>
  (await db.select({ id: imports.id }).from(imports).where(inArray(imports.state, [...GOING])))
    .map(r => r.id)

/** What a stop right at the end of one left in staging. */
export const clearStaged = (db: Database) => write(db, [db.delete(staged).where(notInArray(
  staged.import, db.select({ id: imports.id }).from(imports).where(inArray(imports.state, [...GOING])),
))])

/** How long a run is believed to be at it after it last said so, ms; KEEP_TAB_IMPORT_LEASE has it in seconds. */
export const HELD = 1000 * (Number(process.env.KEEP_TAB_IMPORT_LEASE) || 12)

/** Those that nobody has in hand: who has just begun one is given as long to take it. */
export const leftImports = async (db: Database, now = Date.now()): Promise<string[]> =>
  (await db.select({ id: imports.id }).from(imports).where(and(
    inArray(imports.state, [...GOING]), lt(imports.held, now), lt(imports.at, new Date(now - HELD).toISOString()),
  ))).map(r => r.id)

/** Takes one in hand, or says again that it is. @returns whether it is this run's now, and no other's */
async function hold(db: Database, id: string, holder: string): Promise<boolean> {
  const now = Date.now()
  await write(db, [db.update(imports).set({ holder, held: now + HELD, problem: null }).where(and(
    eq(imports.id, id), inArray(imports.state, [...GOING]), or(eq(imports.holder, holder), lt(imports.held, now)),
  ))])
  return isOurs(await stateOf(db, id), holder)
}
const isOurs = ({ state, holder }: Row, own: string) => holder === own && (GOING as readonly string[]).includes(state)

const stateOf = async (db: Database, id: string): Promise<Row> => {
  const [row] = await db.select().from(imports).where(eq(imports.id, id))
  if (!row) throw notFound('import')
  return row
}

/**
 * Takes in the file at the path, or goes on with it; not where another process has it in hand. The file and what was
 * staged are gone afterwards.
 */
export async function runImport(db: Database, files: FileStore, id: string, path: string): Promise<void> {
  const holder = randomUUID()
  const ended = !(GOING as readonly string[]).includes((await stateOf(db, id)).state)
  if (!ended && !(await hold(db, id, holder))) return
  const beat = setInterval(() => void hold(db, id, holder).catch(() => undefined), HELD / 4)
  try {
    await run(db, files, await stateOf(db, id), path)
  }
  catch (error) {
    await letGo(db, await stateOf(db, id), error)
    throw error
  }
  finally {
    clearInterval(beat)
  }
  if ((await stateOf(db, id)).holder !== holder && !ended) return
  await write(db, [db.delete(staged).where(eq(staged.import, id))])
  await rm(path, { force: true })
}

/** What stopped the run stands beside it until another takes it up; on a disk that is full it may not. */
async function letGo(db: Database, row: Row, error: unknown) {
  const problem = nameDatabaseError(error)?.problem
  if (problem) await write(db, [db.update(imports).set({ problem }).where(own(row))]).catch(() => undefined)
}

async function run(db: Database, files: FileStore, begun: Row, path: string): Promise<void> {
  const { id } = begun
  try {
    // what was not put down whole before a stop cannot be gone on with
    if (begun.state === 'staging' && !existsSync(path))
      throw new Refusal(422, { code: 'not-found', facts: { what: 'file' } })
    if (begun.state === 'staging') {
      const told = await stage(db, files, begun, path)
      if (!told.ok) await end(db, begun, 'failed', told.problem)
    }
    const staging = await stateOf(db, id)
    if (staging.state === 'applying' && isOurs(staging, begun.holder)) await apply(db, staging)
  }
  catch (error) {
    const problem = error instanceof Refusal ? error.problem : tooDeep(error)
    if (!problem) throw error
    await end(db, begun, 'failed', problem)
  }
}

/** Lists in lists in lists: no program writes such a book. */
function tooDeep(error: unknown): BookProblem | undefined {
  if (!(error instanceof RangeError)) return undefined
  return { code: 'not-a-book', facts: { found: 'lists in lists without end' } }
}

/** The run's own row, while it has it in hand. */
const own = ({ id, holder }: Row) =>
  and(eq(imports.id, id), eq(imports.holder, holder), inArray(imports.state, [...GOING]))

const end = (db: Database, row: Row, state: Row['state'], problem?: { code: string, facts: object }) =>
  write(db, [db.update(imports).set({ state, ...(problem ? { problem: problem as Row['problem'] } : {}) })
    .where(own(row))])

/** Everything into the staging tables, then each piece read with what stands over it. */
async function stage(db: Database, files: FileStore, begun: Row, path: string) {
  const { id, layTo, ...from } = begun
  await write(db, [db.delete(staged).where(eq(staged.import, id))])
  const reader = createPieceReader()
  const head: Record<string, unknown> = {}
  let ledger = 0
  const keep = async (told: ReturnType<typeof reader.push>): Promise<BookProblem | undefined> => {
    if (!told.ok) return told.problem
    Object.assign(head, told.value.head)
    for (const [hash, bytes] of told.value.pictures)
      await keepAttachment(db, files, hash, bytes, ` (picture ${hash.slice(0, 12)}… of the file)`)
    const { pieces } = told.value
    for (let i = 0; i < told.value.ledger.length; i += AT_ONCE) {
      const body = { ledger: told.value.ledger.slice(i, i + AT_ONCE) }
      await stagePieces(db, begun, [{ site: HEAD, system: HEAD, tab: ledger++, body }])
    }
    for (let i = 0; i < pieces.length; i += AT_ONCE) await stagePieces(db, begun, pieces.slice(i, i + AT_ONCE))
    return undefined
  }
  for await (const bytes of createReadStream(path) as AsyncIterable<Uint8Array>) {
    const problem = await keep(reader.push(bytes))
    if (problem) return { ok: false as const, problem }
    if (!isOurs(await stateOf(db, id), begun.holder)) return ok(undefined)
    // version 1 is read whole: nobody has written it for long
    if (head.version === 1) return takeWhole(db, files, id, path, { layTo, ...from })
  }
  const problem = await keep(reader.end())
  if (problem) return { ok: false as const, problem }
  const headOnly = readBook(JSON.stringify({ ...head, sites: [] }), layTo || undefined)
  if (!headOnly.ok) return headOnly
  await stagePieces(db, begun, [{ site: HEAD, system: HEAD, tab: HEAD, body: head }])
  const read = await readStaged(db, begun, head)
  if (!read.ok) return read
  await write(db, [db.update(imports).set({ state: 'applying', total: read.value })
    .where(and(own(begun), eq(imports.state, 'staging')))])
  return ok(undefined)
}

async function takeWhole(db: Database, files: FileStore, id: string, path: string, from: Import) {
  const parts: Uint8Array[] = []
  for await (const bytes of createReadStream(path) as AsyncIterable<Uint8Array>) parts.push(bytes)
  const counts = await importBook(db, files, Buffer.concat(parts), from)
  await write(db, [db.update(imports).set({ state: 'done', counts }).where(eq(imports.id, id))])
  return ok(undefined)
}

/** Nothing, once another run has it in hand. */
async function stagePieces(db: Database, begun: Row, pieces: readonly Piece[]) {
  if (pieces.length === 0) return
  const rows = JSON.stringify(pieces.map(p => [p.site, p.system, p.tab, JSON.stringify(p.body)]))
  await write(db, [db.run(sql`INSERT OR REPLACE INTO staged (import, site, system, tab, body)
    SELECT ${begun.id}, value->>0, value->>1, value->>2, value->>3 FROM json_each(${rows})
    WHERE EXISTS (SELECT 1 FROM imports WHERE ${own(begun)})`)])
}

type Place = Pick<typeof staged.$inferSelect, 'site' | 'system' | 'tab'>
/** Pieces in the order of their places, some at a time. */
async function* piecesAfter(db: Database, id: string, first: Place) {
  for (let at = first; ;) {
    const rows = await db.select().from(staged).where(and(eq(staged.import, id), sql`(${staged.site}, ${staged.system},
      ${staged.tab}) > (${at.site}, ${at.system}, ${at.tab})`))
      .orderBy(asc(staged.site), asc(staged.system), asc(staged.tab)).limit(AT_ONCE)
    for (const row of rows) {
      yield row
      // the database's calls are synchronous: what they leave behind is let go of only between turns
      await turn()
    }
    const last = rows.at(-1)
    if (!last) return
    at = last
  }
}
const BEFORE_ALL: Place = { site: HEAD, system: HEAD, tab: HEAD - 1 }

/**
 * Reads each system and each tab as a book of its own, so that a whole book and its pieces are read by the same
 * rules, and keeps what was read in its place. @returns how many pieces there are
 */
async function readStaged(
  db: Database, begun: Row, head: Readonly<Record<string, unknown>>,
): Promise<Result<number, BookProblem>> {
  const { id, layTo, holder } = begun
  const { format, version, anchor } = head
  let site: Record<string, unknown> = {}
  let system: Record<string, unknown> = {}
  // those of the file stand in its head, before every site
  const sayings = [...await readSayings(db)] as Saying[]
  let total = 0
  let kept: Piece[] = []
  for await (const row of piecesAfter(db, id, BEFORE_ALL)) {
    total++
    const body = JSON.parse(row.body) as Record<string, unknown>
    if (row.site === HEAD) {
      sayings.push(...sayingsOf((body as Part).ledger ?? []))
      continue
    }
    if (row.system < 0) site = body
    else if (row.tab < 0) system = body
    const systems = row.system < 0 ? [] : [{ ...system, ...(row.tab < 0 ? {} : { tabs: [body] }) }]
    const book = { format, version, ...(anchor ? { anchor } : {}), sites: [{ ...site, systems }] }
    const read = readBook(JSON.stringify(book), layTo || undefined, sayings)
    if (!read.ok) return read
    const [whole] = read.value.sites
    if (!whole) return fail('bad-place', { place: 'sites', why: 'a site is missing' })
    kept.push({ site: row.site, system: row.system, tab: row.tab, body: whole as unknown as Piece['body'] })
    if (kept.length < AT_ONCE) continue
    await stagePieces(db, begun, kept)
    kept = []
    if (!isOurs(await stateOf(db, id), holder)) return ok(total)
  }
  await stagePieces(db, begun, kept)
  return ok(total)
}

/** Puts staged pieces into the book, each with the journal that says so. */
async function apply(db: Database, begun: Row) {
  const { id, done, sender } = begun
  let counts = begun.counts
  let at = 0
  for await (const row of piecesAfter(db, id, BEFORE_ALL)) {
    // what the journal says is done is in the book
    if (at++ < done) continue
    counts = await putIn(db, { ...begun, done: at, counts }, row)
    if (at % AT_ONCE === 0 && !isOurs(await stateOf(db, id), begun.holder)) return
  }
  const { tabs, lines } = counts
  await write(db, [
    db.update(imports).set({ state: 'done' }).where(own(begun)),
    auditWork(db, sender || 'the server', 'imported', { tabs, lines }),
  ])
}

/** A line that was kept on one of its tabs meanwhile: the piece is worked out on it again, so many times. */
const MOST_OVERTAKEN = 20

/** One piece, with the journal in which it is done. @returns what has been taken in with it */
async function putIn(db: Database, { counts, ...begun }: Row, piece: Staged, tries = 0): Promise<Row['counts']> {
  const { layTo, session, sender, done } = begun
  const taken = await workOf(db, partOf(piece, layTo), { session, sender })
  const told = taken.counts
  const now = {
    sites: counts.sites + (piece.site !== HEAD && piece.system < 0 ? 1 : 0),
    systems: counts.systems + (piece.system >= 0 && piece.tab < 0 ? told.systems : 0),
    tabs: counts.tabs + told.tabs,
    lines: counts.lines + told.lines,
    already: counts.already + told.already,
    refused: [...new Set([...counts.refused, ...told.refused])].slice(0, MOST_REFUSED),
  }
  const journal = db.update(imports).set({ done, counts: now }).where(own({ ...begun, counts }))
  try {
    await write(db, [...taken.work, journal] as Work[])
  }
  catch (error) {
    const overtaken = nameDatabaseError(error)?.problem.code === 'id-taken'
    if (!overtaken || tries === MOST_OVERTAKEN) throw error
    return putIn(db, { counts, ...begun }, piece, tries + 1)
  }
  taken.changed.forEach(tab => forgetFold(db, tab))
  return now
}

type Part = Omit<ReadBook, 'attachments'>
type Staged = typeof staged.$inferSelect
function partOf({ site, system, tab, body }: Staged, layTo: string): Part {
  const bare = { sites: [], meters: [], practice: [], ledger: [] }
  if (site !== HEAD) return { ...bare, sites: [JSON.parse(body) as ReadSite] }
  const told = JSON.parse(body) as Record<string, unknown>
  // the ledger's lines are read one by one where they are kept
  if (system === HEAD && tab !== HEAD) return { ...bare, ledger: told.ledger as Part['ledger'] }
  const head = readBook(JSON.stringify({ ...told, sites: [] }), layTo || undefined)
  if (!head.ok) throw new Refusal(422, head.problem)
  return head.value
}

/** How many pieces are staged: none, once nothing is going on. */
export const stagedPieces = async (db: Database): Promise<number> =>
  (await db.select({ n: count() }).from(staged))[0]?.n ?? 0
