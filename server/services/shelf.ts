/** The shelf: the shop's own list of parts, with what is in van and shop. */
import { sql } from 'drizzle-orm'
import type { ShelfReply } from '#contracts'
import type { Ledger, ListedPart, Stock } from '#core/ledger'
import type { Database } from '../database/types'
import { readLedger } from './ledger'
import { medianLives } from './lives'

export async function readShelf(db: Database, today: string): Promise<ShelfReply> {
  const ledger = await readLedger(db)
  const parts = ledger.parts().toSorted((a, b) => a.type.localeCompare(b.type) || a.name.localeCompare(b.name))
  const stock = await stockOf(db, ledger, parts)
  return {
    lives: Object.fromEntries(await medianLives(db, today)),
    parts: parts.map(({ part, type, name, number, maker, attributes, price, minutes, life, least }) => ({
      part, type, name, number, maker, attributes, price, minutes, life, least, stock: stock.get(part)!,
    })),
  }
}

/** With what tabs have fitted from the van since it was counted. */
export async function stockOf(
  db: Database, ledger: Ledger, parts: readonly ListedPart[],
): Promise<ReadonlyMap<string, Stock>> {
  const asked = parts.flatMap(p => (p.number ? [[p.number, ledger.stock(p.part).counted.van]] : []))
  const rows = asked.length === 0
    ? []
    : await db.all<{ number: string, at: string }>(sql`SELECT p.number, p.at
        FROM json_each(${JSON.stringify(asked)}) v
        JOIN parts_used p ON p.number = v.value->>0 AND p.source = 'van' AND p.at > v.value->>1`)
  const fitted = new Map<string, string[]>()
  for (const { number, at } of rows) fitted.set(number, [...(fitted.get(number) ?? []), at])
  return new Map(parts.map(p => [p.part, ledger.stock(p.part, fitted.get(p.number) ?? [])]))
}
