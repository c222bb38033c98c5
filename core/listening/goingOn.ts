/**
 * What is said once and goes on: a figure ahead of each pair of leads (`4.6 yellow to black, 18.5 yellow to red`), and
 * amps of one lead that are amps of the next (`9 amps on the yellow, 8 on the black, red stays at 6`).
 */

const COLOUR = '(?:black|red|yellow|blue|white|orange)'
const PAIR = `${COLOUR} ?(?:to|and|-) ?(?:the )?${COLOUR}`
const FIGURE = '\\d*\\.?\\d+'
const AHEAD = new RegExp(`(?<![\\d.])(${FIGURE})( ?ohms?)? (?:from |on |across )?(?:the )?(${PAIR})`, 'g')
const BEHIND = new RegExp(
  `${PAIR}[^\\d,;]* (?:${FIGURE}|ol|open)(?![\\d.])(?! ?(?:ohms? )?(?:from |on )?(?:the )?${COLOUR})`,
)

/** Each figure behind its pair, where all of several stand ahead. */
function pairsAhead(text: string): string {
  const all = [...text.matchAll(AHEAD)]
  const first = all[0]
  if (!first || all.length < 2) return text
  const isMixed = BEHIND.test(text) || new RegExp(PAIR).test(text.slice(0, first.index))
  return isMixed ? text : text.replace(AHEAD, '$3 $1$2')
}

const AMPS = new RegExp(`(?<![\\d.])${FIGURE} ?amps? (?:on|at|in|through) (?:the )?${COLOUR}|\\bamps(?: are| is`
  + `| read|:)*(?= ${FIGURE} (?:on|at|in|through) (?:the )?${COLOUR})`)
const OTHER_UNIT = '(?! ?(?:[\\d.%°]|-|a?mps?\\b|v\\b|volts?|ohms?|psi|pounds|uf|µf|seconds?|minutes?|to\\b))'
const ON_ANOTHER = new RegExp(`(?<![\\d.])(${FIGURE})${OTHER_UNIT}(?= (?:on|at|in|through) (?:the )?${COLOUR})`, 'g')
const THAT_STAYS = new RegExp(
  `(${COLOUR}(?: one| wire| lead)?(?:,? (?:never (?:drops|goes)(?: off| away| out)?,?|it|just|only|is|sits|stays|hangs`
  + `|reads|shows|at|still|pulls|draws|hovers|hangs on))+) (${FIGURE})${OTHER_UNIT}(?![\\d.])`,
  'g',
)

function ampsGoOn(text: string): string {
  const first = AMPS.exec(text)
  if (!first) return text
  const at = first.index + first[0].length
  const rest = text.slice(at).replace(ON_ANOTHER, '$1 amps').replace(THAT_STAYS, '$1 $2 amps')
  return text.slice(0, at) + rest
}

export const goingOn = (text: string): string => ampsGoOn(pairsAhead(text))
