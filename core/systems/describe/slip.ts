/** Slip at rated load from the rpm of the plate. */
import type { NameplateKey } from '../ids'
import type { Plate } from './plate'

/** Nothing where the plate gives none; where it gives a speed that is none, that is said. */
export function slipOf(plate: Plate, field: NameplateKey, hertz: number): number | undefined {
  const rpm = plate.value(field)
  if (rpm === undefined) return undefined
  // poles come in pairs: the synchronous speed is the next one above
  const synchronous = [3600, 1800, 1200, 900].map(n => (n * hertz) / 60).findLast(n => n > rpm)
  const slip = synchronous === undefined ? 0 : 1 - rpm / synchronous
  if (synchronous !== undefined && slip > 0.004 && slip < 0.12) return slip
  plate.assume(
    field,
    `${Math.round(rpm)} rpm is no loaded speed at ${hertz} Hz: the usual slip of its size is used instead`,
    0.1,
  )
  return undefined
}
