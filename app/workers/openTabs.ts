/**
 * Tabs in the worker: each is opened with its system and its lines, lines are appended, questions asked. The fold is
 * kept between them, and a system's model for every later tab. A question that is cancelled before its turn costs
 * nothing.
 */
import type { hear, Saying } from '#core/listening'
import type { Plan, Sheet } from '#core/plan'
import type { TabReply } from '#contracts'
import { practiceOf, type Practice } from '#core/formats'
import { fail, ok, type Result } from '#core/foundation'
import {
  describeOne,
  ENGINE,
  findClearing,
  isolate,
  learnRates,
  lifeOf,
  prepareSystem,
  prepareWith,
  previewLines,
  rankSuspects,
  readPositions,
  type FaultCounts,
  type Isolation,
  type Positions,
  type ProposedTest,
  type Tables,
} from '#core/isolation'
import { isKindId, kindFor, outlineOf, type Nameplate, type SystemKind, type SystemOutline } from '#core/systems'
import {
  checkLine,
  completeShorthand,
  createFold,
  type AnyLine,
  type Attachment,
  type DraftLine,
  type Evidence,
  type Fold,
  type TabState,
} from '#core/tab'
import { briefOf, type Brief } from './brief'

/**
 * A system as a tab has it, with the practice and what shifts its base rates: the shop's own settled tabs and the
 * system's life.
 */
export interface AskedSystem {
  readonly kind: string
  readonly nameplate: Nameplate
  readonly practice: Practice
  readonly counts: FaultCounts
  readonly installed: string | null
  readonly today: string
}
/** A tab's system as the worker needs it. */
export type SystemOf = Pick<TabReply, 'system' | 'learned' | 'tab' | 'practice'>

/** A tab's state as a page has it. */
export type TabView = Omit<TabState, 'replaced' | 'photos'>
/** What becomes of a tab by the lines that came. */
export interface TabNow {
  /** but for its lines, which the page has */
  readonly state: Omit<TabView, 'lines'>
  /** the version of the engine that judges */
  readonly engine: string
  /** ids of all lines in order; not told where the lines that came stand last, as they came */
  readonly order?: readonly string[]
  /** told at first, and again when a line names a test that the system lacks */
  readonly outline?: SystemOutline
}

export type Question
  = | { readonly ask: 'rank' }
    | { readonly ask: 'check', readonly draft: DraftLine }
    | { readonly ask: 'preview', readonly drafts: readonly DraftLine[] }
    | { readonly ask: 'describe', readonly test: string }
    | { readonly ask: 'clearing', readonly fault: string }
    | {
      readonly ask: 'hear'
      readonly typed: string
      readonly inHand?: string | undefined
      /** what the shop has placed */
      readonly sayings?: readonly Saying[] | undefined
    }
    | { readonly ask: 'complete', readonly typed: string }
  /** from what failed to the signed sheet: stations, wires, settings, proof */
    | { readonly ask: 'plan' }
  /** what the tab comes to, for signing */
    | { readonly ask: 'sheet' }
  /** where the tab stands, in one row of the day */
    | { readonly ask: 'brief' }

/** With how each working part stands. */
export interface Ranked extends Isolation {
  readonly positions: Positions
}
export interface Answers {
  rank: Ranked
  check: ReturnType<typeof checkLine>
  preview: ReturnType<typeof previewLines>
  describe: ProposedTest | undefined
  clearing: ProposedTest | undefined
  hear: ReturnType<typeof hear>
  complete: ReturnType<typeof completeShorthand>
  plan: PlanView
  sheet: Sheet
  brief: Brief
}
/** A plan as a page has it: its repairs by name, since faults hold functions. */
export type PlanView = Omit<Plan, 'repairs'> & {
  readonly repairs: readonly { readonly fault: string, readonly name: string, readonly because: string }[]
}
export type AnswerTo<Q extends Question> = Answers[Q['ask']]

interface OpenTab {
  readonly key: string
  readonly system: AskedSystem
  readonly kind: SystemKind
  readonly fold: Fold
}

const MOST_OPEN = 12
/** The listener and its phrases come once a tab is open, not before the worker can answer at all. */
const listener = () => import('#core/listening')
/** So do the stations: they are asked for once something is found. */
const planner = () => import('#core/plan')
/** A trace is rare: its reader comes when there is one. */
const tracer = () => Promise.all([import('#core/trace'), import('#core/words')])
const prepared = new Map<string, Result<Tables>>()
const tabs = new Map<string, OpenTab>()
const cancelled = new Set<string>()

/** Made when first asked for: a fold and its names need no model. */
function prepare({ key, system, kind: { id }, fold }: OpenTab): Result<Tables> {
  const { practice, counts, installed, today } = system
  return prepareWith(system.nameplate, fold.state(), (nameplate, supposed) => {
    const own = `${key}|${supposed.map(f => nameplate[f]).join()}`
    const before = prepared.get(own)
    if (before) return before
    const rates = isKindId(id) ? learnRates(kindFor(id, nameplate), counts, lifeOf(nameplate, installed, today)) : {}
    const made = prepareSystem(id, nameplate, practiceOf(practice), { rates, supposed })
    prepared.set(own, made)
    return made
  })
}

const keyOf = ({ kind, nameplate, practice, counts, installed, today }: AskedSystem) =>
  JSON.stringify([kind, nameplate, practice, counts, installed, today.slice(0, 4)])

/** Lets what came meanwhile be heard, a cancel among it. */
const turn = () => new Promise(resolve => setTimeout(resolve, 0))

export const openTabs = {
  /**
   * Opens a tab, or takes in lines that it lacks. It begins anew where its system has changed, or where a line that
   * it had is no longer among them.
   */
  open(tab: string, system: AskedSystem, lines: readonly AnyLine[]): Result<TabNow> {
    const { kind: id } = system
    if (!isKindId(id)) return fail('unknown-kind', { kind: id })
    void listener()
    const key = keyOf(system)
    const before = tabs.get(tab)
    const kind = kindFor(id, system.nameplate, practiceOf(system.practice))
    const goesOn = before?.key === key && hasOnly(before.fold, lines)
    const mine = goesOn ? before : { key, system, kind, fold: createFold(kind) }
    const state = mine.fold.append(lines)
    tabs.delete(tab)
    tabs.set(tab, mine)
    for (const oldest of tabs.keys()) {
      if (tabs.size <= MOST_OPEN) break
      tabs.delete(oldest)
    }
    const outline = outlineOf(kind, testsIn(state.lines))
    return ok({ state: viewOf(state), engine: ENGINE, order: orderOf(state), outline })
  },
  /** Nothing for a tab that is not open. */
  append(tab: string, lines: readonly AnyLine[]): TabNow | undefined {
    const open = tabs.get(tab)
    if (!open) return undefined
    const fresh = lines.filter(l => !open.fold.has(l.id))
    const state = open.fold.append(fresh)
    const first = state.lines.length - fresh.length
    const last = fresh.every((l, i) => state.lines[first + i]?.id === l.id)
    const known = new Set(open.kind.tests.map(t => t.id))
    const strange = [...testsIn(fresh)].some(t => !known.has(t))
    return {
      state: viewOf(state),
      engine: ENGINE,
      ...(last ? {} : { order: orderOf(state) }),
      ...(strange ? { outline: outlineOf(open.kind, testsIn(state.lines)) } : {}),
    }
  },
  /** @param id by which it can be cancelled */
  async ask<Q extends Question>(id: string, tab: string, question: Q): Promise<Result<AnswerTo<Q>>> {
    await turn()
    if (cancelled.delete(id)) return fail('cancelled')
    const open = tabs.get(tab)
    if (!open) return fail('not-found', { what: 'tab' })
    const told = (await answer(open, question)) as Result<AnswerTo<Q>>
    // the phrases of its kind are put together before the first is said, and after it is on screen
    if (question.ask === 'rank') void listener().then(({ lexiconOf }) => turn().then(() => lexiconOf(open.kind)))
    return told
  },
  /** What a logger's trace shows, as lines of a tab. @param onShare how much of it is read, 0 to 1 */
  async readTrace(
    tab: string,
    text: string,
    attachment: Attachment,
    onShare: (share: number) => void,
  ): Promise<Result<readonly DraftLine[]>> {
    const open = tabs.get(tab)
    if (!open) return fail('not-found', { what: 'tab' })
    const { units } = practiceOf(open.system.practice)
    const [{ findInTrace, linesOfTrace, readTrace }, { sayTrace }] = await tracer()
    const trace = readTrace(text, units, onShare)
    if (!trace.ok) return trace
    const found = findInTrace(trace.value)
    return ok(linesOfTrace(open.kind, found, { text: sayTrace(found, trace.value.notes, units), attachment }))
  },
  cancel(id: string) {
    cancelled.add(id)
  },
}

function hasOnly(fold: Fold, lines: readonly AnyLine[]): boolean {
  const given = new Set(lines.map(l => l.id))
  return fold.state().lines.every(l => given.has(l.id))
}

const orderOf = (state: TabState) => state.lines.map(l => l.id)

export function viewOf(state: TabState): TabNow['state'] {
  const { lines: _lines, replaced: _replaced, photos: _photos, ...view } = state
  return view
}

export const testsIn = (lines: readonly AnyLine[]): ReadonlySet<string> =>
  new Set(lines.flatMap(l => ('test' in l && typeof l.test === 'string' ? [l.test] : [])))

/** What the lines alone answer is answered though the system cannot be modelled. */
async function answer(open: OpenTab, question: Question): Promise<Result<Answers[Question['ask']]>> {
  const { kind, fold } = open
  const { units } = practiceOf(open.system.practice)
  switch (question.ask) {
    case 'check':
      return ok(checkLine(kind, fold.state(), question.draft))
    case 'hear': {
      const { hear, spokenBefore } = await listener()
      return ok(hear(kind, question.typed, {
        expected: question.inHand,
        units,
        before: spokenBefore(kind, fold.state().lines),
        ...(question.sayings ? { sayings: question.sayings } : {}),
      }))
    }
    case 'complete':
      return ok(completeShorthand(kind, question.typed))
    case 'plan': {
      const tables = prepare(open)
      if (!tables.ok) return tables
      const { planFor } = await planner()
      const { repairs, ...plan } = planFor(tables.value, fold.state(), isolate(tables.value, fold.state()))
      return ok({
        ...plan,
        repairs: repairs.map(r => ({ fault: r.mode.id, name: r.mode.repair.name, because: r.because })),
      })
    }
    case 'sheet': {
      const tables = prepare(open)
      if (!tables.ok) return tables
      const { sheetOf } = await planner()
      return ok(sheetOf(tables.value, fold.state(), isolate(tables.value, fold.state())))
    }
    case 'brief': {
      const tables = prepare(open)
      if (!tables.ok) return tables
      const found = isolate(tables.value, fold.state())
      const { planFor } = await planner()
      return ok(briefOf(found, planFor(tables.value, fold.state(), found)))
    }
    default: {
      const tables = prepare(open)
      return tables.ok ? ok(weigh(tables.value, fold.state(), question)) : tables
    }
  }
}

type Weighed = Exclude<Question, { ask: 'check' | 'hear' | 'complete' | 'plan' | 'sheet' | 'brief' }>

function weigh(tables: Tables, state: TabState, question: Weighed): Answers[Weighed['ask']] {
  switch (question.ask) {
    case 'rank': {
      const found = isolate(tables, state)
      return { ...found, positions: readPositions(state, found.suspects) }
    }
    case 'preview':
      return preview(tables, state, question.drafts)
    case 'describe':
      return describeOne(tables, state, rankSuspects(tables, state), question.test)
    case 'clearing':
      return findClearing(tables, state, question.fault)
  }
}

function preview(tables: Tables, state: TabState, drafts: readonly DraftLine[]): Answers['preview'] {
  const found = drafts.filter(d => d.kind === 'reading' || d.kind === 'observation')
  const lines = found.map((draft, n) => ({
    ...draft,
    id: `preview-line-${n}`,
    at: '2000-01-01T00:00:00Z',
    device: 'preview',
    counter: 1 + n,
    clock: '00000000000000.0000',
    seen: [],
  })) as unknown as Evidence['line'][]
  return lines.length > 0 ? previewLines(tables, state, lines) : []
}
