/** What is said of one machine and hardly of another. Common practice, no source. */
import { N } from './partsOfSpeech'
import type { Joined } from './turnOf'

const ENDS = '(?= ?$| ?[,;])'
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
  ['pump wheel turns easy', `pump ${TURNS_FREE} by hand(?: (?:fine|ok|easy))?`],
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
  + ENDS],
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

const LOAD_SIDE = 't ?([123]) (?:to |- ?|and )?t ?([123])'

const OF_THREE_PHASES: readonly Joined[] = [
  ['load $1 to $2 $3 volts', `${LOAD_SIDE}(?: is| reads|:)? (0|[1-6]\\d\\d)(?: ?v(?:olts?)?)?${ENDS}`],
  ['works like it should', '(?:stops and starts|starts and stops)(?: (?:now|fine|ok|good|right|again))+'],
]

const OF_GAUGES: readonly Joined[] = [
  ['vacuum $1', `suction gauge(?: pulls| is pulling| shows| reads| at)? ${N} ?(?:in(?:ches)?|"|hg)+`],
  ['inlet $1 psi, gauge $2 psi', `(?:street|city|inlet)(?: pressure)?(?: is| reads)? ${N}(?: ?psi)?,? (?:and |but )?`
  + `(?:after|past|out of|behind|downstream of) the pump(?: is| reads)? ${N}(?: ?psi)?`],
  ['builds up fine', 'builds(?: back)? (?:now|again)'],
  ['pipes froze', '(?:it was |went |got )?(?:well |way )?below (?:zero|freezing) (?:last night|outside|this week'
  + '|all week)'],
  ['gauge $1 psi', `(?<!(?:ahead of|before|inlet)[^;]*)(?:after|past|out of|behind`
  + `|downstream of)(?: the)? pump(?: is| reads)?`
  + ` ${N}(?: ?psi)?(?: running)?${ENDS}`],
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
  ['winding $1 ohms', `${N} ?ohms? (?:leg to leg|wire to wire|lead to lead)${ENDS}`,
    `ohms? (?:leg to leg|wire to wire|lead to lead)(?: is| reads|:)? ${N}${ENDS}`],
]

export const TURNS_BY_MACHINE: readonly Joined[] = [
  ...OF_COMPRESSORS, ...OF_TWELVE_VOLTS, ...OF_THREE_PHASES, ...OF_GAUGES, ...OF_VOLTS, ...OF_JOINTS,
]
