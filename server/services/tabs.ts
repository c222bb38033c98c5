/** Opening a tab, and reading one with its site, system and lines. */
import { and, eq } from 'drizzle-orm'
import type { OpenTabRequest, TabLinesReply, TabReply } from '#contracts'
import { isKindId, KIND_IDS } from '#core/systems'
import { isKnownLine, parseLine } from '#core/tab'
import type { Database } from '../database/open'
import { documentWork, siteDocument, systemDocument, tabDocument } from '../database/documents'
import { plates, sites, systems, tabs } from '../database/schema'
import { write } from '../database/write'
import { attachmentsOf, heldAttachments } from './attachments'
import { auditWork } from './audit'
import { nameplateAt, practiceAt, readNameplate } from './facts'
import { countFaults } from './learned'
import { readSayings } from './ledger'
import { addLines, readLines, type Sent } from './lines'
import { notFound, Refusal } from './problems'
import { factsOf, fittedOn } from './sites'

/** Opens a tab, and with it a new site or system where the request names one that is not here yet. Safe to repeat. */
export async function openTab(
  db: Database,
  { site, system, tab }: OpenTabRequest,
  sent: Sent = {},
): Promise<{ tab: string }> {
  const [knownSite] = await db.select().from(sites).where(eq(sites.id, site.id))
  const [knownSystem] = await db.select().from(systems).where(eq(systems.id, system.id))
  const [knownTab] = await db.select().from(tabs).where(eq(tabs.id, tab.id))
  if (knownTab && knownTab.system !== system.id)
    throw new Refusal(409, { code: 'id-taken', facts: { what: 'tab' } })
  if (!knownSite && !site.name) throw notFound('site')
  if (!knownSystem && !(system.name && system.kind)) throw notFound('system')
  if (!knownSystem && !isKindId(system.kind!))
    throw new Refusal(400, { code: 'unknown-kind', facts: { kind: system.kind!, known: KIND_IDS.join(', ') } })
  const nameplate = { ...(knownSystem ? undefined : readNameplate(system.kind!, system.nameplate ?? {})) }
  const parsed = parseLine(tab.opened)
  if (!parsed.ok) throw new Refusal(400, parsed.problem)
  const opened = parsed.value
  if (!isKnownLine(opened) || opened.kind !== 'opened')
    throw new Refusal(400, {
      code: 'bad-request',
      facts: { place: 'the tab', why: 'its first line must open it' },
    })
  const { complaint, words, at, by = '' } = opened
  await write(db, [
    db
      .insert(sites)
      .values({
        id: site.id,
        name: site.name ?? '',
        place: site.place ?? '',
        contact: site.contact ?? '',
        access: site.access ?? '',
      })
      .onConflictDoNothing(),
    db
      .insert(systems)
      .values({
        id: system.id,
        site: site.id,
        name: system.name ?? '',
        kind: system.kind ?? '',
        nameplate,
        installed: system.installed ?? null,
      })
      .onConflictDoNothing(),
    ...(knownSystem
      ? []
      : [
          db
            .insert(plates)
            .values({
              id: `plate-${system.id}`,
              system: system.id,
              from: at,
              by,
              recorded: new Date().toISOString(),
              nameplate,
            })
            .onConflictDoNothing(),
        ]),
    db
      .insert(tabs)
      .values({ id: tab.id, system: system.id, openedAt: at, status: 'open', complaint, words })
      .onConflictDoNothing(),
    ...(knownTab ? [] : [documentWork(db, tabDocument(tab.id, opened, by))]),
    ...(knownSite ? [] : [documentWork(db, siteDocument({ ...site, name: site.name ?? '' }))]),
    ...(knownSystem
      ? []
      : [documentWork(db, systemDocument({ ...system, name: system.name ?? '' }, knownSite?.name ?? site.name ?? ''))]),
    ...(knownSite ? [] : [auditWork(db, sent.sender ?? by, 'site-added', { name: site.name ?? '' })]),
    ...(knownSystem ? [] : [auditWork(db, sent.sender ?? by, 'system-added', { name: system.name ?? '' })]),
  ])
  await addLines(db, tab.id, [opened], sent)
  return { tab: tab.id }
}

/** A tab with the facts and the practice in force at its time. */
export async function readTab(db: Database, id: string): Promise<TabReply> {
  const [row] = await db
    .select()
    .from(tabs)
    .innerJoin(systems, eq(systems.id, tabs.system))
    .innerJoin(sites, eq(sites.id, systems.site))
    .where(eq(tabs.id, id))
  if (!row) throw notFound('tab')
  const { settledAt } = row.tabs
  const lines = await readLines(db, id)
  const comebackOf = await findComeback(db, row.tabs)
  return {
    tab: row.tabs,
    ...(comebackOf ? { comebackOf } : {}),
    site: row.sites,
    facts: await factsOf(db, row.sites.id),
    system: { ...row.systems, nameplate: await nameplateAt(db, row.systems, settledAt) },
    practice: await practiceAt(db, settledAt),
    fitted: await fittedOn(db, row.systems.id),
    lines,
    attachments: await heldAttachments(db, attachmentsOf(lines.map(k => k.line))),
    learned: await countFaults(db, row.systems.kind),
    sayings: await readSayings(db),
  }
}

/** Within so many days a call on the same system is looked at as our own doubt first (handbook §14). */
const COMEBACK_DAYS = 30

async function findComeback(
  db: Database,
  { id, system, openedAt, complaint }: typeof tabs.$inferSelect,
): Promise<TabReply['comebackOf']> {
  if (complaint === 'check-up') return undefined
  const settled = await db.select().from(tabs).where(and(eq(tabs.system, system), eq(tabs.status, 'settled')))
  const opened = Date.parse(openedAt)
  const [last] = settled
    .filter(t => t.id !== id && t.settledAt)
    .map(({ id: tab, words, settledAt }) => ({
      tab, words, settledAt, days: (opened - Date.parse(settledAt)) / 86400e3,
    }))
    .filter(t => t.days >= 0 && t.days <= COMEBACK_DAYS)
    .toSorted((a, b) => a.days - b.days)
  return last && { tab: last.tab, words: last.words, settledAt: last.settledAt }
}

/** What was kept on a tab after a line that the asker has. */
export async function readLinesAfter(db: Database, id: string, after: number): Promise<TabLinesReply> {
  const [tab] = await db.select().from(tabs).where(eq(tabs.id, id))
  if (!tab) throw notFound('tab')
  const lines = await readLines(db, id, after)
  return { tab, lines, attachments: await heldAttachments(db, attachmentsOf(lines.map(k => k.line))) }
}
