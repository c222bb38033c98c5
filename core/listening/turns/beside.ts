/**
 * Turns of speech that stand beside what was found, and those by which it was made ready: what a plate says next to a
 * figure, how it was made safe, who was sent to look. Tried before all others; what becomes nothing is passed over.
 */
import type { Joined } from './turnOf'

const FIGURE = '\\d+(?:\\.\\d+)?'
const NOUGHT = '(\\d{1,3}|nothing|zero|none)'
const OFF = '(?:pulled|lifted|disconnected|unhooked|undid|removed|unlanded)'

export const TURNS_BESIDE: readonly Joined[] = [
  // said again, rightly
  ['$1', `${FIGURE}(?: ?(?:v|volts?|amps?|psi|ohms?))?[.…, ]+(?:no[, ]+)?(?:sorry|wait|i mean|correction|make`
  + ` that),? `
  + `(${FIGURE})`],
  // what a plate says is not read: `4.8 against 6.9`, `4 on a motor that says 8`
  [
    '',
    `(?<=\\d(?: ?(?:a|amps?))?,? )(?:against|versus|vs\\.?|compared (?:to|with)|where the (?:plate|tag) says)`
    + `(?: the| a)?(?: plate| plate's| tag| tag's| rated| plate of)? ${FIGURE}(?: ?(?:a|amps?))?`
    + '(?: on the (?:plate|tag))?',
    `(?:on|for) an? (?:motor|pump|one) (?:that |that's |plated |tagged |rated )*(?:says |reads |for |at )*${FIGURE}`
    + '(?: ?(?:a|amps?))?(?: on the (?:plate|tag))?(?= ?$|,)',
  ],
  ['amps $1', `amps (?:are |is |at |low |high |only |a bit low |,? ?)*(${FIGURE}) on (?:an? )?${FIGURE}(?= ?$|,)`],
  ['', 'amps? (?:are|is|were)(?: well| way| just| a bit| still)? (?:under|below|less than|within|over) the'
  + ' (?:plate|tag'
  + '|nameplate)'],
  // made ready, made safe
  ['', '^ ?(?:bled|discharged) (?:it|them|the cap)(?: off| down| out)?(?=,? (?:and )?(?:the )?(?:cap|it) (?:reads'
  + '|tests|is|at|measures|checks) )'],
  ['', '(?<=\\d(?: psi| pounds)?) so (?:it|she) (?:ought|should|needs)[^,]*'],
  ['$1 line three', '(\\d{3})(?: volts?)? on all(?= ?$)'],
  ['$1 amps three', `(${FIGURE}) ?(?:amps?|a) (?:on )?each(?= ?$)`],
  ['zero', '(?:flat|dead|stone|sitting|resting) (?:on|at) (?:zero|0|nothing)'],
  ['', '^ ?(?:the )?(?:power|breaker|disconnect)(?:\'s| is)? (?:off|locked|locked out|down|pulled)(?: and proven)?'
  + '(?=, )'],
  ['', '^ ?dead,(?= .*(?:ohm|ground|earth|continuity|meg|across|lead))'],
  ['', '(?:rocked|bumped|kicked|jogged|tried) it (?:with|by) [^,]*(?:reversed|swapped|backwards)[^,]*'],
  ['', 'with (?:the )?(?:contactor|starter) (?:pulled |sucked )?in(?= ?$|,)'],
  ['', '(?<=amps? [^,]*)the whole time(?: (?:till|until) [^,]*)?'],
  ['$1 off', `${OFF} (?:the |both |all )?((?:pump |motor |load |two |three |both )*(?:wires|leads)) off(?: of)?(?=`
  + ` )`],
  ['off at the starter', 'off (?:of )?the bottom of the (?:starter|contactor|overload)'],
  ['breaker holds', 'breaker (?:then |now )?(?:stays|stayed|will stay) (?:on|in|set|put|up)(?: now| then| fine)?'],
  ['does not trip', 'no more (?:trips|tripping)'],
  ['motor cool', '(?<!let it )runs? (?:nice and )?cool(?:er)?(?: now)?(?= ?$|,)'],
  // legs, leads and the way through
  [
    '$1 n1 toground $2, $1 n2 toground $3',
    `(load|line)(?: side)?,? (?:each )?legs? to (?:ground|neutral) ${NOUGHT}(?: volts?)?,? ?(?:and|\\/) ?${NOUGHT}`,
  ],
  [
    'into the switch $1, $2 outofit',
    `(\\d{2,3})(?: volts?)? (?:into|going into|going in) the (?:pressure )?switch,? (?:and |but )?${NOUGHT}`
    + '(?: volts?)? (?:out|coming out|going out|past it|after it|on the other side)(?= ?$|,)',
  ],
  ['$2 amps $1, $3 amps $1', `(${FIGURE}) ?(?:amps?|a) on (?:the )?(black|yellow|red) and (?:the )?(black|yellow`
  + `|red)`],
  [
    'to ground $1 megohms',
    `(?:t1,? t2,? (?:and )?t3|all three|each lead|(?:the )?leads) to (?:ground|earth|case|frame)(?: is| are| reads?)?`
    + ` (${FIGURE})[ /,]+\\1[ /,]+\\1(?: ?meg\\w*)?`,
    `(?:insulation tester|meg\\w*) (?:on|to|at) the [\\w ]{3,30}?(?: reads| shows| says)?:? (${FIGURE}) ?meg\\w*`,
  ],
  // what is not said to be insulation and can be nothing else
  [
    'to ground $2 megohms',
    `meg\\w*(?: \\w+){0,6}? to (?:the )?(?:ground|earth|frame|case),? (?:on |at )?(all three|both|each)(?: of`
    + ` them)?(?: at| is| are| read)? (${FIGURE})`,
  ],
  [
    'to ground over 100 megohms',
    '(?:all (?:three )?)?(?:the )?megs?(?: are| is| all| look| check| came)*(?: out| up)? (?:clear|clean|infinite'
    + '|wide open)(?: to ?(?:the )?(?:ground|earth|frame|case))?',
  ],
  [
    'to ground $1 megohms', `megs?(?: are| is)? (?:good|fine|great|okay|ok|high),? (?:over |about |at`
    + ` )*(${FIGURE})(?: meg\\w*)? ?(?:on|at)? ?(?:all three|both|each|all)?(?: of them| leads)?`,
  ],
  ['windings $1 and $2 ohms', `(?:ohms|resistances)(?: are| is| look| check| read)*(?: out)? (?:right|good|fine|ok`
  + `|okay|normal|in spec),? (${FIGURE}) and (${FIGURE})`],
  ['0 volts $1', 'nothing (?:between|across) ((?:yellow|red|black) (?:and|to) (?:yellow|red|black))'],
  // runs, said of its spirits
  ['runs', '(?:perked|woke|fired|spun|lit)(?: right| straight)? up(?= ?$|,)', 'took right off(?= ?$|,)', 'came'
  + ' (?:alive|to life)'],
  [
    'secondreturn',
    '(?:ran|put|hooked|clipped|used|jumped)(?: a| in a)? (?:jumper|lead|wire|clip lead)(?: wire)? from the'
    + ' (?:black|negative|ground|return)(?: wire| side)? (?:straight |right )?to (?:the )?(?:battery(?: negative|'
    + ' ground)?|negative post)',
  ],
  ['suction union sucks air', '(?:(?:squirted|sprayed|put|smeared|rubbed) )?(?:some )?(?:shaving cream|foam|soap'
  + '|grease)(?: \\w+){0,2} (?:round|around|on|over) the'
  + ' suction (?:union|joint|pipe|fitting)[^,]*?(?:and )?(?:it )?(?:sucked|pulled|drew) (?:it|the \\w+) (?:right'
  + ' )?in'],
  ['strainer bubbles', '(?:clear )?(?:bowl|cap|lid)(?: on the strainer)(?: was| is) loose'],
  ['not spits', '(?:the )?(?:spitting|sputtering|air)(?: has| then)? (?:stopped|quit|went away)'],
  ['swapped two leads', '(?:swapped|switched|reversed|flipped|changed) (?:any )?two (?:legs|phases|lines|hots'
  + '|wires)(?: over)?(?: at the \\w+)?'],
  ['motor is down', '(?:going |looking )?down(?: the hole| the well)? (?:is |reads )?0(?:\\.0+)? ?meg\\w*'],
  ['float lifted not stop', '(?:lifted|raised|held up) the float(?: [\\w ]+?)? and (?:it|the pump|she) (?:kept'
  + '|keeps|just kept)(?: right)?(?: on)? (?:running|pumping|going)'],
  ['wellhead reads whole', `at the well ?(?:cap|head)(?:,? (?:leads|wires) (?:off|apart))?(?: below the cap)?,? `
  + '(?:black[ -](?:to |and )?yellow|the leads|they)(?: is| are| reads?)? (?:[1-9]|[1-5]\\d)(?:\\.\\d+)?'
  + '(?: ohms?)?(?= ?$|,)'],
  ['motor $1 volts', `(?:only )?(${FIGURE})(?: volts?)? (?:red to black|positive to negative|across (?:red`
  + `|positive) and`
  + ' (?:black|negative)) (?:at|on) the (?:pump|motor)'],
  ['', `${FIGURE}(?: volts?)? (?:at|on) the (?:pump|motor),? (?:red|positive|hot)(?: wire| lead)? to (?:the`
  + ` )?(?:battery`
  + ' (?:negative|ground)|negative post|chassis|frame)'],
  [
    'secondreturn',
    '(?:ran|put|hooked|clipped|used) (?:a |in a )?(?:jumper|lead|wire|clip lead)(?: wire)? from (?:the )?(?:pump'
    + '|motor)'
    + '(?:\'s)? (?:black|negative|ground)(?: wire| lead)?(?: straight| right| direct)? to (?:the )?'
    + '(?:battery(?: negative| ground)?|negative post)',
  ],
  // what was tried by hand
  ['pushin', '(?:pushed|push|shoved|pressed|held|forced|stuck) (?:it|her|the (?:starter|contactor|armature|plunger))'
  + ' (?:in|down|closed)(?: by hand| with [^,]*?| manually)?(?=,? (?:and |then )?(?:it|she|the (?:pump|motor)))'],
  [
    'tapped the motor and it runs',
    '(?:tap|tapped|rapped|hit|whacked|banged|bumped|smacked|knocked)(?: on)? (?:it|the (?:end bell|motor(?: case'
    + '| housing)?|pump(?: body| motor)?|back of the motor))(?: with [^,]*?)?,? (?:and )?(?:it|she) (?:goes|went'
    + '|runs|ran'
    + '|starts|started|takes off|took off|came on|comes on|kicked on|kicks on|woke up)(?: for a second| a second|'
    + ' a bit)?',
  ],
  ['startswitch stuck open', 'end (?:cover|bell|cap)[^.]{0,60}(?:points|contacts) (?:stand|are|stay|were|stuck)(?:'
  + ' stuck)?'
  + ' open'],
  ['suction joint sucked in the soap', '(?:shaving cream|soap(?:suds)?|foam|grease|smoke)(?: on| at| around)(?: the)?'
  + ' (?:suction )?(?:union|joint|fitting|line|pipe|elbow)(?: gets| got| is| was)? (?:pulled|sucked|drawn)(?:'
  + ' right)? in'],
  [
    'swapped two leads pressure up',
    'swapped two leads,? (?:and |then |now )*(?:(?:it|she|pressure|the pressure|gauge) )?(?:now )?(?:came|comes'
    + '|went|goes'
    + '|shot|jumped|climbed) (?:right |straight |all the way |back )*up(?: to \\d+(?: psi| pounds)?)?',
  ],
  ['outletvalve shut', '(?:pinched|clamped|kinked) (?:off )?the (?:outlet|discharge|pressure) (?:hose|line'
  + '|tube)(?: shut'
  + '| off| closed)?'],
  ['stilldoes', '(?<=outletvalve shut,? )(?:and )?(?:it )?still (?:does ?n[\'’]?t|won[\'’]?t) (?:stop|quit|shut'
  + ' off)'],
  ['impeller off motor still stuck', '(?:pulled|took) the (?:pump|wet) end off(?: (?:of )?the motor)?,? (?:and'
  + ' )?(?:the )?'
  + 'motor(?: shaft)?(?: alone| by itself)? (?:still )?(?:won[\'’]?t|ca[n]?n?[\'’]?t|does ?n[\'’]?t) (?:turn|budge'
  + '|move)'],
  ['ventscrew air', '(?:opened|cracked|loosened|pulled) the (?:prim(?:e|ing) plug|bleed(?:er)?(?: screw)?|vent(?:'
  + ' screw'
  + '| plug)?|plug)(?: on top(?: of the pump)?)?(?: up| off)?,? (?:and )?(?:got )?(?:just |nothing but )?(?:air|it'
  + ' hissed)[^,]*(?:, then (?:solid )?water)?'],
  ['wiggle panelswitch', 'wiggl\\w* the switch on the panel'],
  ['tap the switch starts', '(?:lifted|pushed|pressed|worked|moved) the (?:plate|contacts|points|bar|arm|mechanism)'
  + '(?: [\\w ]{0,34})?,? (?:and )?(?:the )?(?:pump|it|she) (?:(?:comes|came|kicks|kicked) on|runs|ran|starts|started'
  + '|takes off)'],
  ['', '(?:then )?(?:i )?let go and it (?:drops|dropped|falls|opens|opened|goes) (?:right )?(?:back )?(?:out|off'
  + '|open)'
  + '(?: again)?'],
  ['pumpvalves sand', 'sand (?:holding|under|in|stuck in|keeping|stuck under) the valves(?: open)?'],
  ['known belt off motor runs', 'belt off,? (?:and )?(?:the )?motor (?:runs|spins|turns)(?: free| fine| good|'
  + ' normal| easy)*'
  + '(?:,? (?:at |pulls |draws )?\\d[\\d.]* ?amps?[^,]*)?'],
  ['second gauge differs', '(?:my own|another|a good|a test|my) gauge on the (?:hose bib|tap|spigot'
  + '|faucet)[^\\d]{0,12}\\d+ on,?'
  + ' (?:and )?\\d+ off'],
  ['', '\\d+ to \\d+ (?:volts? )?out depending[^,]*'],
  ['check valve stuck shut', '(?:pressure |gauge )?(?:between|ahead of|before|below|under) the (?:pump and the'
  + ' )?check'
  + '(?: valve)?[^,]*\\d+,? (?:and |but )?(?:nothing|zero|0|no pressure) (?:after|past|above|behind) it'],
  ['the $1 toground', 'between (?:the )?(motor leads?|leads?|windings?) and (?:the )?(?:frame|case|ground|shell'
  + '|housing)'],
  ['toground', 'to (?:the )?(?:pipe|casing|well casing|conduit|chassis|frame|case|shell|housing)(?= ?[:,]? ?(?:\\d'
  + '|zero|open'
  + '|is |reads ))'],
  ['to ground $1 megohms', `meg\\w* (?:the )?(?:motor )?(?:leads? )?(?:to ?ground) ?[:,]? ?(\\d*\\.?\\d+)(?![\\d.]`
  + `| ?ohms?)(?: ?meg\\w*)?`],
  ['leads off at the switch', '^ ?(?:i )?(?:disconnected|unhooked)(?: it| the pump| the wires| the leads| the'
  + ' (?:motor )?whip)? at the'
  + ' (?:pressure )?'
  + 'switch'],
  ['$1 holds', '(breaker|fuse|gfci) ?(?:is|[\'’]s) happy'],
  ['motor side to ground', '(?:with )?the splice (?:apart|open|cut)[, ]+(?:the )?(?:motor|pump)(?: side)? (?:still'
  + ' )?(?:reads|is'
  + '|shows) (?:0?\\.\\d+|0|zero|dead|\\d(?:\\.\\d+)?)(?: ohms?)? to ?ground'],
  ['cablegood', '(?:the )?(?:wire|cable) is (?:clean|clear|good|fine)(?= ?$|,)'],
  ['n1 toground $1, n2 toground $2', `one (?:screw|leg|side|terminal|hot) to ground (\\d+)(?: volts?)?,? (?:and `
  + `|but )?(?:the )?`
  + `other(?: one)?(?: is| reads)? ${NOUGHT}`],
  ['breaker stab loose', 'loose on the (?:bus )?bar'],
  ['', 'breaker won[\'’]?t latch(?: solid| right| all the way)?(?=,)'],
  ['out of the breaker', '(?:at |on )?(?:the )?breaker load(?: screws| terminals| lugs| side)?'],
  ['noth outofit', '^ ?(?:and |but )?(?:nothing|zero|0)(?: volts?)? (?:after|past|behind|beyond) it ?$'],
  ['control $1 volts', 'control (?:voltage|volts|power) (\\d+)(?: volts?)? (?:ahead of|before|into) the'
  + ' overload(?: contact)?'],
  ['outletvalve shut stilldoes', '(?:shut|closed) the valve (?:on|at|after) the pump(?: outlet)?,? (?:and )?it still '
  + '(?:won[\'’]?t|does ?n[\'’]?t) (?:stop|quit|shut off)'],
  ['', '(?:and )?it should (?:stop|shut off|cut out|cut in|start|come on|be)(?: at)? \\d+(?: psi| pounds)?'],
  ['unloader blows while running', '(?:air )?(?:hiss\\w*|leaks?|blow\\w*|bleeds?)(?: out)?(?: of| from)?(?: under|'
  + ' underneath'
  + '| the bottom of)? (?:the )?(?:pressure switch|unloader)(?: the whole time| all the time| whenever| while|'
  + ' when)+ (?:it'
  + '[\'’]?s|it is|the (?:pump|motor|compressor) is) (?:running|pumping|going)'],
  ['', 'stops hissing when it (?:shuts off|stops|quits)'],
  ['shaft not budge', '(?:pump|head|compressor|crank|flywheel) (?:won[\'’]?t|ca ?n[\'’]?t|does ?n[\'’]?t) (?:turn'
  + '|budge|move'
  + '|roll)(?: over)?(?: by hand)?'],
  ['running $1 amps', `(?:starts|started|fires|fired)(?: up)? and (?:pulls|draws|runs at|pulling|drawing)`
  + ` (${FIGURE})(?: ?amps?)?`],
  ['bridge float', 'twisted (?:the )?(?:two )?float wires together'],
  ['float ohms open', 'ohms through the float(?: switch)? open(?: both ways| either way)?'],
  ['cap 0 ohms', 'cap(?:acitor)?(?: pulled| out| off| discharged| bled| and)*,? (?:the )?(?:meter )?(?:shows|reads'
  + '|is) '
  + '(?:(?:zero|0) ohms?|a dead short|dead short)(?: and (?:stays|stuck|sits)(?: there)?)?'],
  ['works now', '(?:it[\'’]?s |it has |has )?been (?:fine|good|ok|okay|great|working)(?: ever)? since'],
  ['running', 'with the (?:pump|motor) on(?= ?$|,)'],
  // legs, leads and figures of a place
  ['', 'megs? (?:are |is |were )?(?:good|fine|clean|clear)(?=,)'],
  ['cap reads $1', `pulled the cap,? (?:it |and )?(?:reads? |tests? |got )?(${FIGURE})(?: ?(?:uf|mfd))? on an? \\d+`
  + ' ?(?:to|-) ?\\d+'],
  ['inlet 0 psi running', '(?:suction|inlet) gauge \\d+(?: psi)? (?:at rest|sitting|static),? (?:and |but'
  + ' )?(?:goes|drops'
  + '|falls|dives)(?: right| clear)? to (?:zero|nothing|0)(?: with the pump (?:running|on))?'],
  ['line n1 toground $1', '(?:the )?hot (?:side|leg|wire)(?: at the switch)?(?: is| reads)? (\\d{2,3})(?: volts?)? to'
  + ' ground'],
  ['into the breaker', 'at the main(?: lugs| breaker)?(?= ?$|,)'],
  ['n1 toground $1, n2 toground $1, 0 volts', '(\\d{2,3})(?: volts?)? to ground on both,? (?:and |but )?(?:zero'
  + '|nothing'
  + '|0)(?: volts?)? across'],
  ['ohms leadtolead ol', '(?:pump |motor )?leads? reads? open to each other'],
  ['$1 volts at the wellhead running', 'at the well ?(?:head|cap),? (\\d{3})(?: volts?)? (?:while|with|when)'
  + ' (?:it[\'’]?s'
  + '|the pump|it is) (?:running|on|going)'],
  ['', '(?:the )?(?:lid|box|label|chart) calls for \\d+ ?(?:to|-) ?\\d+'],
  ['intake filter off better', '(?:pulled|took) the filter(?: off| out)?,? (?:and )?(?:it|she) (?:fills|filled'
  + '|pumps up'
  + '|comes up)[^,]*'],
  ['controlfuse', '(?:little |small )?fuse on (?:top of )?the transformer'],
  ['suction union sucks air', 'union on the suction(?: side)? (?:drips|leaks|weeps)[^,]*'],
  // courses
  ['tapsshut', 'no (?:water|taps?|faucets?) (?:running|on|open)(?= ?$|,)', '(?<!with )nothing (?:running|turned'
  + ' on)(?= ?$|,)'],
  ['hum', 'hums? and (?:chatters?|clicks|rattles|buzzes)'],
  ['running', '(?<=\\d(?: ?v(?:olts?)?)? )(?:the (?:moment|second|instant)|when(?:ever)?|as soon as|once) (?:it'
  + '|the (?:pump'
  + '|motor)) (?:tries|kicks on|calls|comes on)(?: to start)?'],
  ['stalls at $1 psi', '(?:it |gauge |pressure |she )?(?:tops|maxes|levels|peaks) (?:out|off) (?:at|around|about)'
  + ' (\\d{1,3})(?: psi| pounds)?'],
  ['pressure reads $1', '^ ?(?:and )?now(?: it\'?s| it is| at| reads)? ([2-9]\\d)(?: psi| pounds)? ?$',
    '(?:it )?picks? (?:right |straight )?(?:back )?up to (\\d{2,3})(?: psi| pounds)?'],
  ['hisson', '(?<=(?:hiss|leak|blow|bleed)\\w*[^,]*)and (?:it )?(?:does ?n[\'’]?t|won[\'’]?t|never) (?:quit|stop)s?'
  + '(?= ?$|,)'],
  ['cycles usual', '(?:and )?(?:now )?(?:it )?runs (?:for )?(?:[\\w.]+ )?minutes?(?: and a half)?,? and rests [^,]*'],
  ['rapid cycles', '(?:[2-9]|two|three|four|five|six|seven|eight|nine|ten|a few|a couple of) seconds? on,?(?: and)?'
  + ' (?:\\w+ )?(?:seconds? )?off'],
  ['heavy', 'dead weight'],
  ['dull', 'no ring(?: to it)?(?= ?$|,)'],
  ['prime plug dry', '(?:the )?next (?:day|morning)[^,]*(?:empty|gone|lost|dry) again'],
  ['prime full', '(?:plenty of|full|good) prime(?= ?$|,)'],
  ['pressure falls slowly', '(?:tank |it |she )?(?:loses|bleeds|drops)(?: its)? (?:pressure|air) (?:till|until) it'
  + ' (?:starts|kicks|comes)[^,]*'],
  ['unloader still as it runs', '(?:when|while)(?: it[\'’]?s)? running,? (?:there[\'’]?s |there is )?no hiss\\w*'
  + '(?: at all)?'],
  ['', '(?<=(?:blown|open|gone|popped)),? (?:it has |has )?no continuity(?: across it| through it)?'],
  // things by other names
  ['', '(?:the )?(?:switch )?(?:cover|label|sticker|tag|box)(?: of the switch| on the switch)? (?:says|reads|is'
  + ' marked) '
  + '\\d{2,3} ?(?:-|\\/| to ) ?\\d{2,3}(?= ?$|,)'],
  ['load noth volts', '(?:(?:check|checked|on|at|across) )?the bottom two(?: screws| terminals)?,? (?:and'
  + ' )?(?:i(?:[\'’]ve)?'
  + ' ?(?:got|get|have) |there[\'’]?s |it[\'’]?s )?(?:nothing|zero)'],
  ['load', '(?:across |on |at )?the bottom two(?: screws| terminals)?'],
  ['line', '(?:across |on |at )?the top two(?: screws| terminals)?'],
  ['', '(?:i[\'’]ve got |i have |there[\'’]?s )?power coming in,(?= \\d)'],
  ['switch open', '(?:contacts|points)(?: are)? (?:wide|standing|sitting) open'],
  ['running', 'once it[\'’]?s (?:going|running|up|started)'],
  ['cap reads', 'it[\'’]?s an? \\d+ ?(?:-|to) ?\\d+(?: ?(?:uf|mfd|mikes?))?,? (?:and |but )?(?:the |my )?meter'
  + ' (?:says|reads'
  + '|shows|gives)'],
  ['cap reads', '(?:cap(?:acitor)?|label|can) (?:says|is marked|is rated|marked|rated)(?: for| at)? \\d+ ?(?:-'
  + '|to) ?\\d+'
  + '(?: ?(?:uf|mfd|mikes?))?,? (?:and |but )?(?:the |my )?meter (?:says|reads|shows|gives)'],
  ['precharge reads $1', 'tire gauge on (?:it|the (?:tank|valve|stem))[^:,\\d]{0,40}[:,]? ?(\\d+)'],
  ['', 'no matter (?:how|what|which|where)[^,]*'],
  ['lever off', 'lever(?:[\'’]?s| is)? (?:over |flipped )?(?:on|at|in|to) (?:the )?off(?: position)?'],
  ['$1 line three', '(\\d{3})(?: volts?)? (?:on )?all (?:three )?(?:phases|legs|lines)'],
  ['into the switch $1, noth outofit', '(\\d{2,3})(?: volts?)? going (?:out )?to the (?:pressure )?switch,? (?:and'
  + ' |but )?'
  + 'nothing (?:coming |comes )?back'],
  ['control wire', 'wire (?:between|from) (?:the )?(?:pressure )?switch (?:and|to) (?:the )?(?:starter|contactor'
  + '|coil)'],
  ['', '(?:on|against|by|near|under) (?:the )?(?:belt guard|bed frame|bracket|edge of the \\w+)'],
  ['new', '(?:right |fresh |straight )?out of the (?:box|package|wrapper)'],
  ['cutout $1', '(?:switch )?opens at (\\d{2,3}),? (?:you can |i can |i )?hear it click'],
  ['gauge reads 0', 'gauge(?:[\'’]?s| is)? (?:at|on|reading) (?:nothing|zero)'],
  ['amps $1', `(${FIGURE}) (?:on|of) an? \\d+(?: amp)? (?:plate|motor|tag)`],
  ['cutout $1', '(?:builds?|climbs?|pumps?|goes|comes)(?: right| straight| back)*(?: up)? to (\\d{2,3})(?: psi|'
  + ' pounds)?,? '
  + 'and (?:quits|shuts down|clicks off)'],
  ['cord skinny', 'on (?:a |about a )?(?:hundred|fifty|long|\\d+)[- ]?(?:foot|feet|ft)? of (?:sixteen|fourteen|twelve'
  + '|\\d+)[- ]?gauge (?:extension )?cord'],
  ['controlfuse', '(?:transformer )?(?:secondary|primary) fuse'],
  ['fuse n1', '(?<![a-z])a(?: phase| leg)? fuse(?= (?:is |was )?(?:blown|open|gone|bad|dead|good|popped))'],
  ['fuse n2', '(?<![a-z])b(?: phase| leg)? fuse'],
  ['fuse n3', '(?<![a-z])c(?: phase| leg)? fuse'],
  ['links wrong', '(?:the )?(?:tap |voltage )*(?:selector|change plate|tap switch|tap)(?: on the back)?(?: of the'
  + ' motor)? (?:was|is) (?:set )?(?:to|on|for) (?:the )?(?:230|240|208|220)(?: volts?)?(?: side| position|'
  + ' setting)?'],
  ['', '(?:only )?(?:two|2) legs only(?: out of [^,]*)?', 'only (?:two|2) legs (?:out of|off) the overload[^,]*'],
]
