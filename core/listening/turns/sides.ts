/** On which side of a thing a figure was read, in what state, and what was seen there. Common practice, no source. */
import type { Joined } from './turnOf'

const VOLTS = '(\\d{1,3}(?:\\.\\d)?)(?: volts?| v)?'
const NOUGHT = '(?:nothing|zero|none|0)'
const IS = '(?:\'s| is| are| was| were|\'re)?(?: all)?'
const GREEN = '(?:green|corroded|rotten|burnt|burned|black|brown|crusty)(?: and (?:crumbled|crusty|corroded|nasty))?'

/** Where the leads of the meter were. */
const OF_READING: readonly Joined[] = [
  ['house side good', '(?:the )?(?:cable|wire|run)s? (?:from|to|toward|back to) the house(?:\'s| is| are| reads?'
  + '| tests?)? (?:good'
  + '|clean|clear|fine)(?:,? (?:better|over|more)(?: than)? \\d+ ?meg\\w*)?'],
  ['meg toground $1 meg', 'insulation tester on the (?:pump|motor) leads? (?:says|reads|shows|is|got)'
  + ' (\\d*\\.?\\d+) ?meg\\w*'],
  ['pump side to ground', '(?:going|looking) down(?: the (?:hole|well))? (?:it\'s|i get|reads) 0?\\.\\d+(?:'
  + ' meg\\w*)?'],
  ['precharge $1 psi', `tank(?:'s| is| was| has| had| reads| read| at| only)* (\\d{1,3})(?: psi| pounds)?(?: in`
  + ` it| of air`
  + `(?: in it)?)?,? (?:with )?(?:the )?(?:water(?: side)?|system|house|pump|pressure|lines?|plumbing|it)?(?: is`
  + `|'s| was)?`
  + ` ?(?:off and )?(?:drained|empty|at zero|bled(?: off| down)?)(?: down)?`],
  ['precharge $1 psi', '(\\d{1,3})(?: psi| pounds)?(?: of air)? in it,? (?:when |with it )?(?:drained|empty'
  + '|bled)(?: down)?',
  'tank air(?:\'s| is| was)? (\\d{1,3})(?: psi| pounds)?,? with the (?:pump|breaker|power) off and the water'
  + ' (?:let out'
  + '|drained|off|out)'],
  ['', '(?:the )?switch(?:\'s| is| was)?(?: set)?(?: at| for| to| is)? \\d\\d ?[/-] ?\\d\\d(?: switch)?'],
  ['cut-in $1 psi', '(?:the )?(?:switch |pump )?(?:cuts|kicks|comes|turns) (?:in|on) at (\\d{1,3})(?: psi|'
  + ' pounds)?(?! seconds| minutes)'],
  ['$1 volts on the coil', 'coil (?:only )?(?:gets|sees|has|is getting|is seeing) (\\d+)(?: volts?)?,? (?:and'
  + ' )?(?:it\'s|it is|its) an?'
  + ' \\d+(?: volts?)?(?: coil)?'],
  ['red stays $1 amps', 'red (?:stays|hangs|sits|holds)(?: up)?(?: at)? (\\d+(?:\\.\\d+)?)(?: amps)?(?: after'
  + ' (?:it\'s|it is) (?:running|up|going))?,?'
  + ' (?:and )?(?:it )?(?:never|doesn\'t|won\'t) (?:drops?|falls?|comes?|lets?) (?:off|out|down|go)'],
  ['drop across the pressure switch $1 volts', '(\\d+(?:\\.\\d+)?)(?: volts?)? (?:dropped |lost )?across (?:them'
  + '|it|the (?:points|contacts)) closed'],
  ['main winding $1 ohms start winding $2 ohms', '(\\d+\\.?\\d*)(?: ohms)?(?: on the)? main,? (?:and )?(\\d+\\.?\\d*)'
  + '(?: ohms)?(?: on the)? start(?: winding)?'],
  ['meg toground $1 meg', 'megged (?:the )?(?:t |motor |pump )?leads?(?: at \\d+ ?(?:volts|v))?:? (\\d*\\.?\\d+)'
  + '(?: meg\\w*)?(?:,? (?:and )?\\d*\\.?\\d+(?: meg\\w*)?)*'],
  ['pump side to ground', '(?:(?:cut|opened|undid|split|parted) the splice(?: at the (?:well ?head|well|casing'
  + '|cap))?,? )?'
  + '(?:going|looking) down(?: the (?:hole|well))?,? (?:it\'s |it is |i get |reads )?(?:the |that )?same \\d+(?:'
  + ' ohms)?'
  + ' to ground',
  '(?:with the (?:drop )?cable (?:cut |taken |pulled )*loose,? )?it\'s still \\d*\\.?\\d+(?: meg\\w*| ohms)?'
  + ' going down'],
  ['house side to ground', '(?:the )?(?:run|wire|cable|underground)(?: from (?:the )?\\w+)? to (?:the'
  + ' )?[a-z]+(?: head)?'
  + '(?: by itself| alone)?(?: still)? (?:reads?|shows|is|has) \\d+(?: ohms)? to ground'],
  ['house side good', '(?:the )?(?:underground|buried (?:wire|cable)|yard (?:wire|run)|trench(?: wire)?|feeder'
  + '|run)(?: back)?'
  + '(?: (?:from|to) the (?:switch|house|panel|box|pressure switch|pump ?house))*(?: by itself| alone)?'
  + ' (?:is|reads?|megs|shows|tests)(?: over| better than| at)? \\d+ ?meg\\w*'],
  ['', '(?:across|over) (?:that|the) (?:terminal|screw)(?:,? wire to screw)?,? (?:i (?:get|got|have|read) |reads? )?'
  + '\\d+(?:\\.\\d+)?(?: volts?)?(?: running)?'],
  ['$2 volts on the coil', 'coil is (?:a |for )?(\\d+)(?: volts?)?(?: coil)?,? (?:and )?(?:reading|reads|i read'
  + '|i\'ve got'
  + '|got|only has|sees|with) (\\d+)(?: volts?)?(?: across it)?(?: pulled in)?'],
  [', motor side still open', '(?<=\\b(?:open|ol)\\b.{0,45})at the motor(?: box| itself)?,?(?: with the (?:motor'
  + ' |t )?(?:leads|cable'
  + '|wires)(?: taken)? off)?'],
  ['cap $1 uf', '(?<=\\bcap\\b.{0,30})(\\d+(?:\\.\\d+)?)(?: ?(?:uf|mfd|mikes?|microfarads?))?,? (?:and )?(?:the '
  + '|its )?label'
  + ' (?:says|is|reads|calls for) (?:\\d+ ?(?:to|-|–) ?)?\\d+'],
  ['', '(?<=at the breaker )with the (?:pump|motor|load) wires off'],
  ['bothlegs $1', '(?<=(?:\\bin|out|side|has|lugs|screws)[: ]+)(1[12]\\d) and (?:1[12]\\d)'],
  ['$2 side $1 to ground on one, 0 on the other',
    `${VOLTS} from one (load|line) (?:screw|lug|terminal) to ground,? (?:and )?${NOUGHT} from the other`],
  ['load wires off at the switch it $1', 'opened the wires (?:up )?at the (?:pressure |float )?switch and'
  + ' (?:reset|threw|'
  + 'flipped) (?:the breaker|it),? (?:and )?it (held|holds|trips)'],
  ['load wires off holds', 't leads off(?: at the starter)?,? (?:and )?(?:it|the starter) (?:closes|pulls in)(?:'
  + ' fine| clean)?'
  + ',? (?:and )?(?:the )?(?:breaker )?(?:stays|holds)(?: in| on)?'],
  ['splice apart house side shorted together', '(?:the )?(?:two )?wires are still shorted on the house side'],
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
  ['known good box still groans', '(?:relay|cap|capacitor|box)(?:\'s| was)? swapped (?:w/|with|for) (?:a'
  + ' )?(?:known ?good|new one|spare|another),? (?:and )?(?:still )?(?:the )?same',
  '(?:swapped|changed|replaced|tried|put in)(?: (?:a|the|in|out|new|another'
  + '|both))* (?:relay|cap'
  + '|capacitor) (?:and|\\+) (?:the |a |new )*(?:relay|cap|capacitor),? (?:and )?(?:it\'s |still )?(?:the'
  + ' )?same(?: thing'
  + '| deal| result)?'],
  ['spun by hand runs', '(?:spins|starts|takes|goes) (?:right )?(?:up|off)? ?(?:if|when|once) (?:i|you) (?:push'
  + '|kick|help|nudge'
  + '|turn|spin|flick|twist)(?: (?:it|the (?:shaft|fan)))?(?: with (?:a|my) [a-z]+)?'],
  ['rotor locked pump off', '(?:shaft )?(?:can\'t|won\'t|couldn\'t|can not|doesn\'t) (?:even )?(?:turn|budge'
  + '|spin|move)[^,;]*,?'
  + ' (?:even )?(?:with the pump )?(?:split|unbolted|pulled|parted|off|separated)(?: off| from)?(?: the (?:motor'
  + '|pump))?'],
  ['motor side clear', 'motor (?:alone|by itself|itself) (?:megs|tests|reads|is)(?: over| at)? \\d{2,}(?: ?meg\\w*)?'],
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
  ['starter contacts pitted', '(?:starter|contactor) contacts? (?:are|is|\'re|looks?) (?:all |pretty |really'
  + ' )*(?:beat(?:en)? up|chewed'
  + '(?: up)?|rough|ugly|eaten)(?: too)?'],
  ['box scorched', '(?<!old )(?:start )?relay(?:\'s| is| was)? (?:blown (?:apart|up|open)|exploded|melted)(?: inside)?'
  + '(?:,? (?:black )?soot(?: everywhere)?)?'],
  ['someone worked on it', '(?:somebody|someone|he|she|they|owner|neighbor|the owner) (?:pumped|aired|blew)'
  + ' (?:up )?the tank(?: up)?'],
  ['', '(?:the )?(?:bushing|grommet|connector|knockout)(?:\'s| is| was)? (?:missing|gone|fell out)(?: (?:in|on'
  + '|from|at) [^,;]*)?',
  'no (?:bushing|grommet)(?: (?:in|on|at) [^,;]*)?'],
  ['leak', 'water(?:\'s| is| has been|\'s been)? (?:running|coming|bubbling|seeping|boiling)(?: up)? out of the ground'
  + '(?: [^,;]*)?'],
  ['box terminal burnt', '(?:the )?(?:[yrb]|yellow|red|black|l[12]) (?:terminal|screw|lug)(?: in the box)?(?:\'s'
  + '| is| was)?'
  + ' (?:all )?(?:burnt|burned|melted|cooked|charred)(?: (?:right |clean )?(?:off|up|black))?'],
  ['water out of the valve stem', '(?:tapped|pushed|poked|pressed|cracked|opened|checked|touched|hit|tried) the (?:air'
  + ' ?)?(?:valve|schrader|stem|valve stem)(?: on(?: top of)? the tank)?,? (?:and )?(?:i )?(?:got |it )?(?:spit'
  + '|spat|blew'
  + '|squirted|shot)? ?water(?: out(?: of it)?| came out| sprayed)?',
  'water (?:came|sprayed|spit|shot|squirted|comes|sprays) out (?:of )?the (?:air ?)?(?:valve|stem|valve stem)'],
  ['runs on', '(?:had to |have to |i |we )?(?:pull|kill|throw|shut off|flip|turn off|pulled|killed|threw) the'
  + ' breaker to'
  + ' (?:stop|shut|get)(?: it| the pump)(?: down| off| up| to stop)?'],
  ['terminals burnt', '(?:the )?(?:\\w+ )?wires?(?: next to it| beside it| there| under it)(?: has| have|\'s|'
  + ' is)?(?: its'
  + '| their| the)?(?: (?:jacket|insulation|coating|plastic))?(?: is| has| all)? (?:melted|curled(?: back)?|cooked'
  + '|crisp|brittle|scorched)(?: off| back| away)?'],
  ['seal leaks', '(?:water )?(?:drip|leak|spray|piss|squirt|weep|seep|dribbl)\\w*(?: water)?(?: out)?(?: steady|'
  + ' steadily| some)?'
  + ' (?:from )?(?:behind the (?:volute|pump head|impeller housing)|between the (?:motor and (?:the )?pump|pump and'
  + ' (?:the )?motor))',
  'water (?:drip|leak|spray|com|run)ing(?: out)?(?: from)? (?:behind the (?:volute|pump head)|between (?:the'
  + ' )?(?:motor'
  + ' and (?:the )?pump|pump and (?:the )?motor))(?: while [^,;]*)?'],
  ['no sigh', 'unloader (?:does ?n\'t|did ?n\'t|never|won\'t)(?: even)? (?:spit|hiss|sigh|pop|puff|blow off'
  + '|bleed|vent|dump'
  + '|let go)(?: at all)?(?: when (?:it|she) (?:stops|shuts (?:off|down)|cuts out))?'],
  ['', 'hiss\\w*(?: air)?(?: coming)? (?:from|at|out of) (?:under|underneath|the bottom of|below) the (?:tank'
  + '|receiver)'],
  ['no leaks', 'no (?:water|drips?|puddles?|leaks?|wet spots?) under the (?:coach|rig|trailer|camper|van|sinks?'
  + '|floor|boat)'],
  ['outlet shut still starts', '(?:pinched|clamped|kinked|crimped|plugged|capped) (?:off )?the (?:hose|line'
  + '|outlet)(?: on'
  + ' the (?:outlet|discharge|out)(?: side)?)?(?: (?:of|at|after) the pump)?,? (?:and |but )?it still (?:cycles'
  + '|kicks on'
  + '|comes on|starts|runs|burps|pulses)'],
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
