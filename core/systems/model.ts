/**
 * The model of a described system: every fault at every degree, the plausible chains of cause and casualty, and what each
 * would show. Circuits are solved once for each set of electrical figures, plants once for each set of flow figures.
 */
import { fail, ok } from '#core/foundation'
import type { FlowStory } from '#core/flow'
import { bandOf } from './bands'
import type { Description } from './describe/description'
import { predict, readsAlike, type Standing } from './predict'
import { OPEN, scoped } from './power/pieces'
import { solveStage, type SolvedStage } from './power/stage'
import { isPutRight } from './putRight'
import { tryTrial } from './trial'
import { faultId, type Band, type Effect, type FaultMode, type Figures, type Hypothesis, type ModelResult, type Nameplate, type NameplateField, type NumericTest, type Prediction, type SeenTest, type SystemKind, type SystemModel } from './types'

const PRIOR_SOUND = 0.03
const PRIOR_OTHER = 0.02
/** Share of a fault's calls where one of its catalogued causes is still there to be found; common practice, no source. */
const CHAINED = 0.1
const PAIRED = 0.05

export interface ModelOptions { readonly rates?: Readonly<Record<string, number>> }

interface Entry { readonly hypothesis: Hypothesis, readonly change: Figures, readonly modes: readonly FaultMode[], /** names by which a table may know each of its faults, the degree first */ readonly names: readonly { readonly degree: string, readonly fault: string }[] }

export function buildSystemModel(d: Description, nameplate: Nameplate, options: ModelOptions): ModelResult {
  const { kind, healthy } = d
  const solver = createSolver(d)
  const entries: Entry[] = listEntries(d, options)
  const total = entries.reduce((sum, e) => sum + e.hypothesis.prior, 0)
  const standings = new Map(d.stages.map(s => [s.id, [] as Standing[]]))
  const index = new Map(entries.map((e, i) => [e.hypothesis.id, i]))
  const stand = (h: number, stageId: string): Standing => {
    const kept = standings.get(stageId) ?? standings.get('')!
    return kept[h] ??= standOf(d, solver, entries[h]!, stageId)
  }
  // what is seen is worked out when it is first asked for, along with all else of that hypothesis
  const finish = (e: Entry, i: number): Hypothesis => {
    let effect: Effect | undefined
    return { ...e.hypothesis, prior: e.hypothesis.prior / total, get effect() { return effect ??= e.modes.length > 0 ? stand(i, '').effect : 'runs' } }
  }
  const hypotheses: Hypothesis[] = entries.map(finish)
  const bands = new Map<string, { readonly band: Band | undefined }>()
  const predictions = createPredictions(stand, entries)
  const rightAfter = new Map<string, ReadonlySet<FaultMode>>()
  const putRight = (repaired: readonly string[]) => {
    const key = repaired.join()
    const known = rightAfter.get(key) ?? new Set(kind.faults.filter(f => isPutRight(kind, f, repaired)))
    rightAfter.set(key, known)
    return known
  }

  const model: SystemModel = {
    kind, nameplate, hypotheses, assumptions: d.plate.assumptions, supplyVolts: d.stages[0]!.supplyVolts, stages: d.stages.map(s => s.id),
    predict: predictions,
    expect: (h, test) => expectOutcomes(d, solver, stand, entries, h, test),
    band: (test) => {
      const kept = bands.get(test.id)
      if (kept) return kept.band
      const stage = d.stages.find(s => s.id === stageOf(test)) ?? d.stages[0]!
      const band = bandOf({ bands: stage.bands, supplyVolts: stage.supplyVolts, healthy, known: d.plate.known, prefix: stage.prefix }, test, predictions(0, test))
      bands.set(test.id, { band })
      return band
    },
    network: (scenario, h, stage = '') => stand(h, stage).stage.network(scenario),
    story: h => stand(h, '').story,
    putRight,
    without: (h, repaired) => {
      const { modes, hypothesis } = entries[h]!
      const right = putRight(repaired)
      const left = modes.filter(m => !right.has(m))
      if (left.length === modes.length) return h
      return left.length === 1 && hypothesis.parts ? hypothesis.parts[modes.indexOf(left[0]!)]! : 0
    },
    addPairs: pairs => pairs.map(([a, b]) => {
      const made = pairOf(entries, Math.min(a, b), Math.max(a, b), 'beside', PAIRED)
      const [one, two] = [entries[a]!.hypothesis.id, entries[b]!.hypothesis.id]
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

export const stageOf = (test: NumericTest | SeenTest): string => test.kind === 'seen' ? test.trial?.stage ?? '' : 'stage' in test.probe ? test.probe.stage ?? '' : ''

function listEntries(d: Description, { rates }: ModelOptions): Entry[] {
  const { kind, healthy } = d
  const none = { change: {}, modes: [], names: [] }
  const entries: Entry[] = [
    { ...none, hypothesis: { id: 'sound', fault: 'sound', severity: '', prior: PRIOR_SOUND, effect: 'runs' } },
    { ...none, hypothesis: { id: 'other', fault: 'other', severity: '', prior: PRIOR_OTHER, effect: 'runs' } },
  ]
  for (const mode of kind.faults) {
    const id = faultId(mode)
    for (const severity of mode.severities) {
      entries.push({ change: severity.change(healthy), names: [{ degree: `${id}:${severity.id}`, fault: id }], modes: [mode], hypothesis: { id: `${id}:${severity.id}`, fault: id, severity: severity.label, prior: (rates?.[id] ?? mode.baseRate) * severity.share, effect: 'runs' } })
    }
  }
  const singles = entries.length
  for (let casualty = 2; casualty < singles; casualty++) for (const [cause, share] of causesOf(kind, entries, casualty, singles)) entries.push(pairOf(entries, casualty, cause, 'cause', CHAINED * share))
  return entries
}

/** The catalogued causes of a fault that are faults themselves: each at its two likeliest degrees, with the share of each. */
function causesOf(kind: SystemKind, entries: readonly Entry[], casualty: number, singles: number): (readonly [number, number])[] {
  const mode = entries[casualty]!.modes[0]!
  const faults = mode.causes.flatMap((link) => {
    const fault = kind.causeNotes.find(n => n.id === link.because)?.fault ?? link.because
    return fault.includes('.') ? [fault] : []
  })
  return [...new Set(faults)].flatMap((fault) => {
    const own: number[] = []
    for (let i = 2; i < singles; i++) if (entries[i]!.hypothesis.fault === fault) own.push(i)
    const likeliest = own.toSorted((a, b) => entries[b]!.hypothesis.prior - entries[a]!.hypothesis.prior).slice(0, 2)
    const total = likeliest.reduce((sum, i) => sum + entries[i]!.hypothesis.prior, 0)
    return likeliest.map(i => [i, entries[i]!.hypothesis.prior / total] as const)
  })
}

function pairOf(entries: readonly Entry[], a: number, b: number, role: 'cause' | 'beside', share: number): Entry {
  const [first, second] = [entries[a]!, entries[b]!]
  const prior = role === 'cause' ? first.hypothesis.prior * share : share * first.hypothesis.prior * second.hypothesis.prior
  return {
    change: { ...second.change, ...first.change }, names: [...first.names, ...second.names], modes: [first.modes[0]!, second.modes[0]!],
    hypothesis: { id: `${first.hypothesis.id}+${second.hypothesis.id}`, fault: first.hypothesis.fault, severity: first.hypothesis.severity, prior, effect: 'runs', second: { fault: second.hypothesis.fault, role }, parts: [a, b] },
  }
}

interface Solver { stages(change: Figures): readonly SolvedStage[], story(change: Figures, stages: readonly SolvedStage[]): FlowStory }

/** Solved networks are large and seldom asked for again: those of so many stages are kept. */
const MOST_SOLVED = 16

function createSolver(d: Description): Solver {
  const stageCache = new Map<string, SolvedStage>()
  const storyCache = new Map<string, FlowStory>()
  /** what the flow side needs to know of a stage, as a part of its key */
  const turns = new Map<SolvedStage, string>()
  const recent: SolvedStage[] = []
  const sound = d.stages.map(s => solveStage(s.power, scoped(d.healthy, s.prefix)))
  /** What a change really changes on one side, written down in an order of its own. */
  const differs = (change: Figures, pick: (key: string) => boolean): string[] => {
    const out: string[] = []
    for (const k in change) if (change[k] !== d.healthy[k] && pick(k)) out.push(k)
    return out.length > 1 ? out.sort() : out
  }
  const picks = d.stages.map(s => (key: string) => !d.isFlow(key) && (s.prefix ? key.startsWith(s.prefix) : !key.includes(':')))
  const written = (change: Figures, keys: readonly string[]) => keys.length === 1 ? `${keys[0]}=${change[keys[0]!]}` : keys.map(k => `${k}=${change[k]}`).join()
  return {
    stages: change => d.stages.map((s, i) => {
      const changed = differs(change, picks[i]!)
      if (changed.length === 0) return sound[i]!
      const key = `${s.id}|${written(change, changed)}`
      const kept = stageCache.get(key)
      if (kept) return kept
      const f: Record<string, number> = { ...d.healthy }
      for (const k of changed) f[k] = change[k]!
      const fresh = solveStage(s.power, scoped(f, s.prefix), { sound: sound[i]!, changed: s.prefix ? changed.map(k => k.slice(s.prefix.length)) : changed })
      stageCache.set(key, fresh)
      recent.push(fresh)
      if (recent.length > MOST_SOLVED) recent.shift()!.forget()
      return fresh
    }),
    story: (change, stages) => {
      let key = written(change, differs(change, d.isFlow))
      for (const stage of stages) {
        const kept = turns.get(stage) ?? `|${stage.turning}${stage.turning === 'running' ? stage.slip.toFixed(3) : ''}${stage.tripped}${heldAtRest(stage.figures)}`
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

/** What still feeds the motor with the switch open: the flow side runs on by it. */
const heldAtRest = (f: Figures) => ['switch.rest1', 'starter.rest1', 'pilot.switchRest'].map(k => (f[k] ?? OPEN) < OPEN ? 'held' : '').join()

function standOf(d: Description, solver: Solver, entry: Entry, stageId: string): Standing {
  const stages = solver.stages(entry.change)
  const i = Math.max(0, d.stages.findIndex(s => s.id === stageId))
  const figures = { ...d.healthy, ...entry.change }
  const story = solver.story(entry.change, stages)
  const effect = i === 0 ? effectOf(entry, stages[0]!, story) : d.stageEffect?.(d.stages[i]!.id, figures, stages[i]!) ?? stages[i]!.effect
  return {
    figures, healthy: d.healthy, stage: stages[i]!, spread: d.stages[i]!.spread, story, heals: entry.modes.length === 1 && entry.modes[0]!.heals === true,
    effect, seenAs: `${d.stages[i]!.id || 'effect'}:${effect}`,
    tankKnown: entry.modes.length === 0 || entry.modes.some(m => m.component === 'tank'),
  }
}

/** What is seen: the circuit first, then the plant, then what neither shows. */
function effectOf(entry: Entry, main: SolvedStage, story: FlowStory): Effect {
  if (main.effect !== 'runs') return main.effect
  if (story.effect !== 'runs') return story.effect
  return entry.modes.find(m => m.effect)?.effect ?? 'runs'
}

type Stand = (h: number, stage: string) => Standing

/**
 * What a test reads under a hypothesis: as the sound system where nothing that it hangs on has changed, or as one fault of
 * two where the other does not touch it; else worked out.
 */
function createPredictions(stand: Stand, entries: readonly Entry[]): (h: number, test: NumericTest) => Prediction {
  const kept = new Map<NumericTest, Prediction[]>()
  return (h, test) => {
    const own = kept.get(test) ?? []
    if (own.length === 0) kept.set(test, own)
    const stage = stageOf(test)
    const find = (i: number): Prediction => own[i] ??= workOut(i)
    const workOut = (i: number): Prediction => {
      const standing = stand(i, stage)
      if (i === 0) return predict(standing, test)
      const { parts = [] } = entries[i]!.hypothesis
      for (const other of [0, ...parts]) if (readsAlike(standing, stand(other, stage), test)) return find(other)
      return predict(standing, test)
    }
    // the catch-all reads as the sound system here; the tables blend it from all the others
    return find(entries[h]!.hypothesis.fault === 'other' ? 0 : h)
  }
}

/** Chances of what is seen: by trial where the model can work it out, by table otherwise; two faults at once are combined. */
function expectOutcomes(d: Description, solver: Solver, stand: Stand, entries: readonly Entry[], h: number, test: SeenTest): readonly number[] {
  const entry = entries[h]!
  if (test.trial) {
    const row = tryTrial(test, { healthy: d.healthy, figures: stand(h, '').figures, change: entry.change, stage: id => stand(h, id).stage, solve: change => solver.stages(change), stages: d.stages.map(s => s.id), plantEffect: (change, stages) => solver.story(change, stages).effect })
    if (row) return row
  }
  const { given } = test
  let own: readonly number[] | undefined
  let second: readonly number[] | undefined
  for (const { degree, fault } of entry.names) {
    const row = given[degree] ?? given[fault]
    if (own) second = row
    else own = row
  }
  if (own) return second ? combine(test, own, second) : own
  for (const s of d.stages) {
    const row = given[stand(h, s.id).seenAs]
    if (row) return row
  }
  return test.usual
}

/** Two things wrong at once: the usual answer needs both to keep quiet, the rest share what is left. */
function combine(test: SeenTest, a: readonly number[], b: readonly number[]): number[] {
  const usual = test.usual.indexOf(Math.max(...test.usual))
  const quiet = a[usual]! * b[usual]!
  const rest = a.map((v, i) => i === usual ? 0 : v + b[i]!)
  const sum = rest.reduce((x, y) => x + y, 0) || 1
  return rest.map((v, i) => i === usual ? quiet : v / sum * (1 - quiet))
}

/** What is known of the place and the life of a system rather than of a part. */
export const SITE_FIELDS: readonly NameplateField[] = [
  { id: 'altitude', label: 'Height above sea level', quantity: 'altitude', range: [-500, 5000] },
  { id: 'duty', label: 'Duty', quantity: 'choice', choices: ['usual', 'heavy'] },
  { id: 'water', label: 'Water', quantity: 'choice', choices: ['clear', 'sandy or rusty'] },
  { id: 'surroundings', label: 'Surroundings', quantity: 'choice', choices: ['dry', 'damp'] },
]

/** Names a figure that the kind does not have or that makes no sense. */
export function findBadField(kind: SystemKind, nameplate: Nameplate) {
  for (const [field, value] of Object.entries(nameplate)) {
    const [component, id] = field.split('.')
    const known = component === 'site' ? SITE_FIELDS.find(f => f.id === id) : kind.components.find(c => c.id === component)?.fields?.find(f => f.id === id)
    if (!known) return fail('nameplate', { field, problem: 'this system has no such figure' })
    const [low, high] = known.choices ? [0, known.choices.length - 1] : known.range ?? [-Infinity, Infinity]
    if (!(value >= low && value <= high)) return fail('nameplate', { field, value, low, high, problem: `${known.label} is outside what makes sense` })
  }
  return undefined
}
