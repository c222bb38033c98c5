/** Whole sentences, as somebody writes them down in the evening. Common practice, no source. */
import { N } from './partsOfSpeech'
import type { Joined } from './turnOf'

const TOOK_OFF = '(?:i )?(?:disconnected|unhooked|removed|took off|pulled off|undid)'
const NEXT = '[.,;]? ?(?:and |then )?'

export const TURNS_AT_EASE: readonly Joined[] = [
  ['silent', '(?:(?:the )?(?:water )?pump |it )(?:does not|doesn\'t|won\'t'
  + '|not) do anything(?: at all)?(?: when i (?:turn|flip) (?:it|the'
  + ' switch|the pump)(?: on)?)?'],
  ['0 volts from battery positive to pump positive', '(?:i have )?1[234](?:\\.\\d)?(?: ?v(?:olts?)?)? on the'
  + ' red(?: wire)?'
  + '(?: at the pump)?(?: measured)? to (?:the )?'
  + 'battery (?:negative|minus|ground)'],
  ['$1 volts at the motor', `(?<=(?:^|[.,;]|but|only|have) ?)${N}(?: ?v(?:olts?)?)? (?:between`
  + `|across)(?: the)? red and(?: the)? black(?: wires?)?`
  + '(?: (?:right )?at the pump)?'],
  ['load wires off at the switch, breaker holds', `${TOOK_OFF} the (?:two |three |pump )?wires (?:that (?:go`
  + `|run)|going|running) (?:out |down )?`
  + 'to the (?:well|pump|motor)(?: and|,|;)? ?(?:now )?(?:the breaker|it) (?:now )?(?:stays on|holds|stays in'
  + '|doesn\'t trip|not trip)'],
  ['splice apart, house side clear, pump side down', `(?:opened|cut|undid`
  + `|took apart) the splices?(?: at the (?:well ?(?:head|cap)?))?${NEXT}`
  + `(?:the )?(?:wires|ones|leads) (?:back |going )?(?:back )?to the house (?:are|read) (?:clear|good|fine`
  + `|open)(?: to ground)?${NEXT}`
  + `(?:the )?(?:ones|wires|leads) (?:going )?down(?: the well)? (?:read|are|show) (?:${N} ?ohms?|zero|dead`
  + `|shorted|grounded)(?: to ground)?`],
  ['suction line sucks air', '(?:put|rubbed|smeared|sprayed) (?:shaving cream|foam|soap|suds) (?:on|over'
  + '|around) [a-z ]+' + NEXT
  + '(?:at|on|around) (?:one of )?the (?:unions?|elbows?|joints?|fittings?|couplings?) it (?:got|was'
  + '|is) (?:sucked|pulled|drawn)(?: right)? in'],
  ['$1 reads $2', '(?:with the power off,? )?i (?:measured|checked|ohmed|tested) (?:across )?the (coil|capacitor'
  + '|cap|relay|fuse|element) and it'
  + ' (?:reads|read|is|was|shows|showed) (open|ol|[\\d.]+(?: ?[a-z]+)?)'],
  ['took the cartridge out, flow came right back', '(?:took|pulled) the (?:cartridge'
  + '|filter)(?: element)? out[a-z ]*' + NEXT
  + '(?:the )?(?:flow|pressure) (?:came|comes|is)(?: right)? back'],
]
