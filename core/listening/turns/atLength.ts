/** What is told at length by one who shows what he does. Common practice, no source. */
import { N } from './partsOfSpeech'
import type { Joined } from './turnOf'

const PSI = '(?: ?psi| pounds| lbs?)?'
const GOT = '(?:i\'ve got |i have |i get |i got |there\'s |we\'ve got |we have )?'
const NONE = '(?:0|zero|nothing)'
const TIME = '(?:an?|one|two|ten|fifteen|twenty|thirty|forty(?:[ -]five)?|half an|\\d+) ?(?:min(?:ute)?s?|hours?)'

/** Pressure, as it went. */
const OF_PRESSURE: readonly Joined[] = [
  ['leak down 0 psi', `(?:it's |it is |and )*holding (?:at )?\\d+${PSI}(?: just| fine| steady| solid| right there)*`
  + ` for ${TIME}`,
  `(?:it's |it was )?still (?:at |on |sitting at )?\\d+${PSI} the next (?:morning|day)`],
  ['drops from $1 to $2 psi in an hour', `(?:pumped|ran|brought|built) it up to ${N}${PSI} and (?:shut|turned) it`
  + ` off,? and an`
  + ` hour later it (?:was|is)(?: down)?(?: at| to)? ${N}${PSI}`],
  ['stalls at $1 psi', `(?:it )?only makes (?:about )?${N}${PSI} with (?:everything|it all|all the taps|every tap) `
  + `(?:shut|closed`
  + `|turned)(?: off)?`, `(?:it'll |it will )?(?:get|gets|go|goes|come|comes) up to ${N}${PSI} and (?:then )?`
  + `(?:just )?hangs? there`],
  ['let it rest an hour and it came back', `(?:shut|turned|left) it off for ${TIME} and it came (?:right )?back`],
  ['level low', '(?:the )?water is only \\w+ (?:feet|foot|ft) (?:over|above) the pump'],
]

/** Legs and leads. */
const OF_LEADS: readonly Joined[] = [
  ['well breaker l1 to ground $1, well breaker l2 to ground 0', `on the well(?: pump)? breaker ${GOT}(1[012]\\d) `
  + `(?:coming )?out of`
  + ` one side and ${NONE} (?:coming )?out of the other`],
  ['breaker l1 to ground $1, breaker l2 to ground 0', `on the breaker ${GOT}(1[012]\\d) (?:coming )?out of one side`
  + ` and ${NONE}`
  + ' (?:coming )?out of the other'],
  ['', 'both sides of the bus (?:have|are|read|show) (?:1[012]\\d)(?: volts)?'],
  ['amps $1/$2/$3', `(?:it's )?(?:drawing|pulling|draws|pulls) ${N}, ${N},? (?:and )?${N}(?: ?a(?:mps?)?)?`],
  ['to ground $1 ohms', `(?:going )?to ground(?: with the meter)? ${GOT}${N} ohms on the black,? [\\d.]+ on the`
  + ` yellow,? and [\\d.]+ on`
  + ' the red'],
  ['pump side', 'going down the (?:well|hole) i(?:\'ve)? (?:still )?(?:have|got|get)'],
  ['motor alone dead to ground', '(?:the )?cable (?:checks|is|tests|reads) (?:good|fine|ok)(?: by itself)?,? (?:and'
  + ' |but )?the motor'
  + '(?: is|\'s) (?:dead )?shorted(?: to ground)?'],
  ['motor side clear', '(?:checked )?the motor by itself,? (?:and )?(?:it\'s|it is|is) (?:good|fine),? (?:and'
  + ' )?nothing to ground'],
  ['cable rubbed through', 'insulation(?:\'s| is)? (?:worn|rubbed) through to the copper'],
]

/** What was tried. */
const OF_TRIALS: readonly Joined[] = [
  ['jumped the switch', 'took (?:these|the|both|those) (?:two )?wires off (?:of )?(?:the )?(?:pressure )?switch and'
  + ' (?:touched|twisted|put'
  + '|tied) them together'],
  ['', '(?:with the (?:faucet|tap) open )?it should be running (?:and|but)'],
  ['soap bubbles at the $1', '(?:sprayed|put|brushed) (?:soapy water|soap|bubbles) on (?:everything|all of it|it'
  + ' all) and the only'
  + ' (?:place|thing|spot) (?:that\'s |that is |it\'s )?bubbl(?:ing|es|ed) (?:is|was) (?:at )?the (drain|switch'
  + '|check|gauge|relief)'],
  ['suction sucks air', '(?:you can see )?(?:in the clear pipe )?there\'s bubbles coming (?:through|in)(?: on)? the'
  + ' suction(?: side)?'],
]

export const TURNS_AT_LENGTH: readonly Joined[] = [...OF_PRESSURE, ...OF_LEADS, ...OF_TRIALS]
