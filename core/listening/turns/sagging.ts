/** Volts at rest and as it starts, told in one breath; volts at the main. */
import { V } from './partsOfSpeech'
import type { Joined } from './turnOf'

/** Volts of a mains, and not psi. */
const MAINS = '([1-4]\\d\\d)'
const LOWEST = '(\\d{2,3})'
const REST = '(?:sitting(?: there)?|at rest|idle|standing|no load|not running|with (?:nothing|it not|it all) running'
  + '|with it off|before it (?:starts|tries)|till it (?:starts|tries)|until it (?:starts|tries))'
const DROPS = '(?:(?:it )?(?:drops?|sags?|dips?|falls?|goes|pulls?|comes)(?: right| way)?(?: down)?(?: to)?|down to|to)'
const IT = '(?:it|she|the (?:pump|motor|compressor|booster))'
const TRIES = `(?:as|when|while|every time|the second|the minute) ${IT} (?:tries(?: to (?:start|run|go))?|hums|groans)`
const STARTS = `(?:as|when|while|every time|the second|the minute) ${IT} (?:starts|kicks (?:on|in)|comes on|pulls in)`

/** What it falls to while it runs is told apart from how it starts. */
const NOT_RUNNING = '(?! (?:once|while|under|with|when it(?:[\'’]?s)? run|running))'

const AT_REST_AND_STARTING: readonly Joined[] = [
  // it tries, and does not: that is no dip, it stays so
  ['line idle $1 volts, line $2 volts',
    `${MAINS}${V} ${REST},? (?:and |but |then )*${DROPS} ${LOWEST}${V} ${TRIES}`,
    `${MAINS}${V},? (?:and |but |then )*${DROPS} ${LOWEST}${V} ${TRIES}`],
  ['line idle $1 volts, line dip $2 volts',
    `${MAINS}${V} ${REST},? (?:and |but |then )*${DROPS} ${LOWEST}${V}(?: ${STARTS}|${NOT_RUNNING})`,
    `${MAINS}${V} ${REST},? (?:and |but |then )+${LOWEST}${V}(?: ${STARTS}|${NOT_RUNNING})`],
  ['line dip $1 volts', `${MAINS}${V} on the line ${TRIES}`, `${MAINS} ?v(?:olts?)? (?:${TRIES}|${STARTS})`],
  ['line dip $1 volts',
    `(?:drops|sags|dips|falls|pulls down|goes down)(?: down)? to ([6-9]\\d|[1-4]\\d\\d)${V} ${TRIES}`],
  ['line dip $1 volts', `(?:drops|sags|dips|falls|pulls down|goes down)(?: down)? to ${MAINS}${V} ${STARTS}`],
]

const MAIN = '(?:the )?main(?: (?:breaker|panel|lugs?|switch|service))?'

/** What it runs on, and not a lead to something else. */
const ON_A_GENERATOR: readonly Joined[] = [
  ['fed by a generator', '(?:we[\'’]re |they[\'’]re |it[\'’]s )?(?:running|run|been running|living) (?:it )?(?:on'
  + '|off)(?: of)? (?:a|the|their|an)'
  + '(?: \\w+){0,4} (?:generator|genny|genset)'],
]

const AT_THE_MAIN: readonly Joined[] = [
  ['load $1 volts', 'going out(?: of (?:it|there))?,? (?:it[\'’]?s |it is |i(?:[\'’]ve)? (?:got |get )|there[\'’]?s )'
  + '(?:like |about |maybe |around |only )*(\\d{1,3})(?: ?v(?:olts?)?)?'],
  ['panel idle $1 volts', `${MAINS}${V} (?:at|on|in) ${MAIN},? ${REST}`],
  ['$1 volts into the breaker', `${MAINS}${V} (?:at|on|in) ${MAIN}`],
  ['line $1/$1/$1',
    `${MAINS}${V},? (?:on )?all (?:3|three)(?: legs| phases| lines)? (?:at|on|in|into|across) the top`],
  ['nothing on the $1 side,', '(?:nothing|zero|0) (line|load) side(?! of)'],
  ['into the breaker $1 volts', `main(?: breaker| panel| lugs)?(?:'s got| has| reads| shows| is)? ${MAINS}${V}`],
  ['$2 l1 to ground $1, $2 l2 to ground $1', `(1[012]\\d)${V} to ground on (?:each|both)(?: (?:wires?|legs?|sides?`
  + '|hots?|of them))? (?:at|on|out of|from) the (breaker|panel|disconnect)'],
]

export const TURNS_OF_SAGGING: readonly Joined[] = [...AT_REST_AND_STARTING, ...AT_THE_MAIN, ...ON_A_GENERATOR]
