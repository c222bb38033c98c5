/**
 * A backup: the database as of one instant, its pictures, and the heads of its tabs, signed. Made beside a running
 * server by a process of its own, held against its chain before it counts, and put under its name only then. Restored
 * only to where nothing is.
 */
import {
  cpSync, existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync, statSync, writeFileSync,
} from 'node:fs'
import { dirname, join } from 'node:path'
import { createClient } from '@libsql/client'
import { drizzle } from 'drizzle-orm/libsql'
import { hashOf } from '#core/formats'
import { attachmentsFolder, s3Place } from '../database/files'
import { fileOf } from '../database/fileUrl'
import { attachments } from '../database/schema'
import * as schema from '../database/schema'
import type { Database } from '../database/types'
import { write } from '../database/write'
import { auditWork } from './audit'
import { isSealWhole, seal, type Seal } from './bookKey'
import { readHeads, verifyBook } from './verify'
import type { KeyObject } from 'node:crypto'

export interface Backup {
  readonly place: string
  readonly lines: number
  readonly tabs: number
  readonly pictures: number
  /** pictures that the book names and whose bytes are not there, or are not theirs */
  readonly odd: readonly string[]
}

/** What a backup or a restore ends in where it cannot be. */
export class BackupTrouble extends Error {}

const [BOOK, SEAL, PICTURES, PARTIAL] = ['book.db', 'seal.json', 'attachments', '.partial']
const NAME = /^keep-tab-\d{4}-\d\d-\d\dT[\d-]+Z$/

/** @param most how many are kept: the oldest go */
export async function backUp(
  { db, url, to, key, most }: {
    readonly db: Database
    readonly url: string
    readonly to: string
    readonly key: KeyObject
    readonly most: number
  },
): Promise<Backup> {
  const at = new Date().toISOString()
  const name = `keep-tab-${at.replace(/[:.]/g, '-')}`
  const making = join(to, PARTIAL, name)
  mkdirSync(join(making, PICTURES), { recursive: true })
  try {
    const copy = join(making, BOOK)
    await db.$client.execute({ sql: 'VACUUM INTO ?', args: [copy] })
    const { lines, tabs, hashes, heads } = await readCopy(copy)
    // in a store of their own they are backed up by its means
    const here = s3Place() ? [] : hashes
    const odd = copyPictures(here, attachmentsFolder(url), join(making, PICTURES))
    writeFileSync(join(making, SEAL), JSON.stringify(seal(key, heads, at), null, 1))
    renameSync(making, join(to, name))
    rotate(to, most)
    await write(db, [auditWork(db, 'the server', 'backed-up', { lines })])
    return { place: join(to, name), lines, tabs, pictures: here.length - odd.length, odd }
  }
  finally {
    rmSync(join(to, PARTIAL), { recursive: true, force: true })
  }
}

/** Held against its own chain: a copy that does not hold is no backup. */
async function readCopy(path: string) {
  const client = createClient({ url: `file:${path}` })
  const db = drizzle(client, { schema })
  try {
    const sound = await client.execute('PRAGMA integrity_check')
    if (sound.rows[0]?.[0] !== 'ok') throw new BackupTrouble(`the copy is torn: ${String(sound.rows[0]?.[0])}`)
    const { breaks, lines, tabs } = await verifyBook(db)
    if (breaks.length > 0)
      throw new BackupTrouble(`${breaks.length} lines are not as they were kept: run npm run verify`)
    const hashes = (await db.select({ hash: attachments.hash }).from(attachments)).map(a => a.hash)
    return { lines, tabs, hashes, heads: await readHeads(db) }
  }
  finally {
    client.close()
  }
}

/** One after another, each by its hash. @returns those that could not be copied whole */
function copyPictures(hashes: readonly string[], from: string, to: string): string[] {
  return hashes.filter((hash) => {
    const path = join(from, hash)
    if (!existsSync(path)) return true
    const bytes = readFileSync(path)
    if (hashOf(bytes) !== hash) return true
    writeFileSync(join(to, hash), bytes)
    return false
  })
}

function rotate(to: string, most: number) {
  const old = readdirSync(to).filter(f => NAME.test(f)).toSorted().slice(0, -most)
  for (const name of old) rmSync(join(to, name), { recursive: true, force: true })
}

/** @param url of a local database that is not there yet */
export async function restore(from: string, url: string): Promise<Backup> {
  const target = fileOf(url)
  if (target === undefined) throw new BackupTrouble('only a local database is restored: a file: URL')
  const pictures = attachmentsFolder(url)
  if (existsSync(target)) throw new BackupTrouble(`there is a book already at ${target}: move it away first`)
  // a log that stays behind would be read into whatever book stands there next
  if (statSync(`${target}-wal`, { throwIfNoEntry: false })?.size)
    throw new BackupTrouble(`${target}-wal is of the book that stood there: stop its server, and move it along`)
  if (!existsSync(join(from, BOOK)) || !existsSync(join(from, SEAL)))
    throw new BackupTrouble(`${from} is no backup: it lacks ${BOOK} or ${SEAL}`)
  const told = JSON.parse(readFileSync(join(from, SEAL), 'utf8')) as Seal
  const { lines, tabs, hashes, heads } = await readCopy(join(from, BOOK))
  if (!isSealWhole(told) || JSON.stringify(heads) !== JSON.stringify(told.heads))
    throw new BackupTrouble('the backup is not what was signed: its lines or its seal have been changed')
  mkdirSync(pictures, { recursive: true })
  const odd = copyPictures(hashes, join(from, PICTURES), pictures)
  mkdirSync(dirname(target) || '.', { recursive: true })
  // under its name only once it is whole
  cpSync(join(from, BOOK), `${target}.part`)
  renameSync(`${target}.part`, target)
  const client = createClient({ url })
  const db = drizzle(client, { schema })
  await write(db, [auditWork(db, 'the server', 'restored', { from: told.at, lines })])
  client.close()
  return { place: target, lines, tabs, pictures: hashes.length - odd.length, odd }
}
