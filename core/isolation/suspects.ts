/** Suspects: what the lines have not ruled out, ranked, each with the lines that moved it and by how much. */
import type { Complaint, Effect, SystemModel } from '#core/systems'
import type { Evidence, TabState } from '#core/tab'
import { likelihoods, type Tables } from './tables'

/** What each line did to one suspect: its chance before and after. */
export interface Move { readonly line: string, readonly before: number, readonly after: number }

export interface Suspect {
  readonly fault: string
  readonly label: string
  readonly component: string
  readonly chance: number
  /** the likeliest degree, where the fault has several */
  readonly severity: string
  readonly moves: readonly Move[]
  readonly settledBy: string
  readonly repair: { readonly label: string, readonly minutes: number, readonly part: string }
  /** dropped by the lines to under a fifth of where it started, and under one in a hundred */
  readonly ruledOut: boolean
}

/** Chance of each complaint being voiced when the system does a thing; judgement of the trade, no source. */
const COMPLAINT_GIVEN: Record<Complaint, Readonly<Partial<Record<Effect | `${string}.${string}`, number>>> & { readonly usual: number }> = {
  'no-water': { 'usual': 0.05, 'runs-dry': 0.7, 'groans': 0.35, 'silent': 0.75, 'trips-breaker': 0.3, 'runs-weak': 0.1, 'surges': 0.03, 'runs': 0.015, 'rapid-cycles': 0.01 },
  'groans': { 'usual': 0.005, 'groans': 0.35, 'runs-weak': 0.03, 'runs': 0.002, 'silent': 0.008 },
  'overload-trips': { 'usual': 0.004, 'groans': 0.3, 'motor.binding': 0.35, 'box.relay-closed': 0.35, 'runs-weak': 0.01, 'silent': 0.02, 'runs': 0.003, 'rapid-cycles': 0.02 },
  'breaker-trips': { 'usual': 0.003, 'trips-breaker': 0.68, 'groans': 0.06, 'runs-weak': 0.02, 'runs': 0.004 },
  'low-pressure': { 'usual': 0.02, 'runs-weak': 0.6, 'runs-dry': 0.12, 'rapid-cycles': 0.1, 'surges': 0.2, 'runs': 0.04 },
  'rapid-cycles': { 'usual': 0.01, 'rapid-cycles': 0.6, 'surges': 0.2, 'runs': 0.02 },
  'runs-on': { 'usual': 0.01, 'runs-on': 0.85, 'runs-dry': 0.12, 'runs-weak': 0.18 },
  'surges': { 'usual': 0.01, 'surges': 0.55, 'rapid-cycles': 0.2 },
  'check-up': { usual: 0.02, runs: 0.8 },
}

export interface Ranking { readonly chances: Float64Array, readonly suspects: readonly Suspect[], readonly ruledOutBy: ReadonlyMap<string, readonly string[]> }

export function rankSuspects(tables: Tables, state: TabState): Ranking {
  const { model } = tables
  const faults = [...new Set(model.hypotheses.map(h => h.fault))]
  const group = model.hypotheses.map(h => faults.indexOf(h.fault))
  const chances = priorWith(model, state.opened?.complaint)
  const start = byFault(chances, group, faults.length)
  const moves = faults.map(() => [] as Move[])
  const ruledOutBy = new Map<string, string[]>()
  const seenRuled = new Set<number>()
  let before = start
  for (const evidence of state.evidence) {
    applyEvidence(tables, evidence, chances)
    const after = byFault(chances, group, faults.length)
    faults.forEach((_, f) => {
      if (Math.abs(Math.log((after[f]! + 1e-12) / (before[f]! + 1e-12))) > 0.05) moves[f]!.push({ line: evidence.line.id, before: before[f]!, after: after[f]! })
      if (isRuledOut(after[f]!, start[f]!) && !seenRuled.has(f)) {
        seenRuled.add(f)
        ruledOutBy.set(evidence.line.id, [...ruledOutBy.get(evidence.line.id) ?? [], faults[f]!])
      }
      else if (!isRuledOut(after[f]!, start[f]!)) {
        seenRuled.delete(f)
      }
    })
    before = after
  }
  const suspects = faults.map((fault, f): Suspect => describe(model, fault, before[f]!, start[f]!, moves[f]!, group, f, chances))
  return { chances, ruledOutBy, suspects: suspects.toSorted((a, b) => b.chance - a.chance) }
}

/** Multiplies in one piece of evidence and rescales to a sum of one. */
export function applyEvidence(tables: Tables, evidence: Evidence, chances: Float64Array) {
  const given = likelihoods(tables, evidence)
  let total = 0
  for (let h = 0; h < chances.length; h++) total += chances[h]! *= given[h]!
  for (let h = 0; h < chances.length; h++) chances[h]! /= total
}

function priorWith(model: SystemModel, complaint: string | undefined): Float64Array {
  const row = complaint && complaint in COMPLAINT_GIVEN ? COMPLAINT_GIVEN[complaint as Complaint] : undefined
  const chances = Float64Array.from(model.hypotheses, h => h.prior * (row && h.fault !== 'other' ? row[h.fault as `${string}.${string}`] ?? row[h.effect] ?? row.usual : row ? 0.1 : 1))
  const total = chances.reduce((a, b) => a + b, 0)
  return chances.map(c => c / total)
}

function byFault(chances: Float64Array, group: readonly number[], n: number): Float64Array {
  const sums = new Float64Array(n)
  chances.forEach((c, h) => {
    sums[group[h]!]! += c
  })
  return sums
}

const isRuledOut = (chance: number, start: number) => chance < 0.01 && chance < start / 5

function describe(model: SystemModel, fault: string, chance: number, start: number, moves: readonly Move[], group: readonly number[], f: number, chances: Float64Array): Suspect {
  const base = { fault, chance, moves, ruledOut: isRuledOut(chance, start) }
  if (fault === 'sound') return { ...base, label: 'Nothing wrong that shows now', component: '', severity: '', settledBy: 'watching it through several cycles', repair: { label: 'Watch it run', minutes: 20, part: '' } }
  if (fault === 'other') return { ...base, label: 'Something not in the catalogue', component: '', severity: '', settledBy: 'a second look, or a second meter', repair: { label: 'Look again', minutes: 30, part: '' } }
  const mode = model.kind.faults.find(m => `${m.component}.${m.mode}` === fault)!
  let best = -1
  let severity = ''
  group.forEach((g, h) => {
    if (g === f && chances[h]! > best) {
      best = chances[h]!
      severity = model.hypotheses[h]!.severity
    }
  })
  return { ...base, label: mode.label, component: mode.component, severity, settledBy: mode.settledBy, repair: mode.repair }
}
