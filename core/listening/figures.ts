/**
 * The figures of a line: `24`, `4.8 ohms`, `3–5 s`, `about 12`, `over 20 meg`, `1½`, `OL`, `460/467/450`, `ten
 * minutes`. What they stood in is left behind as words. A figure with a unit that no reading has (feet, gallons,
 * horsepower, hours of rest) is passed over.
 */
import { inDecades } from './decades'
import { inNumbers } from './spokenNumbers'
import { findUnit, type Quantity } from '#core/units'
import { asCourse, perTime } from './overTime'
import { takeJudged } from './judged'
import { countOf, NAMES } from './numberNames'
import { NOT_READ } from './notRead'
import { threeLines, threePairs } from './threes'

export interface Figure {
  /** nothing is OL: beyond the meter's range */
  readonly value: number | null
  /** half of what it swung over, or of what was left open by "about" */
  readonly spread?: number
  readonly bound?: 'over' | 'under'
  readonly quantity?: Quantity
  /** SI units that one of them is; without a unit the reading's own is taken */
  readonly perUnit?: number
  /** the figure of the line before, said of another place */
  readonly again?: true
  /** no figure was told, only how it was found */
  readonly judged?: 'usual' | 'low' | 'high'
  /** volts that are there, no figure read: at least what a tester tells */
  readonly live?: true
}

/** A text whose figures are numbered: `fig0`, `row0` stand where they stood. */
export interface Told {
  readonly words: string
  readonly figures: readonly Figure[]
  /** figures in a row, parted by strokes: of one go */
  readonly rows: readonly (readonly Figure[])[]
}

/** What a name of a number may stand before. */
const COUNTED = '(?:seconds?|secs?|minutes?|mins?|hours?|hrs?|psi|pounds?|volts?|amps?|ohms?|megs?|gpm|meg)'
const NAMED = new RegExp(
  `\\b(${Object.keys(NAMES).join('|')})(?: (?:an?|of))? (?=${COUNTED}\\b)|\\b(half an?|a couple of) (?=${COUNTED}\\b)`,
  'g',
)

/** `1 to 2 480, 2 to 3 11, 1 to 3 470`, `one two is 4.1, two three is open, …`: three pairs of bare numbers. */
const LEAD = '(one|two|three|[123])'
const OF_A_PAIR = `${LEAD}(?: ?(?:to|and|-) ?| )${LEAD}(?: is| reads| at)?:? (open|ol|o\\.l\\.|infinite|zero|dead`
  + `|\\d[\\d.]*)`
  + '(?: ?(?:volts?|v|ohms?))?'
const BARE_PAIRS = new RegExp(`(?<![\\d.\\w])${OF_A_PAIR},? (?:and )?${OF_A_PAIR},? (?:and`
  + ` )?${OF_A_PAIR}(?![\\d.])`, 'g')
const sayPairs = (_: string, ...said: string[]) =>
  [0, 3, 6].map((at) => {
    const [a, b, value = ''] = said.slice(at, at + 3)
    const read = /^\d/.test(value) ? value : /zero|dead/.test(value) ? '0' : 'ol'
    return `n${countOf(a!)} n${countOf(b!)} ${read}`
  }).join(', ')

/** `between one and two … one to three`: two and more of them are pairs of lines. */
const OF_TWO = new RegExp(
  `\\b${LEAD}(?: ?- ?| (?:to|and) )${LEAD}(?!\\d|[./]|-| ?(?:psi|volts?|amps?|minutes?|seconds?))`, 'g',
)
const namedPairs = (text: string): string => {
  const pairs = [...text.matchAll(OF_TWO)].map(([, one = '', two = '']) => new Set([countOf(one), countOf(two)]))
  const areAll = new Set(pairs.map(p => [...p].toSorted().join(''))).size > 1 && pairs.every(p => p.size === 2)
  return areAll ? text.replace(OF_TWO, (_, a: string, b: string) => `n${countOf(a)} n${countOf(b)}`) : text
}

/** `9 amps, 9 amps, 0`: three of one unit are a row. */
const THREE_NAMED = new RegExp(
  '(?<![\\d.])(\\d+(?:\\.\\d+)?) ?(amps?|volts?|ohms?),? (?:and )?(\\d+(?:\\.\\d+)?) ?\\2,? (?:and )?'
  + '(\\d+(?:\\.\\d+)?)(?: ?\\2)?(?![\\d.])',
  'g',
)

/** `volts 204, 238, 236`, `204 volts, 238, 236`: of one unit all three. */
const ONE_NAMED = new RegExp(
  '(?:\\b(amps?|volts?|ohms?)(?: are| is| read| at|:)* )?(?<![\\d.])(\\d+(?:\\.\\d+)?)(?: ?(amps?|volts?|ohms?))? ?,'
  + ' ?(\\d+(?:\\.\\d+)?)(?: ?, ?| and )(?:and )?(\\d+(?:\\.\\d+)?)'
  + '(?! ?(?:[\\d./]|a?mps?|v|volts?|ohms?|psi|to\\b))',
  'g',
)
const allOfOne = (all: string, ahead: string | undefined, a: string, unit: string | undefined, b: string, c: string) =>
  (ahead ?? unit ? `${a}/${b}/${c} ${ahead ?? unit}` : all)

/** `zero point zero two`: a decimal fraction, spoken. */
const DIGITS = 'zero|oh|one|two|three|four|five|six|seven|eight|nine'
const POINT = new RegExp(`\\b(?:(${DIGITS}) )?point ((?:${DIGITS})(?: (?:${DIGITS}))*)\\b`, 'g')
const digitOf = (name: string) => String(Math.max(0, DIGITS.split('|').indexOf(name) - 1))
const decimal = (_: string, whole: string | undefined, rest: string) =>
  `${whole ? digitOf(whole) : '0'}.${rest.split(' ').map(digitOf).join('')}`

/** `got seventy`, `down to four`: a number by its name, where nothing is counted by it. */
const ALONE = new RegExp(
  '\\b(?<=\\b(?:to|at|got|gets|getting|reads|says|shows|only|pulling|drawing|pulls|draws|in) )'
  + `(${Object.keys(NAMES).filter(n => !/^(?:an?|half|couple|one|two|three)$/.test(n)).join('|')})`
  + '(?= *(?:$|,|;|(?:now|and|on|across|when|while|as|with)\\b))',
  'g',
)

const FRACTIONS: Readonly<Record<string, string>> = { '¼': ' 1/4', '½': ' 1/2', '¾': ' 3/4', '⅓': ' 1/3', '⅔': ' 2/3' }

const NUMBER = '(?:\\d+ )?\\d+/[1-9]\\d*(?![/\\d])|\\d*\\.\\d+|\\d+(?:\\.\\d+)?'
const UNIT = '[a-zµωΩ°%/]+(?:-?amps?)?'
const PATTERN = new RegExp(
  `(?<![\\p{L}\\d.])(about|around|roughly|some|approx|~|nearly|over|more than|above|>|under|less than|below|<)? ?`
  + `(-?(?:${NUMBER}))(?:(?: ?- ?| to | or )(${NUMBER}))? ?(${UNIT})?(?![\\p{L}\\d])`,
  'gu',
)
const ROW = /(?<![\d/.])(\d*\.?\d+)((?: ?\/ ?\d*\.?\d+){2})(?![\d/]) ?([a-zµωΩ]+)?/gu
/** Three figures and nothing else: of one go. */
const ROW_BY_SPACES
  = /(?<![\d./n-])(?<!n\d )(\d*\.?\d+) (\d*\.?\d+) (?:and )?(\d*\.?\d+)(?![\d./])(?: ?([a-zµωΩ]+))?/gu
const ROW_BY_COMMAS
  = /^(?:\D|n[123]\b)*?(?<!n)(\d*\.?\d+), ?(\d*\.?\d+),? (?:and )?(\d*\.?\d+)(?: ?([a-zµωΩ]+))?(?=\D*$)/u

/** Hours are waited, never read; the rest is written on plates and walls. */
const PASSED_OVER
  = new Set(
    ('h hr hrs hour hours day days week weeks month months year years yr yrs ft feet foot gal gallon gallons hp kw '
      + 'inch inches awg % percent °f °c f c w watt watts pm am th st nd rd').split(' '),
  )

/** Volts from which a tester tells that something is live: mains, a battery; common practice, no source. */
export const TESTER = { mains: 90, vehicle: 6 }

/** `one twenty`, `two hundred and forty`, `twenty pounds`: as figures, ahead of all turns that speak of figures. */
export const inFigures = (text: string): string =>
  inNumbers(inDecades(text.toLowerCase()))
    .replace(UNIT_AND_A_HALF, (_, n: string | undefined, unit: string) => `${n ? countOf(n) : 1}.5 ${unit}`)
    .replace(TENTHS, (_, n: string, unit: string | undefined) => `0.${countOf(n)} ${unit ?? 'volts'}`)

/** @param joined lower case, words of one meaning joined */
export function figuresOf(joined: string): Told {
  const figures: Figure[] = []
  const rows: Figure[][] = []
  let words = joined
    .replace(/[¼½¾⅓⅔]/g, c => FRACTIONS[c] ?? c)
    .replace(TWO_OF_A_KIND, '$1-$2')
    .replace(ALL_TO_GROUND, '$1 to ground $2 ohms, $3 to ground $4 ohms, $5 to ground $6 ohms')
    .replaceAll('μ', 'µ')
    .replace(/[–—]/g, '-')
    .replace(/(\d),(\d{1,2})(?![\d,])/g, '$1.$2')
    .replace(NOT_READ, ' ')
    .replace(POINT, decimal)
    .replace(BARE_PAIRS, sayPairs)
    .replace(/^.*$/, namedPairs)
    .replace(/^.*$/, perTime)
    .replace(AND_A_HALF, (_, n: string) => `${countOf(n)}.5`)
    .replace(/^.*$/, inNumbers)
    .replace(TWO_TO_GROUND, ' $3 n1 toground $1, n2 toground $2 $3 ')
    .replace(/^.*$/, legsToGround)
    .replace(THREE_NAMED, '$1, $3, $4 $2')
    .replace(ONE_NAMED, allOfOne)
    .replace(LEVELS, sayLevel)
    .replace(/^.*$/, asCourse)
    .replace(/^.*$/, threePairs)
    .replace(/^.*$/, threeLines)
    .replace(NAMED, (_, name: string | undefined, other: string | undefined) =>
      `${name ? countOf(name) : other?.startsWith('half') ? 0.5 : 2} `)
    .replace(ALONE, (name: string) => String(countOf(name)))
    .replace(/(\d) (?:point) (\d)/g, '$1.$2')
    .replace(/\bdead short(?:ed)?\b|\bshorted (?:solid|out)\b/g, ' 0 ohms ')
    .replace(/\btoground (?:shows|reads|is|has|gives) (?:a )?short(?:ed)?\b/g, 'toground 0 ohms')
    .replace(/\bzero (?=ohms?|volts?|amps?|psi|pressure)/g, '0 ')
  const keepRow = (all: readonly string[], unit: string | undefined) => {
    const named = unitOf(unit)
    rows.push(all.map(n => ({ value: Number(n), ...(named ?? {}) })))
    return ` row${rows.length - 1} ${named || !unit ? '' : unit} `
  }
  words = words.replace(ROW, (_, first: string, rest: string, unit?: string) =>
    keepRow([first, ...rest.split('/').slice(1).map(n => n.trim())], unit))
  for (const pattern of [ROW_BY_COMMAS, ROW_BY_SPACES])
    words = words.replace(pattern, (whole: string, a: string, b: string, c: string, unit?: string) =>
      `${whole.slice(0, whole.search(new RegExp(`(?<![n.\\d])${a.replace('.', '\\.')}`)))} ${keepRow([a, b, c], unit)}`)
  words = words.replace(
    PATTERN,
    (_, before: string | undefined, first: string, second: string | undefined, unit: string | undefined) => {
      const named = unitOf(unit)
      const left = named || !unit ? '' : unit
      if (unit && PASSED_OVER.has(unit)) return ' '
      const figure = { ...readFigure(before, toNumber(first), second ? toNumber(second) : undefined), ...(named ?? {}) }
      figures.push(figure)
      return ` fig${figures.length - 1} ${figure.quantity === 'time' ? sayTime(figure) : left} `
    },
  )
  words = words.replace(/(?<![\p{L}\d])(?:ol|o\.l|0l|∞)(?![\p{L}\d])/gu, () => {
    figures.push({ value: null })
    return ` fig${figures.length - 1} ol `
  })
  words = takeJudged(words, (mark, n) => (mark === 'row' ? rows[n]?.[0] : figures[n]), f => figures.push(f) - 1)
  words = words.replace(/\bison\b/g, () => {
    figures.push({ value: TESTER.mains, bound: 'over', quantity: 'volts', perUnit: 1, live: true })
    return ` fig${figures.length - 1} `
  })
  return { words: words.replace(/\s+/g, ' ').trim(), figures: inOneUnit(figures), rows }
}

/** `3 ohms, yellow 2, red 7`: ohms go on being ohms. */
const inOneUnit = (figures: readonly Figure[]): Figure[] =>
  figures.reduce((all: Figure[], f) => {
    const before = all.at(-1)
    const goesOn = f.value !== null && !f.quantity && before?.quantity === 'ohms'
    return [...all, goesOn ? { ...f, quantity: 'ohms', ...(before.perUnit ? { perUnit: before.perUnit } : {}) } : f]
  }, [])

/** `208/240` and `40/60` are no fractions. */
const TWO_OF_A_KIND = /(?<![\d/.])(\d{2,3})\/(\d{2,3})(?![\d/])/g
/** `yellow to ground 2 ohms, black 4, red 9`: to ground, all of them. */
const ALL_TO_GROUND = new RegExp(
  [' to ?ground', '', '']
    .map(to => `(black|red|yellow)${to} (\\d+(?:\\.\\d+)?)(?: ohms?)?`)
    .join(',? (?:and )?'),
  'g',
)
/** `121 and 0 to ground`: each leg. */
const TWO_TO_GROUND = new RegExp(
  '(?<![\\d.])(\\d+)(?: ?v(?:olts?)?)? and (\\d+)(?: ?v(?:olts?)?)? toground\\b'
  + '(?: (?:on|at) the ((?!the|left|right)[a-z]+))?',
  'g',
)
/**
 * `120 leg one to ground`, `L2 to ground 3`: a leg is the supply's, and so volts unless ohms are named; what is to
 * ground in ohms is a lead, a motor, a cable (common practice, no source).
 */
const LEG_AHEAD
  = /(?<!lead )\b(n[123]) toground(?: is| was| reads?)? (\d{1,3}(?:\.\d+)?)(?: ?v(?:olts?)?)?(?![\d.])/g
const LEG_BEHIND
  = /(?<![\d.n])(\d{1,3}(?:\.\d+)?)(?: ?v(?:olts?)?)? (?:on |at |from )?(?<!lead )\b(n[123]) toground\b/g
const OF_OHMS = /\bmeg|\bohm|ω|\dk\b|insulation/i
const legsToGround = (text: string): string =>
  (OF_OHMS.test(text)
    ? text
    : text.replace(LEG_BEHIND, '$2 toground $1 volts').replace(LEG_AHEAD, '$1 toground $2 volts'))
const AND_A_HALF = new RegExp(`\\b(\\d+|${Object.keys(NAMES).slice(0, 12).join('|')}) and (?:a half|change)\\b`, 'g')
const UNITS = 'one two three four five six seven eight nine'.split(' ')
const ONES = `(?:${UNITS.join('|')})`
/** `a volt and a half`, `two tenths of a volt`: of nothing else is so little told without its unit. */
const UNIT_AND_A_HALF = new RegExp(`(?:\\b(an?|\\d+|${ONES}) )?\\b(volts?|amps?|ohms?|psi|pounds?) and a half\\b`, 'g')
const TENTHS = new RegExp(`\\b(a|${ONES}|[1-9]) tenths?(?: of (?:an? )?(volt|amp|ohm|psi|pound))?\\b`, 'g')

/** Water stands at so many feet, the pump at so many: covered by more than so much it is no dry well. */
const LEVELS = /\b(?:static|level|water)\b[^\d]*(\d+) ?(?:ft|feet|foot)?\b.*\bpump\b[^\d]*(\d+) ?(?:ft|feet|foot)?\b/
const COVERED = 10
const sayLevel = (_: string, level: string, pump: string) =>
  (Number(pump) - Number(level) > COVERED ? ' levelabove ' : ' levelat ')

const sayTime = ({ value, perUnit = 1 }: Figure) => ((value ?? 0) * perUnit < 60 ? 'tseconds' : 'tminutes')

/** A tenth either way is what "about" leaves open; common practice, no source. */
const ABOUT = 0.1

function readFigure(before: string | undefined, first: number, second: number | undefined): Figure {
  if (second !== undefined && second > first)
    return { value: (first + second) / 2, spread: (second - first) / 2 }
  switch (before) {
    case 'over':
    case 'more than':
    case 'above':
    case '>':
      return { value: first, bound: 'over' }
    case 'under':
    case 'less than':
    case 'below':
    case '<':
      return { value: first, bound: 'under' }
    case undefined:
      return { value: first }
    default:
      return { value: first, spread: ABOUT * Math.abs(first) }
  }
}

function toNumber(text: string): number {
  const parts = text.trim().split(' ')
  return parts.reduce((sum, part) => {
    const [top, bottom] = part.split('/')
    return sum + (bottom ? Number(top) / Number(bottom) : Number(part))
  }, 0)
}

const LONGER: Readonly<Record<string, string>> = { pounds: 'psi', pound: 'psi', kohm: 'kohm', mins: 'min',
  microfarad: 'uf', microfarads: 'uf', mfd: 'uf', mike: 'uf',
  mikes: 'uf', megohm: 'meg', megohms: 'meg', megs: 'meg', kilohm: 'kohm', kilohms: 'kohm', lbs: 'psi', lb: 'psi',
  secs: 's',
}

function unitOf(text: string | undefined): Pick<Figure, 'quantity' | 'perUnit'> | undefined {
  if (!text) return undefined
  const unit = findUnit(LONGER[text] ?? text)
  return unit && unit.symbol !== '' ? { quantity: unit.quantity, perUnit: unit.perUnit } : undefined
}
