/**
 * The model of a described system: every fault at every degree, the plausible chains of cause and casualty, and what
 * each would show. Circuits are solved once for each set of electrical figures, plants once for each set of flow
 * figures.
 */
import type { FlowStory } from '#core/flow'
import { itemAt, mapEach, ok, type NonEmpty } from '#core/foundation'
import { bandOf } from './bands'
import { climbOf } from './climb'
import type { Description } from './describe/description'
import { degreeOf, listEntries, pairBeside, type Entry, type ModelOptions } from './entries'
import { leakHole } from './leakHole'
import { jointWatts } from './joints'
import { predict, readsAlike } from './predicting/predict'
import type { Standing } from './predicting/standing'
import type { SolvedStage } from './power/stage'
import { isPutRight } from './putRight'
import { scalesOf, stretch } from './scale'
import { createSolver, type Solver } from './solver'
import { takesOut, tryTrial } from './trial'
import { over, type Change } from './figures'
import type { Effect, FaultMode } from './faultTypes'
import type { NumericTest, Prediction, SeenTest } from './testTypes'
import type { Band, Hypothesis, ModelResult, Nameplate, SystemModel } from './types'

export function buildSystemModel(d: Description, nameplate: Nameplate, options: ModelOptions): ModelResult {
  const { kind, healthy } = d
  const solver = createSolver(d)
  const entries: Entry[] = listEntries(d, options)
  const total = entries.reduce((sum, e) => sum + e.hypothesis.prior, 0)
  const standings: NonEmpty<Standing>[] = []
  const entryAt = (h: number) => itemAt(entries, h, 'entry')
  const index = new Map(entries.map((e, i) => [e.hypothesis.id, i]))
  const stages = new Map(d.stages.map((s, i) => [s.id as string, i]))
  const standAll = (h: number): NonEmpty<Standing> => (standings[h] ??= standOf(d, solver, entryAt(h)))
  const stand = (h: number, stage: string): Standing => standAll(h)[stages.get(stage) ?? 0] ?? standAll(h)[0]
  // what is seen is worked out when it is first asked for, along with all else of that hypothesis
  const finish = (e: Entry, i: number): Hypothesis => {
    let effect: Effect | undefined
    return {
      ...e.hypothesis,
      prior: e.hypothesis.prior / total,
      get effect() {
        return (effect ??= e.modes.length > 0 ? stand(i, '').effect : 'runs')
      },
    }
  }
  const hypotheses: Hypothesis[] = entries.map(finish)
  const bands = new Map<string, { readonly band: Band | undefined }>()
  const predictions = createPredictions(stand, entries, neighboursOf(d, entries))
  const rightAfter = new Map<string, ReadonlySet<FaultMode>>()
  const putRight = (repaired: readonly string[]) => {
    const key = repaired.join()
    const known = rightAfter.get(key) ?? new Set(kind.faults.filter(f => isPutRight(kind, f, repaired)))
    rightAfter.set(key, known)
    return known
  }

  const model: SystemModel = {
    kind,
    practice: d.practice,
    nameplate,
    hypotheses,
    hypothesis: h => itemAt(hypotheses, h, 'hypothesis'),
    assumptions: d.plate.assumptions,
    supplyVolts: d.stages[0].supplyVolts,
    stages: d.stages.map(s => s.id),
    predict: predictions,
    expect: (h, test) => expectOutcomes(d, solver, standAll(h), entryAt(h), test),
    band: (test) => {
      const kept = bands.get(test.id)
      if (kept) return kept.band
      const stage = d.stages.find(s => s.id === stageOf(test)) ?? d.stages[0]
      const band = bandOf(
        {
          bands: stage.bands,
          supplyVolts: stage.supplyVolts,
          healthy,
          known: d.plate.known,
          prefix: stage.prefix,
        },
        test,
        predictions(0, test),
      )
      bands.set(test.id, { band })
      return band
    },
    climb: (test) => {
      const whole = test.band === 'running-amps' && stageOf(test) === '' ? model.band(test) : undefined
      return whole ? climbOf(d, solver, stand(0, ''), test, whole) : []
    },
    network: (scenario, h, stage = '') => stand(h, stage).stage.network(scenario),
    story: h => stand(h, '').story,
    leaksLike: onceEach(h => leakHole(kind.medium, { ...healthy, ...entryAt(h).change }, healthy, d.airPressure)),
    burns: onceEach(h => jointWatts(stand(h, '').stage, stand(0, '').stage)),
    putRight,
    takesOut: ({ trial }, mode) => trial !== undefined && takesOut(trial, mode, healthy),
    without: (h, repaired) => {
      const { modes, hypothesis } = entryAt(h)
      const right = putRight(repaired)
      const left = modes.filter(m => !right.has(m))
      if (left.length === modes.length) return h
      const [one, ...more] = left
      return one && more.length === 0 && hypothesis.parts ? itemAt(hypothesis.parts, modes.indexOf(one), 'part') : 0
    },
    addPairs: pairs =>
      pairs.map(([a, b]) => {
        const made = pairBeside(entries, a, b)
        const [one, two] = [entryAt(a).hypothesis.id, entryAt(b).hypothesis.id]
        const known = index.get(`${one}+${two}`) ?? index.get(`${two}+${one}`)
        if (known !== undefined) return known
        entries.push(made)
        index.set(made.hypothesis.id, entries.length - 1)
        hypotheses.push(finish(made, entries.length - 1))
        return entries.length - 1
      }),
  }
  return ok(model)
}

export const stageOf = (test: NumericTest | SeenTest): string =>
  test.kind === 'seen' ? (test.trial?.stage ?? '') : 'stage' in test.probe ? (test.probe.stage ?? '') : ''

/** How every stage stands under a hypothesis. */
function standOf(d: Description, solver: Solver, entry: Entry): NonEmpty<Standing> {
  const stages = solver.stages(entry.change)
  const figures = over(d.healthy, entry.change)
  const story = solver.story(entry.change, stages)
  const shared = {
    figures,
    healthy: d.healthy,
    story,
    heals: entry.modes.length === 1 && entry.modes[0]?.heals === true,
    tankKnown: entry.modes.length === 0 || entry.modes.some(m => m.component === 'tank'),
    volumeKnown: d.plate.known.has('tank.volume'),
  }
  return mapEach(d.stages, ({ id, spread }, i) => {
    const stage = itemAt(stages, i, 'stage')
    const later = () => d.stageEffect?.(id, figures, stage) ?? stage.effect
    const effect = i === 0 ? effectOf(entry, stage, story) : later()
    return { ...shared, stage, spread, effect, seenAs: id ? `${id}:${effect}` : effect }
  })
}

/** What is seen: the circuit first, then the plant, then what neither shows. */
function effectOf(entry: Entry, main: SolvedStage, story: FlowStory): Effect {
  if (main.effect !== 'runs') return main.effect
  if (story.effect !== 'runs') return story.effect
  return entry.modes.find((m, i) => m.effect && !degreeOf(m, entry.names[i])?.slight)?.effect ?? 'runs'
}

type Stand = (h: number, stage: string) => Standing
const NO_PARTS: readonly number[] = []
/** The degrees of a fault that is a scale, by their places, in their order, and which of them this is. */
interface Neighbours {
  readonly scale: readonly number[]
  readonly at: number
  /** from one degree to the next it is ten times as bad and more */
  readonly byDecades: boolean
}
/** From the slightest degree to the worst: what leaks to earth lies between nothing and megohms. */
const DECADES = 1000

function isByDecades(degrees: readonly Change[]): boolean {
  const all = degrees.flatMap(d => (Object.values(d) as number[]).map(Math.abs).filter(v => v > 0))
  return Math.max(...all) > DECADES * Math.min(...all)
}

function neighboursOf({ healthy }: Description, entries: readonly Entry[]): ReadonlyMap<number, Neighbours> {
  const found = new Map<number, Neighbours>()
  for (let i = 2; i < entries.length; i++) {
    const { modes: [mode, second] } = itemAt(entries, i, 'entry')
    if (!mode || second || entries[i - 1]?.modes[0] === mode) continue
    for (const places of scalesOf(mode, healthy)) {
      const scale = places.map(n => i + n)
      const byDecades = isByDecades(places.map(n => itemAt(mode.severities, n, 'severity').change(healthy)))
      scale.forEach((place, at) => found.set(place, { scale, at, byDecades }))
    }
  }
  return found
}

/**
 * What a test reads under a hypothesis: as the sound system where nothing that it hangs on has changed, or as one
 * fault of two where the other does not touch it; else worked out.
 */
function createPredictions(
  stand: Stand,
  entries: readonly Entry[],
  neighbours: ReadonlyMap<number, Neighbours>,
): (h: number, test: NumericTest) => Prediction {
  const kept = new Map<NumericTest, (h: number) => Prediction>()
  const predictionsOf = (test: NumericTest) => {
    const own: Prediction[] = []
    const plain: Prediction[] = []
    const stage = stageOf(test)
    const find = (i: number): Prediction => (own[i] ??= along(i))
    const along = (i: number): Prediction => {
      const beside = neighbours.get(i)
      if (!beside) return asItIs(i)
      const { scale, at, byDecades } = beside
      const own = asItIs(i)
      // half way from ohms to kilohms volts are not half as many: only ohms themselves lie evenly along such a scale
      if (byDecades && !own.log) return own
      // a breaker that lets go ends what is read while it holds: half way to nothing there is nothing
      const holds = ({ stage: { tripped } }: Standing) => !tripped
      const isLive = ['volts', 'amps'].includes(test.probe.ask)
      const ends = (n: number) =>
        isLive && holds(stand(i, stage)) !== holds(stand(itemAt(scale, n, 'degree'), stage))
      return stretch(scale.map(asItIs), at, asItIs(0), ends)
    }
    const asItIs = (i: number): Prediction => (plain[i] ??= workOut(i))
    const workOut = (i: number): Prediction => {
      const standing = stand(i, stage)
      if (i === 0) return predict(standing, test)
      if (readsAlike(standing, stand(0, stage), test)) return asItIs(0)
      for (const other of itemAt(entries, i, 'entry').hypothesis.parts ?? NO_PARTS)
        if (readsAlike(standing, stand(other, stage), test)) return find(other)
      return predict(standing, test)
    }
    // the catch-all reads as the sound system here; the tables blend it from all the others
    return (h: number) => find(itemAt(entries, h, 'entry').hypothesis.fault === 'other' ? 0 : h)
  }
  return (h, test) => {
    const known = kept.get(test)
    if (known) return known(h)
    const fresh = predictionsOf(test)
    kept.set(test, fresh)
    return fresh(h)
  }
}

/**
 * Chances of what is seen: by the table of the fault, by trial where the model can work it out, by what the system does
 * otherwise; two faults at once are combined.
 */
function expectOutcomes(
  d: Description,
  solver: Solver,
  stands: NonEmpty<Standing>,
  entry: Entry,
  test: SeenTest,
): readonly number[] {
  const { byFault, byEffect } = rowsOf(test)
  const [one, two] = entry.names
  const first = one && (byFault.get(one.degree) ?? byFault.get(one.fault))
  const second = two && (byFault.get(two.degree) ?? byFault.get(two.fault))
  if (first && second) return combine(test, first, second)
  const either = first ?? second
  if (either) return either
  const tried = test.trial && tryTrial(test, test.trial, {
    healthy: d.healthy,
    figures: stands[0].figures,
    change: entry.change,
    before: stands,
    solve: change => solver.stages(change),
    stages: d.stages.map(s => s.id),
    plantEffect: (change, stages) => solver.story(change, stages).effect,
  })
  if (tried) return tried
  for (const { seenAs } of stands) {
    const row = byEffect.get(seenAs)
    if (row) return row
  }
  return test.usual
}

interface Rows {
  readonly byFault: ReadonlyMap<string, readonly number[]>
  readonly byEffect: ReadonlyMap<string, readonly number[]>
}
const rows = new WeakMap<SeenTest, Rows>()

/** The chances of a test as they are looked up for every hypothesis. */
function rowsOf(test: SeenTest): Rows {
  const known = rows.get(test)
  if (known) return known
  const fresh = {
    byFault: new Map(Object.entries(test.chancesByFault)),
    byEffect: new Map(Object.entries(test.chancesByEffect)),
  }
  rows.set(test, fresh)
  return fresh
}

/** Two things wrong at once: the usual answer needs both to keep quiet, the rest share what is left. */
function combine(test: SeenTest, a: readonly number[], b: readonly number[]): number[] {
  const usual = test.usual.indexOf(Math.max(...test.usual))
  const quiet = itemAt(a, usual, 'chance') * itemAt(b, usual, 'chance')
  const rest = a.map((v, i) => (i === usual ? 0 : v + itemAt(b, i, 'chance')))
  const sum = rest.reduce((x, y) => x + y, 0) || 1
  return rest.map((v, i) => (i === usual ? quiet : (v / sum) * (1 - quiet)))
}

/** Worked out when a hypothesis is first asked for. */
function onceEach<T>(work: (hypothesis: number) => T): (hypothesis: number) => T {
  const known = new Map<number, { readonly made: T }>()
  return (h) => {
    const before = known.get(h) ?? { made: work(h) }
    known.set(h, before)
    return before.made
  }
}
