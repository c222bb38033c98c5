/**
 * How soon a protective device lets go, from the current through it in multiples of its rating. The bands are common
 * practice, from memory of published time–current bands: the fastest and the slowest that a sound one may be. A
 * device that has let go says how much current flowed: the stopwatch is an instrument.
 */
import { itemAt } from '#core/foundation'

/** What the panel may hold, as it is chosen on the nameplate. */
export const PANEL_DEVICES = ['breaker', 'fuse', 'dual-element fuse', 'ground-fault breaker'] as const
export type PanelDevice = (typeof PANEL_DEVICES)[number]
export type Device = PanelDevice | 'overload relay' | 'motor protector'

/** Seconds from the fastest to the slowest; Infinity is never. */
export interface Span {
  readonly fastest: number
  readonly slowest: number
}

type Point = readonly [multiple: number, fastest: number, slowest: number]

const CYCLE = 0.017
const CURVES: Readonly<Record<Device, readonly Point[]>> = {
  // magnetic part at 4 to 10 times, thermal part by the hour at 1.35 times
  'breaker': [[1.15, 3600, 1e5], [1.35, 120, 3600], [2, 10, 120], [3, 4, 30], [4, CYCLE, 17], [10, CYCLE, CYCLE]],
  'ground-fault breaker': [
    [1.15, 3600, 1e5], [1.35, 120, 3600], [2, 10, 120], [3, 4, 30], [4, CYCLE, 17], [10, CYCLE, CYCLE],
  ],
  'fuse': [[1.1, 3600, 1e5], [1.35, 30, 3600], [2, 1, 60], [3, 0.2, 5], [5, 0.05, 0.6], [10, 0.005, CYCLE]],
  'dual-element fuse': [[1.1, 3600, 1e5], [1.35, 120, 3600], [2, 30, 300], [5, 10, 25], [8, 0.3, 5], [14, 0.01, 0.1]],
  // class 10: ten seconds at six times
  'overload relay': [[1.05, 3600, 1e5], [1.25, 120, 1200], [1.5, 60, 240], [3, 15, 40], [6, 5, 10], [10, 2, 5]],
  'motor protector': [[1.1, 1200, 1e5], [1.25, 180, 1800], [1.6, 45, 360], [2.5, 10, 60], [4, 3, 18], [8, 1, 6]],
}

/** How soon at so many times its rating; between the points by logarithms, never below the first. */
export function letGo(device: Device, multiple: number): Span {
  const points = CURVES[device]
  const over = points.findIndex(([at]) => at > multiple)
  if (over === 0) return { fastest: Infinity, slowest: Infinity }
  const last = points.at(-1)
  const [below, above] = [points[over - 1] ?? last, points[over] ?? last]
  if (!below || !above) throw new Error(`the curve of a ${device} has no points`)
  if (below === above) return { fastest: above[1], slowest: above[2] }
  const share = Math.log(multiple / below[0]) / Math.log(above[0] / below[0])
  const at = (a: number, b: number) => a * (b / a) ** share
  return { fastest: at(below[1], above[1]), slowest: at(below[2], above[2]) }
}

/** One device in the circuit, and the current through it. */
export interface Guard {
  readonly device: Device
  readonly rating: number
  readonly amps: number
}

/** Where at once ends, where seconds end, and where it counts as never, s. */
const EDGES = [1, 60, 3600] as const
const PARTS = 40

/** Chances that the first device lets go at once, in seconds, in minutes, or not before the others or at all. */
export function chancesOfLettingGo(panel: Guard, others: readonly Guard[]): readonly number[] {
  const span = (g: Guard) => letGo(g.device, g.amps / g.rating)
  const own = span(panel)
  const chances = [0, 0, 0, 0]
  for (let i = 0; i < PARTS; i++) {
    const at = within(own, (i + 0.5) / PARTS)
    const held = others.map(span).reduce((still, s) => still * (1 - shareBefore(s, at)), 1)
    const bucket = EDGES.findIndex(edge => at < edge)
    const goes = bucket < 0 ? 0 : held
    chances[Math.max(bucket, 0)] = itemAt(chances, Math.max(bucket, 0), 'chance') + goes / PARTS
    chances[3] = itemAt(chances, 3, 'chance') + (1 - goes) / PARTS
  }
  return chances.map(c => MISSAID / 4 + (1 - MISSAID) * c)
}

/** Told by a stopwatch in the head. */
const MISSAID = 0.08

const within = ({ fastest, slowest }: Span, share: number) =>
  fastest === Infinity ? Infinity : fastest * (slowest / fastest) ** share

/** Chance that a device has let go before an instant. */
function shareBefore({ fastest, slowest }: Span, at: number): number {
  if (fastest === Infinity || at <= fastest) return 0
  if (at >= slowest) return 1
  return Math.log(at / fastest) / Math.log(slowest / fastest)
}
