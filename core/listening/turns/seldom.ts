/** Of what is met less often: valves by themselves, reducers, feeds in the ground, protectors, generators, caps. */
import { N } from './partsOfSpeech'
import type { Joined } from './turnOf'

const PSI_SAID = '(?: ?psi| pounds| lbs)?'
const VALVE = '(?:gate|ball|globe|house|main) valve (?:to|for|on|after) the \\w+'
const TO_EARTH = '(?:to )?(?:ground|earth)'

/** No figures of the machine. */
const NO_FIGURES: readonly Joined[] = [
  ['hot room', '(?:it\'s )?(?:a |over a )?hundred(?: and \\w+)?(?: degrees)(?: in there| in here)?'],
  ['', '(?<=gallons? (?:a minute )?(?:flat out)?),? (?:and )?it\'s an? (?:ten|twelve|fifteen|seven|five|\\d+)(?:'
  + ' gpm)?(?= ?$)'],
  ['', '(?<=chatters .*)(?:and )?again as it goes off'],
  ['', '(?:well )?cap(?:\'s)? off(?=,? (?:water|i|you|can|and)\\b)'],
  ['', 'on (?:the )?(?:utility|house power) it (?:starts|runs),? \\d+(?:\\.\\d+)?(?: ?a(?:mps)?)?'],
  ['contacts are $1', 'switch contacts are (open|closed)'],
  ['', '(?:contactor|starter) drops out when i pull [\\w ]+?,? so it\'s not (?:stuck|welded)'],
]

/** Volts where there are none, or fewer on one side. */
const OF_VOLTS: readonly Joined[] = [
  ['$1 0/0/0 volts', '(?<=^ ?)0 0 0 (?:at|on) the (starter|contactor|breaker)', '0 0 0 (?:at|out of) the'
  + ' (disconnect)'],
  ['$1 to ground on one, 0 on the other', '(1[012]\\d)(?: volts)? to ground on one(?: wire| leg| side| screw)?'
  + '(?: at the switch)?,? (?:and )?(?:nothing|zero|0) on the other'],
  ['$1 to ground on one, $1 on the other', '(?<=^ ?)(1[012]\\d)(?: volts)? to ground on both of them(?= ?$)'],
  ['line $1 volts, load $1 volts', '(1[012]\\d|2[0-5]\\d|4[4-9]\\d) all the way through'],
  ['on a generator, line $1 volts idle', '(\\d{3}) at the starter on (?:the )?generator with nothing on'],
  ['line sags to $1 as it starts', '(?<=^ ?)(?:it )?(?:sags|drops|falls) to (\\d{3}) when it pulls in'],
  ['amps $1 at start', `${N} amps and (?:falling|dropping|kicking) out`],
  ['supply $1 volts', `${N}(?: volts)? across the main(?: lugs| breaker)?(?! winding)`],
  ['breaker was off', '(?:somebody|someone|they|he|she)(?:\'d| had)? (?:flipped|turned|switched|shut) the'
  + ' (?:well |pump )?'
  + 'breaker off'],
  ['breaker off', 'breaker(?: handle)?(?: in the \\w+)? is off,? not tripped(?:,? (?:just )?off)?'],
  ['trips when the switch closes, holds with it open', '(?:with )?(?:the )?switch (?:turned|flipped|set to)'
  + ' off(?:,| and)?'
  + ' (?:the )?breaker'
  + ' holds', 'with the switch turned off the breaker holds'],
  ['other breaker holds', 'moved (?:the pump|it) to an? (?:known )?(?:good |other |spare |different )+breaker,?'
  + ' (?:and )?(?:it )?(?:ran|runs|held|holds)[\\w ]*'],
  ['run cap 0 uf', 'run cap(?:acitor)?(?: reads| is|\'s)? (?:0?\\.\\d ohms|0 ohms|shorted)(?:,? (?:a )?dead short)?'],
]

/** Pressure on both sides of a thing, and in an empty tank. */
const OF_PRESSURE: readonly Joined[] = [
  ['precharge $1 psi', `precharge(?:'s| is)? ${N}${PSI_SAID} on an? \\d\\d[ /-]\\d\\d`,
    `checked the air(?: with the tank empty)?,? (?:it's |it has )?${N}${PSI_SAID}(?= ?$)`],
  ['accumulator precharge $1 psi', `accumulator(?: tank)? and there's no air in it,? ${N}${PSI_SAID}`],
  ['reducing valve choked', `(?:gauge )?(?:after|behind|past|downstream of) the (?:pressure )?(?:reducer`
  + `|reducing valve)`
  + `(?: says| reads| is|'s)? [12]\\d${PSI_SAID}`,
  `(?:there's )?an? (?:pressure )?(?:reducer|reducing valve) after the tank and the gauge (?:behind|after|past)`
  + ` it reads`
  + ` [12]\\d${PSI_SAID}`],
  ['filter drops', '(?<=^ ?)[12]?\\d(?: psi| pounds)? (?:on the far side of|after|past|behind) the filter'
  + '(?: with [\\w ]+)?(?= ?$)'],
  ['no drop across the filter', '(?<=^ ?)[3-6]\\d(?: psi| pounds)? (?:on the far side of|after|past|behind) the filter'
  + '(?: with [\\w ]+)?(?= ?$)'],
  ['shut the house valve', 'shut the main valve'],
  ['house valve shut holds', 'shut the house valve,? (?:and )?(?:it )?(?:sat|stayed|held|holds) (?:at |on'
  + ' )?\\d\\d+ for'
  + ' (?:an?|half an|\\w+) (?:hours?|minutes)'],
  ['precharge $1 psi', `air in the tank(?:'s| is)? ${N}${PSI_SAID}(?: with it (?:drained|empty))?,? on an?`
  + ` \\d\\d[ /-]\\d\\d`],
  ['cycle 90 seconds', '(?<=^ ?)(?:a|1) minute and a half now'],
  ['leak down 0 psi', '(?<=^ ?)holds(?: at)? \\d\\d(?= ?$)', '(?<=^ ?|, )\\d\\d holds(?= ?$)', '(?<=^ ?)\\d\\d'
  + ' for (?:an?|half an|\\w+) (?:hours?'
  + '|minutes)(?= ?$)'],
  ['', '(?<=^ ?)(?:opened it(?: back up)?,? )?down to \\d+ in \\w+ minutes'],
  ['cut in $1, cut out $2', '(?:gauge at the tank goes )?([2-5][05]) to ([4-6][05]|70)(?: at the tank)?(?:,?'
  + ' normal)?(?= ?$)'],
  ['peak $1 psi', `shut in it (?:still )?makes ${N}`],
]

/** Valves, feeds, parts by themselves. */
const OF_THINGS: readonly Joined[] = [
  ['house valve was shut', `${VALVE} (?:is|was) (?:only |just )?(?:one turn open|half (?:shut|closed|open)`
  + `|mostly (?:shut`
  + '|closed)|barely open|nearly shut|shut|closed)'],
  ['feed wire rubbed to the metal', `(?:the )?(?:feed|feeder|underground)(?: wire| cable)? reads? ${N} ?(?:ohms`
  + `|k) ${TO_EARTH}`
  + '(?: on (?:one|both|each) (?:wires?|legs?))?(?: with both ends off)?'],
  ['pump casing is cracked , has been frozen', '(?:volute|casing|housing|case)(?:\'s| is) cracked[^,]*,? (?:and'
  + ' )?it froze'
  + '[\\w ]*'],
  ['pump casing is cracked', '(?:volute|casing|housing|case)(?:\'s| is) cracked(?: from[^,]*)?'],
  ['motor vents packed, motor hot', '(?:it\'s )?in an? (?:plywood |closed |little |sealed |tight )*(?:box|closet'
  + '|cabinet)'
  + ' with no vents?(?: and you can\'t (?:touch it|hold your hand on it))?'],
  ['impeller loose on the shaft', 'impeller(?:\'s| is| has)? (?:come )?unscrewed(?: off| from)?(?: the| its)? shaft'],
  ['coupling sheared', 'shaft (?:behind|past|after|at) the (?:seal|coupling) (?:isn\'t|is not|doesn\'t) turn(?:ing)?'
  + '(?: with the motor)?'],
  ['switch far from the tank', 'switch is (?:screwed |mounted |threaded )?(?:right )?(?:in|on|into|onto) the'
  + ' pump(?: head)?'
  + '(?:,? (?:and )?(?:the )?tank\'?s? (?:is )?\\w+ feet (?:off|away))?'],
  ['switch wired wrong', '(?:he\'s got |somebody has |they\'ve got )?(?:the )?line and (?:the )?(?:motor|load)'
  + ' on the same'
  + ' side(?:,? one wire straight through)?'],
  ['water leaking out of the pressure switch', 'pressure switch(?:\'s| is) (?:dripping|leaking|weeping'
  + '|spraying)(?: water)?'
  + '(?: (?:out of|from|at) the bottom)?'],
  ['impeller packed', 'impeller(?:\'s)? vanes are (?:packed|plugged|full)(?: solid)?(?: (?:with|of) \\w+)?'],
  ['motor alone', 'motor by itself after we pulled it(?: is| reads)?'],
  ['feed wires touching', '(?:took it )?off the breaker too,? (?:it\'s )?(?:0?\\.\\d+|0) ohms between the two(?:'
  + ' wires)?'],
  ['works', 'clean on and clean off'],
  ['protector tripped', `${N} into the protector,? (?:and )?nothing out`, '(?:it|protector|box) says dry ?run'],
  ['pitless leaks', '(?<!bowl )o-ring(?:\'s| is) gone(?= ?$)'],
]

export const TURNS_OF_THE_SELDOM: readonly Joined[] = [...NO_FIGURES, ...OF_VOLTS, ...OF_PRESSURE, ...OF_THINGS]
