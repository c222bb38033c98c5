import { join } from 'node:path'
import { createClient } from '@libsql/client'
import { describe, expect, it } from 'vitest'
import { openDatabase } from '../database/open'
import { addLines, readLines } from './lines'
import { nameDatabaseError } from './problems'
import { openTab } from './tabs'
import { line, useTestBook } from './testBook'

const book = useTestBook()

describe('the database', () => {
  it('has its time-out, foreign keys and recursive triggers on every connection, under queries at once', async () => {
    const asked = await Promise.all(
      Array.from({ length: 12 }, () =>
        book.opened.client.batch([
          'PRAGMA busy_timeout',
          'PRAGMA foreign_keys',
          'PRAGMA recursive_triggers',
          'PRAGMA synchronous',
        ]),
      ),
    )
    for (const results of asked)
      expect(results.map(r => Number(Object.values(r.rows[0]!)[0]))).toEqual([250, 1, 1, 2])
  })
  it('keeps a post that finds the book locked, once the lock is gone', async () => {
    const tab = await book.open()
    const other = createClient({ url: `file:${join(book.folder, 'unit.db')}` })
    const held = await other.transaction('write')
    const ticks: number[] = []
    const beat = setInterval(() => ticks.push(1), 20)
    setTimeout(() => void held.commit(), 1500)
    const a = line({ kind: 'note', text: 'waited' })
    expect((await addLines(book.opened.db, tab, [a])).kept).toEqual([a.id])
    clearInterval(beat)
    other.close()
    // others are let in while it waits: the lock's own end is a timer too; how often hangs on the machine
    expect(ticks.length).toBeGreaterThan(0)
  })
})

describe('a full disk', () => {
  it('is named, and the lines before it are still there', async () => {
    const url = `file:${join(book.folder, 'full.db')}`
    const full = await openDatabase(url, book.files)
    const tab = await openTab(full.db, {
      site: { id: 'site-full', name: 'Full' },
      system: { id: 'system-full', name: 'well', kind: 'well-2wire' },
      tab: { id: 'tab-full', opened: line({ kind: 'opened', complaint: 'no-water', words: '' }) },
    }).then(r => r.tab)
    const pages = await full.client.execute('PRAGMA page_count')
    await full.client.execute(`PRAGMA max_page_count = ${Number(Object.values(pages.rows[0]!)[0])}`)
    const long = Array.from({ length: 60 }, () => line({ kind: 'note', text: 'x'.repeat(1900) }))
    const error = await addLines(full.db, tab, long).then(
      () => undefined,
      (e: unknown) => e,
    )
    expect(nameDatabaseError(error)?.problem.code).toBe('disk-full')
    expect((await readLines(full.db, tab)).length).toBe(1)
    full.client.close()
  })
})
