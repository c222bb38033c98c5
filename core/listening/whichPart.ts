/**
 * Which part it was that was put right, and so which fault: the one that is named at most length; of several that have
 * its name the one last seen; where none is named the one that was named or looked at before.
 */
import { itemAt } from '#core/foundation'
import { findTest, unstaged, type FaultMode, type SystemKind } from '#core/systems'
import { DOINGS, type Doing } from './doings'
import type { Spoken } from './spoken'
import { WAYS } from './ways'

/** What comes after the thing that was spoken of. */
const IT = '(?:it|them|[\'’]?em|that|those|everything|all (?:three|of them)|both(?: of them)?'
  + '|one(?! (?:contact|side|pole|leg|wire|blade|of)\\b))'

/** What may be on or off, named ahead of it. */
const NAMES_IT = /\b(?:breaker|disconnect|main|switch|valve)\b/
const OF_POWER = /\b(?:breaker|disconnect)\b/i

/** Of a valve that was seen shut. */
const OPENED = /^opened it(?: up| back up| all the way| wide(?: open)?)*$/

/** Powered again: nothing was set by that. */
const POWERED
  = /^(?:turned|switched|flipped|powered) (?:it|her|him|everything|that|the (?:power|pump))(?: back)?(?: on| off| up)+$/

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
    const name = isOfBoth ? `(?:well (?:pump )?)${way.to}` : way.to
    const there = isOfBoth ? { there: patterns(way.to) } : {}
    return [{ mode, to: new RegExp(`\\b(?:${name})\\b`), own: patterns(name), it: patterns(IT), ...there }]
  })
  compiled.set(kind, fresh)
  return fresh
}

const patternOf = (said: string, of: string) =>
  new RegExp(`\\b(?:${said.replaceAll('OF', `(?<of>${of})\\b`)})`)

const isNamedIn = (kind: SystemKind, mode: FaultMode, text: string): boolean =>
  waysOf(kind).some(w => w.mode.repair.id === mode.repair.id && w.to.test(text.toLowerCase()))

/** `put a new one in and the pump runs`, after the fuse was taken out: what was wrong with it went with it. */
export const NEW_ONE = /\b(?:put|stuck|popped|threw|new) (?:in )?(?:a |another )?(?:(?:new|fresh|good) )?one\b/

/** What was read since was as it should be: `ohms look right`, and then `put a new one in`. */
const IS_WELL
  = /\b(?:(?:looks?|looked|reads?|tests?|checks?|is|are) (?:out )?(?:right|good|fine|ok(?:ay)?|normal)|in spec)\b/i

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
  // `terminals chafed` is of the run as much as of the feed
  if (!isItself && seen && showsAsMuch(kind, shown, own, seen)) return undefined
  const way = seen && (WAYS[seen.repair.id] ?? WAYS[unstaged(seen.repair.id)])
  const word = /(\w{4,})\W*$/.exec(of)?.[1] ?? of
  const isJustSeen = shown.said === earlier && (ANY_END.test(of) || earlier.toLowerCase().includes(word))
  // `new switch`, after its terminal was seen burnt: the switch
  if (seen && of === own.component && seen.component !== of && !way?.to.includes(of)) return undefined
  const looked = kind.points.find(p => p.id === findTest(kind, shown.test)?.point)?.component
  const isThere = isItself || seen?.component === own.component || seen?.component === looked || isIn(part, seen)
  const isOfIt = way?.to.includes(word) && isThere
  return isJustSeen || isOfIt ? seen : undefined
}

function showsAsMuch(
  kind: SystemKind, { test, outcome }: NonNullable<Spoken['shown']>, own: FaultMode, seen: FaultMode,
): boolean {
  const looked = findTest(kind, test)
  if (looked?.kind !== 'seen') return false
  const at = looked.outcomes.findIndex(o => o.id === outcome)
  const of = (work: string) => Math.max(
    ...kind.faults.map(f => f.repair.id === work ? looked.chancesByFault[f.id]?.[at] ?? 0 : 0))
  return own.repair.id !== seen.repair.id && of(own.repair.id) > 0 && of(own.repair.id) >= ALIKE * of(seen.repair.id)
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

/** Of what one repair puts right, that which is called as the part was: `cleaned the valves`. */
const calledSo = (kind: SystemKind, part: string, { repair }: FaultMode): FaultMode | undefined =>
  kind.faults.find(({ id, repair: own }) =>
    own.id === repair.id && new RegExp(`\\b${id.slice(id.indexOf('.') + 1)}\\b`).test(part))

/** Of two parts of one name, one of them at the well: that was the one that was read last. */
function wasAtWell(kind: SystemKind, { mode, there }: Compiled, places: readonly string[] = []): boolean {
  if (!there) return false
  const componentOf = (point: string) => kind.points.find(p => p.id === point)?.component ?? ''
  const last = places.map(componentOf).findLast(c => unstaged(c) === unstaged(mode.component))
  return last === mode.component
}

export const cleanedAsSeen = (kind: SystemKind, shown: Spoken['shown']) =>
  mostShown(kind, waysOf(kind).filter(w => w.it.some(({ said }) => said.test('cleaned it'))), shown)

/** `cleaned it up`, of what was seen to be blocked. */
const CLEANED = /^(?:cleaned|cleared|rinsed|flushed)(?: it| them)?(?: out| up| off)*$/
const A_WIRE = /\b(?:leads?|wires?|cable|conductor|pigtail)\b/i
const FOULED = /blocked|clogged|jammed/
const OF_REDUCER = /reduc|regulator/i
const OF_TANK = /tank|bladder|precharge|tire gauge|schrader/i

/** A reducing valve is set, and air let out of a tank rather than of the pump, where it was spoken of. */
function isAwayFrom(kind: SystemKind, spoken: string, component: string | undefined, shown: Spoken['shown']) {
  const hasPumpToBleed = kind.faults.some(f => f.repair.id === VENT)
  const isOfTank = component === 'tank' || OF_TANK.test(spoken) || shown?.outcome.startsWith('tank.') === true
  return ({ mode: { id, repair } }: Compiled): boolean =>
    (id === 'house.reducer' && shown?.outcome !== id && !OF_REDUCER.test(spoken))
    || (repair.id === 'bleed-tank-at-zero-pressure' && hasPumpToBleed && !isOfTank)
}
const VENT = 'vent-pump'
const CONTACTOR = 'replace-contacts-or-contactor'
const START_SWITCH = 'clean-or-replace-start-switch-in-motor'
const ON_POINTS = /^(?:filed|cleaned|dressed|sanded|burnished|polished|replaced|new)\b.*\b(?:points|contacts)\b/
const POINTS = /^(?:contacts?|points?)$/
const OF_PILOT = /pilot|(?:pressure|air) switch/i

/** The thing that is named at most length is the one that was meant; else it was named or looked at before. */
export function putRightBy(
  kind: SystemKind,
  part: string,
  before: string,
  { near, seen, shown, places, earlier }:
  Pick<Spoken, 'near' | 'seen' | 'shown' | 'places'> & { readonly earlier: string },
): FaultMode | undefined {
  const ways = waysOf(kind)
  const isOld = ({ mode }: Compiled, by: Doing) =>
    by === 'renewed' && near === undefined && !before && !isNamedIn(kind, mode, earlier)
  const isAtWell = near !== undefined && unstaged(near) !== near
  const componentOf = (point: string | undefined) => kind.points.find(p => p.id === point)?.component
  const component = componentOf(near)
  const isAway = isAwayFrom(kind, `${earlier} ${before} ${part}`, component, shown)
  // `new contacts`: the starter's, unless its pilot was spoken of
  const isPilots = component === 'switch' || OF_PILOT.test(`${earlier} ${before} ${part}`)
  const isOfStarter = ({ mode }: Compiled) => mode.component === 'switch' && !isPilots
    && ways.some(w => w.mode.repair.id === CONTACTOR)
  // `filed the points`, after the start switch in the motor was read
  const ofMotor = near === 'centrifugal' && ON_POINTS.test(part) && ways.find(w => w.mode.repair.id === START_SWITCH)
  if (ofMotor) return ofMotor.mode
  let most = 0
  let own: readonly Compiled[] = []
  let named = ''
  for (const way of ways)
    for (const { by, said } of ((isAtWell || wasAtWell(kind, way, places)) && way.there) || way.own) {
      const { component, repair } = way.mode
      // of what leaves a part new there is nothing left that was wrong with it
      const isThere = (isAtWell || wasAtWell(kind, way, places)) && unstaged(way.mode.id) !== way.mode.id
      const renews = (by === 'renewed' && repair.renews?.includes(component) ? 0.4 : 0) + (isThere ? 0.5 : 0)
      const of = said.exec(part)?.groups?.['of'] ?? ''
      const { length } = of
      if (length === 0 || length + renews < most || isOld(way, by) || isAway(way)) continue
      if (by === 'renewed' && POINTS.test(of) && isOfStarter(way)) continue
      own = length + renews > most ? [way] : [...own, way]
      most = length + renews
      named = of
    }
  if (own[0]) {
    const { mode } = own[0]
    return mostShown(kind, own, shown) ?? asSeen(kind, named, mode, { part, earlier, shown })
      ?? calledSo(kind, part, mode) ?? mode
  }
  const isNewOne = NEW_ONE.test(part) && !/\b(?:made|crimped|spliced|soldered)\b/.test(part)
  const itself = ways.filter(w => !isAway(w)
    && w.it.some(({ by, said }) => (!isNewOne || by === 'renewed') && said.test(part)))
  // what the line itself names comes before what the line before did, or what was seen last
  const isNamed = itself.some(({ to }) => to.test(before))
  const isJustSeen = shown?.said === undefined || shown.said === earlier || (isNewOne && IS_WELL.test(earlier))
  if (OPENED.test(part)) return isJustSeen ? mostShown(kind, ways, shown) : undefined
  const isPowered = POWERED.test(part) && !NAMES_IT.test(before) && !OF_POWER.test(earlier)
  if (isPowered) return isJustSeen ? mostShown(kind, itself, shown) : undefined
  const isSwitched = itself.some(w => w.it.some(({ by, said }) => ['on', 'reset'].includes(by) && said.test(part)))
  // `check valve leaks back`, `replaced it`: of what may have shown so, that which was named with it
  const namedWith = itself.filter(({ to }) => to.test(earlier.toLowerCase()))
  const spokenFor = isNamed || isSwitched || !isJustSeen
    ? undefined
    : mostShown(kind, namedWith, shown) ?? mostShown(kind, itself, shown)
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
  if (isSeenSo && FOULED.test(shown.outcome) && CLEANED.test(part)) return kind.faults.find(f => f.id === shown.outcome)
  const isWire = thing === 'wire' && A_WIRE.test(earlier)
  if (isSeenSo && thing && (isWire || earlier.toLowerCase().includes(thing)))
    return kind.faults.find(f => f.id === shown.outcome)
  return (longestNamed.find(w => w.mode.component === component) ?? longestNamed[0]
    ?? itself.find(w => COVERED.test(part) && w.mode.component === component && w.mode.repair.renews)
    ?? itself.find(w => w.mode.component === component)
    ?? itself.find(w => w.mode.component === componentOf(seen)))?.mode
}
