/**
 * The fold: lines in, the tab's state out. The only place where a tab's state is derived; pure, and the same in the
 * browser's worker, on the server, on the command line and in the tests. Nothing that came is refused here: what is
 * out of place is kept and marked (marks.ts).
 *
 * A fold can be kept and added to. A line that belongs at the end costs the same on the 20,000th as on the first; a
 * late one takes the fold back to a checkpoint before its place and on from there. The state given out shares its
 * maps with the fold: it holds until the next line is added.
 */
import { findTest, type SystemKind } from '#core/systems'
import { resolveLine } from './aliases'
import type { FindingRole } from './kinds'
import { isKnownLine, type AnyLine, type Line, type LineOf } from './lines'
import { markOf, waitsAfterSettling, type Mark } from './marks'
import { namedBy, orderLines, sortsAfter } from './order'
import { findStrikes, type Strikes } from './strikes'
import { cutWork, markWork, newWorkLog, speak, workOf, type EndedProofs, type Work, type WorkMark } from './work'

export type TabStatus = 'open' | 'carried' | 'settled'

/**
 * A reading or observation in force, with what had been put right before it was taken (faults, or components where no
 * fault was named), how often it has been read again alike (a slip of meter or hand does not come twice), and what
 * was seen at the same test before, with nothing repaired in between.
 */
export interface Evidence {
  readonly line: LineOf<'reading'> | LineOf<'observation'>
  readonly repaired: readonly string[]
  readonly confirmed: number
  readonly earlier?: readonly string[]
  /** the reading before it that hangs on the same supply */
  readonly beside?: LineOf<'reading'>
}

export interface TabState {
  readonly status: TabStatus
  readonly opened?: LineOf<'opened'>
  /** all that was ever written, in order, struck and unknown ones too */
  readonly lines: readonly AnyLine[]
  /** the lines that no other has seen yet: what the next line has seen */
  readonly heads: readonly AnyLine[]
  readonly struck: ReadonlyMap<string, LineOf<'strike'>>
  readonly marks: ReadonlyMap<string, readonly Mark[]>
  readonly work: Work
  readonly ended: EndedProofs
  readonly evidence: readonly Evidence[]
  /** evidence that a later reading of the same test, with nothing repaired in between, has replaced */
  readonly replaced: ReadonlyMap<string, unknown>
  readonly repaired: readonly string[]
  readonly parts: readonly LineOf<'part'>[]
  readonly repairs: readonly LineOf<'repair'>[]
  readonly findings: Readonly<Record<FindingRole, readonly LineOf<'finding'>[]>>
  readonly skipped: ReadonlyMap<string, string>
  /** tests that wait: when each is due (ISO instant), and the line that started it */
  readonly waiting: ReadonlyMap<string, { readonly due: string, readonly line: string }>
  readonly photos: readonly LineOf<'photo'>[]
  readonly asLeft: readonly (LineOf<'reading'> | LineOf<'observation'>)[]
  readonly followUps: readonly LineOf<'follow-up'>[]
  readonly advice: readonly LineOf<'advice'>[]
  readonly carried?: LineOf<'carried'>
  readonly settled?: LineOf<'settled'>
  /** lines that came after the tab was settled and have not been taken up: not weighed */
  readonly afterSettling: readonly Line[]
}

export interface Fold {
  /** Takes in lines, in any order and any of them twice. */
  append(lines: readonly AnyLine[]): TabState
  state(): TabState
  has(id: string): boolean
}

/** Lines of one tab, in any order; a strike takes effect wherever it stands. */
export const foldTab = (kind: SystemKind, lines: readonly AnyLine[]): TabState => createFold(kind, lines).state()

export function createFold(kind: SystemKind, first: readonly AnyLine[] = []): Fold {
  const known = new Map<string, AnyLine>()
  const find = (id: string) => known.get(id)
  /** ids that some line has seen; and those that some line stands behind */
  const seen = new Set<string>()
  const named = new Set<string>()
  const counters = new Map<string, number>()
  /** by device: which line has which number */
  const numbers = new Map<string, Map<number, string>>()
  const repeated = new Set<string>()
  let order: AnyLine[] = []
  let latest: AnyLine | undefined
  let strikes: Strikes = findStrikes([])
  const position = new Map<string, number>()
  const replaced = new Map<string, number>()
  const marks = new Map<string, readonly Mark[]>()
  const markedAt = new Map<string, number>()
  const work = newWorkLog()
  let sum = newSum()
  let checkpoints: Checkpoint[] = []
  let folded = 0

  function append(lines: readonly AnyLine[]): TabState {
    const before = order
    let [from, inOrder, restrike, fresh] = [order.length, true, false, false]
    for (const line of lines) {
      if (known.has(line.id)) continue
      inOrder &&= belongsLast(line)
      restrike ||= line.kind === 'strike' || named.has(line.id)
      from = Math.min(from, note(line))
      fresh = true
      if (inOrder) order.push(line)
    }
    if (!fresh) return state()
    if (!inOrder) {
      order = orderLines([...known.values()])
      from = Math.min(from, firstDifference(before, order))
    }
    if (restrike) from = Math.min(from, strikeAnew())
    foldFrom(from)
    return state()
  }

  /** @returns from where on what was folded no longer holds: another line with the same number is marked too */
  function note(line: AnyLine): number {
    known.set(line.id, line)
    for (const id of line.seen) seen.add(id)
    for (const id of namedBy(line)) named.add(id)
    counters.set(line.device, Math.max(counters.get(line.device) ?? 0, line.counter))
    if (!latest || sortsAfter(line, latest)) latest = line
    const own = numbers.get(line.device) ?? new Map<number, string>()
    const twin = own.get(line.counter)
    if (twin === undefined) {
      numbers.set(line.device, own.set(line.counter, line.id))
      return Infinity
    }
    repeated.add(line.id).add(twin)
    return position.get(twin) ?? Infinity
  }

  /** Whether a line stands behind all that are here, and none of them was waiting for it. */
  const belongsLast = (line: AnyLine) =>
    (!latest || sortsAfter(line, latest))
    && !named.has(line.id)
    && line.counter > (counters.get(line.device) ?? 0)

  /** @returns the first place where something is struck now and was not, or was and is no longer */
  function strikeAnew(): number {
    const before = strikes
    strikes = findStrikes(order, find)
    const both = [...strikes.struck.keys(), ...before.struck.keys()]
    const changed = both.filter(
      id =>
        before.struck.get(id) !== strikes.struck.get(id)
        || before.takenBack.has(id) !== strikes.takenBack.has(id),
    )
    return Math.min(order.length, ...changed.map(id => position.get(id) ?? order.length))
  }

  function foldFrom(index: number) {
    if (index < folded) goBack(index)
    for (; folded < order.length; folded++) {
      if (folded % EVERY === 0) checkpoints.push(takeCheckpoint())
      position.set(order[folded]!.id, folded)
      foldLine(order[folded]!)
    }
  }

  /** Goes back to the last checkpoint at or before a place: there is one at nought. */
  function goBack(index: number) {
    checkpoints = checkpoints.filter(c => c.at <= index)
    const last = checkpoints.pop()!
    sum = { ...copySum(last.sum), lists: sum.lists }
    for (const key of LISTS) sum.lists[key].length = last.lengths[key]
    cutWork(work, last.work)
    for (const [id, by] of replaced) if (by >= last.at) replaced.delete(id)
    for (const [id, at] of markedAt) {
      if (at < last.at) continue
      markedAt.delete(id)
      marks.delete(id)
    }
    folded = last.at
  }

  function takeCheckpoint(): Checkpoint {
    const { lists, ...rest } = sum
    const lengths = Object.fromEntries(LISTS.map(key => [key, lists[key].length])) as Checkpoint['lengths']
    return { at: folded, work: markWork(work), lengths, sum: copySum(rest) }
  }

  function foldLine(line: AnyLine) {
    const struck = strikes.struck.has(line.id)
    const found = struck
      ? []
      : markOf(kind, line, {
          work: () => workOf(work),
          settled: sum.status === 'settled',
          opened: sum.opened !== undefined,
          find,
          repeated: repeated.has(line.id),
        })
    if (found.length > 0) {
      marks.set(line.id, found)
      markedAt.set(line.id, folded)
    }
    const today = isKnownLine(line) ? resolveLine(line) : line
    speak(work, kind, today, { proves: !struck, speaks: !strikes.takenBack.has(line.id) }, find)
    const readable = !found.some(m => m.code === 'impossible-value' || m.code === 'nothing-read')
    if (!struck && readable && isKnownLine(today)) add(today)
  }

  function add(line: Line) {
    if (sum.status === 'settled' && waitsAfterSettling(line)) {
      sum.late = [...sum.late, line]
      return
    }
    switch (line.kind) {
      case 'reading':
      case 'observation':
        return addEvidence(line)
      case 'part':
      case 'repair': {
        sum.lists[line.kind].push(line)
        const right = line.fault ?? line.component
        if (!sum.repaired.includes(right)) sum.repaired = [...sum.repaired, right]
        return
      }
      case 'finding':
        sum.lists[line.role].push(line)
        return
      case 'skip':
        sum.skipped.set(line.test, line.reason)
        return
      case 'wait':
        sum.waiting.set(line.test, { due: dueAfter(line), line: line.id })
        return
      case 'carried':
        sum.status = 'carried'
        sum.carried = line
        return
      case 'resumed':
        sum.status = 'open'
        return
      case 'settled':
        if (sum.status !== 'settled') sum.settled = line
        sum.status = 'settled'
        return
      case 'taken-up': {
        const late = sum.late.find(l => l.id === line.line)
        if (!late || sum.status === 'settled') return
        sum.late = sum.late.filter(l => l !== late)
        return add(late)
      }
      case 'opened':
        sum.opened ??= line
        return
      case 'photo':
      case 'follow-up':
      case 'advice':
        sum.lists[line.kind].push(line)
        return
      case 'note':
      case 'remark':
      case 'strike':
      case 'state':
    }
  }

  function addEvidence(line: LineOf<'reading'> | LineOf<'observation'>) {
    const { evidence, repaired } = sum
    const key = evidenceKey(kind, line, repaired)
    const before = evidence.get(key)
    if (before) replaced.set(before.line.id, folded)
    evidence.delete(key)
    evidence.set(key, {
      line,
      repaired,
      confirmed: before && agree(before.line, line) ? before.confirmed + 1 : 0,
      ...(before?.line.kind === 'observation'
        ? { earlier: [...(before.earlier ?? []), before.line.outcome] }
        : {}),
    })
    if (line.asLeft) sum.lists.asLeft.push(line)
    sum.skipped.delete(line.test)
    sum.waiting.delete(line.test)
  }

  function state(): TabState {
    const { lists, status, opened, carried, settled } = sum
    const copy = <K extends Line['kind']>(key: ListKey) => [...lists[key]] as LineOf<K>[]
    return {
      status,
      lines: [...order],
      heads: findHeads(),
      struck: strikes.struck,
      replaced,
      marks,
      work: workOf(work),
      ended: work.ended,
      evidence: [...sum.evidence.values()],
      repaired: sum.repaired,
      parts: copy<'part'>('part'),
      repairs: copy<'repair'>('repair'),
      photos: copy<'photo'>('photo'),
      findings: {
        failed: copy<'finding'>('failed'),
        cause: copy<'finding'>('cause'),
        also: copy<'finding'>('also'),
      },
      skipped: new Map(sum.skipped),
      waiting: new Map(sum.waiting),
      asLeft: [...lists.asLeft] as TabState['asLeft'],
      followUps: copy<'follow-up'>('follow-up'),
      advice: copy<'advice'>('advice'),
      afterSettling: sum.late,
      ...(opened ? { opened } : {}),
      ...(status === 'carried' && carried ? { carried } : {}),
      ...(status === 'settled' && settled ? { settled } : {}),
    }
  }

  /** Lines that nobody has seen yet stand at the end: a head far back is one whose device never wrote again. */
  const findHeads = () =>
    order
      .slice(-HEADS_WITHIN)
      .filter(l => !seen.has(l.id))
      .slice(-MOST_HEADS)

  append(first)
  return { append, state, has: id => known.has(id) }
}

/** Every so many lines the sum is put aside, to go back to. */
const EVERY = 128
const [HEADS_WITHIN, MOST_HEADS] = [400, 16]

const LISTS = ['part', 'repair', 'photo', 'follow-up', 'advice', 'failed', 'cause', 'also', 'asLeft'] as const
type ListKey = (typeof LISTS)[number]

/** What the lines so far come to. Lists only grow, so that a checkpoint is their lengths; the rest is copied. */
interface Sum {
  readonly lists: { readonly [K in ListKey]: Line[] }
  readonly evidence: Map<string, Evidence>
  readonly skipped: Map<string, string>
  readonly waiting: Map<string, { due: string, line: string }>
  repaired: readonly string[]
  late: readonly Line[]
  status: TabStatus
  opened?: LineOf<'opened'> | undefined
  carried?: LineOf<'carried'> | undefined
  settled?: LineOf<'settled'> | undefined
}
interface Checkpoint {
  readonly at: number
  readonly sum: Omit<Sum, 'lists'>
  readonly lengths: Readonly<Record<ListKey, number>>
  readonly work: WorkMark
}

const newSum = (): Sum => ({
  lists: {
    'part': [],
    'repair': [],
    'photo': [],
    'follow-up': [],
    'advice': [],
    'failed': [],
    'cause': [],
    'also': [],
    'asLeft': [],
  },
  evidence: new Map(),
  skipped: new Map(),
  waiting: new Map(),
  repaired: [],
  late: [],
  status: 'open',
})
const copySum = (sum: Omit<Sum, 'lists'>): Omit<Sum, 'lists'> => ({
  ...sum,
  evidence: new Map(sum.evidence),
  skipped: new Map(sum.skipped),
  waiting: new Map(sum.waiting),
})

/** What stands in place of what was read before: by test, and by answer where a question has several that hold. */
function evidenceKey(kind: SystemKind, line: Evidence['line'], repaired: readonly string[]): string {
  const test = findTest(kind, line.test)
  const several = test?.kind === 'seen' && test.several && line.kind === 'observation'
  return `${line.test}${several ? `:${line.outcome}` : ''}|${repaired.join()}`
}

const dueAfter = ({ at, minutes }: LineOf<'wait'>) => new Date(Date.parse(at) + minutes * 60e3).toISOString()

function firstDifference(a: readonly AnyLine[], b: readonly AnyLine[]): number {
  const end = Math.min(a.length, b.length)
  for (let i = 0; i < end; i++) if (a[i] !== b[i]) return i
  return end
}

/**
 * Volts, amps or ohms that are nothing to a hand meter (common practice, no source), and the least figure that can be
 * one of them: farads and flows are far smaller.
 */
const [NOTHING, LEAST] = [0.5, 1e-3]

/**
 * Whether two readings of one test say the same: OL twice, the same answer, figures within a tenth, or nothing twice.
 */
function agree(a: Evidence['line'], b: Evidence['line']): boolean {
  if (a.kind === 'observation') return b.kind === 'observation' && a.outcome === b.outcome
  if (b.kind === 'observation') return false
  if (a.value === null || b.value === null) return a.value === b.value
  const larger = Math.max(Math.abs(a.value), Math.abs(b.value))
  return Math.abs(a.value - b.value) <= 0.1 * larger + 1e-9 || (larger <= NOTHING && larger >= LEAST)
}
