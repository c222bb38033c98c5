import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { MOST_LINES } from '#contracts'
import { hashOf } from '#core/formats'
import { createWriter, parseLine, type AnyLine } from '#core/tab'
import { device } from '~/keeper/device'
import { giveBack, waitFor } from '~/keeper/sender'
import { useKeeping } from './keeping'

/** However busy the machine is: waits for what must come, not for a span of time. */
const soon = <T>(holds: () => T | Promise<T>) => vi.waitFor(holds, { timeout: 15_000 })

vi.stubGlobal('window', { addEventListener: () => {} })
vi.stubGlobal('document', { addEventListener: () => {}, visibilityState: 'visible' })
vi.stubGlobal('navigator', { storage: { persist: () => Promise.resolve(true) } })
vi.stubGlobal(
  'EventSource',
  class {
    close() {}
  },
)
vi.stubGlobal('BroadcastChannel', undefined)
const me = vi.hoisted(() => ({
  writer: 'R. Fennick', reply: { backedUpAt: '' }, load: (): Promise<undefined> => Promise.resolve(undefined),
}))
vi.mock('./me', () => ({ useMe: () => me }))

type Answer = (body: { lines: AnyLine[] }, url: string) => Response | Promise<Response>
const reply = (status: number, body: unknown) =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } })
const refusal = (status: number, code: string, facts = {}) => reply(status, { from: 'keep-tab', code, facts })
const keepsAll: Answer = ({ lines }) => reply(200, { kept: lines.map(l => l.id), refused: [] })
const dead = () => Promise.reject(new TypeError('no route'))

let answer: Answer
let held: () => Response
let piece: (have: number, size: number) => Response
let posted: AnyLine[][]
let asked: string[]
beforeEach(() => {
  posted = []
  asked = []
  answer = keepsAll
  held = () => reply(200, { ranges: [] })
  piece = (have, size) => reply(200, { have: have >= size ? 'all' : have })
  vi.stubGlobal('fetch', async (url: string, options: { method: string, body?: string | Blob }) => {
    asked.push(`${options.method} ${url}`)
    if (url.includes('/attachments/')) {
      const from = Number(/from=(\d+)/.exec(url)?.[1] ?? 0)
      const size = Number(/size=(\d+)/.exec(url)?.[1] ?? Infinity)
      return piece(options.method === 'PUT' ? from + (options.body as Blob).size : 0, size)
    }
    if (url.includes('/devices/')) return held()
    const body = JSON.parse(options.body as string) as { lines: AnyLine[] }
    posted.push(body.lines)
    return answer(body, url)
  })
  setActivePinia(createPinia())
})
afterEach(async () => {
  vi.restoreAllMocks()
  for (const own of await device.readAllOwn()) await device.dropLine(own.id)
  for (const p of await device.readPictures()) await device.dropPicture(p.hash)
})

const note = (text: string) => ({ kind: 'note', text }) as const
/** A page opened anew on the same device. */
const reopen = async () => {
  setActivePinia(createPinia())
  const keeping = useKeeping()
  await keeping.begin()
  await keeping.send()
  return keeping
}
const texts = (lines: readonly AnyLine[]) => lines.map(l => (l as AnyLine & { text: string }).text)
const onDevice = async (standing: 'unsent' | 'kept' | 'refused') =>
  texts((await device.readStanding(standing)).map(u => u.line))

describe('lines that the server has', () => {
  it('stay here until a backup that is newer by a day, and are let go then', async () => {
    const keeping = await reopen()
    await keeping.add('tab-1', note('kept'), [])
    await soon(async () => expect(await onDevice('kept')).toEqual(['kept']))
    const day = 86400e3
    for (const [later, left] of [[0.5 * day, ['kept']], [2 * day, []]] as const) {
      me.reply.backedUpAt = new Date(Date.now() + later).toISOString()
      await reopen()
      expect(await onDevice('kept')).toEqual(left)
    }
    me.reply.backedUpAt = ''
  })
  it('are sent under the name of who writes', async () => {
    const keeping = await reopen()
    expect((await keeping.add('tab-1', note('by'), [])).by).toBe('R. Fennick')
  })
})

describe('a line', () => {
  it('is on the device before it is sent, stays there once the server has it, and is not sent again', async () => {
    const keeping = await reopen()
    const line = await keeping.add('tab-a', note('one'), [])
    expect(parseLine(line).ok).toBe(true)
    expect(line).toMatchObject({ by: 'R. Fennick', seen: [] })
    await soon(async () => expect(await onDevice('kept')).toEqual(['one']))
    await soon(() => expect(keeping.unsent).toEqual([]))
    await keeping.send()
    expect(posted.flat()).toHaveLength(1)
  })
  it('has the number after the last one, and has seen what was on the tab', async () => {
    const keeping = await reopen()
    const first = await keeping.add('tab-a', note('one'), [])
    const second = await keeping.add('tab-b', note('two'), [first])
    expect([second.device, second.counter, second.seen]).toEqual([first.device, first.counter + 1, [first.id]])
    expect(second.clock > first.clock).toBe(true)
  })
  it('stays through a dead signal and a closed page, and goes in its order afterwards', async () => {
    answer = dead
    const keeping = await reopen()
    for (const text of ['one', 'two', 'three']) await keeping.add('tab-a', note(text), [])
    await soon(() => expect(keeping.reachable).toBe(false))
    expect(await onDevice('unsent')).toEqual(['one', 'two', 'three'])
    answer = keepsAll
    posted = []
    const after = await reopen()
    expect(texts(posted.flat())).toEqual(['one', 'two', 'three'])
    await soon(() => expect(after.unsent).toEqual([]))
  })
  it.each<[string, () => Response | Promise<Response>]>([
    [
      'a page of a captive portal',
      () => new Response('<html>Sign in to the network</html>', { headers: { 'content-type': 'text/html' } }),
    ],
    ['a portal that speaks JSON', () => reply(200, { status: 'please sign in' })],
    ['a portal that refuses', () => reply(403, { code: 'forbidden' })],
    ['a redirect', () => new Response(null, { status: 302, headers: { location: '/login' } })],
    ['a proxy that counts', () => new Response('slow down', { status: 429 })],
    ['a server that stumbled', () => reply(500, { error: true, statusCode: 500 })],
    ['an answer cut off', () => new Response('{"kept":["li')],
    ['an answer that tells of no line', () => reply(200, { kept: [], refused: [] })],
    ['a full disk', () => refusal(507, 'disk-full')],
    ['a book in use', () => refusal(503, 'busy')],
    ['a door that does not know this name', () => refusal(403, 'not-here')],
    ['no answer', dead],
  ])('is never refused by %s', async (_, odd) => {
    answer = odd
    const keeping = await reopen()
    await keeping.add('tab-a', note('one'), [])
    await soon(() => expect(keeping.reachable && !keeping.trouble).toBe(false))
    expect([await onDevice('unsent'), await onDevice('refused')]).toEqual([['one'], []])
    answer = keepsAll
    await keeping.send()
    expect(await onDevice('kept')).toEqual(['one'])
    expect([keeping.reachable, keeping.trouble]).toEqual([true, undefined])
  })
  it('that the server refuses stays with its reason, over a reload too, and does not hold up the others', async () => {
    answer = ({ lines }) => {
      const bad = lines.filter(l => texts([l])[0] === 'bad')
      return reply(200, {
        kept: lines.filter(l => !bad.includes(l)).map(l => l.id),
        refused: bad.map(l => ({
          id: l.id,
          problem: { code: 'bad-form', facts: { place: 'value', why: 'odd' } },
        })),
      })
    }
    const keeping = await reopen()
    for (const text of ['good', 'bad', 'fine']) await keeping.add('tab-a', note(text), [])
    await soon(() =>
      expect(keeping.refused).toMatchObject([{ line: { text: 'bad' }, problem: { code: 'bad-form' } }]),
    )
    await soon(async () => expect(await onDevice('kept')).toEqual(['good', 'fine']))
    const after = await reopen()
    expect(after.refused).toMatchObject([{ line: { text: 'bad' }, problem: { code: 'bad-form' } }])
    await after.drop(after.refused[0]!.id)
    expect(await onDevice('refused')).toEqual([])
  })
  it('on a tab that the server does not know is tried again at the next visit', async () => {
    answer = () => refusal(404, 'not-found', { what: 'tab' })
    const keeping = await reopen()
    await keeping.add('tab-a', note('early'), [])
    await soon(() => expect(keeping.refused).toHaveLength(1))
    answer = keepsAll
    await reopen()
    expect(await onDevice('kept')).toEqual(['early'])
  })
  it('sent by somebody who may not write it is tried again once the application begins anew', async () => {
    answer = ({ lines }) => reply(200, {
      kept: [], refused: lines.map(l => ({ id: l.id, problem: { code: 'no-right', facts: { what: 'line' } } })),
    })
    const keeping = await reopen()
    await keeping.add('tab-a', note('a reading'), [])
    await soon(() => expect(keeping.refused).toHaveLength(1))
    answer = keepsAll
    await reopen()
    expect(await onDevice('kept')).toEqual(['a reading'])
  })
  it('goes one by one where a whole post is too large', async () => {
    answer = body => (body.lines.length > 1 ? refusal(413, 'too-large', { most: '1 MB' }) : keepsAll(body, ''))
    const keeping = await reopen()
    for (const text of ['one', 'two', 'three'])
      await device.write('tab-a', note(text), {
        id: `line-large-${text}`, at: '2026-06-15T10:00:00.000Z', now: 1000, heads: [],
      })
    await keeping.send()
    await soon(async () => expect(await onDevice('kept')).toEqual(['one', 'two', 'three']))
    expect(keeping.refused).toEqual([])
  })
  it('waits in posts of a hundred, in order, the 501st too', async () => {
    answer = dead
    const keeping = await reopen()
    for (let i = 0; i < 501; i++)
      await device.write('tab-a', note(`${i}`), {
        id: `line-many-${i}`,
        at: '2026-06-15T10:00:00.000Z',
        now: 1000 + i,
        heads: [],
      })
    answer = keepsAll
    posted = []
    await keeping.send()
    // a try that was under way may post one once more: the server keeps it once
    const once = posted.filter((p, i) => posted.findIndex(q => texts(q)[0] === texts(p)[0]) === i)
    expect(once.map(p => p.length)).toEqual([MOST_LINES, 100, 100, 100, 100, 1])
    expect(texts(once.flat())).toEqual(Array.from({ length: 501 }, (_, i) => `${i}`))
  })
})

describe('waits between tries', () => {
  it('grow, to a minute at most, and are spread so that devices do not come back at once', () => {
    const longest = Array.from({ length: 12 }, (_, i) => waitFor(i, 1))
    expect(longest.toSorted((a, b) => a - b)).toEqual(longest)
    expect([longest[0], longest.at(-1), waitFor(3, 0)]).toEqual([500, 60000, 2000])
  })
})

describe('a server that was restored from an older copy', () => {
  const keepSome = async (count: number) => {
    const keeping = await reopen()
    const lines = []
    for (let i = 0; i < count; i++) lines.push(await keeping.add('tab-a', note(`${i}`), []))
    await soon(async () => expect(await onDevice('kept')).toHaveLength(count))
    posted = []
    return { keeping, lines }
  }
  it('is given back the lines that it lacks, by ranges', async () => {
    const { keeping, lines } = await keepSome(6)
    const first = lines[0]!.counter
    held = () =>
      reply(200, {
        ranges: [
          [first, first + 1],
          [first + 4, first + 4],
        ],
      })
    expect(await giveBack()).toBe(3)
    await keeping.send()
    expect(texts(posted.flat())).toEqual(['2', '3', '5'])
  })
  it('is given nothing while it does not answer', async () => {
    await keepSome(2)
    held = () => new Response('<html>')
    expect(await giveBack()).toBe(0)
  })
  it('that has more of this device\'s numbers than it gave: the device was restored and takes a new name', async () => {
    const { keeping, lines } = await keepSome(1)
    held = () => reply(200, { ranges: [[1, lines[0]!.counter + 40]] })
    await giveBack()
    const after = await keeping.add('tab-a', note('after'), [])
    expect([after.device === lines[0]!.device, after.counter]).toEqual([false, 1])
  })
  it('that lost the tab itself has it opened again from here', async () => {
    const opened = createWriter('dev-opener')({
      id: 'line-opened-1',
      at: '2026-06-15T10:00:00.000Z',
      kind: 'opened',
      complaint: 'groans',
      words: '',
    })
    await device.saveOpening(
      {
        tab: 'tab-lost',
        request: {
          site: { id: 'site-1', name: 'Hill' },
          system: { id: 'system-1', name: 'well', kind: 'well-3wire' },
          tab: { id: 'tab-lost', opened },
        },
      },
      opened,
    )
    let there = false
    answer = (body, url) => {
      if (url === '/api/tabs') {
        there = true
        return reply(200, { tab: 'tab-lost' })
      }
      return there ? keepsAll(body, url) : refusal(404, 'not-found', { what: 'tab' })
    }
    vi.stubGlobal('fetch', (url: string, options: { body: string }) =>
      Promise.resolve(answer(JSON.parse(options.body ?? '{}') as { lines: AnyLine[] }, url)),
    )
    const keeping = await reopen()
    await keeping.add('tab-lost', note('after'), [])
    await soon(async () => expect(await onDevice('kept')).toContain('after'))
    expect(there).toBe(true)
  })
})

describe('a device whose storage fails', () => {
  it('says so, keeps the line on the page, and still sends it', async () => {
    answer = dead
    const keeping = await reopen()
    vi.spyOn(device, 'write').mockRejectedValue(new DOMException('full', 'QuotaExceededError'))
    const line = await keeping.add('tab-a', note('one'), [])
    expect(keeping.trouble).toBe('device-full')
    expect(keeping.unsent.map(u => u.id)).toEqual([line.id])
    answer = keepsAll
    await keeping.send()
    await soon(() => expect(keeping.unsent).toEqual([]))
    expect(texts(posted.flat())).toContain('one')
  })
  it.each([true, false])('is asked to be kept for good, and what it answers (%s) is known', async (grants) => {
    vi.stubGlobal('navigator', { storage: { persist: () => Promise.resolve(grants) } })
    const keeping = useKeeping()
    await keeping.begin()
    expect(keeping.lasting).toBe(grants)
  })
  it('opens all the same when what was left cannot be read', async () => {
    vi.spyOn(device, 'readStanding').mockRejectedValue(new DOMException('off', 'InvalidStateError'))
    const keeping = useKeeping()
    await keeping.begin()
    expect(keeping.trouble).toBe('device-full')
  })
})

describe('a picture', () => {
  const bytes = new Uint8Array(300_000).fill(7)
  const hash = hashOf(bytes)
  const take = async () => {
    await device.savePicture({ hash, type: 'image/jpeg', blob: new Blob([bytes]), standing: 'unsent' })
    return reopen()
  }
  const standing = async () => (await device.readPicture(hash))?.standing
  const sent = () => asked.filter(a => a.startsWith('PUT'))

  it('goes in pieces, and though a line waits before it', async () => {
    answer = dead
    const keeping = useKeeping()
    await keeping.add('tab-a', note('waits'), [])
    await take()
    await soon(async () => expect(await standing()).toBe('kept'))
    expect(sent().map(s => /from=(\d+)/.exec(s)![1])).toEqual(['0', '131072', '262144'])
  })
  it('goes on where the server has it', async () => {
    let first = true
    piece = (have, size) => {
      const here = first ? 131072 : have
      first = false
      return reply(200, { have: here >= size ? 'all' : here })
    }
    await take()
    await soon(async () => expect(await standing()).toBe('kept'))
    expect(sent()[0]).toContain('from=131072')
  })
  it('stays here when the server cannot be reached, and with its reason when refused: not pressed on it '
    + 'again', async () => {
    piece = () => new Response('<html>')
    const keeping = await take()
    await soon(() => expect(asked.some(a => a.includes('progress'))).toBe(true))
    expect(await standing()).toBe('unsent')
    piece = () => refusal(415, 'attachment-unreadable', {})
    await keeping.send()
    await soon(async () => expect(await standing()).toBe('refused'))
    asked = []
    await keeping.send()
    expect(asked).toEqual([])
  })
})
