/** What a part on the shelf lacks, in a word. */
import type { ShelfPart } from '#contracts'

export function shortage({ stock, least }: Pick<ShelfPart, 'stock' | 'least'>): string {
  const [van, shop] = [(least?.van ?? 0) - stock.van, (least?.shop ?? 0) - stock.shop]
  if (van <= 0 && shop <= 0) return ''
  const short = van > 0 && stock.shop >= van && shop <= 0
  if (short) return `load ${van}`
  const wanted = Math.max(0, van) + Math.max(0, shop) - stock.onOrder
  return wanted > 0 ? `order ${wanted}` : 'on its way'
}
