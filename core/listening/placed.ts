/**
 * Words that a hand has placed: how this shop says a reading or an answer that the listener does not know. Heard so on
 * every kind that has the test, before anything that it would make of them itself.
 */
import { findTest, type SystemKind } from '#core/systems'
import type { Units } from '#core/units'
import type { Figure } from './figures'
import type { Meaning, Saying } from './meaning'
import { wholeClause, type HearPlaced } from './parts'
import { fits, readingOf } from './readings'
import type { Clause } from './score'

/** Ahead of whatever else the same words could come to. */
const SURE = 1

export function placedWords(kind: SystemKind, sayings: readonly Saying[]): HearPlaced | undefined {
  const known = new Map<string, Saying>()
  for (const saying of sayings)
    if (isOf(kind, saying) && isPlaceable(saying.words)) known.set(keyOfSaid(saying.words), saying)
  if (known.size === 0) return undefined
  return (clause, told, units) => {
    const saying = known.get(keyOf(clause))
    return saying && meantBy(kind, saying, clause.figures.map(i => told.figures[i]!), clause, units)
  }
}

/** Whether words could be told again: some of them say something. */
export const isPlaceable = (words: string): boolean => !SAYS_NOTHING.test(keyOfSaid(words))

function isOf(kind: SystemKind, { test: id, outcome }: Saying): boolean {
  const test = findTest(kind, id)
  return test?.kind === 'seen' ? test.outcomes.some(o => o.id === outcome) : test !== undefined && !outcome
}

function meantBy(
  kind: SystemKind, saying: Saying, figures: readonly Figure[], { words }: Clause, units: Units,
): Meaning | undefined {
  const test = findTest(kind, saying.test)!
  const [figure] = figures
  const score = { covered: 1, left: 0, score: SURE + words.length, saying, test: test.id, point: test.point }
  if (test.kind === 'seen')
    return { ...score, lines: [{ kind: 'observation', test: test.id, outcome: saying.outcome! }] }
  if (!figure || !fits(figure, test)) return undefined
  return { ...score, quantity: test.quantity, lines: [readingOf(test, figure, units)] }
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
  const fresh = keyOf(wholeClause(said).clause)
  keys.set(said, fresh)
  return fresh
}
const SAYS_NOTHING = /^\|/
