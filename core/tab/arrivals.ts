/** The lines of a tab as they arrive: by id, by device and number, which others name them, which stands last. */
import type { AnyLine } from './lines'
import { namedBy, placeAmong, sortsAfter } from './order'

/** A device's lines by number, and the highest of its numbers. */
interface Numbers {
  readonly ids: Map<number, string>
  highest: number
}

export interface Arrivals {
  readonly byId: ReadonlyMap<string, AnyLine>
  /** ids of lines that share their device and number with another */
  readonly repeated: ReadonlySet<string>
  find(id: string): AnyLine | undefined
  /** Whether some line has seen this one. */
  isSeen(id: string): boolean
  /** Whether some line stands behind this one: has seen, struck or taken it up. */
  isNamed(id: string): boolean
  /** Where a line goes among those that are here, in order; nothing, where others must move for it. */
  placeIn(order: readonly AnyLine[], line: AnyLine): number | undefined
  /** Takes a line in. @returns the id of an earlier line with its device and number, which is marked from now on */
  add(line: AnyLine): string | undefined
}

export function createArrivals(): Arrivals {
  const byId = new Map<string, AnyLine>()
  const seen = new Set<string>()
  /** ids that are struck or taken up */
  const aimedAt = new Set<string>()
  const numbers = new Map<string, Numbers>()
  const repeated = new Set<string>()
  let latest: AnyLine | undefined
  const isNamed = (id: string) => seen.has(id) || aimedAt.has(id)

  function add(line: AnyLine): string | undefined {
    byId.set(line.id, line)
    for (const id of line.seen) seen.add(id)
    const named = namedBy(line)
    if (named !== line.seen) for (const id of named) aimedAt.add(id)
    if (!latest || sortsAfter(line, latest)) latest = line
    let own = numbers.get(line.device)
    if (!own) numbers.set(line.device, (own = { ids: new Map(), highest: 0 }))
    const twin = line.counter > own.highest ? undefined : own.ids.get(line.counter)
    own.highest = Math.max(own.highest, line.counter)
    if (twin === undefined) own.ids.set(line.counter, line.id)
    else repeated.add(line.id).add(twin)
    return twin
  }

  function placeIn(order: readonly AnyLine[], line: AnyLine): number | undefined {
    const own = numbers.get(line.device)
    if (isNamed(line.id) || (own && line.counter <= own.highest)) return undefined
    if (!latest || sortsAfter(line, latest)) return order.length
    const before = own?.ids.get(own.highest)
    if (before && repeated.has(before)) return undefined
    const follows = [...namedBy(line), ...(before ? [before] : [])]
    return placeAmong(order, line, follows.flatMap(id => (id === line.id ? [] : (byId.get(id) ?? []))))
  }

  return { byId, repeated, find: id => byId.get(id), isSeen: id => seen.has(id), isNamed, placeIn, add }
}
