/** What is said aloud while the hands work: whole sentences with what one does, expects and makes of it. */
import { END } from './partsOfSpeech'
import type { Joined } from './turnOf'

const VOLTS = '(?: ?volts?| ?v)?'
const N = '(\\d*\\.?\\d+)'

/** What he did with what runs, and what it did then. */
const OF_HANDS: readonly Joined[] = [
  ['gauge $1', `started it,? (?:and )?it came (?:right )?up to (\\d+)(?: psi| pounds)?${END}`],
  ['gauge $1, runs past its cut-out', `gauge(?: was|'s| is) up (?:at|to|around) (\\d+)[^,;]*? and (?:the pump`
  + `|it)(?: was|'s| is)? still`
  + ` (?:going|running)`],
  ['stem spits water', `tank(?:'s| has)(?: got)? no air in it(?: at all)?,? (?:and )?(?:the )?stem (?:spits`
  + `|squirts|spat) water`],
  ['$2 volts out of it', `${N}${VOLTS} in,? (?:and )?(?:only )?${N}${VOLTS} out of it`],
  ['breaker off', `(?:power|breaker)(?:'s| is) off,? (?:and )?(?:i )?(?:checked|tested|verified|proved) (?:it`
  + `|that)[^,;]*,? (?:and )?`
  + `(?:it's|it is) dead`],
  ['', `(?:it's |it is |and it's )?(?:supposed to be |should be )?an? \\d\\d (?:psi |pound )?(?:cut-?(?:out|in)`
  + `|switch)${END}`],
  ['a good gauge reads $1', `my (?:good|own|test|other) (?:one|gauge)(?:'s| is)? (?:reads?|reading|says|shows)`
  + ` (\\d+)(?: psi| pounds)?`],
  ['precharge $1 psi', `(\\d{1,2})(?: psi| pounds) with (?:the )?(?:pump|power|breaker) off and (?:it |the water`
  + ` |everything )?drained`],
  ['well breaker was off, turned it on', `(?:no power (?:to|at) the well pump,? )(?:the )?breaker(?:'s| is| was)`
  + ` off,? (?:i )?(?:turned|flipped`
  + `|switched) it (?:back )?on`],
  ['', `and it's filling(?: up)?(?: now| again)?${END}`],
  ['cap 0 uf', `cap(?:acitor)?[^,;]*(?:,| and)+ (?:the |my )?meter (?:says|reads|shows) (?:nothing|zero|0)(?:`
  + ` on)?(?: the)?`
  + ` (?:microfarads?|capacitance|uf)(?: setting| scale)?`],
  ['$1-$2', `(?<=\\b(?:amps?|volts?|current|voltage|draw) )(?:go(?:es)?|going|swings?|swinging|bounces?|bouncing`
  + `|hunts?|wanders?|jumps?)(?: (?:up and down`
  + `|around|back and`
  + ` forth))? (?:from|between) ${N} (?:to|and) ${N}`],
  ['red start 0 amps', `clamp(?:ed)?(?: is)? on the red(?: wire)?(?: and|,)+ (?:there's )?nothing(?: (?:when|as)`
  + ` it tries)?`],
  ['trips after a while', `(?:motor |it |compressor |pump )?(?:trips|pops|kicks)(?: out| off)?(?: its own`
  + ` (?:button|reset|overload))? after`
  + ` (?:about |maybe |around )?(?:half an hour|an hour|(?:\\d+|five|ten|fifteen|twenty|thirty)(?: or \\w+)?`
  + ` ?min(?:utes?)?|a (?:few|couple)`
  + `(?: of)? minutes)`],
  ['$1 trips after a while', `(?:starts,? )?(?:it )?runs (?:for )?(?:about |maybe )?(?:\\w+) (?:minutes|min)(?:`
  + ` and|,)* then the`
  + ` (overload|breaker) (?:trips|kicks|pops)(?: out| off)?`],
  ['cap 0 ohms', `cap(?:acitor)?(?:'s| is| reads| tests)?(?: dead| out| direct)? shorted(?: out)?${END}`],
  ['contacts open', `contacts? (?:are |is )?(?:sitting|standing|hanging)(?: wide)? open`],
  ['tank air', `(?:stuck|put|screwed|got|threw) (?:a|my)(?: \\w+)? gauge on (?:the )?(?:schrader|air|tank`
  + `|stem)(?: valve| stem)?`],
  ['port blocked', `blew (?:through|into|in) the (?:nipple|port|tube|hole),? and (?:nothing|no air) (?:goes`
  + `|comes|went|passes|came)`
  + `(?: through| out)?`],
  ['it works fine', `by-?passed it and it's (?:fine|good|back|normal)`],
  ['', `put (?:some )?air (?:in|into) (?:it|the tank)(?=,? and)`,
    `it (?:bangs|slams|thumps|knocks) every time it (?:shuts|turns|kicks|cuts) off`],
  ['', `there's (?:nothing|not much|hardly anything) left (?:of it|of them|on it)`],
  ['breaker trips after a couple minutes', `(?:pump |it |motor |she )?(?:will )?(?:comes?|kicks?|starts?`
  + `|turns?)(?: right)?`
  + ` (?:on|up) and runs?(?: fine)? for (?:a |about )?(?:couple|few|two|three|five|ten|\\d+)(?: of)?(?: or`
  + ` [a-z]+)? minutes?,?`
  + ` (?:and )?then the breaker (?:kicks|trips|pops|goes)(?: off| out)?`],
  ['runs again once it is cooled', `(?:but )?after it (?:sits|cools|rests|has sat)(?: down| off)?(?:`
  + ` for)?[^,;]*?,? (?:it|she)`
  + ` ?(?:'ll| will)? (?:run|go|start|runs|goes|starts|works?)(?: right)?(?: up)? again`,
  `(?:\\w+ )?(?:minutes|half hour|an hour|hour)(?: or so)? later,? (?:it|she) (?:goes|runs|starts|works)(?:`
  + ` right)?(?: up)?`
  + ` again`],
  ['runs, no water', `(?:you|i|we) can hear (?:the pump|it)(?: running| run| going)?,? but (?:nothing|no`
  + ` water)(?:'s| is)?`
  + ` (?:coming|comes)(?: out| through)?`],
  ['gauge $1, switch closed', `(?:the )?(?:pressure )?switch(?:'s| is)? (?:stays|still|stayed|stay) (?:closed`
  + `|made|in) (?:at`
  + `|past|over|all the way to) (\\d+)(?: psi| pounds)?`],
  ['loses prime', `(?:i |we |he )?primed it (?:two|three|four|a couple|several|\\d+)(?: of)? times and (?:every`
  + ` time )?it`
  + ` (?:loses|lost|drops) (?:it|its prime|prime)(?: every time)?(?: after [^,;]*)?`],
  ['lever off', `(?:the )?(?:cut-?off |little )?lever won't stay up(?: by itself)?`],
  ['gauge stuck', `(?:the )?gauge(?:'s)? needle (?:doesn't|does not|won't|never|didn't)(?: even)? (?:moves?`
  + `|budge|drop)`
  + `(?: when [^,;]*)?`],
  ['gauges differ', `(?:pressure )?gauge[^,;]*? and (?:the one|my gauge|the other|another)[^,;]*? (?:don't|do`
  + ` not|doesn't)`
  + ` (?:agree|match|read the same)`],
  ['turns backwards', `(?:it )?(?:turns|spins|runs|is turning|turning|spinning)(?: in)? the wrong (?:direction|way)`],
  // what he is about to do, and what has gone on while he looked
  ['', `(?:with the (?:power|breaker) (?:off|killed) )?(?:so |now |and |okay |ok |alright )*(?:i'm|we're|i am)`
  + ` (?:gonna|going`
  + ` to|just gonna|about to) (?:check|test|measure|look at|see|ohm out|take|get|grab|do|find|put)[^,;]*(?=,`
  + ` (?:and )?(?:it's`
  + `|i|we|there|that))`,
  `(?:with the (?:power|breaker) (?:off|killed) )?(?:i'm |we're )?(?:gonna |going to )?check(?:ing)? (?:for`
  + ` )?continuity (?:through|across|on)[^,;]*(?=,)`,
  `even though (?:the )?(?:pump|motor|it)(?:'s| has| is)? (?:been )?(?:running|on)(?: for [^,;]*)?`],
  ['short cycling', `(?:kick|turn|come|click|cut|pop)s? on and (?:then )?(?:kick|turn|go|click|cut|shut`
  + `|pop)s?(?: right)?`
  + `(?: back)? off(?: again)?,?(?: about| like)? every(?: \\w+)? (?:\\w+) seconds?`],
  ['lever was tripped, it works fine', `with the lever (?:held|up|held up),? [^,;]*? (?:and )?when i let (?:it`
  + ` )?go,? it`
  + ` (?:keeps|stays|kept|stayed)(?: running| on| going| up)?`],
  ['cuts out when two shower', `(?:as soon as|the minute|whenever|every time) (?:somebody|someone|anyone|you`
  + `|they|anybody)`
  + ` (?:flushes?|opens?|uses?|turns?|showers?|runs?)[^,;]*? (?:the whole thing |it |the pump |everything`
  + ` )?(?:cuts out|quits`
  + `|dies|shuts off|stops|drops out)`],
  ['nothing at the tap', `(?:turn(?:ed|s)?|open(?:ed|s)?|crank(?:ed)?)(?: on| up)? (?:the|a) (?:faucet|tap`
  + `|spigot|hydrant`
  + `|hose)(?: on| up| open)? and (?:there's |i get )?nothing(?: happens| happened| comes out| came out)?`],
  ['fuse blown', `(?:pulled|took out) the fuse and it's (?:burnt|burned|melted|broke|broken|blown)(?: in half|`
  + ` in two| out`
  + `| open)?`],
  ['bubbles in the suction', `(?:little |steady )?(?:stream|string|line|bunch|lots?|trail) of bubbles(?: coming|`
  + ` going)?`
  + `(?: in| up| by)?(?: through| in| past)? (?:the )?(?:clear |suction |sight )*(?:pipe|tube|line|hose|glass)`],
  ['one leg dead out of the starter', `(?:only )?(?:two|2) (?:of the |of its )?(?:legs|lines|phases|poles)`
  + ` (?:have|has|with|got)`
  + ` (?:power|voltage|volts) (?:coming |going )?out(?: of (?:it|the starter|the contactor))?`],
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
  // what he thinks of it is no finding
  ['', `(?:so )?(?:i'm |i am )?(?:thinking|guessing|figuring) (?:that )?(?:the |it's |it is )[^;]*`],
  ['power in, nothing out of the switch', `(?:so )?(?:the )?power(?:'s| is)? (?:making it|getting|coming|going)`
  + ` in,? but not (?:making it |getting`
  + ` |coming |going )?out`],
  ['silent', `no hum,? (?:and )?no click(?:,? (?:and )?nothing(?: at all)?(?: out of the box)?)?`],
  ['inlet pressure $2, gauge $1', `(?:the )?(?:whole )?house(?: only)? has(?: only)? (\\d+) (?:pounds|psi),?`
  + ` (?:and |but )?(?:i've |i |there's |we've )?(?:got`
  + ` |have )?(\\d+)(?: pounds| psi)? (?:coming in|from the street)(?: from the (?:street|city|meter))?`],
  ['heater $1 open', `(?:the )?number (\\w+) (?:overload )?heater(?:'s| is| was)? (?:burnt|burned|blown) (?:open`
  + `|out|in two)`],
  ['heater open', `(?:the )?(?:overload )?heater(?:'s| is| was)? (?:burnt|burned|blown) (?:open|out|in two)`],
  ['well pump runs', `well pump(?:'s| is)? (?:running|going|on),? but (?:there's`
  + ` )?(?:no water|nothing)(?:'s)? coming in`],
  ['trips at once', `(?:it )?trips the (?:breaker|gfci) (?:when|as soon as|the second|the minute) (?:i|you) plug`
  + ` it in`],
  ['coil is burnt up, coil reads ol', `(?:the )?coil(?:'s| is) (?:burnt|burned|cooked|fried|melted)(?: up|`
  + ` out)?,? (?:and )?(?:it )?`
  + `(?:reads|is|tests) (?:open|ol)`],
  [',', `(?<=leaks?|leaking) so (?:bad|much)(?: that)?(?= it| you| the| clicked)`],
  ['contacts burnt', `(?:two|both|three|one)(?: sets?)?(?: of)?(?: the)? contacts? (?:are|is) (?:burnt|burned`
  + `|eaten|worn)`
  + `(?: away| off| up| down)?`],
  ['motor windings wet', `windings? (?:are |is )?(?:wet|soaked|full of water)(?: and [a-z]+)?(?: in there| inside)?`],
  ['jet blocked, rusty water', `(?:there's |there is )?(?:sand|grit|rust|scale) packed (?:in|into) the (?:nozzle`
  + `|jet|venturi)`],
  ['', `(?<=holder(?:'s| is) (?:melted|burnt|burned|cooked)),? (?:and )?(?:the )?wires?(?:'s| is| are)? loose in it`],
  ['wire chafed', `(?:the )?torque arrestor(?:'s| is| was)? (?:gone|missing|broke|broken|not there|off)`],
  ['yellow to black ol, yellow to red ol', `yellow(?: lead)?(?:'s| is) open to both(?: of)?(?: the)? others?`],
  ['pump is stiff', `(?:motor |pump |shaft )?(?:spins|turns|moves),? but (?:it's got |there's )?(?:a bunch of `
  + `|lots of |some )?(?:sand`
  + `|grit|rust) in it,? and it's (?:tight|stiff|hard to turn)`],
  ['suction line frozen', `(?:it's |it was )?the suction (?:line|pipe|hose)(?: that)?(?: is|'s| was)? (?:froze`
  + `|frozen)(?: up| solid)?`],
  ['motor smells burnt', `(?:cooked|burned up|burnt up|fried|smoked) the motor(?:,? (?:and )?you can smell it)?`],
  ['', `(?:the )?contacts (?:aren't|are not|don't|won't) (?:closing|close|pulling`
  + `|making) all the way(?: in)?`],
  ['well leads $1 ohms to ground', `ground fault (?:on|in) the well (?:wire|cable|leads?|pump),? (?:and`
  + ` )?(?:it's |it reads )?${N} ohms? to`
  + ` ground(?: at the (?:box|switch))?`],
  ['water runs out the city water hookup', `(?:on the pump,? )?water(?:'s| is)? (?:coming|running|pouring`
  + `|spraying|dribbling`
  + `|leaking|comes|runs)`
  + ` out (?:of )?the city (?:water )?(?:hook-?up|inlet|fill|connection)[^,;]*`],
  ['only after the filter', `(?:past|after|behind|on the house side of) the (?:whole[- ]house |cartridge `
  + `|sediment )?filter,?`
  + ` (?:i've |i |there's |it's |we've )?(?:only )?(?:got |get |have )?only (?:got |get |have )?${N}[^,;]*`],
  ['nipple blocked, rusty water', `(?:nipple|port|tube|hole)(?:'s| is| was)? (?:all )?rusted (?:shut`
  + `|closed|solid|over)`],
  ['relay contacts burnt, relay ohms ol', `relay contacts?(?: are| is|'s)? (?:burned|burnt|pitted|bad)[^,;]*,?`
  + ` (?:and )?(?:my )?`
  + `(?:ohm ?)?meter across (?:them|it) (?:reads|shows|says) (?:open|ol)`],
  ['terminals burnt', `(?:one|two)(?: of the)? (?:lugs?|terminals?|screws?)[^,;]* (?:is|are|'s) (?:brown|black`
  + `|melted|cooked`
  + `|burnt|burned)(?: and the plastic(?:'s| is)? (?:melted|burnt|brown))?`],
  ['contacts burnt', `(?:contacts?|points?)[^,;]* (?:pitted|burnt|burned|eaten)(?: up)? so bad[^,;]*`],
  ['', `(?:checked|read|ohmed|tested|measured) (?:the motor|it|the leads|them|the pump) at the well head`
  + ` instead of (?:at )?the (?:box|switch|house)(?: and| ,|,)*(?: it's| it reads| i get| got)* (?:the )?same(?:`
  + ` reading`
  + `| thing| numbers?)?`],
  ['cable insulation rubbed through', `(?:green|black|yellow|red|hot|ground) wire(?: with)?(?: has)?(?: the|`
  + ` its)? insulation`
  + ` (?:rubbed|worn|chewed|scraped|burned|burnt|skinned)(?: off| through)?(?: [^,;]*)?`],
  ['yellow splice in the well is green', `splice (?:at|in|on)(?: the)? (?:top of the |bottom of the )?(?:well`
  + `|drop)(?: head| cap)?`
  + `(?: was| is|'s)? (?:hanging|held on|just hanging)(?: on)? by (?:a|one) (?:strand|thread|hair)`],
  ['inlet pressure $1, gauge $2', `(?:before|ahead of) the pump(?: i've| i| there's| it's| we've)*(?: got| have|`
  + ` get| read)*`
  + ` (\\d+)(?: psi| pounds)?,? (?:and )?(?:after|behind|past) (?:it|the pump)(?: i've| i| there's| it's|`
  + ` we've)*(?: got| have`
  + `| get| read)* (\\d+)(?: psi| pounds)?`],
  ['pump connector melted', `(?:connector|plug|splice|wire nut)(?: on| at| by)? the pump(?:'s| is| was)?`
  + ` (?:melted|burnt|burned`
  + `|cooked)`],
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
  ['rust in the water, $1', `((?:tube|nipple|port|hole|orifice|line)(?: \\w+){0,3} (?:is|it's|was|'s)(?: all| just`
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

export const TURNS_ALOUD: readonly Joined[] = [...OF_HANDS, ...OF_PLACE]
