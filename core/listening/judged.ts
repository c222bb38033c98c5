/** What is told without its figure: `amps are right`, `good voltage`, `windings match the chart`. */
import type { Quantity } from '#core/units'

const SHOULD = '(?:should|ought to)'
const GOOD = 'good|fine|ok|okay|normal|perfect|right|balanced|even|in spec|within spec|in range'
const RIGHT = `(?:(?:all )?(?:checks? out(?: fine| good| ok| okay)?|${GOOD})`
  + `|(?:right )?(?:where|what) (?:it|they|she) ${SHOULD} be|(?:like|as) (?:it|they) ${SHOULD}(?: be)?`
  + '|(?:right )?on the money|(?:match(?:es)?|right on|good on|per|on|by|with|to) the (?:chart|card|book|plate|tag))'
const MUCH = '(?:(?:a (?:bit|little|hair|touch)|a little bit|way|sky|too|real|really|pretty|kinda|very|some|still) )*'
const HOW = `${MUCH}(?:${RIGHT}|low|high|down|up)`
const READ = '(?: (?:is|are|was|were|look|looks|read|reads|test|tests|tested|check|checks|checked|measure|measures'
  + '|come|came|ohm|meg|all|out|both|in|just|back))*'
const OF = '(?:voltages?|volts|amperage|amps|amp draw|current draw|ohms|resistances?|windings?|megs?'
  + '|insulation(?: resistance)?|precharge|tank air|air charge)'
/** Not of these: they are parts, with looks and ohms of their own. */
const OF_PARTS = '(?<!(?:relay|coil|heater|switch|transformer|pole) )'
/** `good voltage`, where something was got: no `set for low voltage`. */
const AHEAD = '(?<=^ ?|, |(?:and|got|have|has|a|some|see|getting|pulling|draws|drawing|reading|reads) )'
const JUDGED = new RegExp(
  `${OF_PARTS}\\b(?<of>${OF})(?:'s|s')?${READ} (?<how>${HOW})(?! ?(?:\\d|fig|row|at \\d|to \\d))\\b`
  + `|${AHEAD}(?<first>good|normal|low|high) (?<second>volts|voltage|amps|amperage|amp draw|ohms|megs?|insulation)\\b`
  + '(?! ?(?:\\d|fig|row))',
  'g',
)
/** Most lines name none of these, and are spared the search. */
const MAY_JUDGE = /volt|amp|current|ohm|resist|winding|meg|insul|precharge|tank air|air charge/
const judgedOf = (how: string): 'usual' | 'low' | 'high' =>
  (/\b(?:low|down)$/.test(how) ? 'low' : /\b(?:high|up)$/.test(how) ? 'high' : 'usual')

interface OfQuantity {
  readonly name: RegExp
  readonly quantity: Quantity
  readonly perUnit?: number
  /** the words that stay for it */
  readonly left?: string
}
const OF_QUANTITY: readonly OfQuantity[] = [
  { name: /^volt/, quantity: 'volts', perUnit: 1 },
  { name: /^(?:amp|current)/, quantity: 'amps', perUnit: 1, left: 'amps' },
  { name: /^(?:meg|insul)/, quantity: 'ohms', perUnit: 1e6, left: 'megs toground' },
  { name: /^(?:ohm|resist|wind)/, quantity: 'ohms', perUnit: 1, left: 'ohms windings' },
]
const OF_PRESSURE: OfQuantity = { name: /./, quantity: 'pressure' }

/** A figure that nobody read, or one that was: how it is marked in the text, and what is known of its unit. */
interface Judged {
  readonly value: null
  readonly judged: 'usual' | 'low' | 'high'
  readonly quantity: Quantity
  readonly perUnit?: number
}
type Read = Partial<Pick<Judged, 'judged' | 'quantity' | 'perUnit'>>

/**
 * Puts a figure that nobody read where one is judged, unless the figure itself comes after it.
 * @param readAt what was read, by its mark: `fig0`, `row0`
 * @param keep takes a figure in, and says its number
 */
export function takeJudged(
  words: string, readAt: (mark: 'fig' | 'row', n: number) => Read | undefined, keep: (figure: Judged) => number,
): string {
  if (!MAY_JUDGE.test(words)) return words
  return words.replace(JUDGED, (...found: unknown[]) => {
    const said = found.at(-1) as Record<string, string | undefined>
    const [how, of] = [said.how ?? said.first ?? '', said.of ?? said.second ?? '']
    const { quantity, perUnit, left } = OF_QUANTITY.find(({ name }) => name.test(of)) ?? OF_PRESSURE
    const [text, at] = [String(found.at(-2)), Number(found.at(-3))]
    // its figure comes after it
    const next = /(fig|row)(\d+)/.exec(text.slice(at))
    const told = next && readAt(next[1] === 'row' ? 'row' : 'fig', Number(next[2]))
    const isTold = told && !told.judged && (told.quantity ?? quantity) === quantity
    if (isTold && (told.quantity === undefined || (told.perUnit ?? 1) === (perUnit ?? told.perUnit ?? 1)))
      return String(found[0])
    const n = keep({ value: null, judged: judgedOf(how), quantity, ...(perUnit ? { perUnit } : {}) })
    return ` fig${n} ${left ?? of} `
  })
}
