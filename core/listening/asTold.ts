/** How a thing done is told by one who talks while he works, in the plain words for it. Common practice, no source. */

const BEGINS = /^\s*(?:(?:so|well|okay|ok|all right|and|then|now|anyway|i|we|just|went ahead and)\b,? )+/
const MEANWHILE = / while (?:i|we)(?:'m|'re| am| are| was| were)? (?:at it|in there|there|in it|down there|up there)$/
const HER = /^(filled|primed|topped|cleaned|cleared|tightened) (?:her|him)\b/
/** `got a 216 259 in there`: it is told by what is on its can. */
const RATED = /\b(got|put|stuck|threw) (?:in )?an? \d{2,3}(?:[ -]| to )\d{2,3}(?: ?(?:uf|mfd))?(?: cap\w*)?(?: in\b|$)/
/** `new pressure switch 40 60` */
const SET_SO = /(?<=^(?:a )?new .*\bswitch) \d0[ /-]\d0$/
const TWO_POLE = /^new (?:two|2|double|single)[ -]pole(?: \d\d)?(?: amp)?$/
/** Powered, and what it does then. */
const POWERED_AND = /^(?:turned|switched|flipped) (?:the )?(?:pump|water|power|faucet)(?: switch)? (?:on|off)(?= it\b)/
/** Where it hangs is no setting. */
const HUNG = /\b(?:set|raised|lowered|moved|hung) (?:it|her|the pump)(?: up| down)?(?: about| another)? \w+ feet\b/
/** `poked a wire through`: through it. */
const THROUGH = /^((?:ran|pushed|stuck|shoved|worked|poked) an? (?:drill(?: bit)?|wire|pick|bit) through) *$/
/** `removed the stone`: what held it is out. */
const TOOK_OUT = new RegExp(
  '^(?:removed|pulled|took|dug|got|fished|cleared) (?:out )?(?:the |a |an )?(?:\\w+ )?(?:stone|pebble|rock|gravel'
  + '|debris'
  + '|leaves|leaf|stick|twig|rag|nail|plastic|shell|string|wad)s?(?: out)?$',
)
/** `change coil`, in the middle of the work: it was done. `Clean contacts` are what was seen. */
const TO_IT = '(?= (?:the|it|them|her|him|out|up|and|to|with|again)\\b)'
export const PRESENT = new RegExp(
  '^(replace|tighten|change(?! (?:in|of)\\b)|swap(?! to\\b)|buy|put one new'
  + `|(?:clean|fix|fill|prime|turn|install)${TO_IT})(?=\\W|$)`,
)
const PAST: Readonly<Record<string, string>> = {
  'change': 'changed', 'replace': 'replaced', 'clean': 'cleaned', 'fix': 'fixed', 'tighten': 'tightened',
  'fill': 'filled', 'prime': 'primed', 'swap': 'swapped', 'install': 'installed', 'turn': 'turned',
  'buy': 'put in', 'put one new': 'put a new one in',
}
/** `clean`, after it was seen dirty. */
export const CLEAN = /^\s*clean(?:ed)?\s*$/
/** `contact kit`, by itself: it was put in. */
export const KIT = /^\s*(?:contact|head|rebuild|valve|seal|impeller) kit\s*$/
/** `filled`, after the plug was looked at: it. */
const BARE = /^\s*(?:filled|primed|cleaned|cleared|tightened|reset|freed|remade|replaced|aired)\s*$/

/** @param isAtWork something was read before */
export const plainly = (part: string, isAtWork: boolean): string =>
  inPast(part, isAtWork).replace(BEGINS, '').replace(MEANWHILE, '').replace(HER, '$1 it')
    .replace(RATED, '$1 a new capacitor in').replace(HUNG, '').replace(SET_SO, '')
    .replace(TWO_POLE, 'new breaker').replace(POWERED_AND, '').replace(THROUGH, '$1 it').replace(TOOK_OUT, 'freed it')

function inPast(part: string, isAtWork: boolean): string {
  const bare = part.replace(BEGINS, '')
  if (!isAtWork) return bare
  return bare.replace(PRESENT, verb => PAST[verb] ?? verb).replace(/^turned to /, 'turned it to ')
    .replace(/^(re-?(?:crimped|spliced|terminated|landed|soldered|taped|connected|tightened))$/, '$1 it')
    .replace(/^filled with (?:a )?(?:bucket|hose|jug)/, 'filled it').replace(/ i install(?:ed)?$/, '')
}

/** @param isListed of `new clips and three fuses` the second */
export function inFull(plain: string, isListed: boolean): string {
  if (KIT.test(plain) || isListed) return `new ${plain}`
  return BARE.test(plain) ? `${plain.trim()} it` : plain
}
