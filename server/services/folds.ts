/**
 * Folds of tabs, kept so that a line costs the same on the 20,000th of a tab as on the first. Each is brought up to
 * what the database holds before it is used, so that another process's lines are in it too; one post at a time works
 * on a tab.
 */
import { and, asc, eq, gt } from 'drizzle-orm'
import { kindFor, type KindId, type Nameplate, type SystemKind } from '#core/systems'
import { createFold, type AnyLine, type Fold } from '#core/tab'
import type { Database } from '../database/open'
import { readStored } from '../database/rows'
import { lines, links } from '../database/schema'

interface Kept {
  readonly kind: SystemKind
  readonly fold: Fold
  seq: number
  /** where the chain stands at that place */
  head: string
}
const MOST_KEPT = 60
const kept = new WeakMap<Database, Map<string, Kept>>()
const turns = new WeakMap<Database, Map<string, Promise<unknown>>>()

/** Runs work on a tab's fold after what is under way there; a fold that the work fails on is let go. */
export function withFold<T>(
  db: Database,
  tab: { readonly id: string, readonly kind: KindId, readonly nameplate: Nameplate },
  work: (fold: Fold, head: string) => Promise<T>,
): Promise<T> {
  const waiting = entryOf(turns, db)
  const before = waiting.get(tab.id) ?? Promise.resolve()
  const mine = before
    .catch(() => undefined)
    .then(async () => {
      try {
        const { fold, head } = await bringUp(db, tab.id, kindFor(tab.kind, tab.nameplate))
        return await work(fold, head)
      }
      catch (error) {
        forgetFold(db, tab.id)
        throw error
      }
    })
  waiting.set(tab.id, mine)
  void mine
    .catch(() => undefined)
    .then(() => {
      if (waiting.get(tab.id) === mine) waiting.delete(tab.id)
    })
  return mine
}

export const forgetFold = (db: Database, tab: string) => entryOf(kept, db).delete(tab)

async function bringUp(db: Database, tab: string, kind: SystemKind): Promise<Kept> {
  const all = entryOf(kept, db)
  const before = all.get(tab)
  const held: Kept = before?.kind === kind ? before : { kind, fold: createFold(kind), seq: 0, head: '' }
  const rows = await db
    .select({ seq: lines.seq, body: lines.body, head: links.head })
    .from(lines)
    .leftJoin(links, eq(links.seq, lines.seq))
    .where(and(eq(lines.tab, tab), gt(lines.seq, held.seq)))
    .orderBy(asc(lines.seq))
  held.fold.append(rows.map((r): AnyLine => readStored(r.body)))
  held.seq = rows.at(-1)?.seq ?? held.seq
  held.head = rows.at(-1)?.head ?? held.head
  // the one used last stands last
  all.delete(tab)
  all.set(tab, held)
  for (const oldest of all.keys()) {
    if (all.size <= MOST_KEPT) break
    all.delete(oldest)
  }
  return held
}

function entryOf<V>(store: WeakMap<Database, Map<string, V>>, db: Database): Map<string, V> {
  const known = store.get(db) ?? new Map<string, V>()
  store.set(db, known)
  return known
}
