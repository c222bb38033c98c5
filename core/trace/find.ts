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
  const { seconds, pressure, amps } = trace
  const turns = amps.length > 0 ? turnsOfAmps(amps) : turnsOfPressure(pressure)
  const whole = turns.filter(t => !isAtGap(trace, t.at))
  const on = whole.filter(t => t.on)
  const off = whole.filter(t => !t.on)
  const pairs = whole.flatMap((t, i) => {
    const next = whole[i + 1]
    return next && next.on !== t.on && !hasGap(trace, t.at, next.at) ? [[t, next] as const] : []
  })
  const between = (a: number, b: number) => seconds[b]! - seconds[a]!
  const hold = pairs
    .filter(([a]) => !a.on)
    .map(([a, b]) => ({ seconds: between(a.at, b.at), from: pressure[a.at]!, to: pressure[b.at]! }))
    .toSorted((a, b) => b.seconds - a.seconds)[0]
  const last = restAtEnd(trace, whole)
  const longest = [hold, last].flatMap(h => (h ? [h] : [])).toSorted((a, b) => b.seconds - a.seconds)[0]
  const running = amps.length > 0 ? medianOf(runningAmps(trace, pairs)) : undefined
  return {
    cutIns: on.map(t => pressure[t.at]!),
    cutOuts: off.map(t => pressure[t.at]!),
    cycles: on.flatMap((t, i) => {
      const next = on[i + 1]
      return next && !hasGap(trace, t.at, next.at) ? [between(t.at, next.at)] : []
    }),
    runs: pairs.filter(([a]) => a.on).map(([a, b]) => between(a.at, b.at)),
    inrush: amps.length > 0 ? on.flatMap(t => inrushAt(trace, t.at)) : [],
    ...(running === undefined ? {} : { running }),
    ...(longest && longest.seconds >= LEAST_HOLD ? { hold: longest } : {}),
  }
}

/** With a band between on and off, so that noise turns nothing. */
function turnsOfAmps(amps: Float64Array): readonly Turn[] {
  const live = amps.filter(a => a > 0.2)
  const usual = medianOf(live) ?? 0
  const turns: Turn[] = []
  let runs = amps[0]! > RUNS * usual
  for (let i = 1; i < amps.length; i++) {
    const now = runs ? amps[i]! > 0.5 * RUNS * usual : amps[i]! > RUNS * usual
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
  let [low, high, rising] = [0, 0, undefined as boolean | undefined]
  for (let i = 1; i < pressure.length; i++) {
    const p = pressure[i]!
    // of equal ones the last low and the first high: it rests between
    if (p <= pressure[low]!) low = i
    if (p > pressure[high]!) high = i
    if (rising !== true && p > pressure[low]! + moved) {
      if (rising !== undefined || low > 0) turns.push({ at: low, on: true })
      rising = true
      high = i
    }
    else if (rising !== false && p < pressure[high]! - moved) {
      if (rising !== undefined || high > 0) turns.push({ at: high, on: false })
      rising = false
      low = i
    }
  }
  return turns
}

function inrushAt({ seconds, amps }: Trace, at: number): readonly number[] {
  const step = seconds[Math.min(at + 1, seconds.length - 1)]! - seconds[at]!
  if (step > INRUSH_STEP) return []
  let most = 0
  for (let i = at; i < seconds.length && seconds[i]! <= seconds[at]! + 1; i++) most = Math.max(most, amps[i]!)
  return [most]
}

function runningAmps({ seconds, amps }: Trace, pairs: readonly (readonly [Turn, Turn])[]): readonly number[] {
  return pairs.flatMap(([a, b]) => {
    if (!a.on) return []
    const own: number[] = []
    for (let i = a.at; i < b.at; i++) if (seconds[i]! >= seconds[a.at]! + SETTLED) own.push(amps[i]!)
    return own
  })
}

/** After the last time that it went off. */
function restAtEnd(trace: Trace, turns: readonly Turn[]) {
  const last = turns.at(-1)
  const end = trace.seconds.length - 1
  if (!last || last.on || hasGap(trace, last.at, end)) return undefined
  return {
    seconds: trace.seconds[end]! - trace.seconds[last.at]!,
    from: trace.pressure[last.at]!,
    to: trace.pressure[end]!,
  }
}

const usualStep = new WeakMap<Trace, number>()
function gapOf(trace: Trace): number {
  let usual = usualStep.get(trace)
  if (usual === undefined) {
    const { seconds } = trace
    usual = medianOf([...seconds.slice(1, 4000)].map((s, i) => s - seconds[i]!)) ?? 1
    usualStep.set(trace, usual)
  }
  return Math.max(20 * usual, 10)
}
const isAtGap = (trace: Trace, at: number): boolean => at > 0 && hasGap(trace, at - 1, at)
function hasGap(trace: Trace, from: number, to: number): boolean {
  const most = gapOf(trace)
  for (let i = from + 1; i <= to; i++) if (trace.seconds[i]! - trace.seconds[i - 1]! > most) return true
  return false
}

export function medianOf(values: Float64Array | readonly number[]): number | undefined {
  const sorted = Float64Array.from(values).sort()
  return sorted[Math.floor(sorted.length / 2)]
}
