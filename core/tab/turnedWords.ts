/**
 * Nuts as they are said to be turned: `range 2 ccw`, `backed the big nut out a turn and a half`, `two turns ccw on the
 * range nut`. Which nut, how many turns and which way, in any order, with nothing else said. A turn without a direction
 * is refused: nobody can guess it.
 */
import { entryOf, fail, itemAt, ok, type Result } from '#core/foundation'
import type { SystemKind } from '#core/systems'
import type { Nut } from './kinds'
import type { DraftLine } from './lines'

export type TurnProblem = {
  readonly code: 'no-direction' | 'no-turns'
  readonly facts: Readonly<Record<string, string | number>>
}

const NUTS: Readonly<Record<string, Nut>> = {
  range: 'range', big: 'range', large: 'range', main: 'range', long: 'range', tall: 'range',
  differential: 'differential', diff: 'differential', small: 'differential', little: 'differential',
  short: 'differential',
}
const WAYS: Readonly<Record<string, 1 | -1>> = {
  cw: 1, clockwise: 1, in: 1, down: 1, tighter: 1, tightened: 1, up: 1, right: 1,
  ccw: -1, acw: -1, counterclockwise: -1, anticlockwise: -1, out: -1, looser: -1, loosened: -1, backed: -1,
  left: -1,
}
const COUNTS: Readonly<Record<string, number>> = {
  one: 1, two: 2, three: 3, four: 4, couple: 2, half: 0.5, quarter: 0.25, third: 1 / 3,
}
const FILLER = new Set([
  'turned', 'turns', 'turn', 'a', 'full', 'gave', 'the', 'it', 'of', 'by', 'about', 'another', 'more', 'on', 'nut',
  'spring', 'screw',
  'cranked', 'i', 'adjusted', 'ran', 'wound', 'screwed', 'took', 'brought', 'now', 'off', 'back', 'an', 'to', 'x',
  'and',
])
/** No nut has so many: something else was meant. */
const MOST_TURNS = 40
const OF_TURNING = /\bturn(?:s|ed)?\b|\bc?cw\b|clockwise|\b(?:nut|spring|screw)\b/

/** @returns nothing where the line is of something else */
export function readTurnedWords(kind: SystemKind, typed: string): Result<TurnedLine, TurnProblem> | undefined {
  const text = spell(typed)
  const component = kind.components.find(c => c.id === 'switch')?.id
  if (!component || !(OF_TURNING.test(text) || /^(?:range|diff\w*) .*\d/.test(text))) return undefined
  const nuts: Nut[] = []
  const ways: number[] = []
  const counts: number[] = []
  const tokens = text.split(' ').filter(Boolean)
  for (const token of tokens) {
    if (token in NUTS) nuts.push(entryOf(NUTS, token))
    else if (token in WAYS) ways.push(entryOf(WAYS, token))
    else if (isNumber(token)) counts.push(Number(token))
    else if (token in COUNTS) counts.push(entryOf(COUNTS, token))
    else if (!FILLER.has(token)) return undefined
  }
  const [nut, other] = nuts
  if (!nut || other || new Set(ways).size > 1) return undefined
  const turns = counts.reduce((sum, c) => sum + c, 0)
  if (ways.length === 0) return turns > 0 ? fail('no-direction', { typed }) : undefined
  if (turns === 0 || turns > MOST_TURNS) return undefined
  return ok({ kind: 'adjusted', component, nut, turns: itemAt(ways, 0, 'way') * turns, typed })
}
export type TurnedLine = Extract<DraftLine, { readonly kind: 'adjusted' }>

const FRACTIONS: Readonly<Record<string, string>> = { '¼': ' 1/4', '½': ' 1/2', '¾': ' 3/4' }

/** Fractions as figures, words that are written in several ways as one. */
const spell = (typed: string) =>
  typed
    .replace(/[¼½¾]/g, c => entryOf(FRACTIONS, c))
    .toLowerCase()
    .replace(/(\d+)\/(\d+)/g, (_, a: string, b: string) => String(Number(a) / Number(b)))
    .replace(/\b(?:counter|anti)[ -]?clockwise\b/g, 'ccw')
    .replace(/\b(?:a|another|one)(?: full)? turn and a (half|quarter)\b/g, 'one $1')
    .replace(/\band an? (half|quarter)\b/g, '$1')
    .replace(/\b(half|quarter|third) (?:of )?an? turn\b/g, '$1')
    .replace(/\ban? (half|quarter|third)\b/g, '$1')
    .replace(/\b(?:a|another)(?: full)? turn\b/g, 'one')
    .replace(/[,.](?=\s|$)/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()

const isNumber = (token: string) => /^\d+(?:\.\d+)?$/.test(token)
