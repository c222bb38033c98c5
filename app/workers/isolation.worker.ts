/**
 * The core off the main thread. A tab is opened with its system and its lines, lines are appended, questions asked;
 * the fold is kept between them, and a system's model for every later tab. A question that is cancelled before its
 * turn costs nothing.
 */
import { expose } from 'comlink'
import type { TabReply } from '#contracts'
import { practiceOf, type Practice } from '#core/formats'
import { fail, ok, type Result } from '#core/foundation'
import {
  describeOne,
  findClearing,
  isolate,
  learnRates,
  lifeOf,
  prepareSystem,
  previewLine,
  rankSuspects,
  type FaultCounts,
  type Isolation,
  type ProposedTest,
  type Tables,
} from '#core/isolation'
import { isKindId, kindFor, type Nameplate, type SystemKind } from '#core/systems'
import {
  completeShorthand,
  createFold,
  parseShorthand,
  type AnyLine,
  type DraftLine,
  type Evidence,
  type Fold,
} from '#core/tab'

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

export type Question
  = | { readonly ask: 'rank' }
    | { readonly ask: 'preview', readonly draft: DraftLine }
    | { readonly ask: 'describe', readonly test: string }
    | { readonly ask: 'clearing', readonly fault: string }
    | { readonly ask: 'parse', readonly typed: string, readonly inHand?: string }
    | { readonly ask: 'complete', readonly typed: string }
  /** what is left to do as far as the lines tell: the repair, what may have made it fail, the proof run */
    | { readonly ask: 'plan' }

export interface Answers {
  rank: Isolation
  preview: ReturnType<typeof previewLine>
  describe: ProposedTest | undefined
  clearing: ProposedTest | undefined
  parse: ReturnType<typeof parseShorthand>
  complete: ReturnType<typeof completeShorthand>
  plan: Pick<Isolation, 'decision' | 'causeTests' | 'proof'>
}
export type AnswerTo<Q extends Question> = Answers[Q['ask']]

interface OpenTab {
  readonly system: string
  readonly kind: SystemKind
  readonly tables: Tables
  readonly fold: Fold
}

const MOST_OPEN = 12
const prepared = new Map<string, Result<Tables>>()
const tabs = new Map<string, OpenTab>()
const cancelled = new Set<string>()

function prepare(
  key: string,
  { kind, nameplate, practice, counts, installed, today }: AskedSystem,
): Result<Tables> {
  const before = prepared.get(key)
  if (before) return before
  const rates = isKindId(kind)
    ? learnRates(kindFor(kind, nameplate), counts, lifeOf(nameplate, installed, today))
    : {}
  const made = prepareSystem(kind, nameplate, practiceOf(practice), { rates })
  prepared.set(key, made)
  return made
}

const keyOf = ({ kind, nameplate, practice, counts, installed, today }: AskedSystem) =>
  JSON.stringify([kind, nameplate, practice, counts, installed, today.slice(0, 4)])

/** Lets what came meanwhile be heard, a cancel among it. */
const turn = () => new Promise(resolve => setTimeout(resolve, 0))

/** What the worker answers to; a test asks it without a worker. */
export const api = {
  /** Opens a tab, or takes in lines that it lacks; a system that has changed begins anew. */
  open(tab: string, system: AskedSystem, lines: readonly AnyLine[]): Result<true> {
    const key = keyOf(system)
    const before = tabs.get(tab)
    if (before?.system === key) {
      before.fold.append(lines)
      return ok(true)
    }
    if (!isKindId(system.kind)) return fail('unknown-kind', { kind: system.kind })
    const tables = prepare(key, system)
    if (!tables.ok) return tables
    const kind = kindFor(system.kind, system.nameplate, practiceOf(system.practice))
    tabs.delete(tab)
    tabs.set(tab, { system: key, kind, tables: tables.value, fold: createFold(kind, lines) })
    for (const oldest of tabs.keys()) {
      if (tabs.size <= MOST_OPEN) break
      tabs.delete(oldest)
    }
    return ok(true)
  },
  append(tab: string, lines: readonly AnyLine[]) {
    tabs.get(tab)?.fold.append(lines)
  },
  /** @param id by which it can be cancelled */
  async ask<Q extends Question>(id: string, tab: string, question: Q): Promise<Result<AnswerTo<Q>>> {
    await turn()
    if (cancelled.delete(id)) return fail('cancelled')
    const open = tabs.get(tab)
    return open ? ok(answer(open, question) as AnswerTo<Q>) : fail('not-found', { what: 'tab' })
  },
  cancel(id: string) {
    cancelled.add(id)
  },
}

function answer({ kind, tables, fold }: OpenTab, question: Question): Answers[Question['ask']] {
  const state = fold.state()
  switch (question.ask) {
    case 'rank':
      return isolate(tables, state)
    case 'preview': {
      const { draft } = question
      if (draft.kind !== 'reading' && draft.kind !== 'observation') return []
      const line = {
        ...draft,
        id: 'preview-line',
        at: '2000-01-01T00:00:00Z',
        device: 'preview',
        counter: 1,
        clock: '00000000000000.0000',
        seen: [],
      } as unknown as Evidence['line']
      return previewLine(tables, state, line)
    }
    case 'describe':
      return describeOne(tables, state, rankSuspects(tables, state), question.test)
    case 'clearing':
      return findClearing(tables, state, question.fault)
    case 'parse':
      return parseShorthand(kind, question.typed, { expected: question.inHand, units: tables.model.practice.units })
    case 'complete':
      return completeShorthand(kind, question.typed)
    case 'plan': {
      const { decision, causeTests, proof } = isolate(tables, state)
      return { causeTests, proof, ...(decision ? { decision } : {}) }
    }
  }
}

/** A tab's system as the worker needs it. */
export type SystemOf = Pick<TabReply, 'system' | 'learned' | 'tab' | 'practice'>
export type IsolationApi = typeof api

expose(api)
