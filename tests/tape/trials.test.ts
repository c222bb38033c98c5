/**
 * Trials of the whole way of a line: written on two or three devices, sent by their senders over a network that fails
 * in every way it can, to the real services on a real database that is killed and restored. None is lost, doubled or
 * out of order. In short with the tests, in long by `npm run trials`.
 */
import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { afterAll, describe, expect, it, vi } from 'vitest'
import { createRandom } from '#core/foundation'
import { kindFor } from '#core/systems'
import { foldTab, type AnyLine, type DraftLine } from '#core/tab'
import type { device as Device } from '../../app/keeper/device'
import type * as Sender from '../../app/keeper/sender'
import { LENGTH } from '../length'
import { PHRASES, shuffle, type Random } from './histories'
import { keptOn, startServer, type Server } from './network'
import { plainState } from './plainState'

const LONG = LENGTH === 'long'
const SEED = Number(process.env.TRIALS_SEED ?? 4711)
const RUNS = LONG ? 60 : 4
const STEPS = LONG ? 300 : 80
const kind = kindFor('well-3wire')
const TABS = ['tab-trial-a', 'tab-trial-b']
const totals = { written: 0, troubles: new Map<string, number>(), kills: 0, restores: 0, windows: 0 }

interface Person {
  readonly device: typeof Device
  readonly sender: typeof Sender
  readonly seen: Map<string, AnyLine>
  readonly name: number
}

/** A device of its own: its own store, its own modules. */
async function newPerson(name: number): Promise<Person> {
  vi.resetModules()
  globalThis.indexedDB = new IDBFactory()
  const { device, useStore } = await import('../../app/keeper/device')
  await useStore()
  return { device, sender: await import('../../app/keeper/sender'), seen: new Map(), name }
}

const headsOf = (seen: ReadonlyMap<string, AnyLine>, tab: readonly AnyLine[]) =>
  tab.filter(l => ![...seen.values()].some(o => o.seen.includes(l.id)))

async function writeOne(person: Person, random: Random, wall: number, id: string): Promise<AnyLine> {
  const tab = TABS[random.below(TABS.length)]!
  const drafts = PHRASES.filter(p => p.says !== 'foreign')
  const mine = [...person.seen.values()].filter(l => l.id.includes(tab))
  const { line } = {
    line: await person.device.write(tab, drafts[random.below(drafts.length)]!.draft as DraftLine, {
      id: `${tab}-${id}`,
      at: new Date(wall).toISOString(),
      now: wall,
      heads: headsOf(person.seen, mine).slice(-16),
    }),
  }
  person.seen.set(line.id, line)
  return line
}

/** Sends with a sender of its own, as a window does; a few tries and it is closed. */
async function sendFor(person: Person) {
  const heard = { kept: () => undefined, refused: () => undefined, trouble: () => undefined }
  // two windows of one browser, where the lock is not kept: both send what waits
  const windows = [
    person.sender.createSender(person.sender.fromDevice, heard),
    person.sender.createSender(person.sender.fromDevice, heard),
  ]
  totals.windows += windows.length
  await Promise.all(windows.map(w => w.send()))
  windows.forEach(w => w.stop())
}

async function runTrial(seed: number) {
  const random = createRandom(seed)
  const server = await startServer(random)
  vi.stubGlobal('fetch', (url: string, options: { method?: string, body?: string }) => server.ask(url, options))
  const people = []
  for (let i = 0; i < 2 + random.below(2); i++) people.push(await newPerson(i))
  const written: AnyLine[] = []
  try {
    await openAll(people[0]!, server)
    for (let step = 0; step < STEPS; step++) {
      const person = people[random.below(people.length)]!
      server.mood = random.uniform() < 0.2 ? 0 : 0.5
      written.push(
        await writeOne(person, random, Date.UTC(2026, 5, 15, 10) + step * 30e3, `line-${seed}-${step}`),
      )
      const dice = random.uniform()
      if (dice < 0.4) await sendFor(person)
      else if (dice < 0.5) await catchUp(person, server)
      else if (dice < 0.54) await kill(server)
      else if (dice < 0.57) await server.copy()
      else if (dice < 0.59) await restore(server)
    }
    await settleDown(people, server)
    await holdToAccount(server, people, written)
    for (const [what, n] of server.troubles) totals.troubles.set(what, (totals.troubles.get(what) ?? 0) + n)
    totals.written += written.length
  }
  finally {
    server.remove()
  }
}

async function openAll({ device }: Person, server: Server) {
  for (const tab of TABS) {
    const opened = await device.stamp(
      { kind: 'opened', complaint: 'groans', words: '' },
      { id: `${tab}-opened`, at: '2026-06-15T09:59:00.000Z', now: Date.UTC(2026, 5, 15, 9, 59), heads: [] },
    )
    const request = {
      site: { id: 'site-trial', name: 'Hill Farm' },
      system: { id: 'system-trial', name: 'well', kind: 'well-3wire' },
      tab: { id: tab, opened },
    }
    await server.ask('/api/tabs', { method: 'POST', body: JSON.stringify(request) })
    await device.saveOpening({ tab, request }, opened)
  }
  await server.copy()
}

/** A device comes to know what the server has. */
async function catchUp({ seen }: Person, server: Server) {
  for (const tab of TABS) for (const line of await keptOn(server, tab)) seen.set(line.id, line)
}
async function kill(server: Server) {
  totals.kills++
  await server.kill()
}
async function restore(server: Server) {
  totals.restores++
  await server.restore()
}

/** The network is good again: each device gives back what is lacking and sends what waits. */
async function settleDown(people: readonly Person[], server: Server) {
  server.mood = 0
  for (const person of people) {
    await person.sender.giveBack()
    await sendFor(person)
  }
}

async function holdToAccount(server: Server, people: readonly Person[], written: readonly AnyLine[]) {
  for (const { device } of people) {
    expect(await device.readStanding('unsent')).toEqual([])
    expect(await device.readStanding('refused')).toEqual([])
  }
  for (const tab of TABS) {
    const kept = (await keptOn(server, tab)).filter(l => l.kind !== 'opened' || !l.id.endsWith('opened'))
    const own = written.filter(l => l.id.startsWith(tab))
    // none lost, none doubled, none changed
    expect(kept.length).toBe(own.length)
    expect(new Map(kept.map(l => [l.id, l]))).toEqual(new Map(own.map(l => [l.id, l])))
    // the order is the same, however they came: as written on each device
    const state = foldTab(kind, kept)
    for (const name of new Set(kept.map(l => l.device))) {
      const counters = state.lines.filter(l => l.device === name).map(l => l.counter)
      expect(counters).toEqual(counters.toSorted((a, b) => a - b))
    }
    expect(plainState(foldTab(kind, shuffle(createRandom(1), own)))).toEqual(plainState(state))
  }
}

describe('lines on their way', () => {
  it.each(Array.from({ length: RUNS }, (_, i) => SEED + i))(
    'are neither lost, doubled nor out of order (seed %i)',
    async (seed) => {
      await runTrial(seed)
    },
    LONG ? 600_000 : 60_000,
  )

  afterAll(() => {
    const troubles = [...totals.troubles].map(([what, n]) => `${what} ${n}`).join(', ')
    console.log(
      `Trials: ${totals.written} lines written, ${totals.kills} kills, ${totals.restores} restores, `
      + `${totals.windows} windows; ${troubles}.`,
    )
    expect(totals.troubles.size).toBe(9)
    expect(totals.kills).toBeGreaterThan(0)
    expect(totals.restores).toBeGreaterThan(0)
  })
})
