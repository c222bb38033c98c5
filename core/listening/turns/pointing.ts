/**
 * Where a hand points as it goes along: the inside two, the other one, on down the hole, what is ahead of the pump. And
 * figures that are told as a course: down to, on for so long and off for so long. Common practice, no source.
 */
import { END, FIGURE, TO_GROUND, VOLTS } from './partsOfSpeech'
import type { Joined } from './turnOf'

const SCREWS = '(?:screws?|terminals?|lugs?|posts?)'
const READS = '(?:is|are|\'s|reads?|shows?|has|got|says|gets|i get|i\'ve got|and there\'s|and it\'s|only)'
const GAUGE = '(?:the )?(?:little |pressure )?gauge'
/** One of two, then the other of them. */
const ONE = '(?:one(?: of them| side| leg| hot| wire)?|the (?:first|left|top) (?:one|leg|hot|side))'
const OTHER = `(?:the )?other(?: one| side| leg| hot| wire)?(?: ?(?:${READS}|one's|one))*`

/** Alternating current is no pair, unless others are named beside it. */
const ALTERNATING = '(?:ac|ca)(?=[^;]*\\b(?:ab|bc|n1 n2|n2 n3)\\b)|(?<=\\b(?:ab|bc|n1 n2|n2 n3)\\b[^;]*)(?:ac|ca)'
const NUMBERS = ['one', 'two', 'three'] as const
/** `between one and two`, `one to three is`, `BC`: a pair of lines. */
const PAIRS = [[1, 2], [2, 3], [1, 3]].map(([a = 1, b = 1]): Joined => {
  const [one, two] = [NUMBERS[a - 1], NUMBERS[b - 1]]
  const eitherWay = [`${one} (?:and|to) ${two}`, `${two} (?:and|to) ${one}`]
  const letters = `${'abc'[a - 1]}${'abc'[b - 1]}`
  const before = '(?= (?:is|reads|at|only|shows|ol|open|\\d|\\.\\d))'
  return [`n${a} n${b}`, ...eitherWay.flatMap(told => [`between ${told}`, `${told}${before}`]),
    letters === 'ac' ? ALTERNATING : letters]
})

export const TURNS_OF_POINTING: readonly Joined[] = [
  ...PAIRS,
  ['the valve to the house', '(?<=(?:closed|shut|shut off|turned off) )the valve (?:between the tank and the house'
  + '|after the tank|past the tank)'],
  // screws by where they sit: the line comes to the outer ones of a switch
  ['the line side', `(?:the |both )?(?:outside|outer|outboard) (?:two|pair)(?: ${SCREWS})?`,
    `(?:the )?two (?:outside|outer|outboard) (?:ones|${SCREWS})(?: where the power comes in)?`],
  ['the load side', `(?:go |went |going )?(?:over )?(?:to )?(?:the |both )?(?:inside|inner|middle|center) (?:two`
  + `|pair)(?: ${SCREWS})?`, `(?:the )?two (?:inside|inner|middle|center) (?:ones|${SCREWS})(?: that feed the pump)?`],
  ['load', '(?:below|under|underneath|bottom side of) the (?:contacts?|contactor|starter|tips)(?= |,|$)'],
  ['line', '(?:above|on top of) the (?:contacts?|contactor|starter|tips)(?= |,|$)'],
  ['line', 'red wire (?:going|coming|that goes) (?:in)?to the pump'],
  ['inlet', `${GAUGE} (?:ahead of|before|in front of|on the (?:suction|inlet|street|city) side of) the (?:pump`
  + `|booster)`],
  ['gauge', `${GAUGE} (?:after|past|behind|on the (?:discharge|house|tank) side of) the (?:pump|booster)`],
  ['outletgauge', '(?:the )?(?:line|hose|shop|air line) gauge(?= \\d| is| reads| says'
  + '| stays| drops| shows)'],
  // what is ahead of a strainer is not what the pump is fed with
  ['', 'inlet (?:before|ahead of) the strainer(?: is| reads)? \\d+(?: psi)?(?= ?$)'],
  ['outletgauge', '(?:regulator )?knob (?:is )?(?:wound|turned|screwed|cranked|backed) all the way (?:in|up|down'
  + '|out)'],
  ['into the pressure switch', '(?:the )?control (?:voltage|volts|power) (?:is )?(?:coming '
  + '|going )?(?:in)?to the (?:pressure )?switch'],
  ['drops $1 volts across the pressure switch', `drops? across the (?:pilot|pressure) switch(?: is| of)? (${FIGURE})`
  + '(?: ?v(?:olts?)?)?'],
  ['zero amps', 'amps? (?:is |are )?(?:zero|0|nothing)(?: at the (?:well|well ?head))?(?= ?$|,)'],
  ['', ',? (?:and )?(?:the )?(?:sister|twin|good|other|next) (?:pump|unit|one)(?:\'s)? (?:reads?|is|measures|pulls'
  + `|draws|shows) ${FIGURE}(?: ?(?:ohms?|amps?|volts?))?(?= ?$)`],
  ['pump end off motor turn free', '(?:unbolted|took|pulled|separated|split|broke) (?:the )?motor (?:off|from|off of'
  + '|away from|loose from) (?:the )?pump(?: end)?,?(?: and)? (?:the )?motor (?:turns|spins)(?: over)? (?:free'
  + '|easy|fine'
  + '|by hand)(?:ly)?'],
  ['antifreeze position', '(?:fresh )?(?:tank |water )?valve(?: is| was|\'s)? (?:turned|set|over'
  + '|on)(?: over)? (?:to|on)'
  + ' (?:the )?(?:city(?: water)?|fill|tank fill|winterize|antifreeze)'],
  // one of two, and the other
  ['n1 toground $1 volts, n2 toground $2 volts', `${ONE} (?:of them )?to (?:the )?(?:ground|earth|neutral)(?:`
  + ` ${READS})* ${VOLTS},? (?:and |but )?${OTHER} (${FIGURE}|nothing|zero)`],
  ['n1 toground $1 volts, n2 toground $2 volts', '(?<=^ |breaker |hard, |off, |on, |again, )now (1[0-3]\\d)(?:'
  + ' volts?)?'
  + ' and (1[0-3]\\d|0)(?: volts?)?(?= ?$)'],
  ['', '(?<= )(?:the )?same (?:story|deal)(?=,? (?:\\d|one|zero|nothing))'],
  ['', ',? (?:and )?(?:the )?other (?:one|wire|side|leg)(?:\'s| is| reads)?(?: about| just| exactly)? the'
  + ' same(?= ?$)'],
  // a splice, from where one stands
  ['pump side', `${TO_GROUND}(?:going|looking|reading|from there) (?:on )?down(?: (?:the hole|the well|hole))?`
  + '(?= (?:it |is |it\'s |it is |reads? |i get )*(?:over|zero|good|clear|0|\\d+ ?meg))'],
  ['pump side zero to ground', 'down the (?:well|hole) to (?:the )?ground (?:reads?|is|shows|measures) (?:zero|0|dead)'
  + '(?: on the meg\\w*)?'],
  ['house side', '(?:from there |going |looking |reading )(?:on )?back (?:up )?(?:to(?:ward)? the (?:house|panel'
  + '|switch'
  + '|starter|box))(?= (?:is|it\'?s|reads?|i get|over|\\d|zero))'],
  ['house side', '(?:the )?(?:piece|stretch|section|run|wire) between the (?:house|panel|switch|box) and the well(?:'
  + ' ?head)?(?: by itself)?'],
  // a course of figures, and what it came to
  ['$1', `(?:drops|goes|falls|fell|dropped|went|sags|dives|pulls) from ${FIGURE}(?: psi| volts`
  + `| pounds)? (?:clear |right`
  + ` |all the way )?down to (?=${FIGURE}(?: psi| volts| pounds)? (?:when|as|while|with|every))`],
  ['starts', '(?<=(?:when|as|while|every time) (?:it|the pump|she|the booster) )kicks? (?:on|in)'],
  ['gauge 0', `${GAUGE}(?: is|'s)? (?:all the way |clear |way )?(?:down )?(?:on|against) the (?:peg|pin|stop)`,
    `${GAUGE} (?:won't|will not|doesn't|never|not) (?:come|comes|move|moves|budge|budges|get|gets)(?: up)?`
    + ` (?:off|from)`
    + ' (?:of )?(?:zero|0|the (?:peg|pin))'],
  ['on $1 seconds off $2 seconds', '(?:it\'?ll be |it\'?s |it |she |runs? )?on for (?:maybe |about |around '
  + '|like )?(\\w+)'
  + '(?: seconds?)?,? (?:and |then )?(?:it\'?s |it )?off (?:for )?(?:maybe |about |around |like )?(\\w+)'
  + '(?: seconds?)?(?= ?$|,)'],
  ['precharge $1 psi', '(?:tank|bladder)(?:\'s| has|\'s got| has got)? (?:got )?(\\d+) (?:pounds|psi|lbs?) of'
  + ' air(?: in'
  + ' (?:it|there))?(?: (?:when|with) (?:it\'?s |it |the water )?(?:is )?(?:empty|drained|drained out))?'],
  ['cut in $1 psi', '(?<=^ |, |and )(?:the )?(?:pump |it )?(?:comes |kicks |kicked '
  + '|came )?on at (\\d{2,3})(?: ?psi| pounds)?(?= ?$)'],
  ['over', '(?:better than|upwards of|north of|more like)(?= \\d)'],
  ['not stop', '(?<=float[^,]{0,20} and the (?:well )?pump )(?:just )?(?:kept|keeps) (?:right )?(?:on )?(?:going'
  + '|running)'],
  ['keeps', '(?:kept|keeps) right(?: on)?(?= \\w+ing)'],
  // idioms
  ['same', '(?:the )?same (?:deal|story)(?= ?$|,)'],
  ['it runs', '(?:it |pump |motor )?starts (?:right )?(?:away|off|up)(?: fine'
  + '| normal)? and (?:it )?sounds (?:normal|fine'
  + '|good|ok)'],
  ['', '(?:it\'s|it is|this is|its) the (?:kind|type|one|style) with (?:the |a )?[^,]*(?=,|$)'],
  ['stalls at $1 psi, it keeps running', 'gauge (?:stops|tops out|quits|hangs) at (\\d+) and (?:just )?(?:sits|stays'
  + '|hangs)(?: there| right there)? (?:with|while) (?:the pump|it)(?:\'s| is)? still (?:running|going)'],
  ['stalls at $1 psi', '(?:pressure|gauge)(?: at the pump)? with (?:the |its )?(?:discharge |outlet |gate )?valve'
  + ' (?:shut|closed)(?: off)?(?: is| reads| only gets to)? (\\d+)(?: psi| pounds)?'],
  ['water sand', '(?:there\'s |got )?sand in (?:the|all the) (?:screens|aerators|toilet tanks?|nozzles|emitters|heads'
  + '|sprinklers|faucet screens)'],
  ['motor leads off at the starter', '(?:lifted|took|pulled|unhooked'
  + '|disconnected) (?:the )?(?:lead n[123],? ?(?:and )?|t'
  + '[123],? ?(?:and )?|t leads ?){1,3}(?:off|loose)(?: of)?(?: the)? (?:starter|overload|contactor|bottom)?'],
  ['all three $1', '(?<=phase to phase[^,]*)all (?:read|reads|are|show|is) (\\d+(?:\\.\\d+)?)'],
  ['dialset $1 amps', 'heaters?(?: in there)? (?:are|is)(?: sized'
  + '| rated)? for (?:an? )?(\\d+(?:\\.\\d+)?)[ -]?amps?'
  + '(?: motor)?'],
  ['control fuse', '(?:the )?(?:little |small |glass )?(?:secondary |transformer )?fuse(?: on the (?:secondary'
  + '|transformer|control transformer))', '(?:little|small|glass) fuse(?= (?:is|was|reads|tests)? ?(?:blown|good'
  + '|open|bad))'],
  ['', '(?:primary|high side|line side)(?: of the (?:control )?transformer)?(?: has| is| reads|\'s)? (?:got'
  + ' )?\\d{3}(?:'
  + ' volts)?,?(?: and)?(?= (?:the )?(?:secondary|low side))'],
  ['links printedfor $1 volts', '(?:the )?(?:plug|jumper|selector) (?:in|on) the back(?: of (?:the motor'
  + '|it))? (?:is|was|\'s) (?:still )?(?:set )?(?:on|to|for|at) (\\d{3})[^,]*',
  '(?:the )?(?:plug|jumper|selector|links?|dial|arrow)(?: switch)?(?: (?:in|on) the back(?: of (?:the motor|it))?)?'
  + '(?: still)? (?:points|pointing|is pointing|set|is set)(?: still)? (?:on|to|for|at) (\\d{3})(?: ?v(?:olts?)?)?'
  + '(?= ?$)'],
  ['', '(?:motor |name ?|data ?|the )*(?:plate|tag) (?:says|reads|shows|is|has) \\d{3} ?(?:/|or|and) ?\\d{3}'
  + '(?: ?v(?:olts?)?)?(?= ?$|,)'],
  ['contactor silent', '(?:contactor|starter)(?: just)? (?:sits there|does nothing|won\'t budge|doesn\'t move'
  + '|stays put'
  + '|not moving)'],
  ['zero amps', `(?:0|zero|no) amps (?:on|in) (?:one|a|either) (?:leg|lead|wire)${END}`],
  ['', ',? (?:and |but )?(?:i get|i got|i have|it\'s) (?:\\d+(?:\\.\\d+)?)(?: ?(?:ohms?|amps?|volts?))? (?:on|for|at)'
  + ' (?:its|the) (?:twin|sister|neighbou?r|mate)(?: (?:next|right next|sitting next) (?:to it|door))?'],
  ['supply $1 volts', '(?:he\'s |they\'ve |we\'ve )?got (\\d{3})(?: volts)? at the house'],
  ['posts clean', 'connections (?:are |all )*clean and tight'],
  ['', 'jumped (?:it|the battery|her) (?:off|from|with) (?:of )?(?:the|a|my|his) (?:truck|car|tow vehicle'
  + '|jump pack)[^,]*'],
  ['leads off at the box', '(?:unhooked|pulled|took|lifted|disconnected) (?:the )?(?:(?:red|yellow'
  + '|black),? ?(?:and )?){2,3}'
  + '(?:wires |leads )?(?:off |loose )?(?:at|from|in) the box'],
  ['', 'red (?:reset )?button[^,]*, ?(?:i )?pushed it(?: (?:in|and it clicked))*'],
  ['starts empty same', '(?:doesn\'t|does not|don\'t) matter (?:if|whether) the tank(?:\'s| is'
  + '| has)?(?: got)? (?:air in it'
  + '|full|empty|up)[^,]*'],
  ['switch open', '(?:pressure )?switch (?:clicks|snaps|pops|clicked|snapped) open'],
  ['noth', '(?:and )?it clicks but nothing(?: happens)?'],
  ['float', 'low[- ](?:water|level) float'],
  ['control fuse good, behind the overload contact $1 volts', '(?:\\d{2,3})(?: volts)? (?:in|into|on|at'
  + '|to) (?:terminal )?95,? (?:and )?(nothing'
  + '|zero|0|\\d{2,3})(?: volts)? (?:out|out of|on|at) (?:terminal )?96'],
  ['secondgauge', '(?:screwed|put|threaded|stuck|hooked) (?:a|my|another) (?:good |new |known good |test |spare '
  + '|second |different'
  + ' )+gauge on(?:to)? (?:the |a )?(?:hose bib|tap|faucet|spigot|line|tank|tee|drain)(?: and it| and)?'],
  ['battery run $1 volts, behind the fuse $2 volts', `${VOLTS} in,? (?:and )?(?:only )?${VOLTS} out of the`
  + ` (?:fuse )?holder`],
  ['behind the fuse', '(?:out of|past|after|behind) the (?:fuse )?holder'],
  ['hots same pole', '(?:the )?(?:black|red|white|hot|wire|feed)[^,]* and (?:the )?(?:black|red|white|wire|one'
  + '|motor|pump)[^,]*'
  + ' (?:both )?(?:are )?(?:both )?(?:under|on|landed on) the same (?:screw|terminal|pole|side)'],
  ['box terminals', '(?:red|yellow) (?:terminal|screw|lug)(?= (?:is|was|\'s) (?:charred|burnt|melted|cooked|black'
  + '|loose))'],
  ['zero amps', 'no amps on (?:anything|any of (?:them|the (?:leads|wires))|either (?:one|lead|wire))'],
  ['relief weeps', 'relief(?: valve)?(?: (?:by|on|at|next to) the tank)?(?:\'s| is)? (?:dribbling|dripping'
  + '|weeping|spitting'
  + '|trickling|running|leaking)[^,]*'],
  ['motor side good', 'motor side by itself (?:reads|is|megs) over \\d{2,} ?meg\\w*'],
  ['pump end off motor turn free', '(?:pulled|took|got) the motor off,? (?:and )?(?:the )?motor (?:shaft'
  + ' )?(?:turns|spins)'
  + '(?: over)? (?:free|easy|fine|like a top|by hand)(?:ly)?'],
  ['the shaft', '(?:put|stuck) a (?:wrench|bar|pair of pliers|screwdriver) on (?:the back of )?the shaft(?: and)?'],
  ['spin run', '(?:spun|turned|rolled) (?:it|the (?:flywheel|pulley|fan'
  + '|shaft))(?: by hand)? with the power on,?'
  + ' and (?:off it went|it (?:took off|ran|started|went|caught))[^,]*'],
  ['runs', 'off (?:she|it|he) (?:went|goes|took)'],
  ['cycles usual', 'runs a (?:full |good |whole )?minute at a time'],
  ['still falls', 'still goes down(?= ?$|,)'],
  ['coil printedfor $1 volts', '(?:read the )?coil(?: tag| label)?(?: and it| it)?(?: says| is marked'
  + '| is stamped| marked'
  + '| stamped) \\d{2,3} ?(?:-|\\/|to) ?(\\d{3})(?: ?v(?:olts?)?)?', 'read the coil and it says (\\d{2,3})(?:'
  + ' ?v(?:olts?)?)?'],
  ['head gasket blown', '(?:puffing|blowing|leaking|hissing|air coming|feel air)(?: out)? (?:from )?(?:between'
  + '|at) the head'
  + ' and (?:the )?(?:cylinder|block|pump)'],
  ['coil $1 volts', 'contactor(?:\'s| is)? still (?:pulled )?in,? (?:and )?(?:i\'ve |i |there\'s )?(?:got'
  + '|have)? ?(\\d{2,3})'
  + '(?: volts)? (?:across|on|at) the coil'],
  ['switch closed', '(?:took|pulled|lifted) (?:one|a) wire off (?:of )?the (?:pressure )?switch,? and (?:it'
  + '|the contactor|the'
  + ' starter) (?:dropped out|stopped|quit|let go)[^,]*', 'pressure switch reads closed(?: with the wires off(?:'
  + ' of)? it)?'],
  ['air valve water', 'no air at the valve,? (?:just|only) water'],
  ['filled suctionline runs back', '(?:filled|topped|primed) (?:it|the pump)[^,]* and the (?:level'
  + '|water) (?:just )?(?:keeps'
  + '|kept) (?:sinking|dropping|going down)'],
  ['into panelswitch', '(?:on )?the back of the pump switch'],
  ['noth outofit', '(?:zero|nothing|0)(?: volts)? on the other (?:tab|spade|blade)(?: with it (?:turned )?on)?'],
  ['', '(?:jumped|bridged) the two (?:tabs|spades|blades)(?! on)[^,]*'],
  ['rolled the leads odd one moves with the lead', '(?:moved|rolled|shifted'
  + '|rotated) (?:all three )?(?:of )?(?:the )?(?:motor )?'
  + '(?:leads|wires)(?: over)?(?: by)?(?: one)?(?: place| spot| around)?,? and the (?:high (?:one|leg|amps)'
  + '|bad one|odd one'
  + '|\\d+)(?: amps)? (?:went|moved|jumped|shifted|followed)[^,]*'],
  ['lead to lead $1 $2 $3 ohms', '(?:legs|windings|phases) (?:read|ohm(?: out)?(?: at)?'
  + '|measure) (\\d(?:\\.\\d+)?), (\\d(?:\\.\\d+)?),?'
  + '(?: and)? (\\d(?:\\.\\d+)?)(?= ?$)'],
  ['$1 lug loose', 'wiggled the (?:wire|lug|screw) (?:on|at) the (\\w+) and it (?:sparked|arced|came on|went off'
  + '|cut out)'],
  ['', ',? (?:it |and it )?(?:should(?:\'ve)?|ought to|supposed to|meant to) (?:have )?(?:quit|stop|shut off'
  + '|cut out|kick off|made'
  + '|kick on|come on|kicked on|started)(?: itself)? at \\d+(?: ?psi| pounds)?'],
  ['', 'with a (?:breaker|pry|cheater) bar'],
  ['belt off motor runs', 'belts? off,? (?:and )?(?:the )?motor (?:spins|runs|takes|comes|starts)(?: right)?(?:'
  + ' up| off)?'
  + '(?: fine| free| good| great| easy| smooth)*(?= ?$|,)'],
  ['float does noth', '(?:moved|worked|lifted|jiggled|flipped) the float (?:every which way|up and down|all over'
  + '|both ways),?'
  + '(?: and)? nothing'],
  ['floatcord chewed', 'cord(?:\'s| has| is)(?: been)? chewed[^,]*(?:lid|tank|hatch)'],
  ['same', 'nothing changed(?= ?$|,)'],
  ['fuse blown, trips at once', 'fuse (?:blows|pops) (?:when|as soon as|the (?:second|minute|moment)) (?:you|i'
  + '|we|it)[^,]*'],
  ['motor locked', '(?:spun|turned|tried) the (?:motor )?shaft by hand,?(?: and)?(?: it\'s)? (?:locked|stuck'
  + '|seized|frozen)'],
  ['motor leads off at the starter holds', '(?:took|pulled|lifted) the (?:motor )?(?:leads'
  + '|wires) off(?: of)?(?: at)? the starter,?'
  + '(?: and)? the breaker(?:\'s| is| stays)? (?:fine|good|in|ok|happy|put)'],
  ['service drop burnt off', '(?:burnt|burned|bad|loose|corroded) (?:connector|connection|splice'
  + '|lug) at the (?:weatherhead|pole'
  + '|transformer|meter|service)'],
  ['leads crossed', '(?:red|black|yellow) on (?:the )?(?:red|black|yellow),? and (?:the )?(?:red|black'
  + '|yellow) on (?:the )?(?:red'
  + '|black|yellow)'],
  ['', '(?:sounds like )?it never kicks (?:over )?out of start'],
  ['$1/$2/0 amps', '(\\d\\d?),? (\\d\\d?),? (?:and )?(?:nothing|zero) on (?:the )?(?:third|other|last'
  + '|3rd) (?:leg|one|lead|phase)'],
  ['across the relay contact', '(?<=relay[^.;]*)across the contacts?'],
  ['switch open', 'pilot switch(?: is|\'s) open'],
  ['starter contacts welded', '(?:tapped|rapped|hit|smacked) the (?:contactor|starter) and it (?:dropped|fell'
  + '|let) (?:out|go)'],
  ['it keeps running', '(?:pressure|gauge)(?:\'s| is) \\d+ over(?= ?$|,)'],
  ['$1 volts', `${VOLTS} and it (?:holds|stays) (?:there|steady|right there)(?= ?$|,)`],
  ['runs, $1 amps', 'runs (?:fine |good |great )?at (\\d{1,2}\\.\\d)(?= ?$|,)'],
  ['housevalve foundshut', '(?:the )?handle on the (?:ball|house|main|gate) valve is (?:crossways|crosswise|sideways)',
    '(?:ball|house|main|gate) valve(?: handle)? is (?:crossways|crosswise|sideways)'],
  ['tap at the tank strong', '(?:cracked |opened )?(?:the )?(?:boiler drain|drain|hose bib|spigot) (?:at|on'
  + '|by) the tank(?: tee)?'
  + '[^,]*(?:knock your hat off|blasts?|plenty|full (?:pressure|blast))'],
  ['', '(?:it )?(?:still )?(?:trips|runs|holds|hums|there)\\? (?:no|nope),?'],
  ['to ground $1', '(?:meter )?from either (?:of those(?: two)?|one|wire'
  + '|lead) to the ground bar,?( under an? ohm| \\d+(?:\\.\\d+)?'
  + ' ohms?)'],
  ['ventscrew air', 'opened the (?:plug|vent|bleeder|bleed)(?: on top)?,? all air'],
  ['$1/$2/$2', '(\\d{3}),? and (\\d{3})s? on the other two(?: pairs| legs)?'],
  ['lights all out', '(?:shop|house|place|barn|neighbou?r) next door(?:\'?s)?[^,]* (?:is|are) out too'],
  ['', '(?:works|runs|pumps) (?:great|fine|good) for (?:a while|\\w+ minutes),? (?:and )?then(?= it)'],
  ['spits air', 'spits and the gauge (?:falls|drops|goes) to (?:nothing|zero)'],
  ['let it rest comes back', '(?:wait|waited|let it sit|give it|gave it) [\\w ]*(?:minutes|hour)[^,]* (?:does'
  + '|did) the same thing'
  + ' (?:over|again)'],
  ['black to ground $1 volts', `black(?: wire)? to (?:a clean spot on )?the frame,? (${FIGURE}) volts(?: between)?`],
  ['', '(?:let|left|with) the hose run(?:ning)?,?'],
  ['outlet', '(?:receptacle|outlet|socket)(?: that)? it\'?s plugged in(?:to)?'],
  ['breaker tripped', '(?:little )?test[- ]button outlet[^,]*(?:popped|tripped)'],
  ['', ' where the (?:twin|sister|other|good)[^,]* (?:reads|is|has|shows) \\d+(?:\\.\\d+)?'],
  // what was done to see
  ['', '(?<=insulation tester )(?:at|on) \\d{3,4}(?: ?v(?:olts?)?)?'],
  ['to ground over $1 meg', '(?:insulation tester|megs?|megged) to (?:ground|earth|the frame)(?: is| reads| says'
  + '| shows'
  + '| at)* (?:over |better than |above |more than )(\\d+)(?: ?megs?\\w*)?'],
  ['zero meg to ground', 'zero meg\\w*(?: on all (?:three|of them))? to (?:ground|earth)'],
  ['leads off at the switch', 'took (?:the |both |both of the )?(?:two )?(?:wires|leads) (?:going )?to the (?:pump'
  + '|well|motor) off (?:of )?the switch'],
  ['breaker holds', '(?:flipped|threw|turned|put|reset) the breaker(?: back)?(?: on)?(?:,| and) it stay(?:s'
  + '|ed) (?:put|in'
  + '|set|on)'],
  ['$1 volts', `(?:nothing|zero),? well,? (${FIGURE}) ?v(?:olts?)?`],
  ['bypassed the switch', '(?:pulled|took) the (?:two |both )?wires off (?:of )?the (?:little )?(?:pressure )?switch,?'
  + ' and (?:touched|twisted|put|tied|held|stuck) (?:them|the two|both) together'],
  ['strainer', '(?:clear|see-through|see through|plastic) (?:strainer|filter bowl)(?= the whole| all| every|,|$)'],
  ['spin run', '(?:gave|give) (?:it|the shaft|her) a (?:good |little |quick )?(?:spin|twirl|twist'
  + '|flick)(?: by'
  + ' hand)? with the power on(?: it)?,? and (?:off it went|it (?:took off|went|ran|started|caught))[^,]*'],
  ['float hung on the ladder', '(?:flopped|pulled|pushed|swung|let|moved|knocked) the float (?:down|loose'
  + '|over)(?: by hand)?,? and the (?:well )?pump (?:took (?:right )?off|started|came (?:right )?on|kicked on|ran)'],
  ['foot valve lost its prime', '(?:came|went) back (?:the )?(?:next (?:morning|day)|later|after (?:an hour|lunch)),?'
  + ' (?:and )?(?:it|she)(?:\'d| had)? lost (?:it|its prime)(?: again)?'],
  ['swapped two leads more', '(?:swapped|switched|flipped|changed|reversed) (?:any )?two (?:of the )?(?:leads'
  + '|wires|legs'
  + '|phases)(?: (?:at|on) the \\w+)?,? (?:and )?(?:now )?(?:it\'?s |it )?(?:making|makes|gives|giving'
  + '|builds) \\d+[^,]*'],
  ['it works', '(?:and |it )+(?:primed|picked|caught) right up'],
  ['swapped', '(?<=^ )(?:the )?(?:control )?box (?:was )?swapped(?= )'],
]
