/** The ledger, the shelf, the day, the books and search, on a database. */
import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { eq, inArray, sql } from 'drizzle-orm'
import ICAL from 'ical.js'
import { describe, expect, it } from 'vitest'
import type { LedgerDraft } from '#core/ledger'
import { createRandom } from '#core/foundation'
import { createWriter, type Line } from '#core/tab'
import { fillDerived } from '../database/fill'
import { openDatabase } from '../database/open'
import { documents, ledger, partsUsed, settledCalls, sites } from '../database/schema'
import { calendarOf } from './calendar'
import { readCalls } from './calls'
import { addLedgerLines, readLedger, readSayings } from './ledger'
import { addLines, heldOf } from './lines'
import { matchOf, search } from './search'
import { readShelf } from './shelf'
import { readBooks } from './sums'
import { line, nextNumber, useTestBook } from './testBook'
import { readToday } from './today'

const book = useTestBook()
const write = createWriter('ledger-device')
const said = (draft: LedgerDraft, at = '2026-06-10T08:00:00.000Z') =>
  write({ ...draft, id: `line-ledger-${nextNumber()}`, at } as unknown as Line)
const add = (...drafts: LedgerDraft[]) => addLedgerLines(book.opened.db, drafts.map(d => said(d)), { sender: 'Ann' })
const PART = 'part-start-cap'
const LISTED = {
  kind: 'listed', part: PART, type: 'start-capacitor', name: 'start capacitor 130–156 µF', number: 'SC-130',
  price: 18, least: { van: 2 },
} as const

/** A call that ended: what failed, why, and a part from the van. */
async function settle(system: string, fault: string, cause?: string, at = '2026-06-15T10:00:00.000Z') {
  const tab = await book.open(`tab-settled-${nextNumber()}`, system)
  await addLines(book.opened.db, tab, [
    line({ kind: 'reading', test: 'line', value: 238, at }),
    line({ kind: 'finding', role: 'failed', about: fault, text: '', at }),
    ...(cause ? [line({ kind: 'finding', role: 'cause', about: cause, text: '', at })] : []),
    line({
      kind: 'part', component: 'box', fault, on: 'start capacitor 130–156 µF', number: 'SC-130', from: 'van', at,
    }),
    line({ kind: 'note', text: 'lightning over the ridge that night', at }),
    line({ kind: 'settled', summary: 'runs', at }),
  ])
  return tab
}

describe('the ledger', () => {
  it('keeps a line once, refuses a bad one alone, and one whose number is another’s', async () => {
    const { db } = book.opened
    const [good, bad] = [said(LISTED), { ...said(LISTED), count: 'x', kind: 'counted' }]
    const reply = await addLedgerLines(db, [good, bad])
    expect(reply.kept).toEqual([good.id])
    expect(reply.refused).toMatchObject([{ id: bad.id, problem: { code: 'bad-form' } }])
    expect(await addLedgerLines(db, [good])).toEqual({ kept: [good.id], refused: [] })
    expect((await addLedgerLines(db, [{ ...good, name: 'other' }])).refused[0]?.problem.code).toBe('id-taken')
    expect((await db.select().from(ledger)).filter(l => l.id === good.id)).toHaveLength(1)
  })
  it('tells each tab the words that were placed, until they are forgotten', async () => {
    const { db } = book.opened
    const placed = said({ kind: 'saying', words: 'she yodels', test: 'sound', outcome: 'groans' })
    await addLedgerLines(db, [placed])
    expect((await readSayings(db)).map(s => [s.id, s.words, s.outcome])).toEqual([[placed.id, 'she yodels', 'groans']])
    await add({ kind: 'struck', line: placed.id, reason: 'not so' })
    expect(await readSayings(db)).toEqual([])
  })
  it('is never changed nor shortened by anybody', async () => {
    const { client } = book.opened
    await expect(client.execute(`UPDATE ledger SET body = '{}'`)).rejects.toThrow('only ever added to')
    await expect(client.execute('DELETE FROM ledger')).rejects.toThrow('only ever added to')
    await expect(client.execute(`INSERT OR REPLACE INTO ledger SELECT * FROM ledger`)).rejects.toThrow('taken')
  })
  it('counts with its device’s lines on tabs, so that none is given back for nothing', async () => {
    const own = await heldOf(book.opened.db, 'ledger-device')
    expect(own.ranges.length).toBeGreaterThan(0)
    expect(await heldOf(book.opened.db, 'test-device')).not.toEqual(own)
  })
  it('goes out with the book and comes in again, once', async () => {
    await add({ kind: 'fact', site: 'site-unit', fact: 'hazard', text: 'dog loose in the yard' })
    const out = JSON.stringify(await book.giveOut())
    expect(out).toContain('dog loose in the yard')
    const before = (await book.opened.db.select().from(ledger)).length
    await book.takeIn(out)
    expect(await book.opened.db.select().from(ledger)).toHaveLength(before)
  })
})

describe('the shelf', () => {
  it('has less by what tabs fitted from the van since it was counted', async () => {
    await add({ kind: 'counted', part: PART, place: 'van', count: 3 })
    await settle('system-shelf', 'box.cap-low', 'age')
    const [part] = (await readShelf(book.opened.db, '2026-06-15')).parts
    expect(part).toMatchObject({ number: 'SC-130', stock: { van: 2, shop: 0 } })
    expect((await book.opened.db.select().from(partsUsed))[0]).toMatchObject({ source: 'van', number: 'SC-130' })
  })
})

describe('the day', () => {
  it('tells hazards, the plan, what to load and what was ticked', async () => {
    const tab = await book.open('tab-carried', 'system-day')
    await addLines(book.opened.db, tab, [
      line({ kind: 'carried', reason: 'no part', bring: 'SC-130, two wire nuts' }),
    ])
    await add(
      { kind: 'planned', item: `tab:${tab}`, day: '2026-06-16', person: 'Ann', rank: 1 },
      { kind: 'ticked', day: '2026-06-15', what: `bring ${tab} two wire nuts`, done: true },
    )
    const today = await readToday(book.opened.db, '2026-06-15')
    expect(today.hazards['site-unit']).toEqual(['dog loose in the yard'])
    expect(today.planned).toEqual([{ item: `tab:${tab}`, day: '2026-06-16', person: 'Ann', rank: 1 }])
    expect(today.load.map(l => [l.text, l.part])).toEqual([['SC-130', PART], ['two wire nuts', '']])
    expect(today.ticked).toEqual([`bring ${tab} two wire nuts`])
  })
  it('says what fails again and again, and whether its cause was ever closed', async () => {
    for (const year of [2024, 2025, 2026])
      await settle('system-again', 'switch.pole1-burnt', undefined, `${year}-05-01T10:00:00.000Z`)
    const today = await readToday(book.opened.db, '2026-06-15')
    expect(today.recurring).toMatchObject([
      { system: 'system-again', fault: 'switch', times: 3, years: 3, closed: false },
    ])
  })
})

describe('the calendar', () => {
  it('is read back by an independent reader: whole days, over a change of clocks too, each thing once', async () => {
    const { db } = book.opened
    const tab = await book.open('tab-in-autumn', 'system-calendar')
    // clocks go back in the night before this day, in most places that change them
    await add({ kind: 'planned', item: `tab:${tab}`, day: '2026-10-25', person: 'Ann, “the first”; here', rank: 1 })
    await addLines(db, tab, [
      line({ kind: 'follow-up', text: 'Look again, at the float; then\nring', due: '2026-06-20' }),
    ])
    const file = await calendarOf(db, '2026-06-15')
    const events = new ICAL.Component(ICAL.parse(file) as unknown[]).getAllSubcomponents('vevent')
      .map(e => new ICAL.Event(e))
    const planned = events.find(e => e.uid === `tab:${tab}@keep-tab`)!
    expect(planned.startDate.isDate).toBe(true)
    expect([planned.startDate.toString(), planned.endDate.toString()]).toEqual(['2026-10-25', '2026-10-26'])
    expect(planned.description).toContain('Ann, “the first”; here')
    expect(events.find(e => e.summary.startsWith('Look again'))).toMatchObject({
      summary: 'Look again, at the float; then\nring', location: 'Hill Farm, well',
    })
    expect(new Set(events.map(e => e.uid)).size).toBe(events.length)
    for (const row of file.split('\r\n')) expect(Buffer.byteLength(row)).toBeLessThanOrEqual(75)
  })
})

describe('the books', () => {
  it('count what was settled, filtered, with the tabs behind each figure', async () => {
    const books = await readBooks(book.opened.db, {}, '2026-06-15')
    expect(books.calls).toBe(4)
    expect(books.faults[0]).toMatchObject({
      about: 'switch.pole1-burnt', name: 'Switch pole 1 burnt', tabs: { length: 3 },
    })
    expect(books.causesOpen).toMatchObject({ count: 3, of: 4 })
    expect((await readBooks(book.opened.db, { from: '2026-06-01' }, '2026-06-15')).calls).toBe(1)
    expect((await readBooks(book.opened.db, { kind: 'jet' }, '2026-06-15')).calls).toBe(0)
  })
  it('forget a tab that is opened again, and count it once more when it is settled', async () => {
    const { db } = book.opened
    const tab = await settle('system-reopened', 'box.cap-open')
    expect((await readCalls(db)).some(c => c.tab === tab)).toBe(true)
    await addLines(db, tab, [line({ kind: 'resumed', at: '2026-06-15T12:00:00.000Z' })])
    expect((await readCalls(db)).some(c => c.tab === tab)).toBe(false)
  })
  it('are the same read piece by piece as at once, whatever came and went and was moved between', async () => {
    const { db } = book.opened
    const random = createRandom(11)
    const held: string[] = []
    for (let i = 0; i < 6; i++) held.push(await settle(`system-pieces-${i % 3}`, 'box.cap-open'))
    const kept = await db.select().from(settledCalls).where(inArray(settledCalls.tab, held))
    await db.insert(sites).values({ id: 'site-pieces', name: 'Elsewhere' })
    for (let step = 0; step < 150; step++) {
      const call = kept[random.below(kept.length)]!
      const act = random.below(5)
      if (act < 4) await db.delete(settledCalls).where(eq(settledCalls.tab, call.tab))
      if (act < 2) await db.insert(settledCalls).values(call)
      if (act === 4) await addLedgerLines(db, [said({
        kind: 'system', system: `system-pieces-${random.below(3)}`, site: random.below(2) ? 'site-pieces' : 'site-unit',
      }, new Date(Date.UTC(2026, 5, 11) + step * 60e3).toISOString())])
      if (random.below(3) > 0) continue
      const { db: fresh, client } = await openDatabase(`file:${join(book.folder, 'unit.db')}`, book.files)
      expect(await readCalls(db)).toEqual(await readCalls(fresh))
      client.close()
    }
    for (const call of kept) await db.delete(settledCalls).where(eq(settledCalls.tab, call.tab))
    await db.insert(settledCalls).values(kept)
  })
  it('and search are filled for a book that an older program kept', async () => {
    const { db } = book.opened
    const before = await db.select().from(settledCalls).orderBy(settledCalls.tab)
    const found = (await search(db, 'lightning ridge')).found.length
    await db.delete(settledCalls)
    await db.delete(documents)
    expect((await search(db, 'lightning')).found).toEqual([])
    await fillDerived(db)
    expect(await db.select().from(settledCalls).orderBy(settledCalls.tab)).toEqual(before)
    expect((await search(db, 'lightning ridge')).found).toHaveLength(found)
  })
})

describe('search', () => {
  it('finds a site by its name, a tab by a note, a part by its number, as typed', async () => {
    const { db } = book.opened
    await add(LISTED)
    const first = async (typed: string) => (await search(db, typed)).found[0]
    expect(await first('hill fa')).toMatchObject({ what: 'site', title: 'Hill Farm', site: 'site-unit' })
    expect(await first('lightn')).toMatchObject({ what: 'tab', siteName: 'Hill Farm' })
    expect((await first('lightn'))?.near).toContain('‹')
    expect((await search(db, 'sc-13')).found.map(f => f.what)).toContain('part')
    expect(await first('loose yard')).toMatchObject({ what: 'site' })
  })
  it('takes whatever is typed for words, and no quote or star for an operator', async () => {
    expect(matchOf('pump" OR *')).toBe('"pump"* "OR"*')
    for (const odd of ['', '"', '*', 'NEAR(', ')(', '-', 'a:b', '🐍', 'x'.repeat(5000), 'AND OR NOT'])
      await expect(search(book.opened.db, odd), odd).resolves.toBeDefined()
  })
  it('finds a note that came alone, after the tab had been indexed', async () => {
    const tab = await book.open('tab-noted', 'system-noted')
    await addLines(book.opened.db, tab, [line({ kind: 'note', text: 'wasps under the lid' })])
    expect((await search(book.opened.db, 'wasps')).found).toMatchObject([{ what: 'tab', about: tab }])
    expect(existsSync(book.folder)).toBe(true)
  })
  it('goes by an index, and so do the lists behind the day and the shelf', async () => {
    const { db } = book.opened
    const plan = async (query: ReturnType<typeof sql>) =>
      (await db.all<{ detail: string }>(sql`EXPLAIN QUERY PLAN ${query}`)).map(r => r.detail).join('\n')
    expect(await plan(sql`SELECT * FROM found WHERE found MATCH '"a"*'`)).toContain('VIRTUAL TABLE INDEX')
    expect(await plan(sql`SELECT * FROM tabs WHERE system = 'x'`)).toContain('USING INDEX tabs_system')
    expect(await plan(sql`SELECT at FROM parts_used WHERE number = 'x' AND source = 'van' AND at > ''`))
      .toContain('USING COVERING INDEX parts_number')
    expect(await plan(sql`SELECT * FROM documents WHERE about = 'x'`)).toContain('documents_about_unique')
    expect((await db.select().from(documents).where(eq(documents.about, 'site-unit')))).toHaveLength(1)
  })
  it('knows the ledger’s own state once it is asked', async () => {
    expect((await readLedger(book.opened.db)).facts('site-unit').map(f => f.text)).toEqual(['dog loose in the yard'])
  })
})
