/**
 * What a hand says as it goes along: where it stands, what it opens to get at something, and then what it finds. What
 * only leads up to a finding is passed over. Common practice, no source.
 */
import { FIGURE, VOLTS } from './partsOfSpeech'
import type { Joined } from './turnOf'

const OPENED = '(?:took|take|pulled|pull|popped|pop|opened(?: up)?|got|have|i\'ve got|split|lifted)'
const COVER = '(?:valve |pump |cylinder |end |motor |switch |top |back |fan )?(?:head|cover|lid|housing|cap'
  + '|guard|shroud)'
const HOLDS = '(?:sits?|stays?|holds?|hangs?|stuck|sitting|hung|stands?|stopped|tops out|is)'
const NAMED = '(?:pump|motor)'
const ON_MOTOR_SIDE = '(?:on|at) the (?:motor|load|pump|bottom) side '
  + '(?:i\'ve got |i have |i got |there\'s |i get |is )?'
const ON_PLUS = '(?:the )?(?:plus|positive|red) (?:side|wire|lead)'
const ON_LEFT = '(?:on|at) the left(?: (?:one|screw|side|leg))?,? (?:and|but)(?: only)?'
const ON_RIGHT = '(?:on|at) the right(?: (?:one|screw|side|leg))?'

export const TURNS_OF_NARRATING: readonly Joined[] = [
  // one by one: a pair left open between the other two
  [
    'n1 n2 $1, n2 n3 $2, n1 n3 $2',
    `${VOLTS} (?:from |between )?(?:one|l1|leg one) (?:to|and) (?:two|l2|leg two),? (?:but |and )*(?:three|l3`
    + `|leg three)`
    + ` to (?:either|both|anything|the others?)(?: of them| one)?(?:'s| is| was| reads| i get| it's)?`
    + ` (?:around |about `
    + `|like |only )*(?:a )?${VOLTS}`,
  ],
  ['motor n1 toground $1 volts, motor n2 toground 0 volts', `${ON_MOTOR_SIDE}${VOLTS} ${ON_LEFT} (?:zero`
  + `|nothing) ${ON_RIGHT}`],
  ['motor n1 toground 0 volts, motor n2 toground $1 volts', `${ON_MOTOR_SIDE}(?:zero|nothing) ${ON_LEFT}`
  + ` ${VOLTS} ${ON_RIGHT}`],
  ['motor n1 toground $1 volts, motor n2 toground $2 volts', `${ON_MOTOR_SIDE}${VOLTS} ${ON_LEFT} ${VOLTS}`
  + ` ${ON_RIGHT}`],
  ['overload trip', '(?:the )?reset(?: button)?(?: on it)? (?:was|is|had|has|\'s)? ?(?:popped|kicked|sticking'
  + '|stuck|come)'
  + ' out'],
  ['fuse blown', '(?:the )?fuse(?: link)?(?:\'s| is| was| had)? (?:all )?burn(?:ed|t) (?:through|out|up|in two)'],
  ['motor no amps', '(?:it\'?s |she\'?s |the motor(?:\'?s| is) |is )?(?:not|isn\'t|ain\'t) (?:drawing'
  + '|pulling) (?:anything'
  + '|any(?: amps| current)?|nothing)', '(?:draws|pulls|drawing|pulling) (?:nothing|zero|no current)(?= ?$|,|'
  + ' at all)'],
  ['coil ol', '(?:took|pulled|had) the coil out,? (?:and )?(?:it\'s|it is|it reads|it was|it ohms(?: out)?'
  + '|reads) open'
  + '(?: on the (?:ohm ?meter|meter))?', 'coil(?:\'s| is| was| reads| tests| shows)? open on the (?:ohm'
  + ' ?meter|meter)'],
  ['stalls at $1 psi', '(?:won\'?t|will not|can\'?t|doesn\'?t|never) (?:go|get|come|climb|build)(?:es|s)?(?:'
  + ' up)? past '
  + '(\\d+)(?: ?(?:pounds|psi|lbs?))?'],
  ['swapped two leads', '(?:swapped|switched|reversed|flipped|traded|changed) any (?:two|2|pair)(?: of)?(?: the)?'
  + ' (?:leads|wires|phases|legs|lines)'],
  ['wellhead n1 toground $1 volts, wellhead n2 toground 0 volts', `(?:out )?at the well ?(?:cap|head|casing)`
  + ` (?:i )?(?:only )?(?:get |got |have )?`
  + `${VOLTS}(?: to ground)? on one (?:wire|leg|side)(?: to ground)?,? (?:and|but) (?:the other (?:one(?:'s|`
  + ` is| reads)?|`
  + '(?:wire |leg )?(?:is|reads)?) ?)(?:dead|zero|nothing)'],
  ['drips at the shaft seal', '(?:drips?|drip(?:s|ping)|leak(?:s|ing)?|weeps?|water)[^,]*(?:between|where)'
  + ' the (?:shaft'
  + '|pump)[^,]*(?:shaft|motor|goes)[^,]*(?:motor|pump|in)?(?= ?$|,)'],
  ['footvalve not hold', '(?:watched|looked at) the (?:level|water)[^,]*(?:prim(?:e|ing)|plug|fill)[^,]*'
  + ' (?:and )?(?:it )?'
  + '(?:just )?(?:drains?|drops?|goes|runs?|falls?)(?: right)? (?:away|down|out|back)'],
  ['unloader blows while it pumps', '(?:hear |it\'?s |it )?hiss(?:ing|es)?[^,]*(?:the )?(?:entire|whole) time (?:the '
  + '(?:motor|pump|compressor)|it)(?:\'s| is)? (?:going|running|pumping|on|runs)'],
  ['hiss stop when it stops', '(?:when|once|as soon as) (?:it|the motor) (?:shuts? off|stops|cuts? out),? the'
  + ' hiss(?:ing)?'
  + ' (?:stops|quits|goes away)'],
  ['starts only when empty', '(?:with|when there\'?s) (?:air|pressure) (?:in|on) (?:the tank|it)[^,]{0,6}'
  + ' (?:it )?(?:just )?'
  + '(?:hums|groans|sits there and hums|won\'?t start|stalls)'],
  ['check out seat open', '(?:unscrewed|took off|pulled|undid|loosened|cracked) the (?:copper|transfer'
  + '|discharge|feed)'
  + ' (?:line|tube|pipe)[^,]*,? (?:and )?(?:tank )?air (?:comes|came|blows|blew|pours) (?:right )?(?:back'
  + ' )?(?:out|through)'
  + '(?: of| from)?(?: the)?(?: tank)?(?: check)?'],
  ['blows the fuse at once', 'put (?:in )?(?:another|a new|a second|one more)(?: one| fuse)?(?: in)?,? (?:and'
  + ' )?(?:it )?'
  + '(?:blew|popped|went) (?:the (?:second|instant|minute)|as soon as|right when)[^,]*'],
  ['pump unplugged new fuse holds', '(?:took|pulled|unhooked|disconnected) (?:the |both |the two |two'
  + ' )?(?:wires|leads)'
  + ' (?:off|from) (?:the |of the )?pump[^,]* (?:and )?(?:put |stuck |tried )(?:in )?(?:another|a new|a'
  + ' fresh) fuse(?: in)?'
  + '[^,]*(?:stays? (?:good|in)|held|holds|didn\'?t (?:blow|pop))'],
  ['belt slack', '(?:motor )?pulley(?:\'s| is)? (?:turning|spinning|going) faster than the belt[^,]*'],
  ['every $1 tseconds on and off', '(?:it\'s |keeps )?coming on and (?:going|shutting) off (?:about |like )?every'
  + ` (${FIGURE}|two|three|couple) (?:seconds?|secs?)(?: while[^,]*| with[^,]*)?`],
  ['', '(?<=\\d )to (?:ground|earth)(?= on one (?:wire|leg|side),? (?:and|but))'],
  ['inlet $1 psi', `(?:the )?street (?:side|pressure)(?:'s| is| was| reads| has| sits at)? (${FIGURE}`
  + `|\\w+ty)(?: psi| pounds)?`],
  ['inlet $1 psi running', '(?:when|while|once) (?:the pump|it)(?:\'s)? (?:runs|is running|running|kicks in'
  + '|comes on)[^,]*'
  + ' gauge ahead of (?:it|the pump|the booster)[^,\\d]* (?:to|at) (?:about |nearly |almost )?(\\d+|zero'
  + '|nothing)(?: psi| pounds)?'],
  ['seized', '(?:won\'t|will not|doesn\'t|can\'t|not) (?:turn|spin|budge)[^,]{0,12},? (?:it\'s )?froz?en(?:'
  + ' solid| up| tight)?'],
  ['prime plug empty', '(?:i )?(?:filled|primed) (?:it|her|the pump)(?: up)? (?:through|at|from) the (?:\\w+'
  + ' )?(?:plug|hole)'
  + ',? (?:and )?(?:it |she )?(?:pumped|pumps|went|came) (?:right )?(?:up|fine)'],
  [
    'long thin cord',
    '(?:on|with|through|off) (?:an? |about )?(?:\\d+|hundred|fifty)[- ]?(?:foot|feet|ft) of (?:\\d+|ten'
    + '|twelve|fourteen|sixteen'
    + '|eighteen)[- ]?(?:gauge|ga|awg)(?: (?:cord|wire))?',
  ],
  ['motor rumbles', '(?:it )?sounds like (?:an? )?(?:jet(?: engine)?|siren|freight train|cement mixer|coffee'
  + ' grinder|bag of'
  + ' (?:marbles|bolts|rocks)|can of (?:marbles|bolts)|banshee|grinder|howling wolf)(?: (?:coming )?(?:from'
  + '|at|out of|in) the'
  + ' [^,]*)?'],
  ['zero', '(?:flat|dead|straight|stone) zero'],
  ['', '(?:on|with|for) an? (?:\\d+|twenty|thirty|forty)[-/ ](?:\\d+|forty|fifty|sixty) (?:pressure )?switch'],
  ['', '(?:and )?stay(?:ed|s) (?:right )?there (?:till|until) it (?:tripped|trips|kicked (?:off|out)|quit)'],
  ['float lifted not stop', '(?:pulled|picked|pushed) the float (?:all the way )?up(?: by hand| with a hook)?'
  + ' and (?:it|the pump|'
  + 'she) (?:kept|keeps|just kept|just keeps)(?: right)?(?: on)? (?:running|pumping|going)'],
  ['switch is closed, contacts $1', 'contacts? (?:are|is|\'re) (?:closed|made|touching|together),? but'
  + ' (?:they\'re |they are |it\'s'
  + ' )?(?:all )?(black|burnt|burned|pitted|dirty|sooty|crusty|green)'],
  ['neighbour', '(?:the )?(?:lady|guy|man|woman|people|folks|house|place|family)s? (?:across|next|down|up)'
  + ' the (?:road|street|door|'
  + 'way|lane|hill)'],
  ['house valve shut still falls', '(?:closed|shut|turned off) the valve (?:to|going to) the house,? (?:and '
  + '|but )?(?:the )?(?:pressure'
  + '|gauge|needle|it) still (?:went|goes|dropped|fell|drops|falls|came)(?: down)?'],
  ['$1 volts outofit', `(?<=^ )(?:and |but )?(?:only |just )?${VOLTS} (?:on|at) the other side(?= ?$)`],
  ['breakerison', '(?:the )?breaker(?:\'s| is| was)? (?:still )?on(?=(?: and|,| but) (?:i |there|it|we |the ))'],
  ['meg toground 0', 'meg(?:ged)? (?:t1,? t2,? (?:and )?t3|all three(?: leads)?|the (?:three |motor )?leads'
  + '|the motor|each lead) to'
  + ' (?:the )?(?:frame|ground|case|earth)[^\\d;]{0,14}(?:flat |dead )?(?:zero|0)(?! ?\\.)'],
  // what a 12 V supply loses on its way there
  ['positive side drop', `${ON_PLUS}(?:'s| is)?(?: only)? (?:los(?:es|ing)|drop(?:s|ping)?|lost)`],
  ['positive side drop $1', `(${FIGURE})(?: ?v(?:olts?)?)? (?:lost|dropped|drop|gone|missing) (?:on|in|along`
  + `|across) the `
  + '(?:plus|positive|red|hot)(?: (?:wire|side|lead))?'],
  [
    'positive side drop',
    '(?:from )?(?:the )?(?:battery|post|bat) (?:positive|plus|pos)(?: post)? to (?:the )?(?:'
    + '(?:pump|motor)(?:\'?s)? (?:positive|plus|pos|red)(?: wire| side| lead)?'
    + '|(?:red|plus|positive)(?: wire| lead)? at the (?:pump|motor)),? ?(?:i |we )?(?:lose|drop|get|got|see|have)?',
    '(?:from )?(?:the )?(?:plus|positive|red)(?: wire| side| lead)?(?: at| on| of)?(?: the)?(?: pump| motor)? to'
    + ' (?:the )?battery (?:positive|plus|pos)(?: post)?',
  ],
  // what comes before
  ['', '(?<=^ )(?:(?:all ?right|alright|okay|ok|yeah|well(?=,)|first(?: thing)?(?=,)|let\'s see)(?:,? so)?,?'
  + ' ?)+(?= )'],
  ['', '(?:i\'m|i am|we\'re|we are) (?:over |down |out )?here at the (?:\\w+ )?(?:tank|pump|well|house|panel'
  + '|switch),?'
  + ' and(?= )'],
  ['', `(?:i |we )?${OPENED} (?:the |that |its )?${COVER}(?: off| up| apart)?(?: of it)?(?:,| and)(?= (?:(?:i `
  + `|we )?(?:can `
  + `)?(?:see |found )|there'?s |it'?s got )?(?:one|some|two|both|all|the|a|that|half) (?:of the )?(?:\\w+ ){0,2}`
  + `(?:reeds?|valves?|diaphragm|points|contacts|gasket|rings?|brushes|impeller|vanes?))`],
  ['', '(?<=^ )(?:i |we )?pulled (?:the pump|it|her)(?: up| out| out of the hole)?,? and(?: found)?(?= (?:the'
  + '|there|all|its) \\w)'],
  ['', '(?<=^ )(?:i |we )?pulled (?:the pump|it|her)(?: up| out| out of the hole)?(?:,| and)(?: found)?'
  + '(?! (?:it|she|found|replaced|put|new|swapped|set|reset|cleaned|dropped|hung)\\b)(?= [a-z]+ [a-z]+)'],
  ['', '(?:it )?sounds like (?:it\'?s )?(?:got |pumping |full of |grinding )*'
  + '(?:rocks|gravel|marbles|stones)(?: in it)?'],
  ['', 'dead(?= zero)'],
  ['', '(?:shut|turned|killed|threw|locked|cut|pulled) (?:it |the power |power |everything )?(?:off |out '
  + '|down )?at the (?:disconnect|breaker|panel|main)'
  + '(?: and)?(?= )'],
  ['calling', '(?:i |we |you )?(?:turn|turned|open|opened)(?: on| up)? (?:the|a) (?:faucet'
  + '|tap)(?: and)?(?= (?:nothing|no|it|the|she))'],
  ['', '(?:stuck|poked|put) a (?:stick|screwdriver|rod) in (?:the back|there|the fan)(?: and)?'],
  ['', 'should be (?:about |around )?(?:[\\w.]+)(?: ohms?| volts?| amps?)? (?:and|but) (?:i\'m getting|i get'
  + '|i\'ve got|it\'s|it is)'],
  ['', '(?<=\\w )so (?:the (?:motor|pump|switch|tank)|we know|that tells|i know|it should)[^,]*(?= ?$)'],
  ['', '(?<=well ?head )with the cap off'],
  ['', ',? (?:and )?the wire back to (?:the )?\\w+ is (?:good|fine|ok)(?= ?$)'],
  ['', '(?:so )?(?:the )?first thing i did(?: is| was)?(?: to)? (?:look|looked|check|checked)(?: at)?'],
  ['', '(?:i |we )?(?:put|stick|stuck|got) (?:my|the) (?:meter|leads|probes|tester)(?: leads)?(?= (?:on|across'
  + '|to|line|load|between))'],
  ['$1', '(side|screws|terminals|lugs|legs|gauge|motor|switch) and (?:i\'m |i am |i )?(?:reading|getting|read'
  + '|get|see|seeing)(?= \\d| zero)'],
  ['$1', '(gauge|pressure|voltage) and it\'?s (?:sitting |reading |showing )?(?:at )?(?=zero|nothing)'],
  ['starts', 'c[ao]mes? right (?:back )?on'],
  ['stops', '(?:shuts|shut|goes|kicks) right back off(?! (?:at|when))'],
  ['at the motor', 'right at the two wires on the (?:pump )?motor', 'right at the (?:pump|motor) wires'],
  // places told by what goes there
  ['line side', '(?:on )?the two (?:outside|outer|top|line) screws(?: where the power comes in)?'],
  ['load side', '(?:on )?the two (?:inside|inner|bottom|load|lower) screws(?: that feed the pump)?'],
  ['all three', 'on every leg'],
  ['load side', '(?:over )?(?:to |at )?where the (?:pump|motor) (?:wires|leads)(?: go| come off| land'
  + '| hook up)?(?= and|,)'],
  ['gauge', 'gauge (?:up |down )?(?:on|at|by) the (?:house side|tank|tee|manifold|pressure tank|pump)(?= (?:is'
  + '|reads?|sits'
  + '|says|shows|\\d)|\'s|,)'],
  ['motor volts', `${NAMED} (?:pos(?:itive)?|plus) to (?:the )?(?:${NAMED} )?(?:neg(?:ative)?|minus)`],
  // how it is tried
  ['tapped the switch it starts', '(?:gave the switch|tapped|whacked|smacked|rapped|hit'
  + '|bumped)(?: on)?(?: the switch| it)?(?: a| one)?(?:'
  + ' (?:little|good|quick|light|sharp))?(?: (?:whack|tap|smack|rap|bump|knock|thump))?(?:,'
  + '| and)(?: now)? (?:i\'ve |i |we )?(?:got|have)'
  + ' (?:power|juice|voltage)(?: (?:going|coming))?(?: out| through| on both sides)?'],
  ['motor spins free with the pump end off', '(?:took|pulled|got) the (?:pump head|volute|wet end|pump end'
  + '|pump)(?: off)?(?:,| and) the motor (?:spins|turns)(?: over)?'
  + ' (?:free|easy|fine|by itself)(?:ly)?'],
  ['box off its base', 'pulled the lid with the relay'],
  ['tapped $1', 'gave (the switch|it|the motor|the relay|the box) (?:a |one )?(?:little |good |quick |light '
  + '|sharp )?(?:whack|tap'
  + '|smack|rap|bump|knock|thump)'],
  ['load ison', '(?:i\'ve |i |we )?(?:got|have) power (?:going|coming) out(?= |,|$)'],
  ['precharge $1 psi', '(\\d+) ?(?:pounds|psi|lbs?)?(?: of air)? (?:with|when) (?:it|the tank|she)(?:\'s'
  + '| is)? (?:drained|empty'
  + '|bled down|dumped)'],
  ['$1 uf marked $2 to $3', '(\\d+) on an? (\\d+) ?(?:-|to|–) ?(\\d+)(?: ?(?:uf|mfd))?(?: (?:start'
  + ' )?cap(?:acitor)?)?'],
  ['stalls', '(?:and )?that\'?s (?:all|it|as far as|as high as) (?:it\'?s got|it goes|it gets|she\'?s got'
  + '|it\'?ll (?:do|go|make)|it'
  + ' does|she goes)'],
  // what was found so
  ['housevalve foundshut', '(?:somebody|someone|they|the plumber|a kid|the owner|customer)(?: had| has'
  + '|\'d)? (?:shut|closed|turned)'
  + '(?: off)? the (?:main |house |ball |gate )?valve(?: off)?(?: after the tank| to the house| going up)?'],
  ['leak in the yard', '(?:water\'?s? )?(?:is )?bubbling up (?:in|out of|through) the (?:lawn|yard|ground|grass'
  + '|dirt|driveway)'],
  ['chatters', '(?:relay|contactor|starter)(?:\'s| is) (?:just )?(?:rattling|buzzing and clicking)(?: away)?'],
  ['motorturnsalone', 'motor(?:\'s| is)? (?:spinning|turning|running)[^,]{0,12} (?:but|and) the (?:pump|flywheel'
  + '|shaft|big wheel)(?:\'s'
  + '| is)? (?:not|n\'t|isn\'t)(?: turning| moving| spinning)?'],
  ['gurgles', 'making an? (?:\\w+ )?(?:gurgly|gurgling|slurping|bubbling|sucking) (?:noise|sound)'],
  ['suction joint sucked in the soap', '(?:shaving cream|foam|grease|soap\\w*)[^,]*(?:suction|union|fittings?'
  + '|elbow|joint)[^,]*(?:and|,) '
  + '(?:it |that )?(?:got )?(?:sucked|pulled|drew) (?:it |right )?(?:right )?in(?: at[^,]*)?'],
  ['check stuck open', '(?:foot|check) ?valve[^,]{0,20} (?:pebble|gravel|stone|grit|twig|chip|chunk'
  + '|piece of \\w+) (?:stuck |caught |lodged '
  + '|jammed )?(?:in|under|on|holding)(?: the)? (?:seat|flapper|disc|poppet|it open)'],
  ['fuse n$1 blown', 'fuse n([123])[^,]*(?:ohms|reads|tests|checks)(?: out)? (?:open|ol|dead|bad)', 'n([123])'
  + ' fuse[^,]*'
  + '(?:ohms|reads|tests|checks)(?: out)? (?:open|ol|dead|bad)'],
  ['one fuse blown', 'took out the (?:\\w+ )?fuse(?: n[123])? and it (?:ohms|reads|tests)(?: out)? (?:open|ol'
  + '|dead|bad)', '(?:middle|left|right|one|center|last|first) fuse[^,]*(?:ohms|reads|tests'
  + '|checks)(?: out)? (?:open|ol|dead|bad)'],
  // a motor that is linked for another voltage
  ['links wrong', '(?:on|gets|fed|has) (?:a )?1[12]\\d[^,\\d]*[, ](?:and |but )?[^,\\d]*(?:set(?: up)?|wired'
  + '|strapped|jumpered|connected)'
  + ' for (?:a )?2[0-4]\\d', '(?:on|gets|fed|has) (?:a )?2[0-4]\\d[^,\\d]*[, ](?:and '
  + '|but )?[^,\\d]*(?:set(?: up)?|wired|strapped'
  + '|jumpered|connected) for (?:a )?1[12]\\d'],
  ['house valve shut $1', `(?:shut|closed) the valve to the house,? (?:and |but )?(?:it'?s |it )?(still (?:drops`
  + `|falls|loses|bleeds`
  + `|walks)[^,]*|${HOLDS} (?:steady|put|there|still))`],
]
