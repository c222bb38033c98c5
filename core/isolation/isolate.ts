/** The whole answer for a tab: suspects with their evidence, verdicts, path, causes and what to do next. */
import { buildModel, type ModelProblem, type Nameplate, type Schools } from '#core/systems'
import type { NetworkProblem } from '#core/circuit'
import { ok, type Result } from '#core/foundation'
import type { Evidence, TabState } from '#core/tab'
import { accountForCauses, alsoFound, type CauseAccount } from './causes'
import { describeOne, isPossible, proposeTests, type Decision, type ProposedTest } from './nextTest'
import { standPath, type ComponentStanding } from './path'
import { applyEvidence, rankSuspects, type Ranking, type Suspect } from './suspects'
import { buildTables, type Tables } from './tables'
import { judge, type Verdict } from './verdict'

export interface Isolation {
  readonly suspects: readonly Suspect[]
  readonly verdicts: readonly Verdict[]
  readonly ruledOutBy: Readonly<Record<string, readonly string[]>>
  readonly path: readonly ComponentStanding[]
  readonly causes: readonly CauseAccount[]
  readonly alsoFound: ReturnType<typeof alsoFound>
  readonly decision?: Decision
  readonly next: readonly ProposedTest[]
  /** tests that would tell what made the failed thing fail */
  readonly causeTests: readonly ProposedTest[]
  /** lines that no suspect explains well, most puzzling first */
  readonly puzzling: readonly string[]
  readonly assumptions: readonly string[]
}

/** Builds the model and its tables for a system; kept by the caller for every tab on it. */
export function prepareSystem(kind: string, nameplate: Nameplate, schools?: Schools): Result<Tables, ModelProblem | NetworkProblem> {
  const model = buildModel(kind, nameplate, schools)
  return model.ok ? ok(buildTables(model.value)) : model
}

export function isolate(tables: Tables, state: TabState): Isolation {
  const { model } = tables
  const ranking = rankSuspects(tables, state)
  const judged = state.lines.filter(l => (l.kind === 'reading' || l.kind === 'observation') && !state.struck.has(l.id))
  const { decision, tests } = proposeTests(tables, state, ranking)
  const causes = accountForCauses(model, state, ranking)
  const untested = causes.filter(c => c.open).flatMap(c => c.causes.filter(x => x.standing === 'untested' && x.test).map(x => x.test!))
  return {
    suspects: ranking.suspects,
    verdicts: judged.map(l => judge(model, state, l as Evidence['line'])),
    ruledOutBy: Object.fromEntries(ranking.ruledOutBy),
    path: standPath(model, state, ranking),
    causes,
    causeTests: [...new Set(untested)].filter(t => isPossible(model, ranking, t)).flatMap(t => describeOne(tables, state, ranking, t) ?? []),
    alsoFound: alsoFound(model, state),
    ...(decision ? { decision } : {}),
    next: tests,
    puzzling: findPuzzling(tables, state, ranking),
    assumptions: model.assumptions.map(a => a.text),
  }
}

/** What a line not yet logged would do: the suspects it would leave, for the reading line to say back. */
export function previewLine(tables: Tables, state: TabState, line: Evidence['line']): readonly { readonly fault: string, readonly label: string, readonly chance: number }[] {
  const ranking = rankSuspects(tables, state)
  const chances = Float64Array.from(ranking.chances)
  applyEvidence(tables, { line, repaired: state.repaired }, chances)
  const sums = new Map<string, number>()
  tables.model.hypotheses.forEach((h, i) => sums.set(h.fault, (sums.get(h.fault) ?? 0) + chances[i]!))
  return ranking.suspects.map(s => ({ fault: s.fault, label: s.label, chance: sums.get(s.fault) ?? 0 })).toSorted((a, b) => b.chance - a.chance).slice(0, 3)
}

/** Lines whose removal would make the rest fit far better under every leading suspect. */
function findPuzzling(tables: Tables, state: TabState, ranking: Ranking): string[] {
  const top = ranking.suspects.slice(0, 3).filter(s => s.chance > 0.02)
  return state.evidence.filter(({ line }) => top.length > 0 && top.every((s) => {
    const move = s.moves.find(m => m.line === line.id)
    return move !== undefined && move.after < move.before * 0.2
  })).map(e => e.line.id)
}
