/**
 * The device's store from every version it ever had. Version 1 held unsent lines and copies of tabs, 2 pictures too,
 * 3 Today too; their lines had neither device nor clock. Version 4 gives each its place: unsent ones are this
 * device's, in their order; lines of copies are placed as the server places those it kept in version 1, so that both
 * are the same. Version 5 holds answers of the server by what was asked.
 */
import type { IDBPDatabase } from 'idb'
import type { ProblemReply } from '#contracts'
import { makeId } from '#core/formats'
import {
  createWriter,
  FILE_DEVICE,
  isKnownLine,
  newPen,
  nextStamp,
  type AnyLine,
  type Line,
  type Pen,
  type UnplacedLine,
} from '#core/tab'
import type { Device, HeldPicture, OwnLine, Upgrade } from './held'

interface OldUnsent {
  readonly id: string
  readonly tab: string
  readonly order: number
  readonly line: UnplacedLine
  readonly problem?: ProblemReply
}
interface OldTab {
  readonly id: string
  readonly lines: readonly { readonly seq: number, readonly line: UnplacedLine }[]
}

export async function upgradeStore(db: IDBPDatabase<Device>, before: number, tx: Upgrade) {
  db.createObjectStore('replies', { keyPath: 'path' })
  if (before === 4) return
  const old = before > 0 ? await readOld(db, tx) : { unsent: [], tabs: [] }
  const names = db.objectStoreNames as unknown as DOMStringList
  if (names.contains('unsent')) (db as unknown as IDBPDatabase).deleteObjectStore('unsent')
  db.createObjectStore('self', { keyPath: 'id' })
  const lines = db.createObjectStore('lines', { keyPath: 'id' })
  lines.createIndex('standing', 'standing')
  lines.createIndex('tab', 'tab')
  db.createObjectStore('copies', { keyPath: 'id' }).createIndex('tab', 'tab')
  db.createObjectStore('pictures', { keyPath: 'hash' })
  db.createObjectStore('openings', { keyPath: 'tab' })
  for (const [name, keyPath] of [
    ['tabs', 'id'],
    ['photos', 'id'],
    ['today', 'id'],
  ] as const)
    if (!names.contains(name)) db.createObjectStore(name, { keyPath })
  const last = placeCopies(old.tabs, tx)
  placeUnsent(old.unsent, last, tx)
}

async function readOld(db: IDBPDatabase<Device>, tx: Upgrade): Promise<{ unsent: OldUnsent[], tabs: OldTab[] }> {
  const all = async <T>(name: string) =>
    (db.objectStoreNames as unknown as DOMStringList).contains(name)
      ? ((await tx.objectStore(name as 'tabs').getAll()) as unknown as T[])
      : []
  return { unsent: await all<OldUnsent>('unsent'), tabs: await all<OldTab>('tabs') }
}

/** @returns the last line of each tab that has a copy: what an unsent line has seen */
function placeCopies(tabs: readonly OldTab[], tx: Upgrade): ReadonlyMap<string, AnyLine> {
  const last = new Map<string, AnyLine>()
  for (const tab of tabs) {
    const put = createWriter(makeId(`${FILE_DEVICE}kept`, tab.id))
    for (const { seq, line } of tab.lines.toSorted((a, b) => a.seq - b.seq)) {
      const placed = put(line)
      void tx.objectStore('copies').put({ id: placed.id, tab: tab.id, seq, received: '', line: placed })
      last.set(tab.id, placed)
    }
    void tx
      .objectStore('tabs')
      .put({ practice: { prechargeOffsetPsi: 2 }, attachments: [], ...tab, lines: undefined } as never)
  }
  return last
}

function placeUnsent(unsent: readonly OldUnsent[], last: ReadonlyMap<string, AnyLine>, tx: Upgrade) {
  let pen: Pen = newPen(`dev-${crypto.randomUUID()}`)
  const heads = new Map(last)
  for (const { tab, line, problem } of unsent.toSorted((a, b) => a.order - b.order)) {
    const head = heads.get(tab)
    const { pen: next, stamp } = nextStamp(pen, Date.parse(line.at), head ? [head] : [])
    pen = next
    const placed = { ...line, ...stamp } as Line
    heads.set(tab, placed)
    const own: OwnLine = {
      id: placed.id,
      tab,
      counter: placed.counter,
      device: placed.device,
      line: placed,
      standing: problem ? 'refused' : 'unsent',
      ...(problem ? { problem } : {}),
    }
    void tx.objectStore('lines').put(own)
  }
  void tx.objectStore('self').put({ ...pen, id: 'pen' })
}

/**
 * Pictures of version 3 and before, by their hash, and the unsent lines that name them. Not part of the upgrade
 * itself: a picture's bytes cannot be read within it.
 */
export async function readOldPictures(db: IDBPDatabase<Device>): Promise<number> {
  const photos = await db.getAll('photos')
  if (photos.length === 0) return 0
  const { hashOf } = await import('./hash')
  for (const { id, blob } of photos) {
    const bytes = new Uint8Array(await blob.arrayBuffer())
    const picture: HeldPicture = {
      hash: hashOf(bytes),
      type: blob.type || 'image/jpeg',
      blob,
      standing: 'unsent',
    }
    const tx = db.transaction(['photos', 'pictures', 'lines'], 'readwrite')
    for (const own of await tx.objectStore('lines').getAll()) {
      const { line } = own
      if (!isKnownLine(line) || line.kind !== 'photo' || line.photo !== id || line.attachments) continue
      const attachment = {
        hash: picture.hash,
        type: picture.type as 'image/jpeg',
        bytes: bytes.length,
        ...(line.width ? { width: line.width } : {}),
        ...(line.height ? { height: line.height } : {}),
      }
      void tx.objectStore('lines').put({ ...own, line: { ...line, attachments: [attachment] } })
    }
    void tx.objectStore('pictures').put(picture)
    void tx.objectStore('photos').delete(id)
    await tx.done
  }
  return photos.length
}
