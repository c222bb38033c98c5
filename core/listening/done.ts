/**
 * What was put right, as it is said: `cleaned it out and got seventy`, `new belt on, down to four minutes`. It becomes
 * a line of repair, so that what was read before it and what was read after it are two things. Told of others or of
 * other days, wished or asked for, it is none; nor is a spare tried to see, which is a test. What only lets a breaker
 * or a fuse in again is none either, unless it has held since (breakerReset.ts): what must be tried dead before that
 * stays to be tried (hazards.ts).
 */
import type { FaultMode, SystemKind } from '#core/systems'
import type { DraftLine } from '#core/tab'
import { CLEAN, inFull, KIT, plainly, PRESENT } from './asTold'
import { breakerReset } from './breakerReset'
import { doneByOthers } from './byOthers'
import { inDisconnect, linesFused, NEW_FUSE, refused } from './fuses'
import { inActive } from './logged'
import { spellOut } from './shortWords'
import type { Spoken } from './spoken'
import { WAYS } from './ways'
import { cleanedAsSeen, NEW_ONE, putRightBy } from './whichPart'

/** Ids of the repairs that can be said. */
export const REPAIRS_SAID: readonly string[] = Object.keys(WAYS)

/** Done by others or on another day, wished, asked, or a spare tried to see. */
const NOT_NOW = new RegExp(
  '\\b(?:last|ago|this morning|this week|today|the day|already|yesterday|they|owner|customer|plumber|'
  + 'someone|somebody|husband|wife|neighbou?r|guy|had|was|himself|herself|themselves|'
  + 'were|needs?|should|will|would|to be|going to|gonna|have to|wants?|quote[ds]?|order(?:ed)?|can|could|if|never'
  + '|not|for now|let (?:it|her|him|them) (?:sit|rest|cool|stand|be|run|go|settle|recover)|'
  + 'next (?:week|time|visit|trip|month)|tomorrow|later|soon|'
  + 'didn\'?t|haven\'?t|are|known|good spare|spare|another|different|borrowed'
  + '|(?:installed|added|fitted) (?:an? )?(?:dry[- ]run|underload) protector|is (?:set|wrapped|taped|tangled|patched'
  + '|sealed|hung)|my (?:hand|ear|knuckles|meter|clamp|gauge)|gotta|got to|have'
  + ' to|has to|put (?:a|my|the) (?:gauge|meter'
  + '|clamp|tester|probes?|jumper)'
  + '|(?:two|three|four|several|a few|couple(?: of)?) times|put (?:it|them) back$)\\b',
)
/** A motor of three phases turns the other way then; of any other it is no repair. */
const TWO_LEADS = /\b(?:two|2)(?: of the)? (?:motor )?(?:leads?|legs?|wires?|phases?|lines?)\b/
const TURNS_IT = 'change-two-leads-at-starter'

/** Any of what is done, at all: most lines tell of none. */
const DOES
  = new RegExp('\\b(?:\\w{2,}(?:ed|d)|(?:air|pump)(?= (?:it |her |the tank )?(?:back )?(?:up )?to)'
    + '|hold(?= (?:it|the lever) up)|put|threw|stuck|hung|blew|broke|dug|took|set|let|held|gave|new|'
    + 'got|cut|fresh|rebuilt|remade|redone|redid|brought|shut)\\b')

/** `so it's the pump, new pump`. */
const SO_IT_IS = /^\s*(?:(?:so|yep|yeah|well|okay|ok|and) )*(?:it|that|it was|that was|that's|it's)\b.{3,40}[,;] *$/

/** Any of it told in the present. */
const SAID_NOW = new RegExp(PRESENT.source.replace('^', '(?:^|[,;.] |\\b(?:i|and|then|we) )'))

/** `new switch, contacts wide open`: that is how it was found, unless something came of it. */
const NEW_THERE
  = /^\s*(?:an? |two |three )?(?:new|fresh) |^\s*(?:the )?(?:\S+ ){1,3}(?:replaced|renewed|changed|swapped)(?: out)?$/
/** `new brass check in`: it was put there; so it was where `new check valve` is said after the old was read. */
const PUT_THERE = /\b(?:in|on|up|fitted|installed|put on|in place)$/
/** Black it may be burnt; the black lead is one that is read. */
const FOUND_SO = new RegExp(
  '\\b(?:open|closed|burnt|black(?! (?:is|reads?|pulls?|draws?|lead|wire|about|at|\\d)|[\'’]s)|stuck|dead|wet(?! end)'
  + '|loose|pitted|wrong|missing|already)\\b',
)
const CAME_OF_IT = new RegExp(
  '\\b(?:runs?|ran|running|works?|good|fine|now|builds?|built|holds?|held|same|still|no (?:change|better|difference)'
  + '|(?:re)?starts?|pulls|snaps|gone|quiet|dry|back|fills?|cuts?|quits?|stops?|hums?|groans?|trips?|got|reads?'
  + '|down to|up to|\\d+)\\b',
)

/** `new switch, 40/60, holds`: what it is made for or set to, and no figure read. */
const SET_AT = /^\s*(?:20\/40|30\/50|40\/60|50\/70)\b[\s,;]*/

/** `turned the nut, now 41 and 60`: where it starts and where it stops. */
const FROM_TO = new RegExp(
  '^\\s*(?:and |now |to |at |it[’\']s |comes on at )*(\\d{2})(?: psi| pounds)?(?:,? '
  + '(?:and|to|off at) | ?[-/] ?)(\\d{2})\\b'
  + '(?! ?[av]\\b)', 'i',
)
/** `reversed rotation, fixed it`: what came of it, and no other thing. */
const CURED_IT = /^\s*(?:and |that )*(?:fixed|cured|solved|did) it\s*$/
/** `cleaned it, quiet and 52 pounds`: it runs, and no more is heard of it. */
const CALM = /^\s*(?:and |it[’']s |nice and )*quiet(?: now)?(?: and|,) (?=\d)/i
/** `cleaned the ground, 12.5 now`: what the pump gets, and no longer what the ground drops. */
const VOLTS_NOW = /^\s*(1[0-4](?:\.\d+)?)(?: ?v(?:olts?)?)? now\s*$/i
function asSet({ id: fault, repair: { id } }: FaultMode, after: string): string {
  if (fault === 'return.bad') return after.replace(VOLTS_NOW, 'motor $1 volts')
  return id === 'set-switch'
    ? after.replace(FROM_TO, 'cut-in $1, cut-out $2')
    : after.replace(SET_AT, '').replace(CALM, '')
}

export interface Done {
  readonly line: DraftLine
  readonly before: string
  readonly after: string
}
/** Segments of a line, each with where it begins. */
const PARTED = /\s*(?:[,;:]|\.(?!\d))\s*|\s+(?:and|then|so|now)\s+/g

/**
 * The first thing of a line that was put right, and what stands before and behind it.
 * @param before what was spoken of before: `cleaned it` is said of its part, or of what the line before named. Before
 *   any was, a new part is one of another day
 */
export function findDone(
  kind: SystemKind, told: string, { near, seen, shown, places, mended, fedAt, said: earlier = '' }: Spoken = {},
): Done | undefined {
  const text = inActive(spellOut(told))
  const said = text.toLowerCase().replaceAll('’', '\'')
  const isTold = [DOES, KIT, CLEAN].some(p => p.test(said)) || (near !== undefined && SAID_NOW.test(said))
  if (!isTold) return undefined
  let from = 0
  let lastPart = ''
  let lastGap = 0
  for (const gap of [...said.matchAll(PARTED), { index: said.length, 0: '' }]) {
    const part = said.slice(from, gap.index)
    // `new clips and three fuses`: both are
    const isListed = NEW_THERE.test(lastPart) && !DOES.test(part)
    const plain = plainly(part, near !== undefined)
    const whole = inFull(plain, isListed)
    const isBare = !KIT.test(plain) && NEW_THERE.test(plain) && !PUT_THERE.test(plain)
    const isNew = isBare && !CAME_OF_IT.test(said.slice(from + part.length))
    const isAlone = from === 0 || mended || DOES.test(said.slice(0, from)) || SO_IT_IS.test(said.slice(0, from))
    const isSpokenOf = near !== undefined && isAlone && !FOUND_SO.test(said.slice(gap.index))
    const before = said.slice(0, from)
    const after = said.slice(from + part.length)
    const put = () => {
      if (CLEAN.test(plain)) return shown?.said === earlier ? cleanedAsSeen(kind, shown) : undefined
      const isDone = mended || DOES.test(before)
      const again = isDone ? 'runs' : after
      if (near === 'fuse' && NEW_ONE.test(part)) return refused(kind, again)
      if (NEW_FUSE.test(part))
        return inDisconnect(kind, part, fedAt, linesFused(kind, [near, seen], again) ?? refused(kind, again))
      const reset = breakerReset(kind, { near, earlier, shown, before, part, after })
      if (reset) return reset
      return inDisconnect(kind, part, fedAt, putRightBy(kind, whole, before, {
        near, seen, shown, earlier, ...(places ? { places } : {}),
      }))
    }
    const isBarred = NOT_NOW.test(plain) || ((mended || from > 0) && CURED_IT.test(part))
      || (TWO_LEADS.test(part) && !kind.faults.some(f => f.repair.id === TURNS_IT))
    const byOthers = doneByOthers(kind, plain, near)
    // of what others mended it may not be known which it was
    const faultOf = ({ id }: FaultMode) => (byOthers && near !== 'inlet' ? {} : { fault: id })
    const found = byOthers ?? (isBarred ? undefined : put())
    const mode = isNew && !isSpokenOf ? undefined : found
    const others = mode && NEW_THERE.test(part) ? listedBehind(gap[0], said.slice(gap.index)) : 0
    const end = gap.index + gap[0].length + others
    if (mode)
      return {
        line: { kind: 'repair', component: mode.component, ...faultOf(mode), text: part.trim() },
        before: text.slice(0, isListed ? from - lastPart.length - lastGap : from)
          .replace(/[\s,;.]+$|\s(?:and|then|so|now)\s*$/g, ''),
        after: asSet(mode, text.slice(end)),
      }
    from = end
    lastPart = part
    lastGap = gap[0].length
  }
  return undefined
}

/** `new valve plate and gasket`: how far what else was put in goes. */
function listedBehind(gap: string, behind: string): number {
  const [all = '', part = ''] = /^\s+and ((?:an? |the )?(?:\w+ ){0,2}\w+)(?:$|[,;.]\s*)/.exec(behind) ?? []
  return gap.trim() === 'and' && part && !DOES.test(part) && !CAME_OF_IT.test(part) ? all.length - gap.length : 0
}
