/** What a line may hang on: the place, the figure and the doing that were spoken of before it. */
import { faultOf, findTest, SEEN_ITSELF, unstaged, type NumericTest, type SystemKind, type Test } from '#core/systems'

export interface Spoken {
  /** the point of the reading or observation before */
  readonly near?: string | undefined
  /** the points of what was read and looked at, newest last */
  readonly places?: readonly string[]
  /** the point of what was last looked at, whatever was read after it: `untangled it` */
  readonly seen?: string | undefined
  /** the look that was last told, and what it showed: `blew it out` */
  readonly shown?: {
    readonly test: string
    readonly outcome: string
    readonly said?: string | undefined
    /** what the machine did before it */
    readonly does?: string | undefined
  } | undefined
  /** the reading before, in SI: `same at the line side` */
  readonly value?: number | null | undefined
  readonly quantity?: NumericTest['quantity'] | undefined
  /** the test of that reading */
  readonly test?: string | undefined
  /** volts that were read last, whatever was read after them */
  readonly fed?: number | undefined
  /** and the point where */
  readonly fedAt?: string | undefined
  /** the line just before, as it was said: `remade it` */
  readonly said?: string | undefined
  /** the three figures that were read last in one go: `same thing at the disconnect` */
  readonly row?: readonly (number | null)[] | undefined
  /** words of the line just before, where it was no finding: `took the wires off at the well head` */
  readonly action?: string | undefined
  /** what the machine did when it was last called: `no change` is that again */
  readonly does?: string | undefined
  /** what was complained of */
  readonly complained?: string
  /** something was put right before: what is well now is so by that */
  readonly mended?: boolean
}

interface Line {
  readonly kind: string
}

/** What the next line may hang on, once this one was said. */
export function spokenAfter(kind: SystemKind, before: Spoken, line: Line): Spoken {
  const { near, value: earlier, quantity, fed, fedAt } = before
  const does = doesAfter(before, line)
  const mended = before.mended === true || line.kind === 'repair'
  const complained = line.kind === 'opened' && 'complaint' in line ? String(line.complaint) : before.complained
  const kept = {
    near, seen: before.seen, shown: before.shown, value: earlier, quantity, fed, fedAt, test: before.test, does,
    said: isRest(before, line) ? before.said : saidIn(line), mended,
    ...(before.places ? { places: before.places } : {}),
    ...(complained ? { complained } : {}),
  }
  if (line.kind === 'remark' && 'text' in line) return { ...kept, action: String(line.text) }
  if (line.kind === 'repair' && 'component' in line) {
    const isThere = kind.points.some(p => p.id === near && p.component === line.component)
    const own = isThere ? undefined : kind.points.find(p => p.component === line.component)
    // nobody reads what a joint drops once it is remade: volts and amps stay where they were read
    const isRead = own !== undefined && (quantity === undefined || reads(kind, own.id, quantity))
    return { ...kept, near: isRead ? own.id : near }
  }
  if (line.kind !== 'reading' && line.kind !== 'observation') return kept
  const test = 'test' in line ? findTest(kind, String(line.test)) : undefined
  if (line.kind === 'observation' || test?.kind !== 'numeric') {
    // also of a part that the nameplate does not have
    const shown = 'test' in line && 'outcome' in line
      ? { test: String(line.test), outcome: String(line.outcome), said: saidIn(line), does: before.does }
      : before.shown
    if (shown && unstaged(shown.test) === SEEN_ITSELF) {
      const own = pointHaving(kind, shown.outcome, near) ?? test?.point
      return { ...kept, near: own, seen: own ?? before.seen, shown }
    }
    return { ...kept, near: test?.point, seen: test?.point ?? before.seen, shown, ...placesWith(before, test) }
  }
  const read = 'value' in line && !('judged' in line) ? (line.value as number | null) : undefined
  // of three in a row the last alone is not what is the same elsewhere
  const ofRow = /^[vr]\d\d$/.test(test.variant ?? '')
  const inRow = /12$/.test(test.variant ?? '') ? [] : before.row ?? []
  const row = ofRow && read !== undefined ? [...inRow, read] : undefined
  const volts = test.quantity === 'volts' && read ? { fed: read, fedAt: test.point } : {}
  const value = ofRow && read !== null ? undefined : read
  const own = { near: test.point, row, value, quantity: test.quantity, test: test.id, ...placesWith(before, test) }
  const bad = read !== undefined && read !== null && read < SOUND_WIRE ? wireAt(kind, test) : undefined
  const shown = bad ? { shown: { test: 'seen-itself', outcome: bad, said: saidIn(line), does: before.does } } : {}
  return { ...kept, ...own, ...volts, ...shown }
}

/** Where a part that was seen itself stands: where it was read just before, if it has several points. */
function pointHaving(kind: SystemKind, fault: string, near: string | undefined): string | undefined {
  const own = kind.points.filter(p => p.component === faultOf(kind, fault)?.component)
  return (own.find(p => p.id === near) ?? own[0])?.id
}

const placesWith = ({ places = [] }: Spoken, test: Test | undefined): Pick<Spoken, 'places'> =>
  test ? { places: [...places.filter(p => p !== test.point), test.point] } : {}

const reads = ({ tests }: SystemKind, point: string, quantity: string): boolean =>
  !['volts', 'amps'].includes(quantity)
  || tests.some(t =>
    t.point === point && t.kind === 'numeric' && t.quantity === quantity && !(t.probe.ask === 'volts' && t.probe.drop))

/** Wires of so many ohms to ground or to each other are seen to be bad; handbook §4, where a hand can touch. */
const SOUND_WIRE = 0.5e6

/** What is wrong with a wire that is read by itself. */
function wireAt({ faults }: SystemKind, { id, probe, condition, variant }: NumericTest): string | undefined {
  if (probe.ask !== 'part' || condition !== 'leads-off') return undefined
  const fault = id.replace(/[^.]+$/, variant === 'ground' ? 'to-earth' : 'leg-to-leg')
  return faults.some(f => f.id === fault) ? fault : undefined
}

/** What was left over of the line before is no line of its own. */
const isRest = (before: Spoken, line: Line): boolean =>
  line.kind === 'remark' && before.said !== undefined && before.said.includes(saidIn(line) ?? before.said)

const saidIn = (line: Line) => {
  const text = 'typed' in line ? line.typed : 'text' in line ? line.text : undefined
  return typeof text === 'string' ? text : undefined
}

/** What it does by what was complained of, where that says it. */
const COMPLAINED: Readonly<Record<string, string>> = {
  'groans': 'groans', 'overload-trips': 'groans', 'breaker-trips': 'trips',
  'low-pressure': 'stalls', 'runs-on': 'stalls',
}

function doesAfter({ does }: Spoken, line: Line): string | undefined {
  if (line.kind === 'opened' && 'complaint' in line) return COMPLAINED[String(line.complaint)]
  if (line.kind !== 'observation' || !('test' in line) || !('outcome' in line)) return does
  if (line.test === 'climbs') return line.outcome === 'stalls' ? 'stalls' : does
  // it runs, and stalls all the same
  if (line.test !== 'sound' || (does === 'stalls' && line.outcome === 'runs')) return does
  return String(line.outcome)
}

/** No line hangs on what was said longer ago. */
const MEMORY = 20

export const spokenBefore = (kind: SystemKind, lines: readonly Line[]): Spoken =>
  lines.slice(-MEMORY).reduce((before: Spoken, line) => spokenAfter(kind, before, line), {})
