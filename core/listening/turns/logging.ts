/** What is written in a log: labels and their figures, in the passive, with how things stood. Common practice. */
import { N } from './partsOfSpeech'
import type { Joined } from './turnOf'

const FEW = '(\\d*\\.?\\d+)'
const OHMS = '(?: ?(?:ohms?|Ω))'
const MINUTES = '(?:for )?(?:a|one|two|five|ten|fifteen|twenty|thirty|half an|\\d+) ?(?:min(?:ute)?s?|hours?|hrs?|h)'
const COLON = '(?: is| was| reads?| read)?[:,]? '

/** Three in a row. */
const IN_ROW: readonly Joined[] = [
  ['$1/$2/$3$4', `(?<!drops?\\b.*)${FEW}, ${FEW},? (?:and )?${FEW}( ?(?:k|m)?(?:ohms?|Ω)(?: each)?| ?a(?:mps?)?| ?v`
  + `(?:olts?)?)`],
  ['amps $1/$2/$3', `(?:line |motor |running |phase )?currents?${COLON}${N}[/,] ?${N}[/,] ?${N}(?: ?a`
  + `(?:mps?)?)?`],
]

/** Ohms of leads, and to ground. */
const OF_LEADS: readonly Joined[] = [
  ['lead to lead $1 ohms', `(?<!l2 ?[-/] ?l3.*)l1 ?(?:-|/|to) ?l2${COLON}${FEW}${OHMS}(?!.*l2 ?[-/] ?l3)`],
  ['$1 volts into the box', `supply (?:voltage|volts) (?:at|to|into) (?:the )?(?:control )?box${COLON}${N}(?: ?v`
  + `(?:olts?)?)?`],
  ['float works', '(?:lift(?:ed|s)?|rais(?:ed?|es)) (?:the )?float(?: by hand| up)?,? (?:and )?(?:the )?(?:well )?pump'
  + ' (?:stops|quits|shuts off)'],
  ['float stuck on', `(?:0|zero|no)${OHMS} (?:through|across) (?:the )?float(?: switch)? (?:in both positions|up`
  + ` and down`
  + '|both ways|up or down|either way)'],
  ['$1 volts into the box', `(?:at |to )?(?:the )?(?:control )?box[:,]? (?:line|supply|input|incoming)(?: side|`
  + ` terminals)`
  + `?${COLON}${N}(?: ?v(?:olts?)?)?`],
  ['red splice corroded', 'splice (?:of|on|at) (?:the )?red(?: conductor| wire| lead)?(?: was| is)? (?:corroded|rotted'
  + '|burnt|burned|open)(?: through| off| away)?'],
  ['pump side dead to ground', `(?<=(?:to ground|insulation|megs?).*)(?:well|pump|motor)[ -]side${COLON}${N}`
  + `(?: ?k)?${OHMS}`],
  ['motor alone dead to ground', `(?:cable|drop cable|cable side)(?: to ground)?${COLON}(?:ol|open|clear|> ?\\d+`
  + ` ?m\\w*),? motor(?: leads?| side)?(?: to ground)?${COLON}${N}(?: ?k)?${OHMS}`,
  `motor(?: leads?| side)?(?: to ground)?${COLON}${N}(?: ?k)?${OHMS}(?: to ground)?,? cable(?: side)?(?: to`
  + ' ground)?:? (?:ol|open|clear|good|ok)'],
  ['cable by itself dead to ground', `(?:cable|drop cable|cable side) to ground${COLON}${N}(?: ?k)?${OHMS},?`
  + ' motor(?: leads?| side)?(?: to ground)?:? (?:ol|open|clear|good|ok|> ?\\d+ ?m\\w*)'],
  ['motor alone whole', `(?:motor )?(?:red|black|yellow)(?: to |[ -/])(?:red|black|yellow)${COLON}${FEW}`
  + `(?:${OHMS})? at `
  + '(?:the )?motor leads?'],
  ['motor alone open', 'at (?:the )?motor[:,]? (?:(?:lead )?[nt]\\d|lead \\d|one lead|one winding|phase \\w+)(?: is'
  + '| reads)? open'],
  ['pump side open', '(?<=well ?head.*)(?:motor|pump|well)[ -]side[:,]? [\\d.]+ ?[/,] ?ol ?[/,] ?ol',
    '(?<=well ?head.*)(?:motor|pump|well)[ -]side[:,]? ol ?[/,] ?(?:ol ?[/,] ?[\\d.]+|[\\d.]+ ?[/,] ?ol)'],
  ['', 'pipe (?:is )?sound', '(?:house|panel|cable)[ -]side cable(?: loop)?(?: tested| checked| tests| is)? (?:ok'
  + '|good|fine)'],
]

/** Current, and how it went. */
const OF_CURRENT: readonly Joined[] = [
  ['amps $1 at start', '(?:start(?:ing)?|locked(?:[ -]rotor)?|inrush|initial) (?:current|amps|amperage)(?: is| of|:)?'
  + ` ${N}(?: ?a(?:mps?)?)?,? (?:and |but )?(?:it )?(?:does not|doesn't|did not|didn't|never|won't) (?:fall|drop|come`
  + '|go|decrease)s?(?: down| off| back)*',
  `(?:current|amps|amperage|draw)(?: during| on| at)? (?:attempt(?:ed start)?|trying|start attempt)${COLON}${N}`
  + '(?: ?a(?:mps?)?)?(?: until .*)?'],
  ['overload lets go, amps $1 at start', `(?:current|amps)[:,]? (?:on )?(?:the )?(?:yellow|black|main|line)[:,]? ${N}`
  + '(?: ?a(?:mps?)?)? (?:for|about) \\d+ ?s(?:ec(?:ond)?s?)?,? (?:and )?then (?:drops|cuts|kicks|trips|clicks|opens)'
  + '(?: off| out)?'],
  ['runs $1 amps', '(?:(?:the )?(?:pump|motor|compressor|unit) )?starts?(?: up| right up| fine| normally| at once)?,?'
  + ` (?:and )?(?:draws |pulls |running (?:current |amps )?(?:is |at )?)?(\\d+\\.\\d+) ?a(?:mps?)?(?: running)?`],
  ['nothing out of the switch', '(?:after|behind|downstream of) (?:the )?(?:pressure |demand )?switch[:,]? (?:0|zero'
  + '|nothing)(?: ?v(?:olts?)?)?'],
  ['0 volts', '(?<=load.*\\d.*,? )(?:and )?0(?: ?v(?:olts?)?)? (?:between|leg to leg|across)(?: them| both)?'],
]

/** How the work stood, what was done on the way: no findings. */
const OF_THE_WORK: readonly Joined[] = [
  ['', '(?:well )?pump (?:was )?pulled(?= ?(?:[.,;:]|$))', '(?:with )?(?:the )?(?:pressure )?switch (?:contacts'
  + ' )?closed'
  + '(?= ?(?:[.,;]|$))(?<=(?:volts?|v|terminals?|a1|a2).*)', 'control circuit[:,]'],
  ['', '(?<=(?:box|cover|cap|capacitor|switch|motor|one).*)of (?:the )?(?:same|correct|right|proper|equal) (?:size'
  + '|rating|type|hp|horsepower|kind|value|model)',
  'with (?:an )?(?:insulated|plastic|wooden) (?:tool|stick|screwdriver|rod|handle)', 'at (?:full|max(?:imum)?|high'
  + '|normal|cut-?out) (?:pressure|load)(?= ?(?:[.,;]|$))', '(?:with (?:the )?)?power (?:turned |shut )?off(?= ?$)',
  '(?<=^ ?)(?:turn|open)(?:ed|s)?(?: on| up)? (?:a|the|one|two) (?:\\w+ )?(?:faucets?|taps?|showers?|spigots?'
  + '|hoses?)(?= ?(?:$|[,;.]))',
  '(?:and |then )*(?:reassembled?s?|puts? (?:it )?back together)(?= ?(?:[.,;]|$))'],
  ['overload lets go', '(?<=^ ?)(?:the )?box (?:kicks|trips|clicks|cuts|drops) (?:out|off)(?: (?:after|in|within)'
  + ' .{1,16})?'
  + '(?= ?(?:[.,;]|$))'],
  ['', '(?:as )?(?:recommended|advised|noted|documented|photographed|customer (?:informed|advised|notified))(?= ?'
  + '(?:[.,;]'
  + '|$))'],
  ['contacts burnt', '(?:contacts? )?(?:inspected|inspection)(?: dead| with power off)?[:,] (?:left|right|one|pole \\d)'
  + '(?: pole| side| contact)? (?:is |was )?(?:burnt|burned)(?: off| away| through)?', 'pole \\d(?: is| was)? (?:burnt'
  + '|burned)(?: off| away| through| up)?'],
]

/** It holds, falls, starts again. */
const OF_HOLDING: readonly Joined[] = [
  ['leak down 0 psi', `(?<!(?:house|valve|breaker|fuses?|overload|closed).*)(?:\\d+(?: ?psi)? )?(?:held|holds`
  + `|holding|steady)(?: at)?(?: \\d+(?: ?psi)?)? ${MINUTES}`],
  ['', 'soap(?: test| solution)?: (?!every|all)(?:[\\w ]+, ?)*[\\w ]+[:,] (?:no bubbles|no leaks?|nothing'
  + '|clean|dry'
  + '|none)'],
  ['house shut still falls, leak down', '(?:stopped |off )?with (?:the )?(?:house valve|valve to (?:the )?house)'
  + ' (?:closed|shut)[:,]? (?:pressure )?(?:falls|drops|fell|dropped)(?= from)'],
  ['works', '(?:pump |it )?starts(?: at (?:an? )?open (?:tap|faucet)),? (?:and )?(?:stops|shuts off) (?:at \\d+'
  + '(?: ?psi)?|when (?:the tap is )?closed)', '(?:starts (?:at once|every time|normally|fine|immediately),? )?(?:five'
  + '|three|ten|six|\\d+) (?:good )?starts', '(?:dry|no leaks?|no drips?) after \\d+ ?(?:min(?:ute)?s?|h(?:ou)?rs?)'],
  ['works', 'r[au]ns? (?:for )?(?:an?|one|two|three|half an|ten|twenty|thirty|\\d+) ?(?:hours?|min(?:ute)?s?|days?)'
  + ' without (?:tripping|stopping|any (?:issues?|problems?|trips?)|issues?|problems?)'],
  ['red 0 running', 'red(?: wire| lead)?(?: current| amps)? (?:drops|goes|falls|dropped|fell) to (?:0|nothing|zero)'
  + '(?: a(?:mps?)?)? after (?:the )?start'],
  ['spun the shaft and it runs', '(?:motor|shaft|pump|fan)(?: was)? (?:spun|turned|flicked)(?: by hand)?(?: with '
  + '(?:the )?'
  + 'power on| while energi[sz]ed)[:,]? (?:it )?(?:runs|starts|takes off)'],
  ['suction joint sucked in the soap', '(?:shaving cream|soap(?:suds)?|foam|grease|smoke|water)(?: is| was| gets)?'
  + ' (?:drawn|sucked|pulled)(?: right)? in (?:at|through|by|around) (?:the )?(?:suction )?(?:union|joint|fitting|elbow'
  + '|threads?|adapter)(?: ahead of (?:the )?pump| on (?:the )?suction(?: line| side)?)?'],
  ['primed it and loses prime', 'primed[:,] (?:pressure )?(?:rises|builds|comes up|goes up)(?: to \\d+(?: ?psi)?)?,?'
  + ' (?:and )?then (?:falls|drops|loses|dies)(?: off| back| away)?(?: prime)?(?: with)?in .*'],
]

export const TURNS_OF_LOGS: readonly Joined[] = [
  ...IN_ROW, ...OF_LEADS, ...OF_CURRENT, ...OF_THE_WORK, ...OF_HOLDING,
]
