/**
 * What the ledger's lines give. Of each thing the last line holds, by the writers' clocks and not by arrival: the same
 * lines in any order give the same state. Stock is the last count with what moved since.
 */
import type { PartTypeId } from '#core/parts'
import {
  EVERY_SYSTEM, FACTS, isLedgerLine, PLACES_OF_STOCK,
  type AnyLedgerLine, type CheckId, type FactId, type LedgerLine, type LedgerLineOf, type StockPlace,
} from './lines'

export type ListedPart = LedgerLineOf<'listed'> & { readonly type: PartTypeId }
export type Fact = Pick<LedgerLineOf<'fact'>, 'id' | 'fact' | 'text' | 'at' | 'by'>
export type Tag = Pick<LedgerLineOf<'tag'>, 'id' | 'system' | 'token' | 'at'>
export type Planned = LedgerLineOf<'planned'>
export type Placed = Pick<LedgerLineOf<'saying'>, 'id' | 'words' | 'test' | 'outcome' | 'at' | 'by'>

export interface Stock {
  readonly van: number
  readonly shop: number
  readonly onOrder: number
  /** when it was counted last, by place */
  readonly counted: Readonly<Record<StockPlace, string>>
}

export interface Ledger {
  append(lines: readonly AnyLedgerLine[]): void
  parts(): readonly ListedPart[]
  /** @param fitted instants at which one was fitted from the van, by lines of tabs */
  stock(part: string, fitted?: readonly string[]): Stock
  /** the facts that hold, as they are read on arrival */
  facts(site: string): readonly Fact[]
  /** every line there was of a fact, newest first */
  history(site: string, fact: FactId): readonly Fact[]
  system(id: string): Readonly<Partial<Pick<LedgerLineOf<'system'>, 'name' | 'location' | 'site' | 'retired'>>>
  planned(item: string): Planned | undefined
  /** what stands on a day, in its order */
  plan(day: string): readonly Planned[]
  days(): readonly string[]
  isTicked(day: string, what: string): boolean
  /** every label that was stuck on, the latest first */
  tags(): readonly Tag[]
  /** the words that a hand has placed, the oldest first */
  sayings(): readonly Placed[]
  isStruck(line: string): boolean
  /** by the system's own rule, else the shop's */
  months(system: string, check: CheckId): number | undefined
  hasOwnMonths(system: string, check: CheckId): boolean
}

/** Whether a line was written after another. */
const isLater = (a: AnyLedgerLine, b: AnyLedgerLine | undefined): boolean =>
  !b || a.clock > b.clock || (a.clock === b.clock && (a.device > b.device
    || (a.device === b.device && (a.counter > b.counter || (a.counter === b.counter && a.id > b.id)))))

export function createLedger(lines: readonly AnyLedgerLine[] = []): Ledger {
  const known = new Map<string, LedgerLine>()
  const struck = new Set<string>()
  let derived: Derived | undefined
  const now = () => (derived ??= derive([...known.values()].filter(l => !struck.has(l.id))))
  const ledger: Ledger = {
    append(added) {
      for (const line of added) {
        if (!isLedgerLine(line) || known.has(line.id)) continue
        known.set(line.id, line)
        if (line.kind === 'struck') {
          struck.add(line.line)
          derived = undefined
        }
        else if (derived && !struck.has(line.id)) add(derived, line)
      }
    },
    parts: () => [...now().parts.values()].filter(p => !p.gone),
    stock: (part, fitted = []) => stockOf(now().moves.get(part) ?? [], fitted),
    facts: site => FACTS.flatMap((fact) => {
      const [last] = ledger.history(site, fact)
      return last?.text ? [last] : []
    }),
    history: (site, fact) => (now().facts.get(site)?.get(fact) ?? []).toSorted(newestFirst),
    system: (id) => {
      const own = now().systems.get(id)
      return Object.fromEntries(OF_A_SYSTEM.flatMap(what => (own?.[what] ? [[what, own[what][what]]] : [])))
    },
    planned: item => now().planned.get(item),
    plan: day => [...now().planned.values()].filter(p => p.day === day).toSorted((a, b) => a.rank - b.rank),
    days: () => [...new Set([...now().planned.values()].map(p => p.day).filter(Boolean))].toSorted(),
    isTicked: (day, what) => now().ticked.get(`${day} ${what}`)?.done ?? false,
    tags: () => [...now().tags.values()].toSorted(newestFirst),
    isStruck: line => struck.has(line),
    sayings: () => [...now().sayings.values()].toSorted(newestFirst).toReversed(),
    hasOwnMonths: (system, check) => now().checks.has(`${system} ${check}`),
    months: (system, check) =>
      (now().checks.get(`${system} ${check}`) ?? now().checks.get(`${EVERY_SYSTEM} ${check}`))?.months,
  }
  ledger.append(lines)
  return ledger
}

const OF_A_SYSTEM = ['name', 'location', 'site', 'retired'] as const
type Move = LedgerLineOf<'counted'> | LedgerLineOf<'moved'>
type SystemChange = Partial<Record<typeof OF_A_SYSTEM[number], LedgerLineOf<'system'>>>
interface Derived {
  readonly parts: Map<string, ListedPart>
  readonly moves: Map<string, Move[]>
  readonly facts: Map<string, Map<FactId, LedgerLineOf<'fact'>[]>>
  readonly systems: Map<string, SystemChange>
  readonly planned: Map<string, Planned>
  readonly ticked: Map<string, LedgerLineOf<'ticked'>>
  readonly checks: Map<string, LedgerLineOf<'check'>>
  readonly tags: Map<string, LedgerLineOf<'tag'>>
  readonly sayings: Map<string, LedgerLineOf<'saying'>>
}

function derive(lines: readonly LedgerLine[]): Derived {
  const into: Derived = {
    parts: new Map(), moves: new Map(), facts: new Map(), systems: new Map(), planned: new Map(), ticked: new Map(),
    checks: new Map(), tags: new Map(), sayings: new Map(),
  }
  lines.forEach(line => add(into, line))
  return into
}

function add(into: Derived, line: LedgerLine): void {
  switch (line.kind) {
    case 'listed':
      return putLast(into.parts, line.part, line as ListedPart)
    case 'counted':
    case 'moved':
      into.moves.set(line.part, [...(into.moves.get(line.part) ?? []), line])
      return
    case 'fact': {
      const own = into.facts.get(line.site) ?? new Map<FactId, LedgerLineOf<'fact'>[]>()
      into.facts.set(line.site, own)
      own.set(line.fact, [...(own.get(line.fact) ?? []), line])
      return
    }
    case 'system': {
      const own = into.systems.get(line.system) ?? {}
      into.systems.set(line.system, own)
      for (const what of OF_A_SYSTEM)
        if (line[what] !== undefined && isLater(line, own[what])) own[what] = line
      return
    }
    case 'planned':
      return putLast(into.planned, line.item, line)
    case 'tag':
      return putLast(into.tags, line.token, line)
    case 'saying':
      return putLast(into.sayings, line.words.trim().toLowerCase(), line)
    case 'ticked':
      return putLast(into.ticked, `${line.day} ${line.what}`, line)
    case 'check':
      return putLast(into.checks, `${line.system} ${line.check}`, line)
    case 'struck':
  }
}

function putLast<L extends AnyLedgerLine>(map: Map<string, L>, key: string, line: L): void {
  if (isLater(line, map.get(key))) map.set(key, line)
}
const newestFirst = (a: AnyLedgerLine, b: AnyLedgerLine) => (isLater(a, b) ? -1 : 1)

/** The last count of a place, and what moved since; never under nought, since a shelf holds no less than nothing. */
function stockOf(moves: readonly Move[], fitted: readonly string[]): Stock {
  const sum = { van: 0, shop: 0, onOrder: 0 }
  const counts = { van: '', shop: '' }
  const last: Partial<Record<StockPlace, Move>> = {}
  for (const place of PLACES_OF_STOCK)
    for (const m of moves) if (m.kind === 'counted' && m.place === place && isLater(m, last[place])) last[place] = m
  for (const place of PLACES_OF_STOCK) {
    const counted = last[place]
    if (counted?.kind !== 'counted') continue
    sum[place] = counted.count
    counts[place] = counted.at
  }
  const move = (m: Move, place: StockPlace, by: number) => {
    if (isLater(m, last[place])) sum[place] += by
  }
  for (const m of moves) {
    if (m.kind === 'counted') continue
    const place = m.place ?? 'van'
    if (m.do === 'ordered') sum.onOrder += m.count
    if (m.do === 'cancelled' || m.do === 'brought') sum.onOrder -= m.count
    if (m.do === 'brought') move(m, m.place ?? 'shop', m.count)
    if (m.do === 'loaded') {
      move(m, 'shop', -m.count)
      move(m, 'van', m.count)
    }
    if (m.do === 'returned' || m.do === 'used') move(m, place, -m.count)
  }
  const since = counts.van && Date.parse(counts.van)
  const used = fitted.filter(at => !since || Date.parse(at) > since).length
  const atLeast = (n: number) => Math.max(0, n)
  return {
    van: atLeast(sum.van - used), shop: atLeast(sum.shop), onOrder: atLeast(sum.onOrder), counted: counts,
  }
}
