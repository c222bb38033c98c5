/** Taking in and giving out the open file. An import is one transaction: all of the file or none of it. */
import type { BatchItem } from 'drizzle-orm/batch'
import { eq } from 'drizzle-orm'
import type { ImportReply } from '#contracts'
import { makeId, readBook, writeBook, type BookFile, type ReadBook, type ReadSystem, type ReadTab } from '#core/formats'
import type { KindId } from '#core/systems'
import { foldTab, type Line } from '#core/tab'
import type { Database } from '../database/open'
import { fitted, lines, meters, partsUsed, photos, shop, sites, systems, tabs } from '../database/schema'
import { lineRow, partRow, readLines, tabProjection } from './lines'
import { photoRow, readPhotos } from './photos'
import { Refusal } from './problems'

/** @param layTo the day to which the file's anchor is moved, for demo data */
export async function importBook(db: Database, content: string, layTo?: string): Promise<ImportReply> {
  const book = readBook(content, layTo)
  if (!book.ok) throw new Refusal(422, book.problem)
  const known = new Set((await db.select({ id: tabs.id }).from(tabs)).map(t => t.id))
  const work: BatchItem<'sqlite'>[] = []
  const count = { sites: 0, systems: 0, tabs: 0, lines: 0, already: 0 }
  if (book.value.company) work.push(db.insert(shop).values({ id: 'shop', company: book.value.company }).onConflictDoNothing())
  for (const meter of book.value.meters) work.push(db.insert(meters).values(meter).onConflictDoNothing())
  for (const { systems: own, ...site } of book.value.sites) {
    count.sites++
    work.push(db.insert(sites).values(site).onConflictDoNothing())
    for (const system of own) {
      count.systems++
      work.push(...systemWork(db, site.id, system))
      for (const tab of system.tabs) {
        if (known.has(tab.id)) {
          const before = (await readLines(db, tab.id)).map(k => k.line)
          const lacking = tab.lines.filter(l => !before.some(b => b.id === l.id))
          count.already++
          count.lines += lacking.length
          if (lacking.length > 0) work.push(...lacking.flatMap(line => lineWork(db, system.id, tab.id, line)), db.update(tabs).set(tabProjection([...before, ...lacking])).where(eq(tabs.id, tab.id)))
          work.push(...photoWork(db, tab))
          continue
        }
        count.tabs++
        count.lines += tab.lines.length
        const opened = foldTab(tab.lines).opened
        work.push(db.insert(tabs).values({ id: tab.id, system: system.id, openedAt: tab.lines[0]?.at ?? `${tab.day}T09:00:00.000Z`, complaint: opened?.complaint ?? 'check-up', words: opened?.words ?? '', ...tabProjection(tab.lines) }))
        work.push(...tab.lines.flatMap(line => lineWork(db, system.id, tab.id, line)), ...photoWork(db, tab))
      }
    }
  }
  const [first, ...rest] = work
  if (first) await db.batch([first, ...rest])
  return count
}

function lineWork(db: Database, system: string, tab: string, line: Line): BatchItem<'sqlite'>[] {
  const kept = db.insert(lines).values(lineRow(tab, line)).onConflictDoNothing()
  return line.kind === 'part' ? [kept, db.insert(partsUsed).values(partRow(system, line)).onConflictDoNothing()] : [kept]
}

function photoWork(db: Database, tab: ReadTab): BatchItem<'sqlite'>[] {
  return tab.photos.map(({ id, base64 }) => db.insert(photos).values(photoRow(tab.id, id, Buffer.from(base64, 'base64'), ` (picture ${id} of the tab of ${tab.day})`)).onConflictDoNothing())
}

function systemWork(db: Database, site: string, system: ReadSystem): BatchItem<'sqlite'>[] {
  const { tabs: _tabs, fitted: parts, nameplate, installed, location, ...rest } = system
  return [
    db.insert(systems).values({ ...rest, site, nameplate: { ...nameplate }, location: location ?? '', installed: installed ?? null }).onConflictDoNothing(),
    ...parts.map(p => db.insert(fitted).values({ id: makeId('fitted', system.id, p.component, p.part, p.fitted ?? ''), system: system.id, ...p }).onConflictDoNothing()),
  ]
}

/** The whole book, or one site of it, as a file that `importBook` takes back unchanged. */
export async function exportBook(db: Database, site?: string): Promise<BookFile> {
  const chosen = await (site ? db.select().from(sites).where(eq(sites.id, site)) : db.select().from(sites))
  const [company] = await db.select().from(shop).limit(1)
  const book: ReadBook = {
    ...(company?.company ? { company: company.company } : {}),
    meters: (await db.select().from(meters)).map(({ checked, ...m }) => ({ ...m, ...(checked ? { checked } : {}) })),
    sites: await Promise.all(chosen.map(async s => ({ ...s, systems: await readSystems(db, s.id) }))),
  }
  return writeBook(book)
}

async function readSystems(db: Database, site: string): Promise<ReadSystem[]> {
  const rows = await db.select().from(systems).where(eq(systems.site, site))
  return Promise.all(rows.map(async ({ site: _site, kind, installed, ...system }) => {
    const parts = await db.select().from(fitted).where(eq(fitted.system, system.id))
    const calls = await db.select().from(tabs).where(eq(tabs.system, system.id))
    return {
      ...system, kind: kind as KindId, ...(installed ? { installed } : {}),
      fitted: parts.map(p => ({ component: p.component, part: p.part, number: p.number, why: p.why, ...(p.fitted ? { fitted: p.fitted } : {}), ...(p.removed ? { removed: p.removed } : {}) })),
      tabs: await Promise.all(calls.map(async t => ({ id: t.id, day: t.openedAt.slice(0, 10), lines: (await readLines(db, t.id)).map(k => k.line), photos: await readPhotos(db, t.id) }))),
    }
  }))
}
