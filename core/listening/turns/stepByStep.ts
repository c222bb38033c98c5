/** Each step said as it is taken, and what it showed. Common practice, no source. */
import { AT_END, N, NOUGHT, VOLTS } from './partsOfSpeech'
import type { Joined } from './turnOf'

const GET = '(?:i (?:get|got|have|see)|i\'m (?:getting|seeing)|it(?:\'s| is| reads| shows)|there\'s|shows|reads)'
const THEN = '[.,;]? ?(?:and |but |then |so )*'
const POINTS = '(?:set(?: of (?:points|contacts))?|pair|pole|side|contact|point)'
const NOTHING = '(?:nothing|no (?:continuity|beep)|ol|open(?: line)?)'
const RINGS = '(?:has continuity|beeps|rings(?: out)?|closes)'
const OPENS = '(?:is |are |\'s |was )?(?:open|ol|dead|nothing|does not|doesn\'t|not)(?: beep| ring(?: out)?| have any)?'
const OF_SET = `(?:the (?:other|second)(?: ${POINTS}| one)?|the other's)`
const ONE = `(?:one|this|that|the first|the left)(?: ${POINTS}| one)?`
const ENDS = '(?:quits|stops|shuts off|cuts off|goes off|dies)'

/** What was measured across the points of a switch, dead. */
const OF_POINTS: readonly Joined[] = [
  ['left pole ol ohms', `(?:check(?:ing|ed)?|testing|tested?|measure)(?: for)? continuity across (?:this|the`
  + `|that|one|the`
  + ` left) (?:${POINTS}|points|contacts),?${THEN}(?:${GET} )?${NOTHING}`,
  `no continuity across (?:this|the|that|one|the left) (?:${POINTS}|points|contacts)`],
  ['left pole 0 ohms, right pole ol ohms', `${ONE} ${RINGS},?${THEN}${OF_SET} ?${OPENS}${AT_END}`],
  ['points open at zero', '(?:with the pressure (?:drained|off|gone|at zero),? )?(?:the )?(?:points|contacts'
  + '|switch) should be'
  + ' (?:closed|made)(?: now)?,? (?:but|and) (?:they\'re|it\'s|they are|it is) (?:still )?(?:open|not)'],
]

/** What a pressure does by itself, and what a lever does. */
const OF_PRESSURE: readonly Joined[] = [
  ['cutout $1', '(?<=^ ?|, ?|\\b(?:and|now|it|she|pump) )(?:shuts?|cuts?|kicks?|kicked|clicks?|clicked|turns?'
  + '|turned|goes'
  + '|went)(?: itself)?(?: right)? (?:off|out) at (\\d{2,3})(?: by itself| on its own| now)*(?= ?$|[,;](?! ?back))'],
  ['falls right off', `(?:then |and )?(?:it |pressure |the gauge )?(?:drops|falls|goes`
  + `|bleeds)(?: right)?(?: back)?(?: down)?`
  + ` to ${N}(?: ?psi| pounds)? in (?:about |like |maybe )?(?:[a-z]+`
  + `|\\d+) sec(?:ond)?s?(?: or so)? with (?:nothing running`
  + '|the pump off|everything off|everything shut|no water on|all the taps shut)'],
  ['lever tripped', '(?:the )?low[- ]pressure (?:switch|cut ?-?off)(?:\'s| has| is)? (?:kicked|tripped|dropped'
  + '|popped) ?(?:out'
  + '|off)?(?! as| when| every)'],
  ['held the lever, it runs', '(?:pull|pulled|push|pushed|hold|held|lift'
  + '|lifted)(?: up)? the lever(?: up)?(?: and hold it(?: there'
  + `| up)?| and held it(?: there)?)? (?:till|until) (?:it|the gauge|pressure|she)[a-z ]* ${N}(?: ?psi| pounds)?`],
  ['quits when i let go of the lever', `(?:as )?(?:soon as|the (?:second|minute|moment)|when|once`
  + `|every time) i let go(?: of)?`
  + `(?: the lever| it)?,? it ${ENDS}`],
  ['water came out of the air valve', '(?:let|bled|pushed) (?:some |the )?air out (?:of|at|from) the (?:top|tank|valve'
  + '|bladder|schrader)[a-z ]*(?:and|but) (?:i got |got )?water (?:came|comes|squirts|squirted|shot|shoots'
  + '|spits)(?: out)?'],
  ['water spits air', '(?:i )?(?:see|saw|got|there\'s|there are) (?:air )?bubbles (?:coming |rising )?(?:up '
  + '|out )?(?:through|in|at'
  + '|from|of) the (?:prim(?:e|ing)|fill) (?:hole|plug|port)'],
  ['vents for ten seconds when it stops', '(?:leaks|hisses|blows|spits)(?: air)? for (?:like |about |maybe '
  + '|only )?(?:[a-z]+'
  + '|\\d+) sec(?:ond)?s? (?:when|after|once) it (?:shuts off|stops|quits)(?: and| then)* (?:quits|stops'
  + '|goes quiet|shuts up)'],
]

/** Volts and ohms as they are read off, one after another. */
const READ_OFF: readonly Joined[] = [
  ['', '(?:the )?(?:pump|motor)(?:\'s| is) an? (?:\\d+(?:\\.\\d+)?|\\d/\\d|one|two|three'
  + '|half)(?: and a half)? ?(?:horse(?:power)?|hp)'],
  ['', '(?:the )?breaker(?:\'s| is) an? [1-9]\\d(?: amp)?(?= ?$|,| and )'],
  ['l1 to ground $1, l2 to ground $2, $3 volts', `${VOLTS} on (?:this|the first|the left|one)(?: one| leg| side`
  + `| screw)? to ground`
  + `${THEN}${VOLTS} on (?:that|the other|the second|the right|this)(?: one| leg| side| screw)? to ground`
  + `${THEN}${VOLTS} across(?: them| the two| both)?`],
  ['l1 to ground $1, l2 to ground $1, $2 volts', `${VOLTS} to ground on (?:each|either|both)(?: sides?| legs?`
  + `| one| of them)?${THEN}`
  + `${VOLTS} across(?: them| the two| both)?`],
  ['1-2 $1, 2-3 $2, 1-3 $3', `(?:leg |phase )?one to two[,:]? ?${N}[.,;]? ?(?:leg `
  + `|phase )?two to three[,:]? ?${N}[.,;]?`
  + ` ?(?:and )?(?:leg |phase )?(?:one to three|three to one)[,:]? ?${N}`],
  ['ohms $1, $2 and $3', `(?:phase|leg|lead) to (?:phase|leg`
  + `|lead),? (?:${GET} )?(\\d(?:\\.\\d+)?),? (\\d(?:\\.\\d+)?),? (?:and`
  + ' )?(\\d(?:\\.\\d+)?)(?! ?(?:v|volts|meg|k\\b))'],
  ['all three to ground 0.$1 megs', '(?:all (?:three|of them)|each)(?: legs?| leads?| phases?)?(?: are'
  + '| read)* to ground'
  + '(?: are| read| is)* (?:zero |oh )?point ([1-9]) meg(?:s|ohms?)?'],
  ['$1 volts at the pump', `${VOLTS} (?:right )?at the pump(?: plug)? (?:on|across`
  + `|between) the (?:two )?(?:wires|leads)`],
  ['cap $1 on a $2 to $3', '(?:(?:discharge|discharged|bled'
  + '|bleed)(?: off)? the cap(?:acitor)?(?: first)?,? (?:and |then )?)(?:the |my )?'
  + '(?:meter|it) (?:says|reads|shows) (\\d+)(?: ?uf| mike)?,? (?:and |but )?it(?:\'s| is) (?:rated|marked'
  + '|supposed to be)'
  + '(?: for| at)? (\\d+)(?: ?to ?| ?- ?)(\\d+)'],
  ['cap reads $1 uf', '(?:discharge|discharged|bled|bleed)(?: off)? the cap(?:acitor)?(?: off)?(?: first)?,? (?:and '
  + '|then )*(?:(?:put|stuck|hooked) (?:the|my|a) meter (?:on|to|across) it,? |(?:and )?(?:it|read|reads|measured'
  + '|checked)(?: it)? )+(\\d+)(?: ?uf| mikes?| microfarads?)?(?= ?$)'],
  ['coil $1 volts', `${VOLTS} (?:on|at) one (?:side|end) of the coil,? (?:and |but )?${NOUGHT}`
  + ' (?:on|at) the other(?: side| end)?'],
]

/** What was tried, and what it did. */
const TRIED: readonly Joined[] = [
  ['wires off at the well head, breaker $1', '(?:(?:went|walked|go) (?:out )?to the well(?: ?(?:cap'
  + '|head))?(?: and|,) )?(?:separated'
  + '|parted|split|pulled apart|took apart) the (?:wires|splices?|leads)(?: at the well(?: ?(?:cap'
  + '|head))?)?(?:,|;| and)*'
  + ' (?:it |breaker |the breaker )?(?:still )?(holds|trips)'],
  ['trips', 'trips on the (?:first|second|third|last)(?: one| wire)'],
  ['jumped the pressure switch, pulls in', '(?:jump|jumping|bridge|bridging'
  + '|short) (?:out )?the (?:pressure )?switch(?: out)?'
  + '(?: and|,|then|;)* (?:she|it|the contactor|the starter) (?:pulls|pulled|kicks|snaps|drops) in'],
  ['unplugged the float, stops', `(?:unplug|unplugged|pull|pulled|disconnect`
  + `|disconnected)(?: the plug on)? the float(?: plug`
  + `| wires?)?(?: off)?(?: and|,|then|;)* (?:it|the pump|she) ${ENDS}`],
  ['float lifted still runs', '(?:lift|lifted|raise|raised|hold|held|picked|pick)(?: up)? the float(?: up'
  + '| by hand| all the way)*'
  + '(?: and|,|but|;)* (?:it|the pump|she) (?:still )?(?:keeps? (?:on )?(?:going|running)|still runs'
  + '|keeps pumping|runs on)'],
  ['cleaned the contacts', '(?:took|used|ran) a (?:toothbrush|wire brush|file|dollar bill|emery board|nail file'
  + '|piece of'
  + ' (?:sandpaper|emery)) (?:to|on|through|across|over) the (?:contacts|points)'],
  ['box smells burnt', '(?:open(?:ed)?(?: up)?|pull(?:ed)?|took|pop(?:ped)?) (?:up |open |off )?the (?:lid|cover'
  + '|box|control box)'
  + '(?: off| open)?[a-z ,]*(?:i can|you can|could)? ?smell (?:it|something burnt|burnt|smoke)(?: right away)?'],
]

const LAMP = 'test ?(?:light|lamp)'
const LIGHT = `(?:the |my )?${LAMP}`
const ROW = `${N},? ${N},? (?:and )?${N}`

/** What a lamp, a row of screws, a plate say. */
const LOOKED_AT: readonly Joined[] = [
  ['power at the $1', `(?:tested|checked|looked) for power with (?:a |my )?${LAMP} at the (pump|motor|switch|fuse)`
  + '(?: plug)?(?: and|,) (?:it|she) (?:lights?(?: up)?|lit(?: up)?|comes on|glows)',
  `${LIGHT} (?:lights|lit)(?: up)? at the (pump|motor|switch|fuse)(?: plug)?`],
  ['0 volts at the $1', `${LIGHT} (?:doesn't|does not|won't|not|didn't) (?:light|come on|glow|lit)(?: up)? at the`
  + ' (pump|motor|switch|fuse)(?: plug)?'],
  ['line $1 $2 $3, load $4 $5 $6', `${ROW} (?:on|at|across) (?:the )?top${THEN}${ROW} (?:on|at`
  + `|across) (?:the )?bottom`],
  ['$1 to yellow open, $2 to yellow open', '(red|black) to yellow and (red'
  + '|black) to yellow (?:are )?(?:both )?(?:read )?'
  + '(?:open|ol)'],
  ['$1 to ground 120, $2 to ground 120, $3 to ground 0', '(?:has |have |got )?power on (?:n|l'
  + '|leg )?([abc]) and (?:n|l|leg )?'
  + '([abc])(?: legs?)?,? (?:but |and )?(?:no power on |none on |not on )?(?:n|l|leg )?([abc])(?: leg)? ?(?:is '
  + '|was )?(?:dead'
  + '|gone|missing)?'],
  ['$1 volts across', `across (?:the two(?: of them)?|both|them)(?: of them)? ?(?:it's|is|reads|i (?:get|got)`
  + `|there's|just|,)*`
  + ` (zero|nothing|${N.slice(1, -1)})(?: ?v(?:olts?)?)?`],
  ['tank is full', '(?:the )?(?:tank|cistern)(?:\'s| is) up to the top'],
  ['tapped the switch, it starts', '(?:flicked|flicking|tapped|rapped|hit) (?:on )?the side of (?:it'
  + '|the switch)(?: and|,)* it'
  + ' (?:came|comes|kicked|went) (?:on|in)'],
  ['switch mechanism sticks', 'lever(?:\'s| is) rusted and (?:hangs up|sticks|binds|gets hung up)'],
  ['screen $1', '(?:took|pulled) the (?:screen|strainer|basket)(?: out)? (?:off|out|from)(?: of)? [a-z ]*(?:and'
  + '|,) it(?:\'s| is| was)'
  + ' (packed with rust|packed|plugged|full of (?:leaves|rust|sand|junk|slime))(?: flakes)?'],
  ['starts only when empty', '(?:it )?(?:won\'t|will not|not|doesn\'t) (?:start|go)(?: again)? (?:till|until'
  + '|unless) i (?:bleed|drain'
  + '|dump)(?: it| the tank)*(?: (?:off|down|out))?'],
  ['one contact burnt', '(?<=contacts[^;]*)(?:the )?(?:first|second|third|left|middle|right'
  + '|center)(?: one)?(?:\'s| is| was)'
  + ' (?:burnt|burned|gone)(?: down| off| away)*(?: to (?:the bar|nothing))?'],
  ['gauge $1 psi', `only (?:makes |making )?${N}(?: ?psi| pounds)? at the (?:well ?)?head`],
  ['$1 broken somewhere down the well', '(?:so )?(?:the )?(red|black|yellow)(?:\'s| is)? (?:open|broke|broken'
  + '|cut) (?:somewhere )?'
  + '(?:between|from) the (?:house|box)(?: and| to) the (?:well|pump)(?: ?head)?'],
  ['', `(?:checked )?past the splice(?: and|,)* i (?:get|got|have) ${N}(?: ohms)? (?:on|from|across) (?:red`
  + `|black|yellow) to`
  + ' (?:red|black|yellow)'],
  ['cable cut', '(?<=\\b(?:dug|digging|fence post|trench)[^;]*)(?:the )?(?:wire|cable)(?:\'s| is'
  + '| was)? cut(?: in two| through)?'],
  ['', '(?<=(?:starter|contactor)[^;]*)(?:the )?float(?:\'s| is) under (?:the )?water'],
  ['works', 'runs with the float under(?: water)?(?:,? and (?:quits|stops) when it(?:\'s| is) (?:out|up))?'],
  ['suction line has a pinhole', '(?:the )?suction (?:pipe|line|hose)(?:\'s| has)(?: got)? an? (?:pinhole'
  + '|little hole|hole|crack)'
  + '(?:,? (?:you|i) can hear it (?:hiss|suck)(?:ing)?)?'],
  ['cycles every few seconds', '(?:it |pump )?runs for a sec(?:ond)? then (?:stops|quits),? then runs(?: again)?'],
  ['utility lost a leg', '(?:they |we )?lost (?:one|a) (?:phase|leg) at the (?:pole|transformer|street)'],
  ['wrong coil', '(?:the )?(?:contactor|coil|starter)(?:\'s| is| has)(?: got)? an? (?:120|208|240|24'
  + '|480)(?: ?v(?:olts?)?)? coil'
  + '(?= ?$)'],
  ['plate says $1, wired for $2', '(?:it |plate |tag )*says (115|120|230|240)(?: volts?)? on the (?:plate|tag'
  + '|label),? (?:and |but )?'
  + '(?:he\'s|they|somebody|he|they\'ve|it\'s)(?: got it| has it| had it| got)?(?: wired)?(?: on| for| to)+ (115'
  + '|120|230|240)'],
  ['inlet $1 psi, gauge $2 psi', `(?:got |have )?${N}(?: ?psi| pounds)? coming in(?: from the street)?,? (?:and `
  + `|but )?${N}`
  + '(?: ?psi| pounds)? (?:going|coming) out'],
  ['relay open', '(?:that |the )?(?:start )?relay(?:\'s| is)? stuck open(?:,? (?:it\'s )?not (?:sending|getting'
  + '|passing)[a-z ]*)?'],
  ['starts by itself', '(?:every time|when) (?:you|they|somebody|anybody|i) flush(?:es)?(?: the'
  + '| a)? toilet,? the pump (?:kicks|comes)'
  + ' (?:on|in)'],
  ['crack in the drop pipe', '(?:pulled|pulling) (?:up )?(?:\\d+ (?:feet|ft) of |the '
  + '|all the )?(?:drop )?pipe(?: up)?[a-z ]*'
  + '(?:found|there\'s|and has|with) a (?:crack|split|hole)(?: in it)?'],
  ['shaft stiff', '(?<!motor |housing )(?:makes|making|made|has)? ?(?:a |an )?'
  + '(?:awful |terrible |loud )?grinding (?:noise'
  + '|sound)(?: like (?:rocks'
  + '|gravel|marbles)(?: in it)?)?'],
  ['terminals burnt', '(?:the )?(?:plug|prong|receptacle)(?:\'s| is| was)? (?:melted|burnt|burned'
  + '|fried)(?: on one (?:prong|side))?'],
  ['one line fuse blown', 'one of the (?:line |main )?fuses is (?:gone|open|popped|burnt|bad|dead)'],
  ['vent air', '(?:the )?(?:pressure |house |second |booster )?pump(?:\'s| is)? air ?-?(?:bound|locked)'],
  ['float stuck down', '(?:the )?(?:top|upper|high|fill) float(?:\'s| is)? stuck down(?: so it (?:never|does not'
  + '|doesn\'t)'
  + ' shuts? off)?'],
  ['well breaker trips at once', 'breaker (?:for|on|of) the (?:fill|well|supply) pump trips(?: right away'
  + '| at once)? every time'
  + ' it calls'],
  ['flywheel won\'t turn by hand', '(?:i )?(?:can(?:\'t|not)|not) turn the (?:pump|head|compressor'
  + '|flywheel) (?:over )?by hand'],
  ['start $1 amps, trips after some seconds', `(?:put|got|have|had) (?:my |the )?(?:amp )?clamp on (?:one leg|it`
  + `|a leg|one wire|a wire)[a-z ,]*`
  + `(?:goes|shoots|jumps|spikes|runs)(?: right| all the way)? up to ${N}(?: amps?)? and stays there (?:till`
  + `|until) (?:it|the breaker|she) (?:trips|kicks|pops)`],
  ['', '(?<=(?:hums|groans|growls|buzzes)[^;]*)(?:and )?the belt (?:doesn\'t|does not|won\'t|not) move'],
]

const CHECKED = '(?:i )?(?:checked|tested|measured|metered|ohmed)'

/** What was checked, and how it was. */
const CHECKED_SO: readonly Joined[] = [
  ['overload contact ol ohms', `${CHECKED} (?:out )?(?:the )?(?:overload )?contact,?${THEN}(?:it(?:'s| is| reads) )?`
  + '(?:open|ol) with the (?:reset )?button (?:pushed )?in'],
  ['works fine', '(?:ran|cycled|ran it through|put it through) it (?:in|through|for) (?:two|three'
  + '|four|five|six|several) (?:full |whole )?(?:turns|rounds|starts)(?: in a row)?'],
  ['shaft stiff', '(?:with the power off )?i can (?:just |barely )?turn (?:it|the shaft|her)(?: by hand)?,? but'
  + ' (?:it\'s|it is|she\'s) (?:awful |real |really |pretty |very )?(?:tight|stiff|hard|rough)'],
  ['switch closed', `(?:pull|pulled|take|took|lift|lifted) (?:a|one) wire off (?:of )?the (?:pressure `
  + `)?switch(?: and|,|then|;)* (?:it|the pump|she) ${ENDS}`],
  ['', '(?:put|got|hung|clipped) (?:an|my|the) (?:amp ?meter|ammeter|amp clamp|clamp meter) (?:on|around) (?:it'
  + '|them|one'
  + '|the (?:wire|lead|leg))(?: and|,)*'],
  ['gauge 0', '(?:look(?:ing|ed)?|looked) at the gauge(?: and|,)* it(?:\'s| is| was) (?:on|at|reading) zero'],
  ['breaker tripped', '(?:breaker|double[- ]pole)[a-z ]* (?:is|was|\'s) in the middle(?: position)?'],
  ['runs a few minutes then quits', '(?:pump |it )?(?:came|comes) on for (?:about )?(?:a minute'
  + '|\\w+ minutes)(?: or so|,)* (?:and|then)'
  + ' (?:quit|quits|stopped|stops)'],
  ['$1 at the load side', `${CHECKED} for (2\\d\\d`
  + `|1[12]\\d)(?: ?v(?:olts)?)? at the bottom,? (?:and )?(?:it(?:'s| was) )?(?:good`
  + '|there|ok)'],
  ['motor winding ol ohms', `${CHECKED} (?:the )?(?:resistance|ohms) (?:on|across|between) the two (?:pump `
  + `|motor )?wires(?: and|,)*`
  + ' (?:it(?:\'s| is) )?(?:infinite|open|ol)'],
  ['motor winding $1 ohms', `${CHECKED} (?:the )?(?:resistance|ohms) (?:on|across|between) the two (?:pump `
  + `|motor )?wires(?: and|,)*`
  + ` (?:it(?:'s| is) |i get |got )?${N}(?: ohms)?`],
  ['start cap ol uf', `${CHECKED} the (?:start )?cap(?:acitor)? with (?:a|my|the) meter(?: and|,)* it(?:'s| is`
  + `| reads| was) open`],
  ['prime gone', 'priming it (?:every (?:day|morning|time)|all the time)'],
  ['starts only when empty', '(?:took|let|bled|dumped) the (?:pressure|air) off(?: and|,)* it (?:started'
  + '|starts)(?: right up| fine'
  + '| up)?'],
  ['$2 amps, dial at $1',
    `(?:the )?overload(?:'s| is) an? ${N} amps?(?: and|,| but)* (?:it(?:'s| is)|motor(?:'s`
    + `| is)) (?:pulling|drawing)`
    + ` ${N}(?: amps)?`],
  ['cable by itself good to ground', '(?:megged|meg|checked|tested) (?:just'
  + '|only) the cable(?: by itself)?(?: and|,)* (?:it(?:\'s'
  + '| is| was) )?(?:good|fine|clear|ok)'],
  ['wellhead open too', '(?:at )?(?:the )?well ?head(?:,? (?:the )?(?:motor|pump) side)?'
  + ' (?:r|b|y|red|black'
  + '|yellow)(?: to |-)'
  + '(?:r|b|y|red|black|yellow) (?:is |reads )?(?:ol|open)(?: too| as well)?'],
  ['float held down', '(?:the )?float(?: switch)?(?: tests| is| reads|\'s)+ closed (?:in both positions'
  + '|both ways|up and down|up or'
  + ' down|no matter what)'],
  ['', '(?:the )?light on the (?:control )?box is (?:out|off)'],
]

const INCHES = `${N}(?: inches|")(?: of vacuum)?`
const PULLS = '(?:pulls|pulling|pulled|makes|making|reads|reading|shows|showing|gets|holds|is at|at)'
const SUCTION = '(?:the )?(?:suction|vacuum)(?: gauge| line| side)?(?:\'s| is)?'

/** Inches of mercury on the suction, however they are told. */
const OF_SUCTION: readonly Joined[] = [
  ['vacuum low', `${SUCTION} (?:only |barely |just )+${PULLS} ${INCHES}`,
    `(?:only|barely|just) ${PULLS} ${INCHES} (?:on|at|in) ${SUCTION}`],
  ['vacuum $1 inches', `${INCHES} (?:on|at|in) ${SUCTION}(?= ?$|,| and)`, `${SUCTION} ${PULLS} ${INCHES}`,
    `(?<=^ ?|, ?)${PULLS} ${INCHES}(?= ?$|,| and)`],
  ['vacuum jumps', `(?:the )?needle (?:jumps|bounces|swings|dances)(?: around)? (?:between|from) ${N} (?:and|to) ${N}`
  + '(?: inches)? (?:on|of) (?:the )?(?:vacuum|suction)(?: gauge)?'],
]

export const TURNS_STEP_BY_STEP: readonly Joined[] = [
  ...LOOKED_AT, ...CHECKED_SO, ...OF_POINTS, ...OF_PRESSURE, ...OF_SUCTION, ...READ_OFF, ...TRIED,
]
