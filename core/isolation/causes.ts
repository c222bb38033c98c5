/**
 * What made it fail. For each thing found failed, the ways it can have come about: shown, excluded or not yet looked
 * at, with the test that would tell. A cause is open until one is named; replacing the casualty alone leaves it open.
 */
import { findTest, type CauseNote, type SystemModel } from '#core/systems'
import type { Evidence, TabState } from '#core/tab'
import type { Ranking } from './suspects'
import { wordFor } from './verdict'

export type CauseStanding = 'named' | 'shown' | 'excluded' | 'untested'

export interface PossibleCause {
  readonly id: string
  readonly label: string
  readonly why: string
  readonly standing: CauseStanding
  /** chance that it is there, where it is a fault of the catalogue */
  readonly chance: number
  readonly test?: string
  readonly lines: readonly string[]
  readonly advice?: string
}

/** One failed thing and its possible causes; `open` until a cause is named in a finding. */
export interface CauseAccount {
  readonly fault: string
  readonly label: string
  readonly open: boolean
  readonly confirmed: boolean
  readonly causes: readonly PossibleCause[]
}

/** From so much on it is shown; from less, where it was looked at itself; judgement, no source. */
const [LIKELY, LOOKED_AT] = [0.85, 0.7]

export function accountForCauses(
  model: SystemModel,
  state: TabState,
  ranking: Ranking,
  decided?: string,
): CauseAccount[] {
  const failed = state.findings.failed.map(f => f.about)
  const likely = ranking.suspects
    .filter(s => (s.chance >= LIKELY || s.fault === decided) && s.component)
    .map(s => s.fault)
  const named = new Set(state.findings.cause.map(f => f.about))
  // what was put right and nobody named yet: its cause is as open
  const right = [...state.parts, ...state.repairs].flatMap(l => l.fault ?? [])
  const [of = []] = [failed, likely, right].filter(list => list.length > 0)
  return [...new Set(of)].flatMap((fault) => {
    const mode = model.kind.faults.find(f => f.id === fault)
    if (!mode) return []
    const causes = mode.causes.map(link => weigh(model, state, ranking, link.because, link.why, named))
    return [
      {
        fault,
        label: mode.name,
        confirmed: failed.includes(fault),
        open: named.size === 0 && mode.causes.length > 0,
        causes: causes.toSorted((a, b) => ORDER[a.standing] - ORDER[b.standing] || b.chance - a.chance),
      },
    ]
  })
}

const ORDER: Record<CauseStanding, number> = { named: 0, shown: 1, untested: 2, excluded: 3 }

function weigh(
  model: SystemModel,
  state: TabState,
  ranking: Ranking,
  because: string,
  why: string,
  named: ReadonlySet<string>,
): PossibleCause {
  const note = model.kind.causeNotes.find(c => c.id === because)
  const suspect = ranking.suspects.find(s => s.fault === (note?.fault ?? because))
  const chance = suspect?.chance ?? 0
  const about = new Set([because, note?.fault].filter(x => x !== undefined))
  const isNamed = [...about].some(id => named.has(id))
  if (note) {
    const { standing, lines } = standingOf(model, state, note)
    // a reading may clear it where its own test has not been done; a figure a little outside its band is not yet the
    // fault
    const byChance
      = standing === 'untested' && suspect && chance >= LIKELY
        ? 'shown'
        : standing !== 'excluded' && suspect?.ruledOut
          ? 'excluded'
          : standing
    return {
      id: because,
      label: note.name,
      why,
      chance,
      test: note.test,
      advice: note.advice,
      lines,
      standing: isNamed ? 'named' : byChance,
    }
  }
  return {
    id: because,
    label: suspect?.label ?? because,
    why,
    chance,
    lines: suspect?.moves.map(m => m.line) ?? [],
    standing: isNamed
      ? 'named'
      : chance >= (isLookedAt(model, state, suspect) ? LOOKED_AT : LIKELY)
        ? 'shown'
        : suspect?.ruledOut ? 'excluded' : 'untested',
  }
}

/** Whether a look at the part itself speaks for it. */
function isLookedAt(model: SystemModel, state: TabState, suspect: Ranking['suspects'][number] | undefined): boolean {
  const speaking = new Set(suspect?.moves.filter(m => m.bits > 0).map(m => m.line))
  return state.evidence.some(({ line }) => {
    const test = speaking.has(line.id) ? findTest(model.kind, line.test) : undefined
    return test?.kind === 'seen' && suspect !== undefined && suspect.fault in test.chancesByFault
  })
}

/** As found, that is before anything was repaired: a tank aired afterwards must not clear the cause. */
export function standingOf(
  model: SystemModel,
  state: TabState,
  note: CauseNote,
): { standing: CauseStanding, lines: string[] } {
  const shownBy = (test: string) =>
    test === note.test ? note.shownBy : test === note.or?.test ? note.or.shownBy : undefined
  const told = state.evidence.find(({ line }) => {
    const by = line.asLeft ? undefined : shownBy(line.test)
    return by !== undefined && isShown(model, line, by)
  })
  if (told) return { standing: 'shown', lines: [told.line.id] }
  // only its own test can clear it: that nobody told of it does not
  const first = state.evidence.find(e => e.line.test === note.test && !e.line.asLeft)
  return first ? { standing: 'excluded', lines: [first.line.id] } : { standing: 'untested', lines: [] }
}

const isShown = (model: SystemModel, line: Evidence['line'], by: string) =>
  line.kind === 'observation' ? line.outcome === by : wordFor(model, line) === by
