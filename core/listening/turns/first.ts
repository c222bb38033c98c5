/** Turns of speech, the first half: each is tried on what those before it have left, so that the order is theirs. */
import type { Joined } from './turnOf'

export const FIRST_TURNS: readonly Joined[] = [
  // an insulation tester, read in passing
  [
    'meg toground 0',
    '(?:the )?(?:meg\\w*|insulation tester)(?: won?[\'’]?t| does ?n[\'’]?t| never| wouldn[\'’]?t)? ?(?:even )?'
    + '(?:come|came|move|budge|get|got)(?:s|d)? (?:up )?(?:off|from)(?: of)?(?: the)? (?:zero|peg|0)',
  ],
  [
    'meg toground over $1 meg',
    '(?:the )?(?:meg\\w*|insulation tester)(?: is| reads| says| shows| was|\'s)? (?:over|better than|above|past) (\\d+)'
    + '(?: megs?| meg ?ohms?)?',
  ],
  [
    'meg toground $1 meg',
    'meg(?:ged|\\W?d)? (?:out )?(?:the|that|each|every) (?:motor|pump|leads?)(?: (?:at|in) the [a-z]+)?'
    + '(?: with the leads? (?:apart|off|open|lifted))?,? (?:and )?(?:i )?(?:got |it[\'’]?s |reads |read )?'
    + '(\\d*\\.?\\d+)(?: megs?| meg ?ohms?)?(?: (?:on|from|at) t ?[123])?',
  ],
  ['all three', 'all (?:the way )?(?:around|round|across)|across the board'],
  ['bothlegs', 'both poles(?= (?:reads? |shows? |are |have |at |is )?\\d)'],
  // what a coil is wound for is not read
  [
    '$1 volts on the coil',
    '(\\d{1,3})(?: volts?)? (?:on|at|across) (?:the|a|that) (?:24|110|115|120|208|220|230|240)(?: volts?)? coil',
  ],
  [
    'gauge $1',
    '(?:the )?gauge (?:goes|went|gets|got|climbs|climbed|runs|ran)(?: all the way| right| clear)?(?: up)? to'
    + ' (\\d{2,3})',
  ],
  [
    'swapped two leads',
    '(?:swapped|switched|reversed|flipped|traded|changed) (?:any )?two of the (?:leads|wires|phases|legs)'
    + '(?: around| over)?',
  ],
  ['swapped two leads', '(?:swapped|switched|reversed|flipped|traded|changed) (?:any )?two (?:legs|wires|phases'
  + '|lines|leads)(?: around| over)?(?: (?:at|on) the (?:starter|contactor|motor|disconnect|t leads))?'],
  ['', ',? ?power(?:\'s| is)? off,? of course'],
  ['opened the cover', '(?:opened|popped|took|cracked)(?: up)? the switch(?: up| open| apart)?(?=,? (?:and|there'
  + '|one|i ))'],
  ['contacts welded', '(?:had to )?(?:pry|pried|prying|break|broke|peel|peeled)(?: the| them)? (?:points|contacts)'
  + ' (?:apart|loose|free|open)(?: with [^,]*)?'],
  ['contacts welded', '(?:one side|one pole|one of them|both|they)(?:\'s| is| are|\'re) (?:stuck|fused|welded'
  + '|frozen) (?:together|shut)'],
  ['no sigh', '(?:i )?(?:never|do ?n[\'’]?t|did ?n[\'’]?t) (?:hear|get|have) (?:that |the |any |a )*(?:psst|pssh'
  + '|pshh|pfft|psh|whoosh|spit of air|puff|hiss)'],
  ['cracked the line starts', '(?:pulled|took|popped|slipped|undid|disconnected) (?:the |that )?(?:little |small '
  + '|skinny |unloader )*(?:tube|line|hose)(?: off| loose)?(?: of| at| from)?(?: the)?(?: switch| unloader|'
  + ' head)?(?: off)?,? (?:and )?(?:now )?(?:it|she) (?:starts|kicks off|takes off)(?: up| right up| fine| every'
  + ' time)*'],
  ['unloader hisses on after it stops', '(?:hiss\\w*|air|leak\\w*|blow\\w*)(?: comes| coming| is)? (?:out )?(?:of '
  + '|from )?(?:under |underneath |the bottom of )?the (?:pressure )?switch (?:the whole time|all the time|whenever'
  + '|when|while)(?: it[\'’]?s| it is| the pump is| the motor is| the compressor is)? (?:off|stopped|sitting|not'
  + ' running|resting)'],
  ['', '(?:and |then )?the (?:hiss|hissing|leak|leaking|noise) (?:stopped|quit|went away)(?: then)?'],
  ['tank empty', '(?:nothing|no water|not a drop) (?:left )?in the (?:tank|cistern)'],
  ['float stuck held up', 'float(?:\'s| is| was)? (?:hung|caught|snagged|tangled|stuck)(?: up)? (?:on|in|behind'
  + '|against) (?![^,]*(?:can\'?t|won\'?t|cannot|not) (?:come up|rise|float|lift))[^,]*'],
  ['prime plug dry', '(?:took |pulled |popped )?(?:the )?prim(?:e|ing) plug(?: out| off)?,? (?:and )?(?:it[\'’]?s'
  + '|it is|it was|bone)? ?dry(?: as a bone)?(?: in there| inside)?'],
  ['gauge $1', '(?:she|it|pump|pressure) (?:took|shot|went|came|ran) (?:right |straight )?(?:off|up|back)(?: up)?'
  + ' to (\\d{2,3})'],
  ['gauge $1', '(?:(?:it|she)[\'’]?s )?back (?:up )?to (\\d{2,3})(?: psi| pounds)?(?: now)?$'],
  ['links wrong', '(?:the )?(?:selector|voltage selector|dial|switch)(?: on the back)?(?: of the motor)? (?:was|is)'
  + ' (?:set )?(?:to|on|for) (?:115|110|120)(?: volts?)?'],
  ['when the $1 runs', '(?:when|while|whenever)(?: the)? (pump|motor|compressor)(?:[\'’]s| is) on'
  + '(?! (?:the|its|a)\\b)'],
  ['', '(?:pump |switch )?light (?:comes|came|is|turns) on'],
  ['good battery runs', '(?:plugged|hooked|put|switched)(?: it)? (?:in ?to|on|to) (?:shore ?power|the charger|the'
  + ' converter|a charger|my truck|jumper cables)(?: and now| and|,)* ?(?:it[\'’]?s |it is )?(?:\\d+(?:\\.\\d+)?(?:'
  + ' volts?)?)?(?: and|,)* ?(?:the )?(?:pump |it |motor )?(?:sounds|runs|is|works) (?:normal|fine|good|strong'
  + '|right|great)'],
  ['breaker tripped', '(?:the )?breaker(?: outlet| receptacle)?(?: in the [a-z]+| on the [a-z]+) (?:was|is|had)'
  + ' (?:tripped|popped|kicked)'],
  ['tap the switch starts', '(?:if|when) (?:i|you|we) (?:push|press|hold|squeeze|close) the (?:contacts|points)(?:'
  + ' together| shut| closed| in)?[^,;]{0,50}?,? ?(?:and )?(?:she|it|the pump) (?:takes off|runs|starts|kicks on'
  + '|fires up|goes)(?: right up)?'],
  ['', '(?<=(?:spun|spin|spinning|flicked|turned) [^,;]{0,60}(?:took|takes) off) and (?:ran|runs)(?: normal| fine|'
  + ' good| great)?'],
  ['overload contact open', 'overload (?:contact|contacts|aux)(?: ohms| reads| checks| is)*(?: out)? (?:open|ol)(?:'
  + ' and [^,]*)?'],
  [', ', '(?<=breaker tripped),? (?:i )?(?:and )?reset it,? (?:and|now)'],
  // a thing said of one lead is meant of those named after it
  [
    't$1 to ground',
    '(?<=to (?:ground|gnd|earth|frame|case)[^,;]*, (?:[^,;]*, )?)t([123])'
    + '(?= (?:is |reads |at )?(?:\\d|zero|ol|open|nothing|dead))',
  ],
  [
    'starter held in',
    '(?:starter|contactor)(?: is|\'s)? (?:still|stays|stayed) (?:pulled |sucked |stuck )?in(?= |$|,)',
  ],
  [
    'on a long thin cord',
    '(?:on|off|with|through) (?:of )?(?:an? |about )*(?:\\d+|hundred|fifty|long|skinny|light)[- ]*(?:foot|feet|ft)?'
    + '(?: of)?(?: long| skinny| thin| light| orange| \\d+| gauge)* (?:extension )?cord'
    + '(?:,? (?:a |an )?(?:skinny|thin|light|long|sixteen gauge|\\d+ gauge)(?: one)?)?',
  ],
  [
    'vacuum $1',
    'vacuum(?: gauge)?(?: is| reads| at| sits at)? (\\d+(?:\\.\\d+)?) ?(?:inches|inch|in|")(?: of mercury)?'
    + '(?:,? (?:and )?(?:holds? |holding )?steady)?',
  ],
  ['pump', '(?:house|booster) pump(?= |$|,)'],
  [
    '$1 $2 $3 $4',
    'a-?b (\\d{1,3}),? b-?c (\\d{1,3}),? (?:and )?(?:a-?c|c-?a) (\\d{1,3}),? '
    + '((?:at|above|below|on|under|into|across|ahead) [^,]+)',
  ],
  ['supply', '(?:above|ahead of|top of|over) the (?:line )?fuses'],
  ['breaker', '(?:below|under|behind|bottom of) the (?:line )?fuses'],
  ['trip', 'kick(?:s|ed|ing)? (?:right )?back (?:off|out)'],
  [
    'belt loose',
    '(?:push|press|shove|pull|move) (?:on )?the belt (?:down|in|up|over)?(?: about| almost| a good)? ?'
    + '(?:\\w+ )?(?:inch(?:es)?)[^,]*',
    'belt (?:deflects|flops|gives|flexes|moves) (?:way )?(?:too much|a lot|all over)',
  ],
  [
    'gauge reads 0',
    '(?:gauge|needle) (?:(?:does|wo|did)n[\'’]?t|never) (?:move|budge|come|get) off (?:of )?(?:zero|the peg|the pin)',
  ],
  [
    '',
    '(?<=(?:gauge|needle|pressure) (?:reads?|is|at|sits|says|shows)[^,]{0,30},? ?(?:and |it )?)'
    + '(?:(?:does|wo|did) ?n[\'’]?t|never) (?:budge|move)(?: at all)?',
  ],
  [
    'footvalve leaks water runs back',
    '(?:filled|poured|topped)[^,]{0,40}? (?:and|but|then) (?:it |the water )?(?:just )?'
    + '(?:drains?|runs?|goes|falls?|leaks?) (?:right )?(?:back )?(?:down|out|away|back)(?: again)?',
  ],
  ['', 'on the (?:two )?(?:outside|inside|outer|inner|middle|top|bottom) (?:screws|terminals|lugs)'],
  ['$1 in and $1 out at the switch', '(\\d{2,3})(?: volts?)? (?:at|on) the switch,? (?:both )?in and out'],
  ['$1 in and $1 out at the switch', '(\\d{2,3})(?: volts?)? (?:both )?in and out(?= ?$|,)'],
  ['', '(?<=(?:climb|crawl|build|fill|come)s?(?: up)?[^,]{0,20}, )(?:it )?(?:takes?|took) (?:forever|ages|all day)'],
  [
    'falls to zero atonce',
    '(?:it |she )?(?:bleeds?|drops?|falls?|drains?|leaks?) (?:right |straight )?(?:back )?(?:down |off )?to '
    + '(?:nothing|zero|0) in (?:a|one|two|three|under a|a couple of|a few) (?:minutes?|seconds?)',
  ],
  [
    'leads off at the wellhead',
    '(?:disconnected|unhooked|took off|pulled|lifted|undid) (?:the |all )?(?:two |three |pump )*(?:wires|leads)'
    + '(?: that go| going| running)? down (?:the )?(?:hole|well)',
  ],
  [
    'leads off at the wellhead holds',
    'leads off at the wellhead,? (?:(?:and|now|then|so) )*(?:the )?(?:breaker |it )?(?:stays? (?:on|in|set)|holds?)',
  ],
  ['to ground', 'to (?:ground|gnd|earth|frame|case|chassis),(?= (?:zero|nothing|open|ol|\\d))'],
  ['meg', 'meg\\W?d', 'megged', 'megg\\w*'],
  ['', '(?:the )?insulation tester(?: shows| reads| says)?'],
  ['toohot', 'too hot to (?:keep|leave|hold|put|rest) (?:a|my|your) hand on(?: it)?'],
  [
    'pump unplugged new fuse holds',
    'unplugged the (?:pump|motor),? (?:and )?(?:put|stuck|threw|popped) (?:in )?(?:another|a new|a fresh) fuse'
    + '(?: in)?,? (?:and )?(?:it\'s|it is|it|that one)? ?(?:is )?'
    + '(?:fine|good|ok|okay|holds|held|stays|did n[\'’]?t blow)',
  ],
  [
    'outletvalve shut',
    '(?:pinched|clamped|kinked|crimped) (?:off )?the (?:line|hose|tube)(?: right)? (?:after|past|at|out of) the pump',
  ],
  [
    'cutin $1, cutout $2',
    '(?:kicks?|cuts?|comes?) (?:in|on) at (\\d+)(?: ?psi| pounds)?,? and (?:kicks? |cuts? |goes |shuts? |quits )?'
    + '(?:out|off)? ?at (\\d+)',
  ],
  [
    'stalls at $1',
    '(?:gets?|got|came|comes?|went|goes|built|builds|climbed|climbs) (?:right )?up to (\\d+)(?: psi| pounds)? '
    + '(?:and|then|but)(?: then)? (?:fell|falls|dropped|drops|went|goes|came|comes) (?:right )?(?:back|off|down)',
  ],
  ['calling', 'with the (?:panel |pump |water )?switch on(?= ?$|,)'],
  [
    'swapped two leads',
    '(?:swapped|switched|reversed|flipped|traded) (?:any )?(?:leads? |wires? |phases? |legs? )?(?:l|t)?[123abc] '
    + '(?:and|with|for|to) (?:l|t)?[123abc](?= |$|,)',
  ],
  ['housevalve', '(?:ball |gate |shut-?off |isolation )*valve (?:to|for|going to) the house'],
  ['housevalve shut', '(?:shut|closed|turned) (?:off )?(?:the )?(?:water |supply )?(?:to|going to) the house'],
  [
    'holds steady',
    '(?<=(?:house|valve|shut|closed)[^,]{0,40}(?:,| and) ?(?:it|gauge|needle|pressure|the gauge|the needle)? ?)'
    + '(?:just |then )?(?:sits|stays) (?:right )?(?:there|put)(?:,? (?:and )?(?:it )?does ?n[\'’]?t move)?',
  ],
  [
    'not climb',
    '(?:wo|would|ca|could|does|did)n[\'’]?t (?:go|get|climb|build|come up|make it)(?: up)? '
    + '(?:past|over|above|beyond) (\\d+)(?: psi| pounds?)?',
    'never (?:goes|gets|climbs|builds) (?:past|over|above|beyond) (\\d+)(?: psi| pounds?)?',
  ],
  [
    'pressure up',
    '(?<=swapped two leads,? (?:and|then) (?:it |pressure |she )?)(?:went|goes|came|shot|jumped|climbed|built|comes) '
    + '(?:right |straight |all the way |back )*(?:up )?(?:to )?\\d*(?: psi| pounds)?(?:,? no (?:problem'
    + '|trouble))?(?= ?$|,)',
    '(?<=swapped two leads,? (?:and|then|now)+ (?:now )?(?:it |she )?)(?:makes|has|gives|builds|goes|gets|climbs'
    + '|comes up) (?:up )?(?:to )?\\d+'
    + '(?: psi| pounds)?(?:,? no (?:problem|trouble))?(?= ?$|,)',
  ],
  [
    'pressure reads',
    '(?<=(?:it|she|gauge|needle|pressure|and) )(?:went|came|shot|jumped|climbed|zoomed|built|ran) '
    + '(?:right |straight |all the way |clear |back )+(?:up )?to(?= \\d+(?! ?(?:a|amps?|v|volts?|ohms?)\\b))',
  ],
  // how it was made safe says nothing of what was found
  [
    '',
    '(?:killed|cut|shut|turned|switched) (?:it|the power|power|the breaker|everything)(?: off| down)?,?(?: and)? '
    + '(?:locked|proved|proven|checked|verified|tested|tagged)(?: it| out| off|ged)*(?: dead)?(?: at the \\w+)?',
    '(?:proved|proven|checked|verified|tested|made sure) (?:it |it\'s |it was |that it is |for )?dead(?: at the \\w+)?',
    '(?:power |breaker |it\'s )?off,? (?:and )?locked(?: out)?(?: and tagged)?', 'locked (?:it )?out(?: and tagged)?',
  ],
  [
    'cutout $1',
    '(?:builds?|built|came|comes|went|goes|pumps?|pumped|ran|runs?|climbed|climbs?) (?:right |straight |back )*(?:up )?'
    + 'to (\\d+)(?: psi| pounds)?,? (?:and|then) (?:it )?(?:shut|shuts|cut|cuts|kicked|kicks|clicked|clicks|turned|'
    + 'turns|quit|quits) (?:itself |right )?off',
  ],
  [
    'cap 0 uf',
    '(?:start(?:ing)? |run )?cap(?:acitor)?,? (?:reads?|shows?|measures?|is at|is|tests?|measured|read) '
    + '(?:zero|nothing|0)(?: microfarads?| uf| mfd)?(?! ?ohms?| ?volts?| to)',
  ],
  ['b-y', '(?:b to y|b and y|y to b|black to yellow|yellow to black)(?= |$|,)'],
  ['r-y', '(?:r to y|r and y|y to r|red to yellow|yellow to red)(?= |$|,)'],
  ['r-b', '(?:r to b|b to r|red to black|black to red)(?= \\d| is| reads| ol| open|$|,)'],
  [
    'ohms leadtolead ol',
    '(?:reads?|read|it\'s|they\'re|shows?|got)? ?(?:open|ol|infinite) between (?:them|the two|the leads|the wires)',
  ],
  [
    'wellhead reads whole',
    '(?:at the well ?(?:cap|head),? )(?:the same two|same two|same pair|same leads|they|it|the leads|the motor)?,? ?'
    + '(?:reads?|got|is|are|shows?|ohms?) (?:[1-9]|[1-5]\\d)(?:\\.\\d+)?(?: ohms?(?= ?$|,)|(?= ?$|,))',
    '(?:the )?same (?:two|pair|leads) at the well ?(?:cap|head) (?:read|reads|got|are|is) '
    + '(?:[1-9]|[1-5]\\d)(?:\\.\\d+)?(?: ohms?)?(?= ?$|,)',
  ],
  [
    'motor side has continuity',
    '(?<=splice[^,]{0,20},? (?:and )?(?:the )?)(?:motor|pump) side (?:reads?|is|shows?|ohms?) '
    + '(?:[1-9]|[1-5]\\d)(?:\\.\\d+)?(?: ohms?)?(?= ?$|,)',
  ],
  ['cablegood', 'with the splice (?:apart|open|cut),? the cable (?:megs|is|reads|ohms) (?:good|clean|clear|fine)'],
  ['meg toground $1', 'megs? to ground (?:was|is|reads?|read) (\\d*\\.?\\d+)(?: megs?)? at the (?:panel|box|switch)'],
  ['inlet pressure $1', '(\\d+) ?(?:psi|pounds|lbs) (?:coming|going) in(?: from (?:the )?(?:city|street|main|town))?'],
  [
    'intake filter off better',
    '(?:pulled|took|with) the (?:intake |air )?filter (?:off|out),? (?:and |then )?(?:it |she )?(?:fills|filled|'
    + 'comes up|pumps up)(?: (?:fine|faster|right up|quicker|good))*(?: in \\d+(?: minutes?)?)?(?: now)?',
  ],
  [
    'pump up takes $1 minutes',
    '(?:fills|pumps up|comes up|fills right up|filled|pumped up) in (\\d+)(?: min(?:ute)?s?)?(?: now)?(?= ?$|,)',
  ],
  ['pressure reads $1', '^ ?(\\d{2,3})(?: psi| pounds)? now ?$'],
  ['$1 volts at the breaker', '(1[012]\\d)(?: volts?)? at the (?:outlet|wall|receptacle|plug|wall plug)'],
  ['$1 volts at the motor', '(1[0-4]\\.\\d)(?: volts?)? (?:on|at|across) the motor leads'],
  [
    'tapped the motor and it runs',
    'tapped it with (?:a|my|the) (?:hammer|wrench|screwdriver|mallet)(?: handle)?,? (?:and |then )(?:it|she) '
    + '(?:ran|runs|took off|started|goes|spun)',
  ],
  ['three', 'on all (?:of )?the (?:line )?(?:lugs|terminals)'],
  [
    'leads toground 0 ohms',
    '(?:megged|meg|ohmed|checked) (?:all three|all of them|the leads|them|both|it) to ground(?: at the \\w+)?,?'
    + '(?: and)?(?: got| reads?| it\'s)? (?:zero|a dead short|dead short|nothing but a short)',
  ],
  [
    'motor side to ground',
    '(?:down the hole|downhole|pump side|motor side|going down)(?: it\'s|, it\'s| is| reads)? (?:dead|straight|'
    + 'shorted|a dead short|dead shorted|zero) to ground',
  ],
  [
    'cablegood',
    '(?:and )?(?:meg|megs|ohms?|reading) (?:from|at) the (?:box|house|panel) end (?:is |are |reads )?(?:good|clean|'
    + 'fine|clear|open)',
  ],
  [
    'wrong box',
    'box (?:says|is marked|is|is for|is rated|reads|label says) (?:a |an |for )?[\\w./ ]{1,18}(?:horse(?:power)?|hp),? '
    + '(?:and |but )?(?:the )?(?:pump|motor)(?:\'s| is|\'s a| is a) [\\w./ ]{1,18}',
  ],
  [
    'pressure reads',
    '(?:builds?|built|pumps?|pumped|climbs?|climbed)(?: right| straight| back)*(?: up)? '
    + 'to(?= (?:\\d+(?: ?psi| pounds)?|'
    + '(?:twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)(?:[- ]\\w+)?)(?: ?$|,))',
  ],
  ['start to start $1 $2', '(\\d+) (seconds?|minutes?) (?:between|from) starts?(?: to starts?)?'],
  ['outletvalve', '(?:ball |shut-?off )*valve (?:on|at|after) the (?:pump )?outlet'],
  [
    'levelabove',
    'water(?:\'s| is)? (?:only |just |about )*[\\w ]{1,14} (?:feet|foot|ft) '
    + '(?:from the top|over the pump|above the pump)',
  ],
]
