/** `in the high 30s`, `mid two thirties`: where a needle stands or wanders, as a figure. Common practice, no source. */
const TENS = ['twent', 'thirt', 'fort', 'fift', 'sixt', 'sevent', 'eight', 'ninet']
const HUNDREDS: Readonly<Record<string, number>> = { one: 100, two: 200, four: 400 }
const WITHIN: Readonly<Record<string, number>> = { low: 2, mid: 5, middle: 5, high: 8, upper: 8 }
const PART = Object.keys(WITHIN).join('|')

const DECADE = new RegExp(
  `\\b(?:in the )?(${PART})(?: to (?:${PART}))?[ -](?:(one|two|four)[ -])?(?:(${TENS.join('|')})ies`
  + `|([1-4]?[2-9]0)[’']?s)\\b`,
  'g',
)
/** Of a pump from the 80s no reading was taken. */
const BARE = new RegExp(`\\bin the (?:(one|two|four)[ -])?(?:(${TENS.slice(0, 4).join('|')})ies`
  + `|([1-4]?[2-5]0)[’']?s)\\b`, 'g')

const figureOf = (part: string, hundred = '', name = '', tens = ''): string =>
  `${(HUNDREDS[hundred] ?? 0) + (name ? 10 * (TENS.indexOf(name) + 2) : Number(tens)) + (WITHIN[part] ?? 5)}`

/** A line with its decades as figures; lower case. */
export const inDecades = (text: string): string =>
  text
    .replace(DECADE, (_, part: string, hundred?: string, name?: string, tens?: string) =>
      figureOf(part, hundred, name, tens))
    .replace(BARE, (_, hundred?: string, name?: string, tens?: string) => figureOf('mid', hundred, name, tens))
