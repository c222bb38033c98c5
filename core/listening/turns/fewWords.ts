/** As it is said by one who has few words of the language: `no have`, `no start`, `is very burn`. */
import { N } from './partsOfSpeech'
import type { Joined } from './turnOf'

const PUMP_ON = '(?:,? (?:with|when) (?:the )?pump(?: switch)?(?: is)? on)?'

export const TURNS_OF_FEW_WORDS: readonly Joined[] = [
  ['nothing', 'no ha(?:ve|s) nothing'],
  ['no', 'no ha(?:ve|s)(?: any)?'],
  ['does not $1', 'no (?:can )?(start|turn|stop|close|move|hold|build|make)(?! (?:no|of|and|stop)\\b)'],
  ['burnt', '(?:is |are |was )?very burn', '(?<=(?:is|are|was) )burn'],
  ['is cracked', '(?:is|are) crack'],
  ['tank at $1', '(?<=^ ?)tank is (\\d{2,3})(?: psi)?(?= ?$)'],
  ['runs', '(?<=^ ?)starts? (?:fast|quick|good)(?=,? \\d+(?:\\.\\d)? amps?\\b)'],
  ['leak down 0 psi', '\\d\\d and (?:it )?does not move(?: in [\\w ]+)?'],
  ['cut in $1, cut out $2', '(\\d{2,3}) start,? (?:and )?(\\d{2,3}) stop'],
  ['$1 into the pressure switch, nothing out', '(\\d{2,3})(?: volts?)? (?:enters?|goes? in|comes? in)(?: to)? (?:the )?'
  + 'pressure switch and (?:no|not|does not|it does not) (?:go|come) out'],
  ['$1 on all three', '(?:3|three) phases? (?:good|ok|there)(?: at)? (\\d{3})'],
  ['breaker l1 to ground $1, l2 to ground 0', '(?:the )?breaker is on but (?:only )?one side (?:have|has) (1[012]\\d),?'
  + ' (?:and )?(?:the )?other side (?:have |has )?(?:zero|nothing|0)'],
  ['ahead of the breaker', '(?:up|top) of (?:the )?breaker (?:have|has)'],
  ['check valve leaks', 'check(?: valve)? is (?:stuck )?open with (?:dirt|sand)'],
  ['suction elbow is cracked', '(?<=^ ?)elbow is crack(?:ed)?'],
  ['breaker trips', 'breaker jumps?(?: out)?'],
  ['groans', 'only (?:make )?noise'],
  ['meg', 'mega'],
  ['is shot', 'is (?:finish|kaput)'],
  ['runs backwards', '(?:it )?(?:is turning|turns|is running) contrary'],
  ['line $1 volts, load $1 volts', '(1[012]\\d|2[0-5]\\d)(?: volts?)? in (?:the )?switch,? in and out'],
  ['cycle $1 seconds', '(?<=^ ?)now (?:it )?is (\\d+) seconds(?= ?$)'],
  ['nothing on the load', '(?:nothing|0) in (?:the )?load(?= ?$)'],
  ['inlet running $1 psi, gauge $2', `before the pump(?: is)? ${N},? after (?:the )?pump(?: is)? ${N}`],
  ['inlet running $1 psi', `before the pump (?:is )?only ${N}(?: psi)?(?: when [\\w ]+)?`],
  ['tap ahead of the booster is strong', '(?:city|street|town)[\\w ]* is \\d\\d[\\w ]* before (?:the )?strainer'],
  ['battery $1 volts, fuse $2 volts', `before (?:the )?(?:fuse )?holder ${N},? after(?: it)? ${N}${PUMP_ON}`,
    `${N} on one side of the (?:fuse )?holder,? (?:and |but )?${N} on the other(?: side)?${PUMP_ON}`],
  ['$1 volts on the coil, does not pull in', '(?:in )?(?:the )?coil (?:is|has) (\\d{2,3})(?: volts?)?(?: when [^,]*)?,?'
  + ' (?:and )?does not move'],
  ['thermal ol, still open cold', 'thermal no continuity and is cold'],
  ['thermal ol', 'thermal no continuity'],
  ['cracked the line starts', '(?:i )?open(?:ed)? the small tube,? (?:the )?air go(?:es)? out,? (?:and )?then'
  + ' (?:it )?starts?'],
  ['no sigh', '(?:does not|no) make (?:the )?(?:ps+t?|psh+)'],
  ['sigh as it stops', '(?:now )?makes? (?:the )?(?:ps+t?|psh+)'],
  ['groans', '(?:at \\d+ )?(?:it )?(?:wants?|tr(?:y|ies)) to start,? groans'],
  ['', '(?:i )?turn off and drain'],
  ['jumped the float and the pump runs', 'put together (?:the )?(?:two )?wires? of (?:the )?float and the'
  + ' (?:well )?pump starts?'],
  [', cut out $1', '(?<=start, |^ ?)(\\d\\d) and stops?(?= ?$)'],
]
