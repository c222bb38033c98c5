/**
 * What a screen shows of a system: names, points, tests and the drawing, as plain data that can be sent from one
 * thread to another. No rule, no law and no figure of the model is in it. A composed kind is an outline of itself.
 */
import { findTest } from './catalogue'
import type { CauseNote, FaultMode } from './faultTypes'
import type { NumericTest, SeenTest } from './testTypes'
import type { SystemKind } from './types'

type Shown = 'id' | 'point' | 'title' | 'need' | 'words' | 'proves'
export type TestOutline
  = | Pick<NumericTest, Shown | 'kind' | 'quantity' | 'variant' | 'condition'>
    | Pick<SeenTest, Shown | 'kind' | 'outcomes'>

export interface SystemOutline
  extends Pick<SystemKind, 'id' | 'name' | 'medium' | 'complaints' | 'components' | 'points' | 'drawing'> {
  readonly faults: readonly Pick<FaultMode, 'id' | 'component' | 'name' | 'repair'>[]
  readonly causeNotes: readonly Pick<CauseNote, 'id' | 'name'>[]
  readonly tests: readonly TestOutline[]
  /** tests that lines name and this system, as it stands now, lacks */
  readonly otherTests?: readonly TestOutline[]
}

/** @param named ids of tests that lines name */
export function outlineOf(kind: SystemKind, named: Iterable<string> = []): SystemOutline {
  const { id, name, medium, complaints, components, points, drawing } = kind
  const own = new Set(kind.tests.map(t => t.id))
  const others = [...new Set(named)].flatMap(test => (own.has(test) ? [] : (findTest(kind, test) ?? [])))
  return {
    id,
    name,
    medium,
    complaints,
    components,
    points,
    drawing,
    faults: kind.faults.map(f => ({ id: f.id, component: f.component, name: f.name, repair: f.repair })),
    causeNotes: kind.causeNotes.map(n => ({ id: n.id, name: n.name })),
    tests: kind.tests.map(outlineTest),
    otherTests: others.map(outlineTest),
  }
}

function outlineTest(test: NumericTest | SeenTest): TestOutline {
  const { id, point, title, need, words, proves } = test
  const shown = { id, point, title, need, words, ...(proves === undefined ? {} : { proves }) }
  if (test.kind === 'seen') return { ...shown, kind: 'seen', outcomes: test.outcomes }
  const { kind, quantity, variant, condition } = test
  return { ...shown, kind, quantity, condition, ...(variant === undefined ? {} : { variant }) }
}
