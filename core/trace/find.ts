/**
 * What a trace shows: when the pump came on and went off, at which pressures, how long from start to start, its inrush
 * and its running amps, and how pressure falls with everything shut. By the amps where there are such; else by the
 * turns of the pressure. Gaps are not read across.
 */
import { PSI } from '#core/units'
import type { Trace } from './read'

export interface TraceFindings {
  /** Pa, one for each */
  readonly cutIns: readonly number[]
  readonly cutOuts: readonly number[]
  /** s from start to start */
  readonly cycles: readonly number[]
  /** s that it ran */
  readonly runs: readonly number[]
  /** A, the most in the first second of each start; nothing where it is sampled too slowly */
  readonly inrush: readonly number[]
  /** A, the usual while it runs */
  readonly running?: number
  /** the longest rest that was watched: Pa at its two ends, s */
  readonly hold?: { readonly seconds: number, readonly from: number, readonly to: number }
}

interface Turn {
  readonly at: number
  readonly on: boolean
}
/** A turn with what was read there. */
interface Seen extends Turn {
  readonly seconds: number
  readonly pressure: number
}

/** What stands at a sample; not a number where there is none. */
const sampleOf = (column: Float64Array, at: number): number => column[at] ?? NaN
const seenAt = ({ seconds, pressure }: Trace, turn: Turn): Seen =>
  ({ ...turn, seconds: sampleOf(seconds, turn.at), pressure: sampleOf(pressure, turn.at) })

/** Share of the usual running amps from which it runs. */
const RUNS = 0.25
/** A turn of the pressure is one where it has moved so much of its whole range the other way. */
const MOVED = 0.25
/** Slower than this an inrush is missed; common practice, no source. */
const INRUSH_STEP = 0.3
/** The least that is a hold. */
const LEAST_HOLD = 300
const SETTLED = 3

export function findInTrace(trace: Trace): TraceFindings {
  const { pressure, amps } = trace
  const turns = amps.length > 0 ? turnsOfAmps(amps) : turnsOfPressure(pressure)
  const whole = turns.filter(t => !isAtGap(trace, t.at)).map(t => seenAt(trace, t))
  const on = whole.filter(t => t.on)
  const off = whole.filter(t => !t.on)
  const pairs = whole.flatMap((t, i) => {
    const next = whole[i + 1]
    return next && next.on !== t.on && !hasGap(trace, t.at, next.at) ? [[t, next] as const] : []
  })
  const between = (a: Seen, b: Seen) => b.seconds - a.seconds
  const hold = pairs
    .filter(([a]) => !a.on)
    .map(([a, b]) => ({ seconds: between(a, b), from: a.pressure, to: b.pressure }))
    .toSorted((a, b) => b.seconds - a.seconds)[0]
  const last = restAtEnd(trace, whole)
  const longest = [hold, last].flatMap(h => (h ? [h] : [])).toSorted((a, b) => b.seconds - a.seconds)[0]
  const running = amps.length > 0 ? medianOf(runningAmps(trace, pairs)) : undefined
  return {
    cutIns: on.map(t => t.pressure),
    cutOuts: off.map(t => t.pressure),
    cycles: on.flatMap((t, i) => {
      const next = on[i + 1]
      return next && !hasGap(trace, t.at, next.at) ? [between(t, next)] : []
    }),
    runs: pairs.filter(([a]) => a.on).map(([a, b]) => between(a, b)),
    inrush: amps.length > 0 ? on.flatMap(t => inrushAt(trace, t)) : [],
    ...(running === undefined ? {} : { running }),
    ...(longest && longest.seconds >= LEAST_HOLD ? { hold: longest } : {}),
  }
}

/** With a band between on and off, so that noise turns nothing. */
function turnsOfAmps(amps: Float64Array): readonly Turn[] {
  const live = amps.filter(a => a > 0.2)
  const usual = medianOf(live) ?? 0
  const turns: Turn[] = []
  let runs: boolean | undefined
  for (const [i, a] of amps.entries()) {
    const now = a > (runs ? 0.5 : 1) * RUNS * usual
    // the first says only how it stands
    runs ??= now
    if (now === runs) continue
    runs = now
    turns.push({ at: runs ? i : i - 1, on: runs })
  }
  return turns
}

/** Lowest before it climbs is where it came on, highest before it falls is where it went off. */
function turnsOfPressure(pressure: Float64Array): readonly Turn[] {
  let [least, most] = [Infinity, -Infinity]
  for (const p of pressure) [least, most] = [Math.min(least, p), Math.max(most, p)]
  const moved = Math.max(MOVED * (most - least), 2 * PSI)
  const turns: Turn[] = []
  let [low, high] = [{ at: 0, p: Infinity }, { at: 0, p: -Infinity }]
  let rising: boolean | undefined
  for (const [at, p] of pressure.entries()) {
    // of equal ones the last low and the first high: it rests between
    if (p <= low.p) low = { at, p }
    if (p > high.p) high = { at, p }
    if (rising !== true && p > low.p + moved) {
      if (rising !== undefined || low.at > 0) turns.push({ at: low.at, on: true })
      rising = true
      high = { at, p }
    }
    else if (rising !== false && p < high.p - moved) {
      if (rising !== undefined || high.at > 0) turns.push({ at: high.at, on: false })
      rising = false
      low = { at, p }
    }
  }
  return turns
}

function inrushAt({ seconds, amps }: Trace, { at, seconds: began }: Seen): readonly number[] {
  const next = seconds[at + 1] ?? began
  if (next - began > INRUSH_STEP) return []
  const many = seconds.subarray(at).findIndex(s => s > began + 1)
  return [amps.subarray(at, many < 0 ? undefined : at + many).reduce((most, a) => Math.max(most, a), 0)]
}

function runningAmps({ seconds, amps }: Trace, pairs: readonly (readonly [Seen, Seen])[]): readonly number[] {
  return pairs.flatMap(([a, b]) => {
    if (!a.on) return []
    const isSettled = (_: number, i: number) => sampleOf(seconds, a.at + i) >= a.seconds + SETTLED
    return [...amps.slice(a.at, b.at).filter(isSettled)]
  })
}

/** After the last time that it went off. */
function restAtEnd(trace: Trace, turns: readonly Seen[]) {
  const last = turns.at(-1)
  const end = trace.seconds.length - 1
  if (!last || last.on || hasGap(trace, last.at, end)) return undefined
  const { seconds, pressure } = seenAt(trace, { at: end, on: false })
  return { seconds: seconds - last.seconds, from: last.pressure, to: pressure }
}

const usualStep = new WeakMap<Trace, number>()
function gapOf(trace: Trace): number {
  let usual = usualStep.get(trace)
  if (usual === undefined) {
    const { seconds } = trace
    usual = medianOf([...seconds.slice(1, 4000)].map((s, i) => s - sampleOf(seconds, i))) ?? 1
    usualStep.set(trace, usual)
  }
  return Math.max(20 * usual, 10)
}
const isAtGap = (trace: Trace, at: number): boolean => at > 0 && hasGap(trace, at - 1, at)
function hasGap(trace: Trace, from: number, to: number): boolean {
  const most = gapOf(trace)
  return trace.seconds.subarray(from + 1, to + 1).some((s, i) => s - sampleOf(trace.seconds, from + i) > most)
}

export function medianOf(values: Float64Array | readonly number[]): number | undefined {
  const sorted = Float64Array.from(values).sort()
  return sorted[Math.floor(sorted.length / 2)]
}
