/**
 * The state of the work: live, proven dead, discharged, zero pressure, and which line ended what.
 *
 * One rule: **a proof holds only while its writer knew of every line that speaks against it.** A line that says
 * power, and was not seen by whoever wrote the proof, ends it, wherever the two stand in the order: written later, or
 * on a device that had not seen the proof, or by a clock that runs wrong. What the writer knew is what `seen` leads
 * back to. So doubt about the order is never resolved in favour of dead. Besides: discharged holds only with a proof
 * of dead that its writer knew, and a line that says power is taken back, so far as proofs go, only on the device
 * that wrote it.
 */
import type { SystemKind } from '#core/systems'
import type { WorkState } from './kinds'
import { isKnownLine, type AnyLine, type LineOf } from './lines'
import { saysOf, type Says } from './says'

/** Since when and by which line a state of the work holds. */
export interface HeldState {
  readonly at: string
  readonly line: string
  readonly proof?: readonly number[]
  readonly reason?: string
}
export type Work = Readonly<Partial<Record<WorkState, HeldState>>>
/** Proofs that no longer hold: which line they were, and which ended them. */
export type EndedProofs = Readonly<Partial<Record<WorkState, { readonly proof: string, readonly by: string }>>>

type Proven = NonNullable<Says['proves']>
type ProofLine = LineOf<'state'> & { readonly to: Proven }
interface Spoken {
  readonly line: AnyLine
  readonly says: Says
}

/** What has been said of the work so far. The two lists only grow, so that going back is cutting them off. */
export interface WorkLog {
  readonly spoken: Spoken[]
  readonly proofs: ProofLine[]
  /** by a proof's id: the lines that count and that its writer knew */
  readonly knows: Map<string, ReadonlySet<string>>
  /** proofs in force, in order */
  held: readonly ProofLine[]
  ended: EndedProofs
  live?: LineOf<'state'> | undefined
}

export const newWorkLog = (): WorkLog => ({ spoken: [], proofs: [], knows: new Map(), held: [], ended: {} })

export interface WorkMark extends Pick<WorkLog, 'held' | 'ended' | 'live'> {
  readonly spoken: number
  readonly proofs: number
}
export const markWork = ({ spoken, proofs, held, ended, live }: WorkLog): WorkMark => ({
  spoken: spoken.length,
  proofs: proofs.length,
  held,
  ended,
  live,
})

export function cutWork(log: WorkLog, mark: WorkMark) {
  log.spoken.length = mark.spoken
  for (const gone of log.proofs.splice(mark.proofs)) log.knows.delete(gone.id)
  Object.assign(log, { held: mark.held, ended: mark.ended, live: mark.live })
}

/** How far a line still counts: not as a proof once it is struck, not against one once it is taken back. */
export interface Counts {
  readonly proves: boolean
  readonly speaks: boolean
}

/** Takes in the next line in order. @param find a line of the tab by its id */
export function speak(
  log: WorkLog,
  kind: SystemKind,
  line: AnyLine,
  counts: Counts,
  find: (id: string) => AnyLine | undefined,
) {
  const says = saysOf(kind, line)
  if (counts.speaks && (says.power || says.pressure || says.charge)) {
    log.spoken.push({ line, says })
    for (const p of log.held)
      if (speaksAgainst(says, p.to)) log.ended = { ...log.ended, [p.to]: { proof: p.id, by: line.id } }
    log.held = log.held.filter(p => !speaksAgainst(says, p.to))
    if (!log.held.some(p => p.to === 'proven-dead')) log.held = log.held.filter(p => p.to !== 'discharged')
  }
  if (isKnownLine(line) && line.kind === 'state' && line.to === 'live' && counts.proves) log.live = line
  if (says.proves && counts.proves) prove(log, line as ProofLine, find)
}

function prove(log: WorkLog, proof: ProofLine, find: (id: string) => AnyLine | undefined) {
  const knows = knownTo(log, proof, find)
  log.knows.set(proof.id, knows)
  log.proofs.push(proof)
  const against = log.spoken.findLast(s => speaksAgainst(s.says, proof.to) && !knows.has(s.line.id))
  if (against) {
    if (!log.held.some(p => p.to === proof.to))
      log.ended = { ...log.ended, [proof.to]: { proof: proof.id, by: against.line.id } }
    return
  }
  if (proof.to === 'discharged' && !log.held.some(p => p.to === 'proven-dead' && knows.has(p.id))) return
  log.held = [...log.held, proof]
  const { [proof.to]: _again, ...ended } = log.ended
  log.ended = ended
}

const speaksAgainst = (says: Says, to: Proven): boolean => {
  switch (to) {
    case 'proven-dead':
      return says.power ?? false
    case 'discharged':
      return says.power ?? says.charge ?? false
    case 'zero-pressure':
      return says.pressure ?? false
  }
}

/** The counted lines and proofs that `seen` leads back to; what an earlier proof knew is not gone through again. */
function knownTo(log: WorkLog, proof: AnyLine, find: (id: string) => AnyLine | undefined): ReadonlySet<string> {
  const counted = new Set([...log.spoken.map(s => s.line.id), ...log.proofs.map(p => p.id)])
  const known = new Set<string>()
  const visited = new Set<string>([proof.id])
  const next = [...proof.seen]
  while (next.length > 0) {
    const id = next.pop()!
    if (visited.has(id)) continue
    visited.add(id)
    const line = find(id)
    if (!line) continue
    if (counted.has(id)) known.add(id)
    const earlier = log.knows.get(id)
    if (earlier) for (const k of earlier) known.add(k)
    else next.push(...line.seen)
  }
  return known
}

export function workOf({ held, live }: WorkLog): Work {
  const work: Partial<Record<WorkState, HeldState>> = {}
  for (const p of held) work[p.to] = heldBy(p)
  if (live && !work['proven-dead']) work.live = heldBy(live)
  return work
}

const heldBy = ({ at, id, proof, reason }: LineOf<'state'>): HeldState => ({
  at,
  line: id,
  ...(proof ? { proof } : {}),
  ...(reason ? { reason } : {}),
})
