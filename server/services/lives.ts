/** How long the shop's parts last: by what its tabs put on and took off (core/books). */
import type { BooksQuery, BooksReply } from '#contracts'
import { groupBy } from '#core/foundation'
import { survivalOf, type Lifetime } from '#core/books'
import { foldFitted, type FittedPiece, type PartUsed } from '#core/tab'
import { count, max, sql } from 'drizzle-orm'
import { fitted, partsUsed, systems } from '../database/schema'
import type { Database } from '../database/types'

const plain = <T>(value: T) => JSON.parse(JSON.stringify(value)) as Mutable<T>
type Mutable<T> = T extends readonly (infer E)[] ? Mutable<E>[]
  : T extends object ? { -readonly [K in keyof T]: Mutable<T[K]> } : T

/** Components of which parts are renewed, and what they are called where several kinds have them. */
const LIVES: Readonly<Record<string, string>> = {
  switch: 'pressure switch', box: 'control box and its parts', motor: 'motor', pump: 'pump', tank: 'tank',
  check: 'check valve', starter: 'starter and its parts', relief: 'relief valve', gauge: 'gauge',
  head: 'compressor head', unloader: 'unloader valve', battery: 'battery',
}
/** Fewer parts than this draw no curve; judgement. */
const LEAST_PARTS = 4
const YEAR = 365.25 * 86400e3

export async function livesOf(db: Database, { kind, site }: BooksQuery, today: string): Promise<BooksReply['lives']> {
  const own = (await db.select({ id: systems.id, kind: systems.kind, site: systems.site }).from(systems))
    .filter(s => (!kind || s.kind === kind) && (!site || s.site === site))
  const pieces = await readPieces(db)
  const until = Date.parse(today)
  const lives = new Map<string, Lifetime[]>()
  for (const { component, from, to, ended } of own.flatMap(s => pieces.get(s.id) ?? [])) {
    const age = ((to ?? until) - from) / YEAR
    if (!(age >= 0)) continue
    const known = lives.get(component)
    if (known) known.push({ age, ended })
    else lives.set(component, [{ age, ended }])
  }
  return [...lives].filter(([about, all]) => about in LIVES && all.length >= LEAST_PARTS)
    .map(([about, all]) => ({ about, name: LIVES[about]!, ...plain(survivalOf(all)) }))
    .toSorted((a, b) => b.ended - a.ended || b.parts - a.parts)
}

/** A part as it was put on and taken off, ms since 1970. */
interface Piece {
  readonly component: string
  readonly from: number
  readonly to: number | undefined
  /** a fault of its component took it off; one taken off besides, or still there, was outlived */
  readonly ended: boolean
}
type Pieces = ReadonlyMap<string, readonly Piece[]>
const read = new WeakMap<Database, { readonly mark: string, readonly pieces: Pieces }>()

/** By system: read once, and again when a part has come. */
async function readPieces(db: Database): Promise<Pieces> {
  const mark = JSON.stringify(await partsMark(db))
  const before = read.get(db)
  if (before?.mark === mark) return before.pieces
  const known: ReadonlyMap<string, readonly FittedPiece[]> = groupBy(await db.select().from(fitted), f => f.system)
  const used: ReadonlyMap<string, readonly PartUsed[]> = groupBy(await db.select().from(partsUsed), p => p.system)
  const pieces = new Map([...new Set([...known.keys(), ...used.keys()])].map(id =>
    [id, foldFitted(known.get(id) ?? [], used.get(id) ?? []).flatMap(pieceOf)]))
  read.set(db, { mark, pieces })
  return pieces
}

function pieceOf({ component, fitted: from, removed, why }: FittedPiece): Piece[] {
  if (!from) return []
  const to = removed ? Date.parse(removed) : undefined
  return [{ component, from: Date.parse(from), to, ended: Boolean(removed) && why.startsWith(`${component}.`) }]
}

const held = new WeakMap<Database, { readonly mark: string, readonly lives: ReadonlyMap<string, number> }>()

/** Years that half of them last, by component: read once, and again when a part has come. */
export async function medianLives(db: Database, today: string): Promise<ReadonlyMap<string, number>> {
  const mark = JSON.stringify([await partsMark(db), today])
  const before = held.get(db)
  if (before?.mark === mark) return before.lives
  const told = await livesOf(db, {}, today)
  const lives = new Map(told.flatMap(l => (l.median === undefined ? [] : [[l.about, l.median] as const])))
  held.set(db, { mark, lives })
  return lives
}

/** Changes with each part that comes. */
export const partsMark = async (db: Database) => [
  ...(await db.select({ n: count(), row: max(sql<number>`rowid`) }).from(partsUsed)),
  ...(await db.select({ n: count(), row: max(sql<number>`rowid`) }).from(fitted)),
]
