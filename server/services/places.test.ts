/** Systems that come and go, their tags and checks; sites by the page; links and the post; a supplier's desk. */
import { generateKeyPairSync } from 'node:crypto'
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import { createServer } from 'node:http'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { eq, sql } from 'drizzle-orm'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { EVERY_SYSTEM, type LedgerDraft } from '#core/ledger'
import { makeToken } from '#core/tags'
import { createWriter, type Line } from '#core/tab'
import { createDesk, quote } from '../../standins/desk'
import { TABS_A_PAGE, type OlderTabsReply } from '#contracts'
import { people, sites, systems, tabs } from '../database/schema'
import { admitCalendar, makeCalendarWord } from './calendarLinks'
import { openDesk } from './desk'
import { addLedgerLines } from './ledger'
import { addLines } from './lines'
import { openOutbox } from './outbox'
import { readReadings } from './readings'
import { search } from './search'
import { listSites, readOlderTabs, readSite, readTags } from './sites'
import { line, nextNumber, refusal, useTestBook } from './testBook'
import { readToday } from './today'

const book = useTestBook()
const write = createWriter('places-device')
let clock = Date.parse('2026-06-10T08:00:00.000Z')
const add = (...drafts: LedgerDraft[]) => addLedgerLines(book.opened.db, drafts.map(d => write({
  ...d, id: `line-places-${nextNumber()}`, at: new Date(clock += 1000).toISOString(),
} as unknown as Line)), { sender: 'Ann' })
const TODAY = '2026-06-15'
const systemOf = async (id: string) =>
  (await book.opened.db.select().from(systems).where(eq(systems.id, id)))[0]

describe('a site with many calls', () => {
  it('comes with its newest; those before come by pages, which stay as they are while tabs are opened', async () => {
    const { db } = book.opened
    await db.insert(sites).values({ id: 'site-years', name: 'Long Years' })
    await db.insert(systems).values(['a', 'b'].map(x =>
      ({ id: `system-years-${x}`, site: 'site-years', name: x, kind: 'jet', nameplate: {} })))
    const put = (n: number) => db.insert(tabs).values({
      id: `tab-years-${n}`, system: `system-years-${n % 2 ? 'a' : 'b'}`, status: 'settled', complaint: 'check-up',
      words: '', openedAt: new Date(Date.UTC(2020, 0, n)).toISOString(),
    })
    for (let n = 0; n < 2 * TABS_A_PAGE + 5; n++) await put(n)
    const idsOf = (found: OlderTabsReply['tabs']) => found.map(t => Number(t.tab.id.split('-').at(-1)))
    const newest = async () => {
      const { older, systems: own } = await readSite(db, 'site-years', TODAY)
      return { older, ids: own.map(s => idsOf(s.tabs)) }
    }
    const [all, even] = [Array.from({ length: 65 }, (_, n) => 64 - n), (n: number) => n % 2 === 0]
    expect(await newest()).toEqual({ older: 1, ids: [
      all.filter(n => n >= 30 && !even(n)), all.filter(n => n >= 30 && even(n)),
    ] })
    const oldest = await readOlderTabs(db, 'site-years', 0)
    expect(idsOf(oldest.tabs)).toEqual(all.filter(n => n < 30))
    await put(65)
    expect(await readOlderTabs(db, 'site-years', 0)).toEqual(oldest)
    expect((await readOlderTabs(db, 'site-years', 9)).tabs).toEqual([])
    expect((await readOlderTabs(db, 'site-nowhere', 0)).tabs).toEqual([])
  })
})

describe('a system', () => {
  it('is renamed, moved and retired by lines, wherever it is listed and found', async () => {
    const { db } = book.opened
    await book.open('tab-come-and-go', 'system-come-and-go')
    await db.insert(sites).values({ id: 'site-barn', name: 'Upper Barn' })
    await add({ kind: 'system', system: 'system-come-and-go', name: 'spring pump', location: 'behind the barn' })
    expect(await systemOf('system-come-and-go')).toMatchObject({ name: 'spring pump', location: 'behind the barn' })
    expect((await search(db, 'spring pump')).found[0]).toMatchObject({ what: 'system', about: 'system-come-and-go' })
    await add({ kind: 'system', system: 'system-come-and-go', site: 'site-barn', retired: '2026-06-01' })
    const [barn] = (await listSites(db, { seek: 'upper bar' })).sites
    expect(barn?.systems).toMatchObject([{ name: 'spring pump', retired: '2026-06-01' }])
    expect((await readSite(db, 'site-barn', TODAY)).systems[0]!.tabs).toHaveLength(1)
    expect((await search(db, 'spring pump')).found[0]!.siteName).toBe('Upper Barn')
    await add({ kind: 'system', system: 'system-come-and-go', retired: '' })
    expect((await systemOf('system-come-and-go'))?.retired).toBe('')
  })
  it('stays where it is when it is moved to a site that nobody knows', async () => {
    await add({ kind: 'system', system: 'system-come-and-go', site: 'site-nowhere' })
    expect((await systemOf('system-come-and-go'))?.site).toBe('site-barn')
  })
  it('takes in its tabs from an older file where it stands now', async () => {
    const out = await book.giveOut()
    const old = { ...out, ledger: [], sites: out.sites.map(s => (s.id === 'site-barn'
      ? { ...s, id: 'site-unit', name: 'Hill Farm' }
      : s)).filter(s => s.systems.length > 0) }
    const taken = await book.takeIn(JSON.stringify({ ...old, seal: undefined }))
    expect(taken.refused).toEqual([])
    expect((await systemOf('system-come-and-go'))?.site).toBe('site-barn')
    expect((await systemOf('system-come-and-go'))?.name).toBe('spring pump')
  })
  it('is opened by any tag that was ever stuck on it', async () => {
    const tokens = [3, 5].map(seed => makeToken(Uint8Array.from({ length: 26 }, (_, i) => (i * seed) % 256)))
    for (const token of tokens) await add({ kind: 'tag', system: 'system-come-and-go', token })
    await add({ kind: 'tag', system: 'system-gone-away', token: makeToken(new Uint8Array(26)) })
    const { tags } = await readTags(book.opened.db)
    expect(tags.map(t => t.token)).toEqual([tokens[1], tokens[0]])
    expect(tags[0]).toMatchObject({ systemName: 'spring pump', siteName: 'Upper Barn' })
    expect((await readSite(book.opened.db, 'site-barn', TODAY)).systems[0]!.token).toBe(tokens[1])
  })
})

describe('checks', () => {
  it('fall due on the day by what was read last, and not on a system that is retired', async () => {
    const { db } = book.opened
    const system = 'system-checked'
    const tab = await book.open('tab-checked', system)
    await addLines(db, tab, [
      line({ kind: 'reading', test: 'precharge', value: 38 * 6894.757, at: '2025-06-20T10:00:00.000Z' }),
      line({ kind: 'settled', summary: 'ok', at: '2025-06-20T11:00:00.000Z' }),
    ])
    const due = async () => (await readToday(db, TODAY)).checks.find(c => c.system === system)
    expect(await due()).toMatchObject({ due: '2026-06-20', checks: expect.arrayContaining(['precharge']) as string[] })
    // 20 June 2026 is a Saturday: it is laid to the working day before
    expect((await due())?.on).toBe('2026-06-19')
    const one = (await readSite(db, 'site-unit', TODAY)).systems.find(s => s.system.id === system)!
    expect(one.checks.find(c => c.check === 'precharge')).toMatchObject({ months: 12, last: '2025-06-20', own: false })
    await add({ kind: 'check', system: EVERY_SYSTEM, check: 'precharge', months: 24 })
    expect((await due())?.checks).not.toContain('precharge')
    await add({ kind: 'check', system, check: 'precharge', months: 12 })
    expect((await due())?.checks).toContain('precharge')
    await add({ kind: 'system', system, retired: TODAY })
    expect(await due()).toBeUndefined()
  })
})

describe('the list of sites', () => {
  it('comes a page at a time by name, each once, read by its index', async () => {
    const { db } = book.opened
    await db.insert(sites).values(Array.from({ length: 130 }, (_, i) =>
      ({ id: `site-page-${i}`, name: `Paged ${String(i % 60).padStart(2, '0')}` })))
    const seen: string[] = []
    let after: string | undefined
    for (let pages = 0; pages < 9; pages++) {
      const page = await listSites(db, after ? { after } : {})
      seen.push(...page.sites.map(s => s.id))
      after = page.next
      if (!after) break
    }
    expect(new Set(seen).size).toBe(seen.length)
    expect(seen).toHaveLength((await db.select().from(sites)).length)
    const plan = await db.all<{ detail: string }>(sql`EXPLAIN QUERY PLAN SELECT * FROM sites
      WHERE (name, id) > ('Paged 07', 'x') ORDER BY name, id LIMIT 61`)
    expect(plan.map(p => p.detail).join('; ')).toMatch(/USING INDEX sites_name/)
    expect(plan.map(p => p.detail).join('; ')).not.toMatch(/TEMP B-TREE/)
    // what is no mark of a page begins at the beginning
    expect((await listSites(db, { after: '{"no":1}' })).sites[0]?.id).toBe((await listSites(db)).sites[0]?.id)
  })
})

describe('the lists', () => {
  it.each([
    ['Today’s tabs', 'SELECT * FROM tabs WHERE status IN (\'open\', \'carried\')'],
    ['what is due', 'SELECT * FROM follow_ups WHERE due >= \'2026-06-01\' AND due <= \'2026-07-01\' ORDER BY due'],
    ['the tabs of a system', 'SELECT * FROM tabs WHERE system IN (\'a\', \'b\')'],
    ['a page of a site’s tabs', 'SELECT t.* FROM tabs t JOIN systems y ON y.id = t.system WHERE y.site = \'a\' '
    + 'ORDER BY t.openedAt, t.id LIMIT 30 OFFSET 60'],
    ['the lines of such a page', 'SELECT tab, group_concat(body, \',\' ORDER BY seq) FROM lines '
    + 'WHERE tab IN (SELECT value FROM json_each(\'["a"]\')) GROUP BY tab'],
    ['settled calls that are new', 'SELECT s.call, t.openedAt FROM settled_calls s JOIN tabs t ON t.id = s.tab '
    + 'WHERE s.rowid BETWEEN 7 AND 9 ORDER BY s.rowid LIMIT 1000'],
    ['what a system was given', 'SELECT * FROM parts_used WHERE system IN (\'a\', \'b\')'],
    ['the sites of a page', 'SELECT * FROM systems WHERE site IN (\'a\', \'b\')'],
    ['what was fitted from the van', 'SELECT p.at FROM json_each(\'["a"]\') v JOIN parts_used p '
    + 'ON p.number = v.value AND p.source = \'van\' AND p.at > \'2026\''],
    ['a tab’s lines', 'SELECT * FROM lines WHERE tab = \'a\' AND seq > 5 ORDER BY seq'],
    ['settled calls', 'SELECT max(at) FROM settled_calls'],
  ])('%s are read by an index', async (_, query) => {
    const plan = await book.opened.db.all<{ detail: string }>(sql.raw(`EXPLAIN QUERY PLAN ${query}`))
    const told = plan.map(p => p.detail).join('; ')
    expect(told).toMatch(/USING (COVERING )?INDEX|USING INTEGER PRIMARY KEY/)
    expect(told).not.toMatch(/SCAN (?!v\b|json_each)(?!.*USING (COVERING )?INDEX)/)
  })
})

describe('readings as a table', () => {
  it('are each in the trade’s unit with the system they are of, more of them than are read at once', async () => {
    const rows = []
    for await (const piece of readReadings(book.opened.db, { tab: 'tab-checked' })) rows.push(...piece)
    expect(rows).toMatchObject([{ test: 'precharge', value: 38, unit: 'psi', kind: 'well-3wire', site: 'Hill Farm' }])
    expect((await readReadings(book.opened.db, { site: 'site-nowhere' }).next()).done).toBe(true)
  })
})

describe('the calendar’s link', () => {
  const { privateKey } = generateKeyPairSync('ed25519')
  it('lets its person in until that person is gone, and nobody who makes one up', async () => {
    const { db } = book.opened
    await db.insert(people).values({ id: 'person-cal', name: 'Cal', known: 'cal', role: 'technician', made: TODAY })
    const word = makeCalendarWord(privateKey, 'person-cal')
    await expect(admitCalendar(db, privateKey, word)).resolves.toBeUndefined()
    for (const odd of [word.replace('person-cal', 'person-own'), `${word.slice(0, -4)}AAAA`, 'person-cal', ''])
      expect((await refusal(admitCalendar(db, privateKey, odd))).problem.code).toBe('link-spent')
    await db.update(people).set({ left: TODAY }).where(eq(people.id, 'person-cal'))
    expect((await refusal(admitCalendar(db, privateKey, word))).problem.code).toBe('link-spent')
  })
})

describe('the outbox', () => {
  it('keeps a message as a file that a mail program opens, with what was attached', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'keep-tab-outbox-'))
    const told = await openOutbox(`file:${join(folder, 'book.db')}`, '').send({
      to: 'owner@example.test', subject: 'yard well: was gemacht wurde', text: 'Grüße',
      attachment: { name: 'sheet.pdf', type: 'application/pdf', bytes: new TextEncoder().encode('%PDF-1.7 hello') },
    })
    const [name, ...others] = readdirSync(join(folder, 'outbox'))
    expect(others).toEqual([])
    expect(told).toContain(name)
    const message = readFileSync(join(folder, 'outbox', name!), 'utf8')
    expect(message).toMatch(/^To: owner@example\.test\r$/m)
    expect(message).toMatch(/Content-Disposition: attachment; filename=sheet\.pdf/)
    expect(message).toContain(Buffer.from('%PDF-1.7 hello').toString('base64'))
    rmSync(folder, { recursive: true })
  })
  it('says that a mail server does not answer, and sends nothing', async () => {
    const outbox = openOutbox('file:x.db', 'smtp://127.0.0.1:1')
    const sent = outbox.send({
      to: 'a@example.test', subject: 's', text: '',
      attachment: { name: 'a.pdf', type: 'application/pdf', bytes: new Uint8Array() },
    })
    expect((await refusal(sent)).problem.code).toBe('post-down')
  })
})

describe('a supplier’s desk', () => {
  const desk = createDesk()
  let url = ''
  /** what an odd desk says next */
  let says: { readonly status: number, readonly body: string } = { status: 200, body: '' }
  const odd = createServer((_, response) => response.writeHead(says.status).end(says.body))
  let oddUrl = ''
  const listen = (server: typeof desk) => new Promise<string>(resolve => server.listen(0, '127.0.0.1', () =>
    resolve(`http://127.0.0.1:${(server.address() as AddressInfo).port}`)))
  beforeAll(async () => {
    url = await listen(desk)
    oddUrl = await listen(odd)
  })
  afterAll(() => {
    desk.close()
    odd.close()
  })
  it('says what a number costs and when it comes, the same each time, and orders once', async () => {
    const own = openDesk(url)
    expect(await own.quote('SC-130')).toEqual(quote('SC-130'))
    const first = await own.order({ key: 'order-key-1', number: 'SC-130', count: 2 })
    expect(await own.order({ key: 'order-key-1', number: 'SC-130', count: 2 })).toEqual(first)
    expect((await own.order({ key: 'order-key-2', number: 'SC-130', count: 2 })).order).not.toBe(first.order)
  })
  it('may be down, talk nonsense, speak of another number or not be named at all: it is said', async () => {
    const code = async (ask: () => Promise<unknown>) => (await refusal((async () => ask())())).problem.code
    expect(await code(() => openDesk('http://127.0.0.1:1').quote('A1'))).toBe('desk-down')
    const answers = [
      [500, 'oops', 'desk-down'], [200, '<html>', 'desk-odd'], [200, '{"number":"A1","price":"cheap"}', 'desk-odd'],
      [200, JSON.stringify({ ...quote('B2') }), 'desk-odd'], [404, '{}', 'desk-odd'],
    ] as const
    for (const [status, body, expected] of answers) {
      says = { status, body }
      expect([body, await code(() => openDesk(oddUrl).quote('A1'))]).toEqual([body, expected])
    }
    expect(await code(() => openDesk('').quote('A1'))).toBe('desk-none')
  })
})
