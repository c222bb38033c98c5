import { TURNS_AT_EASE } from './atEase'
import { TURNS_AT_LENGTH } from './atLength'
import { SHORT_WORDS } from '../shortWords'
import type { Joined } from './turnOf'
import { TURNS_AFTERWARDS } from './afterwards'
import { TURNS_ALOUD } from './aloud'
import { TURNS_READ_ALOUD } from './readAloud'
import { TURNS_COMMONLY } from './commonly'
import { TURNS_OF_CONCLUDING } from './concluding'
import { TURNS_OF_FEW_WORDS } from './fewWords'
import { FIRST_TURNS } from './first'
import { TURNS_OF_FURTHER } from './further'
import { THEN_TURNS } from './then'
import { TURNS_BESIDE } from './beside'
import { TURNS_BY_MACHINE } from './byMachine'
import { TURNS_DICTATED } from './dictated'
import { TURNS_OF_DOING } from './doing'
import { TURNS_OF_JOB_SHEETS } from './jobSheet'
import { TURNS_IN_PLAIN_WORDS } from './inPlainWords'
import { TURNS_OF_JUDGING } from './judging'
import { TURNS_OF_NARRATING } from './narrating'
import { TURNS_OF_OPPOSITES } from './opposites'
import { TURNS_OF_PARTS } from './parts'
import { TURNS_OF_PARTS_FOUND } from './partsFound'
import { TURNS_OF_PLACES } from './places'
import { TURNS_OF_POINTING } from './pointing'
import { TURNS_PUT_RIGHT } from './putRight'
import { TURNS_OF_READINGS } from './readings'
import { TURNS_OF_RECOUNTING } from './recounting'
import { TURNS_OF_REPORTING } from './reporting'
import { TURNS_OF_SAGGING } from './sagging'
import { TURNS_OF_SCRIBBLED } from './scribbled'
import { TURNS_OF_SEEING } from './seeing'
import { TURNS_OF_THE_SELDOM } from './seldom'
import { TURNS_OF_SHOWING } from './showing'
import { TURNS_OF_GAUGES } from './gauges'
import { TURNS_OF_HISTORY } from './history'
import { TURNS_OF_SIDES } from './sides'
import { TURNS_STEP_BY_STEP } from './stepByStep'
import { TURNS_AS_WRITTEN } from './asWritten'
import { TURNS_BY_HAND } from './byHand'
import { TURNS_IN_PASSING } from './inPassing'
import { TURNS_IN_SHORT } from './inShort'
import { TURNS_OF_LOGS } from './logging'
import { TURNS_OF_TALKING } from './talking'
import { TURNS_TOOL_IN_HAND } from './toolInHand'
import { TURNS_OF_TELLING } from './telling'
import { TURNS_TOGETHER } from './together'
import { TURNS_OF_TRIPPING } from './tripping'
import { TURNS_OF_TRYING } from './trying'
import { TURNS_OF_WATCHING } from './watching'
import { TURNS_OF_WATER } from './water'
import { TURNS_OF_WHERE } from './whereItIs'
import { TURNS_OF_WIRES } from './wires'
import { TURNS_OF_WORK_ORDERS } from './workOrder'

/**
 * Several words that are one, in the order in which they are tried: what they become, then the ways they are said, each
 * a pattern of whole words. `$1` is what the pattern held.
 */
export const JOINED: readonly Joined[] = [
  ...SHORT_WORDS,
  ...TURNS_IN_PLAIN_WORDS,
  ...TURNS_BY_HAND,
  ...TURNS_AS_WRITTEN,
  ...TURNS_STEP_BY_STEP,
  ...TURNS_TOOL_IN_HAND,
  ...TURNS_AT_EASE,
  ...TURNS_BY_MACHINE,
  ...TURNS_OF_PARTS_FOUND,
  ...TURNS_DICTATED,
  ...TURNS_OF_WIRES,
  ...TURNS_PUT_RIGHT,
  ...TURNS_OF_WHERE,
  ...TURNS_COMMONLY,
  ...TURNS_TOGETHER,
  ...TURNS_OF_SAGGING,
  ...TURNS_OF_GAUGES,
  ...TURNS_AT_LENGTH,
  ...TURNS_OF_LOGS,
  ...TURNS_OF_WORK_ORDERS,
  ...TURNS_IN_SHORT,
  ...TURNS_OF_FEW_WORDS,
  ...TURNS_OF_JUDGING,
  ...TURNS_OF_HISTORY,
  ...TURNS_OF_TALKING,
  ...TURNS_OF_THE_SELDOM,
  ...TURNS_OF_JOB_SHEETS,
  ...TURNS_AFTERWARDS,
  ...TURNS_READ_ALOUD,
  ...TURNS_ALOUD,
  ...TURNS_OF_SIDES,
  ...TURNS_OF_TRYING,
  ...TURNS_OF_RECOUNTING,
  ...TURNS_OF_CONCLUDING,
  ...TURNS_OF_SCRIBBLED,
  ...TURNS_OF_SHOWING,
  ...TURNS_OF_FURTHER,
  ...TURNS_OF_REPORTING,
  ...TURNS_OF_OPPOSITES,
  ...TURNS_OF_WATER,
  ...TURNS_OF_POINTING,
  ...TURNS_OF_NARRATING,
  ...TURNS_OF_WATCHING,
  ...TURNS_OF_TRIPPING,
  ...TURNS_OF_TELLING,
  ...TURNS_IN_PASSING,
  ...TURNS_OF_PARTS,
  ...TURNS_OF_DOING,
  ...TURNS_OF_SEEING,
  ...TURNS_BESIDE,
  ...TURNS_OF_PLACES,
  ...TURNS_OF_READINGS,
  ...FIRST_TURNS,
  ...THEN_TURNS,
  [
    'startswitch', 'contacts? (?:in|at|inside) (?:the )?(?:back|end|end bell)(?: of (?:the )?motor)?',
    'contacts? (?:in|inside) (?:the )?motor', 'motor contacts?',
  ],
  ['ventscrew', '(?:bleeder|bleed)(?: (?:screw|valve|plug))?(?= |$|,)'],
  ['port', 'sensing (?:hole|port|tube|line)', '(?:little|tiny|small) hole'],
  ['outletvalve', 'valve leaving the pump'],
  ['holdsquiet', '(?:quit|stopped|stops|quits) (?:cycling|kicking on|coming on|starting)'],
  ['swap', '(?:flipped|switched|reversed|traded)(?: around)?(?= (?:two|2|a couple))'],
  ['stop', 'shuts? down', 'shut right down'],
  ['half', '(?:1/2|one half|half)(?= (?:hp|horse))'],
  ['turn shaft', '(?:give|gave|giving) (?:it|the shaft|her) a (?:quick |little )?(?:spin|turn|twist|kick|push)'],
  ['', '(?:groans?|hums?|grunts?) (?:a bit|a little|for a second|for a moment)'],
  ['no', 'not making (?:any |a )?'],
  ['bothlegs $1', '(?:both|each) (?:of the )?(line|load) terminals?'],
  ['', '(?<=pitted |burnt |burned |worn |chewed )(?:pretty|real|really) (?:good|well)'],
  ['insulation', '(?:megged|meg|insulation tester)(?: it| them)? at \\d+ ?v(?:olts?)?'],
  ['zero ohms toground', '(?:dead )?short(?:ed)? (?:out )?to (?:the )?(?:ground|earth|frame)'],
  [
    'secondreturn',
    'jumper from (?:the )?(?:pump|motor)(?:\'?s)? (?:ground|negative)(?: wire| lead)? to (?:the )?battery',
  ],
  ['', 'ran a(?= (?:jumper|wire|lead|second))'],
  [
    'lever off', '(?:switch|knob) is in the off position',
    '(?:switch|knob) (?:was |is )?(?:turned|set|flipped) (?:to )?off',
  ],
  ['noth', 'nothing(?:\'s| is)? happen(?:s|ing)?', 'nothing happens'],
  ['', 'when (?:i|you|we) (?:turn|flip|switch|throw|reset)(?:ed)? (?:the breaker|it|the power) (?:on|back on)'],
  ['reads', '(?:is |are |\'s )?getting(?= \\d)'],
  ['noth load', 'nothing(?:\'s| is)? (?:leaving|coming out of|going out of)(?: it| the switch)?'],
  ['cutin', '(?:kicks?|comes?|cuts?|goes) back (?:in|on) at(?= \\d)'],
  ['pumpoff', 'with the pump (?:off|shut off|stopped)'],
  ['not vent', '(?:does ?n[\'’]?t|won[\'’]?t|not) (?:dump|unload|bleed off)'],
  ['startwinding red', 'start lead'],
  ['controlfuse', 'fuse in the control circuit', 'control circuit fuse'],
  ['nodrop', 'not (?:a|one|a single) drop'],
  ['atnight', '(?:at|in the|during the|in the middle of the) night'],
  ['calling', 'with (?:the|a|one) (?:\\w+ )?(?:tap|faucet|hose|sink|shower|valve) (?:open|on|running)'],
  ['run', 'r[ua]ns? (?:quiet(?:ly)?|smooth(?:ly)?|nice(?:ly)?|normal(?:ly)?)'],
  ['not', '(?:can ?not|(?:wo|does|do|did|is|was|would|could|has|ca|are) ?n[\'’]?t)(?= |$)'],
  ['not', '(?:will|does|do|did|is|was|would|could|has|have|are) (?:still )?not'],
  ['not', 'never', 'without', 'cannot'],
  ['silent', '(?:not|no longer) (?:com(?:e|es|ing)|kick(?:s|ing)?|turn(?:s|ing)?) on'],
  ['burnt', 'burn(?:t|ed) (?:clean |right |all )?(?:off|away|up|through)'],
  ['not', 'no longer'],
  ['off', 'disconnected', 'unhooked', '(?:took|pulled|lifted) (?:the )?(?=(?:pump |motor |load )?(?:wires|leads))'],
  ['betweenlegs', '(?:hot|line|leg|l1) to neutral', 'l1-n'],
  ['good', 'like new', 'as new'],
  ['atonce', 'the (?:second|instant|minute) (?=(?:it|you|i)\\b)', 'right back(?: (?:off|out))?'],
  ['resting', 'with (?:everything|it|all|the pump) off'],
  [
    'byitself',
    'with (?:nothing|no one|nobody) (?:on|using|drawing)(?: water)?',
    'with no (?:water|taps?) (?:on|running)',
  ],
  ['lead n1 lead n2 lead n3', 't1,? t2,? (?:and )?t3'],
  ['n1 n2 n3', 'l1,? l2,? (?:and )?l3'],
  ['n1', 'phase (?:one|a)'],
  ['n2', 'phase (?:two|b)'],
  ['n3', 'phase (?:three|c)'],
  ['heater n1', 'heater (?:number )?one'],
  ['heater n2', 'heater (?:number )?two'],
  ['heater n3', 'heater (?:number )?three'],
  ['locked', 'locked (?:up|rotor|solid)', 'froze(?:n)? up', 'bound up'],
  ['shortcycle', '(?:short|rapid(?:ly)?)[- ]?cycl(?:e|es|ing)'],
  ['chatters', 'machine ?guns?'],
  ['cutout', '\\b(?:off|out) at(?= \\d)'],
  ['no', 'no (?:sign|sort|kind) of'],
  ['ol', 'no (?:continuity|connection)', 'infinit[ey]', 'wide open'],
  ['underload', '(?:dry[- ]?run|underload|pump) (?:protector|protection)(?: box)?', 'dry[- ]?run box',
    '(?:pump|motor) ?saver'],
  ['cityinlet', 'city (?:water )?(?:inlet|fill|hook ?up|check)(?: valve)?'],
  ['bothlegs load', 'both load legs'],
  ['bothlegs', '(?:both|either|each|all) (?:of the )?(?:legs?|hots?|sides?(?= to))'],
  ['betweenlegs', 'leg to leg', 'between (?:the )?(?:legs|them|the two)'],
  ['n2', '(?:the )?other leg', 'leg two', 'on the other(?: one)?'],
  ['n1', 'one leg', 'leg one'],
  ['n3', 'leg three'],
  ['pole n1', 'pole one'],
  ['pole n2', 'pole two'],
  ['pairby', 'black (?:and|to|-) ?(?:yellow|yel)', '(?:yellow|yel) (?:and|to|-) ?black', 'b-y', 'y-b'],
  ['pairry', 'red (?:and|to|-) ?(?:yellow|yel)', '(?:yellow|yel) (?:and|to|-) ?red', 'r-y', 'y-r'],
  ['pairrb', 'red (?:and|to|-) ?(?:black|blk)', '(?:black|blk) (?:and|to|-) ?red', 'r-b', 'b-r'],
  [', $1', '(?<=(?:\\d|open|ol) )(pair(?:by|ry|rb))(?= )'],
  ['black toground', 'b-g'],
  ['yellow toground', 'y-g'],
  ['red toground', 'r-g'],
  ['leadtolead', 'lead to lead', '(?:across|between) the (?:two )?leads', 'l-l'],
  ['lead n$1 n$2', '(?:t|lead)s? ?([123]) ?(?:to|-|and) ?(?:t|lead)? ?([123])(?!\\.\\d|[\\d])'],
  ['n$1 n$2', '(?:line|l|leg|phase) ?([123]) ?(?:to|-|and) ?(?:line|l|leg|phase)? ?([123])(?!\\.\\d|[\\d])'],
  ['n$1 n$2', '(?<![\\d.-])([123])-([123])(?![\\d.-])'],
  ['n$1 toground', 'l([123])g'],
  ['n$1', '(?:l|line|leg|phase|p|ph) ?([123])(?!\\.\\d|[/\\d])'],
  ['lead n$1', '(?:lead|t) ?([123])(?!\\.\\d|[/\\d])'],
  ['$1 n$2', '(pole|contact|fuse|heater|terminal) ?([123])(?!\\.\\d|[/\\d])'],
  ['toground', '(?:to|and|against) (?:the )?(?:ground|earth|frame|case|casing|chassis|gnd|(?:pump|motor) (?:case'
  + '|housing|frame|body|shell))', '-(?:g|gnd)'],
  ['wellhead', 'well ?heads?'],
  ['neighbour', 'neighbou?rs?\'?s?', 'next door', '(?:whole |the )street'],
  ['cap', 'start(?:ing)? (?:caps?|capacitors?|condenser)'],
  ['runcap', 'run(?:ning)? (?:caps?|capacitors?|condenser)'],
  ['startswitch', 'start(?:ing)? switch', 'centrifugal(?: switch)?', 'cent switch', 'governor'],
  ['panelswitch', 'panel switch'],
  ['float', 'float (?:switch|valve)'],
  ['switch', '(?:pressure|demand) switch'],
  ['cutoff', '(?:low[- ]pressure )?cut-?off', 'cut off (?=lever)'],
  [
    'cutin',
    '(?:cuts?|kicks?|comes?|came)[- ]in (?:at )?(?=\\d)',
    'cuts? on at(?= \\d)',
    '(?:comes?|came|kicks?) on at(?= \\d)',
    'cut[- ]?in',
  ],
  ['quits', 'cuts? (?:itself )?out (?:on its own|in|after|by itself)', 'cuts out(?! at)', 'clicks off', 'quits'],
  [
    'cutout', 'cut[- ]?outs?', '(?:switch )?opens(?: up)?(?: fine| ok| okay| right)? at(?= \\d)',
    '(?:cuts|kicks|goes|shuts?|stops?) (?:out|off) at(?= \\d)',
  ],
  ['trip', '(?:let|lets|letting) go(?:es)?', 'kick(?:s|ed|ing)? out', 'pop(?:s|ped)? out'],
  ['breaker trip', '(?:knock(?:s|ed)?|throws?|threw|takes?|took) (?:out )?the breaker(?: out)?'],
  ['runon', '(?:goes?|went|runs?|ran|sails?|shoots?|blows?) (?:right |way |straight )?past(?= \\d| cut| the)'],
  [
    'runon',
    '(?:keeps? (?:on )?running|r[ua]ns? on(?: and on)?|running on)'
    + '(?! (?:about |some |only )?[\\d.]| (?:the )?(?:generator|battery|one))',
  ],
  ['', '(?:took|pulled|got|unscrewed) the switch off'],
  ['stop', '(?:shuts?|shutting|turns?|switches) (?:itself )?off'],
  ['comeback', 'c[oa]mes? back', 'coming back'],
  [
    'start', 'pick(?:s|ed)? up', 't[ao]o?kes? (?:right )?off', 'took (?:right )?off', 'fire[sd]? (?:right )?up',
    'kick(?:s|ed)? in(?! at)', '(?:comes|came|kicks|kicked|goes|went) on(?! and on)',
  ],
  ['pullin', 'pull(?:s|ed)? in'],
  ['atonce', 'at once', '(?:right|straight) ?away', 'instant(?:ly)?', 'immediately', 'the moment'],
  ['byitself', '(?:by|on) (?:itself|its own|their own)', 'by themselves'],
  ['knowngood', 'known[- ]good', 'known to be good', 'good spare'],
  ['secondmeter', '(?:second|other|another|different) (?:meter|tester)'],
  ['secondgauge', '(?:second|other|another|different|test) gauge'],
  ['secondreturn', 'second (?:return|ground)(?: lead)?', 'jump(?:er|ed)? (?:the )?ground'],
  ['underload', 'under load', 'loaded'],
  ['line', '(?:line|supply|incoming|top) side'],
  ['feedside', 'feed side'],
  ['load', '(?:load|bottom|outgoing) side', '(?:at |on |out )?(?:the )?bottom(?= (?:reads?|is|has|shows|gives|\\d))'],
  ['pumpside', '(?:pump|motor|well) side'],
  ['airvalve', '(?:air|tire|tyre|snift) (?:valve|stem)', 'valve stem'],
  ['relief', '(?:relief|safety|pop[- ]?off) valve', 'pop[- ]?off'],
  ['footvalve', 'foot ?valve'],
  ['checkvalve', 'check ?valve'],
  ['housevalve', '(?:main )?house valve', 'valve to the house'],
  ['outletvalve', 'outlet valve', '(?:outlet|discharge) (?=(?:is )?(?:shut|closed))'],
  ['weephole', 'weep ?hole'],
  ['ventscrew', '(?:vent|bleed) screw'],
  ['primeplug', 'prim(?:e|ing) plug'],
  ['unloaderline', 'unloader (?:line|tube)'],
  ['tap', 'hose (?:bib|tap)', 'spigot', 'faucet'],
  ['cistern', '(?:holding|storage) tank'],
  ['freshtank', '(?:fresh|water) tank'],
  ['tank', '(?:pressure|bladder) tank'],
  ['droppipe', '(?:drop|down|riser) pipe'],
  ['box', 'control box'],
  ['starter', '(?:magnetic |mag )?(?:starter|contactor)'],
  ['controlfuse', 'control fuse'],
  ['controlsupply', 'control (?:supply|voltage|power|transformer)'],
  ['auxcontact', 'overload\'?s? contact', 'aux(?:iliary)? contact'],
  ['overload', '(?:red|reset) button', 'overload relay'],
  ['loadwires', 'load wires?'],
  ['motorleads', 'motor (?:leads?|wires?)'],
  ['startwinding', 'start(?:ing)? winding'],
  ['mainwinding', '(?:main|run(?:ning)?) winding'],
  ['pumpup', '(?:pump|fill)(?:s|ed)?[- ]?up'],
  ['leakdown', 'leak(?:s|ed)?[- ]?down', 'bleeds? down(?! to \\d)'],
  ['cycle', 'start to start'],
  ['onoff', 'on(?: and|,)? off', 'off(?: and|,)? on'],
  ['hisson', 'keeps? (?:on )?(?:hissing|blowing)', 'hiss(?:es|ing)? on'],
  ['getsto', '(?:gets?|got|goes|climbs?) past', '(?:gets?|reach(?:es)?|climbs?|makes it) (?:up )?to'],
  ['outage', 'power (?:was|were|went|is|has been) (?:out|off|down)', 'power (?:cut|failure|outage)', 'blackout'],
  ['othervolts', 'other volt(?:s|age)'],
  ['suctionline', 'suction (?:line|pipe)'],
  ['smellburnt', 'smells? (?:of )?(?:burnt|burning|burned|hot|varnish)'],
  ['inband', '(?:in|within) (?:the |its )?band'],
  ['same', 'no (?:difference|change)', 'made no odds', 'same (?:thing|as before)'],
  ['nonstop', 'all (?:the )?(?:time|day|night)', 'non-?stop', 'constantly'],
  [
    'pluggedin',
    '\\b(?:plug(?:s|ged)?) (?:it )?(?:straight |directly |right )?in(?:to)?(?: (?:the|a) (?:wall|outlet|good '
    + 'outlet))?(?!\\w)',
  ],
  ['tminutes', '\\bafter a while(?!\\w)'],
  ['', '(?<=outofit) to the (?:pump|motor|well)'],
  ['bad', 'gone bad'],
  ['$1', 'gives? (more|less)'],
  // one word, so that a check stuck shut is not taken for it where a system knows of none
  ['stuckopen', '(?<=check(?: ?valve)?(?:\'s| is| was)? )(?:stuck|hung|jammed) open'],
]
