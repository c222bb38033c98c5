/**
 * What a hand did and what came of it, what a figure does as the machine starts, and what it should have been: told
 * in whole sentences. Tried before all others; common practice, no source.
 */
import type { Joined } from './turnOf'
import {
  CALLS, END, FEED, FIGURE, IT, NEVER, NOUGHT, OUT, REACHES, SAGS, STOPS, TAPPED, TOOK_OFF, VOLTS, WHEN,
} from './partsOfSpeech'

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
  ['$1 into the $2, noth outofit', `${VOLTS} (?:on|at) (?:the )?top of (?:the |my )?([a-z]+),? (?:and |but`
  + ` )?${NOUGHT}`
  + '(?: volts?)? (?:on|at|out) (?:of )?(?:the )?bottom'],
  ['$1 outofit', `(?<=^ )(?:and |but )?(?:only )?${VOLTS} out of it(?= with| when| ?$)`],
  ['$1 into the $2, noth outofit', `${VOLTS} ${FEED} (?:to )?(?:the |my )?((?!and |but |only )(?:[a-z]+`
  + ` )?(?!and |but )[a-z]+),? (?:and |but |with )?`
  + `${NOUGHT}(?: volts?)? ${OUT}`],
  ['$1 into the $2, $3 outofit', `${VOLTS} ${FEED} (?:to )?(?:the |my )?((?!and |but |only )(?:[a-z]+ )?(?!and `
  + `|but )[a-z]+),?`
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
  ['off the load wires', `${TOOK_OFF} (?:the |both |all the )?(?:two )?(?:pump |motor |load )?(?:wires|leads`
  + `|whip)(?: off)?(?:`
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
  ['spin the shaft it runs', '(?:rolled|turned|kicked|spun|pulled|bumped|helped)(?: over)? (?:the'
  + ' )?(?:flywheel|pulley'
  + '|belt|wheel|sheave)(?: over| around)?(?: by hand)?(?:,| and) (?:it|she|then it) (?:took (?:right )?off'
  + '|started|ran'
  + '|went|fired up|came up)'],
  ['outletvalve shut stilldoes', 'shut (?:off )?the valve (?:on|at) the (?:outlet|discharge)(?: side)? of the pump'
  + '(?:,| and)?(?: it)? still (?:burps|chirps|bumps|kicks on|cycles|runs)'],
  ['', '(?<=^ )(?:let (?:it |the lever )?go|turned (?:it |the lever )?loose) at (?:about )?\\d+(?: psi| pounds)?'
  + '(?:,| and) (?:it|she) (?:kept (?:running|going)|stayed on|held)'],
  ['belt off motor runs', '(?:took|pulled|slipped|threw|got|with) (?:the )?belts? off(?:,| and)? (?:the )?motor (?:'
  + 'spins? up|runs?|starts?|takes off|comes up|spins? free)(?: fine| good| right up)?'],
]
