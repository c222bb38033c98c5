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
  ['singlephased',
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
  [', shakes', '(?:since|after) (?:we|they|i|he|she|you) (?:drove|came|bounced|took|hit)[^,;]*(?:roads?|trails?'
  + '|potholes?|gravel'
  + '|washboards?|ruts?)[^,;]*',
  '(?:unit|machine|pump|compressor|it|she|thing) (?:walks|dances|hops|jumps|wanders)(?: all)?(?: around| across| over)'
  + '* the (?:floor|slab|shop)[^,;]*'],
  ['rusty, shakes', '(?:ring|terminal|lug|ground|screw)[^,;]*(?:hanging (?:there )?|just )(?:loose|by a thread)'],
  ['stands hot', '(?:they |somebody |it\'s )?(?:boxed|closed|walled|built)(?: it)? in,? (?:and )?no air (?:gets'
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

export const TURNS_OF_HISTORY: readonly Joined[] = [...OF_WORK, ...OF_WEATHER, ...OF_STANDING]
