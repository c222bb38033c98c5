/**
 * Numbers in words as they are said over a meter, made figures: `one twenty` and `two hundred and forty`, `one
 * seventeen`, `two oh eight`, `point four`, `four point two`, a battery's `twelve six`. Of several in a row each takes
 * what is its own: `two forty two forty one` are 240 and 241, `thirty one twenty six` 31 and 26. A bare `one` stays a
 * word.
 */
const UNITS = 'one two three four five six seven eight nine'.split(' ')
const TEENS = 'eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'.split(' ')
const TENS = 'ten twenty thirty forty fifty sixty seventy eighty ninety'.split(' ')
const NOUGHTS = ['zero', 'oh']
const WORD = `(?:${[...UNITS, ...TEENS, ...TENS, ...NOUGHTS, 'a hundred', 'a thousand', 'hundred', 'thousand', 'point']
  .join('|')})`
/** Words of numbers on end; a person's years and degrees of frost are no readings. */
const RUN = new RegExp(`\\b${WORD}(?:(?:[ -]| and )${WORD})*\\b(?! years?\\b| below\\b)`, 'g')

const unitOf = (word: string | undefined) => UNITS.indexOf(word ?? '') + 1
const teenOf = (word: string | undefined) => (TEENS.includes(word ?? '') ? TEENS.indexOf(word ?? '') + 11 : 0)
const tenOf = (word: string | undefined) => 10 * (TENS.indexOf(word ?? '') + 1)
const isMore = (word: string | undefined) =>
  teenOf(word) > 0 || tenOf(word) > 0 || word === 'hundred' || word === 'oh'

/** So much was read of the words, up to the next. */
interface Read {
  readonly figure: string
  readonly next: number
}

/** A line with its numbers in figures; lower case. */
export const inNumbers = (text: string): string =>
  text.replace(RUN, run => figuresIn(run.replace(/\ba (?=hundred|thousand)/g, 'one '), run))

function figuresIn(run: string, said: string): string {
  const words = run.split(/[ -]/)
  const told: string[] = []
  for (let at = 0; at < words.length;) {
    const read = numberAt(words, at)
    told.push(read?.figure ?? words[at] ?? '')
    at = read?.next ?? at + 1
  }
  return told.some(t => /\d/.test(t)) ? told.join(' ') : said
}

function numberAt(words: readonly string[], at: number): Read | undefined {
  const whole = wholeAt(words, at)
  const next = whole?.next ?? at
  if (words[next] === 'thousand' && whole) return { figure: `${whole.value * 1000}`, next: next + 1 }
  const behind = words[next] === 'point' ? digitsFrom(words, next + 1) : undefined
  if (behind) return { figure: `${whole?.value ?? 0}.${behind.figure}`, next: behind.next }
  if (!whole || whole.isBare) return undefined
  const tenths = unitOf(words[next])
  // volts of a battery
  if (teenOf(words[at]) >= 11 && teenOf(words[at]) <= 14 && tenths > 0 && !isMore(words[next + 1]))
    return { figure: `${whole.value}.${tenths}`, next: next + 1 }
  return { figure: `${whole.value}`, next }
}

/** What is said behind the point. */
function digitsFrom(words: readonly string[], from: number): Read | undefined {
  let figure = ''
  let next = from
  for (; next < words.length; next++) {
    const word = words[next]
    const digit = NOUGHTS.includes(word ?? '') ? '0' : unitOf(word) || teenOf(word) || tenOf(word)
    if (digit === 0) break
    figure += digit
  }
  return figure ? { figure, next } : undefined
}

interface Whole {
  readonly value: number
  readonly next: number
  /** one word that may count no reading: `one`, `zero` */
  readonly isBare?: boolean
}

function wholeAt(words: readonly string[], at: number): Whole | undefined {
  const [unit, ten, teen] = [unitOf(words[at]), tenOf(words[at]), teenOf(words[at])]
  if (unit > 0) return hundredsAt(words, at, unit)
  if (teen > 0) return { value: teen, next: at + 1 }
  if (ten > 0) {
    const one = ten > 10 ? unitOf(words[at + 1]) : 0
    return { value: ten + one, next: at + (one > 0 ? 2 : 1) }
  }
  return words[at] === 'zero' ? { value: 0, next: at + 1, isBare: true } : undefined
}

/** `two hundred and eight`, `two oh eight`, `two forty one`: its last word is the next number's where one goes on. */
function hundredsAt(words: readonly string[], at: number, unit: number): Whole {
  const second = words[at + 1]
  if (second === 'hundred') {
    const from = words[at + 2] === 'and' && smallAt(words, at + 3).value > 0 ? at + 3 : at + 2
    const { value, next } = smallAt(words, from)
    return { value: 100 * unit + value, next }
  }
  const after = unitOf(words[at + 2])
  if (second === 'oh' && after > 0) return { value: 100 * unit + after, next: at + 3 }
  if (teenOf(second) > 0) return { value: 100 * unit + teenOf(second), next: at + 2 }
  if (tenOf(second) === 0) return { value: unit, next: at + 1, isBare: true }
  const own = tenOf(second) > 10 && after > 0 && !isMore(words[at + 3])
  return { value: 100 * unit + tenOf(second) + (own ? after : 0), next: at + (own ? 3 : 2) }
}

function smallAt(words: readonly string[], at: number): Whole {
  const small = unitOf(words[at]) || teenOf(words[at])
  if (small > 0) return { value: small, next: at + 1 }
  const ten = tenOf(words[at])
  const one = ten > 10 ? unitOf(words[at + 1]) : 0
  return { value: ten + one, next: at + (ten > 0 ? 1 : 0) + (one > 0 ? 1 : 0) }
}
