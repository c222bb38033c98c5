/**
 * What a line is of that names nothing: the thing that was named last. `bled it, took a wire off`, after the capacitor
 * was opened, `reads 12`; `pulled them, middle one is open`, after the fuses were. Common practice, no source.
 */

/** Things that are opened, taken off and read; the longer name first. */
const THINGS: readonly (readonly [name: string, said: string])[] = [
  ['start switch', 'start switch|centrifugal(?: switch)?|bell end|end bell'],
  ['run cap', 'run cap(?:acitor)?'],
  ['cap', '(?:start )?cap(?:acitor)?s?'],
  ['control fuse', 'control fuse|(?:glass|little|small) fuse'],
  ['fuses', 'fuses'],
  ['fuse', 'fuse'],
  ['cut-off lever', '(?:little |cut-?off )?lever|low[- ]pressure cut-?off'],
  ['coil', 'coil'],
  ['relay', 'relay'],
  ['belt', 'belt'],
  ['strainer', 'strainer|bowl'],
  ['jet', 'jet|nozzle|venturi'],
  ['contacts', '(?:contacts|points)'],
  ['float', 'float'],
  ['gauge', 'gauge'],
]
const EACH = THINGS.map(([name, said]) => ({ name, said: new RegExp(`\\b(?:${said})\\b`, 'gi') }))

/** The thing that is named last in a text. */
export function topicOf(text: string): string | undefined {
  let last: { readonly name: string, readonly end: number } | undefined
  for (const { name, said } of EACH)
    for (const { 0: named, index } of text.matchAll(said))
      if (index + named.length > (last?.end ?? 0)) last = { name, end: index + named.length }
  return last?.name
}

const UNITS_OF_CAP = '(?: ?(?:uf|µf|mfd|mikes?|microfarads?))?'
/** `bleed it, take a wire off, reads 12, label says 59 to 71` */
const CAP_READ = new RegExp(
  '^(?:[a-z \',.]*[,.])? ?(?:and |but )*(?:it |it\'s |i )?(?:only |just )*'
  + '(?:reads?|measures?|tests?|meters?|got|shows?|comes up|came up)(?: at| out at)?(?: only| just)? '
  + `(\\d+(?:\\.\\d+)?)${UNITS_OF_CAP}`
  + '(?:,? (?:and |but )?(?:the )?(?:label|tag|it says|rated|marked|should|supposed|on an?|out of|of)[^;]*)?$', 'i',
)
/** `pulled them, middle one is open` */
const ONE_OF_FUSES = new RegExp(
  '^(?:(?:so )?(?:i )?(?:pull(?:ed)?|took|take|check(?:ed)?|ohm(?:ed)?|test(?:ed)?) (?:them|\'em|em|those)'
  + '(?: out| all)?,? )?(?:and )?(?:the )?(?:left|right|middle|center|first|second|third|last|one|bottom|top)(?: one)?'
  + '(?:\'s| is| was| reads) (?:open|blown|bad|dead|gone|ol|no good)$', 'i',
)

/** A line that reads the thing that was spoken of, with it named. @param topic what the line before named last */
export function withTopic(text: string, topic: string | undefined): string {
  if (topic === 'cap' || topic === 'run cap') return text.replace(CAP_READ, `${topic} $1 uf`)
  if (topic === 'fuses' || topic === 'fuse') return ONE_OF_FUSES.test(text) ? 'one fuse blown' : text
  return text
}
