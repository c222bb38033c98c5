/**
 * A table from a file (RFC 4180, or with semicolons, tabs or bars between): its encoding found out, its separator
 * guessed, its first row taken as heads.
 */
import Papa from 'papaparse'
import { fail, ok, type Result } from '#core/foundation'

export interface Table {
  readonly heads: readonly string[]
  /** each with the number that a spreadsheet gives it, and as many cells as there are heads */
  readonly rows: readonly TableRow[]
  readonly encoding: Encoding
  readonly separator: string
}
export interface TableRow {
  readonly number: number
  readonly cells: readonly string[]
  /** it has more or fewer cells than there are heads */
  readonly ragged: boolean
}
export type Encoding = 'utf-8' | 'utf-16le' | 'utf-16be' | 'windows-1252'

const MOST_ROWS = 50_000

/** UTF-8 or UTF-16 by its mark, UTF-8 where it is one; else what office programs wrote before it. */
export function decodeTable(bytes: Uint8Array): { readonly text: string, readonly encoding: Encoding } {
  const [a, b] = bytes
  const decode = (encoding: Encoding, fatal = false) =>
    ({ text: new TextDecoder(encoding, { fatal }).decode(bytes), encoding })
  if (a === 0xff && b === 0xfe) return decode('utf-16le')
  if (a === 0xfe && b === 0xff) return decode('utf-16be')
  try {
    return decode('utf-8', true)
  }
  catch {
    return decode('windows-1252')
  }
}

export function readTable(bytes: Uint8Array): Result<Table> {
  const { text, encoding } = decodeTable(bytes)
  if (text.includes('\0')) return fail('table-none', { why: 'it is no text' })
  const parsed = Papa.parse<string[]>(text.trimEnd(), {
    skipEmptyLines: false, delimitersToGuess: [',', ';', '\t', '|'], transform: v => v.trim(),
  })
  const all = parsed.data.map((cells, i) => ({ cells, number: i + 1 })).filter(r => r.cells.some(c => c !== ''))
  const [first, ...rest] = all
  if (!first || rest.length === 0) return fail('table-none', { why: 'it has no rows under its heads' })
  if (first.cells.length < 2) return fail('table-none', { why: 'its columns are not told apart: save it as CSV' })
  if (rest.length > MOST_ROWS)
    return fail('table-none', { why: `it has ${rest.length} rows, and ${MOST_ROWS} is the most` })
  const width = first.cells.length
  return ok({
    heads: first.cells,
    encoding,
    separator: parsed.meta.delimiter,
    rows: rest.map(({ cells, number }) => ({
      number,
      ragged: cells.length > width ? cells.slice(width).some(Boolean) : cells.length < width,
      cells: Array.from({ length: width }, (_, i) => cells[i] ?? ''),
    })),
  })
}
