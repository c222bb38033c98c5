/**
 * How the parts stand as far as lines and suspects tell: what is open, what has tripped. For whoever draws the path.
 */
import { isWorkedOn } from '#core/systems'
import type { TabState } from '#core/tab'
import type { Suspect } from './suspects'

export interface Positions {
  readonly open: ReadonlySet<string>
  /** the contact that feeds the start winding does not close */
  readonly startOpen: boolean
  readonly overloadTripped: boolean
  readonly tankDull: boolean
  /** the gauge as last read, Pa */
  readonly gauge?: number
}

/** from this chance on a part is drawn as its fault would have it */
const STANDS = 0.6

export function readPositions(state: TabState, suspects: readonly Suspect[]): Positions {
  const latest = (test: string) => state.evidence.findLast(e => e.line.test === test)?.line
  const seen = (test: string) => {
    const line = latest(test)
    return line?.kind === 'observation' ? line.outcome : undefined
  }
  const read = (test: string) => {
    const line = latest(test)
    return line?.kind === 'reading' ? line.value : undefined
  }
  const stands = (...faults: string[]) =>
    suspects.reduce((sum, s) => sum + (faults.includes(s.fault) ? s.chance : 0), 0) > STANDS
  const dead = Boolean(state.work['proven-dead'])
  const open = new Set<string>()
  if (dead || ['tripped', 'off'].includes(seen('breaker-seen') ?? '')) open.add('breaker').add('fuse')
  if (seen('switch-seen') === 'open' || stands('switch.stuck-open', 'switch.cut-off-tripped', 'switch.lever-off'))
    open.add('switch')
  if (dead || seen('coil-heard') === 'nothing') open.add('starter')
  if (stands('well-switch.stuck-up')) open.add('well-switch')
  const boxTouched = isWorkedOn('box', state.repaired)
  const gauge = read('gauge')
  return {
    open,
    startOpen: !boxTouched && (read('relay.ohms') === null || stands('box.relay-open')),
    overloadTripped: !boxTouched && seen('overload-seen') === 'lets-go',
    tankDull: seen('knock') === 'dull',
    ...(typeof gauge === 'number' ? { gauge } : {}),
  }
}
