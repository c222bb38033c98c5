/** Turns of speech, the second half: tried on what the first has left (turns/first.ts). */
import type { Joined } from './turnOf'

export const THEN_TURNS: readonly Joined[] = [
  // after something was done it has gone for so long: that is more than that it runs
  [
    'works now',
    '(?<=(?:and|,) )(?<!another breaker.{0,9})(?:it[\'’]?s |it has |she[\'’]?s |the pump[\'’]?s )?'
    + 'been (?:running|going|pumping)(?: fine| good| great| normal| steady)?(?: now)?(?: for)? '
    + '(?:an hour|(?:a couple|two|three|four|\\d+) (?:of )?hours)',
  ],
  ['reads', 'on the peg(?: at)?'],
  ['pump up takes', 'builds? (?:right )?(?:up )?in(?= (?:\\d+|\\w+) (?:minutes?|seconds?))'],
  ['into the', '(?<!legs? )(?:going|coming|goes|comes|running|feeding) (?:in|into|in to) the'],
  ['outofit', '(?<=\\d (?:volts? )?)(?:right )?back out(?= ?$|,)'],
  [
    'into the $1 $2 , noth outofit',
    '(?:on )?one side (?:of )?the ([a-z]+(?: [a-z]+)?),?(?: has| is| reads| got)? (\\d[\\d.]*)(?: volts?)?,? '
    + '(?:and |but )?(?:the )?other side(?: of it)?(?: has| is| reads| got)? (?:nothing|zero|dead|none|no power)'
    + '(?:,? with (?:an? |the )?(?:tap|faucet|spigot)s? (?:open|on|running))?',
  ],
  [
    'overload trip',
    '(?:thermal|overload|red button|heater|protector) (?:kicks|shuts|throws|knocks) (?:it |her )?(?:off|out)',
  ],
  [
    'links wrong',
    '(?:it\'s |is )?(?:jumpered|strapped|tapped|linked|wired|hooked up|connected) for '
    + '(?:115|120|230|240|208|low|high)(?: ?v(?:olts?)?| voltage)?(?! (?:like|as|which is right|and (?:it|that)))',
  ],
  ['pullin', '(?:grab|suck|slap|clunk)(?:s|bed|ed|ped)?(?: right| itself)? in(?= |$|,)', 'grabb?(?:s|ed)(?= ?$|,)'],
  [
    'levelat',
    '(?:water|level)(?:\'s| is)? (?:right |just |only |about )*(?:at|down to|even with) (?:the )?(?:top of the )?'
    + '(?:pump|intake|inlet|foot valve)',
  ],
  [
    'motor side good',
    '(?:down ?hole|pump side|motor side|down the hole|below the splice)(?: side)? '
    + '(?:reads?|shows?|is|megs|was|meg(?:ged)?)(?: out)?(?: at)? '
    + '(?:\\d{2,}(?:\\.\\d+)?(?: ?meg\\w*)?|infinite|(?<=(?:ground|meg|earth)[^;]*)(?:ol|open)|clear)(?= ?$|,)',
  ],
  [
    'motor side to ground',
    '(?:down ?hole|pump side|motor side|down the hole|below the splice)(?: side)? '
    + '(?:reads?|shows?|is|megs|was|meg(?:ged)?)(?: out)?(?: at)? (?:still )?'
    + '(?:0?\\.\\d+(?: ?meg\\w*)?|zero meg\\w*)(?= ?$|,)',
  ],
  ['', '(?<=(?:no|any) \\w+ )at all', 'with it (?:flipped |switched |turned )?on(?= ?$|,)'],
  ['at the motor', 'at the compressor(?= |$)'],
  ['controlfuse', '(?:little|small) fuse(?! on| in| at| for)'],
  [
    'running',
    'with (?:it|the pump|the motor) (?:running|going)', '(?:while|when) (?:it|the pump|the motor)(?:\'s| is) running',
  ],
  ['', 'with the regulator (?:cranked|turned|opened|wound|backed)(?: (?:up|in|out|down|wide open|all the way))*'],
  ['', 'with (?:it|the pump|the motor) off(?! the)'],
  ['off', '(?<=(?:took|take|pulled|got) (?:the |all |my )?(?:\\w+ ){1,3})loose'],
  ['coil othervolts', 'coil(?: is|\'s)? (?:marked|stamped|rated|printed|labell?ed)(?: for)? 208[-/]240'],
  [
    'hadtoprime',
    '(?:prime(?:\'s| is| was)? gone|lost (?:its|the) prime),? (?:so (?:i )?)?(?:re)?(?:filled|primed) it(?: up)?',
  ],
  ['', ',? it(?:\'s| is) an? \\d+ (?:to|-) \\d+(?: ?(?:mfd|uf|microfarads))?(?= ?$)'],
  ['all the way', '(?<=(?:cranked|turned|screwed|backed|regulator|knob|tap|valve|hose|faucet|spigot) )wide open'],
  // all of it lost, not nought of it lost
  [
    'falls to zero atonce',
    '(?<=(?:needle|gauge|pressure|psi) )(?:falls?|fell|drops?|dropped|goes|went|bleeds?|dumps?) (?:right |straight )?'
    + '(?:down |off )?to (?:nothing|zero|0)(?: psi)?(?: in (?:a|one|two|under a|less than a|a couple of|a few) '
    + '(?:minutes?|seconds?))?',
  ],
  [
    'red noth amps',
    'red (?:amps |lead |current )?(?:drops?|falls?|goes) (?:right |straight )?(?:off|out|away|to (?:zero|nothing))',
  ],
  ['vacuum $1', '(\\d+(?:\\.\\d+)?) ?(?:inches|inch|in|")(?: of)? (?:vacuum|vac|mercury)'],
  [
    '',
    'with the (?:plunger|lever|points|contacts|switch) (?:held |pushed |pressed )?(?:down|closed|made|in)(?= i\\b|,)',
  ],
  ['pump running amps', '(?:runs?|running|ran) (?:steady |right )?at(?= \\d{1,2}(?:\\.\\d)?(?: ?$| ?,))'],
  ['trip', '(?:kicks?|kicked) (?:right )?(?:off|out)(?! (?:at|on|of)| \\d)'],
  [
    '',
    '(?:dead|live|big|whole|little|a) (?:pile|bunch|wad|chunk|clump|mess|ball|load) of',
    'dead (?=ants?|bugs?|spiders?|wasps?)',
  ],
  [
    'stalls at $1',
    '(?:builds?|climbs?|gets?|goes|comes) (?:up )?to (\\d+)(?: psi| pounds)? (?:and|then) (?:just )?'
    + '(?:sits|stays|hangs|stops|quits)(?: there| climbing)?',
  ],
  // with what a thing was done says nothing of what was found
  [
    '',
    'with (?:an? |the |my )?(?:\\w+ )?(?:stick|screwdriver|finger|fingers|hand|hands|pliers|'
    + 'hammer|wrench|dowel|pencil)',
  ],
  ['', 'nothing (?:but|besides)', 'where (?:it|they) (?:goes?|comes?|enters?) (?:in(?:to|side)?|through)?'],
  ['', '(?:full of|packed with|covered (?:in|with)|loaded with|caked (?:in|with))(?= [a-z])'],
  ['inrush', '(?:jump|spike|shoot|kick)(?:s|ed)? (?:right |straight |up )*to(?= \\d+(?:\\.\\d+)? ?a(?:mps?)?\\b)'],
  ['', '(?:the )?other (?:one|leg|side) floats?'],
  [
    '',
    '(?:tried|try|trying|attempted) (?:to )?(?:turn(?:ing)?|spin(?:ning)?|rotat(?:e|ing)|'
    + 'mov(?:e|ing)|budg(?:e|ing))(?: the| it)?',
  ],
  ['n1', 'on one(?= ?,|$| and)'],
  [
    '',
    '(?:popped|pulled|took|opened|removed|lifted|got) (?:off )?the (?:switch |box |motor )?(?:cover|lid|housing|guard)'
    + '(?: off)?',
  ],
  ['reads', '(?:sits|sitting|sat|stuck|stays|hangs|hanging) (?:on|at)(?= (?:zero|\\d))'],
  ['leadsgood', 'leads (?:are |is )?(?:good|fine|clear|okay|ok)'],
  ['leadsdown', 'leads (?:are )?(?:down|bad)'],
  ['motorgood', 'motor (?:is |reads |side is )?(?:good|fine|clear|okay|ok)(?= |$|,)'],
  ['motordown', 'motor (?:is |side is )(?:down|bad|grounded)', 'motor (?:down|grounded)'],
  ['cablegood', 'cable (?:is |reads )?(?:good|fine|clear|okay|ok)'],
  ['cabledown', 'cable (?:is )?(?:down|bad|grounded)'],
  ['controlsupply noth', 'no control (?:voltage|power|supply|volts)'],
  [
    'controlfuse', '(?:little |small |control )?fuse (?:on|in|at|for) the (?:control )?transformer',
    '(?:control )?transformer fuse',
  ],
  ['auxcontact', '(?:95[- ]+96|97[- ]+98|n\\.?c\\.?|normally closed|overload aux\\w*)(?: contact)?(?! ?volts?)'],
  ['pullin', 'slam(?:s|med)? in', 'bang(?:s|ed)? in', 'snap(?:s|ped)? in'],
  ['n1 n2', '(?:between )?(?:phase |leg )?a (?:to|and|-) ?(?:phase |leg )?b(?= |$|,)'],
  ['n2 n3', '(?:between )?(?:phase |leg )?b (?:to|and|-) ?(?:phase |leg )?c(?= |$|,)'],
  [
    'n1 n3',
    '(?:between )?(?:phase |leg )?(?:a (?:to|and|-) ?(?:phase |leg )?c|c (?:to|and|-) ?(?:phase |leg )?a)(?= '
    + '|$|,)',
  ],
  ['bothlegs', '(?:on )?each leg (?:going|coming)'],
  [
    'gauge reads',
    '(?<=(?:^ ?|, |and |it ))(?:just )?(?:sits|sitting|sat|hangs|hanging) '
    + '(?:at|on)(?= \\d+(?![\\d.]| ?(?:v|volts?|a|amps?)\\b))',
  ],
  ['tank gauge reads', 'tank(?:\'s| is)? (?:at|reads|shows|sitting at)(?= \\d)'],
  [
    '',
    'with (?:the |all the )?(?:water|system|pressure)(?: all)? (?:drained|empty|out|off|at zero)(?: out|'
    + ' off| down)?',
  ],
  ['airvalve', 'air side of the tank', 'air (?:in|on) the tank', 'tank\'?s? air'],
  [
    'running',
    '(?:when|the second|as|once|as soon as) (?:the )?pump (?:kicks|comes|turns|starts|cuts|is)(?: on| in| running)?',
  ],
  ['fuse holder loose', 'wiggl\\w* the (?:inline )?fuse(?: holder)?'],
  ['at the outlet', 'at the plug', 'at the (?:wall )?socket'],
  ['toohot', '(?:can\'?t|cannot|could ?n\'?t) (?:hold|keep|leave|put) (?:my|a|your) hand on'],
  [
    'load',
    '(?:two |both )?(?:wires |terminals |leads )?(?:going|leading|heading|running|out) (?:out )?to the '
    + '(?:pump|motor|well)',
    'feeding the (?:pump|motor)',
  ],
  ['n1', 'on one (?:side|pole)(?= of|,| and|$)'],
  ['n2', 'on the other (?:side|pole)(?! of)'],
  ['cistern', 'reservoir'],
  ['float', 'float box'],
  ['rest', 'with nothing (?:on|running|turned on)'],
  ['battery posts', '(?:on|at|across) the clamps'],
  ['', 'along the run'],
  [
    'precharge reads',
    'tank(?:\'s)? (?:has |is )?(?:still |only )?(?:got|has|holds|holding)(?= \\d+ ?(?:psi|pounds?|lbs?)?(?: '
    + 'of air)? in it)',
  ],
  ['', '(?<=\\d ?(?:psi|pounds?|lbs?)?(?: of air)?) in it'],
  [
    'housevalve shut',
    '(?:valve|shut-?off) (?:is )?(?:shut|closed)(?: right)? (?:after|past|behind|at|downstream of) the '
    + '(?:pump |pressure )*tank',
  ],
  [
    '',
    '(?:when|while|as) (?:it|she|the (?:pump|motor))(?:\'s| is)? (?:trying|tries|tried|attempts|'
    + 'attempting)(?: to (?:start|go|run|turn))?',
  ],
  ['reads', '(?:tested|measured|metered|meters|checked|checks)(?: out)?(?: at| to be)?(?= \\d)'],
  ['', 'on (?:the|my) meter'],
  ['ohms leadtolead', 'ohm(?:s|ed)?(?: reading| readings)? (?:across|between|on) the two'],
  ['rapid cycle', 'short[- ]?cycl(?:es|ing|ed|e)'],
  [
    'noth',
    '(?:not|n[\'’]?t) (?:getting|seeing|reading|have|having|got|get|showing|see|read) (?:anything|a thing|'
    + 'any)(?: at all)?',
  ],
  ['meg toground', 'insulation test(?:er|ed)?(?: to ground)?'],
  ['inlet pressure zero', 'no water at the inlet(?: at all)?'],
  ['!shut', '(?:won[\'’]?t|does ?n[\'’]?t|not) close at \\d+'],
  ['', 'brand(?= new)'],
  ['airvalve', '(?:in|on|out of|at|from) the air side'],
  ['fuse n1', 'fuse (?:number )?one'],
  ['fuse n2', 'fuse (?:number )?two'],
  ['fuse n3', 'fuse (?:number )?three'],
  ['line', 'feeding in'],
  [
    'still ol after cooled',
    'waited[^,]*,? (?:and )?(?:it\'s |it |they\'re )?still (?:reads? )?(?:open|ol|infinite|nothing|dead)',
  ],
  ['', 'turned the (?:knob|regulator)[^,]*'],
  ['atonce', 'the second(?= (?:you|i|it|they|the|we) )'],
  ['blows atonce', 'ble?w (?:right away|again|instantly|at once|immediately|straight away)'],
  ['fuse n$1', '(?:l|line|phase|leg) ?([123]) fuse'],
  ['fuse n1', '(?:first|left(?:-hand)?) fuse'],
  ['fuse n2', '(?:second|middle|cent(?:er|re)) fuse'],
  ['fuse n3', '(?:third|right(?:-hand)?) fuse'],
  ['full', '(?:three[- ]quarters?|two[- ]thirds|nearly|almost|mostly|plenty) full'],
  [
    'nearlyempty', '(?:a |about a )?quarter full', '(?:almost|nearly|about) empty',
    'down to (?:a foot|the dregs|nothing)',
  ],
  ['hot', '(?:screaming|smoking|blazing|burning|roasting|red) hot'],
  ['slow', '(?:takes?|took|taking) (?:forever|ages|an age|way too long|all day|a long time|so long)'],
  [
    'cablegood',
    'cable (?:alone |by itself |only |going (?:back )?to the house |(?:back )?to the house |from the house '
    + ')?(?:is |reads |at )?'
    + '(?:good|fine|clear|okay|ok|clean|(?:over )?\\d{2,} ?meg\\w*|infinite|open)(?= |$|,)',
  ],
  [
    'pressure reads',
    '(?:only |just |barely )*(?:makes|made|makin|tops out at)(?= \\d+(?! ?(?:a|amps?|v|volts?|ohms?|gpm|'
    + 'gallons?|min\\w*|sec\\w*|w|uf)\\b))',
  ],
  [
    'worked on',
    '(?:power company|utility|electric company|lineman|linemen|line crew)(?: (?:was|were|had|has))?(?: '
    + 'been)? (?:changed|swapped|replaced|worked on|out|put in|working on|moved)',
  ],
  ['outletgauge', '(?:outlet|regulator|gun) gauge', 'gauge on the (?:regulator|outlet|gun|hose)'],
  [
    'withdraw', '(?:when|while|as) (?:you|i|we) (?:pull|squeeze|hit|use) (?:on )?the (?:trigger|gun|tool|air)',
    'with the (?:gun|trigger|tool) (?:open|pulled|going|running|on)',
  ],
  [
    '',
    '(?:the )?(?:other two|(?<!leg |phase |line )two(?! to (?:one|three))|both)(?: (?:wires|terminals|screws|lugs))?'
    + '(?= (?:going|coming|leading|feeding|out|in|to|at) )',
  ],
  [
    'noth', '(?:just )?sits there(?! (?:and )?(?:hum|buzz|groan|growl))', 'just sits(?= ?$|,)',
    'does ?n[\'’]?t do (?:anything|a thing)',
    'not doing (?:anything|a thing)',
  ],
  ['hum', '(?:just )?sits (?:there )?(?:and )?(?:hum|buzz|groan|growl)(?:s|ming|zing|ing|ling)?'],
  ['atonce', 'as soon as', 'soon as', 'like a (?:stone|rock|brick)', 'in (?:a|one) second flat'],
  ['overload trip', 'overload (?:goes|went|kicks|blows)(?! off| on| back)'],
  ['breaker trip', 'breaker (?:goes|went|kicks|blows|pops)(?! off| on| back)'],
  ['', '(?:pretty|real|really|very|so|quite) bad(?:ly)?', '(?:a |one )?(?:bunch|set|lot|pair|couple) of(?! water)'],
  ['empty', 'bone[- ]dry'],
  ['airvalve', '(?:air |tire )?valve stem', 'valve core', 'tire valve'],
  ['start', '(?:off|away) it (?:went|goes|takes)'],
  ['behind', '(?:on )?the (?:other|far) side of(?! it)'],
  ['outletvalve', 'valve (?:right )?(?:after|off|at|on|past) the pump(?: outlet)?'],
  ['stilldoes', '(?:it )?still (?:does|did) (?:it|the same(?: thing)?)', 'keeps (?:on )?doing it'],
  [
    'three',
    'across the board',
    '(?:all the way|right|straight) across',
    'on (?:all|each|any) (?:of the )?(?:three|legs?|phases?|lines?)',
  ],
  ['load', 't[- ]side', 'motor terminals of the switch'],
  ['line', 'l[- ]side'],
  ['no', 'not (?:pulling|drawing|getting|showing|seeing|reading) (?:any|a)'],
  ['ol', 'open (?:line|loop)(?:,? (?:ol|o\\.l\\.?))?', 'over ?limit', 'over ?load display'],
  ['rest', '(?:shut|turned|left) (?:it |the pump )?(?:down|off|sit|alone) for',
    'shut (?:it )?off an hour', 'gave it a rest'],
  ['byitself', 'with (?:nobody|no one|no-one) (?:home|there|in)'],
  ['hisson', 'keeps? (?:on )?(?:bleeding|leaking)(?: air| out| off)*'],
  [
    'reads', '(?:went|ran) (?:all the way )?(?:up )?to(?= \\d)', 'comes up (?:to|as|at)(?= \\d)',
    'tests(?: at)?(?= \\d)',
  ],
  [
    'tapsshut',
    'with (?:everything|all (?:the )?(?:taps|faucets)|every tap) (?:shut|closed|turned off)',
    'with all (?:the )?(?:taps|faucets) off',
  ],
  ['', '(?:the |my )?(?:meter|tester|multimeter) (?:says|shows|reads|gives|tells)'],
  ['gpm', 'gallons? (?:a|per) minute'],
  ['reset', '(?:hit|push(?:ed)?|press(?:ed)?|punch(?:ed)?) (?:the )?(?:reset|red)(?: button)?'],
  ['hadtoprime', '(?:re-?)?primed (?:it|the pump)', 'had to (?:re)?prime(?: it| the pump)?'],
  [
    'dialset', 'dial(?: on the overload| of the overload)? (?:is |was )?set (?:at|to)(?= \\d)',
    'overload (?:is |was )?set (?:at|to)(?= \\d)',
  ],
  ['bridge', '(?:touched|twisted|put|held|tied) (?:the )?(?:two )?wires together', 'hot[- ]?wired'],
  ['panelswitch', 'rocker(?: switch)?'],
  ['gauge', '(?<=\\d )(?:psi |pounds |lbs )?in the (?:tank|receiver)(?= |$|,)'],
  [
    'outofit',
    '(?:coming |going |comes |getting )?(?:out|through|past)(?: of)? (?:it|there)(?! of)(?= ?$|,)',
    '(?<=(?:nothing|zero|dead|none) )(?:is )?(?:coming|going|comes|goes|getting) (?:out|through|past)(?= ?$|,)',
    '(?:on|at) the (?:other|far|back) side(?: of it)?(?= ?$|,)',
  ],
  ['n1 toground zero', '(?:missing|lost|losing|lose) (?:the )?(?:first|l1) (?:phase|leg)'],
  ['n2 toground zero', '(?:missing|lost|losing|lose) (?:the )?(?:b|second|l2) (?:phase|leg)'],
  ['n3 toground zero', '(?:missing|lost|losing|lose) (?:the )?(?:c|third|l3) (?:phase|leg)'],
  ['n2', 'b phase'],
  ['n3', 'c phase'],
]
