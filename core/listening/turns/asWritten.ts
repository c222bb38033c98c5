/** Figures of plates, wires, other gauges and meters' own leads, beside what was read. Common practice, no source. */
import { FIGURE, N } from './partsOfSpeech'
import type { Joined } from './turnOf'

const PSI = '(?: ?psi| pounds| lbs?)?'
const SAYS = '(?: (?:says|reads|shows|is at|sits at|goes to|at|is|was))*'
const MINE = '(?:mine|(?:my|(?:the )?truck|a good|the good|a known good|a test|the test|a new|the new)(?: gauge| one)?)'
const THEIRS = '(?:(?:his|hers|theirs|the customer\'s|the house|the old|their)(?: gauge| one)?'
  + '|the (?:gauge |one )?(?:that was )?on (?:it|the (?:tank|tee|pump|cross|manifold|switch)))'
const BUT = ',? ?(?:and |but )?'

/** Of two gauges the good one and the one that stands there. */
const TWO_GAUGES: readonly Joined[] = [
  ['gauge $2 psi, secondgauge $1 psi', `(?:put |screwed |hung )?${MINE}(?<=gauge)(?: on(?: it)?)?(?:,? (?:and )?it)?`
  + `${SAYS} ${N}${PSI}${BUT}${THEIRS}${SAYS} ${N}${PSI}`],
  ['gauge $1 psi, secondgauge $2 psi', `${THEIRS}(?<=gauge|tank|tee|pump|cross|manifold)${SAYS} ${N}${PSI}${BUT}${MINE}`
  + `${SAYS} ${N}${PSI}`],
  ['gauges differ', `(?:the )?gauge(?: on the (?:tank|tee|pump|cross|manifold))?(?:'s| is| reads`
  + `| was)* (?:about )?${FIGURE}`
  + ' ?(?:psi|pounds|lbs?) (?:off|high|low|out|too (?:high|low))(?! of| and|,? ?\\d)'],
]

/** Of a wire, a breaker, a meter: what they are. */
const AS_THEY_ARE: readonly Joined[] = [
  ['', `(?:an? )?${FIGURE} ?amp breaker on (?:an? )?(?:number |# ?)?(?:14|12|10|8|6)(?: gauge)? wire`],
  ['', `(?:subtract(?:ing|ed)? |less |minus |take off )(?:0?\\.\\d)(?: ?ohms?)? for (?:the |my )?(?:test `
  + `|meter )?leads`],
  ['', `(?:my |the )?(?:meter|test) (?:leads?|has|have|reads?)+(?: (?:read|has|have|are|is))? 0?\\.\\d(?: ?ohms?)?`
  + '(?: in (?:the|its|my) leads| by themselves| alone| touched together)'],
  ['ohms', `(?:my |the )?leads (?:read|are|have) 0?\\.\\d(?: ?ohms?)? (?:by themselves|alone|touched together`
  + `|shorted)`],
  ['tank precharge $1 psi', `(?:an? )?${FIGURE} gallon tank,? (?:with |has )?${N} ?(?:psi|pounds`
  + `|lbs?)(?: of air)? in it`],
  ['line $1 volts', `(?:only |just )?(?:getting|gets|seeing|has|have|got) ${N}(?: ?v(?:olts?)?)? on an? (?:115`
  + `|120|220|230`
  + '|240|460|480) ?(?:v|volt) (?:pump|motor|compressor)', '(?:an? |it\'s a )?(?:115|120|220|230|240|460'
  + '|480) ?(?:v|volt)'
  + ` (?:pump|motor|compressor),? (?:and |but )?(?:it's |is )?(?:only |just )?(?:getting|gets`
  + `|seeing) ${N}(?: ?v(?:olts?)?)?`],
]

export const TURNS_AS_WRITTEN: readonly Joined[] = [...TWO_GAUGES, ...AS_THEY_ARE]
