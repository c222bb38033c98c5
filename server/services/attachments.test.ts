import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gunzipSync } from 'node:zlib'
import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import { hashOf, packArchive } from '#core/formats'
import { createWriter, isKnownLine, type Line } from '#core/tab'
import type { Problem } from '#core/foundation'
import { sayProblem } from '#core/words'
import { filesInMemory, readBytes } from '../database/files'
import { openDatabase } from '../database/open'
import { addPiece, attachmentProgress, readAttachment } from './attachments'
import { exportBook, importBook, readAttachments } from './books'
import { countFaults, forgetLearned, readLearned } from './learned'
import { addLines, linesOf } from './lines'
import { Refusal } from './problems'
import { openTab, readTab } from './tabs'
import { readToday } from './today'

const folder = mkdtempSync(join(tmpdir(), 'keep-tab-pictures-'))
const files = filesInMemory()
const { db } = await openDatabase(`file:${join(folder, 'tab.db')}`, files)
let n = 0
const write = createWriter('test-device')
const line = (more: object, day = '2026-06-15') =>
  write({ id: `line-picture-${++n}`, at: `${day}T10:00:00.000Z`, ...more } as Line)
const open = (tab: string, more: object = {}) =>
  openTab(db, {
    site: { id: 'site-pictures', name: 'Hill Farm' },
    system: { id: 'system-pictures', name: 'pump', kind: 'three-phase', ...more },
    tab: { id: tab, opened: line({ kind: 'opened', complaint: 'groans', words: '' }) },
  })
const problem = async (work: Promise<unknown>) =>
  work.then(
    () => undefined,
    (e: unknown) => (e instanceof Refusal ? e.problem : { code: String(e), facts: {} }),
  )
const code = async (work: Promise<unknown>) => (await problem(work))?.code ?? 'taken'

const jpeg = new Uint8Array(
  await sharp({ create: { width: 640, height: 480, channels: 3, background: '#8a6' } })
    .jpeg()
    .toBuffer(),
)
const send = async (bytes: Uint8Array, size = 700, hash = hashOf(bytes)) => {
  for (let from = 0; from < bytes.length; from += size)
    await addPiece(db, files, hash, bytes.slice(from, from + size), from, bytes.length)
  return hash
}

describe('a picture', () => {
  it('comes in pieces, goes on where it stopped, is checked whole and stored unchanged', async () => {
    const hash = hashOf(jpeg)
    expect(await addPiece(db, files, hash, jpeg.slice(0, 1000), 0, jpeg.length)).toEqual({ have: 1000 })
    expect(await attachmentProgress(db, files, hash)).toEqual({ have: 1000 })
    // a piece sent twice, or one from further on, changes nothing
    expect(await addPiece(db, files, hash, jpeg.slice(0, 1000), 0, jpeg.length)).toEqual({ have: 1000 })
    expect(await addPiece(db, files, hash, jpeg.slice(1500), 1500, jpeg.length)).toEqual({ have: 1000 })
    expect(await addPiece(db, files, hash, jpeg.slice(1000), 1000, jpeg.length)).toEqual({ have: 'all' })
    expect(await readAttachment(db, files, hash)).toEqual({ type: 'image/jpeg', bytes: jpeg })
    expect(await readBytes(files, `partial:${hash}`)).toBeUndefined()
  })
  it('is never kept twice', async () => {
    await send(jpeg)
    expect(await addPiece(db, files, hashOf(jpeg), jpeg, 0, jpeg.length)).toEqual({ have: 'all' })
  })
  it.each<[string, Uint8Array, string | undefined, string]>([
    ['has other bytes than its hash says', jpeg.slice(1), 'a'.repeat(64), 'its bytes do not have the hash'],
    [
      'is no picture',
      new TextEncoder().encode('<svg onload=alert(1)>'),
      undefined,
      'not a JPEG, PNG or WebP picture',
    ],
    [
      'only begins like one',
      Uint8Array.from([0xff, 0xd8, 0xff, 0xe0, ...new Uint8Array(900)]),
      undefined,
      'not a JPEG',
    ],
    ['is cut off', jpeg.slice(0, jpeg.length - 900), undefined, 'not a JPEG'],
    ['has a name that is no hash', jpeg, '../../etc', 'no SHA-256'],
  ])('that %s is refused in a sentence, and none of it stays', async (_, bytes, hash, why) => {
    const told = await problem(addPiece(db, files, hash ?? hashOf(bytes), bytes, 0, bytes.length))
    expect(told!.code).toMatch(/^attachment-/)
    expect(sayProblem(told as Problem)).toContain(why)
    expect(await code(readAttachment(db, files, hash ?? hashOf(bytes)))).toBe('not-found')
  })
  it('of a logger is kept as the table that it is; a page that calls itself one is not', async () => {
    const table = new TextEncoder().encode('time,psi\n0,58\n1,57\n')
    await addPiece(db, files, hashOf(table), table, 0, table.length)
    expect((await readAttachment(db, files, hashOf(table))).type).toBe('text/csv')
    const page = new TextEncoder().encode('<html>,\n1<script>alert(1)</script>')
    expect(await code(addPiece(db, files, hashOf(page), page, 0, page.length))).toBe('attachment-unreadable')
  })
  it('is refused when empty or too large', async () => {
    expect(await code(addPiece(db, files, 'b'.repeat(64), undefined, 0, 9))).toBe('attachment-empty')
    expect(await code(addPiece(db, files, 'b'.repeat(64), new Uint8Array(9), 0, 8_000_001))).toBe(
      'attachment-too-large',
    )
  })
  it('that has not come is told by the tab that names it', async () => {
    await open('tab-pictures-1')
    const hash = hashOf(jpeg)
    const lines = [hash, 'c'.repeat(64)].map(h =>
      line({ kind: 'photo', caption: 'plate', attachments: [{ hash: h, type: 'image/jpeg', bytes: 9 }] }),
    )
    await addLines(db, 'tab-pictures-1', lines)
    expect((await readTab(db, 'tab-pictures-1')).attachments).toEqual([hash])
  })
})

describe('a book with pictures', () => {
  const pack = async (from: typeof db, site?: string) => {
    const { book, attachments } = await exportBook(from, site)
    const pieces: Uint8Array[] = []
    await packArchive(JSON.stringify(book), readAttachments(files, attachments), piece => void pieces.push(piece))
    return { book, bytes: new Uint8Array(Buffer.concat(pieces)) }
  }
  it('goes out as an archive and is taken in as it was, once', async () => {
    const { book, bytes } = await pack(db)
    const elsewhere = filesInMemory()
    const other = await openDatabase(`file:${join(folder, 'other.db')}`, elsewhere)
    for (let i = 0; i < 2; i++) await importBook(other.db, elsewhere, bytes)
    expect((await readAttachment(other.db, elsewhere, hashOf(jpeg))).bytes).toEqual(jpeg)
    expect((await exportBook(other.db)).book).toEqual(book)
    other.client.close()
  })
  it('is refused whole when it is torn or holds what is no picture', async () => {
    const { bytes } = await pack(db)
    const other = await openDatabase(`file:${join(folder, 'refuses.db')}`, files)
    expect(await code(importBook(other.db, files, bytes.slice(0, -50)))).toBe('torn-archive')
    const odd = new TextEncoder().encode('<svg onload=alert(1)>')
    const pieces: Uint8Array[] = []
    await packArchive(
      JSON.stringify((await exportBook(db)).book),
      [{ hash: hashOf(odd), type: 'image/png', bytes: odd }],
      piece => void pieces.push(piece),
    )
    expect(await code(importBook(other.db, files, new Uint8Array(Buffer.concat(pieces))))).toMatch(/^attachment-/)
    expect((await exportBook(other.db)).book.sites).toEqual([])
    other.client.close()
  })
})

describe('a database of version 1', () => {
  it('is read into version 2 once: every line in its order, the picture by its hash, lists as they were', async () => {
    const path = join(folder, 'version1.db')
    writeFileSync(path, gunzipSync(readFileSync('server/database/samples/version1.db.gz')))
    const elsewhere = filesInMemory()
    for (let i = 0; i < 2; i++) {
      const old = await openDatabase(`file:${path}`, elsewhere)
      const { book, attachments } = await exportBook(old.db)
      const [settled, left] = book.sites[0]!.systems[0]!.tabs!
      expect([settled!.lines.length, left!.lines.length, attachments.length]).toEqual([17, 4, 1])
      const lines = await linesOf(old.db, left!.id!)
      lines.forEach((l, at) => expect(l.seen).toEqual(at === 0 ? [] : [lines[at - 1]!.id]))
      const photo = lines.filter(isKnownLine).find(l => l.kind === 'photo')!
      expect(photo.attachments).toMatchObject([{ hash: attachments[0]!.hash, type: 'image/png' }])
      // by its hash and by its old name
      for (const name of [attachments[0]!.hash, 'photo-of-plate'])
        expect((await readAttachment(old.db, elsewhere, name)).bytes.length).toBe(70)
      const today = await readToday(old.db, '2026-08-20')
      expect([today.tabs.length, today.followUps.map(f => f.text)]).toEqual([1, ['drain the receiver']])
      const reply = await readTab(old.db, settled!.id!)
      expect([reply.tab.status, reply.fitted.map(f => f.part)]).toEqual(['settled', ['tube', 'pressure switch']])
      old.client.close()
    }
  })
})

describe('a system described as its tab is opened', () => {
  it('keeps its figures and options', async () => {
    await openTab(db, {
      site: { id: 'site-pictures', name: 'Hill Farm' },
      system: {
        id: 'system-plate',
        name: 'pump',
        kind: 'three-phase',
        nameplate: { 'motor.power': '5 hp', 'starter.control': 'transformer' },
      },
      tab: { id: 'tab-pictures-2', opened: line({ kind: 'opened', complaint: 'groans', words: '' }) },
    })
    const { system } = await readTab(db, 'tab-pictures-2')
    expect(system.nameplate['motor.power']).toBeCloseTo(3728.5, 0)
    expect(system.nameplate['starter.control']).toBe(1)
  })
  it.each([
    ['a figure that is none', { 'motor.power': 'strong' }, 'not-a-figure'],
    ['a choice that is none', { 'starter.control': 'steam' }, 'not-a-choice'],
    ['a figure that makes no sense', { 'switch.cutIn': '900 psi' }, 'figure-out-of-range'],
  ] as const)('refuses %s, and keeps nothing', async (_, nameplate, expected) => {
    const opening = openTab(db, {
      site: { id: 'site-pictures', name: 'Hill Farm' },
      system: { id: 'system-bad', name: 'pump', kind: 'three-phase', nameplate },
      tab: { id: 'tab-pictures-bad', opened: line({ kind: 'opened', complaint: 'groans', words: '' }) },
    })
    expect(await code(opening)).toBe(expected)
    expect(await code(readTab(db, 'tab-pictures-bad'))).toBe('not-found')
  })
})

describe('what settled tabs teach', () => {
  it('counts each fault once a settled tab, and begins anew without losing a line', async () => {
    for (const tab of ['tab-learn-1', 'tab-learn-2', 'tab-learn-3']) {
      await open(tab)
      await addLines(db, tab, [
        line({ kind: 'finding', role: 'failed', about: 'starter.coil-open', text: '' }),
        line({ kind: 'finding', role: 'failed', about: 'starter.coil-open', text: 'again' }),
        line({ kind: 'finding', role: 'cause', about: 'surge', text: '' }),
      ])
    }
    expect(await countFaults(db, 'three-phase')).toEqual({})
    for (const tab of ['tab-learn-1', 'tab-learn-2'])
      await addLines(db, tab, [line({ kind: 'settled', summary: 'done' })])
    expect(await countFaults(db, 'three-phase')).toEqual({ 'starter.coil-open': 2 })
    expect((await readTab(db, 'tab-learn-3')).learned).toEqual({ 'starter.coil-open': 2 })
    const anew = await forgetLearned(db, '2026-07-01T00:00:00.000Z', 'Ann')
    expect(anew).toMatchObject({
      since: '2026-07-01T00:00:00.000Z',
      kinds: [{ kind: 'three-phase', tabs: 2, counts: {} }],
    })
    expect((await readTab(db, 'tab-learn-1')).lines.length).toBe(5)
    expect((await readLearned(db)).since).toBe('2026-07-01T00:00:00.000Z')
  })
})
