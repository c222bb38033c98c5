/**
 * Parts by what was done to them and what came of it: belts, breakers, fuses, filters, valves, floats, wires on a
 * switch, capacitors by what is printed on them. Common practice, no source.
 */
import type { Joined } from './turnOf'
import { END, FIGURE, NOUGHT } from './partsOfSpeech'

const IS = '(?:\'s| is| was| looks?| are| were)?'
const SOMEONE = '(?:somebody|someone|the (?:plumber|owner|kids?|tenant|neighbou?r|landlord)|they|he|she)'
const SHUT = '(?:shut|closed|turned off|off)'
const TO_HOUSE = '(?:to|after|past|at|out of|coming out of) the (?:house|tank)'
const HOUSE_VALVE = '(?:main|house|ball|gate)?(?: |-)?(?:valve|shut ?off)'
const OFF = '(?:off|open|loose|apart|disconnected)'
const TOOK = '(?:took|pulled|had|with)'
const FLOWS = '(?:it\'s|its|it|the water|water|flow|pressure)'
const STARTS = '(?:takes off|starts|runs|goes|took(?: right)? off|started)(?: right)?(?: up| off)?'
const LETS_GO = '(?:bam|bang|pop|boom|it trips|trips|it goes|off it goes|it pops)'
const STRUCK = '(?:whacked|hit|smacked|tapped|rapped|thumped|banged)(?: on)?'
const QUITS = '(?:let go|shut (?:right )?off|stopped|quit|dropped (?:right )?out|opened(?: up)?)'
const GOING = '(?:keeps?|kept|still|stays?)(?: on)? (?:going|running|runs|pumping)'
const MARKED = '(?:says|is marked|marked|rated|is rated|is a|it\'s a|stamped)'
const MEASURED = '(?:meter|i|it|mine|my meter)(?: only)? (?:says|reads|shows|got|get|measures|measured)'
const OVER = '(?:slams?|bangs?|clicks?|pops?|snaps?|hammers?|chatters?|flutters?|bounces?|buzzes|rattles?|kicks?)'
const TIMES = '(?:a few|several|three or four|four or five|half a dozen|a dozen|a couple(?: of)?|\\d+) times'

export const TURNS_OF_PARTS: readonly Joined[] = [
  ['', 'like (?:crazy|mad|all get ?out|nobody\'s business)'],
  // at once, and every so often
  ['the instant', 'the (?:very )?minute(?= (?:that )?(?:the|it|you|i|we) )'],
  ['cut out $1', `(?:builds?|pumps?|runs|climbs|gets)(?: right)?(?: up)? to (${FIGURE})(?: ?(?:psi|pounds))?,? and`
  + ` (?:shuts`
  + '|cuts|kicks|clicks) (?:right |itself )?off(?: fine)?'],
  ['$1 $2 $3 in $4', `(drops?|loses?|falls?)(?: about| around)? (${FIGURE}) (pounds|psi|lbs) every ((?:\\w+`
  + `|\\d+) minutes)`],
  ['$1 start $2 amps', `(red|black|yellow)(?: wire| lead)? (?:has |draws |pulls |shows |reads |gets |got )?(zero`
  + `|no|0|${FIGURE})`
  + '(?: amps?)?(?: on it)? (?:when|as|while) it (?:tries|is trying|starts|calls|kicks)(?: to start)?'],
  ['red start 0 amps', '(?:no|zero|nothing|0) (?:current|amps?)(?: at all)? (?:on|in) (?:the )?red(?: wire| lead)?'
  + ' (?:when|as|while) it (?:tries|is trying|starts|calls|kicks)[^,]*'],
  ['$1 start $2 amps', `(red|black|yellow)(?: wire| lead)? (?:spikes|jumps|kicks|surges|hits|shoots)(?: up)?(?: to)? `
  + `(${FIGURE})(?: amps?)?`],
  ['starts byitself', '(?:turns|switches) on (?:by itself|on its own)'],
  ['cycles every few seconds', '(?:pulses|cycles|clicks|kicks|shuts) on and off (?:with|when|while) (?:the |a'
  + ' )?(?:faucet|tap'
  + '|water|shower)(?: is|\'s)? (?:wide )?(?:open|on|running)'],
  ['starter chatters', '(?:contactor|starter) (?:drops|falls|kicks) out every (?:few|couple(?: of)?|other'
  + '|\\d+) ?seconds?'],
  ['overload set at $1 amps', `heaters?(?: are| is)? (?:sized|rated|good) for (${FIGURE})(?: amps?)?`
  + `(?:,? and the motor(?:'s| is| draws| pulls) ${FIGURE}(?: amps?)?)?`],
  ['to ground $1 megohms', `(?:all three|each|every)(?: of the)?(?: legs?| leads?)? meg\\w*(?:`
  + ` out)?(?: at)? `
  + `((?:over )?${FIGURE})(?! ?ohm)`],
  ['took the pump wires off', '(?:took|pulled|got) (?:the )?pump (?:wires|leads) loose'],
  ['float dead', 'float(?: switch)? (?:is not|isn\'t|not) making(?: contact| up)?'],
  ['cracked the unloader line', `${TOOK} the (?:hose|line|tube) off (?:of )?the unloader`],
  ['known good box runs', 'put in (?:a |an )?(?:known good|good|new|spare|different) (?:control )?box,? and (?:the'
  + ' pump|it)'
  + ` ${STARTS}`],
  // belts and wheels
  ['took the belt off', '(?:slipped|pulled|rolled|popped|knocked|slid|pried) (?:the |both )?(?:v-? ?)?belts? off'
  + '(?: the (?:motor|pulley|pump))?', 'belts? (?:slipped|taken|pulled|slid|popped|rolled) off'],
  ['stiff', 'stiff as a board'],
  ['pump pulley turns hard by hand', 'pump(?: is|\'s)? (?:real |very )?stiff turning it(?: over)? by hand'],
  ['belt glazed', `belts?${IS} (?:all )?(?:shiny|slick)`],
  ['spin by hand it starts', '(?:spin|spun|spinning|flick|flip|kick|turn|gave|give) the (?:pulley|flywheel|fan|belt)'
  + `(?: by hand| a (?:spin|push|kick|twirl|turn|shove))?(?: and|,)* (?:it|she|the motor) ${STARTS}`],
  // valves: found shut is not shut to see
  ['housevalve foundshut', `${SOMEONE} (?:had |must have )?(?:shut|closed|turned off|cranked down) (?:off )?the `
  + `${HOUSE_VALVE}(?: (?:to|for|going|at|after|past|out of|coming out of) (?:the )?[^,]*)?(?: off)?`,
  `(?:main|house|ball|gate) (?:valve|shut ?off)(?: ${TO_HOUSE})? (?:was|is still|had been|had gotten|got) (?:found )?`
  + `${SHUT}(?: off)?`,
  `found the ${HOUSE_VALVE}(?: ${TO_HOUSE})? ${SHUT}`,
  `valve ${TO_HOUSE} (?:was|had been|got) ${SHUT}`],
  // wires on a switch
  ['wiredwrong', '(?:on|to|under) the wrong (?:screws?|terminals?|posts?|lugs?|side)', 'landed wrong', 'miswired',
    'wired up (?:wrong|backwards?)'],
  ['sameleg', '(?:on|from|off|to) (?:the )?same (?:leg|bus(?: ?bar)?|phase)(?: (?:of|in|at) the (?:panel|service))?'],
  ['bothlegs samepole', '(?:both |the )?(?:hots?|legs?|feeds?|bothlegs|line wires|feed wires|hot and (?:the'
  + ' )?neutral)'
  + '(?: wires)?(?: are| is| were| was| both)*(?: landed| wired| hooked up| hooked| tied| goes| going| go| put'
  + '| sitting)* (?:on|to) (?:the )?(?:same|one) (?:pole|side|contact|screw|set of contacts)'
  + '(?: of the (?:pressure )?switch)?'],
  ['run wires $1 ohms', `(zero|${FIGURE}|no)(?: ohms?)? (?:between|across) (?:the )?(?:two )?(?:wires|leads`
  + `|conductors)`
  + ' (?:going |running |that go |headed )?(?:out |down )?(?:to|at) the (?:well|motor|pump|box|pump house|load)'
  + `,? with the (?:far|well|motor|other|pump|box) end ${OFF}`],
  ['load wires off at the switch holds', `with (?:the )?load(?: side| wires| leads)?(?: of the (?:pressure`
  + ` )?switch)? `
  + '(?:unhooked|off|disconnected|lifted),? (?:it|the breaker)(?:\'s| is| stays)? (?:fine|good|happy|on|in)'],
  ['$1-$2', '([123]) to ([123])(?= (?:is |reads |was |gives |shows |= ?)?\\d*\\.?\\d)'],
  ['$1/$2/$3 volts $4', '(\\d{2,3})(?: volts?)? on 1-2,? (\\d{2,3})(?: volts?)? on 2-3,? (?:and )?(\\d{2,3})(?:'
  + ' volts?)?'
  + ' on (?:1-3|3-1) ([^,]+)'],
  ['contact n1', 'left(?:-?hand)? (?:set of |side )?(?:points|contacts?|pole)', '(?<=across )the left(?= ?$|,)'],
  ['contact n2', 'right(?:-?hand)? (?:set of |side )?(?:points|contacts?|pole)', '(?<=across )the right(?= ?$|,)'],
  // what lets go
  ['', '(?:and )?(?:turned|flipped|switched|threw|put) (?:it|the breaker|the power|power)(?: back)? on(?=,| and)'],
  ['trips when the switch closes', '(?:breaker )?holds (?:un)?till? the (?:pressure )?switch (?:closes|makes|calls'
  + `|kicks in),? (?:and )?then ${LETS_GO}`],
  ['another breaker', '(?:swapped in|put in|tried|stuck in|dropped in|threw in|popped in|put) (?:a |another )?(?:new '
  + '|different |spare )(?:1[05]|[2-6]0)(?: ?amp)?(?: breaker| one)?(?: in)?'],
  ['breaker off', '(?:another|a different|the other|the real|a second|an unmarked) (?:pump )?breaker[^,]*? (?:is'
  + '|was) off'],
  ['line fuse blown', 'one (?:of the (?:three )?)?(?:line )?fuses?(?: in the disconnect)?(?: is| was| reads?|'
  + ' tests?| ohms?|'
  + ' shows?)* '
  + '(?:open|blown|bad|dead)'],
  ['behind the fuse $2 volts', `(${FIGURE})(?: volts?)? (?:on )?(?:one|this) side of the fuse,? (?:and|but) `
  + `(${FIGURE}|${NOUGHT})(?: volts?)? (?:on )?the other(?: side)?`],
  ['electrician was here', '(?:electrician|plumber|handyman|somebody|someone|contractor)s? (?:was|were|had been) '
  + '(?:here|in here|out|out here|in there) (?:\\w+ ){0,3}(?:putting|working|doing|installing|adding|changing|fixing'
  + '|wiring)[^,]*'],
  ['silent', 'nothing(?: happens| at all)? (?:when|as|after|once) the (?:pressure )?switch (?:closes|makes|calls)'],
  // a switch that bounces, or will not let go
  ['switch bounces on start', `(?:switch |contactor |starter )?${OVER}(?: in and out| on and off)? ${TIMES}`
  + ` (?:every time `
  + '|each time |when |whenever |as |before |on )[^,]*?(?:starts?|comes on|kicks on|kicks in|calls|settles)(?: up)?'
  + '(?:,? (?:and |but )?then (?:it\'s|it is|it|she)? ?(?:fine|settles(?: down)?|runs(?: fine)?|good|smooths out))?'],
  ['switch bounces on start', '(?:the )?(?:switch|contactor|starter) machine-? ?guns(?: when the pump starts)?'],
  ['points stuck together', `${STRUCK} (?:the (?:pressure )?switch|the cover|it),? and (?:it|she|the pump) ${QUITS}`],
  ['contacts not open', '(?:flipped|flicked|turned|threw|switched|put) (?:it|the lever|lever|the knob|knob) (?:to '
  + '|in )?off'
  + `,? (?:and|but) (?:it|she|the (?:motor|compressor)) ${GOING}`],
  // floats
  ['float up runs', '(?:pump |it |well pump )?(?:runs?|comes on|starts?|kicks on) (?:when|with) the float(?:\'s|'
  + ' is)? '
  + '(?:up|lifted|raised|floating|floats)(?:,? and (?:stops|quits|shuts off|goes off)[^,]*)?'],
  ['float down starts', '(?:pump |it |contactor )?(?:runs?|comes on|starts?|kicks on|pulls in) (?:when|with|if)'
  + ' (?:i |you )?'
  + '(?:push|hold|let|drop)?(?:ed)? ?(?:the )?float(?: is|\'s)? (?:down|hangs?|hanging|drops?)(?: down)?'
  + '(?:,? (?:and )?(?:stops|quits|shuts off|drops out|goes off)[^,]*)?'],
  // filters
  ['sand in the water', '(?:lots of |some |a bunch of |fine |a little )?sand in the (?:water )?(?:filter|cartridge)'],
  ['filter blocked', `(?:whole house |sediment |house |spin ?down |water )*(?:filter|cartridge)${IS}(?: like| all|`
  + ` just`
  + '| solid| a| an)* (?:chocolate|mud|coffee|tar|black|brown|solid|orange|plugged|caked|slimed|packed)'
  + '(?: (?:milk|bar|mud|solid|up|over|full))*'],
  ['filter out flow back', `${TOOK} (?:the )?(?:cartridge|filter|element)(?: out| is out)*,? (?:and )?(?:now`
  + ` )?${FLOWS}? ?`
  + '(?:is|runs|comes|came)? ?(?:like|at)? ?(?:a |an )?(?:fire ?hose|gang ?busters|full blast|night and day|new)'],
  // what is printed on it, and what it is
  ['$1 $2 ohms', `meter (?:on|set to|set on) ohms,? ([^:]{3,40})(?::| reads| shows| says) (${FIGURE})(?! ?(?:ohm|k`
  + `|meg))`],
  ['cap reads $2 microfarads', `(?:start(?:ing)? )?cap(?:acitor)? ${MARKED} (?:\\d+ ?(?:-|to) ?)?(${FIGURE})`
  + `(?: ?(?:uf|mfd|mikes))?,? (?:and |but )?${MEASURED} (${FIGURE})(?: ?(?:uf|mfd|mikes))?`],
  ['ground again motor', '(?:meg\\w*ed|checked|ohmed|read) (?:it|the motor) with the (?:drop )?(?:cable|splice|leads?) '
  + `(?:cut loose|cut off|${OFF}),? and (?:it's|it is) still (?:down|grounded|shorted|bad|low)`],
  // water in an open tank, and at a tap
  ['tank low', 'tank(?:\'s| is)? (?:down|drawn down|pulled down)(?: (?:to|below|near|at))+ the (?:outlet|bottom'
  + '|suction'
  + '|pickup|foot valve)'],
  ['well pump running', 'well pump (?:runs|is running|\'s running) (?:constantly|nonstop|non ?stop|all the time'
  + '|all day'
  + `(?: long)?|around the clock|continuously|and never (?:stops|quits))${END}`],
  ['falls to nothing before it starts', '(?:pressure |gauge |it )?(?:drops|falls|goes) to (?:zero|nothing|0)'
  + ' (?:right |just )?'
  + 'before (?:the pump|it) (?:kicks|comes|starts|cuts)(?: in| on)?'],
]
