/** The whole answer for a tab: suspects with their evidence, verdicts, path, causes and what to do next. */
import {
  buildModel,
  testOf,
  type Assumption,
  type ModelOptions,
  type ModelProblem,
  type Nameplate,
  type ShopPractice,
} from '#core/systems'
import type { NetworkProblem } from '#core/circuit'
import { addAt, figureAt, ok, placeAt, type Result } from '#core/foundation'
import type { Evidence, TabState } from '#core/tab'
import { alsoFound, type AlsoFound } from './alsoFound'
import { accountForCauses, type CauseAccount } from './causes'
import { testCost } from './costs'
import type { Decision, Leading } from './decide'
import { expectedBits, inPlay } from './information'
import { describeOne, isPossible, proposeTests, type ProposedTest } from './nextTest'
import { standPath, type ComponentStanding } from './path'
import { findDoubt } from './doubts'
import { hazardsOf, isBarred } from './hazards'
import { withPutBack } from './putBack'
import { findPuzzles, type Puzzle } from './puzzles'
import { faultsOf } from './hypothesis'
import { applyEvidence, rankSuspects, type Ranking, type Suspect } from './suspects'
import { buildTables, type Tables } from './tables'
import { judge, type Verdict } from './verdict'
import { findMended, type Mended } from './mended'
import { unbalancesOf, type Unbalance } from './unbalances'

export interface Isolation {
  readonly suspects: readonly Suspect[]
  readonly verdicts: readonly Verdict[]
  readonly ruledOutBy: Readonly<Record<string, readonly string[]>>
  readonly path: readonly ComponentStanding[]
  readonly causes: readonly CauseAccount[]
  readonly alsoFound: readonly AlsoFound[]
  /** of three voltages or currents at one place */
  readonly unbalances: readonly Unbalance[]
  readonly decision?: Decision
  /** the likeliest, where a number is all that speaks for it: what would settle it */
  readonly leading?: Leading
  readonly next: readonly ProposedTest[]
  /** tests that would tell what made the failed thing fail, best first */
  readonly causeTests: readonly ProposedTest[]
  /** what was put right and was what had failed, as far as the lines tell */
  readonly mended?: Mended
  /** after a repair: what shows that it does its work again, not yet done since */
  readonly proof: readonly ProposedTest[]
  /** once something has been put right: how it stands as far as the lines tell */
  readonly afterRepair?: AfterRepair
  /** tests that are waiting: due when, and what for */
  readonly waiting: readonly {
    readonly test: string
    readonly title: string
    readonly due: string
    readonly why: string
  }[]
  /** lines that no suspect explains well */
  readonly puzzles: readonly Puzzle[]
  readonly assumptions: readonly Assumption[]
}

/** The chance that nothing more is wrong, and what else it could be, likeliest first. */
export interface AfterRepair {
  readonly restored: number
  readonly left: readonly { readonly fault: string, readonly label: string, readonly chance: number }[]
}

/** Builds the model and its tables for a system; kept by the caller for every tab on it. */
export function prepareSystem(
  kind: string,
  nameplate: Nameplate,
  practice?: ShopPractice,
  options?: ModelOptions,
): Result<Tables, ModelProblem | NetworkProblem> {
  const model = buildModel(kind, nameplate, practice, options)
  return model.ok ? ok(buildTables(model.value)) : model
}

/**
 * Readings that later ones have replaced are judged only while they are among the newest lines: a tab of years costs
 * no more than one of a day.
 */
const RECENT = 400

export function isolate(tables: Tables, told: TabState): Isolation {
  const { model } = tables
  const state = withPutBack(model, told)
  const ranking = rankSuspects(tables, state)
  const puzzles = findPuzzles(tables, state, ranking)
  const inForce = new Set(state.evidence.map(e => e.line.id))
  const judged = state.lines.filter(
    (l, i) =>
      (l.kind === 'reading' || l.kind === 'observation')
      && !state.struck.has(l.id)
      && (i >= state.lines.length - RECENT || inForce.has(l.id)),
  )
  const after = state.repaired.length > 0 ? standAfterRepair(tables, state, ranking) : undefined
  const doubt = after && findDoubt(tables, state, ranking, after.restored)
  const rereads = [...puzzles.filter(p => p.reread).map(p => p.test), ...(doubt ? [doubt] : [])]
  const { decision, leading, tests } = proposeTests(tables, state, ranking, rereads, puzzles.length > 0)
  const hazards = hazardsOf(tables, state)
  const allowed = ({ test }: ProposedTest) => !isBarred(model.kind, hazards, tables.tests.get(test)!.test)
  const causes = accountForCauses(tables, state, ranking, decision?.covers)
  return {
    suspects: ranking.suspects,
    verdicts: judged.map(l => judge(tables, state, l as Evidence['line'])),
    ruledOutBy: Object.fromEntries(ranking.ruledOutBy),
    path: standPath(model, state, ranking, decision?.kind === 'found' ? decision.covers.map(c => c.fault) : []),
    causes,
    causeTests: findCauseTests(tables, state, ranking, causes).filter(allowed),
    alsoFound: alsoFound(tables, state, blamed(ranking, decision)),
    unbalances: unbalancesOf(model.kind, state),
    proof: proofOf(tables, state, ranking).filter(allowed),
    ...(after ? { afterRepair: after } : {}),
    ...(decision ? {} : withMended(tables, state, ranking)),
    ...(decision ? { decision } : {}),
    ...(leading ? { leading } : {}),
    next: tests,
    waiting: [...state.waiting].map(([id, { due }]) => {
      const test = testOf(model.kind, id)
      return { test: id, title: test?.title ?? id, due, why: test?.wait?.why ?? '' }
    }),
    puzzles,
    assumptions: model.assumptions.toSorted((a, b) => b.weight - a.weight),
  }
}

function withMended(tables: Tables, state: TabState, ranking: Ranking): { readonly mended?: Mended } {
  const mended = findMended(tables, state, ranking)
  return mended ? { mended } : {}
}

/** What the lines are laid to: what is decided, or what stands out. */
const blamed = ({ suspects }: Ranking, decision: Decision | undefined): readonly string[] =>
  decision ? decision.covers.map(c => c.fault) : suspects.filter(s => s.component && s.chance > 0.3).map(s => s.fault)

/** The proof run: running amps, cut-in and cut-out, delivery, each read since the last repair. */
function proofOf(tables: Tables, state: TabState, ranking: Ranking): ProposedTest[] {
  if (state.repaired.length === 0) return []
  const since = new Set(
    state.evidence.filter(e => e.repaired.length === state.repaired.length).map(e => e.line.test),
  )
  return tables.model.kind.tests
    .filter(t => t.proves && !since.has(t.id) && !state.skipped.has(t.id))
    .flatMap(t => describeOne(tables, state, ranking, t.id) ?? [])
}

function standAfterRepair({ model }: Tables, state: TabState, { chances, suspects }: Ranking): AfterRepair {
  let restored = 0
  const left = new Map<string, number>()
  chances.forEach((c, h) => {
    if (c <= 0) return
    const still = model.without(h, state.repaired)
    if (still === 0) restored += c
    else for (const f of faultsOf(model.hypothesis(still))) left.set(f, (left.get(f) ?? 0) + c)
  })
  const list = [...left].filter(([, chance]) => chance > 0.01).toSorted((x, y) => y[1] - x[1])
  return {
    restored,
    left: list.map(([fault, chance]) => ({
      fault,
      chance,
      label:
        fault === 'other'
          ? 'Something else, or a repair that did not take'
          : suspects.find(s => s.fault === fault)!.label,
    })),
  }
}

/** What lines not yet logged would do: the suspects they would leave, for the reading line to say back. */
export function previewLines(
  tables: Tables,
  state: TabState,
  lines: readonly Evidence['line'][],
): readonly { readonly fault: string, readonly label: string, readonly chance: number }[] {
  const ranking = rankSuspects(tables, state)
  const chances = Float64Array.from(ranking.chances)
  for (const line of lines) applyEvidence(tables, { line, repaired: state.repaired, confirmed: 0 }, chances)
  const sums = new Map<string, number>()
  chances.forEach((c, i) =>
    faultsOf(tables.model.hypothesis(i)).forEach(f => sums.set(f, (sums.get(f) ?? 0) + c)),
  )
  return ranking.suspects
    .map(s => ({ fault: s.fault, label: s.label, chance: sums.get(s.fault) ?? 0 }))
    .toSorted((a, b) => b.chance - a.chance)
    .slice(0, 3)
}

/**
 * The cause as a suspect of its own: for each one not yet looked at, its own test, or the test that best tells
 * whether it is there beside the casualty. Most told for its minutes first.
 */
function findCauseTests(
  tables: Tables,
  state: TabState,
  ranking: Ranking,
  causes: readonly CauseAccount[],
): ProposedTest[] {
  const { model } = tables
  const done = new Set(state.evidence.filter(e => !e.line.asLeft).map(e => e.line.test))
  const open = causes.filter(c => c.open).flatMap(c => c.causes.filter(x => x.standing === 'untested'))
  const scored = open.flatMap((cause) => {
    const fault = model.kind.causeNotes.find(n => n.id === cause.id)?.fault ?? cause.id
    const isFault = model.kind.faults.some(f => f.id === fault)
    const own = cause.test && !done.has(cause.test) ? tables.tests.get(cause.test) : undefined
    const table = own ?? (isFault ? bestFor(tables, state, ranking, fault, done) : undefined)
    if (!table || state.skipped.has(table.test.id) || !isPossible(model, state, ranking, table.test.id)) return []
    const worth = isFault ? 0.4 + 4 * cause.chance : 0.4
    return [{ test: table.test.id, score: worth / testCost(model, state, table.test).weighed }]
  })
  const ids = [...new Set(scored.toSorted((a, b) => b.score - a.score).map(s => s.test))]
  return ids.flatMap(id => describeOne(tables, state, ranking, id) ?? [])
}

/** The test that best tells whether a fault is there or not, for its minutes. */
export function findClearing(tables: Tables, state: TabState, fault: string): ProposedTest | undefined {
  const ranking = rankSuspects(tables, state)
  const table = bestFor(tables, state, ranking, fault, new Set(state.evidence.map(e => e.line.test)))
  return table ? describeOne(tables, state, ranking, table.test.id) : undefined
}

function bestFor(tables: Tables, state: TabState, ranking: Ranking, fault: string, done: ReadonlySet<string>) {
  const { model } = tables
  // as likely as not, so that the question is which test would show it
  const split = Int32Array.from(ranking.chances, (_, h) =>
    faultsOf(model.hypothesis(h)).includes(fault) ? 1 : 0,
  )
  const mass = new Float64Array(2)
  ranking.chances.forEach((c, h) => addAt(mass, placeAt(split, h), c))
  if (!(figureAt(mass, 1) > 0)) return undefined
  const even = ranking.chances.map((c, h) => (0.5 * c) / figureAt(mass, placeAt(split, h)))
  const counted = inPlay(even, split)
  let best: { score: number, id: string } | undefined
  for (const table of tables.tests.values()) {
    if (done.has(table.test.id) || table.test.afterRepair || table.test.onlyTold) continue
    const score = expectedBits(table, counted) / testCost(model, state, table.test).weighed
    if (score > 0.01 && (!best || score > best.score)) best = { score, id: table.test.id }
  }
  return best ? tables.tests.get(best.id) : undefined
}
