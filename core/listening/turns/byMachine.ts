/** What is said of one machine and hardly of another. Common practice, no source. */
import { AT_END, N } from './partsOfSpeech'
import type { Joined } from './turnOf'

const BROKEN = '(?:busted|cracked|broken?|chipped|bent|shot|gone|snapped)'
const AIR_END = '(?:valve plate|reed(?: valve| plate|s)?)'
const TURNS_FREE = '(?:turns|spins|rolls)(?: over)?(?: (?:fine|free|freely|easy|ok|good))?'

const OF_COMPRESSORS: readonly Joined[] = [
  ['sigh as it stops', '(?:hisses|hiss|pffts?)(?: for)? (?:a|one|maybe a|half a) (?:second|sec|moment) (?:at|on'
  + '|when it)'
  + ' (?:shut ?s? ?off|shutoff|cut ?out|stops?)(?:,? (?:and |then )?(?:then )?(?:it )?(?:stops|quits|is quiet'
  + '|quiet))?'],
  ['belt slack', 'belt(?:\'s| is)? (?:slipping|slips)(?: and (?:squealing|squeals|screeching|smoking))?',
    'belt(?:\'s| is)? (?:squealing|squeals|screeching)'],
  ['reed cracked', `${AIR_END}(?:'s| is| are)? ${BROKEN}`, `${BROKEN} ${AIR_END}`],
  ['intake blows back', 'air(?:\'s| is)?(?: coming| blowing| blows| puffing| puffs| comes)?(?: back)? out'
  + '(?: of| through| at)? the (?:intake|air filter|air cleaner)(?: filter)?'
  + '(?: (?:when|while|as) it(?:\'s| is)? (?:runs|running|pumps|pumping))?'],
  ['flywheel not budge', '(?:can\'?t|cannot|not|could not) (?:turn|budge|move|spin) the (?:flywheel|pump pulley)'
  + '(?: by hand)?'],
  ['flywheel turns free', `(?:flywheel|pump pulley) ${TURNS_FREE} by hand(?: (?:fine|ok|easy))?`],
  ['pump pulley not stuck', `pump ${TURNS_FREE} by hand(?: (?:fine|ok|easy))?`,
    'pump (?:spins|turns|rolls)(?: over)? (?:free|freely|easy)(?= ?$| ?[,;])'],
  ['gauge dead', 'gauge (?:reads|says|shows|is at|at|is on) (?:0|zero|nothing) (?:with|but|and) (?:the )?'
  + '(?:tank|receiver)(?:\'s| is)? (?:full|got air|has air|full of air)'],
  ['thermal open', '(?:overload|thermal|motor|red|reset)(?: reset)? button (?:will not|won\'?t|not) (?:reset'
  + '|stay in|click)'],
  ['overload comes back after cooling', 'let (?:it|the motor|her) cool(?: down| off)?(?: and|,)? (?:it |then )?'
  + '(?:the )?(?:overload |button )?(?:resets?|reset fine|clicked in|came back)'],
  ['drain leaks', '(?:auto ?|automatic )?drain(?: valve| cock)?(?:\'s| is)? (?:stuck open|hung open|blowing|wide open'
  + '|left open|stuck)'],
  ['port plugged', '(?:switch|sense|sensing|pilot|control) (?:line|tube|tubing)(?: (?:from|to) the (?:tank'
  + '|receiver|switch'
  + '|gauge))?(?:\'s| is| was)? (?:plugged|packed|full|clogged|gummed)(?: up| solid)?(?: (?:with|of) [a-z ]+?)?'
  + AT_END],
]

const SITS = '(?:then )?(?:just )?(?:sits|hangs|stays|stops)(?: there)?(?: and (?:keeps running|runs))?'
const AT_THE_SWITCH = '(?:under|at|from|by) the (?:switch|little tube|tube|unloader)'

const OF_COMPRESSORS_TOO: readonly Joined[] = [
  ['hums, motor overload kicks out', '(?:it\'ll |it |just )?hums?(?: for)?(?: a few seconds| a bit'
  + '| a second)?,? (?:and )?then the'
  + ' (?:button|reset|overload) (?:pops|popped|trips|kicks)(?: out)?(?: on the motor)?'],
  ['motor overload kicks out', '(?:the )?(?:red |reset )?button (?:on the motor )?(?:pops|popped|kicks out'
  + '|kicked out|trips)(?: out)?'
  + '(?: on the motor)?'],
  ['known belt off motor runs', '(?:pulled|slipped|took|rolled) the belt(?: off)?,? (?:and )?(?:the )?motor (?:alone )?'
  + '(?:spins|runs|starts)(?: right up| up| fine| free| good)*'],
  ['spun the shaft and it runs', '(?:takes|give it|needs) a (?:good |hard )?(?:push|shove|spin'
  + '|kick) on the (?:pulley|flywheel|wheel|belt)'
  + ' (?:and|then) it(?:\'ll| will)? (?:go(?:es)?|takes? off|runs?|starts?)'],
  ['keeps hissing after it stops', `(?:(?:i )?hear )?air (?:keeps )?(?:coming|blowing|leaking) out ${AT_THE_SWITCH}`
  + ' (?:after|once|when|with) (?:it|the pump)(?:\'s| is)? (?:shuts? (?:down|off)|stops|off|stopped)',
  'air keeps (?:coming|blowing|leaking) out of the (?:little )?tube (?:with the pump|when it\'s|once it\'s'
  + '|after it\'s) (?:stopped|off)'],
  ['hissing until it\'s empty', '(?:drained|emptied|bled) the tank (?:and|then) (?:the |it )?(?:hissing|hiss'
  + '|leaking) (?:stopped|quit|went away)'],
  ['stalls at $1', `(?:gauge |pressure )?(?:climbs|goes|builds|comes up`
  + `|gets)(?: up)? to ${N}(?: ?psi)?,? (?:and |but )?${SITS}${AT_END}`],
  ['oil milky', 'oil(?:\'s| is)? (?:like|looks like) (?:milk|coffee with cream|cream|chocolate milk)'],
  ['cut in $1', `(?:will not|won't|not) (?:kick|come|cut|start)(?: back)?(?: on| in)? (?:till|until) (?:it's`
  + `|it is|it gets|it drops|it)`
  + `(?: down)?(?: to)?(?: under| below)? ${N}(?: ?psi)?`],
  ['vents packed', '(?:cooling |motor )?fan(?:\'s| is)? (?:packed|full|clogged|caked)(?: solid)?(?: (?:with'
  + '|of) [a-z ]+)?'],
  ['unloader tube split', '(?:line|tube|hose) to the unloader(?:\'s| is| has)? (?:a )?(?:crack(?:ed)?|split'
  + '|broken|rubbed through)'],
  ['runs on another outlet', '(?:works|runs|starts)(?: fine| good| ok)? (?:at|in|back at) (?:the|my) (?:shop'
  + '|house|garage|other outlet),? (?:but )?not here'],
  ['head hot', '(?:runs hot,? )?(?:the )?discharge (?:pipe|tube|line)(?:\'s| is)? (?:glowing |real |red '
  + '|smoking )?hot'],
]

const RUNS = '(?:(?:and|,) )*(?:it |she |the pump )?(?:runs?|ran|starts?|started|took off|spins|goes)(?: fine| good)?'

const OF_TWELVE_VOLTS: readonly Joined[] = [
  ['straight to the battery runs', '(?:jumped|ran (?:a )?jumpers?|hooked|wired|clipped|went)(?: it| the pump'
  + '| wires| leads)*'
  + ` (?:straight|right|direct(?:ly)?)?(?: (?:from|to|off|on))+ (?:the |a good )?battery ${RUNS}`],
  ['tap the motor and it runs', '(?:taps?|tapping|a tap|whack)(?: on it| on the pump)? (?:got|gets) (?:it|her) going'],
  ['battery cells dead', 'battery (?:load[- ]?tests? |load[- ]?tested )(?:bad|weak|no good|failed?|low)',
    'battery (?:failed|fails)(?: the)? load ?test', 'load ?test(?:ed)?(?: the)? battery(?: and)?,?'
    + ' (?:it )?(?:failed|fails|is bad)',
    '(?:weak|worn out|bad|dead|shot) battery', 'battery(?:\'s| is)? (?:worn out|shot|junk|no good|bad|weak|toast'
    + '|sulfated)',
    'battery (?:will not|won\'t|not) (?:hold|take) a charge', 'dead cell in the battery'],
  ['accumulator 0 psi', 'accumulator(?:\'s| is)? (?:flat|dead|empty|lost its (?:air|charge))'],
  ['joint in the feed corroded', '(?:wire|lead|red)(?: going)?(?: to the pump)?(?:\'s| is)? (?:green|corroded'
  + '|rotted|black)'
  + ' inside(?: the (?:insulation|jacket))?'],
  ['city inlet drips', 'water (?:squirts|sprays|shoots|pours|comes|runs|dribbles)(?: back)? out'
  + '(?: of| from| at)*(?: the)? city (?:water )?(?:inlet|fill|connection|hookup)'
  + '(?: (?:when(?:ever)?|while) (?:the pump|it)(?:\'s| is)? (?:runs|running|on|kicks on|comes on))?'],
]

/** Corroded is no open wire yet; corroded through is one. */
const OF_JOINTS: readonly Joined[] = [
  ['came apart', 'corroded (?:right |clean |all the way )?(?:through|in two|off)'],
]

const TO_IT = '(?:put|ran|gave it|hooked) (?:straight )?(?:12|twelve)(?: ?v(?:olts?)?)? (?:right |straight '
  + '|direct(?:ly)? )?to (?:it|the pump)'

const OF_TWELVE_VOLTS_TOO: readonly Joined[] = [
  ['straight to the battery nothing', `${TO_IT},? (?:and |but )?(?:still )?(?:nothing|dead|no go|it won't run|silent)`],
  ['straight to the battery runs', `${TO_IT},? ${RUNS}(?: great| strong)?`],
  ['buttconnector melted', 'wire ?nut on the (?:hot|red|positive|feed)(?: was| is|\'s)? (?:melted|burnt|loose'
  + '|green|corroded)'],
  ['runs, no water', 'pump runs but (?:it )?(?:don\'t|doesn\'t|does not|not|won\'t) pump', '(?:pump'
  + '|it) runs but (?:not|isn\'t) picking up'
  + ' (?:any )?water'],
  ['no water at the tap', '(?<=^ ?)(?:not|isn\'t|won\'t) pick(?:ing)? up (?:any )?water(?= ?$)'],
  ['water has air bubbles', '(?:clear|suction|intake) hose (?:shows|has|is full of|full of) (?:air )?bubbles'],
  ['intake hose off dry', '(?:pulled|took) the (?:intake|suction'
  + '|inlet) hose(?: off)?,? (?:and )?nothing (?:comes|runs|drains) out of the tank'],
  ['motor shaft locked up', '(?<=^ ?)(?:the )?(?:pump )?motor(?:\'s| is)? (?:locked up|seized up|froze up'
  + '|locked solid)(?= ?$| ?[,;])'],
  ['frozen last winter, pump housing split', 'pump froze(?: up)?(?: over| in| last)?(?: the'
  + '| this)?(?: winter)? and (?:split|cracked|burst|busted)'],
  ['behind the panel switch 0', '(?:panel |wall )?switch light(?:\'s| is)? on,? (?:but )?(?:no'
  + '|nothing)(?: 12)?(?: volts?)? (?:past|after|behind) it'],
]

const LOAD_SIDE = 't ?([123]) (?:to |- ?|and )?t ?([123])'

const OF_THREE_PHASES: readonly Joined[] = [
  ['load $1 to $2 $3 volts', `${LOAD_SIDE}(?: is| reads|:)? (0|[1-6]\\d\\d)(?: ?v(?:olts?)?)?${AT_END}`],
  ['works like it should', '(?:stops and starts|starts and stops)(?: (?:now|fine|ok|good|right|again))+'],
]

const OF_STARTERS: readonly Joined[] = [
  ['one fuse blown', '(?:two|2) (?:of the )?fuses (?:are )?good,? (?:and |but )?(?:the )?(?:third|other'
  + '|last)(?: one)?(?:\'s| is)? (?:blown|open|bad)'],
  ['transformer $1 in, 0 out', `(?:\\d+ to \\d+ )?transformer,? (?:i've got |i got |has |reads `
  + `|is )?${N} in,? (?:and |but )?`
  + '(?:nothing|zero|0|none) out'],
  ['leads $1 $2 ol', `(?<=^ ?)${N} ${N} (?:and )?(?:open|ol)(?= ?$)`],
  ['overload dial $1', `overload(?:'s| is| was)? set (?:at|to|for) ${N}(?: amps?)? (?:for`
  + `|on) an? ${N} ?(?:amps?|a)(?: motor)?`],
  ['contactor pulls in', '(?:the )?contactor (?:came|comes|slams|slammed|snaps|snapped) in(?= ?$| ?[,;])'],
  ['overload tripped again', 'reset it,? (?:and )?(?:it )?ran (?:a|for a|\\w+) (?:minute|second|few seconds|bit'
  + '|minutes|seconds),? (?:then |and )?tripped'],
  ['overload reset, contactor pulls in', '(?:hit|pushed|pressed|punched) the (?:overload |red )?(?:reset'
  + '|button) (?:and|,) ?(?:the )?contactor'
  + ' (?:came|comes|pulled|pulls|slammed|snapped) in'],
  ['$1/$2/$2 amps', `one leg(?:'s| is)? (?:pulling|pulls|drawing|draws|at|reads)? ?${N}(?: ?amps?)?,? (?:and `
  + `|but )?(?:the )?others?(?: two)?`
  + `(?: are| at| pull| draw)? ${N}(?: ?amps?)?`],
]

const OF_GAUGES: readonly Joined[] = [
  ['inlet $1 psi, gauge $2 psi', `${N}(?: ?psi)? (?:at the (?:hose bib|spigot|tap) )?with the pump off,? (?:and `
  + `|but )?${N}(?: ?psi)?`
  + ` (?:with it )?on(?= ?$)`],
  ['gauge $2 psi', `${N}(?: ?psi)? static,? (?:and |but )?(?:drops|falls`
  + `|goes)(?: down)? to ${N}(?: ?psi)? with (?:a|one) (?:tap|faucet)`
  + ' (?:open|on|running)'],
  ['filter in $1 out $2', `(?:pressure )?(?:before|ahead of) the filter(?: is| reads)? ${N}(?: ?psi)?,? (?:and `
  + `|but )?(?:after|behind|past)`
  + ` (?:it|the filter)(?: is| reads)? ${N}(?: ?psi)?`],
  ['cartridge out flow back', '(?:pulled|took) the (?:cartridge|filter'
  + '|element)(?: out)?,? (?:and )?(?:got )?(?:full|good) (?:pressure|flow)'],
  ['precharge $1, cut in $2', `tank(?:'s| is| at)? ${N} ?psi,? (?:and )?switch (?:comes )?on at ${N}`],
  ['pulses', '(?:pressure|flow)(?:\'s| is| goes)? up and down'],
  ['motor overload kicks out', 'thermal(?:\'s| is| keeps)? (?:cutting|kicking|popping|tripping)(?: it)?(?: out| off)?'],
  ['cavitates', '(?:pump(?:\'s| is)? )?(?:loud,? )?(?:rattl(?:es|ing)|sounds?|like)(?: like)? (?:rocks|gravel'
  + '|marbles|stones)(?: in it)?'],
  ['vacuum $1', `suction gauge(?: pulls| is pulling| shows| reads| at)? ${N} ?(?:in(?:ches)?|"|hg)+`],
  ['inlet $1 psi, gauge $2 psi', `(?:street|city|inlet)(?: pressure)?(?: is| reads)? ${N}(?: ?psi)?,? (?:and |but )?`
  + `(?:after|past|out of|behind|downstream of) the pump(?: is| reads)? ${N}(?: ?psi)?`],
  ['builds up fine', 'builds(?: back)? (?:now|again)'],
  ['pipes froze', '(?:it was |went |got )?(?:well |way )?below (?:zero|freezing) (?:last night|outside|this week'
  + '|all week)'],
  ['gauge $1 psi', `(?<!(?:ahead of|before|inlet)[^;]*)(?:after|past|out of|behind`
  + `|downstream of)(?: the)? pump(?: is| reads)?`
  + ` ${N}(?: ?psi)?(?: running)?${AT_END}`],
]

const LOADED = `(?:while|when|as)? ?(?:it(?:'s| is)? |the pump(?: is)? )?(?:straining|starting|trying(?: to start)?`
  + '|pulling|tries to start|loads up|grunting)'
const TO_GROUND = 'to (?:the )?(?:ground|earth|neutral|bar)'

const OF_VOLTS: readonly Joined[] = [
  ['$1 at rest, $2 when it\'s trying to start', `${N}(?: ?v(?:olts?)?)? (?:at idle|idle|idling|at rest|resting),?`
  + ` (?:and |but )?(?:only )?${N}(?: ?v(?:olts?)?)? ${LOADED}`],
  ['zero betweenlegs, bothlegs toground $1', `${N}(?: ?v(?:olts?)?)? (?:from |on )?(?:each|either|both) (?:leg`
  + `|hot|side|wire)s?`
  + ` ${TO_GROUND},? (?:and |but )?(?:0|zero|nothing)(?: ?v(?:olts?)?)? (?:across|between)(?: the| them)?(?: two`
  + `| legs)?`],
  ['winding $1 ohms', `${N} ?ohms? (?:leg to leg|wire to wire|lead to lead)${AT_END}`,
    `ohms? (?:leg to leg|wire to wire|lead to lead)(?: is| reads|:)? ${N}${AT_END}`],
]

export const TURNS_BY_MACHINE: readonly Joined[] = [
  ...OF_COMPRESSORS, ...OF_COMPRESSORS_TOO, ...OF_STARTERS, ...OF_TWELVE_VOLTS, ...OF_TWELVE_VOLTS_TOO,
  ...OF_THREE_PHASES, ...OF_GAUGES, ...OF_VOLTS, ...OF_JOINTS,
]
