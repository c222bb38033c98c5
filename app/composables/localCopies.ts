/** What this device holds in IndexedDB: lines not yet kept by the server, in their order, and the last copy of each tab and of Today. */
import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { ProblemReply, TabReply, TodayReply } from '#contracts'
import type { Line } from '#core/tab'

export interface UnsentLine { readonly id: string, readonly tab: string, readonly order: number, readonly line: Line, readonly problem?: ProblemReply }

/** A picture on its way to the server. */
export interface HeldPhoto { readonly id: string, readonly tab: string, readonly blob: Blob }

/** Today's list as the server last gave it, and when. */
export interface HeldToday { readonly id: 'today', readonly at: string, readonly reply: TodayReply }

interface Copies extends DBSchema {
  unsent: { key: string, value: UnsentLine, indexes: { order: number } }
  tabs: { key: string, value: TabReply & { readonly id: string } }
  photos: { key: string, value: HeldPhoto }
  today: { key: string, value: HeldToday }
}

/** Fails, rather than waits for ever, while a window with an older version of the application holds the store. */
const open = () => new Promise<IDBPDatabase<Copies>>((resolve, reject) => openDB<Copies>('keep-tab', 3, {
  upgrade(db, before) {
    if (before < 1) {
      db.createObjectStore('unsent', { keyPath: 'id' }).createIndex('order', 'order')
      db.createObjectStore('tabs', { keyPath: 'id' })
    }
    if (before < 2) db.createObjectStore('photos', { keyPath: 'id' })
    db.createObjectStore('today', { keyPath: 'id' })
  },
  blocked: () => reject(new Error('another window holds an older store')),
  // a window with a newer version wants it: this one lets go, and asks again when it needs to
  blocking: (_, __, event) => {
    (event.target as IDBDatabase).close()
    database = undefined
  },
  terminated: () => { database = undefined },
}).then(resolve, reject))
let database: Promise<IDBPDatabase<Copies>> | undefined
const use = () => database ??= open().catch((reason: unknown) => {
  database = undefined
  throw reason
})

/** The tab with lines that the server has acknowledged but not yet given back. */
export function withKept(reply: TabReply, kept: readonly Line[]): TabReply {
  const has = new Set(reply.lines.map(k => k.line.id))
  const after = reply.lines.at(-1)?.seq ?? 0
  return { ...reply, lines: [...reply.lines, ...kept.filter(l => !has.has(l.id)).map((line, i) => ({ seq: after + 1 + i, line }))] }
}

export const localCopies = {
  readUnsent: async () => (await use()).getAllFromIndex('unsent', 'order'),
  saveUnsent: async (line: UnsentLine) => { await (await use()).put('unsent', line) },
  dropUnsent: async (ids: readonly string[]) => {
    const tx = (await use()).transaction('unsent', 'readwrite')
    await Promise.all([...ids.map(id => tx.store.delete(id)), tx.done])
  },
  /** Acknowledged lines leave the unsent ones for the copy of their tab, in one step. */
  moveKept: async (tab: string, kept: readonly Line[]) => {
    const tx = (await use()).transaction(['unsent', 'tabs'], 'readwrite')
    const copy = await tx.objectStore('tabs').get(tab)
    if (copy) await tx.objectStore('tabs').put({ ...withKept(copy, kept), id: tab })
    await Promise.all([...kept.map(line => tx.objectStore('unsent').delete(line.id)), tx.done])
  },
  readPhotos: async () => (await use()).getAll('photos'),
  readPhoto: async (id: string) => (await use()).get('photos', id),
  savePhoto: async (photo: HeldPhoto) => { await (await use()).put('photos', photo) },
  dropPhoto: async (id: string) => { await (await use()).delete('photos', id) },
  readToday: async () => (await use()).get('today', 'today'),
  saveToday: async (held: Omit<HeldToday, 'id'>) => { await (await use()).put('today', { ...held, id: 'today' }) },
  readTab: async (id: string) => (await use()).get('tabs', id),
  saveTab: async (reply: TabReply) => { await (await use()).put('tabs', { ...reply, id: reply.tab.id }) },
}
