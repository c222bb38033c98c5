import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { eq } from 'drizzle-orm'
import { describe, expect, it } from 'vitest'
import type { AnyLine } from '#core/tab'
import { openDatabase } from '../database/open'
import { partsUsed } from '../database/schema'
import { exportBook, importBook } from './books'
import { saveNameplate } from './facts'
import { addLines, linesOf } from './lines'
import { listSites, readSite } from './sites'
import { readToday } from './today'
import { slower } from '../../tests/speed'
import { line, refusal, useTestBook } from './testBook'

const book = useTestBook()

describe('books', () => {
  const demo = readFileSync('demo/books/valley-west.json', 'utf8')
  it('are taken in whole, and the same file again adds nothing', async () => {
    const first = await book.takeIn(demo, '2026-06-15')
    expect(first).toMatchObject({ sites: 4, systems: 6, already: 0 })
    const again = await book.takeIn(demo, '2026-06-15')
    expect(again).toMatchObject({ tabs: 0, lines: 0, already: first.tabs })
  })
  it('bring the lines that a known tab lacks, and change none that it has', async () => {
    const { sites } = await book.giveOut()
    const school = sites.find(s => s.name === 'Alderbrook School')!
    const tab = school.systems[0]!.tabs![0]!
    const longer = {
      ...school,
      systems: [
        {
          ...school.systems[0]!,
          tabs: [{ ...tab, lines: [...tab.lines, line({ kind: 'note', text: 'from the other office' })] }],
        },
      ],
    }
    expect(
      await book.takeIn(JSON.stringify({ format: 'keep-tab', version: 2, sites: [longer] })),
    ).toMatchObject({ tabs: 0, lines: 1, already: 1 })
    expect((await linesOf(book.opened.db, tab.id!)).at(-1)).toMatchObject({ text: 'from the other office' })
  })
  it('count the parts of lines that a known tab lacked', async () => {
    const { sites } = await book.giveOut()
    const isOpen = (t: { lines: unknown[] }) => !(t.lines as AnyLine[]).some(l => l.kind === 'settled')
    const site = sites.find(s => s.place && s.systems.some(y => y.tabs!.some(isOpen)))!
    const system = site.systems.find(y => y.tabs!.some(isOpen))!
    const tab = system.tabs!.find(isOpen)!
    const part = line({ kind: 'part', component: 'switch', on: 'pressure switch' })
    await book.takeIn(
      JSON.stringify({
        format: 'keep-tab',
        version: 2,
        sites: [{ ...site, systems: [{ ...system, tabs: [{ ...tab, lines: [...tab.lines, part] }] }] }],
      }),
    )
    expect(await book.opened.db.select().from(partsUsed).where(eq(partsUsed.line, part.id))).toMatchObject([
      { component: 'switch', on: 'pressure switch', system: system.id },
    ])
  })
  it('leave out, by name, what has the number of something else here, and take in the rest', async () => {
    const { sites } = await book.giveOut()
    const school = sites.find(s => s.name === 'Alderbrook School')!
    const [first, ...rest] = school.systems[0]!.tabs![0]!.lines as AnyLine[]
    const changed = {
      ...school.systems[0]!.tabs![0]!,
      lines: [{ ...first!, at: '2020-01-01T00:00:00.000Z' }, ...rest],
    }
    const clash = {
      ...school,
      id: 'site-clash',
      name: 'Clash',
      systems: [{ ...school.systems[0]!, id: 'system-clash', tabs: [{ ...changed, id: 'tab-clash' }] }],
    }
    const { refused, lines } = await book.takeIn(JSON.stringify({ format: 'keep-tab', version: 2, sites: [clash] }))
    expect(refused).toEqual([first!, ...rest].map(l => `line ${l.id}`))
    expect(lines).toBe(0)
    const theirs = { ...school, systems: [{ ...school.systems[0]!, tabs: [changed] }] }
    const again = await book.takeIn(JSON.stringify({ format: 'keep-tab', version: 2, sites: [theirs] }))
    expect(again).toMatchObject({ refused: [`line ${first!.id}`], lines: 0 })
    const elsewhere = { ...school, id: 'site-other', name: 'Other' }
    const stranger = await book.takeIn(JSON.stringify({ format: 'keep-tab', version: 2, sites: [elsewhere] }))
    expect(stranger.refused).toEqual(school.systems.map(s => `system ${s.name}`))
  })
  it('come out as they went in', async () => {
    const { sites } = await book.giveOut()
    const school = sites.find(s => s.name === 'Alderbrook School')!
    const other = await openDatabase(`file:${join(book.folder, 'other.db')}`, book.files)
    const content = JSON.stringify({ format: 'keep-tab', version: 2, sites: [school] })
    await importBook(other.db, book.files, new TextEncoder().encode(content))
    expect((await exportBook(other.db)).book.sites[0]).toEqual(school)
    other.client.close()
  })
  it('leave nothing behind when a part of them cannot be taken', async () => {
    const before = (await listSites(book.opened.db)).sites.length
    const bad = JSON.parse(demo) as { sites: { name: string, systems: { tabs: { lines: string[] }[] }[] }[] }
    bad.sites[0]!.name = 'Half a Site'
    bad.sites.at(-1)!.systems[0]!.tabs[0]!.lines.push('25:99 nonsense 7')
    expect((await refusal(book.takeIn(JSON.stringify(bad)))).problem.code).toBe('bad-line')
    expect((await listSites(book.opened.db)).sites.length).toBe(before)
  })
  it('fill today with what is open, carried and due', async () => {
    const today = await readToday(book.opened.db, '2026-06-15')
    expect(today.tabs.map(t => t.words)).toContain('Wash block dry since breakfast')
    expect(today.bring.map(b => b.text).join()).toContain('bladder tank')
    expect(today.followUps.length).toBeGreaterThan(0)
  })
})

describe('nameplates', () => {
  it('are kept when they make sense and refused by the figure when they do not', async () => {
    const site = (await listSites(book.opened.db)).sites.find(s => s.name === 'Quillwood Joinery')!
    const { system } = (await readSite(book.opened.db, site.id, '2026-06-15')).systems[0]!
    const now = { from: '2026-06-15T10:00:00.000Z', by: '' }
    expect(
      (await saveNameplate(book.opened.db, system.id, { 'motor.power': '1/2 hp' }, now)).nameplate['motor.power'],
    ).toBeCloseTo(372.85, 1)
    expect(
      (await refusal(saveNameplate(book.opened.db, system.id, { 'motor.power': 'strong' }, now))).problem,
    ).toMatchObject({ code: 'not-a-figure', facts: { field: 'motor.power' } })
    expect(
      (await refusal(saveNameplate(book.opened.db, system.id, { 'motor.power': '900 hp' }, now))).problem.code,
    ).toBe('figure-out-of-range')
    const [again] = (await readSite(book.opened.db, site.id, '2026-06-15')).systems
    expect(again!.system.nameplate['motor.power']).toBeCloseTo(
      372.85,
      1,
    )
  })
})

describe('a long tab', () => {
  const fileOf = (count: number) => {
    const lines = Array.from({ length: count }, (_, i) => `note number ${i}`)
    const system = {
      id: `system-of-${count}`,
      name: 'well',
      kind: 'well-3wire',
      tabs: [{ id: `tab-of-${count}`, day: '2026-06-15', complaint: 'groans', words: 'x', lines }],
    }
    return JSON.stringify({
      format: 'keep-tab',
      version: 2,
      sites: [{ id: `site-of-${count}`, name: 'Notes', systems: [system] }],
    })
  }
  /** ms of this process: what else the machine does is not the book's */
  async function spent(work: () => Promise<unknown>) {
    const before = process.cpuUsage()
    await work()
    const { user, system } = process.cpuUsage(before)
    return (user + system) / 1000
  }
  it('of 6,000 notes is taken in under a second', { timeout: 120_000 }, async () => {
    const taken: number[] = []
    for (const count of [6000, 6001, 6002, 6003]) taken.push(await spent(() => book.takeIn(fileOf(count))) / slower())
    expect(Math.min(...taken)).toBeLessThan(1000)
  })
  it('takes a line at 20,000 as cheaply as at 6,000', { timeout: 120_000 }, async () => {
    await book.takeIn(fileOf(20000))
    const forty = async (tab: string) => {
      await addLines(book.opened.db, tab, [line({ kind: 'note', text: 'the first reads the tab' })])
      return spent(async () => {
        for (let i = 0; i < 40; i++)
          await addLines(book.opened.db, tab, [line({ kind: 'reading', test: 'line.volts', value: 230 + i })])
      })
    }
    const rounds: { early: number, late: number }[] = []
    for (let round = 0; round < 5; round++)
      rounds.push({ early: await forty('tab-of-6000'), late: await forty('tab-of-20000') })
    // three times as many lines: what is paid for by the line would be three times as dear, in every round
    expect(Math.min(...rounds.map(r => r.late / r.early))).toBeLessThan(2)
  })
})
