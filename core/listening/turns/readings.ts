/**
 * Turns of speech about readings, tried before all others: where a figure was read, that it is a label's or a switch's
 * range and no reading, what was only taken off to read it. What becomes nothing is passed over.
 */
import type { Joined } from './turnOf'

const VOLTS = '(\\d{1,3})(?: ?v(?:olts?)?)?'
const NOUGHT = '(nothing|zero|none|dead|0|\\d{1,3})'
const OTHER = '(?:(?:on |from |at )?(?:the )?(?:other|right)(?: one| side| leg| hot| screw)?)'
const AT = '(?: (?:at|on) the ([a-z]+))?'
const NONE_HERE = '(?:0|zero|nothing|no)(?: ?v(?:olts?)?)? (?:at|on|across|in|into) (?:the )?(?:[a-z]+ ?){1,3}'
  + '(?= ?$| ?,)'
const RANGE = '\\d{2,3} ?(?:-|\\/|to) ?\\d{2,3}'

export const TURNS_OF_READINGS: readonly Joined[] = [
  [
    'pressure falls from $1 to $2 in $3 minutes',
    '(?<![\\d.])(\\d{2,3})(?: psi)? (?:down )?to (\\d{1,3})(?: psi)? (?:in|over) (\\d+) ?(?:min\\w*|m)',
  ],
  ['', '^ ?drained(?= ?,)'],
  // what a gauge or a meter shows, named by what it is on
  ['inlet 0 psi running', '(?:pump (?:is )?on,? (?:and )?)?(?:the )?inlet(?: gauge| side)? (?:goes|drops|falls'
  + '|dives|pulls) (?:down )?to (?:zero|nothing|0)'],
  ['gauge $1', '(?:gauge|needle)(?: is|\'s)? (?:pegged|stuck|sitting|parked|pinned)(?: up| right)* at (\\d{2,3})'],
  ['gauge 0', '(?:gauge|needle)(?: is|\'s)?(?: not|n[\'’]?t)(?: even)? (?:moving|coming|budging) (?:off|from)(?:'
  + ' of)? (?:zero|0|the peg)'],
  ['to ground $1 megohms', '(?:megg\\w*|megs|insulation tester)(?: says| reads| shows| is| at|ed)*'
  + ' (\\d+(?:\\.\\d+)?)(?: ?megs?| ?megohms?)?(?: (?:on|across) all (?:three|of them))?(?: to (?:ground|earth|the'
  + ' case|the frame))?'],
  ['$1', '(?:basically|practically|pretty much|next to|essentially|virtually) nothing,? (?:like |maybe |about'
  + ' )?((?:half a|a half|\\d+(?:\\.\\d+)?|a) ?(?:v|volts?))'],
  ['0.5 volts', '(?:half a|a half)(?: of a)? volt'],
  ['load', '(?:motor|pump) side(?= (?:i[\'’]?m |we[\'’]?re |it[\'’]?s )?(?:getting|reading|got|i get|nothing|zero'
  + '|\\d))'],
  ['motor volts $1', '(?:i[\'’]?m )?(?:reading|getting|got|have|see(?:ing)?)? ?(\\d{2,3})(?: volts?)? (?:where the'
  + ' (?:wires|leads) go in|at the motor end|on the motor terminals)'],
  ['motor $1 volts', '(?:red|positive|hot) to (?:black|negative) (?:right )?(?:at|on) the (?:pump|motor)(?: is| was'
  + '| reads)?(?: only| just)? (\\d+(?:\\.\\d+)?)(?: volts?)?'],
  ['red running $1 amps', '(\\d+(?:\\.\\d+)?) ?(?:amps?|a) on (?:the )?red(?: wire| lead)?,? (?:and |but )?(?:it'
  + ' )?(?:never (?:goes away|drops|falls|lets go|leaves)|stays(?: there)?|does ?n[\'’]?t (?:go away|drop|fall|drop'
  + ' out)|keeps? (?:flowing|pulling))(?: (?:after|once)[^,]*)?'],
  ['pilot in $1, pilot out $2', '(?:control )?(?:volts?|power|voltage) (?:before|ahead of|into|in front of) the'
  + ' (?:pressure )?switch(?: is| are| reads?)? (\\d{2,3}),? (?:and )?(?:after|behind|past|out of) (?:it|the'
  + ' switch)(?: is| are| reads?)? (\\d{2,3}|nothing|zero)'],
  ['neighbours low too', 'neighbou?rs?(?:\'s|s\')?(?: is| are| has| have)? (?:the )?same(?: thing| way)?'],
  ['on a long thin cord', '\\d+ ?(?:ft|foot|feet)(?: of)?(?: \\d+ gauge| light| orange)? (?:extension )?cord[^,]*'],
  [
    'motor $1',
    '(?:cut|opened|undid|broke)(?: open| apart)? the splice(?: at the [a-z]+)?,? (?:and )?(?:the )?motor '
    + '(by itself|alone)',
  ],
  ['motor side good', 'motor (?:by itself |alone )?megs? (?:over |at )?(?:\\d{2,}|good|clear|infinite)',
    'motor (?:by itself|alone)(?: is| reads?| shows?| gives)?(?: over)? \\d{2,} ?meg\\w*'],
  [
    'motor side to ground',
    'motor (?:is |reads )?(?:0|zero|dead),? (?:and |but )?(?:the )?cable (?:is |reads )?(?:over )?(?:\\d{2,}'
    + ' ?meg\\w*|good|clear)',
  ],
  [
    'motor side good',
    'cable (?:is |reads )?(?:0|zero|dead),? (?:and |but )?(?:the )?motor (?:is |reads )?(?:over )?(?:\\d{2,}'
    + ' ?meg\\w*|good|clear)',
  ],
  // a switch by its range, a part by its label
  ['', `(?:an? |the )?${RANGE}(?: psi| pounds)?(?= (?:pressure )?switch)`],
  [
    '',
    '(?<=\\d[^\\d]{0,12},? ?)(?:(?:the )?(?:can|label|cap|side|case|sticker|print|printing) )?'
    + `(?:says|said|marked|stamped|printed|rated|labell?ed)(?: at| for| on it)?(?: is)? ${RANGE}`
    + '(?: ?(?:uf|mfd|mike|mikes|microfarads?))?(?: on (?:it|the (?:can|side|label)))?',
  ],
  // and the figure that stands on it ahead of the one that was read
  [
    '$1',
    '(?:says|marked|stamped|printed|rated|labell?ed)(?: at| for)? \\d+(?: ?(?:uf|mfd|mikes?|microfarads?))?,? '
    + '(?:and |but )?(?:it )?(reads?|measures?|tests?|comes in|is only|shows)',
  ],
  // switched off, nothing there is no news: no reading of a call for power
  [
    'made dead',
    '(?:shut|turned|switched|flipped|threw)(?: (?:it|(?:the )?(?:power|breaker|disconnect|pump|system)))? '
    + `(?:off|down),? (?:and |then )?(?:now )?${NONE_HERE}`,
    `(?:killed|cut|pulled) (?:it|(?:the )?(?:power|breaker|disconnect)),? (?:and |then )?(?:now )?${NONE_HERE}`,
  ],
  ['', '(?:the )?(?:name)?plate says (?:cut ?)?(?:off|out|on|in) at \\d+(?: psi| pounds)?'],
  // each leg to ground
  [
    'at the $3 n1 toground $1, n2 toground $2',
    `${VOLTS} (?:to ground|to the ground) (?:on|from|at) (?:one|the one|the left|one of them)(?: hot| leg| side|`
    + ` screw)?,? `
    + `(?:and |but )?${NOUGHT} ${OTHER}${AT}`,
    `${VOLTS} (?:on|from|at) (?:one|the one|the left)(?: hot| leg| side| screw)? to ground,? `
    + `(?:and |but )?${NOUGHT} ${OTHER}${AT}`,
  ],
  [
    'at the $2 n1 toground $1, n2 toground $3',
    `${VOLTS} from the left (load|line) (?:screw|terminal|lug) to ground,? (?:and |but )?${NOUGHT} ${OTHER}`,
  ],
  // across what was named just before
  ['', '(?:right )?across (?:its|the) (?:two |both )?(?:screws|terminals|lugs|posts)(?= ?$| ?,)'],
  ['across', '(?:right|straight) across(?= (?:the|it|its|a))'],
  // on the way through
  ['$1 outofit', '(?<=(?:into|in) (?:the [a-z]+ )*(?:switch|float|relay|starter|fuse) (?:and|but) )'
  + '(\\d{1,3}|nothing|zero)(?: volts?)? (?:coming |going )?out(?= ?$| ?,| and)'],
  ['noth outofit', '(?<=\\d[^,]*, (?:and |but )?)nothing (?:after|past|behind|beyond) it(?= ?$|,)'],
  // taken off to be read, or made safe
  ['', '(?:took|pulled|lifted|popped|slid) (?:a|one|the|one of the) (?:coil )?(?:wire|lead)s? off(?= ?,| and)'],
  ['', '(?:let|ran|drained|dumped) (?:all )?(?:of )?(?:the|its) water out(?: of (?:it|the tank))?(?= ?$|,| and)'],
  ['', '(?:shut|turned|switched) (?:the )?(?:pump|it) off(?=,| and (?:the )?(?:gauge|needle|pressure))'],
  ['', '(?:and )?(?:now )?(?:pulled|took|got|popped) the (?:cover|lid|cap)(?: off)?'
  + '(?: (?:the|of the|off the|off of the) (?:pressure switch|switch|box|starter))?(?= ?$|,| and)'],
  // continuity by ear
  [
    'switch contacts welded',
    '(?:wires?|leads?) off[^,]*,? (?:the )?switch still (?:beeps|rings|has continuity|shows continuity|reads closed)'
    + '(?: right| straight)?(?: through| out)?',
  ],
  ['has continuity', '(?:still )?(?:beeps|rings)(?: right| straight)? (?:through|out)', 'i get a beep', 'meter beeps'],
  ['no continuity', '(?:no|without a|not a) beep', '(?:does|did|wo)n[\'’]?t beep'],
  // gauges
  [
    'precharge reads',
    '(?:put|stuck|pushed|screwed|held) (?:the|a|my) (?:tire )?gauge on (?:it|the (?:valve|stem|schr\\w+er|tank))'
    + '(?: stem| valve| core)?,? ?(?:and )?(?:it |i )?(?:got|reads?|has|shows|says)?',
    '(?:stuck|put|screwed|held) (?:a|the|my) (?:tire )?gauge on,? (?:and )?(?:it |i )?(?:got|reads?|has|shows|says)',
  ],
  [
    'airvalve $1',
    '(?:pressed|pushed|poked|hit|depressed) (?:in )?(?:on )?(?:the )?(?:schr\\w+er|air ?valve|tire valve|valve)'
    + '(?: core| stem| pin)?,? (?:and )?(?:got )?(water|nothing|air)'
    + '(?: (?:came|comes|squirts|squirted|sprays|shoots|spits|hisses|hissed))?(?: right)?(?: back)?(?: out)?(?: of'
    + ' it)?',
  ],
  [
    'stalls at $1 psi',
    '(?:gauge |needle |pressure |it )?(?:just )?(?:sits|hangs|parks|sticks) at (\\d+)(?: psi| pounds)?,? '
    + '(?:and )?(?:just )?(?:stays|sits|hangs|stops|parks) (?:right )?there',
  ],
  ['airvalve', 'schr\\w+er(?: valve| core| stem)?', 'snifter'],
  [
    'stalls at $1 psi',
    '(?:only |can only |will only |it )?(?:gets|get|makes?|builds?|comes up|climbs?|pumps) (?:up )?to (\\d{1,3})'
    + '(?: psi| pounds)?(?:,? (?:and|then) (?:it )?(?:just )?(?:stops|stays|hangs|quits|that\'s it|no (?:more'
    + '|higher)))',
    '(?:can |will )?only (?:gets?|makes?|builds?|comes?|climbs?)(?: up)?(?: to)? (\\d{1,3})(?! ?(?:gallon|gpm|amp'
    + '|volt))'
    + '(?: psi| pounds)?',
  ],
  [
    'pressure reads $1',
    '(?<!swapped.*)(?<=and |now |then |it )(?:it )?(?:goes|runs|climbs|comes|went|ran) (?:right |straight |all the'
    + ' way )?(?:up )?to '
    + '(\\d{2,3})(?: psi| pounds)?(?:,? no (?:problem|trouble|sweat))?(?= ?$|,)',
  ],
  [
    'rapid cycles',
    '(?:needle|gauge|pressure) (?:bounces|swings|jumps|flies|whips|slams|goes) (?:back and forth )?(?:from|between) '
    + '\\d+ (?:to|and) \\d+ (?:in|every|within) (?:a |one |two |three |four |five |a couple of |a few |\\d )+seconds?',
  ],
  ['jump', '(?:jumps|jumping|bounces|dances|wanders|all over)(?: around| about| the place)(?= ?$|,)'],
  ['1.5 minutes', '(?:a|one) minute and a half'],
  ['2.5 minutes', 'two minutes and a half', 'two and a half minutes'],
  ['cycles usual', '(?:now )?(?:it )?runs (?:for )?(?:\\d[\\d.]*|a few|two|three|four|five|a couple of) minutes at'
  + ' a time'],
  // insulation of the two halves
  [
    'motor side good',
    '(?:wire|cable)(?: by itself| alone)?(?: is| reads| megs| at)* (?:still )?(?:0?\\.\\d+|zero|dead)[^,]*,? (?:and'
    + ' |but )?'
    + '(?:the )?(?:motor|pump)(?: by itself| alone)?(?: is| reads| megs| at)* (?:over |about )?'
    + '(?:\\d{2,}|infinite|(?<=(?:ground|meg|earth)[^;]*)(?:ol|open)|clear|good)(?: ?meg\\w*)?',
  ],
  [
    'motor side to ground',
    '(?:wire|cable)(?: by itself| alone)?(?: is| reads| megs| at)* (?:over |about )?(?:\\d{2,}|infinite|ol|clear|good)'
    + '(?: ?meg\\w*)?,? (?:and |but )?(?:the )?(?:motor|pump)(?: by itself| alone)?(?: is| reads| megs| at)* '
    + '(?:still )?(?:0?\\.\\d+|zero|dead)(?: ?meg\\w*)?',
  ],
  ['', '(?<=meg[^,]*)motor and (?:wire|cable)(?: together)?'],
  ['', '\\d[\\d.]*(?: ohms?)? between (?:all(?: of them| three)?|any two)(?= ?$|,)'],
  ['amps', 'amps(?= on any (?:wire|lead|leg))', 'current(?= on any (?:wire|lead|leg))'],
  ['', '(?<=amps )on any (?:wire|lead|leg)(?: at all)?'],
  // how long until it let go
  ['sound hum, trips in $1 $2',
    '(?:the )?(?:box |it |motor |pump )?(?:just )?(?:hums|buzzes|groans|growls) for (?:about )?(\\w+) (seconds?'
    + '|minutes?),? '
    + '(?:and |then )+(?:the )?(?:breaker |it )?(?:pops|trips|kicks out|goes|lets go)'],
  ['trips after', '(?:trips|pops|kicks) the (?:reset|button|overload|breaker)(?: out| off)? (?:after|in)'],
  [
    'fuse trips atonce',
    '(?:put|stuck|popped|threw) (?:in )?(?:another|a new|a fresh|a second)(?: one| fuse)?(?: in)?,? (?:and )?(?:it'
    + '|that one)? ?'
    + '(?:popped|blew|went|blows|pops|goes)(?: out)?(?: right| just)? (?:away|at once|the (?:second|instant|moment)'
    + '|when|as soon)'
    + '[^,]*',
  ],
  ['holds', '(?<=fuse )(?:lives|survives|lasts|is happy|stays good|does(?:n[\'’]?t| not) blow|is fine|stays in)'],
  // a drop of water now and then is none that is drawn
  [
    'starts byitself',
    '(?:runs|comes on|kicks on|cuts in)(?: for)? (?:a couple of|a few|two|three|a|one|\\d+) seconds? every '
    + '(?:\\w+ (?:minutes?|hours?)|half (?:an )?hour|few minutes|hour)(?: or so)?',
  ],
  [
    'outletvalve shut stilldoes',
    '(?:closed|shut|turned off) (?:the )?(?:valve (?:at|on|after) the pump(?: outlet)?|outlet valve),? (?:and )?'
    + '(?:the )?(?:house|line|plumbing|far|coach) side (?:holds|stays up|does ?n[\'’]?t drop)',
  ],
  [
    'starter not pullin',
    '(?<=coil[^,]*(?:,| and| but) ?(?:and |but )?)(?:it |the starter |she )?(?:does ?n[\'’]?t|won[\'’]?t|never) '
    + '(?:budge|move|pull in|pull|do anything)',
  ],
  ['', '(?<=(?:points|contacts)[^,]*)and (?:do ?n[\'’]?t|do not|never|wo ?n[\'’]?t) (?:touch|meet|make)'],
  [
    'bridged float runs',
    '(?:bypassed|jumped|bridged|jumpered) (?:out )?the float(?: switch)?,? (?:and |then )?(?:the )?(?:well )?(?:pump )?'
    + '(?:filled|runs|ran|came on|started|took off|pumps|kicked on)(?: the tank| right up)?',
  ],
  ['', '(?:but |and )?(?:it )?(?:rattles|sounds) like (?:it\'s |it is )?(?:full of |it has )?(?:marbles|gravel|rocks)'],
  ['', 'nothing (?:is |was )?(?:plugged|hooked) (?:in|up)(?: ?to it)?'],
  [
    '',
    '(?:pulled|took|lifted) (?:a|one|the) (?:wire|lead) off (?:of )?the [\\w ]{0,20}?switch,? and '
    + '(?:it|the pump) (?:stopped|quit|shut off|died)',
  ],
  [
    'leadtolead $1 ohms',
    '(?:those|these|the|them) two (?:wires|leads)(?: read| reads| show| ohm| measure| are)? (\\d[\\d.]*)(?: ohms?)?'
    + '(?: between(?: them)?| across(?: them)?)?(?= ?$|,)',
  ],
  // things by other names
  ['centrifugal contacts', '(?:points|contacts) (?:under|behind|in|inside) the end (?:bell|cover|cap|plate)'],
  ['pump leads', 'across the (?:two )?(?:pump|motor) wires', '(?:the )?two pump wires'],
  ['belt in two', 'belt(?:\'s| is)? (?:lying|laying|down|gone|in pieces|on the floor|in the guard)[^,]*'],
  ['bubbles at the strainer', 'bubbles (?:in|through) the (?:clear )?(?:hose|tube|line|bowl)[^,]*'],
  ['off the load wires', 'off (?:of )?the load (?:side|screws|terminals)(?= ?$|,)'],
  ['leads crossed', '(?:red and (?:the )?black|black and (?:the )?red|yellow and (?:the )?(?:red|black)|wires|leads) '
  + '(?:are |were |got )?(?:crossed|swapped|reversed|mixed up|switched)(?: at| in| on)?(?: the)?(?: box)?(?:'
  + ' terminals)?'],
  // the air in a tank
  [
    'precharge reads $1',
    '(?:the )?(?:bladder |pressure )?(?:tank |it )?(?:reads|has|shows|is at|sits at|at) (?:only )?(\\d+)(?: psi|'
    + ' pounds)? '
    + '(?:on|with|by) (?:the|a|my) tire gauge',
    'tire gauge (?:reads|says|shows|has)(?: only)? (\\d+)',
  ],
  ['', '(?:drained|let|emptied) it (?:all )?(?:the way )?down(?= ?$|,| and)'],
  // at rest and as it runs
  [
    '$1 at rest, $2 running',
    '(\\d+(?:\\.\\d+)?)(?: ?v(?:olts?)?)? (?:just )?(?:sitting|at rest|resting|idle|static)(?: there)?,? (?:but '
    + '|and |then )?'
    + '(?:it )?(?:goes|drops|falls|sags|dives|pulls|comes) (?:right |clear |all the way )?(?:down )?to '
    + '(\\d+(?:\\.\\d+)?)(?: ?v(?:olts?)?)?(?: (?:when|with|as|while|under)[^,]*)?',
  ],
  [
    '$1 running, line at rest $2 volts',
    '(?<=(?:line|supply|incoming|voltage|volts)[^,]*)(\\d{2,3})(?: ?v(?:olts?)?)? '
    + '(?:running|with (?:it|the pump|the motor) (?:running|going|on)),? (?:and |but )?(\\d{2,3})(?: ?v(?:olts?)?)? '
    + '(?:with (?:it|the pump|everything|the motor) off|off|not running|at rest|sitting|when it\'s off)',
  ],
  [
    'running',
    '(?<=amps?[^,]*)(?:and |but )?(?:it )?(?:never|does ?n[\'’]?t|wo ?n[\'’]?t|not) (?:ever )?'
    + '(?:drops?|comes? down|settles?|falls?|lets? up|backs? off)(?: off| down| back)?',
  ],
  ['running', '(?<=\\d[^,]*)and (?:it )?(?:just )?stays (?:right )?there(?= ?$|,)'],
  // both sides of a starter
  [
    'into the starter $1/$2/$3, out of the starter $1/$2/$3',
    '(?<=starter[^\\d]*)(\\d{3}),? (\\d{3}),? (?:and )?(\\d{3}),? (?:both )?in and out',
  ],
  [
    'n1 toground $1, n2 toground $2',
    '(?:one side|one leg|one|one hot)(?:\'s| is| reads| has)? (\\d{2,3})(?: ?v(?:olts?)?)? to ground,? (?:and |but'
    + ' )?(?:the )?'
    + 'other(?: one| side| leg| hot)?(?:\'s| is| reads| has)? (?:only )?(\\d{1,3}|nothing|zero|dead|none)',
  ],
  ['', '(?:on|for|of) an? (?:\\d{2,3} ?(?:-|to) ?\\d{2,3})(?: ?(?:uf|mfd|mike|mikes|microfarads?))?(?= ?$|,)'],
  ['', '(?:^|(?<=, ))[^,]*\\d(?: ?(?:volts?|amps?|ohms?|psi))?[. ,-]+(?:no,? |wait,? |sorry,? |make that |scratch'
  + ' that,? )+'],
  [
    '',
    '(?<=to ground (?:is |reads )?(?:zero|dead|0|shorted)[^,]*, )(?:and |but )?(?:the other two|the others|'
    + '(?:one|two|three|[123]) (?:and|&) (?:one|two|three|[123]))(?: are| is| read)?(?: over| above)? ?'
    + '(?:\\d+ ?meg\\w*|infinite|clear|good|fine|ol)',
  ],
  // the two sides of a splice
  [
    'motor side to ground',
    '(?:motor|pump|well) side(?: is| reads|\'s)? (?:still )?(?:zero|dead|shorted|0)(?: to ground)?,? (?:and |but'
    + ' )?(?:the )?'
    + '(?:wire|cable|house|box|feed|top) side(?: is| reads|\'s)? (?:infinity|infinite|clear|good|open|ol|fine|clean)',
  ],
  [
    'motor side good',
    '(?:wire|cable|house|box|feed|top) side(?: is| reads|\'s)? (?:still )?(?:zero|dead|shorted|0)(?: to ground)?,? '
    + '(?:and |but )?(?:the )?(?:motor|pump|well) side(?: is| reads|\'s)? '
    + '(?:infinity|infinite|clear|good|open|ol|fine|clean)',
  ],
  ['leads off', '(?:lifted|pulled|took off|disconnected|undid) all (?:three|of them|the leads|the wires)(?: leads|'
  + ' wires)?'],
  ['breaker holds', 'breaker (?:stays|stayed|sits) (?:put|in|set|up|on)'],
  ['breaker', '(?:gfi|gfci|ground[- ]fault)(?: breaker)?'],
  // links by what was fed to them
  [
    'links wrong',
    '(?:set|wired|strapped|jumpered|connected)(?: up)?(?: to| for| on|at) (?:115|120|low|110)(?: volts?)?,? (?:and '
    + '|but )?'
    + '(?:i |we |he |it\'s |it is |there\'s )?(?:ran|fed|gave|hooked|put|got|getting|has|fed with) (?:it )?(?:220'
    + '|230|240)'
    + '[^,]*',
    '(?:set|wired|strapped|jumpered|connected)(?: up)?(?: to| for| on|at) (?:230|240|high|220)(?: volts?)?,? (?:and'
    + ' |but )?'
    + '(?:i |we |he |it\'s |it is |there\'s )?(?:ran|fed|gave|hooked|put|got|getting|has|fed with) (?:it )?(?:110'
    + '|115|120)'
    + '[^,]*',
  ],
  [
    'freshtank empty',
    '(?:tank )?(?:gauge|monitor|lights?)(?: panel)? (?:says|shows|reads|said|showed) (?:it\'s )?'
    + '(?:full|half|two thirds|three quarters)[^,]*but[^,]*(?:dry|empty|nothing in it)',
  ],
  [
    'tapped the motor and it runs',
    '(?:thumped|whacked|banged|smacked|rapped|bumped|hit|kicked) (?:it|the pump|the motor)(?: with an? [\\w ]{3,20}?)? '
    + 'and (?:it|she) (?:took off|ran|runs|started|starts|went|goes|spun)',
    '(?:only )?(?:runs|goes|starts) (?:if|when) (?:i|you) (?:thump|whack|bang|smack|rap|bump|hit|kick|tap) '
    + '(?:it|the pump|the motor)[^,]*',
  ],
  [
    'runs tminutes then quits',
    '(?:runs|ran) (?:fine |good |ok |great )?(?:for a while )?(?:then|and) (?:it )?(?:quits|stops|cuts out|shuts'
    + ' off|dies) and '
    + '(?:won[\'’]?t|does ?n[\'’]?t) (?:go|run|start|come back)(?: again)? (?:till|until) it(?:\'s)? cool\\w*(?:'
    + ' off| down)?',
  ],
  ['', '(?:pump(?:\'s)? |motor(?:\'s)? |it\'s )?boxed in[^,]*'],
  ['sound hum, trips in $1 $2',
    '(?:the )?(?:box |it |motor |pump )?(?:just )?(?:hums|buzzes|groans|growls) for (?:about )?(\\w+ \\w+|\\w+) '
    + '(seconds?|minutes?),? (?:and |then )+(?:it )?(?:trips|pops|kicks) the (?:overload|breaker|button)'],
  ['wellhead', 'well ?(?:cap|seal)', 'casing top', 'top of the casing'],
  ['suction union sucks air', '(?:hiss|hissing|air|whistle) (?:by|at|around|in|near) the (?:union|suction union'
  + '|suction joint)'
  + '(?: on the suction(?: pipe| line)?)?'],
  [
    'suction union sucks air',
    '(?:put|smeared|packed|wiped|squirted) (?:some )?(?:grease|shaving cream|soap|pipe dope|putty) on (?:the |that )?'
    + '(?:union|joint|fitting|it) and (?:the )?(?:bubbles|air|hiss|noise) (?:quit|stopped|went away|quits|stops)',
  ],
  ['', 'intake filter(?:\'s| is| was| looks)? (?:clean|new|fine|good|clear)(?= ?$|,)'],
  ['$1', '(green|black|brown|burnt|loose|corroded),? and (?:hot|warm)(?: to the touch)?'],
  ['wellsplice', 'splice (?:in the \\w+ |box )?(?:at|in|by|under) the well(?: ?head| cap| seal)?'],
  [
    'at the wellhead $1 running',
    '(\\d{2,3})(?: ?v(?:olts?)?)? at the wellhead (?:running|with it running)',
  ],
  // made for, not read
  ['coil othervolts', 'coil(?: is|\'s)? (?:stamped|marked|labell?ed) (?:for )?(?:480|460|277|208|24)(?: volts?)?'],
  ['terminals', '(?<=relay contacts? )between (?:[1-6]) and (?:[1-6])'],
  ['', '(?:meter says OL |that is |which is )?when (?:they|it|she)(?: should| ought to) be (?:closed|open)'],
  ['same at the breaker line', 'same (?:thing )?(?:at|on) the (?:main )?disconnect line side'],
  ['load t1 t2 $1, t2 t3 $2, t1 t3 $3',
    't1 t2 (\\d{2,3}),? t2 t3 (\\d{2,3}),? (?:and )?t[13] t[13] (\\d{2,3})'],
  ['heater 1 ol', 'across the heaters,? (?:zero|0),? (?:and )?(?:zero|0),? (?:and )?ol on the first'],
  ['heater 2 ol', 'across the heaters,? (?:zero|0),? (?:and )?(?:zero|0),? (?:and )?ol on the second'],
  ['heater 3 ol', 'across the heaters,? (?:zero|0),? (?:and )?(?:zero|0),? (?:and )?ol on the third'],
  ['motor side good', 'motor by itself (?:is |reads |megs )?(?:over )?\\d{2,} ?meg\\w*'],
  ['cable to ground', 'cable by itself (?:is |reads |megs )?0?\\.\\d+(?: ?meg\\w*)?'],
  ['red to ground $1 meg', 'red to ground (0?\\.\\d+) ?meg\\w*,? black (?:0?\\.\\d+),? (?:and )?yellow (?:0?\\.\\d+)'],
  ['', '(?:at|from) the (?:control )?box:? ?(?=red to ground)'],
  ['opened the splice', 'spliced the cap open', '(?:opened|cut) the (?:splice|cap)(?: open)?'],
  // what a hand did that put nothing right
  ['knocked on the tank', '(?:put|rapped) (?:my|a) knuckles? (?:to|on|against) the tank'],
  ['tank full', '(?<=tank,? (?:and |, )?(?:it\'s|it is) )full top to bottom'],
  ['plugged into another outlet', '(?:moved|switched|put) it (?:to|on) (?:its own|another|a different) (?:outlet'
  + '|circuit|plug)'],
  ['', '(?:there\'s|there is|with) an? \\w+ on the same (?:outlet|circuit|breaker)(?: circuit)?'],
  ['water under the switch', '(?:drip drip|drips?|dripping|water) (?:from|out of|off) the bottom of the (?:pressure'
  + ' )?switch'],
  ['water under the switch', '(?:coming|leaking|dripping) (?:out )?(?:around|from|at) the spring plate[^,]*'],
  ['pumpvalves sand', '(?:pump(?:\'s)? )?check valves? (?:were|was|are|is) (?:full of|packed with) (?:grit|sand'
  + '|dirt|scale)'],
  [
    'buttconnector corroded',
    '(?:butt )?connector(?:\'s| is| was)? (?:all )?(?:green|corroded|burnt|melted)(?: inside)?',
  ],
  ['water spits air', '(?:spit(?:s|ting)|sputter(?:s|ing)) air at the fill(?: pipe| tube)?'],
  ['rest well back', '(?:let it|it|after) (?:rest|rested|sat) over ?night and (?:got|gave|made|there was) [^,]*'],
  ['vent air', '(?:cracked|opened) the vent (?:plug|screw)? ?and (?:got|let out) (?:a )?(?:long )?(?:hiss|lot|bunch'
  + '|rush) '
  + 'of air(?: then water)?'],
]
