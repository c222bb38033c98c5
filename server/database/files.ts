/** Where pictures are kept: behind the framework's storage layer, in files unless another driver is mounted. */
import { dirname, join } from 'node:path'
import { createStorage, type Driver, type Storage } from 'unstorage'
import fsDriver from 'unstorage/drivers/fs-lite'
import memoryDriver from 'unstorage/drivers/memory'

export type FileStore = Pick<Storage, 'getItemRaw' | 'setItemRaw' | 'removeItem' | 'hasItem'>

/** ATTACHMENTS, or a folder beside a local database. */
export function attachmentsFolder(url: string, chosen = process.env.ATTACHMENTS): string {
  return (
    chosen
    || join(
      url.startsWith('file:') ? dirname(url.slice('file:'.length).split('?')[0]!) || '.' : 'data',
      'attachments',
    )
  )
}

export const folderDriver = (folder: string): Driver => fsDriver({ base: folder }) as Driver
export const openFiles = (folder: string): FileStore => createStorage({ driver: folderDriver(folder) })
/** For tests: nothing outlives the process. */
export const filesInMemory = (): FileStore => createStorage({ driver: memoryDriver() as Driver })

/** Bytes as they were stored, whatever the driver gives. */
export async function readBytes(files: FileStore, name: string): Promise<Uint8Array | undefined> {
  const raw = await files.getItemRaw<ArrayBuffer | Uint8Array | null>(name)
  return raw ? new Uint8Array(raw) : undefined
}
