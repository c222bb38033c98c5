/** Taking in and giving out the open file. An import is one transaction: all of the file or none of it. */
import { eq, inArray, sql } from 'drizzle-orm'
import type { ImportCounts } from '#contracts'
import {
  makeId,
  readFile,
  writeBook,
  type BookFile,
  type ReadBook,
  type ReadSystem,
  type ReadTab,
} from '#core/formats'
import { kindFor, type KindId } from '#core/systems'
import { foldTab, type AnyLine } from '#core/tab'
import { readBytes, type FileStore } from '../database/files'
import type { Database } from '../database/open'
import { headOf } from '../database/chain'
import { documentWork, siteDocument, systemDocument } from '../database/documents'
import { addRows, projectTab, type Arrival } from '../database/rows'
import { attachments, fitted, lines, meters, plates, practices, shop, sites, systems, tabs } from '../database/schema'
import { write, type Work } from '../database/write'
import { attachmentsOf, keepAttachment } from './attachments'
import { auditWork } from './audit'
import { readPlates, readPractices } from './facts'
import { forgetFold } from './folds'
import { ledgerLines, ledgerWork, readLedger, readSayings, sortLedger, systemChanges } from './ledger'
import { linesOf, saysTheSame } from './lines'
import { Refusal } from './problems'

/** Whose file it is, and the day to which its anchor is moved, for demo data. */
export interface Import {
  readonly layTo?: string | undefined
  readonly session?: string
  readonly sender?: string
}

/** @param bytes JSON, or an archive with its pictures */
export async function importBook(
  db: Database,
  files: FileStore,
  bytes: Uint8Array,
  { layTo, ...from }: Import = {},
): Promise<ImportCounts> {
  const book = readFile(bytes, layTo, await readSayings(db))
  if (!book.ok) throw new Refusal(422, book.problem)
  for (const [hash, content] of book.value.attachments)
    await keepAttachment(db, files, hash, content, ` (picture ${hash.slice(0, 12)}… of the file)`)
  const { work, counts, changed } = await workOf(db, book.value, from)
  const { tabs: fresh, lines: added } = counts
  await write(db, [...work, auditWork(db, from.sender ?? 'the server', 'imported', { tabs: fresh, lines: added })])
  changed.forEach(tab => forgetFold(db, tab))
  return counts
}

export interface Taken {
  readonly work: readonly Work[]
  readonly counts: ImportCounts
  /** tabs that get lines */
  readonly changed: readonly string[]
}

/** The work that takes in a book, or a part of one. */
export async function workOf(
  db: Database, book: Omit<ReadBook, 'attachments'>, from: Omit<Import, 'layTo'>,
): Promise<Taken> {
  const { company, practice, meters: told, sites: own, ledger: written } = book
  const taken = await readTaken(db, own)
  const count = { sites: own.length, systems: 0, tabs: 0, lines: 0, already: 0 }
  const refused: string[] = []
  const work: Work[] = [
    ...(company ? [db.insert(shop).values({ id: 'shop', company }).onConflictDoNothing()] : []),
    ...told.map(meter => db.insert(meters).values(meter).onConflictDoNothing()),
    ...practice.map(p =>
      db
        .insert(practices)
        .values({ id: makeId('practice', JSON.stringify(p)), recorded: p.from, by: '', ...p })
        .onConflictDoNothing(),
    ),
  ]
  const changed: string[] = []
  const sorted = await sortLedger(db, written)
  refused.push(...sorted.refused.map(r => `line ${r.id} of the ledger`))
  const now = new Date().toISOString()
  // a system that was moved here since the file was written takes its tabs where it stands
  const ledgerNow = await readLedger(db)
  for (const { systems: within, ...site } of own) {
    work.push(db.insert(sites).values(site).onConflictDoNothing(), documentWork(db, siteDocument(site)))
    for (const system of within) {
      const stands = taken.systems.get(system.id) ?? site.id
      if (stands !== site.id && ledgerNow.system(system.id).site === undefined) {
        refused.push(`system ${system.name}`)
        continue
      }
      count.systems++
      work.push(...systemWork(db, site.id, system), documentWork(db, systemDocument(
        system, site.name, system.fitted.flatMap(f => [f.part, f.number ?? '']))))
      for (const tab of system.tabs) {
        const owner = taken.tabs.get(tab.id)
        if ((owner ?? system.id) !== system.id) {
          refused.push(`tab ${tab.id}`)
          continue
        }
        // the head first: a line that comes meanwhile breaks the import rather than the chain
        const prev = owner ? await headOf(db, tab.id) : ''
        const before = owner ? await linesOf(db, tab.id) : []
        const has = new Map(before.map(l => [l.id, l]))
        const isAnother = (l: AnyLine) => {
          const held = has.get(l.id)
          return held ? !saysTheSame(held, l) : taken.lines.has(l.id)
        }
        refused.push(...tab.lines.filter(isAnother).map(l => `line ${l.id}`))
        const lacking = tab.lines.filter(l => !has.has(l.id) && !isAnother(l))
        count.lines += lacking.length
        if (owner) count.already++
        else count.tabs++
        work.push(...tabWork(db, system, { ...tab, before, lacking, isNew: !owner }, {
          tab: tab.id, prev, received: () => now, ...from,
        }))
        changed.push(tab.id)
      }
    }
  }
  const placed = own.flatMap(s => s.systems.map(y => y.id))
  if (sorted.fresh.length > 0) work.push(...(await ledgerWork(db, sorted.fresh, from)))
  work.push(...(await systemChanges(db, sorted.fresh, placed)))
  return { work, counts: { ...count, refused }, changed }
}

/** Which of a file's ids are here already, and whose they are. */
async function readTaken(db: Database, own: ReadBook['sites']) {
  const ids = own.flatMap(s => s.systems.flatMap(y => y.tabs.flatMap(t => t.lines.map(l => l.id))))
  const held = new Map<string, string>()
  for (let i = 0; i < ids.length; i += MOST_ROWS) {
    const rows = await db.select({ id: lines.id, tab: lines.tab }).from(lines)
      .where(inArray(lines.id, ids.slice(i, i + MOST_ROWS)))
    for (const r of rows) held.set(r.id, r.tab)
  }
  return {
    systems: new Map((await db.all<{ id: string, site: string }>(sql`SELECT s.id, s.site
      FROM json_each(${JSON.stringify(own.flatMap(s => s.systems.map(y => y.id)))}) asked
      JOIN systems s ON s.id = asked.value`)).map(s => [s.id, s.site])),
    tabs: new Map((await db.all<{ id: string, system: string }>(sql`SELECT t.id, t.system
      FROM json_each(${JSON.stringify(own.flatMap(s => s.systems.flatMap(y => y.tabs.map(t => t.id))))}) asked
      JOIN tabs t ON t.id = asked.value`)).map(t => [t.id, t.system])),
    lines: held,
  }
}

/** Hashes asked for at once: SQLite takes 32,766 values in one statement. */
const MOST_ROWS = 1000

interface TabIn extends ReadTab {
  readonly before: readonly AnyLine[]
  readonly lacking: readonly AnyLine[]
  readonly isNew: boolean
}

function tabWork(db: Database, system: ReadSystem, tab: TabIn, came: Arrival): Work[] {
  const { before, lacking, isNew } = tab
  const state = foldTab(kindFor(system.kind, system.nameplate), [...before, ...lacking])
  const { opened } = state
  const card = {
    id: tab.id,
    system: system.id,
    openedAt: opened?.at ?? `${tab.day}T09:00:00.000Z`,
    status: 'open' as const,
    complaint: opened?.complaint ?? 'check-up',
    words: opened?.words ?? '',
  }
  return [
    ...(isNew ? [db.insert(tabs).values(card)] : []),
    ...addRows(db, lacking, came),
    ...(lacking.length > 0 ? projectTab(db, { id: tab.id, system: system.id }, state) : []),
  ]
}

function systemWork(db: Database, site: string, system: ReadSystem): Work[] {
  const { tabs: _tabs, plates: told, fitted: parts, nameplate, installed, location, ...rest } = system
  const from = `${installed ?? '2000-01-01'}T00:00:00.000Z`
  const records = told.length > 0 ? told : [{ from, nameplate }]
  return [
    db
      .insert(systems)
      .values({
        ...rest,
        site,
        nameplate: { ...nameplate },
        location: location ?? '',
        installed: installed ?? null,
      })
      .onConflictDoNothing(),
    ...records.map(p =>
      db
        .insert(plates)
        .values({
          id: makeId('plate', system.id, p.from, JSON.stringify(p.nameplate)),
          system: system.id,
          recorded: p.from,
          by: '',
          ...p,
          nameplate: { ...p.nameplate },
        })
        .onConflictDoNothing(),
    ),
    ...parts.map(p =>
      db
        .insert(fitted)
        .values({ id: makeId('fitted', system.id, p.component, p.part, p.fitted ?? ''), system: system.id, ...p })
        .onConflictDoNothing(),
    ),
  ]
}

export interface GivenOut {
  readonly book: BookFile
  readonly attachments: readonly { readonly hash: string, readonly type: string }[]
}

/**
 * The whole book, or one site of it, as a file that `importBook` takes back unchanged, and the pictures that go with
 * it.
 */
export async function exportBook(db: Database, site?: string): Promise<GivenOut> {
  const chosen = await (site ? db.select().from(sites).where(eq(sites.id, site)) : db.select().from(sites))
  const [company] = await db.select().from(shop).limit(1)
  const book: ReadBook = {
    ...(company?.company ? { company: company.company } : {}),
    meters: (await db.select().from(meters)).map(({ checked, ...m }) => ({
      ...m,
      ...(checked ? { checked } : {}),
    })),
    practice: await readPractices(db),
    ledger: (await ledgerLines(db)).filter(l => !site || ('site' in l && l.site === site)),
    sites: await Promise.all(chosen.map(async s => ({ ...s, systems: await readSystems(db, s.id) }))),
    attachments: new Map(),
  }
  const named = new Set(
    book.sites.flatMap(s => s.systems.flatMap(y => y.tabs.flatMap(t => attachmentsOf(t.lines).map(a => a.hash)))),
  )
  return { book: writeBook(book), attachments: await heldOf(db, [...named]) }
}

/** Of the pictures that are named, those that are here. */
export async function heldOf(db: Database, hashes: readonly string[]): Promise<{ hash: string, type: string }[]> {
  const held: { hash: string, type: string }[] = []
  for (let i = 0; i < hashes.length; i += MOST_ROWS) {
    held.push(
      ...(await db
        .select({ hash: attachments.hash, type: attachments.type })
        .from(attachments)
        .where(inArray(attachments.hash, hashes.slice(i, i + MOST_ROWS)))),
    )
  }
  return held
}

/** The bytes of pictures one after another, for the archive. */
export async function* readAttachments(files: FileStore, held: GivenOut['attachments']) {
  for (const { hash, type } of held) {
    const bytes = await readBytes(files, hash)
    if (bytes) yield { hash, type, bytes }
  }
}

async function readSystems(db: Database, site: string): Promise<ReadSystem[]> {
  const rows = await db.select().from(systems).where(eq(systems.site, site))
  return Promise.all(rows.map(async (row) => {
    const calls = await db.select().from(tabs).where(eq(tabs.system, row.id))
    return {
      ...(await readSystem(db, row)),
      tabs: await Promise.all(
        calls.map(async t => ({ id: t.id, day: t.openedAt.slice(0, 10), lines: await linesOf(db, t.id) })),
      ),
    }
  }))
}

/** A system without its tabs. */
export async function readSystem(db: Database, row: typeof systems.$inferSelect): Promise<ReadSystem> {
  const { site: _site, retired: _retired, kind, installed, ...system } = row
  const parts = await db.select().from(fitted).where(eq(fitted.system, system.id))
  return {
    ...system,
    kind: kind as KindId,
    plates: await readPlates(db, system.id),
    ...(installed ? { installed } : {}),
    fitted: parts.map(p => ({
      component: p.component,
      part: p.part,
      number: p.number,
      why: p.why,
      ...(p.fitted ? { fitted: p.fitted } : {}),
      ...(p.removed ? { removed: p.removed } : {}),
    })),
    tabs: [],
  }
}
