/** The books: what settled tabs add up to, for one kind, site, person or period, with the words for it. */
import { MOST_NAMED, type BooksQuery, type BooksReply, type CallsReply, type SUM_TABLES } from '#contracts'
import { sumBooks, type BookedCall, type Counted } from '#core/books'
import { formatFigureOf } from '#core/formats'
import { ATTRIBUTES } from '#core/parts'
import { isKindId, kindFor, kindName } from '#core/systems'
import { desc, eq, inArray } from 'drizzle-orm'
import { sites, systems, tabs } from '../database/schema'
import type { Database } from '../database/types'
import { readCalls } from './calls'
import { readShelf } from './shelf'
import { livesOf, partsMark } from './lives'

/** What was summed last, by what was asked, as long as no call and no part has come since. */
const summed = new WeakMap<Database, { readonly mark: string, readonly replies: Map<string, BooksReply> }>()
const MOST_HELD = 50

export async function readBooks(db: Database, asked: BooksQuery, today: string): Promise<BooksReply> {
  const all = await readCalls(db)
  const parts = await partsMark(db)
  const mark = JSON.stringify([all.length, all.at(-1)?.tab, all.at(-1)?.settledAt, parts, today])
  const before = summed.get(db)
  const held = before?.mark === mark ? before : { mark, replies: new Map<string, BooksReply>() }
  summed.set(db, held)
  const key = JSON.stringify(asked)
  const known = held.replies.get(key)
  if (known) return known
  const reply = await sumAnew(db, all, asked, today)
  if (held.replies.size < MOST_HELD) held.replies.set(key, reply)
  return reply
}

async function sumAnew(
  db: Database, all: readonly BookedCall[], asked: BooksQuery, today: string,
): Promise<BooksReply> {
  const calls = all.filter(c => isAsked(c, asked))
  const { faults, tests, ...sums } = sumBooks(calls)
  const nameIt = namer(calls)
  const latest = (ids: readonly string[]) => ids.slice(-MOST_NAMED)
  const named = (c: Counted) =>
    ({ about: c.about, name: nameIt(c.about), count: c.tabs.length, tabs: latest(c.tabs) })
  const told = <S extends { readonly tabs: readonly string[] }>(share: S) => ({ ...share, tabs: latest(share.tabs) })
  const places = await db.select({ id: sites.id, name: sites.name }).from(sites).orderBy(sites.name)
  const kinds = [...new Set(all.map(c => c.kind))]
  const worked = new Set(all.map(c => c.site))
  return {
    calls: sums.calls,
    firstVisit: told(sums.firstVisit),
    comebacks: told(sums.comebacks),
    causesOpen: told(sums.causesOpen),
    minutes: sums.minutes,
    from: calls[0]?.settledAt.slice(0, 10) ?? '',
    to: calls.at(-1)?.settledAt.slice(0, 10) ?? '',
    kinds: kinds.flatMap(id => (isKindId(id) ? [{ id, name: kindName(id) }] : [])),
    sites: places.filter(p => worked.has(p.id)),
    people: [...new Set(all.map(c => c.by).filter(Boolean))].toSorted(),
    faults: faults.map(f => ({
      ...named(f), share: f.share, causes: f.causes.map(named), openCount: f.open.length,
      open: latest(f.open), minutes: f.minutes,
    })),
    tests: tests.map(t => ({ ...named(t), closedCount: t.closed.length, closed: latest(t.closed) })),
    lives: await livesOf(db, asked, today),
  }
}

/** Tabs by name, newest first. */
export async function nameCalls(db: Database, ids: readonly string[]): Promise<CallsReply> {
  const rows = await db.select({ tab: tabs.id, words: tabs.words, siteName: sites.name, day: tabs.openedAt })
    .from(tabs).innerJoin(systems, eq(systems.id, tabs.system)).innerJoin(sites, eq(sites.id, systems.site))
    .where(inArray(tabs.id, [...ids])).orderBy(desc(tabs.openedAt))
  const calls = new Map((await readCalls(db)).map(c => [c.tab, c]))
  const nameIt = namer([...calls.values()])
  return {
    calls: rows.map(r => ({
      ...r, day: r.day.slice(0, 10), by: calls.get(r.tab)?.by ?? '',
      failed: (calls.get(r.tab)?.failed ?? []).map(nameIt).join(', '),
    })),
  }
}

type Row = Readonly<Record<string, string | number>>
/** One table of the books, for a spreadsheet. */
export async function tableOf(
  db: Database, of: (typeof SUM_TABLES)[number], asked: BooksQuery, today: string,
): Promise<readonly Row[]> {
  const books = await readBooks(db, asked, today)
  switch (of) {
    case 'calls': {
      const calls = (await readCalls(db)).filter(c => isAsked(c, asked))
      const nameIt = namer(calls)
      const placeOf = new Map(books.sites.map(s => [s.id, s.name]))
      const told = await db.select({ tab: tabs.id, words: tabs.words, system: systems.name }).from(tabs)
        .innerJoin(systems, eq(systems.id, tabs.system))
      const of = new Map(told.map(t => [t.tab, t]))
      return calls.map(c => ({
        settled: c.settledAt, site: placeOf.get(c.site) ?? c.site, system: of.get(c.tab)?.system ?? '',
        kind: c.kind, words: of.get(c.tab)?.words ?? '', by: c.by,
        failed: c.failed.map(nameIt).join('; '), causes: c.causes.map(nameIt).join('; '), visits: c.visits,
        ...c.minutes,
      }))
    }
    case 'faults':
      return books.faults.map(f => ({
        fault: f.name, calls: f.count, causeOpen: f.openCount,
        causes: f.causes.map(c => `${c.name} ${c.count}`).join('; '), ...f.minutes,
      }))
    case 'tests':
      return books.tests.map(t => ({ test: t.name, calls: t.count, lastBeforeFound: t.closedCount }))
    case 'parts':
      return (await readShelf(db, today)).parts.map(p => ({
        number: p.number, name: p.name, type: p.type, maker: p.maker ?? '', price: p.price ?? '',
        minutes: p.minutes ?? '', life: p.life ?? '', van: p.stock.van, shop: p.stock.shop,
        leastVan: p.least?.van ?? '',
        leastShop: p.least?.shop ?? '', ...attributesOf(p.attributes ?? {}),
      }))
    case 'lives':
      return books.lives.flatMap(l => l.steps.map(s => ({
        part: l.name, years: s.age, stillInService: s.share, low: s.low, high: s.high, atRisk: s.atRisk, ended: s.ended,
      })))
  }
}

type FieldQuantity = Parameters<typeof formatFigureOf>[0]
/** As people write them: each column is there whatever the first part has. */
function attributesOf(own: Readonly<Record<string, number>>): Row {
  return Object.fromEntries(Object.entries(ATTRIBUTES).map(([id, attribute]) => {
    const { quantity, choices } = attribute as { quantity: FieldQuantity, choices?: readonly string[] }
    const value = own[id]
    return [id, value === undefined ? '' : choices ? (choices[value] ?? '') : formatFigureOf(quantity, value)]
  }))
}

const isAsked = (c: BookedCall, { kind, site, person, from, to }: BooksQuery): boolean =>
  (!kind || c.kind === kind) && (!site || c.site === site) && (!person || c.by === person)
  && (!from || c.settledAt.slice(0, 10) >= from) && (!to || c.settledAt.slice(0, 10) <= to)

/** As the kinds among the calls call it. */
function namer(calls: readonly BookedCall[]): (about: string) => string {
  const names = new Map<string, string>()
  for (const id of new Set(calls.map(c => c.kind))) {
    if (!isKindId(id)) continue
    const kind = kindFor(id)
    for (const t of kind.tests) if (!names.has(t.id)) names.set(t.id, t.title)
    for (const x of [...kind.causeNotes, ...kind.faults]) if (!names.has(x.id)) names.set(x.id, x.name)
  }
  return about => names.get(about) ?? about
}
