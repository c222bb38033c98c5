/** As it is said by one who talks while he works: asides, prices, what is usual, what was meant to be. */
import { N } from './partsOfSpeech'
import type { Joined } from './turnOf'

const MINUTES = '(?:\\w+|half an|a quarter of an) (?:minutes?|mins?|hours?)'
const UF = '(?: ?(?:uf|microfarads?|mfd|mikes?))?'
const SAYS = '(?: is| was|\'s)?(?: says| said| marked| calls for| reads| rated| supposed to be)*(?: for)?'

/** What is of the talk and not of the machine. */
const ASIDE: readonly Joined[] = [
  // a price is no figure
  ['', '(?:,? ?(?:they|those|that|it)(?:\'re|\'s| are| is| run| cost))?(?: like| about| around| only| maybe)*'
  + ' ?\\$? ?\\d+(?:\\.\\d\\d)? (?:bucks|dollars)(?: or so| apiece| each)?'],
  ['', 'while (?:i|we)(?:\'m|\'re| am| are| was| were)? (?:at it|in there|there|in it|down there|up there)'],
  // what it is at other times
  ['', ',? (?:and |but )?(?:normally|usually) (?:it\'s |it is |it runs |it reads )?(?:about |around )?\\d+'
  + '(?: ?psi| pounds| volts| amps)?(?= ?$|,)'],
  ['', ',? (?:and )?(?:that\'s )?(?:where|when) \\d+ (?:ought to|should|used to|is supposed to) be'],
  ['', '(?:\\w+ to \\w+ )?should be (?:the )?(?:other )?(?:two|2) added(?: up| together)?[^,]*(?:,? (?:and )?it is)?'
  + '(?:,? (?:fine|good|ok|okay))?'],
  ['', 'blew (?:the |all the |all of the )?(?:\\w+ ){1,2}out(?: of (?:it|there))?(?<!blew the (?:fuse|seal'
  + '|gasket) out)'],
  ['', '(?:i )?(?:shut it (?:off|down) and )?let it cool(?: off| down)?(?= and |,| ?$)'
  + '(?!.*\\b(?:start|started|starts|ran|runs|came|comes|works|closed|reads|continuity|again|back)\\b)'],
  ['', '(?:i )?(?:can\'t|couldn\'t|could not) even (?:push|get|stick|poke) [\\w ]+ through (?:it|there)'],
]

/** What is meant to be done, concluded or passed over. */
const OF_THE_TALK: readonly Joined[] = [
  ['', '(?:so |now |next |first )*(?:i\'m|we\'re|let me|let\'s)(?: gonna| going to| about to| just)* (?:check'
  + '|look at|test'
  + '|measure)(?!.*\\b(?:if|whether)\\b) [^,;]*(?:,? with (?:the )?pump off and the water (?:drained|drained out'
  + '|out))?'],
  ['', 'so it(?:\'s not| is not| isn\'t| ain\'t| can\'t be| isn\'t the)(?: the)? (?:pressure|power|voltage|motor|pump)'
  + '(?: (?:holding|stopping|doing) it)?(?= ?$)', 'so it\'s the (?:power|motor|pump|wiring) and not the \\w+'],
  ['', 'that\'s (?:way |a lot |a little |well )?(?:more|less|better|worse|over|under)(?: than)? (?:\\w+'
  + ' ){1,3}(?:percent|%)'],
  ['', '(?:now |just )?watch the (?:gauge|needle) with everything (?:shut|off|closed)'],
  ['', 'let it sit (?:while|and) [^,;]*(?<!back|again|on)(?= ?$)'],
  ['', '(?:so |then )?(?:i )?(?:take|took|pull|pulled|got) the (?:cover|lid|arc chutes?|arc chute) off'
  + '(?: of)?(?: the \\w+)?(?: on top)?(?: here)?(?= ?$)', 'took the check(?: valve)? out(?= ?$)'],
  ['', '(?:the )?(?:motor|pump)(?:\'s| is)? (?:going|gone|went|off) to the (?:motor |repair |machine )?shop'],
  ['', '(?:gauge )?between the pump and the check(?: valve)? (?:goes|went|climbs|reads|gets) (?:up )?to \\d+'],
  ['', 'pulled the ring (?:a few times |a couple times )?and it (?:seated|reseated|sealed|quit)'],
  ['', 'so electrically [^,;]*', 'called the (?:power|electric|water) (?:company|department)(?:,| and)?'],
  ['', '(?:it )?(?:doesn\'t|don\'t|didn\'t|never|only) drops?(?:ped)?(?: but| more than| only)?(?: a)?'
  + ' (?:volt or two|one|two|three|1|2|3|couple|volt)(?: of)?(?: volts?)?(?: (?:when|as|while) (?:it|she)'
  + ' (?:tries|starts|hums))?'],
]

/** What is marked on it and what it reads. */
const OF_LABELS: readonly Joined[] = [
  ['reads $1 on a $2 to $3', `(?:reads?|reading|at|is|it's|shows|got) ${N}${UF},? (?:and |but )?(?:the )?`
  + `(?:can|label|side|sticker|tag|it)(?: of it)?${SAYS} ${N}(?: ?to ?| ?- ?)${N}${UF}`],
  ['cap reads $3 uf on a $1 to $2', `(?:it's |it is )?(?:supposed to be|should be|rated|marked|(?:can|label|side)`
  + ` says) ${N}(?: ?to ?| ?- ?)${N}${UF},? (?:and |but )*(?:i(?:'m)? (?:get|got|getting)|(?:it|my meter|the meter|`
  + `meter|mine)(?:'s| is)? ?(?:telling me|says|reads|showing|shows|reading|gives me)?)(?: about| only| like)?`
  + ` ${N}${UF}`],
]

const SMEARED = '(?:shaving cream|soap(?: suds)?|suds|foam|grease|smoke|oil|shampoo)'

/** What was tried or seen, told as it happens. */
const AS_IT_GOES: readonly Joined[] = [
  ['starts every time', '(?:it\'s |it )?start(?:s|ed) (?:right up )?(?:\\w+|\\d+) times(?: in a row| now| running)?'],
  ['', '\\d+ times in a row'],
  ['red run 0 amps', 'red(?: wire| lead)? (?:went|goes|drops|dropped|falls|fell)(?: right)?(?: down)? to'
  + ' (?:0|zero|nothing) (?:after|once|when) (?:it|she) (?:got|gets|was|is) (?:going|running|started|up to speed)'],
  [', gauge $1 psi', '(?:the )?pump (?:takes|took|brings|brought|gets) it (?:right )?(?:back )?(?:up )?to'
  + ` ${N}(?: ?psi| pounds)?`],
  ['cut out $1', `(?<=^ ?)(?:went |goes )?(?:right )?up to (\\d{2,3}),? (?:and )?(?:off|out|done|quits|stops)(?= ?$)`],
  ['cycle $1 minute and a half, cut out $2', '(?:it )?runs? (?:for )?(an?|\\d+) minutes?(?: and a half)? and (?:shuts'
  + '|cuts|kicks) (?:itself )?(?:off|out) at (\\d{2,3})'],
  ['line $1 volts, load $1 volts', '(1[012]\\d|2[0-5]\\d)(?: volts)? at the switch,? (?:on )?both sides'],
  ['sucks air at the union', `${SMEARED} (?:on|around|over|at) (?:the |every |that )?[\\w ]+?,? (?:and )?(?:it`
  + `|the \\w+)`
  + '(?:\'s| is)? (?:sucks?|pulls?|draws?|sucking|pulling)(?: it| the \\w+)?(?: right| straight)? in'],
  ['air in the water', '(?:(?:you|i) can )?see (?:air|bubbles) (?:going|coming|running|moving|shooting)?'
  + ' ?(?:through|in|past|up|down) (?:the )?(?:clear )?(?:pipe|hose|line|tube|tubing)'],
  ['jumped the switch', 'took (?:both|the two|the) wires off (?:of )?the (?:little |small )?(?:pressure )?switch'
  + '(?: on the (?:head|pump))? and (?:put|touched|twisted|tied|hooked) (?:them|the two) together'],
  ['pump unplugged holds', 'unplugged the (?:pump|motor) and (?:it|the fuse|the breaker) (?:doesn\'t|don\'t|won\'t'
  + '|didn\'t|quit) (?:blow|trip|pop|kick|blowing|tripping|popping)(?: it| out| off)*(?: anymore| any more| now)?'],
  ['motor to ground ol', '(?:but )?not to (?:ground|the case|the shell|the frame)(?: though)?(?:,? (?:that\'s|it\'s'
  + '|that is|that reads) (?:open|clear|nothing|ol|good))?'],
  [', runs $1 amps', `${N} ?a(?:mps?)? and (?:it's )?(?:nice and )?(?:quiet|smooth)`],
  ['motor shaft seized', '(?:(?:the )?motor (?:itself )?(?:turns|spins|rolls) (?:free|easy|fine)(?:ly)?(?: by'
  + ' hand)?,? )?'
  + '(?:but )?(?:the )?(?:wobble plate|cam|swash plate)(?: in the (?:head|pump))?(?:\'s| is) '
  + '(?:rusted|seized|locked|frozen|froze)(?: solid| up| tight)?'],
  ['aux 0 volts', '(?:the )?(?:control )?(?:voltage|power|volts) (?:gets|goes|makes it) (?:as far as|to|up to)'
  + ' the overload'
  + ' (?:and|but) (?:stops|quits|dies|no (?:farther|further))(?: there)?', 'no (?:control )?(?:voltage|power|volts)'
  + ' (?:past|after|out of|beyond) the overload'],
  ['', 'push(?:ed|ing)? (?:the|its) reset(?: button)? and it (?:doesn\'t|didn\'t|won\'t) (?:click|do anything)'
  + '(?:,? (?:it )?(?:doesn\'t|didn\'t|won\'t) do (?:anything|nothing))?', 'reset (?:doesn\'t|didn\'t|won\'t) click'],
  ['junction box wire nut melted', '(?:the )?(?:wire ?nuts?|splices?|connections?) in the (?:j|junction)['
  + ' -]?box[\\w ]*'
  + ' (?:are|is|was|were) (?:all )?(?:brown|melted|burnt|burned|black|cooked)(?:,? (?:and )?one melted)?'],
  ['impeller loose on the shaft', 'impeller(?:\'s| is| was)? (?:stripped|spun|slipped|come|broke|broken)(?: right)?'
  + ' (?:off|loose|free)(?: of| from| on)?(?: the| its)? shaft'],
]

/** What holds, works and goes past, told as it happens. */
const HOW_IT_DOES: readonly Joined[] = [
  ['works', 'that\'s (?:how it\'s|what it\'s|the way it\'s) supposed to (?:sound|run|be|work|do)',
    '(?:overnight|all night|by morning) it (?:only )?lost (?:\\d|a)(?: pounds?| psi)?(?= ?$)'],
  ['cut in $1, cut out $2', '(\\d\\d) to (\\d\\d)(?: and off)?(?: all)? by itself'],
  ['cut in $1', '(?<=^ ?|, )(\\d\\d|1[0-7]\\d) on now(?= ?$|,)'],
  ['cut out $1', '(?<=^ ?|, )(\\d\\d|1[0-7]\\d) off now(?= ?$|,)'],
  ['cut out $1', '(?:goes|went|builds|built|runs|ran) (?:right )?(?:up )?to (\\d{2,3}) and (?:off|done|quits)(?='
  + ' ?$|,)'],
  ['leak down 0 psi', `(?:it's |it has |and it's )?been (?:sitting )?(?:on|at) \\d\\d+ for ${MINUTES}`,
    `watched it (?:for )?${MINUTES},? (?:and )?(?:it's )?still (?:at |on )?\\d+`],
  ['cycle $3 seconds', '(?:watch the gauge,? )?(?:it )?(?:goes|bounces|swings|keeps going) (\\d\\d) (\\d\\d) \\1 \\2'
  + '(?: \\d\\d)* (?:about )?every (\\w+) seconds?'],
  ['cycle 90 seconds', '(?:it )?(?:takes|took) (?:about )?(?:a|1) minute and a half to (?:fill|build|get there'
  + '|come up)'],
  ['precharge $1 psi', 'there\'s (?:only )?(\\d+) (?:pounds|psi|lbs) in (?:it|there),? (?:and )?it\'s supposed'
  + ' to be \\d+'],
  [', gauge $1 psi', '(?:it\'s |she\'s )got (1\\d\\d|[6-9]\\d) in (?:it|her)(?= and)'],
  ['check valve leaks', '(?:air|water)(?:\'s| is) (?:coming|leaking|bleeding|getting|going) back'
  + ' (?:(?:from|out of) the tank[, ]*)?(?:past|through|by) the check(?: valve)?'],
  ['', '(?:so )?it(?:\'s| is) going back (?:down|into) the (?:well|hole)'],
  ['foot valve leaks', 'foot ?valve(?:\'s| has)?(?: got)? an? (?:pebble|rock|stone|twig|stick|piece of \\w+)'
  + ' (?:stuck )?in (?:it|the seat)'],
  ['check valve stuck shut', '(?:(?:pump\'s|it\'s) making pressure (?:and|but) )?it (?:isn\'t|ain\'t|is not|\'s not)'
  + ' (?:getting|going|coming|making it) (?:past|through|by) (?:that|the) check(?: valve)?',
  'poppet(?:\'s| is) (?:swelled|swollen|stuck|jammed)(?: up| shut)*'],
  ['line $1 volts idle, drops to $2 volts when it starts', '(1[012]\\d|2[0-5]\\d) at the (?:outlet|plug'
  + '|receptacle|wall),?'
  + ' (?:and )?(\\d{2,3}) (?:while|when) it(?:\'s)? (?:humming|trying|hums|tries|starting|groaning)'],
  ['belt off heavy', 'belts?(?: is| are|\'s)? off,? (?:and )?(?:it\'s |it pulls |it draws |pulls |draws'
  + ' )?\\d+(?: ?a(?:mps)?)?'
  + ' by itself,? that\'s (?:way )?too (?:much|high)'],
  ['motor hot', 'end bell(?:\'s| is) (?:too hot to touch|hot|blue|smoking)'],
  ['links wrong', '(?:if you look )?(?:in|on) the back(?: of the motor)?(?: here)? the (?:plug|jumper|selector'
  + '|dial|links?)'
  + '(?:\'s| is| was| are)? (?:over |set )?(?:on|to|at) (?:the )?(?:230|240|high)(?!.*\\b(?:right|fine|good|ok'
  + '|should)\\b)'],
  ['impeller worn', 'impeller(?:\'s| is)? (?:wore|worn) (?:down|out|away)(?:,? there\'s a gap [^,;]*)?'],
  ['fuse $1 volts', `${N}(?: volts)? coming into the panel`, `${N} on (?:the )?one side of the rocker(?: switch)?`],
  ['', '(?<=other side )with it on'],
  ['jumped the panel switch', 'jump(?:ed|ered) across the (?:rocker|panel)(?: switch)?'],
  ['toground $1 meg', 'it(?:\'s| is| megs| reads) (?:over )?(\\d+) ?meg(?:s|ohms?)?(?= ?$)'],
  ['pole 1 drop $1 volts, pole 2 drop $2 volts, pole 3 drop $3 volts', `${N} ${N} across the (?:first two|first`
  + ` 2|other two)`
  + `(?: poles)? and ${N} (?:on|across) the (?:third|other)(?: one| pole)?`],
  ['pulled pump packed with sand, sand in the water', '(?:pulled it,? (?:and )?)?(?:the )?pump(?: end)?(?:\'s|'
  + ' is) packed (?:solid '
  + '|full )?(?:with|of) sand'],
  ['float hung up', 'float (?:has continuity|reads closed|is closed|ohms closed|closed) (?:up and down|both ways'
  + '|up or down)'],
  ['float works', 'float (?:ohms |reads |is )?closed hanging,? (?:and )?open (?:floating|up|lifted)'],
  ['float stuck open', 'ohmed (?:it|the float),? (?:and )?it\'s open (?:up or down|both ways|either way)'],
]

/** As a telephone writes what it was told: without stops. */
const WITHOUT_STOPS: readonly Joined[] = [
  ['line $1 volts, load $2 volts', '(1[012]\\d|2[0-5]\\d)(?: volts?)? on the line side(?: of the (?:pressure'
  + ' )?switch)?,?'
  + ' (?:and )?(nothing|zero|\\d+)(?: volts?)? on the load side'],
  ['$1, $2', '(amps?) (shuts?|cuts?|kicks?|kicked|clicks?|starts?|started)'],
  ['battery running $1 volts', `(?:turned (?:the )?pump on,? (?:and )?)?it (?:falls|drops|goes|sags) to ${N}(?:`
  + ` volts)?`
  + ' at the (?:battery )?posts?'],
  ['peak $1 psi', '(\\d\\d) ?(?:pounds|psi) with the (?:discharge |outlet |house )?valve (?:shut|closed)'],
  ['heater $1 open', '(?:ohmed )?(?:the )?heaters?,? (?:and )?(?:the )?(first|second|third|middle|last)(?: one)?'
  + '(?:\'s| is) open'],
  ['cut out $1', '(?:comes|came|goes|builds|gets) (?:right )?up to (\\d\\d+) in \\w+ (?:minutes?|seconds?) and'
  + ' (?:kicks|shuts|cuts|clicks) (?:off|out)'],
]

/** What others have, and what is on at the main. */
const ROUND_ABOUT: readonly Joined[] = [
  ['neighbours low too', 'neighbou?rs? (?:across|down|up|over)(?: from)? (?:the )?(?:street|road|way|hill|them'
  + '|us|him|her)(?: ?\'?s| has| have|\'ve)*(?: got)? the same(?: thing| problem| trouble)?'],
  ['city working on the main', '(?:they\'ve got |they have |there\'s |got )?an? (?:water ?)?main(?: line)?'
  + ' (?:break|broke'
  + '|broken|leak)(?: (?:up|down|over) [\\w ]+)?'],
  [', gauge differs from mine', '(?:so )?(?:that|the) gauge(?:\'s| is) (?:lying|full of it|junk|no good|bad'
  + '|wrong|shot)'
  + '(?: to (?:me|us))?(?= ?$)'],
  ['', 'tapped it and it(?:\'s| is)? still (?:on|at|says|reads) \\d+'],
]

export const TURNS_OF_TALKING: readonly Joined[] = [
  ...ASIDE, ...OF_THE_TALK, ...OF_LABELS, ...AS_IT_GOES, ...HOW_IT_DOES, ...WITHOUT_STOPS, ...ROUND_ABOUT,
]
