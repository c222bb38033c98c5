/**
 * Words that a hand has placed: how this shop says a reading or an answer that the listener does not know. Heard so on
 * every kind that has the test, before anything that it would make of them itself.
 */
import { findTest, type NumericTest, type SeenTest, type SystemKind } from '#core/systems'
import type { Units } from '#core/units'
import type { Meaning, Saying } from './meaning'
import { wholeClause, type HearPlaced } from './parts'
import { fits, readingOf } from './readings'
import type { Clause } from './score'

/** Ahead of whatever else the same words could come to. */
const SURE = 1

/** What words are heard as on a kind. */
interface Known {
  readonly saying: Saying
  readonly as: { readonly test: NumericTest } | { readonly test: SeenTest, readonly outcome: string }
}

export function placedWords(kind: SystemKind, sayings: readonly Saying[]): HearPlaced | undefined {
  const known = new Map<string, Known>()
  for (const saying of sayings) {
    const as = heardAs(kind, saying)
    if (as && isPlaceable(saying.words)) known.set(keyOfSaid(saying.words), { saying, as })
  }
  if (known.size === 0) return undefined
  return (clause, units) => {
    const own = known.get(keyOf(clause))
    return own && meantBy(own, clause, units)
  }
}

/** Whether words could be told again: some of them say something. */
export const isPlaceable = (words: string): boolean => !SAYS_NOTHING.test(keyOfSaid(words))

/** Nothing where the kind has no such test, or the test no such answer. */
function heardAs(kind: SystemKind, { test: id, outcome }: Saying): Known['as'] | undefined {
  const test = findTest(kind, id)
  if (test?.kind === 'seen') return outcome && test.outcomes.some(o => o.id === outcome) ? { test, outcome } : undefined
  return test && !outcome ? { test } : undefined
}

function meantBy({ saying, as }: Known, { words, figures: [figure] }: Clause, units: Units): Meaning | undefined {
  const { test } = as
  const score = { covered: 1, left: 0, score: SURE + words.length, saying, test: test.id, point: test.point }
  if ('outcome' in as) return { ...score, lines: [{ kind: 'observation', test: test.id, outcome: as.outcome }] }
  if (!figure || !fits(figure, as.test)) return undefined
  return { ...score, quantity: as.test.quantity, lines: [readingOf(as.test, figure, units)] }
}

/** The same words in the same order, whatever fills between them, with as many figures. */
const keyOf = ({ words, figures }: Clause) =>
  `${words.filter(w => !w.filler).map(w => w.means).join(' ')}|${figures.length}`
/** What is placed is asked for with every letter that is typed: each is taken apart once. */
const keys = new Map<string, string>()
const MOST_KEYS = 5000

function keyOfSaid(said: string): string {
  const known = keys.get(said)
  if (known !== undefined) return known
  if (keys.size >= MOST_KEYS) keys.clear()
  const fresh = keyOf(wholeClause(said))
  keys.set(said, fresh)
  return fresh
}
const SAYS_NOTHING = /^\|/
