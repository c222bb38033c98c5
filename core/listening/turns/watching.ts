/**
 * What was watched: how a figure went while something was shut, filled, rested or tried, told as it happened. Common
 * practice, no source.
 */
import { BUT, DOWN, inEitherOrder, SOUND, TO_GROUND } from './partsOfSpeech'
import type { Joined } from './turnOf'

const SHUT_MAIN = '(?:shut|closed|turned off|isolated) (?:the )?(?:main|valve|gate valve|ball valve|shutoff)(?: valve)?'
  + '(?: (?:to|for|going to)| where the (?:line|pipe) (?:goes|runs|tees off) to)+ the (?:house|barn|garden|sprinklers'
  + '|irrigation|yard|shop|stock tank|trough),? (?:and )?(?:it |the pressure |the gauge |she )?'
const WENT_UP = '(?:goes|went|shot|climbs|climbed|comes|came|builds|built)(?: straight| right)*(?: up)?(?: to \\d+)?'
const STOPPED = '(?:(?:clicks|clicked|shuts|shut|cuts|cut|kicks|kicked|stops|stopped)(?: right)?(?: off| out)?|off)'
const IS_OUT = '(?:is|are|\'s) (?:out|down|off|dead|gone)'
const N = '(\\d{2,3})(?: ?v(?:olts)?)?'
const WHILE = '(?:when|as|while|once) (?:it|she|the pump|the motor)'

/** Either side of an opened splice, and how it reads: bare figures are megohms there. */
const UP_TO_HOUSE = '(?:the )?(?:house side|(?:back |up )?to(?:ward)? the (?:house|panel|building|barn)|up|back'
  + '|(?:run|wires?'
  + '|cable|line)'
  + ' (?:to|from|toward|back to) the (?:house|building|barn|panel|shop|shed|starter))'
const DOWN_HOLE = '(?:the )?(?:down(?: the hole)?|well side|pump side|motor side|below(?: the splice)?)'
const SIDE_BELOW = '(?:pump|motor|well|down) side(?: of the splice)?'
const IS = '(?::|\'s| it\'s| is| are| reads?| megs?| out)*'
const WHOLE = `(?:${SOUND}|perfect|\\d{2,} ?m?)(?: to ground)?`

export const TURNS_OF_WATCHING: readonly Joined[] = [
  // opposites that lie near
  ['changed two gives less', '(?:swapped|switched|flipped|changed|reversed) two (?:of the )?(?:wires|leads'
  + '|legs)[^,]*(?:worse|less|lower|slower|weaker)'],
  ['links wrong', '(?:set(?: up)?|wired|strapped|jumpered|connected)(?: the motor'
  + '| it)? for (?:a )?2[0-4]\\d[^,\\d]*(?:on|gets|to) (?:a )?1[12]\\d', '(?:set(?: up)?'
  + '|wired|strapped|jumpered|connected)(?: the motor| it)? for (?:a )?(?:1[12]\\d|low voltage)[^,\\d]*(?:on'
  + '|gets|to) (?:a )?2[0-4]\\d'],
  ['coil figure right', 'coil(?:\'s| is)? (?:marked|stamped|rated)(?: for)? \\d+(?: volts)?,? (?:and )?that\'?s'
  + ' (?:right|correct|good|what)[^,]*'],
  ['gauge zero', '(?:the )?gauge (?:reads|says|shows) nothing'],
  ['load volts $1', 'out of the switch (?:i|we) only (?:get|have|see) (\\d+)'],
  ['across contact n1', 'across the (?:first|left) contact'],
  ['across contact n2', 'across the (?:second|middle) contact'],
  ['across contact n3', 'across the (?:third|right) contact'],
  ['across the pressure switch', 'across the contacts of the pressure switch'],
  ['across pole n$1 $2 volts', 'from line ([12]) to load \\1 it drops (\\d+)(?: volts)?'],
  ['stalls', '(?:quits|stops) climbing(?= at)'],
  ['precharge $1', 'air in the tank (?:measures|reads|is) (zero|nothing|\\d+)(?: psi)?'],
  ['terminals', '(?:the |both |all )?lugs(?= (?:are|were|is|look|tight|loose|burn|hot|in the))'],
  // words that say nothing by themselves
  ['reads', 'gives? me(?= \\d| zero| nothing)'],
  ['$1 terminals', '(incoming|line|load|main|line side|load side|top|bottom|two) lugs?(?! down)'],
  ['bothlegs', '(?:both|each|either)(?: of the)? (?:lugs?|screws?|terminals?|posts?)(?= to (?:the )?ground)'],
  ['n1 toground', '(?<=^ |, |and )a to (?:the )?ground'],
  ['n2 toground', '(?<=^ |, |and )b to (?:the )?ground'],
  ['n3 toground', '(?<=^ |, |and )c to (?:the )?ground'],
  ['severed', 'cut (?:clean |right )?in (?:two|half)'],
  ['floatcord', 'float(?:\'s)? (?:cord|wire|cable)'],
  ['calling', 'with (?:one|a|the) (?:\\w+ )?(?:faucet|tap|hose|spigot) (?:cracked|barely open)'],
  // how far down a thing was broken says nothing of what it is
  ['', '(?<=(?:broken|split|bare|skinned|nicked|hole|cut|chafed|burnt|rubbed|off)[^,]{0,25} )(?:about |some '
  + '|maybe |around )?(?:\\d+|two|three'
  + '|four|five|ten|twenty|thirty|forty|fifty|sixty|eighty|a hundred) (?:feet|foot|ft)(?: (?:above|below|down|up'
  + '|from)(?: (?:from )?the \\w+)?)?'],
  // volts
  ['zero betweenlegs, bothlegs toground $1', `(?:zero|nothing|0)(?: volts)? between(?: them)?,? (?:and `
  + `|but )?${N} to (?:the )?ground on`
  + ' (?:both|each)(?: of them| one)?'],
  ['$1 at rest, $2 when it\'s trying to start', `${N} (?:sitting still|standing still|static|not running`
  + `|just sitting),? (?:and |but )?(?:drops to |falls to |only )?${N} ${WHILE}[^,]*`],
  ['line $1 volts, load $2 volts', `${N} (?:on|at) (?:the )?top,? (?:and |but )?(\\d{1,3})(?: volts)? (?:on`
  + `|at) (?:the )?bottom`],
  ['$1 the $2', '(into|out of) the (breaker|disconnect|starter):'],
  ['into the $1', '(breaker|disconnect|starter) in:'],
  ['out of the $1', '(breaker|disconnect|starter) out:'],
  ['n1 toground $1 volts, n2 toground $2 volts', '(?<=(?:breaker|disconnect|side|switch)(?: in'
  + '| out)?:? )(1[0-3]\\d|\\d{1,2}) and (1[0-3]\\d|\\d{1,2})(?= ?$|,)'],
  ['zero volts behind the overload contact', '\\d+ (?:at|on) one side of the overload contact,? (?:and '
  + '|but )?(?:0|zero|nothing) (?:at|on) the other'],
  ['when it tries to start', 'with (?:the )?pump trying'],
  ['works fine', '\\d0[-/]\\d0 (?:good|fine)'],
  ['', '(?<=\\d ?(?:min|minutes|seconds|sec|psi|amps|volts)?), (?:it )?(?:was|used to be) \\d+(?: ?(?:min'
  + '|minutes|seconds|psi|amps|volts))?(?= ?$|,)'],
  ['belt slack', '(?:inch|inches)(?: and a half)? of slack'],
  ['gauge $1, runs on', 'gets to (\\d+) and (?:just )?runs and runs'],
  ['float load side zero volts', '(?:nothing|no power|zero)(?: volts)? (?:coming |going )?(?:back |out )(?:from'
  + '|of|through|on) the float[^,]*'],
  // pressures
  ['drops from $1 to $2 in 480 minutes', '(?:drops?|falls?|goes|went'
  + '|lost)(?: down)? from (\\d+) to (\\d+) (?:overnight|over night|by morning)'],
  ['gauge $1, runs on', 'runs at (\\d+) and (?:just )?(?:stays|sits|hangs)(?: there)?(?: forever| all day'
  + '| all night)?'],
  ['house valve shut buildsnow', `${SHUT_MAIN}${WENT_UP}(?:,? (?:and )?${STOPPED})`],
  ['leak in the house', '\\d+ (?:gallons? a minute|gpm|gallons per minute) going somewhere[^,]*'],
  ['ventscrew', '(?:cracked|opened|loosened|backed off) the (?:plug|bleeder|screw'
  + '|vent) on (?:top of )?the (?:house )?pump(?: and)?'],
  ['spits air', 'it (?:just )?(?:hissed|blew|spit|burped) (?:out )?(?:a lot of |a bunch of )?air(?: for [\\w ]+)?'],
  ['swapped two leads and it gives more, gauge $1 psi', '(?:swapped|switched|flipped|changed'
  + '|reversed) two (?:of the )?(?:wires|leads|legs),? (?:and )?(?:now )?(?:it\'s'
  + '|it|she\'s|we\'re)(?: is| now)? (?:making|makes|up to|building|at|gets|getting) (\\d+)'],
  ['stalls at $1 psi', 'only makes (\\d+) (?:pounds|psi) with everything (?:shut|closed|off)'],
  ['starts fine empty', 'if (?:i|you|we) (?:drain|dump|empty|bleed) (?:the tank|it)(?: down| out'
  + '| off)?,? it starts[^,]*'],
  ['hums, not start against pressure', '(?:but )?when it gets (?:back )?down to \\d+[^,]*(?:hums|groans|growls'
  + '|trips)[^,]*'],
  ['cistern empty', '(?:lid off the|looked in the|looked into the) (?:storage |holding )?tank and (?:there\'s'
  + '|it\'s got) nothing in (?:there|it)'],
  ['blocked', 'can(?:\'?t|not)(?: even)? see (?:daylight |light )?through the (?:nipple|port|hole|tube)'],
  ['insulation toground', '(?<!\\d ?)meg(?:s|g\\w*)? to ground(?: on the (?:motor )?leads)?'],
  ['water falls back', '(?:it|water|you can hear it) (?:trickling'
  + '|gurgling) (?:back )?down', 'water\'?s? (?:running|pouring) back down'],
  ['zero amps', '(?:clamp(?:-?on)?|amp ?clamp|clamp meter|meter) (?:says|reads|shows) (?:zero|0'
  + '|no) amps(?: on [\\w ]+?)?(?= ?$|,)', '(?:no|zero|0) amps on the'
  + ' (?:pump )?wires?(?: going| down)*(?: to the (?:well|pump))?'],
  ['gives it a spin', 'gave the (?:pulley|fan|flywheel|motor) a (?:quick |little )?(?:spin|turn|push)(?: by hand)?'],
  // what was filled, and what rested
  ['filled suctionline runs back', 'filled (?:the )?(?:drop ?pipe|suction(?: line| pipe)?'
  + '|pipe)[^,]*,? (?:and )?(?:watched it,? )?(?:the )?'
  + '(?:level|water|it)(?: level)? (?:goes|went|drops|dropped|fell|falls|runs|ran)(?: right)? (?:down|back|away)[^,]*'],
  ['let it rest comes back', 'let it (?:sit|rest|recover)(?: overnight| an hour| a while'
  + '| for [\\w ]+?)?,? (?:and )?(?:it|we|she) (?:gave|got|had|made)'
  + '(?: us| me)? (?:another|some more|more|water)[^,]*'],
  ['precharge $1 psi', '(?:accumulator|bladder)(?: only)? (?:has|reads|is at|is|holds)(?: only)? (\\d+)(?: ?psi'
  + '| pounds)?'],
  ['stalls at $1 psi', '(\\d+) ?psi max(?:imum)?'],
  ['tap at the tank strong', '(?:hose bib|tap|spigot|faucet) (?:by|at|next to|beside) the tank (?:has|runs|is'
  + '|blasts)(?: \\w+)? (?:tons|lots|plenty|good|great|fine'
  + '|strong|full)(?: of (?:pressure|water))?'],
  ['filter out better', 'pulled the (?:cartridge|filter) and (?:the )?(?:\\w+ )?(?:is|came'
  + '|\\w+\'s) back(?: to normal)?'],
  ['delivery weak', 'fill (?:pipe|line)(?: only| just)? (?:trickles|dribbles|drips)'],
  ['works fine', '\\d+ starts in a row(?: no problem| without a miss| fine)?'],
  ['tank full', 'tank (?:is |at )?(?:100|a hundred) ?(?:percent|%)'],
  ['splice apart motor side whole', '(?:opened|cut|undid|broke)(?: up'
  + '| open)? the splices?(?: at the well ?head)?,? (?:and )?(?:going |looking )?down'
  + '(?: the hole| the well)?,? (?:i get |it reads |it\'s )?(?:(?:black|red|yellow) to (?:black|red'
  + '|yellow) )?(?:is |reads )?\\d+(?:\\.\\d+)?(?: ohms)?'
  + '(?= ?$|,)'],
  // insulation on either side of what was opened
  [', house side good well side shorted',
    ...inEitherOrder(`${UP_TO_HOUSE}${IS} ${WHOLE}`, `${DOWN_HOLE}${IS} ${DOWN}`)],
  [', pump side clear house side down', ...inEitherOrder(`${UP_TO_HOUSE}${IS} ${DOWN}`, `${DOWN_HOLE}${IS} ${WHOLE}`),
    `it'?s ${UP_TO_HOUSE} that'?s (?:grounded|down|shorted|bad)`],
  // one side alone: with a fault to ground, the sound side leaves the other
  ['house side zero to ground', `${TO_GROUND}${SIDE_BELOW}${IS} ${WHOLE}(?= ?$|,)`,
    `(?<!pump side clear )house side(?: of the splice)?${IS} ${DOWN}(?= ?$|,)`],
  ['pump side zero to ground', `${TO_GROUND}${SIDE_BELOW}${IS} ${DOWN}(?= ?$|,)`],
  ['splice open, motor is down', `(?:lead wires?|cable|drop wire|wires?)${IS} ${WHOLE}${BUT}motor${IS} ${DOWN}`],
  ['insulation toground $1 meg', '(?:meg|megs|megg\\w*|insulation)[: ]*t1 (0?\\.\\d+|\\d+),? t2 (?:0?\\.\\d+'
  + '|\\d+),? t3 (?:0?\\.\\d+|\\d+)'],
  ['$1', '(?:windings?|resistances?)(?: are| is| read)?:? ([byr]-[byr]|black to|yellow to|red to)'],
  ['relay contact 0 ohms', 'relay (?:contacts? )?(?:ohmed|ohms|reads|tests|measured)(?: out)? closed(?![^,]*, ?\\d)'],
  ['once it runs, runs', 'after it(?:\'s| is| was) running'],
  ['motor lead toground', 'from the (?:red|black|positive|hot)(?: pump)? wire to the (?:pump |motor )?(?:case'
  + '|frame|body|housing|shell)'],
  ['regulator stuck', '(?:bypassed|took out|jumped|went around) the regulator and (?:it|i|now it) (?:blows?'
  + '|runs?|works?|flows?|got|have)[^,]*'],
  ['', '(?:but )?never sounds? right'],
  ['startswitch stuck closed', '(?:points|contacts) (?:on|of|in) the (?:start(?:ing)? switch'
  + '|centrifugal(?: switch)?)(?: are| is)? (?:welded|stuck|fused)(?: shut| closed'
  + '| together)?'],
  ['belt off pump', '(?:the )?belts?(?:\'s| is| are)? off and (?:the )?pump'],
  // opened to read on either side of it, and no finding by itself
  ['', '(?:(?:at the (?:well|well ?head|head) )?(?:with )?(?:the )?splices? (?:open|apart|cut'
  + '|undone)(?: at the (?:well|well ?head|head))?:?)(?=[ ,]* , (?:pump'
  + ' side clear|house side good|cable is|motor is))'],
  // what lets go
  ['overload lets go again', 'overload (?:drops|kicks|trips|pops) out (?:anyway|again|regardless)[^,]*'],
  ['lights all out', `neighbou?r(?:'?s)?(?: \\w+)?(?:'?s)? (?:three phase|power|lights|service|shop) ${IS_OUT} too`],
  ['splice open, motor is down', `motor leads? (?:0?\\.\\d+|zero|0)(?: meg\\w*)? to ground with the cable (?:off`
  + `|cut off|disconnected)`],
]
