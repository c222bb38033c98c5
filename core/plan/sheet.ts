/**
 * The sheet that ends a tab, drafted out of its lines: what failed, what made it fail, what was found besides, as found
 * beside as left, what is proved and what not, what is still open, advice and follow-ups. What no line names yet is
 * proposed; the sheet that is signed names it.
 */
import type { AfterRepair, Isolation, Tables } from '#core/isolation'
import type { SystemModel } from '#core/systems'
import { asFound, isKnownLine, type FindingRole, type LineOf, type TabState } from '#core/tab'
import type { Facts } from '#core/foundation'
import { adviceFor, followUpsFor, type AdviceCode, type FollowUpCode } from './advice'
import { proofOf, type ProofItem, type ProofStatus } from './proof'
import { judgeRecords } from './records'
import { repairsFor, type PlannedRepair } from './repairs'

export interface SheetFinding {
  readonly role: FindingRole
  readonly about: string
  readonly label: string
  readonly text: string
  /** the line that names it; without one it is proposed */
  readonly line?: string
  /** the lines that show it */
  readonly by: readonly string[]
}
/** A reading as it was found and as it is left, by their lines. */
export interface SheetFigure {
  readonly test: string
  readonly title: string
  readonly left: string
  readonly found?: string
}
export const OPEN_CODES = [
  'not-named', 'cause-open', 'nothing-put-right', 'not-proved', 'temporary', 'left-out', 'also-left',
] as const
export type OpenCode = (typeof OPEN_CODES)[number]
export interface OpenPoint {
  readonly code: OpenCode
  readonly facts: Facts
}
export interface Sheet {
  readonly findings: readonly SheetFinding[]
  /** what the repairs are called, in the order of the work */
  readonly repairs: readonly string[]
  readonly figures: readonly SheetFigure[]
  readonly proof: ProofStatus
  readonly open: readonly OpenPoint[]
  /** how sure it is that nothing more is wrong */
  readonly doubt?: AfterRepair
  readonly advice: readonly AdviceCode[]
  readonly followUps: readonly { readonly code: FollowUpCode, readonly days: number, readonly facts: Facts }[]
}

export function sheetOf(tables: Tables, state: TabState, isolation: Isolation): Sheet {
  const { model } = tables
  const planned = repairsFor(model, state, isolation)
  const findings = findingsOf(model, state, isolation, planned)
  const proof = proofOf(tables, state, isolation, planned)
  const open = openPoints(state, isolation, findings, proof)
  const repairs = planned.filter(r => r.by)
  const landed = judgeRecords(model, state).filter(w => w.of === 'left')
  return {
    findings,
    repairs: repairs.map(r => r.mode.repair.name),
    figures: figuresOf(model, state),
    proof,
    open,
    ...(isolation.afterRepair ? { doubt: isolation.afterRepair } : {}),
    advice: adviceFor(model, repairs, landed, open),
    followUps: followUpsFor(model, open),
  }
}

function findingsOf(
  model: SystemModel,
  state: TabState,
  isolation: Isolation,
  repairs: readonly PlannedRepair[],
): readonly SheetFinding[] {
  const label = labeller(model)
  const named = (role: FindingRole) =>
    state.findings[role].map(({ id, about, text }): SheetFinding => ({
      role, about, label: label(about), text, line: id, by: shownBy(isolation, about),
    }))
  const failed = orElse(named('failed'), likelyFailed(isolation, repairs))
  const cause = orElse(named('cause'), shownCauses(isolation))
  const told = new Set([...failed, ...cause].map(f => f.about))
  return [
    ...failed,
    ...cause,
    ...named('also'),
    ...foundBesides(isolation).filter(a => !told.has(a.id)).map(({ id, label, line }): SheetFinding => ({
      role: 'also', about: id, label, text: id.includes(':') ? label : '', by: [line],
    })),
  ]
}

/** What the customer answered is no thing to put right. */
const foundBesides = ({ alsoFound }: Isolation) => alsoFound.filter(a => a.test !== 'asked')

const orElse = <T>(first: readonly T[], second: readonly T[]) => (first.length > 0 ? first : second)

/** What was put right and was it; else what is decided; else what was put right first and is no cause. */
function likelyFailed(isolation: Isolation, repairs: readonly PlannedRepair[]): readonly SheetFinding[] {
  const shown = new Set(shownCauses(isolation).map(c => c.about))
  const done = repairs.find(r => r.by && !shown.has(r.mode.id))?.mode
  const one = isolation.mended ?? isolation.decision ?? (done && { fault: done.id, label: done.name })
  return one
    ? [{ role: 'failed', about: one.fault, label: one.label, text: '', by: shownBy(isolation, one.fault) }]
    : []
}

const shownCauses = ({ causes }: Isolation): readonly SheetFinding[] =>
  causes.flatMap(c => c.causes.filter(x => x.standing === 'shown').slice(0, 1)).map(c => ({
    role: 'cause', about: c.id, label: c.label, text: '', by: c.lines,
  }))

/** Of a cause the lines that show it; of a fault those that moved it most. */
const shownBy = ({ causes, suspects }: Isolation, about: string): readonly string[] =>
  causes.flatMap(c => c.causes).find(c => c.id === about)?.lines
  ?? (suspects.find(s => s.fault === about)?.moves ?? [])
    .filter(m => m.bits > 0)
    .toSorted((a, b) => b.bits - a.bits)
    .slice(0, 3)
    .map(m => m.line)

const labeller = ({ kind }: SystemModel) => (about: string): string =>
  kind.faults.find(f => f.id === about)?.name ?? kind.causeNotes.find(n => n.id === about)?.name ?? ''

/** As left is what was said to be, or what was read since the last thing that was put right. */
function figuresOf({ kind }: SystemModel, state: TabState): readonly SheetFigure[] {
  const since = state.repaired.length === 0
    ? []
    : state.evidence.flatMap(({ line, repaired }) =>
        (repaired.length === state.repaired.length && line.kind === 'reading' ? [line] : []))
  const left = new Map<string, LineOf<'reading'>>()
  for (const line of [...since, ...state.asLeft]) if (line.kind === 'reading') left.set(line.test, line)
  return [...left].map(([test, line]) => {
    const found = asFound(state, test)
    return {
      test,
      title: kind.tests.find(t => t.id === test)?.title ?? test,
      left: line.id,
      ...(found && found.id !== line.id ? { found: found.id } : {}),
    }
  })
}

function openPoints(
  state: TabState,
  isolation: Isolation,
  findings: readonly SheetFinding[],
  proof: ProofStatus,
): readonly OpenPoint[] {
  const points: OpenPoint[] = []
  const add = (code: OpenCode, facts: Facts = {}) => points.push({ code, facts })
  const failed = findings.find(f => f.role === 'failed')
  const isCheck = state.opened?.complaint === 'check-up'
  const done = state.parts.length + state.repairs.length
  if (!failed && !isCheck) add('not-named')
  const account = isolation.causes.find(c => c.fault === failed?.about) ?? isolation.causes[0]
  if (failed && !findings.some(f => f.role === 'cause') && account && account.causes.length > 0)
    add('cause-open', { what: failed.label })
  if (failed && done === 0) add('nothing-put-right')
  const unproved = proof.items.filter(i => !i.proved)
  if (done > 0 && unproved.length > 0) add('not-proved', { what: unproved.map(titleOf).join('; ') })
  for (const part of state.parts) if (part.temporary) add('temporary', { what: part.on ?? part.component })
  for (const step of stepsLeftOut(state)) add('left-out', { step: step.step, why: step.reason ?? '' })
  const told = new Set(findings.filter(f => f.role !== 'also').map(f => f.about))
  for (const { id, label } of foundBesides(isolation)) if (!told.has(id)) add('also-left', { what: label })
  return points
}

/** By the last word on each step. */
function stepsLeftOut(state: TabState): readonly LineOf<'step'>[] {
  const last = new Map<string, LineOf<'step'>>()
  for (const line of state.worked) if (isKnownLine(line) && line.kind === 'step') last.set(line.step, line)
  return [...last.values()].filter(l => !l.done)
}

const titleOf = ({ title }: ProofItem) => `${title.slice(0, 1).toLowerCase()}${title.slice(1)}`
