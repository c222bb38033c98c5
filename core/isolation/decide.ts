/**
 * When to stop measuring: when what is left is one repair and was shown (direct.ts), when a repair that can be undone
 * costs less than knowing more, as a trial, or when no test on site can part what is left. A number alone finds
 * nothing, however high: then it is the likeliest, with what would settle it. The pump comes up only when everything
 * above ground is excluded, and it is said by what.
 *   loss of acting on R = (1 − P(R)) × (minutes of R + minutes of coming back);  a test is worth it if it lowers the
 *   loss by more than its cost
 */
import { addAt, figureAt, placeAt } from '#core/foundation'
import { componentOf, repairCautions, type SystemModel } from '#core/systems'
import type { TabState } from '#core/tab'
import { chanceOfAny, groupByRepair, repairChances, sumGroups, type Groups } from './groups'
import { modeOf } from './hypothesis'
import type { Ranking, Suspect } from './suspects'
import { directLines, excludingLines, isPlain, seenLines } from './direct'
import { whereItComesIn, wouldShow, type Weighed } from './settle'
import type { Tables, TestTable } from './tables'

/** Enough is known: the repair, the faults it covers, and why to stop here. */
export interface Decision {
  readonly kind: 'found' | 'trial' | 'inseparable'
  readonly fault: string
  readonly label: string
  readonly repair: string
  readonly repairId: string
  readonly chance: number
  readonly minutes: number
  /** all faults that this repair puts right and that are still likely: one decision */
  readonly covers: readonly { readonly fault: string, readonly label: string, readonly chance: number }[]
  readonly why: string
  /** the lines that show it, or that exclude all else */
  readonly by: readonly string[]
  /** what to do before a hand goes there */
  readonly cautions: readonly string[]
  /** for what comes up out of the ground: what stands above it and the lines that exclude it */
  readonly excludes?: readonly { readonly label: string, readonly lines: readonly string[] }[]
}

/** Likely, and no more: named with the test that would settle it. */
export interface Leading {
  readonly fault: string
  readonly label: string
  readonly chance: number
  readonly settleBy: string
}

export interface Stand {
  readonly decision?: Decision
  readonly leading?: Leading
  /** what has to be read before a dear part is condemned, however little is left to tell */
  readonly settling?: Weighed
}

const ENOUGH = 0.95
/** from so much on, what shows it directly is enough; or from less, where no other comes near: plainly seen, or not */
const [SHOWN, FOREMOST, AHEAD, FAR_AHEAD] = [0.75, 0.55, 3, 4]
const LIKELY = 0.9
/** from so much on a suspect counts among those that a repair covers */
const COVERED = 0.02
/** and from so much on what is renewed along with it speaks for it; judgement, no source */
const RENEWED = 0.1
/** what was seen is put right first from so much on, and so far ahead of the next; common practice, no source */
const [SEEN_FIRST, SEEN_AHEAD] = [0.2, 1.5]
/** what nothing more tells of is tried from so much on; judgement, no source */
const TRIED_LAST = 0.4
/** or from so much on, where the likelier is dear and of the same part; judgement, no source */
const TRIED_BEFORE = 0.15
const COMING_BACK = 50 // minutes lost by a repair that was not it; common practice, no source
const COSTLY = 110 // minutes from which a repair is costly
const UNDONE = 85 // minutes from which it is not tried to see: a motor, the head of a pump; common practice, no source
const ABOVE_LEFT = 0.03
/** bits from which a line speaks for what is condemned */
const SPEAKS = 0.3

function lossOf(
  groups: Groups,
  sums: Float64Array,
  total: number,
): { readonly repair: string, readonly chance: number, readonly loss: number } | undefined {
  let best: { repair: string, chance: number, loss: number } | undefined
  for (const [repair, sum] of repairChances(groups, sums)) {
    const chance = sum / total
    const minutes = groups.minutesOf(repair)
    const loss = (1 - chance) * ((minutes >= COSTLY ? 2 : 1) * minutes + COMING_BACK)
    if (!best || loss < best.loss) best = { repair, chance, loss }
  }
  return best
}

/**
 * @param tests what could still be done, with its cost;
 * @param rereads lines to be read again before they are believed
 */
export function decide(
  tables: Tables,
  state: TabState,
  told: Ranking,
  groups: Groups,
  tests: readonly Weighed[],
  rereads: number,
): Stand {
  const { model } = tables
  const ranking = leftIn(model, told, state.repaired)
  const all = groupByRepair(model, ranking.chances.length, state.repaired, true)
  const sums = sumGroups(groups, ranking.chances)
  const needed = sumGroups(all, ranking.chances)
  const chances = repairChances(all, needed)
  const [likeliest, ...others] = [...chances].toSorted((a, b) => b[1] - a[1])
  if (!likeliest) return {}
  const [repair, alone] = likeliest
  // the first of them all is the sound system
  const [soundGroup = 0] = groups.of
  const sound = sums[soundGroup] ?? 0
  if (alone < SEEN_FIRST || sound > alone) return {}
  const minutes = groups.minutesOf(repair)
  const top = ranking.suspects.find(s => s.component && s.repair.id === repair && s.chance > COVERED)
  if (!top) return {}
  const takes = new Set([repair, ...(minutes < COSTLY ? renewedBy(model, ranking, top, chances, alone) : [])])
  const chance = chanceOfAny(all, needed, takes)
  // what has let go is put back along with what made it
  const rival = others.find(([id]) => !putsBack(model, id) && !takes.has(id))?.[1] ?? 0
  const covered = ranking.suspects.filter(s => s.component && takes.has(s.repair.id) && s.chance > COVERED)
  const seen = () => seenFirst(tables, state, ranking, top, { chance, rival, minutes, covered })
  const useful = tests.filter(t => t.bits > 0.02)
  const up = () => comesUp(model, ranking, top, useful)
  const last = () => useful.length === 0 ? cheapestLeft(model, ranking, chances, sound) : {}
  if (chance < 0.5) return { ...last(), ...up(), ...seen() }
  const leads: Stand = chance >= LIKELY ? { leading: leadingOf(top, tests) } : {}
  const down = isDown(model, top)
  if (down && useful.length > 0 && aboveGround(model, ranking, repair) > ABOVE_LEFT && chance < 0.985) return leads
  const acting = lossOf(groups, sums, 1)!
  // what a repair renews by the way shows nothing of what it is done for
  const shownBy = covered.flatMap(s => (s.repair.id === repair || s.chance >= RENEWED ? [s.fault] : []))
  const direct = directLines(tables, state, ranking, shownBy)
  const plain = isPlain(tables, state, ranking, shownBy)
  if (rereads > 0 && !plain && chance < (direct.length > 0 ? SHOWN : 0.995)) return leads
  const by = direct.length > 0 ? direct : (excludingLines(tables, state, ranking, repair) ?? [])
  const costly = minutes >= COSTLY
  const speaking = new Set(covered.flatMap(s => s.moves.filter(m => m.bits > SPEAKS).map(m => m.line)))
  const enough = !costly || speaking.size > 1 || (plain && !down) || chance >= 0.99
  // nothing dear is taken out of what works, by what is left over alone
  const isIdle = minutes >= UNDONE && direct.length === 0 && worksNow(state)
  const shown = direct.length > 0 ? enough : by.length >= (costly ? 3 : 2) && !isIdle
  // only where it can change the answer
  const asked = chance < ENOUGH ? chance >= LIKELY && !costly : costly && chance < 0.99
  const worth = asked && useful.some(t => acting.loss - expectedLoss(groups, ranking.chances, t.table) > t.cost)
  const kind = ((): Decision['kind'] | undefined => {
    const least = direct.length === 0 ? ENOUGH : costly && (down || !plain) ? LIKELY : SHOWN
    const ahead = plain ? AHEAD : direct.length > 0 ? FAR_AHEAD : Infinity
    // what no lines explain is a rival too, once a motor comes out for it
    const strange = minutes >= UNDONE ? unforeseen(ranking) : 0
    const foremost = !costly && chance >= FOREMOST && chance >= ahead * Math.max(rival, strange)
    if (shown && (chance >= least || foremost))
      return costly && worth && !plain && chance < 0.99 ? undefined : 'found'
    if (useful.length === 0 && !isIdle && (!costly || shown || chance >= LIKELY)) return 'inseparable'
    return chance >= LIKELY && canBeTried(top) && !worth && !onAmpsAlone(tables, state, top) ? 'trial' : undefined
  })()
  if (kind === 'inseparable' && up().decision) return up()
  const settling = minutes >= UNDONE && !down && !shown
    ? wouldShow(tables, top, tests)
    : direct.length > 0 ? [] : whereItComesIn(tables, state, top, tests)
  if (settling.length > 0) return { leading: leadingOf(top, settling), settling: settling[0] }
  const back = useful.length === 0 ? resetFirst(model, ranking) : {}
  if (!kind) return { ...leads, ...last(), ...up(), ...seen(), ...back }
  return {
    decision: {
      ...decisionOn(model, top, covered),
      kind,
      chance,
      minutes,
      by,
      why: explain(kind, minutes, useful, covered.length, direct.length > 0),
      ...(down ? { excludes: exclusions(model, ranking) } : {}),
    },
  }
}

/** Whether it was seen to do its work since the last repair. */
const worksNow = ({ evidence, repaired }: TabState): boolean =>
  repaired.length > 0 && evidence.some(({ line, repaired: right }) =>
    right.length === repaired.length && line.kind === 'observation' && line.test === 'works' && line.outcome === 'yes')

/** The suspects without those that were put right: they have failed, and nothing is left to do about them. */
function leftIn(model: SystemModel, told: Ranking, repaired: readonly string[]): Ranking {
  if (repaired.length === 0) return told
  const right = model.putRight(repaired)
  const isLeft = (s: Suspect) => !s.component || !right.has(modeOf(model, s.fault))
  return { ...told, suspects: told.suspects.filter(isLeft) }
}

/**
 * Repairs of what else a repair leaves new: a float switch that is changed for its contacts no longer hangs either.
 * Only where the one is plainly the likelier: nobody changes for a contact what may only want freeing.
 */
function renewedBy(
  model: SystemModel,
  { suspects }: Ranking,
  top: Suspect,
  chances: ReadonlyMap<string, number>,
  own: number,
): readonly string[] {
  const right = model.putRight([top.fault])
  return suspects.flatMap(({ component, fault, repair }) =>
    component === top.component && right.has(modeOf(model, fault)) && own >= AHEAD * (chances.get(repair.id) ?? 0)
      ? [repair.id]
      : [])
}

const unforeseen = ({ suspects }: Ranking) => suspects.find(s => !s.component)?.chance ?? 0

/** What was seen has to be put right whatever else is wrong: first, as a trial, where it is likelier than any. */
function seenFirst(
  tables: Tables,
  state: TabState,
  ranking: Ranking,
  top: Suspect,
  { chance, rival, minutes, covered }: {
    readonly chance: number
    readonly rival: number
    readonly minutes: number
    readonly covered: readonly Suspect[]
  },
): Stand {
  if (minutes >= UNDONE || chance < SEEN_AHEAD * rival) return {}
  const by = seenLines(tables, state, ranking, covered.map(s => s.fault))
  if (by.length === 0) return {}
  const why = 'It was seen and has to be put right whatever else is wrong: do it first, then see what is left.'
  return { decision: { ...decisionOn(tables.model, top, covered), kind: 'trial', chance, minutes, by, why } }
}

/** What every decision says of the repair that it is for. */
function decisionOn(model: SystemModel, top: Suspect, covered: readonly Suspect[]) {
  return {
    fault: top.fault,
    label: top.label,
    repair: top.repair.label,
    repairId: top.repair.id,
    covers: covered.map(s => ({ fault: s.fault, label: s.label, chance: s.chance })),
    cautions: repairCautions(model.kind, modeOf(model, top.fault)),
  }
}

const AIRED = 'air-tank-at-zero-pressure'

/** A part fitted or a thing set in minutes can be undone; a call to somebody else is no trial. */
const canBeTried = ({ repair }: Suspect) =>
  repair.minutes < UNDONE && (repair.part !== '' || repair.minutes <= 15 || repair.id === AIRED)

/**
 * Nothing more can be tried with what has let go left open: it is put back, as a trial, with its cause still looked
 * for. What must be tried dead before that stands among the tests (hazards.ts).
 */
function resetFirst(model: SystemModel, { suspects }: Ranking): Stand {
  const top = suspects.find(s => s.component && modeOf(model, s.fault).protects && s.chance >= 0.5)
  if (!top) return {}
  const why = 'Nothing more tells with it open: put it back once, watch, and look for why it let go.'
  const { chance, repair: { minutes } } = top
  return { decision: { ...decisionOn(model, top, [top]), kind: 'trial', chance, minutes, by: [], why } }
}

/**
 * Nothing more tells, and what leads is dear or buried, or stands in doubt: the likeliest of what can be undone is
 * tried, and what comes of it is the test that is left.
 */
function cheapestLeft(
  model: SystemModel,
  { suspects }: Ranking,
  chances: ReadonlyMap<string, number>,
  sound: number,
): Stand {
  const left = suspects.filter(s => s.component && canBeTried(s) && !modeOf(model, s.fault).protects)
  const [top] = left.toSorted((a, b) => (chances.get(b.repair.id) ?? 0) - (chances.get(a.repair.id) ?? 0))
  const chance = top ? chances.get(top.repair.id) ?? 0 : 0
  const dear = suspects.find(s => s.component)
  // of what is wrong with one thing the cheap is tried before the dear
  const isSameThing = dear !== undefined && dear.component === top?.component && dear.repair.minutes >= COSTLY
  if (!top || chance < Math.max(isSameThing ? TRIED_BEFORE : TRIED_LAST, sound)) return {}
  const covered = left.filter(s => s.repair.id === top.repair.id && s.chance > COVERED)
  const why = 'Nothing on site tells more: try what can be undone, and see what comes of it.'
  const { minutes } = top.repair
  return { decision: { ...decisionOn(model, top, covered), kind: 'trial', chance, minutes, by: [], why } }
}

function leadingOf(top: Suspect, tests: readonly Weighed[]): Leading {
  const settling = tests.find(t => t.bits > 0.02)?.table.test.title
  return { fault: top.fault, label: top.label, chance: top.chance, settleBy: settling ?? top.settledBy }
}

/** Whether nothing but amps speaks for a suspect. */
function onAmpsAlone(tables: Tables, state: TabState, { moves }: Suspect): boolean {
  const lines = new Set(moves.filter(m => m.bits > 1).map(m => m.line))
  const tested = state.evidence.flatMap(e => (lines.has(e.line.id) ? (tables.tests.get(e.line.test)?.test ?? []) : []))
  return tested.length > 0 && tested.every(t => t.kind === 'numeric' && t.quantity === 'amps')
}

/** Expected loss after a test, over its outcomes. */
function expectedLoss(groups: Groups, chances: Float64Array, table: TestTable): number {
  let loss = 0
  const byBin = Array.from({ length: table.bins }, () => new Float64Array(groups.count))
  for (let h = 0; h < chances.length; h++) {
    if (figureAt(chances, h) < 1e-5) continue
    const row = table.row(h)
    const [group, chance] = [placeAt(groups.of, h), figureAt(chances, h)]
    byBin.forEach((sums, b) => addAt(sums, group, chance * figureAt(row, b)))
  }
  for (const sums of byBin) {
    const total = sums.reduce((a, b) => a + b, 0)
    if (total > 1e-9) loss += total * (lossOf(groups, sums, total)?.loss ?? 0)
  }
  return loss
}

/** What hangs in the well comes up as one: where nothing from above parts what is left of it, the pull shows which. */
function comesUp(model: SystemModel, ranking: Ranking, top: Suspect, useful: readonly Weighed[]): Stand {
  if (useful.length > 0 || !comesUpWith(model, top)) return {}
  const left = ranking.suspects.filter(s => s.component && s.chance > COVERED)
  const below = left.filter(s => comesUpWith(model, s))
  const chance = below.reduce((sum, s) => sum + s.chance, 0)
  const excludes = exclusions(model, ranking)
  const by = [...new Set(excludes.flatMap(e => e.lines))]
  if (chance < ENOUGH || below.length < left.length || by.length < 3) return {}
  const why = 'What is left all hangs in the well, and nothing from above parts it: what comes up shows which.'
  const known = { chance: Math.min(1, chance), minutes: top.repair.minutes, by, why, excludes }
  return { decision: { ...decisionOn(model, top, below), kind: 'inseparable', ...known } }
}

const putsBack = ({ kind }: SystemModel, repair: string) =>
  kind.faults.every(f => f.repair.id !== repair || f.protects === true)

/** What is lifted out to be got at: the pump with its motor, and the cable and the pipe that it hangs on. */
const comesUpWith = (model: SystemModel, s: Suspect) =>
  ['down-hole', 'well-head'].includes(componentOf(model.kind, s.component)?.place ?? '') && s.repair.minutes >= COSTLY

const isDown = (model: SystemModel, s: Suspect) =>
  componentOf(model.kind, s.component)?.place === 'down-hole' && s.repair.minutes >= COSTLY

/** Chance that what is left stands above ground. */
function aboveGround(model: SystemModel, ranking: Ranking, repair: string): number {
  return ranking.suspects
    .filter(s => s.component && s.repair.id !== repair && !isDown(model, s))
    .reduce((sum, s) => sum + (s.beside && modeOf(model, s.beside.fault).repair.id === repair ? 0 : s.chance), 0)
}

/** What stands above ground in the power path, each with the lines that ruled its faults out. */
function exclusions(model: SystemModel, ranking: Ranking): NonNullable<Decision['excludes']> {
  return model.kind.components
    .filter(c => c.lane === 'power' && c.place !== 'down-hole')
    .flatMap((c) => {
      const own = ranking.suspects.filter(s => s.component === c.id)
      const lines = [...new Set(own.flatMap(s => s.moves.filter(m => m.bits < -1).map(m => m.line)))]
      return own.length > 0 && own.every(s => s.chance < ABOVE_LEFT) && lines.length > 0
        ? [{ label: c.name, lines }]
        : []
    })
}

function explain(
  kind: Decision['kind'],
  minutes: number,
  useful: readonly Weighed[],
  covers: number,
  direct: boolean,
): string {
  if (kind === 'found' && direct) return covers > 1 ? 'It was shown; what is left is one repair.' : 'It was shown.'
  if (kind === 'found') return covers > 1 ? 'What is left is one repair.' : 'Nothing else is left that fits.'
  if (kind === 'inseparable') return 'No test on site parts what is left: it is one decision.'
  const cheapest = Math.min(...useful.map(t => t.cost))
  return `As a trial: doing it takes ${minutes} minutes and can be undone; knowing more would cost `
    + `${Math.round(cheapest)} or more and would hardly change it.`
}
