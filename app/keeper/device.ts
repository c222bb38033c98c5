/**
 * What this device holds in IndexedDB: its pen, every line that was written on it (unsent, kept, refused), copies of
 * tabs and of Today, pictures. Lines stay after the server has acknowledged them, so that a server that lost them can
 * be given them back: until it names a backup that is newer, or for 90 days.
 */
import { openDB, type IDBPDatabase } from 'idb'
import type { TabReply } from '#contracts'
import { newPen, nextStamp, type AnyLine, type DraftLine, type Line, type Pen } from '#core/tab'
import type { Device, HeldOpening, HeldPicture, HeldReply, HeldToday, LineStanding, OwnLine, Upgrade } from './held'
import { upgradeStore } from './upgrade'

export const STORE_VERSION = 5
const NAME = 'keep-tab'

/** Fails, rather than waits for ever, while a window with an older version of the application holds the store. */
const open = () =>
  new Promise<IDBPDatabase<Device>>((resolve, reject) =>
    openDB<Device>(NAME, STORE_VERSION, {
      upgrade: (db, before, _after, tx) => {
        upgradeStore(db, before, tx as unknown as Upgrade).catch((reason: unknown) => {
          tx.abort()
          reject(reason instanceof Error ? reason : new Error('the store could not be brought up to date'))
        })
      },
      blocked: () => reject(new Error('another window holds an older store')),
      // a window with a newer version wants it: this one lets go, and asks again when it needs to
      blocking: (_, __, event) => {
        ;(event.target as IDBDatabase).close()
        database = undefined
      },
      terminated: () => {
        database = undefined
      },
    }).then(resolve, reject),
  )
let database: Promise<IDBPDatabase<Device>> | undefined
export const useStore = () =>
  (database ??= open().catch((reason: unknown) => {
    database = undefined
    throw reason
  }))

export interface Writing {
  readonly id: string
  readonly at: string
  readonly now: number
  readonly by?: string
  readonly heads: readonly AnyLine[]
}

const newDevice = () => `dev-${crypto.randomUUID()}`
const byCounter = (a: OwnLine, b: OwnLine) =>
  a.device === b.device ? a.counter - b.counter : a.line.clock < b.line.clock ? -1 : 1

/** A draft as a line of a pen. */
export function lineOf(
  pen: Pen,
  draft: DraftLine,
  { id, at, now, by, heads }: Writing,
): { readonly pen: Pen, readonly line: Line } {
  const { pen: next, stamp } = nextStamp(pen, now, heads)
  return { pen: next, line: { ...draft, id, at, ...(by ? { by } : {}), ...stamp } as Line }
}

export const device = {
  /** Writes a line: the pen moves and the line is stored in one step, so that two windows never use a number twice. */
  async write(tab: string, draft: DraftLine, writing: Writing): Promise<Line> {
    const tx = (await useStore()).transaction(['self', 'lines'], 'readwrite')
    const pen = (await tx.objectStore('self').get('pen')) ?? newPen(newDevice())
    const { pen: next, line } = lineOf(pen, draft, writing)
    void tx.objectStore('self').put({ ...next, id: 'pen' })
    void tx
      .objectStore('lines')
      .put({ id: line.id, tab, counter: line.counter, device: line.device, line, standing: 'unsent' })
    await tx.done
    return line
  },
  /** Moves the pen on for a line that is stored only once the server has it: what opens a tab. */
  async stamp(draft: DraftLine, writing: Writing): Promise<Line> {
    const tx = (await useStore()).transaction('self', 'readwrite')
    const { pen, line } = lineOf((await tx.store.get('pen')) ?? newPen(newDevice()), draft, writing)
    void tx.store.put({ ...pen, id: 'pen' })
    await tx.done
    return line
  },
  readPen: async () => (await useStore()).get('self', 'pen'),
  /** Takes a name of its own from now on: its old one counts elsewhere too. */
  renew: async () => {
    await (await useStore()).put('self', { ...newPen(newDevice()), id: 'pen' })
  },
  readStanding: async (standing: LineStanding) =>
    (await (await useStore()).getAllFromIndex('lines', 'standing', standing)).toSorted(byCounter),
  readOwn: async (tab: string) =>
    (await (await useStore()).getAllFromIndex('lines', 'tab', tab)).toSorted(byCounter),
  readAllOwn: async () => (await useStore()).getAll('lines'),
  /** @param change what becomes of each line; those that are gone stay gone */
  async change(ids: readonly string[], change: (own: OwnLine) => OwnLine) {
    const tx = (await useStore()).transaction('lines', 'readwrite')
    for (const id of ids) {
      const own = await tx.store.get(id)
      if (own) void tx.store.put(change(own))
    }
    await tx.done
  },
  dropLine: async (id: string) => {
    await (await useStore()).delete('lines', id)
  },
  /** Lets lines go that were kept long ago. */
  async prune(before: number) {
    const tx = (await useStore()).transaction('lines', 'readwrite')
    for (const own of await tx.store.index('standing').getAll('kept'))
      if ((own.keptAt ?? Infinity) < before) void tx.store.delete(own.id)
    await tx.done
  },
  async saveTab({ lines, ...reply }: TabReply) {
    const tx = (await useStore()).transaction(['tabs', 'copies'], 'readwrite')
    void tx.objectStore('tabs').put({ ...reply, id: reply.tab.id })
    for (const kept of lines) void tx.objectStore('copies').put({ ...kept, id: kept.line.id, tab: reply.tab.id })
    await tx.done
  },
  /** A tab as the server last gave it, and what was written here since. */
  async readTab(id: string): Promise<TabReply | undefined> {
    const db = await useStore()
    const copy = await db.get('tabs', id)
    if (!copy) return undefined
    const lines = await db.getAllFromIndex('copies', 'tab', id)
    return {
      ...copy,
      lines: lines.toSorted((a, b) => a.seq - b.seq)
        .map(({ seq, received, sender, line }) => ({ seq, received, sender, line })),
    }
  },
  /** Every tab that there is a copy of, with its lines as the server gave them. */
  async readTabs(): Promise<TabReply[]> {
    const ids = await (await useStore()).getAllKeys('tabs')
    return (await Promise.all(ids.map(id => device.readTab(id)))).flatMap(t => (t ? [t] : []))
  },
  /** Lets go of everything that the server has: copies of tabs, Today, kept lines, kept pictures. */
  async wipeCopies() {
    const tx = (await useStore()).transaction(
      ['tabs', 'copies', 'today', 'replies', 'openings', 'lines', 'pictures'], 'readwrite',
    )
    for (const store of ['tabs', 'copies', 'today', 'replies'] as const) void tx.objectStore(store).clear()
    const waiting = new Set<string>()
    for (const own of await tx.objectStore('lines').getAll()) {
      if (own.standing === 'kept') void tx.objectStore('lines').delete(own.id)
      else waiting.add(own.tab)
    }
    // how a tab is opened anew goes with the lines that wait for it
    for (const { tab } of await tx.objectStore('openings').getAll())
      if (!waiting.has(tab)) void tx.objectStore('openings').delete(tab)
    for (const { hash, standing } of await tx.objectStore('pictures').getAll())
      if (standing === 'kept') void tx.objectStore('pictures').delete(hash)
    await tx.done
  },
  readPicture: async (hash: string) => (await useStore()).get('pictures', hash),
  readPictures: async () => (await useStore()).getAll('pictures'),
  savePicture: async (picture: HeldPicture) => {
    await (await useStore()).put('pictures', picture)
  },
  dropPicture: async (hash: string) => {
    await (await useStore()).delete('pictures', hash)
  },
  /** @param standing kept where the server has opened it, unsent where it could not be reached */
  saveOpening: async (opening: HeldOpening, line: Line, standing: 'kept' | 'unsent' = 'kept') => {
    const tx = (await useStore()).transaction(['openings', 'lines'], 'readwrite')
    void tx.objectStore('openings').put(opening)
    void tx
      .objectStore('lines')
      .put({
        id: line.id,
        tab: opening.tab,
        counter: line.counter,
        device: line.device,
        line,
        standing,
        ...(standing === 'kept' ? { keptAt: Date.now() } : {}),
      })
    await tx.done
  },
  readOpening: async (tab: string) => (await useStore()).get('openings', tab),
  readReply: async (path: string) => (await useStore()).get('replies', path),
  readReplies: async () => (await useStore()).getAll('replies'),
  saveReply: async (held: HeldReply) => {
    await (await useStore()).put('replies', held)
  },
  readToday: async () => (await useStore()).get('today', 'today'),
  saveToday: async (held: Omit<HeldToday, 'id'>) => {
    await (await useStore()).put('today', { ...held, id: 'today' })
  },
}
