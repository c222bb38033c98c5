/** Gives a book out as a file of any size: a tab at a time, and its pictures one after another. */
import { createReadStream, createWriteStream } from 'node:fs'
import { rename, rm } from 'node:fs/promises'
import { once } from 'node:events'
import { setImmediate as turn } from 'node:timers/promises'
import type { KeyObject } from 'node:crypto'
import { Zip, ZipDeflate, ZipPassThrough } from 'fflate'
import { asc, eq } from 'drizzle-orm'
import { attachmentName, writeBook, type ReadBook, type ReadSystem } from '#core/formats'
import type { FileStore } from '../database/files'
import { meters, shop, sites, systems, tabs } from '../database/schema'
import type { Database } from '../database/types'
import { attachmentsOf } from './attachments'
import { seal } from './bookKey'
import { heldOf, readAttachments, readSystem } from './books'
import { readPractices } from './facts'
import { ledgerLines } from './ledger'
import { linesOf } from './lines'
import { readHeads } from './verify'

const EMPTY: ReadBook = { meters: [], practice: [], ledger: [], sites: [], attachments: new Map() }

/** @returns of which kind the file at the path is */
export async function giveOut(
  db: Database, files: FileStore, { key, path, site }: { key: KeyObject, path: string, site?: string | undefined },
): Promise<'json' | 'zip'> {
  const named = new Set<string>()
  const out = createWriteStream(path)
  for await (const text of bookText(db, key, site, named))
    if (!out.write(text)) await once(out, 'drain')
  out.end()
  await once(out, 'finish')
  const held = await heldOf(db, [...named])
  if (held.length === 0) return 'json'
  await pack(path, readAttachments(files, held))
  return 'zip'
}

/** The book as JSON, in pieces; the pictures that its lines name are added to `named`. */
async function* bookText(
  db: Database, key: KeyObject, site: string | undefined, named: Set<string>,
): AsyncGenerator<string> {
  const [company] = await db.select().from(shop).limit(1)
  const head = writeBook({
    ...EMPTY,
    ...(company?.company ? { company: company.company } : {}),
    meters: (await db.select().from(meters)).map(({ checked, ...m }) => ({ ...m, ...(checked ? { checked } : {}) })),
    practice: await readPractices(db),
    ledger: (await ledgerLines(db)).filter(l => !site || ('site' in l && l.site === site)),
  })
  yield openAt(head)
  const own = new Set<string>()
  const chosen = site ? db.select().from(sites).where(eq(sites.id, site)) : db.select().from(sites)
  for (const [i, place] of (await chosen.orderBy(asc(sites.name), asc(sites.id))).entries()) {
    const [bare] = writeBook({ ...EMPTY, sites: [{ ...place, systems: [] }] }).sites
    yield (i > 0 ? ',' : '') + openAt(bare!)
    const within = await db.select().from(systems).where(eq(systems.site, place.id))
    for (const [j, row] of within.entries()) {
      const system = await readSystem(db, row)
      const put = (tab?: ReadSystem['tabs'][number]) => writeBook({
        ...EMPTY, sites: [{ ...place, systems: [{ ...system, tabs: tab ? [tab] : [] }] }],
      }).sites[0]!.systems[0]!
      yield (j > 0 ? ',' : '') + openAt(put())
      const calls = await db.select({ id: tabs.id, at: tabs.openedAt }).from(tabs).where(eq(tabs.system, row.id))
      for (const [k, { id, at }] of calls.entries()) {
        const lines = await linesOf(db, id)
        own.add(id)
        for (const a of attachmentsOf(lines)) named.add(a.hash)
        yield (k > 0 ? ',' : '') + JSON.stringify(put({ id, day: at.slice(0, 10), lines }).tabs![0])
        // what the database's calls leave behind is let go of only between turns
        await turn()
      }
      yield ']}'
    }
    yield ']}'
  }
  yield `],"seal":${JSON.stringify(seal(key, await readHeads(db, own)))}}`
}

/** As JSON up to the list that is its last member, left open: sites of a book, systems of a site, tabs of a system. */
function openAt(value: object): string {
  const text = JSON.stringify(value)
  if (!text.endsWith('[]}')) throw new Error('the last member is no empty list')
  return text.slice(0, -2)
}

/** Puts the JSON at the path into an archive with its pictures, at the same path. */
async function pack(path: string, pictures: ReturnType<typeof readAttachments>) {
  const packed = `${path}.zip`
  const out = createWriteStream(packed)
  const waiting: Uint8Array[] = []
  const zip = new Zip((error, piece) => {
    if (error) throw error
    waiting.push(piece)
  })
  const drain = async () => {
    for (const piece of waiting.splice(0)) if (!out.write(piece)) await once(out, 'drain')
  }
  const json = new ZipDeflate('book.json')
  zip.add(json)
  for await (const bytes of createReadStream(path) as AsyncIterable<Uint8Array>) {
    json.push(new Uint8Array(bytes))
    await drain()
  }
  json.push(new Uint8Array(), true)
  for await (const { hash, type, bytes } of pictures) {
    const picture = new ZipPassThrough(attachmentName(hash, type))
    zip.add(picture)
    picture.push(bytes, true)
    await drain()
  }
  zip.end()
  await drain()
  out.end()
  await once(out, 'finish')
  await rm(path)
  await rename(packed, path)
}
