/**
 * What a repair puts right: the faults that it is the repair for, and every fault of a component that it leaves new.
 * A reset breaker still has its bad pole; a new relay leaves the capacitor beside it as it was; a new switch does not
 * clear the port.
 */
import type { FaultMode, Repair } from './faultTypes'
import type { SystemKind } from './types'

/** @param repaired as the tab's fold gives it: the fault put right, or a component where the line names no fault */
export function isPutRight(kind: SystemKind, mode: FaultMode, repaired: readonly string[]): boolean {
  return repaired.some((id) => {
    if (id === mode.component || isSameJoint(id, mode.id)) return true
    const repair = repairsOf(kind).get(id)
    if (!repair) return false
    return (
      repair.id === mode.repair.id || (repair.renews?.includes(mode.component) === true && !mode.repair.outlives)
    )
  })
}

/** A joint that is remade, or a conductor that is renewed, is neither open any longer nor has it resistance. */
const isSameJoint = (one: string, other: string): boolean =>
  JOINT.test(one) && JOINT.test(other) && one.replace(JOINT, '') === other.replace(JOINT, '')
const JOINT = /\.(?:open|high-resistance)$/

const repairs = new WeakMap<SystemKind, ReadonlyMap<string, Repair>>()

/** The repair of each fault of a kind, looked up by the thousand. */
function repairsOf(kind: SystemKind): ReadonlyMap<string, Repair> {
  const known = repairs.get(kind) ?? new Map(kind.faults.map(f => [f.id, f.repair]))
  repairs.set(kind, known)
  return known
}

/** Whether anything on a component was put right. */
export const isWorkedOn = (component: string, repaired: readonly string[]): boolean =>
  repaired.some(id => id === component || id.startsWith(`${component}.`))
