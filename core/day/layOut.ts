/**
 * A day's calls one after another: when each begins by what the ones before it are expected to take, with the way
 * between two sites counted once. Minutes of the day, from midnight.
 */
export interface DayCall {
  readonly item: string
  readonly site: string
  readonly minutes: number
}
export interface LaidOut {
  readonly calls: readonly { readonly item: string, readonly from: number, readonly to: number }[]
  /** of work, the ways left out */
  readonly minutes: number
  readonly end: number
}

/** Where the shop says nothing: half past eight, a quarter of an hour from site to site; judgement. */
export const USUAL_DAY = { start: 8.5 * 60, way: 15 }

export function layOut(calls: readonly DayCall[], { start, way } = USUAL_DAY): LaidOut {
  let at = start
  let before: DayCall | undefined
  const laid = calls.map((call) => {
    if (before && before.site !== call.site) at += way
    const from = at
    at += call.minutes
    before = call
    return { item: call.item, from, to: at }
  })
  return { calls: laid, minutes: calls.reduce((sum, c) => sum + c.minutes, 0), end: at }
}

/** `14:05` */
export const sayTimeOfDay = (minutes: number): string => {
  const whole = Math.round(minutes)
  const two = (n: number) => String(n).padStart(2, '0')
  return `${two(Math.floor(whole / 60) % 24)}:${two(whole % 60)}`
}
