/** A fuse that was renewed: whose it was, where it has held since. Common practice, no source. */
import type { FaultMode, SystemKind } from '#core/systems'

export const NEW_FUSE = /^(?:a )?new (?:\d+[ -]?amp )?fuse$/
const RUNS_AGAIN = new RegExp(
  '\\b(?:runs?|ran|running|works?|working|pump(?:s|ing)|holds?|held|holding|took off|(?:pulls|pulled|snaps'
  + '|snapped) in)\\b',
)
export const refused = (kind: SystemKind, after: string): FaultMode | undefined =>
  RUNS_AGAIN.test(after) ? kind.faults.find(f => REFUSED.test(f.repair.id)) : undefined
/** `new fuse, 20 20 21`: it holds, and draws what it should. */
const AMPS_NOW = /^[\s,]*(?:and |now )*\d+(?:\.\d+)?[ ,/]+\d+(?:\.\d+)?[ ,/]+\d+(?:\.\d+)?(?: ?a(?:mps)?)?\s*$/
const LINE_FUSES = 'replace-fuse-or-breaker'
const OF_LINES: ReadonlySet<string> = new Set(['breaker', 'disconnect', 'supply', 'line'])
const OF_CONTROL: ReadonlySet<string> = new Set(['control', 'fuse'])
export function linesFused(
  kind: SystemKind, at: readonly (string | undefined)[], after: string,
): FaultMode | undefined {
  const isAt = (points: ReadonlySet<string>) => at.some(point => points.has(point ?? ''))
  if (!isAt(OF_LINES) || isAt(OF_CONTROL)) return undefined
  return RUNS_AGAIN.test(after) || AMPS_NOW.test(after)
    ? kind.faults.find(f => f.repair.id === LINE_FUSES)
    : undefined
}
/** Many a disconnect holds the fuses: where its volts were the last read it was one of those. */
export const inDisconnect = (kind: SystemKind, part: string, fedAt: string | undefined, mode: FaultMode | undefined) =>
  mode?.repair.id === LINE_FUSES && fedAt === 'disconnect' && /\bfuses?\b/.test(part)
    ? kind.faults.find(f => f.id === 'disconnect.pole-open') ?? mode
    : mode
const REFUSED = /^find-why-then-replace-(?:control-)?fuse$/
