/** What is told of breakers, belts, outlets and small tanks, and stands in no other table. Common practice. */
import type { Joined } from './turnOf'

const VOLTS = '(?:1[0-2]\\d|2[0-4]\\d)'
const ONE_SIDE = '(?:screw|side|pole|leg|lug|terminal)'
const AMPS = '\\d+(?:\\.\\d+)?(?: ?amps?)?'

const SHOULD = '(?:should|ought to|(?:\'re |am |are |is )?supposed to)'
const NONE = '(?:there\'s (?:nothing|none|no such thing)|there isn\'t(?: any)?|(?:you|i|it|we) (?:don\'t'
  + '|doesn\'t|do not))'

export const TURNS_OF_FURTHER: readonly Joined[] = [
  // what is shown to somebody beside what it should be
  ['no $1', `(?:you|i|we) ${SHOULD} (?:hear|get|see|feel|have) (?:a |an |some |the )?([^,;]+?),? (?:and|but) ${NONE}`],
  ['$1', `(?:you|i|we) ${SHOULD} (?:be getting|get|hear|see|have|be seeing) (?:a |an |some )?[a-z ]+?,? (?:and|but)`
  + ' (i\'m|i am|you\'re|it\'s|we\'re)'],
  ['$1 are', '(contacts|points)(?:\'re| are|\'s| is) (?:supposed|meant) to be [a-z]+,? (?:and |but )?(?:yours'
  + '|these|they)'
  + '(?: are|\'re)'],
  ['load side', '(?:over here )?where it (?:goes|leaves|goes out|comes out)(?: out)? (?:to|for) the (?:pump'
  + '|motor|well)'],
  ['it works fine', '(?:it |pump )?(?:now )?runs (?:now )?(?:nice and long|good and long|a (?:good )?long time|a'
  + ' minute at a time)'
  + '(?: now)?', 'nice long (?:runs|cycles)(?: now)?'],
  ['line side', '(?:over here )?where (?:it|the power) comes in'],
  ['', 'so (?:it\'s|there\'s|it has|we\'ve)(?: got)? (?:plenty of |lots of )?water(?= ?$|,|;)'],
  ['footvalve not hold', '(?:the )?water (?:just )?(?:drops|falls|runs|drains|goes)(?: right| straight)? back down the'
  + ' (?:pipe|drop pipe|hole|suction(?: pipe)?)'],
  ['bowl', '(?:little )?clear bowl'],
  ['$2 volts at the $1', 'by the time (?:it|you|the power) gets? to the (pump|motor|switch|box|well ?head)(?:'
  + ' there\'s|'
  + ' it\'s| i\'ve got| i have| i got)? (?:only )?(\\d+(?:\\.\\d+)?)(?: volts)?'],
  ['return drop $1 volts', '(?:there\'s )?(\\d*\\.?\\d+) volts between the (?:pump\'?s? )?black(?: wire|'
  + ' lead)?(?: at the pump)?'
  + ' and the battery(?: post| negative)*'],
  ['', 'when i (?:drain|dump|empty) the tank the hiss(?:ing)? (?:stops|quits)'],
  ['precharge $1 psi', '(?:the )?(?:accumulator|little tank) (?:has|had|is at|reads|only has)(?: about| only)? (\\d+)'
  + '(?: ?psi| pounds| lbs)?(?: in it| of air)?'],
  ['breaker l1 toground $1 volts, breaker l2 toground $2 volts', `(\\d{2,3}) on one ${ONE_SIDE} of the breaker,?`
  + ` (?:and |but )?(\\d+) on the other(?:,? to (?:the )?(?:bar|neutral|ground))?`],
  ['breaker l1 toground $1 volts, breaker l2 toground 0 volts', `(\\d{2,3}) on one ${ONE_SIDE} of the breaker,?`
  + ` (?:and |but )?(?:nothing|zero|none) on the other(?:,? to (?:the )?(?:bar|neutral|ground))?`],
  ['airvalve water', '(?<!no )(?:no air in the tank,? (?:and )?)?(?<!no )water (?:came|comes|shot|spit|squirted'
  + '|squirts)(?: right)? out'
  + '(?: of)? (?:the )?(?:air )?(?:valve|stem|schrader)'],
  ['', '(?:nobody|no one)(?:\'s| has| had|\'s got)? (?:got )?(?:a |any )?(?:tap|faucet|water|valve)s? (?:on|open'
  + '|running)'
  + '(?: and)?'],
  ['secondreturn runs', '(?:ran|run|put|clipped|hooked)(?: up)? (?:a |my )?(?:jumper|wire|lead) (?:off|from)(?:'
  + ' of)? the'
  + ' black(?: wire| lead)? (?:over |back |straight )*to (?:the )?battery(?: negative| post)?,?(?: and| then)?'
  + ' (?:it|she|the'
  + ' pump) (?:took (?:right )?off|runs|ran|runs? fine|came (?:right )?(?:on|up)|perked (?:right )?up)'],
  ['stalls at $1 psi', '(?:capped|plugged|dead ?headed)(?: off)? the (?:outlet|discharge)[^\\d]*(?:won\'t'
  + '|will not|doesn\'t|can\'t) (?:build|go|get|climb)(?: up)?(?: past| over| above| to)? (\\d+)'],
  ['stalls at $1 psi', '(?:shut|closed)(?: off)? the (?:house valve|valve to the house)(?: off)?,?'
  + ' (?:and )?(?:it\'s |it )?still (?:stuck at |at |only )?(\\d{1,2})(?= ?$| psi| pounds)'],
  ['stalls at $1 psi', '(?:gets|goes|comes|builds)(?: up)? to (\\d{1,3})(?: psi| pounds)?,? (?:and )?no'
  + ' (?:higher|more)'],
  ['$1 volts at the outlet', `(${VOLTS})(?: ?v(?:olts?)?)? at the (?:wall )?outlet(?! (?:valve|side|of|gauge|tee))`],
  ['$1 volts at the outlet', `at the (?:wall )?outlet(?: i get| it'?s| is|,)? (${VOLTS})(?! ?(?:psi|pounds))`],
  ['belt off motor runs', `(?:with )?(?:the )?belts? off,? (?:(?:it|the motor|motor) )?(?:only )?(?:draws|pulls`
  + `|drew|takes`
  + `|is pulling|is drawing) ${AMPS}`, `belts? off(?: and)?,? (?:it|the motor|motor) (?:runs|spins)(?: up| fine|`
  + ` free)*,?`
  + ` (?:at |only )?${AMPS}`],
]
