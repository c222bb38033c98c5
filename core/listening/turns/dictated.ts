/** As it is spoken into a phone on the way back to the truck. Common practice, no source. */
import { AT_END, FIGURE, N } from './partsOfSpeech'
import type { Joined } from './turnOf'

const FOLKS = '(?:folks|people|house|guy|place|family|neighbou?rs?)'
const PSI = '(?: ?(?:psi|pounds))?'
const SECONDS = { ten: 10, fifteen: 15, twenty: 20, thirty: 30, forty: 40, fifty: 50 }
const TENS = Object.keys(SECONDS).join('|')

/** Minutes and seconds in one breath. */
const OF_TIME: readonly Joined[] = Object.entries(SECONDS).map(([tens, n]): Joined =>
  [`${60 + n} seconds`, `(?<!\\bon (?:for )?)(?:a|one|1) minute (?:and )?(?:${tens}|${n})(?: seconds)?(?= now\\b`
  + `| ?$| ?[,;])`])

const BACK = '(?:no,? wait|wait,? no|no,? sorry|scratch that|strike that|sorry|i mean|i meant|make that|correction)'
const UNIT = '(?: ?(?:v|volts?|amps?|psi|pounds|ohms?))?'

/** A figure taken back stays where it was read. */
const TAKEN_BACK: readonly Joined[] = [
  ['$3$2', `${N}${UNIT}((?: [a-z]+){0,4}),? ${BACK},? ?(?:that'?s |it'?s |that is |it is |that was `
  + `|it was )?(${FIGURE}${UNIT})(?= ?$)`],
  ['$1', '(?:i )?(?:meant to say|should(?: have'
  + '|\'ve) said) ((?:[a-z]+ ){1,6}[a-z]+),? (?:and )?not (?:the )?[a-z]+(?= ?$)'],
]

const OF_HEARING: readonly Joined[] = [
  ['silent', '(?:i )?(?:can\'t|cannot|don\'t|do not|not) hear (?:the (?:pump|motor)|anything|it)(?: running'
  + '| turning| going)?',
  'heard? a click,? (?:but|and) no (?:pump|motor|start)', '(?:pump|motor)(?:\'s'
  + '| is)? not running,? water(?:\'s| is)? off'],
  ['runs, no water', '(?:it\'s |it is )?(?:drawing|running|turning),? but (?:it\'s )?not pumping(?: anything'
  + '| any water)?'],
  ['breaker is on', 'not the breaker,? (?:that|it)(?:\'s| is) on'],
  ['points closed $1 ohms', `(?:points|contacts) (?:read|reads|show|ohm) ${N}(?: ?ohms?)? (?:closed|made|together)`],
  ['leads to ground 200 ohms', '(?:reads |read |only |just )*a (?:couple|few) hundred ohms to ground'],
  ['leads to ground 3 meg', '(?:reads |read |only |just )*(?:a )?few meg(?:s|ohms)? to ground'],
  ['no air in the tank', '(?:tank(?:\'s| is)? )empty (?:on|of) air'],
  ['flow $1 gpm', `well(?:'s| is)? (?:only )?(?:giv(?:es|ing)|mak(?:es|ing)|doing|produc(?:es|ing))(?: us`
  + `| me)?(?: only| about)? ${N}`
  + ' (?:gallons? (?:a|per) minute|gpm|gallons?)'],
  ['', '(?<=^ ?)meter reads (?:nothing|zero) either way(?= ?$)'],
]

/** What is seen on the way and is no reading. */
const ON_THE_WAY: readonly Joined[] = [
  ['breaker was off', 'breaker in the (?:well ?house|pump ?house|shed|barn|garage) was off'],
  ['amps $2', `amps start(?:s|ed)? at ${N} and (?:creeps?|climbs?|rises?|works?)(?: up)? to ${N}`],
  ['it shuts off', `(?<=^ ?)${N} seconds and it (?:shut|cut|kicked) off(?= ?$)`],
  ['won\'t shut off, gauge $1', `(?:pressure |gauge )?(?:climbs|goes|runs|runs up) to ${N}(?: psi)? and (?:blows`
  + `|pops) the relief`],
  ['sprinkler running all day', '(?:left|leaving) (?:the|a) (?:hose|sprinkler|tap|faucet) (?:on'
  + '|running) (?:all night|all day|overnight)'],
  ['gauge $1 psi', `${N} (?:psi|pounds) at the (?:pressure )?tank(?= ?$| ?[,;])`],
  ['line $1/$2/$3 volts', `(?<=(?:^|[.;,]) ?)voltages?(?: are| is|:)? ${N}[ ,/]+${N}[ ,/]+(?:and )?${N}(?= ?$|[.,;])`],
  ['hums', '(?<=^ ?)(?:control )?box (?:just |only )?(?:hums|buzzes|is humming|is buzzing)'],
  ['pulled pump sand locked', 'pulled (?:it|the pump),? (?:and )?(?:the )?(?:pump(?:\'s| is)?|it\'s'
  + '|it is) sand (?:bound|locked)'],
  ['', '(?<=^ ?)house(?:\'s| is) fine(?=,| but)', '(?:run|ran) with (?:the )?(?:house )?tap wide open(?: and)? same'],
  ['$1', 'opened (?:up )?the well ?(?:cap|head|seal) ?,? (?:and )?(one|a|the|found)(?= wire ?nut| splice| connector)'],
  ['hole in the droppipe', '(?:we |i )?pulled the pump(?: and|,) (?:the )?(?:drop )?pipe (?:had|has) a (?:split'
  + '|hole|crack|pin ?hole)'
  + '(?: in it)?(?: about)?(?: \\d+ (?:feet|foot|ft))?(?: down)?'],
  ['lever off', '(?:won\'t stay,? )?drops as soon as (?:i|you) let (?:go|off)(?: of it)?'],
  ['', 'heat tape (?:quit|failed|was off|went out|was dead)(?=,| and| so)'],
  ['port plugged', '(?:pipe |line |water )?(?:froze|frozen) between (?:the )?tank and (?:the )?switch'],
  ['it shuts off', 'turned it (?:down|up|back) to \\d0[/-]\\d0(?:,| and) (?:now )?it (?:shuts|cuts|kicks) off'],
  ['gauge stuck', 'gauge(?:\'s| is)? stuck (?:at|on) \\d+ (?:even )?(?:when |with it |with the tank )?(?:drained'
  + '|empty|at zero)'],
  ['tank full of water', '(?:old )?(?:galvanized )?tank(?: with no bladder'
  + '| without a bladder)?,? (?:and )?(?:it\'s )?full of water'],
  ['', '(?:pump )?hits something (?:when|as) it starts'],
  ['', '(?:the )?(?:wrong )?breaker(?:\'s| is)? an? \\d\\d(?: amp)?(?= on'
  + '| ?$)', 'wrong breaker,? (?:an? )?\\d\\d amp on an? [\\d/]+ ?hp'],
  ['', 'neighbou?r(?:\'s)? well(?:\'s| is| went)? (?:dry|low)(?: too)?'],
  ['whole street is out', 'no (?:power|lights) (?:anywhere )?(?:on|up and down|along) the (?:whole )?(?:street'
  + '|road|block)'],
  ['pipe leaks', '(?:pin ?hole|hole|crack) in the (?:pressure )?tank', 'tank (?:is '
  + '|has )?rusted through(?: at the bottom)?'],
  ['wire chafed', 'bare wire at the (?:clamp|connector|entry|knockout)'],
]

const OF_WATER: readonly Joined[] = [
  ['precharge $1', `(?:drained|bled|dumped|emptied) (?:it|the tank)(?: down| off)?,? (?:and )?(?:the )?(?:tank`
  + `|bladder|air)`
  + `(?:'s| is| reads| has)? (?:at |on )?${N}${PSI}${AT_END}`],
  ['gauge $1 psi', `holds (\\d\\d)${PSI} (?:on|with|at) (?:two|three|four|all|both|\\d) (?:taps|faucets`
  + `|fixtures)(?: open)?`],
  ['neighbors have no pressure', `${FOLKS} (?:next door|down the road|across the road|up the street)(?:'s| is`
  + `| are|'re)?`
  + ' (?:out|dry|off|without)(?: (?:of )?water)?(?: too| as well)?'],
  ['fill pipe 0 gpm', '(?:nothing|no water)(?:\'s)? (?:comes|coming|at|out of|from)(?: in'
  + '| out)?(?: at| of)*'
  + ' the fill(?: pipe| line)?'],
  ['house valve shut no change', `(?:house|tank)(?: valve)?(?:'s| is)? (?:valved off|shut(?: off)?`
  + `|closed(?: off)?),? still`
  + ` (?:at )?${N}${PSI}${AT_END}`],
  ['$2 gallons in $1 seconds', `(?:bucket|pail|it)(?: at the tank)? takes ${N} seconds (?:for|to fill`
  + `|to make) ${N} gallons?`],
  ['air valve water', '(?:stuck|put|screwed) a (?:gauge|tire gauge) on the (?:air )?valve and (?:got'
  + '|it was) (?:all )?water'],
]

const OF_POWER: readonly Joined[] = [
  ['$1 n1 toground $2 volts, n2 toground $3 volts', `one (load|line) (?:screw|terminal|lug|side)(?: is`
  + `| reads)? to (?:ground|earth)`
  + ` ${N}(?: ?v(?:olts?)?)?,? (?:and |but )?the other(?: one| screw)?(?: is| reads)?(?: to (?:ground|earth))? ${N}`
  + '(?: ?v(?:olts?)?)?(?: too)?',
  `one (load|line) (?:screw|terminal|lug|side)(?: is| reads)? to (?:ground`
  + `|earth) ${N}(?: ?v(?:olts?)?)?,? (?:and |but )?other`
  + ` one(?: is| reads)?(?: to (?:ground|earth))? ${N}(?: ?v(?:olts?)?)?(?: too)?`],
  ['overload trips', '(?:the )?heaters? (?:go|goes|pop|pops|kick|kicks)(?: out)?(?: after \\w+ seconds)?'],
  ['$1 breaker trips after $2 minutes', `(?:re-?set it,? (?:and )?)?(?:the )?(well )?pump ran (?:for )?(?:about )?${N}`
  + ' minutes(?: and|,) (?:then )?it (?:went|let go|popped|tripped|kicked)(?: out| off)? again'],
  ['well quiet', '(?:nothing|no water)(?: is)? (?:running|falling|going|draining|trickling)(?: back)? down the well'
  + '(?: that i can hear)?'],
  ['swapped two leads pressure up', '(?:swapped|flipped|reversed|changed) [tl] ?[123] (?:and|with'
  + '|for) [tl] ?[123],? (?:and )?'
  + '(?:now )?[3-9]\\d ?(?:psi|pounds)'],
  ['runs half a minute and quits', `runs (?:maybe |about )*(?:${FIGURE}|${TENS}`
  + `|half a minute)(?: seconds)? (?:and )?then it (?:just )?stops`],
  ['', '(?<=stops[^;]*),? (?:and )?comes back by itself'],
  ['', 'waited,? (?=it (?:cut|kicked|shut) itself)'],
  ['junction box splice burnt', '(?:joint|splice|connection|wire nut) in (?:the (?:crawl space|attic|basement'
  + '|junction box|box'
  + '|panel)|there)(?: is| was|\'s)? burnt(?: open| off| up)?(?: on one side)?'],
  ['coupling stripped', 'splines?(?:\'s| is| are)? (?:gone|wiped(?: out)?|chewed(?: up)?|rounded(?: off)?|stripped)'],
  ['runs', 'runs (?:fine|good|ok) on one (?:tap|faucet),? (?:and |but )?(?:the )?second one and it (?:drops|cuts'
  + '|kicks|quits)'
  + '(?: out| off)?'],
]

const OF_TWELVE_VOLTS: readonly Joined[] = [
  ['blew right away', '(?:stuck|put|popped|threw) (?:another|a new|a fresh|a second)(?: one'
  + '| fuse)? in,? (?:and )?(?:it\'s |it was )?'
  + '(?:gone|blew|popped|went) (?:the second|the instant|as soon as|right when|when) (?:it|the pump) (?:calls'
  + '|runs|comes on|starts)'],
  ['pump unplugged, still blows the fuse', '(?:pump|motor) (?:unplugged|disconnected'
  + '|unhooked),? (?:and )?(?:the )?(?:third|next|second|new|another)'
  + ' (?:one|fuse)(?:\'s| is)? (?:gone|blown|blew|popped)(?: too| as well)?'],
  ['red wire pinched', '(?:traced it (?:back|out|down),? )?(?:the )?(?:red|hot|positive)(?: wire)?(?:\'s'
  + '| is)? pinched(?: [a-z]+){0,5}'],
  ['return drop $1', `(?:pump|motor) (?:black|negative|ground) to (?:the )?battery (?:black|negative`
  + `|minus)(?: is| reads)? ${N}`],
]

const OF_AIR: readonly Joined[] = [
  ['unloader leaks when off', 'leaks (?:out|at|from) (?:of )?the unloader (?:the whole time|all the time|while'
  + '|as long as) it (?:sits|\'s off|is off)'],
  ['soap none', 'soaped (?:all )?the (?:fittings|joints|lines?|pipes?),? (?:nothing|no bubbles|dry)'],
]

export const TURNS_DICTATED: readonly Joined[] = [
  ...TAKEN_BACK, ...OF_TIME, ...OF_HEARING, ...ON_THE_WAY, ...OF_WATER, ...OF_POWER, ...OF_TWELVE_VOLTS, ...OF_AIR,
]
