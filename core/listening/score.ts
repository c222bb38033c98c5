/**
 * How well a clause says a thing: the weight of the words that it explains, less that of those it leaves over, less
 * what has to be assumed. A word that means something else on this kind weighs more than one that nobody knows, the
 * more of what it would be said with is said besides it.
 */
import type { Figure } from './figures'
import type { Lexicon, Phrase, Weights } from './entries'
import type { Word } from './words'

export interface Clause {
  readonly words: readonly Word[]
  /** the figures and rows that stand in it */
  readonly figures: readonly Figure[]
  readonly rows: readonly (readonly Figure[])[]
  readonly text: string
}

/** Of what was said of a time, of a word unknown here, of one that means something here. */
const [UNKNOWN, KNOWN, DENIED] = [0.4, 1, 1.2]

export function weigh(clause: Clause, { known, tells, subjects, company }: Lexicon, ofAnswers = false): Weights {
  const of = new Map<string, number>()
  const said = new Set(clause.words.map(w => w.means))
  for (const { means, weight, filler } of clause.words) {
    if (filler) continue
    const knows = known.has(means) || known.has(means.replace('!', ''))
    const full = tells.get(means.replace('!', '')) ?? KNOWN
    const own = ofAnswers && knows ? UNKNOWN + (full - UNKNOWN) * supportOf(means, said, company, tells) : full
    of.set(means, weight < 1 ? weight : !knows ? UNKNOWN : means.startsWith('!') ? DENIED * own : own)
  }
  let total = 0
  for (const w of of.values()) total += w
  return { of, total, subjects }
}

/** How much of the best of the ways to say something that hold a word is said besides it: 1 where all of it is. */
function supportOf(
  word: string, said: ReadonlySet<string>, company: Lexicon['company'], tells: Lexicon['tells'],
): number {
  const ways = company.get(word)
  if (!ways) return 1
  let best = 0
  for (const { words, weight } of ways) {
    let has = 0
    for (const w of words) if (said.has(w)) has += tells.get(w.replace('!', '')) ?? 1
    if (has > best * weight) best = has / weight
    if (best >= 1) return 1
  }
  return best
}

/** The heaviest of the phrases whose every word stands in the clause; nothing where there is none. */
export function bestOf(phrases: readonly Phrase[], { of }: Weights): { phrase: Phrase, weight: number } | undefined {
  let best: { phrase: Phrase, weight: number } | undefined
  for (const phrase of phrases) {
    let weight = 0
    for (const word of phrase) {
      const w = of.get(word)
      if (w === undefined) {
        weight = -1
        break
      }
      weight += w
    }
    if (weight > 0 && (!best || weight > best.weight)) best = { phrase, weight }
  }
  return best
}

export interface Score {
  readonly covered: number
  readonly left: number
  readonly score: number
}

/** Of a word left over, what it takes off. */
export const LEFT_OVER = 0.7
/** What a word explains that another way to say the same has, or several answers of the test. */
const BESIDE = 0.5

export function scoreOf(
  words: ReadonlySet<string>,
  { of, total, subjects }: Weights,
  assumed: number,
  extra = 0,
  beside: ReadonlySet<string> = new Set(),
): Score {
  let covered = extra
  for (const word of words) covered += of.get(word) ?? 0
  for (const word of beside) if (!words.has(word)) covered += BESIDE * (of.get(word) ?? 0)
  let left = total + extra - covered
  for (const [word, weight] of of) if (!words.has(word) && !beside.has(word) && subjects.has(word)) left += 0.5 * weight
  return { covered, left, score: covered - LEFT_OVER * left - assumed }
}

/** Whether enough is explained to take it for said. */
export const isHeard = ({ covered, left }: Score) =>
  (left < 0.05 && covered > 0.3) || (covered >= 0.9 && covered >= 0.5 * (covered + left))
