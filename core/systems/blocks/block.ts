/** A part of a kind: what it adds to the components, points, faults, tests and notes on causes. */
import type { ComponentId, FieldId } from '../ids'
import type { ComponentDef, Glyph, Lane, NameplateField, Place, Spot, TestPoint } from '../componentTypes'
import type { CauseNote, FaultMode } from '../faultTypes'
import type { Test } from '../testTypes'

export type PointDef = Omit<TestPoint, 'number'>

export interface Block {
  readonly components?: readonly ComponentDef[]
  readonly points?: readonly PointDef[]
  readonly faults?: readonly FaultMode[]
  readonly tests?: readonly Test[]
  readonly notes?: readonly CauseNote[]
}

export interface ComponentEntry<C extends ComponentId> {
  readonly id: C
  readonly name: string
  readonly glyph: Glyph
  readonly lane: Lane
  readonly place: Place
  readonly fields?: readonly (NameplateField & { readonly id: FieldId<C> })[]
}

export const component = <C extends ComponentId>(entry: ComponentEntry<C>): ComponentDef => entry

export interface PointEntry extends Omit<PointDef, 'component' | 'spot'> {
  readonly component: ComponentId
  readonly spot: Spot & { readonly on: ComponentId }
}

export const point = (entry: PointEntry): PointDef => entry

/** A choice of no or yes on the nameplate. */
export const yesNo = <const Id extends string>(id: Id, label: string) =>
  ({ id, label, quantity: 'choice', choices: ['no', 'yes'] }) as const
