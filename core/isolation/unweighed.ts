/**
 * What was read and says nothing of what is wrong. That it works is said of what was put right: before anything was,
 * it is of another hour. Where a switch that was just renewed starts and stops is how it came out of its box, and is
 * set next (core/setup). A new one can be 5 to 10 psi out (handbook §12; common practice, no source).
 */
import type { SystemModel } from '#core/systems'
import type { Evidence } from '#core/tab'

const SET_BY_NUTS = new Set(['cut-in', 'cut-out'])

export const isUnweighed = (model: SystemModel, evidence: Evidence): boolean =>
  isOfNewSwitch(model, evidence) || isTooSoon(model, evidence)

const isTooSoon = ({ kind }: SystemModel, { line, repaired }: Evidence): boolean =>
  repaired.length === 0 && kind.tests.some(t => t.id === line.test && t.afterRepair === true)

function isOfNewSwitch(model: SystemModel, { line, repaired }: Evidence): boolean {
  if (!SET_BY_NUTS.has(line.test)) return false
  return repaired.some(id =>
    id === 'switch' || model.kind.faults.some(f => f.id === id && f.repair.renews?.includes('switch')))
}
