/**
 * What is seen of a thing, and what is told of it in a whole sentence: how it stands, what it did when it was tried,
 * who says so. Tried right after what a hand did; common practice, no source.
 */
import type { Joined } from './turnOf'
import {
  BUT, CALLS, DOWN, END, FIGURE, ITS, NEVER, NOUGHT, READ, SAGS, SOUND, THEIRS, TO_GROUND, VOLTS, WHEN,
} from './partsOfSpeech'

export const TURNS_OF_SEEING: readonly Joined[] = [
  // what is seen of a thing
  ['motor hums', '(?:buzzing|humming|hum|buzz) (?:from|in) the (?:control )?box', '(?:control )?box(?: just)?'
  + ' (?:hums|buzzes|is humming|is buzzing)' + END],
  ['cap test bad', '(?:start )?cap(?:acitor)?(?:\'s| is| has| looks)? (?:dry|dried out|dried up|gone|shorted(?:'
  + ' out)?|no good)' + END],
  ['cap reads 0', 'no (?:reading|capacitance|microfarads)(?: at all)? (?:on|across|from) the (?:start'
  + ' )?cap(?:acitor)?'],
  ['noth outofit', `(?:no|not any) (?:voltage|volts|power|juice) (?:coming |going |getting )?out of (?:the )?(?:it`
  + `|box)` + END],
  ['box burnt', '(?:mouse|rat|mice|wasp|ant|ants)[\'s]*(?: nest)? in the (?:control )?box'],
  ['suction leaks air', 'suction (?:pipe|line|hose)(?: has|\'s got| has got|\'s)? (?:an? )?(?:pinhole|hole|crack'
  + '|split|leak)(?: in it)?'],
  ['deadheads', 'dead ?head(?:s|ing|ed)?(?: at)?'],
  ['phaserotation', 'phase rotation', 'rotation'],
  ['airvalve nothing', '(?:pressure |bladder )?tank (?:has |\'s )?(?:lost|losing) (?:its |the |all its )?air'],
  ['hole in the droppipe', '(?:drop |well )?pipe(?: has|\'s got| has got|\'s)? (?:a )?(?:hole|split|crack'
  + '|pinhole)s? (?:in'
  + ' it|in the side)?'],
  ['splice down there came apart', 'splice (?:is |was |has )?(?:pulled|come|came|fell|let go)(?: right'
  + '| all)? (?:apart|off|loose'
  + '|undone)'],
  ['motor side good', `cable(?: is|'s) (?:bad|shot|shorted|down|gone),? (?:and |but )?(?:the )?motor(?: is|'s)`
  + ` (?:good|fine|ok|clear)`
  + '[^,]*'],
  ['motor side to ground', `motor(?: is|'s) (?:bad|shot|shorted|down|gone),? (?:and |but )?(?:the )?cable(?: is`
  + `|'s) (?:good|fine|ok|`
  + 'clear)[^,]*'],
  ['splice apart both good', 'both sides (?:are |read |is )?(?:over |above )?\\d{2,} ?meg\\w*'],
  ['coil ol', '(?:starter |contactor |holding )?coil (?:reads?|ohms|is|checks|meters)(?: out)? (?:wide )?open' + END],
  ['starter contact burnt', '(?:contact|pole|point) (?:on|at|for|of) (?:t|l|line |leg |phase )[123abc](?: is|\'s)?'
  + ' (?:not |isn\'t '
  + '|n\'t )?(?:making|burnt|burned|gone|toast|open)(?: contact)?'],
  ['fuse good', 'fuses (?:all )?(?:check|test|read|ring|ohm|look)(?:s|ed)?(?: out)? (?:good|fine|ok)'],
  ['one fuse blown', '(?:dead|blown|bad|open) fuse on (?:the )?(?:middle|left|right|one|a|b|c|first|second|third'
  + '|l[123])(?: leg| phase'
  + '| one)?'],
  ['second return, it runs', 'ran (?:a )?(?:wire|jumper|lead)(?: straight| right)? from (?:the )?(?:pump'
  + '|motor)(?:\'s)?(?: ground| '
  + 'negative| black)? to (?:the )?(?:negative|battery|neg)(?: post| terminal| battery)?(?: post)?,? (?:and'
  + ' )?(?:it |pump )?(?:works|'
  + 'runs|ran|took off|goes|worked)'],
  ['relief weeps', '(?:blew|popped|lifted) (?:off )?the (?:relief|safety|pop ?off)(?: valve)?', '(?:relief|safety'
  + '|pop ?off)(?: valve)? '
  + `(?:went off|blew|pops?|popped|lifted|lifts?|opened)(?: off)?(?: at ${FIGURE})?(?: ?(?:psi|pounds))?`],
  ['unloader hisson', 'unloader (?:valve )?(?:stays|stuck|hangs|is stuck) open'],
  ['no unload sigh', 'unloader(?: valve)? (?:is ?n\'t|is not|does ?n\'t|does not|never|not) (?:dump|dumping|vent'
  + '|venting|unload|'
  + 'unloading|work|working|bleed|bleeding)(?: off)?'],
  ['suction leaks air', '(?:packed|smeared|coated|wrapped) (?:the )?(?:shaft )?(?:seal|joint|joints|fittings?'
  + '|union) with (?:grease|tape|'
  + 'dope|putty)[^,]*,? ?(?:and )?(?:no more|no) (?:air|bubbles)'],
  ['line idle $1 volts, line startdip $2 volts', `^ ?(\\d{2,3})(?: ?v(?:olts?)?)? (?:at rest|resting|sitting|static`
  + `|with it off|not running)`
  + `,? (?:and |but )?(?:only )?(\\d{2,3})(?: ?v(?:olts?)?)? ${WHEN} ${CALLS}`],
  ['float stuck', 'float(?: is| was|\'s)? [^,]*?(?:and )?(?:won\'t|will not|can\'t|doesn\'t|does not|not) (?:rise'
  + '|float|come up|lift|move)'],
  ['float calls and stops', 'float(?: switch)? (?:reads?|is|shows|ohms) (?:0|zero|closed|continuity|ol'
  + '|open)(?: ohms)? (?:up'
  + '|down|hanging|raised|lifted)'
  + ',? (?:and )?(?:0|zero|closed|continuity|ol|open)(?: ohms)? (?:up|down|hanging|raised|lifted)'],
  ['float dead', 'float(?: switch)? (?:reads?|is|shows|ohms) (?:ol|open) (?:both ways|up and down|either way|up or'
  + ' down)'],
  ['lightsodd', 'half the lights[^,]*bright[^,]*dim', 'some lights[^,]*bright[^,]*dim', 'lights[^,]*bright'
  + ' and[^,]*dim'],
  ['contacts open', '(?:contacts?|points)(?: are| is)? (?:stuck|hung|jammed|frozen|hanging) open'],
  ['', '(?<=breaker[^,]*)(?:and )?(?:buzzing|humming|buzzes|hums)'],
  ['cable bad', '(?:wire|cable|run)s? (?:between|from) the (?:house|panel|switch|box) (?:and|to) the (?:well(?:'
  + ' head)?|pump)(?: is| are|\'s)?'
  + ' (?:bad|shot|gone)'],
  ['', '(?<=(?:watered|filled|watering|filling|lawn|pool|pond)[^;]*)(?:and )?then it (?:quit|stopped|died|shut'
  + ' off)' + END],
  ['capcharged', `cap(?:acitor)?(?:'s| has)(?: still)?(?: got)? ${FIGURE} ?v(?:olts?)? (?:on|in|across) it`],
  ['boxclicks', '(?:control )?box (?:just )?(?:clicks|is clicking|keeps clicking)(?: every [^,]*| over and over)?'],
  ['blocked', '(?:full of|packed with|plugged with|choked with|packed full of|jammed with) (?:rocks?|stones?'
  + '|leaves|hair|weeds?|moss|slime|plastic'
  + '|scale|rust|gravel|pebbles)'],
  ['inlet 0 psi running', `(?:suction|inlet)(?: pressure| gauge| side)* ${SAGS} (?:nothing|zero|0)(?: ${WHEN}`
  + ` ${CALLS})?`],
  ['checkchatters', 'check(?: valve)?(?: is|\'s)? (?:chattering|chatters|slamming|slams|hammering|hammers|banging)'],
  ['precharge', 'pre-charge'],
  ['', ',? ?(?:the )?(?:pressure )?switch(?:\'s| is)? (?:set )?(?:at |for |to )?(?:an? )?(?:20|30|40|50|60) ?[/-]'
  + ' ?(?:40|50|60|70|80)' + END],
  ['cap $1 microfarads', `cap(?:acitor)? \\d+ ?(?:to|-) ?\\d+(?: ?(?:uf|mfd|mikes?|microfarads?))?,? (?:reads`
  + `|measures|tests|shows|checks)(?: at| only)? (${FIGURE})`],
  ['spin by hand it starts', 'runs? (?:backwards?|either way|whichever way) (?:when|if) (?:i|you) (?:kick|spin'
  + '|push|turn|nudge) it'],
  ['into the $2 $1 volts, $1 outofit', `${VOLTS} into the ([a-z]+) and out${END}`],
  ['starting $1 amps, running $2 amps', `(?<=amps? )(${FIGURE})(?: ?amps?)? (?:starting|at start|on start|to start`
  + `|inrush|at the start),? (?:then |and )?`
  + `(?:it )?(?:falls|drops|settles|comes down|goes down)(?: back)? to (${FIGURE})(?: ?amps?)?`],
  ['holdcontact', '(?:holding|hold-in|seal-in|seal in|hold in) contacts?'],
  ['chatters', '(?:pulling|pulls|dropping|clicking|slamming|going|bouncing) in and out' + END],
  ['', `,? (?:the )?(?:motor|plate|pump|nameplate)(?:'s| is) (?:an? )?${FIGURE}(?: ?amps?)?(?= ?$)`],
  ['pressuretransducer', '(?:pressure )?(?:transducer|sensor)'],
  ['cut in $1, cut out $2', `(?:switch )?(?:closes|makes|comes in) at (${FIGURE})(?: ?psi)?,? (?:and )?(?:opens`
  + `|breaks|goes out) at (${FIGURE})(?: ?psi)?`],
  ['lowwaterprobe', 'low (?:water|level) probes?'],
  ['airlock', 'air[- ]?(?:locked|lock|bound)'],
  ['leads off at the well head', '(?:with )?(?:the )?(?:pump|leads|wires) (?:unhooked|disconnected|off|undone'
  + '|apart) at the well(?: ?head| cap)?'],
  ['starts byitself', '(?:cycles|kicks on|comes on|starts|cuts in|clicks on) (?:with|when) (?:no|nobody\'s'
  + '|nothing\'s|nobody is|there\'s no|no one\'s) (?:water )?'
  + '(?:is |being )*(?:used|using|running|on|drawn|open|water|any water)(?: any)?(?: water)?'],
  ['impeller worn', '(?:impellers?|stages?|vanes?)(?:\'s| is| are)(?: all)? (?:shot|gone|eaten up|eaten|chewed up'
  + '|toast|eroded|rounded off|wore out)'],
  ['lever off', 'low[- ]pressure (?:switch|cut ?-?off|cut ?-?out)(?: keeps?)?(?: on)? (?:kicks|kicking|trips'
  + '|tripping|tripped|drops|dropping|cuts|cutting)(?: it)?'
  + '(?: out| off)?'],
  ['airvalve nothing', '(?:pressure |bladder )?tank(?:\'s| is) flat'],
  ['rapid cycles', 'cycl(?:es|ing) (?:about |maybe )?(?:once|twice|a couple of times|three times) a second'],
  ['keep running', '(?:pressure )?switch(?: is)? ?(?:isn\'t|is not|won\'t|will not|doesn\'t|does not|never'
  + '|not) open(?:ing|s)?(?: up)?' + END],
  ['unloaderline cracked starts', '(?:starts|runs|takes off|goes)(?: up)?(?: easy| right up| fine| right off)?'
  + ' (?:when|with|if) (?:i |you )?(?:pull|crack|loosen|take off|'
  + 'disconnect|undo) the unloader (?:line|tube)(?: off| loose)?'],
  ['load noth volts', 'no (?:power|voltage|volts|juice) (?:through|past|across|getting through) (?:them|it|the'
  + ' contacts|the points|the switch)'],
  ['n1 toground $1, n2 toground $2', '(\\d{2,3})(?: ?v(?:olts?)?)? on one (?:terminal|screw|lug|wire|hot),? (?:and'
  + ' |but )?(?:only )?(nothing|zero|dead|\\d{1,3})'
  + '(?: ?v(?:olts?)?)? on the other(?: one| terminal| screw| lug| wire| hot)?'],
  ['rapid cycles', '(?:goes|jumps|bounces|swings|runs)? ?up and down like a (?:yo-?yo|pump handle|cork)'],
  ['airvalve nothing', 'tank(?:\'s)?(?: air)?(?:\'s| is| has)? (?:air is gone|air gone|out of air|lost (?:all'
  + ' )?(?:its|the) air)'],
  ['tank dull heavy', 'tank (?:sounds|feels|thuds) (?:dead|dull|solid|full|like a rock)'],
  ['red to black open, red to yellow open', 'one of the wires is open,? the red'],
  ['to ground 0 ohms', '(?<!(?:cable|splice|wire)[^;]*)(?:motor|pump)(?:\'s| is| has)? (?:grounded|shorted to'
  + ' ground|gone to ground|dead to ground|a dead ground)'],
  ['known good $2 runs', '(new|another|different) (box|cap|capacitor) (?:fixed|cured|did) it'],
  ['known good box same', '(?:tried|put on|hung|put in) (?:a |another )?(?:new|good|different|known good|spare)'
  + ' (?:control )?box,? (?:and )?(?:no (?:change|better|'
  + 'different|difference)|same(?: thing| deal)?)'],
  ['known feed same', '(?:different|another) (?:outlet|circuit|plug),? (?:and )?(?:no (?:change|better|difference)'
  + '|same(?: thing| deal)?)'],
  ['cavitates', '(?:noise|noises|sounds?|rattling|racket) like (?:there\'s |it\'s full of )?(?:gravel|marbles'
  + '|rocks|stones)'],
  ['shaft stiff', 'turned (?:it|the shaft|her) by hand,? (?:and )?(?:it )?(?:felt|feels|is|was|turns) (?:gritty'
  + '|rough|tight|stiff|hard)'],
  ['pressureslow', 'pressure(?:\'s| is)? (?:slow|takes forever|taking forever|crawls|slow as \\w+)(?: coming| to'
  + ' come| to build| building| climbing| to get)*(?: up)?(?:,? takes forever)?'],
  ['float dead', 'float(?:\'s| is)? (?:hanging )?down (?:and|but) (?:it\'s |it is |it |the pump\'s |the pump is'
  + ' )?(?:not calling|not running|won\'t call|nothing|doesn\'t call)'],
  ['float held', 'float(?:\'s| is)? (?:all the way )?up (?:and|but) (?:it\'s |it |the (?:well )?pump(?:\'s| is)? '
  + '|she\'s )?(?:still )?(?:running|pumping|going|runs|keeps running)'],
  ['pump silent', '(?:water )?pump(?:\'s| is) dead' + END],
  ['switch open', '(?:pressure )?switch(?: on the pump)?(?: is|\'s)? (?:stuck|hung|jammed|failed) open'],
  ['citywaterfine', '(?:city water|shore water|hose)(?: works| is|\'s| runs)? (?:fine|ok|good|great)'],
  ['onlywhileheld', 'only runs (?:while|when|as long as|if) (?:i|you) hold (?:in )?the (?:start )?(?:button'
  + '|switch)[^,]*'],
  ['$1 toground 0 volts', '(l[123]|n[123]) to ground(?: is| reads|:)? (?:zero|nothing|dead|0)(?: volts?)?' + END],
  ['coilvoltsgood', 'coil (?:voltage|volts)(?:\'s| is| are)? (?:good|fine|there|ok|right)'],
  ['running backwards', '(?:pump|motor)(?:\'s| is)? (?:turning|running|spinning|going|turns|spins) (?:the'
  + ' )?(?:wrong way|backwards?|in reverse|wrong direction)'],
  ['tap weak', 'low (?:flow|volume|output)', '(?:faucets?|taps?|shower|spigots?)(?: just)? (?:barely|hardly)'
  + ' (?:runs?|flows?|trickles?|dribbles?)'],
  ['windings $1/$1/$1 ohms', `ohms (?:are )?(?:even|balanced|equal|all the same|the same)(?: all around| across`
  + ` all three)?,? (?:at )?(${FIGURE})(?: ohms?)?`],
  ['amps 0', `${NOUGHT} (?:showing )?on the (?:ammeter|amp meter|clamp(?: meter)?|amp clamp)`, '(?:ammeter|amp'
  + ' meter|amp clamp) (?:reads|shows|says|stays at) '
  + NOUGHT],
  ['to ground ol', '(?:megg\\w*|insulation tester) (?:pegged|pegs|maxed|maxes|tops)(?: out)?(?: (?:at|to)'
  + ' (?:infinity|infinite|ol|the top))?'],
  ['contacts pushed closed by hand, runs', '(?:pushed|lifted|pressed|held)(?: up)?(?: on)? the (?:plate|arm'
  + '|contacts|points|contact arm|moving plate)(?: up| closed| together| in)*'
  + ',? and (?:the pump|it|she|the motor) (?:came|comes|started|starts|took|takes|kicked|kicks|ran|runs|fired)[^,]*'],
  ['lever off', '(?:cutoff |little )?lever(?:\'s| is)? in the middle', '(?:have|has|had|got) to hold the'
  + ' lever[^,]*', 'kicks (?:off|out) on low pressure'],
  ['cap reads 0', '(?:no|zero) capacitance' + END],
  ['outage', '(?:power|electric|electricity|lights) (?:was|were|went|has been|had been) (?:out|off)(?: for [^,]*|'
  + ' last [^,]*| the other [^,]*| overnight)?', '(?:lost|no) power for [^,]*'],
  ['someone worked on it', '(?:since|after) (?:they|he|she|we|the owner|somebody) (?:redid|remodell?ed|rebuilt'
  + '|renovated|replumbed|added on|rewired) [^,]*',
  '(?:had|got) (?:a |some |another )?(?:well|pump|plumber|plumbing|electric|electrician)(?: guy| man| company|'
  + ' outfit)? (?:here|out|out here|in here|look at it)[^,]*'],
  ['starts then quit after seconds', '(?:lifted|held|raised|pushed|flipped) (?:up )?the (?:cutoff |little'
  + ' )?lever(?: up| half ?way)*,? (?:and )?(?:it|she|the pump) (?:only )?(?:runs|ran|goes) '
  + '(?:only )?(?:as long as|while|till|until) (?:i |you )?(?:hold|held|let go)[^,]*', '(?:only )?(?:runs|ran'
  + '|goes) (?:only )?(?:as long as|while) (?:i |you )?(?:hold|held) (?:it|the lever)[^,]*'],
  ['inlet $1', `(?:incoming|street|city|inlet|suction)(?: pressure| side| gauge)?(?:'s| is| was| at)*`
  + ` (\\d{1,3})(?: ?psi| pounds)? (?:with|when) (?:it|the pump|everything|it's|the pump's|the pump is)`
  + '(?: is)? (?:off|not running|stopped|shut off)'],
  ['lostphase', '(?:phase|leg) [abc] is out'],
  ['fuse one blown', '(?:the )?(?:fuse|one) (?:on|for|in) (?:phase |leg |line )?(?:a|b|c|l[123]|one|two|three'
  + '|[123])(?: phase| leg)?(?: is| was|\'s) (?:blown|open|bad|gone|dead|popped)'],
  ['starter contact burnt', '(?:contact|pole|tip|point)s? (?:one|two|three|[123abc]|number \\w+)(?: is|\'s| are)'
  + ' (?:all )?(?:burnt|burned|gone|toast|eaten)[^,]*'],
  ['starter not pullin', '(?:starter|contactor) (?:does ?n\'t|won\'t|does not|will not) (?:do (?:a thing|anything)'
  + '|move|budge|react)'],
  ['coil ol', 'coil (?:reads?|ohms|is|checks|meters)(?: out)? (?:wide )?open with (?:a|one|the) (?:wire|lead) off'],
  ['leadtolead ol', '(?:between|across) the (?:two )?(?:pump|motor) (?:wires|leads)(?: (?:at|on|in) the [a-z]+(?:'
  + ' [a-z]+)?)? (?:i |it |they |we )?(?:read|reads|get|got|shows?|ohms?)(?: wide)? (?:open|ol|nothing|infinite)'],
  ['motor side winding good', '(?:cut|opened|undid|took|pulled) the splice (?:loose|apart|open) and the motor(?:'
  + ' itself| alone| side)? (?:reads|ohms|shows|is|checks)(?: at)? \\d[\\d.]*(?: ?ohms?)?'],
  ['relay contacts stuck closed', '(?:took|pulled|had) the relay (?:out|off)?,? ?(?:and )?(?:the |its )?(?:points'
  + '|contacts) (?:are |were )?(?:stuck|welded|fused) (?:shut|closed|together)[^,]*'],
  ['links wrong', '(?:links?|jumpers?|straps?)(?: inside)?(?: the cover| the cap)?(?: are| is) (?:set|made|landed'
  + '|on|in)(?: up)?(?: for| on| at)?(?: the)? (?:230|240|220|high)(?: volts?)?(?=.*\\b1[12]\\d\\b)'],
  ['foot holds', 'foot valve (?:held|holds|is holding|stayed)(?: fine| good| tight)?(?: (?:when|after|once) (?:i'
  + '|we) (?:filled|primed) [^,]*)?'],
  ['amps 0', '(?:clamp(?: meter)?|ammeter) (?:shows|reads|says) (?:nothing|zero|0) (?:on|for) (?:either|both'
  + '|any|each)[^,]*'],
  ['cord long', '(?:plugged into|on) (?:an? )?(?:hundred|fifty|seventy[- ]five|\\d+)[- ]?(?:foot|feet|ft)(?:'
  + ' of)?(?: \\w+)? (?:extension )?cord'],
  ['neighbour no pressure', 'neighbou?rs?(?:\'s)? (?:says? |said |tells me )?(?:that )?(?:they|he|she|it)?'
  + '(?: ?have| ?has|\'ve got|\'s got| ?got| ?are| ?is|\'re)(?: got)? (?:nothing|none|no (?:water|pressure)|low'
  + '|weak|out)'
  + '(?: either| too| as well)'],
  ['inlet $1 psi', `(?<=(?:inlet|incoming|suction|street|city)[^;]*)${SAGS} (\\d{1,2})(?: ?psi| pounds)? (?:as`
  + ` soon as|${WHEN}) ${CALLS}`],
  ['motor $1 volts', `(\\d{1,2}\\.\\d) at the (?:pump|motor) (?:terminals|plug|connector|wires) (?:with it called`
  + ` for|with it on|calling|with the switch on)`],
  ['fuse holder in $1', `(\\d{1,2}\\.\\d) (?:going )?(?:in|into) (?:to )?the fuse holder`],
  ['motor 0 volts', `${NOUGHT} on the motor side` + END],
  ['lever off, contacts open', '(?<=lever[^,]*)and the contacts (?:won\'t|don\'t|will not|do not) (?:make|close'
  + '|touch)'],
  ['startswitch burnt', '(?:weight|weights|governor|flyweight)s? (?:does ?n\'t|don\'t|won\'t|do not|does not)'
  + ' (?:come back|move|drop back|return|reset)[^;]*'],
  ['gauge reads $1', `(?:it )?(?:built|climbed|pumped)(?: right| straight| back| all the way)* up to`
  + ` (${FIGURE})(?: ?psi| pounds)?` + END],
  ['load', '(?<!(?:from|out of|under|off) (?:the )?)(?:the )?bottom (?:of the (?:pressure )?switch|side of the'
  + ' switch|screws of the switch)'],
  ['line', '(?:the )?top (?:of the (?:pressure )?switch|side of the switch|screws of the switch)'],
  ['line $1 volts', '^ ?(?:the )?top(?: side| pair| two| screws)? (?:has|have|\'s got|reads|is) (\\d{2,3})(?:'
  + ' ?v(?:olts?)?)?'],
  ['load $1 volts', '(?:^ ?|(?<=, ))(?:the )?bottom(?: side| pair| two| screws)? (?:has|have|\'s got|reads|is)'
  + ' (\\d{1,3})(?: ?v(?:olts?)?)?'],
  ['contacts open', 'switch (?:won\'t|will not|doesn\'t|does not|never|isn\'t|is not) (?:make|making|makes|close'
  + '|closing|closes)' + END],
  ['tapped it and', 'tapped it (?:once |lightly )?with (?:a|my|the) [a-z ]{3,24}? and'],
  ['starting $1 amps', `inrush(?: current| amps)?(?: is| was| of| at|:)? (${FIGURE})(?: ?amps?)?`],
  ['breaker trips atonce', `(?:trips|pops|kicks|blows|throws)(?: the breaker| it)?(?: out)? (?:as soon as|the`
  + ` second|the minute|the instant|the moment) ${CALLS}`],
  ['load wires off holds', '(?:breaker )?(?:holds|stays on|stays in|stays set) (?:with|when|once) (?:the )?(?:pump'
  + '|motor|wires|leads|load)(?: is| are)? (?:disconnected|off|unhooked'
  + '|undone|taken off) at the (?:pressure )?switch'],
  ['to ground $1 meg', '(\\d[\\d.]*|one|two|three|four|five|ten|twenty|fifty) ?meg(?:s|ohms?)? (?:on|from|across)'
  + ' (?:both|either|all(?: three)?|each)(?: of (?:them|the leads|the wires))?'],
  ['', ',? ?(?:and |but )?the (?:pressure )?switch(?:\'s| is)? (?:set )?(?:at |for |to )?(?:an? )?(?:20|30|40|50'
  + '|60) ?[/-] ?(?:40|50|60|70|80)' + END],
  ['falls', '(?:pressure |gauge |it )?bleeds? (?:off|away)(?= \\d)'],
  ['neighbour fine', 'neighbou?rs?(?:\'s)? (?:says? |said )?(?:his|her|their|the)? ?(?:well|water|pressure)(?:\'s|'
  + ' is) (?:fine|good|ok|great)'],
  ['suction leaks air', 'suction (?:pipe|line|hose)(?: has|\'s got| has got|\'s)? (?:an? )?(?:air )?leak (?:at|in'
  + '|by|on) the \\w+', 'air leak (?:on|at|in) the (?:inlet|suction)'
  + '(?: fitting| hose| line| side| pipe)?'],
  ['cutin $1', `(?:pump |switch |it )*${NEVER} (?:kick|come|cut|turn|start|click)s?(?: (?:in|on))? (?:un)?till?`
  + ` (${FIGURE})(?: ?(?:psi|pounds|lbs?))?`],
  ['running backwards', '(?:pump|motor)(?:\'s| is)? (?:runs|ran) (?:the )?(?:wrong way|backwards?|in reverse|wrong'
  + ' direction)' + END],
  ['lever off', '(?:shut|shuts|kicked|kicks|cut|cuts|went|tripped)(?: itself)? (?:down|off|out) on low (?:pressure'
  + '|water)(?: again)?'],
  ['valve ahead of the pump shut', '(?:inlet|supply|suction|feed) valve(?:\'s| is| was) (?:shut|closed|half'
  + ' (?:shut|closed)|turned off|off)'],
  ['into the switch $1 volts, $1 outofit', `${VOLTS} in and out(?! of the (?:control )?box)(?: of)?(?: the)?(?:`
  + ` (?:pressure |demand )?switch)?`],
  ['cut out $1', `(?:pressure )?switch (?:kicks|cuts|shuts|clicks|trips|goes) (?:out|off) at (${FIGURE})(?:`
  + ` ?(?:psi|pounds))?`],
  ['overload trips', 'reset(?: button)? (?:keeps|kept) (?:popping|tripping|kicking|coming)(?: out)?'],
  ['chatters', '(?<=(?:contactor|starter|mag|relay)(?:\'s| is)? (?:just )?)(?:clicking|going|popping|cycling) on'
  + ' and off' + END],
  ['load $1/$1/$1 volts', 't1,? t2,? (?:and )?t3(?: are| is| read| reads)? all (\\d{3})(?! ?(?:ohm|k|meg))(?:'
  + ' ?v(?:olts?)?)?'],
  ['running $1/$1/0 amps', `(?:motor |it |pump )?(?:draws|drawing|pulls|pulling|'s) (${FIGURE})(?: ?amps?)? on`
  + ` two (?:legs|lines|phases|wires),? (?:and |but )?(?:nothing|zero|none|0) on the (?:other|third)`],
  ['to ground 0 ohms', '(?:megg\\w*|insulation tester) (?:reads|shows|says|is) (?:zero|nothing|0) (?:on|at) \\w+'],
  ['', `,? (?:name)?(?:plate|tag)(?: says| is)? ${FIGURE}(?: ?amps?)?(?= ?$)`],
  ['inlet $1, gauge reads $2', `pressure in(?: is)? (\\d{1,3})(?: ?psi)?,? (?:and |but )?(?:pressure )?out(?: is)?`
  + ` (\\d{1,3})(?: ?psi)?`],
  ['silent, gauge reads $1', `(?:never|didn't|did not|wouldn't) (?:came|come|kick|kicked|turn|turned|start|cut)`
  + ` (?:on|in)(?: when| once| though)? (?:it|the pressure|the gauge) (?:dropped|fell|went|got) (?:below|under`
  + `|down to|to) (${FIGURE})(?: ?psi| pounds)?`],
  ['precharge reads $1', `(?:with|once|after) the (?:tank|water|system)(?:'s| is)? (?:drained|empty|emptied|down`
  + `|out)(?: down| out)?,? (?:the )?(?:air |tire )?gauge (?:shows|reads|says) (${FIGURE})(?: ?psi| pounds)?`],
  ['redthennothing', '(?:volts?|voltage|power) on (?:the )?red for (?:a|one|two|half a) seconds? (?:and )?then'
  + ' (?:it )?(?:drops (?:off|out)|goes away|nothing|gone|quits)'],
  ['motor hums', '(?:control )?box(?:\'s| is)(?: just)? (?:humming|buzzing) (?:like crazy|loud|bad|away)'],
  ['foot holds', '(?:ran|stuck|put) (?:the |a )?(?:garden )?hose (?:in|into|down) the (?:well|suction|drop) pipe,?'
  + ' (?:and )?it (?:held|stayed full|stayed up|holds)', 'filled the (?:suction|drop|well) pipe,? (?:and )?it'
  + ' (?:held|stayed full|holds)'],
  ['lever off', 'locks? out on low (?:water|pressure)', '(?:dry[- ]run|low water|low suction) (?:switch|cut ?-?off'
  + '|cut ?-?out|control) (?:keeps |kept )?(?:tripping|trips|tripped|kicking out|cutting out)'],
  ['wellrelay', 'relay (?:for|on|of) the (?:well|fill|transfer) pump'],
  ['spin by hand it starts', '(?:motor |it |she )?(?:starts|runs|goes|takes off|started)(?: right)?(?: up| off)?'
  + ' (?:when|if|once) (?:i'
  + '|you) (?:give|gave) (?:it|the pulley|the flywheel|the shaft|the fan|the belt) a (?:little )?(?:spin|push|kick'
  + '|twirl|turn|shove)'],
  ['startsonce', '(?:will |\'ll )?starts? once (?:and )?then not again'],
  ['fuse good', '(?:all )?(?:three|3|both|two) (?:of the )?fuses (?:are |check |test |ring |read )?(?:good|fine'
  + '|ok)', 'fuses all (?:good|fine|ok)'],
  ['starter chatters', '(?:starter|contactor) (?:drops|falls|kicks) (?:right )?(?:back )?out (?:when|as|as soon as'
  + '|every time) [^,]*'],
  ['switcharcs', '(?:switch|contacts?|points) (?:arcs?|sparks?|arcing|sparking)(?: (?:when|as|every time) [^,]*)?'],
  ['breaker is on', '(?:checked|look(?:ed)? at) (?:was )?the breaker,? (?:and )?(?:it\'s|it is) on'],
  ['bladder ruptured', 'bladder(?:\'s| has|\'s got| has got)? (?:a |an )?(?:hole|split|tear|rupture|leak)(?: in'
  + ' it)?'],
  ['$1 ohms', `(?:checked |measured |got )?(?:the |a )?resistance(?: of| is| was| reads|,)? ?(${FIGURE})(?! ?(?:k`
  + `|meg))(?: ?ohms?)?` + END],
  ['storm', '(?:the )?lightning (?:the other (?:night|day)|last (?:night|week)|storm|strike)'],
  ['', 'some(?:where|place)(?: (?:down (?:there|the well|the hole)|in there))?' + END],
  ['rapid cycles', 'cycles? on and off (?:with|when) (?:a|the|one) (?:faucet|tap|hose|shower)(?:\'s| is)? (?:open'
  + '|on|running)'],
  ['neverreaches', '(?:tank|pressure|receiver) (?:won\'t|will not|doesn\'t|does not|never) (?:fills?|builds?'
  + '|comes? up|pumps? up|fill up)' + END],
  ['$1 wire broken', '(red|black|yellow) (?:wire|lead|leg|conductor)(?:\'s| is) (?:wide )?open' + END],
  [', cable is down', `${TO_GROUND}(?!pump side clear)${ITS}${READ} ${SOUND}${BUT}${THEIRS}${READ}`
  + ` ${DOWN}`, `${TO_GROUND}${THEIRS}${READ} ${DOWN}${BUT}${ITS}${READ} ${SOUND}`],
  [', motor is down', `${TO_GROUND}${ITS}${READ} ${DOWN}${BUT}${THEIRS}${READ}`
  + ` ${SOUND}`, `${TO_GROUND}${THEIRS}${READ} ${SOUND}${BUT}${ITS}${READ} ${DOWN}`],
  ['check valve stuck shut', '(?:flapper|check valve|disc|poppet|flap)(?:\'s| is| was)? (?:rusted|stuck|frozen'
  + '|seized|jammed|limed) (?:shut|closed)'],
  ['spin by hand it starts', '(?:give|gave|giving) (?:it|the shaft|her|the pulley|the fan) a (?:little |quick'
  + ' )?(?:spin|push|kick|twirl|turn|shove),? (?:and )?(?:off (?:she|it) goes|away (?:she|it) goes|(?:it|she)'
  + ' (?:takes|took) off'
  + '|(?:it|she) (?:starts|started|runs|ran|goes))'],
  ['stalls at $1 psi', `(?:shut|closed) the (?:house )?valve(?: at the tank)?,? (?:and )?(?:it )?still (?:stops`
  + `|stalls|sticks|sits|quits) at (${FIGURE})`, `still (?:stalls|sticks|hangs up) at (${FIGURE})`],
  ['', '(?:every|all the) (?:valve|tap|faucet)s? (?:in the house )?(?:is |are )?(?:closed|shut)(?: off)? and (?=it'
  + ' still )'],
  ['and then overload trips', '(?:till|until) the overload (?:goes|trips|kicks out|pops|drops)(?: out)?'],
  ['foot runs back', '(?:the )?(?:water )?(?:just )?(?:ran|runs|drains|drained|went|disappeared)(?: right| away|'
  + ' out| back)* down the (?:pipe|well|suction)(?: pipe)?'],
  ['splice apart motor side still open', '(?:opened|cut|undid) the splice(?: at the well)?,? (?:and )?(?:t[123] '
  + '|l[123] |it\'s |it is )?still (?:reads )?open on the (?:motor|pump) side'],
  ['pump unplugged still blows', 'unplugged the pump,? (?:and )?(?:the next one|another one|it|a new one|the new'
  + ' one|that one) (?:blew|popped|went)(?: too| anyway| again)?'],
  ['', '(?:and |but )?it still(?= (?:won\'t|will not|doesn\'t|never) (?:go|get|build|climb))'],
  ['neverreaches', `${NEVER} (?:go|climb|get) (?:past|over|above) ${FIGURE}(?: ?psi| pounds)?`],
  ['contacts open', '(?:contacts?|points) (?:have ?n\'t|haven\'t|did ?n\'t|do ?n\'t|are ?n\'t|are not|not|have'
  + ' not) (?:come together|closed|touching|touched|made|met|meeting)'],
  ['contacts pushed closed by hand, runs', 'pushed (?:them (?:in|together|closed|up)|it (?:together|closed))(?:'
  + ' with [^,]*?)?,? and'
  + ' (?:it|the pump|she) (?:ran|runs|came on|started|took off|kicked on)[^,]*'],
  ['silent', 'when it calls(?: for (?:water|air))? nothing happens'],
  ['isstuck', '(?:and )?it\'s stuck(?= ?$)'],
  [', rapid cycles', 'and right back on' + END],
  ['', '(?:turned|switched|shut|flipped) off the breaker and (?:the pump|it) (?:finally )?(?:quit|stopped|shut off)'],
  ['cap reads $1', `(?:checked|tested|measured|metered) the (?:start )?cap(?:acitor)?(?: with my meter)?,? (?:and`
  + ` )?(?:it's|it is|got|it reads|reads|i got)(?: at)? (${FIGURE})`],
  ['voltsdownhole', `${VOLTS} (?:going |out )?to (?:the )?(?:motor|pump),? (?:on )?(?:black to yellow|yellow to`
  + ` black)`],
  ['$1 kohm', '(\\d+(?:\\.\\d+)?) thousand(?: ohms?)?'],
  ['', '(?:somebody|someone|they|he) (?:hosed|pressure washed|washed) it(?: down| off)?'],
  ['stops after minutes comeback cool', 'after it (?:sat|cooled(?: off| down)?|rested)(?: (?:for )?[^,]*?)? it'
  + ' (?:ran|started|runs|worked|came on) again'],
  ['startswitch welded', '(?:start|centrifugal) (?:contacts?|switch|points) (?:don\'t|doesn\'t|never|won\'t|do not'
  + '|does not) (?:ever )?open(?: up)?(?: once [^,]*)?'],
  ['runcap $1 microfarads', `cap(?:acitor)? (?:reads|measures|is|tests) (${FIGURE}) on an? ${FIGURE}(?: ?(?:uf|mfd`
  + `|mikes?))? run(?: cap)?`],
  ['knocks', 'making a knocking(?: noise| sound)?'],
  ['unloaderbroken', 'unloader (?:tube|line)(?:\'s| is)? (?:broke|broken|snapped)(?: off)?'],
  ['motor side winding good', '(?:with|once) the splice (?:cut|apart|open),? the motor(?: itself| alone'
  + '| side)? (?:reads'
  + '|ohms|shows|is|checks)(?: at)? \\d[\\d.]*(?: ?ohms?)?'],
  ['running $1/$1/0 amps', `(?:motor(?:'s| is)?|it's|pump's) (?:drawing|pulling) (${FIGURE})(?: ?amps?)? on two`
  + ` (?:legs|lines|phases),? (?:and |but )?(?:the )?third(?:'s| is| at)? (?:zero|nothing|0|dead)`],
  ['windings $1/$1/$1 ohms', `winding resistances?(?: is| are)? (${FIGURE})(?: ohms?)? (?:on|across|for) all(?:`
  + ` three)?`],
  ['cap reads $1 uf', `(?:the )?(?:new|old) one (?:reads|measures|tests|is|shows)(?: at)? (${FIGURE})`
  + ` ?(?:microfarads?|mikes?|uf|mfd|µf)`],
  ['to ground ol', '(?:nothing|no reading|no continuity) to (?:ground|earth) on (?:either|both|any|each)(?: one|'
  + ' of them)?'],
  ['shaft seal leaks', '(?:water |it(?:\'s| is)? |she |got water )?(?:drips?|dripping|leaks?|leaking|weeps?|weeping'
  + '|seeping|sprays?|spraying|runs?|running|coming)(?: water)?(?: out)?(?: from| in)? between (?:the )?(?:pump'
  + '|wet end|volute)(?: end)? and (?:the )?motor'],
]
