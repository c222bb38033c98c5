/** Solves circuits once for each set of electrical figures, plants once for each set of flow figures. */
import type { FlowStory } from '#core/flow'
import { mapEach, type NonEmpty } from '#core/foundation'
import type { Description } from './describe/description'
import { isPlantFigure, scoped, type Change, type Figures, type StagedKey } from './figures'
import { OPEN } from './power/resistances'
import { solveStage, type SolvedStage } from './power/stage'

/** Stages and plants of one system by what a change makes of its figures. */
export interface Solver {
  stages(change: Change): NonEmpty<SolvedStage>
  story(change: Change, stages: NonEmpty<SolvedStage>): FlowStory
}

/** Solved networks are large and seldom asked for again: those of so many stages are kept. */
const MOST_SOLVED = 16

export function createSolver(d: Description): Solver {
  const stageCache = new Map<string, SolvedStage>()
  const storyCache = new Map<string, FlowStory>()
  /** what the flow side needs to know of a stage, as a part of its key */
  const turns = new Map<SolvedStage, string>()
  const recent: SolvedStage[] = []
  /** What a change really changes on one side, written down in an order of its own. */
  const differs = (change: Change, pick: (key: string) => boolean): StagedKey[] => {
    const out: StagedKey[] = []
    for (const key in change) {
      const k = key as StagedKey
      if (change[k] !== d.healthy[k] && pick(k)) out.push(k)
    }
    return out.length > 1 ? out.sort() : out
  }
  const stages = mapEach(d.stages, stage => ({
    stage,
    sound: solveStage(stage.power, scoped(d.healthy, stage.prefix)),
    isOwn: (key: string) =>
      !isPlantFigure(key) && (stage.prefix ? key.startsWith(stage.prefix) : !key.includes(':')),
  }))
  const written = (change: Change, keys: readonly StagedKey[]) =>
    keys.length === 1 ? `${keys[0]}=${change[keys[0] as StagedKey]}` : keys.map(k => `${k}=${change[k]}`).join()
  return {
    stages: change =>
      mapEach(stages, ({ stage: s, sound, isOwn }) => {
        const changed = differs(change, isOwn)
        if (changed.length === 0) return sound
        const key = `${s.id}|${written(change, changed)}`
        const kept = stageCache.get(key)
        if (kept) return kept
        const own = Object.fromEntries(changed.map(k => [k.slice(s.prefix.length), change[k]]))
        const f = { ...sound.figures, ...own }
        const fresh = solveStage(s.power, f, { sound, changed: Object.keys(own) })
        stageCache.set(key, fresh)
        recent.push(fresh)
        if (recent.length > MOST_SOLVED) recent.shift()?.forget()
        return fresh
      }),
    story: (change, stages) => {
      let key = written(change, differs(change, isPlantFigure))
      for (const stage of stages) {
        const kept = turns.get(stage) ?? turnOf(stage)
        turns.set(stage, kept)
        key += kept
      }
      const kept = storyCache.get(key)
      if (kept) return kept
      const fresh = d.flow({ ...d.healthy, ...change }, stages)
      storyCache.set(key, fresh)
      return fresh
    },
  }
}

/** What the plant needs to know of a stage. */
function turnOf(stage: SolvedStage): string {
  const slip = stage.turning === 'running' ? stage.slip.toFixed(3) : ''
  return `|${stage.turning}${slip}${stage.tripped}${heldAtRest(stage.figures)}`
}

/** What still feeds the motor with the switch open: the flow side runs on by it. */
const heldAtRest = (f: Figures) =>
  (['switch.rest1', 'starter.rest1', 'pilot.switchRest'] as const).map(k => (f[k] < OPEN ? 'held' : '')).join()
