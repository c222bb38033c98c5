/** The book on a libSQL server by its address: a double of its protocol over the native library. */
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { openLibsqlServer, type LibsqlDouble } from '../../tests/doubles/libsqlServer'
import { exportBook, importBook } from '../services/books'
import { addLines } from '../services/lines'
import { search } from '../services/search'
import { line, refusal } from '../services/testBook'
import { openTab, readTab } from '../services/tabs'
import { readToday } from '../services/today'
import { verifyBook } from '../services/verify'
import { filesInMemory } from './files'
import { openDatabase, type OpenedDatabase } from './open'

const folder = mkdtempSync(join(tmpdir(), 'keep-tab-remote-'))
let server: LibsqlDouble
/** two processes of the application on one book */
let [first, second]: OpenedDatabase[] = []
beforeAll(async () => {
  server = await openLibsqlServer(join(folder, 'primary.db'))
  first = await openDatabase(server.url, filesInMemory(), 'token')
  second = await openDatabase(server.url, filesInMemory(), 'token')
})
afterAll(() => {
  first?.client.close()
  second?.client.close()
  server.close()
  rmSync(folder, { recursive: true, force: true })
})

describe('a book on a libSQL server', () => {
  it('is brought up to date over the wire, and taken in and given out as a local one', async () => {
    const content = readFileSync('demo/books/nursery.json')
    const counts = await importBook(first!.db, filesInMemory(), content, { layTo: '2026-06-15' })
    expect(counts).toMatchObject({ sites: 1, systems: 2, tabs: 6, refused: [] })
    const local = await openDatabase(`file:${join(folder, 'local.db')}`, filesInMemory())
    await importBook(local.db, filesInMemory(), content, { layTo: '2026-06-15' })
    expect((await exportBook(second!.db)).book).toEqual((await exportBook(local.db)).book)
    local.client.close()
    expect(server.ran.some(sql => /CREATE TRIGGER/i.test(sql))).toBe(true)
  })
  it('has a line from one process on the tab of the other, each once, and every chain whole', async () => {
    const tab = 'tab-remote'
    await openTab(first!.db, {
      site: { id: 'site-remote', name: 'Ford Mill' }, system: { id: 'system-remote', name: 'well', kind: 'well-3wire' },
      tab: { id: tab, opened: line({ kind: 'opened', complaint: 'groans', words: 'it groans at the ford' }) },
    })
    const [a, b] = [1, 2].map(n => line({ kind: 'reading', test: 'line.volts', value: 230 + n }))
    await addLines(first!.db, tab, [a])
    await addLines(second!.db, tab, [b, a])
    expect((await readTab(first!.db, tab)).lines.map(k => k.line.id).slice(1)).toEqual([a!.id, b!.id])
    expect((await readToday(second!.db, '2026-06-15')).tabs.some(t => t.id === tab)).toBe(true)
    expect((await search(second!.db, 'ford')).found.length).toBeGreaterThan(0)
    expect((await verifyBook(first!.db)).breaks).toEqual([])
  })
  it('never lets a kept line be changed: the triggers stand on the server', async () => {
    await expect(first!.client.execute('UPDATE lines SET body = \'{}\'')).rejects.toThrow('only ever added')
    expect((await refusal(readTab(first!.db, 'tab-nowhere'))).problem.code).toBe('not-found')
  })
})
