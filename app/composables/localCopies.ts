/** What this device holds in IndexedDB: lines not yet kept by the server, in their order, and the last copy of each tab. */
import { openDB, type DBSchema } from 'idb'
import type { ProblemReply, TabReply } from '#contracts'
import type { Line } from '#core/tab'

export interface UnsentLine { readonly id: string, readonly tab: string, readonly order: number, readonly line: Line, readonly problem?: ProblemReply }

interface Copies extends DBSchema {
  unsent: { key: string, value: UnsentLine, indexes: { order: number } }
  tabs: { key: string, value: TabReply & { readonly id: string } }
}

const open = () => openDB<Copies>('keep-tab', 1, {
  upgrade(db) {
    db.createObjectStore('unsent', { keyPath: 'id' }).createIndex('order', 'order')
    db.createObjectStore('tabs', { keyPath: 'id' })
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
  readTab: async (id: string) => (await use()).get('tabs', id),
  saveTab: async (reply: TabReply) => { await (await use()).put('tabs', { ...reply, id: reply.tab.id }) },
}
