/**
 * The fold: lines in, the tab's state out. The only place where a tab's state is derived; pure, and the same in the
 * browser's worker, on the server, on the command line and in the tests. Nothing that came is refused here: what is
 * out of place is kept and marked (marks.ts).
 *
 * A fold can be kept and added to. A line that belongs at the end costs the same on the 20,000th as on the first; a
 * late one takes the fold back to a checkpoint before its place and on from there. All are ordered anew only where
 * others must move for it, or where many are late at once. The state given out shares its maps with the fold: it
 * holds until the next line is added.
 */
import { itemAt } from '#core/foundation'
import type { SystemKind } from '#core/systems'
import { resolveLine } from './aliases'
import { createArrivals } from './arrivals'
import { isKnownLine, type AnyLine, type Line, type LineOf } from './lines'
import { markOf, type Mark } from './marks'
import { orderLines } from './order'
import type { TabState } from './state'
import { findStrikes, type Strikes } from './strikes'
import { addLine, cutSum, markSum, newSum, type ListKey, type SumMark } from './sum'
import { cutWork, markWork, newWorkLog, speak, workOf, type WorkMark } from './work'

export interface Fold {
  /** Takes in lines, in any order and any of them twice. */
  append(lines: readonly AnyLine[]): TabState
  state(): TabState
  has(id: string): boolean
}

/** Lines of one tab, in any order; a strike takes effect wherever it stands. */
export const foldTab = (kind: SystemKind, lines: readonly AnyLine[]): TabState => createFold(kind, lines).state()

export function createFold(kind: SystemKind, first: readonly AnyLine[] = []): Fold {
  const arrivals = createArrivals()
  let order: AnyLine[] = []
  let strikes: Strikes = findStrikes([])
  const marks = new Map<string, readonly Mark[]>()
  const markedAt = new Map<string, number>()
  const work = newWorkLog()
  let sum = newSum()
  let checkpoints: Checkpoint[] = []
  let folded = 0

  function append(lines: readonly AnyLine[]): TabState {
    const before = order
    let [from, late, restrike, fresh] = [order.length, 0, false, false]
    for (const line of lines) {
      if (arrivals.byId.has(line.id)) continue
      const place = late > MOST_LATE ? undefined : arrivals.placeIn(order, line)
      restrike ||= line.kind === 'strike' || arrivals.isNamed(line.id)
      const twin = arrivals.add(line)
      // a line with the same number is marked too
      if (twin !== undefined) from = Math.min(from, firstFolded(before, new Set([twin])))
      fresh = true
      if (place === undefined) late = Infinity
      else if (place === order.length) order.push(line)
      else {
        late++
        order = order.toSpliced(place, 0, line)
        from = Math.min(from, place)
      }
    }
    if (!fresh) return state()
    if (late > MOST_LATE) {
      order = orderLines([...arrivals.byId.values()])
      from = Math.min(from, firstDifference(before, order))
    }
    if (restrike) from = Math.min(from, strikeAnew(before))
    foldFrom(from)
    return state()
  }

  /** @returns the first place where something is struck now and was not, or was and is no longer */
  function strikeAnew(before: readonly AnyLine[]): number {
    const was = strikes
    strikes = findStrikes(order, arrivals.find)
    const changed = (id: string) =>
      was.struck.get(id) !== strikes.struck.get(id) || was.takenBack.has(id) !== strikes.takenBack.has(id)
    return firstFolded(before, new Set([...strikes.struck.keys(), ...was.struck.keys()].filter(changed)))
  }

  /** @param before the order when they were folded */
  function firstFolded(before: readonly AnyLine[], ids: ReadonlySet<string>): number {
    for (let at = 0; ids.size > 0 && at < folded; at++) if (ids.has(itemAt(before, at, 'line before').id)) return at
    return Infinity
  }

  function foldFrom(index: number) {
    if (index < folded) goBack(index)
    for (; folded < order.length; folded++) {
      if (folded % EVERY === 0) checkpoints.push({ at: folded, work: markWork(work), sum: markSum(sum) })
      foldLine(itemAt(order, folded, 'line in order'))
    }
  }

  /** Goes back to the last checkpoint at or before a place: there is one at nought. */
  function goBack(index: number) {
    checkpoints = checkpoints.filter(c => c.at <= index)
    const last = checkpoints.pop()!
    sum = cutSum(sum, last.sum, last.at)
    cutWork(work, last.work)
    for (const [id, at] of markedAt) {
      if (at < last.at) continue
      markedAt.delete(id)
      marks.delete(id)
    }
    folded = last.at
  }

  const place = {
    work: () => workOf(work),
    settled: () => sum.status === 'settled',
    opened: () => sum.opened !== undefined,
    find: arrivals.find,
    repeated: (id: string) => arrivals.repeated.has(id),
  }

  function foldLine(line: AnyLine) {
    const struck = strikes.struck.has(line.id)
    const found = struck ? [] : markOf(kind, line, place)
    if (found.length > 0) {
      marks.set(line.id, found)
      markedAt.set(line.id, folded)
    }
    const known = isKnownLine(line)
    const today = known ? resolveLine(line) : line
    speak(work, kind, today, { proves: !struck, speaks: !strikes.takenBack.has(line.id) }, arrivals.find)
    const readable = !found.some(m => m.code === 'impossible-value' || m.code === 'nothing-read')
    if (!struck && readable && known) addLine(sum, kind, today as Line, folded)
  }

  function state(): TabState {
    const { lists, status, opened, carried, settled } = sum
    const copy = <K extends Line['kind']>(key: ListKey) => [...lists[key]] as LineOf<K>[]
    return {
      status,
      lines: [...order],
      heads: findHeads(),
      struck: strikes.struck,
      replaced: sum.replaced,
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
      worked: [...lists.work] as TabState['worked'],
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
      .filter(l => !arrivals.isSeen(l.id))
      .slice(-MOST_HEADS)

  append(first)
  return { append, state, has: id => arrivals.byId.has(id) }
}

/** Every so many lines the sum is put aside, to go back to. */
const EVERY = 128
/** So many late lines of one go are put in their places one by one. */
const MOST_LATE = 8
const [HEADS_WITHIN, MOST_HEADS] = [400, 16]

interface Checkpoint {
  readonly at: number
  readonly sum: SumMark
  readonly work: WorkMark
}

function firstDifference(a: readonly AnyLine[], b: readonly AnyLine[]): number {
  const end = Math.min(a.length, b.length)
  for (let i = 0; i < end; i++) if (a[i] !== b[i]) return i
  return end
}
