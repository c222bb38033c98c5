/** Places and things by other names, and what was done there in passing: no reading is made of them. */
import type { Joined } from './turnOf'

const FIGURE = '\\d+(?:\\.\\d+)?'
const BEFORE = '(?=,| and | but |;|$)'
/** A figure that is no number of a lead. */
const LARGE = '\\d{2,}(?:\\.\\d+)?|\\d\\.\\d+'
const [PSI, SHUT] = ['(?: ?(?:psi|pounds?|lbs?))', '(?:closed|shut(?: off)?|off)']
const PAIR = '(?:red|black|yellow) to (?:red|black|yellow)'
const TAPS = '(?:all (?:of )?(?:the )?|every |the )?(?:taps?|faucets?|spigots?|everything|outlets?)'

export const TURNS_OF_PLACES: readonly Joined[] = [
  // nothing to ground beside what was read between them
  ['to ground ol', '(?:and |but )?(?<=\\d,? (?:and |but )?)(?:all |both |they[\'’]?re |everything'
  + ' )*(?:is |are )?'
  + '(?:clear|clean|infinite|good) to ?(?:ground|earth|the frame|the case|frame)(?= ?$|,)'],
  [', to ground ol', '(?:and |but )(?:all |both |they[\'’]?re |everything )*(?:is |are )?(?:clear|clean|infinite) to'
  + ' ?(?:ground|earth|the frame|the case|frame)(?= ?$|,)'],
  ['it is silent', 'nothing (?:happens|happening) when (?:it|the pump|she) (?:should|ought to|is supposed'
  + ' to)(?: be)?'
  + '(?: \\w+)?'],
  ['noth outofit', '(?:dead|nothing|zero|no (?:volts|voltage|power|juice)) (?:on |at )(?:the )?(?:other'
  + '|far) side'
  + '(?: of (?:it|the switch|the float))?(?= ?$|,)'],
  ['$1 microfarads', `(?<=cap(?:acitor)?\\b.*)(${FIGURE})(?: ?(?:mikes?|uf|mfd|µf))? on an? ${FIGURE}(?:-\\d+)?(?=`
  + ` ?$|,)`],
  ['overload trips', 'overload (?:drops|drops out|lets go|pops|opens)(?= ?$|,| after)'],
  ['breaker trips after $1 seconds', '(?:kicks|trips|pops|blows|throws) (?:the |its )?breaker (?:about |after |in '
  + '|within )*'
  + '(\\w+) seconds?(?: (?:after|when) (?:it|the pump|she) (?:calls|starts|kicks in|comes on))?'],
  ['housevalve shut still falls, loses $1 psi in 10 minutes', '(?:down|lost|loses|drops|dropped) (\\d+)(?: pounds|'
  + ' psi)? in'
  + ' (?:ten|10) minutes,? (?:with )?(?:the )?house (?:valve )?(?:closed|shut(?: off)?|off)'],
  ['loses $1 psi in 10 minutes', '(?<!is |are )down (\\d+)(?: pounds| psi)? in (?:ten|10) minutes'],
  ['$1', '(?:it[\'’]?s |it is |they[\'’]?re )?the same,? (?:as before,? )?(\\d+)'],
  ['bothlegs $1', '(?:both(?: of the)? ?legs?|both)(?: are| is|[\'’]re)? (?:hot|live|there|good),? (?:at'
  + ' )?(\\d+) and (?:\\1)'],
  ['$3 n1 toground $1, n2 toground $2', 'n1 toground (\\d+)(?: volts?)?,? (?:and |but )?n2 toground (\\d+)(?:'
  + ' volts?)?,?'
  + ' (?:on|at) the (line|load)(?: side)?'],
  ['', '(?:storage |holding )?tank (?:went|ran) (?:dry|empty) (?:yesterday|last \\w+|overnight|this morning'
  + '|earlier)[^,]*'],
  ['relay clicks', 'relay (?:clicks|clacks|picks up|works)(?: like it should| fine| every time| normal(?:ly)?)'],
  // what it swings over is one reading
  ['$1 $2-$3', `(bounc\\w+|swing\\w*|swung|hunt\\w*|varies|varying|wander\\w*|fluctuat\\w+)(?: around)?(?: anywhere)?`
  + `(?: from| between)? (${LARGE}) (?:to|and) (${LARGE})`, `(jump\\w*|hopp\\w+)(?: around)? between (${LARGE})`
  + ` and (${LARGE})`],
  ['$1-$2', `(?:anywhere |somewhere )(?:from|between) (${LARGE}) (?:to|and) (${LARGE})`,
    `between (${LARGE}) and (${LARGE})(?= ?(?:psi|pounds|volts?|v|amps?|a|ohms?)(?: |$|,))`],
  // at first is no delivery to go by
  ['', `(?:starts?|started|begins?|comes?|came) (?:off|out|on) (?:good|strong|fine|ok|great)(?:,? (?:at`
  + ` )?\\d+(?:\\.\\d+)?`
  + ' ?(?:gpm|gallons (?:a|per) minute|psi|pounds))?'],
  ['tapped', '(?:smacked|whacked|rapped(?: on)?|banged(?: on)?|thumped(?: on)?|bumped|beat on)(?= (?:it|the) )'],
  ['bridged switch pullin', `(?:jumped|jumpered|bridged|bypassed) it(?: out)?[^,]*,? (?:and )?(?:the )?(?:starter`
  + `|contactor`
  + '|coil) (?:pull(?:s|ed)|comes?|came|kick(?:s|ed)|snap(?:s|ped))(?: right| straight)? (?:in|on)'],
  ['panel idle $1 volts', '^ ?(?:and |but )?(?:got |had |read )?(\\d{2,3})(?: ?v(?:olts?)?)? (?:at|in) the'
  + ' (?:panel|breaker'
  + '|breaker box),? (?:with (?:it|the pump|the motor|everything|the compressor) (?:off|not running)|with nothing'
  + ' (?:on'
  + '|running)|when (?:it|the pump)(?:[\'’]s| is) (?:off|not running)|no load|at rest|idle|before it starts) ?$'],
  ['line idle $1 volts', '^ ?(?:and |but )?(\\d{2,3})(?: ?v(?:olts?)?)? (?:no load|with no load(?: on it)?'
  + '|unloaded|with'
  + ' nothing on(?: it)?) ?$'],
  ['line idle $1 volts', '^ ?(?:and |but )?(\\d{2,3})(?: ?v(?:olts?)?)? (?:with (?:it|the pump|the motor) (?:off'
  + '|not running)|when'
  + ' (?:it|the pump)(?:[\'’]s| is) (?:off|not running)) ?$'],
  ['$1 n1 toground $2, n2 toground 0', '((?:top|bottom) of the breaker|(?:line|load) side|breaker)(?: is| has|'
  + ' reads|[\'’]s)? (\\d{2,3})(?: volts?)?'
  + ' on one (?:side|leg|pole),? (?:and |but )?(?:nothing|zero|zip|0|dead|nada)(?: volts?)? on the other(?: side|'
  + ' leg| pole)?'],
  ['into the breaker n1 toground $1, n2 toground $2', '(\\d{2,3}) and (\\d{2,3}) to ?ground (?:on|at) (?:the )?top'
  + ' of the breaker'],
  ['control supply $1 volts, behind the overload contact 0 volts', '(\\d{2,3})(?: volts?)? (?:going )?(?:into'
  + '|ahead of) the overload'
  + '(?: contact| aux| relay)?,? (?:and |but )?(?:nothing|zero|0)(?: volts?)? (?:behind|out of|past|after|coming'
  + ' out of) it'],
  ['unloader hisson', 'hiss(?:es|ing) (?:at|out of|from|through) the unloader (?:for )?(?:as long as|the whole'
  + ' time|all the time)'
  + ' (?:it|it[\'’]?s) (?:sits|off|sitting|is off)'],
  ['$1 $1 $1 amps', `(${FIGURE}) ?a(?:mps)? (?:on|in) (?:every|each|all three) (?:leg|phase|line|one)s?`],
  ['looking down open', 'looking down,? (?:it[\'’]?s |they[\'’]?re |it reads |reads )?(?:wide )?open(?: lead to'
  + ' lead)?(?= ?$|,)'],
  ['breaker trips after $1 seconds', 'breaker (?:holds|stays in) (?:for )?(?:about )?(\\w+) seconds? (?:and |then'
  + ' )+(?:it )?(?:pops'
  + '|trips|goes|lets go|kicks)'],
  ['into the demand switch $1 volts', '(?<![\\d.])(\\d+(?:\\.\\d+)?)(?: ?v(?:olts?)?)? (?:right )?at the demand'
  + ' switch(?= ?$|,)'],
  ['motor will not turn by hand', '(?:won[\'’]?t|can[\'’]?t|doesn[\'’]?t|can not|will not) (?:turn|budge|spin'
  + '|move)(?: it)? (?:even )?with'
  + ' (?:(?:locking |slip-joint )?pliers|an? (?:big )?wrench|a bar)(?: on (?:it|the shaft))?'],
  ['splice corroded', '(?:opened|cut open|looked at|pulled) the splice[^,]*?(?:and )?(?:it(?:[\'’]?s| is| was)'
  + '|they were|was) (?:all )?'
  + '(?:green|crusty|corroded|rotten|black|rotted)[^,]*'],
  ['lever tripped, it runs', '(?:held|lifted|pushed|flipped|raised) the (?:little )?lever(?: up)?(?: half ?way)?(?:'
  + ' up)?,? and (?:it|she|the'
  + ' pump) (?:took off|started|ran|kicked (?:on|in)|came on)'
  + '(?: right| straight)*(?: off| up| away| on)?(?: fine)?'],
  ['', 'switch has (?:the|a|one of those) (?:little )?levers?(?: on (?:the|its) side)?'],
  ['secondgauge differs', '(?:put|screwed|hung|threaded|stuck) (?:my own|a test|a good|another|a second|my) gauge'
  + ' (?:on|onto)'
  + ' (?:the |it)[^,]*?(?:and it|, it|it) (?:goes|swings|moves)[^,]*'],
  ['run cap $1 microfarads', `(?<=run ?cap(?:acitor)?[^.;]*)(?:and )?it (?:measured|measures|reads?|tested|tests)`
  + ` (${FIGURE})(?: ?(?:microfarads?|mikes?|uf`
  + `|mfd|µf))?(?: on an? ${FIGURE})?(?= ?$|,)`],
  ['', '(?:bulge|swelling|lump) (?:on|in) the run ?cap(?:acitor)?'],
  // the two screws of one side
  ['on the load', '(?:across|between|on|at)(?: the)?(?: two| both)? (?:motor|pump|load)(?: side)? (?:screws'
  + '|terminals|lugs)'
  + '(?: (?:at|on|of) the (?:pressure )?switch)'],
  ['on the line', '(?:across|between|on|at)(?: the)?(?: two| both)? (?:line|supply|feed|hot)(?: side)? (?:screws'
  + '|terminals'
  + '|lugs)(?: (?:at|on|of) the (?:pressure )?switch)'],
  ['battery run $1', `battery(?: voltage| volts)? (?:sags|drops|falls|dives|pulls down|goes down|dips) (?:down`
  + ` )?to (${FIGURE})`],
  ['line $1 volts', '(1[0-3]\\d|2[0-5]\\d)(?: volts?)? (?:at|on) (?:the )?(?:end of (?:the|its) )?(?:power'
  + ' )?cord(?= ?$|,)'],
  // where it starts and stops
  ['cut in $1, cut out $2', `(?:(?:comes?|kicks?|cuts?|turns?|goes|starts?|pump|it's) )?(?:back )?on at`
  + ` (\\d+)${PSI}?,?`
  + ` (?:and |then )?(?:(?:goes|shuts?|kicks?|cuts?|turns?) )?(?:back )?off at (\\d+)`],
  ['keeps running, gauge reads $1', `(?:keeps?|still) (?:on )?(?:running|going) at (\\d+)${PSI}`,
    `runs on at (\\d+)${PSI}`],
  ['it keeps running', `(?:with )?${TAPS}(?: are| is)? ${SHUT},? (?:and |but )?(?:it |the pump |she )?(?:just `
  + `|still )?`
  + '(?:keeps (?:on )?(?:running|going)|runs|running|(?:won[\'’]?t|will not) (?:stop|quit|shut off))'],
  ['it keeps running', '(?<=pump |it |she )(?:never|won[\'’]?t|doesn[\'’]?t) (?:quits?|stops?|shuts? (?:off'
  + '|down))(?= ?$|,)'],
  ['$1 ohms open', '(motor|winding|coil|pump)(?:[\'’]?s)? (?:reads?|ohms|checks|tests|meters)(?: out)? (?:wide'
  + ' )?open'],
  ['looking down open', `${PAIR}(?: is| are| reads)? (?:wide )?(?:open|ol) (?:looking )?down (?:the (?:hole|well)`
  + `|it)`],
  ['looking down open', 'looking down (?:the (?:hole|well)|it),? (?:' + PAIR
  + '|it|they)(?:[\'’]?s| is| are| reads)? (?:wide )?(?:open|ol)'],
  ['contacts burnt', '(?:contacts?|points)(?: are| is)?[^,.]*?(?:look(?:s|ing)? like|are|is|black as|nothing but'
  + '|pure)'
  + ' (?:a piece of |a lump of )?(?:charcoal|coal|cinders?|soot)', '(?<=contacts [^,]*)they (?:just )?look like'
  + ' (?:a piece of )?(?:charcoal|coal|cinders?)'],
  ['links wrong', '(?:changeover|voltage|dual voltage)(?: selector| change)? (?:plug|link|strap|switch|dial)(?: is'
  + '|[\'’]s)?'
  + ' (?:on|set (?:to|for|at)|in(?: the)?|turned to) (?:the )?2[34]0(?: volts?| v| position| side)?(?= ?$|,)'],
  // the main in the street
  ['inlet', '(?:incoming|street|city|town|supply) (?:water )?pressure(?:[\'’]?s)?', 'pressure coming in(?: from'
  + ' the (?:street|city|main|meter))?'],
  ['inlet $1', `(?<=inlet (?:is |at )?\\d+[^,]{0,24})(?:and |but )?(?:drops|falls|goes|dives|down) (?:down )?to`
  + ` (${FIGURE})`],
  // lines by letter
  ['n1 n2', '(?<=on |across |between )a (?:and |to )?b(?= ?$|,)'],
  ['n2 n3', '(?<=on |across |between )b (?:and |to )?c(?= ?$|,)'],
  ['n3 n1', '(?<=on |across |between )a (?:and |to )?c(?= ?$|,)'],
  ['disconnect', '(?<=(?:out of|at|on) )the bottom of the disconnect', 'bottom of the disconnect'],
  ['line $1 volts', '^ ?(?:i[\'’]ve got |got |have )?(\\d{2,3})(?: volts?)? (?:on|across|between) l1 ?(?:and |to '
  + '|-|\\/)? ?l2(?= ?$)'],
  [
    '$3 n1 toground $1, n2 toground $2',
    `(?:(?:leg|line|side) ?(?:one|1|a)|l1) to (?:neutral|ground)(?: is| reads)? (${FIGURE})(?: ?v(?:olts?)?)?,?`
    + ` (?:and`
    + ` )?(?:(?:leg|line|side)? ?(?:two|2|b)|l2)(?: to (?:neutral|ground))?(?: is| reads)? (${FIGURE})(?:`
    + ` ?v(?:olts?)?)?(?: (?:at|in|on) the (panel|breaker|box|switch))?`,
  ],
  ['supply $1 volts', '(1[0-3]\\d|2[0-5]\\d) at the (?:wall )?(?:outlet|receptacle|plug|socket)(?= ?$)'],
  ['$1 volts into the transformer', '(\\d{3})(?: volts?)? (?:on|at|across|into) the primary(?: side)?(?: of the'
  + ' (?:control )?transformer)?'],
  ['battery run $1 volts', `(${FIGURE})(?: volts?)? (?:between|across|at) the (?:cable |battery )?(?:clamps|lugs`
  + `|cable ends)(?: with the pump on)?`],
  ['pole1 drop $1, pole2 drop $2, pole3 drop $3', `(?:voltage|volts|drop) across (?:the |each |its )?(?:contacts?`
  + `|points|poles?)[:,]? (${FIGURE})[, /]+(${FIGURE})[, /]+(${FIGURE})`],
  ['battery posts corroded', '(?:green|white|blue) (?:fuzz|fur|crust|crud|stuff|powder) (?:all over |on |around '
  + '|round'
  + ' )(?:the )?(?:positive|negative|posts?|terminals?|clamps?)(?: post| terminal| clamp)?'],
  ['', '(?:next door|neighbou?rs?)(?: have| has| are| is| got)? (?:the same|it too)(?: thing| problem)?(?= ?$)'],
  [
    'pressure stalls', 'shut the house ?valve,? (?:and )?(?:the )?gauge (?:does ?n[\'’]?t|did ?n[\'’]?t|won[\'’]?t) '
    + '(?:move|budge|come up|climb)',
  ],
  ['runs, noclick', 'starts,? but (?:it )?never clicks(?: over)?,? (?:just )?(?:growls|groans|labou?rs|hums)'],
  // done in passing
  ['throw breaker', '(?:threw|dropped|hit) (?:the |that )?breaker(?: off)?'],
  ['drained', '(?:emptied|dumped) (?:it|the tank|her)(?: out| down)?'],
  ['precharge reads $1', `(?:tire|tyre) gauge (?:says|reads|shows|gives|said) (${FIGURE})(?: psi| pounds)?(?: on`
  + ` (?:it|the \\w+))?`],
  ['', '^ ?(?:the |a )?(?:tap|faucet|hose|spigot)(?:[\'’]?s| is)? (?:wide )?open ?$'],
  ['bridged switch', '(?:put (?:a )?|ran (?:a )?|a )?(?:lead|wire|jumper|screwdriver)(?: straight| right| clean)?'
  + ' across the (?:pressure |demand )?switch(?: terminals)?'],
  ['bridged switch', '(?:jumped|jumpered|bridged|tied together) (?:the |both )?(?:two )?(?:switch )?(?:wires'
  + '|terminals|leads)(?: together)?(?: on| at| of)?(?: the)?(?: (?:pressure |demand )?switch)?(?= ?$|,| and)'],
  ['housevalve shut still falls, $1', `(?:house|main|house valve)(?: valve)? (?:is |was )?shut(?: off)?,? (?:and`
  + ` )?(?:it |pressure )?(?:still )?((?:drops|falls|loses|bleeds|dropped|lost|fell) (?:from )?${FIGURE})`],
  [
    'water out of the air valve',
    '(?:stuck|put|pushed) (?:the|a) (?:tire |tyre )?gauge on (?:it|the (?:valve|stem))[^,]*?(?:and |, )(?:got'
    + ' )?water '
    + '(?:spit|came|shot|squirted|sprayed|ran)(?: right)? out',
  ],
  // a part by what it does
  ['$1 microfarads', `(${FIGURE}) ?(?:microfarads?|mikes?|uf|mfd|µf) on an? ${FIGURE}(?: ?(?:microfarads?|mikes?`
  + `|uf|mfd|µf))?(?= ?$|,)`],
  ['cap tests bad', `cap(?:acitor)?(?:['’]?s| is) (?:dead|toast|junk|gone)${BEFORE}`],
  ['startswitch welded', 'start ?switch (?:is |was )?(?:stuck|welded|hung|jammed) (?:closed'
  + '|shut)', 'centrifugal(?: switch)? (?:is |was )?(?:stuck|welded) (?:closed|shut)'],
  ['switch diaphragm torn', 'water (?:is )?(?:weeping|dripping|leaking|coming|running|pouring) (?:out |out of '
  + '|from |from under |under )*(?:the )?(?:bottom of )?(?:the )?(?:pressure )?switch', '(?:pressure )?switch'
  + ' (?:is |was )?(?:dripping|leaking|weeping|pouring) (?:water)?'],
  ['freshtank empty', 'opened the filler(?: cap)?,? (?:and )?(?:it[\'’]?s |its )?(?:bone )?(?:empty|dry)[^,]*(?:,'
  + ' not a drop[^,]*)?'],
  ['to ground $1 megohms', `(?:meg\\w*ed|insulation tested) (?:it|them|the motor|the pump)?(?: from the`
  + ` \\w+)?(?: to ground)?[,:]? (${FIGURE}) ?meg\\w*`],
  ['to ground 0.5 megohms', '(?:meg\\w*ed|insulation tested) (?:it|them|the motor|the pump)?(?: from the'
  + ' \\w+)?(?: to ground)?[,:]? half a meg\\w*'],
  ['motor is down', 'looking down(?: the hole| the well)?(?: it)? (?:reads |is |shows )?(?:0(?:\\.\\d+)?|zero'
  + '|nothing)(?: ?meg\\w*)?,? (?:and )?(?:the )?(?:wire |side |cable )?(?:back )?(?:to|towards) the house (?:is '
  + '|reads |shows )?(?:\\d+(?: plus)?|ol|clear|good)(?: ?meg\\w*)?'],
  ['trips after a minute', 'holds (?:for )?(?:a|about a|one|two|a few) minutes?(?: sometimes| or so)?(?= ?$|,)'],
  ['pump full of ice', '(?:pump |the )?(?:casing|head|volute|housing)(?:[\'’]?s| is| was)? (?:frozen(?: solid)?'
  + '|full of ice|froze)'],
  ['pumpvalves trash in it', '(?:grit|sand|trash|bit of \\w+|pebble|dirt) (?:under|in|holding) (?:a|the|one|one of'
  + ' the) valves?'],
]
