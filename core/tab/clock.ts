/**
 * A hybrid logical clock (Kulkarni et al. 2014, "Logical physical clocks"): the wall's milliseconds, and a count for
 * what falls into the same one or follows a line written by a clock that runs ahead. It never goes back on its own
 * device, and a line sorts after every line that its writer had seen, as long as no clock runs more than `MOST_AHEAD`
 * ahead of the others; beyond that the lines named in `seen` keep the order (order.ts). Written as text that sorts as
 * it counts: 14 digits of milliseconds since 1970, a full stop, 4 hexadecimal digits.
 *
 *   tick('01781517600000.0000', 1781517600000) → '01781517600000.0001'
 */
export type Clock = string

export const CLOCK_PATTERN = /^\d{14}\.[0-9a-f]{4}$/
export const CLOCK_START: Clock = '00000000000000.0000'
/** How far ahead of its own wall a device follows another's clock, ms: further off, the other one is wrong. */
export const MOST_AHEAD = 5 * 60e3
const MOST_COUNT = 0xffff
const MOST_MS = 99999999999999

/**
 * The clock of a line written now.
 * @param last of this device's line before;
 * @param now the wall, ms since 1970;
 * @param seen clocks of the lines it had seen
 */
export function tick(last: Clock, now: number, seen: readonly Clock[] = []): Clock {
  const wall = Math.min(Math.max(0, Math.floor(now)), MOST_MS)
  const trusted = seen.filter(c => msOf(c) <= wall + MOST_AHEAD)
  const latest = [last, ...trusted].reduce((a, b) => (a > b ? a : b))
  if (wall > msOf(latest)) return write(wall, 0)
  const count = countOf(latest) + 1
  return count > MOST_COUNT ? write(msOf(latest) + 1, 0) : write(msOf(latest), count)
}

export const msOf = (clock: Clock): number => Number(clock.slice(0, 14))
const countOf = (clock: Clock): number => Number.parseInt(clock.slice(15), 16)
const write = (ms: number, count: number): Clock =>
  `${String(ms).padStart(14, '0')}.${count.toString(16).padStart(4, '0')}`
