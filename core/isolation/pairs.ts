/**
 * Independent pairs, taken up only when no single fault explains the lines. Each pair is first judged by the better
 * of its two faults line by line, which can only flatter it, or by the one that is left where the other has been put
 * right; the few that could matter are then solved together.
 */
import { addAt, figureAt, itemAt } from '#core/foundation'
import type { SystemModel } from '#core/systems'
import type { Evidence } from '#core/tab'
import { modeOf } from './hypothesis'
import type { Weights } from './likelihood'
import { OTHER, type Tables } from './tables'

/**
 * How far to look: single faults considered, pairs solved, and how far behind the best explanation a flattered pair
 * may be.
 */
interface Reach {
  readonly considered: number
  readonly most: number
  readonly behind: number
  readonly floor: number
}
export const NEAR: Reach = { considered: 28, most: 16, behind: Math.log(0.01), floor: 0 }
/**
 * for lines that nothing near explains: two faults together may read as neither does, so no line counts under a floor
 * of its best
 */
export const FAR: Reach = { considered: 60, most: 160, behind: Math.log(1e-4), floor: 0.1 }
/** degrees of what was put right, and pairs with them, that are solved besides */
const MENDED = { considered: 3, most: 12 }
const CHANCE_OF_TWO = Math.log(0.05)

/**
 * @param prior chances of the foreseen hypotheses before any line
 * @param perLine what each line of the evidence says of them
 * @returns places of the pairs in the model, added to it where they were not there
 */
export function likelyPairs(
  tables: Tables,
  prior: Float64Array,
  perLine: readonly Weights[],
  evidence: readonly Evidence[],
  reach: Reach = NEAR,
): readonly number[] {
  if (perLine.length < 2) return []
  const { model, foreseen } = tables
  const sight = lookTogether(tables, prior, perLine.map(l => logsOf(l.foreseen, reach.floor)), evidence)
  const { fit } = sight
  const leader = fit.indexOf(Math.max(...fit))
  const least = figureAt(fit, leader) + reach.behind
  const considered = mostTelling(tables, sight, leader).slice(0, reach.considered)
  const found: Two[] = []
  for (const [i, a] of considered.entries())
    for (let j = i + 1; j < considered.length; j++)
      found.push(...twoOf(model, sight, a, itemAt(considered, j, 'hypothesis'), least))
  const near = best(found, reach.most)
  const mended = best(besideMended(tables, sight, evidence, least), MENDED.most)
  const chosen = new Map([...near, ...mended].map(c => [`${c.a}|${c.b}`, [c.a, c.b] as const]))
  return model.addPairs([...chosen.values()]).filter(h => h >= foreseen)
}

interface Two {
  readonly a: number
  readonly b: number
  readonly score: number
}

const best = (found: readonly Two[], most: number) => found.toSorted((x, y) => y.score - x.score).slice(0, most)

/** Two faults by their places, where they explain the lines well enough and are not one question. */
function twoOf(model: SystemModel, { carried, plain, both }: Sight, x: number, y: number, least: number): Two[] {
  const [a, b] = x < y ? [x, y] : [y, x]
  // a prior is relative to the complaint; of two faults the one that shows more carries it
  const [one, two] = [figureAt(carried, a) + figureAt(plain, b), figureAt(carried, b) + figureAt(plain, a)]
  const score = CHANCE_OF_TWO + Math.max(one, two) + both(a, b)
  return score > least && !sameRepair(model, faultAt(model, a), faultAt(model, b)) ? [{ a, b, score }] : []
}

/** What was put right may have been one of two: any other may be what is left, as the lines since then tell. */
function besideMended(
  { model, foreseen }: Tables,
  sight: Sight,
  evidence: readonly Evidence[],
  least: number,
): readonly Two[] {
  const right = model.putRight(evidence.at(-1)?.repaired ?? [])
  if (right.size === 0) return []
  const singles = Array.from({ length: foreseen }, (_, h) => h)
    .filter(h => h > OTHER && !model.hypothesis(h).second)
  const isMended = (h: number) => right.has(modeOf(model, faultAt(model, h)))
  const mended = singles.filter(isMended)
    .toSorted((x, y) => figureAt(sight.asFound, y) - figureAt(sight.asFound, x))
    .slice(0, MENDED.considered)
  const left = singles.filter(h => !isMended(h))
  return mended.flatMap(a => left.flatMap(b => twoOf(model, sight, a, b, least)))
}

const faultAt = (model: SystemModel, h: number): string => model.hypothesis(h).fault

/** All in logarithms, by the places of the hypotheses. */
interface Sight {
  /** the prior under the complaint, and the plain rate */
  readonly carried: Float64Array
  readonly plain: Float64Array
  /** how each explains the lines alone */
  readonly fit: Float64Array
  /** and those of before anything was put right */
  readonly asFound: Float64Array
  /** how two explain them together, flattered */
  both(a: number, b: number): number
}

function lookTogether(
  { model, foreseen }: Tables,
  prior: Float64Array,
  logs: readonly Float64Array[],
  evidence: readonly Evidence[],
): Sight {
  const carried = prior.map(p => Math.log(p))
  const fit = carried.slice(0, foreseen)
  const asFound = carried.slice(0, foreseen)
  logs.forEach((line, i) => {
    for (let h = 0; h < foreseen; h++) {
      addAt(fit, h, figureAt(line, h))
      if (itemAt(evidence, i, 'line').repaired.length === 0) addAt(asFound, h, figureAt(line, h))
    }
  })
  const both = togetherIn(model, foreseen, logs, evidence)
  const plain = Float64Array.from({ length: foreseen }, (_, h) => Math.log(model.hypothesis(h).prior))
  return { carried, plain, fit, asFound, both }
}

/** How two explain the lines together: by the better of them line by line, each hypothesis's lines in a row. */
function togetherIn(
  model: SystemModel,
  foreseen: number,
  logs: readonly Float64Array[],
  evidence: readonly Evidence[],
): Sight['both'] {
  const many = logs.length
  const whole = new Float64Array(foreseen * many)
  logs.forEach((line, i) => {
    for (let h = 0; h < foreseen; h++) whole[h * many + i] = figureAt(line, h)
  })
  // what is put right before a line no longer speaks in it
  const heard = whole.slice()
  evidence.forEach((e, i) => {
    const right = model.putRight(e.repaired)
    if (right.size === 0) return
    for (let h = 0; h < foreseen; h++)
      if (right.has(modeOf(model, faultAt(model, h)))) heard[h * many + i] = -Infinity
  })
  return (a, b) => {
    let sum = 0
    for (let i = 0; i < many; i++) {
      const most = Math.max(figureAt(heard, a * many + i), figureAt(heard, b * many + i))
      sum += most === -Infinity ? figureAt(whole, b * many + i) : most
    }
    return sum
  }
}

/** A single fault belongs to a likely pair if it explains some lines far better than the best single does. */
function mostTelling({ model, foreseen }: Tables, sight: Sight, leader: number): readonly number[] {
  const { fit, carried, plain, both } = sight
  // of the two the leader carries the complaint, so the other counts by its plain rate
  const beside = (h: number) => figureAt(plain, h) + figureAt(carried, leader) + both(h, leader) + CHANCE_OF_TWO
  const scores = fit.map((own, h) => (h === leader ? own : Math.max(own, beside(h))))
  const singles: number[] = []
  for (let h = 2; h < foreseen; h++) if (!model.hypothesis(h).second) singles.push(h)
  return singles.sort((a, b) => figureAt(scores, b) - figureAt(scores, a))
}

const kept = new WeakMap<Float64Array, Map<number, Float64Array>>()

/** Logarithms of a line's likelihoods, none under a share of the best; kept as long as they are. */
function logsOf(likelihoods: Float64Array, floor: number): Float64Array {
  const known = kept.get(likelihoods) ?? new Map<number, Float64Array>()
  kept.set(likelihoods, known)
  const before = known.get(floor)
  if (before) return before
  const least = floor * likelihoods.reduce((most, v) => Math.max(most, v), 0)
  const fresh = likelihoods.map(v => Math.log(Math.max(v, least)))
  known.set(floor, fresh)
  return fresh
}

/** Two faults that one repair puts right are one question. */
function sameRepair(model: SystemModel, a: string, b: string): boolean {
  return model.putRight([a]).has(modeOf(model, b)) || model.putRight([b]).has(modeOf(model, a))
}
