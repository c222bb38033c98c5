/**
 * The catalogue as a whole: every test, component and fault that a kind has with any of its options. A line may name
 * what the nameplate of today does not show, and is understood all the same. Options are gone through one at a time,
 * since each brings parts of its own; composed once, when first asked for.
 */
import { testOf } from './byId'
import { KIND_IDS, kindFor, type KindId } from './registry'
import type { ComponentDef, NameplateField } from './componentTypes'
import type { FaultMode } from './faultTypes'
import type { SeenTest, Test } from './testTypes'
import type { SystemKind } from './types'

export interface Catalogue {
  readonly tests: ReadonlyMap<string, Test>
  /** by test seen or heard, every answer that it has somewhere */
  readonly outcomes: ReadonlyMap<string, ReadonlySet<string>>
  readonly components: ReadonlyMap<string, ComponentDef>
  readonly faults: ReadonlyMap<string, FaultMode>
  readonly causes: ReadonlySet<string>
  readonly points: ReadonlySet<string>
}

let made: Catalogue | undefined

export function wholeCatalogue(): Catalogue {
  return (made ??= gather(KIND_IDS.flatMap(everyOption)))
}

/** A test of this kind, or else of any kind with any option. */
export const findTest = (kind: SystemKind, id: string): Test | undefined =>
  testOf(kind, id) ?? wholeCatalogue().tests.get(id)

/** Whether a test has this answer, on this kind or on any. */
export const hasOutcome = (test: SeenTest, outcome: string): boolean =>
  test.outcomes.some(o => o.id === outcome) || (wholeCatalogue().outcomes.get(test.id)?.has(outcome) ?? false)

/** A kind with each choice of each of its fields made in turn, fields that a choice brings included. */
function everyOption(id: KindId): SystemKind[] {
  const bare = kindFor(id)
  const kinds = [bare]
  for (const [field, count] of choicesOf(bare))
    for (let i = 0; i < count; i++) kinds.push(kindFor(id, { [field]: i }))
  return kinds
}

function choicesOf(kind: SystemKind): [string, number][] {
  const count = (f: NameplateField) => f.choices?.length ?? 0
  return kind.components.flatMap(c =>
    (c.fields ?? []).filter(f => count(f) > 0).map((f): [string, number] => [`${c.id}.${f.id}`, count(f)]),
  )
}

function gather(kinds: readonly SystemKind[]): Catalogue {
  const outcomes = new Map<string, Set<string>>()
  for (const test of kinds.flatMap(k => k.tests)) {
    if (test.kind === 'numeric') continue
    const known = outcomes.get(test.id) ?? new Set()
    test.outcomes.forEach(o => known.add(o.id))
    outcomes.set(test.id, known)
  }
  return {
    outcomes,
    tests: new Map(kinds.flatMap(k => k.tests.map(t => [t.id, t] as const))),
    components: new Map(kinds.flatMap(k => k.components.map(c => [c.id, c] as const))),
    faults: new Map(kinds.flatMap(k => k.faults.map(f => [f.id, f] as const))),
    causes: new Set(kinds.flatMap(k => k.causeNotes.map(n => n.id))),
    points: new Set(kinds.flatMap(k => k.points.map(p => p.id))),
  }
}
