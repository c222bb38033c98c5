/** Figures said aloud as they are read: two legs in one breath, and what it should be beside what it is. */
import { END } from './partsOfSpeech'
import type { Joined } from './turnOf'

const N = '(\\d*\\.?\\d+)'
const VOLTS = '(?: ?volts?| ?v)?'
const LEG = '(1[012]\\d)'
const AND = '(?: and(?: (?:then|also))?|,|\\/)'

/** What he sees, and what it should be: the second is no reading. */
const OF_EXPECTED: readonly Joined[] = [
  ['', `(?:,? )?(?:where|when|and|but|though) (?:i|it|they|you|we|that|those)(?:'d| would| really)? (?:should`
  + `|ought to)`
  + `(?: only| really)? (?:be|read|see|have|get|show)(?: getting| seeing| reading)?(?: about| around| near| more like`
  + `| something like| closer to)? ${N}[^,;]*`],
  ['$1 amps', `${N}(?: amps?| a)? (?:against|over|versus|vs|compared to|on) (?:an?|its|the) ${N}(?: ?amps?| ?a)?`
  + ` (?:plate|nameplate|tag|rating|data plate|fla)`],
  ['coil volts $1', `(?:the )?coil(?:'s)? (?:says|is marked|marked|is rated|rated(?: for| at)?|is an?|wants|needs`
  + `|calls for|is supposed to (?:be|get|have))(?: an?)? (?:24|1[12]0|115|2[0-4]\\d|208|4[68]0)${VOLTS},? (?:and|but)`
  + ` (?:there's|it's(?: only)?(?: got| getting| seeing)?|it(?: only)? (?:gets|has|sees)|i(?:'ve| have)?(?: only)? `
  + `(?:got|get|have|see|read)|only (?:got|get|see))(?: only| about)? ${N}${VOLTS}(?: on it| there| across it|`
  + ` at it)?`],
  ['runcap $1uf', `(?:the )?run(?:ning)? cap(?:acitor)?(?:'s| is| was)? (?:at|down to|reading|showing) ${N}`
  + `(?: ?uf| ?mfd| mikes?| microfarads?)?,? (?:and |but )?(?:it's|it is|it was|that's|should be|supposed to be|rated`
  + `|marked)(?: an?| supposed to be| at)? [\\d/-]+(?: ?uf| ?mfd| mikes?| microfarads?)?`],
]

/** Two legs and what is across them, in one breath. */
const OF_LEGS: readonly Joined[] = [
  ['left pole $1 ohms, right pole 0 ohms', `${N} ohms? (?:on|through|across) one(?: side| pole| of them)?(?: and`
  + `|,| but)+ (?:zero|0|nothing)`
  + ` (?:on|through|across) the other(?: one| side)?`],
  ['line $1 idle, $2 running', `${N}${VOLTS} with (?:it|the pump) (?:off|not running) and (?:it )?(?:drops|falls`
  + `|sags|goes|dips)`
  + `(?: down)? to ${N}${VOLTS} (?:once|when|while|as soon as) (?:the pump|it|the motor)(?:'s| is)? (?:running`
  + `|runs|starts|on)`],
  ['', `red(?: wire)? at the pump(?: to| with| and)(?: the| my)?(?: meter| other lead)?(?: clipped| clamped|`
  + ` hooked)?(?: to| on)?`
  + ` the battery negative(?: post)?`],
  ['line $1 volts idle, drops to $2 volts when it starts', `${N}${VOLTS} (?:at|with) no load(?: and|,| but)+`
  + ` ${N}${VOLTS}`
  + ` (?:when|while|as) (?:it's|it`
  + ` is|the \\w+ is|trying)(?: trying)?(?: to)? start(?:ing)?`],
  ['power in, nothing out of the switch', `(?:i've |we've |there's )?(?:got )?power (?:going |coming )?in,? but`
  + ` (?:i've |there's `
  + `|we've )?(?:got )?no(?:thing| power| voltage) (?:coming |going )?out(?: of)?(?: the)?(?: switch)?`],
  ['black to yellow ol, red to black ol', `yellow to black is (?:wide )?(?:open|ol) and so is (?:red to black`
  + `|black to red)`],
  ['black to yellow ol, red to yellow ol', `yellow to black is (?:wide )?(?:open|ol) and so is (?:red to yellow`
  + `|yellow to red)`],
  ['meg toground $1 meg', `(?:meg\\w*|insulation tester)(?: on (?:the )?(?:black|yellow|red|one))? (?:says|reads`
  + `|shows|gives)`
  + `(?: me)? ${N}(?: megs?)? and (?:it's )?the same on (?:the )?(?:other two|others|all of them|the other)`],
  ['cap $1 uf', `cap(?:acitor)?(?:'s| has)?(?: only)?(?: got)? ${N} (?:microfarads?|uf|mikes?|mfd)(?: left)?(?:`
  + ` in it)?`],
  ['fuses good, 0 / 0 / $1', `(?:all three )?fuses (?:check|are|look|test)(?: good| fine| ok)+ but (?:i |i've`
  + ` )?(?:only )?(?:have`
  + `|got|get|read)(?: only)? (\\d+)${VOLTS} (?:between|from) (?:a and c|l1 and l3|one and three) and (?:0|zero`
  + `|nothing) on the`
  + ` others?`],
  ['t1 to t2 $1, t1 to t3 $2, t2 to t3 ol', `(?:phase|lead|leg) to (?:phase|lead|leg)(?: on the motor)?(?: is|`
  + ` reads|,)* ${N},`
  + ` ${N}(?: and|,)+ (?:open|ol)(?: on)? t2 to t3`],
  ['t1 to t2 ol, t2 to t3 $1, t1 to t3 $2', `(?:phase|lead|leg) to (?:phase|lead|leg)(?: on the motor)?(?: is|`
  + ` reads|,)* ${N},`
  + ` ${N}(?: and|,)+ (?:open|ol)(?: on)? t1 to t2`],
  ['$1 / $1 / $2', `each leg(?: is|'s| reads| has| at)? ${LEG}${VOLTS} to ground,? (?:and |but )?(?:only )?(\\d{1,3})`
  + `${VOLTS} (?:leg to leg|across|between)(?: them| the two)?`],
  ['$1 / $2 / $3', `${LEG}${VOLTS}(?: from| on)? this one(?: to ground)?${AND} ${LEG}${VOLTS}(?: from| on)? the`
  + ` other(?: one)?`
  + `(?: to ground)?,? (?:and |but )?(?:only )?(\\d{1,3})${VOLTS} (?:leg to leg|across|between)(?: them| the two)?`],
  ['$1 side $2 volts', `(?:i'm |i am |so )*(?:touching|on|across|between|probing|checking) (?:both|the two|the`
  + ` 2)(?: of)?`
  + `(?: the)? (line|load)(?: side)? (?:terminals|screws|lugs|wires|legs|sides|poles)(?: and| now|,)*(?: it's|`
  + ` i'm| i've`
  + `| there's| we're| we've| i)*(?: showing| reading| getting| got| get| read| have)* (\\d+)${VOLTS}`],
  ['$1 side 0 volts', `(?:now )?(?:moving|going|coming|jumping|dropping|down|over|move|go)(?: on)?(?: over|`
  + ` down)? to the`
  + ` (line|load) side(?:,? (?!and |we|i've|there)[^,;]*)?,? (?:and )?(?:we've|i've|i|we|there's|it's)(?: got|`
  + ` get| have`
  + `| see)?(?: absolutely| just| got)* (?:nothing|zero|no voltage|no power)(?: at all)?`],
  ['left pole ol, right pole 0.1 ohms', `(?:it's |is |contacts? )?open on the (?:left|one|first)(?: side|`
  + ` one)? and`
  + ` (?:closed|good|continuity|made) on the (?:right|other|second)(?: side| one)?`],
  ['left pole 0.1 ohms, right pole ol', `(?:it's |is |contacts? )?(?:closed|good|continuity|made) on the`
  + ` (?:left|one`
  + `|first)(?: side| one)? and open on the (?:right|other|second)(?: side| one)?`],
  ['ol to ground', `from (?:each|both|either|all)(?: of)?(?: those| the| these)?(?: (?:wires?|leads?`
  + `|legs?|two`
  + `|three))* to (?:the )?ground(?: wire| lug| screw)?,?(?: i've| i'm| it's| there's| i)*(?: got| get| getting)?`
  + ` (?:nothing|open(?: line)?|ol|infinity|no reading)(?:,? open(?: line)?)?`],
  ['$1 amps and stays, $2 trips', `(?:it )?(?:hit|jumped to|went to|shot to) ${N}(?: amps)? and (?:stayed|held`
  + `|sat|hung)`
  + `(?: up)?(?: at)? (?:there|[\\d.]+)(?: amps)? (?:till|until) (?:the )?(overload|breaker) (?:popped|tripped`
  + `|kicked(?: out`
  + `| off)?|let go)`],
  ['meg toground 0', `meg(?:ged|ger(?:ed)?)?(?: it| them| out)*,? t1 (?:0|zero)(?=,| )[^;]*`, `meg(?:ged`
  + `|ger(?:ed)?)?(?: it`
  + `| them| out)*,? t1 ${N}[^,;]*,? t2 (?:0|zero)(?=,| )[^;]*`, `meg(?:ged|ger(?:ed)?)?(?: it| them| out)*,? t1`
  + ` ${N}[^,;]*,?`
  + ` t2 ${N}[^,;]*,? (?:and )?t3 (?:0|zero)(?: megs?)?`],
  ['meg toground $1 meg', `meg(?:ged|ger(?:ed)?)?(?: it| them| out)*,? t1 ${N}(?: megs?)?,? t2 ${N}(?: megs?)?,?`
  + ` (?:and )?t3`
  + ` ${N}(?: megs?)?${END}`],
  ['$1 volts on the coil', `coil(?:'s| is)? (?:getting|got|has|seeing|sees|gets) ${N}${VOLTS}(?: like it should)?`],
  ['coil reads $1', `pulled the coil(?: out| off)?(?: and|,)*(?: it's| it is| it reads| reads| i get| got)*`
  + ` (open|ol|${N})`],
  ['no power at the line side', `(?:pressure )?switch(?: on the \\w+(?: pump)?)? is (?:calling|closed|made) but`
  + ` (?:there's`
  + ` |i've got |we've got )?no (?:power|voltage) (?:getting |going |coming )*to it`],
  ['cap 0 uf', `(?:motor|start|starting) cap(?:acitor)?(?:'s| is)?(?: reading| reads| showing| shows| at)+`
  + ` (?:zero|nothing`
  + `|0)(?: uf| microfarads?)?`],
  ['supply l2 $1', `(?:the )?bus(?: ?bar)?s? (?:behind|under|ahead of|feeding|above)(?: that| the| it)?(?: same|`
  + ` dead)?`
  + `(?: breaker| pole| leg)?(?: is|'s| reads| shows| has)?(?: good| hot| fine| ok| alive)*,? ${LEG}${VOLTS}`],
  ['line side $1 / $2 / $3',
    `${LEG}${VOLTS}${AND} ${LEG}${VOLTS}(?: to ground)? (?:on|at) (?:the )?line(?: side)?(?: of (?:it|the switch))?,?`
    + ` (?:and )?(2[0-4]\\d)${VOLTS} (?:across|between|leg to leg)(?: them| the two| both)?`,
    `${LEG}${VOLTS} on this (?:leg|side|one)${AND} ${LEG}${VOLTS} on (?:that|the other) (?:leg|side|one),? (?:and )?`
    + `(2[0-4]\\d)${VOLTS} (?:across|between|leg to leg)(?: them| the two| both)?`],
  ['line l1 $1 l2 $2', `(?:voltage |volts |power )?(?:coming |going )?in on both sides,? ${LEG}${VOLTS}${AND}`
  + ` ${LEG}${VOLTS}`,
  `${LEG}${VOLTS}${AND} ${LEG}${VOLTS}(?: to ground)? (?:on|at) (?:the )?line(?: side)?`
  + `(?: of (?:it|the switch))?`],
  ['line side $2 / $2 / $1', `leg to leg(?: at the switch)?(?:,? (?:i'm|i am|it's|we're|i))?(?: reading| getting| get`
  + `| read| see)?(?: about| only)? (\\d{1,2})${VOLTS},? (?:and |but )?to ground (?:each(?: one)?|both|either(?:`
  + ` one)?)`
  + `(?: is| are| reads| read|'s)? ${LEG}${VOLTS}`],
  ['', `(?:so )?(?:both of (?:those|them)|they(?:'re| are) both|those are both)(?: are| must be)? (?:on |off`
  + ` )?the same`
  + ` leg`],
  ['black to yellow $1 ohms red to yellow $2 ohms', `(?:the )?(?:winding |motor )?ohms (?:are|look|check|read|came out`
  + `|come out)(?: out)?(?: right| good| fine| ok| about right| on the chart)*(?: for (?:an? |its )?[^,;\\d]*)?,? ${N}`
  + ` and ${N}`],
]

export const TURNS_READ_ALOUD: readonly Joined[] = [...OF_EXPECTED, ...OF_LEGS]
