/** What a hand tried and what came of it, and what is seen where nobody looks twice. Common practice, no source. */
import type { Joined } from './turnOf'

const NOUGHT = '(?:nothing|zero|none|0|dead|no volts|no voltage|no power)'
const BY_HAND = '(?: by hand| with (?:a|my|the) [a-z]+(?: [a-z]+)?)?'
const BACK_OUT = '(?:kicked|popped|tripped|went|let go|dropped|clicked)(?: back)?(?: off| out)?(?: again)?'
const AND_IT = ',? (?:and |but )?(?:it |she |the (?:gauge|pressure|needle|water|level) )?'
const JUMPED = '(?:jump(?:ed|ered)|bridged|bypassed|shorted)(?: out| across| around)*'
const OVERLOAD = '(?:motor )?(?:thermal|overload|protector|thermal (?:overload|protector)|overload protector)'
const RAN = '(?:ran|runs?|took(?: right)? off|start(?:ed|s)|fire[ds](?: right)? up|goes|went)'

const UTILITY = '(?:utility|power (?:company|co)|electric company|linem[ae]n)'

/** Helped, bridged, pushed, waited for. */
const OF_TRYING: readonly Joined[] = [
  ['overload bridged runs', `${JUMPED}(?: the)? ${OVERLOAD}[a-z ]{0,30}?(?:,| and) (?:it|she|the (?:pump|motor))`
  + `(?: just)? ${RAN}(?: fine| great| right up| all day(?: at)?)?`],
  ['tapped the switch and it starts', '(?:tapped|rapped|banged|whacked|smacked|knocked|bumped)(?: on)?(?: the| this)?'
  + ' (?:pressure )?switch(?: a little| lightly| a couple of times)?(?: with (?:my|a|the) [a-z]+(?: [a-z]+)?)?,?'
  + ' (?:and )?'
  + '(?:it|she|the pump|pump) (?:kick(?:ed|s)|came|comes|fired|start(?:ed|s)|took|cut|snapped|clicked)(?: right)?'
  + '(?: on| in| off| up)?'],
  ['', 'with (?:it|the (?:points|contacts|switch)) (?:pushed|held|pinched|squeezed) (?:together|in|closed|shut)'
  + BY_HAND],
  ['', '(?:even )?with the (?:pressure )?switch (?:made|closed|in)(?= ?$|,)'],
  ['load side 0 volts', `(?:the )?other side of the (?:pressure )?switch[, ]+(?:still |i (?:get|got) |there's `
  + `|i've got )*`
  + NOUGHT],
  ['trips after seconds', `(?:reset it[, ]+(?:and )?)?(?:it )?(?:held|holds|stayed in|runs?|ran)(?: for)?(?:`
  + ` about| maybe)? (?:\\w+|\\d+) seconds`
  + `(?: or so)?,? (?:and |then |and then )?${BACK_OUT}`],
  ['trips after minutes', `(?:reset it[, ]+(?:and )?)?(?:it )?(?:held|holds|stayed in)(?: for)?(?: about|`
  + ` maybe)? (?:\\w+|\\d+|half an)`
  + ` (?:minutes?`
  + `|hours?)(?: or so)?,? (?:and |then |and then )?${BACK_OUT}`],
  ['jumped the $1', 'put (?:a |my )?jumper(?: wire)? (?:across|on|over) (?:the )?((?:pressure )?switch|relay|float)'],
  ['and it runs', '(?:and )?away (?:she|it) (?:went|goes)'],
  ['runs', '(?:and )?(?:it |the motor )?runs? (?:just )?as long as i (?:hold|push|keep)(?: it)?(?: in)?'],
  ['stalls at $1 psi', '(?:tops out|stalls|stops climbing|quits climbing) at (\\d+)(?: psi| pounds)?,? and (?:just )?'
  + '(?:sits|stays|hangs|stands)(?: right)? there'],
  ['primed it', 'filled it(?: up)? with (?:a |the )?(?:garden )?hose'],
  ['footvalve does not hold', `fill(?:ed)? (?:the )?(?:pipe|line|suction|drop pipe)(?: up)?(?: to the top)?(?: and`
  + ` watched(?: it)?)?${AND_IT}(?:just )?(?:drops?|dropped|falls?|fell|runs?|ran|goes|went|drain(?:s|ed))`
  + `(?: right| back| out| down| away)+(?: of sight| to the well| the pipe| about [a-z ]+)?`],
  ['peak $1 psi', '(?:closed|shut) the valve (?:after|past|on the discharge of|downstream of) the pump'
  + `${AND_IT}(?:went|goes|climbed|jumped|shot|comes?|came)(?: right)?(?: up)? to (\\d+)(?: psi| pounds)?`
  + '(?: and (?:held|stayed|stopped))?'],
  ['house valve shut holds', '(?:shut|closed) (?:off )?the valve (?:to|for) the house'
  + `${AND_IT}(?:stays|stayed|holds|held|sits|sat)(?: right)?(?: there)?(?: at)?(?: \\d+)?`
  + '(?: for (?:\\w+ )?(?:minutes|an hour|half an hour|hours))?'],
  ['fuse blows at once', '(?:put|stuck|popped) (?:another|a new|a fresh|a second)(?: \\d+)?(?: amp)?(?: one| fuse)?'
  + ' in(?: it)?,? (?:and )?(?:that one |that |it )?(?:popped|blew|went|burned)(?: too| also| right away)?'],
  ['swapped two leads gives more', `(?:swapped|switched|reversed|flipped|traded|changed) (?:any )?two (?:of the )?`
  + `(?:legs|wires|phases|lines|leads)(?: at the (?:starter|motor|splice))?,? (?:and |now )?(?:it's |now |it `
  + `|went |goes |up `
  + `|to )*(?:\\d+)(?: pounds| psi)?(?: again| now)?(?= ?$)`],
  ['second gauge', '(?:put|screwed|threaded|stuck) my (?:own )?gauge (?:on|in)(?: the [a-z]+(?: [a-z]+)?)?,?'
  + ' (?:and )?(?:it|that)(?: only| just)? (?:reads|shows|says)', '(?:by |on )my own gauge'],
]

/** What is seen on a part, and what a bag of words would take for another. */
const OF_SEEING: readonly Joined[] = [
  ['fill takes $1 minutes', '(?:it )?takes? (?:about |a good )?([a-z0-9.]+) minutes (?:to (?:go|get|climb)'
  + ' )?from \\d+ to \\d+'],
  ['megged', 'meg\'d'],
  ['to ground 0 ohms', '(?<=\\bmegg?(?:ed)? [^;]*)(?:0|zero|nothing) on t[123]'],
  ['no leaks anywhere', 'no (?:water|puddles?|damp|wet)(?: anywhere)? on the (?:floor|ground)(?: anywhere)?(?= ?$|,)'],
  ['lifted the float pump runs', '(?:lifted|picked|held|raised) the float(?: switch)?(?: all the way)? up(?: all'
  + ' the way)?'
  + '(?: by hand| myself)?,? (?:and )?(?:the )?(?:well )?(?:pump|it) (?:just )?(?:keeps?|kept)(?: right)?(?:'
  + ' on)? (?:going|running)',
  'float(?: switch)? reads (?:zero|0|closed|shorted)(?: ohms)? (?:up or down|both ways|up and down|either way)'],
  ['contacts burnt', '(?:contacts|points) (?:look(?:ed)? like|are|were|turned to) charcoal'],
  ['unloader tube plugged', '(?:unscrewed|took off|pulled(?: off)?) the (?:little )?(?:copper|unloader|bleed'
  + '|vent) (?:line|tube)'
  + ',? (?:and )?(?:it\'s|it was|it is) (?:plugged|blocked|packed|stopped up)(?: solid| up)?(?: with [a-z]+)?',
  '(?:unloader |bleed )?(?:tube|line)(?:\'s| is| was) (?:plugged|blocked|packed)(?: solid| up)? with carbon'],
  ['impellers worn', '(?:impellers?|stages|bowls)(?: are|\'re| is|\'s)?(?: all)? (?:chewed up|eaten(?: up| away)?'
  + '|worn(?: out| down| to nothing)?|ground down|cut up)(?: (?:with|by|from) (?:the )?sand)'],
  ['cable rubbed bare', '(?:drop |pump )?(?:cable|wire)(?:\'s| is| has)(?: got)? (?:a )?(?:spot |place'
  + ' )?(?:rubbed|worn'
  + '|chafed|skinned)(?: down| through)? to (?:the )?(?:bare )?copper(?: where [a-z ]+)?'],
  ['gauge $1 psi', 'after the pump(?: it\'s| it is| is| reads| i get| i\'ve got)?(?: only| just)? (\\d+)(?= ?$|,'
  + '| psi)'],
  ['vacuum low', 'vacuum(?: gauge)? (?:doesn\'t|does not|barely|hardly)(?: hardly| even| barely)? (?:moves?|reads?'
  + '|comes? up)(?: anything| at all| much)?(?:,? (?:maybe |about )?\\d+ inch(?:es)?)?'],
  ['bubbles in the suction', '(?:see |there\'s |i see )?(?:air )?bubbles in the clear (?:hose|pipe|tube|line)'
  + '(?: on the suction)?(?: the whole time)?(?: it runs)?'],
  ['overload dial at $1', 'heaters? (?:are |is )?(?:sized|rated|set|good|marked) (?:for|at) (\\d+)(?: amps)?,? (?:and '
  + '|but )?(?:the )?motor(?:\'s| is)(?: rated| plate)? \\d+(?: amps)?'],
  ['oillight', 'oil (?:level |pressure )?(?:light|lamp)'],
  ['control volts 0', `transformer(?:'s| has)?(?: got)? (\\d{3})(?: volts)?(?: going| coming)? in(?:to it)?,? (?:and `
  + `|but )?${NOUGHT}(?: coming)? out(?: of it)?`],
  ['incoming', 'line in(?= \\d)'],
  ['into the $1', '((?:well )?breaker) in(?= \\d|:)'],
  ['main supply', '(?:incoming )?lugs (?:on|at|of) the main'],
  ['', 'won\'t reset any (?:further|more|better)'],
  ['out of the $2 0 volts, into the $2 $1 volts', `(\\d+)(?: volts)? (?:on|at) (?:the )?top of the (breaker`
  + `|disconnect),? (?:and |but )?`
  + `${NOUGHT} (?:on|at|out) the bottom(?: of it)?`],
  ['$2 l1 toground $1 volts, $2 l2 toground 0 volts', `(\\d{2,3})(?: volts)? (?:on|at) one side(?: of| out of)?`
  + ` the ((?:well )?breaker),? (?:and |but )?`
  + `${NOUGHT} (?:on|at) the other(?: side)?`],
  ['one fuse blown', '(?:three|all the) fuses (?:in here |in there )?(?:and|,) (?:this |the [a-z]+ |that'
  + ' )?one(?:\'s| is)? (?:blown|open|bad)'],
  ['a to b $1, b to c $2, a to c $2', '(\\d+) on a (?:to )?b,? (?:and )?(\\d+)(?:-? ?something)? on the other two'],
  ['load side', '(?:the )?bottom (?:two )?screws(?! on the (?:well )?breaker)'],
  ['feed drop $1 volts', '(?:plus|positive|hot) side (?:drops|loses) (\\d+(?:\\.\\d+)?)(?: volts)?(?: between'
  + ' [a-z ]+)?'],
  ['red wire at the pump $1 volts', '(\\d+(?:\\.\\d+)?)(?: volts)? at the pump positive to (?:the )?battery negative'],
  ['pump valves torn', '(?<!pump |check |unloader )valves are (?:all )?(?:hard|curled|stiff|torn|warped)(?: and'
  + ' (?:curled'
  + '|hard|stiff|torn))?'],
  ['windings ohms good', '(?:wire to wire|lead to lead|(?:the )?ohms on all three|windings|(?:the )?resistances)'
  + '(?: they\'re| are| is|\'s)?(?: all)?(?: check(?: out)?| out)?(?: right| good)? (?:on the (?:money|chart|card)'
  + '|by the (?:book|chart|card)|with the (?:card|chart)|what the (?:card|chart) (?:says|calls for))'],
  ['leak in the house', '(?:the )?water meter(?:\'s| is)? (?:spinning|turning|moving|running)(?: with [a-z ]+)?'],
  ['pump end off motor turn free', '(?:with )?(?:the )?pump(?: end| head)? off(?: of it)?,? the motor (?:shaft )?'
  + '(?:spins|turns|is)(?: over)? (?:free|easy|fine)(?: as [a-z ]+)?'],
  ['streetout', `(?:the )?${UTILITY}(?:'s| is| are| says?| said| has| had)*(?: they(?:'ve)?)?(?: has| had)? (?:lost`
  + ' (?:a|one|his|their)(?: [a-z]+){1,4}|working on (?:the |it|a )[a-z ]*|(?:a )?(?:fuse|cutout|line|leg|phase)'
  + ' (?:is )?(?:out|down|blown)(?: [a-z]+){0,3})'],
  ['relay good', 'relay checks(?: out)?(?: good| fine)?(?= ?$|,)'],
  ['motor vents blocked', 'fan (?:cover|shroud|housing|grille|cowl)(?:\'s| is)? (?:packed|plugged|full|choked|clogged'
  + '|stuffed|felted over|matted|furred)(?: (?:with|of) [a-z]+)?'],
  ['check valve stuck shut', '(?:the )?arrow on the (?:new )?check(?: ?valve)?(?:\'s| is)? (?:pointing|points|facing'
  + '|aimed)(?: the| at the| back at the| toward the)? (?:wrong way|pump|backwards?)'],
  ['working on the main', '(?:the )?(?:city|street|town|water company)(?:\'s| is| says| are)?(?: they\'re| they are)?'
  + ' (?:flushing|digging up|shutting(?: down)?|repairing)(?: the)? (?:water )?mains?'],
  ['breaker', 'gfc?i(?: outlet| receptacle| breaker)?(?: in the [a-z]+)?'],
  ['control wire broken', 'control wire(?: from [a-z ]+? to (?:the )?[a-z]+)? (?:is|reads|ohms|ohmed) open'
  + '(?:,? ohmed it[a-z ]*)?'],
  ['pressure switch', '(?<=\\b(?:across|the|of|at|through) )ps'],
  ['$1uf on a $2', '(\\d+(?:\\.\\d+)?) ?(?:micro|mikes?|mfd|uf|microfarads?)?,? (?:and )?(?:it )?says (\\d+)'
  + '(?: (?:micro|mikes?|mfd|uf))? on (?:the side|it|the label|the can)'],
  ['streetout', 'neighbou?r(?:\'?s)?(?: (?:shop|house|place|barn))?(?:\'?s)? (?:three[- ]?phase |power |lights'
  + ' )?(?:is|are|was|went) (?:down|out|dead|dim) too',
  'neighbou?rs? (?:has|have|had|got|lost)(?: a leg| a phase| power)? (?:the same(?: volts| voltage)|too)'],
  ['ran dry', 'well (?:went|ran) dry (?:last|back in|in|over the|this) [a-z]+(?: and (?:the )?pump ran (?:all'
  + ' night|dry'
  + '|for hours|on))?'],
]

export const TURNS_OF_TRYING: readonly Joined[] = [...OF_TRYING, ...OF_SEEING]
