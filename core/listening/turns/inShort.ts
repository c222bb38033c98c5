/** What is said in short speech at the work: screws, the far side of a thing, three of this and three of that. */
import { V } from './partsOfSpeech'
import type { Joined } from './turnOf'

const SCREWS = '(?:screws?|terminals?|legs?|wires?|lugs?|sides?)'
const IN = `(?:incoming|line|feed|top|supply)(?:[ -]side)?`
const OUT = `(?:outgoing|load|motor|pump|bottom)(?:[ -]side)?`
const ROW = '(\\d+(?:\\.\\d+)?)[ ,/]+(\\d+(?:\\.\\d+)?)(?:,? and |[ ,/]+)(\\d+(?:\\.\\d+)?)'
const ABOUT = '(?:about |around )?'

/** Volts by the screws that they were read on. */
const ON_SCREWS: readonly Joined[] = [
  ['line l1 to ground $1, line l2 to ground $1', `(1[012]\\d)${V} (?:on|at) (?:each|both)(?: of)?(?: the)?(?: two)?`
  + ` ${IN}`
  + `(?: ${SCREWS})?`],
  ['load l1 to ground $1, load l2 to ground $2', `(\\d+)${V} (?:on|at) (?:one|one side)(?: of)?(?: the)?(?: two)?`
  + ` ${OUT}`
  + `(?: ${SCREWS})?,? (?:and |but )?(\\d+)${V} (?:on|at) the other(?: one)?`],
  ['disconnect $2/$2/$1', `(?:leaving|out of|coming out of) the disconnect,? (\\d{3})${V} (?:on |across )?a ?(?:-`
  + `|to|and)?`
  + ` ?c,? and ${ABOUT}(\\d{2,3})${V} on the other two`],
  ['disconnect $1/$2/$2', `(?:leaving|out of|coming out of) the disconnect,? (\\d{3})${V} (?:on |across )?a ?(?:-`
  + `|to|and)?`
  + ` ?b,? and ${ABOUT}(\\d{2,3})${V} on the other two`],
  ['disconnect $2/$1/$2', `(?:leaving|out of|coming out of) the disconnect,? (\\d{3})${V} (?:on |across )?b ?(?:-`
  + `|to|and)?`
  + ` ?c,? and ${ABOUT}(\\d{2,3})${V} on the other two`],
  ['overload out $1/$2/$3', `(?:below|under|after|past|bottom of) the (?:overload|heaters?)(?: relay| block)?,?(?:`
  + ` i(?:'ve|`
  + ` have)? (?:got|get|have)| reads?| it's)? ${ROW}`],
  ['$1/$2/$3 volts, $4/$5/$6 amps', '(\\d{3})[ ,/]+(\\d{3})[ ,/]+(\\d{3}) and (\\d{1,2}(?:\\.\\d)?)[ ,/]+'
  + '(\\d{1,2}(?:\\.\\d)?)[ ,/]+(\\d{1,2}(?:\\.\\d)?)'],
]

/** Volts into a thing and out of it. */
const IN_AND_OUT: readonly Joined[] = [
  ['$1 into the fuse, $2 out of the fuse', `(\\d+(?:\\.\\d+)?)${V} (?:going |coming )?into the (?:inline |in-line`
  + ` )?fuse,? (?:and |but`
  + ` )?(\\d+(?:\\.\\d+)?)${V} (?:coming |going )?out(?: of it)?(?: with the switch on)?`],
  ['$1 into the overload contact, 0 out of the overload contact', `(\\d{2,3})${V} into the overload's? (?:(?:little`
  + `|small|aux(?:iliary)?) )?contacts?,? (?:and |but )?(?:nothing|zero|0) (?:comes |coming )?out of (?:it|the`
  + ` overload)`],
  ['$1 to the pressure switch, nothing out of it', `(\\d{2,3})${V} (?:to|into|at|up to) the pressure switch and `
  + `(?:nothing|zero`
  + '|0) (?:back|coming back|after|past it)'],
  ['$1 all three at the $2', `all (?:three )?(\\d{3})${V} at the (panel|breaker|disconnect|starter)`],
]

/** Ohms to ground, in a word and in a figure. */
const TO_GROUND: readonly Joined[] = [
  ['lead to lead $1 ohms', '(?:reads? )(\\d\\.\\d+)(?: ohms?)? between the two(?: of them)?'],
  ['to ground $1 ohms', 'to ground,? (?:basically |pretty much |it\'s )*(?:a )?dead short,? (\\d+(?:\\.\\d+)?) ohms?'],
  ['motor alone dead to ground', 'motor (?:by itself|alone)(?: is|\'s)?(?: dead| shorted| zero| down)? to ground,?'
  + ' (?:and |but )?(?:the )?(?:cable|wire)(?:\'s| is)? (?:megs? |tests? |checks? )?(?:fine|good|clean|ok)'],
  ['motor alone dead to ground', 'motor(?: leads?)? to (?:the |its )?(?:can|shell|body)[:,]? (?:a )?'
  + '(?:dead short|shorted|zero|0|\\d+)(?: ohms?)?'],
]

/** Parts, as they are found. */
const OF_PARTS: readonly Joined[] = [
  ['prime is empty', 'prime(?:\'s| is)? (?:down|low|short)(?: by)?(?: about| maybe)?'
  + '(?: (?:half|a (?:foot|gallon|quart)|some|a lot))?'],
  ['thermal trips', '(?:the )?thermal (?:kicks|pops|clicks|lets go|opens|goes)(?: out| off| open)?'],
  ['impeller loose on the shaft', 'impeller(?:\'s| is)? (?:just )?(?:spins|spinning|slips|slipping|turns|turning) '
  + '(?:free(?:ly)?'
  + '|loose)? ?on the shaft'],
  ['tank inlet plugged', '(?:pulled|took|had) the tank(?: off)?,? (?:and )?(?:the |its )?(?:nipple|elbow|fitting|hole'
  + '|opening)(?: (?:in|on)?(?:to)? ?it)?(?:\'s| is| was)?(?: all)? (?:closed up|plugged|blocked|packed|choked'
  + '|rusted shut|full)(?: (?:with|of|solid) ?\\w*)?'],
  ['head gasket leaks', 'gasket(?:\'s| is| was)? (?:burnt|burned|blown|eaten|blew|gone) ?(?:through|out|away)?(?:'
  + ' between'
  + ' (?:the )?(?:two )?(?:bores|cylinders|holes|ports))?'],
  ['head blows', 'puffing (?:out )?(?:of )?the side of the head'],
  ['relief blows, gauge $1 psi', '(?:relief|safety|pop[- ]?off)(?: valve)?(?:\'s| is)? (?:blowing|popping|lifting|going'
  + ' off)(?: off)? at (\\d+)'],
  ['starter contacts welded', '(?:two|one|all)(?: of the(?: three)?)? (?:poles?|contacts?|points?) (?:is|are) '
  + '(?:stuck|welded)'
  + '(?: together| shut| closed)?', '(?:turned|flipped|switched|moved) the (?:switch )?lever (?:to )?off,? (?:and'
  + '|but) (?:the'
  + ' )?(?:motor|it|compressor|starter) (?:just )?(?:keeps|kept|stays|stayed|still) (?:right )?(?:on|in|running'
  + '|runs|going)'],
  ['disconnect lug burnt', 'lug(?: on \\w+)?(?: at| in) the disconnect(?:\'s| is)? (?:purple|blue|black|brown|burnt'
  + '|burned'
  + '|discolou?red|cooked)(?: from (?:the )?heat)?'],
  ['pushed the contactor in', '(?:hit|poked|shoved|pressed) the (?:contactor|starter) with an? [\\w ]{3,16}(?= and )'],
  ['motor shaft will not turn', '(?:pulled (?:it|the pump),? (?:and )?)?(?:the )?motor shaft (?:won\'t|will not'
  + '|doesn\'t)'
  + ' (?:budge|move|rotate|spin)'],
  ['well quiet', 'no (?:noise|sound) of water (?:falling|running|dripping)(?: back)?(?: down)?(?: in| into| inside) the'
  + ' (?:well|casing)'],
  ['intake screen plugged', '(?<=pulled (?:it|the pump),? (?:and )?)(?:the )?(?:screen|intake|inlet)(?: screen)?'
  + '(?:\'s| is'
  + '| was)? (?:all )?(?:caked|plugged|packed|clogged|solid|choked)(?: up| solid)?(?: with [\\w ]+)?'],
  ['leak at the switch', 'water (?:is )?(?:dripping|leaking|running|coming|seeping)(?: out)?(?: of)?(?: from)?(?: the)?'
  + ' (?:bottom |cover |underside )?(?:of )?(?:the )?(?:pressure )?switch'],
  ['contacts wet', 'took the cover off,? (?:it\'s|everything\'s|everything is|all) (?:all )?(?:wet|soaked|full of'
  + ' water) inside', 'everything(?:\'s| is) (?:all )?(?:wet|soaked) inside'],
  ['', '(?:intake|air)(?: filter| filter element)?(?:\'s| is)? clean'],
  ['b fuse open', '(?:line )?fuse (?:[1-3abc]|number (?:one|two|three))[:,]?(?: has| is| reads?| shows?)? (?:no'
  + ' continuity'
  + '|open|blown|ol|bad)'],
  ['float hung up', '(?:float )?(?:cord|cable|float)(?:\'s| is| was)? (?:wrapped|wound|looped) (?:up )?(?:around|round)'
  + ' [\\w ]+?(?= ?(?:$|[,;.]))'],
]

/** It stays on, or goes off. */
const ON_AND_OFF: readonly Joined[] = [
  ['', 'running or not', 'so the gauge goes (?:way |right )?(?:down|up) before it (?:kicks|comes|goes) (?:in|on|off)'],
  ['cuts in at $1 psi, cuts out at $2 psi', '(?:it\'s |it is |was )?(?:coming|kicking|turning) (?:on|in) at (\\d+)'
  + '(?: ?psi)?,? (?:and )?'
  + '(?:shutting|cutting|kicking|turning|going) (?:it )?(?:off|out) at (\\d+)(?: ?psi)?'],
  ['cuts in at $1 psi', 'pulls in at (\\d+)(?: ?psi)?(?= ?(?:$|[,;.]))'],
  ['runs on, stalls at $1 psi', 'runs all day and (?:only )?gets to (\\d+)(?: ?psi)?'],
  ['fill $1 minutes', '(?<=^ ?)(\\w+) min(?:ute)?s(?= ?$)'],
  ['start to start 90 seconds', '(?:it )?cycles every minute and a half'],
  ['keeps running with the taps shut', '(?:all |every )?(?:the )?(?:taps?|faucets?|everything|it all)(?: is|\'s| are)?'
  + '(?: all)? (?:shut|closed|off),? (?:and |but )?it(?:\'s| is)? (?:still |keeps? )(?:going|runn?(?:s|ing)|on)'],
  ['stalls at $1 psi', '(?:gets|goes|climbs|comes up|gets up) to (\\d+)(?: ?psi| pounds)? and (?:just )?(?:sits'
  + '|stays|hangs'
  + '|quits climbing|goes no (?:more|further|higher))(?: there)?'],
  ['works', '(?<=^ ?|, ?)(?:it )?starts (?:right up )?every time(?= ?$)'],
  ['start to start over $1 seconds', 'now (?:it )?runs (?:over|about|a good|for) (\\d+) seconds', '(?:it )?runs '
  + '(?:over|about|a good|for) (\\d+) seconds now'],
  ['start to start over 60 s', 'now (?:it )?runs (?:over|about|for|a good)(?: a)? minute', '(?:it )?runs (?:over'
  + '|about|for|a good)(?: a)? minute now'],
]

export const TURNS_IN_SHORT: readonly Joined[] = [
  ...ON_SCREWS, ...IN_AND_OUT, ...TO_GROUND, ...OF_PARTS, ...ON_AND_OFF,
]
