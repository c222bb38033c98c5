/** Whole plain sentences: how high it climbs, what the meter said on which wire. Common practice, no source. */
import { N } from './partsOfSpeech'
import type { Joined } from './turnOf'

const P = '(?: ?(?:psi|pounds|lbs?))?'
const STAYS = '(?:sits?(?: there)?|stays?(?: there)?|hangs?(?: there)?|stops?(?: there)?|sticks?(?: there)?'
  + '|quits? (?:climbing|gaining|building)'
  + '|won\'t go (?:any )?(?:higher|further))'

const CLIMBS: readonly Joined[] = [
  ['stalls at $1 psi', `(?:gauge |it |pressure )?(?:creeps|crawls|climbs|pumps|goes|gets|builds`
  + `|comes)(?: up)?(?: from \\d+${P})?`
  + ` to (\\d+)${P} (?:and|then) (?:just )?${STAYS}`],
  ['gauge 0', '(?<=^ ?|, ?)nothing at the gauge'],
  ['gauge $1', `(?<=^ ?|: ?|, ?)(\\d+)${P} with (?:two|both|three|a couple(?: of)?|\\d) (?:taps `
  + `|faucets )?(?:running|open)`
  + '(?= ?$|,)'],
  ['inlet drops to $1 with two taps open', `open(?:ed|ing)? (?:two|three`
  + `|a couple(?: of)?) taps,? (?:and )?(?:the )?(?:street side`
  + `|inlet|street|main) (?:goes|drops|falls|dives)(?: down)? to (\\d+)`],
]

const RUNNING = '(?:running|with it (?:going|running|on))'
const OFF = '(?:off|sitting|at rest|not running|idle)'
const ON_WIRES: readonly Joined[] = [
  ['amps $1', '(?<=^ ?)([1-9]\\d?\\.\\d+) on (?:one|each) (?:leg|side|wire),? (?:and )?[1-9]\\d?\\.\\d+ on the other'],
  ['line idle $1 volts, line $2 volts running', `(2[0-5]\\d|1[12]\\d) ${OFF},? (?:and )?(2[0-5]\\d`
  + `|1[12]\\d) ${RUNNING}`,
  `(2[0-5]\\d|1[12]\\d) and (2[0-5]\\d|1[12]\\d) ${RUNNING}`],
  ['amps $1', `${N} ?a(?:mps)? on one (?:leg|side|wire),? (?:and )?${N}(?: ?a(?:mps)?)? on the other(?!s| two)`,
    `${N} ?a(?:mps)? on (?:each|both) (?:legs?|sides?|wires?)`, `(?<=^ ?)${N} both legs(?=,? tag)`],
  ['yellow $1 black $2 red $3', `y ${N},? b ${N},? r ${N}`],
  ['$1 to $3 $2 ohms', `(y|b|r) ${N} ?ohms? to (y|b|r)`],
  ['no amps', '(?<=^ ?)(?:amps? (?:are |is )?(?:zero|0|nothing)|(?:zero|0|no) amps) (?:on|in) (?:all three'
  + '|both|either|any of them|each|every)(?: legs?| leads?| wires?)?(?= ?$)'],
  ['to ground $1 megohms', `${N} ?meg\\w* to dirt`],
  ['still groans', '(?:bumped|rocked|jogged) it(?: \\w+ times)?,? (?:but )?(?:it )?(?:won\'t|didn\'t|wouldn\'t)'
  + ' (?:break|come) (?:loose|free)'],
]

const PRIME: readonly Joined[] = [
  ['foot valve leaks', `(?:shut (?:it|the pump) (?:off|down),? (?:and )?)?(?:the )?water in the (?:hole|plug|opening)`
  + ' (?:drops|falls|goes down|sinks|drains)(?: away| back| down)?(?: in [a-z\\d ]+)?(?= ?$)',
  '(?:stop,? )?(?:(?:watched|watch) )?(?:the )?(?:water|level)(?: level)? (?:in'
  + '|at) the prim(?:e|ing) '
  + '(?:hole|plug|port) (?:drops?|falls?|goes down|go down|sinks?)(?: as i watch)?'],
  ['suction joints dry', 'no (?:wet|leaky|leaking) joints (?:on|in|along) the suction(?: line| pipe)?',
    '(?:soaped|soapy water on|shaving cream on) (?:every|all(?: the)?) (?:suction )?(?:joints?|of them),? nothing'],
  ['foot valve held open by a pebble', '(?:pulled the foot valve,? )?(?:a )?(?:pebble|stone|stick|gravel'
  + '|grit) under the'
  + ' (?:flapper|poppet|seat)'],
]

/** Of a pump on a main, in a vehicle, beside a cistern. */
const AT_THE_PUMP: readonly Joined[] = [
  ['', '(?:the )?pump (?:adds|makes|does) nothing(?=,)', 'it\'s the (?:well|house) side that\'s (?:dead|out)'],
  ['controller says dry run', '(?:display|screen|controller|panel)(?: just)? (?:shows|says|reads) (?:low|no) water'],
  ['strainer full of bubbles', '(?:strainer )?bowl(?:\'s| is) empty'],
  ['nothing coming in the fill line', '(?:the )?fill (?:line|pipe)(?:\'s| is) dry'],
]

const AND = ',? (?:and |but |only |just )*'
const SHUT = '(?:everything|every tap|all(?: the)? taps|the house)(?: is|\'s)? (?:shut|closed)(?: off)?'
const OF_PRESSURE: readonly Joined[] = [
  ['filter in $1 out $2', `${N}${P} (?:before|ahead of|in front of) the (?:filter|cartridge|housing)${AND}${N}${P}`
  + ' (?:after|behind|past)(?: it| the filter)?(?:,? (?:with )?(?:a|one|the) (?:tap|faucet) (?:open|running))?(?= ?$)'],
  ['filter dirty', '(?:the )?(?:house |sediment |whole[- ]house )?(?:filter|cartridge)(?:\'s| is| looks| was)(?: all'
  + '| real| pretty| very)* (?:brown|black|orange|slimy|rusty|nasty|filthy|muddy)(?= ?$|,)'],
  ['cutout $1', `(?<=^ ?)(?:it )?(?:now )?(?:runs|goes|pumps|builds|climbs)(?: smooth(?:ly)?| fine| right| straight`
  + `| steady)*(?: up)? to ${N}${P},? (?:and |then )+(?:it )?(?:stays|sits there) off(?= ?$)`],
  // from where is not said: so much in ten minutes is not to be had of it
  ['pressure falls slowly', `(?<=^ ?)(?:it |she |(?:the )?(?:pressure|gauge|needle|tank) )?(?:leakdown|(?:leaks|bleeds`
  + `|drops|falls|goes|sinks)(?: down| back| off)?) to \\d+${P},? in (?:about |maybe )?(?:(?:[2-9]|\\d\\d+|two|three`
  + '|five|ten|a few|several) (?:min(?:ute)?s?|hours?)|an hour|half an hour)(?= ?$)'],
  ['gauge $1', `(?<=^ ?)${N}${P},? (?:with )?${SHUT}(?= ?$|,)`],
]

const ON_PARTS: readonly Joined[] = [
  ['pump wires off, breaker $1', `(?:(?:both|all|the) )?wires? off (?:at|of|from) the (?:pressure )?switch${AND}`
  + '(?:the )?breaker (holds|trips)(?= ?$)'],
  ['motor to ground $1 meg', `(?<=(?:^|,) ?)(?:the )?motor (?:reads|megs|meggs|shows) ${N} ?meg\\w*(?= ?$|,)`],
  ['contacts welded', '(?:ohmed it(?: off)?,? )?0?\\.\\d(?: ohms?)? across (?:it|the (?:switch|contacts|points)) with'
  + ' (?:the )?pressure up(?= ?$)'],
  ['float stuck open', '(?:ohmed )?the float (?:down|hanging(?: down)?),? (?:and )?(?:it\'s|it reads|reads) open'
  + '(?= ?$)'],
  ['leaks between the pump and the motor', '(?:drips?|leaks?|dripping|leaking)(?: water)? (?:out )?(?:from |at )?'
  + '(?:(?:behind the pump,? )?(?:in front of|ahead of) the motor|(?:from )?behind the pump)(?= ?$|,)'],
  ['', '(?:the )?(?:motor |pump )?bearings (?:sound|are|seem|feel)? ?(?:ok|okay|fine|good|quiet|smooth)(?= ?$|,)'],
  ['$1 minutes to fill', `(?<=^ ?)${N} minutes to (?:get|climb|come|go) (?:up )?to \\d+${P}(?= ?$)`],
  ['starts, $1 amps', '(?<=^ ?)(?:it )?starts(?: now| up| right up| fine)*,? (?:and )?(\\d+\\.\\d+)(?= ?$)'],
  ['pitless leaking', '(?:water(?:\'s| is)? )?(?:spraying|squirting|running|pouring|blowing)(?: out)? (?:at|from|by'
  + '|around) the pitless(?: adapter)?'],
]

const JUMPED: readonly Joined[] = [
  // the size of a wire is no gauge
  ['wire too thin for the run', `(?:he |they |somebody )?(?:ran|used|pulled)(?: it with| in)? (?:6|8|10|12|14|16`
  + `|18|20|22)`
  + ' ?ga(?:uge)?(?: (?:lamp )?(?:wire|cord|cable))? (?:[a-z-]+|\\d+) (?:feet|foot|ft)(?: [a-z ]*)?(?= ?$|,)',
  '(?:the )?wires?(?:\'s| is|\'re| are) (?:way )?(?:too (?:thin|small|light|skinny)|undersized)(?: for (?:that'
  + '|the|this) (?:run'
  + '|distance|length|pump))?'],
  ['straight from the battery it runs like new', '(?:temporary )?(?:jumper|jumped it|ran (?:a|an|some)(?: heavy'
  + '| fat| short)?'
  + ' (?:wires?|jumpers?)) (?:straight |right )?(?:from|off|to) the battery,? (?:and )?(?:it|(?:the )?pump'
  + '|she)?(?:\'s| is| runs| has)?'
  + ' ?(?:like new|good|strong|great|full pressure|fine|perfect)'],
]

const WHOLE = '(?<=^ ?)'
const ENDS = '(?= ?$)'
const AS_IT_GOES: readonly Joined[] = [
  // that it starts as water is drawn is what it is for
  ['', `${WHOLE}(?:it |the pump )?(?:cycles|kicks on|comes on|starts)(?: up)? (?:every|each) time (?:somebody`
  + '|someone|anybody|anyone|you|they|i|we|a toilet|the toilet)(?: is| gets)?'
  + ` (?:flush\\w*|opens?(?: a tap)?|draws?(?: water)?)${ENDS}`],
  ['pressure falls at once', `${WHOLE}(?:the )?(?:gauge|pressure|needle) (?:goes|drops|falls|bleeds)(?: off| down)?`
  + ' to (?:zero|nothing|0) (?:in|within) (?:a|one|two|half a|a couple of|\\d+) (?:minutes?|seconds?)'
  + '(?=,? ?$| once| after| when)'],
  ['contactor pushed in by hand runs', `${WHOLE}(?:it )?(?:runs|stays in|holds)(?: fine)? (?:as long as|while`
  + '|so long as) (?:i|you) (?:push|hold|press)(?: it)?(?: in)?'
  + `${ENDS}`,
  `${WHOLE}(?:it )?drops (?:right )?out (?:when|as soon as|once) (?:i|you) let go`
  + `(?: of (?:the|it)(?: button)?)?${ENDS}`],
  ['loses its prime', '(?:i |we |you )?(?:have|has|need|needs|got|gotta)(?: to)? (?:re-?)?prime it'
  + ' (?:every|each) (?:morning|day|time|start|night|week)'],
  ['chatters', `${WHOLE}(?:the )?(?:pressure )?switch (?:is )?buzz(?:es|ing)(?: and (?:arc|spark)(?:s|ing))?${ENDS}`,
    `${WHOLE}(?:the )?(?:contactor |starter |it )?(?:hums|buzzes)(?: loud(?:ly)?)?,? (?:but |and )?(?:it )?`
    + '(?:doesn\'t|won\'t|never) pull(?:s)? (?:all the way |fully )?in(?: all the way)?'],
]

const WHO = '(?:it|she|the pump|pump|the motor|motor|the compressor|compressor)'
/** What tells of no reading and no look, whatever its words are of elsewhere. */
const NO_FINDING: readonly Joined[] = [
  ['',
    `${WHOLE}(?:it's |about )?(?:the )?same with the wires (?:apart|separated)${ENDS}`,
    `${WHOLE}${WHO} (?:just |up and )?(?:quit|died)(?: on (?:him|her|them|me|us))?${ENDS}`,
    `${WHOLE}(?:the )?(?:contactor|starter) (?:won't|doesn't|will not) (?:hold|stay) in${ENDS}`,
    `${WHOLE}(?:the )?(?:house|they|he|she|we) (?:has|have|had|got|gets|get) no pressure (?:up|down)stairs${ENDS}`,
    '(?:the )?(?:filter|cartridge|oil|screen) (?:hasn\'t|has not|was never|has never) been'
    + ' (?:changed|cleaned|touched|serviced)(?: (?:in|for|since) [a-z\\d ]+)?',
    `${WHOLE}(?:the )?oil(?:'s| is| looks) (?:black|dark)${ENDS}`,
    `${WHOLE}(?:it |pump |motor )?(?:it )?broke (?:it )?(?:free|loose)${ENDS}`],
]

export const TURNS_IN_PLAIN_WORDS: readonly Joined[] = [
  ...CLIMBS, ...ON_WIRES, ...PRIME, ...AT_THE_PUMP, ...OF_PRESSURE, ...ON_PARTS,
  ...JUMPED, ...AS_IT_GOES, ...NO_FINDING,
]
