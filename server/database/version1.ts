/**
 * Reads what version 1 kept into the tables of version 2, once, in one transaction: each tab's lines in the order in
 * which they had been kept, each having seen the one before, and its pictures as attachments. `core/formats` reads
 * files of version 1 by the same rules.
 */
import { asc } from 'drizzle-orm'
import { hashOf, makeId, upgradePhotoLine } from '#core/formats'
import { isKindId, kindFor } from '#core/systems'
import { createWriter, FILE_DEVICE, foldTab, parseUnplaced, type Attachment, type UnplacedLine } from '#core/tab'
import type { FileStore } from './files'
import type { Database } from './types'
import { addRows, projectTab } from './rows'
import { attachmentNames, attachments, linesOfVersion1, photos, systems, tabs } from './schema'
import { write, type Work } from './write'

export async function readVersion1(db: Database, files: FileStore): Promise<void> {
  const rows = await db.select().from(linesOfVersion1).orderBy(asc(linesOfVersion1.seq))
  const pictures = await readPictures(db, files)
  if (rows.length === 0 && pictures.work.length === 0) return
  const kinds = new Map((await db.select().from(systems)).map(s => [s.id, s]))
  const tabRows = await db.select().from(tabs)
  const work: Work[] = [...pictures.work]
  const now = new Date().toISOString()
  const byTab = new Map<string, (typeof rows)[number][]>(tabRows.map(t => [t.id, []]))
  for (const row of rows) byTab.get(row.tab)?.push(row)
  for (const tab of tabRows) {
    const own = byTab.get(tab.id) ?? []
    const placed = own
      .map(r => upgradePhotoLine(readBody(r.body), pictures.named))
      .map(createWriter(makeId(`${FILE_DEVICE}kept`, tab.id)))
    // when each came was not kept: not before it was written, and not after now
    work.push(
      ...addRows(db, placed, {
        tab: tab.id,
        prev: '',
        received: l => (l.at < now ? l.at : now),
        seqs: own.map(r => r.seq),
      }),
    )
    const system = kinds.get(tab.system)
    if (placed.length > 0 && system && isKindId(system.kind))
      work.push(...projectTab(db, tab, foldTab(kindFor(system.kind, system.nameplate), placed)))
  }
  work.push(db.delete(linesOfVersion1), db.delete(photos))
  await write(db, work)
}

/** Version 1 kept only lines that it had parsed: anything else is damage, and nothing is read then. */
function readBody(body: string): UnplacedLine {
  const parsed = parseUnplaced(JSON.parse(body))
  if (!parsed.ok)
    throw new Error(
      `a line of version 1 cannot be read (${JSON.stringify(parsed.problem.facts)}): nothing was changed`,
    )
  return parsed.value
}

async function readPictures(
  db: Database,
  files: FileStore,
): Promise<{ readonly named: ReadonlyMap<string, Attachment>, readonly work: readonly Work[] }> {
  const named = new Map<string, Attachment>()
  const work: Work[] = []
  for (const { id, type, bytes } of await db.select().from(photos)) {
    const content = new Uint8Array(bytes)
    const hash = hashOf(content)
    await files.setItemRaw(hash, content)
    named.set(id, { hash, type: type as Attachment['type'], bytes: content.length })
    work.push(
      db
        .insert(attachments)
        .values({ hash, type, bytes: content.length, received: new Date().toISOString() })
        .onConflictDoNothing(),
      db.insert(attachmentNames).values({ name: id, hash }).onConflictDoNothing(),
    )
  }
  return { named, work }
}
