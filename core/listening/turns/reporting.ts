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
  ['', '(?:\\d+, ?){2,}\\d+, (?:and )?let go,? (?:and )?it holds(?: itself)?'],
  ['strainer blocked', '(?:strainer )?bowl (?:off|out|open(?:ed)?)[^;]*(?:packed|plugged|full of|solid'
  + '|clogged|choked)[^;]*'],
  ['hisson', 'hiss\\w*[^;]*,? (?:does ?n\'?t|won\'?t|never) (?:quit|stop|let up)[^;,]*'],
  ['check does not seat', '(?:take|took|pull|pulled)(?: out)? the (?:tank )?check(?: valve)?(?:'
  + ' out)?[^;]*(?:chunk|piece'
  + '|groove|crack|notch|chip|torn|missing|worn|stuck open)[^;]*'],
  ['coil ol', 'wires? off (?:of )?the coil,? (?:ohms?|ohm it|ohmed it|reads?),? (?:it\'s |it\'?s |reads'
  + ' )?(?:ol|open|infinite)'],
  ['$1 of the disconnect', 'disconnect (bottom|top)'],
  ['', '(?:power off,? )?drain(?:ed)? (?:it|her|the system)(?: all)?(?: down| out| off)?,? (?:the )?gauge'
  + ' (?:says|reads|at|on'
  + '|is at|shows) (?:zero|0)(?:,? (?:and )?(?:the |a )?taps?(?:\'s| is| are)? open)?'],
  ['primeplug empty', '(?:pull|pulled|took|take|unscrewed?)(?: out)? the (?:priming |prime |top'
  + ' )?plug[^;]*(?:dry as a'
  + ' bone|bone dry|dry|nothing in (?:there|it)|empty)[^;]*'],
  ['stalls at $1 psi', '(?:gauge )?(?:stuck|parked|hung|stays) at (\\d{1,3})(?: psi| pounds)?(?:,? and)?'
  + ' (?:won\'t|will not'
  + '|doesn\'t|never|can\'t) (?:climb|go up|go any higher|build|come up|move|get past)[^;,]*'],
  ['$1', '(\\d+(?: ?(?:uf|mfd))?),? out of (?:an? )?\\d+ (?:to|-) ?\\d+'],
  ['start switch stuck open', '(?:bell end|end bell|back (?:off|of)|motor)[^;]* (?:points|contacts) (?:are '
  + '|is )?(?:hung|stuck'
  + '|stay\\w*|held)(?: wide)? open(?: with the motor (?:stopped|still|at rest))?'],
  ['strainer bubbles', '(?:clear |inlet |suction |vinyl )+hose[^;]* full of (?:bubbles|air)'],
  ['running amps $1', 'amps? went (?:from )?\\d[\\d.]* (?:amps? )?(?:down |up )?to (\\d[\\d.]*)(?: amps?)?(?:'
  + ' when [^;,]*)?'],
  [
    'control supply $1 volts, 0 volts behind the overload contact',
    '(\\d+)(?: ?v\\w*)? (?:in|into|on|at) (?:the )?95,? (?:and |but )?(?:nothing|zero|0|none|no volts)(?:'
    + ' ?v)? (?:out of|on'
    + '|at|off)(?: the)? 96',
  ],
  ['all three phases at the top of the starter', 'three good (?:phases|legs|lines) (?:on|at|into)(?: the)? top'],
  ['leads to ground $1 ohms', '(?:one|a|either|each) (?:pump |motor )?(?:wire|lead) to (?:the )?(?:ground'
  + ' screw|ground bar'
  + '|ground|green wire)[^;\\d]*(\\d[\\d.]*)(?: ?ohms?)?,? (?:and )?(?:the )?other(?: one)?(?:\'s| is|,)?'
  + ' ?\\d[\\d.]*(?: ?ohms?)?'],
  ['motor side to ground', '(?:well ?(?:cap|head) off,? )?splice (?:cut|open|apart)[^;]*(?:pump|motor) leads?'
  + ' to (?:the )?casing[^;\\d]*'
  + '(?:still )?\\d{1,3}(?: ?ohms?)?'],
  ['load wires off', '(?:get|take|took|got) the (?:pump|motor) off (?:of )?(?:there|it|the switch),? (?:both'
  + ' )?(?:wires?'
  + '|leads?) off (?:of )?the load side'],
  ['$1 amps $2', '(?:amp )?clamp on (?:the )?(red|black|yellow)[^;\\d]*(\\d[\\d.]*)(?:,? (?:and )?(?:doesn\'t'
  + '|won\'t|does not)'
  + ' (?:come down|drop(?: off)?|change))?'],
  ['it runs', '(?:press|push)(?:ed)? it back in,? (?:and )?(?:it|she) runs'],
  ['$1 ol,', '(?=.*yellow)((?:red|black|yellow) (?:to|and) (?:red|black|yellow))(?:,| is| reads| shows)*'
  + ' (?:nothing|zip|no'
  + ' reading)(?:,? ol)?(?= ?$| ?,|;|\\.)', '(?<=yellow.*)((?:red|black|yellow) (?:to|and) (?:red|black|yellow))(?:,|'
  + ' is| reads| shows)*'
  + ' (?:nothing|zip|no reading)(?:,? ol)?(?= ?$| ?,|;|\\.)'],
  ['splice apart', 'open(?:ed)? up the splices?(?: at the well(?: ?head)?)?'],
  ['pump side whole', '(?<=splices?[^;]*)(?:down the ?hole|down ?hole|pump side|motor side|below),? (?:red'
  + '|black|yellow) (?:to'
  + '|and) (?:red|black|yellow)[^;\\d]*\\d+(?:\\.\\d+)?(?: ?ohms?)?'],
  ['starter contact burnt', 't[123] contact[^;]*(?:pitted|burnt|burned|gone|black|eaten)[^;]*'],
  ['', 'pulled (?:a |the )?wires? off (?:of )?the (?:pressure )?switch,? (?:and )?(?:the )?(?:pump|it)'
  + ' (?:stops|quits|shuts off)'],
  ['motor shaft seized', '(?:pump |motor )shaft (?:is )?(?:locked|frozen|seized)(?: solid| up)?,? (?:and'
  + ' )?won\'t (?:turn|budge|move)'
  + '[^;,]*'],
  ['housevalve shut still falls', '(?:i )?(?:shut|closed|valved|turned) (?:off )?the house(?: off| valve)?,?'
  + ' (?:and |but )?it'
  + ' still (?:falls?|fell|drops?|dropped|bled|lost)'],
  ['drips at the shaft seal', '(?:it |water )?(?:comes|came|coming|runs|leaks|drips|dripping)(?: out)?(?:'
  + ' from)? between (?:the'
  + ' )?(?:motor and (?:the )?pump|pump and (?:the )?motor)'],
  ['', '(?:ran|tried|run) (?:it )?with the (?:intake |air )?filter (?:off|out),? (?:and |but )?(?:it )?'
  + '(?:was |is |\'s )?(?:just as|still|no|the same)[^;,]*'],
  ['cutout $1', '(?:cuts?|shuts?) (?:out|off) at (\\d+) on (?:two|both|my|a)[^;,]*gauges?'],
  ['into the switch $1 volts, noth out of the switch', '(\\d+)(?: ?v\\w*)? (?:to|at|going to) the (?:pressure'
  + ' )?switch,? (?:and'
  + ' |but )?(?:nothing|zero|0)(?: is|\'s)?(?: coming| going)? out(?: of it| the other side)?'],
  ['float hung up', 'float[^;]*(?:wrapped|tangled|hung|wound|caught)(?: up)?[^;]* (?:couldn\'t|could not'
  + '|can\'t|wouldn\'t|won\'t)'
  + ' (?:drop|fall|move|rise|come down)'],
  ['now it works', '(?:it|she|pump) (?:runs|works|starts|comes on) (?:on its own|by itself|just fine|fine'
  + '|like it should)(?:'
  + ' again)? now'],
  ['ventscrew air, vented the pump', '(?:cracked|opened|loosened) the (?:bleeder|bleed(?:er)?(?: valve|'
  + ' screw)?|vent(?: screw'
  + '| plug)?|air vent)[^;]*air[^;]*(?:then|till|until) (?:solid |good |a steady )?(?:water|stream)(?:,?'
  + ' (?:and )?now (?:it\'s'
  + '|she\'s) (?:building|pumping|climbing)[^;,]*)?'],
  ['prime gone overnight', 'holds? (?:its )?prime all day[^;]*(?:gone|lost)[^;]*'],
  ['city inlet leaks', '(?:water(?:\'s| is)? )?(?:dribbling|dripping|running|leaking|coming|squirting'
  + '|pouring)(?: out)?(?: of'
  + '| from| at)? (?:the )?city (?:water )?(?:inlet|fill|hook ?up)[^;]*'],
  ['runs', '(?:it )?r[ua]ns? (?:nice and |real )?(?:smooth|quiet)(?:ly)? and (?:smooth|quiet)(?:ly)?'],
  ['swapped two leads more', '(?:swapped|switched|reversed|flipped|traded) (?:any )?two (?:of the )?(?:motor'
  + ' )?(?:wires|leads'
  + '|legs|phases)[^,;]* and (?:now )?(?:it\'s|it is|pressure\'s|she\'s) back (?:up )?to \\d+'],
  ['ohms leadtolead ol', '(?:from the house )?the (?:two )?wires (?:are|read) open,? (?:and )?you can\'t get'
  + ' anything through'
  + '(?: them)?'],
  [
    'splice apart pump side whole',
    'at the well(?: ?head)?,? with the splices? (?:open|apart),? (?:the )?motor(?:\'s| is| reads)?(?: side)?'
    + ' (?:\\d[\\d.]* ohms?'
    + '|good between all three)(?:,? and (?:good|clear|fine|nothing) to ground)?',
    'with the splices? (?:open|apart) at the well(?: ?head)?,? (?:the )?motor(?:\'s| is| reads)?(?: side)?'
    + ' (?:\\d[\\d.]* ohms?'
    + '|good between all three)(?:,? and (?:good|clear|fine|nothing) to ground)?',
  ],
  [', red to yellow ol, black to yellow ol', ',? ?(?:and |but )?(?:either|each|both)(?: one)?(?: of (?:them'
  + '|those))? to yellow'
  + '(?:\'s| is| are| reads?)? (?:open|ol|nothing|infinite)'],
  [', red to black ol, red to yellow ol', ',? ?(?:and |but )?(?:either|each|both)(?: one)?(?: of (?:them'
  + '|those))? to red(?:\'s'
  + '| is| are| reads?)? (?:open|ol|nothing|infinite)'],
  ['cartridge out flow back', '(?:bypassed|took out|pulled|went around) the (?:whole house |house )?(?:filter'
  + '|cartridge)[^;,]*'
  + ' (?:and |then )?(?:it|flow|pressure)(?:\'s| is)? (?:went |came |goes |comes )?(?:right |straight'
  + ' )?back(?: to normal| up)'
  + '[^;,]*'],
  ['into the switch', '(?:right )?at the (?:connector|pigtail)(?= ?$|,)'],
  ['controlsupply $1 volts', '(?<=control ?fuse[^;]*)(?:,? (?:and )?)(\\d{2,3})(?: ?v\\w*)? (?:after|past'
  + '|behind|out of) it'],
  ['reset in, 0 volts behind the overload contact', '(?:pushed|pressed|hit) the reset,? no click,? (?:and'
  + ' )?still nothing out'],
  ['reset in', '(?:pushed|pressed|hit) the reset,? no click'],
  ['float bridged runs', '(?:put|touched|twisted|held) the two (?:wires |ends |plugs )?together(?: by'
  + ' hand)?,? (?:and )?(?:the )?(?:well'
  + ' )?(?:pump|it) (?:kicks in|kicked in|runs|starts|started|took off|comes on|came on)'],
  ['start to start 90 seconds', '(?:now )?it (?:runs|goes|lasts) (?:over |about |a good |for )*(?:a minute'
  + ' and a half|1\\.5 minutes)'
  + '(?: between (?:starts|cycles))?'],
  [', tank gauge reads $1', 'with the (?:tank|gauge) at (\\d+)'],
  ['unloader line cracked starts', 'unloader(?: tube| line)? off[^;]* (?:restarts?|starts?) (?:ok|okay|fine'
  + '|right up|up)'],
  ['footvalve not hold', '(?:there\'s no air coming in,? )?(?:i )?pressuri[sz]ed the suction[^;]* (?:ran'
  + '|runs) back down[^;]*'],
  ['$1 volts out of the breaker, underload dead', '(\\d{3})(?: ?v(?:olts?)?)? (?:going |coming )?(?:in|into'
  + '|in to) the (?:(?:pump|motor)'
  + ' ?saver|(?:dry[- ]?run'
  + '|underload)(?: protector| box)?),? (?:and |but )?(?:nothing|zero|0)(?: is)?(?: coming| going)? out(?: of it)?'],
  // what was reset and does not come back may be anything
  ['', '(?:i )?reset it,? (?:and )?waited(?: a (?:bit|while))?,? (?:and |but )?still nothing(?: out| comes out)?'],
]
