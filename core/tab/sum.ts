/**
 * What the lines in force come to, taken in one after another in order. A sum is marked every so often, so that a
 * late line can take it back to a mark and on from there (fold.ts).
 */
import { findTest, type SystemKind } from '#core/systems'
import type { Line, LineOf } from './lines'
import { waitsAfterSettling } from './marks'
import type { Evidence, TabStatus } from './state'

const LISTS = [
  'part', 'repair', 'photo', 'follow-up', 'advice', 'failed', 'cause', 'also', 'asLeft', 'work',
] as const
export type ListKey = (typeof LISTS)[number]
type Lengths = Readonly<Record<ListKey, number>>

/** Lists and `replaced` only grow, so that they are cut back; the rest is copied. */
export interface Sum {
  readonly lists: { readonly [K in ListKey]: Line[] }
  /** evidence that another has replaced, by its id: the place of the line that did */
  readonly replaced: Map<string, number>
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

export const newSum = (): Sum => ({
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
    'work': [],
  },
  replaced: new Map(),
  evidence: new Map(),
  skipped: new Map(),
  waiting: new Map(),
  repaired: [],
  late: [],
  status: 'open',
})

export interface SumMark {
  readonly lengths: Lengths
  readonly rest: Omit<Sum, 'lists' | 'replaced'>
}

export const markSum = (sum: Sum): SumMark => ({
  lengths: Object.fromEntries(LISTS.map(key => [key, sum.lists[key].length])) as Lengths,
  rest: copyRest(sum),
})

/** The sum as it was at a mark. @param place of the first line that no longer counts */
export function cutSum({ lists, replaced }: Sum, mark: SumMark, place: number): Sum {
  for (const key of LISTS) lists[key].length = mark.lengths[key]
  for (const [id, by] of replaced) if (by >= place) replaced.delete(id)
  return { ...copyRest(mark.rest), lists, replaced }
}

const copyRest = (sum: SumMark['rest']): SumMark['rest'] => ({
  evidence: new Map(sum.evidence),
  skipped: new Map(sum.skipped),
  waiting: new Map(sum.waiting),
  repaired: sum.repaired,
  late: sum.late,
  status: sum.status,
  opened: sum.opened,
  carried: sum.carried,
  settled: sum.settled,
})

/** Takes in the next line that is neither struck nor unreadable. @param place where it stands among the lines */
export function addLine(sum: Sum, kind: SystemKind, line: Line, place: number): void {
  if (sum.status === 'settled' && waitsAfterSettling(line)) {
    sum.late = [...sum.late, line]
    return
  }
  switch (line.kind) {
    case 'reading':
    case 'observation':
      return addEvidence(sum, kind, line, place)
    case 'part':
    case 'repair': {
      sum.lists[line.kind].push(line)
      return putRight(sum, line.fault ?? line.component)
    }
    // its setting is another from here on
    case 'adjusted': {
      sum.lists.work.push(line)
      const setting = `${line.component}.out-of-setting`
      return kind.faults.some(f => f.id === setting) ? putRight(sum, setting) : undefined
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
      return addLine(sum, kind, late, place)
    }
    case 'opened':
      sum.opened ??= line
      return
    case 'photo':
    case 'follow-up':
    case 'advice':
      sum.lists[line.kind].push(line)
      return
    case 'step':
    case 'landed':
    case 'timed':
    case 'proved':
      sum.lists.work.push(line)
      return
    case 'note':
    case 'remark':
    case 'strike':
    case 'state':
  }
}

/** Done once more after something was read: what was read then is of the first time. */
function putRight(sum: Sum, right: string) {
  const isAgain = sum.repaired.includes(right) && [...sum.evidence.values()].at(-1)?.repaired === sum.repaired
  if (isAgain || !sum.repaired.includes(right)) sum.repaired = [...sum.repaired, right]
}

function addEvidence(sum: Sum, kind: SystemKind, line: Evidence['line'], place: number) {
  const { evidence, repaired } = sum
  const key = evidenceKey(kind, line, repaired)
  const before = evidence.get(key)
  // `amps are high` says no more than the figure that was read
  if (before && saysWhichWay(line) && before.line.kind === 'reading' && before.line.value !== null) return
  if (before) sum.replaced.set(before.line.id, place)
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

const saysWhichWay = (line: Evidence['line']) => line.kind === 'reading' && ['low', 'high'].includes(line.judged ?? '')

/** What stands in place of what was read before: by test, and by answer where a question has several that hold. */
function evidenceKey(kind: SystemKind, line: Evidence['line'], repaired: readonly string[]): string {
  const test = findTest(kind, line.test)
  const several = test?.kind === 'seen' && test.several && line.kind === 'observation'
  return `${line.test}${several ? `:${line.outcome}` : ''}|${repaired.join()}`
}

const dueAfter = ({ at, minutes }: LineOf<'wait'>) => new Date(Date.parse(at) + minutes * 60e3).toISOString()

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
  if (a.value === null || b.value === null) return a.value === b.value && a.judged === b.judged
  const larger = Math.max(Math.abs(a.value), Math.abs(b.value))
  return Math.abs(a.value - b.value) <= 0.1 * larger + 1e-9 || (larger <= NOTHING && larger >= LEAST)
}
