/** What is still open on a tab: it may be settled all the same, and the sheet says so; `core/words` says it. */
import type { Isolation } from '#core/isolation'
import type { Facts } from '#core/foundation'
import { isKnownLine, type LineOf, type TabState } from '#core/tab'
import { foundBesides, type SheetFinding } from './findings'
import type { ProofItem, ProofStatus } from './proof'

export const OPEN_CODES = [
  'not-named', 'cause-open', 'nothing-put-right', 'not-proved', 'temporary', 'left-out', 'also-left',
] as const
export type OpenCode = (typeof OPEN_CODES)[number]
export interface OpenPoint {
  readonly code: OpenCode
  readonly facts: Facts
}
export function openPoints(
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
