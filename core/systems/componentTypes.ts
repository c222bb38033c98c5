/** What a system is put together from, where it is tested, and how it is drawn. */
import type { Quantity } from '#core/units'

export const LANES = ['power', 'water', 'air'] as const
export type Lane = (typeof LANES)[number]

export const GLYPHS = [
  'supply',
  'battery',
  'breaker',
  'fuse',
  'disconnect',
  'panel-switch',
  'pressure-switch',
  'float-switch',
  'starter',
  'transformer',
  'control-box',
  'protector',
  'cable',
  'motor',
  'return',
  'conductor',
  'pump',
  'check-valve',
  'drop-pipe',
  'gauge',
  'tank',
  'open-tank',
  'filter',
  'house',
  'compressor',
  'receiver',
  'regulator',
  'relief',
  'unloader',
  'source',
] as const
export type Glyph = (typeof GLYPHS)[number]

/** Where a thing is, which sets what it costs to reach it. */
export const PLACES = [
  'panel',
  'switch',
  'box',
  'tank',
  'well-head',
  'down-hole',
  'house',
  'machine',
  'bay',
] as const
export type Place = (typeof PLACES)[number]

/** A figure that a nameplate, a chart or a tape measure can give, or a choice. Everything unknown is a spread. */
export interface NameplateField {
  readonly id: string
  readonly label: string
  readonly quantity:
    | Quantity
    | 'horsepower'
    | 'length'
    | 'bore'
    | 'volume'
    | 'gauge'
    | 'code-letter'
    | 'altitude'
    | 'air-flow'
    | 'battery-capacity'
    | 'choice'
  /** what it does to the readings, in a sentence */
  readonly bears?: string
  /** smallest and largest value that makes sense, in SI (horsepower, AWG and letters as written) */
  readonly range?: readonly [number, number]
  /** words of a choice; the nameplate holds its index */
  readonly choices?: readonly string[]
  /** the choice that is taken first where a line speaks of what the plate does not tell of; the second at first */
  readonly likeliest?: number
  /** the choice that holds unless another is made; the first unless said */
  readonly usual?: number
}

export interface ComponentDef {
  readonly id: string
  readonly name: string
  readonly glyph: Glyph
  readonly lane: Lane
  readonly place: Place
  readonly fields?: readonly NameplateField[]
}

/** Where on the drawing a point's flag stands: before, after or on a component, or on a part or a wire of it. */
export interface Spot {
  readonly on: string
  readonly side: 'in' | 'out' | 'on'
  readonly part?: string
  readonly wire?: number
}

export interface TestPoint {
  readonly id: string
  /** the number on its flag, in the order of flow */
  readonly number: number
  readonly name: string
  /** what a hand types for it, besides its id and number */
  readonly aliases: readonly string[]
  readonly component: string
  readonly spot: Spot
}

/** How many conductors a stretch is drawn with. */
export type WireCount = 1 | 2 | 3

/**
 * A stretch of conductors on the drawing. `over` runs above what stands between; `pilot` is the thin control circuit.
 */
export interface DrawnStretch {
  readonly from: string
  readonly to: string
  readonly wires: WireCount
  readonly conductor?: string
  readonly route?: 'over' | 'pilot'
}

/** How a kind is drawn: the power lane left to right, the flow lane right to left, and what joins them. */
export interface Drawing {
  readonly power: readonly string[]
  readonly flow: readonly string[]
  readonly stretches: readonly DrawnStretch[]
  /** shafts from a motor to what it turns, ports from a flow component up to a switch */
  readonly shafts: readonly { readonly motor: string, readonly pump: string }[]
  readonly ports: readonly { readonly from: string, readonly to: string }[]
  /** components that stand between the lanes, in the pilot circuit */
  readonly pilot?: readonly string[]
}
