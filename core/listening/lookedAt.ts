/**
 * That a thing was looked at says nothing yet of how it is: it is what the next line is of. `opened the box`, `it's
 * burnt in there`; `checked the precharge`, `it's at 10`. Common practice, no source.
 */
import type { Spoken } from './spoken'

const BEGINS = '^\\s*(?:(?:i|we|just|went and|then|so|and|now|ok|okay|next) )*'
const LOOKED = '(?:(?:re-?)?check(?:ed|ing)|look(?:ed|ing) (?:at|in|into|inside|over)|took a look at'
  + '|inspect(?:ed|ing)|test(?:ed|ing)|ohmed|metered|megg(?:ed|ered|ering))'
const REACHED = '(?:opened(?: up)?|popped|pulled(?: apart)?|unscrewed|got to|went to|at)'
/** What it was found as, and no name of a thing. */
const FOUND = '(?:good|bad|ok|okay|fine|clean|dirty|stuck|open|shut|closed|burnt|burned|black|empty|full|dry|wet|hot'
  + '|cold|low|high|dead|plugged|blocked|loose|tight|worn|broken|blown|tripped|swollen|bulged|weak'
  + '|shorted|grounded|flat|zero|nothing|ol|infinite|normal|healthy|gone|missing|leaking)'
const THING = `(?:the |my |his |her |that |those )?((?!(?:it|them|everything|all|out|${FOUND})\\b)[a-z-]+`
  + `(?: (?!(?:and|then|to|for|with|is|are|was|off|out|apart|${FOUND})\\b)[a-z-]+){0,2})`
const ENDS = '( to ground)?(?: (?:out|over|again))?\\s*[.!]?\\s*$'
const OPENED = '( to ground)?(?: (?:out|open|off|up|over|again))?\\s*[.!]?\\s*$'

const ONLY_LOOKED = new RegExp(`${BEGINS}${LOOKED} ${THING}${ENDS}`, 'i')
const WENT_TO = new RegExp(`${BEGINS}(?:${LOOKED}|${REACHED}) ${THING}${OPENED}`, 'i')

/** Whether a line tells of a look, and of nothing that was seen. */
export const isOnlyLooked = (text: string): boolean => ONLY_LOOKED.test(text)

const OF_IT = new RegExp(
  '^\\s*(?:(?:and|but|so|yeah|ok|well),? )*(?:it|they|that|those)'
  + '(?:[\'’](s|re)| (is|are|was|were|has|have|reads?|ohms?|meters?|looks?|feels?|smells?))'
  + ' (?!(?:the |about |exactly )*same\\b|no \\w|still\\b|back\\b|fixed\\b|working\\b|running\\b|pumping\\b)(.+)$', 'i',
)
const WHOLE: Readonly<Record<string, string>> = { s: 'is', re: 'are' }

/** By which meter it was read is in the word for it. */
const METERED = /\b(?:ohmed|megg\w+)\b/i

/** A line that goes on of what was looked at, with that named; the line itself where it does not. */
export function ofWhatWasLookedAt(text: string, { action = '' }: Spoken = {}): string {
  const [, short = '', verb = WHOLE[short.toLowerCase()], rest] = OF_IT.exec(text) ?? []
  const [, thing, against = ''] = rest === undefined ? [] : WENT_TO.exec(action) ?? []
  if (thing === undefined) return text
  return METERED.test(action) ? `${action.trim()}, ${text.trim()}` : `the ${thing} ${verb} ${rest}${against}`
}
