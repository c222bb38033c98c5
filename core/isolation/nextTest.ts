/**
 * What to do next: the test with the most expected information per minute, its state changes, risk and waits counted.
 *   gain = H(now) − Σ p(outcome)·H(after outcome), over the repairs that are still in question;  score = gain / minutes
 * A test whose state is not held is offered with the proof as its first step, never without it.
 */
import { figureAt } from '#core/foundation'
import { formatRange } from '#core/units'
import { readingSetOf, testOf, type Need, type SystemModel, type Test, type Wait } from '#core/systems'
import { holdsNeed, type TabState } from '#core/tab'
import { STATE_STEPS, testCost } from './costs'
import { decide, type Decision, type Leading } from './decide'
import type { Weighed } from './settle'
import { groupByRepair } from './groups'
import { hazardsOf, isBarred } from './hazards'
import { modeOf } from './hypothesis'
import { expectedBits, inPlay, type InPlay } from './information'
import { describeOutcomes, type Outcome } from './outcomes'
import { bandsOf, describePatterns, MINUTES_MORE, weighSets, type WeighedSet } from './readingSets'
import type { Ranking } from './suspects'
import { OTHER, type Tables, type TestTable } from './tables'
import { withSource } from './verdict'

export interface ProposedTest {
  readonly test: string
  readonly point: string
  readonly title: string
  readonly steps: readonly string[]
  readonly meter: string
  readonly need: Need
  /** steps to reach the needed state, when it is not held */
  readonly first: readonly string[]
  readonly cautions: readonly string[]
  readonly minutes: number
  /** expected information, bits */
  readonly bits: number
  readonly band?: string
  readonly bandSource?: string
  readonly outcomes: readonly Outcome[]
  readonly why: string
  readonly wait?: Wait
  /** read before, and to be read again */
  readonly again?: boolean
  /** several readings of one go, in the order in which they are said; the first is `test` */
  readonly set?: readonly { readonly test: string, readonly name: string }[]
}

const TURNING_ENOUGH = 0.4
/** minutes that a look takes which comes before the meter */
const LOOK = 2.5
const LEAST_BITS = 0.02
/** share of the catalogue under which something else would drown what it could still tell */
const LOST = 0.3
/** while a line stands that nothing explains, even a little is worth asking */
const LEAST_WHEN_PUZZLED = 0.003

const BEFORE_RECLOSING
  = 'Something has let go: look for the short dead, to ground and lead to lead, before it is closed again.'

export interface Proposal {
  readonly decision?: Decision
  readonly leading?: Leading
  readonly tests: readonly ProposedTest[]
  readonly scored: readonly Weighed[]
}

export function proposeTests(
  tables: Tables,
  state: TabState,
  ranking: Ranking,
  rereads: readonly string[],
  puzzled = rereads.length > 0,
  most = 3,
): Proposal {
  const { model } = tables
  const groups = groupByRepair(model, ranking.chances.length, state.repaired)
  const counted = inPlay(ofTheCatalogue(ranking.chances), groups.of)
  const scored = scoreTests(tables, state, ranking, counted)
  const { decision, leading, settling } = decide(tables, state, ranking, groups, scored, rereads.length)
  const again = rereads.flatMap((id) => {
    const table = tables.tests.get(id)
    return table ? [{ table, bits: 0, cost: testCost(model, state, table.test).weighed }] : []
  })
  // what has to be known dead before power comes back stands ahead of what tells more
  const hazards = hazardsOf(tables, state)
  const dead = [...hazards.first.values()].flat().flatMap(id => scored.find(s => s.table.test.id === id) ?? [])
  const rereading = again.filter(a => !isBarred(model.kind, hazards, a.table.test))
  // a look that costs next to nothing comes before the meter, where nothing was seen yet
  const isLook = (s: Weighed) => s.table.test.need === 'any' && s.cost < LOOK && s.bits > LEAST_BITS
  const look = hazards.onlySaid ? scored.find(isLook) : undefined
  const sets = weighSets(model, scored, counted, most)
  const inSets = new Set(sets.flatMap(s => s.set))
  const offered = [...sets, ...scored.filter(s => !inSets.has(s.table))]
    .toSorted((a, b) => b.bits / b.cost - a.bits / a.cost)
  const chosen: Weighed[] = [...(look ? [look] : []), ...dead.slice(0, 1), ...rereading.slice(0, 1)]
  const settled = settling && (sets.find(s => s.set.includes(settling.table)) ?? settling)
  if (settled && !chosen.includes(settled)) chosen.push(settled)
  for (const s of offered.filter(s => s.bits > (puzzled ? LEAST_WHEN_PUZZLED : LEAST_BITS))) {
    if (chosen.length >= most) break
    // three readings of one point are one suggestion
    if (chosen.includes(s)) continue
    if (chosen.some(c => c.table.test.point === s.table.test.point && sameFamily(c.table.test, s.table.test)))
      continue
    chosen.push(s)
  }
  return {
    ...(decision ? { decision } : {}),
    ...(leading ? { leading } : {}),
    scored,
    tests: chosen.map((s) => {
      const one = describeTest(tables, state, ranking, s.table, s.bits, again.includes(s))
      const test = isSet(s) ? describeSet(tables, state, ranking, one, s.set) : one
      return dead.includes(s) ? { ...test, why: BEFORE_RECLOSING } : test
    }),
  }
}

function scoreTests(tables: Tables, state: TabState, ranking: Ranking, counted: InPlay): Weighed[] {
  const { model } = tables
  const turning = turningChance(model, ofTheCatalogue(ranking.chances), state.repaired)
  const done = new Set(
    state.evidence.filter(e => e.repaired.length === state.repaired.length).map(e => e.line.test),
  )
  const hazards = hazardsOf(tables, state)
  const scored: (Weighed & { readonly score: number })[] = []
  for (const table of tables.tests.values()) {
    const { test } = table
    if (done.has(test.id) || state.skipped.has(test.id) || state.waiting.has(test.id)) continue
    if (needsTurning(test) && turning < TURNING_ENOUGH) continue
    if (isBarred(model.kind, hazards, test)) continue
    if (test.onlyTold || (test.afterRepair && state.repaired.length === 0)) continue
    const bits = expectedBits(table, counted)
    const cost = testCost(model, state, test).weighed
    scored.push({ table, bits, cost, score: bits / cost })
  }
  return scored.toSorted((a, b) => b.score - a.score)
}

/** Where the catalogue explains little, what is asked next goes by what it explains best. */
function ofTheCatalogue(chances: Float64Array): Float64Array {
  const known = 1 - figureAt(chances, OTHER)
  return known < LOST && known > 0 ? chances.map((c, h) => (h === OTHER ? 0 : c / known)) : chances
}

/** Every test that could be done now, best first, with what it would tell and cost. */
export function proposeScored(tables: Tables, state: TabState, ranking: Ranking): Weighed[] {
  const groups = groupByRepair(tables.model, ranking.chances.length, state.repaired)
  return scoreTests(tables, state, ranking, inPlay(ofTheCatalogue(ranking.chances), groups.of))
}

/** One test as the screen shows it, whether or not it would be chosen. */
export function describeOne(
  tables: Tables,
  state: TabState,
  ranking: Ranking,
  testId: string,
): ProposedTest | undefined {
  const table = tables.tests.get(testId)
  if (!table) return undefined
  const groups = groupByRepair(tables.model, ranking.chances.length, state.repaired)
  return describeTest(
    tables,
    state,
    ranking,
    table,
    expectedBits(table, inPlay(ranking.chances, groups.of)),
    false,
  )
}

/** Whether a test can be done as things stand: some need a machine that turns. */
export function isPossible(model: SystemModel, state: TabState, ranking: Ranking, testId: string): boolean {
  const test = testOf(model.kind, testId)
  return (
    test !== undefined
    && (!needsTurning(test) || turningChance(model, ranking.chances, state.repaired) >= TURNING_ENOUGH)
  )
}

const sameFamily = (a: Test, b: Test) =>
  a.kind === b.kind && (a.kind === 'seen' || (b.kind === 'numeric' && a.quantity === b.quantity))

export const needsTurning = (t: Test) => t.whileRunning === true

const STILL = ['groans', 'silent', 'trips-breaker', 'chatters']

/** Chance that the machine turns, with what has been put right put right. */
function turningChance(model: SystemModel, chances: Float64Array, repaired: readonly string[]): number {
  let sum = 0
  for (let h = 0; h < chances.length; h++)
    if (
      figureAt(chances, h) > 0
      && !STILL.includes(model.hypothesis(repaired.length > 0 ? model.without(h, repaired) : h).effect)
    )
      sum += figureAt(chances, h)
  return sum
}

function describeTest(
  tables: Tables,
  state: TabState,
  ranking: Ranking,
  table: TestTable,
  bits: number,
  again: boolean,
): ProposedTest {
  const { test } = table
  const { minutes } = testCost(tables.model, state, test)
  const band = test.kind === 'numeric' ? tables.model.band(test) : undefined
  const outcomes = describeOutcomes(tables.model, table, ranking.chances, state.repaired)
  return {
    test: test.id,
    point: test.point,
    title: test.title,
    steps: test.steps,
    meter: test.kind === 'numeric' ? test.meter : 'eyes and ears',
    need: test.need,
    minutes,
    bits,
    outcomes,
    cautions: test.cautions ?? [],
    first: test.need === 'any' || holdsNeed(state, test.need) ? [] : STATE_STEPS[test.need],
    ...(band && test.kind === 'numeric'
      ? { band: formatRange(test.quantity, band, tables.model.practice.units), bandSource: withSource(band).sourceText }
      : {}),
    ...(test.wait ? { wait: test.wait } : {}),
    ...(again ? { again } : {}),
    why: again
      ? 'What it read fits nothing that is left: read it once more before it is believed.'
      : explain(tables.model, outcomes, minutes, test.wait),
  }
}

const isSet = (s: Weighed): s is WeighedSet => 'set' in s

/** What is said of the first reading of a set, made into what is said of them all. */
function describeSet(
  { model }: Tables,
  state: TabState,
  ranking: Ranking,
  first: ProposedTest,
  tables: readonly TestTable[],
): ProposedTest {
  const own = readingSetOf(model.kind, first.test)
  if (!own) return first
  const minutes = first.minutes + MINUTES_MORE * (tables.length - 1)
  const outcomes = describePatterns(model, tables, ranking.chances, state.repaired)
  const band = bandsOf(model, tables)
  return {
    ...first,
    title: own.title,
    steps: [...first.steps, `Then ${own.names.slice(1).join(' and ')}.`],
    minutes,
    outcomes,
    ...(band ? { band } : {}),
    set: own.tests.map((t, i) => ({ test: t.id, name: own.names[i] ?? '' })),
    why: explain(model, outcomes, minutes, first.wait),
  }
}

/** One sentence that a technician would say. */
function explain(
  model: SystemModel,
  outcomes: readonly Outcome[],
  minutes: number,
  wait: Wait | undefined,
): string {
  const name = (fault: string) =>
    fault === 'other' ? 'something else' : fault === 'sound' ? 'nothing wrong' : lower(modeOf(model, fault).name)
  const [one, other] = new Set(outcomes.map(o => o.leaves[0]?.fault).filter(f => f !== undefined))
  const time = minutes < 1.5 ? 'a minute' : `${Math.round(minutes)} minutes`
  const after = wait
    ? ` at hand, and ${Math.round(wait.minutes)} of waiting that other tests can fill`
    : ' of work'
  if (one === undefined) return `Costs ${time}.`
  return other === undefined
    ? `Firms up ${name(one)} for ${time}${after}.`
    : `Tells ${name(one)} from ${name(other)} for ${time}${after}.`
}

const lower = (s: string) => (/^[A-Z][a-z]/.test(s) ? s.charAt(0).toLowerCase() + s.slice(1) : s)
