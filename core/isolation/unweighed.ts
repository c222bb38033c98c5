/**
 * What was read and says nothing of what is wrong. That it works is said of what was put right: before anything was,
 * it is of another hour. Where a switch that was just renewed starts and stops is how it came out of its box, and is
 * set next (core/setup). A new one can be 5 to 10 psi out (handbook §12; common practice, no source).
 */
import type { SystemModel } from '#core/systems'
import type { Evidence } from '#core/tab'

const SET_BY_NUTS = new Set(['cut-in', 'cut-out'])

/** @param all that was read and seen, with it */
export const isUnweighed = (model: SystemModel, evidence: Evidence, all: readonly Evidence[]): boolean =>
  isOfNewSwitch(model, evidence) || isTooSoon(model, evidence) || isOfMotorAlone(evidence, all)

/** `belts off, motor winds right up, 7 amps`: of no load. */
const isOfMotorAlone = ({ line }: Evidence, all: readonly Evidence[]): boolean =>
  line.kind === 'reading' && line.typed !== undefined && line.test.endsWith('.run')
  && all.some(({ line: other }) => other.test === 'belt-off' && other.typed === line.typed)

const isTooSoon = ({ kind }: SystemModel, { line, repaired }: Evidence): boolean =>
  repaired.length === 0 && kind.tests.some(t => t.id === line.test && t.afterRepair === true)

function isOfNewSwitch(model: SystemModel, { line, repaired }: Evidence): boolean {
  if (!SET_BY_NUTS.has(line.test)) return false
  return repaired.some(id =>
    id === 'switch' || model.kind.faults.some(f => f.id === id && f.repair.renews?.includes('switch')))
}
