import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import type { Line } from '#core/tab'
import { sayProblem } from '#core/words'
import { openDatabase } from '../database/open'
import { exportBook, importBook } from './books'
import { countFaults, forgetLearned, readLearned } from './learned'
import { addLines } from './lines'
import { keepPhoto, readPhoto } from './photos'
import { Refusal } from './problems'
import { openTab, readTab } from './tabs'

const folder = mkdtempSync(join(tmpdir(), 'keep-tab-photos-'))
const { db } = await openDatabase(`file:${join(folder, 'tab.db')}`)
let n = 0
const line = (more: object, day = '2026-06-15') => ({ id: `line-photo-${++n}`, at: `${day}T10:00:00.000Z`, ...more }) as Line
const open = (tab: string, more: object = {}) => openTab(db, { site: { id: 'site-photos', name: 'Hill Farm' }, system: { id: 'system-photos', name: 'pump', kind: 'three-phase', ...more }, tab: { id: tab, opened: line({ kind: 'opened', complaint: 'groans', words: '' }) } })
const code = async (work: Promise<unknown>) => work.then(() => 'taken', (e: unknown) => e instanceof Refusal ? e.problem.code : String(e))
const jpeg = Buffer.from([0xFF, 0xD8, 0xFF, 0xE0, 1, 2, 3, 4])

describe('pictures', () => {
  it('are kept once, and come back as they went in', async () => {
    await open('tab-photos-1')
    await keepPhoto(db, 'tab-photos-1', 'photo-1', jpeg)
    await keepPhoto(db, 'tab-photos-1', 'photo-1', Buffer.concat([jpeg, jpeg]))
    const kept = await readPhoto(db, 'photo-1')
    expect(kept.type).toBe('image/jpeg')
    expect(kept.bytes.equals(jpeg)).toBe(true)
  })
  it('are refused when empty, too large, no picture, or of no tab', async () => {
    expect(await code(keepPhoto(db, 'tab-photos-1', 'photo-2', undefined))).toBe('bad-photo')
    expect(await code(keepPhoto(db, 'tab-photos-1', 'photo-2', Buffer.concat([jpeg, Buffer.alloc(2_100_000)])))).toBe('bad-photo')
    expect(await code(keepPhoto(db, 'tab-photos-1', 'photo-2', Buffer.from('<svg onload=alert(1)>')))).toBe('bad-photo')
    expect(await code(keepPhoto(db, 'no-such-tab', 'photo-2', jpeg))).toBe('not-found')
    expect(await code(readPhoto(db, 'photo-2'))).toBe('not-found')
  })
  it('go with their tab in the open file, and are taken in with it, once', async () => {
    const book = await exportBook(db, 'site-photos')
    expect(book.sites[0]!.systems[0]!.tabs![0]!.photos).toEqual([{ id: 'photo-1', type: 'image/jpeg', base64: jpeg.toString('base64') }])
    const other = await openDatabase(`file:${join(folder, 'other.db')}`)
    for (let i = 0; i < 2; i++) await importBook(other.db, JSON.stringify(book))
    expect((await readPhoto(other.db, 'photo-1')).bytes.equals(jpeg)).toBe(true)
    expect(await exportBook(other.db, 'site-photos')).toEqual(book)
    other.client.close()
  })
  it('that are none, or no base64, refuse the whole file by their place', async () => {
    const book = await exportBook(db, 'site-photos')
    const withPhoto = (base64: string) => JSON.stringify({ ...book, sites: book.sites.map(s => ({ ...s, name: 'Half a Site', systems: s.systems.map(y => ({ ...y, tabs: y.tabs!.map(t => ({ ...t, photos: [{ id: 'photo-odd', type: 'image/png', base64 }] })) })) })) })
    const other = await openDatabase(`file:${join(folder, 'refuses.db')}`)
    const why = async (base64: string) => importBook(other.db, withPhoto(base64)).then(() => '', (e: unknown) => e instanceof Refusal ? sayProblem(e.problem) : String(e))
    expect(await why(Buffer.from('<svg onload=alert(1)>').toString('base64'))).toBe('That picture cannot be kept: it is not a JPEG, PNG or WebP picture (picture photo-odd of the tab of 2026-06-15).')
    expect(await why('not base64!')).toContain('photos › 0 › base64')
    expect((await exportBook(other.db)).sites).toEqual([])
    other.client.close()
  })
})

describe('a system described as its tab is opened', () => {
  it('keeps its figures and options', async () => {
    await openTab(db, { site: { id: 'site-photos', name: 'Hill Farm' }, system: { id: 'system-plate', name: 'pump', kind: 'three-phase', nameplate: { 'motor.power': '5 hp', 'starter.control': 'transformer' } }, tab: { id: 'tab-photos-2', opened: line({ kind: 'opened', complaint: 'groans', words: '' }) } })
    const { system } = await readTab(db, 'tab-photos-2')
    expect(system.nameplate['motor.power']).toBeCloseTo(3728.5, 0)
    expect(system.nameplate['starter.control']).toBe(1)
  })
  it.each([['a figure that is none', { 'motor.power': 'strong' }, 'not-a-figure'], ['a choice that is none', { 'starter.control': 'steam' }, 'not-a-choice'], ['a figure that makes no sense', { 'switch.cutIn': '900 psi' }, 'nameplate']] as const)('refuses %s, and keeps nothing', async (_, nameplate, expected) => {
    const opening = openTab(db, { site: { id: 'site-photos', name: 'Hill Farm' }, system: { id: 'system-bad', name: 'pump', kind: 'three-phase', nameplate }, tab: { id: 'tab-photos-bad', opened: line({ kind: 'opened', complaint: 'groans', words: '' }) } })
    expect(await code(opening)).toBe(expected)
    expect(await code(readTab(db, 'tab-photos-bad'))).toBe('not-found')
  })
})

describe('what settled tabs teach', () => {
  it('counts each fault once a settled tab, and begins anew without losing a line', async () => {
    for (const tab of ['tab-learn-1', 'tab-learn-2', 'tab-learn-3']) {
      await open(tab)
      await addLines(db, tab, [line({ kind: 'finding', role: 'failed', about: 'starter.coil-open', text: '' }), line({ kind: 'finding', role: 'failed', about: 'starter.coil-open', text: 'again' }), line({ kind: 'finding', role: 'cause', about: 'surge', text: '' })])
    }
    expect(await countFaults(db, 'three-phase')).toEqual({})
    for (const tab of ['tab-learn-1', 'tab-learn-2']) await addLines(db, tab, [line({ kind: 'settled', summary: 'done' })])
    expect(await countFaults(db, 'three-phase')).toEqual({ 'starter.coil-open': 2 })
    expect((await readTab(db, 'tab-learn-3')).learned).toEqual({ 'starter.coil-open': 2 })
    const anew = await forgetLearned(db, '2026-07-01T00:00:00.000Z')
    expect(anew).toMatchObject({ since: '2026-07-01T00:00:00.000Z', kinds: [{ kind: 'three-phase', tabs: 2, counts: {} }] })
    expect((await readTab(db, 'tab-learn-1')).lines.length).toBe(5)
    expect((await readLearned(db)).since).toBe('2026-07-01T00:00:00.000Z')
  })
})
