/**
 * The sheet that ends a tab, drafted out of its lines: what failed, what made it fail, what was found besides, as found
 * beside as left, what is proved and what not, what is still open, advice and follow-ups. What no line names yet is
 * proposed; the sheet that is signed names it.
 */
import type { AfterRepair, Isolation, Tables } from '#core/isolation'
import { testOf, type SystemModel } from '#core/systems'
import { asFound, readAsLeft, type TabState } from '#core/tab'
import type { Facts } from '#core/foundation'
import { unwired } from './asks'
import { adviceFor, followUpsFor, type AdviceCode, type FollowUpCode } from './advice'
import { findingsOf, type SheetFinding } from './findings'
import { openPoints, type OpenPoint } from './openPoints'
import { proofOf, type ProofStatus } from './proof'
import { judgeRecords } from './records'
import { repairsFor } from './repairs'

/** A reading as it was found and as it is left, by their lines. */
export interface SheetFigure {
  readonly test: string
  readonly title: string
  readonly left: string
  readonly found?: string
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
  const landed = judgeRecords(model, state, unwired(planned)).filter(w => w.of === 'left')
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

function figuresOf({ kind }: SystemModel, state: TabState): readonly SheetFigure[] {
  const left = new Map(readAsLeft(state).map(line => [line.test, line]))
  return [...left].map(([test, line]) => {
    const found = asFound(state, test)
    return {
      test,
      title: testOf(kind, test)?.title ?? test,
      left: line.id,
      ...(found && found.id !== line.id ? { found: found.id } : {}),
    }
  })
}
