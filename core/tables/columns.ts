/** What a table can tell of, and which of its columns tells it: guessed by their heads, chosen by people. */
import { itemAt } from '#core/foundation'
import { ATTRIBUTES, type AttributeId } from '#core/parts'

export interface Field {
  readonly id: string
  readonly label: string
  readonly needed: boolean
  /** heads that name it, besides its label */
  readonly heads: RegExp
}
const field = (id: string, label: string, heads: RegExp, needed = false): Field => ({ id, label, needed, heads })

const PLACE = [
  field('site', 'Site', /^(site|customer|client|name of site|property)$/i, true),
  field('place', 'Place', /^(place|town|address|valley)$/i),
  field('system', 'System', /^(system|equipment|well|asset)$/i, true),
  field('kind', 'Kind of system', /^(kind|type|system type)$/i),
  field('date', 'Date', /^(date|day|when|at|visited|read on|settled)$/i, true),
  field('by', 'By', /^(by|technician|tech|who)$/i),
]

export const TABLES = {
  parts: {
    name: 'parts',
    fields: [
      field('number', 'Number', /^(number|no\.?|part number|part no\.?|sku|item)$/i, true),
      field('name', 'Name', /^(name|part|description|item name)$/i, true),
      field('type', 'Kind of part', /^(type|kind|category|kind of part)$/i),
      field('maker', 'Maker’s words', /^(maker|make|brand|manufacturer|supplier)$/i),
      field('price', 'Price', /^(price|cost|list|each)$/i),
      field('minutes', 'Minutes to fit', /^(minutes|minutes to fit|time|labou?r)$/i),
      field('life', 'Years it lasts', /^(life|years|years it lasts|lasts)$/i),
      field('van', 'In the van', /^(van|in (the )?van|truck)$/i),
      field('shop', 'In the shop', /^(shop|in (the )?shop|stock|qty|quantity|on hand|count)$/i),
      field('leastVan', 'At least in the van', /^((at )?least (in )?(the )?van|min van)$/i),
      field('leastShop', 'At least in the shop', /^((at )?least (in )?(the )?shop|min|minimum|reorder( at)?)$/i),
      ...(Object.keys(ATTRIBUTES) as AttributeId[]).map(id =>
        field(id, ATTRIBUTES[id].label, new RegExp(`^${id}$`, 'i'))),
    ],
  },
  readings: {
    name: 'readings',
    fields: [
      ...PLACE,
      field('test', 'Reading', /^(reading|test|point|measurement|title)$/i, true),
      field('value', 'Value', /^(value|figure|result)$/i, true),
      field('unit', 'Unit', /^(unit|units)$/i),
    ],
  },
  calls: {
    name: 'calls',
    fields: [
      ...PLACE,
      field('words', 'Complaint', /^(words|complaint|problem|reported|call)$/i, true),
      field('failed', 'What failed', /^(failed|fault|found|what failed)$/i),
      field('cause', 'Because', /^(because|cause|why)$/i),
      field('part', 'Part fitted', /^(part|part fitted|fitted)$/i),
      field('number', 'Its number', /^(number|part number|its number)$/i),
      field('done', 'What was done', /^(done|work|work done|summary|notes?)$/i),
    ],
  },
} as const satisfies Readonly<Record<string, { readonly name: string, readonly fields: readonly Field[] }>>
export type TableId = keyof typeof TABLES
export const TABLE_IDS = Object.keys(TABLES) as readonly TableId[]

/** The column of each field, by its place; none where there is none. */
export type ColumnMap = Readonly<Partial<Record<string, number>>>

/** Each head goes to the first field that it names; none goes to two. */
export function guessColumns(of: TableId, heads: readonly string[]): ColumnMap {
  const map: Record<string, number> = {}
  const used = new Set<number>()
  for (const f of TABLES[of].fields as readonly Field[]) {
    const at = heads.findIndex((h, i) => !used.has(i) && (h.toLowerCase() === f.label.toLowerCase() || f.heads.test(h)))
    if (at < 0) continue
    map[f.id] = at
    used.add(at)
  }
  return map
}

/** Of which kind a table is, by how many of the fields that it needs have a column. */
export function guessTable(heads: readonly string[]): TableId {
  const score = (of: TableId) => {
    const map = guessColumns(of, heads)
    const needed = (TABLES[of].fields as readonly Field[]).filter(f => f.needed)
    const share = needed.filter(f => map[f.id] !== undefined).length / needed.length
    // of two that have all they need, the one that more of the columns speak of
    return share + Object.keys(map).length / 1000
  }
  return itemAt(TABLE_IDS.toSorted((a, b) => score(b) - score(a)), 0, 'toSortedabscorebscorea')
}
