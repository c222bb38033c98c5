/**
 * What was put right, as it is said: `cleaned it out and got seventy`, `new belt on, down to four minutes`. It becomes
 * a line of repair, so that what was read before it and what was read after it are two things. Told of others or of
 * other days, wished or asked for, it is none; nor is a spare tried to see, which is a test. What only lets a breaker
 * or a fuse in again is none either, unless it has held since (breakerReset.ts): what must be tried dead before that
 * stays to be tried (hazards.ts).
 */
import { itemAt } from '#core/foundation'
import { findTest, unstaged, type FaultMode, type SystemKind } from '#core/systems'
import type { DraftLine } from '#core/tab'
import { CLEAN, inFull, KIT, plainly, PRESENT } from './asTold'
import { breakerReset } from './breakerReset'
import { doneByOthers } from './byOthers'
import { DOINGS, type Doing } from './doings'
import type { Spoken } from './spoken'
import { inActive } from './logged'
import { spellOut } from './shortWords'
import { WAYS } from './ways'

/** Ids of the repairs that can be said. */
export const REPAIRS_SAID: readonly string[] = Object.keys(WAYS)

/** What comes after the thing that was spoken of. */
const IT = '(?:it|them|[\'’]?em|that|those|everything|all (?:three|of them)|both(?: of them)?'
  + '|one(?! (?:contact|side|pole|leg|wire|blade|of)\\b))'

/** Done by others or on another day, wished, asked, or a spare tried to see. */
const NOT_NOW = new RegExp(
  '\\b(?:last|ago|this morning|this week|today|the day|already|yesterday|they|owner|customer|plumber|'
  + 'someone|somebody|husband|wife|neighbou?r|guy|had|was|himself|herself|themselves|'
  + 'were|needs?|should|will|would|to be|going to|gonna|have to|wants?|quote[ds]?|order(?:ed)?|can|could|if|never'
  + '|not|'
  + 'next (?:week|time|visit|trip|month)|tomorrow|later|soon|'
  + 'didn\'?t|haven\'?t|are|known|good spare|spare|another|different|borrowed'
  + '|my (?:hand|ear|knuckles|meter|clamp|gauge)|gotta|got to|have to|has to|put (?:a|my|the) (?:gauge|meter'
  + '|clamp|tester|probes?|jumper)'
  + '|(?:two|three|four|several) times|put (?:it|them) back$)\\b',
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

/** What may be on or off, named ahead of it. */
const NAMES_IT = /\b(?:breaker|disconnect|main|switch|valve)\b/
const OF_POWER = /\b(?:breaker|disconnect)\b/i

/** Of a valve that was seen shut. */
const OPENED = /^opened it(?: up| back up| all the way| wide(?: open)?)*$/

/** Powered again: nothing was set by that. */
const POWERED
  = /^(?:turned|switched|flipped|powered) (?:it|her|him|everything|that|the (?:power|pump))(?: back)?(?: on| off| up)+$/

/** `new switch, contacts wide open`: that is how it was found, unless something came of it. */
const NEW_THERE
  = /^\s*(?:an? |two |three )?(?:new|fresh) |^\s*(?:the )?(?:\S+ ){1,3}(?:replaced|renewed|changed|swapped)(?: out)?$/
/** `new brass check in`: it was put there; so it was where `new check valve` is said after the old was read. */
const PUT_THERE = /\b(?:in|on|up|fitted|installed|put on|in place)$/
const FOUND_SO = /\b(?:open|closed|burnt|black|stuck|dead|wet(?! end)|loose|pitted|wrong|missing|already)\b/
const CAME_OF_IT = new RegExp(
  '\\b(?:runs?|ran|running|works?|good|fine|now|builds?|built|holds?|same|still|no (?:change|better|difference)'
  + '|(?:re)?starts?|pulls|snaps|gone|quiet|dry|back|fills?|cuts?|quits?|stops?|hums?|groans?|trips?|got|reads?'
  + '|down to|up to|\\d+)\\b',
)

export interface Done {
  readonly line: DraftLine
  readonly before: string
  readonly after: string
}

interface Compiled {
  readonly mode: FaultMode
  /** what it is done to */
  readonly to: RegExp
  readonly own: readonly Said[]
  /** said of it without its name */
  readonly it: readonly Said[]
  /** of the first pump, where the house has the like: said of it at the well, without saying so */
  readonly there?: readonly Said[]
}
interface Said {
  readonly by: Doing
  readonly said: RegExp
}

const compiled = new WeakMap<SystemKind, readonly Compiled[]>()

function waysOf(kind: SystemKind): readonly Compiled[] {
  const known = compiled.get(kind)
  if (known) return known
  const modes = new Map(kind.faults.toReversed().map(f => [f.repair.id, f]))
  const fresh = [...modes].flatMap(([id, mode]): Compiled[] => {
    const way = WAYS[id] ?? WAYS[unstaged(id)]
    if (!way) return []
    const patterns = (of: string) => way.by.flatMap(by => DOINGS[by].map(p => ({ by, said: patternOf(p, of) })))
    // where the house has the like too, it is named
    const isOfBoth = id !== unstaged(id) && modes.has(unstaged(id))
    const name = isOfBoth ? `(?:well )${way.to}` : way.to
    const there = isOfBoth ? { there: patterns(way.to) } : {}
    return [{ mode, to: new RegExp(`\\b(?:${name})\\b`), own: patterns(name), it: patterns(IT), ...there }]
  })
  compiled.set(kind, fresh)
  return fresh
}

const patternOf = (said: string, of: string) =>
  new RegExp(`\\b(?:${said.replaceAll('OF', `(?<of>${of})\\b`)})`)

/** Segments of a line, each with where it begins. */
const PARTED = /\s*(?:[,;:]|\.(?!\d))\s*|\s+(?:and|then|so|now)\s+/g

/**
 * The first thing of a line that was put right, and what stands before and behind it.
 * @param before what was spoken of before: `cleaned it` is said of its part, or of what the line before named. Before
 *   any was, a new part is one of another day
 */
export function findDone(
  kind: SystemKind, told: string, { near, seen, shown, mended, said: earlier = '' }: Spoken = {},
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
      if ((near === 'fuse' && NEW_ONE.test(part)) || NEW_FUSE.test(part)) return refused(kind, isDone ? 'runs' : after)
      const reset = breakerReset(kind, { near, earlier, shown, before, part, after })
      if (reset) return reset
      return putRightBy(kind, whole, before, { near, seen, shown, earlier })
    }
    const isBarred = NOT_NOW.test(plain)
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
        after: text.slice(end),
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

const isNamedIn = (kind: SystemKind, mode: FaultMode, text: string): boolean =>
  waysOf(kind).some(w => w.mode.repair.id === mode.repair.id && w.to.test(text.toLowerCase()))

/** `put a new one in and the pump runs`, after the fuse was taken out: what was wrong with it went with it. */
const NEW_ONE = /\b(?:put|stuck|popped|threw|new) (?:in )?(?:a |another )?(?:(?:new|fresh|good) )?one\b/
const NEW_FUSE = /^(?:a )?new (?:\d+[ -]?amp )?fuse$/
const RUNS_AGAIN = /\b(?:runs?|ran|running|works?|working|pump(?:s|ing)|holds?|held|holding|took off)\b/
const refused = (kind: SystemKind, after: string): FaultMode | undefined =>
  RUNS_AGAIN.test(after) ? kind.faults.find(f => REFUSED.test(f.repair.id)) : undefined
const REFUSED = /^find-why-then-replace-(?:control-)?fuse$/

/** A wire is so mended along its way, and not a joint of it. */
const COVERED = /\b(?:taped|wrapped|sleeved|loomed)\b/

/** Of a joint whatever it is: `crimped a new end on it`. */
const ANY_END = /^(?:end|lug|ring terminal|ferrule)$/

/** `new switch in the motor` */
const isIn = (part: string, seen: FaultMode | undefined) =>
  seen !== undefined && part.includes(` in the ${seen.component}`)

/** `new pipe`, after the drop pipe was seen split: of several things of that name it is the one last seen. */
interface Put {
  readonly part: string
  readonly earlier: string
  readonly shown: Spoken['shown']
}

function asSeen(
  kind: SystemKind, of: string, own: FaultMode, { part, earlier, shown }: Put,
): FaultMode | undefined {
  if (!shown) return undefined
  const isItself = unstaged(shown.test) === 'seen-itself'
  const seen = isItself ? kind.faults.find(f => f.id === shown.outcome) : mostShown(kind, waysOf(kind), shown)
  const way = seen && (WAYS[seen.repair.id] ?? WAYS[unstaged(seen.repair.id)])
  const word = /(\w{4,})\W*$/.exec(of)?.[1] ?? of
  const isJustSeen = shown.said === earlier && (ANY_END.test(of) || earlier.toLowerCase().includes(word))
  const isThere = isItself || seen?.component === own.component || isIn(part, seen)
  const isOfIt = way?.to.includes(word) && isThere
  return isJustSeen || isOfIt ? seen : undefined
}

/** So many times as likely with it as without must the look before have been; judgement, no source. */
const SHOWS = 5

/** From such a share of the best on two faults show alike; judgement, no source. */
const ALIKE = 0.95
const fits = ({ effect }: FaultMode, does: string | undefined) =>
  does === 'stalls' ? effect?.startsWith('runs') === true : effect === does

/** From such a chance on it is what was seen, wherever that was seen from; judgement, no source. */
const SURELY = 0.6

/** Of what may have been done, that for the fault which was just seen: `blew it out`, after the port was. */
function mostShown(kind: SystemKind, ways: readonly Compiled[], shown: Spoken['shown']): FaultMode | undefined {
  const test = shown && findTest(kind, shown.test)
  if (test?.kind !== 'seen') return undefined
  const at = test.outcomes.findIndex(o => o.id === shown?.outcome)
  // seen on a system with a part that its nameplate does not have
  if (at < 0) return undefined
  const looked = kind.points.find(p => p.id === test.point)?.component
  const shows = ({ id, component }: FaultMode) => Math.max(0, ...Object.entries(test.chancesByFault)
    .flatMap(([of, chances]) => {
      const chance = itemAt(chances, at, 'outcome')
      const isThere = component === looked || shown?.outcome === id || chance > SURELY
      return isThere && (of === id || of.startsWith(`${id}:`)) ? [chance] : []
    }))
  const repairs = new Set(ways.map(w => w.mode.repair.id))
  const [best, ...others] = kind.faults.filter(f => repairs.has(f.repair.id)).toSorted((a, b) => shows(b) - shows(a))
  if (!best || shows(best) < SHOWS * itemAt(test.usual, at, 'outcome')) return undefined
  // of two that look alike it is the one that does what the machine did
  const alike = others.filter(f => shows(f) > ALIKE * shows(best))
  return [best, ...alike].find(f => fits(f, shown?.does)) ?? best
}

const cleanedAsSeen = (kind: SystemKind, shown: Spoken['shown']) =>
  mostShown(kind, waysOf(kind).filter(w => w.it.some(({ said }) => said.test('cleaned it'))), shown)

/** The thing that is named at most length is the one that was meant; else it was named or looked at before. */
function putRightBy(
  kind: SystemKind,
  part: string,
  before: string,
  { near, seen, shown, earlier }: Pick<Spoken, 'near' | 'seen' | 'shown'> & { readonly earlier: string },
): FaultMode | undefined {
  const ways = waysOf(kind)
  const isOld = ({ mode }: Compiled, by: Doing) =>
    by === 'renewed' && near === undefined && !before && !isNamedIn(kind, mode, earlier)
  let most = 0
  let own: readonly Compiled[] = []
  let named = ''
  const isAtWell = near !== undefined && unstaged(near) !== near
  for (const way of ways)
    for (const { by, said } of (isAtWell && way.there) || way.own) {
      const { component, repair } = way.mode
      // of what leaves a part new there is nothing left that was wrong with it
      const isThere = isAtWell && unstaged(way.mode.id) !== way.mode.id
      const renews = (by === 'renewed' && repair.renews?.includes(component) ? 0.4 : 0) + (isThere ? 0.5 : 0)
      const of = said.exec(part)?.groups?.['of'] ?? ''
      const { length } = of
      if (length === 0 || length + renews < most || isOld(way, by)) continue
      own = length + renews > most ? [way] : [...own, way]
      most = length + renews
      named = of
    }
  if (own[0]) {
    const { mode } = own[0]
    return mostShown(kind, own, shown) ?? asSeen(kind, named, mode, { part, earlier, shown }) ?? mode
  }
  const isNewOne = NEW_ONE.test(part) && !/\bmade\b/.test(part)
  const itself = ways.filter(w => w.it.some(({ by, said }) => (!isNewOne || by === 'renewed') && said.test(part)))
  const componentOf = (point: string | undefined) => kind.points.find(p => p.id === point)?.component
  const component = componentOf(near)
  // what the line itself names comes before what the line before did, or what was seen last
  const isNamed = itself.some(({ to }) => to.test(before))
  const isJustSeen = shown?.said === undefined || shown.said === earlier
  if (OPENED.test(part)) return isJustSeen ? mostShown(kind, ways, shown) : undefined
  const isPowered = POWERED.test(part) && !NAMES_IT.test(before) && !OF_POWER.test(earlier)
  if (isPowered) return isJustSeen ? mostShown(kind, itself, shown) : undefined
  const isSwitched = itself.some(w => w.it.some(({ by, said }) => ['on', 'reset'].includes(by) && said.test(part)))
  const spokenFor = isNamed || isSwitched || !isJustSeen ? undefined : mostShown(kind, itself, shown)
  if (spokenFor) return spokenFor
  const spoken = isNamed ? before : `${earlier.toLowerCase()}, ${before}`
  const lengthIn = ({ to }: Compiled) => to.exec(spoken)?.[0].length ?? 0
  const isOwn = ({ it }: Compiled) => it.some(({ by, said }) => by !== 'remade' && said.test(part))
  // `the run capacitor` is another than `the capacitor`
  const longest = Math.max(0, ...itself.map(lengthIn))
  const longestNamed = itself.filter(w => longest > 0 && lengthIn(w) === longest)
    // `cleaned` is first what makes a thing clean, and only then what remakes a joint
    .toSorted((a, b) => Number(isOwn(b)) - Number(isOwn(a)))
  const thing = /^(?:cleaned|cleared|fixed|mended|rinsed)(?: out| off| up)? (?:\w+ ){0,2}(\w{4,})/.exec(part)?.[1]
  const isSeenSo = isJustSeen && shown && unstaged(shown.test) === 'seen-itself' && longestNamed.length === 0
  if (isSeenSo && thing && earlier.toLowerCase().includes(thing)) return kind.faults.find(f => f.id === shown.outcome)
  return (longestNamed.find(w => w.mode.component === component) ?? longestNamed[0]
    ?? itself.find(w => COVERED.test(part) && w.mode.component === component && w.mode.repair.renews)
    ?? itself.find(w => w.mode.component === component)
    ?? itself.find(w => w.mode.component === componentOf(seen)))?.mode
}
