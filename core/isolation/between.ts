/**
 * Two lines that may hold a fault between them: volts ahead of it and none behind, open as it is read from above and
 * what was read once the splice was apart, a ground that is read and what held with that part off, an overload that is
 * open and how hot its motor is.
 */
import { pointOf, stageOf, unstaged } from '#core/systems'
import type { Evidence } from '#core/tab'
import { isOfSupply } from './supplyLevel'
import type { Tables } from './tables'
import { wordFor } from './verdict'

type Two = readonly [Evidence, Evidence]

/** Volts under which a wire is dead, whatever it picks up from its neighbours; common practice, no source. */
const GONE = 6

/** Volts that are low behind, and by so much less than ahead, are lost in between; judgement, no source. */
const LOST = 0.12

/** Each pair of lines that were read with the same things put right. */
export const pairsAround = (tables: Tables, evidence: readonly Evidence[]): readonly Two[] =>
  [splicesApart(evidence), voltsLost(tables, evidence), groundsTakenOff(tables, evidence), openThoughCool(evidence)]
    .flat()
    .filter(([a, b]) => a.repaired.length === b.repaired.length)

const each = (first: readonly Evidence[], second: readonly Evidence[]): readonly Two[] =>
  first.flatMap(a => second.map((b): Two => [a, b]))

function splicesApart(evidence: readonly Evidence[]): readonly Two[] {
  const open = evidence.filter(({ line }) =>
    line.kind === 'reading' && line.ol === true && line.test.includes('leads.'))
  return each(open, evidence.filter(e => unstaged(e.line.test) === 'open-again'))
}

function voltsLost({ model, tests }: Tables, evidence: readonly Evidence[]): readonly Two[] {
  const volts = evidence.flatMap((e) => {
    const test = tests.get(e.line.test)?.test
    if (e.line.kind !== 'reading' || test?.kind !== 'numeric' || !isOfSupply(test)) return []
    // a neutral has no volts to lose
    if ((model.band(test)?.low ?? 0) <= GONE) return []
    return [{ e, line: e.line, stage: stageOf(test), at: pointOf(model.kind, test).number }]
  })
  const there = volts.filter(({ line }) => wordFor(model, line) === 'in-band')
  const low = volts.filter(({ line }) => wordFor(model, line) === 'low')
  return there.flatMap(a => low.flatMap((b): readonly Two[] => {
    const [ahead, behind] = [a.line.value ?? 0, b.line.value ?? Infinity]
    const isLost = behind < GONE || behind < (1 - LOST) * ahead
    return isLost && a.at < b.at && a.stage === b.stage ? [[a.e, b.e]] : []
  }))
}

/** An overload that is open on a motor that was felt to be cool. */
const openThoughCool = (evidence: readonly Evidence[]): readonly Two[] => each(
  evidence.filter(({ line }) =>
    line.kind === 'reading' && line.ol === true && /\b(?:thermal|overload)\./.test(line.test)),
  evidence.filter(({ line }) => line.kind === 'observation' && line.test.endsWith('motor-heat')),
)

function groundsTakenOff(tables: Tables, evidence: readonly Evidence[]): readonly Two[] {
  const held = evidence.filter(({ line }) => {
    const test = tables.tests.get(line.test)?.test
    return test?.kind === 'seen' && test.trial?.opens && line.kind === 'observation' && line.outcome === 'holds'
  })
  return each(held, evidence.filter(e => isGrounded(tables, e)))
}

function isGrounded({ model, tests }: Tables, { line }: Evidence): boolean {
  const test = tests.get(line.test)?.test
  if (line.kind !== 'reading' || test?.kind !== 'numeric') return false
  return test.variant === 'ground' && wordFor(model, line) === 'low'
}
