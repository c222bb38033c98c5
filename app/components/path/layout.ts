/**
 * Where everything on the path goes, worked out from the system kind alone: power left to right along the top, water back
 * right to left along the bottom, joined at the pump and at the pressure switch. Units are those of the drawing's viewBox.
 */
import type { ComponentDef, Glyph, SystemKind, TestPoint } from '#core/systems'

export interface Placed { readonly component: ComponentDef, readonly x: number, readonly y: number, readonly width: number, readonly height: number }
export interface Wire { readonly from: readonly [number, number], readonly to: readonly [number, number], readonly conductor: string, readonly name?: string }
export interface Flag { readonly point: TestPoint, readonly at: readonly [number, number], readonly lane: 'power' | 'water' }
export interface PathLayout { readonly width: number, readonly height: number, readonly power: readonly Placed[], readonly water: readonly Placed[], readonly wires: readonly Wire[], readonly flags: readonly Flag[], readonly port: readonly [number, number, number], readonly shaft: readonly [number, number, number] }

export const WIDTH = 890
export const HEIGHT = 304
export const POWER_Y = 122
export const WATER_Y = 250

const SIZE: Partial<Record<Glyph, readonly [number, number]>> = {
  'supply': [30, 40], 'breaker': [40, 46], 'disconnect': [40, 46], 'pressure-switch': [80, 56], 'control-box': [118, 92], 'cable': [76, 40], 'motor': [76, 76],
  'pump': [40, 40], 'check-valve': [34, 28], 'drop-pipe': [34, 28], 'tank': [54, 76], 'gauge': [36, 36], 'house': [50, 48],
}

export function layOutPath(kind: SystemKind<never>): PathLayout {
  const find = (id: string) => kind.components.find(c => c.id === id)!
  const power = spread(kind.powerOrder.map(find), 22, WIDTH - 26, POWER_Y)
  const at = (id: string) => power.find(p => p.component.id === id)!
  const portX = at('switch').x
  const shaftX = at('motor').x
  const water = placeWater(kind.waterOrder.map(find), portX, shaftX)
  return {
    width: WIDTH, height: HEIGHT, power, water,
    wires: kind.powerStretches.flatMap(s => wiresOf(at(s.from), at(s.to), s.wires, s.conductor ?? s.from)),
    flags: kind.points.map(point => ({ point, ...placeFlag(point, power, water) })),
    port: [portX, POWER_Y + 28, WATER_Y], shaft: [shaftX, POWER_Y + 38, WATER_Y - 20],
  }
}

function spread(components: readonly ComponentDef[], left: number, right: number, y: number): Placed[] {
  const sizes = components.map(c => SIZE[c.glyph] ?? [40, 40] as const)
  const shares = components.slice(0, -1).map((c, i) => c.glyph === 'supply' ? 0.4 : components[i + 1]!.glyph === 'motor' ? 0.75 : c.glyph === 'control-box' ? 1.35 : 1.15)
  const unit = (right - left - sizes.reduce((sum, s) => sum + s[0], 0)) / shares.reduce((a, b) => a + b, 0)
  let x = left
  return components.map((component, i) => {
    const [width, height] = sizes[i]!
    const placed = { component, x: x + width / 2, y, width, height }
    x += width + unit * (shares[i] ?? 0)
    return placed
  })
}

/** Water runs back: pump under the motor, then leftwards; the tank side stands right of the port, the house left of it. */
function placeWater(components: readonly ComponentDef[], portX: number, shaftX: number): Placed[] {
  const split = components.findIndex(c => c.glyph === 'gauge')
  const rightward = components.slice(0, split)
  const leftward = components.slice(split)
  const between = (from: number, to: number, n: number, i: number) => n === 1 ? from : from + (to - from) * i / (n - 1)
  const place = (component: ComponentDef, x: number): Placed => {
    const [width, height] = SIZE[component.glyph] ?? [36, 36]
    return { component, x, y: WATER_Y, width, height }
  }
  return [
    ...rightward.map((c, i) => place(c, between(shaftX, portX + 86, rightward.length, i))),
    ...leftward.map((c, i) => place(c, between(portX - 80, 58, leftward.length, i))),
  ]
}

const WIRE_OFFSETS: Record<number, readonly number[]> = { 1: [0], 2: [-8, 8], 3: [-16, 0, 16] }
const WIRE_NAMES: Record<number, readonly string[]> = { 3: ['red', 'yellow', 'black'] }

function wiresOf(from: Placed, to: Placed, wires: number, conductor: string): Wire[] {
  return (WIRE_OFFSETS[wires] ?? [0]).map((dy, i) => ({
    from: [from.x + from.width / 2, POWER_Y + dy], to: [to.x - to.width / 2 + (to.component.glyph === 'motor' ? 38 - Math.sqrt(38 ** 2 - dy ** 2) : 0), POWER_Y + dy], conductor,
    ...(WIRE_NAMES[wires] ? { name: WIRE_NAMES[wires][i]! } : {}),
  }))
}

/** Each point by its own rule: on the wire where the probe goes, or inside the component. */
function placeFlag(point: TestPoint, power: readonly Placed[], water: readonly Placed[]): Omit<Flag, 'point'> {
  const p = (id: string) => power.find(c => c.component.id === id)
  const w = (id: string) => water.find(c => c.component.id === id)
  const right = (c: Placed, by: number): readonly [number, number] => [c.x + c.width / 2 + by, POWER_Y]
  const left = (c: Placed, by: number): readonly [number, number] => [c.x - c.width / 2 - by, POWER_Y]
  const box = p('box')
  const spots: Record<string, readonly [number, number] | undefined> = {
    breaker: right(p('breaker')!, 18), line: left(p('switch')!, 16), poles: [p('switch')!.x, POWER_Y - 20], load: right(p('switch')!, 18),
    ...(box
      ? {
          box: left(box, 14), cap: [box.x - 34, POWER_Y - 38], relay: [box.x + 8, POWER_Y - 38], overload: [box.x - 12, POWER_Y + 28],
          red: [box.x + 108, POWER_Y - 16], yellow: [box.x + 130, POWER_Y], black: [box.x + 152, POWER_Y + 16],
        }
      : { black: right(p('switch')!, 74), head: left(p('cable')!, 22) }),
    leads: left(p('motor')!, 26),
    gauge: w('gauge') && [w('gauge')!.x, WATER_Y - 46], valve: w('tank') && [w('tank')!.x, WATER_Y - 56], tap: w('house') && [w('house')!.x, WATER_Y - 26],
  }
  const at = spots[point.id] ?? [20, 20]
  return { at, lane: ['gauge', 'valve', 'tap'].includes(point.id) ? 'water' : 'power' }
}

export interface Label { readonly x: number, readonly y: number, readonly width: number, readonly level: number }

/** Puts the flags' boxes on as few levels as keep them apart; wider boxes and later points give way upwards. */
export function stackLabels(anchors: readonly { readonly x: number, readonly width: number }[], left: number, right: number, levels: number): Label[] {
  const taken: { from: number, to: number, level: number }[] = []
  return anchors.map(({ x, width }) => {
    const clamp = (v: number) => Math.max(left + width / 2, Math.min(right - width / 2, v))
    for (const shift of [0, -14, 14, -28, 28, -42, 42, -56, 56]) {
      for (let level = 0; level < levels; level++) {
        const centre = clamp(x + shift)
        const [from, to] = [centre - width / 2 - 3, centre + width / 2 + 3]
        if (taken.some(t => t.level === level && t.from < to && from < t.to)) continue
        taken.push({ from, to, level })
        return { x: centre, y: 0, width, level }
      }
    }
    return { x: clamp(x), y: 0, width, level: 0 }
  })
}
