import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { nextTick, watch } from 'vue'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { todayReply, type KeptLine, type TabReply } from '#contracts'
import { createWriter, newPen, nextStamp, type AnyLine } from '#core/tab'
import { workerFailed } from '~/composables/useIsolation'
import { device } from '~/keeper/device'
import type { Question } from '~/workers/openTabs'
import { useKeeping } from './keeping'
import { useTab } from './tab'
import { useToday } from './today'

/** However busy the machine is: waits for what must come, not for a span of time. */
const soon = <T>(holds: () => T | Promise<T>) => vi.waitFor(holds, { timeout: 15_000 })

vi.stubGlobal('window', { addEventListener: () => {} })
vi.stubGlobal('document', { addEventListener: () => {}, visibilityState: 'visible' })
vi.stubGlobal('navigator', {})
vi.stubGlobal('BroadcastChannel', undefined)
/** the stream of the last store that began */
let stream: { onmessage?: (event: { data: string }) => void, onopen?: () => void }
vi.stubGlobal(
  'EventSource',
  class {
    constructor() {
      stream = this as typeof stream
    }

    close() {}
  },
)
vi.mock('~/composables/useClock', () => ({
  useClock: () => ({
    now: () => '2026-06-15T10:00:00.000Z',
    stamp: () => ({ at: '2026-06-15T10:00:00.000Z', now: Date.UTC(2026, 5, 15, 10) }),
  }),
}))
vi.mock('./me', () => ({ useMe: () => ({ writer: '', load: async () => undefined }) }))
const worker = vi.hoisted(() => ({ opened: [] as string[], appended: [] as string[], letGo: false }))
/** the worker's own answers, in this thread; what it makes of the readings is not looked at here */
vi.mock('~/composables/useIsolation', async () => {
  const { openTabs } = await import('~/workers/openTabs')
  const { ref } = await import('vue')
  const ranked = { answer: Promise.resolve({ ok: true, value: {} }), cancel: () => undefined }
  return {
    workerFailed: ref(false),
    plain: <T>(it: T) => it,
    useIsolation: () => ({
      open: async (of: TabReply, lines: AnyLine[]) => {
        worker.opened.push(of.tab.id)
        worker.letGo = false
        const { kind, nameplate } = of.system
        const { practice, learned: counts } = of
        const system = { kind, nameplate, practice, counts, installed: null, today: '2026-06-15' }
        return structuredClone(openTabs.open(of.tab.id, system, lines))
      },
      append: async (tab: string, lines: AnyLine[]) => {
        worker.appended.push(...lines.map(l => l.id))
        return structuredClone(openTabs.append(tab, lines))
      },
      ask: (tab: string, question: Question) =>
        question.ask === 'rank'
          ? ranked
          : { answer: openTabs.ask('ask', worker.letGo ? 'gone' : tab, question), cancel: () => undefined },
    }),
  }
})

const write = createWriter('dev-elsewhere')
const note = (id: string) => write({ id, at: '2026-06-15T10:00:00.000Z', kind: 'note', text: id })
const made = new Map<string, AnyLine>()
const lineNamed = (id: string) => made.get(id) ?? made.set(id, note(id)).get(id)!
const keptOf = (lines: readonly string[]): KeptLine[] =>
  lines.map((l, i) => ({ seq: i + 1, received: '2026-06-15T10:00:01.000Z', line: lineNamed(l) }))
const tabOf = (id: string, ...lines: string[]): TabReply => ({
  tab: {
    id,
    system: 'system-1',
    openedAt: '2026-06-15T09:00:00.000Z',
    status: 'open',
    complaint: 'no-water',
    words: 'no water',
    note: '',
  },
  site: { id: 'site-1', name: 'Larkmead', place: 'Otter valley', access: '', contact: '' },
  facts: [],
  sayings: [],
  system: {
    id: 'system-1',
    site: 'site-1',
    name: 'well',
    kind: 'well-3wire',
    location: '',
    installed: null,
    retired: '',
    nameplate: {},
  },
  practice: { prechargeOffsetPsi: 2 },
  fitted: [],
  learned: {},
  attachments: [],
  lines: keptOf(lines),
})
const reply = (body: unknown) =>
  new Response(JSON.stringify(body), { headers: { 'content-type': 'application/json' } })
const dead = () => Promise.reject(new TypeError('no route'))

/** what the server answers when a tab is asked for, and what has been posted to it */
let give: (id: string) => Promise<Response>
let posted: AnyLine[]
beforeEach(() => {
  setActivePinia(createPinia())
  Object.assign(worker, { opened: [], appended: [] })
  posted = []
  vi.stubGlobal('fetch', (url: string, options?: { method?: string, body: string }) => {
    if (options?.method === 'POST') {
      posted.push(...(JSON.parse(options.body) as { lines: AnyLine[] }).lines)
      return Promise.resolve(reply({ kept: posted.map(l => l.id), refused: [] }))
    }
    if (url.includes('/devices/')) return Promise.resolve(reply({ ranges: [] }))
    const [, id, rest] = /tabs\/([\w-]+)(\/lines.*)?/.exec(url) ?? []
    return rest ? give(`${id}${rest}`) : give(id ?? url)
  })
})
const seen = () => useTab().lines.map(l => l.id)

describe('a line that the server has acknowledged', () => {
  it('never leaves the tape, though the signal dies before the server gives it back, nor this device', async () => {
    give = () => Promise.resolve(reply(tabOf('tab-a', 'line-one')))
    const tab = useTab()
    await useKeeping().begin()
    await tab.open('tab-a')
    give = dead
    const missing: number[] = []
    watch(
      () => tab.lines.length,
      count => missing.push(2 - count),
      { flush: 'sync' },
    )
    const logged = await tab.log({ kind: 'note', text: 'two' })
    await soon(() => expect(useKeeping().unsent).toEqual([]))
    expect(missing.every(n => n === 0)).toBe(true)
    const id = logged.ok ? logged.value.id : ''
    expect(seen()).toEqual(['line-one', id])
    // opened again without a signal
    setActivePinia(createPinia())
    await useTab().open('tab-a')
    expect(seen()).toEqual(['line-one', id])
  })
  it('has seen what stood on the tape when it was written', async () => {
    give = () => Promise.resolve(reply(tabOf('tab-s', 'line-one', 'line-two')))
    const tab = useTab()
    await tab.open('tab-s')
    const first = await tab.log({ kind: 'note', text: 'x' })
    expect(first.ok && first.value.seen).toEqual(['line-two'])
    const second = await tab.log({ kind: 'note', text: 'y' })
    expect(second.ok && first.ok && second.value.seen).toEqual(first.ok ? [first.value.id] : [])
  })
})

describe('a worker', () => {
  it('that has let the tab go is given it anew, and the line is written all the same', async () => {
    give = () => Promise.resolve(reply(tabOf('tab-g', 'line-one')))
    const tab = useTab()
    await tab.open('tab-g')
    worker.letGo = true
    const opened = worker.opened.length
    const logged = await tab.log({ kind: 'note', text: 'x' })
    expect(worker.opened.length).toBe(opened + 1)
    expect(logged.ok).toBe(true)
    expect(seen()).toHaveLength(2)
  })
  it('that could not be loaded is said', async () => {
    give = () => Promise.resolve(reply(tabOf('tab-f', 'line-one')))
    const tab = useTab()
    workerFailed.value = true
    await nextTick()
    expect(tab.problem?.code).toBe('engine-missing')
    workerFailed.value = false
  })
})

describe('news from another device', () => {
  it('brings only what is new, and the worker is given only that', async () => {
    give = () => Promise.resolve(reply(tabOf('tab-n', 'line-one')))
    const tab = useTab()
    await useKeeping().begin()
    await tab.open('tab-n')
    const asked: string[] = []
    give = (id) => {
      asked.push(id)
      return Promise.resolve(
        reply({ tab: tabOf('tab-n').tab, attachments: [], lines: [{ ...keptOf(['line-news'])[0]!, seq: 2 }] }),
      )
    }
    stream.onmessage!({ data: JSON.stringify({ tab: 'tab-n', lines: ['line-news'] }) })
    await soon(() => expect(seen()).toEqual(['line-one', 'line-news']))
    expect(asked).toEqual(['tab-n/lines?after=1'])
    expect(worker.appended).toEqual(['line-news'])
    expect(worker.opened).toEqual(['tab-n'])
    expect(tab.receivedAt('line-news')).toBe('2026-06-15T10:00:01.000Z')
  })
  it('about another tab, or that is none, changes nothing', async () => {
    give = () => Promise.resolve(reply(tabOf('tab-q', 'line-one')))
    await useKeeping().begin()
    await useTab().open('tab-q')
    give = dead
    stream.onmessage!({ data: JSON.stringify({ tab: 'tab-else', lines: ['x'] }) })
    stream.onmessage!({ data: '<html>' })
    await nextTick()
    expect(seen()).toEqual(['line-one'])
  })
  it('that ends a proof ends it here', async () => {
    give = () => Promise.resolve(reply(tabOf('tab-p', 'line-one')))
    const tab = useTab()
    await useKeeping().begin()
    await tab.open('tab-p')
    await tab.log({ kind: 'state', to: 'proven-dead', proof: [238, 0.4, 238] })
    expect(tab.state.work['proven-dead']).toBeDefined()
    const { stamp } = nextStamp(newPen('dev-van-two'), Date.UTC(2026, 5, 15, 9, 50), [])
    const on = { ...stamp, id: 'line-power-on', at: '2026-06-15T09:50:00.000Z', kind: 'state', to: 'live' }
    give = () =>
      Promise.resolve(
        reply({ tab: tabOf('tab-p').tab, attachments: [], lines: [{ seq: 9, received: '', line: on }] }),
      )
    stream.onmessage!({ data: JSON.stringify({ tab: 'tab-p', lines: ['line-power-on'] }) })
    await soon(() => expect(tab.state.work['proven-dead']).toBeUndefined())
    expect(tab.state.ended['proven-dead']?.by).toBe('line-power-on')
  })
})

describe('a server that is slow to answer', () => {
  it('leaves no one waiting: the copy on this device stands in until it does', async () => {
    await device.saveTab(tabOf('tab-slow', 'line-held'))
    let late = (_: Response) => {}
    give = () =>
      new Promise((resolve) => {
        late = resolve
      })
    const tab = useTab()
    const opening = tab.open('tab-slow')
    await soon(() => expect(seen()).toEqual(['line-held']))
    late(reply(tabOf('tab-slow', 'line-held', 'line-new')))
    await opening
    expect(seen()).toEqual(['line-held', 'line-new'])
    expect(tab.problem).toBeUndefined()
  })
  it('says what is wrong where neither has the tab', async () => {
    give = dead
    const tab = useTab()
    await tab.open('tab-nowhere')
    expect(tab.reply).toBeUndefined()
    expect(tab.problem?.code).toBe('unreachable')
  })
  it('gives Today as this device had it, and the list itself when it comes', async () => {
    const list = (company: string) =>
      todayReply.parse({ today: '2026-06-15', company, tabs: [], followUps: [], bring: [] })
    await device.saveToday({ at: '2026-06-15T07:00:00.000Z', reply: list('as it was') })
    let late = (_: Response) => {}
    give = () =>
      new Promise((resolve) => {
        late = resolve
      })
    const today = useToday()
    const loading = today.load()
    await soon(() => expect(today.reply?.company).toBe('as it was'))
    expect(today.asOf).toBe('2026-06-15T07:00:00.000Z')
    late(reply(list('as it is')))
    await loading
    expect(today.reply?.company).toBe('as it is')
    expect(today.asOf).toBeUndefined()
  })
})

describe('an answer that was overtaken', () => {
  it('by a later one about the same tab takes no line away', async () => {
    give = () => Promise.resolve(reply(tabOf('tab-a', 'line-one')))
    const tab = useTab()
    await tab.open('tab-a')
    let late = (_: Response) => {}
    give = () =>
      new Promise((resolve) => {
        late = resolve
      })
    const slow = tab.refresh('tab-a')
    await soon(() => expect(late.length).toBe(1))
    give = () => Promise.resolve(reply(tabOf('tab-a', 'line-one', 'line-two')))
    await tab.refresh('tab-a')
    late(reply(tabOf('tab-a', 'line-one')))
    await slow
    expect(seen()).toEqual(expect.arrayContaining(['line-one', 'line-two']))
  })
  it('by another tab being opened does not bring the first one back', async () => {
    let late = (_: Response) => {}
    give = id =>
      id === 'tab-x'
        ? new Promise((resolve) => {
            late = resolve
          })
        : Promise.resolve(reply(tabOf(id, 'line-of-b')))
    const tab = useTab()
    const first = tab.open('tab-x')
    await tab.open('tab-b')
    late(reply(tabOf('tab-x', 'line-of-a')))
    await first
    expect(tab.reply?.tab.id).toBe('tab-b')
    expect(seen()).toEqual(['line-of-b'])
  })
})

describe('a line that the server refuses', () => {
  it('leaves the tape and stands beside it, with its reason', async () => {
    give = () => Promise.resolve(reply(tabOf('tab-r', 'line-one')))
    const tab = useTab()
    await useKeeping().begin()
    await tab.open('tab-r')
    vi.stubGlobal('fetch', (_: string, options?: { method?: string, body: string }) =>
      Promise.resolve(
        options?.method === 'POST'
          ? reply({
              kept: [],
              refused: (JSON.parse(options.body) as { lines: AnyLine[] }).lines.map(l => ({
                id: l.id,
                problem: { code: 'bad-form', facts: {} },
              })),
            })
          : reply({ tab: tabOf('tab-r').tab, attachments: [], lines: [] }),
      ),
    )
    await tab.log({ kind: 'note', text: 'odd' })
    await soon(() => expect(tab.refused.map(r => r.problem?.code)).toEqual(['bad-form']))
    await soon(() => expect(seen()).toEqual(['line-one']))
  })
})
