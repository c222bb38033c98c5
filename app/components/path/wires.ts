/** The conductors of a stretch: where each runs. */
import type { DrawnStretch, WireCount } from '#core/systems'
import type { Placed, Wire } from './placed'

const WIRE_OFFSETS: Record<WireCount, readonly number[]> = { 1: [0], 2: [-8, 8], 3: [-16, 0, 16] }
const THREE_WIRE = ['red', 'yellow', 'black']
const ROOM_FOR_NAMES = 110

export function wiresOf(s: DrawnStretch, from: Placed, to: Placed): Wire[] {
  const conductor = s.conductor ?? s.from
  if (s.route === 'pilot') return [pilotWire(from, to, conductor)]
  if (s.route === 'over') {
    return WIRE_OFFSETS[s.wires].map((dy, i) => {
      const [top, x1, x2] = [20 - i * 6, from.x + 4 + i * 6, to.x - 6 + i * 6]
      return {
        path: `M${x1} ${from.y - 12} V${top} H${x2} V${to.y - to.height / 2}`,
        mid: [(x1 + x2) / 2, top],
        conductor,
        pilot: false,
      }
    })
  }
  return WIRE_OFFSETS[s.wires].map((dy, i) => {
    const curve = (r: number) => r - Math.sqrt(Math.max(0, r ** 2 - dy ** 2))
    const [x1, x2] = [
      from.x + from.width / 2 - (from.component.glyph === 'motor' ? curve(38) : 0),
      to.x - to.width / 2 + (to.component.glyph === 'motor' ? curve(38) : 0),
    ]
    // beyond their test points, where there is room; the points say their leads too
    const name
      = s.wires === 3 && from.component.glyph === 'control-box' && x2 - x1 > ROOM_FOR_NAMES
        ? { text: THREE_WIRE[i]!, x: x2 - 5, y: from.y + dy - 4 }
        : undefined
    return {
      path: `M${x1} ${from.y + dy} H${x2}`,
      mid: [(x1 + x2) / 2, from.y + dy],
      conductor,
      pilot: false,
      ...(name ? { name } : {}),
    }
  })
}

/** One thin wire from under the starter to a thing in the pilot circuit, or between two of them. */
function pilotWire(from: Placed, to: Placed, conductor: string): Wire {
  if (from.lane === 'power') {
    const x = from.x - 34
    const [edge, side] = to.x + to.width / 2 < x ? [to.x + to.width / 2, to.y] : [to.x, to.y - to.height / 2]
    return {
      path:
        side === to.y
          ? `M${x} ${from.y + from.height / 2} V${side} H${edge}`
          : `M${edge} ${from.y + from.height / 2} V${side}`,
      mid: [x, to.y - 14],
      conductor,
      pilot: true,
    }
  }
  const [left, right] = from.x < to.x ? [from, to] : [to, from]
  return {
    path: `M${left.x + left.width / 2} ${from.y} H${right.x - right.width / 2}`,
    mid: [(left.x + right.x) / 2, from.y],
    conductor,
    pilot: true,
  }
}
