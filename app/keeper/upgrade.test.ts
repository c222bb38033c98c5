import { IDBFactory } from 'fake-indexeddb'
import 'fake-indexeddb/auto'
import { openDB } from 'idb'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { hashOf, makeId } from '#core/formats'
import { createWriter, parseLine, type UnplacedLine } from '#core/tab'

const note = (id: string, minute: number): UnplacedLine => ({
  id,
  at: `2026-06-15T10:0${minute}:00.000Z`,
  kind: 'note',
  text: id,
})
const picture: UnplacedLine = {
  id: 'line-picture',
  at: '2026-06-15T10:05:00.000Z',
  kind: 'photo',
  photo: 'photo-old',
  caption: 'plate',
  width: 4,
  height: 3,
}

/** A store as each version left it, with a copy of a tab and lines that wait. */
async function leave(version: number) {
  const db = await openDB('keep-tab', version, {
    upgrade(db, before) {
      if (before < 1) {
        db.createObjectStore('unsent', { keyPath: 'id' }).createIndex('order', 'order')
        db.createObjectStore('tabs', { keyPath: 'id' })
      }
      if (before < 2 && version >= 2) db.createObjectStore('photos', { keyPath: 'id' })
      if (version >= 3) db.createObjectStore('today', { keyPath: 'id' })
    },
  })
  await db.put('tabs', {
    id: 'tab-a',
    tab: { id: 'tab-a' },
    lines: [note('line-kept-1', 1), note('line-kept-2', 2)].map((line, i) => ({ seq: i + 1, line })),
  })
  const waiting = [note('line-wait-1', 3), note('line-wait-2', 4), ...(version >= 2 ? [picture] : [])]
  for (const [i, line] of waiting.entries())
    await db.put('unsent', { id: line.id, tab: i === 1 ? 'tab-b' : 'tab-a', order: i + 1, line })
  await db.put('unsent', {
    id: 'line-odd',
    tab: 'tab-a',
    order: 9,
    line: note('line-odd', 6),
    problem: { code: 'tab-settled', facts: {} },
  })
  if (version >= 2)
    await db.put('photos', { id: 'photo-old', tab: 'tab-a', blob: new Blob(['picture'], { type: 'image/jpeg' }) })
  if (version >= 3) await db.put('today', { id: 'today', at: 'x', reply: {} })
  db.close()
}

beforeEach(() => {
  vi.resetModules()
  globalThis.indexedDB = new IDBFactory()
})
const upgraded = async () => {
  const { device, useStore } = await import('./device')
  const { readOldPictures } = await import('./upgrade')
  await readOldPictures(await useStore())
  return device
}

describe.each([1, 2, 3])('the device\'s store of version %i', (version) => {
  it('comes whole into version 4: what waited waits in its order, with its place', async () => {
    await leave(version)
    const device = await upgraded()
    const waiting = await device.readStanding('unsent')
    expect(waiting.map(u => u.id)).toEqual([
      'line-wait-1',
      'line-wait-2',
      ...(version >= 2 ? ['line-picture'] : []),
    ])
    for (const { line } of waiting) expect(parseLine(line).ok).toBe(true)
    expect(waiting.map(u => u.counter)).toEqual(waiting.map((_, i) => i + 1))
    expect(waiting[0]!.line.seen).toEqual(['line-kept-2'])
    expect(await device.readStanding('refused')).toMatchObject([
      { id: 'line-odd', problem: { code: 'tab-settled' } },
    ])
    expect(await device.readPen()).toMatchObject({ device: waiting[0]!.device, counter: waiting.length + 1 })
  })
  it('keeps its copies of tabs, their lines placed as the server places them', async () => {
    await leave(version)
    const device = await upgraded()
    const copy = await device.readTab('tab-a')
    const put = createWriter(makeId('file-kept', 'tab-a'))
    expect(copy?.lines.map(k => k.line)).toEqual([note('line-kept-1', 1), note('line-kept-2', 2)].map(put))
  })
  if (version >= 2) it('keeps its pictures, by their hash, and the lines that name them say so', async () => {
    await leave(version)
    const device = await upgraded()
    const hash = hashOf(new TextEncoder().encode('picture'))
    expect(await device.readPicture(hash)).toMatchObject({ hash, standing: 'unsent' })
    expect((await device.readStanding('unsent')).at(-1)!.line).toMatchObject({
      attachments: [{ hash, type: 'image/jpeg', bytes: 7, width: 4 }],
    })
  })
})

describe('a store that is new', () => {
  it('begins with a pen of its own, and numbers from one', async () => {
    const device = await upgraded()
    const line = await device.write(
      'tab-a',
      { kind: 'note', text: 'x' },
      { id: 'line-first-1', at: '2026-06-15T10:00:00.000Z', now: 1000, heads: [] },
    )
    expect([line.counter, line.device.startsWith('dev-')]).toEqual([1, true])
  })
  it('gives no number twice when two windows write at once', async () => {
    const device = await upgraded()
    const lines = await Promise.all(
      Array.from({ length: 40 }, (_, i) =>
        device.write(
          'tab-a',
          { kind: 'note', text: 'x' },
          { id: `line-at-once-${i}`, at: '2026-06-15T10:00:00.000Z', now: 1000, heads: [] },
        ),
      ),
    )
    expect(new Set(lines.map(l => l.counter)).size).toBe(40)
    expect(new Set(lines.map(l => l.clock)).size).toBe(40)
  })
  it('lets lines go that were acknowledged over ninety days ago, and none that wait', async () => {
    const device = await upgraded()
    for (const id of ['line-old-one', 'line-new-one', 'line-waits-on'])
      await device.write(
        'tab-a',
        { kind: 'note', text: id },
        { id, at: '2026-06-15T10:00:00.000Z', now: 1000, heads: [] },
      )
    await device.change(['line-old-one'], own => ({ ...own, standing: 'kept', keptAt: 1000 }))
    await device.change(['line-new-one'], own => ({ ...own, standing: 'kept', keptAt: 9000 }))
    await device.prune(5000)
    expect((await device.readAllOwn()).map(o => o.id).toSorted()).toEqual(['line-new-one', 'line-waits-on'])
  })
})

describe('a store that another window holds in an older version', () => {
  it('is said to be held, rather than waited for', async () => {
    const older = await openDB('keep-tab', 1, {
      upgrade: db => void db.createObjectStore('unsent', { keyPath: 'id' }).createIndex('order', 'order'),
    })
    const { useStore } = await import('./device')
    await expect(useStore()).rejects.toThrow('older store')
    older.close()
  })
})
