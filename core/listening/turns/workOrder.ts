/** What is written on a work order: inputs and outputs, before and after, what was observed. Common practice. */
import { N } from './partsOfSpeech'
import type { Joined } from './turnOf'

const V = '(?: ?v(?:olts?)?(?: ?[ad]c)?)?'
const PSI = '(?: ?psi| pounds| lbs?)?'
const THING = '((?:panel |pressure |float |demand )?switch|breaker|disconnect|contactor|starter|overload|relay'
  + '|transformer'
  + '|fuse)'
const HOURS = '(?:after )?(?:an?|one|two|three|four|six|eight|\\d+) (?:hours?|hrs?)(?: of)? (?:rest|off|shut ?down)'

/** Volts, and what they were read on. */
const OF_VOLTS: readonly Joined[] = [
  ['$1 volts into the $2, $3 volts out of the $4', `${N}${V} (?:at|on) (?:the )?${THING} input,? (?:and |but`
  + ` )?${N}${V} (?:at|on)`
  + ` (?:the )?(?:${THING} )?output(?: with (?:the )?switch on)?`],
  ['$1 volts into the $2, $3 volts out of the $2', `${N}${V} (?:at|on) (?:the )?${THING} input,? (?:and |but`
  + ` )?${N}${V} (?:at|on)`
  + ' (?:the )?output(?: with (?:the )?switch on)?'],
  ['$1 volts into the box', `(?:supply )?(?:voltage|volts) at (?:the )?(?:control )?box(?: is| was| reads?)? ${N}${V}`
  + '(?: running)?'],
  ['posts corroded', `${N}${V} on (?:the )?posts?(?: itself)?,? (?:and |but )?[\\d.]+${V} on (?:the )?(?:cables?`
  + `|cable ends?|clamps|lugs)`
  + '(?: with (?:the )?pump (?:on|running))?'],
  ['on the clamp', '(?<=posts?.*)on (?:the )?(?:cables?|cable ends?|clamps|lugs)(?: with (?:the )?pump (?:on'
  + '|running))?'],
  ['$2 amps', `amps ${N} at (?:the )?start of (?:the )?run,? (?:and )?(?:falls?|drops?) to ${N}`],
]

/** Pressure and flow, before and behind a thing. */
const OF_FLOW: readonly Joined[] = [
  ['', `${N}${PSI} at (?:the )?(?:pump|booster) discharge(?=, .*check)`],
  [', gauge $1 psi', `${N}${PSI} (?:after|behind|past|downstream of) (?:the )?check(?: ?valve)?`],
  ['flow $1 gpm', `(?:pump )?output(?: is| was| now)? ${N} ?gpm(?:,? (?:normally|was|used to be|should be) ${N}(?:`
  + ` ?gpm)?)?`],
  ['start to start $1 s', `cycle time(?: has)?(?: now)? (?:increased|went|improved|is|up)(?: from`
  + ` ${N.replace('(', '(?:')} ?s\\w*)?`
  + `(?: up)? to ${N} ?s(?:ec\\w*)?`],
  ['regulator outlet $1 psi', `(?:regulated|regulator|outlet) gauge(?: reads| is| at|:)? ${N}${PSI}(?: and will not`
  + ` adjust`
  + ' \\w+)?'],
  ['works', `adjusts (?:from )?0 to ${N}${PSI}`],
  ['let it rest an hour and it came back', `${HOURS},? (?:and )?full (?:output|flow|pressure)(?: returns?| is back|`
  + ` came back`
  + '| for [\\w ]+?(?= then| and|$))?(?: then .*)?'],
]

/** What was done to see. */
const OF_TRIALS: readonly Joined[] = [
  ['float works', '(?:well )?pump(?: now)? starts with (?:the )?float down and stops with (?:the )?float up'],
  ['$1', '(?:(?:opened|removed|pulled) (?:the )?(?:well ?cap|wellhead) ?,? (?:and )?)(?:observed |saw |found'
  + ' )?(water|pitless)',
  'observed (water|oil|air|pitless)'],
  ['', '(?:throttled|choked)(?: back)? (?:the )?(?:discharge|gate|ball|outlet)? ?valve,? .*'],
  ['overload bridged, runs', '(?:bypassed|bridged|jumped) (?:the )?(?:thermal )?overload(?: momentarily| briefly| for a'
  + ' (?:moment|second))?,? (?:amps normal,? )?(?:the )?motor (?:runs|ran|stays on)(?:,? amps normal)?'],
]

export const TURNS_OF_WORK_ORDERS: readonly Joined[] = [...OF_VOLTS, ...OF_FLOW, ...OF_TRIALS]
