/** What is said with a tool in the hand, one thing after another, in whole sentences. Common practice, no source. */
import { AT_END, N, NOUGHT, VOLTS } from './partsOfSpeech'
import type { Joined } from './turnOf'

const TAPS = '(?:taps?|faucets?|hoses?|spigots?|outlets?|hydrants?)'
const LINE = '(?:copper (?:line|tube|pipe)|discharge (?:line|tube|pipe)|line (?:from|to) the (?:head|pump|tank))'
const LEVEL_RELAY = '(?:(?:low[- ](?:water|level) |liquid level |level )?probe (?:relay|control)|(?:low[- ](?:water'
  + '|level)|liquid level|level) (?:relay|control))'
const SMOOTH = '(?:(?:it |she |runs |running |it\'s |now )*(?:as )?smooth as (?:silk|butter|glass)'
  + '|purrs(?: like a kitten)?)'

const BOX = '(?:the )?(?:control )?box'
const OUT_OF_BOX = `(?:coming |going )?(?:out|leaving)(?: of)?(?: ${BOX}| it)?(?: on| at| between| across)*(?: the)?`
  + `(?: black (?:and|to) (?:the )?yellow)?`
const INTO_BOX = `${VOLTS} (?:into|at|in|on|going in(?:to)?|to) ${BOX}(?: going in| coming in| on the line side)?`
const OR_NOUGHT = `(${N.slice(1, -1)}|nothing|zero|none|zip)(?: ?v(?:olts?)?)?`

/** What goes into a control box and what comes out of it, on black and yellow. */
const OF_THE_BOX: readonly Joined[] = [
  ['box line $1 volts, box out $2 volts', `${INTO_BOX},? (?:and |but )?${OR_NOUGHT} ${OUT_OF_BOX}(?! (?:on )?red)`],
  ['box out 0 volts', `(?<!\\b(?:hum|click|sound|noise|silent)\\b[^;]*)${NOUGHT}(?: volts?)?`
  + ` (?:coming |going )?out of ${BOX}`,
  `(?<!\\b(?:hum|click|sound|noise)\\b[^;]*)(?:nothing`
  + `|no (?:volts|power|voltage)) (?:leaving|leaves|out of|past|after) ${BOX}`],
  ['box out $1 volts', `${VOLTS} (?:coming |going )?out of ${BOX}(?: on| at| between| across)*(?: the)?`
  + '(?: black (?:and|to) (?:the )?yellow)?',
  '(1[01]\\d|2[0-5]\\d)(?: ?v(?:olts?)?)? (?:from |on |across |between )?(?:the )?black (?:to|and) (?:the )?yellow'
  + '(?: (?:at|in|out of) the (?:control )?box)?',
  '(?:volts? )?(?:from |across |between )?black (?:to|and) yellow(?: (?:at|in) the box)?(?: reads| is|:)?'
  + ' (1[01]\\d|2[0-5]\\d)(?: ?v(?:olts?)?)?(?! ?ohm)'],
]

export const TURNS_TOOL_IN_HAND: readonly Joined[] = [
  ...OF_THE_BOX,
  // the lever of a low-pressure cut-off
  ['held the lever, it runs', `(?:pushed|held|holding|lifted) (?:it|the (?:lever|handle))(?: up| in| on|`
  + ` halfway)* (?:till|until|'til) (?:it|we|the gauge|pressure|she)(?:'s|'d)?(?: got| gets| was| reached| hit`
  + `| came| went| had)*(?: up)?(?: to| over| past| at)? ${N}(?: ?psi| pounds)?(?: and (?:it|she) (?:ran|runs|held`
  + '|stayed(?: on| in)?|took off))?'],
  ['no air in the tank', '(?<=tank[^;]*)no air (?:left )?in it(?: at all)?(?!,? ?\\d)'],
  ['', `(?:opened|turned on|opening|open)(?: up)? (?:two|three|four|five|both|all|a couple|a bunch`
  + `|several)(?: of)?(?: the| my)? ${TAPS}`],
  ['after the filter $1 psi', `(?<=\\b(?:ahead of|before|in front of) the filter\\b[^;]*)(?:the )?(?:one|gauge|side)?`
  + ` ?(?:after|behind|past|downstream)(?: it| the filter)? (?:drops|falls|goes|dips|sinks|dives)(?: right| all the`
  + ` way)?(?: down)? to ${N}(?: ?psi| pounds)?(?: when it's running| running)?`],
  // what goes the wrong way through a check valve
  ['water goes back through the check', '(?:hear|can hear|heard|there\'s)(?: the)? (?:water|it) (?:hissing|rushing'
  + '|running|trickling|gurgling|going|flowing|leaking)(?: back(?:ward)?s?)* (?:at|past|through|in|by) the check'
  + '(?: valve)?'],
  ['air comes back through the check valve', `(?:pulled|took|undid|disconnected|unhooked)(?: off)? the`
  + ` ${LINE}(?: off| loose)?,?(?: and| so| but)? ?(?:there's )?(?:the )?air(?:'s| is)? (?:comes|coming|blows|blowing`
  + `|pouring|came|blew|hissing|hisses)(?: right)?(?: back)?(?: out)?(?: at me)?(?: (?:from|out of|of) the tank`
  + '(?: side)?)?'],
  ['works fine', `${SMOOTH}(?: now| again)?${AT_END}`],
  // a probe, a float: what lets a starter in or not
  ['low level float held down', `${LEVEL_RELAY}(?:'s)?(?: light)?(?: is| shows| says| reads)? (?:red|tripped|low|out`
  + '|dropped out|off|open|low (?:water|level))(?:,? (?:and |it )?(?:says|shows|showing) low(?: water| level)?)?'],
  ['float switch wire broken', '(?:the )?(?:lower|low|upper|long|short|common|bottom|reference)? ?(?:probe|electrode)'
  + '(?:\'s)? (?:wire|lead)(?:\'s| is| was)? (?:broke|broken|snapped|corroded|come|came|burnt|rotted)(?: off'
  + '| through| loose| in two)?', '(?:wire|lead) (?:on|to|off|at) the (?:lower |low |upper |bottom )?(?:probe'
  + '|electrode)'
  + '(?:\'s| is| was)? (?:broke|broken|snapped|corroded|come|came|burnt|rotted)(?: off| through| loose| in two)?'],
  ['nothing out of the float switch', '(?<=(?:to|into|in|on) the float(?: switch)?,? (?:and |but )?)(?:nothing'
  + '|no (?:volts'
  + '|power)|zero) (?:coming |comes |going )?back(?: out| up)?'],
  ['tank-level normal', '(?:tank|cistern)(?:\'s| is)? full (?:to the (?:line|mark|top)) so it (?:ain\'t|is ?n[o\']t|'
  + 'can\'t be|not) the well'],
  // more than a leg has: on either side of a thing, and no two legs
  ['$1 into the $2, $3 outofit', `(2\\d\\d|4\\d\\d)(?: ?v(?:olts?)?)? on one side of the (switch|breaker|disconnect`
  + `|contactor|starter|fuse),? (?:and |but )*${OR_NOUGHT} on the other(?: side)?`],
  ['line $1 volts, load $2 volts', `(2\\d\\d|4\\d\\d)(?: ?v(?:olts?)?)? on one side,? (?:and |but )*${OR_NOUGHT} on the`
  + ' other(?: side)?'],
  ['$1 into the disconnect, $2 out of the disconnect', `${VOLTS} (?:at|into|on|going in(?:to)?) the disconnect(?: going`
  + ` in| coming in)?,? (?:and |but )?${OR_NOUGHT} (?:coming |going )?out(?: of it)?(?! of)`],
  ['$1, 0 volts at the $2', `(?<!\\d)(\\d+(?:\\.\\d+)?(?: ?v(?:olts?)?)? (?:at|on|in|behind|past`
  + `|after) the (?!pump|motor)`
  + `[a-z]+(?: [a-z]+)?),? (?:and|but) ${NOUGHT} (?:at|on) the (pump|motor)`],
  ['cap not bulged', '(?:the )?(?:start )?cap(?:acitor)? looks (?:fine|good|normal|all ?right|like new)'],
  ['$1 reads', '(?:i )?(?:checked|measured|ohmed(?: out)?|tested|rang(?: out)?|read) (?:the )?((?!and|it|both)[a-z]+'
  + '(?: (?!and|it)[a-z]+){0,2}(?: and (?!it)[a-z]+)?),? (?:and )?it(?:\'s| is| was| reads)(?= (?:open|ol|dead'
  + '|shorted))'],
  ['inlet valve half shut', '(?:the )?(?:city |town |they )?(?:had |left )?(?:shut |closed )?(?:the )?(?:street|city'
  + '|curb|meter|service) (?:valve|stop|cock)s?(?:\'s| is| was| were)? (?:shut|closed|off|half shut|turned off)',
  '(?:the )?(?:city|town|water company|they)(?: had| have|\'d)? (?:shut|closed|turned off) the (?:street|city'
  + '|curb|meter|service) (?:valve|stop|cock)'],
  ['cable pinched', '(?:the )?(?:motor )?(?:lead|cable|wire|pigtail)s?(?:\'s| is| was| were| got)? (?:pinched|crushed'
  + '|squashed|nicked|mashed) (?:at|under|by|in|against) the (?:clamp|strap|torque arrest[oe]r|pump|motor'
  + '|pitless|well ?head|casing)'],
  // out of the well, and as it lies there
  ['pulled pump locked up', '(?<=(?:pulled (?:it|the pump)|out of the (?:well|hole)|on the (?:ground'
  + '|tailgate))[^;]*)(?:it )?(?:won\'t'
  + '|will not|doesn\'t|can\'t|not) turn(?: it)?(?: over)?(?: by hand)?'],
  ['wired for $1', '(?:it\'s |it is |motor(?:\'s| is) )?(?:still )?set up for (115|120|230|240)(?: ?v(?:olts)?)?'],
  ['wired for 115', 'jumpers?(?:\'s| is| are)? (?:still )?(?:set )?(?:in|on|at|for) (?:the )?(?:low'
  + '|115)(?: position| side'
  + '| volts?| setting)?'],
  ['$1 to ground', '\\b([abc]) (?:leg|phase) to ground', '\\b(?:leg|phase) ([abc]) to ground'],
  ['insulation cooked', '(?:the )?insulation(?:\'s| is| was) (?:cooked|melted|burnt)(?: about'
  + '| maybe)? [a-z0-9]+ inch(?:es)?'
  + ' back'],
  ['hear it run back', '(?:i |you )?(?:can )?hear (?:it|the water|water) (?:draining|going'
  + '|trickling) back(?: down)?'
  + '(?: the (?:well|pipe|hole))?'],
  ['well pump breaker is tripped', 'no power on the well pump breaker,? it(?:\'s| is) tripped'],
  ['drain valve leaks', '(?:the )?drain(?: valve| cock)? (?:won\'t|does not|doesn\'t|will not|not) (?:seat|close'
  + '|shut)(?: all'
  + ' the way)?'],
  ['screams', '(?:screeching|screaming|squealing|howling)(?: so loud)? you can hear (?:it )?(?:from|across'
  + '|down)[a-z ]*'],
  // each lead as the first
  ['', '(?<=\\d[^;]*),? (?:and |but )?(?:it\'s |they\'re )?(?:about |pretty much |roughly |just )?the same (?:on|for'
  + '|with|to) (?:the )?(?:other two|others|other ones|rest)(?: of them)?'],
  ['leads to ground over 20 meg', '(?:neither|none|nothing)(?: one| of them)? (?:to|reads to) (?:ground'
  + '|earth)(?: either'
  + '| at all)?,? (?:they\'re |it\'s |both )?(?:way )?up in the megs', '(?:to (?:ground|earth) )?(?:it\'s |they\'re'
  + ' |both )*(?:way )?up in the megs(?: to (?:ground|earth))?'],
]
