/** Which lines are struck. A strike that is itself struck strikes nothing; whatever was struck stands again then. */
import { isKnownLine, type AnyLine, type LineOf } from './lines'

export interface Strikes {
  /** by the id of what is struck: the first strike in force that names it */
  readonly struck: ReadonlyMap<string, LineOf<'strike'>>
  /** those of them that are struck on the device which wrote them */
  readonly takenBack: ReadonlySet<string>
}

/** @param order lines in order; a strike stands behind what it strikes (order.ts), so the last one is judged first */
export function findStrikes(
  order: readonly AnyLine[],
  find: (id: string) => AnyLine | undefined = () => undefined,
): Strikes {
  const struck = new Map<string, LineOf<'strike'>>()
  const takenBack = new Set<string>()
  for (const line of order.toReversed()) {
    if (!isKnownLine(line) || line.kind !== 'strike' || line.line === line.id || struck.has(line.id)) continue
    struck.set(line.line, line)
    if (find(line.line)?.device === line.device) takenBack.add(line.line)
  }
  return { struck, takenBack }
}
