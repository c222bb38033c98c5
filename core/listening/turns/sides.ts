/** On which side of a thing a figure was read, in what state, and what was seen there. Common practice, no source. */
import type { Joined } from './turnOf'

const VOLTS = '(\\d{1,3}(?:\\.\\d)?)(?: volts?| v)?'
const NOUGHT = '(?:nothing|zero|none|0)'
const IS = '(?:\'s| is| are| was| were|\'re)?(?: all)?'
const GREEN = '(?:green|corroded|rotten|burnt|burned|black|brown|crusty)(?: and (?:crumbled|crusty|corroded|nasty))?'

/** Where the leads of the meter were. */
const OF_READING: readonly Joined[] = [
  ['', '(?<=at the breaker )with the (?:pump|motor|load) wires off'],
  ['bothlegs $1', '(?<=(?:\\bin|out|side|has|lugs|screws)[: ]+)(1[12]\\d) and (?:1[12]\\d)'],
  ['$2 side $1 to ground on one, 0 on the other',
    `${VOLTS} from one (load|line) (?:screw|lug|terminal) to ground,? (?:and )?${NOUGHT} from the other`],
  ['load wires off at the switch it $1', 'opened the wires (?:up )?at the (?:pressure |float )?switch and'
  + ' (?:reset|threw|'
  + 'flipped) (?:the breaker|it),? (?:and )?it (held|holds|trips)'],
  ['house side shorted together', '(?:the )?(?:two )?wires are still shorted on the house side'],
  ['across the pump', 'red to black right at the pump(?! plug),?'],
  ['$1 into the pressure switch, motor 0 volts', '(\\d+(?:\\.\\d)?) across the pump connector but nothing past the'
  + ' pressure switch'],
  ['amps t$1 0', '(?:amps|amperage) (?:are|is) (?:nothing|zero|none) on t ?([123])'],
  ['switch closes, pump silent', '(?:it )?(?:clicks|snaps|kicks) in but nothing (?:runs|happens)'],
  ['rested comes back', '(?:has |got |there\'s )?water in the mornings?,? (?:and |but )?nothing by (?:noon|lunch)'],
  ['', 'weight on a string:? \\d+ feet down to water at noon, \\d+ in the morning'],
  ['', 'out with no load but (?:falls|drops) to \\d+ with the pump on'],
  ['pump side $2 to $3 $1 ohms', '(black|red|yellow) (\\d+(?:\\.\\d)?)(?: ohms)? to (black|red|yellow) from the '
  + 'well ?head down'],
  ['leads to ground $1 ohms', 'each (?:lead|wire|one) to ground:? black (\\d+(?:\\.\\d)?)(?: ohms)?, red [\\d.]+'
  + '(?: ohms)?,? (?:and )?yellow [\\d.]+(?: ohms)?'],
  ['second gauge', '(?:second|other|another|test) gauge on (?:the|a) (?:hose ?bib|spigot|sillcock|faucet)'],
  ['', '(?:and )?(?:the )?discharge side of the pump(?:\'s| is| at| says| reads)? \\d+(?: psi| pounds)?'],
  ['between pump and check', 'pressure between the pump and the check(?: ?valve)? \\d+(?: psi| pounds)?,? (?:and )?'
  + '(?:nothing|0|zero) (?:after|past|behind) (?:it|that)'],
  ['$1 volts at the posts running', '(\\d+\\.\\d) on the (?:battery )?clamps?(?: itself)? with the pump (?:on'
  + '|running)'],
  ['line $1', `${VOLTS} from the red at the pump to (?:the )?battery negative`],
  ['across the motor $1', `${VOLTS} red to black(?! at)`],
  ['return drop $1', `${VOLTS} from the black(?: at the pump)? to (?:the )?battery negative`],
  ['breaker out $1 $2 $2', 'below:? (\\d{3}) across (?:1 and 2|1-2|a and b),? (?:and )?(\\d{1,3})(?:-odd'
  + '|-something)? on the'
  + ' other two(?: pairs?)?'],
  ['line side', 'at the pump (?:plug|connector)'],
  ['$1 volts after controlfuse, aux 0 volts',
    `${VOLTS} (?:on|at) one side of (?:the )?(?:95-?96|overload)(?: contact)?,? (?:and )?${NOUGHT} (?:on|at) the`
    + ` other`,
    `${VOLTS} into (?:the )?95,? (?:and |but )?${NOUGHT} (?:out of|at|on) (?:the )?96`,
    `${VOLTS} into the overload contact,? (?:and |but )?${NOUGHT} (?:behind|after|past|out of) it`],
  ['0 volts after controlfuse', `${NOUGHT} (?:past|after|out of|on the other side of) the (?:little`
  + ` )?(?:glass |control )?`
  + '(?:glass )?fuse'],
  ['$1 volts after controlfuse', `control fuse(?:'s| is)? good,? ${VOLTS} (?:after|behind|past) it`],
  ['one fuse open', 'fuse (?:[123]|[abc]) (?:rings|reads|checks|ohms) open'],
  ['$1 fuse blown', '\\b([abc123]) fuse is blown(?:,? no continuity)?'],
  ['$1 at the pressure switch, coil 0 volts', '(\\d+) going out to the pressure switch,? (?:and |but )?nothing'
  + ' (?:coming |comes )?back'],
  ['$1 $2 $3', '(\\d+) on one pair,? (?:and )?(\\d+) and (\\d+) on the other two(?: pairs?)?'],
  ['$1 $2 $2', '(\\d+) on (?:one and two|1 and 2|[a-c] and [a-c]),? (?:and )?(\\d+) on the other two(?: pairs?)?'],
  ['load side', 'out (?:of )?the bottom (?:of the (?:starter|contactor)|this one(?: here)? drops (?:way )?off(?: when'
  + ' it\'s pulled in)?),?'],
  ['reset in, overload contact open', 'reset(?:\'s| is) in,? (?:and |but )?(?:the )?(?:overload )?contact reads open'],
  ['precharge', '(?:accumulator|bladder tank|little tank)(?:\'s got| has| had| reads| is at)?(?= \\d)'],
]

/** What was tried there. */
const OF_TRYING: readonly Joined[] = [
  ['tapped the motor and it runs', '(?:smacked|whacked|hit|banged|rapped) it with (?:a|my|the) [a-z ]+? and it spun'],
  ['water out of the valve stem', 'no air (?:comes |came )?out of the (?:valve )?stem,? (?:just|only) water'],
  ['behind the fuse $1 volts running', `\\d{1,2}(?:\\.\\d)? going (?:in|into) (?:the )?fuse holder,? (?:and |but`
  + ` )?${VOLTS}`
  + ' coming out'],
  ['spun the shaft and it starts', '(?:gave|give) the shaft a (?:spin|flick|twist),? (?:and )?it (?:came up to'
  + ' speed|took off'
  + '|ran|started)'],
  ['footvalve does not hold', 'watched the water (?:sink|drop|go down|fall)(?: right)? out of'
  + ' sight'],
  ['union sucks air', 'wet rag (?:round|around|on) the union(?: at the [a-z]+)?,? (?:and )?(?:the'
  + ' )?(?:cough(?:ing)?|spitting|it)'
  + ' (?:stopped|quit)'],
  ['new $1 in', 'swapped the (relay|capacitor|cap|overload|switch) (?:from|off|out of) the truck'],
  ['run cap reads $1, marked $2', 'bulge on the run cap(?:acitor)?,? and it (?:measured|measures|reads|read) (\\d+) on'
  + ' an? (\\d+)'],
  ['feed drop $1', '(?:the )?plus side drops (\\d+\\.\\d)(?: volts)?(?: between the fuse block)?'],
  ['second return runs', '(?:ran|put|run) a jumper from the (?:pump(?:\'s)? )?black(?: wire)? to the (?:frame'
  + '|chassis|battery'
  + '(?: negative)?),? (?:and )?(?:it|she|the pump) (?:took off|perked (?:right )?up|came (?:right )?(?:up|on)|ran)'],
  ['splice apart, same at the motor', '(?:opened|undid|cut) the splice at the (?:well|head)[^,]*, (?:t\\d |it\'s'
  + ' |they\'re )?'
  + '(?:still )?open on the motor side'],
  ['motor leads off at the motor, meg again, motor is down', 'meg(?:s|ged)?(?: t[123] 0?\\.0\\d){3} at the motor box,?'
  + ' (?:and )?(?:the )?feeder \\d{3,4}'],
  ['leads off at the motor, motor side open', 'leads off in the motor box:? t[123] to t[123] \\d+(?:\\.\\d)?,?'
  + ' t[123] to'
  + ' t[123] open,? (?:and )?t[123] to t[123] open'],
  ['motor leads off, holds', 'pulled the motor leads,? (?:and )?(?:it )?holds'],
  ['adjusted the reducing valve, and it works', '(?:backed|turned|ran|set) the screw (?:in|out|up|down) on the'
  + ' reducer,?'
  + ' (?:and )?the house came up to \\d+(?: psi| pounds)?'],
  ['check valve stuck shut', 'gauge ahead of the check(?: ?valve)?[^,]*? (?:jumps|goes|shoots|climbs) (?:over|to'
  + '|past) \\d+,?'
  + ' (?:and )?(?:the )?gauge at the tank(?: is|\'s)?(?: at)? (?:zero|0|nothing)'],
]

/** What was seen there. */
const OF_SEEING: readonly Joined[] = [
  ['feed wire broken', '(?:white|black|neutral|hot) wire ?nut [a-z ]*?(?:fell|came) apart(?: in my hand)?'],
  ['check valve stuck open', '(?:you can |i can |i )?(?:hear|see) (?:it|the water) (?:going|running|swirling)'
  + ' back(?:wards)?'
  + ' (?:through the pump|into the (?:storage )?tank)'],
  ['terminal burnt', `(?:wire ?nut|splice|connection)s? in (?:the|a|that) (?:junction|j) ?box(?: at the pump`
  + ` ?house)?${IS}`
  + ` ${GREEN}`],
  ['corroded wire nut at the well cap', `wire ?nuts? in the well ?cap${IS} ${GREEN}`,
    `(?:black|red|yellow)${IS} ${GREEN} in the wire ?nut`],
  [', it runs,', 'humming (?:away|along|right along)(?: down there| down the hole)?'],
  ['runs', '(?:gets|comes|came|got) up to speed,? but (?:it )?(?:growls|hums|buzzes|groans)'],
  ['steady at the tap', '(?:the )?(?:hose|tap|faucet|shower)(?:\'s| is) blasting'],
  ['and it works', '(?:and )?it (?:steadied|settled)(?: right| out)* (?:at|in at) \\d+(?: psi| pounds)?'],
  ['pump not turn', '(?:the )?flywheel(?:\'s| is)? (?:locked|stuck|frozen|seized)(?: solid| tight| up)?'],
  ['suction line blocked', 'suction (?:pipe|line)(?:\'s| is) frozen(?: [a-z ]+)?'],
  ['strainer sucks air', 'suction (?:hose|line)(?:\'s| is)? (?:split|cracked|loose)(?: at the (?:barb|fitting'
  + '|clamp))?'],
  ['cable conductors touch', '(?:rubbed|worn|chafed) bare[^;]*?two (?:conductors|wires|legs)(?: are| were)?'
  + ' (?:touching|rubbed together|melted together)'],
  ['pump side megs', '(?:motor|pump) side megs(?: at| out at)?'],
  ['half an hour later $1 kicked back on by itself', '(?:waited|let it sit|left it)(?: for)? (?:an|half an|\\w+'
  + '|a couple)'
  + ' (?:hours?|minutes),? (?:and )?(?:the )?(well pump|pump|motor|it) (?:started|came|took|kicked) (?:again'
  + '|back on|up)'
  + '(?: by itself| on its own)'],
  ['', '(?:no,? )?i mean(?: it\'s)?'],
  ['stuck open', 'welded open(?:\\.* ?i mean stuck apart)?', 'stuck apart'],
  ['jumped the float, runs', 'held a (?:new|known good) float up and down,? (?:and )?(?:the )?(?:well )?pump'
  + ' (?:kicks|comes|goes)'
  + ' on and off'],
  ['is full', '(?:was|got) (?:emptied|drained)(?: for cleaning| out)?,? and (?:they |he |we )?(?:just )?refilled it'],
  ['startswitch', 'start switch points'],
  ['motor too hot to hold', 'case too hot to (?:hold|touch)'],
  ['came back by itself after cooling', '(?:it )?(?:came )?back (?:on )?by itself'],
  ['startswitch points', '(?:end bell|bell) off,? (?:the )?(?:switch )?points'],
  ['regulator torn', '(?:air )?(?:hiss(?:es|ing)|leak(?:s|ing)|blow(?:s|ing)|coming)(?: out)? (?:of|from) the'
  + ' regulator'
  + '(?:\'s)? (?:bonnet|cap|vent|weep hole)'],
  ['slack', '(?:and )?hanging loose'],
  ['burnt crimp', '(?:lug|connection|wire ?nut|joint) in the motor(?: connection)? box(?: is)?'
  + ' (?:burnt|burned|melted|loose|black)(?: on t\\d)?'],
  ['someone worked on the switch', '(?:home ?owner|owner|customer|husband|tenant|neighbou?r) (?:cranked|turned'
  + '|tightened'
  + '|messed with|backed)(?: down| off| out)? the (?:big |range |little )?(?:nut|spring|screw)(?: [a-z]+){0,4}'],
]

export const TURNS_OF_SIDES: readonly Joined[] = [...OF_READING, ...OF_TRYING, ...OF_SEEING]
