/**
 * Pressure and amps over the run, out of the lines since the last thing that was put right: what the gauge and the
 * clamp showed and when, and where a nut was turned between.
 */
import type { SystemOutline, TestOutline } from '#core/systems'
import { isKnownLine, type AnyLine, type Line } from '#core/tab'
import { formatTurns, unitsOf, type Units } from '#core/units'

export interface RunPoint {
  /** ms since 1970 */
  readonly x: number
  readonly y: number
  readonly label: string
}
export interface Run {
  readonly unit: string
  readonly pressure: readonly RunPoint[]
  readonly amps: readonly RunPoint[]
  readonly turns: readonly { readonly x: number, readonly label: string }[]
}

const WORDS: Readonly<Record<string, string>> = { 'cut-in': 'in', 'cut-out': 'out' }

export function runOf(
  kind: SystemOutline,
  lines: readonly AnyLine[],
  struck: ReadonlyMap<string, unknown>,
  units: Units,
): Run {
  const known = lines.filter((l): l is Line => isKnownLine(l) && !struck.has(l.id))
  const since = known.slice(known.findLastIndex(l => l.kind === 'part' || l.kind === 'repair') + 1)
  const { symbol, perUnit } = unitsOf('pressure', units)[0]
  const scaled = (pa: number) => Number((pa / perUnit).toPrecision(4))
  const read = (counts: (test: TestOutline) => boolean, perUnit: number) => since.flatMap((line): RunPoint[] => {
    if (line.kind !== 'reading' || line.value === null) return []
    const test = kind.tests.find(t => t.id === line.test)
    if (!test || !counts(test)) return []
    const y = Number((line.value / perUnit).toPrecision(4))
    return [{ x: Date.parse(line.at), y, label: [WORDS[line.test], y].filter(w => w !== undefined).join(' ') }]
  })
  const held = since.flatMap((line): RunPoint[] => {
    if (line.kind !== 'timed' || line.from === undefined || line.to === undefined) return []
    const end = Date.parse(line.at)
    const point = (x: number, pa: number) => ({ x, y: scaled(pa), label: String(scaled(pa)) })
    return [point(end - line.seconds * 1000, line.from), point(end, line.to)]
  })
  return {
    unit: symbol,
    pressure: [...read(isOfGauge, perUnit), ...held].toSorted((a, b) => a.x - b.x),
    amps: read(isOfClamp, 1),
    turns: since.flatMap(l => (l.kind === 'adjusted' ? [{ x: Date.parse(l.at), label: formatTurns(l.turns) }] : [])),
  }
}
/**
 * The points that have room for their label: cut-in and cut-out first, then the latest.
 * @param room ms that a label takes at the chart's width
 */
export function labelled(points: readonly RunPoint[], room: number): ReadonlySet<RunPoint> {
  const isNamed = (p: RunPoint) => Number.isNaN(Number(p.label))
  const inTurn = points.toReversed().toSorted((a, b) => Number(isNamed(b)) - Number(isNamed(a)))
  const shown: RunPoint[] = []
  for (const p of inTurn) if (shown.every(s => Math.abs(s.x - p.x) >= room)) shown.push(p)
  return new Set(shown)
}

/** A glance at the gauge: precharge and a drained gauge belong to no run, leak-down is a difference. */
const isOfGauge = (test: TestOutline) =>
  test.kind === 'numeric' && test.quantity === 'pressure' && LIVE.has(test.need) && test.variant !== 'leak-down'
const LIVE: ReadonlySet<string> = new Set(['live', 'any'])
const isOfClamp = (test: TestOutline) => test.kind === 'numeric' && test.quantity === 'amps' && test.need === 'live'
