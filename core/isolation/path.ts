/**
 * How each component on the path stands: proven, unproven, suspect by weight, or condemned.
 * Proven takes more than being unlikely: a good reading at it, or further along the power, with all its faults ruled
 * out. A fault that is merely explained away by a likelier one leaves its component unproven.
 */
import { componentAt, isWorkedOn, testOf, type ComponentDef, type SystemModel, type Test } from '#core/systems'
import type { TabState } from '#core/tab'
import type { Ranking } from './suspects'
import { wordFor } from './verdict'

export const STANDINGS = ['proven', 'unproven', 'suspect', 'condemned'] as const
export type Standing = (typeof STANDINGS)[number]
export interface ComponentStanding {
  readonly component: string
  readonly standing: Standing
  readonly weight: number
}

const SUSPECT_FROM = 0.08

/** @param found the faults that are found, not only likely: a number alone condemns nothing */
export function standPath(
  model: SystemModel,
  state: TabState,
  ranking: Ranking,
  found: readonly string[],
): ComponentStanding[] {
  const failed = new Set(state.findings.failed.map(f => f.about))
  const good = goodTests(model, state)
  const right = new Set([...model.putRight(state.repaired)].map(f => f.id))
  return model.kind.components.map((component) => {
    const own = ranking.suspects.filter(s => s.component === component.id && !right.has(s.fault))
    const weight = own.reduce((sum, s) => sum + s.failed, 0)
    const condemned = own.some(s => failed.has(s.fault) || found.includes(s.fault))
    const cleared = own.every(s => s.ruledOut || s.chance < 0.01) && good.some(t => reaches(model, t, component))
    const standing: Standing
      = isWorkedOn(component.id, state.repaired) && weight < SUSPECT_FROM
        ? 'proven'
        : condemned
          ? 'condemned'
          : weight >= SUSPECT_FROM
            ? 'suspect'
            : cleared
              ? 'proven'
              : 'unproven'
    return { component: component.id, standing, weight }
  })
}

/** Tests whose reading in force is in band, or whose observation is the one that a sound system mostly gives. */
function goodTests(model: SystemModel, state: TabState): Test[] {
  return state.evidence.flatMap(({ line }) => {
    const test = testOf(model.kind, line.test)
    if (!test) return []
    if (line.kind === 'reading') return wordFor(model, line) === 'in-band' ? [test] : []
    return test.kind === 'seen' && test.outcomes[test.usual.indexOf(Math.max(...test.usual))]?.id === line.outcome
      ? [test]
      : []
  })
}

/**
 * A reading speaks for the power path ahead of it; delivery and cut-out speak for the water path; the rest for their
 * own place.
 */
function reaches(model: SystemModel, test: Test, component: ComponentDef): boolean {
  const { components } = model.kind
  const own = componentAt(model.kind, test)
  if (own === component) return true
  if (test.kind === 'seen') return false
  if (component.lane === 'power')
    return own.lane === 'power' && components.indexOf(component) < components.indexOf(own) && test.need === 'live'
  return component.glyph !== 'tank' && (test.quantity === 'flow' || test.variant === 'cut-out')
}
