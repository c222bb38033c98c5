/**
 * How it is written on the lid of a box or the back of a ticket: no verbs, one thing beside the other. Common practice,
 * no source.
 */
import type { Joined } from './turnOf'

const FIG = '\\d*\\.?\\d+'
const MEG = '(?: ?m(?:eg\\w*)?)?'
const GROUND = '(?: to ground)?'
const LOW = `(?:under )?(?:0?\\.\\d+(?: ?ohms?|${MEG})|0(?: ?ohms?|${MEG})|${FIG} ?(?:k|ohms?))${GROUND}`
const SOUND = `(?:over )?(?:\\d{2,}${MEG}|ol|open|good|clear)${GROUND}`
const MOTOR_SIDE = '(?:pump|motor|down ?hole|well)(?: side)?(?: (?:and|\\+) (?:motor|drop cable|cable))?'
  + '|drop cable ?(?:\\+'
  + '|and|&) ?motor'
const HOUSE_SIDE = '(?:house|trench|underground|feed|panel|ug)(?: side| cable| wires?| run)?'
const BETWEEN = ' ?,? (?:and )?'

export const TURNS_OF_SCRIBBLED: readonly Joined[] = [
  [
    ', motor side to ground',
    `(?:${MOTOR_SIDE}) ${LOW}${BETWEEN}(?:${HOUSE_SIDE}) ${SOUND}`,
    `(?:${HOUSE_SIDE}) ${SOUND}${BETWEEN}(?:${MOTOR_SIDE}) ${LOW}`,
  ],
  [
    ', house side to ground',
    `(?:${MOTOR_SIDE}) ${SOUND}${BETWEEN}(?:${HOUSE_SIDE}) ${LOW}`,
    `(?:${HOUSE_SIDE}) ${LOW}${BETWEEN}(?:${MOTOR_SIDE}) ${SOUND}`,
  ],
  [
    'meg toground $1 meg', `meg(?:ged)? (?:b ?/ ?y ?/ ?r|all three|all 3|blk ?/ ?yel ?/ ?red|t1 ?/ ?t2 ?/ ?t3)`
    + ` to ground(?: all)? (${FIG})${MEG}`,
  ],
  ['ohms of each pair of leads $1/$2/$3', 'ph(?:ase)?[- ](?:to[- ])?ph(?:ase)? (\\d{1,2}(?:\\.\\d+)?)[ ,/]+(\\d{1,2}'
  + '(?:\\.\\d+)?)[ ,/]+(\\d{1,2}(?:\\.\\d+)?)(?: ?ohms?)?'],
  ['amps $1', '(?:lra|rla|fla) (\\d+(?:\\.\\d+)?) ?a(?:mps?)?'],
  ['amps 0', '0(?:\\.0+)? ?a(?:mps?)? (?:on )?(?:both|all|each|either)(?: legs?| leads?| lines?| three)*'],
  ['start to start $1 seconds', '(?:cyc(?:le)?s?(?: time)?|cyc(?:le)?s? every) (?:is |now )?(\\d+) ?(?:s'
  + '|secs?|seconds?)'],
  ['precharge $1 psi', '(?:tank )?(?:pc|pre-?chg|precharge) (\\d+)(?: ?psi| pounds)? (?:at|with) (?:0|zero)(?: water|'
  + ' gauge| system)? ?(?:psi|press\\w*)?'],
  ['precharge $1 psi', '(?:tank )?(?:pc|pre-?chg) (?:is |was |at )?(\\d+)(?: ?psi| pounds)?'],
  ['joint burnt', '(?:conn(?:ection)?|joint)s? (?:at|in) (?:the )?(?:j ?-?box|junction box) (?:is |was'
  + ' )?(?:brown|black'
  + '|melted|cooked|burnt|hot|charred)[^;]*'],
  ['still ol after cooled', '(?<=\\bol[^;]*)(?:\\d+ ?(?:hrs?|hours?|mins?|minutes?)|an hour|half an hour)(?:'
  + ' (?:cool ?'
  + '(?:down|off|ed)?|later|rest))* (?:still )?ol'],
  ['still ol after cooled', '(?<=\\bol[^;]*)(?:cooled|let cool|rested)[^;,]* (?:still )?ol'],
  ['startswitch welded', 'start(?:ing)? sw(?:itch)? contacts? (?:are )?(?:welded|stuck(?: closed)?|fused)'],
  ['wires off the float switch', '(?<!lifted the )(?<!took the )(?:with )?(?:leads|wires) off (?:at )?(?:the'
  + ' )?float(?: sw(?:itch)?)?'],
  ['$1 volts running', '^ ?(1[0-3]\\d|2[0-5]\\d|4[4-9]\\d)(?: ?v(?:olts?)?)? (?:running|while (?:it|she'
  + '|it\'s) (?:runs|running))'
  + '(?= ?$)'],
  [
    'ohms lead n1 n2 $1, lead n2 n3 $2, lead n1 n3 $3',
    `^ ?leads? (ol|${FIG}),? (ol|${FIG}),? (?:and )?(ol|${FIG})(?<=ol[^;]*)(?= ?$)`,
  ],
  ['check does not seat', 'check(?: valve)? out,? (?:the )?seats? (?:is |\'s )?(?:scored|pitted|grooved|worn'
  + '|chewed|cut)'],
  ['outletvalve shut starts by itself', 'outlet (?:valve )?(?:is )?shut,? (?:and )?(?:it )?still (?:burps'
  + '|pulses|cycles|comes on'
  + '|kicks (?:on|in)|starts)'],
  ['neighbour none either', 'neighbou?rs? (?:have |has |got )?the same(?: trouble| problem| thing)?(?= ?$|,)'],
  ['lever drops', 'lever (?:drops|falls|trips|goes)(?: out| off| down)? (?:as soon as|the minute|when|the'
  + ' second)[^;,]*'],
  ['water level over the pump', 'level (?:is )?\\d+(?: ?(?:feet|ft|foot))? (?:over|above) the (?:pump|intake)'],
  ['leads ohms good, meg toground $1 meg', '(?:windings?|leads) (?:ohm )?(?:right|good|fine|ok|okay)'
  + ', (?:all )?over (\\d+) ?meg\\w*(?: to ground)?'],
]
