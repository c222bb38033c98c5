import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { eq, sql } from 'drizzle-orm'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import type { Line } from '#core/tab'
import { openDatabase, type OpenedDatabase } from '../database/open'
import { partsUsed } from '../database/schema'
import { exportBook, importBook } from './books'
import { addLines, readLines } from './lines'
import { nameDatabaseError, Refusal } from './problems'
import { listSites, readSite, saveNameplate } from './sites'
import { openTab, readTab, readToday } from './tabs'
import { watchTab } from './watch'

const folder = mkdtempSync(join(tmpdir(), 'keep-tab-unit-'))
let opened: OpenedDatabase
let n = 0
const line = (over: Partial<Line> & { kind: Line['kind'] }) => ({ id: `line-unit-${++n}`, at: '2026-06-15T10:00:00.000Z', ...over }) as Line
const open = (tab = `tab-unit-${++n}`, system = `system-unit-${n}`) => openTab(opened.db, { site: { id: 'site-unit', name: 'Hill Farm' }, system: { id: system, name: 'well', kind: 'well-3wire' }, tab: { id: tab, opened: line({ kind: 'opened', complaint: 'groans', words: 'it groans' } as never) } }).then(r => r.tab)
const refusal = async (work: Promise<unknown>) => {
  const error = await work.then(() => undefined, (e: unknown) => e)
  if (error instanceof Refusal) return error
  throw new Error(`expected a refusal, got ${String(error)}`)
}

beforeAll(async () => { opened = await openDatabase(`file:${join(folder, 'unit.db')}`) })
afterAll(() => {
  opened.client.close()
  rmSync(folder, { recursive: true, force: true })
})

describe('lines', () => {
  let tab: string
  beforeEach(async () => { tab = await open() })

  it('are kept in order, and the same line twice is kept once', async () => {
    const [a, b] = [line({ kind: 'note', text: 'one' } as never), line({ kind: 'note', text: 'two' } as never)]
    expect((await addLines(opened.db, tab, [a, b])).kept).toEqual([a.id, b.id])
    expect((await addLines(opened.db, tab, [a, b])).kept).toEqual([a.id, b.id])
    expect((await readLines(opened.db, tab)).map(k => k.line.id).slice(1)).toEqual([a.id, b.id])
  })
  it('are refused when the number is another line\'s, and the others go on', async () => {
    const a = line({ kind: 'note', text: 'one' } as never)
    await addLines(opened.db, tab, [a])
    const reply = await addLines(opened.db, tab, [{ ...a, text: 'changed' } as Line, line({ kind: 'note', text: 'next' } as never)])
    expect(reply.refused[0]).toMatchObject({ id: a.id, problem: { code: 'id-taken' } })
    expect(reply.kept).toHaveLength(1)
  })
  it('are checked by the same rule as on the device', async () => {
    const reply = await addLines(opened.db, tab, [line({ kind: 'reading', test: 'relay.ohms', value: 0 } as never), line({ kind: 'reading', test: 'line.volts', value: 238 } as never)])
    expect(reply.refused.map(r => r.problem.code)).toEqual(['state-needed'])
    expect(reply.kept).toHaveLength(1)
  })
  it('cannot be changed, deleted or replaced, not even by the database\'s own hand', async () => {
    const [first] = await readLines(opened.db, tab)
    for (const statement of [sql`UPDATE lines SET body = '{}' WHERE id = ${first!.line.id}`, sql`DELETE FROM lines WHERE id = ${first!.line.id}`, sql`INSERT OR REPLACE INTO lines (seq, id, tab, at, kind, body) VALUES (${first!.seq}, 'x', ${tab}, 'x', 'note', '{}')`, sql`INSERT OR REPLACE INTO lines (id, tab, at, kind, body) VALUES (${first!.line.id}, ${tab}, 'x', 'note', '{}')`]) {
      await expect(opened.db.run(statement)).rejects.toThrow()
    }
    expect((await readLines(opened.db, tab))[0]).toEqual(first)
  })
  it('are announced to whoever watches the tab', async () => {
    const heard: string[] = []
    const stop = watchTab(tab, ids => heard.push(...ids))
    const a = line({ kind: 'note', text: 'hear' } as never)
    await addLines(opened.db, tab, [a])
    stop()
    await addLines(opened.db, tab, [line({ kind: 'note', text: 'not heard' } as never)])
    expect(heard).toEqual([a.id])
  })
  it('settle and carry the tab for the lists, and note the parts used and fitted', async () => {
    await addLines(opened.db, tab, [line({ kind: 'part', component: 'box', on: 'start relay', number: 'SR-34' } as never), line({ kind: 'carried', reason: 'waits', bring: 'a relay' } as never)])
    const reply = await readTab(opened.db, tab)
    expect(reply.tab.status).toBe('carried')
    expect(reply.fitted.map(f => f.part)).toEqual(['start relay'])
    await addLines(opened.db, tab, [line({ kind: 'part', component: 'box', off: 'start relay', on: 'start relay, new' } as never)])
    expect((await readTab(opened.db, tab)).fitted.map(f => [f.part, f.removed !== null])).toEqual([['start relay', true], ['start relay, new', false]])
    const used = await opened.db.run(sql`SELECT count(*) AS n FROM parts_used WHERE system = ${reply.system.id}`)
    expect(Number(used.rows[0]!.n)).toBe(2)
  })
  it('take the projection of a part back when its line is struck', async () => {
    const part = line({ kind: 'part', component: 'tank', on: 'bladder tank' } as never)
    await addLines(opened.db, tab, [part])
    expect((await readTab(opened.db, tab)).fitted.map(f => f.part)).toContain('bladder tank')
    await addLines(opened.db, tab, [line({ kind: 'strike', line: part.id, reason: 'wrong site' } as never)])
    const after = await readTab(opened.db, tab)
    expect(after.fitted.map(f => f.part)).not.toContain('bladder tank')
    expect(after.lines.map(k => k.line.id)).toContain(part.id)
  })
  it('answer for a tab that is not there', async () => expect((await refusal(addLines(opened.db, 'tab-nowhere', [line({ kind: 'note', text: 'x' } as never)]))).problem.code).toBe('not-found'))
})

describe('opening a tab', () => {
  it('is safe to repeat', async () => {
    const id = await open('tab-twice', 'system-twice')
    await open('tab-twice', 'system-twice')
    expect((await readTab(opened.db, id)).lines.filter(l => l.line.kind === 'opened').length).toBeGreaterThan(0)
  })
  it.each([
    ['an unknown kind', { id: 'system-odd', name: 'x', kind: 'windmill' }, 'unknown-kind'], ['a system that is neither known nor named', { id: 'system-gone' }, 'not-found'],
  ])('refuses %s', async (_, system, code) => {
    const request = { site: { id: 'site-unit', name: 'Hill Farm' }, system, tab: { id: `tab-unit-${++n}`, opened: line({ kind: 'opened', complaint: 'groans', words: '' } as never) } }
    expect((await refusal(openTab(opened.db, request))).problem.code).toBe(code)
  })
})

describe('books', () => {
  const demo = readFileSync('demo/books/valley-west.json', 'utf8')
  it('are taken in whole, and the same file again adds nothing', async () => {
    const first = await importBook(opened.db, demo, '2026-06-15')
    expect(first).toMatchObject({ sites: 4, systems: 6, already: 0 })
    const again = await importBook(opened.db, demo, '2026-06-15')
    expect(again).toMatchObject({ tabs: 0, lines: 0, already: first.tabs })
  })
  it('bring the lines that a known tab lacks, and change none that it has', async () => {
    const { sites } = await exportBook(opened.db)
    const school = sites.find(s => s.name === 'Alderbrook School')!
    const tab = school.systems[0]!.tabs![0]!
    const longer = { ...school, systems: [{ ...school.systems[0]!, tabs: [{ ...tab, lines: [...tab.lines, line({ kind: 'note', text: 'from the other office' } as never)] }] }] }
    expect(await importBook(opened.db, JSON.stringify({ format: 'keep-tab', version: 1, sites: [longer] }))).toMatchObject({ tabs: 0, lines: 1, already: 1 })
    expect((await readLines(opened.db, tab.id!)).at(-1)!.line).toMatchObject({ text: 'from the other office' })
  })
  it('count the parts of lines that a known tab lacked', async () => {
    const { sites } = await exportBook(opened.db)
    const school = sites.find(s => s.name === 'Alderbrook School')!
    const tab = school.systems[0]!.tabs![0]!
    const part = line({ kind: 'part', component: 'switch', on: 'pressure switch' } as never)
    await importBook(opened.db, JSON.stringify({ format: 'keep-tab', version: 1, sites: [{ ...school, systems: [{ ...school.systems[0]!, tabs: [{ ...tab, lines: [...tab.lines, part] }] }] }] }))
    expect(await opened.db.select().from(partsUsed).where(eq(partsUsed.line, part.id))).toMatchObject([{ component: 'switch', on: 'pressure switch', system: school.systems[0]!.id }])
  })
  it('are refused whole when one of their lines has the id of another that says something else', async () => {
    const { sites } = await exportBook(opened.db)
    const school = sites.find(s => s.name === 'Alderbrook School')!
    const [first, ...rest] = school.systems[0]!.tabs![0]!.lines as Line[]
    const clash = { ...school, id: 'site-clash', name: 'Clash', systems: [{ ...school.systems[0]!, id: 'system-clash', tabs: [{ ...school.systems[0]!.tabs![0]!, id: 'tab-clash', lines: [{ ...first!, at: '2020-01-01T00:00:00.000Z' }, ...rest] }] }] }
    const error = await importBook(opened.db, JSON.stringify({ format: 'keep-tab', version: 1, sites: [clash] })).then(() => undefined, (e: unknown) => e)
    expect(nameDatabaseError(error)?.problem.code).toBe('id-taken')
    expect((await listSites(opened.db)).map(s => s.name)).not.toContain('Clash')
  })
  it('come out as they went in', async () => {
    const { sites } = await exportBook(opened.db)
    const school = sites.find(s => s.name === 'Alderbrook School')!
    const other = await openDatabase(`file:${join(folder, 'other.db')}`)
    await importBook(other.db, JSON.stringify({ format: 'keep-tab', version: 1, sites: [school] }))
    expect((await exportBook(other.db)).sites[0]).toEqual(school)
    other.client.close()
  })
  it('leave nothing behind when a part of them cannot be taken', async () => {
    const before = (await listSites(opened.db)).length
    const bad = JSON.parse(demo) as { sites: { name: string, systems: { tabs: { lines: string[] }[] }[] }[] }
    bad.sites[0]!.name = 'Half a Site'
    bad.sites.at(-1)!.systems[0]!.tabs[0]!.lines.push('25:99 nonsense 7')
    expect((await refusal(importBook(opened.db, JSON.stringify(bad)))).problem.code).toBe('bad-line')
    expect((await listSites(opened.db)).length).toBe(before)
  })
  it('fill today with what is open, carried and due', async () => {
    const today = await readToday(opened.db, '2026-06-15')
    expect(today.tabs.map(t => t.words)).toContain('Wash block dry since breakfast')
    expect(today.bring.map(b => b.text).join()).toContain('bladder tank')
    expect(today.followUps.length).toBeGreaterThan(0)
  })
})

describe('nameplates', () => {
  it('are kept when they make sense and refused by the figure when they do not', async () => {
    const site = (await listSites(opened.db)).find(s => s.name === 'Quillwood Joinery')!
    const { system } = (await readSite(opened.db, site.id)).systems[0]!
    expect((await saveNameplate(opened.db, system.id, { 'motor.power': '1/2 hp' })).nameplate['motor.power']).toBeCloseTo(372.85, 1)
    expect((await refusal(saveNameplate(opened.db, system.id, { 'motor.power': 'strong' }))).problem).toMatchObject({ code: 'not-a-figure', facts: { field: 'motor.power' } })
    expect((await refusal(saveNameplate(opened.db, system.id, { 'motor.power': '900 hp' }))).problem.code).toBe('nameplate')
    expect((await readSite(opened.db, site.id)).systems[0]!.system.nameplate['motor.power']).toBeCloseTo(372.85, 1)
  })
})

describe('a full disk', () => {
  it('is named, and the lines before it are still there', async () => {
    const url = `file:${join(folder, 'full.db')}`
    const full = await openDatabase(url)
    const tab = await openTab(full.db, { site: { id: 'site-full', name: 'Full' }, system: { id: 'system-full', name: 'well', kind: 'well-2wire' }, tab: { id: 'tab-full', opened: line({ kind: 'opened', complaint: 'no-water', words: '' } as never) } }).then(r => r.tab)
    const pages = await full.client.execute('PRAGMA page_count')
    await full.client.execute(`PRAGMA max_page_count = ${Number(Object.values(pages.rows[0]!)[0])}`)
    const long = Array.from({ length: 60 }, () => line({ kind: 'note', text: 'x'.repeat(1900) } as never))
    const error = await addLines(full.db, tab, long).then(() => undefined, (e: unknown) => e)
    expect(nameDatabaseError(error)?.problem.code).toBe('disk-full')
    expect((await readLines(full.db, tab)).length).toBe(1)
    full.client.close()
  })
})
