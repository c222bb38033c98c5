/**
 * What lies near its opposite and is taken whole: which half is out, where water still runs, what still holds, which
 * side of a splice was read, keeps on and cannot stop. Common practice, no source.
 */
import { END, FIGURE, IT, SAGS, VOLTS, WHEN } from './partsOfSpeech'
import type { Joined } from './turnOf'

const OHMS = '(?: ?ohms?)?'
const READS = '(?:\'s| is| reads?| ohms?| shows?| at| out| still)*'
const TAP_AT_TANK = '(?:at|out of|from) the (?:tank|pressure tank)(?: drain| tap| spigot| hose bib| faucet)?'
const PLENTY = '(?:good|great|strong|plenty of|full|lots of)(?: pressure| flow| water)?'
const HARDLY = '(?:nothing|no water|none|hardly any(?:thing)?|a trickle|a dribble|weak|trickles|dribbles)'
const IN_HOUSE = '(?:upstairs|in the (?:house|kitchen|shower|bath\\w*)|at the (?:house|kitchen|faucets?|sink|taps?))'
const RESTED = '(?:sat|rested|waited|let it (?:sit|cool|rest)(?: for)?) (?:an|half an|about an|a couple of|two) hours?'
const LETS_GO = '(?:trips?|kicks?|pops?|lets go|goes)'

const FALLS = '(?:drops?|falls?|dips?|sags?|goes|dropped|fell|dipped) (?:from )?\\d+(?: ?v(?:olts?)?)? (?:down )?to'
const BEGINS = `(?:(?:${IT}(?:'s)?|(?:the )?(?:pump|motor)) )?(?:is )?(?:trying to start|tries to start|starts`
  + '|starting|kicks? (?:on|in)|comes? on|turns? on|fires? up|picks? up|takes off)'

/** What is wrong with a thing, where nothing of it was. */
const AMISS = '(?:blow|chatter|hiss|drip|weep|hum|knock|grind|rattl|rubb|smok|arc|bubbl|stick|bind|slipp|squeal|spark'
  + '|puff)ing'
  + '|burnt|burned|loose|melted|broken|cracked|stuck|welded|charred|chafed|rubbed|wet|damp|hot|plugged'
  + '|clogged|blocked'
  + '|missing|corroded|rusted|bulged|split|swollen|shorted|grounded|tripped|blown|worn|dirty|frozen|pitted'
  + '|scorched|discolored'

export const TURNS_OF_OPPOSITES: readonly Joined[] = [
  ['tap at the tank no better', '(?:same )?weak(?: flow| pressure)?(?: right)? at the tank (?:too|as well|also)',
    'same weak (?:flow|pressure|stream) at the tank', '(?:tap|drain|hose) at the tank(?:\'s| is) (?:just as'
    + ' )?weak (?:too|as well)'],
  // no figure and no silence
  ['no $1', `nothing(?:'s| is| was| looks)? (${AMISS})(?! through)`],
  // what a start pulls down is not what it runs on
  [', line startdip $1 volts', `(?<!amp[^;]*|batter[^;]*|motor[^;]*|pump[^;]*|box[^;]*)(?:${SAGS}|${FALLS})`
  + ` (\\d{3}|9\\d)(?: ?v(?:olts?)?)?`
  + ` (?:(?:${WHEN}|as soon as) ${BEGINS}|on (?:the |its )?start(?:ing|-?up)?|at start-?up)(?: (?:and |then `
  + `|and then )?(?:it )?comes? (?:right )?back(?: up)?(?: to \\d+)?)?`],
  // what is printed on it, beside what was read
  ['', '(?<=\\bcap[^;]*\\d ?(?:uf|mfd|mikes)?,? )(?:and |but )?(?:it\'s|its|it is|that\'s) (?:an? |marked '
  + '|rated |stamped )+'
  + '\\d{2,3} ?(?:to|-) ?\\d{2,3}(?: ?(?:uf|mfd|mikes))?(?= ?$|,)'],
  ['battery run $1 volts, behind the fuse $2 volts', `${VOLTS} (?:going |coming`
  + ` )?(?:into|in to|on one side of) the`
  + ` fuse,? (?:and |but )?(?:only )?${VOLTS} (?:coming )?(?:out|on the other)(?: of it| side)?`
  + `(?: (?:when|with|while) [^,]*)?`],
  ['starts right up', 'starts right off'],
  ['$1pump leads $2 ohms, to ground ol', `(well )?leads(?: read| are| ohm)?(?: out)? (${FIGURE}) ohms?,?`
  + ` (?:and )?(?:clear|good|nothing|open`
  + `|infinite) to (?:the )?ground`],
  ['spin by hand it starts', 'rolled the (?:shaft|motor|pump)(?: over)?(?: by hand)?,? and it (?:caught|went'
  + '|took off|ran)(?: and ran)?'],
  ['another breaker holds', '(?:put|landed|moved) it on (?:the|a) spare (?:1[05]|[2-6]0)(?: ?amp)?[^,;]*?(?:,'
  + '| and) it (?:hasn\'t|has not'
  + '|never) (?:tripped|kicked|popped)(?: since| again)?'],
  ['links printedfor $1 volts', '(?:links?|jumpers?|plug)(?: is| are|\'s)(?: still)? (?:on|in|at) the'
  + ' (\\d{3})(?: ?v(?:olts?)?)?(?: side| position'
  + '| post)?'],
  ['nipple blocked', '(?:pulled|took|popped) the (?:line|tube|hose|copper) off (?:of )?the (?:pressure'
  + ' )?switch,? (?:and )?(?:nothing|no water'
  + '|not a drop) (?:comes|came) out(?: of it)?'],
  ['', `(?<=to ground (?:is |reads )?${FIGURE} ohms?),? (?:and )?the others? (?:are |read )?${FIGURE} and`
  + ` ${FIGURE}(?: ohms?)?`],
  ['', 'relay(?:\'s)? coil(?: reads| is| ohms| measures)* (?:open|ol)'],
  ['tank dull', 'tank(?:\'s)?[^,;]*(?:doesn\'t|does not|won\'t) ring'],
  ['cable chafed bare', '(?:found )?(?:the |a )?(?:wire|lead|cable)s? (?:rubbed|worn|chafed) (?:bare'
  + '|through)[^,;]*torque[^,;]*'],
  ['at the $3 n1 toground $1 volts, n2 toground $2 volts', `(1[0-3]\\d)(?: ?v(?:olts?)?)? to (?:the )?ground`
  + ` on (?:the )?(?:black|l1|one)(?: wire| leg)?,?`
  + ` (?:and )?(0|zero|nothing|\\d{1,3})(?: ?v(?:olts?)?)? on (?:the )?(?:red|white|l2|other)(?: wire|`
  + ` leg)?,? at the (switch|breaker|disconnect)`],
  ['', '(?<=\\b(?:amps?(?: low| high)?,?|cap)[^;]*\\d(?: ?(?:uf|mfd|amps?|a))? )(?:of|on)(?: an?)? \\d+(?= ?$)'],
  ['', 'with (?:the )?volts even'],
  // a figure belongs to what stands before it, told without commas
  ['$1 $2,', `([byr]-[byr]|l?[123]-g) (${FIGURE})(?= (?:[byr]-[byr]|l?[123]-g|l?[123]-l?[123]))`],
  ['$1/$2/$3 amps', `(${FIGURE})(?: ?amps?)? on one(?: leg| line| of them)?,? (?:and |but )?(?:only`
  + ` )?(${FIGURE})(?: ?amps?)? and (${FIGURE})(?: ?amps?)? on the other(?:s| two)`,
  `(?<=^ ?)(${FIGURE})(?: ?amps?)? on one(?: leg| line)?, (${FIGURE}),? (?:and )?(${FIGURE})(?: ?amps?)?(?= ?$)`],
  ['n1 n2 $1, n2 n3 $2, n1 n3 $3', `${VOLTS} between (?:1|one) and (?:2|two),? (?:and `
  + `|but )?(?:then )?(${FIGURE}) and`
  + ` (${FIGURE})(?: on the others| on the other two)?`],
  ['', `(?<=secondary[^;]*),? (?:and |but )?\\d{3}(?: ?v(?:olts?)?)? on the (?:primary|high side)`],
  ['n$2 n$3 $1 volts', '(?<=^ ?)(\\d{2,3})(?: ?v(?:olts?)?)? (?:from|between|on) ([123]) (?:to|and|-)'
  + ' ([123])(?= ?$)'],
  ['', '(?<=\\d ?(?:a|amps?|v|volts?|ohms?)? )\\(?(?:name ?)?plate(?:\'s| is| says|:)? \\d+(?:\\.\\d+)?(?:'
  + ' ?(?:a|amps?|v|volts?))?\\)?(?= ?$)'],
  ['filter out pressure back', 'filter(?: is)? out,? (?:and )?full pressure'],
  ['overload lets go again', '(?:pushed|pressed|hit) the (?:red button|reset button|reset)(?: in)?,? (?:and '
  + '|but )?(?:it )?(?:won\'t|doesn\'t'
  + '|does not) (?:stay|hold|click|set)(?: in)?', 'overload won\'t (?:click|stay|hold|set)(?: back)?(?: in)?'],
  ['swapped two leads and it gives more, gauge $1 psi', '(?:swapped|switched|flipped|changed|reversed) two'
  + ' (?:of the )?(?:wires|leads|legs)'
  + '(?: at the (?:starter|motor|contactor|overload|disconnect))? and (?:now )?(?:it|she|pressure) (?:went'
  + '|came|goes|comes|shot)(?: right)?'
  + '(?: up)? to (\\d+)(?: ?psi)?(?: and (?:shut|kicked|cut) off)?'],
  ['across pole n1 $1 volts, across pole n2 $2 volts', `drops? ${VOLTS} (?:on|across`
  + `|over) the left(?: set|`
  + ` contacts?| pole| side| one)?,? (?:and |but )?${VOLTS} (?:on|across|over) the`
  + ` right(?: set| contacts?| pole`
  + `| side| one)?`],
  ['to ground $1 meg', `(?:load wires off at the switch,? )?(?:the )?meg\\w*(?: says| reads| shows)?`
  + ` (${FIGURE})(?: ?meg\\w*)? to ground on`
  + ` the (?:well|pump|motor) (?:wires|leads)`],
  ['precharge $1 psi', `(?:drained|dumped|emptied) (?:the tank|it)(?: down)?,? (?:and )?(?:there's |it's got `
  + `|has )?(${FIGURE})(?: ?psi`
  + `| pounds)? (?:of air )?in (?:it|the tank)`],
  ['startswitch welded', '(?:points|contacts) in the (?:back|end bell|motor)(?: of the motor)? (?:are |were'
  + ' )?(?:stuck|welded|fused)(?:'
  + ' together| shut| closed)?'],
  ['another breaker holds', 'moved it (?:over )?to (?:another|a different|a spare) (?:1[05]|[2-6]0)(?:'
  + ' ?amp)?(?: breaker)?,? (?:and )?(?:it\'s|'
  + 'it has|it) (?:run|ran|runs|been running|held|holds|been fine)[^,;]*'],
  ['$1 volts into the float, float load side $2 volts', `${VOLTS} (?:in|into|in to) the`
  + ` float(?: switch)?,?(?: (?:with|and) it`
  + ` (?:hanging|down)(?: down)?,?)? (?:and |but )?(${FIGURE}|nothing)(?: ?v(?:olts?)?)? (?:out|coming`
  + ` out)(?: of it)?`],
  ['levelat', '(?:only )?(?:[1-5]|one|two|three|four|five|a couple of) (?:feet|foot|ft) (?:over|above) the pump'],
  ['', '(?:a |just a |only a )?(?:dribble|trickle) (?:going )?into the (?:holding |storage )?tank'],
  ['behind the fuse $1 volts, panelswitch zero volts', `${VOLTS} (?:to|into) the`
  + ` (?:panel|wall|rocker|toggle|galley) switch,?`
  + ` (?:and |but )?0(?: ?v(?:olts?)?)? out(?: of it)?(?: (?:when|with) it(?:'s| is)? on| when on)?`],
  ['stalls at $1 psi', `gauge(?: is| reads|'s)? (?:at )?(\\d{2,3})(?: psi)? and (?:it )?(?:just )?(?:stays`
  + `|sits|hangs) there`],
  ['amps $2/$2/$1', `(?:amps:? )?(${FIGURE}|zero|nothing)(?: amps)? on c,? (?:and |but )?(${FIGURE})(?:`
  + ` amps)? on (?:the others|the other two|a and b)`],
  ['amps $2/$1/$2', `(?:amps:? )?(${FIGURE}|zero|nothing)(?: amps)? on b,? (?:and |but )?(${FIGURE})(?:`
  + ` amps)? on (?:the others|the other two|a and c)`],
  ['amps $1/$2/$2', `(?:amps:? )?(${FIGURE}|zero|nothing)(?: amps)? on a,? (?:and |but )?(${FIGURE})(?:`
  + ` amps)? on (?:the others|the other two|b and c)`],
  ['driveslow', '(?:the )?(?:vfd|drive|inverter)(?:\'s)?(?: display| screen| panel)? (?:shows|reads'
  + '|says|is (?:set )?(?:at|to)'
  + '|set (?:at|to)|(?:is )?(?:running|runs) (?:it )?at|only (?:goes|runs) (?:to|at))(?: only)?'
  + ' [1-4]\\d(?:\\.\\d+)? ?(?:hertz|hz)',
  '(?:running|runs|set) (?:it )?(?:at|to)(?: only)? [1-4]\\d(?:\\.\\d+)? ?(?:hertz|hz)',
  '(?:vfd|drive|inverter)(?: is| was|\'s| got)? (?:turned|dialed|cranked|cut) (?:way )?(?:down|back)'],
  // legs told together
  ['$2 bothlegs toground $1 volts', `(1[0-3]\\d)(?: ?v(?:olts?)?)? to (?:the )?ground on both (?:wires|legs`
  + `|screws|hots|sides)`
  + `(?: (?:at|of|into|in) the (switch|breaker|disconnect|box))?`],
  ['load n1 toground $1 volts, n2 toground $2 volts', `(?:out|coming out|leaving)(?: of)?(?: the switch)?:?`
  + ` (1[0-3]\\d|0|zero|nothing)(?:`
  + ` ?v(?:olts?)?)? on (?:the )?left to (?:the )?ground,? (?:and )?(1[0-3]\\d|0|zero|nothing)(?:`
  + ` ?v(?:olts?)?)? on (?:the )?right to`
  + ` (?:the )?ground`],
  ['spin by hand it starts', '(?:spun|spin|spinning|gave) (?:it|the motor|the shaft|the pulley)(?: a'
  + ' spin)?(?: by hand)? with the belt off'
  + ' and (?:it|she) (?:ran|runs|starts|started|took off|takes off|goes|went)(?: right)?(?: up| off)?'],
  ['unloader blows while it runs', 'hiss(?:ing|es)? (?:from|at|out of|comes out of|coming out of|from out'
  + ' of)* ?(?:the )?(?:little |small )?'
  + '(?:tube|line|valve|fitting|vent) (?:under|at|on|below) the (?:pressure )?switch (?:while|when|as) (?:it'
  + '|she)(?:\'s)? (?:pumps'
  + '|runs|is pumping|is running|pumping|running)'],
  ['unloaderline broken', '(?<=^ ?)(?:the )?(?:little |small )?tube(?:\'s| is)? (?:cracked|split|broken)(?:'
  + ' at [^,;]*)?'],
  ['cool ohms stays ol', '(?:let it|it) (?:sit|sat|cool|cooled)(?: for)? (?:an|one|two|three|a couple of|\\d)'
  + ' hours?,? (?:and |but )?(?:the )?'
  + '(?:protector|thermal|overload|it)?(?: it)? ?(?:still|is still)(?: reads| is| ohms| shows)? (?:open|ol|no'
  + ' continuity)'],
  ['cap dead short', '(?:discharged|bled) the cap(?:acitor)?,? (?:and |then )?(?:the |my )?(?:ohm ?meter'
  + '|meter|it) (?:reads|shows|says|is) (?:a )?'
  + '(?:dead )?short(?:ed)?(?: across it)?'],
  ['freshtank empty', '(?:looked|look|peeked) (?:in|into|down)(?: the)? (?:fill|tank|hatch|filler)(?: neck|'
  + ' hole)?,? (?:and )?(?:it\'s|it is) (?:bone )?'
  + '(?:dry|empty)'],
  ['well pump runs', 'the well (?:kicked|came|kicks|comes|started|took) (?:right )?(?:on|off|up|in)'],
  ['just air at the stem', '(?:just|only) air at the (?:valve|stem|schrader|air ?valve),? no water'],
  ['stalls at $1 psi', `runs at (\\d{2,3})(?: psi)? and (?:just )?(?:holds|stays|sits|hangs)(?: right)? there`],
  ['controlsupply $1 volts, zero volts behind the overload contact', `${VOLTS} (?:in`
  + `|into|in to|ahead of|before) the`
  + ` overload(?: contact)?,? (?:and |but )?(?:zero|nothing|0|none)(?: ?v(?:olts?)?)? (?:out|after|behind`
  + `|past)(?: of)?(?: it)?`],
  ['into the $2breaker $1 volts, out of the $2breaker n1 toground $3 volts, n2 toground 0 volts',
    `${VOLTS}`
    + ` (?:into|in to|on) the (well )?breaker,? (?:and |but )?(1[0-3]\\d)(?: ?v(?:olts?)?)? (?:on one leg out`
    + `|out on one leg|on one`
    + ` leg)(?: to ground)?,? (?:and )?(?:nothing|zero|0|dead|none) on the other(?: leg)?`],
  ['off motor still stuck', 'shaft (?:won\'t|doesn\'t|does not|will not) (?:budge|turn|move)(?:,? even)? with'
  + ' the pump (?:end )?(?:unbolted'
  + '|off|apart|removed|pulled)'],
  ['two fuse blown', 'fuses? (?:on )?(?:1|2|3|one|two|three) and (?:1|2|3|one|two|three)(?: are| is)?'
  + ' (?:both )?(?:blown|open|dead)'],
  ['pump leads $1 ohms', `(${FIGURE}) ohms? (?:across|on|through) the pair`],
  ['stalls at $1 psi', `holds at (\\d{2,3})(?: psi)? and (?:just )?(?:runs|keeps running|stays running)`],
  // which half, and how much of it
  ['half the lights out', 'half (?:of )?(?:this|the|my|our) (?:house|place|shop|building|barn|panel)(?:\'s|'
  + ' is| has| went)*'
  + ' (?:no power|no lights|without power|lost power|dark|dead|out)', 'some (?:circuits|outlets|lights|rooms) (?:work'
  + '|are on|are fine)(?: and|,| but)? some (?:don\'t|do not|are off|are dead|aren\'t)'],
  ['other lights fine', '(?:the )?rest of the (?:place|house|building|shop|farm)(?: still)? (?:has|\'s got'
  + '|got) (?:power'
  + '|lights)'],
  // where water still runs
  ['tap at the tank strong none in the house', `${PLENTY} ${TAP_AT_TANK},? (?:and |but )?${HARDLY} ${IN_HOUSE}`],
  ['runs', '(?:hear|heard) (?:it|her|the pump|him)(?:\'s)? (?:running|humming along|going)(?! (?:right )?back)'
  + '(?: down)?(?: the hole| the well| there)?(?= ?$|,)'],
  // keeps on, and cannot stop
  ['keeps running', '(?:just )?(?:keeps|kept)(?: right)?(?: on)? running (?:fine|good|great|with no trouble)'],
  ['stalls at $1 psi', `(?:stops|quits|quit|stopped) (?:building|climbing|rising)(?: at| around)+ (\\d{2,3})(?: ?psi`
  + `| pounds)?${END}`],
  ['only starts empty', 'starts(?: fine| right up)? with the tank (?:dumped|empty|drained|bled),? (?:and |but'
  + ' )?(?:it )?(?:won\'t'
  + '|doesn\'t|not|never)(?: start)? with (?:air|pressure)[^,]*'],
  ['gauge holds', '(?<=^ ?(?:it |tank |system )?)holds (?:its )?pressure (?:fine|good|ok)'],
  // how soon
  ['trips at once', `${LETS_GO} before (?:i|you) (?:can )?(?:get|let|take|pull|have)[^,]*`, `no delay,? (?:it`
  + ` )?(?:just )?`
  + LETS_GO],
  ['trips after seconds', `(?:it'll |it |will |she )?holds? (?:for )?(?:a few|a couple(?: of)?|two|three|four`
  + `|five|\\d)`
  + ` seconds? (?:and|then|and then) ${LETS_GO}`],
  ['trips after minutes', 'lets go after a (?:good )?while'],
  ['start $1 amps', `(?:hits|spikes to|jumps to|goes to|kicks to|locks(?: up)? at|pulls) (${FIGURE})(?: amps?)?`
  + ' (?:on|at|during) (?:the )?(?:start(?:up|-up|ing)?)', `inrush (?:of|is|was|hits) (${FIGURE})(?:`
  + ` amps?)?(?:,? (?:and |then )+`
  + '(?:it )?settles[^,]*)?'],
  ['cut in $1', `(?<!\\bl\\d )(?:comes|came) (?:back )?(?:in|on) at (\\d{2,3})(?: ?psi| pounds)?${END}`],
  // which side of a splice
  ['splice open, motor side whole', '(?:cut|opened|open|undid|parted) (?:up )?(?:the |at the )?splices?,? (?:and )?'
  + `(?:the )?(?:pump|motor|well|down)(?: side| end)${READS} (?:[1-9]\\d*(?:\\.\\d+)?|0?\\.[2-9]\\d*)${OHMS}(?= ?$)`],
  ['splice open, motor side still open', '(?:cut|opened|open|undid|splice|parted)(?: up)?(?: the| at the)?'
  + ' ?(?:splices?)?(?: open)?,?'
  + ' (?:and )?(?:the )?(?:black|red|yellow|one leg|one lead)(?:\'s| is| reads| still)* (?:open|ol) (?:on|going|to)'
  + ' (?:the )?(?:pump|motor|well|down)(?: side)?'],
  ['pump leads $1', `ohmed(?: out)? (?:the )?(?:two |pair of )?(?:wires|leads|conductors)(?: going)?(?:`
  + ` down)? (?:to|into|down)`
  + ` the (?:well|pump|hole)[,:]? (?:and )?(?:got |it's |it reads |i get )?(${FIGURE}|ol|open)${OHMS}`,
  `(?:the )?pair (?:going )?down(?: the well| the hole)?${READS} (?:wide )?(ol|open|${FIGURE})${OHMS}`],
  ['cool ohms came back', `${RESTED},? (?:and )?(?:now )?(?:it |she )?(?:now )?(?:reads|ohms(?: out)?|is`
  + `|shows|measures)`
  + ` (?!ol|open|infinite)${FIGURE}${OHMS}`],
  // no reading of the contact
  ['', `relay coil(?: reads| is| ohms| measures| at)* (?:\\d{3,5}|\\d+(?:\\.\\d+)?k)${OHMS}`],
  // what leaves a thing is out of it
  ['out of', '(?<=\\b(?:nothing|zero|none|\\d|volts|no power) )(?:leaves|leaving)'],
  ['load $2 volts', `(?:the )?switch (passes|is passing|puts out) (${FIGURE})(?: volts?)?`],
  ['supply $1 volts', '(?:bus ?bars?|busses|main lugs|mains) (?:read|are|have|at|show|is|has) (2\\d\\d)(?:'
  + ' volts?)?(?: across)?'],
  ['at the $1 n1 toground $2 volts, n2 toground 0 volts', '(?:one side|one leg) of the (\\w+)(?: is| reads| has|\'s)'
  + ' (1[0-3]\\d)(?: volts?)? to (?:the )?ground,? (?:and )?(?:the )?other(?: side| leg)?(?: is| reads| has|\'s)'
  + ' (?:zip|nothing|zero|dead|0)'],
  ['to ground ol', 'no leakage to (?:the )?ground(?: at all)?'],
  ['0.5 meg', 'half (?:a )?meg(?:ohm)?'],
  ['outlet shut starts byitself', 'outlet (?:hose )?(?:pinched|kinked|plugged|shut)(?: off)?,? (?:and |but )?it still'
  + ' (?:cycles|kicks|comes on|runs|starts)'],
  ['outletvalve shut stays off', 'outlet (?:hose )?(?:pinched|kinked|plugged|shut)(?: off)?,? (?:and )?(?:it'
  + ' )?stays (?:off|quiet)'],
  ['second return runs', '(?:ran |put )?(?:a )?jumper to (?:the )?(?:ground|negative)(?: and)? it (?:runs|ran'
  + '|goes|took off)'],
  ['leads off well head holds', '(?:disconnected|unhooked|parted|undid) the (?:well|pump|wires?)(?: wires?)? at'
  + ' the (?:well )?(?:cap|head'
  + '|casing),? (?:and )?(?:the )?(?:breaker|it) (?:holds|stays(?: in| on)?|quit tripping)'],
  ['gauge $1 psi', `(?<=^ ?(?:it )?)reads (${FIGURE}) (?:pounds|psi) (?:at|on) the tank`],
  ['', ',? (?:with (?:the )?)?water off(?= ?$)'],
  ['motorturnsalone', '(?:motor )?shaft (?:spins|turns) (?:and|but) the pump (?:doesn\'t|does not|won\'t'
  + '|stands still)'],
]
