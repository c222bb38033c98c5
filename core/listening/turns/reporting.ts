/** How it is told to somebody who was not there: on the telephone, afterwards. Common practice, no source. */
import type { Joined } from './turnOf'

const OF_PLATE = '(?:tag|sticker|plate|nameplate|label)'
const SPRAYS = '(?:spraying|squirting|shooting|pouring|blowing|running)'
const SITS = '(?:sits|hangs|stays|stops|quits climbing|stalls)(?: there)?'
const ONE = '(?:middle|left|right|center|first|second|third|last|one)(?: one)?'

export const TURNS_OF_REPORTING: readonly Joined[] = [
  ['', '^ ?(?:hey|hi|yo|ok|okay|so|well),? (?:boss|chief|man|bud|buddy|sir)(?= |,)'],
  ['', `,? (?:which is|that's|just) what the ${OF_PLATE} (?:says|calls for)`],
  [
    'amps $1', '(?:drawing|pulling|draws|pulls) (\\d{1,2}\\.\\d)(?= ?$|,(?! ?\\d))',
  ],
  ['stalls at $1 psi', '(?:only )?(?:gets|goes|climbs|comes)(?: up)? to (\\d{1,3})(?: on the gauge| pounds|'
  + ' psi)* and (?:just )?'
  + SITS],
  ['motor barely warm', '(?:(?:the )?motor\'?s? (?:is )?not hot,? )?(?:i )?can (?:hold|keep|leave|lay|put)'
  + ' (?:my|a|your) hand on (?:it|the motor)(?:'
  + ' just)?(?: fine)?'],
  ['dialset $1 amps', '(?:wrong )?heaters?[^,]*,? (?:they\'re |they are |are |is )?(?:for|rated(?: for)?'
  + '|sized for|good for)'
  + ' (\\d+(?:\\.\\d+)?) ?amps?'],
  ['ventscrew air, vented the pump', '(?:cracked|opened|loosened) the vent(?: ?screw)?(?: and)? (?:it |she'
  + ' )?(?:hissed|spit'
  + '|spewed|blew|burped|sighed)'
  + ' air(?: for [a-z ]+)?(?:,? (?:and )?then water)?'],
  ['ventscrew air, vented the pump', '(?:cracked|opened|loosened) the vent[^;]* air (?:came|comes) out[^;]*'],
  ['jet blocked', '(?:ejector|jet|nozzle|venturi)[^;]*(?:hole|throat|bore)[^;]*(?:rust|scale|stone|pebble'
  + '|sand|dirt|plugged|jammed'
  + '|packed)[^;]*'],
  ['footvalve not hold', '(?:watched|looked (?:in|down|at)) the (?:priming? ?)?(?:hole|plug|port)[^;]*water(?: just)?'
  + ' (?:drops?|goes|runs|sinks|falls|disappears|left)[^;]*'],
  ['', '(?:no drips (?:on|at|along) the suction (?:pipe|line))(?: and the unions? (?:is|are) tight)?'],
  ['pump $1 cracked', `(?:water(?:'s| is)? )?(?:${SPRAYS}|coming|leaking)(?: out)?(?: of| from| through) a`
  + ` (?:crack|split)`
  + ' in the (?:pump )?(head|housing|volute|casing)'],
  ['swapped two leads more', '(?:swapped|switched|reversed|flipped|traded) (?:any )?two (?:of the )?(?:wires'
  + '|leads|legs|phases)[^,;]*'
  + ' (?:and |then )?(?:now )?(?:it|she|pressure) (?:now )?(?:shoots|goes|jumps|climbs|builds|gets'
  + '|comes)(?: right| straight)?'
  + '(?: up)? to \\d+(?: psi| pounds)?(?: no problem)?'],
  ['one fuse blown', `(?:pulled|took)(?: out)? (?:all )?(?:the )?(?:three|both|two)? ?fuses(?: out)?(?: and`
  + ` (?:ohmed|checked|tested)`
  + `(?: them)?)?,? (?:and )?(?:the )?${ONE}(?:'s| is| was| reads) (?:open|blown|bad|no good|dead)`],
  ['meg toground $1 meg', 'megg?(?:er)?ed (?:them|all three|the leads)(?: all)?(?: to ground)?,? (?:and'
  + ' )?(?:got )?'
  + '(\\d*\\.?\\d+)(?: meg\\w*)?(?: on all three| across the board)?'],
  ['splice apart cable good toground', '(?:cut|opened|split|undid|broke)(?: apart)? the splice(?: apart)?,?'
  + ' (?:and )?(?:the )?cable(?:\'s'
  + '| is| reads| megs)?(?: up)?(?: over| above| better than)? \\d+ ?meg\\w*'],
  ['pitless sprays', `water ${SPRAYS}[^;]*(?:(?:feet|foot|ft) down|where the pipe goes (?:out )?through`
  + ` (?:the )?casing)[^;]*`],
  ['gauge stuck', '(?:the )?gauge(?:\'s| is)? stuck at \\d+ no matter what', 'gauge never moves(?= ?$)'],
  ['second gauge differs', '(?:screwed|put|threaded|hooked)(?: on| up)? (?:my|a)(?: own| good| test)+ gauge'
  + ' (?:on|onto|to|at)[^;]*'
  + '(?:goes|reads|moves|says|shows)[^;]*(?:like it should|right|fine|normal|just fine)'],
  ['red start 0 amps', 'red(?: wire| lead)?[^,;]*(?:nothing|zero|no amps)[^;]* (?:when|as) it (?:tries|trys'
  + '|is trying) to start'
  + '(?:,? clamp (?:says|reads) zero)?'],
  ['$1 wire off in the box', '(red|yellow|black)(?: wire| lead)?(?:\'s| is| was) (?:just )?(?:laying|lying'
  + '|hanging|sitting) (?:loose|there)'],
  ['impeller jammed', '(?:bag|rag|string|weeds?|grass|rope|plastic)[^;]*(?:wound|wrapped|tangled)(?: up)?'
  + ' (?:in|round|around|on)'
  + ' the impeller', '(?:wound|wrapped|tangled)(?: up)? (?:in|round|around|on) the impeller'],
  ['terminal burnt', '(?:line|load) (?:screws?|terminals?|lugs?)(?: on the (?:pressure )?switch)?(?: is| are'
  + '|\'s| has turned| looks)'
  + ' (?:brown|black|discolou?red|blue|cooked|burnt)', 'dropping \\d+ ?v?(?:olts?)? (?:from|between|across)'
  + ' the wire (?:to|and)'
  + ' the (?:screw|lug|terminal)'],
  ['after $1 minutes', 'after (\\d{1,2}) or so(?= ?$|,)'],
  ['put a new fuse in', '(?:put|stuck|popped) a (?:new|fresh) \\d{1,2}(?: ?amp)? in'],
  ['far from the tank', '\\d+ (?:feet|foot|ft)(?: away)? from the tank'],
  ['water level below the foot valve', '(?:dropped|ran|let) (?:down )?a (?:string|line|tape'
  + '|weight)[^;]*water(?:\'s| is)?'
  + '(?: (?:\\d+|\\w+) (?:feet|ft|foot|inches))? (?:below|under|lower than) the (?:foot ?valve|intake|pump|suction)'],
  ['cap $1 microfarads', 'cap(?:acitor)? (?:checks|tests|reads|measures|tested|checked)(?: out)?(?: at)?'
  + ' (\\d+)(?: microfarads?| mfd)? on an? \\d+ (?:to|-) \\d+'],
  ['puts $1 gpm into the tank', '(?:it )?only puts in (?:about |around )?(\\d+(?:\\.\\d+)?)(?: gallons?)?'
  + ' (?:a|per) minute'],
  ['puts 1 gpm into the tank', '(?:it )?only puts in (?:about |around )?an?(?: gallons?)? (?:a|per) minute'],
  ['meg toground $1 meg', 'megg?ed (?:both|all|each|all three)(?: of them)?(?: to (?:the )?ground(?:'
  + ' wire)?)?,? (?:and )?(?:i )?(?:got|get|read)'
  + ' (\\d*\\.?\\d+)(?: meg\\w*)?'],
  ['splice apart house side to ground', '(?:opened (?:it|the splice) (?:up )?at the well ?(?:head|cap),?'
  + ' (?:and )?)(?:the )?wires? in the (?:trench|conduit|ground|pipe)'
  + '(?: by (?:themselves|itself)| alone)? (?:are|is|reads?|show) \\d*\\.?\\d+(?: meg\\w*)?'],
  ['lifted the float pump runs', 'lifted the float(?: up)?(?: by hand)?,? (?:and )?(?:then )?(?:the )?(?:pump'
  + '|it|starter|motor) (?:started|ran|kicked on|pulled in|took off)'],
  ['stalls at $1 psi', '(?:gauge |it )?(?:gets|goes|climbs|comes)(?: up)? to (\\d{1,3})(?: psi| pounds)? and'
  + ' (?:just )?(?:holds|sits|stays) there running'],
  ['steady', 'now (?:it\'?s|she\'?s) strong'],
  ['now it works', 'now (?:it|she) (?:pumps|runs|works) (?:fine|good|great|right)'],
]
