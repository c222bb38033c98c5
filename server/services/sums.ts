/** The books: what settled tabs add up to, for one kind, site, person or period, with the words for it. */
import type { BooksQuery, BooksReply } from '#contracts'
import { sumBooks, survivalOf, type BookedCall, type Counted, type Lifetime } from '#core/books'
import { isKindId, kindFor, kindName } from '#core/systems'
import { foldFitted, type FittedPiece, type PartUsed } from '#core/tab'
import { fitted, partsUsed, sites, systems } from '../database/schema'
import type { Database } from '../database/types'
import { readCalls } from './calls'

export async function readBooks(db: Database, asked: BooksQuery, today: string): Promise<BooksReply> {
  const all = await readCalls(db)
  const calls = all.filter(c => isAsked(c, asked))
  const { faults, tests, ...sums } = sumBooks(calls)
  const nameIt = namer(calls)
  const named = (c: Counted) => ({ about: c.about, name: nameIt(c.about), tabs: [...c.tabs] })
  const places = await db.select({ id: sites.id, name: sites.name }).from(sites).orderBy(sites.name)
  const kinds = [...new Set(all.map(c => c.kind))]
  return {
    ...plain(sums),
    from: calls[0]?.settledAt.slice(0, 10) ?? '',
    to: calls.at(-1)?.settledAt.slice(0, 10) ?? '',
    kinds: kinds.flatMap(id => (isKindId(id) ? [{ id, name: kindName(id) }] : [])),
    sites: places.filter(p => all.some(c => c.site === p.id)),
    people: [...new Set(all.map(c => c.by).filter(Boolean))].toSorted(),
    faults: faults.map(f => ({
      ...named(f), share: f.share, causes: f.causes.map(named), open: [...f.open], minutes: f.minutes,
    })),
    tests: tests.map(t => ({ ...named(t), closed: [...t.closed] })),
    lives: await livesOf(db, asked, today),
  }
}

const plain = <T>(value: T) => JSON.parse(JSON.stringify(value)) as Mutable<T>
type Mutable<T> = T extends readonly (infer E)[] ? Mutable<E>[]
  : T extends object ? { -readonly [K in keyof T]: Mutable<T[K]> } : T

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

/** Components of which parts are renewed, and what they are called where several kinds have them. */
const LIVES: Readonly<Record<string, string>> = {
  switch: 'pressure switch', box: 'control box and its parts', motor: 'motor', pump: 'pump', tank: 'tank',
  check: 'check valve', starter: 'starter and its parts', relief: 'relief valve', gauge: 'gauge',
  head: 'compressor head', unloader: 'unloader valve', battery: 'battery',
}
/** Fewer parts than this draw no curve; judgement. */
const LEAST_PARTS = 4
const YEAR = 365.25 * 86400e3

/** A part has ended where a fault of its component took it off; one taken off besides, or still there, was outlived. */
async function livesOf(db: Database, { kind, site }: BooksQuery, today: string): Promise<BooksReply['lives']> {
  const own = new Map((await db.select({ id: systems.id, kind: systems.kind, site: systems.site }).from(systems))
    .filter(s => (!kind || s.kind === kind) && (!site || s.site === site)).map(s => [s.id, s]))
  const known = groupBySystem(await db.select().from(fitted))
  const used = groupBySystem(await db.select().from(partsUsed))
  const lives = new Map<string, Lifetime[]>()
  for (const id of own.keys()) {
    const parts: readonly PartUsed[] = used.get(id) ?? []
    const before: readonly FittedPiece[] = known.get(id) ?? []
    for (const piece of foldFitted(before, parts)) {
      if (!piece.fitted) continue
      const end = piece.removed ?? today
      const age = (Date.parse(end) - Date.parse(piece.fitted)) / YEAR
      if (!(age >= 0)) continue
      const ended = Boolean(piece.removed) && piece.why.startsWith(`${piece.component}.`)
      lives.set(piece.component, [...(lives.get(piece.component) ?? []), { age, ended }])
    }
  }
  return [...lives].filter(([about, all]) => about in LIVES && all.length >= LEAST_PARTS)
    .map(([about, all]) => ({ about, name: LIVES[about]!, ...plain(survivalOf(all)) }))
    .toSorted((a, b) => b.ended - a.ended || b.parts - a.parts)
}

function groupBySystem<R extends { readonly system: string }>(rows: readonly R[]): ReadonlyMap<string, R[]> {
  const groups = new Map<string, R[]>()
  for (const row of rows) {
    const group = groups.get(row.system)
    if (group) group.push(row)
    else groups.set(row.system, [row])
  }
  return groups
}
