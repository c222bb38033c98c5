/**
 * Reads the trade's shorthand: `load 0v`, `y-b 4.8`, `cap 118uf`, `ol y-g`, `contacts burnt`, `dead 238 0.4 238`.
 * Says back what it understood, or asks, or names the word it does not know. Never guesses between two meanings; a test
 * already in hand (`expected`) settles a tie because it was stated, not guessed. Grammar: docs/shorthand.md.
 */
import { fail, isNonEmpty, ok, type Result } from '#core/foundation'
import { pointOf, testOf, type NumericTest, type SeenTest, type SystemKind } from '#core/systems'
import { findUnit, formatValue, UNITS, unitsOf, US, type Unit, type Units } from '#core/units'
import type { DraftLine } from './lines'
import { pointNames, wordsOfKind } from './completion'
import { normalise, numberAsName, readTokens, strip, type Value } from './shorthandTokens'
import { readStationWords, type StationProblem } from './stationWords'

export interface Choice {
  readonly say: string
  readonly line: DraftLine
  /** what it says besides: the other figures of a reading of several */
  readonly beside?: readonly DraftLine[]
}
export type Understood
  = | { readonly kind: 'line', readonly line: DraftLine, readonly say: string }
    | { readonly kind: 'ask', readonly question: string, readonly choices: readonly Choice[] }
export type ShorthandProblem = {
  readonly code:
    | 'empty' | 'unknown-word' | 'unknown-point' | 'no-value' | 'two-values' | 'wrong-unit' | 'no-such-reading'
    | StationProblem['code']
  readonly facts: Readonly<Record<string, string | number>>
}

export interface Listening {
  /** the test in hand */
  readonly expected?: string | undefined
  /** what bare figures are taken in, and said back in */
  readonly units?: Units
}

export function parseShorthand(
  kind: SystemKind,
  typed: string,
  { expected, units = US }: Listening = {},
): Result<Understood, ShorthandProblem> {
  const text = normalise(typed)
  if (!text) return fail('empty')
  const command = parseCommand(text, typed)
  if (command) return command
  const station = readStationWords(kind, typed, units)
  if (station && !station.ok) return station
  const [line, more] = station?.value.lines ?? []
  // several of one line are heard, not written short
  if (station && line && !more) return ok({ kind: 'line', line, say: station.value.say })
  const seen = parseSeen(kind, text, typed)
  if (seen && seen.kind === 'line') return ok(seen)
  const { words, values, problem } = numberAsName(kind, readTokens(text), text)
  if (problem) return problem
  const [value, ...others] = values
  if (!value) {
    if (seen) return ok(seen)
    return refuseWithoutValue(kind, words)
  }
  if (others.length > 0) return fail('two-values', { typed })
  return parseReading(kind, words, value, typed, expected, units)
}

/** State of the work and notes. */
function parseCommand(text: string, typed: string): Result<Understood, ShorthandProblem> | undefined {
  const [head = '', ...rest] = text.toLowerCase().split(' ')
  const tail = rest.join(' ')
  const numbers = rest.map(r => Number(r.replace(/v$|psi$/, ''))).filter(n => Number.isFinite(n))
  const say = (line: DraftLine, words: string) => ok<Understood>({ kind: 'line', line, say: words })
  if (head === 'note' || head === '"')
    return tail
      ? say({ kind: 'note', text: typed.trim().slice(head.length).trim() }, 'note')
      : fail('no-value', { what: 'the note' })
  if (head === 'dead' && rest.length > 0 && numbers.length === rest.length)
    return say(
      { kind: 'state', to: 'proven-dead', proof: numbers },
      `proven dead: ${numbers.map(n => `${n} V`).join(' → ')}`,
    )
  // `bled it, cap reads 60` is microfarads
  const isCapacitance = /\bcap\w* (?:is|reads|tests|at)\b|\d ?(?:uf|µf|mfd|mikes?|microfarads?)\b/i.test(tail)
  // `bled it down to 38` is the air of a tank
  const isAir = /\bdown to [1-9]\d*(?![\d.]| ?v)|\b(?:psi|pounds|air|tank)\b/i.test(tail)
  if ((head === 'bled' || head === 'discharged') && numbers.length === 1 && !isCapacitance && !isAir)
    return say({ kind: 'state', to: 'discharged', proof: numbers }, `discharged: ${numbers[0]} V left`)
  if (head === 'zero' && rest[0] === 'pressure' && numbers.length <= 1)
    return say(
      { kind: 'state', to: 'zero-pressure', proof: [(numbers[0] ?? 0) * findUnit('psi')!.perUnit] },
      `zero pressure: gauge ${numbers[0] ?? 0} psi`,
    )
  if (text.toLowerCase() === 'live' || text.toLowerCase() === 'power on')
    return say({ kind: 'state', to: 'live' }, 'power is on')
  return undefined
}

/** `contacts burnt`, `breaker on`, or an outcome that only one test has, such as `groans`. */
function parseSeen(kind: SystemKind, text: string, typed: string): Understood | undefined {
  const lower = text.toLowerCase()
  if (/\d/.test(lower)) return undefined
  const bare = strip(lower)
  const found: { test: SeenTest, outcome: string, label: string, length: number }[] = []
  for (const test of kind.tests) {
    if (test.kind !== 'seen') continue
    for (const word of test.words) {
      if (!isAhead(word, lower)) continue
      const rest = [lower.slice(word.length).trim(), strip(lower.slice(word.length))]
      for (const o of test.outcomes)
        if (rest.some(r => o.words.includes(r) || o.label.toLowerCase() === r))
          found.push({ test, outcome: o.id, label: o.label, length: word.length + 1000 })
    }
    // what a trial shows is said with the trial; alone, the word is of the system as it is
    for (const o of test.trial ? [] : test.outcomes)
      if (o.words.includes(bare) && o.words.join().length > 3)
        found.push({ test, outcome: o.id, label: o.label, length: 0 })
  }
  if (found.length === 0) return undefined
  const longest = Math.max(...found.map(f => f.length))
  const best = found.filter(f => f.length === longest)
  const choices = best.map(f => ({
    say: `${f.test.title}: ${f.label}`,
    line: { kind: 'observation' as const, test: f.test.id, outcome: f.outcome, typed },
  }))
  const [only, ...more] = choices
  return only && more.length === 0
    ? { kind: 'line', ...only }
    : { kind: 'ask', question: `“${typed.trim()}” — of what?`, choices }
}

/** Whether a text begins with a name, and not with a longer one. */
const isAhead = (name: string, text: string) =>
  name !== '' && text.startsWith(name) && (text.length === name.length || text[name.length] === ' ')

function parseReading(
  kind: SystemKind,
  words: readonly string[],
  value: Value,
  typed: string,
  expected: string | undefined,
  units: Units,
): Result<Understood, ShorthandProblem> {
  const candidates = kind.tests.flatMap((test) => {
    if (test.kind !== 'numeric') return []
    const match = matchWords(kind, test, words)
    return match === undefined ? [] : [{ test, ...match }]
  })
  if (candidates.length === 0 && words.length === 0 && expected) {
    const inHand = testOf(kind, expected)
    if (inHand?.kind === 'numeric' && (!value.unit || value.unit.quantity === inHand.quantity))
      return understood(inHand, value, typed, units)
  }
  const { unit } = value
  if (words.length === 0 && unit) {
    const plain = kind.tests.filter(
      (t): t is NumericTest =>
        t.kind === 'numeric' && t.quantity === unit.quantity && !t.variant && t.condition !== 'idle',
    )
    return ok({
      kind: 'ask',
      question: `${typed.trim()} — where?`,
      choices: plain.map(t => readingChoice(t, value, typed, units)),
    })
  }
  if (!isNonEmpty(candidates)) {
    const unknown = words.find(
      w =>
        !kind.tests.some(t => t.words.some(x => x.split(' ').includes(w)))
        && !kind.points.some(p => pointNames(p).some(n => n.split(' ').includes(w))),
    )
    return unknown
      ? fail('unknown-word', { word: unknown, system: kind.name })
      : fail('unknown-point', { typed: words.join(' ') || typed, system: kind.name })
  }
  const fitting = candidates.filter(c => !unit || c.test.quantity === unit.quantity)
  if (!isNonEmpty(fitting))
    return fail('no-such-reading', {
      unit: unit?.symbol ?? '',
      point: pointOf(kind, candidates[0].test).name,
      can: quantitiesOf(candidates),
    })
  const possible
    = value.number === null
      ? fitting.filter(c => c.test.quantity === 'ohms' || c.test.quantity === 'farads')
      : fitting
  // beyond the range is no reading of volts or amps
  if (possible.length === 0)
    return fail('no-such-reading', {
      unit: 'OL',
      point: pointOf(kind, fitting[0].test).name,
      can: quantitiesOf(fitting),
    })
  const best = Math.max(...possible.map(c => c.score))
  let top = possible.filter(c => c.score === best)
  if (top.length > 1 && expected && top.some(c => c.test.id === expected))
    top = top.filter(c => c.test.id === expected)
  const [only, ...more] = top
  if (only && more.length === 0) return understood(only.test, value, typed, units)
  return ok({
    kind: 'ask',
    question: `“${typed.trim()}” — which?`,
    choices: top.map(c => readingChoice(c.test, value, typed, units)),
  })
}

const quantitiesOf = (candidates: readonly { readonly test: NumericTest }[]) =>
  [...new Set(candidates.map(c => c.test.quantity))].join(', ')

/** All words must be a name of the point or a word of the test; a test with a variant needs one of its own words. */
function matchWords(
  kind: SystemKind,
  test: NumericTest,
  words: readonly string[],
): { score: number } | undefined {
  const point = pointOf(kind, test)
  const names = [...pointNames(point), `#${point.number}`, `p${point.number}`]
  const text = words.join(' ')
  if (words.length === 0) return undefined
  let score = 0
  let named = false
  let own = false
  let at = 0
  while (at < words.length) {
    const rest = words.slice(at).join(' ')
    const longest = (list: readonly string[]) =>
      Math.max(0, ...list.filter(n => isAhead(n, rest)).map(n => n.split(' ').length))
    const byPoint = longest(names)
    const byTest = longest(test.words)
    const taken = Math.max(byPoint, byTest)
    if (taken === 0) return undefined
    if (byPoint > 0) named = true
    if (byTest > 0) own = true
    if (byPoint > 0 && byTest > 0) score += 1
    score += taken
    at += taken
  }
  const special = test.variant !== undefined || test.condition === 'idle'
  if (special && !own) return undefined
  // a word of the test alone names it only where it is unmistakable: `cut in 32`, `cycle 9 s`
  if (!named && !test.words.some(w => w.length > 3 && text.includes(w))) return undefined
  if (!special && !own) score += 0.5
  return { score: score + (named ? 0.25 : 0) }
}

function readingChoice(test: NumericTest, value: Value, typed: string, units: Units, unit?: Unit): Choice {
  const used = value.unit ?? unit ?? unitsOf(test.quantity, units)[0]
  const si = value.number === null ? null : value.number * (used?.perUnit ?? 1)
  const line: DraftLine = {
    kind: 'reading',
    test: test.id,
    value: si,
    ...(si === null ? { ol: true } : {}),
    typed: typed.trim(),
  }
  return { line, say: `${test.title}: ${si === null ? 'OL' : formatValue(test.quantity, si, units)}` }
}

function understood(
  test: NumericTest,
  value: Value,
  typed: string,
  shown: Units,
): Result<Understood, ShorthandProblem> {
  if (value.unit && value.unit.quantity !== test.quantity)
    return fail('no-such-reading', { unit: value.unit.symbol, point: test.point, can: test.quantity })
  // to ground, a bare figure may be ohms or megohms: a factor of a million is not for guessing
  if (
    test.quantity === 'ohms'
    && test.variant === 'ground'
    && value.number !== null
    && value.number > 0
    && !value.unit
  ) {
    const units = ['Ω', 'kΩ', 'MΩ'].map(s => UNITS.find(u => u.symbol === s)!)
    return ok({
      kind: 'ask',
      question: `${value.number} what?`,
      choices: units.map(u => readingChoice(test, value, `${typed.trim()} ${u.symbol}`, shown, u)),
    })
  }
  return ok({ kind: 'line', ...readingChoice(test, value, typed, shown) })
}

function refuseWithoutValue(kind: SystemKind, words: readonly string[]): Result<never, ShorthandProblem> {
  const unknown = words.find(w => !wordsOfKind(kind).has(w))
  return unknown
    ? fail('unknown-word', { word: unknown, system: kind.name })
    : fail('no-value', { what: words.join(' ') })
}
