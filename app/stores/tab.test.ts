import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { computed, nextTick, ref, shallowRef, watch } from 'vue'
import type { TabReply } from '#contracts'
import type { Line } from '#core/tab'
import { localCopies } from '~/composables/localCopies'
import { useKeeping } from './keeping'
import { useTab } from './tab'
import { useToday } from './today'

for (const [name, it] of Object.entries({ computed, nextTick, ref, shallowRef, watch })) vi.stubGlobal(name, it)
vi.stubGlobal('window', { addEventListener: () => {} })
vi.stubGlobal('EventSource', class { close() {} })
vi.mock('~/composables/useClock', () => ({ useClock: () => ({ now: () => '2026-06-15T10:00:00.000Z' }) }))
vi.mock('~/composables/useIsolation', () => ({ askFor: () => ({}), plain: <T>(it: T) => it, useIsolation: () => ({ isolate: () => Promise.resolve({ ok: true, value: {} }) }) }))

const note = (id: string): Line => ({ id, at: '2026-06-15T10:00:00.000Z', kind: 'note', text: id })
const tabOf = (id: string, ...lines: string[]): TabReply => ({
  tab: { id, system: 'system-1', openedAt: '2026-06-15T09:00:00.000Z', status: 'open', complaint: 'no-water', words: 'no water', note: '' },
  site: { id: 'site-1', name: 'Larkmead', place: 'Otter valley', access: '', contact: '' },
  system: { id: 'system-1', site: 'site-1', name: 'well', kind: 'well-3wire', location: '', installed: null, nameplate: {} },
  fitted: [], learned: {}, lines: lines.map((l, i) => ({ seq: i + 1, line: note(l) })),
})
const reply = (body: unknown) => new Response(JSON.stringify(body), { headers: { 'content-type': 'application/json' } })

/** what the server answers when a tab is asked for, and when lines are posted */
let give: (id: string) => Promise<Response>
beforeEach(() => {
  setActivePinia(createPinia())
  vi.stubGlobal('fetch', (url: string, options?: { method?: string, body: string }) => options?.method === 'POST'
    ? Promise.resolve(reply({ kept: (JSON.parse(options.body) as { lines: Line[] }).lines.map(l => l.id), refused: [] }))
    : give(url.split('/').pop()!))
})
const seen = () => useTab().lines.map(l => l.id)

describe('a line that the server has acknowledged', () => {
  it('never leaves the tape, though the signal dies before the server gives it back, nor the copy on this device', async () => {
    give = () => Promise.resolve(reply(tabOf('tab-a', 'line-one')))
    const tab = useTab()
    await tab.open('tab-a')
    give = () => Promise.reject(new TypeError('no route'))
    const missing: number[] = []
    watch(() => tab.lines.length, count => missing.push(2 - count), { flush: 'sync' })
    const logged = await tab.log({ kind: 'note', text: 'two' })
    await vi.waitFor(() => expect(useKeeping().unsent).toEqual([]))
    expect(missing.every(n => n === 0)).toBe(true)
    const id = logged.ok ? logged.value.id : ''
    expect(seen()).toEqual(['line-one', id])
    expect((await localCopies.readTab('tab-a'))?.lines.map(k => k.line.id)).toEqual(['line-one', id])
  })
})

describe('a server that is slow to answer', () => {
  it('leaves no one waiting: the copy on this device stands in until it does', async () => {
    await localCopies.saveTab(tabOf('tab-slow', 'line-held'))
    let late = (_: Response) => {}
    give = () => new Promise((resolve) => { late = resolve })
    const tab = useTab()
    const opening = tab.open('tab-slow')
    await vi.waitFor(() => expect(seen()).toEqual(['line-held']), 3000)
    late(reply(tabOf('tab-slow', 'line-held', 'line-new')))
    await opening
    expect(seen()).toEqual(['line-held', 'line-new'])
    expect(tab.problem).toBeUndefined()
  })
  it('says what is wrong where neither has the tab', async () => {
    give = () => Promise.reject(new TypeError('no route'))
    const tab = useTab()
    await tab.open('tab-nowhere')
    expect(tab.reply).toBeUndefined()
    expect(tab.problem?.code).toBe('unreachable')
  })
  it('gives Today as this device had it, and the list itself when it comes', async () => {
    const list = (company: string) => ({ today: '2026-06-15', company, tabs: [], followUps: [], bring: [] })
    await localCopies.saveToday({ at: '2026-06-15T07:00:00.000Z', reply: list('as it was') })
    let late = (_: Response) => {}
    give = () => new Promise((resolve) => { late = resolve })
    const today = useToday()
    const loading = today.load()
    await vi.waitFor(() => expect(today.reply?.company).toBe('as it was'), 3000)
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
    give = () => new Promise((resolve) => { late = resolve })
    const slow = tab.refresh('tab-a')
    await vi.waitFor(() => expect(late.length).toBe(1))
    give = () => Promise.resolve(reply(tabOf('tab-a', 'line-one', 'line-two')))
    await tab.refresh('tab-a')
    late(reply(tabOf('tab-a', 'line-one')))
    await slow
    expect(seen()).toEqual(['line-one', 'line-two'])
    expect((await localCopies.readTab('tab-a'))?.lines.length).toBe(2)
  })
  it('by another tab being opened does not bring the first one back', async () => {
    let late = (_: Response) => {}
    give = id => id === 'tab-a' ? new Promise((resolve) => { late = resolve }) : Promise.resolve(reply(tabOf(id, 'line-b')))
    const tab = useTab()
    const first = tab.open('tab-a')
    await tab.open('tab-b')
    late(reply(tabOf('tab-a', 'line-a')))
    await first
    expect(tab.reply?.tab.id).toBe('tab-b')
    expect(seen()).toEqual(['line-b'])
  })
})
