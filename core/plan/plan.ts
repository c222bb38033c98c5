/**
 * The plan: from what failed, what made it fail and what was found besides, to steps in a safe order, all repairs
 * together: one lock-out, one drain, one power-on (handbook §§10–12). Stations: put right → wire → set up → prove →
 * settle. What the lines show done is done; the rest is offered one step at a time.
 */
import type { Isolation, Tables } from '#core/isolation'
import { setUpOf, type SetUp } from '#core/setup'
import { STATIONS, type LineOf, type Station, type TabState } from '#core/tab'
import { unwired } from './asks'
import { proofOf, type ProofStatus } from './proof'
import { toProve, toSettle } from './prove'
import { putRight } from './putRight'
import { blankRecord, judgeRecords, type JudgedWiring } from './records'
import { repairsFor, type PlannedRepair } from './repairs'
import { toSetUp } from './setUp'
import type { DraftStep, PlanStep } from './steps'
import { wire } from './wire'

export interface Plan {
  readonly repairs: readonly PlannedRepair[]
  readonly stations: readonly { readonly station: Station, readonly steps: readonly PlanStep[] }[]
  /** the step to do now; nothing once all is done */
  readonly next?: PlanStep
  readonly minutesLeft: number
  readonly wiring: readonly JudgedWiring[]
  /** the part whose wires come off, while nothing is on record of it */
  readonly unwritten?: JudgedWiring
  readonly setUp?: SetUp
  readonly proof: ProofStatus
}

export function planFor(tables: Tables, state: TabState, isolation: Isolation): Plan {
  const { model } = tables
  const repairs = repairsFor(model, state, isolation)
  const opened = unwired(repairs)
  const wiring = judgeRecords(model, state, opened)
  const setUp = setUpOf(model, state)
  const proof = proofOf(tables, state, isolation, repairs)
  const drafts = repairs.length === 0
    ? []
    : [
        ...putRight(model, state, repairs, wiring),
        ...wire(model, state, repairs, wiring),
        ...toSetUp({ tables, state, repairs, wiring, setUp }),
        ...toProve(model, state, proof),
        ...toSettle(state, isolation),
      ]
  const steps = checkedFirst(drafts.map(d => stand(state, d)))
  const unwritten = opened.length > 0 && wiring.length === 0 ? blankRecord(model, opened) : undefined
  const next = steps.find(s => s.standing === 'open' || s.standing === 'blocked')
  return {
    repairs,
    stations: STATIONS.map(station => ({ station, steps: steps.filter(s => s.station === station) })),
    ...(next ? { next } : {}),
    minutesLeft: steps.reduce((sum, s) => sum + (s.standing === 'open' ? s.minutes : 0), 0),
    wiring,
    ...(unwritten ? { unwritten } : {}),
    ...(setUp ? { setUp } : {}),
    proof,
  }
}

/** A step line has the last word on its step; else the lines show it. */
function stand(state: TabState, { doneBy, blocked, ...step }: DraftStep): PlanStep {
  const said = state.worked.findLast((l): l is LineOf<'step'> => l.kind === 'step' && l.step === step.id)
  if (said && (said.done ? !blocked : true))
    return said.done
      ? { ...step, standing: 'done', by: said.id }
      : { ...step, standing: 'left-out', by: said.id, ...(said.reason ? { reason: said.reason } : {}) }
  if (doneBy) return { ...step, standing: 'done', ...(typeof doneBy === 'string' ? { by: doneBy } : {}) }
  return blocked ? { ...step, standing: 'blocked', reason: blocked } : { ...step, standing: 'open' }
}

/** After a refit power waits for the proof of the record and for the ohms, unless a reason was given for each. */
function checkedFirst(steps: readonly PlanStep[]): readonly PlanStep[] {
  const open = steps.some(s =>
    (s.id === 'paper-proof' || s.id === 'ohms') && (s.standing === 'open' || s.standing === 'blocked'))
  return steps.map(s =>
    (s.id === 'power-on' && s.standing === 'open' && open ? { ...s, standing: 'blocked', reason: 'check-first' } : s))
}
