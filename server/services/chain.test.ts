import { sql } from 'drizzle-orm'
import { describe, expect, it } from 'vitest'
import { headOf, linkOf } from '../database/chain'
import { bookKey, isSealWhole, seal } from './bookKey'
import { addLines, readLines } from './lines'
import { line, useTestBook } from './testBook'
import { findHead, readHeads, verifyBook } from './verify'
import { auditWork } from './audit'
import { write } from '../database/write'
import { makeSheetWord, readSheetWord } from './sheetLinks'

const book = useTestBook()
const note = (text: string) => line({ kind: 'note', text })
const notes = async (n: number) => {
  const tab = await book.open()
  for (let i = 0; i < n; i++) await addLines(book.opened.db, tab, [note(`note ${i}`)])
  return { tab, kept: await readLines(book.opened.db, tab) }
}
/** Past the book: as somebody with the file would, the triggers taken away first. */
async function pastTheBook(...statements: string[]) {
  const { client } = book.opened
  const triggers = (await client.execute('SELECT name, sql FROM sqlite_master WHERE type = \'trigger\'')).rows
  for (const t of triggers) await client.execute(`DROP TRIGGER ${String(t.name)}`)
  for (const s of statements) await client.execute(s)
  for (const t of triggers) await client.execute(String(t.sql))
}
const breaksOf = async (tab: string) =>
  (await verifyBook(book.opened.db)).breaks.filter(b => b.tab === tab).map(b => `${b.what} ${b.line || b.seq}`)

describe('the chain of a tab', () => {
  it('goes over the stored bytes, each link on the one before', async () => {
    const { tab } = await notes(3)
    const rows = await book.opened.db.all<{ body: string, prev: string, head: string }>(
      sql`SELECT body, prev, head FROM lines JOIN links USING (seq) WHERE lines.tab = ${tab} ORDER BY seq`)
    let prev = ''
    for (const row of rows) {
      expect(row.prev).toBe(prev)
      expect(row.head).toBe(linkOf(prev, row.body))
      prev = row.head
    }
    expect(rows).toHaveLength(4)
    expect(await headOf(book.opened.db, tab)).toBe(prev)
  })
  it('holds for a sound book', async () => {
    expect(await breaksOf((await notes(3)).tab)).toEqual([])
  })
  it('names a line that was changed', async () => {
    const { tab, kept } = await notes(3)
    await pastTheBook(`UPDATE lines SET body = replace(body, 'note 1', 'note 9') WHERE seq = ${kept[2]!.seq}`)
    expect(await breaksOf(tab)).toEqual([`changed ${kept[2]!.line.id}`])
  })
  it('names the place of a line that is gone, and one whose link went with it', async () => {
    const { tab, kept } = await notes(4)
    await pastTheBook(`DELETE FROM lines WHERE seq = ${kept[2]!.seq}`)
    expect(await breaksOf(tab)).toEqual([`missing ${kept[2]!.seq}`])
    await pastTheBook(`DELETE FROM links WHERE seq = ${kept[2]!.seq}`)
    expect(await breaksOf(tab)).toEqual([`moved ${kept[3]!.line.id}`])
  })
  it('names lines that changed places', async () => {
    const { tab, kept } = await notes(4)
    const [a, b] = [kept[1]!.seq, kept[3]!.seq]
    await pastTheBook(
      `UPDATE lines SET id = id || '-x' WHERE seq IN (${a}, ${b})`,
      `CREATE TEMP TABLE held AS SELECT seq, body FROM lines WHERE seq IN (${a}, ${b})`,
      `UPDATE lines SET body = (SELECT body FROM held WHERE seq = ${b}) WHERE seq = ${a}`,
      `UPDATE lines SET body = (SELECT body FROM held WHERE seq = ${a}) WHERE seq = ${b}`,
      'DROP TABLE held',
    )
    expect((await breaksOf(tab)).map(t => t.split(' ')[0])).toEqual(['moved', 'moved'])
  })
  it('names a line that was put in past the book', async () => {
    const { tab } = await notes(2)
    await pastTheBook(`INSERT INTO lines (id, tab, device, counter, at, kind, body)
      VALUES ('line-slipped-in', '${tab}', 'd', 1, '2026', 'note', '{}')`)
    expect(await breaksOf(tab)).toEqual(['unlinked line-slipped-in'])
  })
  it('finds a head that was kept elsewhere, and none that is no longer there', async () => {
    const { tab, kept } = await notes(2)
    const head = await headOf(book.opened.db, tab)
    await addLines(book.opened.db, tab, [note('later')])
    expect(await findHead(book.opened.db, head)).toMatchObject({ tab, seq: kept.at(-1)!.seq })
    expect(await findHead(book.opened.db, linkOf('', 'other'))).toBeUndefined()
  })
})

describe('the tables of the record', () => {
  it.each(['lines', 'links', 'receipts', 'audit'])('%s refuse UPDATE, DELETE and REPLACE', async (table) => {
    await notes(1)
    await write(book.opened.db, [auditWork(book.opened.db, 'Ann', 'signed-out')])
    const { client } = book.opened
    const [first] = (await client.execute(`SELECT * FROM ${table} LIMIT 1`)).rows
    const told = (await client.execute(`SELECT name FROM pragma_table_info('${table}')`)).rows
    const columns = told.map(r => String(r.name))
    const values = columns.map(c => first![c] as string | number)
    const marks = columns.map(() => '?').join()
    for (const statement of [
      { sql: `UPDATE ${table} SET seq = seq + 1000000`, args: [] },
      { sql: `DELETE FROM ${table}`, args: [] },
      { sql: `INSERT OR REPLACE INTO ${table} (${columns.map(c => `"${c}"`).join()}) VALUES (${marks})`, args: values },
    ])
      await expect(client.execute(statement), statement.sql).rejects.toThrow(/only ever added/)
  })
})

describe('the book’s own key', () => {
  const key = bookKey(`file:${book.folder}/key/book.db`)
  it('is the same the next time, and signs heads that no longer hold once one is changed', async () => {
    const heads = await readHeads(book.opened.db)
    const sealed = seal(key, heads)
    expect(isSealWhole(sealed)).toBe(true)
    const [tab] = Object.keys(heads)
    expect(isSealWhole({ ...sealed, heads: { ...heads, [tab!]: '0'.repeat(64) } })).toBe(false)
    expect(isSealWhole({ ...sealed, at: '2020-01-01T00:00:00.000Z' })).toBe(false)
    expect(seal(bookKey(`file:${book.folder}/key/book.db`), {}).key).toBe(sealed.key)
  })
  it('signs a link to one sheet, which holds for its days, for its tab, from this book', () => {
    const now = Date.parse('2026-06-15T10:00:00Z')
    const word = makeSheetWord(key, 'tab-one', now)
    expect(readSheetWord(key, word, now + 59 * 86400e3)).toBe('tab-one')
    expect(readSheetWord(key, word, now + 61 * 86400e3)).toBeUndefined()
    expect(readSheetWord(key, word.replace('tab-one', 'tab-two'), now)).toBeUndefined()
    expect(readSheetWord(bookKey(`file:${book.folder}/other/book.db`), word, now)).toBeUndefined()
    expect(readSheetWord(key, 'nonsense', now)).toBeUndefined()
  })
})
