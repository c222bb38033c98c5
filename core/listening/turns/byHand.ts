/** What a hand does to taps, wires and switches as it goes: no finding by itself, and what came of it. No source. */
import { AT_END, FIGURE } from './partsOfSpeech'
import type { Joined } from './turnOf'

const BEGUN = '^ ?(?:i |we |then |so |and |now |ok |okay )*'
const TAPS = '(?:hose|tap|faucet|spigot|hydrant|valve|bib)s?'
const USERS = '(?:treatment(?: system)?|softener|irrigation(?: system)?|sprinklers?|ice ?maker|water heater'
  + '|filter system'
  + '|house|barn)'
const NO_CHANGE = '(?:no change|no difference|noth|same(?: thing)?|didn\'t (?:help|change)|still (?:cycling'
  + '|cycles|does it|kicks'
  + ' on|the same))'
const CAME = '(?: and|,|;|;? then)* '

const SO_LONG = '(?:for )?(?:an?|\\d+|(?!and|then)[a-z]+) (?:minutes?|hours?|while|bit|day|night|second)'

/** Said of a part that stays out or apart, or of when a figure was read. */
const STAYS_SO: readonly Joined[] = [
  ['starter does not pull in', `${BEGUN}(?:the )?(?:contactor|starter)(?:'s| is)(?: just| still)? (?:out`
  + `|not in)(?= ?$|,)`],
  ['contacts not close', '(?:points|contacts)(?: just)? (?:won\'t|don\'t|never|do not|will not) (?:come together'
  + '|meet|touch)'],
  ['', '(?<=amps|volts|\\d) (?:just )?(?:before|until|when) (?:i|we) (?:killed|stopped|stop|off|pulled the plug on)'
  + ' (?:it|her|the pump)'],
  ['running', '(?<=^ ?\\d+) while (?:it|she)(?:\'s| is) going'],
]

/** By itself. */
const ONLY_DONE: Joined = [
  '',
  `${BEGUN}(?:ran|running|opened|turned on|cracked)(?: up)? (?:an?|the|one|two|some|my) (?:[a-z]+ )?${TAPS}`
  + '(?: (?:wide open|all the way|full blast|full|on|up|outside|out (?:front|back)))*(?= ?$)',
  `${BEGUN}let it (?:sit|rest|cool|stand)(?: (?:down|off|overnight|a while|awhile|${SO_LONG}))*(?= ?$)`,
  `${BEGUN}(?:bumped|boosted) the (?:pressure|setting)(?: up| down)?(?: a (?:little|bit|hair))?(?= ?$)`,
  `${BEGUN}(?:pulled|threw|opened|killed) the (?:disconnect|plug)(?: to (?:stop|kill|shut) it(?: off)?)?(?= ?$)`,
  `${BEGUN}(?:unplugged|unplug|bypassed|bypass|disconnected|off|isolated|shut off|turned off`
  + `|stop) the ${USERS}${CAME}${NO_CHANGE}`,
  `${BEGUN}(?:pulled|pulled up|hauled up|yanked) the (?:pump|motor|string)(?: up| out)?(?= ?$)`,
  `${BEGUN}(?:swapped|switched|moved) (?:the |some )?wires at the motor(?= ?$)`,
  `${BEGUN}(?:cut|took) the splice (?:out|apart|open)${CAME}(?:it's|it was|it is|was|is) (?:dry|clean|bright|fine|good)`
  + '(?: inside)?',
  `${BEGUN}(?:ran|fed|run|powered) (?:it|the pump|the motor|a|an) ?(?:off|from|with`
  + `|on)?(?: of)? ?(?:an? )?(?:extension cord`
  + `|temporary (?:wire|cord|feed|line))(?: to the (?:pump|motor))?${CAME}(?:it )?(?:runs|ran|works)(?: (?:fine`
  + `|good|great))?`,
]

/** Where nothing was parted, what is clear to ground is all that hangs on the leads. */
const PARTED = '(?:cable|splice|head|cap|side|end|itself|alone|box|apart|unhooked|parted|feed|line|run|house|coil|cord)'
const WHOLE = '(?:(?:the )?(?:both|all(?: three)?|either|everything|they|it|wires?|windings?|(?:motor '
  + '|pump )?leads?|motor'
  + '|pump|compressor)(?: (?:of them|legs|leads))?(?:\'s|\'re| is| are| read| reads| all| both| still)* )?'
const TO_GROUND = 'to (?:the )?(?:ground|earth|frame|casing)'
const CLEAR: Joined = ['leads to ground ol', `(?<!\\b${PARTED}\\b[^;]*)(?<=^ ?|, ?)${WHOLE}(?:(?:clear|good`
  + `|fine|clean) ${TO_GROUND}`
  + `|no (?:path|short|continuity|leakage) ${TO_GROUND}|not (?:grounded`
  + `|shorted ${TO_GROUND}))(?![^;]*\\b${PARTED}\\b)(?= ?$|,)`]

const PAIR = '(?:black|red|yellow) to (?:the )?(?:black|red|yellow)'

/** What comes and goes by the hour, and what one tap does. */
const BY_THE_HOUR = '(?:in the (?:morning|afternoon|evening)|at night|when it\'s (?:hot|cool|cold)(?: out)?|some days)'
const BEFORE_NOW = '(?:last (?:night|week|month|weekend)|yesterday|tonight|this (?:morning|afternoon|evening)'
  + '|(?:a|two|three)'
  + ' (?:days?|weeks?|months?) ago|on (?:mon|tues|wednes|thurs|fri|satur|sun)day)'
const NOT_ALWAYS: Joined = [
  '',
  '(?:(?:he|she|they|customer|owner) (?:says|said) )?(?:it|the pump|pump|the compressor|she|the water'
  + '|water) (?:quit|stopped|died'
  + '|gave out|went (?:out|off))(?: working| running| on (?:them|him|her|us))?(?: (?:around|about'
  + '|at) \\d+(?: ?(?:am|pm))?)? '
  + `${BEFORE_NOW}(?: (?:around|about|at) \\d+(?: ?(?:am|pm))?)?(?= ?$|,)`,
  `(?:it )?works (?:fine|good|ok|great) ${BY_THE_HOUR},? (?:and |but |then )*(?:quits|stops|dies|cuts out`
  + `|trips) ${BY_THE_HOUR}`,
  '(?:it\'s )?(?:just|only) (?:the )?(?:one|kitchen|bathroom|upstairs) (?:faucet|tap|sink|shower)(?:\'s| is'
  + '| that\'s) (?:weak'
  + '|slow|low)',
  '(?:starts fine|runs fine|works) (?:warm|hot),? (?:and |but )?(?:it )?(?:trips|won\'t start'
  + '|quits) (?:when it\'s )?cold(?= ?$)',
  '(?:it )?smells (?:hot|warm) in the panel(?= ?$)',
  'frost on the (?:pipe|line|tank)(?= ?$)',
]

export const TURNS_BY_HAND: readonly Joined[] = [
  NOT_ALWAYS,
  ...STAYS_SO,
  ['strong at the tank, weak in the house', '(?:the )?pressure(?:\'s| is) (?:fine|good|strong'
  + '|ok) at the tank,? (?:and |but )?'
  + '(?:it\'s )?(?:weak|low|nothing) (?:upstairs|inside|in the house|at the (?:house|taps?|shower|kitchen(?: sink)?))'],
  ONLY_DONE,
  CLEAR,
  // which leads it was that were just read
  ['', `^ ?(?:and )?(?:that's|that is|that was|this is) (?:from |on )?${PAIR}(?= ?$)`],
  ['$1 ohms good', `(${PAIR})(?: is| reads| looks|'s)+ (?:fine|good|ok|okay|normal|right)(?= ?$|,)`],
  // of a pump out of a well: one impeller alone is another pump's
  ['pulled pump locked up', '(?:the )?(?:impellers|stages)(?: (?:are|were)|\'re)? (?:jammed|packed|locked'
  + '|seized)(?: up| tight| solid)*'
  + ' (?:with|by|full of) (?:sand|grit|scale|gravel|rust|silt)(?= ?$|,)'],
  ['one line fuse blown', '(?:the )?fuse(?: (?:is|was)|\'s)? (?:blown|open|popped|bad) on (?:the )?(?:[abc]'
  + '|l[123]|n[123]|leg'
  + ' (?:[abc]|[123])|phase (?:[abc]|[123])|one leg)(?: leg| phase)?'],
  ['ohms $1, $2 and $3', '(?:the )?(?:motor|windings?|pump)(?: (?:is|are|reads|read))*:? ((?:0?'
  + '|[123])\\.\\d),? ((?:0?|[123])\\.\\d),?'
  + ' (?:and )?((?:0?|[123])\\.\\d)(?! ?(?:v|volts|meg|amps?|a\\b|k\\b))'],
  ['trips after some minutes', `(?:it |starter |contactor |she )*drops out after (?:about |like )?(?:a few`
  + `|${FIGURE}|[a-z]+) minutes`],
  ['builds to $1', '(?<=^ ?)goes (?:right |back |up |all the way )*to ([2-9]\\d|1\\d\\d)(?: psi| pounds)?(?= ?$)'],
  ['gauge $1 psi', `(?:the )?(?:pressure|gauge|needle|it) (?:dives|drops|falls|goes) to (?:nothing`
  + `|zero) at (?:about )?(${FIGURE})`
  + ' and (?:then )?(?:jumps|shoots up|comes back|recovers|bounces back)(?: up| back)*'],
  ['relay stuck closed', '(?:it|relay|red) should drop (?:out|off)[a-z ]*,? (?:and|but) (?:it )?(?:doesn\'t'
  + '|never does|won\'t)'],
  ['trips at once', '(?:flipped|turned|threw|switched) (?:it|the breaker)(?: back)? on(?: and|,'
  + '|;)* (?:it )?(?:trips|tripped|kicks|kicked'
  + '|pops|popped)(?: right)?(?: back)?(?: off| out)?(?= ?$|,)'],
  ['cutout $1, goes from $1 to $2 in $3 minutes', `(?:(?:shuts|cuts|kicks) )?(?:off at|cutout) (${FIGURE})(?: psi`
  + '| pounds)?,? (?:and |then )*(?:it )?(?:leakdown|(?:bleeds|drops|leaks|falls|goes)(?: down| back| off)*) to '
  + `(${FIGURE})(?: psi| pounds)? in (?:about )?(${FIGURE}|[a-z]+) min(?:ute)?s?`],
  ['vents for ten seconds when it stops', 'hisses when it (?:stops|shuts off),? (?:and |then )+(?:it )?(?:quits'
  + '|stops)(?= ?$|,)'],
  ['line ison', '^ ?(?:got |have |there\'s )?power at the (?:plug|outlet|receptacle)(?= ?$)'],
  ['pump wires off, breaker $1', '(?:it |breaker )?(holds|trips|still trips) with the pump (?:wires|leads) off(?= ?$)'],
  ['motor leads off, breaker $1', '(?:it |breaker )?(holds|trips|still trips) with the motor (?:wires'
  + '|leads) off(?= ?$)'],
  ['check valve stuck open', '(?:the )?check(?: valve)?(?: (?:is|was)|\'s)? (?:full of|packed with|fouled with'
  + '|plugged with|hung open'
  + ' with|gummed up with) (?:scale|rust|sand|grit|crud|slime|iron|mud)'],
  ['motor leads off, breaker $1', `(?:disconnected|off|unhooked|took off|unwired) the (?:pump|motor)(?: (?:wires`
  + `|leads))?${CAME}`
  + `(?:the |it |now )*(?:breaker )?(holds|trips|still trips|held|tripped)${AT_END}`],
  ['jumped the pressure switch, runs', `(?:jumped|wired) it (?:straight|right|direct(?:ly)?) (?:to|from|across|off)`
  + ` (?:of )?(?:the )?(?:breaker|panel|line|disconnect)${CAME}(?:it|the pump|she) (?:runs|ran|takes off`
  + `|took off|runs fine)`],
  ['found a leak', '(?:dug|digging) up the line[a-z ]*,? (?:and )?(?:found|there\'s|it\'s) (?:an? )?(?:wet spot'
  + '|leak|puddle'
  + '|mud hole|hole)[a-z ]*'],
  ['cut-in $1, cut-out $2', '(?<=^ ?|gauge |from )([2345]0) to ([4567]0) in (?:about |like |only )?(?:an? '
  + '|\\d+ )(?:[a-z]+ )?'
  + '(?:sec(?:ond)?s?|min(?:ute)?s?)(?: and a half)?(?= ?$|,)'],
  ['$1', '(?<=^ ?|gauge |at )(\\d{1,3}) and (?:holding|steady)(?= ?$)'],
]
