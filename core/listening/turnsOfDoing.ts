/**
 * What a hand did and what came of it, what a figure does as the machine starts, and what it should have been: told
 * in whole sentences. Tried before all others; common practice, no source.
 */
import type { Joined } from './turnOf'

const FIGURE = '\\d+(?:\\.\\d+)?'
const VOLTS = `(${FIGURE})(?: ?v(?:olts?)?)?`
const NOUGHT = '(?:nothing|zero|zip|nada|none|dead|0)'
const IT = '(?:it|she|the pump|the motor|the compressor|the unit|the machine|this thing|that)'
const END = '(?= ?$|,|;| and | but )'
/** Two sides of a splice, and how they read to ground. */
const TO_GROUND = '(?:(?<=(?:ground|earth|meg|splice)[^;]*)|(?=[^;]*(?:ground|earth|meg)))(?:the )?'
const READ = `(?:'s| is| are| reads| megs| shows| still| was| at)*`
const [ITS, THEIRS] = [
  '(?:motor|pump)(?: side| end| by itself| itself| alone)*',
  '(?:cable|wires?|run|feed|house side)(?: from the house| to the house| back to the house| side| itself| alone|'
  + ' by itself)*',
]
const SOUND = '(?:clear|good|fine|ok|clean|infinite|infinity|over \\d+(?: ?meg\\w*)?|\\d{2,} ?meg\\w*)(?: to'
  + ' (?:ground|earth))?'
const DOWN = '(?:dead|zero|0(?:\\.\\d+)?|\\.\\d+|shorted|bad|grounded|down|shot)(?: ?meg\\w*| ohms?)?(?: (?:short'
  + ' )?to (?:ground|earth))?'
const BUT = ' ?,? (?:and |but )?(?:the )?'
/** Down to so many volts, and when. */
const SAGS = '(?:drops?|falls?|sags?|dips?|goes|dives?|pulls?|dropped|fell|sagged|dipped|went|pulled)(?: right| way|'
  + ' clear| all the way)*(?: down)? to'
const WHEN = '(?:when|as|while|the second|the moment|every time)'
const CALLS = `(?:(?:it|she|the pump|the motor|that|the compressor)(?:'s)? )?(?:is )?(?:trying to start|tries to`
  + ` start`
  + '|tries|trying|starts|starting|kicks? (?:on|in)|comes? on|calls|turns? on|fires? up|pulls? in|picks? up|is'
  + ' running'
  + '|runs|running|loads? up)(?! (?:to |spitting|\\w+ing))'
const TOOK_OFF = '(?:took|take|taken|pulled|pull|lifted|disconnected|unhooked|undid|removed|popped|got)'
const FEED = '(?:going |coming )?(?:in|into|in to|on the way in)'
const OUT = '(?:coming |going )?(?:back )?out(?: of it| the other side| the other end| the far side)?'
const TAPPED = '(?:tapped|tapping|tap|thumped|flicked|rapped|hit|smacked|whacked|knocked)(?: on)?'
const NEVER = '(?:never|won\'?t|will not|doesn\'?t|does not|don\'?t|can\'?t|cannot|couldn\'?t|wouldn\'?t'
  + '|didn\'?t|not)'
const REACHES = '(?:gets?|reach(?:es)?|hits?|makes?|makes it|sees?|build|builds|come|comes|climb|climbs)'
const STOPS = '(?:shuts? (?:off|down)|cuts? (?:out|off)|kicks? (?:off|out)|stops?|quits?|trips? off|turns? off'
  + '|goes off)'

export const TURNS_OF_DOING: readonly Joined[] = [
  // said to begin with
  ['', '^ ?(?:alright|all right|okay|ok|so|now|well|yeah|yep|right|and)(?:,? (?:so|then|now|well))* ?,(?= ?\\S)'],
  // what it should do at a figure is not the figure
  ['neverreaches', `${NEVER}(?: quite| even| ever)? ${REACHES}(?: it)?(?: up)? (?:to )?(?:the )?(?:cut ?-?out`
  + `|${FIGURE}`
  + `)(?: ?(?:psi|pounds|lbs?))?${END}`],
  ['keep running past cutout', `${NEVER}(?: ever)? ${STOPS} at ${FIGURE}(?: ?(?:psi|pounds|lbs?))?`],
  ['', ',? (?:it )?(?:should|supposed to|ought to)(?: be| read| make| get| have| close| open)*(?: closed?| open)? at '
  + FIGURE + '(?: ?(?:psi|pounds))?' + END],
  ['gauge reads $1', `(?:it |pressure |gauge )?(?:went|climbed|ran|got|shot) (?:on |right |all the way )*(?:up )?to `
  + `(${FIGURE})(?: ?(?:psi|pounds))? before (?:i|we|the relief|it)[^,]*`],
  ['', `,? ?(?:it's |with )?(?:the )?(?:fuse|breaker) (?:is|was|it's)? ?(?:an? |only an? )(?:${FIGURE})(?: ?amps?)?`
  + END],
  ['', `(?:on |with )an? ${FIGURE}[- ]?amp (?=fuse|breaker)`],
  ['', `,? ?(?:and |but )?(?:supposed to be|should be|ought to be|is supposed to be|meant to be) ${FIGURE} ?(?:to`
  + `|-) ?`
  + FIGURE + '(?: ?(?:uf|mfd|ohms?|psi|volts?|v))?'],
  // down to so many volts as it starts or runs
  ['battery run $1 volts', `(?<=batter[^;]*)${SAGS} (${FIGURE})(?: ?v(?:olts?)?)? ${WHEN} ${CALLS}`],
  ['calling $1 volts', `(?<!amp[^;]*)${SAGS} (\\d{2,3}(?<=\\d{3}|9\\d)|\\d+\\.\\d+)(?: ?v(?:olts?)?)? ${WHEN}`
  + ` ${CALLS}`,
  `(?<!amp[^;]*)${SAGS} (${FIGURE}) ?v(?:olts?)? ${WHEN} ${CALLS}`],
  ['calling $1', `(?<!amp[^;]*)${SAGS} (${FIGURE})(?: ?psi| pounds)? ${WHEN} ${CALLS}`],
  // in on one side, out on the other
  ['$1 into the $2, noth outofit', `${VOLTS} ${FEED} (?:to )?(?:the |my )?((?!and |but |only )(?:[a-z]+`
  + ` )?[a-z]+),? (?:and |but |with )?`
  + `${NOUGHT}(?: volts?)? ${OUT}`],
  ['$1 into the $2, $3 outofit', `${VOLTS} ${FEED} (?:to )?(?:the |my )?((?!and |but |only )(?:[a-z]+ )?[a-z]+),?`
  + ` (?:and |but |with )?`
  + `(?:only )?${VOLTS} ${OUT}`],
  ['into the $1 $2 volts, $3 outofit', `((?:panel|pressure|demand|float|disconnect|fuse)(?: switch)?) (?:has|have`
  + `|reads`
  + `|is|shows|'s got)? ?${VOLTS} (?:on|at) one side,? (?:and |but )?(?:only )?${VOLTS} (?:on|at) the other(?:`
  + ` side)?`],
  ['noth outofit', `${NOUGHT}(?: volts?| power| voltage)? (?:coming |going |getting )?out (?:of )?(?:the |its )`
  + '(?:other|far|load|back|bottom|output) (?:side|end)(?: of (?:it|the [a-z]+(?: switch)?))?'],
  // amps that are none
  ['amps 0', `(?:it's |it is |the motor'?s? |pump'?s? |she's |motor is |pump is )?(?:drawing|pulling) (?:zero`
  + '|nothing|no amps|0|nada|zip)(?: amps?)?(?: at all)?'],
  ['amps 0', 'no (?:draw|current|amps|amp draw|load)(?: at all)? (?:on|in|through|showing on) (?:either|any|both|all)'
  + '(?: of)?(?: the)?(?: two| three)?(?: wires?| legs?| leads?| conductors?| one)?'],
  // across one pole
  ['pole1 drop $1', '(?:put|have|got|with|had) (?:my |the )?(?:meter|leads|probes) (?:across|on) (?:the )?(?:left'
  + '|first|'
  + 'one|top)(?: set of| pair of)?(?: contacts?| points| pole)?,? (?:and )?(?:i\'?m |it\'?s |i |i get |getting |'
  + `reading |reads |got |it )*(${FIGURE})(?: ?volts?)?`],
  ['pole2 drop $1', '(?:put|have|got|with|had) (?:my |the )?(?:meter|leads|probes) (?:across|on) (?:the )?(?:right|'
  + 'second|other|bottom)(?: set of| pair of)?(?: contacts?| points| pole)?,? (?:and )?(?:i\'?m |it\'?s |i |i get |'
  + `getting |reading |reads |got |it )*(${FIGURE})(?: ?volts?)?`],
  // leads by what they are
  ['red to yellow', '(?:common|com|c) to (?:start|s)', '(?:start|s) to (?:common|com|c)'],
  ['black to yellow', '(?:common|com|c) to (?:run|main|r)', '(?:run|main|r) to (?:common|com|c)'],
  ['red to black', '(?:start|s) to (?:run|main|r)', '(?:run|main|r) to (?:start|s)'],
  ['gauge reads $1', `boosts?(?: it| up)*(?: from ${FIGURE})?(?: up)? to (${FIGURE})`],
  ['hums', 'drawing locked[- ]rotor(?: amps| current)?'],
  // taken off, and tried again
  ['off the load wires', `${TOOK_OFF} (?:the |both |all the )?(?:pump |motor |load )?(?:wires|leads)(?: off)?(?:`
  + ` of)? `
  + '(?:the )?(?:load terminals|load screws|load lugs|load side|bottom|load|pump side|motor side)(?: of)?(?:'
  + ' the)?(?: pressure)?(?: switch)?'],
  ['$1 startswitch', `${TOOK_OFF} (?:the )?end (?:cap|bell|cover|plate|housing)(?: off)?(?: of)?(?: the| its)?(?:`
  + ` motor)? ?,? ?(?:and )?`
  + '([^,]*)\\b(?:points|contacts)'],
  ['', `${TOOK_OFF} (?:the )?end (?:cap|bell|cover|plate|housing)(?: off)?(?: of)?(?: the| its)?(?: motor)?,?`
  + ` ?(?:and )?`],
  ['', '(?:opened|opened up|pulled the cover off|took the cover off|took the lid off|looked in) (?:the'
  + ' )?(?:control box|'
  + 'box|switch|starter|panel|motor),? and (?=the |there|it |one |i )'],
  // a gauge that was stuck
  ['gauge stuck', `${TAPPED} (?:the |that )?(?:gauge|needle)(?: glass| face)?,? (?:and |then )?(?:it |the needle `
  + `|needle )?`
  + `(?:dropped|jumped|moved|fell|went|swung|came|shot|flew)[^,]*`],
  ['gauge reads $1', `(?:gauge|needle)(?: is|'s| was)? (?:stuck|hung up|hung|frozen|jammed) (?:on|at) `
  + `(${FIGURE})(?: ?(?:psi|pounds))?`],
  ['precharge reads $1', '(?:tank |air )(?:pressure |charge |air )?(?:reads |is |at |was |shows |checks |in it )*'
  + `(${FIGURE})(?: ?(?:psi|pounds|lbs))? (?:with|once|after) (?:the |all the )?(?:water|tank|system)(?: is| was`
  + `|'s)? `
  + '(?:drained|out|empty|emptied|dumped|down|gone)(?: out| off| down)?'],
  ['poked out the port', '(?:poked|cleaned|reamed|dug|punched|rodded|picked|drilled)(?: out)? (?:the |that'
  + ' )?(?:nipple|'
  + 'port|tube|hole|fitting)(?: out| clean)?,? and (?:the )?(?:water|pressure|it|air) (?:shot|came|spit|squirted'
  + '|flew|'
  + 'sprayed|blew|ran)[^,]*'],
  // after it was left to cool
  ['', '(?:waited|gave it|let it (?:sit|cool|rest)(?: for)?|after)(?: about| a good)? (?:\\w+ )?(?:\\w+)'
  + ' (?:minutes|hour'
  + '|hours)(?: later)?,? and (?:now )?(?=it (?:ohms|reads|measures|shows))'],
  ['leadtolead $1 ohms', `(?:it|motor|pump|the motor|the pump|windings?) (?:now )?(?:ohms|ohmed|meters|metered)(?:`
  + ` out)?`
  + `(?: at| to)? (${FIGURE})(?: ?ohms?)?${END}`],
  ['$1 ohms', `ohms?(?: at| out at| out to| out| is| are| reads?)? (${FIGURE})(?! ?(?:ohm|k|meg|volt|amp))(?= ?$|`
  + ` and | but )`],
  ['to ground ol', '(?:all (?:three|of them)|each|both|every|either)(?: of the)?(?: wires?| leads?| legs?| phases?'
  + '| one)* to (?:'
  + 'ground|earth|the frame|the case|frame)(?: is| are| reads?| shows?)?(?: all)? (?:wide )?(?:clear|open|good|clean|'
  + 'infinite|infinity|ol|nothing|fine)(?:,? so no ground fault)?'],
  ['bothlegs toground', '(?:on |from )?(?:each|either|both) (?:of the )?legs?(?: going)? to (?:ground|neutral'
  + '|earth)'],
  // still lets go with the load's wires off
  ['load wires off still trips', '(?:off )?(?:the )?load ?wires(?: off)? ?,? ?(?:and |but )?(?:it |the breaker'
  + ' )?still '
  + '(?:kicks|trips|pops|blows|throws|trip)(?: out)?(?: the| its)?(?: breaker)?'],
  ['load wires off holds', '(?:off )?(?:the )?load ?wires(?: off)? ?,? ?(?:and |but )?(?:it |the breaker )?(?:now'
  + ' )?(?:holds|'
  + 'stays (?:on|in|put|set))(?: now)?'],
  ['storm', '(?:(?:lightning|thunder|electrical|big|bad|wind|ice) )*storm (?:\\w+ )?(?:\\w+ )?(?:nights?|days?'
  + '|weeks?) ago'],
  ['lostphase', '(?:^ ?|(?<=, ))(?:phase|leg|line|l) ?[abc123](?: is|\'s| was)? (?:missing|gone|lost|out|dead)' + END,
    '(?:lost|missing|dropped|down) (?:a |one )?(?:phase|leg|line|l(?=[123]))(?: ?[abc123])?'],
  // the button of an overload
  ['overload trips', '(?:pushed|punched|pressed|hit) (?:the |that )?(?:reset|button|red button|overload)(?:'
  + ' button)?(?: in|'
  + ` back in)?,? (?:and )?(?:it |she |the pump )?(?:ran|runs|goes|went|starts|holds)(?: for)? [^,]*?(?:then|and`
  + `|before)`
  + '(?: it)? (?:pops|popped|trips|tripped|kicks out|kicked out|lets go|quits)[^,]*'],
  // another one put in its place
  ['known good box runs', '(?:with|put|hung|tried|stuck|swapped in) (?:a |another |my |the |an? )?(?:known'
  + ' )?(?:good|new|'
  + 'spare|test|different|loaner) (?:control )?box(?: lid| cover)?(?: on| in| in its place)?(?: it)?,? (?:and'
  + ' )?(?:it|she'
  + '|the pump|pump|the motor)? ?(?:now )?(?:runs|ran|starts|started|took (?:right )?off|goes|fired)[^,]*'],
  ['known good box groans', '(?:with|put|hung|tried|stuck|swapped in) (?:a |another |my |the |an? )?(?:known'
  + ' )?(?:good|new'
  + '|spare|test|different|loaner) (?:control )?box(?: lid| cover)?(?: on| in| in its place)?(?: it)?,? (?:and'
  + ' )?(?:still '
  + 'hums|still groans|just hums)[^,]*'],
  ['prime it', `filled (?:it|the pump|the case|the casing|the volute)(?: up)?(?: with water)?(?: (?:through|at|up`
  + ` through) `
  + '(?:the )?(?:prime |priming )?(?:plug|port|hole))?(?= and| then|,)'],
  ['startswitch', '(?:contacts?|points) (?:in|inside|on) the (?:back of the )?motor', 'motor\'?s? points'],
  ['when release', `(?:as soon as|the second|the minute|when|once) (?:i|you|we) let (?:go|up)(?: of (?:it|the`
  + ` lever))?`],
  ['inlet strainer', 'filter (?:ahead of|before|in front of|feeding|going into|upstream of) the (?:pump|booster)'],
  ['check valve leaking back', `check(?: valve)?(?: is|'s)? letting (?:it|water|air|pressure)(?: bleed| run| leak|`
  + ` go)? back`
  + '(?: through)?'],
  // a tap is shut and it goes on
  ['keep running', `(?:keeps? (?:on )?|still )(?:running|going|runs) (?:after|even after|with|when) (?:i |you |we`
  + ` )?(?:`
  + '(?:shut|close|turn off|closed|turned off)(?: off)? )?(?:the |all the |every )?(?:faucet|tap|valve|taps|faucets|'
  + 'everything|hose|sink)(?:s)?(?: (?:is|are))?(?: shut| closed| off)*'],
  // three phases by their letters and numbers
  ['leadtolead $1/$2/$3 ohms', `phase to phase(?: is| are| reads?)?:? (\\d{1,2}(?:\\.\\d+)?),?`
  + ` (\\d{1,2}(?:\\.\\d+)?),? `
  + '(?:and )?(\\d{1,2}(?:\\.\\d+)?)(?: ?ohms?)?'],
  ['n1 n2 $1, n2 n3 0 volts, n3 n1 0 volts', `${VOLTS} (?:between |across |on |from )?l1 (?:and|to|-) l2,? (?:and `
  + `|but )?`
  + `${NOUGHT} (?:to|on|at) l3`],
  ['n1 n2 0 volts, n2 n3 $1, n3 n1 0 volts', `${VOLTS} (?:between |across |on |from )?l2 (?:and|to|-) l3,? (?:and `
  + `|but )?`
  + `${NOUGHT} (?:to|on|at) l1`],
  ['n1 n2 0 volts, n2 n3 0 volts, n3 n1 $1', `${VOLTS} (?:between |across |on |from )?l1 (?:and|to|-) l3,? (?:and `
  + `|but )?`
  + `${NOUGHT} (?:to|on|at) l2`],
  ['rolled the lead, odd one stays with the line', '(?:rolled|rotated|moved|shifted) (?:the |all three |my'
  + ' )?(?:leads|wires'
  + '|phases|legs)(?: one(?: place| spot)?| over| around)?,? (?:and |but )?(?:the )?(?:high|odd|low|bad|hot'
  + '|imbalance|'
  + 'unbalance)(?: \\w+)? (?:stayed|stays|remained|still)(?: put)?(?: (?:on|with|at) [^,]*)?'],
  ['starter chatters', '(?:starter|contactor|coil)(?:\'s| is)?(?: just)? (?:buzzes|hums|chatters|rattles|humming'
  + '|buzzing|chattering)'
  + `(?: loud| bad)?(?: ?,? ?(?:but |and )?(?:it )?${NEVER} (?:close|pull in|pull|make|seat|seal)(?: all the`
  + ` way)?(?: in)?)?`],
  ['changed two lead, give more', '(?:swapped|switched|reversed|flipped|traded) (?:any )?two (?:of the )?(?:leads'
  + '|wires|'
  + `legs|phases),? (?:and |then )?(?:now )?(?:${IT} )?(?:now )?(?:makes|pumps|builds|gives|works|has|got|runs`
  + `|puts out)`
  + '[^,]*'],
  // what it is set to, or made for
  ['', '(?:it\'s |it is |this is |that\'s |with |set at |is at |is set at |set for |set to |set up for |on'
  + ' )?(?:an? )?(?:20|30|40|50|60)'
  + ' ?[/-] ?(?:40|50|60|70|80)(?: (?:psi|pounds|switch|pressure switch|setting|system))?' + END],
  ['', '(?:breaker|fuse)(?:\'s| is| was) (?:an? |only an? )' + FIGURE + '(?: ?amps?)?' + END],
  ['', '(?:it\'s |it is )?(?:rated|marked|labelled|labeled|stamped)(?: at| for)? ' + FIGURE + ' ?(?:to|-) ?' + FIGURE
  + '(?: ?(?:uf|mfd|mikes?|microfarads?))?' + END],
  ['', `,? ?(?:and |but )?(?:on an?|the|it's an?) ${FIGURE}(?: ?amps?)? (?:name)?(?:plate|tag|motor)` + END],
  ['cutin $1', `(?:${NEVER}) (?:come on|start|kick (?:on|in)|turn on|cut in|fire up|comes on|starts)(?: again|`
  + ` back)? (?:un)?till? `
  + `(?:it|the pressure|the gauge|she)(?: gets?| drops?| falls?| is|'s| goes| reads?)*(?: clear| all the way|`
  + ` way)?(?: down)?`
  + `(?: to| at)? (${FIGURE})(?: ?(?:psi|pounds|lbs?))?`],
  // bare figures in words
  ['to ground $1 meg', `(${FIGURE}) ?meg\\w*(?: ?ohms?)? (?:on|from|across) (?:both|either|all|each|all three`
  + `|any)(?: of the)?`
  + '(?: two| three)?(?: leads?| wires?| legs?| windings?| phases?)?'],
  ['to ground 0 ohms', '(?:motor |it |pump )?megs? (?:to|at|down to|is) (?:zero|nothing|0)'],
  ['leadtolead $1 ohms', `(?:motor |pump |two )?(?:leads|wires) (?:are )?shorted(?: together| to each other)?,?`
  + ` (${FIGURE})`
  + '(?: ?ohms?)?'],
  ['leadtolead', 'ohms?(?= (?:bounces?|jumps?|wanders?|is|are) (?:all over|around))'],
  ['amps 0', '(?:checked|clamped|looked at|measured|took)(?: the| my)? (?:amps|amperage|current|it|draw)(?: with'
  + ' the clamp)? ?'
  + `[,:]? ?(?:and )?(?:got |there's |it's )?(?:nothing|zero|none|0)${END}`],
  ['power to the pump', '(?:so )?(?:we|i|you)(?:\'ve)?(?: have| got| do have)* power (?:to|at) the (?:pump|motor)'],
  ['$1 into the switch, $2 outofit', `${VOLTS} in,? (?:and )?${VOLTS} out(?: of)?(?: the)? (?:pressure )?switch`],
  ['box volts $1', `${VOLTS} in,? (?:and )?(?:${FIGURE}) out(?: to| on)(?: the)? (?:black|yellow)[^,]*`],
  // how long it goes
  ['runs tminutes then quit', '(?:good|fine|ok|great) (?:pressure|water|flow)? ?(?:for a while )?(?:and |,? ?then'
  + ' )(?:it )?'
  + '(?:dies|drops|falls|fades|quits)(?: right)?(?: off| away| out)? after (?:about )?\\w+ minutes?(?: of'
  + ' (?:running|use))?'],
  ['trips after $1 seconds', '(?:takes|it takes|after)(?: about| maybe)? (\\w+) seconds? (?:to|before it|then it'
  + '|and it) (?:trips?|'
  + 'pops?|kicks?|blows?|lets? go)(?: out)?'],
  ['overload trips', '(?:thermal|overload|protector|heater)s? (?:keeps?|kept) (?:on )?(?:tripping|popping|kicking'
  + '|dropping|going'
  + '|cutting|opening|letting)(?: out| off| go)?'],
  ['runs tminutes then quit', '(?:lets go|trips|kicks out|cuts out|shuts down|quits|stops)(?: after)?(?: about)?'
  + ' \\w+ minutes?'
  + '(?: or so)? ?,? ?(?:and |then )+(?:it )?(?:restarts|starts|comes back|resets|runs again|goes again)(?: on its'
  + ' own| by '
  + 'itself| once it cools[^,]*| when it\'s cool[^,]*)?'],
  ['groans', '(?:will not|won\'t|can\'t|doesn\'t|never|not) (?:spin up|come up to speed|get up to speed|get going'
  + '|spool up)'],
  ['', '(?:switch|relay) clicks(?: in| on)? but(?= (?:the pump|it|the motor|nothing))'],
  ['', ',? ?(?:but )?only (?:when|if|after) it(?:\'s)? (?:rains?|raining|wet)' + END],
  // what is seen of a thing
  ['motor hums', '(?:buzzing|humming|hum|buzz) (?:from|in) the (?:control )?box', '(?:control )?box(?: just)?'
  + ' (?:hums|buzzes|is humming|is buzzing)' + END],
  ['cap test bad', '(?:start )?cap(?:acitor)?(?:\'s| is| has| looks)? (?:dry|dried out|dried up|gone|shorted(?:'
  + ' out)?|no good)' + END],
  ['cap reads 0', 'no (?:reading|capacitance|microfarads)(?: at all)? (?:on|across|from) the (?:start'
  + ' )?cap(?:acitor)?'],
  ['noth outofit', `(?:no|not any) (?:voltage|volts|power|juice) (?:coming |going |getting )?out of (?:the )?(?:it`
  + `|box)` + END],
  ['box wet', '(?:control )?box(?: is|\'s| was)? full of water', 'water in the (?:control )?box'],
  ['box burnt', '(?:mouse|rat|mice|wasp|ant|ants)[\'s]*(?: nest)? in the (?:control )?box'],
  ['suction leaks air', 'suction (?:pipe|line|hose)(?: has|\'s got| has got|\'s)? (?:an? )?(?:pinhole|hole|crack'
  + '|split|leak)(?: in it)?'],
  ['deadheads', 'dead ?head(?:s|ing|ed)?(?: at)?'],
  ['phaserotation', 'phase rotation', 'rotation'],
  ['airvalve nothing', '(?:pressure |bladder )?tank (?:has |\'s )?(?:lost|losing) (?:its |the |all its )?air'],
  ['pipe holed', '(?:drop |well )?pipe(?: has|\'s got| has got|\'s)? (?:a )?(?:hole|split|crack|pinhole)s? (?:in'
  + ' it|in the side)?'],
  ['splice parted', 'splice (?:is |was |has )?(?:pulled|come|came|fell|let go)(?: right| all)? (?:apart|off|loose'
  + '|undone)'],
  ['motor side good', `cable(?: is|'s) (?:bad|shot|shorted|down|gone),? (?:and |but )?(?:the )?motor(?: is|'s)`
  + ` (?:good|fine|ok|clear)`
  + '[^,]*'],
  ['motor side to ground', `motor(?: is|'s) (?:bad|shot|shorted|down|gone),? (?:and |but )?(?:the )?cable(?: is`
  + `|'s) (?:good|fine|ok|`
  + 'clear)[^,]*'],
  ['both good to ground', 'both sides (?:are |read |is )?(?:over |above )?\\d{2,} ?meg\\w*'],
  ['coil ol', '(?:starter |contactor |holding )?coil (?:reads?|ohms|is|checks|meters)(?: out)? (?:wide )?open' + END],
  ['starter contact burnt', '(?:contact|pole|point) (?:on|at|for|of) (?:t|l|line |leg |phase )[123abc](?: is|\'s)?'
  + ' (?:not |isn\'t '
  + '|n\'t )?(?:making|burnt|burned|gone|toast|open)(?: contact)?'],
  ['fuse good', 'fuses (?:all )?(?:check|test|read|ring|ohm|look)(?:s|ed)?(?: out)? (?:good|fine|ok)'],
  ['one fuse blown', '(?:dead|blown|bad|open) fuse on (?:the )?(?:middle|left|right|one|a|b|c|first|second|third'
  + '|l[123])(?: leg| phase'
  + '| one)?'],
  ['second return, it runs', 'ran (?:a )?(?:wire|jumper|lead)(?: straight| right)? from (?:the )?(?:pump'
  + '|motor)(?:\'s)?(?: ground| '
  + 'negative| black)? to (?:the )?(?:negative|battery|neg)(?: post| terminal| battery)?(?: post)?,? (?:and'
  + ' )?(?:it |pump )?(?:works|'
  + 'runs|ran|took off|goes|worked)'],
  ['relief weeps', '(?:blew|popped|lifted) (?:off )?the (?:relief|safety|pop ?off)(?: valve)?', '(?:relief|safety'
  + '|pop ?off)(?: valve)? '
  + `(?:went off|blew|pops?|popped|lifted|lifts?|opened)(?: off)?(?: at ${FIGURE})?(?: ?(?:psi|pounds))?`],
  ['unloader hisson', 'unloader (?:valve )?(?:stays|stuck|hangs|is stuck) open'],
  ['no unload sigh', 'unloader(?: valve)? (?:is ?n\'t|is not|does ?n\'t|does not|never|not) (?:dump|dumping|vent'
  + '|venting|unload|'
  + 'unloading|work|working|bleed|bleeding)(?: off)?'],
  ['pump-up take long', 'takes (?:forever|ages|too long|way too long) to (?:fill|pump up|build|build up'
  + '|charge)[^,]*'],
  ['suction leaks air', '(?:packed|smeared|coated|wrapped) (?:the )?(?:shaft )?(?:seal|joint|joints|fittings?'
  + '|union) with (?:grease|tape|'
  + 'dope|putty)[^,]*,? ?(?:and )?(?:no more|no) (?:air|bubbles)'],
  ['line idle $1 volts, line start $2 volts', `^ ?(\\d{2,3})(?: ?v(?:olts?)?)? (?:at rest|resting|sitting|static`
  + `|with it off|not running)`
  + `,? (?:and |but )?(?:only )?(\\d{2,3})(?: ?v(?:olts?)?)? ${WHEN} ${CALLS}`],
  ['float stuck', 'float(?: is| was|\'s)? [^,]*?(?:and )?(?:won\'t|will not|can\'t|doesn\'t|does not|not) (?:rise'
  + '|float|come up|lift|move)'],
  ['float calls and stops', 'float(?: switch)? (?:reads?|is|shows|ohms) (?:0|zero|closed|continuity|ol'
  + '|open)(?: ohms)? (?:up'
  + '|down|hanging|raised|lifted)'
  + ',? (?:and )?(?:0|zero|closed|continuity|ol|open)(?: ohms)? (?:up|down|hanging|raised|lifted)'],
  ['float dead', 'float(?: switch)? (?:reads?|is|shows|ohms) (?:ol|open) (?:both ways|up and down|either way|up or'
  + ' down)'],
  ['lightsodd', 'half the lights[^,]*bright[^,]*dim', 'some lights[^,]*bright[^,]*dim', 'lights[^,]*bright'
  + ' and[^,]*dim'],
  ['contacts open', '(?:contacts?|points)(?: are| is)? (?:stuck|hung|jammed|frozen|hanging) open'],
  ['', '(?<=breaker[^,]*)(?:and )?(?:buzzing|humming|buzzes|hums)'],
  ['cable bad', '(?:wire|cable|run)s? (?:between|from) the (?:house|panel|switch|box) (?:and|to) the (?:well(?:'
  + ' head)?|pump)(?: is| are|\'s)?'
  + ' (?:bad|shot|gone)'],
  ['', '(?<=(?:watered|filled|watering|filling|lawn|pool|pond)[^;]*)(?:and )?then it (?:quit|stopped|died|shut'
  + ' off)' + END],
  ['capcharged', `cap(?:acitor)?(?:'s| has)(?: still)?(?: got)? ${FIGURE} ?v(?:olts?)? (?:on|in|across) it`],
  ['boxclicks', '(?:control )?box (?:just )?(?:clicks|is clicking|keeps clicking)(?: every [^,]*| over and over)?'],
  ['blocked', '(?:full of|packed with|plugged with|choked with|packed full of|jammed with) (?:rocks?|stones?'
  + '|leaves|hair|weeds?|moss|slime|plastic'
  + '|scale|rust|gravel|pebbles)'],
  ['inlet 0 psi running', `(?:suction|inlet)(?: pressure| gauge| side)* ${SAGS} (?:nothing|zero|0)(?: ${WHEN}`
  + ` ${CALLS})?`],
  ['checkchatters', 'check(?: valve)?(?: is|\'s)? (?:chattering|chatters|slamming|slams|hammering|hammers|banging)'],
  ['precharge', 'pre-charge'],
  ['', ',? ?(?:the )?(?:pressure )?switch(?:\'s| is)? (?:set )?(?:at |for |to )?(?:an? )?(?:20|30|40|50|60) ?[/-]'
  + ' ?(?:40|50|60|70|80)' + END],
  ['cap $1 microfarads', `cap(?:acitor)? \\d+ ?(?:to|-) ?\\d+(?: ?(?:uf|mfd|mikes?|microfarads?))?,? (?:reads`
  + `|measures|tests|shows|checks)(?: at| only)? (${FIGURE})`],
  ['spin by hand it starts', 'runs? (?:backwards?|either way|whichever way) (?:when|if) (?:i|you) (?:kick|spin'
  + '|push|turn|nudge) it'],
  ['into the $2 $1 volts, $1 outofit', `${VOLTS} into the ([a-z]+) and out${END}`],
  ['starting $1 amps, running $2 amps', `(?<=amps? )(${FIGURE})(?: ?amps?)? (?:starting|at start|on start|to start`
  + `|inrush|at the start),? (?:then |and )?`
  + `(?:it )?(?:falls|drops|settles|comes down|goes down)(?: back)? to (${FIGURE})(?: ?amps?)?`],
  ['holdcontact', '(?:holding|hold-in|seal-in|seal in|hold in) contacts?'],
  ['chatters', '(?:pulling|pulls|dropping|clicking|slamming|going|bouncing) in and out' + END],
  ['', `,? (?:the )?(?:motor|plate|pump|nameplate)(?:'s| is) (?:an? )?${FIGURE}(?: ?amps?)?(?= ?$)`],
  ['pressuretransducer', '(?:pressure )?(?:transducer|sensor)'],
  ['cut in $1, cut out $2', `(?:switch )?(?:closes|makes|comes in) at (${FIGURE})(?: ?psi)?,? (?:and )?(?:opens`
  + `|breaks|goes out) at (${FIGURE})(?: ?psi)?`],
  ['lowwaterprobe', 'low (?:water|level) probes?'],
  ['airlock', 'air[- ]?(?:locked|lock|bound)'],
  ['leads off at the well head', '(?:with )?(?:the )?(?:pump|leads|wires) (?:unhooked|disconnected|off|undone'
  + '|apart) at the well(?: ?head| cap)?'],
  ['starts byitself', '(?:cycles|kicks on|comes on|starts|cuts in|clicks on) (?:with|when) (?:no|nobody\'s'
  + '|nothing\'s|nobody is|there\'s no|no one\'s) (?:water )?'
  + '(?:is |being )*(?:used|using|running|on|drawn|open|water|any water)(?: any)?(?: water)?'],
  ['impeller worn', '(?:impellers?|stages?|vanes?)(?:\'s| is| are)(?: all)? (?:shot|gone|eaten up|eaten|chewed up'
  + '|toast|eroded|rounded off|wore out)'],
  ['lever off', 'low[- ]pressure (?:switch|cut ?-?off|cut ?-?out)(?: keeps?)?(?: on)? (?:kicks|kicking|trips'
  + '|tripping|tripped|drops|dropping|cuts|cutting)(?: it)?'
  + '(?: out| off)?'],
  ['airvalve nothing', '(?:pressure |bladder )?tank(?:\'s| is) flat'],
  ['rapid cycles', 'cycl(?:es|ing) (?:about |maybe )?(?:once|twice|a couple of times|three times) a second'],
  ['keep running', '(?:pressure )?switch(?: is)? ?(?:isn\'t|is not|won\'t|will not|doesn\'t|does not|never'
  + '|not) open(?:ing|s)?(?: up)?' + END],
  ['unloaderline cracked starts', '(?:starts|runs|takes off|goes)(?: up)?(?: easy| right up| fine| right off)?'
  + ' (?:when|with|if) (?:i |you )?(?:pull|crack|loosen|take off|'
  + 'disconnect|undo) the unloader (?:line|tube)(?: off| loose)?'],
  ['load noth volts', 'no (?:power|voltage|volts|juice) (?:through|past|across|getting through) (?:them|it|the'
  + ' contacts|the points|the switch)'],
  ['n1 toground $1, n2 toground $2', '(\\d{2,3})(?: ?v(?:olts?)?)? on one (?:terminal|screw|lug|wire|hot),? (?:and'
  + ' |but )?(?:only )?(nothing|zero|dead|\\d{1,3})'
  + '(?: ?v(?:olts?)?)? on the other(?: one| terminal| screw| lug| wire| hot)?'],
  ['rapid cycles', '(?:goes|jumps|bounces|swings|runs)? ?up and down like a (?:yo-?yo|pump handle|cork)'],
  ['airvalve nothing', 'tank(?:\'s)?(?: air)?(?:\'s| is| has)? (?:air is gone|air gone|out of air|lost (?:all'
  + ' )?(?:its|the) air)'],
  ['tank dull heavy', 'tank (?:sounds|feels|thuds) (?:dead|dull|solid|full|like a rock)'],
  ['red open', 'one of the wires is open,? the red'],
  ['to ground 0 ohms', '(?<!(?:cable|splice|wire)[^;]*)(?:motor|pump)(?:\'s| is| has)? (?:grounded|shorted to'
  + ' ground|gone to ground|dead to ground|a dead ground)'],
  ['known good $2 runs', '(new|another|different) (box|cap|capacitor) (?:fixed|cured|did) it'],
  ['known good box same', '(?:tried|put on|hung|put in) (?:a |another )?(?:new|good|different|known good|spare)'
  + ' (?:control )?box,? (?:and )?(?:no (?:change|better|'
  + 'different|difference)|same(?: thing| deal)?)'],
  ['known feed same', '(?:different|another) (?:outlet|circuit|plug),? (?:and )?(?:no (?:change|better|difference)'
  + '|same(?: thing| deal)?)'],
  ['cavitates', '(?:noise|noises|sounds?|rattling|racket) like (?:there\'s |it\'s full of )?(?:gravel|marbles'
  + '|rocks|stones)'],
  ['shaft stiff', 'turned (?:it|the shaft|her) by hand,? (?:and )?(?:it )?(?:felt|feels|is|was|turns) (?:gritty'
  + '|rough|tight|stiff|hard)'],
  ['pressureslow', 'pressure(?:\'s| is)? (?:slow|takes forever|taking forever|crawls|slow as \\w+)(?: coming| to'
  + ' come| to build| building| climbing| to get)*(?: up)?(?:,? takes forever)?'],
  ['float dead', 'float(?:\'s| is)? (?:hanging )?down (?:and|but) (?:it\'s |it is |it |the pump\'s |the pump is'
  + ' )?(?:not calling|not running|won\'t call|nothing|doesn\'t call)'],
  ['float held', 'float(?:\'s| is)? (?:all the way )?up (?:and|but) (?:it\'s |it |the (?:well )?pump(?:\'s| is)? '
  + '|she\'s )?(?:still )?(?:running|pumping|going|runs|keeps running)'],
  ['pump silent', '(?:water )?pump(?:\'s| is) dead' + END],
  ['switch open', '(?:pressure )?switch(?: on the pump)?(?: is|\'s)? (?:stuck|hung|jammed|failed) open'],
  ['citywaterfine', '(?:city water|shore water|hose)(?: works| is|\'s| runs)? (?:fine|ok|good|great)'],
  ['onlywhileheld', 'only runs (?:while|when|as long as|if) (?:i|you) hold (?:in )?the (?:start )?(?:button'
  + '|switch)[^,]*'],
  ['$1 toground 0 volts', '(l[123]|n[123]) to ground(?: is| reads|:)? (?:zero|nothing|dead|0)(?: volts?)?' + END],
  ['coilvoltsgood', 'coil (?:voltage|volts)(?:\'s| is| are)? (?:good|fine|there|ok|right)'],
  ['running backwards', '(?:pump|motor)(?:\'s| is)? (?:turning|running|spinning|going|turns|spins) (?:the'
  + ' )?(?:wrong way|backwards?|in reverse|wrong direction)'],
  ['tap weak', 'low (?:flow|volume|output)', '(?:faucets?|taps?|shower|spigots?)(?: just)? (?:barely|hardly)'
  + ' (?:runs?|flows?|trickles?|dribbles?)'],
  ['windings $1/$1/$1 ohms', `ohms (?:are )?(?:even|balanced|equal|all the same|the same)(?: all around| across`
  + ` all three)?,? (?:at )?(${FIGURE})(?: ohms?)?`],
  ['amps 0', `${NOUGHT} (?:showing )?on the (?:ammeter|amp meter|clamp(?: meter)?|amp clamp)`, '(?:ammeter|amp'
  + ' meter|amp clamp) (?:reads|shows|says|stays at) '
  + NOUGHT],
  ['to ground ol', '(?:megg\\w*|insulation tester) (?:pegged|pegs|maxed|maxes|tops)(?: out)?(?: (?:at|to)'
  + ' (?:infinity|infinite|ol|the top))?'],
  ['contacts pushed closed by hand, runs', '(?:pushed|lifted|pressed|held)(?: up)?(?: on)? the (?:plate|arm'
  + '|contacts|points|contact arm|moving plate)(?: up| closed| together| in)*'
  + ',? and (?:the pump|it|she|the motor) (?:came|comes|started|starts|took|takes|kicked|kicks|ran|runs|fired)[^,]*'],
  ['lever off', '(?:cutoff |little )?lever(?:\'s| is)? in the middle', '(?:have|has|had|got) to hold the'
  + ' lever[^,]*', 'kicks (?:off|out) on low pressure'],
  ['cap reads 0', '(?:no|zero) capacitance' + END],
  ['outage', '(?:power|electric|electricity|lights) (?:was|were|went|has been|had been) (?:out|off)(?: for [^,]*|'
  + ' last [^,]*| the other [^,]*| overnight)?', '(?:lost|no) power for [^,]*'],
  ['someone worked on it', '(?:since|after) (?:they|he|she|we|the owner|somebody) (?:redid|remodell?ed|rebuilt'
  + '|renovated|replumbed|added on|rewired) [^,]*',
  '(?:had|got) (?:a |some |another )?(?:well|pump|plumber|plumbing|electric|electrician)(?: guy| man| company|'
  + ' outfit)? (?:here|out|out here|in here|look at it)[^,]*'],
  ['starts then quit after seconds', '(?:lifted|held|raised|pushed|flipped) (?:up )?the (?:cutoff |little'
  + ' )?lever(?: up| half ?way)*,? (?:and )?(?:it|she|the pump) (?:only )?(?:runs|ran|goes) '
  + '(?:only )?(?:as long as|while|till|until) (?:i |you )?(?:hold|held|let go)[^,]*', '(?:only )?(?:runs|ran'
  + '|goes) (?:only )?(?:as long as|while) (?:i |you )?(?:hold|held) (?:it|the lever)[^,]*'],
  ['inlet $1', `(?:incoming|street|city|inlet|suction)(?: pressure| side| gauge)?(?:'s| is| was| at)*`
  + ` (\\d{1,3})(?: ?psi| pounds)? (?:with|when) (?:it|the pump|everything|it's|the pump's|the pump is)`
  + '(?: is)? (?:off|not running|stopped|shut off)'],
  ['lostphase', '(?:phase|leg) [abc] is out'],
  ['fuse one blown', '(?:the )?(?:fuse|one) (?:on|for|in) (?:phase |leg |line )?(?:a|b|c|l[123]|one|two|three'
  + '|[123])(?: phase| leg)?(?: is| was|\'s) (?:blown|open|bad|gone|dead|popped)'],
  ['starter contact burnt', '(?:contact|pole|tip|point)s? (?:one|two|three|[123abc]|number \\w+)(?: is|\'s| are)'
  + ' (?:all )?(?:burnt|burned|gone|toast|eaten)[^,]*'],
  ['starter not pullin', '(?:starter|contactor) (?:does ?n\'t|won\'t|does not|will not) (?:do (?:a thing|anything)'
  + '|move|budge|react)'],
  ['coil ol', 'coil (?:reads?|ohms|is|checks|meters)(?: out)? (?:wide )?open with (?:a|one|the) (?:wire|lead) off'],
  ['leadtolead ol', '(?:between|across) the (?:two )?(?:pump|motor) (?:wires|leads)(?: (?:at|on|in) the [a-z]+(?:'
  + ' [a-z]+)?)? (?:i |it |they |we )?(?:read|reads|get|got|shows?|ohms?)(?: wide)? (?:open|ol|nothing|infinite)'],
  ['open-again whole, motor', '(?:cut|opened|undid|took|pulled) the splice (?:loose|apart|open) and the motor(?:'
  + ' itself| alone| side)? (?:reads|ohms|shows|is|checks)(?: at)? \\d[\\d.]*(?: ?ohms?)?'],
  ['relay contacts stuck closed', '(?:took|pulled|had) the relay (?:out|off)?,? ?(?:and )?(?:the |its )?(?:points'
  + '|contacts) (?:are |were )?(?:stuck|welded|fused) (?:shut|closed|together)[^,]*'],
  ['links wrong', '(?:links?|jumpers?|straps?)(?: inside)?(?: the cover| the cap)?(?: are| is) (?:set|made|landed'
  + '|on|in)(?: up)?(?: for| on| at)?(?: the)? (?:230|240|220|high)(?: volts?)?(?=.*\\b1[12]\\d\\b)'],
  ['foot holds', 'foot valve (?:held|holds|is holding|stayed)(?: fine| good| tight)?(?: (?:when|after|once) (?:i'
  + '|we) (?:filled|primed) [^,]*)?'],
  ['amps 0', '(?:clamp(?: meter)?|ammeter) (?:shows|reads|says) (?:nothing|zero|0) (?:on|for) (?:either|both'
  + '|any|each)[^,]*'],
  ['cord long', '(?:plugged into|on) (?:an? )?(?:hundred|fifty|seventy[- ]five|\\d+)[- ]?(?:foot|feet|ft)(?:'
  + ' of)?(?: \\w+)? (?:extension )?cord'],
  ['neighbour no pressure', 'neighbou?rs?(?:\'s)? (?:says? |said |tells me )?(?:that )?(?:they|he|she|it)?'
  + '(?: ?have| ?has|\'ve got|\'s got| ?got| ?are| ?is|\'re)(?: got)? (?:nothing|none|no (?:water|pressure)|low'
  + '|weak|out)'
  + '(?: either| too| as well)'],
  ['inlet $1 psi', `(?<=(?:inlet|incoming|suction|street|city)[^;]*)${SAGS} (\\d{1,2})(?: ?psi| pounds)? (?:as`
  + ` soon as|${WHEN}) ${CALLS}`],
  ['motor $1 volts', `(\\d{1,2}\\.\\d) at the (?:pump|motor) (?:terminals|plug|connector|wires) (?:with it called`
  + ` for|with it on|calling|with the switch on)`],
  ['fuse holder in $1', `(\\d{1,2}\\.\\d) (?:going )?(?:in|into) (?:to )?the fuse holder`],
  ['motor 0 volts', `${NOUGHT} on the motor side` + END],
  ['lever off, contacts open', '(?<=lever[^,]*)and the contacts (?:won\'t|don\'t|will not|do not) (?:make|close'
  + '|touch)'],
  ['startswitch burnt', '(?:weight|weights|governor|flyweight)s? (?:does ?n\'t|don\'t|won\'t|do not|does not)'
  + ' (?:come back|move|drop back|return|reset)[^;]*'],
  ['gauge reads $1', `(?:it )?(?:built|climbed|pumped)(?: right| straight| back| all the way)* up to`
  + ` (${FIGURE})(?: ?psi| pounds)?` + END],
  ['load', '(?<!(?:from|out of|under|off) (?:the )?)(?:the )?bottom (?:of the (?:pressure )?switch|side of the'
  + ' switch|screws of the switch)'],
  ['line', '(?:the )?top (?:of the (?:pressure )?switch|side of the switch|screws of the switch)'],
  ['line $1 volts', '^ ?(?:the )?top(?: side| pair| two| screws)? (?:has|have|\'s got|reads|is) (\\d{2,3})(?:'
  + ' ?v(?:olts?)?)?'],
  ['load $1 volts', '(?:^ ?|(?<=, ))(?:the )?bottom(?: side| pair| two| screws)? (?:has|have|\'s got|reads|is)'
  + ' (\\d{1,3})(?: ?v(?:olts?)?)?'],
  ['contacts open', 'switch (?:won\'t|will not|doesn\'t|does not|never|isn\'t|is not) (?:make|making|makes|close'
  + '|closing|closes)' + END],
  ['tapped it and', 'tapped it (?:once |lightly )?with (?:a|my|the) [a-z ]{3,24}? and'],
  ['starting $1 amps', `inrush(?: current| amps)?(?: is| was| of| at|:)? (${FIGURE})(?: ?amps?)?`],
  ['breaker trips atonce', `(?:trips|pops|kicks|blows|throws)(?: the breaker| it)?(?: out)? (?:as soon as|the`
  + ` second|the minute|the instant|the moment) ${CALLS}`],
  ['load wires off holds', '(?:breaker )?(?:holds|stays on|stays in|stays set) (?:with|when|once) (?:the )?(?:pump'
  + '|motor|wires|leads|load)(?: is| are)? (?:disconnected|off|unhooked'
  + '|undone|taken off) at the (?:pressure )?switch'],
  ['to ground $1 meg', '(\\d[\\d.]*|one|two|three|four|five|ten|twenty|fifty) ?meg(?:s|ohms?)? (?:on|from|across)'
  + ' (?:both|either|all(?: three)?|each)(?: of (?:them|the leads|the wires))?'],
  ['', ',? ?(?:and |but )?the (?:pressure )?switch(?:\'s| is)? (?:set )?(?:at |for |to )?(?:an? )?(?:20|30|40|50'
  + '|60) ?[/-] ?(?:40|50|60|70|80)' + END],
  ['falls', '(?:pressure |gauge |it )?bleeds? (?:off|away)(?= \\d)'],
  ['neighbour fine', 'neighbou?rs?(?:\'s)? (?:says? |said )?(?:his|her|their|the)? ?(?:well|water|pressure)(?:\'s|'
  + ' is) (?:fine|good|ok|great)'],
  ['suction leaks air', 'suction (?:pipe|line|hose)(?: has|\'s got| has got|\'s)? (?:an? )?(?:air )?leak (?:at|in'
  + '|by|on) the \\w+', 'air leak (?:on|at|in) the (?:inlet|suction)'
  + '(?: fitting| hose| line| side| pipe)?'],
  ['cutin $1', `(?:pump |switch |it )*${NEVER} (?:kick|come|cut|turn|start|click)s?(?: (?:in|on))? (?:un)?till?`
  + ` (${FIGURE})(?: ?(?:psi|pounds|lbs?))?`],
  ['running backwards', '(?:pump|motor)(?:\'s| is)? (?:runs|ran) (?:the )?(?:wrong way|backwards?|in reverse|wrong'
  + ' direction)' + END],
  ['lever off', '(?:shut|shuts|kicked|kicks|cut|cuts|went|tripped)(?: itself)? (?:down|off|out) on low (?:pressure'
  + '|water)(?: again)?'],
  ['valve ahead of the pump shut', '(?:inlet|supply|suction|feed) valve(?:\'s| is| was) (?:shut|closed|half'
  + ' (?:shut|closed)|turned off|off)'],
  ['into the switch $1 volts, $1 outofit', `${VOLTS} in and out(?! of the (?:control )?box)(?: of)?(?: the)?(?:`
  + ` (?:pressure |demand )?switch)?`],
  ['cut out $1', `(?:pressure )?switch (?:kicks|cuts|shuts|clicks|trips|goes) (?:out|off) at (${FIGURE})(?:`
  + ` ?(?:psi|pounds))?`],
  ['overload trips', 'reset(?: button)? (?:keeps|kept) (?:popping|tripping|kicking|coming)(?: out)?'],
  ['chatters', '(?<=(?:contactor|starter|mag|relay)(?:\'s| is)? (?:just )?)(?:clicking|going|popping|cycling) on'
  + ' and off' + END],
  ['load $1/$1/$1 volts', 't1,? t2,? (?:and )?t3(?: are| is| read| reads)? all (\\d{3})(?! ?(?:ohm|k|meg))(?:'
  + ' ?v(?:olts?)?)?'],
  ['running $1/$1/0 amps', `(?:motor |it |pump )?(?:draws|drawing|pulls|pulling|'s) (${FIGURE})(?: ?amps?)? on`
  + ` two (?:legs|lines|phases|wires),? (?:and |but )?(?:nothing|zero|none|0) on the (?:other|third)`],
  ['to ground 0 ohms', '(?:megg\\w*|insulation tester) (?:reads|shows|says|is) (?:zero|nothing|0) (?:on|at) \\w+'],
  ['', `,? (?:name)?(?:plate|tag)(?: says| is)? ${FIGURE}(?: ?amps?)?(?= ?$)`],
  ['inlet $1, gauge reads $2', `pressure in(?: is)? (\\d{1,3})(?: ?psi)?,? (?:and |but )?(?:pressure )?out(?: is)?`
  + ` (\\d{1,3})(?: ?psi)?`],
  ['silent, gauge reads $1', `(?:never|didn't|did not|wouldn't) (?:came|come|kick|kicked|turn|turned|start|cut)`
  + ` (?:on|in)(?: when| once| though)? (?:it|the pressure|the gauge) (?:dropped|fell|went|got) (?:below|under`
  + `|down to|to) (${FIGURE})(?: ?psi| pounds)?`],
  ['precharge reads $1', `(?:with|once|after) the (?:tank|water|system)(?:'s| is)? (?:drained|empty|emptied|down`
  + `|out)(?: down| out)?,? (?:the )?(?:air |tire )?gauge (?:shows|reads|says) (${FIGURE})(?: ?psi| pounds)?`],
  ['redthennothing', '(?:volts?|voltage|power) on (?:the )?red for (?:a|one|two|half a) seconds? (?:and )?then'
  + ' (?:it )?(?:drops (?:off|out)|goes away|nothing|gone|quits)'],
  ['motor hums', '(?:control )?box(?:\'s| is)(?: just)? (?:humming|buzzing) (?:like crazy|loud|bad|away)'],
  ['foot holds', '(?:ran|stuck|put) (?:the |a )?(?:garden )?hose (?:in|into|down) the (?:well|suction|drop) pipe,?'
  + ' (?:and )?it (?:held|stayed full|stayed up|holds)', 'filled the (?:suction|drop|well) pipe,? (?:and )?it'
  + ' (?:held|stayed full|holds)'],
  ['lever off', 'locks? out on low (?:water|pressure)', '(?:dry[- ]run|low water|low suction) (?:switch|cut ?-?off'
  + '|cut ?-?out|control) (?:keeps |kept )?(?:tripping|trips|tripped|kicking out|cutting out)'],
  ['wellrelay', 'relay (?:for|on|of) the (?:well|fill|transfer) pump'],
  ['spin by hand it starts', '(?:motor |it |she )?(?:starts|runs|goes|takes off|started)(?: right)?(?: up| off)?'
  + ' (?:when|if|once) (?:i'
  + '|you) (?:give|gave) (?:it|the pulley|the flywheel|the shaft|the fan|the belt) a (?:little )?(?:spin|push|kick'
  + '|twirl|turn|shove)'],
  ['startsonce', '(?:will |\'ll )?starts? once (?:and )?then not again'],
  ['fuse good', '(?:all )?(?:three|3|both|two) (?:of the )?fuses (?:are |check |test |ring |read )?(?:good|fine'
  + '|ok)', 'fuses all (?:good|fine|ok)'],
  ['starter chatters', '(?:starter|contactor) (?:drops|falls|kicks) (?:right )?(?:back )?out (?:when|as|as soon as'
  + '|every time) [^,]*'],
  ['switcharcs', '(?:switch|contacts?|points) (?:arcs?|sparks?|arcing|sparking)(?: (?:when|as|every time) [^,]*)?'],
  ['breaker is on', '(?:checked|look(?:ed)? at) (?:was )?the breaker,? (?:and )?(?:it\'s|it is) on'],
  ['bladder ruptured', 'bladder(?:\'s| has|\'s got| has got)? (?:a |an )?(?:hole|split|tear|rupture|leak)(?: in'
  + ' it)?'],
  ['$1 ohms', `(?:checked |measured |got )?(?:the |a )?resistance(?: of| is| was| reads|,)? ?(${FIGURE})(?! ?(?:k`
  + `|meg))(?: ?ohms?)?` + END],
  ['storm', '(?:the )?lightning (?:the other (?:night|day)|last (?:night|week)|storm|strike)'],
  ['', 'some(?:where|place)(?: (?:down (?:there|the well|the hole)|in there))?' + END],
  ['rapid cycles', 'cycles? on and off (?:with|when) (?:a|the|one) (?:faucet|tap|hose|shower)(?:\'s| is)? (?:open'
  + '|on|running)'],
  ['neverreaches', '(?:tank|pressure|receiver) (?:won\'t|will not|doesn\'t|does not|never) (?:fills?|builds?'
  + '|comes? up|pumps? up|fill up)' + END],
  ['$1 wire broken', '(red|black|yellow) (?:wire|lead|leg|conductor)(?:\'s| is) (?:wide )?open' + END],
  [', cable is down', `${TO_GROUND}${ITS}${READ} ${SOUND}${BUT}${THEIRS}${READ}`
  + ` ${DOWN}`, `${TO_GROUND}${THEIRS}${READ} ${DOWN}${BUT}${ITS}${READ} ${SOUND}`],
  [', motor is down', `${TO_GROUND}${ITS}${READ} ${DOWN}${BUT}${THEIRS}${READ}`
  + ` ${SOUND}`, `${TO_GROUND}${THEIRS}${READ} ${SOUND}${BUT}${ITS}${READ} ${DOWN}`],
  ['check valve stuck shut', '(?:flapper|check valve|disc|poppet|flap)(?:\'s| is| was)? (?:rusted|stuck|frozen'
  + '|seized|jammed|limed) (?:shut|closed)'],
  ['spin by hand it starts', '(?:give|gave|giving) (?:it|the shaft|her|the pulley|the fan) a (?:little |quick'
  + ' )?(?:spin|push|kick|twirl|turn|shove),? (?:and )?(?:off (?:she|it) goes|away (?:she|it) goes|(?:it|she)'
  + ' (?:takes|took) off'
  + '|(?:it|she) (?:starts|started|runs|ran|goes))'],
  ['stalls at $1 psi', `(?:shut|closed) the (?:house )?valve(?: at the tank)?,? (?:and )?(?:it )?still (?:stops`
  + `|stalls|sticks|sits|quits) at (${FIGURE})`, `still (?:stalls|sticks|hangs up) at (${FIGURE})`],
  ['', '(?:every|all the) (?:valve|tap|faucet)s? (?:in the house )?(?:is |are )?(?:closed|shut)(?: off)? and (?=it'
  + ' still )'],
  ['and then overload trips', '(?:till|until) the overload (?:goes|trips|kicks out|pops|drops)(?: out)?'],
  ['foot runs back', '(?:the )?(?:water )?(?:just )?(?:ran|runs|drains|drained|went|disappeared)(?: right| away|'
  + ' out| back)* down the (?:pipe|well|suction)(?: pipe)?'],
  ['splice apart motor side still open', '(?:opened|cut|undid) the splice(?: at the well)?,? (?:and )?(?:t[123] '
  + '|l[123] |it\'s |it is )?still (?:reads )?open on the (?:motor|pump) side'],
  ['pump unplugged still blows', 'unplugged the pump,? (?:and )?(?:the next one|another one|it|a new one|the new'
  + ' one|that one) (?:blew|popped|went)(?: too| anyway| again)?'],
  ['', '(?:and |but )?it still(?= (?:won\'t|will not|doesn\'t|never) (?:go|get|build|climb))'],
  ['neverreaches', `${NEVER} (?:go|climb|get) (?:past|over|above) ${FIGURE}(?: ?psi| pounds)?`],
  ['contacts open', '(?:contacts?|points) (?:have ?n\'t|haven\'t|did ?n\'t|do ?n\'t|are ?n\'t|are not|not|have'
  + ' not) (?:come together|closed|touching|touched|made|met|meeting)'],
  ['contacts pushed closed by hand, runs', 'pushed (?:them (?:in|together|closed|up)|it (?:together|closed))(?:'
  + ' with [^,]*?)?,? and'
  + ' (?:it|the pump|she) (?:ran|runs|came on|started|took off|kicked on)[^,]*'],
  ['silent', 'when it calls(?: for (?:water|air))? nothing happens'],
  ['isstuck', '(?:and )?it\'s stuck(?= ?$)'],
  [', rapid cycles', 'and right back on' + END],
  ['', '(?:turned|switched|shut|flipped) off the breaker and (?:the pump|it) (?:finally )?(?:quit|stopped|shut off)'],
  ['cap reads $1', `(?:checked|tested|measured|metered) the (?:start )?cap(?:acitor)?(?: with my meter)?,? (?:and`
  + ` )?(?:it's|it is|got|it reads|reads|i got)(?: at)? (${FIGURE})`],
  ['voltsdownhole', `${VOLTS} (?:going |out )?to (?:the )?(?:motor|pump),? (?:on )?(?:black to yellow|yellow to`
  + ` black)`],
  ['$1 kohm', '(\\d+(?:\\.\\d+)?) thousand(?: ohms?)?'],
  ['', '(?:somebody|someone|they|he) (?:hosed|pressure washed|washed) it(?: down| off)?'],
  ['stops after minutes comeback cool', 'after it (?:sat|cooled(?: off| down)?|rested)(?: (?:for )?[^,]*?)? it'
  + ' (?:ran|started|runs|worked|came on) again'],
  ['startswitch welded', '(?:start|centrifugal) (?:contacts?|switch|points) (?:don\'t|doesn\'t|never|won\'t|do not'
  + '|does not) (?:ever )?open(?: up)?(?: once [^,]*)?'],
  ['runcap $1 microfarads', `cap(?:acitor)? (?:reads|measures|is|tests) (${FIGURE}) on an? ${FIGURE}(?: ?(?:uf|mfd`
  + `|mikes?))? run(?: cap)?`],
  ['knocks', 'making a knocking(?: noise| sound)?'],
  ['unloaderbroken', 'unloader (?:tube|line)(?:\'s| is)? (?:broke|broken|snapped)(?: off)?'],
  ['open-again whole', '(?:with|once) the splice (?:cut|apart|open),? the motor(?: itself| alone| side)? (?:reads'
  + '|ohms|shows|is|checks)(?: at)? \\d[\\d.]*(?: ?ohms?)?'],
  ['running $1/$1/0 amps', `(?:motor(?:'s| is)?|it's|pump's) (?:drawing|pulling) (${FIGURE})(?: ?amps?)? on two`
  + ` (?:legs|lines|phases),? (?:and |but )?(?:the )?third(?:'s| is| at)? (?:zero|nothing|0|dead)`],
  ['windings $1/$1/$1 ohms', `winding resistances?(?: is| are)? (${FIGURE})(?: ohms?)? (?:on|across|for) all(?:`
  + ` three)?`],
  ['cap reads $1 uf', `(?:the )?(?:new|old) one (?:reads|measures|tests|is|shows)(?: at)? (${FIGURE})`
  + ` ?(?:microfarads?|mikes?|uf|mfd|µf)`],
  ['to ground ol', '(?:nothing|no reading|no continuity) to (?:ground|earth) on (?:either|both|any|each)(?: one|'
  + ' of them)?'],
]
