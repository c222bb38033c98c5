/** What the sheet names: by its lines, or as they show it, which signing then names. */
import type { Isolation } from '#core/isolation'
import type { SystemModel } from '#core/systems'
import type { FindingRole, TabState } from '#core/tab'
import type { PlannedRepair } from './repairs'

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
export function findingsOf(
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
export const foundBesides = ({ alsoFound }: Isolation) => alsoFound.filter(a => a.test !== 'asked')

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
  causes.filter(c => !c.suspected).flatMap(c => c.causes.filter(x => x.standing === 'shown').slice(0, 1)).map(c => ({
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
