/**
 * What is said nearly as one of the known ways: which answer its words are likeliest for, by naive Bayes (Manning,
 * Raghavan, Schütze 2008, "Introduction to Information Retrieval", 13.2). A document is a way to say an answer; the
 * words of an answer are shrunk towards those of its test, and those towards what is said of any. Only what leaves
 * little over and stands far ahead of all else is taken, and what is denied or limited is never guessed: the least of
 * such words would turn an answer into its opposite. `docs/method.md` says how often it is right.
 */
import { figureAt, itemAt } from '#core/foundation'
import type { Likened, Likeness, SeenEntry, Weights } from './entries'

/** How many ways to say its test, and how many of anything, an answer is thought to have besides its own. */
const [OF_TEST, OF_ALL] = [0.5, 2]
/** A word that no way to say anything has. */
const UNSEEN = 0.05

interface Answer {
  readonly entry: SeenEntry
  /** its ways, and in how many of them each word stands */
  readonly ways: number
  readonly with: ReadonlyMap<string, number>
}

export function likenessOf(seen: readonly SeenEntry[]): Likeness {
  const answers = seen.map(entry => ({ entry, ways: entry.phrases.length, with: countOf([entry]) }))
  const whole = { ways: answers.reduce((n, a) => n + a.ways, 0), with: countOf(seen) }
  const tests = byTest(seen).map(own => ({
    own,
    ways: own.reduce((n, i) => n + itemAt(answers, i, 'answer').ways, 0),
    with: countOf(own.map(i => itemAt(seen, i, 'call'))),
  }))
  const logs = new Map<string, Float64Array>()
  const logOf = (word: string) => {
    const known = logs.get(word)
    if (known) return known
    const all = ((whole.with.get(word) ?? 0) + UNSEEN) / (whole.ways + 1)
    const fresh = new Float64Array(answers.length)
    for (const test of tests) {
      const about = ((test.with.get(word) ?? 0) + OF_ALL * all) / (test.ways + OF_ALL)
      for (const i of test.own) {
        const own = itemAt(answers, i, 'answer')
        fresh[i] = Math.log(((own.with.get(word) ?? 0) + OF_TEST * about) / (own.ways + OF_TEST))
      }
    }
    // words are said without end, those that are known are few
    if (whole.with.has(word)) logs.set(word, fresh)
    return fresh
  }
  const isStrange = (word: string) => !whole.with.has(word) && !whole.with.has(word.replace('!', ''))
  return (weights) => {
    const first = best(answers, weights, logOf)
    const strange = [...weights.of].filter(([word, weight]) => weight >= WEIGHTY && isStrange(word)).length
    return first && { ...first, strange }
  }
}

/** A word unknown here weighs so much, a passing one less (score.ts). */
const WEIGHTY = 0.4

/** The places of each test's answers. */
function byTest(seen: readonly SeenEntry[]): readonly (readonly number[])[] {
  const places = new Map<string, number[]>()
  seen.forEach(({ test }, i) => places.set(test.id, [...(places.get(test.id) ?? []), i]))
  return [...places.values()]
}

function countOf(entries: readonly SeenEntry[]): ReadonlyMap<string, number> {
  const count = new Map<string, number>()
  for (const { phrases } of entries)
    for (const phrase of phrases) for (const w of phrase) count.set(w, (count.get(w) ?? 0) + 1)
  return count
}

/** The likeliest of all answers. */
function best(
  answers: readonly Answer[],
  weights: Weights,
  logOf: (word: string) => Float64Array,
): Omit<Likened, 'strange'> | undefined {
  const sums = new Float64Array(answers.length)
  for (const [word, weight] of weights.of) {
    const logs = logOf(word)
    for (let i = 0; i < sums.length; i++) sums[i] = figureAt(sums, i) + weight * figureAt(logs, i)
  }
  let top = 0
  for (let i = 1; i < sums.length; i++) if (figureAt(sums, i) > figureAt(sums, top)) top = i
  const answer = answers[top]
  if (!answer) return undefined
  let [total, covered] = [0, 0]
  for (const s of sums) total += Math.exp(s - figureAt(sums, top))
  for (const [word, weight] of weights.of) if (answer.with.has(word)) covered += weight
  return { entry: answer.entry, chance: 1 / total, covered, left: weights.total - covered }
}

/** Of what is said, so much must be of the answer; and so sure must it be. */
const [LEAST_COVERED, LEAST_SHARE, SURE] = [0.9, 0.7, 0.8]

/** One word alone must be nearly all that was said. */
const [ALONE, HEAVY] = [0.85, 0.6]

/** Or, of a longer story, most of it and beyond doubt. */
const [MUCH, MOST, CERTAIN] = [1.6, 0.6, 0.97]

/** The one answer that is meant, where its words leave no doubt. @param near the point that was spoken of before */
export function meantBy(likeness: Likeness, weights: Weights, near?: string): Likened | undefined {
  const first = likeness(weights)
  if (!first || first.chance < SURE) return undefined
  const { chance, covered, left, strange, entry } = first
  const share = covered / (covered + left)
  const heavy = [...weights.of.values()].filter(w => w >= HEAVY).length
  const inFew = covered >= LEAST_COVERED && share >= (heavy < 2 ? ALONE : LEAST_SHARE) && strange <= 1
  const inMany = covered >= MUCH && share >= MOST && chance >= CERTAIN && strange <= 2
  if (!inFew && !inMany) return undefined
  if (entry.test.id === 'asked' && TOLD.has(entry.outcome)) return undefined
  if (!turnsNothing(entry, weights)) return undefined
  const { trial, point } = entry.test
  const isThere = !trial && (point === near || isLikeOne(entry, weights))
  return isThere || speaksOfIt(entry, weights) ? first : undefined
}

/** Whether it is said nearly as one of the known ways: by half of its words. */
function isLikeOne({ phrases }: SeenEntry, { of }: Weights): boolean {
  return phrases.some(p => p.filter(w => of.has(w)).length >= LIKE * (p.length + 0.5))
}
/** So much of a way must be said where it does not name its subject; judgement, by the lines of the calls. */
const LIKE = 0.5

/** What others did, and when, hangs on the small words. */
const TOLD = new Set(['worked-on', 'retries', 'nothing', 'old', 'cycled'])

/** Denies or limits what it stands by. */
const LIMITS = new Set('not never noth none zero dead nil bare same only until again past no'.split(' '))
const isLimit = (word: string) => word.startsWith('!') || LIMITS.has(word)

/** A word that so many of the ways to say a test have is what it is about: `bridged`, `cap`. */
const ABOUT = 0.6

/** Whether what was tried, or looked at, is spoken of. */
function speaksOfIt({ phrases }: SeenEntry, { of }: Weights): boolean {
  const count = new Map<string, number>()
  for (const p of phrases) for (const w of p) count.set(w, (count.get(w) ?? 0) + 1)
  return [...count].every(([w, n]) => n < ABOUT * phrases.length || of.has(w))
}

/** Whether nothing is denied or limited here that the answer has not so, nor the other way about. */
function turnsNothing({ phrases }: SeenEntry, { of, subjects }: Weights): boolean {
  const words = new Set(phrases.flat())
  const said = [...of.keys()]
  const nearest = nearestTo(phrases, of)
  return (
    said.every(w => words.has(w) || !(isLimit(w) || words.has(`!${w}`) || subjects.has(w)))
    && nearest.every(w => !isLimit(w) || of.has(w))
  )
}

/** The way to say it that the words come nearest to. */
function nearestTo(phrases: SeenEntry['phrases'], of: Weights['of']): readonly string[] {
  const nearness = (p: readonly string[]) => p.filter(w => of.has(w)).length / (p.length + 0.5)
  return phrases.reduce((best, p) => (nearness(p) > nearness(best) ? p : best), phrases[0] ?? [])
}
