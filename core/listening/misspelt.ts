/**
 * What is typed with a thumb, in the dark: a word that is none, and lies one letter off one of the trade, is that one.
 * Only what is heard is put right; the line keeps what was typed.
 */
import { figureAt } from '#core/foundation'
import { PLAIN_WORDS, TRADE_WORDS } from './tradeWords'

/** Shorter words are too near to each other. */
const SHORTEST = 4
/** From such a length on two letters may be wrong. */
const LONG = 9

/** As it is texted. */
const TEXTED: readonly (readonly [RegExp, string])[] = [
  [/(?<=[a-z]{2}) n (?=[a-z]{2})/gi, ' and '],
  [/(?<=[a-z]{3}) w(?:\/ ?| )(?=[a-z]{2})/gi, ' with '],
  [/\bw\/o\b/gi, 'without'], [/\bb4\b/gi, 'before'], [/\bno1\b/gi, 'no one'], [/\bthru\b/gi, 'through'],
  [/\bnite\b/gi, 'night'], [/\brite\b/gi, 'right'], [/\bshud\b/gi, 'should'], [/\bwuz\b/gi, 'was'],
  [/\bded\b/gi, 'dead'], [/\bnock\b/gi, 'knock'], [/\bleek(?=s|ing|\b)/gi, 'leak'], [/\bcuz\b/gi, 'because'],
  [/\bfil(?:l?d|ed)(?= (?:it|her|the pump)\b)/gi, 'filled'], [/\blooses?(?= (?:it|prime|its|the prime)\b)/gi, 'loses'],
  [/\bfuze/gi, 'fuse'], [/\bswich/gi, 'switch'], [/\bthe (brake|brakes)\b/gi, 'the breaker'],
  [/\b(does|did|is|was|has|have|would|could|are|were|do|wo|ca)nt\b/gi, '$1n\'t'],
]

const byLetter = new Map<string, string[]>()
for (const word of TRADE_WORDS) byLetter.set(word.charAt(0), [...(byLetter.get(word.charAt(0)) ?? []), word])

/** @param known words that are right as they are, besides those of the language */
export function inTradeWords(typed: string, known: ReadonlySet<string> = NONE): string {
  const texted = TEXTED.reduce((text, [from, to]) => text.replace(from, to), typed)
  return texted.replace(/[a-z]+(?:['’][a-z]+)?/gi, (word) => {
    const plain = word.toLowerCase()
    if (plain.length < SHORTEST || /['’]/.test(plain) || isRight(plain) || known.has(plain)) return word
    return nearestTo(plain) ?? word
  })
}
const NONE: ReadonlySet<string> = new Set()
const isRight = (word: string) => TRADE_WORDS.has(word) || PLAIN_WORDS.has(word)

/** The one word that is meant; none where two are as near. */
function nearestTo(word: string): string | undefined {
  let best: readonly string[] = []
  let least = Infinity
  for (const meant of byLetter.get(word.charAt(0)) ?? []) {
    const most = meant.length >= LONG ? 2 : 1
    if (Math.abs(meant.length - word.length) > most || isOtherShort(word, meant)) continue
    const off = lettersOff(word, meant)
    if (off > most || off > least) continue
    best = off === least ? [...best, meant] : [meant]
    least = off
  }
  // `pulld` is pulled, and not pulls
  const alike = best.filter(meant => meant.at(-1) === word.at(-1))
  const [one, ...others] = alike.length > 0 ? alike : best
  return others.length > 0 ? undefined : one
}

/** Of four letters one that is another makes another word; two that changed places do not. */
const isOtherShort = (word: string, meant: string) =>
  meant.length <= SHORTEST && word.length === meant.length && sorted(word) !== sorted(meant)
const sorted = (word: string) => [...word].toSorted().join('')

/** Letters left out, put in, taken for another or changed about: the distance of Damerau and Levenshtein. */
function lettersOff(a: string, b: string): number {
  const width = b.length + 1
  const off = new Float64Array((a.length + 1) * width)
  const at = (i: number, j: number) => figureAt(off, i * width + j)
  for (let i = 0; i <= a.length; i++)
    for (let j = 0; j <= b.length; j++) {
      const same = a[i - 1] === b[j - 1]
      const swapped = i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1]
      off[i * width + j] = i === 0 || j === 0
        ? i + j
        : Math.min(
            at(i - 1, j) + 1, at(i, j - 1) + 1, at(i - 1, j - 1) + (same ? 0 : 1),
            swapped ? at(i - 2, j - 2) + 1 : Infinity,
          )
    }
  return at(a.length, b.length)
}
