/**
 * What a hand says that shows its work: where the meter is set, what it is about to do, that one should look, and what
 * it makes of it. Tried before all other turns, and passed over. Common practice, no source.
 */
import type { Joined } from './turnOf'

const GOING_TO = '(?:i\'?m (?:just )?(?:going to|gonna)|i\'ll|we\'(?:ll|re going to|re gonna)|let me|let\'s|lemme)'
const AND = '(?: just)?(?: go ahead and| also| now| first)?(?: just)?'
const SET = '(?:(?:i|we|i\'ve|we\'ve) )?(?:got|get|put|set|have|turned?|switch(?:ed)?|using)'
  + ' (?:my|the|our) (?:multi)?meter(?: set| here| over| back| switched| dialed)*(?: (?:to|on|in|over to|for))'
const MODE = '(?: the)?(?: ac| dc)? ?(?:volts?|voltage)(?: ac| dc)?(?: scale| setting| mode)?'
const OHMS = '(?: the)? ?(?:ohms?|continuity|resistance|ohm scale|beep(?:er)?)(?: scale| setting| mode)?'
const FINE = '(?:good|fine|normal|ok(?:ay)?|perfect|great|right|correct|dead on|on the money|where (?:it|you|we) [^,;]*'
  + '|what (?:it|you|we|i) [^,;]*|about (?:right|normal|what)[^,;]*|right (?:on|where|in)[^,;]*)'

export const TURNS_OF_SHOWING: readonly Joined[] = [
  ['', `${SET}${MODE}(?:,? and| and then)?(?= |,)`],
  ['ohms', `${SET}${OHMS}(?:,? and| and then)?(?= |,)`],
  ['', `(?:(?:now|so|alright|okay|ok),? )*(?:what )?${GOING_TO}(?: do)?(?: is)?${AND}(?= \\w)`,
    '(?:i |we )?(?:went|go|gone) ahead and'],
  [
    '', '(?:as |so )?you(?: guys)? can see(?: here| right here| that)*',
    '(?:and )?(?:take a )?look at (?:that|this)(?= ?$|,)', 'sure enough', 'lo and behold', 'check (?:that'
    + '|this) out', 'there (?:you go|we go|it is)(?= ?$|,)',
    'right here', 'real quick',
  ],
  ['headoffgasket', '(?:took|pulled|popped|got) the (?:cylinder )?heads?(?: off)?,? (?:and )?(?:the )?(?:head'
  + ' )?gasket(?:\'s| is| was)?'
  + ' (?:all )?(?:blown|burn(?:ed|t)|gone|torn)(?: (?:out|through|up))?(?: between the (?:cylinders|bores))?'],
  [', trips after a few seconds', '(?:and |then )?(?:sat|stayed|hung|held) there (?:till|until) (?:the'
  + ' )?(?:breaker|overload|it)'
  + '(?: finally)? (?:popped|tripped|kicked|let go|threw|dropped out)'],
  ['amps $1,', '(?:it|she|meter|clamp) (?:went|jumped|shot|spiked|climbed)(?: right| straight| clear)?(?: up)?'
  + ' to (\\d+(?:\\.\\d+)?)'
  + ' ?amps?(?: and (?:sat|stayed|hung) there)?'],
  ['proven dead', '(?:killed|shut|cut) (?:it|the power|power|the breaker)(?: off)?,? (?:and |then )?(?:made'
  + ' sure|checked|proved'
  + '|verified|tested)(?: that)?(?: (?:it|it\'?s|it was|for))? dead'],
  ['power off', '(?:i )?(?:killed|cut) it(?=,| and |$)'],
  ['airvalve', '(?:push|press|poke|depress|stick something)(?:ed|ing)?(?: in| down)?(?: on)? (?:this|the'
  + '|that) (?:little |small )?'
  + '(?:valve|pin|stem|core)(?: (?:stem|core))?(?: up)?(?: (?:on|at|in)(?: the)? top)?(?: of (?:the|this) tank)?'
  + '(?:,? (?:just )?like (?:on |you would on )?(?:your|a|the) (?:car|truck|bike)?(?: tire| tyre)?)?'],
  [
    'drips at the shaft seal', '(?:water |it\'?s )?(?:dripping|leaking|coming|running|weeping|spraying)(?:'
    + ' out)?(?: of| from)?'
    + '(?: right| just)* (?:between|where) the (?:motor|pump)(?: meets| and| joins)(?: to)?(?: the)? (?:motor|pump)',
    '(?:coming|leaking|dripping|running|weeping) out (?:from )?(?:around|round|along) the shaft',
  ],
  ['coil ol', '(?:wires?|leads?) off (?:of )?the coil,?[^;]* (?:she\'?s|it\'?s|it is|reads?|shows?|and)(?:'
  + ' wide)? (?:open|ol)'],
  ['ison', '(?<!\\d(?: volts?)?(?: on| across| at)? ?)(?:(?:i\'ve |i |we )?(?:got|have) )?(?:power(?: on all'
  + ' three(?: legs| phases)?)?|all three(?:'
  + ' legs| phases| lines| hots)?)'
  + '(?= (?:on|at|into) (?:the )?(?:top|line side|line|supply side|input side)(?: side)?(?: of|$))'],
  ['inlettap', '(?:the )?(?:hose ?(?:bib|tap)|bib|tap|spigot|faucet|sill ?cock|drain(?: ?cock)?) (?:that\'s '
  + '|right |just )?'
  + '(?:ahead of|before|upstream (?:of|from)|in front of) the (?:booster(?: pump)?|pump)'],
  ['controlfuse blown', 'control ?fuse (?:has |shows |with )?(?:24|1[012]\\d)(?: volts)? (?:on|at) (?:the'
  + ' )?top(?: of it)?,?'
  + ' (?:and |but )?(?:nothing|zero|0) (?:on|at|out)(?: of)? the (?:bottom|other side)'],
  ['inlet gauge', '(?:the )?gauge (?:ahead of|before|upstream of|on the inlet of) the pump(?! discharge)'],
  ['', ',? ?(?:and |then )?(?:i )?(?:took|pulled|got) (?:the |both |all )?(?:two |three )?(?:pump |motor'
  + ' )?(?:wires|leads)'
  + ' (?:loose|off)(?: (?:at|of|from) the (?:switch|well ?head|box|motor|starter|breaker))?$'],
  ['', '(?:i )?(?:took|pulled|got) (?:the |both |all )*(?:pump |motor )?(?:wires|leads) (?:loose|off)(?:'
  + ' (?:at|of|from) the'
  + ' (?:switch|well ?head|box|motor|starter|breaker))?(?= and (?:megg|ohmed|measured|metered|checked))'],
  ['ison on both legs', '(?:i have |i\'ve got |there\'s |got )?(?:good |full )?(?:voltage|power|juice)(?:'
  + ' on)? both legs'],
  ['footvalve not hold', 'water level in the (?:drop |suction )?pipe (?:falls|drops|goes down)[^,;]*'],
  ['footvalve holds', 'water level in the (?:drop |suction )?pipe (?:holds|stays)[^,;]*'],
  ['', 'neighbou?r(?:\'s)? (?:says |said )?(?:his|her|their) well[^,;]*'],
  ['$1', '(all three(?: legs| phases)?) (?:are |is )?good(?= on|,)'],
  // what it makes of it is no reading
  [
    '', `,? (?:and |so )+(?:that'?s|that is|those are|they'?re) (?:all )?(?:really |pretty )?${FINE}(?= ?$|,|;)`,
    `, (?:that'?s|that is|those are|they'?re) (?:all )?(?:really |pretty )?${FINE}(?= ?$|,|;)`,
  ],
  ['', ',? ?(?:and|but) (?:it|they) (?:should be|ought to be)(?: about| around| close to)?'
  + ' \\d+(?:\\.\\d+)?(?: and a half)?(?: ?amps?)?'],
  ['', '(?<=\\w[^;]*),? ?(?:so |and )*(?:that|this|which) (?:tells? (?:me|you|us)|means|lets me know)(?:'
  + ' that)? [^;]*$'],
]
