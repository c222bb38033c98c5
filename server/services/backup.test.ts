import { existsSync, mkdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { createClient } from '@libsql/client'
import { hashOf } from '#core/formats'
import { filesInMemory } from '../database/files'
import { openDatabase } from '../database/open'
import { attachments } from '../database/schema'
import { backUp, restore } from './backup'
import { bookKey } from './bookKey'
import { addLines, linesOf } from './lines'
import { createOthers } from './others'
import { nameDatabaseError } from './problems'
import { line, useTestBook } from './testBook'
import { verifyBook } from './verify'
import { watchTabs } from './watch'

const book = useTestBook()
const note = (text: string) => line({ kind: 'note', text })
const to = () => join(book.folder, 'backups')
const make = (most = 14) => {
  const { db, url } = book.opened
  return backUp({ db, url, to: to(), key: bookKey(url), most })
}
const codeOf = (work: Promise<unknown>) =>
  work.then(() => undefined, (error: unknown) => nameDatabaseError(error)?.problem.code)

describe('a backup', () => {
  it('holds the lines and pictures of its instant, and comes back where nothing is', async () => {
    const tab = await book.open()
    await addLines(book.opened.db, tab, [note('before')])
    const picture = Buffer.from('bytes of a picture')
    mkdirSync(join(book.folder, 'attachments'), { recursive: true })
    writeFileSync(join(book.folder, 'attachments', hashOf(picture)), picture)
    await book.opened.db.insert(attachments)
      .values({ hash: hashOf(picture), type: 'image/png', bytes: picture.length, received: '2026' })
    const made = await make()
    expect(made).toMatchObject({ pictures: 1, odd: [] })
    await addLines(book.opened.db, tab, [note('after')])
    const url = `file:${join(book.folder, 'again/book.db')}`
    expect(await restore(made.place, url)).toMatchObject({ lines: made.lines, pictures: 1 })
    const { db, client } = await openDatabase(url, filesInMemory())
    expect((await linesOf(db, tab)).map(l => ('text' in l ? l.text : l.kind))).toEqual(['opened', 'before'])
    expect((await verifyBook(db)).breaks).toEqual([])
    expect(readFileSync(join(book.folder, 'again/attachments', hashOf(picture)))).toEqual(picture)
    client.close()
    await expect(restore(made.place, url)).rejects.toThrow('there is a book already')
    const left = `file:${join(book.folder, 'left/book.db')}`
    mkdirSync(join(book.folder, 'left'))
    writeFileSync(join(book.folder, 'left/book.db-wal'), 'a log')
    await expect(restore(made.place, left)).rejects.toThrow('move it along')
  })
  it('says which picture has not come or is torn, and is made all the same', async () => {
    await book.opened.db.insert(attachments)
      .values({ hash: 'f'.repeat(64), type: 'image/png', bytes: 1, received: '2026' })
    expect((await make()).odd).toEqual(['f'.repeat(64)])
  })
  it('keeps the newest so many', async () => {
    const [first] = [await make(2), await make(2)]
    const last = await make(2)
    expect(existsSync(first!.place)).toBe(false)
    expect(existsSync(last.place)).toBe(true)
  })
  it('that was changed is not restored, nor one that is none', async () => {
    const { place } = await make()
    const seal = join(place, 'seal.json')
    const whole = readFileSync(seal, 'utf8')
    writeFileSync(seal, whole.replace(/"at": "\d{4}/, '"at": "1999'))
    const url = `file:${join(book.folder, 'never/book.db')}`
    await expect(restore(place, url)).rejects.toThrow('not what was signed')
    writeFileSync(seal, whole)
    const torn = createClient({ url: `file:${join(place, 'book.db')}` })
    await torn.execute('DROP TRIGGER lines_never_change')
    await torn.execute('UPDATE lines SET body = replace(body, \'before\', \'berore\')')
    torn.close()
    await expect(restore(place, url)).rejects.toThrow('not as they were kept')
    await expect(restore(book.folder, url)).rejects.toThrow('is no backup')
    expect(existsSync(join(book.folder, 'never/book.db'))).toBe(false)
  })
})

describe('the file of a book', () => {
  it('that was brought further by a newer program is refused and not written', async () => {
    const url = `file:${join(book.folder, 'newer.db')}`
    const first = await openDatabase(url, filesInMemory())
    await first.client.execute(`INSERT INTO __drizzle_migrations (hash, created_at) VALUES ('x', ${Date.now() * 2})`)
    first.client.close()
    const before = readFileSync(join(book.folder, 'newer.db'))
    await expect(openDatabase(url, filesInMemory())).rejects.toThrow('newer Keep Tab')
    expect(readFileSync(join(book.folder, 'newer.db')).equals(before)).toBe(true)
  })
  it('that is deleted or swapped acknowledges nothing more; moved back, it goes on', async () => {
    const path = join(book.folder, 'moved.db')
    const { db, client } = await openDatabase(`file:${path}`, filesInMemory())
    const own = { ...book, opened: { db, client, url: `file:${path}` } }
    const tab = 'tab-moved-1'
    const { openTab } = await import('./tabs')
    await openTab(own.opened.db, {
      site: { id: 'site-moved', name: 'x' }, system: { id: 'system-moved', name: 'x', kind: 'well-3wire' },
      tab: { id: tab, opened: line({ kind: 'opened', complaint: 'groans', words: 'x' }) },
    })
    renameSync(path, `${path}.away`)
    expect(await codeOf(addLines(db, tab, [note('gone')]))).toBe('book-gone')
    writeFileSync(path, 'another file')
    expect(await codeOf(addLines(db, tab, [note('swapped')]))).toBe('book-gone')
    rmSync(path)
    renameSync(`${path}.away`, path)
    expect((await addLines(db, tab, [note('back')])).kept).toHaveLength(1)
    client.close()
  })
  it('that is full or cannot be written says which, and takes lines again afterwards', () => {
    const code = (message: string) => nameDatabaseError(new Error(message))?.problem.code
    expect(code('SQLITE_READONLY: attempt to write a readonly database')).toBe('read-only')
    expect(code('SQLITE_FULL: database or disk is full')).toBe('disk-full')
    expect(code('SQLITE_BUSY: database is locked')).toBe('busy')
    expect(code('something else')).toBeUndefined()
  })
})

describe('two processes on one book', () => {
  it('keep one order and one state, and hear each other’s lines', async () => {
    const tab = await book.open()
    const other = await openDatabase(book.opened.url, filesInMemory())
    const heard: string[] = []
    const stop = watchTabs(({ lines }) => heard.push(...lines))
    const look = createOthers(book.opened.db)
    await look()
    const sent = await Promise.all(Array.from({ length: 12 }, (_, i) => {
      const one = note(`from ${i % 2}`)
      return addLines(i % 2 ? other.db : book.opened.db, tab, [one]).then(() => one.id)
    }))
    const settled = line({ kind: 'settled', summary: 'done' })
    await addLines(other.db, tab, [settled])
    heard.length = 0
    await look()
    stop()
    expect(heard).toContain(settled.id)
    const here = (await linesOf(book.opened.db, tab)).map(l => l.id)
    expect(here).toEqual((await linesOf(other.db, tab)).map(l => l.id))
    expect(new Set(here.slice(1))).toEqual(new Set([...sent, settled.id]))
    expect((await verifyBook(book.opened.db)).breaks.filter(b => b.tab === tab)).toEqual([])
    // each writes the lists by all the lines there are: a tab that the other has settled is settled here
    await addLines(book.opened.db, tab, [note('one more')])
    const [row] = (await book.opened.client.execute({ sql: 'SELECT status FROM tabs WHERE id = ?', args: [tab] })).rows
    expect(row!.status).toBe('settled')
    other.client.close()
  })
})
