import { cpSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { createClient } from '@libsql/client'
import { drizzle } from 'drizzle-orm/libsql'
import { migrate } from 'drizzle-orm/libsql/migrator'
import { afterAll, describe, expect, it } from 'vitest'
import { readLines } from '../services/lines'
import { filesInMemory } from './files'
import { openDatabase } from './open'

const folder = mkdtempSync(join(tmpdir(), 'keep-tab-open-'))
afterAll(() => rmSync(folder, { recursive: true, force: true }))

/** The migrations up to one of them, as a folder of their own. */
function migrationsUpTo(last: string): string {
  const own = join(folder, 'migrations')
  cpSync('server/database/migrations', own, { recursive: true })
  mkdirSync(join(own, 'meta'), { recursive: true })
  const path = join(own, 'meta/_journal.json')
  const journal = JSON.parse(readFileSync(path, 'utf8')) as { entries: { tag: string }[] }
  const entries = journal.entries.slice(0, journal.entries.findIndex(e => e.tag === last) + 1)
  writeFileSync(path, JSON.stringify({ ...journal, entries }))
  return own
}

describe('a database whose receipts stood by the name of their line', () => {
  it('keeps every line at its place, with when it came', async () => {
    const url = `file:${join(folder, 'before.db')}`
    const before = createClient({ url })
    await migrate(drizzle(before), { migrationsFolder: migrationsUpTo('0003_line_version_2') })
    await before.batch([
      `INSERT INTO sites (id, name) VALUES ('s', 'Hill Farm')`,
      `INSERT INTO systems (id, site, name, kind, nameplate) VALUES ('w', 's', 'well', 'well-2wire', '{}')`,
      `INSERT INTO tabs (id, system, openedAt, status, complaint, words)
        VALUES ('t', 'w', '2026-01-01T00:00:00.000Z', 'open', 'check-up', '')`,
      ...[7, 3, 12].map(
        n => `INSERT INTO lines (seq, id, tab, device, counter, at, kind, body)
          VALUES (${n}, 'line-${n}', 't', 'd', ${n}, '2026-01-01T00:00:00.000Z', 'note', '{"id":"line-${n}"}')`,
      ),
      `INSERT INTO receipts (line, received) VALUES ('line-3', 'third'), ('line-12', 'twelfth')`,
    ])
    before.close()

    const { db, client } = await openDatabase(url, filesInMemory())
    expect(await readLines(db, 't')).toEqual([
      { seq: 3, received: 'third', line: { id: 'line-3' } },
      { seq: 7, received: '', line: { id: 'line-7' } },
      { seq: 12, received: 'twelfth', line: { id: 'line-12' } },
    ])
    await expect(client.execute(`DELETE FROM lines WHERE seq = 3`)).rejects.toThrow('lines are only ever added')
    await expect(client.execute(`UPDATE lines SET body = '' WHERE seq = 3`)).rejects.toThrow('only ever added')
    client.close()
  })
})
