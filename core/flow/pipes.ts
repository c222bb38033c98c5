/**
 * Pumps and pipes: head as metres of water, flow in m³/s, lengths and bores in m.
 *   friction (Hazen–Williams): hf = 10.67 · L · Q^1.852 / (C^1.852 · d^4.871); C is 150 for plastic, 140 for copper,
 *   120 for steel in use, 100 for old steel (all from memory)
 *   pump: H = H0 − a·Q^b through the points that are given; of one point alone, shut-off is 4/3 of its head and b is 2
 * Worked example (repeated in the tests): 10 gpm through 100 ft of 1 in plastic pipe loses 5.5 ft.
 */
import { fail, findRoot, ok, type Result } from '#core/foundation'

export const WATER_WEIGHT = 9806.65 // N/m³, as metres of water are counted

export interface Pipe {
  readonly length: number
  readonly bore: number
  /** Hazen–Williams C */
  readonly smoothness: number
}

/** Metres of head lost in a pipe; with the sign of the flow. */
export const frictionHead = ({ length, bore, smoothness }: Pipe, flow: number): number =>
  (Math.sign(flow) * 10.67 * length * Math.abs(flow) ** 1.852) / (smoothness ** 1.852 * bore ** 4.871)

export interface PumpPoint {
  readonly flow: number
  readonly head: number
}
export interface PumpCurve {
  readonly shutOffHead: number
  readonly a: number
  readonly b: number
}

/**
 * The curve through a shut-off head and one or two points, or by one point alone. Refuses points whose head does not
 * fall as the flow grows.
 */
export function curveThrough(points: readonly PumpPoint[]): Result<PumpCurve> {
  const [first, second, third] = points.toSorted((p, q) => p.flow - q.flow)
  if (!first || !(first.head > 0)) return fail('pump-curve-rises', { points: points.length })
  if (first.flow > 0)
    return second
      ? fail('pump-curve-rises', { points: points.length })
      : ok({ shutOffHead: (4 / 3) * first.head, a: first.head / 3 / first.flow ** 2, b: 2 })
  const shutOffHead = first.head
  if (!second || !(shutOffHead > second.head)) return fail('pump-curve-rises', { points: points.length })
  if (!third) return ok({ shutOffHead, a: (shutOffHead - second.head) / second.flow ** 2, b: 2 })
  if (!(second.head > third.head)) return fail('pump-curve-rises', { points: points.length })
  const b
    = Math.log((shutOffHead - third.head) / (shutOffHead - second.head)) / Math.log(third.flow / second.flow)
  return ok({ shutOffHead, a: (shutOffHead - second.head) / second.flow ** b, b })
}

export const headAt = ({ shutOffHead, a, b }: PumpCurve, flow: number): number => shutOffHead - a * flow ** b

/** What a pump works against: metres lifted, pipes in series, and metres of pressure at the end. */
export interface Against {
  readonly lift: number
  readonly pipes: readonly Pipe[]
  readonly pressureHead: number
}

/** The flow at which the pump's head is all used up; none where it cannot even lift so high. */
export function operatingFlow(curve: PumpCurve, { lift, pipes, pressureHead }: Against): number {
  const left = (flow: number) =>
    headAt(curve, flow) - lift - pressureHead - pipes.reduce((sum, p) => sum + frictionHead(p, flow), 0)
  if (left(0) <= 0) return 0
  const most = (curve.shutOffHead / curve.a) ** (1 / curve.b)
  const found = findRoot(left, 0, most, { x: 1e-9 })
  return found.ok ? found.value : 0
}
