/**
 * Where a switch that was just renewed starts and stops is how it came out of its box, and is set next (core/setup): it
 * says nothing of what is wrong. A new one can be 5 to 10 psi out (handbook §12; common practice, no source).
 */
import type { SystemModel } from '#core/systems'
import type { Evidence } from '#core/tab'

const SET_BY_NUTS = new Set(['cut-in', 'cut-out'])

export function isOfNewSwitch(model: SystemModel, { line, repaired }: Evidence): boolean {
  if (!SET_BY_NUTS.has(line.test)) return false
  return repaired.some(id =>
    id === 'switch' || model.kind.faults.some(f => f.id === id && f.repair.renews?.includes('switch')))
}
