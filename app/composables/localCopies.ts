/** What this device holds in IndexedDB: lines not yet kept by the server, in their order, and the last copy of each tab. */
import { openDB, type DBSchema } from 'idb'
import type { ProblemReply, TabReply } from '#contracts'
import type { Line } from '#core/tab'

export interface UnsentLine { readonly id: string, readonly tab: string, readonly order: number, readonly line: Line, readonly problem?: ProblemReply }

/** A picture on its way to the server. */
export interface HeldPhoto { readonly id: string, readonly tab: string, readonly blob: Blob }

interface Copies extends DBSchema {
  unsent: { key: string, value: UnsentLine, indexes: { order: number } }
  tabs: { key: string, value: TabReply & { readonly id: string } }
  photos: { key: string, value: HeldPhoto }
}

const open = () => openDB<Copies>('keep-tab', 2, {
  upgrade(db, before) {
    if (before < 1) {
      db.createObjectStore('unsent', { keyPath: 'id' }).createIndex('order', 'order')
      db.createObjectStore('tabs', { keyPath: 'id' })
    }
    db.createObjectStore('photos', { keyPath: 'id' })
  },
})
let database: ReturnType<typeof open> | undefined
const use = () => database ??= open()

export const localCopies = {
  readUnsent: async () => (await use()).getAllFromIndex('unsent', 'order'),
  saveUnsent: async (line: UnsentLine) => { await (await use()).put('unsent', line) },
  dropUnsent: async (ids: readonly string[]) => {
    const tx = (await use()).transaction('unsent', 'readwrite')
    await Promise.all([...ids.map(id => tx.store.delete(id)), tx.done])
  },
  readPhotos: async () => (await use()).getAll('photos'),
  readPhoto: async (id: string) => (await use()).get('photos', id),
  savePhoto: async (photo: HeldPhoto) => { await (await use()).put('photos', photo) },
  dropPhoto: async (id: string) => { await (await use()).delete('photos', id) },
  readTab: async (id: string) => (await use()).get('tabs', id),
  saveTab: async (reply: TabReply) => { await (await use()).put('tabs', { ...reply, id: reply.tab.id }) },
}
