/**
 * A stopwatch that a reload, a sleeping phone and a clock set otherwise do not mislead: it adds up what passed between
 * beats, and what passed while nobody beat is taken from the wall clock only where that is plausible.
 */
export interface Stopwatch {
  /** what is timed: a hold, or the run and rest of a pump */
  readonly what: 'hold' | 'on' | 'off'
  /** ms up to the last beat */
  readonly elapsed: number
  /** the wall clock at the last beat, ms since 1970 */
  readonly beat: number
  /** the gauge when it was started, as it was typed */
  readonly from: string
  /** ms from the last time that it came on to the last beat, where it has come on */
  readonly cycle?: number
}

/** The longest that a watch is left to itself and goes on: a night. */
const LONGEST_AWAY = 12 * 3600e3

/**
 * @param passed ms by a clock that nobody can set, since the last beat; nothing where the page was away
 * @param wall the wall clock now, ms since 1970
 */
export function beatOn(watch: Stopwatch, passed: number | undefined, wall: number): Stopwatch {
  const away = wall - watch.beat
  const gone = passed ?? (away >= 0 && away <= LONGEST_AWAY ? away : 0)
  return {
    ...watch,
    elapsed: watch.elapsed + gone,
    beat: wall,
    ...(watch.cycle === undefined ? {} : { cycle: watch.cycle + gone }),
  }
}

export const sayWatch = (ms: number): string => {
  const s = Math.floor(ms / 1000)
  return `${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`
}
