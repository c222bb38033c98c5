/**
 * What lets go, and how soon: a word for letting go crossed with the words for when. A figure of time becomes one
 * before (figures.ts), so that `hums maybe five seconds then trips` and `holds for a quarter hour then goes` are told
 * apart here. Common practice, no source.
 */
import type { Joined } from './turnOf'

const HANDLE = '(?:it|the (?:handle|breaker|switch|main)|her)'
const THROW = '(?:throw|threw|flip(?:ped)?|push(?:ed)?|close[d]?|turn(?:ed)?|put|reset|set|hit|kick(?:ed)?)'
const OVER = '(?: (?:on|over|in|back on|back in|up))*'
/** The hand that closes it, or that it was closed. */
const CLOSING = `(?:(?:i |you |we |they )?${THROW} ${HANDLE}${OVER}|it(?:'s| is) (?:thrown|flipped|closed|turned`
  + `|set|reset)${OVER})`
const GOES = '(?:trips?|tripped|kicks?|kicked|pops?|popped|goes|went|jumps?|jumped|snaps?|snapped|blows?|blew'
  + '|fires?|fired'
  + '|lets go|let go|bangs?|drops? out)'
const OFF = '(?: (?:right|straight|it|its|back|out|off|over|again|the breaker|the fuse))*'
  + '(?! (?:the |its )?(?:overload|reset|red|thermal|heater|on\\b))'
const BREAKER = '(?:the |my |that )?((?:\\w+ )?breaker|fuse|gfci)(?:\'s| is)?'
const OUT = `(?:${GOES}${OFF}|(?:it|she|that|the breaker|breaker)(?:'s| is) (?:out|off|tripped|gone)(?: again)?)`
const THEN = '(?:,? ?(?:and |,? ?then |before |but ))*(?:it |she |the breaker |that |breaker )?'
const [SECONDS, MINUTES] = [
  '(?:(?:about|maybe|only|like|just|a) )*(?:[1-9]|[1-4]\\d|one|two|three|four|five|six|eight|ten|couple|couple of|few'
  + '|several)(?: or (?:two|three|so))? sec(?:ond)?s?',
  '(?:(?:about|maybe|only|like|just|a|an|for|good) )*(?:(?:\\d+|one|two|three|four|five|ten|fifteen|twenty|thirty'
  + '|couple|couple of|few|several)(?: or (?:two|three|so))? (?:min(?:ute)?s?|hours?)|(?:quarter|half)(?: of)?'
  + '(?: an?)? hour|hour(?: or (?:two|so))?|while)',
]

export const TURNS_OF_TRIPPING: readonly Joined[] = [
  ['dims', 'browns? out(?= (?:each|every|when|whenever))'],
  ['to ground', '(?<=\\b(?:black|red|yellow|lead|leg|wire|motor|hot) )to (?:the )?dirt'],
  ['splice open, motor is down', 'motor by itself(?: is|\'s| still|\'s still| is still)* (?:dead|grounded|down'
  + '|shorted)(?: to (?:the )?ground)?'],
  ['half the lights out', '(?:the )?(?:oven|stove|range|dryer)(?: also| just)? (?:quit|went dead|won\'t heat'
  + '|is out|tumbles'
  + '[^,]*won\'t heat|doesn\'t heat)[^,]*'],
  ['lights all out', 'neighbou?rs?(?:\'s|\')?(?: are| is|\'re)? (?:dark|out|without power)(?: too| as well| also)'],
  ['jumped the $1 switch', '(?:put|tied|twisted|held) the (?:two )?(?:(pressure|float|demand|pump)(?:'
  + ' switch)?|switch)(?:\'s)? wires together'],
  ['starter stuck in', '(?:armature|contactor|starter|plunger) (?:won\'t|wont|doesn\'t|will not|didn\'t)'
  + ' (?:(?:drop|fall|come)(?: back)? out|let go)'],
  ['pushin and it hums', 'held the (?:contactor|starter|armature) in,? (?:and |but )?(?:the )?(?:motor'
  + '|pump)(?: just| only)?'
  + ' (?:growls|hums|groans|buzzes)'],
  ['wire nut at the well cap fell out', '(?<=well[^;]*)(?:one of )?(?:the )?wire ?nuts?[^,;]*(?:the |a'
  + ' )?wires? (?:fell|came|pulled'
  + '|slid|dropped)(?: right)? out(?: of it)?'],
  ['disconnect blade burnt', '(?:one )?blade (?:on|of|for) (?:phase|line|leg|pole) ?[abc123][^,;]*(?:does'
  + ' ?n[o\']t|won\'t|not) (?:go|seat'
  + '|close|make)[^,;]*(?:,? (?:it\'s|and it\'s|all) burn(?:t|ed))?'],
  ['motor vents packed', '(?:back|fan end|end|shroud|fan|bell) of the motor(?: is|\'s| was)? (?:all'
  + ' )?(?:packed|plugged|choked|caked'
  + '|stuffed|full)[^,;]*'],
  ['does not shut off', '(?:never|won\'t|doesn\'t|does not|will not) (?:kick|click)s? (?:off|out)'],
  ['byitself', 'in the middle of the night(?: with (?:nothing|no tools|nobody|no one)[^,]*)?'],
  ['good', '(?<=running |runs |works |goes )like (?:a top|a champ|a dream|a charm|new)'],
  ['hisses on', 'never (?:stops|quits) hissing'],
  ['only starts empty', 'only (?:goes|starts|runs) from (?:zero|empty)'],
  ['turns over', 'rolls over(?= (?:easy|free|fine|hard|stiff|by hand))'],
  ['pump not turn', 'can(?:\'?t|not) (?:even )?roll the pump(?: over)?(?: even)?(?: with a (?:bar|wrench))?'],
  [', holds', '(?<=\\b(?:off|apart|unhooked|disconnected)),? (?:and )?(?:the )?breaker(?:\'s| is) (?:fine'
  + '|good|happy|ok)'],
  ['slow', 'like it\'s running out of (?:juice|power|steam)'],
  ['15 minutes', 'a quarter(?: of an)? hour'],
  // at once
  ['$1 trips atonce', `(?:${BREAKER} )?${GOES}${OFF} (?:the (?:moment|second|instant|minute)|as soon as|soon as|every`
  + ` time|when(?:ever)?) ${CLOSING}`],
  ['trips atonce', `(?:(?:the (?:moment|second|instant|minute)|as soon as|soon as|every time|when(?:ever)?)`
  + ` )${CLOSING}`
  + `,? (?:and )?(?:it |she |the breaker |breaker )?${OUT}`],
  ['$1 trips atonce', `(?:${BREAKER} )?${GOES}${OFF} before (?:i|you) (?:can|could) (?:even )?(?:let go`
  + `|get my hand|take my`
  + ' hand|turn around)[^,]*'],
  ['$1 trips atonce', `(?:${BREAKER} |(?<=^ ))(?:does ?n[o']?t|will ?not|won't|never`
  + `|not) (?:even )?(?:latch(?! solid)|stay latched|give (?:me`
  + ' |you )?(?:a|one|even a) second|give (?:me |you )?a chance)[^,]*(?:,? (?:bang )?(?:it\'s |it is |snaps )?'
  + '(?:off|out|gone|straight over|right over))?'],
  // after seconds
  [', hums, trips tseconds', `(?:(?:it|she|just|the box|box|motor|pump) )*(?:hums?|growls?|buzz(?:es)?|groans?`
  + `|sits there humming)(?: there)?(?: for)?`
  + ` ${SECONDS}${THEN}${GOES}${OFF}`],
  [', hums, trips tseconds', `${SECONDS} of (?:humming|growling|buzzing|groaning)${THEN}${GOES}${OFF}`],
  ['$1 trips tseconds', `(?:${BREAKER} )?${GOES}${OFF} after (?:a )?(?:short|brief|quick) (?:hum|growl|buzz`
  + `|groan|moment)`],
  ['$1 trips tseconds', `(?:${BREAKER} )?takes ${SECONDS} to (?:trip|kick|pop|go|let go|blow)${OFF}`],
  ['trips tseconds', `(?:i |you |we )?count to (?:three|four|five|six|ten|\\d+)${THEN}${GOES}${OFF}`],
  // after minutes
  ['$1 trips tminutes', `(?:${BREAKER} )?(?:it'll |it will |she'll |will )?(?:runs?|holds?|hangs in|is fine`
  + `|is good|stays`
  + ` in|works|goes|pumps|ok|okay)(?: fine| good| great| ok)?(?: for)? ${MINUTES}${THEN}(?:kicks(?: the breaker)?(?:`
  + ' out)?|trips(?: the breaker)?|pops|blows|the breaker(?:\'s| is| kicks| trips| goes) ?(?:out|off|tripped)?'
  + '|goes(?: off| out)?|lets go'
  + ')(?= ?$|,)'],
  ['breaker trips tminutes', `goes (?:off|out) after (?:it'?s |it has |she'?s )?(?:been )?(?:pumping|running`
  + `|going)(?:`
  + ` for)? ${MINUTES}`],
]
