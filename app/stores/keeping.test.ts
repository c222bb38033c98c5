import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { computed, ref, shallowRef } from 'vue'
import type { Line } from '#core/tab'
import { localCopies } from '~/composables/localCopies'
import { useKeeping } from './keeping'

vi.stubGlobal('ref', ref)
vi.stubGlobal('computed', computed)
vi.stubGlobal('shallowRef', shallowRef)
vi.stubGlobal('window', { addEventListener: () => {} })

type Answer = (body: { lines: { id: string }[] }) => Response | Promise<Response>
const reply = (status: number, body: unknown) => new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } })
const keepsAll: Answer = ({ lines }) => reply(200, { kept: lines.map(l => l.id), refused: [] })
const photoOf = (url: string) => /photos\/(.+)$/.exec(url)?.[1]

let answer: Answer
let photo: () => Response
let posted: string[][]
let put: string[]
const note = (id: string): Line => ({ id, at: '2026-06-15T10:00:00.000Z', kind: 'note', text: id })
const dead = () => Promise.reject(new TypeError('no route'))

beforeEach(() => {
  posted = []
  put = []
  answer = keepsAll
  photo = () => reply(200, { kept: '' })
  vi.stubGlobal('fetch', (url: string, options: { body: string }) => {
    const name = photoOf(url)
    if (name) {
      put.push(name)
      return Promise.resolve(photo())
    }
    const body = JSON.parse(options.body) as { lines: { id: string }[] }
    posted.push(body.lines.map(l => l.id))
    return Promise.resolve(answer(body))
  })
  setActivePinia(createPinia())
})
afterEach(async () => {
  vi.restoreAllMocks()
  await localCopies.dropUnsent((await localCopies.readUnsent()).map(u => u.id))
  for (const held of await localCopies.readPhotos()) await localCopies.dropPhoto(held.id)
})
/** A page opened anew on the same device. */
const reopen = async () => {
  setActivePinia(createPinia())
  const keeping = useKeeping()
  await keeping.begin()
  await keeping.send()
  return keeping
}
const onDevice = async () => (await localCopies.readUnsent()).map(u => u.id)

describe('a line', () => {
  it('leaves the device only when the server says that it has it', async () => {
    const keeping = useKeeping()
    await keeping.add('tab-a', note('one'))
    await keeping.send()
    expect(posted.flat()).toContain('one')
    expect(keeping.unsent).toEqual([])
    expect(await onDevice()).toEqual([])
  })
  it('stays through a dead signal and a closed page, and goes in its order afterwards', async () => {
    answer = dead
    const keeping = useKeeping()
    for (const id of ['one', 'two', 'three']) await keeping.add('tab-a', note(id))
    await keeping.send()
    expect(keeping.reachable).toBe(false)
    expect(await onDevice()).toEqual(['one', 'two', 'three'])
    answer = keepsAll
    posted = []
    const after = await reopen()
    expect(posted.flat()).toEqual(['one', 'two', 'three'])
    expect(after.unsent).toEqual([])
    expect(await onDevice()).toEqual([])
  })
  it('is not taken for refused by a server that only stumbled', async () => {
    answer = () => reply(500, { error: true, statusCode: 500 })
    const keeping = useKeeping()
    await keeping.add('tab-a', note('one'))
    await keeping.send()
    expect(keeping.unsent).toMatchObject([{ id: 'one' }])
    expect(keeping.unsent[0]!.problem).toBeUndefined()
    answer = () => reply(507, { code: 'disk-full', facts: {} })
    await keeping.send()
    expect(keeping.unsent[0]!.problem).toBeUndefined()
    expect(keeping.trouble).toBe('disk-full')
  })
  it('that is refused stays with its reason, over a reload too, and does not hold up the others', async () => {
    answer = ({ lines }) => reply(200, { kept: lines.filter(l => l.id !== 'bad').map(l => l.id), refused: lines.filter(l => l.id === 'bad').map(l => ({ id: l.id, problem: { code: 'tab-settled', facts: {} } })) })
    const keeping = useKeeping()
    for (const id of ['good', 'bad', 'fine']) await keeping.add('tab-a', note(id))
    await keeping.send()
    expect(keeping.unsent).toMatchObject([{ id: 'bad', problem: { code: 'tab-settled' } }])
    expect(keeping.trouble).toBeUndefined()
    expect(await localCopies.readUnsent()).toMatchObject([{ id: 'bad', problem: { code: 'tab-settled' } }])
    const after = await reopen()
    expect(after.unsent).toMatchObject([{ id: 'bad', problem: { code: 'tab-settled' } }])
    await after.drop('bad')
    expect(await onDevice()).toEqual([])
  })
  it('of another tab goes to its own address', async () => {
    answer = dead
    const keeping = useKeeping()
    await keeping.add('tab-a', note('one'))
    await keeping.add('tab-b', note('two'))
    await keeping.send()
    answer = keepsAll
    posted = []
    await keeping.send()
    expect(posted).toEqual([['one'], ['two']])
  })
})

describe('a device whose storage fails', () => {
  it('says so, keeps the line on the page, and still sends it', async () => {
    vi.spyOn(localCopies, 'saveUnsent').mockRejectedValue(new DOMException('full', 'QuotaExceededError'))
    answer = dead
    const keeping = useKeeping()
    await keeping.add('tab-a', note('one'))
    await keeping.send()
    expect(keeping.trouble).toContain('keep this page open')
    expect(keeping.unsent).toMatchObject([{ id: 'one' }])
    answer = keepsAll
    await keeping.send()
    expect(keeping.unsent).toEqual([])
  })
  it('opens all the same when what was left cannot be read', async () => {
    vi.spyOn(localCopies, 'readUnsent').mockRejectedValue(new DOMException('off', 'InvalidStateError'))
    const keeping = useKeeping()
    await keeping.begin()
    expect(keeping.trouble).toContain('cannot store')
    vi.restoreAllMocks()
    await keeping.add('tab-a', note('one'))
    await keeping.send()
    expect(keeping.unsent).toEqual([])
  })
  it('sends once more what could not be cleared: the server keeps one', async () => {
    vi.spyOn(localCopies, 'moveKept').mockRejectedValueOnce(new DOMException('busy', 'AbortError'))
    const keeping = useKeeping()
    await keeping.add('tab-a', note('one'))
    await keeping.send()
    expect(keeping.unsent).toEqual([])
    await reopen()
    expect(posted.flat().filter(id => id === 'one').length).toBe(2)
    expect(await onDevice()).toEqual([])
  })
})

describe('lines added before the page has read what was left', () => {
  it('stand behind it, and none of them is dropped', async () => {
    answer = dead
    await localCopies.saveUnsent({ id: 'left', tab: 'tab-a', order: 7, line: note('left') })
    const keeping = useKeeping()
    const begun = keeping.begin()
    await keeping.add('tab-a', note('early'))
    await begun
    expect(keeping.unsent.map(u => u.id)).toEqual(['left', 'early'])
  })
})

describe('a picture', () => {
  const line: Line = { id: 'line-p', at: '2026-06-15T10:00:00.000Z', kind: 'photo', photo: 'pic', caption: 'plate', width: 4, height: 3 }
  const take = async () => {
    await localCopies.savePhoto({ id: 'pic', tab: 'tab-a', blob: new Blob(['x']) })
    const keeping = useKeeping()
    await keeping.add('tab-a', line)
    await keeping.send()
    return keeping
  }
  const held = async () => (await localCopies.readPhotos()).map(p => p.id)

  it('goes ahead of the line that names it, and leaves the device when it is kept', async () => {
    const order: string[] = []
    photo = () => {
      order.push('picture')
      return reply(200, {})
    }
    answer = (body) => {
      order.push('line')
      return keepsAll(body)
    }
    await take()
    expect(order).toEqual(['picture', 'line'])
    expect(await held()).toEqual([])
  })
  it('stays on the device when the server cannot be reached', async () => {
    photo = () => reply(503, { error: true })
    await take()
    expect(await held()).toEqual(['pic'])
  })
  it('stays there too when the server refuses it, is not pressed on it again and again, and goes with its line', async () => {
    photo = () => reply(415, { code: 'bad-photo', facts: { why: 'it is odd' } })
    answer = () => reply(200, { kept: [], refused: [{ id: 'line-p', problem: { code: 'tab-settled', facts: {} } }] })
    const keeping = await take()
    await keeping.send()
    expect(put).toEqual(['pic'])
    expect(await held()).toEqual(['pic'])
    await keeping.drop('line-p')
    expect(await held()).toEqual([])
  })
})

describe('a store that another window holds in an older version', () => {
  it('keeps no line waiting: it is said that this device cannot store it, and it goes to the server', async () => {
    vi.resetModules()
    const older = await new Promise<IDBDatabase>((resolve) => {
      const drop = indexedDB.deleteDatabase('keep-tab')
      drop.onsuccess = () => {
        const ask = indexedDB.open('keep-tab', 1)
        ask.onupgradeneeded = () => { ask.result.createObjectStore('unsent', { keyPath: 'id' }).createIndex('order', 'order') }
        ask.onsuccess = () => resolve(ask.result)
      }
    })
    const { useKeeping: fresh } = await import('./keeping')
    setActivePinia(createPinia())
    const keeping = fresh()
    await keeping.add('tab-1', note('line-held-back-1'))
    expect(keeping.trouble).toContain('cannot store lines')
    await vi.waitFor(() => expect(posted.flat()).toContain('line-held-back-1'))
    older.close()
  })
})
