/**
 * Where pictures are kept: behind the framework's storage layer, in a folder, or in an S3-compatible store where one
 * is named (KEEP_TAB_S3_ENDPOINT with _BUCKET, _REGION, _KEY and _SECRET).
 */
import { join } from 'node:path'
import { createStorage, type Driver, type Storage } from 'unstorage'
import fsDriver from 'unstorage/drivers/fs-lite'
import memoryDriver from 'unstorage/drivers/memory'
import s3Driver from 'unstorage/drivers/s3'
import { folderOf } from './fileUrl'

export type FileStore = Pick<Storage, 'getItemRaw' | 'setItemRaw' | 'removeItem' | 'hasItem'>

/** Beside a local database; under the working folder otherwise. */
export const besideBook = (url: string, name: string): string =>
  join(folderOf(url), name)

/** ATTACHMENTS, or a folder beside a local database. */
export const attachmentsFolder = (url: string, chosen = process.env.ATTACHMENTS): string =>
  chosen || besideBook(url, 'attachments')

export interface S3Place {
  readonly endpoint: string
  readonly bucket: string
  readonly region: string
  readonly accessKeyId: string
  readonly secretAccessKey: string
}
/** @throws where one is named by half */
export function s3Place(env: NodeJS.ProcessEnv = process.env): S3Place | undefined {
  const endpoint = env.KEEP_TAB_S3_ENDPOINT
  if (!endpoint) return undefined
  const named = (what: string) => {
    const value = env[`KEEP_TAB_S3_${what}`]
    if (!value) throw new Error(`KEEP_TAB_S3_ENDPOINT is set and KEEP_TAB_S3_${what} is not`)
    return value
  }
  return {
    endpoint, bucket: named('BUCKET'), region: env.KEEP_TAB_S3_REGION || 'auto', accessKeyId: named('KEY'),
    secretAccessKey: named('SECRET'),
  }
}

/** The driver for the place that is named. */
export function driverFor(url: string): Driver {
  const place = s3Place()
  return place ? s3DriverFor(place) : folderDriver(attachmentsFolder(url))
}
export const s3DriverFor = (place: S3Place): Driver => s3Driver({ ...place, bulkDelete: false }) as Driver
export const folderDriver = (folder: string): Driver => fsDriver({ base: folder }) as Driver
export const openFiles = (folder: string): FileStore => createStorage({ driver: folderDriver(folder) })
export const openFilesFor = (url: string): FileStore => createStorage({ driver: driverFor(url) })
/** For tests: nothing outlives the process. */
export const filesInMemory = (): FileStore => createStorage({ driver: memoryDriver() as Driver })

/** Bytes as they were stored, whatever the driver gives. */
export async function readBytes(files: FileStore, name: string): Promise<Uint8Array | undefined> {
  const raw = await files.getItemRaw<ArrayBuffer | Uint8Array | null>(name)
  return raw ? new Uint8Array(raw) : undefined
}
