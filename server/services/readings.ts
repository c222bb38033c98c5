/** Readings as a table for a spreadsheet: of one tab, one site or the whole book, a piece at a time. */
import { and, asc, eq, gt, inArray } from 'drizzle-orm'
import { isKindId, kindFor, testOf, type SystemKind } from '#core/systems'
import { isKnownLine, unread } from '#core/tab'
import { unitsOf, US } from '#core/units'
import { readStored } from '../database/rows'
import { lines, sites, systems, tabs } from '../database/schema'
import type { Database } from '../database/types'

export interface ReadingRow {
  readonly at: string
  readonly site: string
  readonly system: string
  readonly kind: string
  readonly tab: string
  readonly test: string
  readonly title: string
  readonly value: string | number
  readonly unit: string
  readonly seen: string
  readonly by: string
}
/** Lines that are read at once: others are answered between. */
const AT_ONCE = 2000

export async function* readReadings(
  db: Database, { tab, site }: { readonly tab?: string | undefined, readonly site?: string | undefined },
): AsyncGenerator<readonly ReadingRow[]> {
  const of = [
    inArray(lines.kind, ['reading', 'observation']),
    ...(tab ? [eq(lines.tab, tab)] : []),
    ...(site ? [eq(systems.site, site)] : []),
  ]
  for (let after = 0; ;) {
    const rows = await db
      .select({
        seq: lines.seq, body: lines.body, tab: lines.tab, system: systems.name, kind: systems.kind, site: sites.name,
      })
      .from(lines).innerJoin(tabs, eq(tabs.id, lines.tab)).innerJoin(systems, eq(systems.id, tabs.system))
      .innerJoin(sites, eq(sites.id, systems.site))
      .where(and(gt(lines.seq, after), ...of)).orderBy(asc(lines.seq)).limit(AT_ONCE)
    if (rows.length > 0) yield rows.flatMap(r => rowOf(r) ?? [])
    const last = rows.at(-1)
    if (!last || rows.length < AT_ONCE) return
    after = last.seq
  }
}

const kinds = new Map<string, SystemKind>()
type Stored = Readonly<Record<'body' | 'tab' | 'system' | 'kind' | 'site', string>>
function rowOf(r: Stored): ReadingRow | undefined {
  const line = readStored(r.body)
  if (!isKnownLine(line) || (line.kind !== 'reading' && line.kind !== 'observation')) return undefined
  const kind = kinds.get(r.kind) ?? (isKindId(r.kind) ? kindFor(r.kind) : undefined)
  if (kind) kinds.set(r.kind, kind)
  const test = kind && testOf(kind, line.test)
  const of = {
    at: line.at, site: r.site, system: r.system, kind: r.kind, tab: r.tab, test: line.test, title: test?.title ?? '',
    by: line.by ?? '',
  }
  if (line.kind === 'observation') return { ...of, value: '', unit: '', seen: line.outcome }
  if (line.value === null) return { ...of, value: unread(line), unit: '', seen: '' }
  const unit = test?.kind === 'numeric' ? unitsOf(test.quantity, US)[0] : undefined
  const value = Number((line.value / (unit?.perUnit ?? 1)).toPrecision(6))
  return { ...of, value, unit: unit?.symbol ?? '', seen: '' }
}
