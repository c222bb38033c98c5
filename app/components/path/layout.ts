/**
 * Where everything on the path goes, worked out from the kind's drawing alone: power left to right along the top,
 * water or air back right to left along the bottom, a pilot circuit between them, joined by shafts and ports. Units
 * of the viewBox.
 */
import type { ComponentDef, Glyph, SystemOutline } from '#core/systems'
import { nameAll } from './names'
import { LINE, WIDTH, type DrawnLane, type Flag, type Joint, type PathLayout, type Placed } from './placed'
import { wiresOf } from './wires'

export const USUAL_Y = 95
const WITH_OVER_Y = 112 // room for the conductors that run above
/** From the power lane down to the water or air: past a switch's words, past a control box's, past a pilot circuit. */
const [DOWN, DOWN_FROM_BOX, PILOT_DOWN, DOWN_FROM_PILOT] = [130, 144, 80, 192]

const SIZE: Partial<Record<Glyph, readonly [number, number]>> = {
  'supply': [30, 40],
  'battery': [46, 40],
  'breaker': [40, 46],
  'fuse': [44, 26],
  'disconnect': [40, 46],
  'panel-switch': [44, 40],
  'pressure-switch': [80, 56],
  'float-switch': [56, 46],
  'starter': [76, 66],
  'transformer': [50, 38],
  'control-box': [118, 84],
  'protector': [48, 42],
  'cable': [66, 38],
  'motor': [76, 76],
  'return': [34, 30],
  'pump': [40, 40],
  'check-valve': [34, 28],
  'drop-pipe': [34, 28],
  'gauge': [36, 36],
  'tank': [54, 76],
  'open-tank': [58, 60],
  'filter': [34, 44],
  'house': [50, 48],
  'compressor': [54, 50],
  'receiver': [74, 44],
  'regulator': [34, 34],
  'relief': [28, 36],
  'unloader': [40, 30],
  'source': [40, 36],
}
const sizeOf = (c: ComponentDef, lane: DrawnLane): readonly [number, number] => {
  if (lane === 'pilot' && c.glyph === 'pressure-switch') return [64, 38]
  return SIZE[c.glyph] ?? [38, 36]
}

export function layOutPath(kind: SystemOutline): PathLayout {
  const { drawing } = kind
  const find = (id: string) => kind.components.find(c => c.id === id)!
  const between = (drawing.pilot ?? []).length > 0
  const over = drawing.stretches.some(s => s.route === 'over')
  const powerY = over ? WITH_OVER_Y : USUAL_Y
  const box = drawing.power.some(id => find(id).glyph === 'control-box')
  const pilotY = powerY + PILOT_DOWN
  const flowY = powerY + (between ? DOWN_FROM_PILOT : box ? DOWN_FROM_BOX : DOWN)
  const upstream = drawing.flow.indexOf(drawing.shafts.at(-1)!.pump)
  const power = spread(drawing.power.map(find), 22, WIDTH - 26 - upstream * 66, powerY)
  const at = (id: string) => [...power, ...pilot].find(p => p.component.id === id)
  const pilot: Placed[] = []
  placePilot(drawing.pilot?.map(find) ?? [], power, pilotY).forEach(p => pilot.push(p))
  const flow = placeFlow(kind, power, at, flowY)
  const unloader = pilot.findIndex(p => p.component.glyph === 'unloader')
  const check = flow.find(p => p.component.id === 'check')
  if (unloader >= 0 && check)
    pilot[unloader] = {
      ...pilot[unloader]!,
      x: beside(
        check.x,
        pilot.filter((_, i) => i !== unloader),
      ),
    }
  const placed = [...power, ...pilot, ...flow]
  const place = (id: string) => placed.find(p => p.component.id === id)!
  const shafts = drawing.shafts.map((s): Joint => {
    const [motor, pump] = [place(s.motor), place(s.pump)]
    return { x: motor.x, from: motor.y + motor.height / 2, to: pump.y - pump.height / 2, ends: [s.motor, s.pump] }
  })
  const names = nameAll(placed, shafts)
  return {
    // a line of state or note may stand under each name
    width: WIDTH,
    height: Math.max(flowY + 54, ...names.map(n => n.y + LINE * n.lines.length + 4)),
    powerY,
    pilotY,
    flowY,
    placed,
    wires: drawing.stretches.flatMap(s => wiresOf(s, place(s.from), place(s.to))),
    flags: placeFlags(kind, place),
    names,
    ports: drawing.ports.map(p => joint(place(p.to), place(p.from), flowY, p.from, p.to)),
    shafts,
  }
}

/** From a switch or unloader down to the lane it senses; straight down, onto whatever pipe runs there. */
function joint(upper: Placed, lower: Placed, flowY: number, from: string, to: string): Joint {
  const onto
    = lower.component.glyph === 'open-tank' && Math.abs(lower.x - upper.x) < 4 ? flowY - lower.height / 2 : flowY
  return { x: upper.x, from: upper.y + upper.height / 2, to: onto, ends: [from, to] }
}

function spread(components: readonly ComponentDef[], left: number, right: number, y: number): Placed[] {
  const sizes = components.map(c => sizeOf(c, 'power'))
  const shares = components
    .slice(0, -1)
    .map((c, i) =>
      ['supply', 'battery'].includes(c.glyph)
        ? 0.5
        : components[i + 1]!.glyph === 'motor'
          ? 0.8
          : c.glyph === 'control-box' || c.glyph === 'starter'
            ? 1.5
            : 1.1,
    )
  const unit = (right - left - sizes.reduce((sum, s) => sum + s[0], 0)) / shares.reduce((a, b) => a + b, 0)
  let x = left
  return components.map((component, i) => {
    const [width, height] = sizes[i]!
    const placed: Placed = { component, lane: 'power', x: x + width / 2, y, width, height }
    x += width + unit * (shares[i] ?? 0)
    return placed
  })
}

const APART_IN_PILOT = 112
/** The pilot circuit hangs under the starter and runs to the left of it, towards where it is sensed. */
function placePilot(components: readonly ComponentDef[], power: readonly Placed[], y: number): Placed[] {
  const from
    = power.find(p => p.component.glyph === 'starter') ?? power.find(p => p.component.glyph === 'pressure-switch')!
  const wired = components.filter(c => c.glyph !== 'unloader')
  const last = from.x - 40 - 0.5 * Math.max(...wired.slice(-1).map(c => sizeOf(c, 'pilot')[0]))
  const step = Math.min(APART_IN_PILOT, (last - 44) / Math.max(1, wired.length - 1))
  return components.map((component) => {
    const [w, height] = sizeOf(component, 'pilot')
    const i = wired.indexOf(component)
    return {
      component,
      lane: 'pilot',
      x: i < 0 ? from.x : last - (wired.length - 1 - i) * step,
      y,
      width: w,
      height,
    }
  })
}

/** Over the check valve it vents, but clear of the words beside the pilot switch. */
const beside = (x: number, wired: readonly Placed[]) => wired.reduce((at, w) => Math.max(at, w.x + 172), x)

const CLEAR_OF_PORT = 46
/**
 * Pumps stand under their motors and open tanks under their floats; the rest runs evenly between, clear of the
 * sensing port.
 */
function placeFlow(
  kind: SystemOutline,
  power: readonly Placed[],
  at: (id: string) => Placed | undefined,
  y: number,
): Placed[] {
  const { flow, shafts, ports } = kind.drawing
  const fixed = new Map<number, number>()
  for (const s of shafts) fixed.set(flow.indexOf(s.pump), at(s.motor)!.x)
  for (const p of ports)
    if (kind.components.find(c => c.id === p.from)!.glyph === 'open-tank')
      fixed.set(flow.indexOf(p.from), at(p.to)!.x)
  const last = Math.max(...fixed.keys())
  const xs: number[] = []
  const anchors = [...fixed].toSorted((a, b) => a[0] - b[0])
  const [firstAt, firstX] = anchors[0]!
  for (let i = 0; i < firstAt; i++) xs[i] = firstX + (firstAt - i) * Math.min(72, (WIDTH - 24 - firstX) / firstAt)
  anchors.forEach(([i, x], k) => {
    xs[i] = x
    const next = anchors[k + 1]
    if (next) for (let j = i + 1; j < next[0]; j++) xs[j] = x + ((next[1] - x) * (j - i)) / (next[0] - i)
  })
  const sensed = ports.find(p => p.to === 'switch')
  const port = sensed ? at('switch')!.x : 0
  const start = xs[last]!
  const rest = flow.length - 1 - last
  const leftmost = 44
  // so many stand right of the port as there is room for
  const clear = CLEAR_OF_PORT
  // the words of a switch in the pilot circuit stand low
  const words = ports.some(p => p.to === 'switch') && at('switch')!.lane === 'pilot' ? 2.7 : 1
  const roomRight = start - port - words * clear
  const right = Math.max(1, Math.min(rest - 1, Math.round((rest * roomRight) / (start - leftmost))))
  for (let n = 1; n <= rest; n++) {
    xs[last + n]
      = n <= right
        ? start - (roomRight * n) / right
        : right === rest
          ? leftmost
          : port
            - clear
            + (leftmost - (port - clear)) * (rest - right === 1 ? 0.5 : (n - right - 1) / (rest - right - 1))
  }
  return flow.map((id, i) => {
    const component = kind.components.find(c => c.id === id)!
    const [width, height] = sizeOf(component, 'flow')
    return { component, lane: 'flow', x: xs[i]!, y, width, height }
  })
}

/** Where on a glyph its parts are, from its middle. */
const PARTS: Partial<Record<Glyph, Readonly<Record<string, readonly [number, number]>>>> = {
  'control-box': { cap: [-34, -38], relay: [8, -38], overload: [-12, 28] },
  'pressure-switch': { poles: [0, -20] },
  'float-switch': { poles: [0, -16] },
  'motor': { cap: [-18, -24], contact: [18, -24], overload: [18, 22], coil: [-18, 22], brushes: [0, 26] },
  'starter': { poles: [-18, -24], control: [-26, 24], aux: [26, 24], coil: [0, 10] },
  'transformer': { control: [0, -12] },
  'pump': { prime: [0, -22] },
  'tank': { valve: [0, -54] },
  'receiver': { drain: [-30, 6] },
}

function placeFlags(kind: SystemOutline, place: (id: string) => Placed): Flag[] {
  const flags: Flag[] = []
  for (const point of kind.points) {
    const { on, side, part, wire } = point.spot
    const c = place(on)
    const step = side === 'in' ? -1 : 1
    const along = side === 'on' ? 0 : c.width / 2 + (side === 'in' ? 16 : 18)
    const dy = wire === undefined ? 0 : [-16, 0, 16][wire]!
    const inside
      = side === 'on'
        ? (PARTS[c.component.glyph]?.[part ?? ''] ?? [0, c.lane === 'flow' ? -c.height / 2 : 0])
        : [0, 0]
    let at: [number, number]
      = side === 'on' ? [c.x + inside[0], c.y + inside[1]] : [c.x + step * (along + (wire ?? 0) * 22), c.y + dy]
    if (c.lane === 'flow' && side !== 'on') at = [c.x, c.y - c.height / 2 - 2]
    flags.push({
      point,
      at: apart(
        at,
        flags,
        side === 'on'
          ? [
              [APART, 0],
              [-APART, 0],
              [0, APART],
              [0, -APART],
            ]
          : [
              [step * APART, 0],
              [0, -APART],
              [0, APART],
            ],
      ),
      lane: c.lane,
      onGlyph: c.component.glyph,
    })
  }
  return flags
}

/** No two dots nearer than a thumb's tip can tell. */
const APART = 20
/** Moves a dot until it is. */
function apart(
  at: [number, number],
  taken: readonly Flag[],
  ways: readonly (readonly [number, number])[],
): readonly [number, number] {
  const free = (x: number, y: number) =>
    x > 6 && x < WIDTH - 6 && taken.every(f => Math.hypot(f.at[0] - x, f.at[1] - y) >= APART)
  for (let n = 0; n < 6; n++)
    for (const [dx, dy] of ways) if (free(at[0] + n * dx, at[1] + n * dy)) return [at[0] + n * dx, at[1] + n * dy]
  return at
}
