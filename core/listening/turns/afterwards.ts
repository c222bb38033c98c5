/** What is said once the work is done: that it runs and at how many amps, between what it works, that it holds. */
import { NOUGHT, VOLTS } from './partsOfSpeech'
import type { Joined } from './turnOf'

const P = '(\\d{2,3})(?: ?psi| pounds| lbs?)?'
/** Of water before a pump less than ten, too. */
const LITTLE = P.replace('{2,3}', '{1,3}')
const AND = '(?:,? and|,? then|,| but)?'
const TIME = '(?:an?|one|two|three|five|six|ten|fifteen|twenty|thirty|forty|sixty|\\d+|half an|a good|a solid|a full'
  + '|a whole)(?: (?:good|solid|full|whole))?[ -](?:minutes?|mins?|hours?|hrs?)(?: or (?:so|more))?'
/** Behind it amps are read, and none at the first instant. */
const AMPS_NEXT = '(?=,? (?:and )?(?:it\'s |only |now |at |about |drawing |draws |pulling |pulls |running )*'
  + '\\d+(?:\\.\\d+)? ?(?:a|amps?)\\b(?!,? (?:and |then |but )*(?:drop|down|fall|settl|com|at (?:start|first)|inrush))'
  + '|,? (?:drawing|pulling)(?: about)? \\d)'

/** It started and runs: what the clamp then shows is of its running. */
const OF_RUNNING: readonly Joined[] = [
  ['line $1 volts running, $2 amps', 'runs?(?: now| fine| good)*,? (1[01]\\d|2[0-4]\\d) and'
  + ' (\\d{1,2}(?:\\.\\d)?)(?= ?$)'],
  ['runs', `(?:started|starts|fired|fires|kicked|kicks|took|takes|came|comes|spun|spins|jumped|jumps)`
  + `(?: right| straight| back)*(?: (?:up|on)|(?<=(?:took|takes|started|starts)(?: right)?) off)(?: right| away|`
  + ` now| again| by`
  + ` itself`
  + `| on its own| fine| great| strong| smooth)*${AMPS_NEXT}`,
  `(?:started|starts|restarts|restarted)(?: right| up)*(?: fine| great| good| easy| every time| no problem`
  + `| without a hitch| like new| (?:like|as) it (?:should|ought to|is supposed to|used to)`
  + `| like a (?:champ|dream|top|charm|new one))+${AMPS_NEXT}`],
]

/** Between what it works now. */
const OF_SETTINGS: readonly Joined[] = [
  ['', '(?:,? )?(?:just )?(?:like|as) (?:it|they) (?:should|ought to|is supposed to|are supposed to)'],
  ['cut out $1, cut in $2', '(?:cuts?|shuts?|kicks?|kicked|goes|went|stops|clicks?|clicked|off)(?: out| off)?'
  + ` at ${P}${AND} (?:came |comes |cuts? |kicks? |kicked |is |was |clicks? )*(?:back )?(?:in|on)(?: again)? at ${P}`],
  ['cut in $1, cut out $2', '(?:(?:cuts?|kicks?|kicked|comes?|came|turns?|clicks?|clicked) )?(?:in|on)'
  + ` at ${P}${AND} (?:cuts? |kicks? |kicked |shuts? |goes |back |clicks? )*(?:out|off) at ${P}`,
  `(?<!gauge .*)${P} on${AND} ${P} off`, `on ${P}${AND} off (?:at )?${P}`,
  `(2\\d|[3-9]\\d) in${AND} ([3-9]\\d) out`,
  `cycle[sd](?: it)?(?: clean| fine| good| right| well| nice)*(?: \\w+ times)?,? (?:between )?${P}(?:\\/| to | and |-)`
  + `${P}(?: every time| each time| all day)?`,
  `(?<=^ ?(?:now )?(?:it's |it runs |runs |set )?)(\\d\\d)(?:\\/| to |-)(\\d\\d)(?: now)?(?=,? (?:and )?(?:all`
  + `|good|perfect`
  + `|right on|every time|on the money|fine|no problem))`,
  `(?<=switch(?:'s)?(?: is)?(?: set)? (?:good|fine|ok|new|right),? )(\\d\\d)(?:\\/| to |-| )(\\d\\d)`],
  ['cut out $1', `(?<=^ ?|, |runs |now )${P}(?: now)?(?:,? and|,| then) (?:it's )?(?:off|out|shuts off|cuts out|done)`,
    `(?:shuts?|cuts?|kicks?|clicks?|turns?)(?: itself)? (?:off|out)(?: right)? at ${P}(?: on the (?:money|dot|nose))`],
]

/** It does not stop, and where it stands. */
const ON_AND_ON: readonly Joined[] = [
  [', $1 psi , runs on', `(?:runs?|running|keeps? running|stays?) on at (\\d{2,3})(?: ?psi| pounds)?`],
]

/** Watched with everything shut. */
const OF_HOLDING: readonly Joined[] = [
  ['leak down 0 psi', `(?<!(?:house|valve).*)(?:(?:the )?(?:gauge|pressure|it|tank|needle|she) )?(?:now`
  + ` )?(?:holds|held|holding|sat|sits|sitting`
  + `|stayed|stays|parked|solid|steady|rock solid)(?: steady| solid| rock steady| right| there| dead)*(?: at|`
  + ` on)? ${P}`
  + `(?: now)?,? (?:with )?(?:(?:no|not a) (?:drop|loss|pound lost)|never (?:moved|dropped)|didn't (?:move|drop`
  + `|budge))?`
  + `(?: now)?,? ?(?:for|in|after|over)(?: about| over)? ${TIME}(?: now)?`,
  `(?:holds|held|holding) (?:pressure |steady )?(?:for )?${TIME} with (?:the )?(?:pump|power|it|everything|breaker) `
  + `(?:unplugged|off|shut off|disconnected)`],
  ['falls-how slow', '(?:fall|falls|fell|falling|drop|drops|dropped|bleeds|bled|goes|went|go|leaks|leaked)(?: all the'
  + ' way| right| straight| back| down| off)* to (?:nothing|zero|0)(?: psi)?,? (?:in|inside|within)(?: side)?(?: of)?'
  + '(?: about| under| less than)? (?:\\w+) (?:minutes?|mins?)'],
]

/** What was opened so that water runs. */
const OF_TAPS: readonly Joined[] = [
  ['inlet running $1', `(?:open|opened|opening|run|ran|with)(?: up)? (?:two|three|a couple(?: of)?|both|all(?:`
  + ` the)?|some|a`
  + ` few|a|the|another|every) (?:taps?|faucets?|spigots?|hoses?|hydrants?|showers?)(?: open| on| running| wide open)*`
  + `${AND} (?:the )?(?:gauge |pressure |it )(?:before|ahead of|into|in front of) (?:the )?(?:pump|booster|it)`
  + `(?: drops| falls| goes| sags| is|'s| reads)*(?: down)?(?: to)? ${LITTLE}`],
  ['inlet running $1, gauge $2', `(?:holds |stays (?:at )?|it's |we've got |got |with (?:two|both|the|all the)`
  + ` taps? (?:on`
  + `|open|running),? )*${P} (?:before|ahead of|into)(?: the (?:pump|booster)| it)?${AND} ${P} (?:after|behind`
  + `|past|out of)`
  + `(?: the (?:pump|booster)| it)?(?:,? with (?:two|both|all(?: the)?|the|a couple of) taps? (?:on|open|running))?`],
]

/** The air in a tank that has no water in it. */
const OF_AIR: readonly Joined[] = [
  ['precharge $1', `(?:the )?tank(?:'s| is| was)?(?: at| reads| has| holds)? ${P}(?: of air)?,? (?:i`
  + ` )?(?:checked(?: it)?`
  + `|read(?: it)?|measured(?: it)?)? ?(?:while it (?:was|is)|when it (?:was|is)|with it|with the water|with it all)`
  + ` (?:drained|empty|out|dumped)`,
  `(?:precharge|air)(?:'s| is)? ${P}(?: of air)? now${AND} (?:it )?(?:was|used to be|from|started at)(?: only)? \\d+`],
]

/** What it is, in the words of those who have it in hand. */
const OF_PARTS: readonly Joined[] = [
  ['runs', '(?:is |\'s |kept )?running (?:the whole time|all the time|nonstop|non-stop|flat out|constantly)'],
  ['motor alone', '(?:the )?motor (?:all )?(?:by itself|by its ?self|alone|on its own|on the (?:bench|ground|tailgate'
  + '|truck)|out of the (?:hole|well))(?=.*(?:\\d|\\bol\\b|open|megs?|ohms?))'],
  ['motor alone whole', 'motor alone(?: ?\'s| reads| is| checks| shows| still)*(?= \\d)(?!.*\\b(?:meg|shell|case'
  + '|frame|can|body|ground|earth))'],
  ['starter pull in', '(?:pulls|snaps|sucks) right in(?: now| again)?(?= ?$|,)'],
  ['starts every time', '(?:re)?starts? (?:right up |up |fine |good |easy |great |ok )*(?:against|with|under'
  + '|at(?= \\d+ ?(?:psi|pounds))) (?:a )?(?:\\d+(?! ?a(?:mps?)?\\b)'
  + '|full|half a|full pressure)(?: psi| pounds)?(?: in (?:the )?(?:tank|it|her)| on it| of air)*(?:,? no (?:trouble'
  + '|problem|issue)| fine| easy| now| ok)*(?!.*\\b(?:but|not|won\'t|groans?|hums?|trips?)\\b)'],
  ['sigh as it stops', '(?:a |one )?(?:quick |short |little )?(?:hiss|hisses|sigh|sighs|psst)(?: for)? (?:a|one'
  + '|half a) second'
  + ' (?:after|when|as|once) it (?:stops|shuts off|shuts down)(?: now)?(?:,? (?:and|then) (?:quits|stops|done'
  + '|it\'s done))?'],
  ['hisses on at the unloader', '(?:line|tube|hose) off (?:of )?(?:the )?unloader,? (?:and )?(?:there\'s |it\'s'
  + ' )?still'
  + ' (?:has )?(?:air|pressure|blowing|hissing|bleeding)(?: in it| coming| coming out| blowing)*(?: a| two| five'
  + '| ten| \\d+)?'
  + '(?: minutes?| mins?)?(?: later| after)?'],
  ['left pole $1 ohms, right pole ol', '(?:ohms )?(?:across |on |through )?one(?: pole| side)? (?:reads |is '
  + '|shows )?(\\d*\\.?\\d+)(?: ohms?)?,?(?: and'
  + '| but)? (?:across |on |through )?the other(?: one| pole| side)?(?:\'s|,| it\'s| is| reads| shows)* (?:wide'
  + ' )?open'],
  ['', 'leg to leg and (?:each )?(?:leg )?to ground,? (?:all|both|everything)? ?(?:fine|good|clear|ok|clean'
  + '|reads clear)(?: with .*)?'],
  ['relay ol', 'relay(?: coil)?(?:\'s| is| reads| tests| checks)? (?:wide )?(?:open|ol)(?= ?$|,)'],
  ['sand in the water', '(?:handful|bunch|pile|lots?|cup|inch|couple inches|spoonful) of sand(?: in (?:there|it'
  + '|the (?:case|casing'
  + '|pump|volute)))?(?= ?$|,)'],
  ['red wire rubbed bare', 'red(?:\'s| is) (?:rubbed|chafed|worn|cut) (?:through|bare|raw)(?: on the (?:frame|chassis'
  + '|metal|edge))?'],
  ['seal', '(?:shaft )?seal faces?'],
  ['no leaks', '(?:bone dry|dry as a bone)(?: underneath| under it| all around)+'],
  ['terminal in the box burnt', '(?:the )?(?:yellow|black|red)(?: wire)? terminal(?:\'s| is)? (?:black|burnt'
  + '|burned|cooked|melted|charred)'],
  ['loose', '(?<=(?:ring|lug|wire|terminal|spade|connector|plug|strap|clamp|splice).*)(?:falling|fell|fallen'
  + '|about to fall|'
  + 'hanging) off'],
  ['terminals burnt', '(?:the )?fuse ?(?:clips?|block|holder)(?:\'s| is| are) (?:all )?(?:brown|burnt|burned'
  + '|loose|cooked'
  + '|discolou?red|annealed|heat discolou?red|charred)(?: and (?:brown|burnt|loose|weak|charred))*'],
  ['contacts welded', 'switch(?: on the pump(?: head)?)?(?:\'s| is| was)? (?:stuck|hung)(?: on| closed| in)?,?'
  + ' (?:and )?(?:i )?'
  + '(?:tapped|hit|rapped|smacked) (?:it|the switch) and it (?:clicked|kicked|shut|went|cut) (?:it )?off'],
  ['cap reads 0 uf', '(?:the )?(?:start )?cap(?:acitor)?(?:\'s| is)? (?:completely |totally |stone )?dead(?= ?$'
  + '|, (?!\\d))'],
]

const LITTLE_FUSE = '(?:the )?(?:(?:control|little|small|glass) )+fuse'

/** Into a thing and out of it. */
const IN_AND_OUT: readonly Joined[] = [
  ['control $1 volts, nothing out of the control fuse', '(\\d{2,3})(?: ?v(?:olts?)?)? (?:ahead of|before|into'
  + '|going into) the (?:control )?fuse,? (?:and |but )?'
  + '(?:0|nothing|zero)(?: volts)? (?:after|behind|past|out of|coming out of)(?: it| the \\w+)',
  `${VOLTS} (?:going )?(?:into|in|to|at|ahead of|before|on one (?:end|side) of`
  + `|on top of) ${LITTLE_FUSE},? (?:and |but )?`
  + `${NOUGHT}(?: volts| power)? (?:(?:comes |coming |going )?out(?: of it)?|(?:after|behind|past) (?:it`
  + `|${LITTLE_FUSE})`
  + '|(?:on|at) the (?:other (?:end|side)|bottom))'],
  ['transformer primary $1, secondary $2', `${VOLTS} (?:going )?(?:into|to|on`
  + `|in) the (?:control )?transformer,? (?:and |but )?`
  + `${VOLTS} (?:coming |going )?out(?: of it)?`],
  ['coil $1 ohms', 'coil ohms (?:are |is |read |at )?(\\d+)(?:,? to ground (?:nothing|none|ol|clear))?'],
  [', inlet $1 psi, peak $2 psi', '(\\d\\d) in,? (?:and )?(\\d\\d) out (?:with everything shut|dead ?headed|with'
  + ' it all shut|no flow)'],
  ['', '(?:it )?(?:used to|should|ought to|supposed to) (?:make|be|do|get|build|hit|run) \\d+[^,;]*'],
  ['$1 volts', '(2[0-5]\\d|1[12]\\d) there(?= ?$|,)'],
  ['amps $1 at start', '(\\d+) ?a(?:mps?)? when (?:it|she) (?:stalls|groans|hums|locks(?: up)?|tries)'],
  ['cracked the line and it starts', 'cracked the (?:little |small )?(?:copper |unloader )?(?:line|tube'
  + '|fitting),? (?:and )?it hissed(?: off| out| down)?,?'
  + ' (?:and |then )*(?:it )?(?:started|starts|took off|fired)(?: right up| fine)?'],
  ['sigh as it stops', 'psst (?:at|when it (?:stops|shuts off)(?: at)?) ?\\d*'],
  ['line l1 to ground $1, line l2 to ground $2', '(\\d+)(?: ?v(?:olts?)?)? to ground on one (?:line )?(?:screw'
  + '|side|leg|terminal|pole)(?: and|,) (\\d+)(?: ?v(?:olts?)?)? on the other'],
  ['breaker l1 to ground $1, breaker l2 to ground $2', '(?:out of|other side of|load side of|bottom of|off) the'
  + ' breaker,? (?:i (?:get|got|have) )?(1[012]\\d)(?: and|,) (\\d{1,2}|1[012]\\d)(?= ?$|,)'],
  ['strainer blocked', 'took the (?:cap|cover|lid|bowl) off the strainer,? (?:it\'s )?(?:packed|full|solid'
  + '|plugged|loaded)(?: (?:with|of) [\\w ]+)?'],
  ['no leaks', '(?:all )?(?:the )?(?:faucets?|taps?)(?: are| is|\'re) (?:all )?dry, (?:the )?(?:toilets?'
  + '|showers?) too'],
  ['works', '(?:\\w+|a whole|half an) (?:hours?|days?|minutes?),? (?:and )?not a peep'],
]

/** Told on the way round. */
const ON_THE_WAY: readonly Joined[] = [
  [', precharge $1 psi', '(\\d+)(?: ?psi| pounds| lbs?)? (?:at|on|in) the (?:air |schrader )?(?:valve|stem)(?:'
  + ' of the tank)?(?= ?$|,)'],
  ['', '(?:so |then )*(?:i )?shut (?:the pump|it|everything) (?:off|down) and(?= drained)'],
  ['pitless leaks', 'water (?:shooting|spraying|squirting|running|pouring|blowing)(?: out| off| from| down| of)*'
  + ' (?:the )?(?:side of the'
  + ' casing (?:at|by|near) )?(?:the )?pitless'],
  ['', '(?<!bowl )(?:the )?(?<!bowl )o-?ring(?:\'s| is| was)? (?:flat|nicked|cut|pinched|hard|rolled|torn)'
  + '(?: and (?:\\w+))?'],
  ['leak down 0 psi', '(?<=\\d.*)(?:\\w+|half an) (?:minutes?|hours?|mins?) later,? (?:it\'s |and it\'s |it was'
  + ' )?still (?:at |on |reads )?(?:\\d\\d+|there'
  + '|the same)'],
  ['line $1 volts idle, drops to $2 volts when it starts', '(\\d{3})(?: ?v(?:olts?)?)? (?:sitting|at rest'
  + '|resting|idle|standing),? (?:and )?(\\d{2,3})'
  + '(?: ?v(?:olts?)?)? (?:trying|starting|when it (?:tries|starts))'],
  ['check valve leaks', 'check(?: valve)?(?:\'s| is)? (?:leaking|bleeding|passing|blowing)(?: air)? back(?:wards)?'],
  ['amps $1 at start, runs $2 amps', 'starts?(?: up| out)? at (\\d+) ?a(?:mps?)?,? (?:and |then )*(?:drops|falls'
  + '|settles|comes)'
  + '(?: back| down| right)* to (\\d+(?:\\.\\d+)?)(?: ?a(?:mps?)?)?'],
  ['amps $1 at start', '(\\d+(?:\\.\\d+)?) ?a(?:mps?)?,? (?:and |but )?(?:it )?(?:never|won\'t|doesn\'t|does'
  + ' not) (?:comes?|goes?) (?:back )?down'],
  ['sand in the water', '(?:bowls?|impellers?)(?: is| are| all|\'s)* (?:full of|packed with|solid with) sand'],
  ['toground house side clear , pump side shorted', 'pump side (?:is |reads )?\\d{3,} ohms?,? (?:and )?house'
  + ' side (?:is |reads )?(?:no reading|nothing|clear|ol|open)(?: at all)?'],
  ['$1 / $2 / $3', '(\\d{3}) (?:across|between|from) (?:a and b|a to b|l1 and l2|l1 to l2|one and two),? (?:and'
  + ' )?(\\d{1,3})(?: and|,) (\\d{1,3})'
  + ' on the others?(?: two)?'],
  ['', '(?<=\\d{3}[ /,]+\\d{3}[ /,]+\\d{3} )(?:after(?:wards)?|now|since)(?= ?$|,)'],
  ['pole 1 drop $1 volts, pole 2 drop $2 volts, pole 3 drop $3 volts',
    '(?:voltage )?drops? (?:across|over|on)'
    + ' (?:the )?(?:starter |contactor )*(?:poles|contacts)'
    + '(?: is| are|:)? (\\d*\\.?\\d+)(?: volts?)?,? (\\d*\\.?\\d+)(?: volts?)?,? (?:and )?(\\d*\\.?\\d+)(?: volts?)?'],
  [', inlet running $1 psi', `(?:it's |only |down to )*${LITTLE} (?:before|ahead of|into) the (?:pump`
  + `|booster)(?: with (?:a|two|the|all the|both) taps?(?: \\w+)*)?(?= ?$|,)`],
  ['', '(?:at |by |about )?(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|\\d+) o\'?clock(?:'
  + ' (?:it\'s|and|it was))?'],
  ['', '(?:the )?(?:pump|booster) adds \\d+(?: psi| pounds)?'],
  ['', 'paper towels? (?:under|around) (?:every|all the|each) \\w+'],
  ['cycling', 'burping'], ['cycles', 'burps'],
  ['panel switch', '(?:pump )?switch on the wall|wall switch'],
  ['motor alone dead to ground', 'motor alone(?: ?\'s| is| reads| only)* \\d+ ohms to (?:the |its )?(?:shell'
  + '|case|frame|can|body|housing)'],
  ['panel switch and nothing coming out', 'panel ?switch ?,? (?:and )?0 (?:coming )?out(?: of it)?'],
  ['precharge $1 psi', 'came back (?:to|at|up to) (\\d\\d)(?: psi)? when i checked(?: it)?(?: again)?'],
  ['pump turns free by hand', '(?:pulley|flywheel) (?:turns|spins|rolls)(?: over)? by hand'],
  ['', 'intake pulls? (?:weak|a little)'],
  ['swapped the cap with a good one', '(?:stuck|put|threw|clipped) in an? \\d{2,3}(?: ?uf| mike| mfd)? (?:off'
  + '|from) the (?:truck|van)'],
  ['heater burnt open', '(?:the )?heater(?: on the \\w+(?: pole| leg)?)?(?:\'s| is) (?:burnt|burned|broken'
  + '|snapped|melted|cooked)(?: in (?:half|two)| open| through)?'],
  ['at the well head', '(?<=leg to leg )at the head'],
  [', gauge $1 psi', '(?<!swapped.*)(?:ran|went|shot|came|goes|runs) right up to (\\d\\d)(?: ?psi)?(?= ?$|,)'],
]

/** How the work stands, what was carried and taken out: no findings. */
const OF_THE_WORK: readonly Joined[] = [
  ['', 'moved (?:it|them|that) (?:over|away|out of the way|back)(?= ?$|,)'],
  ['', '(?<=^ ?)dead and locked(?: out)?', '(?:locked(?: it)?(?: out)?|locked and tagged|tagged out|(?:power'
  + '|breaker|disconnect|main)(?:\'s)? off'
  + '|(?<=^ ?)off|killed it'
  + '|pulled the disconnect)(?:,| and)* (?:then )?(?:locked(?: out)?,? )?(?:and )?(?:tested|proved|proven'
  + '|checked|tested it)?'
  + ' ?dead(?: at the \\w+(?: \\w+)?)?(?= ?$|,)'],
  ['', '(?:i )?(?:did(?:n\'t| not)|have(?:n\'t| not)) reset (?:it|that)(?: yet)?'],
  ['breaker', '(?:double|single|two|2|one)[ -]pole (?:fifteen|twenty|thirty|forty|fifty|\\d\\d)(?: amp)?(?:'
  + ' breaker)?'],
  ['', '(?:wires|leads) (?:to the well|to the pump|going (?:out|down))(?: taken)? off at the (?:switch|box'
  + '|panel)(?=,? ?$|,? locked)'],
  ['', 'head(?:\'s| is) (?:really |too )?hot(?: on (?:one|the) (?:side|end|left|right))?'],
  ['soap nothing', 'soaped (?:everything|every \\w+|all of it|it all(?: over)?|the whole \\w+|all the \\w+),?'
  + ' (?:and )?'
  + '(?:nothing|no bubbles|not a bubble|no leaks|clean|dry)(?: anywhere)?'],
  ['', 'soaped (?:the )?(?:\\w+ ){0,2}\\w+,? (?:and )?(?:nothing|no bubbles|not a bubble|no leaks|clean|dry)'],
  ['', '(?:swollen|hard|torn|chewed) rubber'],
  ['works', '(?:ran|run|took) it (?:up )?to \\d+ (?:\\w+ )?(?:times|in a row)'],
]

/** Figures in the places where a proof run has them. */
const OF_THE_RUN: readonly Joined[] = [
  ['inlet pressure $1 psi', '(?:the )?(?:street|city|town)(?: pressure| side)?(?:\'s| is| reads| at| has)?'
  + ' (\\d\\d)(?= ?$|,| and)'],
  [', gauge $1 psi', '(?:with )?(?:(?:a|two|both|three|all the) )?(?:showers?|taps?|faucets?|hoses?) (?:on '
  + '|running |open )?at (\\d\\d)'
  + '(?= ?$|,)', 'gauge (?:after|behind|past) the (?:pump|booster)(?: says| reads| is|\'s| at)* (\\d\\d)'],
  [', gauge $1 psi', '(?<=, ?)(?:right )?(?:back )?up to (\\d\\d)(?: ?psi| pounds)?(?= ?$|,)'],
  ['$1 volts', '(?<=^ ?)(1[012]\\d|2[0-5]\\d|4[4-9]\\d)(?=, \\d{1,2}(?:\\.\\d+)? ?a(?:mps?)?\\b)'],
  ['toground $1 meg', '(?<=^ ?)(?:over |about )?(\\d{1,4}) ?(?:megs?|megohms?)(?= ?$)'],
  ['$1 volts at the motor', '(1[012]\\d|2[0-5]\\d|4[4-9]\\d) at it'],
  ['house side clear', '(?:opened the splice,? )?(?:house|top|panel|upper)[ -]side(?:\'s| is| reads)? (?:over '
  + '|about )?(?:\\d{2,4}) megs?'],
  ['pump side still shorted', 'going down(?: the (?:hole|well))?,? (?:it\'s |is |reads )?still 0?\\.\\d+(?: megs?)?'],
  ['amps $1 at start', 'amps (?:go|went|jump|shoot|shot|run|ran)(?: up)? to (\\d+)(?:,? (?:and|then))+ (?:it'
  + ' )?(?:drops? out|trips?|kicks?'
  + ' (?:off|out)|quits?|lets go)'],
  ['ran dry', '(?:cistern|tank|well)(?:\'s| was| is| had)?(?: full now)?,?(?: but| and)?(?: it)? (?:was|went|ran'
  + '|run|been) (?:bone )?'
  + '(?:empty|dry)(?: last \\w+| yesterday| the other day| on \\w+day| for (?:a|two|\\w+) (?:days?|weeks?|hours?))'],
]

export const TURNS_AFTERWARDS: readonly Joined[] = [
  ...IN_AND_OUT, ...OF_RUNNING, ...OF_SETTINGS, ...OF_HOLDING, ...ON_AND_ON, ...OF_TAPS, ...OF_AIR, ...OF_PARTS,
  ...ON_THE_WAY, ...OF_THE_WORK, ...OF_THE_RUN,
]
