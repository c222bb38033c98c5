/**
 * What made it fail. For each thing found failed, the ways it can have come about: shown, excluded or not yet looked
 * at, with the test that would tell. A cause is open until one is named; replacing the casualty alone leaves it open.
 */
import { findTest, type CauseLink, type CauseNote, type SystemModel } from '#core/systems'
import type { Evidence, TabState } from '#core/tab'
import type { Decision } from './decide'
import { explains, isApartFrom, isOf } from './direct'
import { modeOf } from './hypothesis'
import type { Ranking } from './suspects'
import type { Tables } from './tables'
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

/**
 * One failed thing and its possible causes; `open` until a cause is named in a finding. Of what is only suspected yet
 * there stands no more than what the lines already show.
 */
export interface CauseAccount {
  readonly fault: string
  readonly label: string
  readonly open: boolean
  readonly confirmed: boolean
  readonly suspected: boolean
  readonly causes: readonly PossibleCause[]
}

/** From so much on it is shown; from less, where it was looked at itself; judgement, no source. */
const [LIKELY, LOOKED_AT] = [0.85, 0.7]
/** Bits at which a look at it speaks against it; judgement, no source. */
const SEEN_SOUND = -2
/** From so much on it is worth telling what can have made it; judgement, no source. */
const SUSPECTED = 0.2
/** And beside what is settled; judgement, no source. */
const BESIDE = 0.5

export function accountForCauses(
  tables: Tables,
  state: TabState,
  ranking: Ranking,
  decided: Decision['covers'] = [],
): CauseAccount[] {
  const { model } = tables
  const covered = new Set(decided.filter(c => c.chance >= SUSPECTED).map(c => c.fault))
  const failed = state.findings.failed.map(f => f.about)
  const likely = ranking.suspects
    .filter(s => (s.chance >= LIKELY || covered.has(s.fault)) && s.component)
    .map(s => s.fault)
  const named = new Set(state.findings.cause.map(f => f.about))
  // what was put right and nobody named yet: its cause is as open
  const right = putRight(model, ranking, [...state.parts, ...state.repairs].flatMap(l => l.fault ?? []))
  const of = [failed, [...likely, ...right]].find(list => list.length > 0)
  const suspects = (least: number) => ranking.suspects.filter(s => s.component && s.failed >= least).map(s => s.fault)
  const accounts = [...new Set(of ? [...of, ...suspects(BESIDE)] : suspects(SUSPECTED))].flatMap((fault) => {
    const mode = model.kind.faults.find(f => f.id === fault)
    if (!mode) return []
    const causes = mode.causes.map(link => weigh(tables, state, ranking, link, fault, named))
    return [
      {
        fault,
        label: mode.name,
        confirmed: failed.includes(fault),
        suspected: !of?.includes(fault),
        open: named.size === 0 && mode.causes.length > 0,
        causes: causes.toSorted((a, b) => ORDER[a.standing] - ORDER[b.standing] || b.chance - a.chance),
      },
    ]
  })
  return accounts.flatMap(a => (a.suspected ? onlyShown(a) : [a]))
}

/** Of what one repair puts right what the lines speak for; what it is said of where they speak for nothing else. */
function putRight(model: SystemModel, { suspects }: Ranking, repaired: readonly string[]): readonly string[] {
  return repaired.flatMap((fault) => {
    const component = model.kind.faults.find(f => f.id === fault)?.component
    const right = model.putRight([fault])
    const own = suspects.filter(s => s.component === component && right.has(modeOf(model, s.fault)))
    const spoken = own.filter(s => s.failed >= SUSPECTED).map(s => s.fault)
    return spoken.length > 0 ? spoken : [fault]
  })
}

function onlyShown(account: CauseAccount): readonly CauseAccount[] {
  const causes = account.causes.filter(c => c.standing === 'shown')
  return causes.length > 0 ? [{ ...account, causes }] : []
}

const ORDER: Record<CauseStanding, number> = { named: 0, shown: 1, untested: 2, excluded: 3 }

function weigh(
  tables: Tables,
  state: TabState,
  ranking: Ranking,
  { because, why, stillThere }: CauseLink,
  casualty: string,
  named: ReadonlySet<string>,
): PossibleCause {
  const { model } = tables
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
  // what all else speaks against has to be told apart from what stands
  const stands = (s: Ranking['suspects'][number]) => s.chance >= BESIDE && s.component && s.fault !== because
  const besides = suspect?.ruledOut ? [casualty, ...ranking.suspects.filter(stands).map(s => s.fault)] : []
  const seen = isSeenSound(tables, state, suspect) ? [] : seenOf(tables, state, because, casualty, besides)
  return {
    id: because,
    label: suspect?.label ?? because,
    why,
    chance,
    lines: seen.length > 0 ? seen : suspect?.moves.map(m => m.line) ?? [],
    standing: isNamed
      ? 'named'
      : seen.length > 0 || chance >= (isLookedAt(model, state, suspect) ? LOOKED_AT : LIKELY)
        ? 'shown'
        // what is seldom there any more is ruled out by what explains the rest, and by nothing that was looked at
        : suspect?.ruledOut && stillThere !== 0 ? 'excluded' : 'untested',
  }
}

/** What was seen of the cause itself, and is nothing that the casualty shows, or what stands besides. */
const seenOf = (
  tables: Tables,
  { evidence }: TabState,
  cause: string,
  casualty: string,
  besides: readonly string[],
): readonly string[] =>
  evidence.flatMap(e =>
    e.line.kind === 'observation' && !e.line.asLeft && isSightOf(tables, e, cause)
    && explains(tables, e, cause) && !explains(tables, e, casualty)
    && besides.every(other => isApartFrom(tables, e, cause, other))
      ? [e.line.id]
      : [])

/** Whether it was looked at itself and seen to be sound, whatever else was seen. */
const isSeenSound = (tables: Tables, { evidence }: TabState, suspect: Ranking['suspects'][number] | undefined) =>
  suspect !== undefined && evidence.some(e =>
    isSightOf(tables, e, suspect.fault)
    && suspect.moves.some(m => m.line === e.line.id && m.bits < SEEN_SOUND))

const isSightOf = ({ model, tests }: Tables, e: Evidence, fault: string): boolean => {
  const seen = tests.get(e.line.test)?.test
  return seen?.kind === 'seen' && fault in seen.chancesByFault && isOf(model, seen, e, fault)
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
  // `ants everywhere, points are black`: of two things seen at one look both were there
  const told = state.evidence.find(({ line, earlier = [] }) => {
    const by = line.asLeft ? undefined : shownBy(line.test)
    return by !== undefined && (isShown(model, line, by) || earlier.includes(by))
  })
  if (told) return { standing: 'shown', lines: [told.line.id] }
  // only its own test can clear it: that nobody told of it does not
  const first = state.evidence.find(e => e.line.test === note.test && !e.line.asLeft)
  return first ? { standing: 'excluded', lines: [first.line.id] } : { standing: 'untested', lines: [] }
}

const isShown = (model: SystemModel, line: Evidence['line'], by: string) =>
  line.kind === 'observation' ? line.outcome === by : wordFor(model, line) === by
