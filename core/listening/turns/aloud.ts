/** What is said aloud while the hands work: whole sentences with what one does, expects and makes of it. */
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
  ['supply l2 $1', `(?:the )?bus(?: ?bar)?s? (?:behind|under|ahead of|feeding|above)(?: that| the| it)?(?: same|`
  + ` dead)?`
  + `(?: breaker| pole| leg)?(?: is|'s| reads| shows| has)?(?: good| hot| fine| ok| alive)*,? ${LEG}${VOLTS}`],
  ['line side $1 / $2 / $3',
    `${LEG}${VOLTS}${AND} ${LEG}${VOLTS}(?: to ground)? (?:on|at) (?:the )?line(?: side)?(?: of (?:it|the switch))?,?`
    + ` (?:and )?(2[0-4]\\d)${VOLTS} (?:across|between|leg to leg)(?: them| the two| both)?`,
    `${LEG}${VOLTS} on this (?:leg|side|one)${AND} ${LEG}${VOLTS} on (?:that|the other) (?:leg|side|one),? (?:and )?`
    + `(2[0-4]\\d)${VOLTS} (?:across|between|leg to leg)(?: them| the two| both)?`],
  ['line side $1 / $2', `${LEG}${VOLTS}${AND} ${LEG}${VOLTS}(?: to ground)? (?:on|at) (?:the )?line(?: side)?`
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

/** What he did with what runs, and what it did then. */
const OF_HANDS: readonly Joined[] = [
  // what a thing is like says nothing of how it stands
  ['', `(?:it's |it is |this is |that's )?(?:one of (?:those|them)|the kind|that kind|one)(?: \\w+){0,3} with`
  + ` (?:the|a)`
  + ` (?:little )?(?:lever|handle|arm)(?: on the side| on it)?`],
  ['swapped two leads pressure up', `(?:swapped|switched|reversed|traded|flipped)(?: around)? (?:any )?(?:two|2)(?: of`
  + ` the)? (?:leads|legs|wires|lines|phases)(?: (?:at|on|in) the \\w+)?,? (?:and )?(?:now )?(?:it's |it |i've `
  + `|i'm |we're`
  + ` |got |making |makes |up to |at )*\\d+ (?:pounds|psi|gpm|gallons)[^,;]*`],
  ['it works fine', `let (?:it |the lever )?go(?: of (?:it|the lever))?,? and (?:now )?it (?:stayed|stays|kept|keeps)`
  + `(?: running| on| up| going| pumping)?`],
  ['breaker 120 to ground on one leg, 0 on the other', `(?:over at the panel,? )?one (?:pole|side|leg) of the`
  + ` (?:\\w+ )?breaker (?:shows|reads|is|has|puts`
  + ` out)(?: got)? (?:nothing|dead|zero|no power|no volts)`],
  // it does its work and is not heard: that is not silence
  ['running', `(?<=\\d(?: psi| pounds| gpm| amps)? )and (?:nice and |real |good and )?quiet${END}`],
  ['switch closed', `(?:the )?(?:pressure )?switch (?:hasn't|has not|didn't|doesn't|never|still hasn't|isn't)`
  + ` (?:moved?|moving|budged?|budging|trip(?:ped)?|click(?:ed)?|open(?:ed|ing)?)(?: yet)?`],
  ['swapped two leads', `(?:swapped|switched|reversed|traded|flipped)(?: around)? (?:any )?(?:two|2)(?: of the)?`
  + ` (?:leads|legs|wires|lines|phases)(?: (?:at|on|in) the (?:starter|motor|contactor|disconnect|drive|box))?`],
  ['shaft turns rough', `(?:the )?(?:motor )?bearings?(?:'s| is| are| feels?| feel)?(?: real| pretty)? (?:rough|gritty`
  + `|crunchy|notchy)(?: (?:when|as|if) (?:you|i) (?:turn|spin|roll) (?:it|the shaft)(?: by hand)?)?`],
  ['starts with the line cracked', `(?:drained|bled|dumped|emptied|relieved) the (?:head|discharge|unloader`
  + `|pump)(?: line`
  + `| tube)?(?: by [^,;]*?)? and (?:now )?(?:it|she) (?:starts|started|fires|fired|takes|took)(?: right)?(?: up| off`
  + `| fine)*(?: against [^,;]*| with \\d+ [^,;]*)?`],
  ['held the lever, works now', `(?:held|lifted|pulled|pushed|raised)(?: up)? the (?:little )?lever(?: up|`
  + ` halfway| in| to`
  + ` start)*(?: [^,;]*?)? and (?:then )?(?:let (?:it )?go|released it),? and (?:now )?it (?:stayed|stays|kept|keeps`
  + `|has stayed|'s been) (?:running|on|up|going)`],
  ['float works backwards', `(?:lowered|dropped|let down|put down) the float(?: down)? and (?:the )?(?:well `
  + `|fill )?pump`
  + ` (?:quits?|stops?|stopped|shuts? off|went off)(?:,? (?:and )?(?:raised|lifted|picked)(?: it| up| it up)+ and`
  + ` (?:it|the pump) (?:starts?|started|comes? on|came on|runs?))?`,
  `(?:raised|lifted|picked up) the float(?: up)? and (?:the )?(?:well |fill )?pump (?:starts?|started|comes? on`
  + `|came on`
  + `|runs?)(?:,? (?:and )?(?:lowered|dropped|let down)(?: it| it down)? and (?:it|the pump) (?:quits?|stops?`
  + `|stopped))?`,
  `(?:it's )?(?:a |the )?pump[- ](?:down|up) float,? (?:and )?(?:it )?(?:needs|wants|should be|supposed to`
  + ` be)(?: to be)?`
  + ` (?:the other|an?|a pump[- ](?:up|down))(?: kind| type| one)?`],
  ['float hung up', `(?:lifted|pulled|picked) the float(?: out| up)? and it was (?:hung|caught|snagged|wrapped`
  + `|tangled|stuck)`
  + `(?: up)?(?: (?:on|in|around|behind|under) [^,;]*)?`, `float(?: was|'s| is| had)?(?: been)? (?:hung|caught|snagged`
  + `|wrapped|tangled)(?: up)? (?:on|in|around|behind|under) [^,;]*`],
  ['well pump runs', `let (?:it|the float) (?:hang|drop|fall)(?: down| free)* and (?:the )?well pump (?:kicked`
  + ` on|came on`
  + `|started|runs|ran)`],
]

/** What he makes of it: where it lies. */
const OF_PLACE: readonly Joined[] = [
  // what is held ahead of the check valve can only go back through it
  ['check valve leaks back', `(?:shut|closed)(?: off)? the (?:valve on the )?(?:inlet|street|supply|suction`
  + `|city)(?: side)?`
  + `(?: valve)?,? and (?:then |now )?(?:it |the pressure |the gauge |pressure )?(?:held|holds|stays|stayed`
  + `|stops? dropping`
  + `|quit dropping|stopped dropping)[^,;]*`,
  `(?:so )?(?:it's |it |water |that's |water's )?(?:going|goes|leaks?|leaking|bleeds?|bleeding|runs?|running`
  + `|comes?|coming|`
  + `slips?|slipping) back(?:wards?)? (?:through|past|by) the check(?: ?valve)?`,
  `check(?: ?valve)?(?:'s| is)? (?:passing|leaking by|leaks by|letting (?:it|water) (?:back|by))`],
  ['$1, rust in the water', `((?:tube|nipple|port|hole|orifice|line)(?: \\w+){0,3} (?:is|it's|was|'s)(?: all| just`
  + `| completely)? (?:packed|plugged|clogged|full|stopped up|choked))(?: up| solid)* (?:with|of|full of)`
  + ` (?:rust|sand|iron`
  + `|scale|sediment|grit|mud)`],
  ['motor side whole', `(?:so )?(?:it's|it is|the (?:break|open)'?s?|that's|we're|there's an?)(?: is)? (?:open|broke`
  + `|broken|break|an open)?(?: is)? ?(?:somewhere )?between (?:the )?(?:box|switch|house|panel|here)(?: here)?`
  + ` and the`
  + ` (?:well(?: ?head| ?cap)?|casing)`],
  ['pump side $1 meg to ground', `(?:the )?(?:pump|motor|well|down[- ]?hole|bottom) side (?:reads|is|shows`
  + `|'s)(?: wide)?`
  + ` (?:open|ol|clear|clean)(?: to ground)?,? ${N} ?meg\\w*`],
  ['cable from the house $1 ohms to ground', `(?:the )?(?:cable|wire)s? (?:coming |going |running )?(?:from|to) the`
  + ` house (?:reads?|is|shows?|'s)(?: the same| still)?(?: about)? ${N} ohms? to ground`],
  ['bad splice in the well, green', `(?:the )?(?:yellow|black|red|one)(?:'s)? (?:butt )?(?:connector|crimp`
  + `|splice|heat shrink)`
  + `(?:'s| is| was)?(?: all| just| completely)? (?:green|corroded|burnt|burned|rotten|rotted|black)(?: and [a-z]+)?`],
  ['cracked housing', `(?:yeah,? |yep,? |sure enough,? )?(?:there's |there is |found )?an? (?:split|crack)(?: right)?`
  + ` (?:in|down|across|along|through) the (?:side of the |bottom of the )?(?:pump )?(?:casing|housing|volute`
  + `|body|case`
  + `|pump)`],
  ['power company lost a leg', `(?:line side of the meter,? )?(?:the )?(?:power|electric) company (?:says|said|found`
  + `|confirmed|tells me|told me)(?: that)?(?: their| a| the| one)*(?: \\w+)? (?:fuse|leg|phase|line|cutout)(?: is|'s`
  + ` was|'s)? (?:out|blown|down|gone|lost|dead|open)(?: [^,;]*)?`],
  ['weak at the taps', `(?:only )?(?:pumps?|pumping|puts? out|makes?|delivers?|getting|get)(?: only| about|`
  + ` maybe| like)*`
  + ` (?:an? )?(?:third|half|quarter|tenth)(?: of)? (?:of )?(?:what it (?:did|used to|should)(?: do| make| pump|`
  + ` be)?|the`
  + ` water(?: it (?:did|used to))?|normal)`],
]

export const TURNS_ALOUD: readonly Joined[] = [...OF_EXPECTED, ...OF_LEGS, ...OF_HANDS, ...OF_PLACE]
