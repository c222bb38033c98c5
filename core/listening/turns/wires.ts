/** What is read on wires by themselves, off at both ends: the feed by its many names. */
import type { Joined } from './turnOf'

const THE = '(?:the |both |all )?'
/** What it is called; a cord is the feed of what is plugged in. */
const FEED = '(?:feed(?: wires?| cable)?|line(?:[ -]side)? wires?|supply wires?|incoming wires?|power cord'
  + '|cord(?! to the (?:motor|pump|box))'
  + '|wires? (?:coming |back )?(?:from|to) the (?:panel|breaker)|hots? (?:of|in) the (?:cord|feed))'
const FIGURE = '(\\d[\\d.]*(?: ?(?:ohms?|kohms?|k|meg\\w*))|ol)'
const SHORT = '(?:a |dead |basically |pretty much |it[\'’]s |is |reads? |shows? )*(?:shorted|short|continuity|zero|0)'
const GROUND = '(?:ground|earth|the (?:conduit|pipe|box|bare|frame))'
/** On the way from the wire to its figure: where they are off. */
const OFF = '(?:,? (?:off|loose|unplugged|apart|open|disconnected|lifted)(?: (?:at |on |from )?(?:both ends|the'
  + ' \\w+))?)?'
const BETWEEN = '(?:between (?:them|the (?:two|wires|hots|legs|blades)(?: (?:hots|wires|legs|of them))?'
  + `(?: (?:of|in) ${THE}(?:cord|feed|cable|run))?)|(?:leg to leg|wire to wire|blade to blade|hot to hot`
  + '|prong to prong|line to line|to each other|across(?: (?:it|them))?))'
const IS = '(?:,| is| are| reads?| shows?| says?| meg[a-z]*| i (?:get|got|have))*'

const READ: readonly Joined[] = [
  ['feed wires between $1', `${THE}${FEED}${OFF}${IS} ${FIGURE} ${BETWEEN}`,
    `${THE}${FEED}${OFF},? ${BETWEEN}${IS} ${FIGURE}(?: unplugged)?`],
  ['feed wires between 0.1 ohms', `(?:ohmed |checked )?${THE}${FEED}${OFF},? ${BETWEEN},? ${SHORT}`],
  ['feed wires to ground $1', `${THE}${FEED}${OFF}${IS} ${FIGURE} to ${GROUND}`,
    `${THE}${FEED}${OFF},? to ${GROUND}${IS} ${FIGURE}`,
    `(?:meg[a-z]*(?: test)?(?: on)?|insulation tester on) ${THE}${FEED}${OFF}${IS} ${FIGURE}`],
  ['feed wires to ground 0 ohms', `${THE}${FEED}${OFF},? to ${GROUND},? ${SHORT}`,
    `(?:meg[a-z]*(?: on)?) ${THE}${FEED}${OFF}${IS} (?:zero|0|nothing)`],
]

const PLUGGED = '(?:as soon as|when|the second|the minute) (?:it[\'’]?s|it is|you|i|she[\'’]?s) plug(?:ged)?(?: it)?'
  + ' in'
const SWITCH = '(?:pressure switch|switch|starter|contactor|disconnect)'
/** Only the feed hangs on the breaker, and it goes. */
const TRIPS: readonly Joined[] = [
  ['load wires off still trips',
    `(?:breaker )?(?:still )?trips (?:even )?with ${THE}wires off (?:of )?the line side(?: of the ${SWITCH})?`,
    `(?:breaker )?(?:still )?trips (?:even )?with ${THE}(?:line(?:[ -]side)?|feed) wires off(?: at the ${SWITCH})?`,
    `(?:lifted|took|pulled) ${THE}(?:line(?:[ -]side)?|feed) wires(?: off)?(?: too| also)?,? (?:and |but )?(?:the )?`
    + '(?:breaker|it) still trips',
    `${THE}(?:line(?:[ -]side)?|feed) wires off(?: (?:at|of) the ${SWITCH})?,? (?:and |but )?(?:it )?still trips`,
    `(?:it )?(?:still )?trips ${PLUGGED} with the switch(?: lever)? off`,
    '(?:breaker |main )?(?:still )?trips (?:even )?with the (?:starter|contactor) (?:open|out|not in|dropped out)'],
]

/** `took the line wires off the switch: still trips` */
const TAKEN_OFF: readonly Joined[] = [
  ['$1 off', '(wires?|leads?|side) off as well,?'],
  ['points open, load $1 volts', '(\\d+)(?: ?v(?:olts?)?)? (?:on|at'
  + '|across) the load(?: side)? with the (?:points|contacts'
  + '|switch) open'],
  ['line wires off at the switch', `(?:(?:took|pulled|lifted|removed) ${THE}|(?<=^ ?|, ?)off ${THE})`
  + `(?:line[ -]side|(?:line|feed|incoming|supply) (?:wires?|leads?|side))(?: off)?(?: at| from| of`
  + `| on)?(?: the)? ${SWITCH}`],
  ['to ground ol', 'no readings? to ground,? (?:on )?(?:either|neither|any|both)(?: (?:one|wire|leg|of them))*'],
  ['ohms between the wires ol', '(?:black|red|white) (?:and|to) (?:black|red|white),? nothing between(?: them)?'],
  ['ohms between the wires $1', `${FIGURE} (?:between|across) ${THE}(?:two )?(?:hots|legs)(?=,|$| and| but)`],
]

const VOLTS = '(\\d+)(?: ?v(?:olts?)?)?'
const legOf = (letter: string, n: number) => `(?:${letter}|l${n}|leg ${n}|phase ${letter})`
const [LEG_A, LEG_B, LEG_C] = [legOf('a', 1), legOf('b', 2), legOf('c', 3)]
const NEXT = ',? (?:and |but |only )?'
/** Each of three legs by its name. */
const THREE_LEGS: readonly Joined[] = [
  ['toground $1 $2 $3', `${LEG_A} to ground(?: is)? ${VOLTS}${NEXT}${LEG_B}(?: to ground)?(?: is)? ${VOLTS}`
  + `${NEXT}${LEG_C}(?: to ground)?(?: is)? ${VOLTS}`],
  ['toground $1 $1 $2', `${VOLTS} to ground on ${LEG_A} and ${LEG_B}${NEXT}${VOLTS} on ${LEG_C}`],
  ['toground $1 $2 $1', `${VOLTS} to ground on ${LEG_A} and ${LEG_C}${NEXT}${VOLTS} on ${LEG_B}`],
  ['toground $2 $1 $1', `${VOLTS} to ground on ${LEG_B} and ${LEG_C}${NEXT}${VOLTS} on ${LEG_A}`],
]

const IS_GONE = '(?:\'s| is| was)?(?: just)? (?:missing|gone|lost|not there|dead(?= (?:coming|at|into)\\b))'
/** A leg by its number or letter; `a phase` may be any. */
const letterOf = (n: number, letter: string) =>
  `(?:l${n}|(?:leg|phase|line) (?:${n}|${letter})${n > 1 ? `|${letter} (?:phase|leg)|${letter}` : ''})`
/** `leg 3 missing`, `no voltage on C`. */
const MISSING: readonly Joined[] = [1, 2, 3].map((n): Joined => {
  const leg = letterOf(n, 'abc'.charAt(n - 1))
  return [`l${n} to ground 0`, `${leg}${IS_GONE}`, `(?:missing|lost) ${leg}`, `no (?:voltage|volts|power) on ${leg}`]
})
const THERE = '(?:good|hot|there|present|live|fine|ok|up)'
const AT = '((?:at|into|out of|on) the (?:line|load|disconnect|breaker|starter|contactor|meter|fuses|switch)(?: side)?)'
const ALL_THREE: readonly Joined[] = [
  ['three good legs $1', `all three(?: legs| phases)?(?: are|'re)? ${THERE} ${AT}`],
  ['three good legs at the line side', `all three(?: legs| phases)?(?: are|'re)? ${THERE}(?: coming| going)? in`,
    'good three[- ]phase(?: coming| going)? in', '(?:the )?line side has all three',
    `(?<=^ ?)all three(?: legs| phases)?(?: are|'re)? ${THERE}(?= ?$)`],
]

/** What a cord has been through shows at it. */
const ILL_USED: readonly Joined[] = [
  ['cord is chafed', '(?:the )?(?:power )?cord(?:\'s| is| has| was| got)*(?: been)? (?:run over|mashed|flattened'
  + '|smashed|cut half through|nicked|skinned)(?: (?:by|with) .*)?'],
  ['', 'pulled (?:it|the wires?|them)(?: back| out)*(?: of the (?:conduit|pipe))?(?=,? (?:and )?(?:the )?insulation)'],
  ['line and load on the same screw', 'both (?:blacks|reds|whites|hots)(?: are|\'re| were)?(?: landed)? (?:on|under)'
  + ' (?:the same|one) (?:screw|terminal|side)'],
]

const PLUGGED_IN: readonly Joined[] = [['trips at once', `(?:it )?(?:trips|snaps|pops) ${PLUGGED}`]]

const THROUGH = '(?:post ?hole|fence post|post|auger|shovel|spade|stake|nail|screw|staple|trencher)'
/** What went through it. */
const PIERCED: readonly Joined[] = [
  ['dug up the wire', `(?:a )?${THROUGH}(?: hole)?(?: went| goes| is| was| ran)?(?: right| straight| clean)* `
  + `(?:through|into) the (?:cable|wires?|conduit|feed|line)(?: in the (?:yard|ground|trench|garden))?`],
]

/** Water where wires lie is no leak of the plumbing. */
const WET: readonly Joined[] = [
  ['conduit wet', '(?:the )?(?:conduit|pull box|handhole)(?: [a-z]+){0,5} (?:full of|holds|has) water(?: in it)?'],
]

export const TURNS_OF_WIRES: readonly Joined[] = [
  ...THREE_LEGS, ...MISSING, ...ALL_THREE, ...TAKEN_OFF, ...ILL_USED, ...READ, ...TRIPS, ...PLUGGED_IN,
  ...PIERCED, ...WET,
]
