/** What a hand does to taps, wires and switches as it goes: no finding by itself, and what came of it. No source. */
import { AT_END } from './partsOfSpeech'
import type { Joined } from './turnOf'

const BEGUN = '^ ?(?:i |we |then |so |and |now |ok |okay )*'
const TAPS = '(?:hose|tap|faucet|spigot|hydrant|valve|bib)s?'
const USERS = '(?:treatment(?: system)?|softener|irrigation(?: system)?|sprinklers?|ice ?maker|water heater'
  + '|filter system'
  + '|house|barn)'
const NO_CHANGE = '(?:no change|no difference|noth|same(?: thing)?|didn\'t (?:help|change)|still (?:cycling'
  + '|cycles|does it|kicks'
  + ' on|the same))'
const CAME = '(?: and|,|;|;? then)* '

/** By itself. */
const ONLY_DONE: Joined = [
  '',
  `${BEGUN}(?:ran|running|opened|turned on|cracked)(?: up)? (?:an?|the|one|two|some|my) (?:[a-z]+ )?${TAPS}`
  + '(?: (?:wide open|all the way|full blast|full|on|up|outside|out (?:front|back)))*(?= ?$)',
  `${BEGUN}let it (?:sit|rest|cool|stand)(?: (?:down|off|overnight|a while|awhile|for [a-z0-9 ]+|an? [a-z]+))*(?= ?$)`,
  `${BEGUN}(?:bumped|boosted) the (?:pressure|setting)(?: up| down)?(?: a (?:little|bit|hair))?(?= ?$)`,
  `${BEGUN}(?:pulled|threw|opened|killed) the disconnect(?= ?$)`,
  `${BEGUN}(?:unplugged|unplug|bypassed|bypass|disconnected|off|isolated|shut off|turned off`
  + `|stop) the ${USERS}${CAME}${NO_CHANGE}`,
  `${BEGUN}(?:swapped|switched|moved) (?:the |some )?wires at the motor(?= ?$)`,
  `${BEGUN}(?:cut|took) the splice (?:out|apart|open)${CAME}(?:it's|it was|it is|was|is) (?:dry|clean|bright|fine|good)`
  + '(?: inside)?',
  `${BEGUN}(?:ran|fed|run|powered) (?:it|the pump|the motor|a|an) ?(?:off|from|with`
  + `|on)?(?: of)? ?(?:an? )?(?:extension cord`
  + `|temporary (?:wire|cord|feed|line))(?: to the (?:pump|motor))?${CAME}(?:it )?(?:runs|ran|works)(?: (?:fine`
  + `|good|great))?`,
]

export const TURNS_BY_HAND: readonly Joined[] = [
  ONLY_DONE,
  ['motor leads off, breaker $1', `(?:disconnected|off|unhooked|took off|unwired) the (?:pump|motor)(?: (?:wires`
  + `|leads))?${CAME}`
  + `(?:the |it |now )*(?:breaker )?(holds|trips|still trips|held|tripped)${AT_END}`],
  ['jumped the pressure switch, runs', `(?:jumped|wired) it (?:straight|right|direct(?:ly)?) (?:to|from|across|off)`
  + ` (?:of )?(?:the )?(?:breaker|panel|line|disconnect)${CAME}(?:it|the pump|she) (?:runs|ran|takes off`
  + `|took off|runs fine)`],
  ['found a leak', '(?:dug|digging) up the line[a-z ]*,? (?:and )?(?:found|there\'s|it\'s) (?:an? )?(?:wet spot'
  + '|leak|puddle'
  + '|mud hole|hole)[a-z ]*'],
  ['cut-in $1, cut-out $2', '(?<=^ ?|gauge |from )([2345]0) to ([4567]0) in (?:about |like |only )?(?:an? '
  + '|\\d+ )(?:[a-z]+ )?'
  + '(?:sec(?:ond)?s?|min(?:ute)?s?)(?: and a half)?(?= ?$|,)'],
  ['$1', '(?<=^ ?|gauge |at )(\\d{1,3}) and (?:holding|steady)(?= ?$)'],
]
