/**
 * What is told in passing: that power is there without a figure, which of two it is, what it came up to, what a valve
 * shut to see showed. Common practice, no source.
 */
import {
  DOWN, END, FIGURE, GROUNDED, inEitherOrder, ITS, MAINS, NOUGHT, READ, SHUT, SOUND, TO_GROUND, VALVE,
} from './partsOfSpeech'
import type { Joined } from './turnOf'

const POWER = '(?:power|juice|voltage|electricity)'
const GOT = '(?:there is|there\'s|(?:i|we|you|it)(?:\'ve| have|\'s| has)? ?(?:got|have|see|show)?|got|have|has'
  + '|have got'
  + '|had)'
const THERE = '(?: (?:is |are |\'s )?(?:good|fine|there|ok|okay|present))?'
/** No figure follows. */
const HERE_END = '(?= ?$|,(?! ?(?:about |a |only |all )*\\d)|;| and | but )'
const DEVICE = '(?:switch|float(?: switch)?|starter|contactor|box|control box|motor|pump|disconnect|breaker|well head'
  + '|well cap|well|pressure switch|panel|coil|fuse|battery|transformer|wall switch|panel switch|terminals?'
  + '|(?:line|load|motor) (?:side|screws|terminals)|top screws|bottom screws)'
const RISEN = '(?:came|comes|went|goes|climbed|climbs|climbing|shot|built|builds|ran|jumped|rose|pumped|pumps)'
const RISES = `${RISEN}(?: right| straight| all the way| back| clear| on| quickly)*(?: up)*(?: again)? (?:up )?to`
const FALLING = '(?:walk|creep|inch|drift|tick|slip)(?:s|ing|ed)? (?:backwards?|backward|down|off|back)'
const CLAMP = '(?:the |my )?(?:clamp(?:-?on)?|amp ?clamp|amp ?meter|ammeter)(?: meter)?'
const STILL = '(?:it |she |the pump )?still (?:pulses|cycles|burps|comes on|kicks on|kicks in|starts|runs|short'
  + ' cycles)'

/** The wires up to the well head. */
const TO_HOUSE = '(?:house side|(?:the )?(?:wires?|cable|run|feed|line) (?:going )?(?:back )?'
  + '(?:from|to|toward) the house)'

/** A motor that is linked for one voltage, on another. */
const MADE_FOR = '(?:wired|strapped|set|jumpered|linked|connected) for'
const ON_A = '[^,\\d]* (?:on|to|gets|with|fed)(?: a)?'

export const TURNS_OF_TELLING: readonly Joined[] = [
  ['links wrong', `${MADE_FOR} 1[12]\\d${ON_A} 2[0-4]\\d`, `${MADE_FOR} 2[0-4]\\d${ON_A} 1[12]\\d`],
  // taken off to be read, and no broken terminal
  [
    'three leads off',
    '(?:at the (?:control )?box,? )?(?:red|black|yellow) off(?:,? (?:and )?(?:red|black|yellow) off)+',
  ],
  [
    'motor spins free with the pump end off',
    '(?:split|separated|took|pulled) (?:the )?pump(?: end)?(?: away)? (?:from|off) the motor,? (?:and )?(?:the )?motor'
    + ' (?:turns|spins)(?: over)? free(?:ly)?',
  ],
  // what runs back to the street is held by the valve ahead of the pump: its check does not
  [
    'check does not seat',
    '(?:shut|closed|turned off) the valve (?:ahead of|before|in front of) the (?:booster|pump),? (?:and |then )?'
    + '(?:now )?(?:it|the pressure|the gauge) (?:holds|stays|stops)(?: now| put| steady)?',
  ],
  // at the well head only the wires up to it are parted: what hangs below is lead and motor
  [', house side good well side shorted',
    ...inEitherOrder(`${ITS}${READ} ${DOWN}`, `${TO_HOUSE}${READ} ${SOUND}`).map(told => `${TO_GROUND}${told}`)],
  [', pump side clear house side down',
    ...inEitherOrder(`(?!pump side clear)${ITS}${READ} ${SOUND}`, `${TO_HOUSE}${READ} ${DOWN}`)
      .map(told => `${TO_GROUND}${told}`)],
  // what was opened to read there is not found open
  ['splice apart', 'opened(?: up)? the splices?'],
  ['', '(?:megg\\w*|insulation tester)(?: it)? (?:from|at|on) (?:the |my )?(?:control )?(?:box|starter|switch|panel)'
  + '[,:]?(?= all| the| each| black| it)'],
  ['pullin', '(?:starter|contactor) (?:came|comes|went|goes|kicked|kicks|snapped|slammed|clunked) in'],
  [
    'starts fine empty, not start against pressure',
    '(?:it\'ll |it )?starts?(?: fine| good)? with no air(?: in it| in the tank)? but not (?:at|against) \\d+',
  ],
  ['supply', 'meter (?:base|socket|can|pan)'],
  ['spits air', '(?<=(?:fast|running|runs|up),? (?:and )?)nothing but air'],
  [
    'running',
    '(?:when|once) (?:i|you|we) (?:switch|turn|flip|kick) (?:the pump |it )on,?',
    '(?<=^ )(?:switch|turn|flip) the pump on,?(?: and)?',
  ],
  ['noth outofit', '(?<=^ )(?:and |but )?(?:nothing|zero|dead|0)(?: volts?)? (?:on|at|out) the (?:bottom|far side)'
  + '(?: of it)?(?= ?$)'],
  // power is there, and how much is not said
  ['line ison, load zero volts', `(?:${GOT} )?(?:good )?${POWER}${THERE} (?:going |coming )?in(?: to it)?,? (?:and`
  + ` |but`
  + ` )?(?:i (?:have|got|get) )?(?:nothing|none|no ${POWER}|zero|zip|nada|dead)(?: (?:is |going |coming )*)?`
  + ` ?out(?: of`
  + ' it)?'],
  ['$1 ison', `(?:${GOT} )(?:good |some )?${POWER}${THERE} (?:all the way |right |down |up )*((?:to|at|on|into|in|out`
  + `|through|across|leaving|past|behind) (?:the |both |my |its |of |going |coming |two )*(?:\\w+ )?${DEVICE})`],
  ['$1 ison', `${POWER}(?:'s| is) (?:good |fine |there |present |getting |going |coming |all the way )+((?:to|at`
  + `|on|into`
  + `|in|out of|through) (?:the |both |my |its |two )*(?:\\w+ )?${DEVICE})`],
  ['at $1 ison', `((?:\\w+ )?${DEVICE})(?: itself)? (?:has|has got|'s got|is getting|gets|is) (?:good`
  + ` )?${POWER}`
  + HERE_END],
  ['$1 ison', `(?<!set )((?:to|at|on|into|in) the ${DEVICE})(?: side)? (?:i've got|i have|there's|there is|i got)`
  + ` (?:good`
  + ` )?${POWER}${HERE_END}`],

  ['$1 ison', `(?<=^ |, )(?:good )?${POWER} (?:all the way )?((?:to|at|into|in|out of) (?:the |both )*(?:\\w+`
  + ` )?${DEVICE})`
  + HERE_END],

  // two of them
  ['n1 toground $1 volts, n2 toground $2 volts', `(?:only )?(${MAINS}|${NOUGHT})(?: ?v(?:olts?)?)? (?:from|on|at) one`
  + ` (?:wire|leg|side|hot|screw|terminal|lug)${GROUNDED}(?: (?:at|on) the \\w+)?,? (?:and |but )?(?:only`
  + ` )?(${MAINS}`
  + `|${NOUGHT}|\\d{1,2})(?: ?v(?:olts?)?)? (?:from|on|at) the other(?: wire| leg| one| side| hot|`
  + ` screw)?${GROUNDED}`],
  ['n1 toground $1 volts, n2 toground $2 volts', `(?:one|one (?:leg|side|hot|screw|wire))(?: is| reads| has|'s|:)?`
  + ` (${MAINS})(?: ?v(?:olts?)?)?${GROUNDED},? (?:and |but )?(?:the )?other(?: one| leg| side| hot| screw|`
  + ` wire)?(?:`
  + ` is|'s| reads| has|:)? (${MAINS}|${NOUGHT}|\\d{1,2})(?: ?v(?:olts?)?)?${GROUNDED}`],
  ['zero volts', '(?:nothing|zip|nada|none|dead) volts'],
  ['betweenlegs', '(?:wire to wire|hot to hot|(?:between|across) (?:the )?(?:two )?(?:wires|hots))'
  + '(?=.*\\b(?:volt|power))'],
  ['betweenlegs', `(?<=\\b(?:volts?|voltage|power|${MAINS})\\b[^,]*)(?:wire to wire|hot to hot|(?:between|across)`
  + ` (?:the`
  + ' )?(?:two )?(?:wires|hots))'],
  ['leadtolead', 'wire to wire', '(?:one )?(?:leg|wire|lead|conductor)(?: to| and) the other(?: one| leg| wire|'
  + ' lead)?'
  + '(?= (?:reads|is|down|at|shows|ohms|\\d))'],
  ['load leadtolead', '(?:meter )?(?:on|across|between|at) (?:the )?(?:two |pump )?(?:wires|leads|conductors)(?:'
  + ' going'
  + '| leaving| headed)? (?:out )?(?:of|from|off) the (?:pressure )?switch(?: (?:to|towards?|for|down to|out to) the'
  + ' (?:well|pump|motor))?'],
  ['load n$1 toground zero volts', 'l([123])(?:\'s| is)? (?:missing|gone|dead|lost) (?:coming )?(?:out of|off'
  + '|leaving|on'
  + ' the load side of|after|past) the (?:starter|contactor)'],
  ['breaker', '(?:ahead of|before|upstream of|feeding|going into|into|on the line side of) the (?:fused )?disconnect'
  + '(?= |$|,)'],
  ['one fuse blown', 'fuse (?:one|two|three|1|2|3|number \\w+)(?: is|\'s)? (?:open|blown|bad|dead|gone)(?:,? ol'
  + ' across'
  + ' it)?'],
  ['starter contact', '(?:third|middle|3rd|center|l3) (?:contact|pole|set of contacts|set of points)'],

  // the motor goes round, and what it drives stands
  ['motorturnsalone', 'motor (?:runs|spins|turns)(?: fine| ok)?,? (?:but|and) the (?:pump|compressor|pump wheel'
  + '|flywheel)'
  + '(?: (?:isn\'t|is not|doesn\'t|does not|won\'t))(?: turning| turn| spin| spinning| move| moving)?'],

  // what it came up to, what it fell to
  ['stalls at $1 psi', `(?:(?:with )?(?:all|every) (?:the )?(?:taps?|valves?|faucets?) (?:are )?(?:closed|shut`
  + `|off),? )?(?:it )?(?:tops? out|topped out|stalls?|hangs?|levels off|maxes out|sits)(?: right)? at`
  + ` (${FIGURE})(?: ?(?:psi|pounds))?,? (?:and |then |but )*(?:it )?(?:just )?(?:keeps? (?:on )?(?:running|going)`
  + `|runs(?:`
  + ' and runs)?(?: forever| all day| on| constantly)?|never (?:shuts|stops|kicks|quits)(?: off)?|won\'t shut off)'
  + '(?: forever)?'],
  ['pressure reads $1 psi', `(?:then |and )*(?:it |she |the pump )?(?:picked up|caught|grabbed|took off|came`
  + ` alive),? (?:and`
  + ` |then )*${RISES} (\\d{2,3})(?: ?(?:psi|pounds))?${END}`],
  ['pressure reads $1 psi', '(?<!(?:amp|volt|current|draw|ohm|swap|revers|switched|flipped)[^;]*)(?:it |she'
  + ' )?(?:came|comes|shot|jumped|climbed'
  + '|rose)'
  + '(?: right| straight| clear| all the way)*(?: back)?(?: up)? to (\\d{2,3})(?: ?(?:psi|pounds))?(?: with'
  + ' (?:the|a|my) [^,]*)?(?= ?$)'],
  ['fall', `still ${FALLING}`, `(?<=(?:gauge|needle|pressure|it) )${FALLING}`],
  ['tank fall from', 'tank (?:goes|went|drops|dropped|bleeds|bled)(?: down)? from(?= \\d)'],
  ['hold', '(?<=(?:shut|closed|off)[^;]*)(?:the )?(?:gauge|needle|pressure) (?:didn\'t|did not|doesn\'t|does not'
  + '|never|hasn\'t) (?:move|moved'
  + '|budge'
  + '|budged|drop|dropped|fall|change|changed)(?: a (?:hair|bit|tick|pound))?(?: in [^,]*| for [^,]*| all night)?'],
  ['runon, pressure reads $1 psi', `(?:safety|relief|pop ?off)(?: valve)? (?:popped|pops|blew|blows|lifted`
  + `|lifts|went`
  + `|let go|lets go)(?: off)? at (\\d{2,3})(?: ?(?:psi|pounds))?`],

  // a valve shut to see
  ['housevalve shut hold', `${SHUT} (?:off )?the ${VALVE} (?:after|past|behind|downstream of|on the house side of`
  + `|leaving)`
  + ' the (?:pressure )?tank,? (?:and |then )*(?:it |now )*(?:holds|held|hold)'],
  ['housevalve shut', `${SHUT} (?:off )?the ${VALVE} (?:after|past|behind|downstream of|on the house side of`
  + `|leaving) the`
  + ' (?:pressure )?tank'],
  ['outletvalve shut still starts', `${SHUT} (?:off )?the ${VALVE}(?: right)? (?:at|after|past|behind) the`
  + ` (?:outlet of`
  + ` the )?(?:pump|pump outlet|outlet),? (?:and |but )*${STILL}`],
  ['housevalve shut fall', '(?:the pump |it )?(?:still )?(?:cycles|starts|kicks on|comes on|short cycles|pulses)[^,]*'
  + '(?:even )?with the (?:house |main |ball )?valve (?:closed|shut|off)'],
  ['outletvalve shut', '(?:pinched|clamped|crimped)(?: off)? the hose(?: right)? (?:after|at|past|out of|leaving) the'
  + ' pump'],

  // a clamp that shows nothing
  ['no amps', `${CLAMP}(?: on (?!the (?:red|black|yellow)|red|black|yellow|l\\d|t\\d)[^,]*?)?(?: (?:shows?|showed`
  + `|reads?|says|stays?(?: on| at)?|sits (?:on|at)))(?: \\w+)?`
  + ' (?:nothing|zero|0|nada|zip)(?: amps)?(?: at all)?(?: on (?:all|any|both|either)[^,]*)?'],
  ['to ground 0 ohms', '(?:t|lead )1:? (?:0|zero),? (?:t|lead )2:? (?:0|zero),? (?:and )?(?:t|lead )3:? (?:0|zero) to'
  + ' (?:the )?(?:ground|earth|frame)'],
  ['the wellhead whole', 'at the (?:well cap|well head|splice) the (?:motor|pump) side (?:rings|reads|is|ohms|shows)'
  + ` (?:out )?(?:at )?${FIGURE}(?: ohms?)?`],
  // rotation, pumps, shafts
  ['swap two less', '(?:phase ?)?rotation (?:is )?(?:checked|tried|tested)(?: it)? both ways,? (?:and )?(?:this'
  + ' way is'
  + ' better|it was right|this is (?:right|better)|better this way|best as it was)', 'tried it both ways,? (?:and )?'
  + '(?:this way is better|better this way|it was (?:right|better) before|best as it was)'],
  ['not budge shaft', '(?:put |got )?(?:a |the )?(?:wrench|pipe wrench|pliers|screwdriver) on the'
  + ' shaft'
  + ',? (?:and |but )?(?:it |she )?(?:won\'t|will not|doesn\'t|does not|wouldn\'t) (?:turn|move|budge)(?: either'
  + ' way| at'
  + ' all| a bit)?'],
  ['coupling sheared', 'coupling(?: is|\'s)? (?:just )?(?:spinning|slipping|turning|loose) on the (?:motor |pump'
  + ' )?shaft',
  '(?:i )?(?:can )?(?:spin|turn) the coupling(?: by hand)? (?:and|but) the (?:pump|pump shaft|impeller)'
  + ' (?:doesn\'t|does'
  + ' not|won\'t) (?:move|turn|spin)',
  'motor shaft (?:turns|spins) (?:and|but) the (?:pump(?: shaft)?|impeller) (?:(?:just )?(?:sits|stands|stays)'
  + ' (?:still|there|put)|stays put|doesn\'t|does not|won\'t)(?: turn'
  + '| spin'
  + '| move)?'],
  ['secondgauge reads $1 psi', '(?:i )?(?:put|screwed|threaded|stuck|hooked|tried)(?: on)? (?:my own|my|another'
  + '|a second|a good|a known good|a new|a test) gauge(?: on| in| on it| at the tap| up)*,?(?: and)?(?: it)? (?:reads?'
  + '|says|shows|got|read)(?: only)? (\\d+)(?: ?psi| pounds)?'],
  ['house valve shut still falls', '(?:gauge|pressure|it) (?:ran|fell|dropped|went|bled|leaked)(?: back)?(?: down|'
  + ' off)? to \\d+ in (?:about )?\\w+ minutes? with (?:the )?house valve (?:off|shut|closed)'],
  ['', '(?:inlet|street|main)(?: pressure)? (?:sits|is|holds|reads|stands)(?: at)? \\d+(?: ?psi| pounds)?'
  + ' (?:standing|static|at rest|sitting still|with (?:the |it )?(?:pump )?off|no flow)'],
  ['hums, trips breaker', '(?:at|by) \\d+(?: ?psi| pounds)?,? it (?:just )?(?:hums|groans|growls)(?:,| and) (?:pops'
  + '|trips|kicks|blows) the breaker'],
  ['n1 toground $1, n2 toground 0', '(1[012]\\d|2[0-4]\\d)(?: volts?)? on (?:the )?one (?:side|leg|pole)'
  + '(?: out of it| coming out)?'
  + ',? and (?:zero|nothing|0|none) on the other(?: one| side| leg)?'],
  ['inlet $1 psi', '(?<=^ )(?:and )?(?:it )?(?:drops|falls|goes|dips|sags)(?: down)? to (\\d+)(?: ?psi| pounds)? when'
  + ' (?:the pump|it|she) (?:kicks (?:in|on)|comes on|starts|runs)'],
  ['links printedfor $1 volts', '(?:links?|plug|jumpers?|selector)(?: (?:inside|in|under) the cover| on the motor)*'
  + ' (?:is|are|was|were)?(?: still)? ?(?:set|put|strapped|turned) (?:on|for|to|at) (115|120|208|230|240|460|480)'
  + '(?: ?v(?:olts?)?)?(?!.*\\b(?:115|120|230|240)\\b)'],
  ['into the breaker', '(?:into|ahead of|feeding|on top of|coming to) the well (?:pump )?breaker'],
  ['$1 ol', '((?:red|black|yellow) to (?:red|black|yellow)),? (?:shows |reads |is |gives |has )?(?:no reading'
  + '|no continuity|infinity|infinite)'],
  ['stops climbing at $1 psi', '(?:builds|climbs|comes|goes)(?: up)? to (\\d+)(?: ?psi| pounds)? and (?:quits'
  + '|stops) (?:climbing|building|right there)(?= ?$|,)'],
  ['', '(?:the )?drain(?: cock| valve)? is open(?: a turn| a bit)?(?= ?$)'],
  ['it runs', '(?:motor |pump |it )?(?:runs|running)(?: nice| real| smooth| good)*(?: and|,)? quiet(?:ly)?(?= ?$|,)'],
  ['breaker holds', '(?:ran|run|running)(?: for)? (?:about |a good )?(?:\\w+ )?(?:minutes?|hours?|half an hour)'
  + '(?: straight)?(?:,| and| with)?(?: it)? (?:didn\'t|did not|never|hasn\'t|no) trip(?:ped|s)?'],
  ['nipple blocked', '(?:the )?(?:little )?hole in (?:the|its) bottom(?: of the switch| of it)? (?:is|was)(?: all)?'
  + ' (?:packed|plugged|blocked|stopped up|choked|rusted|mudded)(?: solid| shut| up)?'],
]
