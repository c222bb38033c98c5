/** What the layout of a path is made of. Units of the viewBox. */
import type { ComponentDef, Glyph, TestPoint } from '#core/systems'

export type DrawnLane = 'power' | 'pilot' | 'flow'
export interface Placed {
  readonly component: ComponentDef
  readonly lane: DrawnLane
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}
export interface Wire {
  readonly path: string
  readonly mid: readonly [number, number]
  readonly conductor: string
  readonly name?: { readonly text: string, readonly x: number, readonly y: number }
  readonly pilot: boolean
}
export interface Flag {
  readonly point: TestPoint
  readonly at: readonly [number, number]
  /** what it stands on */
  readonly onGlyph: Glyph
  readonly lane: DrawnLane
}
export interface Name {
  readonly component: string
  readonly lines: readonly string[]
  readonly x: number
  readonly y: number
  readonly anchor: 'start' | 'middle' | 'end'
  readonly above: boolean
  readonly width: number
  /** for words beside it, up to the next shaft or name */
  readonly room: number
}
export interface Joint {
  readonly x: number
  readonly from: number
  readonly to: number
  readonly ends: readonly [string, string]
}
export interface PathLayout {
  readonly width: number
  readonly height: number
  readonly powerY: number
  readonly pilotY: number
  readonly flowY: number
  readonly placed: readonly Placed[]
  readonly wires: readonly Wire[]
  readonly flags: readonly Flag[]
  readonly names: readonly Name[]
  readonly ports: readonly Joint[]
  readonly shafts: readonly Joint[]
}

export const WIDTH = 890
/** Lines of names and notes, as they stand under one another. */
export const LINE = 14
