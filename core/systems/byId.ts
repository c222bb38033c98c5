/** A kind's tests, points, components and faults by their ids, gathered once for each kind. */
import type { ComponentDef, TestPoint } from './componentTypes'
import type { FaultMode } from './faultTypes'
import type { Test } from './testTypes'
import type { SystemKind } from './types'

interface ById {
  readonly tests: ReadonlyMap<string, Test>
  readonly points: ReadonlyMap<string, TestPoint>
  readonly components: ReadonlyMap<string, ComponentDef>
  readonly faults: ReadonlyMap<string, FaultMode>
}

export const testOf = (kind: SystemKind, id: string): Test | undefined => byId(kind).tests.get(id)

export const componentOf = (kind: SystemKind, id: string): ComponentDef | undefined => byId(kind).components.get(id)

export const faultOf = (kind: SystemKind, id: string): FaultMode | undefined => byId(kind).faults.get(id)

/** Where a test is done. @throws where the kind has no such point: composing it would have said so */
export function pointOf(kind: SystemKind, { point }: Pick<Test, 'point'>): TestPoint {
  const known = byId(kind).points.get(point)
  if (!known) throw new Error(`${kind.id} has no point ${point}`)
  return known
}

/** The component that a test is done at. @throws as for its point */
export function componentAt(kind: SystemKind, test: Pick<Test, 'point'>): ComponentDef {
  const { component } = pointOf(kind, test)
  const known = componentOf(kind, component)
  if (!known) throw new Error(`${kind.id} has no component ${component}`)
  return known
}

const gathered = new WeakMap<SystemKind, ById>()

function byId(kind: SystemKind): ById {
  const known = gathered.get(kind)
  if (known) return known
  const fresh: ById = {
    tests: keyed(kind.tests),
    points: keyed(kind.points),
    components: keyed(kind.components),
    faults: keyed(kind.faults),
  }
  gathered.set(kind, fresh)
  return fresh
}

const keyed = <T extends { readonly id: string }>(all: readonly T[]): ReadonlyMap<string, T> =>
  new Map(all.map(one => [one.id, one]))
