/**
 * A table's rows as what goes into the book: each row is right or says what is wrong with which cell. Nothing is taken
 * of a table while one of its rows is wrong; leaving rows out is said by people.
 */
import { makeId, parseFigure, type BookFile } from '#core/formats'
import { fail, groupBy, ok, type Facts, type Problem, type ProblemCode, type Result } from '#core/foundation'
import { ATTRIBUTES, isPartType, PART_TYPES, type AttributeId, type PartTypeId } from '#core/parts'
import { KIND_IDS, kindFor, type KindId, type SystemKind } from '#core/systems'
import { createWriter, FILE_DEVICE, type UnplacedLine } from '#core/tab'
import type { Units } from '#core/units'
import { TABLES, type ColumnMap, type Field, type TableId } from './columns'
import { readDate, type DateOrder } from './dates'
import type { Table, TableRow } from './read'

export interface RowTrouble {
  readonly row: number
  /** the field that is wrong, where it is one */
  readonly field: string
  readonly problem: Problem
}
export interface Reading {
  readonly book: BookFile
  readonly troubles: readonly RowTrouble[]
  /** rows that are right */
  readonly taken: number
}
/** A site and a system that are here already, by their names. */
export interface KnownSystem {
  readonly site: string
  readonly siteName: string
  readonly system: string
  readonly name: string
  readonly kind: string
}
export interface Taking {
  readonly of: TableId
  readonly columns: ColumnMap
  readonly order: DateOrder
  readonly units: Units
  readonly known: readonly KnownSystem[]
  /** parts on the shelf by their number */
  readonly listed: Readonly<Record<string, string>>
  /** rows that are left out, by their number */
  readonly without: ReadonlySet<number>
  /** the instant at which it is taken in, ISO */
  readonly now: string
}

type FieldQuantity = Parameters<typeof parseFigure>[0]
type Cells = (id: string) => string
type Wrong = Pick<RowTrouble, 'field' | 'problem'>
const wrong = (field: string, code: ProblemCode, facts: Facts = {}): Wrong => ({ field, problem: { code, facts } })

export function takeTable(table: Table, taking: Taking): Reading {
  const rows = table.rows.filter(r => !taking.without.has(r.number))
  const fields = TABLES[taking.of].fields as readonly Field[]
  const missing = fields.filter(f => f.needed && taking.columns[f.id] === undefined)
  const troubles: RowTrouble[] = missing.map(f => ({ row: 0, ...wrong(f.id, 'column-missing', { column: f.label }) }))
  const seen = new Map<string, number>()
  const right = missing.length > 0
    ? []
    : rows.filter((row) => {
        const [first] = [seen.get(row.cells.join('\u0001'))]
        const found = row.ragged
          ? wrong('', 'row-ragged')
          : first === undefined ? undefined : wrong('', 'row-doubled', { first })
        seen.set(row.cells.join('\u0001'), first ?? row.number)
        if (found) troubles.push({ row: row.number, ...found })
        return !found
      })
  const made = taking.of === 'parts' ? partsOf(right, taking, troubles) : tabsOf(right, taking, troubles)
  const bad = new Set(troubles.map(t => t.row))
  return { book: made, troubles, taken: right.filter(r => !bad.has(r.number)).length }
}

const cellsOf = (row: TableRow, columns: ColumnMap): Cells => (id) => {
  const at = columns[id]
  return at === undefined ? '' : (row.cells[at] ?? '')
}
const emptyBook = (): BookFile => ({ format: 'keep-tab', version: 2, sites: [] })

/** 1,234.50 or 1.234,50 or 12,5: the last mark with one or two figures behind it is the decimal one. */
export function readNumber(written: string): number | undefined {
  const text = written.replace(/[\s  $€£]/g, '')
  if (!/^-?[\d.,]+$/.test(text)) return undefined
  const plain = /[.,]\d{1,2}$/.test(text) || !/[.,]/.test(text)
    ? text.replace(/[.,](?=.*[.,])/g, '').replace(',', '.')
    : text.replace(/[.,]/g, '')
  const number = Number(plain)
  return Number.isFinite(number) ? number : undefined
}

function partsOf(rows: readonly TableRow[], taking: Taking, troubles: RowTrouble[]): BookFile {
  const put = createWriter(makeId(`${FILE_DEVICE}table`, taking.now, String(rows.length)))
  const numbers = new Map<string, number>()
  const ledger = rows.flatMap((row) => {
    const cell = cellsOf(row, taking.columns)
    const read = partOf(cell, taking)
    const number = cell('number')
    const first = numbers.get(number)
    const found = first === undefined ? read : fail('row-doubled', { first })
    numbers.set(number, first ?? row.number)
    if (!found.ok) {
      const at = 'field' in found ? String(found.field) : 'number'
      troubles.push({ row: row.number, field: at, problem: found.problem })
      return []
    }
    return found.value.map(draft => put({
      id: makeId('line', taking.now, String(row.number), JSON.stringify(draft)), at: taking.now, ...draft,
    } as unknown as UnplacedLine))
  })
  return { ...emptyBook(), ledger: ledger as unknown as NonNullable<BookFile['ledger']> }
}

type PartRead = Result<readonly object[]> | { readonly ok: false, readonly problem: Problem, readonly field: string }

function partOf(cell: Cells, { listed, units }: Taking): PartRead {
  const bad = (field: string, code: ProblemCode, facts: Facts = {}): PartRead =>
    ({ ok: false, ...wrong(field, code, facts) })
  const number = cell('number')
  if (!number) return bad('number', 'cell-empty')
  if (!cell('name')) return bad('name', 'cell-empty')
  const type = typeOf(cell('type'), cell('name'))
  if (!type) return bad('type', 'not-a-choice', { field: 'type', written: cell('type'), choices: TYPE_NAMES })
  const figures: Record<string, number> = {}
  for (const id of ['price', 'minutes', 'life', 'van', 'shop', 'leastVan', 'leastShop']) {
    if (!cell(id)) continue
    const value = readNumber(cell(id))
    const isCount = !['price', 'minutes', 'life'].includes(id)
    if (value === undefined || value < 0 || (isCount && !Number.isInteger(value)))
      return bad(id, 'not-a-figure', { field: id, written: cell(id) })
    figures[id] = value
  }
  const attributes: Partial<Record<AttributeId, number>> = {}
  for (const id of Object.keys(ATTRIBUTES) as AttributeId[]) {
    if (!cell(id)) continue
    const value = attributeOf(id, cell(id), units)
    if (!value.ok) return { ...value, field: id }
    attributes[id] = value.value
  }
  const part = listed[number] ?? makeId('part', number)
  const { price, minutes, life, van, shop, leastVan, leastShop } = figures
  const least = {
    ...(leastVan === undefined ? {} : { van: leastVan }),
    ...(leastShop === undefined ? {} : { shop: leastShop }),
  }
  return ok([
    {
      kind: 'listed', part, type, name: cell('name').slice(0, 200), number: number.slice(0, 80),
      ...(cell('maker') ? { maker: cell('maker').slice(0, 200) } : {}),
      ...(Object.keys(attributes).length > 0 ? { attributes } : {}),
      ...(price === undefined ? {} : { price }),
      ...(minutes === undefined ? {} : { minutes }),
      ...(life === undefined ? {} : { life }),
      ...(Object.keys(least).length > 0 ? { least } : {}),
    },
    ...(van === undefined ? [] : [{ kind: 'counted', part, place: 'van', count: van }]),
    ...(shop === undefined ? [] : [{ kind: 'counted', part, place: 'shop', count: shop }]),
  ])
}

const TYPE_NAMES = Object.values(PART_TYPES).map(t => t.name).join(', ')
/** By its name or id; where nothing is written, by what the part is called. */
function typeOf(written: string, name: string): PartTypeId | undefined {
  const said = written.trim().toLowerCase()
  if (isPartType(said)) return said
  const all = Object.entries(PART_TYPES) as [PartTypeId, (typeof PART_TYPES)[PartTypeId]][]
  if (said) return all.find(([, t]) => t.name === said)?.[0]
  return all.find(([, t]) => name.toLowerCase().includes(t.name))?.[0] ?? 'other'
}

function attributeOf(id: AttributeId, written: string, units: Units): Result<number> {
  const { quantity, choices } = ATTRIBUTES[id] as { quantity: FieldQuantity, choices?: readonly string[] }
  if (!choices) return parseFigure(quantity, written, units)
  const at = choices.findIndex(c => c.toLowerCase() === written.toLowerCase())
  return at >= 0 ? ok(at) : fail('not-a-choice', { field: id, written, choices: choices.join(', ') })
}

interface Call {
  readonly system: KnownSystem
  readonly place: string
  readonly day: string
  readonly by: string
  readonly words: string
  readonly lines: UnplacedLine[]
  readonly rows: number[]
}

/** Rows of one system and day are one tab, settled: what was on paper is over. */
function tabsOf(rows: readonly TableRow[], taking: Taking, troubles: RowTrouble[]): BookFile {
  const calls = new Map<string, Call>()
  const fresh = new Map<string, KnownSystem>()
  for (const row of rows) {
    const cell = cellsOf(row, taking.columns)
    const found = callRow(cell, row.number, taking, fresh)
    if ('field' in found) {
      troubles.push({ row: row.number, ...found })
      continue
    }
    const { system, day, draft } = found
    const key = `${system.system} ${day} ${taking.of === 'calls' ? row.number : ''}`
    const call: Call = calls.get(key) ?? {
      system, place: cell('place'), day, by: cell('by'), lines: [], rows: [],
      words: cell('words') || 'Readings from a table',
    }
    calls.set(key, call)
    call.lines.push(...draft)
    call.rows.push(row.number)
  }
  return { ...emptyBook(), sites: sitesOf([...calls.values()], taking) }
}

function callRow(
  cell: Cells, number: number, taking: Taking, fresh: Map<string, KnownSystem>,
): { readonly system: KnownSystem, readonly day: string, readonly draft: UnplacedLine[] } | Wrong {
  for (const id of ['site', 'system']) if (!cell(id)) return wrong(id, 'cell-empty')
  const date = readDate(cell('date'), taking.order)
  if (!date) return wrong('date', 'not-a-date', { written: cell('date') })
  const system = systemOf(cell, taking, fresh)
  if ('field' in system) return system
  const kind = kindFor(system.kind as KindId, {})
  const at = `${date.day}T${date.time ?? '12:00'}:00Z`
  const by = cell('by') ? { by: cell('by').slice(0, 80) } : {}
  const line = (of: object, n = 0) => {
    const id = makeId('line', system.system, date.day, String(number), String(n), JSON.stringify(of))
    return { id, at, ...by, ...of } as UnplacedLine
  }
  if (taking.of === 'calls') return { system, day: date.day, draft: callLines(cell, kind).map(line) }
  const read = readingOf(cell, kind, taking.units)
  return 'field' in read ? read : { system, day: date.day, draft: [line(read)] }
}

function systemOf(cell: Cells, { known }: Taking, fresh: Map<string, KnownSystem>): KnownSystem | Wrong {
  const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase()
  const here = known.find(k => same(k.siteName, cell('site')) && same(k.name, cell('system')))
  if (here) return here
  const key = `${cell('site')} ${cell('place')} ${cell('system')}`.toLowerCase()
  const before = fresh.get(key)
  if (before) return before
  const kind = KIND_IDS.find(id => same(id, cell('kind')) || same(kindFor(id).name, cell('kind')))
  if (!kind) return wrong('kind', 'unknown-kind', { kind: cell('kind') || '(none)', known: KIND_IDS.join(', ') })
  const place = known.find(k => same(k.siteName, cell('site')))
  const site = place?.site ?? makeId('site', cell('site').toLowerCase(), cell('place').toLowerCase())
  const made = {
    site, siteName: place?.siteName ?? cell('site'), name: cell('system'), kind,
    system: makeId('system', site, cell('system').toLowerCase()),
  }
  fresh.set(key, made)
  return made
}

function readingOf(cell: Cells, kind: SystemKind, units: Units): object | Wrong {
  const said = cell('test').toLowerCase()
  const test = kind.tests.find(t => t.id === said || t.title.toLowerCase() === said)
    ?? kind.tests.find(t => t.kind === 'numeric' && t.title.toLowerCase().includes(said))
  if (!said || test?.kind !== 'numeric') return wrong('test', 'unknown-test', { test: cell('test'), system: kind.name })
  if (/^o\.?l\.?$/i.test(cell('value'))) return { kind: 'reading', test: test.id, value: null }
  const written = [cell('value').replace(/(\d),(\d{1,2})$/, '$1.$2'), cell('unit')].filter(Boolean).join(' ')
  const value = parseFigure(test.quantity, written, units)
  return value.ok ? { kind: 'reading', test: test.id, value: value.value } : { field: 'value', problem: value.problem }
}

/** A fault or a cause by its name is a finding; what has no such name stands in its words. */
function callLines(cell: Cells, kind: SystemKind): object[] {
  const about = (said: string) =>
    [...kind.faults, ...kind.causeNotes].find(f => f.id === said || f.name.toLowerCase() === said.toLowerCase())?.id
  const finding = (role: string, said: string) => {
    const id = said && about(said)
    if (id) return [{ kind: 'finding', role, about: id, text: '' }]
    return said ? [{ kind: 'note', text: `${role}: ${said}` }] : []
  }
  const failed = cell('failed')
  const component = kind.faults.find(f => f.id === about(failed))?.component
  const part = cell('part')
  return [
    ...finding('failed', failed),
    ...finding('cause', cell('cause')),
    ...(part && component
      ? [{
          kind: 'part', component, on: part.slice(0, 200),
          ...(cell('number') ? { number: cell('number').slice(0, 80) } : {}),
        }]
      : part ? [{ kind: 'note', text: `fitted: ${[part, cell('number')].filter(Boolean).join(' ')}` }] : []),
    ...(cell('done') ? [{ kind: 'note', text: cell('done').slice(0, 2000) }] : []),
  ]
}

function sitesOf(calls: readonly Call[], taking: Taking): BookFile['sites'] {
  return [...groupBy(calls, c => c.system.site).values()].map(own => ({
    id: own[0].system.site,
    name: own[0].system.siteName,
    place: own[0].place,
    systems: [...groupBy(own, c => c.system.system).values()].map(calls => ({
      id: calls[0].system.system,
      name: calls[0].system.name,
      kind: calls[0].system.kind,
      tabs: calls.map(c => tabOf(c, taking)),
    })),
  }))
}

function tabOf({ system, day, by, words, lines, rows }: Call, { of }: Taking) {
  const last = lines.map(l => l.at).toSorted().at(-1) ?? `${day}T12:00:00Z`
  const settled = {
    id: makeId('line', system.system, day, of, String(rows[0]), 'settled'), at: last, kind: 'settled',
    summary: 'Taken in from a table.', ...(by ? { by: by.slice(0, 80) } : {}),
  }
  return {
    id: makeId('tab', system.system, day, of, of === 'calls' ? String(rows[0]) : ''),
    day, complaint: 'check-up', words: words.slice(0, 500), ...(by ? { by: by.slice(0, 80) } : {}),
    lines: [...lines.toSorted((a, b) => a.at.localeCompare(b.at)), settled] as unknown as Record<string, unknown>[],
  } as NonNullable<BookFile['sites'][number]['systems'][number]['tabs']>[number]
}
