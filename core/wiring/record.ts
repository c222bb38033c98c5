/**
 * What is on record of a part's wires, out of the tab's lines: as found and as landed. A conductor is known by its
 * colour and by where it goes; one that is landed again has been moved. Lines that do not say whether they are of the
 * old part or of the new one are as found before the first part or repair, and as landed after it.
 */
import { isKnownLine, type LineOf, type TabState } from '#core/tab'
import { PARTS_WIRED, type WiredPartId } from './parts'

type Landed = LineOf<'landed'>

export interface Landing {
  readonly terminal: string
  readonly colour: string
  readonly to: string
  /** the line that says so */
  readonly line?: string
  /** where it is on a picture */
  readonly on?: Landed['on']
}
export interface WiringRecord {
  readonly found: readonly Landing[]
  readonly left: readonly Landing[]
}

/** Names that lines may give a part besides its own. */
const CALLED: Readonly<Record<WiredPartId, readonly string[]>> = {
  'two-pole-switch': ['switch'],
  'one-pole-switch': ['switch'],
  'float-switch': ['float', 'switch'],
  'protector': ['protector', 'saver'],
  'control-box': ['box'],
  'starter': ['starter', 'contactor'],
  'voltage-links': ['motor', 'links'],
  'plug': ['plug', 'motor'],
}

/**
 * @param place the part that is asked for
 * @param others terminals of the parts before it: a line that names no part is of those
 */
export function wiringRecord(
  state: TabState,
  { component, circuit }: { readonly component: string, readonly circuit: { readonly part: WiredPartId } },
  others: ReadonlySet<string> = new Set(),
): WiringRecord {
  const { terminals } = PARTS_WIRED[circuit.part]
  const own = [component, ...CALLED[circuit.part]]
  const began = placeOfWork(state)
  const found: Landing[] = []
  const left: Landing[] = []
  for (const line of state.worked) {
    if (line.kind !== 'landed' || !terminals.includes(line.terminal)) continue
    if (line.part ? !own.includes(line.part) : others.has(line.terminal)) continue
    const as = line.as ?? (began.has(line.id) ? 'left' : 'found')
    land(as === 'found' ? found : left, line)
  }
  return { found, left }
}

/** Lines behind the first that tells of a part renewed or a thing put right. */
function placeOfWork(state: TabState): ReadonlySet<string> {
  const first = state.lines.findIndex(l =>
    isKnownLine(l) && (l.kind === 'part' || l.kind === 'repair') && !state.struck.has(l.id))
  return new Set(first < 0 ? [] : state.lines.slice(first).map(l => l.id))
}

function land(landings: Landing[], { id, terminal, colour, to, off, on }: Landed) {
  const isSame = (l: Landing) => l.colour === colour && (off ? l.terminal === terminal : l.to === to)
  const at = landings.findIndex(isSame)
  if (at >= 0) landings.splice(at, 1)
  if (!off) landings.push({ terminal, colour, to, line: id, ...(on ? { on } : {}) })
}

/** A conductor by its name. */
export const conductorOf = ({ colour, to }: Landing): string => `${colour} ${to}`

export interface Difference {
  readonly colour: string
  readonly to: string
  readonly found: string
  readonly left: string
}

/** Conductors that lie elsewhere than they did. */
export function differences({ found, left }: WiringRecord): readonly Difference[] {
  return left.flatMap((now) => {
    const before = found.find(f => conductorOf(f) === conductorOf(now))
    return before && before.terminal !== now.terminal
      ? [{ colour: now.colour, to: now.to, found: before.terminal, left: now.terminal }]
      : []
  })
}

/** Conductors that were there and are nowhere now. */
export const missing = ({ found, left }: WiringRecord): readonly Landing[] =>
  left.length === 0 ? [] : found.filter(f => !left.some(l => conductorOf(l) === conductorOf(f)))
