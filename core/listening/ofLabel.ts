/**
 * A capacitor and what is printed on it: `cap is good, 150`, `71 on a 105 to 126`, or the label in a line of its own,
 * ahead of what the meter shows or behind it. Common practice, no source.
 */
import { findTest, unstaged, type SystemKind } from '#core/systems'
import type { DraftLine } from '#core/tab'
import { IS_IT_RIGHT } from './notRead'
import type { Spoken } from './spoken'

const IN_BAND = /\b(?:good|fine|ok|okay|great|perfect|right on|spot on|in (?:the )?band|within|in spec|healthy)\b/i
const NOT_SO = /\b(?:not|isn'?t|no|should|supposed|half|low|weak|bad|out of)\b/i

/** What is printed on it: `marked 124 to 149`, `on a 145-174`. */
const PRINTED = new RegExp(
  '\\b(?:says|marked|stamped|printed|rated|labell?ed|label|can|cap(?:acitor)?(?= \\d+(?: ?(?:-'
  + '|to) ?\\d+)? reads)|on an?|it[\'’]?s an?|supposed to be|should be)\\b'
  + '[^\\d,;]{0,16}(\\d{2,3})(?: ?(?:-|–|to|\\/) ?(\\d{2,3}))?(?! ?(?:v|volts?|psi|amps?)\\b)',
  'i',
)
/** A meter for them is some percent off, and so is one figure alone; common practice, no source. */
const [OFF, OF_ONE] = [0.05, 0.2]

/** By what is printed on a capacitor it is judged. */
const LABELS = new Map([['cap.farads', 'cap-label'], ['runcap.farads', 'runcap-label']])
/** As its look is said. */
const SAID = new Map([['cap.farads', 'start cap'], ['runcap.farads', 'run cap']])

/** The label and nothing else: what the capacitor itself says or reads may be its meter's. */
const ALONE = new RegExp(
  '^(?:(?:and|but|the|start|run) )*(?:(?:(?:cap(?:acitor)?|it)(?:[\'’]s)? )?(?:(?:on|the) )*(?:label|can|side)'
  + '(?: of (?:it|the cap))?(?: (?:says|reads|is|was|has|marked))*|(?:(?:cap(?:acitor)?|it|that)(?:[\'’]s)? )?'
  + '(?:(?:is|was) )?(?:(?:marked|stamped|printed|rated|labell?ed)(?: at| for)?|(?:is )?supposed to be|should be'
  + '|good for|an?))'
  + ' (\\d{2,3}) ?(?:(?:-|–|to|\\/) ?(\\d{2,3}))?(?: ?(?:uf|mfd|mikes?|micro ?farads?))?(?: cap(?:acitor)?)?$',
  'i',
)

const LABEL = /^(?:the )?(?:start |run )?(?:cap(?:acitor)? )?label \d{2,3} ?(?:-|to|\/) ?\d{2,3}$/i

const judge = (value: number, [, least, most]: readonly (string | undefined)[]): 'under' | 'within' =>
  (value < Number(least) * (most ? 1 - OFF : 1 - OF_ONE) ? 'under' : 'within')

/** Bled, and then read: so many volts would not be flat. */
const BLED = new RegExp(
  '^(?:i )?(?:bled|bleed|discharged?|shorted)(?: (?:it|the cap(?:acitor)?))(?: (?:down|off|out))*(?:,|;| and| then)* '
  + '(?:(?:it|i|now) )?(?:reads?|measured|measures|got|get|says|shows)(?: it)?(?: at)? (\\d{2,3})$',
  'i',
)
const NAMES_CAP = /\bcap(?:acitor)?\b/i

/** `reads 3 microfarads`, after the run capacitor was looked at: that one. */
const MICROFARADS
  = /^(?:it )?(?:reads |measures |tests |got )*\d+(?:\.\d+)? ?(?:mfd|uf|µf|micro ?farads?|mikes?|mics?)\b/i

/** `it's an 86 to 103`, after the capacitor was read; `bled it and it reads 38`, after its label or it was told. */
export function withLabel(text: string, { test = '', value, near, action = '', shown }: Spoken = {}): string {
  const isOfRun = near === 'cap' && unstaged(shown?.test ?? '') === 'runcap-seen'
  if (isOfRun && MICROFARADS.test(text)) return `run cap ${text}`
  const [, farads] = BLED.exec(text) ?? []
  if (farads && (near === 'cap' || NAMES_CAP.test(`${text} ${action}`) || ALONE.test(action))) return `cap ${farads} uf`
  const label = ALONE.exec(text)
  const said = SAID.get(test)
  if (!label || !said || !value) return text
  return `${said} ${judge(value * 1e6, label) === 'under' ? 'way under' : 'tests good'}`
}

/** Only its label told, with nothing yet to hold against it. */
export const isLabelAhead = (text: string, { test = '' }: Spoken): boolean => LABEL.test(text) && !SAID.has(test)

/** `cap is good, 150`: read, and held against what is printed on it. @param ahead the remark that stood before */
export function labelOf(kind: SystemKind, text: string, told: readonly DraftLine[], ahead = ''): DraftLine[] {
  const read = told.findLast(l => l.kind === 'reading' && LABELS.has(l.test))
  const [value, test] = read?.kind === 'reading' ? [(read.value ?? 0) * 1e6, LABELS.get(read.test)] : []
  if (!value || value <= 0 || !test || !findTest(kind, test)) return []
  const label = (outcome: string): DraftLine[] => [{ kind: 'observation', test, outcome }]
  const own = PRINTED.exec(text)
  if (own && Number(own[1]) !== value) return label(judge(value, own))
  const asserted = text.replace(IS_IT_RIGHT, '')
  if (IN_BAND.test(asserted) && !NOT_SO.test(asserted)) return label('within')
  const before = ALONE.exec(ahead)
  return before ? label(judge(value, before)) : []
}
