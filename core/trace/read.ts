/**
 * A logger's trace from CSV (RFC 4180, or with semicolons or tabs): time, pressure, amps. Columns are known by their
 * heads, or without heads by their order; times are seconds, minutes, clock times or dates. What is odd about it is
 * noted and costs only the rows that are odd.
 */
import Papa from 'papaparse'
import { fail, figureAt, itemAt, ok, type Result } from '#core/foundation'
import { findUnit, unitsOf, US, type Units } from '#core/units'

export interface Trace {
  /** seconds from the first row, rising */
  readonly seconds: Float64Array
  /** Pa; not a number where the row has none */
  readonly pressure: Float64Array
  /** A; empty where there is no such column */
  readonly amps: Float64Array
  readonly notes: readonly TraceNote[]
}
export const TRACE_NOTES = ['time-back', 'gaps', 'rows-left-out'] as const
export interface TraceNote {
  readonly code: (typeof TRACE_NOTES)[number]
  readonly count: number
  /** the first row that is meant, counted from one with the heads */
  readonly row: number
}
export type TraceProblem = {
  readonly code: 'trace-empty' | 'trace-no-pressure' | 'trace-units-mixed'
  readonly facts: Readonly<Record<string, string | number>>
}

interface Columns {
  readonly time: number
  readonly pressure: number
  readonly amps: number
  /** s, Pa and A for one of what is written */
  readonly scale: { readonly time: number, readonly pressure: number }
  readonly from: number
}

/** Rows taken in at a time, so that how far it is can be told. */
const AT_A_TIME = 20_000

/**
 * @param units those that a column without a unit is in
 * @param onShare how much of it is read, 0 to 1
 */
export function readTrace(
  text: string,
  units: Units = US,
  onShare: (share: number) => void = () => undefined,
): Result<Trace, TraceProblem> {
  const lines = (text.includes('\r') ? text.replace(/\r\n?/g, '\n') : text).split('\n')
  const quoted = text.includes('"')
  const { data: head, meta } = Papa.parse<string[]>(lines.slice(0, 30).join('\n'), { skipEmptyLines: true })
  const columns = findColumns(head, units)
  if (head.length < 2) return fail('trace-empty')
  if (!columns) return fail('trace-no-pressure', { heads: (head[0] ?? []).join(', ').slice(0, 80) })
  const taken = newRows(lines.length)
  for (let at = columns.from; at < lines.length; at += AT_A_TIME) {
    const rows = rowsOf(lines.slice(at, at + AT_A_TIME), meta.delimiter, quoted)
    for (let i = 0; i < rows.length; i++) {
      const mixed = takeRow(taken, itemAt(rows, i, 'row'), columns, at + i + 1)
      if (mixed) return fail('trace-units-mixed', { row: at + i + 1, unit: mixed })
    }
    onShare(Math.min(1, (at + AT_A_TIME) / lines.length))
  }
  return taken.count < 2 ? fail('trace-empty') : ok(closeRows(taken, columns))
}

/** Without quotes a row is its cells: five times as fast, and loggers write none. */
const rowsOf = (lines: readonly string[], delimiter: string, quoted: boolean): readonly (readonly string[])[] =>
  quoted
    ? Papa.parse<string[]>(lines.join('\n'), { delimiter, skipEmptyLines: false }).data
    : lines.map(l => l.split(delimiter))

interface Rows {
  readonly seconds: Float64Array
  readonly pressure: Float64Array
  readonly amps: Float64Array
  count: number
  back: { count: number, row: number }
  out: { count: number, row: number }
}

const newRows = (most: number): Rows => ({
  seconds: new Float64Array(most),
  pressure: new Float64Array(most),
  amps: new Float64Array(most),
  count: 0,
  back: { count: 0, row: 0 },
  out: { count: 0, row: 0 },
})

/** @returns a unit that is not the column's, which ends it */
function takeRow(rows: Rows, cells: readonly string[], columns: Columns, row: number): string | undefined {
  const { time, pressure, amps, scale } = columns
  if (cells.length <= 1 && !cells[0]?.trim()) return undefined
  const read = cells[pressure]?.trim() ?? ''
  const plain = Number(read || Number.NaN)
  const value = Number.isNaN(plain) ? figureOf(read) : plain
  const named = Number.isNaN(plain) ? /[a-z]+$/i.exec(read)?.[0] : undefined
  if (named && findUnit(named)?.perUnit !== scale.pressure) return named
  const seconds = timeOf(cells[time], scale.time)
  if (seconds === undefined || !Number.isFinite(value)) {
    rows.out = { count: rows.out.count + 1, row: rows.out.row || row }
    return undefined
  }
  if (rows.count > 0 && seconds <= figureAt(rows.seconds, rows.count - 1)) {
    rows.back = { count: rows.back.count + 1, row: rows.back.row || row }
    return undefined
  }
  rows.seconds[rows.count] = seconds
  rows.pressure[rows.count] = value * scale.pressure
  rows.amps[rows.count] = amps < 0 ? Number.NaN : figureOf(cells[amps] ?? '')
  rows.count++
  return undefined
}

/** Most cells are plain figures: only what is not is looked at closer. */
function figureOf(cell: string): number {
  const plain = Number(cell || Number.NaN)
  return Number.isNaN(plain) ? Number.parseFloat(cell.replace(',', '.')) : plain
}

/** A step so many times the usual one, and of at least so many seconds, is a gap. */
const [GAP, LEAST_GAP] = [20, 10]

function closeRows({ seconds, pressure, amps, count, back, out }: Rows, columns: Columns): Trace {
  const zero = figureAt(seconds, 0)
  const own = seconds.slice(0, count).map(s => s - zero)
  const steps = own.slice(1).map((s, i) => s - figureAt(own, i))
  const usual = figureAt(steps.toSorted(), Math.floor(steps.length / 2))
  const gaps = steps.reduce((n, s) => n + (s > Math.max(GAP * usual, LEAST_GAP) ? 1 : 0), 0)
  const note = (code: TraceNote['code'], n: { count: number, row: number }): TraceNote[] =>
    (n.count > 0 ? [{ code, ...n }] : [])
  return {
    seconds: own,
    pressure: pressure.slice(0, count),
    amps: columns.amps < 0 ? new Float64Array() : amps.slice(0, count),
    notes: [...note('time-back', back), ...note('rows-left-out', out), ...note('gaps', { count: gaps, row: 0 })],
  }
}

const TIME = /\b(?:time|timestamp|date|seconds?|secs?|minutes?|mins?|elapsed|t|s|ms)\b/i
const PRESSURE = /press|psi|bar|kpa/i
const AMPS = /amp|current|\ba\b/i

function findColumns(rows: readonly (readonly string[])[], units: Units): Columns | undefined {
  const [first = []] = rows
  const isHead = first.some(c => /[a-z]/i.test(c) && !/\d/.test(c))
  const shown = unitsOf('pressure', units)[0].perUnit
  if (!isHead)
    return first.length < 2
      ? undefined
      : { time: 0, pressure: 1, amps: first.length > 2 ? 2 : -1, scale: { time: 1, pressure: shown }, from: 0 }
  // `time_s` and `P(psi)` are words
  const heads = first.map(c => c.replace(/[_\W]+/g, ' '))
  const at = (words: RegExp) => heads.findIndex(c => words.test(c))
  const pressure = at(PRESSURE)
  const time = at(TIME)
  if (pressure < 0 || time < 0 || time === pressure) return undefined
  const unit = /psi|kpa|bar/i.exec(itemAt(heads, pressure, 'head'))?.[0]
  const head = itemAt(heads, time, 'head')
  return {
    time,
    pressure,
    amps: at(AMPS),
    scale: {
      time: /\bms\b|milli/i.test(head) ? 1e-3 : /\bmin/i.test(head) ? 60 : 1,
      pressure: (unit && findUnit(unit.toLowerCase() === 'kpa' ? 'kPa' : unit.toLowerCase())?.perUnit) || shown,
    },
    from: 1,
  }
}

/** Seconds: a figure, `hh:mm:ss`, or a date. */
function timeOf(cell: string | undefined, scale: number): number | undefined {
  const text = cell?.trim() ?? ''
  const plain = Number(text || Number.NaN)
  if (!Number.isNaN(plain)) return plain * scale
  if (/^-?\d+(?:[.,]\d+)?$/.test(text)) return Number(text.replace(',', '.')) * scale
  const clock = /^(\d{1,2}):(\d{2})(?::(\d{2}(?:\.\d+)?))?$/.exec(text)
  if (clock) return Number(clock[1]) * 3600 + Number(clock[2]) * 60 + Number(clock[3] ?? 0)
  const date = Date.parse(text)
  return Number.isFinite(date) && text ? date / 1000 : undefined
}
