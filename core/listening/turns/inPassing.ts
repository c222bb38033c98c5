/**
 * Told on the way: what was only undone to get there, what is printed on a part, what small parts of starters, boxes,
 * tanks and compressors did. Common practice, no source.
 */
import { FIGURE, GROUNDED, MAINS, NOUGHT, SHUT, VALVE } from './partsOfSpeech'
import type { Joined } from './turnOf'

const SMALL = '(?:small|little|thin|skinny|tiny|1/4|quarter[ -]inch|copper|bleed(?:er)?|plastic|nylon)'
const UNDID = '(?:cracked|loosened|undid|opened|broke loose|backed off)'
const TOOK = '(?:took|pulled|lifted|undid|removed|unscrewed|popped|opened)'
const STARTED = '(?:it |she |the motor )?(?:starts?|started|runs|ran|took(?: right)? off|takes off|fires? up|fired'
  + ' up)'
const OTHERS_OPEN = ' (?:and )?the other two (?:read|are|show) (?:open|ol)'

export const TURNS_IN_PASSING: readonly Joined[] = [
  // what was only undone to get there
  ['', '(?:i )?(?:pulled|took off|undid|spun off)(?: off)? the wire ?nuts?(?: off)?,?(?: and)?'],
  ['', '(?<=^ )power(?:\'s| is)? off now,?'],
  ['cap', '(?:bled|discharged|drained)(?: off| out)? the cap(?:acitor)?,? (?:and |then )*(?:took|pulled|removed'
  + '|unhooked'
  + '|disconnected|lifted) (?:it|a lead|one lead|a wire|the wires?|the leads?)(?: off| out| loose)?'],
  ['', 'with the (?:arm|plate|lever|contact arm) (?:dropped|pulled|pushed|held|down)(?: down| in)?'],
  ['', 'reset (?:it|the breaker)(?: (?:twice|again|\\w+ times|\\w+ time))?,? and (?=(?:it|she) (?:trips|goes|pops))'],
  ['', '(?:pressure )?switch(?: is|\'s)? (?:a |set |rated |set at |set for |set to )+\\d\\d ?(?:/|-|to|and|over)?'
  + ' ?\\d\\d'
  + '(?: psi)?,?(?: and| but)?(?= \\w)'],
  ['', '(?<=\\d(?: ?(?:uf|mfd|microfarads|mikes))?) out of (?:a |an )?\\d+(?: ?(?:uf|mfd|mikes|microfarads))?'],

  ['across the switch contact acrossdrop $1 volts',
    '(\\d{1,2}(?:\\.\\d+)?|100)(?: ?v(?:olts?)?)? (?:dropped |dropping |lost )?(?:across|over) the (?:pressure switch'
    + '|pilot)(?: contacts?)?(?: (?:with it|when it\'s|while it\'s|with the points|when)'
    + ' (?:closed|made|calling|shut|it calls))?',
    `drop(?:'s| is) (?:all )?across the pressure switch(?: contacts?)?,? (${FIGURE})(?: ?v(?:olts?)?)?`],
  ['supply bothlegs $2 volts toground', '(?:(?:above|ahead of) the breaker )?(?:both |all the )?(?:bus ?bars'
  + '|busses|buses|main lugs)(?: both)? (have|are'
  + `|read|show|got) (${MAINS})(?: ?v(?:olts?)?)?`],
  ['at the breaker', '(?:in|at) the panel,? (?:the )?(?:two )?(?:screws|terminals) (?:on|of) the (?:\\w+'
  + ' )?breaker:?'],

  ['', 'even after (?:i|you) reset(?: it)?'],
  ['overload trip', '(?<=button[^;]*)pops? (?:right |back )*out(?: again)?'],
  ['pumptakenoff', '(?:pulled|took|unbolted|split) the pump (?:end )?off (?:of )?the motor,? (?:and )?(?:the'
  + ' )?motor (?:shaft )?'
  + '(?:spins|turns)(?: free(?:ly)?| easy| fine| like a top)*'],
  ['switch contacts wet', 'inside (?:it|the cover|the switch)(?:\'s| is)? (?:all )?(?:wet|full of water|soaked)'
  + '(?: and (?:all )?rusty)?'],

  ['cap reads $1 microfarads', '(?:discharged|bled)(?: off| out)? the cap(?:acitor)?,? (?:and |then )*(?:it\'s|it'
  + ' is|it)?'
  + ` ?(?:reading|reads|read|measures|measured|tested|tests|shows)(?: out)?(?: at)? (${FIGURE})(?: ?(?:uf|mfd|mikes`
  + '|microfarads))?(?: (?:on|for) an? \\d+(?: ?(?:to|-) ?\\d+)?)?'],
  ['it built right up', '(?<=^ ?)(?:it|she) builds(?= ?$)'],
  ['inlet $1 psi', '(?<!\\d)(\\d{2})(?: ?(?:psi|pounds))? (?:is )?coming in(?: now| from the (?:street|city'
  + '|main))?(?= ?$|,)'],
  ['floatdrop', `${FIGURE} volts? across the float(?: switch)?(?: contact)?`],
  ['rested well back', '(?:give|gave|gives) (?:it|the well) (?:an|a couple(?: of)?|half an|a few|two) hours?,?'
  + ' (?:and|then)'
  + ' (?:it|she|the water|you|they|i)(?:\'s| is|\'ve| have| has)? (?:got )?(?:back|good|fine|got water|runs? fine'
  + '|water'
  + '|again)(?: again)?'],
  ['wellhead whole', 'at the well(?: head| cap)? with the splice (?:cut|open|apart|opened),? (?:and )?(?:the'
  + ' )?motor(?: side)?'
  + ` (?:reads|is|ohms|shows)(?: out)?(?: at)? ${FIGURE}(?: ohms?)?`],
  ['housevalve shut', `${SHUT} (?:off )?the ${VALVE} on the house side`],

  ['trips in $1 seconds', 'trips? (?:about |around )?(\\w+) seconds later'],
  ['checkvalve leaks back', 'check ?(?:valve)?(?: (?:on|at|in|by|under) [^,]*?)?(?: is|\'s)? letting (?:water|it'
  + '|air) (?:back'
  + '|by|through)(?: through| past it)?'],
  ['no amps', '(?:draws|pulls|drawing|pulling) (?:nothing|no current)(?: at all)?'],
  ['float dead', 'float(?: switch)? (?:reads|is|ohms|shows|tests) (?:open|ol)(?: when| while| with it)?(?: it\'s)?'
  + ' (?:hanging'
  + '|hangs)(?: down)?'],
  ['loses its prime', '(?:is |\'s |keeps |keeps on )?losing (?:its )?prime'],

  ['coil printedfor $1 volts', 'coil(?: is|\'s| was)? (?:stamped|marked|printed|rated|labell?ed|says|for'
  + '|an?)(?: for)?'
  + ' (\\d{2,3})'
  + '(?: ?v(?:olts?)?)?(?= ?$|,)'],
  ['links printedfor $1 volts', '(?:(?:change ?over|voltage|selector) (?:plug|switch|links?|jumpers?)|jumpers?'
  + '|links)(?: (?:in'
  + '|on) the (?:back|end)'
  + '(?: of the motor)?)?(?: is| was|\'s)? (?:set|plugged|on|in)(?: over| up)?(?: for| to| on'
  + '| at)?(?: the)? (\\d{3})(?:'
  + ' ?v(?:olts?)?)?'
  + '(?= ?$|,)', 'motor(?: is|\'s| was)? (?:wired|strapped|set|jumpered|connected) for (\\d{3})(?:'
  + ' ?v(?:olts?)?)?(?= ?$|,)'],
  ['run wires $1 ohms', `(?:the )?(?:two )?(?:conductors|wires|leads)(?: in the (?:conduit|pipe|trench))? (?:read`
  + `|are|show`
  + `|ohm)(?: out)?(?: at)? (${FIGURE}) ?ohms? (?:to|with|from|between) each other`],
  ['', '(?:load )?wires off at the (?:motor|pump|far) end too,?'],
  ['cycles every $1 calling', '(?:comes|kicks|starts|cuts)(?: on| in)? every (\\w+ ?(?:seconds?|minutes?|min)?)'
  + ' (?:with|while)'
  + ' (?:just )?(?:one|a|the|only one) \\w+ (?:going|running|open|on)'],
  ['float dead', 'worked (?:it|the float) up and down,? (?:and )?(?:it )?never (?:clicks?|clicked|made|makes'
  + '|closes)'],
  ['footvalve runs back', '(?:watch|see|watched|saw) the water (?:go|drop|fall|run|drain)(?:ing)? (?:down|back|away)',
    'fill(?:ed)? the suction(?: line)?,? and it (?:drains|runs|goes|falls|drops) (?:right |straight )?(?:back'
    + '|down)[^,]*'],
  ['thermal', '(?:little |small )?(?:disc|disk|button|snap) (?:protector|overload|thermal)',
    'protector in the (?:back|end)(?: of the motor)?'],
  ['$1', '(?<=vacuum[^,]*)(\\d+)(?: inches(?: of (?:mercury|vacuum))?)'],
  ['vacuum $1', '(\\d+) inches of (?:vacuum|mercury)'],
  ['checkvalve stuck shut', 'check ?valve(?: is|\'s| was)? (?:in |installed |put in |on )?(?:backwards?|the wrong'
  + ' way(?: round'
  + '| around)?)', 'arrow on the (?:\\w+ )?check(?: ?valve)?(?: is|\'s)? (?:pointing|points) (?:the wrong way|back'
  + '|towards? the (?:well|pump|suction))'],
  ['return drop 0.1 volts', '(?:next to |almost |practically |hardly )?(?:nothing|zero)(?: lost| dropped)? on the'
  + ' (?:negative'
  + '|ground|return|minus|black)(?: side| wire| lead)?'],
  ['wiregauge', '\\d{1,2}[- ](?:gauge|ga|awg)(?: wire)?(?=,|$| ?$)'],
  ['load n$2 n$3 $1 volts, n$5 n$6 $4 volts, n$8 n$9 $7 volts', `(?:coming )?out(?: of it)?,? (?:i've got |i got `
  + `|i have |got`
  + ` |it's |has )?(${FIGURE}) (?:from|between|on|across) ([123]) (?:to|and|-) ([123]),? (?:and )?(${FIGURE}) (?:from`
  + `|between|on|across) ([123]) (?:to|and|-) ([123]),? (?:and )?(${FIGURE}) (?:from|between|on|across) ([123])`
  + ` (?:to|and|-)`
  + ' ([123])'],
  ['n$2 n$3 $1, n$5 n$6 $4, n$8 n$9 $7', `(${FIGURE})(?: volts?)? (?:from|between|on|across) ([123]) (?:to|and|-)`
  + ` ([123]),?`
  + ` (?:and )?(${FIGURE})(?: volts?)? (?:from|between|on|across) ([123]) (?:to|and|-) ([123]),? (?:and )?(${FIGURE})`
  + '(?: volts?)? (?:from|between|on|across) ([123]) (?:to|and|-) ([123])'],
  ['starter contact gone', '(?:contact|pole) (?:one|two|three|1|2|3) (?:has|shows|reads|got) (?:no'
  + ' continuity|open|ol)'
  + '[^,]*(?:,? (?:the )?others? (?:do|are|is|two)[^,]*)?'],
  ['coil figure wrong', '(\\d{2,3})(?: ?v(?:olts?)?)? coil (?:in|on) (?:an? )?(?!\\1)\\d{2,3}(?: ?v(?:olts?)?)?(?:'
  + ' panel| starter| circuit| system| contactor)?', 'coil(?:\'s| is)? (?:an? |for )?(\\d{2,3})(?: ?v(?:olts?)?)?,?'
  + ' (?:and |but )?(?:they\'re|he\'s|it\'s|you\'re|somebody\'s) (?:feeding|giving|putting|getting|on)(?: it|'
  + ' on it)? (?!\\1)\\d{2,3}'
  + '(?: ?v(?:olts?)?)?'],
  ['', '(?<=^ )(?:shut down|locked out|shut it down|powered down),'],
  ['to ground 0 ohms', '(?:meg\\w*|insulation tester)[^,]*(?:pegs|pegged|reads|shows|says|sits)(?: down)?(?: at)?'
  + ' (?:zero|0)'
  + '(?= ?$|,)'],
  ['', ',? ?(?:and )?(?:the )?(?:ones|others|breakers|neighbou?rs) (?:beside|next to|around|on either side'
  + ' of) it(?: are| is)?'
  + '(?: all)? (?:cold|cool|fine|ok)'],
  ['another breaker holds', '(?:moved|put|landed|swapped) (?:the (?:pump|wires|load) |it )?(?:over )?(?:on ?to|on'
  + '|to) (?:a|the'
  + '|another)(?: spare| different| other| new)? \\d\\d(?: ?amp)?(?: breaker)?,? (?:and |it )*(?:it |has |\'s'
  + ' )*(?:ran|runs'
  + '|held|holds|been running|stayed on)[^,]*', 'moved (?:the (?:pump|wires|load) |it )?(?:over )?(?:on ?to|to)'
  + ' (?:a|the)'
  + ' spare(?: breaker)?,? (?:and |it )*(?:it |has |\'s )*(?:ran|runs|held|holds|been running|stayed on)[^,]*'],
  ['cable chafed bare', '(?:found )?(?:the )?insulation (?:was |is )?(?:worn|rubbed|chafed|skinned|scraped)'
  + ' (?:through|off|away'
  + '|bare)[^,]*(?:casing|drop pipe|torque|feet|ft)\\b[^,]*'],
  ['turn shaft runs', 'rolled (?:it|the shaft|the motor)(?: over)? by hand (?:as|when|while) it (?:called|tried'
  + '|hummed),? and it'
  + ' (?:went|ran|started|took off)'],
  ['housevalve foundshut', 'found the (?:main )?valve to the house (?:nearly|almost|mostly|half|partly|way)'
  + ' (?:closed|shut)'],
  ['runon', `runs? (?:right |straight )?past ${FIGURE} (?:all the way )?(?:up )?to \\d+[^,]*`],

  ['neighbours no pressure', 'neighbou?rs? (?:don\'t|do not|doesn\'t|haven\'t) (?:have |got |get )?(?:any|water'
  + '|pressure)'
  + '(?: water| pressure)?(?: either)?'],
  ['leaks under the switch', '(?:took|pulled|popped) the (?:lid|cover) off the (?:pressure )?switch,? and'
  + ' (?:there\'s |there is'
  + ' )?water (?:\\w+ )?out of (?:the middle of )?(?:it|the switch)', 'water (?:squirting|spraying|dripping'
  + '|running|coming)'
  + ' (?:out )?(?:of|from) (?:inside |the middle of |under )?the (?:pressure )?switch'],
  ['unloader blows while it runs', 'air (?:is )?(?:blows|blowing|comes|coming|leaks|leaking|hissing|hisses)(?:'
  + ' out)? (?:of|from'
  + '|at) (?:the )?(?:little |small )?(?:valve|tube|fitting|vent|line)? ?(?:under|on|at|below) the (?:pressure'
  + ' )?switch while'
  + ' it(?:\'s| is)? ?(?:runs|running|pumping|pumps)'],
  ['supply zero volts', '(?:tried|plugged) a (?:lamp|light|drill|radio) (?:in|into) the outlet,? (?:and )?(?:it\'s'
  + ' |it is )?(?:dead'
  + '|nothing|no light)'],
  ['took the belt off', '(?:yank|yanked|pull|take|slip|throw|threw|drop|dropped) (?:the )?belts?(?: off)?(?=,| and)'],
  ['startswitch not close', 'contacts in the back of the motor (?:won\'t|don\'t|do not) (?:close|make)(?:,'
  + ' (?:gunked|stuck|hung|rusted)'
  + ' open)?'],
  ['pole n3', 'pole three'],
  ['starter contact gone', '(?:pole|contact) (?:n3|three|two|one|1|2|3) tips? (?:are|is) (?:gone|burnt|burned'
  + '|missing)[^,]*'],
  ['$1 amps all three', `(${FIGURE}) amps? (?:a leg|per leg|each leg|apiece|on each(?: leg)?|on every leg|all`
  + ` around)`],
  ['flywheelstands', '(?:flywheel|pump wheel|pump pulley)(?:\'s| is)? (?:not|isn\'t) (?:moving|turning|spinning)'],
  ['shaft stiff', 'takes (?:two hands|both hands|a pipe wrench|some muscle|all (?:my|your) strength) to (?:turn'
  + '|roll|spin)(?: over)?'
  + ' (?:the |it)?(?:shaft|motor|pump)?(?: over)?'],
  ['pulses', '(?:pressure |gauge |it )(?:surges|swings|hunts) (?:from |between )?\\d+ (?:to|and) \\d+'],
  ['strainer blocked', '(?:leaf|leaves|rag|plastic bag|bag|moss|weeds?|frog) [^,]*?(?:over|on|in|against'
  + '|across) the (?:outlet'
  + ' |inlet |suction )?(?:screen|strainer)'],
  ['pressure reads $1 psi', '(?:it |pressure )?steadied (?:right )?(?:out )?at (\\d{2,3})(?: ?(?:psi|pounds))?'],
  ['into the breaker $1 volts', '(?:house|main) panel (?:holds|stays at|reads|has|is at) (\\d{3})(?: volts?)?(?:'
  + ' steady| fine)?'],
  ['bus n1 toground $1 volts, bus n2 toground $2 volts', `(?:panel:? ?)?left (?:bus|main|lug) (?:is |has |reads`
  + ` )?(${MAINS}`
  + `|${NOUGHT})(?: ?v(?:olts?)?)?,? (?:and |but )?right (?:bus|main|lug)? ?(?:is |has |reads )?(${MAINS}`
  + `|${NOUGHT}|\\d{1,2})`
  + '(?: ?v(?:olts?)?)?'],
  ['$1 n1 toground $2 volts, n2 toground $3 volts', `(panel|switch|breaker)?:? ?left (?:bus|leg|lug|side|main`
  + `|screw|wire)`
  + ` (?:is |has |reads )?(${MAINS}|${NOUGHT})(?: ?v(?:olts?)?)?,? (?:and |but )?right (?:bus|leg|lug|side|main`
  + `|screw|wire)?`
  + ` ?(?:is |has |reads )?(${MAINS}|${NOUGHT}|\\d{1,2})(?: ?v(?:olts?)?)?`],
  ['n1 toground $1 volts, n2 toground $2 volts', `(?:i have |i've got |i got )?(${MAINS}|${NOUGHT})(?:`
  + ` ?v(?:olts?)?)? (?:on|from|at)`
  + ` the left(?: wire| side| one| screw| leg)?${GROUNDED},? (?:and |but )?(${MAINS}|${NOUGHT}|\\d{1,2})(?:`
  + ` ?v(?:olts?)?)?`
  + ` (?:on|from|at) the right(?: wire| side| one| screw| leg)?${GROUNDED}`],

  ['half the lights out', 'lights (?:in|at|out in) the (?:pump house|well house|barn|shop|garage|basement) (?:are'
  + '|went) (?:off|out|dead)'
  + '(?: too| as well)?'],
  ['breaker tripped', 'breaker (?:in|at|on|out in) the (?:main |sub ?)?(?:panel|box|barn) (?:was|is|had|\'s)'
  + ' (?:tripped|kicked|thrown)'],
  ['pump pulley turns hard by hand', 'pump(?: is|\'s)? (?:hot and )?hard to (?:turn|roll|spin)(?: over)? with the'
  + ' belt off'],
  ['pulled the intake filter better', '(?:pulled|took) the (?:intake |air )?filter(?: off| out)?,? (?:and )?(?:now'
  + ' )?it (?:fills|builds|pumps'
  + ' up) in'],
  ['', 'pulled (?:a|one) (?:wire|lead)(?: off)?,? and(?= (?:the )?coil)'],
  ['to ground 0 ohms', '(?:meg\\w*|insulation tester) (?:reads|shows|says) (?:zero|0|nothing) from (?:the )?[^,]*?'
  + ' to (?:the )?(?:ground|earth'
  + '|frame|casing)'],
  ['noth outofit', 'nothing (?:is |\'s )?(?:coming |going )?out (?:of the switch )?to the (?:motor|pump)(?= ?$|,)'],
  ['load ison all three', '(?:voltage|volts|power)(?:\'s| is)? (?:is )?good on all three (?:coming )?(?:out of'
  + '|leaving|off) the (?:starter|contactor)'],
  ['lead n1 n2 $1 ohms, lead n2 n3 ol, lead n3 n1 ol', `(?:t|lead )1 to (?:t|lead )?2 (?:is |reads`
  + ` )?(${FIGURE}) ohms?,?`
  + OTHERS_OPEN],
  ['lead n2 n3 $1 ohms, lead n1 n2 ol, lead n3 n1 ol', `(?:t|lead )2 to (?:t|lead )?3 (?:is |reads`
  + ` )?(${FIGURE}) ohms?,?`
  + OTHERS_OPEN],
  ['lead n1 n3 $1 ohms, lead n1 n2 ol, lead n2 n3 ol', `(?:t|lead )1 to (?:t|lead )?3 (?:is |reads`
  + ` )?(${FIGURE}) ohms?,?`
  + OTHERS_OPEN],
  ['box off holds', '(?:took|pulled|popped) the (?:(?:cover|lid|guts) (?:off|out of) the (?:control )?box'
  + '|(?:control )?box (?:cover|lid)(?: off)?),?(?: and)? (?:the )?breaker'
  + ' (?:holds|stays(?: in| on)?)'],
  ['to ground ol', '(?:neither|none) (?:one |lead |wire |of them )?(?:goes|reads|shows|is|go|read)(?: anything)?'
  + ' to (?:the )?ground'],
  ['neighbours no pressure', 'neighbou?rs? (?:says?|said) (?:theirs|hers|his|it\'s|they\'re)(?: is|\'s| are)?'
  + ' (?:just as bad|the same|low too|bad too'
  + '|out too|weak too)'],
  ['one fuse blown', 'fuses? (?:in the (?:disconnect|panel|box))?,? (?:and )?one(?:\'s| is| was) (?:blown|open|bad'
  + '|dead)'],
  ['shaft free', 'pump turns (?:over )?by hand (?:no problem|easy|fine|free|ok)'],

  // things of other places
  ['supply $1 volts', '(?:at|in) the (?:wall |power )?(?:outlet|receptacle|plug) (?:i (?:get|got'
  + '|have) )?(1[0-3]\\d|2[0-5]\\d)'
  + '(?: ?v(?:olts?)?)?(?= ?$|,)'],
  ['breakerbare', '(?:pulled|took|disconnected|lifted) the (?:feed|wires?|load|feeds)(?: wires?)? off (?:of )?the'
  + ' breaker,?'
  + ' (?:and |now )*(?:it |the breaker )?(?:holds|stays(?: in| on| set)?|stayed(?: in| on| set)?)'],
  ['load wires off still trips', '(?:lifted|took|pulled) the (?:load )?wires off (?:of )?the (?:float|pressure)?'
  + ' ?switch(?: at the top)?,? (?:and |but )?(?:it |the breaker )?still trips'],
  ['tank low', '(?:holding |storage )?tank never fills(?: up)?', '(?:can\'t|cannot|won\'t|doesn\'t) (?:ever )?fill'
  + ' the (?:holding'
  + ' |storage )?tank'],
  ['zero volts', 'no (?:voltage|volts|power|juice) there(?: either| neither)?'],
  ['the $1 tank is', `${TOOK} the lid (?:on|of|off|off of) the (fresh|fresh water|holding|storage|water) tank,?`
  + ` (?:and|but)`
  + ' (?:it\'s|it is|it was|is|was)'],
  ['behind the fuse $1 volts, panelswitch zero volts', `(${FIGURE})(?: ?v(?:olts?)?)? (?:going |coming )?(?:into`
  + `|in to|to)`
  + ' the (?:wall|panel|rocker|toggle|galley|pump) switch,? (?:and |but )?(?:nothing|zero|none|dead|no power)'
  + ' (?:is |comes'
  + ' |coming |going )*out(?: of it)?(?: (?:when|with) it(?:\'s| is)?(?: switched| turned)? on)?'],
  ['panelswitch', '(?:wall|rocker|toggle|galley) switch'],
  ['secondgauge', 'my own (?:test )?gauge(?: on the [\\w ]+?)?(?= (?:reads|shows|says|and))'],

  // capacitors
  ['cap reads 0 microfarads', '(?:the )?(?:start )?cap(?:acitor)? (?:is |\'s )?(?:reading|reads?|measures'
  + '|measuring|shows'
  + '|showing|tests|testing|checks)(?: out)?(?: at)? (?:zero|nothing|zip)'],
  ['cap reads $1 microfarads', `(?:the )?(?:start )?cap(?:acitor)? (?:reads?|measures|tests|checks|shows)(?:`
  + ` out)?(?: at)?`
  + ` (${FIGURE})(?: ?(?:uf|mfd|mikes))?,? (?:and |but )?(?:it's|its|it is|the label says|it's marked|rated`
  + `|marked) (?:a`
  + ' |an )?\\d+ ?(?:to|-) ?\\d+'],

  // starters and their small parts
  ['starter silent', 'no (?:click|clunk|sound|noise|hum)(?: at all)? (?:from|out of|at|in) the (?:coil|contactor'
  + '|starter)'],
  ['controlfuse blown', '(?:after|past|behind|out of) the (?:little |small |glass |control )+fuse,? (?:is |it\'s '
  + '|there\'s'
  + ' |i\'ve got |i have )?(?:nothing|zero|dead|none|0)'],
  ['fuse blown', 'fuse(?: link)? (?:reads|ohms|checks|tests|shows|is)(?: out)? (?:ol|open|infinite)(?: out of'
  + ' (?:its|the)'
  + ' (?:clip|holder))?'],
  ['auxcontact', '95 (?:to|and) 96'],
  ['controlsupply noth', 'control transformer(?:\'s| is| has)?(?: got)? (?:no output|nothing (?:out|coming out)'
  + '|puts out'
  + ' nothing|putting out nothing|not putting out(?: anything)?)'],
  ['at the motor', '(?:at|in) the pecker ?head'],
  ['ground again motor', '(?:(?:meg\\w*|insulation)(?: tester)? )?(?:on )?(?:the )?motor (?:leads?|wires?)?'
  + ' ?(?:alone|by itself|by themselves|only):?'
  + ' (?:reads?'
  + ` |megs? |is |are |shows? )?(?:0|zero|\\.0\\d*|dead|shorted)${GROUNDED}`],

  // air
  ['no psst', 'no (?:p+s+h*t+|p+f+t+|burp|dump)(?= |$|,)'],
  ['cracked the unloaderline $1', `${UNDID} the (?:${SMALL} )+(?:line|tube|tubing|hose|fitting|nut) (?:to|at|on`
  + `|off|under`
  + `|into|going to) the (?:pressure )?switch,? and (${STARTED})(?: right)?(?: away| up| off)?`],

  // looks
  ['wrong box', 'box(?: on the wall)? (?:says|is|is marked|is for|is rated|tag says) (?:a )?(\\d[\\d./ ]*) ?(?:hp'
  + '|horse'
  + '\\w*),? (?:and |but )?(?:the )?(?:pump|motor)(?: tag| plate)?(?: says|\'s| is| is a)? (?:a )?(?!\\1'
  + ' )\\d[\\d./ ]*'
  + ' ?(?:hp|horse\\w*)'],
  ['checkvalve stuck shut', '(?:gauge|pressure) (?:ahead of|before|below|under|on the pump side of) the check ?valve'
  + '[^,]*?(?:jumps|goes|climbs|shoots|reads|pegs|is)(?: up)?(?: to| over| past| at)? (?:\\d{2,3}|way up|high)'
  + '(?: ?psi)?(?=,? (?:and |but )?(?:the )?(?:gauge|one|pressure)[^,]*(?:zero|nothing|0))'],
  ['red running $1 amps', `(${FIGURE}) amps? (?:on|in) (?:the )?red(?: wire| lead)?,? (?:and |that )?(?:it`
  + ` )?(?:doesn't`
  + '|does not|never|won\'t) (?:drop|go|fall|come)(?:s)?(?: off| out| away| down)?(?: after it starts| once it'
  + ' (?:runs|starts)| when it\'s running)?'],
  ['feed to ground $1 ohms', `feed (?:conductor|wire|leg)s? to (?:the )?ground,? (?:reads |is )?(${FIGURE}`
  + `|zero)(?: ohms?)?`
  + ' (?:with )?both ends (?:loose|off|open|disconnected)'],
  ['inletbackflow', 'inlet (?:gauge|pressure) (?:rises|climbs|jumps|goes up|comes up)(?: when| as) the pump'
  + ' (?:stops|shuts'
  + ' off|quits)'],
]
