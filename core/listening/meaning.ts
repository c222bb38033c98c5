/** What a clause may mean, and what else speaks for a meaning. */
import { unstaged, type NumericTest } from '#core/systems'
import type { Choice, DraftLine } from '#core/tab'
import type { Units } from '#core/units'
import type { Figure } from './figures'
import type { Weights } from './entries'
import type { Score } from './score'

/** Words that a hand has placed: how the shop says a reading or an answer that the listener did not know. */
export interface Saying {
  readonly words: string
  readonly test: string
  /** of a test that is seen; a reading takes the one figure that stands in the words */
  readonly outcome?: string | undefined
  /** when it was placed, and by whom */
  readonly at?: string | undefined
  readonly by?: string | undefined
}

/** What was heard of a typed line. */
export type Heard
  = | {
    readonly kind: 'lines'
    readonly lines: readonly DraftLine[]
    readonly say: string
    /** words that no line took up: they are kept as a remark */
    readonly left?: string
    /** what was heard by words that a hand has placed */
    readonly placed?: readonly Saying[]
  }
  | { readonly kind: 'ask', readonly question: string, readonly choices: readonly Choice[] }
  | { readonly kind: 'remark', readonly line: DraftLine, readonly nearest: readonly Choice[] }

export interface Meaning extends Score {
  readonly lines: readonly DraftLine[]
  readonly test: string
  readonly point: string
  readonly quantity?: NumericTest['quantity']
  /** by which words that a hand has placed */
  readonly saying?: Saying
}

/** What else speaks for a meaning: the test in hand, the place that was spoken of last. */
export interface Bearing {
  readonly expected?: string | undefined
  readonly near?: string | undefined
  readonly nearQuantity?: NumericTest['quantity'] | undefined
  /** in SI */
  readonly nearValue?: number | null | undefined
  /** the test that read it */
  readonly nearTest?: string | undefined
  /** volts that were read last */
  readonly fed?: number | undefined
  readonly units: Units
}

export interface Figures {
  readonly figures: readonly Figure[]
  readonly rows: readonly (readonly Figure[])[]
}

/** Said instead of a nought. */
export const NOTHING = ['noth', 'none', 'zero', 'nil', 'dead', '!volt', '!amp', '!power', '!pressure', '!continu']
/** Two pumps: which is meant is said, or only it has the part; else it is the one that was spoken of last. */
export function stageOf(
  words: Set<string>,
  staged: boolean,
  hasStages: boolean,
  { of }: Weights,
  near: string | undefined,
): number {
  if (!hasStages) return 0
  const ofWell = near !== undefined && unstaged(near) !== near
  if (!staged) {
    words.add('booster')
    // the float is the well pump's
    if (of.has('float')) return 0.4
    return ofWell && !of.has('booster') ? 0.2 : 0
  }
  words.add('well')
  if (of.has('well') || of.has('wellhead') || of.has('float')) return -0.1
  return ofWell ? 0.1 : 0.3
}
