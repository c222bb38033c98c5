/**
 * The order of a tab's lines, a function of which lines there are and of nothing else: not of when they arrived or by
 * whom they were sent. Lines go by clock, then device, counter and id; but ahead of each line come the lines it must
 * follow: the one before it on its device (by counter), those that its writer had seen, and the one that it strikes
 * or takes up. So a clock that runs wrong moves a line only among lines that know nothing of it. Should lines follow
 * each other in a ring, which no honest device writes, the least of them goes first.
 */
import { itemAt } from '#core/foundation'
import { isKnownLine, type AnyLine } from './lines'

const before = (a: AnyLine, b: AnyLine): number =>
  compare(a.clock, b.clock) || compare(a.device, b.device) || a.counter - b.counter || compare(a.id, b.id)
const compare = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0)

/** Whether a line sorts after another where neither must follow the other. */
export const sortsAfter = (a: AnyLine, b: AnyLine): boolean => before(a, b) > 0

/**
 * Where a line goes among others in order, of which none stands behind it: behind the last that sorts before it, and
 * all that one needs. Nothing, where a line that it must follow itself sorts after it: then all are ordered anew.
 * @param follows the lines that it must follow
 */
export function placeAmong(order: readonly AnyLine[], line: AnyLine, follows: readonly AnyLine[]): number | undefined {
  if (follows.some(earlier => before(earlier, line) > 0)) return undefined
  let at = order.length
  while (at > 0 && before(itemAt(order, at - 1, 'line in order'), line) > 0) at--
  return at
}

export function orderLines(lines: readonly AnyLine[]): AnyLine[] {
  const sorted = lines.toSorted(before)
  const byId = new Map(sorted.map(l => [l.id, l]))
  const previous = previousOnDevice(sorted)
  const out: AnyLine[] = []
  const begun = new Set<AnyLine>()
  const placed = new Set<AnyLine>()
  for (const line of sorted) {
    const stack = [line]
    while (stack.length > 0) {
      const top = stack.at(-1)!
      if (!begun.has(top)) {
        begun.add(top)
        // the last put on the stack is placed first
        for (const earlier of mustFollow(top, byId, previous).toSorted((a, b) => before(b, a)))
          if (!begun.has(earlier)) stack.push(earlier)
        continue
      }
      stack.pop()
      if (placed.has(top)) continue
      placed.add(top)
      out.push(top)
    }
  }
  return out
}

/** The ids that a line stands behind, whoever wrote them. */
export const namedBy = (line: AnyLine): readonly string[] =>
  isKnownLine(line) && (line.kind === 'strike' || line.kind === 'taken-up')
    ? [...line.seen, line.line]
    : line.seen

function mustFollow(
  line: AnyLine,
  byId: ReadonlyMap<string, AnyLine>,
  previous: ReadonlyMap<AnyLine, AnyLine>,
): AnyLine[] {
  const own = previous.get(line)
  return [...(own ? [own] : []), ...namedBy(line).flatMap(id => (id === line.id ? [] : (byId.get(id) ?? [])))]
}

function previousOnDevice(lines: readonly AnyLine[]): Map<AnyLine, AnyLine> {
  const byDevice = new Map<string, AnyLine[]>()
  for (const line of lines) {
    const own = byDevice.get(line.device)
    if (own) own.push(line)
    else byDevice.set(line.device, [line])
  }
  const previous = new Map<AnyLine, AnyLine>()
  for (const own of byDevice.values()) {
    own
      .sort((a, b) => a.counter - b.counter || before(a, b))
      .forEach((line, i) => {
        if (i > 0) previous.set(line, itemAt(own, i - 1, 'line'))
      })
  }
  return previous
}
