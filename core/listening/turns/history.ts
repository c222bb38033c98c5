/** What went before the call: since when, how long, what weather, who did what to it. Common practice, no source. */
import { END } from './partsOfSpeech'
import type { Joined } from './turnOf'

const SEASON = '(?:spring|summer|fall|autumn|winter|christmas|thanksgiving|easter|january|february|march|april|june'
  + '|july|august|september|october|november|december|(?:mon|tues|wednes|thurs|fri|satur|sun)day|yesterday)'
const COUNT = '(?:an?|one|two|three|four|five|six|several|some|a few|a couple(?: of)?|the (?:last|past)(?: \\w+)?'
  + '|\\d+|about an?|over an?|at least an?)'
const SPAN = '(?:days?|nights?|weeks?|weekends?|months?|years?|seasons?)'
/** Long enough to have worn something. */
const LONG = `(?:since (?:last |this |early |late |before |around )?${SEASON}|for (?:${COUNT} )?${SPAN}`
  + `(?: (?:now|before [^,;]*|straight|on end))?|all (?:day|night|week|weekend|month|spring|summer|fall|winter|season)`
  + `(?: long)?|(?:the|this) (?:whole|entire) (?:time|day|night|week|weekend|month|summer|winter|season)|lately`
  + `|${COUNT} ${SPAN} straight|day and night)`
const WHO = '(?:(?:he|she|they|customer|the customer|owner|the owner|homeowner|tenant|neighbor|the kid|somebody'
  + '|someone|wife|husband) )'
const SAYS = `(?:${WHO}says?,? |says? |apparently,? )?`
const IT = '(?:(?:it|she|the pump|pump|the motor|the switch|switch|the compressor|compressor|that thing)(?:\'s'
  + '|\'d)? )?'
const CYCLING = '(?:short[- ]?cycling|rapid[- ]?cycling|cycling|clicking|clacking|kicking|snapping|chattering|starting'
  + '(?: and stopping)?|turning|going|coming)(?: (?:on and off|off and on|in and out|on|off|away|like mad|like'
  + ' crazy|constantly))?'
const CYCLED = '(?:short[- ]?cycled|rapid[- ]?cycled|cycled|clicked|chattered|kicked|turned|started and stopped)'
  + '(?: (?:on and off|off and on|in and out|like mad|like crazy|constantly))?'
const DIGGER = '(?:(?:he|she|they|we|i|owner|the owner|somebody|someone|neighbou?rs?|the neighbou?r|my husband|fence'
  + ' (?:guy|crew|company)|the (?:fence|septic|cable|phone|gas|pool) (?:guys?|crew|company)|contractor|landscapers?'
  + '|farmer|a crew|crew|builder|plow|backhoe) )?'
const DIGS = '(?:fence|septic|cable|phone|gas|pool|landscap(?:e|ing)|excavat(?:or|ion)|sewer|fiber|trench(?:ing)?)'
const SOME = '(?:a|an|the|some|for a|for the|his|her|their|our|my|in|up|new|out)'
const DUG = '(?: \\w+){0,2} (?:trench|ditch|fence|fence posts?|posts?|yard|hole|holes|septic|line in|pool|garden|pole'
  + '|drain field|footing|field|trees?|lawn|driveway)'
const DIGGING = `${DIGGER}(?:was |were |just |had |has |have )*(?:dug|digging|dig|trenched|trenching|plowed|plowing`
  + `|tilled|graded|grading|bored|set|setting|drove|driving|put(?:ting)?|hit|planted)(?: in| up)?(?: ${SOME})?${DUG}`
  + '[^,;]*'
const THERE = '(?:went in|across [^,;]*|over [^,;]*|along [^,;]*|by [^,;]*|through [^,;]*)'
const EVERY = '(?: every (?:few |couple(?: of)? |\\w+ )?(?:seconds?|minutes?|time [^,;]*))?'

/** What it did before it failed. */
const OF_WORK: readonly Joined[] = [
  // how the pressure went over months is no fall that was watched
  ['', `(?:the )?(?:water )?pressure(?:'s| has|'d| had)? been (?:dropping|falling|going (?:down|away)|getting`
  + ` (?:weaker|worse`
  + `|lower))(?: off)?,? ${LONG}`],
  ['ran dry', `(?:left|had) the (?:pump )?(?:switch )?(?:on|running) with the tank (?:empty|dry)`],
  ['clicked on and off for weeks',
    `${SAYS}${IT}(?:has |had )?been ${CYCLING}${EVERY},? ${LONG}(?: ${SAYS.slice(0, -1)})?`,
    `${SAYS}${IT}(?:has |had )?been (?:short[- ]?cycling|rapid[- ]?cycling|cycling)${EVERY}(?= since| ever since)`,
    `${SAYS}${IT}${CYCLED}${EVERY},? ${LONG}`],
  ['ran for days', `${SAYS}${IT}(?:has |had )?(?:been |was |were |left |left it )?(?:ran|running)(?: it)?(?: wide open`
  + '| flat out| non-?stop| constantly| continuously| straight| steady| without (?:a stop|stopping|shutting off))*'
  + ` (?:for (?:${COUNT} )?(?:days|weeks)(?: (?:straight|on end))?|${COUNT} (?:days|weeks) straight|all (?:week`
  + '|weekend|night)(?: long)?|the (?:whole|entire) (?:week|weekend|night)|day and night|while [^,;]* (?:away|gone'
  + '|out of town|(?:on )?vacation))(?= |$|,)'],
  ['kept trying',
    `${WHO}?(?:kept (?:on )?|had been |was |been )(?:resetting|flipping|throwing|pushing|punching|hitting|trying`
    + `|slapping`
    + `)(?: it| the (?:breaker|reset|button|overload|switch))?(?: back (?:in|on))?,? (?:${LONG}|over and over[^,;]*)`,
    `${SAYS}${IT}(?:had |has |just )*(?:been )?(?:hummed|humming|groaned|groaning|buzzed|buzzing)(?: and`
    + ` (?:tripped|tripping`
    + `|clicked|clicking off))? ${LONG}`],
  ['ran dry', '(?:the )?(?:tank|cistern|well) (?:was|ran|went|had been) (?:empty|dry|out of water) and'
  + ' (?:they|he|she|it|somebody|i|we|the pump)[^,;]*', '(?:pump )?(?:was |been |got )?(?:left |run |running'
  + ' )+(?:bone )?dry(?: for [^,;]*| all [^,;]*)?',
  `${WHO}?(?:had |has )?(?:pumped|ran|run) (?:it|the (?:well|tank|cistern)) (?:bone )?dry(?: [^,;]*)?`],
]

/** What came upon it from outside. */
const OF_WEATHER: readonly Joined[] = [
  [', someone dug', `(?:ever )?(?:since|after|when) ${DIGGING}`],
  [', someone dug', `(?:ever )?(?:since|after|when) the ${DIGS} (?:guys?|crew|people|company|man) (?:was|were`
  + `|came|left`
  + '|worked)(?: [^,;]*)?'],
  ['someone dug', DIGGING, `the ${DIGS} (?:guys?|crew|people|company|man) (?:was|were|came)(?: here| out)?(?:`
  + ` [^,;]*)?`,
  `(?:new|there['’]?s a(?: new)?|a new) (?:fence|trench|ditch)(?: ${THERE})?`],
  ['outage', `(?:(?:we|they|there|he|she) (?:had|was|were|got) )?(?:a |some )?(?:power |electric )(?:bump|blip|glitch`
  + `|dip|hiccup|flicker|interruption)s?(?: [^,;]*)?`,
  `(?:the )?(?:power|electric(?:ity)?) (?:bumped|blinked|went off|went out|flickered|was cut)(?: [^,;]*)?`],
  ['froze', '(?:it )?(?:got|was|went|dropped)(?: down)?(?: to)? (?:minus \\w+|(?:\\d+|five|ten|fifteen|twenty'
  + '|thirty|forty) below'
  + '(?: zero|(?= last| overnight| this)))(?: [^,;]*)?',
  'it (?:got|was|went|turned)(?: real| really| awful| so| very| damn)* cold(?: (?:last|over|this|out|on)[^,;]*)?'],
  // that it quit after it was no stop at its cut-out
  ['', `(?<=\\b(?:bump|hydrants?|acidized|shocked|chlorinated|drilled|dug|trench|storm|outage|moved) )and`
  + ` (?:then )?(?:it|she`
  + `|the pump) (?:quit|died|stopped)${END}`],
  ['fed by a generator', '(?:the )?generator(?:\'s| has| had)? (?:been )?(?:feeding|running|powering) it[^,;]*'],
  ['', '(?:running|runs|run)(?: it)? (?:on|off|from) a (?:rotary |static )?phase converter'],
  ['froze', '(?:pump ?house|well ?house|garage|shop|pit) (?:was|got(?: down)? to|hit|dropped to) (?:\\d|[12]\\d'
  + '|minus \\d+'
  + '|below (?:zero|freezing))(?: degrees| below)?'],
  ['storm', '(?:power |voltage |line )surges?(?: (?:came through|took|hit|fried|killed)[^,;]*)?',
    '(?:lightning|thunder)(?:storm)? (?:hit|struck|got|took|came through|fried|rolled through|killed|\\w*)(?:'
    + ' the| a| our'
    + '| his| her)? ?(?:tree|pole|house|barn|line|well|transformer|yard)?[^,;]*',
    '(?:took|got|had) (?:a |hit by )?(?:lightning|direct hit|strike)(?: strike| hit)?[^,;]*'],
  ['outage', '(?:city|town|county|street|water company|they|utility)(?: had| shut| turned)(?: the)? (?:main'
  + '|water|supply)(?: was)? off (?:on )?(?:(?:mon|tues|wednes|thurs|fri|satur|sun)day|yesterday|last [a-z]+|for'
  + ' [^,;]*?)(?= and|,|$)'],
  ['singlephased', '(?:they |we |it )?(?:had )?(?:lost|dropped|was missing|were missing) (?:a|one)(?: of the)?'
  + ' (?:legs?|phases?'
  + '|lines?)(?: (?:last|yesterday|over|this|during|sometime)[^,;]*)?,? (?:and )?(?:it |they |she )?(?:ran|run'
  + '|running|kept'
  + ' running|left (?:it )?running)[^,;]*',
  '(?:(?:pole|utility)(?: side)?|line side) fuse (?:was |had been |is )?(?:out|blown|blew|open)(?:'
  + ' [^,;]*)?(?:,? they (?:just'
  + ' )?(?:fixed|replaced|put)[^,;]*)?',
  '(?:power company|utility|they|line crew|the grid)(?:\'d| had| just)? (?:lost|dropped|blew|was missing|were'
  + ' missing)'
  + ' (?:a|one)(?: of the| of their)? (?:legs?|phases?|fuses?|lines?)[^,;]*',
  '(?:it |motor )?(?:has |had )?(?:been |was )?single[- ]?phas(?:ed|ing) (?:last|yesterday|for|on|all|over|during)'
  + '[^,;]*'],
  ['froze',
    '(?:sat|stood|stored|left|parked|been)(?: out| outside)? (?:in|through|over|all) (?:the )?(?:cold|winter'
    + '|freeze|frost)'
    + '[^,;]*',
    '(?:never|not|wasn\'t|weren\'t|nobody|forgot to)(?: got| get| been| ever)* (?:winterized?|drained? (?:down'
    + ' )?(?:for'
    + ' (?:the )?winter|before (?:the )?(?:frost|freeze)))[^,;]*',
    '(?:hard |deep |first |big )(?:freeze|frost)(?: [^,;]*)?'],
]

/** How it stands, how old it is. */
const OF_STANDING: readonly Joined[] = [
  ['pump runs, no water', `(?:the )?pump(?:'s| is)? (?:runs?|running|turns|spins)(?: fine)?,? (?:but|and) `
  + `(?:there's )?nothing(?: comes(?: out)?)?${END}`],
  ['refilled the tank', `(?:they |he |we |i |she )?filled it(?: back)?(?: up)?(?: again)?${END}`],
  ['', `(?:had (?:it|the (?:tank|cistern)) )?(?:re)?filled (?:up )?(?:by|with|from) (?:a |the )?(?:water )?truck`
  + `(?: [^,;]*)?`],
  ['pulled', '(?:i |we |he )?dug (?:out|up)(?= (?:the|that|her|his|it)\\b)'],
  // what it waters is no filling of a pond, and who lives there now has not worked on it
  ['pump', '(?:irrigation|sprinkler|lawn|pond|pool|garden) pump'],
  ['owner', '(?:the )?(?:new|first|second) (?:owners?|tenants?|homeowners?|people)(?: (?:just )?moved in(?: [^,;]*)?)?'
  + `(?= says?| bought| called| noticed| wants?| just bought| has| here|${END})`],
  ['weak at the taps', '(?:used to|would) run (?:two|three|four|both|all) (?:sprinklers?|hoses?|zones?)[^,;]*'
  + ',? (?:and )?now (?:it |only |just |barely |hardly |won\'t (?:do|run) )*(?:one|a single)(?: [^,;]*)?',
  '(?:barely|hardly|won\'t|can\'t|can barely|can hardly|not enough to) (?:runs? |do |feed |push )(?:a|one|the|two)'
  + ' (?:sprinklers?|hose|shower|zone)s?'],
  ['not long in', '(?:(?:pump|motor|switch|unit|compressor|box|tank|it|she)(?:\'s| is| was| are)? )?(?:only |just'
  + ' |not even |barely |maybe )*(?:an?|one|two|three|four|[1-4]|a couple(?: of)?) (?:years?|seasons?|months?) old'],
  [', shakes', '(?:since|after) (?:we|they|i|he|she|you) (?:drove|came|bounced|took|hit)[^,;]*(?:roads?|trails?'
  + '|potholes?|gravel'
  + '|washboards?|ruts?)[^,;]*',
  '(?:unit|machine|pump|compressor|it|she|thing) (?:walks|dances|hops|jumps|wanders)(?: all)?(?: around| across| over)'
  + '* the (?:floor|slab|shop)[^,;]*'],
  ['rusty, shakes', '(?:ring|terminal|lug|ground|screw)[^,;]*(?:hanging (?:there )?|just )(?:loose|by a thread)'],
  ['stands hot', '(?:they |he |she |somebody |owner )?(?:built|put|made) an? (?:[a-z]+ )?(?:box|closet|cabinet'
  + '|doghouse|shed|enclosure)'
  + ' (?:around|over) it(?:,? (?:with )?(?:no|without) (?:any )?(?:vents?|air|openings?|fan))?',
  '(?:they |somebody |it\'s )?(?:boxed|closed|walled|built)(?: it)? in,? (?:and )?no air (?:gets'
  + ' )?(?:to|around|round)'
  + ' it',
  '(?:stands|sits|is|mounted|boxed|shoved|jammed|stuck)(?: up)? (?:in|against) (?:a |an |the'
  + ' )?(?:closet'
  + '|cabinet|box|corner|wall|attic)[^,;]*(?:no air|hot|\\d{3} degrees|can\'t breathe)[^,;]*'],
  ['stands hot', '(?:stands|sits|is|it\'s|mounted) (?:up )?in (?:a |the )?(?:hot|stuffy|closed|tiny|tight)'
  + ' (?:attic|closet|room'
  + '|box|shed|cabinet)'],
  ['ancient', '(?:pump|motor|switch|unit|compressor|it|she)(?:\'s| is| was) from (?:19\\d\\d|the (?:[6-9]0s'
  + '|seventies|eighties'
  + '|nineties))', '(?:pump|motor|switch|unit|system|compressor|box|tank|it|she)(?:\'s| is| was| are)? (?:all'
  + ' )?(?:the )?'
  + '(?:original(?: to the house| equipment)?|older than [^,;]*)',
  '(?:pump|motor|switch|unit|compressor|it|she)(?:\'s| has| had)? been (?:in|down)(?: there| service)? (?:since|for) '
  + '(?:19\\d\\d|the (?:seventies|eighties|nineties|[6-9]0\'?s)|[1-9]\\d years)[^,;]*'],
]

/** After which event. */
const OF_SINCE: readonly Joined[] = [
  // what it does, and what came before that, are two things
  [',', '(?<=\\w )(?:ever )?since(?! (?:\\w+ ){1,3}(?:lost|quit|went|started|began|stopped|broke|failed|burn))'
  + '(?= (?:(?:the|a|that|his|her|my|our|their) (?!last|past|week|day|month|year|start'
  + '|beginning|time)|they |he |she |we |i |somebody |someone |last night|lightning|storm))',
  '(?<=\\w )(?:right )?after(?= (?:(?:the|a|an|that|his|her|my|our|they|he|she|somebody|someone|last|big|it) ){0,2}'
  + '(?:\\w+ ){0,2}(?:storm|thunderstorm|lightning|outage|brownout|freeze|frost|froze|trench|fence|was here|left|put'
  + '|replaced|changed|rewired|worked on|installed|dug|swapped|fiddled|messed)(?=$| |,))'],
]

export const TURNS_OF_HISTORY: readonly Joined[] = [...OF_WORK, ...OF_WEATHER, ...OF_STANDING, ...OF_SINCE]
