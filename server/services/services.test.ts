import { eq, sql } from 'drizzle-orm'
import { beforeEach, describe, expect, it } from 'vitest'
import { createWriter, type Line } from '#core/tab'
import { audit, partsUsed, receipts } from '../database/schema'
import { practiceAt, saveNameplate, savePractice } from './facts'
import { countFaults } from './learned'
import { addLines, heldOf, linesOf, readLines } from './lines'
import { readSite } from './sites'
import { openTab, readTab } from './tabs'
import { readToday } from './today'
import { watchTabs } from './watch'
import { line, nextNumber, refusal, useTestBook } from './testBook'

const book = useTestBook()

describe('lines', () => {
  let tab: string
  beforeEach(async () => {
    tab = await book.open()
  })

  it('are kept in order, and the same line twice is kept once', async () => {
    const [a, b] = [line({ kind: 'note', text: 'one' }), line({ kind: 'note', text: 'two' })]
    expect((await addLines(book.opened.db, tab, [a, b])).kept).toEqual([a.id, b.id])
    expect((await addLines(book.opened.db, tab, [a, b])).kept).toEqual([a.id, b.id])
    expect((await readLines(book.opened.db, tab)).map(k => k.line.id).slice(1)).toEqual([a.id, b.id])
  })
  it('are refused when the number is another line\'s, and the others go on', async () => {
    const a = line({ kind: 'note', text: 'one' })
    await addLines(book.opened.db, tab, [a])
    const reply = await addLines(book.opened.db, tab, [
      { ...a, text: 'changed' } as Line,
      line({ kind: 'note', text: 'next' }),
    ])
    expect(reply.refused[0]).toMatchObject({ id: a.id, problem: { code: 'id-taken' } })
    expect(reply.kept).toHaveLength(1)
  })
  it('are kept though their proof has not come, or the tab was settled: that is judged in the fold', async () => {
    const lines = [
      line({ kind: 'reading', test: 'relay.ohms', value: 0 }),
      line({ kind: 'settled', summary: 'done' }),
      line({ kind: 'reading', test: 'line.volts', value: 238 }),
      line({ kind: 'strike', line: 'line-to-come-1', reason: 'x' }),
      line({ kind: 'reading', test: 'windmill.volts', value: 1 }),
    ]
    expect(await addLines(book.opened.db, tab, lines)).toMatchObject({ kept: lines.map(l => l.id), refused: [] })
  })
  it('of bad form are refused alone, by their place', async () => {
    const good = line({ kind: 'note', text: 'good' })
    const reply = await addLines(book.opened.db, tab, [
      { ...good, id: 'line-odd-figure', kind: 'reading', test: 'line.volts', value: 'high' },
      good,
      null,
      'text',
      { ...good, id: 'x' },
    ])
    expect(reply.kept).toEqual([good.id])
    expect(reply.refused.map(r => [r.id, r.problem.code])).toEqual([
      ['line-odd-figure', 'bad-form'],
      ['', 'bad-form'],
      ['', 'bad-form'],
      ['x', 'bad-form'],
    ])
  })
  it('of a kind to come, and from the year 2999, are kept as they are', async () => {
    const foreign = {
      ...line({ kind: 'note', text: 'x' }),
      id: 'line-of-a-kind',
      kind: 'forecast',
      step: 'drain',
      deep: [{ a: 1 }],
    }
    const far = {
      ...line({ kind: 'note', text: 'x' }),
      id: 'line-from-2999',
      at: '2999-01-01T00:00:00.000Z',
      clock: '32472144000000.0000',
    }
    expect((await addLines(book.opened.db, tab, [foreign, far])).kept).toEqual([foreign.id, far.id])
    expect((await linesOf(book.opened.db, tab)).slice(-2)).toEqual([foreign, far])
  })
  it('that version 1 kept are known again when a device sends them with a place of its own', async () => {
    const put = createWriter('file-kept-long-ago')
    const old = { id: 'line-of-version-1', at: '2025-06-15T10:00:00.000Z', kind: 'note', text: 'old' } as const
    await addLines(book.opened.db, tab, [put(old)])
    const again = createWriter('dev-upgraded')(old)
    expect(await addLines(book.opened.db, tab, [again])).toEqual({ kept: [old.id], refused: [] })
    expect((await addLines(book.opened.db, tab, [{ ...again, text: 'another' }])).refused).toHaveLength(1)
    expect((await linesOf(book.opened.db, tab)).filter(l => l.id === old.id)).toHaveLength(1)
  })
  it('carry a receipt that says when they came, once', async () => {
    const a = line({ kind: 'note', text: 'one' })
    await addLines(book.opened.db, tab, [a], { received: '2026-06-15T10:05:00.000Z' })
    await addLines(book.opened.db, tab, [a], { received: '2026-06-16T10:05:00.000Z' })
    const last = (await readLines(book.opened.db, tab)).at(-1)!
    expect(last).toMatchObject({ received: '2026-06-15T10:05:00.000Z', line: { id: a.id } })
    expect(await book.opened.db.select().from(receipts).where(eq(receipts.seq, last.seq))).toHaveLength(1)
  })
  it('can be asked for from a place on, and by device as ranges of its counter', async () => {
    const own = createWriter('dev-of-ranges')
    const some = Array.from({ length: 9 }, (_, i) =>
      own({ id: `line-range-${i}`, at: '2026-06-15T10:00:00.000Z', kind: 'note', text: 'x' }),
    )
    await addLines(
      book.opened.db,
      tab,
      some.filter((_, i) => i !== 3 && i !== 4),
    )
    expect((await heldOf(book.opened.db, 'dev-of-ranges')).ranges).toEqual([
      [1, 3],
      [6, 9],
    ])
    const kept = await readLines(book.opened.db, tab)
    expect(await readLines(book.opened.db, tab, kept[2]!.seq)).toEqual(kept.slice(3))
  })
  it('of two posts at once on one tab are all kept, and the lists say what both give', async () => {
    const posts = Array.from({ length: 12 }, (_, i) => [
      line({ kind: 'part', component: 'box', on: `part ${i}` }),
    ])
    await Promise.all(posts.map(p => addLines(book.opened.db, tab, p)))
    expect((await linesOf(book.opened.db, tab)).length).toBe(13)
    expect((await book.opened.db.select().from(partsUsed).where(eq(partsUsed.tab, tab))).length).toBe(12)
  })
  it('cannot be changed, deleted or replaced, not even by the database\'s own hand', async () => {
    const [first] = await readLines(book.opened.db, tab)
    for (const statement of [
      sql`UPDATE lines SET body = '{}' WHERE id = ${first!.line.id}`,
      sql`DELETE FROM lines WHERE id = ${first!.line.id}`,
      sql`INSERT OR REPLACE INTO lines (seq, id, tab, device, counter, at, kind, body)
        VALUES (${first!.seq}, 'x', ${tab}, 'd', 1, 'x', 'note', '{}')`,
      sql`INSERT OR REPLACE INTO lines (id, tab, device, counter, at, kind, body)
        VALUES (${first!.line.id}, ${tab}, 'd', 1, 'x', 'note', '{}')`,
    ]) {
      await expect(book.opened.db.run(statement)).rejects.toThrow()
    }
    expect((await readLines(book.opened.db, tab))[0]).toEqual(first)
  })
  it('are announced to whoever watches the tab', async () => {
    const heard: string[] = []
    const stop = watchTabs(news => news.tab === tab && heard.push(...news.lines))
    const a = line({ kind: 'note', text: 'hear' })
    await addLines(book.opened.db, tab, [a])
    stop()
    await addLines(book.opened.db, tab, [line({ kind: 'note', text: 'not heard' })])
    expect(heard).toEqual([a.id])
  })
  it('settle and carry the tab for the lists, and note the parts used and fitted', async () => {
    await addLines(book.opened.db, tab, [
      line({ kind: 'part', component: 'box', on: 'start relay', number: 'SR-34' }),
      line({ kind: 'carried', reason: 'waits', bring: 'a relay' }),
    ])
    const reply = await readTab(book.opened.db, tab)
    expect(reply.tab.status).toBe('carried')
    expect(reply.fitted.map(f => f.part)).toEqual(['start relay'])
    await addLines(book.opened.db, tab, [
      line({ kind: 'part', component: 'box', off: 'start relay', on: 'start relay, new' }),
    ])
    expect((await readTab(book.opened.db, tab)).fitted.map(f => [f.part, f.removed !== null])).toEqual([
      ['start relay', true],
      ['start relay, new', false],
    ])
    const used = await book.opened.db.run(sql`SELECT count(*) AS n FROM parts_used WHERE system = ${reply.system.id}`)
    expect(Number(used.rows[0]!.n)).toBe(2)
  })
  it('take the projection of a part back when its line is struck', async () => {
    const part = line({ kind: 'part', component: 'tank', on: 'bladder tank' })
    await addLines(book.opened.db, tab, [part])
    expect((await readTab(book.opened.db, tab)).fitted.map(f => f.part)).toContain('bladder tank')
    await addLines(book.opened.db, tab, [line({ kind: 'strike', line: part.id, reason: 'wrong site' })])
    const after = await readTab(book.opened.db, tab)
    expect(after.fitted.map(f => f.part)).not.toContain('bladder tank')
    expect(after.lines.map(k => k.line.id)).toContain(part.id)
  })
  it('answer for a tab that is not there', async () =>
    expect(
      (await refusal(addLines(book.opened.db, 'tab-nowhere', [line({ kind: 'note', text: 'x' })]))).problem.code,
    ).toBe('not-found'))
})

describe('opening a tab', () => {
  it('is safe to repeat', async () => {
    const request = {
      site: { id: 'site-twice', name: 'Mill Farm' },
      system: { id: 'system-twice', name: 'well of Mill Farm', kind: 'well-3wire' },
      tab: { id: 'tab-twice', opened: line({ kind: 'opened', complaint: 'groans', words: 'it groans' }) },
    } as const
    const first = await openTab(book.opened.db, request)
    expect(await openTab(book.opened.db, request)).toEqual(first)
    // on record once, by who sent it
    const acts = (await book.opened.db.select().from(audit)).filter(a => a.facts.name === request.system.name)
    expect(acts.map(a => a.act)).toEqual(['system-added'])
    expect((await readTab(book.opened.db, 'tab-twice')).lines.map(l => l.line)).toEqual([request.tab.opened])
    const site = await readSite(book.opened.db, 'site-twice', '2026-06-15')
    expect(site.systems.map(s => [s.system.id, s.tabs.map(t => t.tab.id)])).toEqual([['system-twice', ['tab-twice']]])
  })
  it.each([
    ['an unknown kind', { id: 'system-odd', name: 'x', kind: 'windmill' }, 'unknown-kind'],
    ['a system that is neither known nor named', { id: 'system-gone' }, 'not-found'],
  ])('refuses %s', async (_, system, code) => {
    const request = {
      site: { id: 'site-unit', name: 'Hill Farm' },
      system,
      tab: { id: `tab-unit-${nextNumber()}`, opened: line({ kind: 'opened', complaint: 'groans', words: '' }) },
    }
    expect((await refusal(openTab(book.opened.db, request))).problem.code).toBe(code)
  })
})

describe('a call that comes back', () => {
  const openAt = async (system: string, at: string, complaint = 'no-water') => {
    const id = `tab-back-${nextNumber()}`
    const opened = line({ kind: 'opened', complaint, words: `dry on ${at.slice(0, 10)}`, at })
    await openTab(book.opened.db, {
      site: { id: 'site-back', name: 'Old Ford' },
      system: { id: system, name: 'well', kind: 'well-3wire' },
      tab: { id, opened },
    })
    return id
  }
  const settleAt = (tab: string, at: string) =>
    addLines(book.opened.db, tab, [line({ kind: 'settled', summary: 'done', at })])

  it('within thirty days is linked to the call it comes back from, and later is not', async () => {
    const first = await openAt('system-back-1', '2026-05-01T08:00:00.000Z')
    await settleAt(first, '2026-05-01T10:00:00.000Z')
    const soon = await openAt('system-back-1', '2026-05-20T08:00:00.000Z')
    expect((await readTab(book.opened.db, soon)).comebackOf).toMatchObject({ tab: first, words: 'dry on 2026-05-01' })
    const later = await openAt('system-back-1', '2026-07-20T08:00:00.000Z')
    expect((await readTab(book.opened.db, later)).comebackOf).toBeUndefined()
  })
  it('is none on another system, and a check-up is none', async () => {
    await settleAt(await openAt('system-back-2', '2026-05-01T08:00:00.000Z'), '2026-05-01T10:00:00.000Z')
    const other = await openAt('system-back-3', '2026-05-02T08:00:00.000Z')
    const check = await openAt('system-back-2', '2026-05-02T08:00:00.000Z', 'check-up')
    for (const tab of [other, check]) expect((await readTab(book.opened.db, tab)).comebackOf).toBeUndefined()
  })
})

describe('struck lines', () => {
  it('count nowhere: not on Today, not in what is learned, not in what is fitted or to be brought', async () => {
    const tab = await book.open()
    const system = (await readTab(book.opened.db, tab)).system.id
    const lines = [
      line({ kind: 'follow-up', text: 'struck follow-up', due: '2026-06-20' }),
      line({ kind: 'part', component: 'box', on: 'struck part' }),
      line({ kind: 'finding', role: 'failed', about: 'box.cap-low', text: '' }),
      line({ kind: 'carried', reason: 'waits', bring: 'struck load' }),
    ]
    await addLines(book.opened.db, tab, lines)
    const told = async () => {
      const today = await readToday(book.opened.db, '2026-06-15')
      return JSON.stringify([
        today.followUps,
        today.bring,
        await readSite(book.opened.db, 'site-unit', '2026-06-15')
          .then(s => s.systems.find(y => y.system.id === system)?.fitted),
      ])
    }
    for (const text of ['struck follow-up', 'struck part', 'struck load']) expect(await told()).toContain(text)
    await addLines(
      book.opened.db,
      tab,
      lines.map(l => line({ kind: 'strike', line: l.id, reason: 'wrong tab' })),
    )
    for (const text of ['struck follow-up', 'struck part', 'struck load'])
      expect(await told()).not.toContain(text)
    const before = (await countFaults(book.opened.db, 'well-3wire'))['box.cap-low'] ?? 0
    await addLines(book.opened.db, tab, [line({ kind: 'settled', summary: 'done' })])
    expect((await countFaults(book.opened.db, 'well-3wire'))['box.cap-low'] ?? 0).toBe(before)
  })
})

describe('facts and practice', () => {
  it('are dated: a settled tab keeps the nameplate and practice of its settlement, an open one has those of '
    + 'now', async () => {
    const settled = await book.open('tab-facts-1', 'system-facts')
    const left = await book.open('tab-facts-2', 'system-facts')
    await saveNameplate(
      book.opened.db,
      'system-facts',
      { 'motor.power': '1/2 hp' },
      { from: '2026-06-15T10:00:00.000Z', by: 'R. Fennick' },
    )
    await addLines(book.opened.db, settled, [line({ kind: 'settled', summary: 'done' })])
    await saveNameplate(
      book.opened.db,
      'system-facts',
      { 'motor.power': '1 hp' },
      { from: '2026-06-16T09:00:00.000Z', by: 'T. Oakhollow' },
    )
    await savePractice(
      book.opened.db,
      { prechargeOffsetPsi: 4 },
      { from: '2026-06-16T09:00:00.000Z', by: 'T. Oakhollow' },
    )
    const seen = async (tab: string) => {
      const { system, practice } = await readTab(book.opened.db, tab)
      return [Math.round(system.nameplate['motor.power']!), practice.prechargeOffsetPsi]
    }
    expect([await seen(settled), await seen(left)]).toEqual([
      [373, 2],
      [746, 4],
    ])
    expect(await practiceAt(book.opened.db)).toEqual({ prechargeOffsetPsi: 4 })
    const { sites, practice } = await book.giveOut()
    expect(practice).toEqual([
      { from: '2026-06-16T09:00:00.000Z', by: 'T. Oakhollow', practice: { prechargeOffsetPsi: 4 } },
    ])
    const plates = sites.flatMap(s => s.systems).find(s => s.id === 'system-facts')!.plates!
    expect(plates.map(p => [p.from, p.by])).toEqual([
      ['2026-06-15T10:00:00.000Z', undefined],
      ['2026-06-15T10:00:00.000Z', 'R. Fennick'],
      ['2026-06-16T09:00:00.000Z', 'T. Oakhollow'],
    ])
  })
})
