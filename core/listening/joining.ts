/**
 * Words that are one are put together, by the table of turns (turns/joined.ts) in its order. Of its many patterns only
 * those are tried whose letters stand in the text: found by three letters of each, as an index of texts is.
 */
import { itemAt } from '#core/foundation'
import { goingOn } from './goingOn'
import { JOINED } from './turns/joined'
import { mustHold } from './mustHold'
import { otherTwo, threeWindings } from './threes'

interface Turn {
  readonly to: string
  readonly pattern: RegExp
  readonly anyOf: readonly string[] | undefined
}
/** Or a figure. Spelled out: what `\p{L}` stands for takes an engine of patterns long to put together. */
const LETTER = '[a-z\\dµß-öø-\\u1fff]'

/** Each way as a pattern of its own, so that `$1` is what that way held; never a part of a word or of a figure. */
const TURNS: readonly Turn[] = JOINED.flatMap(([to, ...said]) => said.map(s => ({
  to: ` ${to} `,
  pattern: new RegExp(`(?<!${LETTER}|\\d\\.)(?:${s})(?!${LETTER}|\\.\\d)`, 'g'),
  anyOf: mustHold(s),
})))

/** Numbers of turns by letters that a text must hold for them, three or fewer; those of none are always tried. */
const byLetters = new Map<string, number[]>()
for (const [i, { anyOf = [''] }] of TURNS.entries())
  for (const key of new Set(anyOf.map(keyOf))) byLetters.set(key, [...(byLetters.get(key) ?? []), i])

/** Its last three: words begin alike more often than they end alike. */
function keyOf(letters: string): string {
  return letters.trimEnd().length < 3 ? letters.slice(0, 3) : letters.trimEnd().slice(-3)
}

/** Marks the turns whose letters stand in a text. */
function markTurns(text: string, marked: Uint8Array): void {
  const mark = (key: string) => {
    for (const i of byLetters.get(key) ?? []) marked[i] = 1
  }
  mark('')
  for (let at = 0; at < text.length; at++)
    for (let end = at + 1; end <= at + 3; end++) mark(text.slice(at, end))
}

/** One line is joined several times over as it is heard. */
const lately = new Map<string, string>()
const MOST_LATELY = 500

/** Several words that are one, put together; lower case, without marks. */
export function join(text: string): string {
  const known = lately.get(text)
  if (known !== undefined) return known
  if (lately.size >= MOST_LATELY) lately.clear()
  const fresh = joinAnew(text)
  lately.set(text, fresh)
  return fresh
}

/** `black to yellow 2.4 red to yellow 9.8`: each pair before its figure. */
const PAIR = '(?:red|black|yellow) ?(?:to|-) ?(?:red|black|yellow)\\b'
const PAIR_FIRST = new RegExp(`^\\D*${PAIR}.*$`)
const PAIR_NEXT = new RegExp(`(\\d(?: ?ohms?)?) (?=${PAIR})`, 'g')
/** `2.4 black to yellow 9.8 red to yellow`: each behind it. */
const FIGURE_FIRST = new RegExp(`^\\D*\\d[\\d.]*(?: ?ohms?)? (?:on |from |at )?${PAIR} \\d.*$`)
const FIGURE_NEXT = new RegExp(`(${PAIR}) (?=\\d)`, 'g')
/** `12 point 2` */
const POINT = /(\d) point (\d)/g

function joinAnew(text: string): string {
  const plain = text.toLowerCase().replaceAll('’', '\'')
    .replace(POINT, '$1.$2').replace(PAIR_FIRST, pairs => pairs.replace(PAIR_NEXT, '$1, '))
    .replace(FIGURE_FIRST, pairs => pairs.replace(FIGURE_NEXT, '$1, '))
  let joined = ` ${threeWindings(otherTwo(goingOn(plain)))} `
  const marked = new Uint8Array(TURNS.length)
  markTurns(joined, marked)
  for (let i = marked.indexOf(1); i >= 0; i = marked.indexOf(1, i + 1)) {
    const { to, pattern, anyOf } = itemAt(TURNS, i, 'turn')
    if (anyOf && !anyOf.some(letters => joined.includes(letters))) continue
    const put = joined.replace(pattern, to)
    if (put === joined) continue
    joined = put.replace(/ {2,}/g, ' ')
    // other letters stand there now
    markTurns(joined, marked)
  }
  return joined.replace(/\s+/g, ' ').trim()
}
