/** What is recounted in one breath: the part that stands out, what was taken back, what it took. Common practice. */
import type { Joined } from './turnOf'

const FIRST_TWO = '(?:a|l?1|one) (?:to|and) (?:b|l?2|two)'
const LAST_TWO = '(?:b|l?2|two) (?:to|and) (?:c|l?3|three)'
const OUTER = '(?:a|l?1|one) (?:to|and) (?:c|l?3|three)'
const OTHERS = ',? (?:and )?(?:the )?other two(?: pairs)? (?:are |is |read |at |were )?(?:only |about |around |like )?'
  + '(\\d+)(?:-? ?(?:something|ish|some))?(?: volts)?'
const WHILE_LATER = '(?:\\d+|a few|a couple of|[a-z]+) (?:minutes?|hours?|min) later (?:it\'s|it was|it is|it'
  + ' had|we\'re)'
  + ' (?:down |dropped |fallen )?(?:at|to) (\\d+)(?: psi| pounds)?'

const HOT_LEG = '(?:hot(?: leg)?|leg)'
const NONE_OF_IT = '(?:nothing|zero|none|0|dead)'
const NEW_LID = '(?:slapped|put|stuck|popped|threw|snapped|set)(?: on)? (?:a )?(?:new|good|known good|different|spare)'
  + ' (?:lid|cover)(?: on| in)?(?: there| it)?'

/** Legs, and what is hot. */
const OF_LEGS: readonly Joined[] = [
  ['l1 toground $1 volts, l2 toground $2 volts', '(?:on )?(?:each|either|every) (?:leg|hot|line)(?: to (?:ground'
  + '|neutral))?'
  + '(?: is| reads| shows| has|\'s)? (\\d{2,3}),? (?:and |, )?(\\d{2,3})(?: volts)?(?: to (?:ground|neutral))?'],
  ['volts leg to leg', '(?:between|across) (?:the )?(?:two )?(?:hots|hot legs|hot wires)', 'hot to hot'],
  ['$1 l1 toground 120 volts, $1 l2 toground 0 volts', `(?:one|1) ${HOT_LEG} of the (?:240|230|220|two-?forty)`
  + '(?: is|\'s)? (?:missing|gone|dead|out) (?:at|in) the (breaker|disconnect|switch|box)',
  `(breaker|disconnect)(?: only)? has (?:only )?(?:one|1) ${HOT_LEG}(?: coming)? out(?: of it)?`,
  `only (?:one|1) ${HOT_LEG} (?:is )?(?:coming )?out of the (breaker|disconnect)`],
  ['breaker hot', 'breaker(?:\'s| is) (?:old|\\d+ years old)(?:,)? (?:and )?(?:it\'s |it is )?hot(?: to the touch)?'],
  ['load side l$1 toground 0 volts', `(?:no (?:voltage|power|volts)|${NONE_OF_IT})(?: coming)? (?:out of|out on`
  + `|on) t([123])`],
  ['control volts 0', '(?:control )?transformer(?:\'s| is) (?:cooked|burnt(?: up)?|burned(?: up)?|toast|fried|shot)'
  + `,? (?:with )?\\d{3}(?: volts)? (?:going )?in(?:,)? (?:and )?${NONE_OF_IT}(?: coming)? out`],
]

/** Places and parts that a bag of words would mistake. */
const OF_PARTS: readonly Joined[] = [
  ['$1', '(?<=the )(battery|motor|pump|switch|box|breaker) (?:itself|proper)(?= ?$|,)'],
  ['box wrong', '(?:\\d/\\d|\\d+(?:\\.\\d+)?) (?:horse(?:power)?|hp) (?:control )?box on an? (?:\\d/\\d'
  + '|\\d+(?:\\.\\d+)?)(?: (?:horse|hp))?'
  + '(?: (?:motor|pump))?'],
  ['top $1/$1/$1 volts, bottom $2/$3/$4 volts', '(\\d{3})(?: volts)? (?:at|on) the top,? (?:and )?(\\d+),?'
  + ' (\\d+),? (?:and )?(\\d+)(?: volts)?'
  + ' (?:at|on|out) the bottom'],
  ['shaft seal leaks', 'water(?:\'s| is)? (?:coming|dripping|leaking|running) out (?:from )?(?:between|where)'
  + ' the pump (?:and|meets) the motor(?: meet)?'],
  ['overload dial at $1', '(?:overload )?dial(?:\'s| is)(?: set)? (?:at|to) (\\d+(?:\\.\\d+)?)(?: amps)? (?:and'
  + '|but) (?:the )?motor(?:\'s| is)'
  + ' (?:a |rated )?\\d+(?:\\.\\d+)?(?: amps)?'],
  ['coil printed wrong volts', 'coil(?:\'s| is) (?:an? )?\\d+(?: volts?)?(?: coil)?,? (?:and|but) (?:somebody'
  + '|someone|they|it|he)(?:\'s)?'
  + ' (?:put|has|got|getting|hooked|fed)(?: it)? \\d+(?: volts?)?(?: to it| on it)?'],
  ['$1/$2/$2 volts', '(?:one|1) (?:leg|line|phase)(?:\'s| is)(?: reading)? low,? (?:at )?(\\d{3})(?: volts)?,?'
  + ' (?:and )?the others? (?:two )?(?:are|is|read) (\\d{3})'
  + '(?: volts)?'],
  ['coil pullin, load side l$1 toground 0 volts', '(?:contactor|starter)(?:\'s| is)? pulled in,? (?:but |and'
  + ' )?(?:there\'s |i\'ve got )?(?:nothing|zero|no volts|no voltage)'
  + ' (?:at|on|out of) t([123])'],
  ['splice open: cable good, motor is down', '(?:disconnected|unhooked|undid it|split it) at the (?:well ?head'
  + '|well ?cap|splice),? (?:and )?(?:the )?cable'
  + ' (?:megs?|tests?|reads?|is)(?: out)? (?:good|fine|ok|clean)'],
  ['$1/$1/$1 amps', 'amps(?: are)?(?: all)? balanced at (\\d+(?:\\.\\d+)?)', 'balanced at (\\d+(?:\\.\\d+)?) amps'],
  ['bypass runs', 'auto (?:doesn\'t|does not|won\'t|didn\'t)(?: work| run| do anything)?,? (?:but )?hand (?:does'
  + '|works|runs)',
  'hand (?:works|runs)(?: fine)?,? (?:but )?(?:auto|automatic) (?:doesn\'t|does not|won\'t|nothing)'],
  ['bypass nothing', '(?:hand and auto|hand or auto|auto and hand)(?: are)?(?: both)? (?:nothing|dead|same|do'
  + ' nothing)',
  'nothing in (?:hand or auto|hand either|either hand or auto)'],
  ['line side $1 volts, load side $2 volts', '(?:had |have |got )?(\\d+(?:\\.\\d+)?)(?: volts)? (?:at|to|into)'
  + ' the (?:pressure )?switch,? (?:and |but )?(?:only )?(\\d+(?:\\.\\d+)?)'
  + '(?: volts)? (?:after|behind|past) it'],
  ['$1 is open, $2 is open', '([a-z]+ to [a-z]+)(?: is|\'s| reads) (?:open|ol) and so(?:\'s| is) ([a-z]+ to [a-z]+)'],
  ['relay welded', 'relay(?:\'s| is) stuck,? (?:the )?contacts?(?: are|\'re)? welded(?: shut)?'],
  ['red start 0 amps', '(?:nothing|no amps|zero|no current) on (?:the )?red(?: wire| lead| leg)? (?:when|as'
  + '|while) it (?:tries|is trying|goes|attempts) to start'],
  ['flow $1 gpm', '(?:it was |got |getting |i get )?(?:only )?(\\d+(?:\\.\\d+)?) (?:gallons|gals?) (?:a|per)'
  + ' minute at the (?:tank tee|boiler drain|drain|tank|spigot|hydrant)'
  + '(?:,? should (?:be|get) \\d+)?'],
  ['', '(?:at the well ?(?:head|cap) )?(?:i )?cut the splices? apart and (?:megged|checked|ohmed|read) (?:each'
  + '|both) (?:direction|way)s?'],
  ['', '(?:the )?piston(?:\'s| is) not moving'],
  ['fuse blows at once', '(?:put|stuck|popped) (?:a |another )?(?:new )?\\d* ?(?:amp )?(?:fuse )?(?:one )?in,?'
  + ' (?:and )?(?:it |that one )(?:popped|blew|went) (?:again|right away|too|the second[^,;]*)'],
  ['check look open', '(?:took|pulled) the check(?: valve)? (?:apart|out),? (?:and )?the (?:spring|poppet'
  + '|flapper|disc|seat)(?:\'s| is| was)? (?:broke(?:n)?|gone|worn|chewed up|cracked|all carbon)'],
  ['hissing out of the unloader', 'air (?:bleeds|leaks|comes) (?:back )?(?:out )?through the unloader(?: all'
  + ' night| all the'
  + ' time)?'],
  ['air in the water', '(?:can |i )*see (?:air )?bubbles in the (?:clear|see-through) (?:pipe|line)'],
]

const POLE_BELOW = '(?:l|leg |line |phase |number )?([123])'
const MADE_WITH = '(?:\\d/\\d|\\d+(?:\\.\\d+)?)(?: ?(?:horse(?:power)?|hp))?'

/** What stands beside a figure, so that it is not read for something else. */
const OF_FIGURES: readonly Joined[] = [
  ['gauge $1 psi', '([2-8]\\d)(?: psi| pounds)? at the pump(?= ?$|,)'],
  ['', '(?<!some of the )(?:house )?lights(?: in the house)?(?: are|\'re)? (?:too |way too |really'
  + ' )?bright', '(?:they\'ve been '
  + '|keep |keeps )?burning (?:out|up) bulbs',
  'bulbs (?:keep|keeps) (?:blowing|burning out|popping)'],
  ['pluggedin starts', 'at the house it (?:starts|fires|runs)(?: right)?(?: up| off)?(?: fine)?'],
  ['motor runs, belt slip', 'motor(?:\'s| is)? (?:spinning|running|runs|turning)[^,;]*, (?:and |but )?(?:the'
  + ' )?pump(?:\'s| is)?'
  + ' (?:barely|hardly) turn(?:s|ing)'],
  ['belt slip', 'motor(?:\'s| is) (?:spinning|turning|running)[^,]*? and the pump (?:wheel|pulley'
  + '|flywheel)(?:\'s| is) (?:barely|hardly|not) (?:moving|turning)'],
  ['bubbles at the drain', '(?:the )?drain(?: ?cock| valve)?(?:\'s| is| was| been)?(?: been)? (?:cracked|left'
  + '|not (?:quite )?shut|partly|a little|open a turn)(?: open)?',
  '(?:the )?drain(?:\'s| is) wet and (?:whistles|hisses)'],
  ['float works', '(?:and )?it floated up and the (?:well )?pump (?:shut off|stopped|quit|went off)'],
  ['$1 volts at the well head', '(\\d{3})(?: volts)? going (?:down )?(?:the hole )?to the (?:well )?pump'],
  ['wellhead $1', '(?:ohms|continuity|reading) at the well ?(?:head|cap)(?: is|,)? (ol|open)'],
  ['ol then a value once cool', 'let it (?:sit|cool|rest)[^,]*? and (?:ohmed|checked|read|tested) it again,?'
  + ' (?:and )?(?:it\'s |it reads |got |i got )?\\d+(?:\\.\\d+)?(?: ohms)?'],
  ['', 'hiss(?:ing|es)? (?:under|underneath|from under) the (?:tank|receiver)(?=,)'],
  ['', 'unplugged (?:the (?:trailer|coach|charger|converter)|shore power)[^,;]*?(?:drops|goes|falls|comes)(?:'
  + ' down)? to \\d+(?:\\.\\d+)?'],
  ['float hung up', 'float(?:\'s| is| was)? (?:hanging )?[^,;]{0,24}(?:caught|snagged|hung|tangled) (?:up )?on'
  + ' the [a-z]+(?: pipe)?'],
  ['breaker hot', 'breaker(?:\'s| is) an? \\d+(?: amp)?,? (?:and |but )?(?:it\'s |it is )?hot(?: to (?:the )?touch)?'],
  ['on another breaker $1', 'moved it (?:over )?to (?:the |a |an )?(?:spare|other|another|next|empty|good'
  + '|open)(?: \\d+)?(?: amp)?(?: breaker| slot| one)?,? (?:and |but )?(?:it\'s |it )?'
  + '(held|holds|run|runs|ran|trips|tripped)'],
  ['outletvalve shut stilldoes', '(?:clamped|pinched|kinked)(?: off)? the hose (?:right )?(?:off )?(?:at'
  + '|after) the (?:outlet|pump)(?: of the pump)?,? (?:and |but )?it still (?:burps|kicks on|does it|cycles|runs)'],
  ['rolled the leads, high stays on the line', 'rolled (?:all )?(?:three |the )*(?:leads|wires|legs)[^,;]*? and'
  + ' (?:the )?(?:\\d+|high one|high leg|high amps)[^,;]*? (?:stayed|stays|remained)[^,;]*'],
  ['rolled the leads, high moves with the lead', 'rolled (?:all )?(?:three |the )*(?:leads|wires|legs)[^,;]*?'
  + ' and (?:the )?(?:\\d+|high one|high leg|high amps)[^,;]*? (?:moved|went|followed)[^,;]*'],
  ['float backwards', '(?:lift|lifted|raise|raised|pull|pulled)(?: up)? the float(?: up)? and (?:the )?(?:starter'
  + '|pump|contactor|motor) (?:pulls? in|pulled in|starts?|started|runs|comes on|came on)'
  + ',? (?:and )?(?:let it (?:hang|drop|down)|drop it) and it (?:drops out|stops|quits)'],
  ['load side l$1 volts low', `(?:below|after|out of) the heaters?,? ${POLE_BELOW}(?:'s| is) (?:gone|dead`
  + `|missing)`],
  ['hots on one pole', '(?:both|two) hots(?: from the panel| coming in)? (?:are )?(?:landed )?on (?:one|the'
  + ' same) (?:pole|side)'],
  ['protector waiting', '(?:it )?(?:came|comes) back (?:on )?(?:on its own|by itself)? ?(?:after|once) it'
  + ' tim(?:ed|es) out'],
  ['bubbles at the bottom of the tank', 'bubbles (?:underneath|under it|under the tank) by the drain'],
  ['protector waiting', '(?:the )?(?:box\'?s?|protector\'?s?) light(?:\'s| is)? (?:blinking|flashing|red)(?:,?'
  + ' (?:it )?says (?:low load|dry well|dry|underload))?'],
  ['precharge $1 psi', '(?:tire |air )gauge(?: on the (?:tank|valve|stem))?[,.]* (?:it(?:\'s| reads) )?(\\d+)(?: psi'
  + '| pounds)?'],
  ['no leaks anywhere', 'no water (?:inside|in the coach) anywhere'],
  ['', 'shaft (?:won\'t|doesn\'t) (?:go|start) by itself'],
  ['port', '(?:little|small) tube(?= off and it(?:\'s| is) (?:packed|plugged|full))'],
  ['motor shaft seized', 'motor won\'t turn by hand', 'won\'t turn with pliers(?: on the shaft)?'],
  ['new box', `(?:put|stuck|threw|hung) (?:a |the )?(?:right |correct |${MADE_WITH} )(?:control )?box (?:on|in`
  + `|up)(?: there| it)?`],
]

/** What a hand does on the way, and what it showed. */
const OF_DOING: readonly Joined[] = [
  ['spin it and it runs', '(?:give|gave|giving) (?:it|the (?:shaft|fan|pulley)) a (?:flick|twirl|twist|kick'
  + '|nudge)(?: by hand)?,? (?:and|then) (?:it|she|off it)'
  + ' (?:goes|went|runs|starts|started|took off)'],
  ['fuse blows at once', 'put (?:one|another)(?: one)? in,? (?:and )?it (?:blew|popped|went) (?:when|as soon as'
  + '|the (?:second|minute|instant)) [^,;]*'],
  ['', 'cut it off and(?= made| put)', 'looks like milk', 'one(?:\'s| of them is| is) (?:stuck|burnt|burned)'
  + ' open(?= ?$|,)'],
  ['rest well good', '(?:shut|turned) it off (?:for )?(?:an|one|two|three|\\d+) hours?,? (?:and )?it gave (?:us'
  + '|me|them) [^,;]*'],
  ['load side l1 toground $1 volts, load side l2 toground $2 volts', '(?:on )?(?:the )?load side (?:there\'s '
  + '|i\'ve got |has )?(\\d+)(?: volts)? to one (?:and|but) (\\d+) to the other'],
  ['load side l1 toground $1 volts, load side l2 toground 0 volts', '(?:on )?(?:the )?load side (?:there\'s '
  + '|i\'ve got |has )?(\\d+)(?: volts)? to one (?:and|but) (?:nothing|zero|none) to the other'],
  ['cut out $1 psi, cut in $2 psi', '(?:cuts|kicks|shuts|goes) (?:off|out) at (\\d+)(?: psi| pounds)?,? (?:and'
  + ' )?(?:comes |kicks |cuts |goes )?back (?:on|in) at (\\d+)'],
  ['leads $1/$2/$3 ohms', '(\\d+(?:\\.\\d+)?),? (\\d+(?:\\.\\d+)?),? (?:and )?(\\d+(?:\\.\\d+)?)(?: ohms)?'
  + ' across the three(?: leads| wires)?'],
  ['motor short again below', 'pulled (?:it|the pump),? (?:and )?same (?:reading |thing )?(?:at'
  + '|on) the motor(?: leads?)?(?: with the cable cut off)?'],
  ['line at rest $1 volts, $2 volts', '(\\d{2,3})(?: volts)? standing still,? (?:and )?(\\d{2,3})(?: volts)?(?='
  + ' (?:with it |while it(?:\'s| is) |when it(?:\'s| is) )?(?:running|runs|on)\\b)'],
  ['relay open', '(?:relay )?(?:it\'s |is )?open (?:across|between) \\d (?:and|to) \\d\\??'],
]

/** Of one of three, by its number, its line or its phase. */
const OF_EACH: readonly Joined[] = ['one|1|l1|a', 'two|2|l2|b', 'three|3|l3|c'].flatMap((name, i): Joined[] => [
  [
    `pole ${i + 1} drop $1`,
    `(?:volt(?:s|age) )?across (?:the )?contact (?:on )?(?:${name})(?: is| reads)? (\\d+(?:\\.\\d+)?)`,
  ],
  [
    `heater ${i + 1} $1`,
    `heater (?:on |for )?(?:number |#|no\\.? )?(?:${name})(?: is|'s)? (reads? ol|open|burnt open|burned open)`,
  ],
])

export const TURNS_OF_RECOUNTING: readonly Joined[] = [
  ...OF_LEGS,
  ...OF_PARTS,
  ...OF_FIGURES,
  ...OF_DOING,
  ...OF_EACH,
  // what is taken back was not said
  ['$1', '((?:^|,|;| and | but |)) ?(?:(?! and | but )[^,;.])*?(?:\\.{2,}|,|;|-)? ?(?:no,? wait|wait,? no|scratch that'
  + '|strike that|let me correct that|correction),?(?= )'],
  [' $2', '(\\d+(?:\\.\\d+)?)(?: ?(?:volts?|amps?|psi|pounds|ohms?))?(?:\\.{2,}|,) ?no,? (?:make that |it\'s '
  + '|sorry,? )?'
  + '(\\d+(?:\\.\\d+)?)'],
  // two pairs alike and one that is not
  ['1 to 2 $1, 2 to 3 $2, 3 to 1 $2', `${FIRST_TWO} (?:is |reads |at )?(\\d+)(?: volts)?${OTHERS}`],
  ['2 to 3 $1, 1 to 2 $2, 3 to 1 $2', `${LAST_TWO} (?:is |reads |at )?(\\d+)(?: volts)?${OTHERS}`],
  ['3 to 1 $1, 1 to 2 $2, 2 to 3 $2', `${OUTER} (?:is |reads |at )?(\\d+)(?: volts)?${OTHERS}`],
  ['$1/$1/$2 amps', '(?:two|2) of (?:the |my )?(?:legs|phases|lines|leads)(?: are|\'re)? (?:pulling|at|drawing'
  + '|reading)'
  + ' (?:about )?(\\d+(?:\\.\\d+)?)(?: amps)?,? (?:and |but )?(?:the )?(?:third|other|last)(?: one| leg)?(?: is|'
  + ' has|\'s)?'
  + ' (?:at |pulling |only )?(\\d+(?:\\.\\d+)?)(?: amps)?'],
  ['$1/$1/0 amps', '(?:two|2) of (?:the |my )?(?:legs|phases|lines|leads)(?: are|\'re)? (?:pulling|at|drawing|reading)'
  + ' (?:about )?(\\d+(?:\\.\\d+)?)(?: amps)?,? (?:and |but )?(?:the )?(?:third|other|last)(?: one| leg)?(?: is|'
  + ' has|\'s)?'
  + ' (?:at |pulling )?(?:nothing|zero|dead|none)'],
  ['leads off', '(?:motor )?legs off(?= at| the|,| and)'],
  ['line side l1 to l2 $1 volts', '(?:the )?primary(?: side)?(?: of the (?:control )?transformer)?'
  + '(?: holds| is| reads| has|\'s)? (?:steady )?(?:at )?(\\d{3})(?: volts)?'],
  // how long it took, and what it is called now
  ['pump up time $1 minutes', '(?:started timing it,? (?:and )?)?(?:it )?(?:took|takes|it\'s taking) (?:it )?'
  + '([a-z]+|\\d+) minutes to (?:get|build|pump|go)(?: up)?(?: from \\d+)?(?: up)? to \\d+(?: psi| pounds)?'
  + '(?:,? (?:and |where )?(?:it )?used to (?:do it in|take|be) (?:[a-z]+|\\d+)(?: minutes)?)?'],
  ['outlet shut, it falls', '(?:pumped|built|ran|brought) it up to \\d+(?: psi| pounds)?,? (?:and )?(?:shut'
  + '|closed|valved)'
  + ` (?:off )?the (?:valve to the )?(?:hoses|shop|outlet|house|line)(?: off)?,? (?:and )?${WHILE_LATER}`],
  ['falls to $1 psi', WHILE_LATER],
  ['hissing out of the unloader', '(?:cracked|loosened|took|pulled) the (?:fitting|line|tube|nut) (?:loose |off'
  + ' )?(?:off |at'
  + ' |on )?(?:of )?the unloader'
  + ' and (?:the )?air (?:keeps|kept) coming'],
  // what was taken off to look, and is no finding
  ['', '(?:opened|popped|took|pulled|lifted)(?: up| off)? the (?:well ?cap|well ?seal|well ?head cover)(?: off)?,?'
  + '(?: and)?(?: right there)?(?= i | there| the | you| water| wires)'],
  ['', '(?:wiggled|unscrewed|spun|took|pulled) the gauge off(?: of it)?,?(?: and)?(?= there| water| no| i | it)'],
  ['cable chafed', '(?:the )?wires? (?:were |are |was |is |got )?(?:pinched|rubbed|worn|skinned|chafed|cut)'
  + '[^,;]{0,24} (?:under|at|on|in) the (?:well ?)?(?:cap|seal|casing)(?:,? (?:and )?(?:the )?insulation(?:\'s| is)?'
  + ' (?:gone|off|rubbed off|missing))?'],
  // a spare
  ['new box and it runs', `${NEW_LID} and (?:away|off) (?:she|it) (?:went|goes)`],
  ['new box', NEW_LID],
  ['cap', '(?:start |run )?cap(?:acitor)? in the (?:lid|cover|box)(?= ?,)'],
  ['jumped the switch, same', '(?:hooked up|put in|put on|tried|swapped in) (?:a |another )?(?:known good|new'
  + '|different|spare) pressure'
  + ' switch,? (?:and )?it (?:does|did) the same(?: thing)?'],
  ['known good $1', 'tried (?:it )?with (?:a |another )?(?:known )?(?:good|new|different) (box|cap|capacitor|relay'
  + '|motor|pump|switch)'],
  ['on it', 'on it with (?:a|the|my) (?:screwdriver|hammer|wrench) handle'],
  // where the water shows
  ['shaft seal leaks', '(?:there\'s )?(?:a )?puddle under the pump[^,;]*,? (?:and )?(?:it )?(?:drips|dripping'
  + '|leaks) (?:off|at'
  + '|from|along) the shaft(?: when(?: it\'s)?(?: running| it runs))?',
  '(?:drips|dripping|leaking|sprays|spraying) (?:off|out around|around|along) the shaft'],
  ['lost prime', '(?:and )?(?:overnight|by morning|next day|next morning) it(?:\'s| has| had)? (?:lost|losing)'
  + ' it(?: again)?'],
  ['filter out better', '(?:pulled|took)(?: out)? the (?:cartridge|filter|element)(?: out)?,? (?:and )?(?:the'
  + ' )?(?:pressure|flow)'
  + ' (?:came|comes|jumped|shot) (?:right )?(?:back|up)(?: up)?'],
  ['head knocks', '(?:(?:compressor )?pump|compressor|head)(?:\'s| is) knocking'],
  ['pump pulley locked', '(?:the )?pump (?:won\'t|will not|doesn\'t|wouldn\'t|does not) (?:turn|budge|move)(?:'
  + ' over)?(?: by hand)?,?'
  + ' with the belts? off', 'belts? off,? (?:and )?(?:the )?pump (?:won\'t|will not|doesn\'t|wouldn\'t|does not)'
  + ' (?:turn|budge|move)',
  'motor turns (?:free|easy|fine)(?: by hand)?,? (?:and |but )?(?:the )?(?:pump'
  + '|compressor)(?:\'s| is) (?:locked'
  + '(?: up)?|seized(?: up)?|froze(?:n)?|stuck)'],
  ['straightfeed', '(?:hooked|wired|connected|jumped|ran) (?:it|her|the pump|the motor)(?: up)? (?:straight'
  + '|direct(?:ly)?|right)'
  + ' (?:to|off|on)(?: of)? the battery'],
  ['straightfeed runs', '(?:ran|run|put|clipped|hooked)(?: up)? (?:a |two |some |my )?(?:jumpers?|wires?|leads?'
  + '|cables?)(?: right| straight)?'
  + ' (?:off|from|to) (?:of )?the battery(?: right| straight| direct(?:ly)?)? (?:to|and) the (?:pump|motor),?(?:'
  + ' and| then)? (?:it|she|the pump)'
  + ' (?:took (?:right )?off|runs|ran|runs? fine|works)'],
  ['diaphragm torn', '(?:the )?(?:rubber|membrane)(?:\'s| is| was)? (?:ripped|torn|split)'],
  ['cool comes back', '(?:let|left) it (?:cool(?: down| off)?|sit)(?: for)? (?:an|half an|a|\\d+|twenty|thirty)'
  + ' ?(?:hour|minutes?)s?,? (?:and )?it (?:started|starts|came back|comes back|kicked on|kicks on)(?: up)?'
  + '(?: again)? by itself'],
]
