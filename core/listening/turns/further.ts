/** What is told of breakers, belts, outlets and small tanks, and stands in no other table. Common practice, no source. */
import type { Joined } from './turnOf'

const VOLTS = '(?:1[0-2]\\d|2[0-4]\\d)'
const ONE_SIDE = '(?:screw|side|pole|leg|lug|terminal)'
const AMPS = '\\d+(?:\\.\\d+)?(?: ?amps?)?'

export const TURNS_OF_FURTHER: readonly Joined[] = [
  ['precharge $1 psi', '(?:the )?(?:accumulator|little tank) (?:has|had|is at|reads|only has)(?: about| only)? (\\d+)'
  + '(?: ?psi| pounds| lbs)?(?: in it| of air)?'],
  ['breaker l1 toground $1 volts, breaker l2 toground $2 volts', `(\\d{2,3}) on one ${ONE_SIDE} of the breaker,?`
  + ` (?:and |but )?(\\d+) on the other(?:,? to (?:the )?(?:bar|neutral|ground))?`],
  ['breaker l1 toground $1 volts, breaker l2 toground 0 volts', `(\\d{2,3}) on one ${ONE_SIDE} of the breaker,?`
  + ` (?:and |but )?(?:nothing|zero|none) on the other(?:,? to (?:the )?(?:bar|neutral|ground))?`],
  ['airvalve water', '(?:no air in the tank,? (?:and )?)?water (?:came|comes|shot|spit|squirted|squirts)(?: right)? out'
  + '(?: of)? (?:the )?(?:air )?(?:valve|stem|schrader)'],
  ['', '(?:nobody|no one)(?:\'s| has| had|\'s got)? (?:got )?(?:a |any )?(?:tap|faucet|water|valve)s? (?:on|open|running)'
  + '(?: and)?'],
  ['secondreturn runs', '(?:ran|run|put|clipped|hooked)(?: up)? (?:a |my )?(?:jumper|wire|lead) (?:off|from)(?: of)? the'
  + ' black(?: wire| lead)? (?:over |back |straight )*to (?:the )?battery(?: negative| post)?,?(?: and| then)? (?:it|she|the'
  + ' pump) (?:took (?:right )?off|runs|ran|runs? fine|came (?:right )?(?:on|up)|perked (?:right )?up)'],
  ['stalls at $1 psi', '(?:capped|plugged|dead ?headed)(?: off)? the (?:outlet|discharge)[^\\d]*(?:won\'t'
  + '|will not|doesn\'t|can\'t) (?:build|go|get|climb)(?: up)?(?: past| over| above| to)? (\\d+)'],
  ['stalls at $1 psi', '(?:shut|closed)(?: off)? the (?:house valve|valve to the house)(?: off)?,?'
  + ' (?:and )?(?:it\'s |it )?still (?:stuck at |at |only )?(\\d{1,2})(?= ?$| psi| pounds)'],
  ['stalls at $1 psi', '(?:gets|goes|comes|builds)(?: up)? to (\\d{1,3})(?: psi| pounds)?,? (?:and )?no (?:higher|more)'],
  ['$1 volts at the outlet', `(${VOLTS})(?: ?v(?:olts?)?)? at the (?:wall )?outlet(?! (?:valve|side|of|gauge|tee))`],
  ['$1 volts at the outlet', `at the (?:wall )?outlet(?: i get| it'?s| is|,)? (${VOLTS})(?! ?(?:psi|pounds))`],
  ['belt off motor runs', `(?:with )?(?:the )?belts? off,? (?:(?:it|the motor|motor) )?(?:only )?(?:draws|pulls|drew|takes`
  + `|is pulling|is drawing) ${AMPS}`, `belts? off(?: and)?,? (?:it|the motor|motor) (?:runs|spins)(?: up| fine| free)*,?`
  + ` (?:at |only )?${AMPS}`],
]
