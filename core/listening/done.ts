/**
 * What was put right, as it is said: `cleaned it out and got seventy`, `new belt on, down to four minutes`. It becomes
 * a line of repair, so that what was read before it and what was read after it are two things. Told of others or of
 * other days, wished or asked for, it is none; nor is a spare tried to see, which is a test. What only lets a breaker
 * or a fuse in again is none either, unless it has held since (breakerReset.ts): what must be tried dead before that
 * stays to be tried (hazards.ts).
 */
import { unstaged, type FaultMode, type SystemKind } from '#core/systems'
import type { DraftLine } from '#core/tab'
import { breakerReset } from './breakerReset'
import { DOINGS, type Doing } from './doings'
import type { Spoken } from './spoken'
import { spellOut } from './shortWords'

interface Way {
  readonly by: readonly Doing[]
  /** what it is done to, as a pattern of words */
  readonly to: string
}

/** By the id of the repair, of the first pump where there are two. */
const WAYS: Readonly<Record<string, Way>> = {
  'find-why-then-reset-breaker': { by: ['on'], to: '(?:breaker|main)' },
  'replace-breaker': { by: ['renewed'], to: 'breaker' },
  'replace-fuse-or-breaker': { by: ['renewed', 'fitted'], to: '(?:line )?(?:fuses?|breaker)' },
  'replace-pressure-switch': {
    by: ['renewed', 'dressed'],
    to: '(?<!float )(?<!start )(?<!panel )(?:pressure )?switch|contacts?|points?',
  },
  'replace-demand-switch': { by: ['renewed'], to: '(?<!panel )(?:demand |pressure )?switch' },
  'replace-panel-switch': { by: ['renewed'], to: '(?:panel|rocker) switch' },
  'replace-float-switch': { by: ['renewed'], to: 'float(?: switch)?' },
  'free-or-replace-float': { by: ['freed'], to: 'float(?: switch)?' },
  'clear-port-brass-nipple': {
    by: ['cleaned', 'renewed'],
    to: '(?:nipple|port|orifice|sensing (?:line|tube)|(?:little )?hole|diaphragm (?:port|chamber))',
  },
  'set-switch': {
    by: ['set'],
    to: '(?:(?:big |range |small |differential )?(?:nut|spring|screw)|cut-? ?(?:in|out)|(?:pressure )?switch)',
  },
  'set-demand-switch': {
    by: ['set'],
    to: '(?:adjust(?:ing|ment)? screw|(?<= the )screw|set screw|little screw|allen(?: screw)?|screw on the switch'
      + '|switch)',
  },
  'hold-lever-until-pressure-is-over-cut-in': { by: ['held', 'reset'], to: '(?:lever|handle|arm|cut-? ?off)' },
  'turn-lever-to-auto': { by: ['held', 'set'], to: '(?:lever|handle|knob)(?! (?:to |in |into )?off\\b)' },
  'remake-joint': { by: ['remade', 'ended'], to: '(?:terminals?|lugs?|screws?|joints?|connections?|wire ?nuts?)' },
  'remake-feed-joint': { by: ['remade', 'ended'], to: '(?:terminals?|joints?|connectors?|connections?|crimps?|butt'
    + ' splices?)' },
  'remake-control-wire': { by: ['remade', 'renewed'], to: '(?:control|pilot|coil) wires?' },
  'clean-and-remake-chassis-return': {
    by: ['remade', 'cleaned', 'renewed'],
    to: '(?:chassis |negative )?(?:ground(?: lug| wire| strap)?|return|ring terminal)',
  },
  'clean-and-remake-battery-posts': {
    by: ['cleaned', 'remade'],
    to: '(?:battery )?(?:posts?|clamps?|battery terminals?)',
  },
  'charge-or-replace-battery': { by: ['charged', 'renewed'], to: 'batter(?:y|ies)' },
  'find-why-then-replace-fuse': { by: ['refused'], to: 'fuse' },
  'replace-fuse-holder': { by: ['renewed'], to: '(?:fuse ?)?holder' },
  'replace-feed': { by: ['renewed'], to: 'feed(?: wire)?' },
  'replace-damaged-run': { by: ['renewed', 'remade'], to: 'feed(?: wire| cable)?' },
  'replace-run': { by: ['renewed'], to: '(?:run(?! cap)|whip|wire)(?: to the (?:pump|motor))?' },
  'remake-splice-or-replace-cable': {
    by: ['remade', 'renewed'], to: '(?:splices?|connectors|pump cable|drop cable|cable)',
  },
  'replace-motor-leads': { by: ['renewed', 'remade'], to: '(?:motor )?(?:leads|cable|splices?)' },
  'replace-motor': { by: ['renewed'], to: '(?:pump )?motor' },
  'pull-pump': { by: ['renewed'], to: '(?:pump(?: and motor)?|motor)' },
  'replace-pump': { by: ['renewed'], to: 'pump' },
  'fit-pump-head-kit': { by: ['renewed'], to: '(?:pump head|head kit|diaphragm(?: kit)?|valves?|valve plate)' },
  'replace-impeller-and-seal': { by: ['renewed'], to: '(?:impeller|wet end)' },
  'free-impeller': { by: ['freed', 'cleaned'], to: '(?:impeller|volute|eye|shaft)' },
  'clear-impeller': { by: ['cleaned'], to: '(?:vanes|eye of the impeller|wheel)' },
  'renew-shaft-seal': { by: ['renewed'], to: '(?:(?:shaft|pump|mechanical) )?seals?' },
  'replace-pump-casing': { by: ['renewed'], to: '(?:pump )?(?:housing|casing|volute|case)' },
  'clear-suction-line': {
    by: ['cleaned', 'renewed'],
    to: '(?:suction (?:strainer|screen|hose)|foot ?valve (?:screen|strainer)|intake screen)',
  },
  'clear-way-into-tank': { by: ['cleaned'], to: '(?:tank (?:tee|inlet|nipple|port)|tee|elbow(?: under the tank)?)' },
  'renew-seal-of-pitless-adapter': {
    by: ['renewed'], to: '(?:pitless(?: adapter)?(?: o[- ]?ring| seal)?|o[- ]?ring on the pitless)',
  },
  'set-or-replace-reducing-valve': {
    by: ['renewed', 'set', 'cleaned'], to: '(?:(?:pressure )?reducing valve|(?:pressure )?reducer|house regulator'
      + '|(?:screw|nut|bolt)(?: (?:in|out|down|up))? on the (?:pressure )?(?:reducer|reducing valve|regulator))',
  },
  'clear-motor-vents': { by: ['cleaned', 'renewed'], to: '(?:(?:motor )?vents|(?:cooling |motor )?fan|nest|shroud)' },
  'clear-tank-vent': { by: ['cleaned'], to: '(?:tank )?vent(?: hose)?' },
  'replace-city-inlet-check': { by: ['renewed', 'cleaned'], to: 'city (?:water )?(?:inlet|fill|check)(?: valve)?' },
  'set-or-replace-charger': { by: ['renewed', 'set'], to: '(?:charger|converter|alternator regulator)' },
  'set-drive-to-rated-hertz': { by: ['set'], to: '(?:drive|vfd|inverter)' },
  'land-on-both-legs': { by: ['landed', 'moved'], to: '(?:hots?|wires?(?! to (?:a|another) )|breaker)' },
  'clean-jet': { by: ['cleaned', 'freed'], to: '(?:jet|nozzle|venturi|ejector)' },
  'prime-pump': {
    by: ['filled', 'primed'], to: '(?:pump|case|casing|volute|(?:prim(?:e|ing) )?(?:hole|plug|port)|housing|prime)',
  },
  'remake-suction-joints': {
    by: ['remade', 'renewed'],
    to: '(?:suction(?: line| pipe| side| joint| fitting| hose)?|union)',
  },
  'replace-foot-valve': { by: ['renewed', 'cleaned'], to: 'foot ?valve' },
  'replace-check-valve': { by: ['renewed', 'cleaned'], to: 'check(?: valve)?' },
  'clean-or-replace-tank-check-valve': { by: ['renewed', 'cleaned'], to: '(?:tank )?check(?: valve)?' },
  'clean-or-replace-unloader-valve': { by: ['renewed', 'cleaned'], to: 'unloader(?: valve)?' },
  'pull-and-replace-drop-pipe': { by: ['renewed', 'remade'], to: '(?:drop|down|riser) pipe' },
  'clean-strainer': { by: ['cleaned', 'renewed'], to: '(?:strainer|screen|filter|bowl)' },
  'remake-suction-hose': {
    by: ['remade', 'renewed'],
    to: '(?:hose|clamps?|hose clamps?|suction|bowl|o-?ring|strainer(?= (?:bowl|lid|cap|gasket)))',
  },
  'vent-pump': {
    by: ['vented'],
    to: '(?:air (?:out )?of the pump|pump|vent(?: screw| plug)?|bleed screw|prim(?:e|ing) plug|air)',
  },
  'fill-tank': { by: ['filled'], to: '(?:fresh |water )?tank' },
  'set-by-pass': { by: ['set'], to: 'by-?pass(?: screw)?(?! valve)' },
  'replace-tank': { by: ['renewed'], to: '(?:pressure |bladder )?tank' },
  'air-tank-at-zero-pressure': {
    by: ['aired'],
    to: '(?:air|precharge|bladder|(?:bladder )?tank(?: up)?|\\d+ (?:psi|pounds)|in \\d+)',
  },
  'bleed-tank-at-zero-pressure': { by: ['let'], to: '(?:air|precharge|tank(?: down)?)' },
  'replace-gauge': { by: ['renewed'], to: 'gauge' },
  'find-and-mend-leak': { by: ['remade', 'renewed'], to: '(?:leak|toilet|flapper|fitting|pipe|valve)' },
  'mend-air-line': { by: ['remade', 'renewed'], to: '(?:leak|fitting|coupler|hose|line)' },
  'replace-relief-valve': { by: ['renewed'], to: '(?:relief|safety)(?: valve)?' },
  'replace-start-relay': { by: ['renewed'], to: '(?:start )?relay' },
  'replace-overload': { by: ['renewed'], to: 'overload' },
  'replace-overload-relay': { by: ['renewed'], to: '(?:overload(?: relay)?|heaters?)' },
  'replace-motor-overload': { by: ['renewed'], to: '(?:thermal )?(?:overload|protector)' },
  'find-why-then-reset-overload': { by: ['reset'], to: '(?:overload|red button|reset(?: button)?|button)' },
  'find-why-then-reset-overload-relay': { by: ['reset'], to: '(?:overload|heater|relay|red button|reset(?:'
    + ' button)?)' },
  'set-overload-to-nameplate': { by: ['set'], to: '(?:overload |trip )?(?:dial|setting)' },
  'replace-box-remake-leads': { by: ['renewed', 'remade'], to: '(?:control )?box' },
  'fit-box-for-motor': { by: ['renewed'], to: '(?:right|correct|proper) (?:control )?box' },
  'replace-start-capacitor': { by: ['renewed'], to: '(?:start(?:ing)? )?(?:cap|capacitor)' },
  'replace-run-capacitor': { by: ['renewed'], to: 'run(?:ning)? (?:cap|capacitor)' },
  'find-leads-and-land-them-right': { by: ['remade', 'set'], to: '(?:leads|wires) (?:right|where they belong)' },
  'set-voltage-links': {
    by: ['set', 'remade', 'landed'],
    to: '(?:jumpers?|links?|plug(?= (?:over|to))|(?:voltage )?selector(?: over)?(?: to \\d+)?'
      + '|voltage (?:plug|switch|links?)|(?<=rewired (?:\\w+ ){0,2})(?:for|to) (?:115|120|230|240))',
  },
  'clean-or-replace-start-switch-in-motor': { by: ['cleaned', 'renewed', 'freed'], to: '(?:start'
    + '|centrifugal) switch' },
  'replace-contacts-or-contactor': { by: ['renewed'], to: '(?:contact kit|contacts|contactor|starter)' },
  'replace-coil': { by: ['renewed'], to: 'coil' },
  'replace-disconnect': { by: ['renewed'], to: 'disconnect' },
  'close-disconnect': { by: ['on'], to: '(?:disconnect|safety switch)' },
  'fit-valve-plate-kit': { by: ['renewed', 'cleaned'], to: '(?:valve plate|reeds?|reed valves?|valves)' },
  'fit-head-gasket': { by: ['renewed'], to: '(?:head )?gasket' },
  'change-filter-cartridge': { by: ['renewed'], to: '(?:(?:house |water )?filter|cartridge)(?: cartridge)?' },
  'change-intake-filter': { by: ['renewed', 'cleaned'], to: '(?:intake|air)(?: filter)?|filter' },
  'set-or-replace-belt': { by: ['remade', 'renewed', 'set'], to: 'belts?' },
  'drain-receiver': { by: ['drained'], to: '(?:\\w+ ){0,3}water' },
  'close-or-replace-drain': {
    by: ['closed', 'renewed', 'remade'], to: '(?:tank )?(?:drain|petcock)(?: cock| valve)?',
  },
  'replace-regulator': { by: ['renewed'], to: 'regulator' },
  'feed-from-larger-generator': { by: ['landed', 'renewed'], to: '(?:generator|utility power|house power|the'
    + ' mains)' },
  'land-switch-as-marked': {
    by: ['landed', 'remade'],
    to: '(?:wires (?:at|on) the switch|switch wires|switch right|hots?|load wires|line and load)',
  },
  'move-switch-to-tank': { by: ['moved'], to: 'switch (?:to|over to|onto|on) the tank' },
  'change-sense-of-float': {
    by: ['landed', 'set'],
    to: 'float (?:right side up|the right way|round|around|over|sense|wires)',
  },
  'overhaul-pump-head': { by: ['renewed'], to: '(?:compressor pump|pump head|pump)' },
  'turn-winter-valve-to-tank': {
    by: ['set', 'opened'],
    to: '(?:winter|winteri[sz]ing|antifreeze|by-?pass|tank|tank shutoff)(?: by-?pass)? valve',
  },
  'open-house-valve-or-thaw-line': {
    by: ['opened'],
    to: '(?:house valve|main valve|valve (?:to the house|after the tank)|(?:house )?(?:line|pipe))',
  },
}

/** Ids of the repairs that can be said. */
export const REPAIRS_SAID: readonly string[] = Object.keys(WAYS)

/** What comes after the thing that was spoken of. */
const IT = '(?:it|them|[\'’]?em|that|those|everything|one(?! (?:contact|side|pole|leg|wire|blade|of)\\b))'

/** Done by others or on another day, wished, asked, or a spare tried to see. */
const NOT_NOW = new RegExp(
  '\\b(?:last|ago|this morning|this week|today|the day|already|yesterday|they|owner|customer|plumber|'
  + 'someone|somebody|husband|wife|neighbou?r|guy|had|was|himself|herself|themselves|'
  + 'were|needs?|should|will|would|to be|going to|gonna|have to|wants?|quote[ds]?|order(?:ed)?|can|could|if|never'
  + '|not|'
  + 'didn\'?t|haven\'?t|are|known|good spare|spare|another|different|borrowed'
  + '|my (?:hand|ear|knuckles|meter|clamp|gauge)|gotta|got to|have to|has to|put (?:a|my|the) (?:gauge|meter'
  + '|clamp|tester|probes?|jumper)'
  + '|(?:two|three|four|several) times'
  + '|(?:two|2)(?: of the)? (?:motor )?(?:leads|legs|wires|phases|lines))\\b',
)

/** Any of what is done, at all: most lines tell of none. */
const DOES
  = new RegExp('\\b(?:\\w{2,}(?:ed|d)|(?:air|pump)(?= (?:it |her |the tank )?(?:back )?(?:up )?to)'
    + '|hold(?= (?:it|the lever) up)|put|threw|stuck|hung|blew|broke|dug|took|set|let|held|new|'
    + 'got|cut|fresh|remade|redone|redid|brought|shut)\\b')

/** `filled`, after the plug was looked at: it. */
const BARE = /^\s*(?:filled|primed|cleaned|cleared|tightened|reset|freed|remade|replaced|aired)\s*$/

/** `new switch, contacts wide open`: that is how it was found, unless something came of it. */
const NEW_THERE = /^\s*(?:an? )?(?:new|fresh) /
const CAME_OF_IT = new RegExp(
  '\\b(?:runs?|ran|running|works?|good|fine|now|builds?|built|holds?|same|still|no (?:change|better|difference)'
  + '|(?:re)?starts?|gone|quiet|dry|back|fills?|cuts?|quits?|stops?|hums?|groans?|trips?|got|reads?'
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
    const name = id === unstaged(id) || !modes.has(unstaged(id)) ? way.to : `(?:well )${way.to}`
    return [{ mode, to: new RegExp(`\\b(?:${name})\\b`), own: patterns(name), it: patterns(IT) }]
  })
  compiled.set(kind, fresh)
  return fresh
}

const patternOf = (said: string, of: string) =>
  new RegExp(`\\b(?:${said.replaceAll('OF', `(?<of>${of})\\b`)})`)

/** Segments of a line, each with where it begins. */
const PARTED = /\s*[,;.:]\s*|\s+(?:and|then|so|now)\s+/g

/**
 * The first thing of a line that was put right, and what stands before and behind it.
 * @param before what was spoken of before: `cleaned it` is said of its part, or of what the line before named. Before
 *   any was, a new part is one of another day
 */
export function findDone(kind: SystemKind, told: string, { near, said: earlier = '' }: Spoken = {}): Done | undefined {
  const text = spellOut(told)
  const said = text.toLowerCase().replaceAll('’', '\'')
  if (!DOES.test(said)) return undefined
  let from = 0
  for (const gap of [...said.matchAll(PARTED), { index: said.length, 0: '' }]) {
    const part = said.slice(from, gap.index)
    const whole = BARE.test(part) ? `${part.trim()} it` : part
    const isThere = NEW_THERE.test(part) && !CAME_OF_IT.test(said.slice(from + part.length))
    const before = said.slice(0, from)
    const after = said.slice(from + part.length)
    const put = () => {
      if (near === 'fuse' && NEW_ONE.test(part)) return refused(kind, after)
      const reset = breakerReset(kind, { near, earlier, before, part, after })
      if (reset) return reset
      return putRightBy(kind, whole, before, { near, earlier })
    }
    const mode = isThere || NOT_NOW.test(part) ? undefined : put()
    const end = gap.index + gap[0].length
    if (mode)
      return {
        line: { kind: 'repair', component: mode.component, fault: mode.id, text: part.trim() },
        before: text.slice(0, from).replace(/[\s,;.]+$|\s(?:and|then|so|now)\s*$/g, ''),
        after: text.slice(end),
      }
    from = end
  }
  return undefined
}

/** `put a new one in and the pump runs`, after the fuse was taken out: what was wrong with it went with it. */
const NEW_ONE = /\b(?:put|stuck|popped|threw) (?:in )?(?:a |another )?(?:new|fresh|good) one\b/
const RUNS_AGAIN = /\b(?:runs?|ran|running|works?|working|pump(?:s|ing)|holds?|took off)\b/
const refused = (kind: SystemKind, after: string): FaultMode | undefined =>
  RUNS_AGAIN.test(after) ? kind.faults.find(f => WAYS[f.repair.id]?.by.includes('refused')) : undefined

/** The thing that is named at most length is the one that was meant; else it was named or looked at before. */
function putRightBy(
  kind: SystemKind,
  part: string,
  before: string,
  { near, earlier }: { readonly near: string | undefined, readonly earlier: string },
): FaultMode | undefined {
  const ways = waysOf(kind)
  const isOld = (by: Doing) => by === 'renewed' && near === undefined && !before
  let best: { mode: FaultMode, length: number } | undefined
  for (const { mode, own } of ways)
    for (const { by, said } of own) {
      const length = isOld(by) ? 0 : said.exec(part)?.groups?.['of']?.length ?? 0
      if (length > (best?.length ?? 0)) best = { mode, length }
    }
  if (best) return best.mode
  const itself = ways.filter(w => w.it.some(({ said }) => said.test(part)))
  const component = kind.points.find(p => p.id === near)?.component
  // what the line itself names comes before what the line before did
  const spoken = itself.some(({ to }) => to.test(before)) ? before : `${earlier.toLowerCase()}, ${before}`
  const lengthIn = ({ to }: Compiled) => to.exec(spoken)?.[0].length ?? 0
  const isOwn = ({ it }: Compiled) => it.some(({ by, said }) => by !== 'remade' && said.test(part))
  // `the run capacitor` is another than `the capacitor`
  const most = Math.max(0, ...itself.map(lengthIn))
  const named = itself.filter(w => most > 0 && lengthIn(w) === most)
    // `cleaned` is first what makes a thing clean, and only then what remakes a joint
    .toSorted((a, b) => Number(isOwn(b)) - Number(isOwn(a)))
  return (named.find(w => w.mode.component === component) ?? named[0]
    ?? itself.find(w => w.mode.component === component))?.mode
}
