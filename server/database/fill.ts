/**
 * Brings what is derived from lines up to a newer program: books and search of tabs that an older one kept. Done once,
 * tab by tab, before the first request; stopped in the middle it goes on at the next start.
 */
import { eq, inArray, isNull } from 'drizzle-orm'
import { createLedger, type AnyLedgerLine } from '#core/ledger'
import { isKindId, kindFor } from '#core/systems'
import { foldTab, parseLine } from '#core/tab'
import { documentWork, partDocument, siteDocument, systemDocument } from './documents'
import { projectTab, readStored } from './rows'
import { documents, ledger, lines, sites, systems, tabs } from './schema'
import type { Database } from './types'
import { write } from './write'

export async function fillDerived(db: Database): Promise<void> {
  const lacking = await db.select({ tab: tabs, system: systems }).from(tabs)
    .innerJoin(systems, eq(systems.id, tabs.system))
    .leftJoin(documents, eq(documents.about, tabs.id))
    .where(isNull(documents.id))
  for (const { tab, system } of lacking) {
    if (!isKindId(system.kind)) continue
    const rows = await db.select({ body: lines.body }).from(lines).where(eq(lines.tab, tab.id)).orderBy(lines.seq)
    // what no program ever wrote keeps no book shut
    const whole = rows.map(r => parseLine(readStored(r.body))).flatMap(p => (p.ok ? [p.value] : []))
    const state = foldTab(kindFor(system.kind, system.nameplate), whole)
    await write(db, projectTab(db, { id: tab.id, system: system.id }, state))
  }
  const places = await db.select({ site: sites }).from(sites)
    .leftJoin(documents, eq(documents.about, sites.id)).where(isNull(documents.id))
  const told = createLedger((await db.select({ body: ledger.body }).from(ledger).where(
    inArray(ledger.kind, ['listed', 'fact', 'struck']),
  )).map(r => JSON.parse(r.body) as AnyLedgerLine))
  await write(db, places.map(({ site }) =>
    documentWork(db, siteDocument(site, told.facts(site.id).map(f => f.text)))))
  if (places.length > 0) await write(db, told.parts().map(p => documentWork(db, partDocument(p))))
  const own = await db.select({ system: systems, site: sites.name }).from(systems)
    .innerJoin(sites, eq(sites.id, systems.site))
    .leftJoin(documents, eq(documents.about, systems.id)).where(isNull(documents.id))
  await write(db, own.map(({ system, site }) => documentWork(db, systemDocument(system, site))))
}
