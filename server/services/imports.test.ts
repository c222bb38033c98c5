/** Files of any size taken in and given out: the same as whole, resumed, cancelled, refused. */
import { generateKeyPairSync } from 'node:crypto'
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { eq } from 'drizzle-orm'
import { afterAll, describe, expect, it } from 'vitest'
import { readFile, type BookFile } from '#core/formats'
import { requireOk } from '#core/foundation'
import { filesInMemory } from '../database/files'
import { openDatabase } from '../database/open'
import { imports, lines, staged, tabs } from '../database/schema'
import type { Database } from '../database/types'
import { exportBook, importBook } from './books'
import { giveOut } from './giveOut'
import {
  beginImport, cancelImport, clearStaged, HELD, leftImports, readImport, runImport, stagedPieces, unfinishedImports,
} from './imports'
import { addLines, linesOf } from './lines'
import { line } from './testBook'
import { verifyBook } from './verify'

const folder = mkdtempSync(join(tmpdir(), 'keep-tab-imports-'))
afterAll(() => rmSync(folder, { recursive: true, force: true }))
let n = 0
async function bare() {
  const files = filesInMemory()
  const { db, client } = await openDatabase(`file:${join(folder, `book-${++n}.db`)}`, files)
  return { db, files, close: () => client.close() }
}
type Bare = Awaited<ReturnType<typeof bare>>
const put = (content: string | Uint8Array) => {
  const path = join(folder, `file-${++n}`)
  writeFileSync(path, content)
  return path
}
async function take({ db, files }: Bare, content: string | Uint8Array, id = `import-${++n}`) {
  const path = put(content)
  await beginImport(db, id, { layTo: '2026-06-15', sender: 'Ann' })
  await runImport(db, files, id, path)
  expect(existsSync(path)).toBe(false)
  expect(await stagedPieces(db)).toBe(0)
  return readImport(db, id)
}
const said = async (db: Database) => {
  const { sites, ...rest } = (await exportBook(db)).book
  const sorted = sites.toSorted((a, b) => a.name.localeCompare(b.name)).map(s => ({
    ...s,
    systems: s.systems.toSorted((a, b) => a.name.localeCompare(b.name)).map(y => ({
      ...y, tabs: y.tabs?.toSorted((a, b) => a.id!.localeCompare(b.id!)),
    })),
  }))
  return { ...rest, sites: sorted }
}
const NURSERY = readFileSync('demo/books/nursery.json', 'utf8')
const { privateKey: key } = generateKeyPairSync('ed25519')

describe('a file taken in piece by piece', () => {
  it('gives the same book as one taken whole, and adds nothing the second time', async () => {
    const [whole, pieces] = [await bare(), await bare()]
    const counts = await importBook(whole.db, whole.files, new TextEncoder().encode(NURSERY), { layTo: '2026-06-15' })
    const told = await take(pieces, NURSERY)
    expect(told).toMatchObject({ state: 'done', tabs: counts.tabs, lines: counts.lines, refused: [] })
    expect(told.done).toBe(told.total)
    expect(await said(pieces.db)).toEqual(await said(whole.db))
    const again = await take(pieces, NURSERY)
    expect(again).toMatchObject({ state: 'done', tabs: 0, lines: 0, already: counts.tabs })
    whole.close()
    pieces.close()
  })
  it('goes on where it stopped: whatever piece it was, none is in twice and none is missing', async () => {
    const whole = await bare()
    await take(whole, NURSERY)
    const expected = await said(whole.db)
    const all = (await readImport(whole.db, (await whole.db.select().from(imports))[0]!.id)).total
    for (let stop = 1; stop < all; stop += 4) {
      const own = await bare()
      const id = `import-stopped-${stop}`
      await beginImport(own.db, id, { layTo: '2026-06-15' })
      // the thread ends at this piece: what the journal says is done stays, and nothing else
      const path = put(NURSERY)
      await stopAt(own, id, path, stop)
      expect(await unfinishedImports(own.db)).toEqual([id])
      await runImport(own.db, own.files, id, path)
      expect((await readImport(own.db, id)).state).toBe('done')
      expect(await said(own.db)).toEqual(expected)
      own.close()
    }
    whole.close()
  })
  it('is in one hand at a time; who lost it to another puts nothing more in', async () => {
    const own = await bare()
    const path = put(NURSERY)
    await beginImport(own.db, 'import-twice', { layTo: '2026-06-15' })
    const order: string[] = []
    await Promise.all(['first', 'second'].map(name =>
      runImport(own.db, own.files, 'import-twice', path).then(() => order.push(name))))
    expect(order).toEqual(['second', 'first'])
    const told = await readImport(own.db, 'import-twice')
    expect(told).toMatchObject({ state: 'done', tabs: 6, already: 0 })
    expect(existsSync(path)).toBe(false)
    const again = put(NURSERY)
    await beginImport(own.db, 'import-lost', { layTo: '2026-06-15' })
    const real = own.db.batch.bind(own.db)
    own.db.batch = (async (work: never) => {
      await own.db.update(imports).set({ holder: 'another', held: Date.now() + HELD })
        .where(eq(imports.state, 'applying'))
      return real(work)
    }) as unknown as typeof own.db.batch
    await runImport(own.db, own.files, 'import-lost', again)
    own.db.batch = real
    expect(await readImport(own.db, 'import-lost')).toMatchObject({ state: 'applying', done: 0 })
    expect([existsSync(again), await stagedPieces(own.db) > 0]).toEqual([true, true])
    own.close()
  })
  it('is read by nobody before it is right: a bad line in the last tab leaves the book as it was', async () => {
    const own = await bare()
    const book = JSON.parse(NURSERY) as BookFile
    book.sites[0]!.systems.at(-1)!.tabs!.at(-1)!.lines.push({ kind: 'reading', test: 7 })
    const told = await take(own, JSON.stringify(book))
    expect(told).toMatchObject({ state: 'failed', problem: { code: 'bad-line' }, lines: 0 })
    expect(await own.db.select().from(tabs)).toEqual([])
    for (const [content, code] of [
      ['no book', 'not-json'], ['{"format":"other","sites":[]}', 'not-a-book'], [NURSERY.slice(0, 3000), 'not-json'],
      ['{"format":"keep-tab","version":99,"sites":[]}', 'newer-version'],
      ['{"format":"keep-tab","version":2,"sites":[],"spare":1}', 'bad-place'], ['[]', 'not-a-book'],
      ['{"format":"keep-tab","version":2,"sites":{"nested":"","lines":{"id":1}}}', 'bad-place'],
      [`${'['.repeat(60_000)}${']'.repeat(60_000)}`, 'not-a-book'],
      [`{"format":"keep-tab","version":2,"spare":${'['.repeat(60_000)}${']'.repeat(60_000)}}`, 'not-a-book'],
    ] as const) expect([code, (await take(own, content)).problem?.code]).toEqual([code, code])
    expect(await own.db.select().from(lines)).toEqual([])
    own.close()
  })
  it('is overtaken by a line that is kept on one of its tabs, and puts the piece in behind it', async () => {
    const own = await bare()
    await take(own, NURSERY)
    const { book } = await exportBook(own.db)
    for (const tab of book.sites.flatMap(s => s.systems).flatMap(y => y.tabs ?? []))
      (tab.lines as object[]).push(line({ kind: 'note', text: `late ${tab.id}` }))
    const [tab] = await own.db.select({ id: tabs.id }).from(tabs)
    // between the reading and the writing of each piece, the first time that it is tried
    const real = own.db.batch.bind(own.db)
    const tries: number[] = []
    own.db.batch = (async (work: readonly object[]) => {
      const [row] = await own.db.select().from(imports).where(eq(imports.state, 'applying'))
      own.db.batch = real
      if (row && !tries.includes(row.done)) await addLines(own.db, tab!.id, [line({ kind: 'note', text: 'meanwhile' })])
      own.db.batch = between
      if (row) tries.push(row.done)
      return real(work as never)
    }) as unknown as typeof own.db.batch
    const between = own.db.batch
    const told = await take(own, JSON.stringify(book))
    own.db.batch = real
    expect([told.state, told.lines, tries.length - new Set(tries).size]).toEqual(['done', 6, 1])
    const texts = (await linesOf(own.db, tab!.id)).flatMap(l => ('text' in l ? [l.text] : []))
    expect(texts[texts.indexOf(`late ${tab!.id}`) - 1]).toBe('meanwhile')
    expect((await verifyBook(own.db)).breaks).toEqual([])
    own.close()
  })
  it('says what has stopped it, and no longer once it goes on', async () => {
    const own = await bare()
    const path = put(NURSERY)
    await beginImport(own.db, 'import-full', { layTo: '2026-06-15' })
    await stopAt(own, 'import-full', path, 3, 'SQLITE_FULL: database or disk is full')
    expect(await readImport(own.db, 'import-full')).toMatchObject({ state: 'applying', problem: { code: 'disk-full' } })
    const later = Date.now() + 2 * HELD
    expect([await leftImports(own.db), await leftImports(own.db, later)]).toEqual([[], ['import-full']])
    await runImport(own.db, own.files, 'import-full', path)
    expect(await leftImports(own.db, later)).toEqual([])
    const told = await readImport(own.db, 'import-full')
    expect([told.state, told.problem, told.tabs]).toEqual(['done', undefined, 6])
    own.close()
  })
  it('leaves nothing laid by where the server stopped right at the end of one', async () => {
    const own = await bare()
    const path = put(NURSERY)
    for (const id of ['import-ended', 'import-going']) {
      await beginImport(own.db, id, { layTo: '2026-06-15' })
      await stopAt(own, id, path, 2)
    }
    await own.db.update(imports).set({ state: 'done' }).where(eq(imports.id, 'import-ended'))
    await clearStaged(own.db)
    expect(await own.db.selectDistinct({ of: staged.import }).from(staged)).toEqual([{ of: 'import-going' }])
    own.close()
  })
  it('stops when it is told to: tabs that went in are whole, and the same file goes on', async () => {
    const own = await bare()
    const path = put(NURSERY)
    await beginImport(own.db, 'import-cancelled', { layTo: '2026-06-15' })
    await stopAt(own, 'import-cancelled', path, 5)
    expect((await cancelImport(own.db, 'import-cancelled')).state).toBe('cancelled')
    await runImport(own.db, own.files, 'import-cancelled', path)
    expect((await readImport(own.db, 'import-cancelled')).state).toBe('cancelled')
    expect(await stagedPieces(own.db)).toBe(0)
    const there = await own.db.select().from(tabs)
    expect(there.length).toBeGreaterThan(0)
    const told = await take(own, NURSERY)
    expect(told.already).toBe(there.length)
    expect(told.tabs + told.already).toBe(6)
    own.close()
  })
  it('reads a version 1 file too', async () => {
    const own = await bare()
    expect(await take(own, readFileSync('core/formats/samples/v1-by-hand.json'))).toMatchObject({ state: 'done' })
    own.close()
  })
})

describe('a book given out', () => {
  it('is the book as it was, read by the same rules; with pictures an archive', async () => {
    const own = await bare()
    await take(own, NURSERY)
    const path = join(folder, 'out')
    expect(await giveOut(own.db, own.files, { key, path })).toBe('json')
    const other = await bare()
    await take(other, readFileSync(path))
    expect(await said(other.db)).toEqual(await said(own.db))
    const { seal } = JSON.parse(readFileSync(path, 'utf8')) as { seal: { heads: object } }
    expect(Object.keys(seal.heads)).toHaveLength(6)
    own.close()
    other.close()
  })
  it('of one site has that site alone, and an empty book is one', async () => {
    const own = await bare()
    const path = join(folder, 'empty')
    await giveOut(own.db, own.files, { key, path })
    expect(requireOk(readFile(readFileSync(path))).sites).toEqual([])
    await take(own, NURSERY)
    await take(own, readFileSync('demo/books/valley-west.json'))
    const [site] = (await exportBook(own.db)).book.sites
    await giveOut(own.db, own.files, { key, path, site: site!.id })
    expect(requireOk(readFile(readFileSync(path))).sites.map(s => s.id)).toEqual([site!.id])
    own.close()
  })
})

/** Runs an import until so many pieces are in, as if the process had ended there. */
async function stopAt({ db, files }: Bare, id: string, path: string, at: number, why = 'the power went') {
  const real = db.batch.bind(db)
  let applied = 0
  db.batch = (async (work: never) => {
    const [row] = await db.select().from(imports).where(eq(imports.id, id))
    if (row?.state === 'applying' && ++applied === at + 1) throw new Error(why)
    return real(work)
  }) as unknown as typeof db.batch
  await expect(runImport(db, files, id, path)).rejects.toThrow(why)
  db.batch = real
  // so long ago that nobody believes it to be at work
  await db.update(imports).set({ held: 0 }).where(eq(imports.id, id))
  expect((await db.select().from(staged)).length).toBeGreaterThan(0)
}
