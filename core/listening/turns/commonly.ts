/** Of what is met most, as yet another hand puts it: wires by where they go, parts by what became of them. */
import { N, V } from './partsOfSpeech'
import type { Joined } from './turnOf'

const NOTHING = '(?:no reading|nothing|infinite|ol|no continuity|wide open|open)'
const GET = '(?: i get| i\'ve got| i have| is| it\'s| reads)?'
const COLOUR = '(?:black|red|yellow|white|blue)'
const AWAY = '(?:come|came|pulled|fell|fallen|burned|burnt|rotted|corroded|let go|broke)'
  + '(?: (?:apart|off|in two|through|loose|open))?'

/** What he meant, said after what he did not. */
const MEANT: readonly Joined[] = [
  ['on the $1', 'on the \\w+(?:\\.\\.\\.|,| -)? ?(?:i mean|i meant|no wait|no|sorry|wait)(?:,? on)?(?: the) (\\w+)'],
]

/** Where wires go, and what a pair of them reads. */
const OF_WIRES: readonly Joined[] = [
  ['$1 volts at the well head', `${N}${V} (?:going |headed |heading )?down the (?:hole|well|casing)`],
  ['$1 0 amps', `clamp(?: ?meter)? on the (\\w+)(?: wire| lead| leg)? (?:says|reads|shows|gives|has)(?: me)?`
  + ' (?:nothing|zero|0)(?:,? (?:zero|0|nothing))?'],
  ['leads open', `(?:killed it|power off)?,? ?(?:and |then )?ohm(?:ed|s)? (?:out )?the (?:pair|two wires|two leads|both`
  + ` (?:wires|leads)|two of them)(?: to each other)?[:,]? ?(?:i get |got |and got |is |reads )?${NOTHING}`,
  `(?:the )?pair (?:reads|is|shows) ${NOTHING}`],
  ['splice in the well pulled apart',
    `(?:(?:butt|crimp) (?:splice|connector)|splice down (?:there|in the well|by the pump))s? `
    + `(?:had |has |have )?${AWAY}`],
  ['leads to ground $1 ohms',
    `each(?: one| lead| wire| leg)? to (?:ground|earth)[:,]? ${N} ?ohms,? (?:and )?${N}(?: ?ohms)?(?:,? (?:and )?${N}`
    + '(?: ?ohms)?)?',
    `(?<=^ ?)${N} ?ohms, ${N}(?: ?ohms)?,? (?:and )?${N}(?: ?ohms)? to (?:ground|earth)`],
  ['well leads to ground 0 ohms', 'leads off at the well (?:cap|head),? (?:and )?'
  + `${COLOUR} and ${COLOUR}(?: and ${COLOUR})? to (?:ground|earth)(?: are| is)?(?: both| all)* `
  + `(?:zero|0|dead shorts?)`],
  ['leads to ground 0 ohms', `${COLOUR} and ${COLOUR}(?: and ${COLOUR})? to (?:ground|earth)(?: are| is)?`
  + `(?: both| all)*`
  + ' (?:zero|0|dead shorts?)'],
  ['wires chafed', '(?:pump |motor )?(?:wires?|leads?|hot)(?: is| was)? (?:worn|rubbed|chafed)'
  + ' (?:bare|through)(?: on| to| against)? the (?:frame|chassis|rail|floor)'],
  ['line $1/$1/$1', `(?:up top|at the top|on top|top side) ${N}${V} (?:all )?a?(?:round|cross)(?: the board)?`],
  ['line $1/$2/$3', `(?:up top|at the top|on top|top side)(?: is| it's| i have| i've got)? ${N}[ ,/]+${N}[ ,/]+${N}`],
  ['long cord', '\\d{2,3} ?(?:-|feet|foot|ft)(?: ?foot)? (?:cord )?(?:of )?(?:14|16|18)[ -]?(?:gauge|ga|awg)'
  + '(?: (?:cord|wire|extension))*'],
  ['', '(?<=\\d )at the (?:plug|outlet|wall|cord end)(?= when it starts)'],
  ['good outlet runs,', '(?:put|plugged|plug) it (?:straight|right|directly) (?:in|into|in to) the (?:wall|outlet'
  + '|receptacle)[:,]?(?= ?\\d)'],
  ['amps fall to $2 when it quits', `(?:amps? |draws? )?${N}(?: amps?)? (?:with water|pumping|making water),?`
  + ' (?:and |then |but )?'
  + `(?:falls|drops|goes|down)(?: down)? to ${N}(?: amps)? when it (?:quits|runs out|runs dry|loses it|goes dry)`],
  ['$1 volts into the breaker', `at (?:the )?main(?: panel| breaker)?,? (?:it's|it is|i've got|i have|i get|there's|is`
  + `|reads) ([1-4]\\d\\d)${V}`],
  ['line $1 volts, load $2 volts', `across the top(?: screws| terminals| lugs| two)?${GET} ${N}${V},? `
  + `(?:and )?across the`
  + ` bottom(?: screws| terminals| lugs| two)?${GET} ${N}${V}`],
  ['$1 volts at the well head', '([12][0-4]\\d)(?: v(?:olts?)?)? at the cap(?= ?$|,| and)'],
  ['now $1', `(?:and )?(?:it's |it is )?back up to ${N}(?= ?$|,)`, `(?<=^ ?)(?:and )?${N} now(?= ?$)`],
  ['', '(?:and )?the house (?:is |was )?(?:only )?(?:pulling|drawing|using) \\d+ ?a(?:mps?)?'],
  ['', '(?:so )?(?:i )?called the (?:power|electric) (?:company|people),?(?: and)?(?= they )'],
  ['', ',? ?so (?:the |that )?switch(?:\'s| is) (?:doing its job|passing (?:it|power|through)|good|fine|ok)'],
  ['fuse at the pole blown', '(?:power company|utility|linem[ae]n|electric company|co-?op) (?:had|has|got|found|finds)'
  + ' (?:a |an |the |one )?(?:cutout|fuse|line fuse|jumper|line|leg|phase) (?:open|out|down|burnt off|hanging)'],
]

/** What became of a part, in the words of the street. */
const OF_PARTS: readonly Joined[] = [
  ['contacts burnt', '(?:points|contacts|tips) on (?:one|two|three|1|2|3|l[123]|that (?:leg|pole))(?: are| is)?'
  + ' (?:eaten|burnt|burned|gone|chewed|worn)(?: up| away| off| down)?(?: to (?:nothing|nubs))?'],
  ['cap split', 'cap(?:acitor)?(?: had| has)? (?:blew|blown|spilled|spit|puked|threw|dumped) (?:all )?(?:its|it\'s|his)'
  + ' (?:guts|oil|top|lid|insides)(?: out| off)?'],
  ['shaft seal leaks', '(?:it\'?s |water )?(?:coming|drips?|dripping|leaking|leaks|runs?|weeping)'
  + ' (?:out |from )*(?:where|around where|at where) the shaft(?: goes in| comes out)?',
  '(?:shaft )?seal faces?(?: is| are| look)? (?:all )?(?:grooved|scored|worn|cracked|chipped|pitted|gone)'],
  ['soap sucked in at the union', '(?:shaving cream|soap|soapy water|foam|suds) on the (?:suction )?(?:union'
  + '|fitting|joint|nipple|elbow|threads)(?:,| and| it)* (?:pulls|sucks|gets sucked|draws|pulled|sucked)'
  + '(?: right| a hole)*(?: in(?:to it| it)?)?'],
  ['bubbles in the suction', '(?:sight (?:tube|glass)|clear (?:hose|pipe|section))(?:\'s| is)? (?:full of|all) bubbles',
    'bubbles (?:going by )?in the (?:sight (?:tube|glass)|clear (?:hose|pipe))'],
  ['pump valves will not seat', '(?:outlet|inlet|discharge|head) valves?(?: in the (?:pump )?head)? '
  + '(?:has|have|had|is full'
  + ' of|full of)(?: some| a bit of)? (?:grit|sand|trash|debris|plastic)(?: in (?:it|them))?',
  '(?:grit|sand|trash|debris) (?:under|in) the (?:outlet|inlet|discharge) valves?',
  '(?:hooked (?:up )?to|on) city water,? (?:and )?(?:the )?(?:fresh )?tank fills(?: up)?(?: by itself)?'],
  ['$1 in the water', '(?:cup|glass|jar|bucket)(?: of water)? (?:has|had)(?: [\\w/]+){0,6} (sand|grit|silt)'
  + '(?: in (?:the bottom|it))?'],
  ['$1 stuck closed', '(start ?switch)(?: is| was|\'s)? stuck (?:shut|closed),? (?:full of|packed with|plugged with)'
  + ' (?:sawdust|dirt|dust|lint|crud)'],
  ['start switch clicks', '(?:it )?clicks now', 'now it clicks'],
  ['tank empty', '(?:monitor|gauge|panel|sensor|lights?) (?:says?|reads?|shows?) [^,;]* but (?:the )?tank (?:sounds'
  + ' hollow|is (?:empty|bone dry|dry))', '(?:fresh )?tank sounds hollow'],
  ['hums with the tank empty too', '(?:dumped|drained|bled) the (?:tank|air)(?: down| off)?,? (?:and )?'
  + '(?:it )?still (?:just'
  + ' )?(?:hums|groans|grunts)'],
  ['prime full', '(?:pump )?(?:case|casing|volute)(?:\'s| is) full(?: of water)?', 'primed (?:right )?(?:up )?to the'
  + ' (?:plug|top|brim)'],
  ['brush worn', 'brushes(?: are)? (?:down to|worn to|just) (?:nothing|nubs|the holders?|stubs)'],
  ['relay contacts open', '(?:ohmed )?(?:the )?relay (?:points|contacts)(?: and they)? '
  + '(?:don[\'’]t|won[\'’]t|never|do not)'
  + ' (?:make|close)'],
  ['check leaks back', 'air (?:keeps|kept) coming (?:back )?(?:out of|through|past) the check(?: valve)?'],
  ['belt slip', '(?:belt |motor )?(?:pulley|sheave)(?:\'s| is) (?:shiny|polished|glazed|hot)'
  + '(?: and (?:shiny|polished|glazed|hot))?'],
  ['stops climbing at $1', `(?:it's )?stuck at ${N}(?: psi| pounds)? and the head is (?:cooking|burning hot|red hot)`],
  ['unloader valve stuck shut', '(?:the )?(?:little )?(?:plunger|pin|lever) (?:on|in|under) the (?:switch|unloader)'
  + ' (?:that (?:opens|pushes) the (?:unloader|bleeder) )?(?:is |was )?(?:bent|stuck|broken)(?= ?$)'],
]

/** What is caught holds it open; what is blown or taken off shows whether it is clear. */
const OF_VALVES: readonly Joined[] = [
  ['check stuck open', '(?:poppet|disc|flapper|ball|seat)(?: in the check)? has (?:a |some )?'
  + '(?:piece of |bit'
  + ' of |chunk of )?(?:tape|grit|sand|rust|trash|debris|gravel)(?: stuck)?(?: on| under| in)?(?: it)?'],
  ['on $1 $2, off $3 $2', `(?:it )?runs ${N} (minutes|seconds),? (?:and )?off ${N}(?: minutes| seconds)?(?= ?$)`],
  ['$1 in the $2', '(twig|leaf|stick|gravel|pebble|rock|grit|trash|debris)(?: was| is)? (?:stuck|caught|lodged|jammed'
  + '|wedged) (?:in|under) the (foot valve|check valve|check)'],
  ['$2 in the $1', '(foot valve|check valve) flapper(?:\'s| has| had)(?: got)? an? (twig|leaf|stick|pebble|rock)'
  + ' (?:in|under) it'],
  ['$1 stuck open', '(foot valve|check valve|check|flapper)(?: was| is)? (?:held|propped|wedged|jammed) open'],
  ['foot valve will not hold', 'watched it (?:all )?(?:drain|run|leak)(?: right)? back(?: down| out)?'],
  ['port plugged', '(?:took|pulled) the (?:little |small |copper )?(?:tube|nipple|line) off,? (?:and )?(?:nothing|no'
  + ' water) (?:comes|came|coming) out(?: of it)?',
  'nothing (?:comes|came|coming|comin) out of the (?:little )?(?:nipple|tube to the switch|sensing line|port)'],
  ['vented head runs', '(?:cracked|loosened|broke loose|opened|bled) the (?:line|tube|fitting|nut)'
  + '(?: off| at)?(?: the)?(?: check valve| check| head)?,? (?:and )?(?:air|it) (?:hissed|came|blew|let)(?: out| go)*'
  + '(?: and|,| then)* (?:it )?(?:started|took off|starts|ran)'],
]

const SET = '(?:an? )?[2-9]\\d ?[ /-] ?(?:to )?(?:[3-9]\\d|1\\d\\d)'
/** What it should be is no reading. */
const OF_SETTINGS: readonly Joined[] = [
  ['', `(?:the |this )?(?:pressure )?switch(?: is|'s| says| is marked)? ${SET}(?: switch)?(?= ?$|,)`],
  ['', `(?:it's|its|this is) an? ${SET}(?: switch)?(?= ?$|,)`],
  ['', `,? ?(?:and |but )?(?:cut-? ?out|cut-? ?in|that)(?:'s| is|s) supposed to be ${N}(?: psi| pounds)?`],
  ['', '(?:float )?(?:hanging|sitting)(?: straight)? down with a cracked (?:housing|body|shell)(?:,? full of water)?'],
  ['', 'pulled the drop(?: pipe)?(?: up| out)?,?(?= \\w)'],
  ['spliced', 'resplit'],
  ['gauge $1 psi', `(?:my|a)(?: own| good| test| new)? gauge (?:on|at|in) the \\w+ (?:shows|reads|says) ${N}`],
  ['', '(?:i )?pulled \\d+ (?:feet|foot|ft) of pipe(?: up| out)? and(?= )'],
]

export const TURNS_COMMONLY: readonly Joined[] = [
  ...MEANT, ...OF_WIRES, ...OF_PARTS, ...OF_VALVES, ...OF_SETTINGS,
]
